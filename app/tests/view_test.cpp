// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a view gets from the window by being added to it: driven with a view that only tests know.
#include <QComboBox>
#include <QPrintDialog>
#include <QPrinter>
#include <QVBoxLayout>

#include "views/view.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

/// Counts what it is told.
class TallyView : public View {
public:
    explicit TallyView(Desk& desk) : View(desk, QStringLiteral("tally"), static_cast<Stop>(8)) {
        auto* column = new QVBoxLayout(this);
        label_ = new QLabel(QStringLiteral("nothing yet"));
        label_->setObjectName(QStringLiteral("tally"));
        column->addWidget(label_);
        addCommand(QStringLiteral("Count &one"), Qt::Key_M, [this] { ++count_; });
        addCommand(
            QStringLiteral("Count one from anywhere"), QKeySequence(Qt::CTRL | Qt::Key_J),
            [this] { ++count_; }, Reach::Anywhere);
    }
    QString name() const override { return QStringLiteral("Tally"); }
    QString asText() const override { return QStringLiteral("%1 counted").arg(count_); }
    QVariantMap state() const override { return {{QStringLiteral("count"), count_}}; }
    void restore(const QVariantMap& state) override {
        count_ = state.value(QStringLiteral("count")).toInt();
    }

protected:
    void refresh(Desk::Parts parts) override {
        ++refreshed_;
        label_->setText(
            QStringLiteral("refreshed %1 times, last for %2").arg(refreshed_).arg(parts.toInt()));
    }

private:
    QLabel* label_;
    int count_ = 0, refreshed_ = 0;
};

class ViewTest : public WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        begin();
    }

    void begin() {
        window_.reset();
        window_ = std::make_unique<Program>(logbookPath(),
                                            [](Desk& desk) { return new TallyView(desk); });
        window_->resize(1280, 800);
        window_->show();
        window_->activateWindow();
        ASSERT_TRUE(QTest::qWaitForWindowActive(window_.get()));
        settle();
        // The swings of the start are played in a thread: after them nothing changes by itself.
        ASSERT_TRUE(QTest::qWaitFor(
            [this] { return window_->desk.bench().simulation().has_value(); }, patience(10000)));
    }

    QString copied() {
        action(QStringLiteral("Copy"))->trigger();
        return QApplication::clipboard()->text();
    }
    bool isShown() { return !said("tally").isEmpty(); }

    /// Prints to \p path by the dialog.
    void print(const QString& path) {
        QTimer poll;
        bool done = false, asked = false;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            if (auto* preview = qobject_cast<SaveViewDialog*>(QApplication::activeModalWidget());
                preview && !asked) {
                asked = true;
                // Queued: it opens a dialog of its own, and this timer has to see it.
                QTimer::singleShot(0, preview, [preview] {
                    preview->findChild<QPushButton*>(QStringLiteral("saveNow"))->click();
                });
                return;
            }
            auto* dialog = qobject_cast<QPrintDialog*>(QApplication::activeModalWidget());
            if (!dialog || done) return;
            done = true;
            dialog->printer()->setOutputFormat(QPrinter::PdfFormat);
            for (auto* edit : dialog->findChildren<QLineEdit*>()) {
                if (edit->objectName() == QStringLiteral("filename")) edit->setText(path);
            }
            dialog->accept();
        });
        poll.start(20);
        action(QStringLiteral("Print this view"))->trigger();
        EXPECT_TRUE(done);
    }
};

TEST_F(ViewTest, IsReachedByMenuKeyAndLessonLine) {
    EXPECT_FALSE(isShown());
    QTest::keyClick(window_.get(), Qt::Key_8, Qt::AltModifier);
    EXPECT_TRUE(isShown());
    QTest::keyClick(window_.get(), Qt::Key_3, Qt::AltModifier);
    EXPECT_FALSE(isShown());
    action(QStringLiteral("Tally"))->trigger();
    EXPECT_TRUE(isShown());
    QTest::keyClick(window_.get(), Qt::Key_4, Qt::AltModifier);
    EXPECT_FALSE(isShown());
    QTest::mouseClick(byName<QAbstractButton>(QStringLiteral("Tally")), Qt::LeftButton, {},
                      QPoint(22, 24));
    EXPECT_TRUE(isShown());
    QTest::keyClick(window_.get(), Qt::Key_9, Qt::AltModifier);
    EXPECT_TRUE(isShown()) << "nothing is at that place yet";
}

TEST_F(ViewTest, ItsCommandsWorkWhileItIsShown) {
    QTest::keyClick(window_.get(), Qt::Key_M);
    QTest::keyClick(window_.get(), Qt::Key_8, Qt::AltModifier);
    EXPECT_EQ(copied(), QStringLiteral("0 counted")) << "it was not shown";
    QTest::keyClick(window_.get(), Qt::Key_M);
    EXPECT_EQ(copied(), QStringLiteral("1 counted"));
    QTest::keyClick(window_.get(), Qt::Key_3, Qt::AltModifier);
    EXPECT_FALSE(action(QStringLiteral("Count one"))->isEnabled());
    QTest::keyClick(window_.get(), Qt::Key_J, Qt::ControlModifier);
    EXPECT_TRUE(isShown());
    EXPECT_EQ(copied(), QStringLiteral("2 counted"));
}

TEST_F(ViewTest, CommandsOfOthersWaitWhileItIsShown) {
    openShots(write(QStringLiteral("two.csv"), "carry [m]\n40\n41\n"));
    QAction* aside = action(QStringLiteral("Set the shot aside"));
    EXPECT_TRUE(aside->isEnabled());
    QTest::keyClick(window_.get(), Qt::Key_8, Qt::AltModifier);
    EXPECT_FALSE(aside->isEnabled());
    QTest::keyClick(window_.get(), Qt::Key_Delete);
    settle();
    for (const auto& shot :
         store::Logbook(logbookPath().toStdString(), store::Logbook::Access::ReadOnly).shots())
        EXPECT_TRUE(shot.setAside.empty());
}

TEST_F(ViewTest, HiddenItGoesStaleAndIsRefreshedOnce) {
    QTest::keyClick(window_.get(), Qt::Key_8, Qt::AltModifier);
    EXPECT_TRUE(said("tally").startsWith(QStringLiteral("refreshed 1 times")))
        << said("tally").toStdString();
    QTest::keyClick(window_.get(), Qt::Key_3, Qt::AltModifier);
    for (int i = 0; i < 3; ++i)
        action(QStringLiteral("Change between"))->trigger();
    QTest::keyClick(window_.get(), Qt::Key_8, Qt::AltModifier);
    EXPECT_EQ(said("tally"),
              QStringLiteral("refreshed 2 times, last for %1").arg(Desk::UnitsShown));
    action(QStringLiteral("Change between"))->trigger();
    EXPECT_TRUE(said("tally").startsWith(QStringLiteral("refreshed 3 times"))) << "at once";
}

TEST_F(ViewTest, IsPrintedWithItsText) {
    QTest::keyClick(window_.get(), Qt::Key_8, Qt::AltModifier);
    const QString path = folder_.filePath(QStringLiteral("tally.pdf"));
    print(path);
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly)) << notice().toStdString();
    const QByteArray pdf = file.readAll();
    EXPECT_TRUE(pdf.startsWith("%PDF"));
    EXPECT_GT(pdf.size(), 4000);
    EXPECT_EQ(notice(), QStringLiteral("One page was printed."));
}

TEST_F(ViewTest, EveryViewIsPrintedAlsoFromTheDark) {
    openShots(write(QStringLiteral("one.csv"), "carry [m]\n40\n41\n"));
    action(QStringLiteral("Dark"))->trigger();
    for (const char* key : {"shape", "watch", "explain", "tune"}) {
        window_->showView(QString::fromLatin1(key));
        const QString path = folder_.filePath(QString::fromLatin1(key) + QStringLiteral(".pdf"));
        print(path);
        EXPECT_GT(QFile(path).size(), 8000) << key;
        EXPECT_TRUE(notice().contains(QStringLiteral("printed"))) << notice().toStdString();
        // Drawings are lines and letters on paper, not pictures of the screen (400 kB each).
        if (QByteArray(key) == "shape" || QByteArray(key) == "tune") {
            EXPECT_LT(QFile(path).size(), 120'000) << key;
        }
    }
    EXPECT_LT(window_->grab().toImage().pixelColor(400, 90).lightness(), 80) << "dark again";
    action(QStringLiteral("Dark"))->trigger();
}

TEST_F(ViewTest, ComesBackAsItWasLeft) {
    QTest::keyClick(window_.get(), Qt::Key_J, Qt::ControlModifier);
    QTest::keyClick(window_.get(), Qt::Key_M);
    window_->close();
    begin();
    EXPECT_TRUE(isShown());
    EXPECT_EQ(copied(), QStringLiteral("2 counted"));
}

TEST_F(ViewTest, EveryViewComesBackAsItWasLeft) {
    for (const char* key : {"shape", "watch", "explain", "tune"}) {
        window_->showView(QString::fromLatin1(key));
        window_->close();
        begin();
        EXPECT_EQ(window_->shownView()->key(), QString::fromLatin1(key));
    }
    // The drawer of Shape, the chart of Watch, by their keys.
    action(QStringLiteral("Compare"))->trigger();
    openShots(write(QStringLiteral("two.csv"), "carry [m]\n40\n41\n"));
    action(QStringLiteral("Shots as chart"))->trigger();
    auto* up = byName<QComboBox>(QStringLiteral("Up"));
    up->setCurrentIndex(up->findText(QStringLiteral("Apex")));
    window_->close();
    const QVariantMap watch = QSettings().value(QStringLiteral("views/watch")).toMap();
    EXPECT_EQ(watch[QStringLiteral("up")].toString(), QStringLiteral("apex"));
    begin();
    EXPECT_EQ(byName<QComboBox>(QStringLiteral("Up"))->currentText(), QStringLiteral("Apex"));
    window_->showView(QStringLiteral("shape"));
    EXPECT_TRUE(byName<QAbstractButton>(QStringLiteral("Open Compare"))->isChecked());
}

TEST_F(ViewTest, AWindowMayGoBeforeTheDeskHasAnswered) {
    const std::vector<NamedRecipe> recipes{{"low one", "", {}}};
    const QString path = folder_.filePath(QStringLiteral("mine.json"));
    store::writeRecipes(path.toStdString(), recipes);
    auto second = std::make_unique<MainWindow>(window_->desk);
    addAllViews(*second, window_->desk);
    second->restore();
    second->show();
    QAction* open = nullptr;
    for (QAction* menu : second->menuBar()->actions()) {
        for (QAction* a : menu->menu()->actions()) {
            if (a->text().startsWith(QStringLiteral("&Open recipes"))) open = a;
        }
    }
    ASSERT_TRUE(open);
    inFileDialog(path, [&] {
        open->trigger();
        second.reset();
    });
    settle();
    EXPECT_EQ(window_->desk.recipes().recipes().size(), 1u);
    QTest::qWait(50);
}

TEST_F(ViewTest, StatesOfAnotherHandAreLeftAlone) {
    QSettings settings;
    settings.setValue(QStringLiteral("view"), 17);
    settings.setValue(QStringLiteral("views/shape"), QStringLiteral("what?"));
    settings.setValue(QStringLiteral("views/watch"),
                      QVariantMap{{QStringLiteral("up"), -1}, {QStringLiteral("groups"), 3.5}});
    settings.setValue(QStringLiteral("views/tune"),
                      QVariantMap{{QStringLiteral("page"), QStringLiteral("no such")}});
    begin();
    EXPECT_EQ(window_->shownView()->key(), QStringLiteral("shape"));
}

/// Nobody was here before.
class FirstStartTest : public WindowTest {
protected:
    void begin() {
        window_.reset();
        window_ = std::make_unique<Program>(logbookPath());
        window_->show();
        settle();
    }
    QString strip(const QString& cell) {
        for (auto* b : window_->findChildren<QAbstractButton*>()) {
            if (b->accessibleName().startsWith(cell + QStringLiteral(": "))) return b->text();
        }
        return {};
    }
};

TEST_F(FirstStartTest, KnowsNoPlayerAndRemembersTheNext) {
    window_.reset();
    QSettings().clear();
    begin();
    EXPECT_EQ(strip(QStringLiteral("Player")), QStringLiteral("you, right"));
    window_->showView(QStringLiteral("shape"));  // past the first questions
    EXPECT_FALSE(said("shapeSentence").isEmpty());
    BenchState next = window_->desk.bench().state();
    next.player = {"Ilse Tarn", Hand::Left, nullptr};
    next.conditions.wedge.loft_rad = 1.0;
    next.conditions.air.windAhead_mps = -3;
    next.recipe().clubSpeed_mps = 17.5;
    next.recipes.push_back({"low one", "", next.recipe()});
    next.chosen = 1;
    window_->desk.bench().edit(next, QStringLiteral("try"));
    window_->close();
    begin();
    EXPECT_EQ(strip(QStringLiteral("Player")), QStringLiteral("Ilse Tarn, left"));
    const BenchState& back = window_->desk.bench().state();
    EXPECT_DOUBLE_EQ(back.conditions.wedge.loft_rad, 1.0);
    EXPECT_EQ(back.conditions.air, next.conditions.air);
    EXPECT_EQ(back.recipes.size(), 2u);
    EXPECT_EQ(back.chosen, 1u);
    EXPECT_EQ(back.recipe().clubSpeed_mps, 17.5);
    EXPECT_FALSE(window_->desk.bench().undoStack().canUndo()) << "that is how it starts";
}

TEST_F(FirstStartTest, WhatAnotherHandWroteThereIsNotTaken) {
    window_.reset();
    QSettings settings;
    settings.setValue(QStringLiteral("bench/conditions"), QStringLiteral("{\"loft_deg\": \"x\"}"));
    settings.setValue(QStringLiteral("bench/recipes"), QByteArray(1000, '['));
    settings.setValue(QStringLiteral("bench/chosen"), -7);
    begin();
    EXPECT_EQ(strip(QStringLiteral("Wedge")), QStringLiteral("54° bounce 10"));
    EXPECT_FALSE(said("shapeSentence").isEmpty());
}

}  // namespace
}  // namespace wedgeon::test
