// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A player's weeks and notes in the real window.
#include <QComboBox>
#include <QDate>
#include <QListWidget>
#include <QPlainTextEdit>
#include <random>

#include "train_fixture.h"
#include "wedgeon/units.h"

namespace wedgeon::test {
namespace {

class TrainWeeksTest : public TrainTest {
protected:
    /// Ten days over nine weeks: the attack steepens by half a degree a day, nothing else moves;
    /// the hip-high shot is not hit any more, a high one is learnt; another ball from 1 October.
    std::vector<store::ShotRecord> weeks() const {
        std::vector<store::ShotRecord> out;
        std::mt19937_64 chance(3);
        std::normal_distribution<double> normal;
        QDate day(2026, 8, 31);
        for (int d = 0; d < 10; ++d, day = day.addDays(7)) {
            const double device = 0.2 * normal(chance);
            for (int i = 0; i < 14; ++i) {
                store::ShotRecord r;
                const bool lately = d >= 6;
                const bool other = i % 3 == 0;
                r[store::Label::Time] = QStringLiteral("%1 10:%2:00")
                                            .arg(day.toString(Qt::ISODate))
                                            .arg(i, 2, 10, QLatin1Char('0'))
                                            .toStdString();
                r[store::Label::Player] = "Runa Vale";
                r[store::Label::Wedge] = "54 mid";
                r[store::Label::Swing] = !other   ? "rib-high"
                                         : lately ? "shoulder-high"
                                                  : "hip-high";
                r[store::Label::Ball] = day < QDate(2026, 10, 1) ? "soft" : "range";
                r[store::Label::Strike] = i % 5 == 0 ? "thin" : "clean";
                r[store::Quantity::AttackAngle] =
                    radFromDeg(-3.0 - 0.5 * d + device + 0.8 * normal(chance));
                r[store::Quantity::ClubSpeed] = (other ? 16.0 : 19.0) + 0.3 * normal(chance);
                r[store::Quantity::Carry] = (other ? 26.0 : 38.0) + device + 1.2 * normal(chance);
                out.push_back(r);
            }
        }
        return out;
    }
    QString drawn() {
        for (auto* d : window_->findChildren<Drawing*>()) {
            if (d->isVisible() && d->accessibleName() == QStringLiteral("Measures over the weeks"))
                return d->accessibleDescription();
        }
        return {};
    }
    bool waitFor(const std::function<bool()>& what) {
        return QTest::qWaitFor(what, patience(5000));
    }
};

TEST_F(TrainWeeksTest, WithoutThreeDaysItSaysWhatIsMissing) {
    showTab(QStringLiteral("Over the weeks"));
    ASSERT_TRUE(waitFor([this] {
        return said("historySentence").startsWith(QStringLiteral("Nothing to tell yet"));
    })) << said("historySentence").toStdString();
    EXPECT_EQ(drawn(), QStringLiteral("No measure on three days yet"));
}

TEST_F(TrainWeeksTest, TheHabitThatDriftsAndTheShotThatGetsLostAreSaid) {
    openRecords(weeks());
    window_->showView(QStringLiteral("train"));
    showTab(QStringLiteral("Over the weeks"));
    ASSERT_TRUE(waitFor([this] {
        return said("historySentence").contains(QStringLiteral("drifts"));
    })) << said("historySentence").toStdString();
    const QString sentence = said("historySentence");
    EXPECT_TRUE(sentence.startsWith(QStringLiteral("Attack angle drifts: ")))
        << sentence.toStdString();
    EXPECT_NEAR(numberAfter(sentence, QStringLiteral("drifts:")), -4.5, 0.6);
    EXPECT_TRUE(
        sentence.contains(QStringLiteral("hip-high is getting lost: not hit since 5 Oct, "
                                         "while 54 mid shoulder-high is learnt")))
        << sentence.toStdString();
    EXPECT_EQ(sentence.count(QStringLiteral("drifts")), 1) << sentence.toStdString();
    EXPECT_TRUE(said("historyWhy").startsWith(QStringLiteral("140 shots on 10 days.")));
    EXPECT_TRUE(said("historyMarks").contains(QStringLiteral("range ball from here")))
        << said("historyMarks").toStdString();
    // One wedge with one swing.
    auto* group = byName<QComboBox>(QStringLiteral("Wedge and swing"));
    ASSERT_EQ(group->count(), 4);
    EXPECT_TRUE(group->itemText(1).startsWith(QStringLiteral("54 mid rib-high (")));
    group->setCurrentIndex(1);
    EXPECT_TRUE(drawn().contains(QStringLiteral("Carry"))) << drawn().toStdString();
    // Held against the new ball: as many before as since, about.
    auto* change = byName<QComboBox>(QStringLiteral("Change that they are held against"));
    ASSERT_EQ(change->count(), 2);
    change->setCurrentIndex(1);
    const double step = numberAfter(drawn(), QStringLiteral("Attack angle [°]:"));
    EXPECT_NEAR(step, -2.5, 0.7) << drawn().toStdString();
    EXPECT_TRUE(drawn().contains(QStringLiteral("since then")));
    // In yards; copied as text.
    action(QStringLiteral("Change between metres and yards"))->trigger();
    settle();
    EXPECT_TRUE(drawn().contains(QStringLiteral("Carry [yd]"))) << drawn().toStdString();
    action(QStringLiteral("Copy the result"))->trigger();
    EXPECT_TRUE(QApplication::clipboard()->text().contains(QStringLiteral("Attack angle drifts")));
    // Another player has none of it.
    BenchState next = window_->desk.bench().state();
    next.player = {};
    next.player.name = "Odo Fenn";
    window_->desk.bench().edit(next, QStringLiteral("player"));
    ASSERT_TRUE(waitFor([this] {
        return said("historySentence").startsWith(QStringLiteral("Nothing to tell yet"));
    })) << said("historySentence").toStdString();
}

TEST_F(TrainWeeksTest, NotesAreKeptAndToldWhenThePlayerComesBack) {
    showTab(QStringLiteral("Notes and course"));
    EXPECT_EQ(said("notesSentence"), QStringLiteral("No lesson noted yet."));
    auto* text = byName<QPlainTextEdit>(QStringLiteral("Note of the lesson"));
    text->setPlainText(QStringLiteral("Less lean; <b>ball</b> a touch back."));
    press(QStringLiteral("Keep the note"));
    settle();
    EXPECT_TRUE(
        said("notesSentence").endsWith(QStringLiteral("Less lean; <b>ball</b> a touch back.")))
        << said("notesSentence").toStdString();
    EXPECT_TRUE(text->toPlainText().isEmpty());
    auto* list = byName<QListWidget>(QStringLiteral("Notes of the player"));
    const int before = list->count();
    auto& undo = window_->desk.bench().undoStack();
    undo.undo();
    settle();
    EXPECT_EQ(said("notesSentence"), QStringLiteral("No lesson noted yet."));
    undo.redo();
    settle();
    EXPECT_EQ(list->count(), before);
    // Counted on the course.
    const auto count = [&](const QString& shot, const QString& result) {
        byName<QComboBox>(QStringLiteral("Shot that was needed"))->setCurrentText(shot);
        byName<QComboBox>(QStringLiteral("How it came out"))->setCurrentText(result);
        press(QStringLiteral("Count it"));
        settle();
    };
    for (int i = 0; i < 3; ++i)
        count(QStringLiteral("high shot"), QStringLiteral("short-sided"));
    count(QStringLiteral("high shot"), QStringLiteral("on the green"));
    count(QStringLiteral("low shot"), QStringLiteral("inside two metres"));
    EXPECT_EQ(said("notesWhy"),
              QStringLiteral("High shot needed four times: 1 of them on the green, 3 of them "
                             "short-sided. Low shot needed once: inside two metres."));
    // Back a week later: the clock is the machine's, so the note is dated back.
    window_->desk.log().change([](store::Logbook& book) {
        store::Notes notes(book);
        for (store::Note n : notes.all()) {
            if (n.kind != store::NoteKind::Lesson) continue;
            notes.remove(n.id);
            n.at = "2026-01-19T10:00:00";
            notes.add(n);
        }
    });
    settle();
    window_.reset();
    window_ = std::make_unique<Program>(logbookPath());
    window_->show();
    settle();
    EXPECT_TRUE(
        notice().startsWith(QStringLiteral("Last lesson with Runa Vale, 19 Jan: Less lean")))
        << notice().toStdString();
    EXPECT_TRUE(notice().contains(QStringLiteral("<b>ball</b>")));
}

}  // namespace
}  // namespace wedgeon::test
