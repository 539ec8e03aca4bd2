// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Another language reaches every text that a person sees or hears: a made-up one is shown and every
// view, drawer, dialog, menu and tooltip walked.
#include <QComboBox>
#include <QMenu>
#include <QPlainTextEdit>
#include <QProcess>
#include <QScrollArea>
#include <QSet>
#include <QTabBar>
#include <QTableWidget>
#include <QToolButton>

#include "academy.h"
#include "painted_text.h"
#include "pseudo_language.h"
#include "text/language.h"
#include "text/units.h"
#include "wedgeon/store/sightings.h"
#include "widgets/givens_strip.h"
#include "widgets/trouble_note_dialog.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

/// Runs of letters of the alphabet: a translated text has none.
QStringList plainWords(const QString& text) {
    static const QRegularExpression word(QStringLiteral("[A-Za-z]{2,}"));
    QStringList out;
    for (auto all = word.globalMatch(text); all.hasNext();)
        out << all.next().captured();
    return out;
}

class PseudoTest : public WindowTest {
protected:
    void SetUp() override {
        QApplication::installTranslator(&pseudo_);
        // Files and players have the names that they have, and so has the program.
        for (const char* word :
             {"Wedgeon", "larches", "csv", "json", "wedgeon", "png", "svg", "pdf", "test", "Oct",
              "Nov", "GNU", "GPL", "Fusion", "English", "Deutsch", "new"})
            known_ << QString::fromLatin1(word);
        for (const store::ShotRecord& shot : demo::makeAcademy().shots) {
            for (const auto& word : shot.labels)
                know(text::fromUtf8(word.str()));
        }
        WindowTest::SetUp();
    }
    void TearDown() override {
        window_.reset();
        QApplication::removeTranslator(&pseudo_);
        for (const QString& one : std::as_const(said_))
            ADD_FAILURE() << one.toStdString();
    }

    void know(const QString& text) {
        for (const QString& word : plainWords(text))
            known_ << word;
    }

    void check(const QString& text, const QString& where) {
        for (const QString& word : plainWords(text)) {
            if (!known_.contains(word))
                said_ << where + QStringLiteral(": \"") + word + QStringLiteral("\" in \"") + text +
                             QLatin1Char('"');
        }
    }

    /// What is painted, and what would be said or shown of everything in it.
    void look(QWidget& root, const QString& where) {
        // Before anything is painted for a person, it is laid out.
        QCoreApplication::sendPostedEvents(nullptr, QEvent::LayoutRequest);
        QList<QRectF> scrolled;
        for (auto* area : root.findChildren<QScrollArea*>()) {
            // But for the whole, which scrolls on screens that are too small for it.
            if (!area->isVisible() || !area->widget() || area == window_->centralWidget()) continue;
            scrolled << QRectF(area->viewport()->rect())
                            .translated(area->viewport()->mapTo(&root, QPoint()));
            lookForCuts(*area->widget(), {}, where);
        }
        for (const PaintedText& t : lookForCuts(root, scrolled, where))
            check(t.text, where);
        for (QWidget* w : root.findChildren<QWidget*>() + QList<QWidget*>{&root})
            lookAt(*w, where);
    }

    /// But for what is scrolled, which is looked at by itself.
    QList<PaintedText> lookForCuts(QWidget& w, const QList<QRectF>& scrolled,
                                   const QString& where) {
        const QList<PaintedText> texts = paintedTexts(w);
        for (const PaintedText& t : texts) {
            const bool elsewhere = std::any_of(
                scrolled.begin(), scrolled.end(),
                [&](const QRectF& area) { return area.adjusted(-2, -2, 2, 2).contains(t.room); });
            if (!elsewhere &&
                (t.at.left() < t.room.left() - 1.5 || t.at.right() > t.room.right() + 1.5))
                said_ << QStringLiteral("%1: cut: \"%2\", %3 to %4 in a room of %5 to %6")
                             .arg(where, PseudoLanguage::english(t.text))
                             .arg(t.at.left())
                             .arg(t.at.right())
                             .arg(t.room.left())
                             .arg(t.room.right());
        }
        return texts;
    }

    void lookAt(QWidget& w, const QString& where) {
        const QString what =
            where + QStringLiteral(", ") + QString::fromLatin1(w.metaObject()->className());
        for (const QString& text : {w.toolTip(), w.accessibleName(), w.accessibleDescription(),
                                    w.statusTip(), w.whatsThis()})
            check(text, what);
        if (w.isWindow()) check(w.windowTitle(), what);
        for (const QAction* a : w.actions()) {
            check(a->text(), what);
            check(a->toolTip(), what);
        }
        if (auto* edit = qobject_cast<QLineEdit*>(&w)) check(edit->placeholderText(), what);
        if (auto* box = qobject_cast<QComboBox*>(&w)) {
            for (int i = 0; i < box->count(); ++i)
                check(box->itemText(i), what);
        }
        auto* label = qobject_cast<QLabel*>(&w);
        if (label && label->isVisible() && label->wordWrap() &&
            label->height() + 1 < label->heightForWidth(label->width()))
            said_ << what + QStringLiteral(": cut below: \"") +
                         PseudoLanguage::english(label->text()) + QLatin1Char('"');
        auto* button = qobject_cast<QAbstractButton*>(&w);
        if (button && button->isVisible() && !button->text().isEmpty() &&
            (qobject_cast<QPushButton*>(button) || qobject_cast<QToolButton*>(button)) &&
            button->width() <
                button->fontMetrics().size(Qt::TextShowMnemonic, button->text()).width())
            said_ << what + QStringLiteral(": cut button: \"") +
                         PseudoLanguage::english(button->text()) + QLatin1Char('"');
    }

    QAction* actionOf(const char* english) {
        for (QAction* menu : window_->menuBar()->actions()) {
            for (QAction* a : menu->menu()->actions()) {
                if (PseudoLanguage::english(a->text())
                        .remove(QLatin1Char('&'))
                        .startsWith(QString::fromLatin1(english)))
                    return a;
            }
        }
        ADD_FAILURE() << "no menu entry starts with " << english;
        return nullptr;
    }
    template <class T>
    T* called(const char* english) {
        for (T* w : window_->findChildren<T*>()) {
            if (w->isVisible() &&
                (PseudoLanguage::english(w->accessibleName()) == QString::fromLatin1(english)))
                return w;
        }
        ADD_FAILURE() << "nothing visible is called " << english;
        return nullptr;
    }

    /// Looks at the dialog that \p opening shows, and closes it.
    void lookAtDialog(const QString& where, const std::function<void()>& opening) {
        bool seen = false;
        QTimer poll;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            if (!dialog || seen) return;
            seen = true;
            if (auto* files = qobject_cast<QFileDialog*>(dialog)) {
                // The toolkit's, with the names of files in it.
                check(files->windowTitle(), where);
                check(files->nameFilters().join(QLatin1Char(' ')), where);
            } else {
                look(*dialog, where);
            }
            dialog->reject();
        });
        poll.start(30);
        opening();
        EXPECT_TRUE(seen) << where.toStdString();
    }

    QAbstractItemView* shotList() {
        for (auto* list : window_->findChildren<QAbstractItemView*>()) {
            if (PseudoLanguage::english(list->accessibleName()) == QStringLiteral("Shots"))
                return list;
        }
        throw std::logic_error("there is no list of shots");
    }

    void openDemo() {
        std::ostringstream text;
        store::writeShotsCsv(text, demo::makeAcademy().shots);
        window_->openFile(
            write(QStringLiteral("larches.csv"), QByteArray::fromStdString(text.str())));
        ASSERT_TRUE(QTest::qWaitFor(
            [this] { return shotList()->model()->rowCount() > 0 && window_->isSettled(); },
            patience(20000)));
        QTest::qWait(200);
    }

    PseudoLanguage pseudo_;
    QSet<QString> known_;
    QStringList said_;
};

TEST_F(PseudoTest, MenusAndTheWindowWithoutShots) {
    for (QAction* top : window_->menuBar()->actions()) {
        check(top->text(), QStringLiteral("menu"));
        for (const QAction* a : top->menu()->actions()) {
            check(a->text(), QStringLiteral("menu"));
            check(a->toolTip(), QStringLiteral("menu"));
        }
    }
    for (const char* view : {"shape", "watch", "explain", "tune"}) {
        window_->showView(QString::fromLatin1(view));
        QTest::qWait(100);
        look(*window_, QString::fromLatin1(view) + QStringLiteral(", empty"));
    }
}

TEST_F(PseudoTest, EveryDrawerOfShape) {
    window_->showView(QStringLiteral("shape"));
    for (const char* page : {"Recipes and schools", "Compare", "Ask for a result",
                             "Why this result", "Beside a mid-iron"}) {
        if (QAction* a = actionOf(page)) a->trigger();
        QTest::qWait(300);
        look(*window_, QString::fromLatin1(page));
    }
    auto* start = window_->findChild<QComboBox*>(QStringLiteral("startFrom"));
    if (QAction* a = actionOf("Recipes and schools")) a->trigger();
    for (int i = 0; start && i < start->count(); ++i) {
        start->setCurrentIndex(i);
        look(*window_, QStringLiteral("school %1").arg(i));
    }
}

TEST_F(PseudoTest, EveryPopUpOfTheStrip) {
    for (auto* cell : window_->findChildren<GivenCell*>()) {
        cell->click();
        auto* popup = window_->findChild<QWidget*>(QStringLiteral("givensEditor"));
        ASSERT_TRUE(popup);
        QTest::qWait(50);
        look(*popup, PseudoLanguage::english(cell->accessibleName()));
        delete popup;
    }
}

TEST_F(PseudoTest, EveryViewWithShots) {
    openDemo();
    for (const char* view : {"watch", "explain", "tune", "shape", "ladder"}) {
        window_->showView(QString::fromLatin1(view));
        QTest::qWait(200);
        ASSERT_TRUE(QTest::qWaitFor([this] { return window_->isSettled(); }, patience(20000)));
        look(*window_, QString::fromLatin1(view));
    }
}

TEST_F(PseudoTest, ShotByShotAndCharts) {
    openDemo();
    window_->showView(QStringLiteral("watch"));
    auto* list = shotList();
    for (int row = 0; row < list->model()->rowCount(); row += 7) {
        list->setCurrentIndex(list->model()->index(row, 0));
        QTest::qWait(5);
        look(*window_, QStringLiteral("shot %1").arg(row));
        check(list->model()->index(row, 0).data(Qt::AccessibleTextRole).toString(),
              QStringLiteral("list"));
    }
    if (QAction* a = actionOf("Take the shot as A")) a->trigger();
    list->setCurrentIndex(list->model()->index(8, 0));
    if (QAction* a = actionOf("Take the shot as B")) a->trigger();
    window_->showView(QStringLiteral("explain"));
    QTest::qWait(300);
    look(*window_, QStringLiteral("explain, two shots"));
    window_->showView(QStringLiteral("watch"));
    if (QAction* a = actionOf("Shots as chart")) a->trigger();
    auto* across = called<QComboBox>("Across");
    for (int i = 0; across && i < across->count(); i += 3) {
        across->setCurrentIndex(i);
        QTest::qWait(20);
        look(*window_, QStringLiteral("chart %1").arg(i));
    }
}

TEST_F(PseudoTest, EveryPageOfATuning) {
    openDemo();
    window_->showView(QStringLiteral("tune"));
    auto* sentence = window_->findChild<QLabel*>(QStringLiteral("tuneSentence"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return sentence->text().startsWith(QStringLiteral("Runa")); },
                                patience(60000)));
    for (const char* page : {"parameters", "fit", "swings"}) {
        for (auto* view : window_->findChildren<View*>()) {
            if (view->key() == QStringLiteral("tune"))
                view->restore({{QStringLiteral("page"), QString::fromLatin1(page)}});
        }
        QTest::qWait(50);
        look(*window_, QString::fromLatin1(page));
    }
}

TEST_F(PseudoTest, EveryPageOfTrain) {
    openDemo();
    window_->showView(QStringLiteral("train"));
    auto* drills = called<QComboBox>("Drill");
    ASSERT_TRUE(drills);
    for (int i = 0; i < drills->count(); ++i) {
        drills->setCurrentIndex(i);
        look(*window_, QStringLiteral("drill %1").arg(i));
    }
    // The last one is declared before it is hit.
    for (const char* entry : {"Begin the drill", "End the drill", "Begin the drill"}) {
        actionOf(entry)->trigger();
        settle();
    }
    store::ShotRecord shot;
    shot[store::Label::Seen] = "{\"landed_m\": 30, \"rest_m\": 33}";
    window_->desk.addSeen(*store::findSighting(shot), {}, QStringLiteral("rib-high"));
    settle();
    QTest::qWait(100);
    look(*window_, QStringLiteral("drill under way"));
    auto* tabs = called<QTabBar>("What Train shows");
    for (int i = 1; tabs && i < tabs->count(); ++i) {
        tabs->setCurrentIndex(i);
        QTest::qWait(500);
        settle();
        look(*window_, QStringLiteral("tab %1").arg(i));
    }
    auto* change = [&]() -> QComboBox* {
        tabs->setCurrentIndex(1);
        QTest::qWait(200);
        return called<QComboBox>("Change that they are held against");
    }();
    ASSERT_TRUE(change);
    change->setCurrentIndex(change->count() - 1);
    look(*window_, QStringLiteral("before and since"));
    for (const char* entry : {"Edit the drill", "Try two ways", "It hurts"})
        lookAtDialog(QString::fromLatin1(entry), [&] { actionOf(entry)->trigger(); });
}

TEST_F(PseudoTest, TheFirstRun) {
    window_.reset();
    QSettings().clear();
    window_ = std::make_unique<Program>(folder_.filePath(QStringLiteral("new.wedgeon")));
    window_->resize(1280, 800);
    window_->show();
    settle();
    auto* wedges = called<QLineEdit>("Lofts of the wedges");
    ASSERT_TRUE(wedges);
    look(*window_, QStringLiteral("first run"));
    wedges->setText(QStringLiteral("99"));
    look(*window_, QStringLiteral("first run, no loft"));
}

TEST_F(PseudoTest, EveryDialog) {
    openDemo();
    for (const char* entry :
         {"Keys and marks", "About Wedgeon", "Listen to a launch monitor", "Restore a backup",
          "Save this view", "Print this view", "Open shots"})
        lookAtDialog(QString::fromLatin1(entry), [&] { actionOf(entry)->trigger(); });
    actionOf("Report a trouble")->trigger();
    auto* trouble = window_->findChild<TroubleNoteDialog*>();
    ASSERT_TRUE(trouble);
    trouble->findChild<QPlainTextEdit*>()->clear();  // in the helper's language
    look(*trouble, QStringLiteral("trouble"));
    trouble->reject();
    window_->openFile(write(QStringLiteral("larches.csv"),
                            "Who,Swing speed,Elevation,carry [m]\nRuna,48,31,44\nOdo,50,32,x\n"));
    know(QStringLiteral("Who Swing speed Elevation carry"));
    know(QStringLiteral("km mph yd ft in"));  // units as files spell them
    ColumnsDialog* columns = nullptr;
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return (columns = window_->findChild<ColumnsDialog*>()) != nullptr; },
                        patience(10000)));
    QTest::qWait(50);
    look(*columns, QStringLiteral("columns"));
    columns->accept();
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return !window_->desk.import().isRunning(); }, patience(20000)));
    settle();
    QTest::qWait(100);
    look(*window_, QStringLiteral("after an import"));
    QPushButton* which = nullptr;
    for (auto* b : window_->findChild<NoticeBar*>()->findChildren<QPushButton*>()) {
        if (b->isVisible()) which = b;
    }
    ASSERT_TRUE(which);
    lookAtDialog(QStringLiteral("refused cells"), [&] { which->click(); });
}

TEST_F(PseudoTest, ThePreferences) {
    window_->showPreferences({});
    auto* dialog = window_->findChild<PreferencesDialog*>();
    ASSERT_TRUE(dialog);
    know(QStringLiteral("mph xyzzy"));
    look(*dialog, QStringLiteral("preferences"));
    dialog->search(QStringLiteral("xyzzy"));
    look(*dialog, QStringLiteral("preferences, nothing found"));
}

TEST(Language, EveryTextIsFoundByTheExtractorAndTheKeptFilesAreUpToDate) {
    QTemporaryDir folder;
    QProcess update;
    update.setProcessChannelMode(QProcess::MergedChannels);
    update.start(QStringLiteral(WEDGEON_SOURCES "/scripts/update-translations"), {folder.path()});
    ASSERT_TRUE(update.waitForFinished(120'000));
    EXPECT_EQ(update.exitCode(), 0);
    EXPECT_EQ(update.readAll().toStdString(), "") << "a warning is a text that is lost";
    const QDir kept(QStringLiteral(WEDGEON_SOURCES "/app/translations"));
    const auto files = kept.entryList({QStringLiteral("*.ts")});
    EXPECT_FALSE(files.isEmpty());
    for (const QString& name : files) {
        QFile was(kept.filePath(name)), is(folder.filePath(name));
        ASSERT_TRUE(was.open(QIODevice::ReadOnly) && is.open(QIODevice::ReadOnly));
        const QByteArray now = is.readAll();
        EXPECT_EQ(was.readAll(), now) << "run scripts/update-translations";
        EXPECT_FALSE(now.contains("unfinished")) << name.toStdString();
    }
}

TEST(Language, PluralsAreEnglish) {
    EXPECT_EQ(text::shots(1), QStringLiteral("1 shot"));
    EXPECT_EQ(text::shots(180), QStringLiteral("180 shots"));
}

}  // namespace
}  // namespace wedgeon::test
