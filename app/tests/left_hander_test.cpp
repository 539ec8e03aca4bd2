// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A left-hander through every view: the mirror of a right-hander's shots is told in the same words,
// with left and right changed.
#include "academy.h"
#include "wedgeon/store/kit.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

QString swapped(QString text, const QString& a, const QString& b) {
    const QString between(QChar(0x1));
    return text.replace(a, between).replace(b, a).replace(between, b);
}

/// The same with left and right changed, and the clock that the toe points to.
QString mirrored(const QString& text) {
    const QString leftOut = QStringLiteral("left out"), leftBehind(QChar(0x2));
    QString out = text;
    out.replace(leftOut, leftBehind);
    out = swapped(out, QStringLiteral("left"), QStringLiteral("right"));
    out = swapped(out, QStringLiteral("12:10"), QStringLiteral("11:50"));
    return out.replace(leftBehind, leftOut);
}

class LeftHanderTest : public WindowTest {
protected:
    void SetUp() override {}

    /// All that each view writes and says of the same lesson, by a player of this hand.
    QStringList toldTo(Hand hand) {
        const bool left = hand == Hand::Left;
        const QTemporaryDir own;
        const QString path = own.filePath(QStringLiteral("hand.wedgeon"));
        {
            store::Logbook book(path.toStdString());
            store::Kit(book).keepPlayer({0, "Runa Vale", hand, ""});
            std::vector<store::ShotRecord> shots;
            for (store::ShotRecord shot : demo::makeAcademy().shots) {
                if (shot[store::Label::Player] != "Runa Vale") continue;
                for (std::size_t q = 0; q < store::quantityCount; ++q) {
                    const auto quantity = static_cast<store::Quantity>(q);
                    if (left && store::info(quantity).sided) shot[quantity] = -shot[quantity];
                }
                shots.push_back(shot);
            }
            book.addShots({"hand.csv", "hand.csv", "2026-11-27T10:00:00"}, shots);
        }
        QSettings().clear();
        QSettings().setValue(QStringLiteral("bench/player"), QStringLiteral("Runa Vale"));
        window_ = std::make_unique<Program>(path);
        window_->resize(1280, 800);
        window_->show();
        EXPECT_TRUE(QTest::qWaitForWindowExposed(window_.get()));
        settle();
        BenchState set = window_->desk.bench().state();
        EXPECT_EQ(set.player.hand, hand);
        set.recipe().open_rad = 0.1;
        set.recipe().bodyLine_rad = -0.05;
        for (Zone& z : set.read.line.zones)
            z.slopeAcross = left ? -0.02 : 0.02;
        window_->desk.bench().edit(set, QStringLiteral("open it"));
        QStringList told;
        for (const char* view : {"watch", "tune", "shape", "explain", "read"}) {
            const QString key = QString::fromLatin1(view);
            window_->showView(key);
            settle();
            if (key == QStringLiteral("watch")) chooseShots();
            waitFor(key);
            tell(told, key);
        }
        window_.reset();
        return told;
    }

    /// Two as the sides of Explain, a third to be looked at.
    void chooseShots() {
        auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
        const auto choose = [&](int row) { list->setCurrentIndex(list->model()->index(row, 0)); };
        choose(3);
        action(QStringLiteral("Take the shot as A"))->trigger();
        choose(11);
        action(QStringLiteral("Take the shot as B"))->trigger();
        choose(7);
        QTest::qWait(50);
    }

    void waitFor(const QString& view) {
        if (view == QStringLiteral("tune")) {
            EXPECT_TRUE(QTest::qWaitFor(
                [this] { return said("tuneSentence").startsWith(QStringLiteral("Runa Vale")); },
                patience(60000)));
        }
        if (view == QStringLiteral("read")) {
            EXPECT_TRUE(QTest::qWaitFor(
                [this] {
                    const auto& answer = window_->desk.planner().answer();
                    return answer && answer->changes;
                },
                patience(20000)));
        }
        if (view == QStringLiteral("shape")) {
            EXPECT_TRUE(QTest::qWaitFor(
                [this] {
                    return byName<Drawing>(QStringLiteral("Flight and run"))
                        ->accessibleDescription()
                        .contains(QStringLiteral("80 rest"));
                },
                patience(10000)));
        }
        QTest::qWait(50);
    }

    void tell(QStringList& told, const QString& view) {
        for (auto* label : window_->findChildren<QLabel*>()) {
            if (label->isVisible() && !label->text().isEmpty())
                told << view + QLatin1Char(' ') + label->text();
        }
        for (auto* drawing : window_->findChildren<Drawing*>()) {
            if (drawing->isVisible())
                told << view + QLatin1Char(' ') + drawing->accessibleDescription();
        }
        if (view == QStringLiteral("read")) {
            auto* table = byName<QAbstractItemView>(QStringLiteral("Shots to choose from"));
            for (int row = 0; row < table->model()->rowCount(); ++row)
                told << table->model()->index(row, 0).data(Qt::AccessibleTextRole).toString();
        }
        if (view != QStringLiteral("watch")) return;
        auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
        for (int row = 0; row < list->model()->rowCount(); row += 5)
            told << list->model()->index(row, 0).data(Qt::AccessibleTextRole).toString();
    }
};

TEST_F(LeftHanderTest, EveryViewTellsTheMirrorInTheSameWords) {
    const QStringList right = toldTo(Hand::Right);
    const QStringList left = toldTo(Hand::Left);
    ASSERT_EQ(right.size(), left.size());
    EXPECT_GT(right.size(), 60);
    int sided = 0;
    for (qsizetype i = 0; i < right.size(); ++i) {
        EXPECT_EQ(right[i].toStdString(), mirrored(left[i]).toStdString());
        sided += right[i] != left[i] ? 1 : 0;
    }
    EXPECT_GE(sided, 3) << "something must have a side at all";
}

}  // namespace
}  // namespace wedgeon::test
