// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The log is bounded and names nobody; a crash leaves a note that the next start offers; a helper
// is told what he needs and nothing of players.
#include "trouble/crash_note.h"

#include <QDir>
#include <QProcess>
#include <QStandardPaths>
#include <csignal>

#include "trouble/diagnosis.h"
#include "trouble/program_log.h"
#include "widgets/trouble_note_dialog.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class TroubleTest : public WindowTest {
protected:
    void SetUp() override {
        QDir(trouble::folder()).removeRecursively();
        QDir().mkpath(trouble::folder());
        WindowTest::SetUp();
    }
    static qint64 sizeOf(const QString& path) { return QFileInfo(path).size(); }
};

TEST_F(TroubleTest, TheLogIsBoundedAndKeepsTheNewest) {
    const QString filling(250, QLatin1Char('x'));
    for (int i = 0; i < 4000; ++i)
        trouble::note(QStringLiteral("event %1 ").arg(i) + filling);
    EXPECT_LE(sizeOf(trouble::logPath()), trouble::mostLogBytes + 400);
    EXPECT_LE(sizeOf(trouble::logPath() + QStringLiteral(".1")), trouble::mostLogBytes + 400);
    const QStringList last = trouble::lastLines(5);
    ASSERT_EQ(last.size(), 5);
    EXPECT_TRUE(last.back().contains(QStringLiteral("event 3999"))) << last.back().toStdString();
    EXPECT_FALSE(last.back().contains(QLatin1Char('\n')));
}

TEST_F(TroubleTest, TwoProgramsWriteWholeLines) {
    // Another writes into the same file while this one turns it over.
    trouble::note(QStringLiteral("first"));
    std::vector<std::thread> writers;
    for (int w = 0; w < 4; ++w)
        writers.emplace_back([w] {
            for (int i = 0; i < 500; ++i)
                trouble::note(QStringLiteral("writer %1 says %2 end").arg(w).arg(i));
        });
    for (auto& t : writers)
        t.join();
    for (const QString& line : trouble::lastLines(100000))
        EXPECT_TRUE(line.endsWith(QStringLiteral(" end")) || line.endsWith(QStringLiteral("first")))
            << line.toStdString();
}

TEST_F(TroubleTest, NamesAndFilesStayOut) {
    for (const char* message :
         {"cannot open \"/home/runa/Runa Vale.csv\": gone", "file:///home/runa/x.csv is no picture",
          "the player 'Runa Vale' is not there", "at ~/lessons/runa.csv, line 4",
          "\"Runa\" and \"Vale", "\u201cRuna\u201d said so"}) {
        const QString kept = trouble::withoutNames(QString::fromUtf8(message));
        EXPECT_FALSE(kept.contains(QStringLiteral("runa"), Qt::CaseInsensitive))
            << kept.toStdString();
        EXPECT_FALSE(kept.contains(QStringLiteral("Vale"))) << kept.toStdString();
    }
    EXPECT_EQ(trouble::withoutNames(QStringLiteral("QFont: no\n  size")),
              QStringLiteral("QFont: no size"));
}

TEST_F(TroubleTest, AHelperIsToldWhatHeNeedsAndNobodysName) {
    store::ShotRecord shot;
    shot[store::Label::Player] = "Runa Vale";
    shot[store::Label::Wedge] = "the old 54";
    shot[store::Quantity::Carry] = 40.0;
    openRecords({shot, shot});
    const QString said = trouble::diagnosis(window_->desk.log().path());
    EXPECT_TRUE(said.contains(QStringLiteral("Wedgeon " WEDGEON_VERSION)));
    EXPECT_TRUE(said.contains(QStringLiteral("holds: ")));
    EXPECT_TRUE(said.contains(QStringLiteral("shots, 1 sessions")));
    EXPECT_TRUE(said.contains(QStringLiteral("font: Hanken Grotesk")));
    for (const char* secret : {"Runa", "Vale", "old 54", "shots.csv", "test.wedgeon"})
        EXPECT_FALSE(said.contains(QLatin1String(secret))) << secret;
    // The same in the window, without a word sent.
    action(QStringLiteral("Report a trouble"))->trigger();
    auto* dialog = window_->findChild<TroubleNoteDialog*>();
    ASSERT_TRUE(dialog);
    for (auto* b : dialog->findChildren<QPushButton*>()) {
        if (b->text() == QStringLiteral("Copy")) b->click();
    }
    EXPECT_TRUE(QApplication::clipboard()->text().startsWith(QStringLiteral("Wedgeon ")));
    dialog->reject();
}

TEST_F(TroubleTest, AHelperIsToldOfTheBackupsInTheFolderOfTheCoachsChoice) {
    store::ShotRecord shot;
    shot[store::Quantity::Carry] = 40.0;
    openRecords({shot});
    QTemporaryDir stick;
    prefer([&](PreferenceValues& v) { v.backupFolder = stick.path(); });
    const QString path = window_->desk.log().path();
    const auto said = [&] { return trouble::diagnosis(path); };
    const QString newest = QStringLiteral("the newest of 2031-05-06");
    EXPECT_FALSE(said().contains(newest));
    store::Logbook(path.toStdString())
        .backUpOnce("2031-05-06", window_->desk.preferences().values().backupPlan());
    EXPECT_TRUE(said().contains(newest)) << said().toStdString();
}

TEST_F(TroubleTest, ACrashLeavesANoteThatTheNextStartOffers) {
    QTemporaryDir home;
    QProcess program;
    auto environment = QProcessEnvironment::systemEnvironment();
    for (const char* name : {"XDG_CACHE_HOME", "XDG_CONFIG_HOME", "XDG_DATA_HOME"})
        environment.insert(QLatin1String(name), home.path());
    program.setProcessEnvironment(environment);
    program.start(QStringLiteral(WEDGEON_APP),
                  {QStringLiteral("--logbook"), home.filePath(QStringLiteral("one.wedgeon"))});
    ASSERT_TRUE(program.waitForStarted());
    const QString log = home.filePath(QStringLiteral("wedgeon/wedgeon/wedgeon.log"));
    ASSERT_TRUE(QTest::qWaitFor([&] { return QFileInfo::exists(log); }, patience(20000)));
    QTest::qWait(500);
    ::kill(static_cast<pid_t>(program.processId()), SIGSEGV);
    ASSERT_TRUE(program.waitForFinished(patience(20000)));
    EXPECT_EQ(program.exitStatus(), QProcess::CrashExit) << "it ends as it would have";
    const QFileInfoList notes = QDir(home.filePath(QStringLiteral("wedgeon/wedgeon")))
                                    .entryInfoList({QStringLiteral("crash-*.txt")});
    ASSERT_EQ(notes.size(), 1);
    QFile note(notes.front().filePath());
    ASSERT_TRUE(note.open(QIODevice::ReadOnly));
    const QByteArray text = note.readAll();
    EXPECT_TRUE(text.contains("SIGSEGV")) << text.constData();
    EXPECT_TRUE(text.contains("libc")) << "the calls that were under way";
    EXPECT_FALSE(text.contains("one.wedgeon"));
    // The next start finds it where it is kept, and a coach may throw it away.
    ASSERT_TRUE(QFile::copy(notes.front().filePath(),
                            trouble::folder() + QStringLiteral("/crash-1-1.txt")));
    window_->tellOfCrash();
    ASSERT_TRUE(notice().contains(QStringLiteral("ended unexpectedly"))) << notice().toStdString();
    for (auto* b : window_->findChild<NoticeBar*>()->findChildren<QPushButton*>()) {
        if (b->text() == QStringLiteral("Look at the note…")) b->click();
    }
    auto* dialog = window_->findChild<TroubleNoteDialog*>();
    ASSERT_TRUE(dialog);
    for (auto* b : dialog->findChildren<QPushButton*>()) {
        if (b->text().startsWith(QStringLiteral("Throw"))) b->click();
    }
    EXPECT_TRUE(trouble::crashNotes().isEmpty());
    dialog->reject();
}

TEST_F(TroubleTest, WithoutACrashNothingIsSaid) {
    window_->tellOfCrash();
    EXPECT_FALSE(notice().contains(QStringLiteral("unexpectedly")));
}

}  // namespace
}  // namespace wedgeon::test
