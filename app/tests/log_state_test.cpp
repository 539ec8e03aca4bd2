// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What happens to the logbook under the window: replaced, unusable, restored, changed by another
// window, undone across arrivals; and what is thrown where nobody expects it.
#include <arpa/inet.h>
#include <netinet/in.h>
#include <sys/socket.h>
#include <sys/wait.h>
#include <unistd.h>

#include <QComboBox>
#include <QDir>
#include <QDoubleSpinBox>
#include <filesystem>

#include "hand_monitor.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/logbook.h"
#include "widgets/restore_dialog.h"
#include "window_fixture.h"
#include "work/latest_worker.h"

namespace wedgeon::test {
namespace {

namespace fs = std::filesystem;

class LogStateTest : public WindowTest {
protected:
    void listenTo(HandMonitor& monitor) {
        window_->listenTo(static_cast<quint16>(monitor.serverPort()));
        ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.heard("hello"); }, 5000));
    }
    void press(const QString& startsWith) {
        for (auto* b : window_->findChildren<QPushButton*>()) {
            if (b->isVisible() && b->text().startsWith(startsWith)) return b->click();
        }
        ADD_FAILURE() << "no button says " << startsWith.toStdString();
    }
    store::Logbook logged(const QString& path = {}) {
        settle();
        return store::Logbook((path.isEmpty() ? logbookPath() : path).toStdString(),
                              store::Logbook::Access::ReadOnly);
    }
    QAbstractItemView* list() { return byName<QAbstractItemView>(QStringLiteral("Shots")); }
    void openTwo() {
        openShots(write(QStringLiteral("two.csv"), "player,carry [m]\nA,40\nB,41\n"));
    }
};

TEST_F(LogStateTest, AReplacedLogbookHoldsLiveShotsBackUntilTheNewOneIsOpened) {
    openTwo();
    HandMonitor monitor;
    listenTo(monitor);
    monitor.hit("1", 30);
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged("1"); }, 5000));
    // Another program puts a backup in its place.
    const QString backup = folder_.filePath(QStringLiteral("backup.wedgeon"));
    { store::Logbook(backup.toStdString()).backUp((backup + QStringLiteral("2")).toStdString()); }
    fs::rename((backup + QStringLiteral("2")).toStdString(), logbookPath().toStdString());
    monitor.hit("2", 31);
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return trouble().contains(QStringLiteral("was replaced, renamed or removed")); },
        5000))
        << trouble().toStdString();
    EXPECT_FALSE(monitor.acknowledged("2"));
    EXPECT_TRUE(QTest::qWaitFor([&] { return monitor.heard("\"hold\""); }, 3000));
    EXPECT_TRUE(said("liveWords").startsWith(QStringLiteral("Not taken")))
        << said("liveWords").toStdString();
    // What the window had is kept.
    const auto rescued = QDir(folder_.filePath(QStringLiteral("backups")))
                             .entryList({QStringLiteral("test-rescued-*")}, QDir::Files);
    ASSERT_EQ(rescued.size(), 1);
    EXPECT_EQ(store::Logbook(
                  (folder_.path() + QStringLiteral("/backups/") + rescued.first()).toStdString(),
                  store::Logbook::Access::ReadOnly)
                  .shotCount(),
              3u);
    press(QStringLiteral("Open the one that is there now"));
    settle();
    EXPECT_EQ(trouble(), QString());
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.heard("\"resume\""); }, 5000));
    monitor.hit("2", 31);
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged("2"); }, 5000));
    EXPECT_EQ(logged().shotCount(), 1u);
}

TEST_F(LogStateTest, ARemovedLogbookIsSaidAndANewOneBegunOnRequest) {
    openTwo();
    fs::remove(logbookPath().toStdString());
    ASSERT_TRUE(QTest::qWaitFor([&] { return !trouble().isEmpty(); }, 5000));
    action(QStringLiteral("Set the shot aside"))->trigger();
    settle();
    EXPECT_TRUE(notice().contains(QStringLiteral("was replaced, renamed or removed")))
        << notice().toStdString();
    EXPECT_FALSE(QFile::exists(logbookPath()));
    press(QStringLiteral("Begin a new one there"));
    settle();
    EXPECT_EQ(logged().shotCount(), 0u);
}

TEST_F(LogStateTest, WithoutAFileNothingIsAcknowledged) {
    window_ = std::make_unique<Program>(QStringLiteral("/proc/nowhere/shots.wedgeon"));
    window_->resize(1280, 800);
    window_->show();
    settle();
    EXPECT_TRUE(trouble().contains(QStringLiteral("Nothing is kept"))) << trouble().toStdString();
    HandMonitor monitor;
    listenTo(monitor);
    monitor.hit("1", 30);
    QTest::qWait(300);
    EXPECT_FALSE(monitor.acknowledged("1"));
    EXPECT_TRUE(monitor.heard("\"hold\""));
    EXPECT_TRUE(trouble().contains(QStringLiteral("Nothing is kept"))) << "as long as it lasts";
    const QString elsewhere = folder_.filePath(QStringLiteral("elsewhere.wedgeon"));
    inFileDialog(elsewhere, [this] { press(QStringLiteral("Keep shots in another file")); });
    settle();
    EXPECT_EQ(trouble(), QString());
    monitor.hit("1", 30);
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged("1"); }, 5000));
    EXPECT_EQ(logged(elsewhere).shotCount(), 1u);
}

TEST_F(LogStateTest, AFailedBackupIsNoFailedLogbook) {
    openTwo();
    window_.reset();
    std::error_code error;
    fs::remove_all((folder_.path() + QStringLiteral("/backups")).toStdString(), error);
    write(QStringLiteral("backups"), "a file where the folder should be");
    window_ = std::make_unique<Program>(logbookPath());
    window_->show();
    window_->showView(QStringLiteral("watch"));
    settle();
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return notice().contains(QStringLiteral("Today's backup could not be made")); },
        5000))
        << notice().toStdString();
    EXPECT_EQ(trouble(), QString());
    EXPECT_EQ(list()->model()->rowCount(), 2);
}

TEST_F(LogStateTest, ABackupIsSeenBeforeItIsRestoredAndThePresentIsKept) {
    openTwo();
    { store::Logbook(logbookPath().toStdString()).backUpOnce("2026-11-01"); }
    openShots(write(QStringLiteral("three.csv"), "carry [m]\n50\n51\n52\n"));
    QString previewed;
    QTimer poll;
    QObject::connect(&poll, &QTimer::timeout, [&] {
        auto* dialog = qobject_cast<RestoreDialog*>(QApplication::activeModalWidget());
        if (!dialog || !previewed.isEmpty()) return;
        auto* words = dialog->findChild<QLabel*>(QStringLiteral("backupWords"));
        if (!words->text().contains(QStringLiteral("session"))) return;
        previewed = words->text();
        for (auto* b : dialog->findChildren<QPushButton*>()) {
            if (b->text() == QStringLiteral("Restore")) b->click();
        }
    });
    poll.start(20);
    action(QStringLiteral("Restore a backup"))->trigger();
    settle();
    EXPECT_TRUE(previewed.contains(QStringLiteral("2 shots"))) << previewed.toStdString();
    EXPECT_TRUE(previewed.contains(QStringLiteral("two.csv"))) << previewed.toStdString();
    EXPECT_TRUE(previewed.contains(QStringLiteral("3 shots more now"))) << previewed.toStdString();
    EXPECT_EQ(logged().shotCount(), 2u);
    EXPECT_EQ(list()->model()->rowCount(), 2);
    const auto kept = QDir(folder_.filePath(QStringLiteral("backups")))
                          .entryList({QStringLiteral("test-before-restoring-*")}, QDir::Files);
    ASSERT_EQ(kept.size(), 1);
    EXPECT_EQ(
        store::Logbook((folder_.path() + QStringLiteral("/backups/") + kept.first()).toStdString(),
                       store::Logbook::Access::ReadOnly)
            .shotCount(),
        5u);
    EXPECT_FALSE(action(QStringLiteral("Undo"))->isEnabled()) << "undo begins anew";
}

TEST_F(LogStateTest, UndoneAndDoneAgainAcrossArrivalsEachStepMeetsItsOwnShot) {
    openTwo();
    const auto id = logged().shots().back().id;
    list()->setCurrentIndex(list()->model()->index(0, 0));
    action(QStringLiteral("Set the shot aside"))->trigger();
    action(QStringLiteral("Undo"))->trigger();
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(logged().shotCount(), 0u);
    HandMonitor monitor;
    listenTo(monitor);
    monitor.hit("1", 30);
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged("1"); }, 5000));
    action(QStringLiteral("Redo"))->trigger();
    settle();
    action(QStringLiteral("Redo"))->trigger();
    const auto shots = logged().shots();
    ASSERT_EQ(shots.size(), 3u);
    for (const store::LoggedShot& s : shots)
        EXPECT_EQ(s.setAside, s.id == id ? "coach" : "") << s.id;
    EXPECT_GT(shots.back().id, id) << "the live shot has a number of its own";
}

TEST_F(LogStateTest, APacedRunIsNotDoubledByUndoAndRedoOfItsImport) {
    openTwo();
    auto* run = byName<QDoubleSpinBox>(QStringLiteral("Ran, paced"));
    run->setValue(3);
    settle();
    ASSERT_TRUE(logged().shots().back().paced_m);
    for (int i = 0; i < 3; ++i) {
        action(QStringLiteral("Undo"))->trigger();
        action(QStringLiteral("Undo"))->trigger();
        EXPECT_EQ(logged().shotCount(), 0u);
        action(QStringLiteral("Redo"))->trigger();
        settle();
        action(QStringLiteral("Redo"))->trigger();
        EXPECT_EQ(logged().shotCount(), 2u);
    }
    EXPECT_EQ(logged().shots().back().paced_m, 3.0);
}

TEST_F(LogStateTest, AnUndoThatWouldTakeAnotherWindowsWordsSaysSoAndUndoGoesOn) {
    openTwo();
    {
        settle();
        store::Logbook other(logbookPath().toStdString());
        other.setLabel(other.shots().front().id, store::Label::Tags, "theirs", "");
    }
    action(QStringLiteral("Undo"))->trigger();
    settle();
    EXPECT_TRUE(notice().contains(QStringLiteral("tagged, paced or set aside since")))
        << notice().toStdString();
    EXPECT_EQ(logged().shotCount(), 2u);
    EXPECT_EQ(logged().shots().front().record[store::Label::Tags], "theirs");
    // A step that failed is gone; the next ones work.
    EXPECT_FALSE(action(QStringLiteral("Undo"))->isEnabled());
    action(QStringLiteral("Set the shot aside"))->trigger();
    EXPECT_EQ(logged().shots().back().setAside, "coach");
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(logged().shots().back().setAside, "");
}

TEST_F(LogStateTest, WhatAnotherWindowKeepsOfPlayersShowsHere) {
    {
        store::Kit(*std::make_unique<store::Logbook>(logbookPath().toStdString()))
            .keepPlayer({0, "Odo Fenn", Hand::Left, ""});
    }
    const auto known = [&] {
        QAbstractButton* cell = nullptr;
        for (auto* b : window_->findChildren<QAbstractButton*>()) {
            if (b->accessibleName().startsWith(QStringLiteral("Player:"))) cell = b;
        }
        QTest::mouseClick(cell, Qt::LeftButton);
        auto* editor = window_->findChild<QWidget*>(QStringLiteral("givensEditor"));
        auto* box = byName<QComboBox>(QStringLiteral("Kept players"), editor);
        const bool there = box->findText(QStringLiteral("Odo Fenn")) >= 0;
        editor->close();
        QTest::qWait(20);
        return there;
    };
    EXPECT_TRUE(QTest::qWaitFor(known, 5000));
}

TEST_F(LogStateTest, ATagThatIsBeingTypedStaysWithItsShotWhenOneArrives) {
    HandMonitor monitor;
    listenTo(monitor);
    monitor.hit("1", 30);
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged("1"); }, 5000));
    settle();
    list()->setFocus();
    action(QStringLiteral("Tag the shot"))->trigger();
    auto* tags = byName<QLineEdit>(QStringLiteral("Tags of the chosen shot"));
    QTest::keyClicks(tags, QStringLiteral("held "));
    monitor.hit("2", 31);
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.acknowledged("2"); }, 5000));
    settle();
    QTest::keyClicks(tags, QStringLiteral("off"));
    QTest::keyClick(tags, Qt::Key_Return);
    const auto shots = logged().shots();
    ASSERT_EQ(shots.size(), 2u);
    EXPECT_EQ(shots[0].record[store::Label::Tags], "held off");
    EXPECT_EQ(shots[1].record[store::Label::Tags], "");
}

TEST_F(LogStateTest, APeerThatResetsAtOnceIsTriedOnceASecond) {
    QTcpServer server;
    ASSERT_TRUE(server.listen(QHostAddress::LocalHost));
    int connections = 0;
    QObject::connect(&server, &QTcpServer::newConnection, [&] {
        ++connections;
        QTcpSocket* peer = server.nextPendingConnection();
        const linger atOnce{1, 0};
        setsockopt(static_cast<int>(peer->socketDescriptor()), SOL_SOCKET, SO_LINGER, &atOnce,
                   sizeof atOnce);
        peer->abort();
        peer->deleteLater();
    });
    window_->listenTo(server.serverPort());
    QTest::qWait(3500);
    EXPECT_GE(connections, 2);
    EXPECT_LE(connections, 5);
    EXPECT_TRUE(said("liveWords").startsWith(QStringLiteral("No launch monitor")))
        << said("liveWords").toStdString();
}

TEST_F(LogStateTest, AnotherUsersProgramOnThePortIsAskedAboutFirst) {
    if (getuid() != 0) GTEST_SKIP() << "only the superuser can be two users";
    int ends[2];
    ASSERT_EQ(pipe(ends), 0);
    const pid_t child = fork();
    if (child == 0) {
        // A monitor of another user: says hello, sends a shot, waits.
        if (setgid(65534) != 0 || setuid(65534) != 0) _exit(1);
        const int listener = socket(AF_INET, SOCK_STREAM, 0);
        sockaddr_in address{};
        address.sin_family = AF_INET;
        address.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
        bind(listener, reinterpret_cast<const sockaddr*>(&address), sizeof address);
        listen(listener, 1);
        socklen_t size = sizeof address;
        getsockname(listener, reinterpret_cast<sockaddr*>(&address), &size);
        const int port = ntohs(address.sin_port);
        (void)!::write(ends[1], &port, sizeof port);
        const int peer = accept(listener, nullptr, nullptr);
        store::ShotRecord shot;
        shot[store::Quantity::Carry] = 30;
        const std::string lines = store::liveHello("theirs") + store::liveShot("1", shot);
        (void)!send(peer, lines.data(), lines.size(), 0);
        char byte = 0;
        while (read(peer, &byte, 1) > 0) {
        }
        _exit(0);
    }
    int port = 0;
    ASSERT_EQ(::read(ends[0], &port, sizeof port), static_cast<ssize_t>(sizeof port));
    window_->listenTo(static_cast<quint16>(port));
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return said("liveWords").contains(QStringLiteral("another user")); }, 5000))
        << said("liveWords").toStdString();
    QTest::qWait(300);
    EXPECT_EQ(logged().shotCount(), 0u);
    press(QStringLiteral("Take its shots"));
    EXPECT_TRUE(QTest::qWaitFor([&] { return logged().shotCount() == 1u; }, 5000));
    press(QStringLiteral("Stop listening"));
    kill(child, SIGKILL);
    waitpid(child, nullptr, 0);
    close(ends[0]);
    close(ends[1]);
}

TEST_F(LogStateTest, AnExceptionInASlotOrAWorkerIsSaidAndTheProgramGoesOn) {
    QMetaObject::invokeMethod(
        window_.get(), [] { throw std::runtime_error("the slot tripped"); }, Qt::QueuedConnection);
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return notice().contains(QStringLiteral("the slot tripped")); }, 2000))
        << notice().toStdString();
    QObject context;
    int answered = 0;
    LatestWorker<int, int> worker(
        [](const int& n) {
            if (n < 0) throw std::out_of_range("the worker tripped");
            return n;
        },
        [&](const int& n) { answered = n; });
    worker.ask(-1);
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return notice().contains(QStringLiteral("the worker tripped")); }, 2000));
    worker.ask(7);
    EXPECT_TRUE(QTest::qWaitFor([&] { return answered == 7; }, 2000));
    openTwo();
    EXPECT_EQ(logged().shotCount(), 2u);
}

TEST_F(LogStateTest, ALongNameNeitherOverlapsNorSlowsThePanel) {
    const QByteArray name(380, 'W');
    openShots(write(QStringLiteral("long.csv"), "player,carry [m]\n" + name + ",40\n"));
    for (auto* label : window_->findChildren<QLabel*>()) {
        if (!label->isVisible()) continue;
        EXPECT_LE(label->mapTo(window_.get(), QPoint(label->width(), 0)).x(), window_->width());
        EXPECT_LT(label->text().size(), 380) << label->objectName().toStdString();
    }
}

}  // namespace
}  // namespace wedgeon::test
