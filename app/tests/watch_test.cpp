// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Watch in the real window: import by the menu, selection, sentence, filter, and bad files.
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QDropEvent>
#include <QMimeData>
#include <QTableWidget>
#include <fstream>

#include "academy.h"
#include "views/watch/refusals_dialog.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/shot_file.h"
#include "widgets/restore_dialog.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class WatchTest : public WindowTest {
protected:
    QString academyFile() {
        const QString path = folder_.filePath(QStringLiteral("academy.csv"));
        std::ofstream out(path.toStdString(), std::ios::binary);
        store::writeShotsCsv(out, demo::makeAcademy().shots);
        return path;
    }

    store::Logbook logged() {
        settle();
        return store::Logbook(logbookPath().toStdString(), store::Logbook::Access::ReadOnly);
    }
    void newWindow() {
        window_.reset();
        window_ = std::make_unique<Program>(logbookPath());
        window_->resize(1280, 800);
        window_->show();
        window_->activateWindow();
        ASSERT_TRUE(QTest::qWaitForWindowActive(window_.get()));
        settle();
    }
    /// Rows of the stream, also while the empty page is still shown.
    bool shows(int rows) {
        return QTest::qWaitFor(
            [&] {
                for (auto* l : window_->findChildren<QAbstractItemView*>()) {
                    if (l->accessibleName() == QStringLiteral("Shots") && l->isVisible())
                        return l->model()->rowCount() == rows;
                }
                return false;
            },
            3000);
    }
    /// What a screen reader says of a row.
    QString spoken(int row) {
        return list()->model()->index(row, 0).data(Qt::AccessibleTextRole).toString();
    }

    bool fileIs(const QByteArray& bytes) {
        QFile file(logbookPath());
        return file.open(QIODevice::ReadOnly) && file.readAll() == bytes;
    }
    static void press(const char* text, QWidget& in) {
        for (auto* b : in.findChildren<QPushButton*>()) {
            if (b->text() == QLatin1String(text)) {
                EXPECT_TRUE(b->isEnabled()) << text;
                return b->click();
            }
        }
        ADD_FAILURE() << "no button says " << text;
    }
    /// Opens the dialog as a person does it and lets \p act once its preview is there.
    void inRestoreDialog(const std::function<void(RestoreDialog&)>& act) {
        QTimer poll;
        bool done = false;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* dialog = qobject_cast<RestoreDialog*>(QApplication::activeModalWidget());
            if (!dialog || done) return;
            const auto* words = dialog->findChild<QLabel*>(QStringLiteral("backupWords"));
            if (words->text().isEmpty() || words->text() == QStringLiteral("Reading…")) return;
            done = true;
            previewed_ = words->text();
            act(*dialog);
        });
        poll.start(20);
        action(QStringLiteral("Restore a backup"))->trigger();
        EXPECT_TRUE(done);
    }
    QString previewed_;

    QAbstractItemView* list() { return byName<QAbstractItemView>(QStringLiteral("Shots")); }
    QString drawn() {
        return byName<Drawing>(QStringLiteral("Flight of the chosen shot"))
            ->accessibleDescription();
    }
};

TEST_F(WatchTest, AnEmptyWatchSaysWhatToDoNext) {
    window_->showView(QStringLiteral("watch"));
    bool found = false;
    for (auto* b : window_->findChildren<QPushButton*>()) {
        found = found || (b->isVisible() && b->text().startsWith(QStringLiteral("Open shots")));
    }
    EXPECT_TRUE(found);
}

TEST_F(WatchTest, ImportsByTheMenuSelectsAShotAndReadsItsSentence) {
    openShots(academyFile());
    EXPECT_TRUE(notice().startsWith(QStringLiteral("180 shots from academy.csv.")))
        << notice().toStdString();
    ASSERT_EQ(list()->model()->rowCount(), 180);

    // Row 179 is shot 1: the first in the file. What it says must be what the file says.
    const auto first = demo::makeAcademy().shots.front();
    list()->scrollToBottom();
    const QModelIndex last = list()->model()->index(179, 0);
    QTest::mouseClick(list()->viewport(), Qt::LeftButton, {}, list()->visualRect(last).center());
    const QString sentence = said("shotSentence");
    const double release = first[store::Quantity::Release];
    EXPECT_NEAR(numberAfter(sentence, QStringLiteral("released")), release, 0.051)
        << sentence.toStdString();
    const double landing = first[store::Quantity::LandingAngle] * 180 / 3.14159265358979;
    EXPECT_NEAR(numberAfter(sentence, QStringLiteral("Landed at")), landing, 0.5);
    EXPECT_NEAR(numberAfter(drawn(), QStringLiteral("Measured carry")),
                first[store::Quantity::Carry], 0.051);

    QTest::keyClick(list(), Qt::Key_Up);
    EXPECT_NE(said("shotSentence") + drawn(), sentence + QString())
        << "the keys move on to another shot";
}

TEST_F(WatchTest, FilterShowsOnlyWhatHasTheWords) {
    openShots(academyFile());
    auto* filter = byName<QLineEdit>(QStringLiteral("Show only shots with these words"));
    QTest::keyClicks(filter, QStringLiteral("runa lob"));
    int expected = 0;
    for (const auto& s : demo::makeAcademy().shots) {
        expected +=
            s[store::Label::Player] == "Runa Vale" && s[store::Label::Wedge] == "58 lob" ? 1 : 0;
    }
    ASSERT_GT(expected, 0);
    EXPECT_EQ(list()->model()->rowCount(), expected);
    QTest::keyClicks(filter, QStringLiteral(" nobody"));
    EXPECT_EQ(list()->model()->rowCount(), 0);
    filter->clear();
    EXPECT_EQ(list()->model()->rowCount(), 180);
}

TEST_F(WatchTest, ChangingTheGroundChangesThePredictionNotTheMeasurement) {
    openShots(academyFile());
    const QString sentence = said("shotSentence");
    const QString before = drawn();
    QAbstractButton* ground = nullptr;
    for (auto* b : window_->findChildren<QAbstractButton*>()) {
        if (b->accessibleName().startsWith(QStringLiteral("Ground:"))) ground = b;
    }
    QTest::mouseClick(ground, Qt::LeftButton);
    auto* editor = window_->findChild<QWidget*>(QStringLiteral("givensEditor"));
    showNumbers(editor);
    byName<QDoubleSpinBox>(QStringLiteral("Firmness"), editor)->setValue(1.4);
    editor->close();
    EXPECT_EQ(said("shotSentence"), sentence);
    EXPECT_NE(drawn(), before);
    EXPECT_EQ(numberAfter(drawn(), QStringLiteral("Measured carry")),
              numberAfter(before, QStringLiteral("Measured carry")));
}

TEST_F(WatchTest, OpeningAnotherFileCanBeUndone) {
    openShots(academyFile());
    openShots(write(QStringLiteral("two.csv"), "carry [m],launch angle\n40,30\n41,31\n"));
    EXPECT_EQ(list()->model()->rowCount(), 2);
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_TRUE(shows(180));
    EXPECT_EQ(logged().shotCount(), 180u);
    action(QStringLiteral("Redo"))->trigger();
    EXPECT_TRUE(shows(2));
    EXPECT_EQ(logged().shotCount(), 182u);
}

TEST_F(WatchTest, TheShotsAreThereInTheNextWindowAndTheSameFileAddsNothing) {
    openShots(academyFile());
    newWindow();
    window_->showView(QStringLiteral("watch"));
    ASSERT_TRUE(shows(180));
    openShots(academyFile());
    EXPECT_TRUE(notice().contains(QStringLiteral("All were in the logbook already")))
        << notice().toStdString();
    EXPECT_EQ(logged().shotCount(), 180u);
}

TEST_F(WatchTest, AShotIsSetAsideByKeyNeverDeletedAndUndone) {
    openShots(academyFile());
    list()->setFocus();
    const QString before = spoken(0);
    action(QStringLiteral("Set the shot aside"))->trigger();
    EXPECT_TRUE(spoken(0).contains(QStringLiteral("Set aside: by the coach")))
        << spoken(0).toStdString();
    EXPECT_EQ(logged().shots().back().setAside, "coach");
    EXPECT_EQ(logged().shotCount(), 180u);
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(spoken(0), before);
    EXPECT_EQ(logged().shots().back().setAside, "");
}

TEST_F(WatchTest, TagsAreTypedAndKept) {
    openShots(academyFile());
    list()->setFocus();
    action(QStringLiteral("Tag the shot"))->trigger();
    auto* tags = byName<QLineEdit>(QStringLiteral("Tags of the chosen shot"));
    ASSERT_TRUE(tags->hasFocus());
    tags->clear();
    QTest::keyClicks(tags, QStringLiteral("held off"));
    QTest::keyClick(tags, Qt::Key_Return);
    EXPECT_TRUE(list()->hasFocus()) << "the player hits the next one meanwhile";
    EXPECT_EQ(logged().shots().back().record[store::Label::Tags], "held off");
    auto* filter = byName<QLineEdit>(QStringLiteral("Show only shots with these words"));
    QTest::keyClicks(filter, QStringLiteral("held off"));
    EXPECT_EQ(list()->model()->rowCount(), 1);
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_NE(logged().shots().back().record[store::Label::Tags], "held off");
}

TEST_F(WatchTest, ADoubtIsMarkedWithItsReasonAndTheCoachAgreesByKey) {
    auto shots = demo::makeAcademy().shots;
    shots.resize(60);
    // Faster than any strike, and by so much that its flight does not fit it either.
    shots.back()[store::Quantity::BallSpeed] *= 1.9;
    const QString path = folder_.filePath(QStringLiteral("doubtful.csv"));
    std::ofstream out(path.toStdString(), std::ios::binary);
    store::writeShotsCsv(out, shots);
    out.close();
    openShots(path);
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return spoken(0).contains(QStringLiteral("Doubtful")); }, 3000))
        << spoken(0).toStdString();
    EXPECT_TRUE(said("shotDoubt").contains(QStringLiteral("% off what the measured launch flies")))
        << said("shotDoubt").toStdString();
    EXPECT_TRUE(said("shotDoubt").contains(QStringLiteral("% sure")))
        << said("shotDoubt").toStdString();
    list()->setFocus();
    action(QStringLiteral("Set the shot aside"))->trigger();
    EXPECT_NE(logged().shots().back().setAside, "coach");
    EXPECT_NE(logged().shots().back().setAside, "");
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(logged().shots().back().setAside, "");
}

TEST_F(WatchTest, ManyMishitsOfTheDemoPlayersAreDoubtedAndFewOthers) {
    openShots(academyFile());
    const auto shots = demo::makeAcademy().shots;
    ASSERT_TRUE(QTest::qWaitFor(
        [&] {
            for (int r = 0; r < 180; ++r) {
                if (spoken(r).contains(QStringLiteral("Doubtful"))) return true;
            }
            return false;
        },
        3000));
    int mishits = 0;
    int found = 0;
    int others = 0;
    for (int row = 0; row < 180; ++row) {
        const auto& s = shots[static_cast<std::size_t>(179 - row)];
        const bool mishit = s[store::Label::Tags] == "fat" || s[store::Label::Tags] == "thin";
        const bool doubted = spoken(row).contains(QStringLiteral("Doubtful"));
        mishits += mishit ? 1 : 0;
        found += mishit && doubted ? 1 : 0;
        others += !mishit && doubted ? 1 : 0;
    }
    ASSERT_GT(mishits, 3);
    EXPECT_GE(5 * found, 2 * mishits) << found << " of " << mishits;
    EXPECT_LE(others, 12) << "of " << 180 - mishits;
}

TEST_F(WatchTest, SessionsAreChosenFromTheLogbook) {
    openShots(academyFile());
    openShots(write(QStringLiteral("two.csv"), "carry [m],launch angle\n40,30\n41,31\n"));
    auto* session = byName<QComboBox>(QStringLiteral("Session"));
    const auto choose = [&](const QString& name, int rows) {
        session->setCurrentIndex(session->findText(name));
        emit session->activated(session->currentIndex());
        EXPECT_TRUE(shows(rows)) << name.toStdString();
    };
    choose(QStringLiteral("academy.csv"), 180);
    choose(QStringLiteral("All sessions"), 182);
    choose(QStringLiteral("two.csv"), 2);
}

TEST_F(WatchTest, WhatAnotherWindowChangedIsNotOverwritten) {
    openShots(academyFile());
    {
        store::Logbook other(logbookPath().toStdString());
        other.setAside(other.shots().back().id, "thin", "");
    }
    list()->setFocus();
    action(QStringLiteral("Set the shot aside"))->trigger();
    settle();
    EXPECT_TRUE(notice().contains(QStringLiteral("was changed in another window")))
        << notice().toStdString();
    EXPECT_EQ(logged().shots().back().setAside, "thin");
}

TEST_F(WatchTest, ADamagedLogbookIsSaidLeftAloneAndItsBackupShown) {
    openShots(academyFile());
    newWindow();  // makes the day's backup
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return !store::Logbook::backups(logbookPath().toStdString()).empty(); }, 5000));
    window_.reset();
    const QByteArray broken = "SQLite format 3, or so it says";
    QFile file(logbookPath());
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write(broken);
    file.close();
    newWindow();
    EXPECT_TRUE(trouble().contains(QStringLiteral("test.wedgeon is not a logbook")))
        << trouble().toStdString();
    // Nothing is read in that would go nowhere.
    openByMenu(academyFile());
    EXPECT_TRUE(notice().contains(QStringLiteral("there is no logbook"))) << notice().toStdString();
    // First looked at, then restored; the damaged file stays under another name.
    inRestoreDialog([&](RestoreDialog& dialog) {
        press("Show its shots", dialog);
        EXPECT_TRUE(shows(180));
        EXPECT_TRUE(said("watchTitle").contains(QStringLiteral("the backup")));
        action(QStringLiteral("Set the shot aside"))->trigger();
        EXPECT_TRUE(notice().contains(QStringLiteral("to look at only"))) << notice().toStdString();
        ASSERT_TRUE(fileIs(broken));
        press("Restore", dialog);
    });
    settle();
    EXPECT_EQ(trouble(), QString());
    EXPECT_TRUE(shows(180));
    EXPECT_EQ(logged().shotCount(), 180u);
    QFile aside(logbookPath() + QStringLiteral(".damaged-1"));
    ASSERT_TRUE(aside.open(QIODevice::ReadOnly));
    EXPECT_EQ(aside.readAll(), broken);
}

TEST_F(WatchTest, RefusedCellsAreListedWithPlaceAndReason) {
    openShots(write(QStringLiteral("bad.csv"),
                    "club speed (mph),launch angle,spin\n60,30,6000\n2013,31,6100\n61,NaN,fast\n"));
    EXPECT_TRUE(notice().contains(QStringLiteral("3 cells or rows were not taken")))
        << notice().toStdString();
    QPushButton* why = nullptr;
    for (auto* b : window_->findChildren<QPushButton*>()) {
        if (b->isVisible() && b->text().startsWith(QStringLiteral("Which and why"))) why = b;
    }
    ASSERT_TRUE(why);
    QStringList cells;
    QTimer poll;
    QObject::connect(&poll, &QTimer::timeout, [&] {
        auto* dialog = qobject_cast<RefusalsDialog*>(QApplication::activeModalWidget());
        if (!dialog) return;
        auto* table = byName<QTableWidget>(QStringLiteral("Refused cells"), dialog);
        for (int r = 0; r < table->rowCount(); ++r) {
            for (int c = 0; c < table->columnCount(); ++c)
                cells << table->item(r, c)->text();
        }
        dialog->reject();
    });
    poll.start(20);
    QTest::mouseClick(why, Qt::LeftButton);
    ASSERT_EQ(cells.size(), 15);
    EXPECT_EQ(cells[0], QStringLiteral("3"));
    EXPECT_EQ(cells[3], QStringLiteral("2013"));
    EXPECT_TRUE(cells[4].startsWith(QStringLiteral("is outside what club speed can be")));
    EXPECT_EQ(cells[14], QStringLiteral("is not a number"));
}

struct BadFile {
    const char* name;
    QByteArray bytes;
    const char* message;
};

TEST_F(WatchTest, BadFilesGetAClearMessageAndTheShotsStay) {
    openShots(academyFile());
    const QByteArray png("\x89PNG\r\n\x1a\n\0\0\0\rIHDR", 16);
    for (const BadFile& bad :
         {BadFile{"empty.csv", {}, "empty.csv is empty"},
          BadFile{"picture.csv", png, "looks like a PNG picture"},
          BadFile{"words.csv", "one,two\n1,2\n", "no column is known here"},
          BadFile{"fast.csv", "club speed [m/s]\n900\n", "no row holds a shot"},
          BadFile{"text.csv", "carry [m]\nfar\n", "no row holds a shot"},
          BadFile{"nan.csv", "carry [m]\nNaN\n", "no row holds a shot"},
          BadFile{"quote.csv", "carry [m],note\n4,\"x\n", "line 2"}}) {
        openShots(write(QString::fromLatin1(bad.name), bad.bytes));
        EXPECT_TRUE(notice().contains(QString::fromLatin1(bad.message)))
            << bad.name << ": " << notice().toStdString();
        EXPECT_EQ(list()->model()->rowCount(), 180) << bad.name;
        EXPECT_TRUE(window_->isEnabled());
    }
    const QString large = write(QStringLiteral("large.csv"), "carry [m]\n");
    QFile(large).resize(700ll << 20);
    openShots(large);
    EXPECT_TRUE(notice().contains(QStringLiteral("700 MB"))) << notice().toStdString();
    EXPECT_EQ(list()->model()->rowCount(), 180);
}

TEST_F(WatchTest, TwoHeaderRowsLoseNoShot) {
    openShots(write(
        QStringLiteral("two-headers.csv"),
        "Club,Carry,Launch Angle\n,[yd],[deg]\n56,40,30\nClub,Carry,Launch Angle\n56,41,31\n"));
    EXPECT_EQ(list()->model()->rowCount(), 2);
    EXPECT_TRUE(notice().contains(QStringLiteral("One cell or row was not taken")))
        << notice().toStdString();
}

TEST_F(WatchTest, AFileCanBeDropped) {
    const QString path = write(QStringLiteral("drop.csv"), "carry [m]\n40\n");
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(path)});
    QDragEnterEvent enter(QPoint(300, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
    QApplication::sendEvent(window_.get(), &enter);
    EXPECT_TRUE(enter.isAccepted());
    QDropEvent drop(QPointF(300, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
    QApplication::sendEvent(window_.get(), &drop);
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return notice().startsWith(QStringLiteral("1 shot from drop.csv")); }, 5000));
}

TEST_F(WatchTest, TextFromAFileIsShownAsPlainText) {
    openShots(write(QStringLiteral("markup.csv"), "player,carry [m]\n<b>Bold</b><img src=x>,40\n"));
    bool seen = false;
    for (auto* label : window_->findChildren<QLabel*>()) {
        if (label->text().contains(QStringLiteral("<b>Bold"))) {
            seen = true;
            EXPECT_EQ(label->textFormat(), Qt::PlainText);
        }
    }
    EXPECT_TRUE(seen);
}

TEST_F(WatchTest, AnUnknownHeaderIsAskedAboutOnceAndRememberedByItsShape) {
    const QByteArray table = "Who,Swing speed,Elevation,Distance\nA,48,31,44\nB,50,32,47\n";
    const QString path = write(QStringLiteral("theirs.csv"), table);
    QString asked;
    openShots(path, [&](ColumnsDialog& dialog) {
        for (auto* l : dialog.findChildren<QLabel*>())
            asked += l->text() + QLatin1Char('|');
        for (auto* b : dialog.findChildren<QPushButton*>()) {
            if (b->text() == QStringLiteral("Read the shots")) {
                EXPECT_FALSE(b->isEnabled());
            }
        }
        const auto choose = [&](const char* name, const char* text) {
            auto* box = byName<QComboBox>(QString::fromLatin1(name), &dialog);
            box->setCurrentIndex(box->findText(QString::fromLatin1(text)));
            EXPECT_EQ(box->currentText(), QString::fromLatin1(text));
        };
        choose("Who is", "Player");
        choose("Swing speed is", "Club speed");
        choose("Swing speed is in", "mph");
        choose("Distance is", "Club speed");
        EXPECT_TRUE(dialog.findChild<QLabel*>(QStringLiteral("columnsTrouble"))
                        ->text()
                        .contains(QStringLiteral("Two columns are taken for: Club speed")));
        choose("Distance is", "Carry");
        choose("Distance is in", "yd");
        choose("Elevation is", "Launch angle");
    });
    EXPECT_TRUE(asked.contains(QStringLiteral("48,  50"))) << asked.toStdString();
    auto shots = logged().shots();
    ASSERT_EQ(shots.size(), 2u) << notice().toStdString();
    EXPECT_NEAR(shots[0].record[store::Quantity::ClubSpeed], 48 * 0.44704, 1e-9);
    EXPECT_NEAR(shots[1].record[store::Quantity::Carry], 47 * 0.9144, 1e-9);
    EXPECT_EQ(shots[1].record[store::Label::Player], "B");

    // The next file of this shape is read without a word, also in the next window.
    newWindow();
    bool askedAgain = false;
    openShots(write(QStringLiteral("next.csv"), table + "C,52,33,50\n"),
              [&](ColumnsDialog&) { askedAgain = true; });
    EXPECT_FALSE(askedAgain);
    shots = logged().shots();
    ASSERT_EQ(shots.size(), 3u);
    EXPECT_NEAR(shots[2].record[store::Quantity::Carry], 50 * 0.9144, 1e-9);
}

TEST_F(WatchTest, CancellingTheQuestionReadsNothing) {
    openByMenu(write(QStringLiteral("theirs.csv"), "a,b,c\n1,2,3\n"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return window_->findChild<ColumnsDialog*>() != nullptr; }));
    QTest::keyClick(window_->findChild<ColumnsDialog*>(), Qt::Key_Escape);
    EXPECT_EQ(notice(), QStringLiteral("theirs.csv was not read."));
    EXPECT_EQ(logged().shotCount(), 0u);
}

TEST_F(WatchTest, LeftHandersSidesAreTurnedRoundOnRequest) {
    {
        store::Logbook book(logbookPath().toStdString());
        store::Kit(book).keepPlayer({0, "Odo Fenn", Hand::Left, ""});
    }
    openShots(write(QStringLiteral("own-view.csv"),
                    "player,club path (deg),carry (m)\nOdo Fenn,3,40\nRuna Vale,3,41\n"),
              [](ColumnsDialog& dialog) { dialog.findChild<QCheckBox*>()->click(); });
    const auto shots = logged().shots();
    ASSERT_EQ(shots.size(), 2u);
    EXPECT_NEAR(shots[0].record[store::Quantity::ClubPath], -0.05236, 1e-4);
    EXPECT_NEAR(shots[1].record[store::Quantity::ClubPath], 0.05236, 1e-4);
}

}  // namespace
}  // namespace wedgeon::test
