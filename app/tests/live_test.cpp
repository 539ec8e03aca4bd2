// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Live shots in the real window, from the simulated monitor in its own process, with faults.
#include <SQLiteCpp/Database.h>

#include <QInputDialog>
#include <QProcess>
#include <QSpinBox>
#include <QTcpServer>
#include <QTcpSocket>
#include <set>

#include "wedgeon/store/live_protocol.h"
#include "wedgeon/store/logbook.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class LiveTest : public WindowTest {
protected:
    void TearDown() override {
        window_.reset();
        if (monitor_.state() != QProcess::NotRunning) {
            monitor_.terminate();
            monitor_.waitForFinished(3000);
        }
    }

    int startMonitor(const QStringList& arguments, int port = 0) {
        monitor_.start(QStringLiteral(WEDGEON_MONITOR),
                       QStringList{QStringLiteral("--port"), QString::number(port)} + arguments);
        EXPECT_TRUE(monitor_.waitForReadyRead(5000)) << monitor_.errorString().toStdString();
        const QString said = QString::fromUtf8(monitor_.readLine()).trimmed();
        return said.section(QLatin1Char(':'), -1).toInt();
    }

    /// File, Listen to a launch monitor… as a person does it.
    void listenTo(int port) {
        QTimer poll;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            if (!dialog) return;
            dialog->findChild<QSpinBox*>()->setValue(port);
            dialog->accept();
        });
        poll.start(20);
        action(QStringLiteral("Listen to a launch monitor"))->trigger();
    }

    int rows() {
        for (auto* l : window_->findChildren<QAbstractItemView*>()) {
            if (l->accessibleName() == QStringLiteral("Shots") && l->isVisible())
                return l->model()->rowCount();
        }
        return 0;
    }
    store::Logbook logged() {
        settle();
        return store::Logbook(logbookPath().toStdString(), store::Logbook::Access::ReadOnly);
    }
    void press(const QString& text) {
        for (auto* b : window_->findChildren<QPushButton*>()) {
            if (b->isVisible() && b->text() == text) return b->click();
        }
        ADD_FAILURE() << "no button says " << text.toStdString();
    }

    QProcess monitor_;
};

TEST_F(LiveTest, ThreeHundredShotsWithFaultsArriveOnceEach) {
    const int port = startMonitor(
        {QStringLiteral("--rate"), QStringLiteral("12000"), QStringLiteral("--shots"),
         QStringLiteral("300"), QStringLiteral("--misreads"), QStringLiteral("0.05"),
         QStringLiteral("--missing"), QStringLiteral("0.1"), QStringLiteral("--duplicates"),
         QStringLiteral("0.1"), QStringLiteral("--garbage"), QStringLiteral("0.1"),
         QStringLiteral("--drop-every"), QStringLiteral("80")});
    listenTo(port);
    ASSERT_TRUE(QTest::qWaitFor([&] { return rows() >= 300; }, 30000))
        << rows() << " shown; " << said("liveWords").toStdString();
    QTest::qWait(100);
    EXPECT_EQ(rows(), 300);
    EXPECT_TRUE(said("liveWords").startsWith(QStringLiteral("Live from stand-in, 300 shots")))
        << said("liveWords").toStdString();
    EXPECT_TRUE(said("liveWords").contains(QStringLiteral("lines skipped")));
    EXPECT_EQ(logged().shotCount(), 300u);
    EXPECT_EQ(logged().sessions().size(), 1u);
    // What is shown is what is kept, newest on top.
    const auto kept = logged().shots();
    EXPECT_TRUE(kept.back().record.has(store::Quantity::BallSpeed));
    auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
    EXPECT_TRUE(list->model()
                    ->index(0, 0)
                    .data(Qt::AccessibleTextRole)
                    .toString()
                    .startsWith(QStringLiteral("Shot 300")));
    press(QStringLiteral("Stop listening"));
    EXPECT_EQ(said("liveWords"), QString());

    // Two of them explained: the newest ones whose club was seen.
    std::vector<int> complete;
    for (int i = 300; i > 0 && complete.size() < 2; --i) {
        const auto& r = kept[static_cast<std::size_t>(i - 1)].record;
        bool all = true;
        for (const auto q : {store::Quantity::ClubSpeed, store::Quantity::AttackAngle,
                             store::Quantity::DynamicLoft, store::Quantity::SpinRate,
                             store::Quantity::Release, store::Quantity::LandingAngle})
            all = all && r.has(q);
        if (all) complete.push_back(i);
    }
    ASSERT_EQ(complete.size(), 2u);
    for (std::size_t k = 0; k < 2; ++k) {
        list->setCurrentIndex(list->model()->index(300 - complete[k], 0));
        action(k == 0 ? QStringLiteral("Take the shot as A") : QStringLiteral("Take the shot as B"))
            ->trigger();
    }
    window_->showView(QStringLiteral("explain"));
    EXPECT_TRUE(said("explainSentence").startsWith(QStringLiteral("B ")))
        << said("explainSentence").toStdString();
    EXPECT_TRUE(said("explainWhy").startsWith(QStringLiteral("Of the release")))
        << said("explainWhy").toStdString();
}

TEST_F(LiveTest, ItReconnectsByItselfWhenTheMonitorComesBack) {
    const int port = startMonitor({QStringLiteral("--rate"), QStringLiteral("6000"),
                                   QStringLiteral("--shots"), QStringLiteral("5")});
    listenTo(port);
    ASSERT_TRUE(QTest::qWaitFor([&] { return rows() == 5; }, 5000));
    monitor_.kill();
    monitor_.waitForFinished();
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return said("liveWords").startsWith(QStringLiteral("No launch monitor")); }, 5000))
        << said("liveWords").toStdString();
    EXPECT_TRUE(window_->isEnabled());
    startMonitor({QStringLiteral("--rate"), QStringLiteral("6000"), QStringLiteral("--seed"),
                  QStringLiteral("9")},
                 port);
    // The new monitor counts from 1 again, and its shots are others: each is kept.
    ASSERT_TRUE(QTest::qWaitFor([&] { return rows() >= 13; }, 8000))
        << said("liveWords").toStdString();
}

TEST_F(LiveTest, HoldKeepsTheShotsAtTheMonitorAndResumeBringsThem) {
    const int port = startMonitor({QStringLiteral("--rate"), QStringLiteral("3000")});
    listenTo(port);
    ASSERT_TRUE(QTest::qWaitFor([&] { return rows() >= 3; }, 5000));
    press(QStringLiteral("Hold"));
    // What was on its way arrives, on a slow machine a little later; then nothing does.
    int held = -1;
    for (int i = 0; i < 20 && held != rows(); ++i) {
        held = rows();
        QTest::qWait(patience(300));
    }
    QTest::qWait(250);
    EXPECT_EQ(rows(), held);
    EXPECT_TRUE(said("liveWords").startsWith(QStringLiteral("Held")));
    press(QStringLiteral("Resume"));
    EXPECT_TRUE(QTest::qWaitFor([&] { return rows() > held; }, 3000));
}

TEST_F(LiveTest, APeerThatIsNoMonitorIsSaid) {
    QTcpServer server;
    ASSERT_TRUE(server.listen(QHostAddress::LocalHost));
    QObject::connect(&server, &QTcpServer::newConnection, [&] {
        server.nextPendingConnection()->write("HTTP/1.1 400 Bad Request\r\n\r\n");
    });
    listenTo(server.serverPort());
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return said("liveWords").contains(QStringLiteral("is not JSON")); }, 3000))
        << said("liveWords").toStdString();
    EXPECT_EQ(logged().shotCount(), 0u);
}

TEST_F(LiveTest, AShotIsAcknowledgedOnlyAfterItIsKept) {
    QTcpServer server;
    ASSERT_TRUE(server.listen(QHostAddress::LocalHost));
    QTcpSocket* peer = nullptr;
    QByteArray heard;
    QObject::connect(&server, &QTcpServer::newConnection, [&] {
        peer = server.nextPendingConnection();
        QObject::connect(peer, &QTcpSocket::readyRead, [&] { heard += peer->readAll(); });
        peer->write(QByteArray::fromStdString(store::liveHello("by hand")));
    });
    listenTo(server.serverPort());
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return said("liveWords").startsWith(QStringLiteral("Live from by hand")); }, 3000));
    store::ShotRecord shot;
    shot[store::Quantity::Carry] = 31;
    {
        // Another program holds the logbook: the shot cannot be kept, and no ack may go out.
        // the window may be writing now
        SQLite::Database other(logbookPath().toStdString(), SQLite::OPEN_READWRITE, 10'000);
        other.exec("BEGIN IMMEDIATE");
        peer->write(QByteArray::fromStdString(store::liveShot("a", shot)));
        ASSERT_TRUE(QTest::qWaitFor(
            [&] { return trouble().contains(QStringLiteral("held by another program")); }, 8000));
        QTest::qWait(300);
        EXPECT_FALSE(heard.contains("ack"));
        other.exec("ROLLBACK");
    }
    ASSERT_TRUE(QTest::qWaitFor([&] { return trouble().isEmpty(); }, 3000));
    peer->write(QByteArray::fromStdString(store::liveShot("a", shot)));
    ASSERT_TRUE(QTest::qWaitFor([&] { return heard.contains("\"ack\""); }, 3000));
    EXPECT_EQ(logged().shotCount(), 1u);
}

TEST_F(LiveTest, TheSimulatedMonitorStartsAndEndsFromTheWindow) {
    window_->showView(QStringLiteral("watch"));
    for (auto* b : window_->findChildren<QPushButton*>()) {
        if (b->isVisible() && b->text().startsWith(QStringLiteral("Try it with")))
            QTest::mouseClick(b, Qt::LeftButton);
    }
    ASSERT_TRUE(QTest::qWaitFor([&] { return rows() > 0; }, patience(20000)));
    EXPECT_TRUE(said("liveWords").startsWith(QStringLiteral("Live from")))
        << said("liveWords").toStdString();
    // The panel follows until another shot is chosen, and again after a key.
    ASSERT_TRUE(QTest::qWaitFor([&] { return rows() > 1; }, patience(30000)));
    auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
    EXPECT_EQ(list->currentIndex().row(), 0);
    QTest::keyClick(list, Qt::Key_Down);
    const int before = rows();
    ASSERT_TRUE(QTest::qWaitFor([&] { return rows() > before; }, patience(30000)));
    EXPECT_GT(list->currentIndex().row(), 0);
    QTest::keyClick(list, Qt::Key_F);
    EXPECT_EQ(list->currentIndex().row(), 0);
    // Another one takes its place, with faults, in a session of its own.
    const QString former = said("watchTitle").section(QStringLiteral("from"), 1);
    action(QStringLiteral("Start the simulated monitor with"))->trigger();
    ASSERT_TRUE(QTest::qWaitFor(
        [&] {
            const QString title = said("watchTitle").section(QStringLiteral("from"), 1);
            return !title.isEmpty() && title != former && rows() > 0;
        },
        patience(30000)))
        << said("watchTitle").toStdString();
    action(QStringLiteral("End the simulated"))->trigger();
    ASSERT_TRUE(QTest::qWaitFor([&] { return said("liveWords").isEmpty(); }, 5000));
    const QAction* entry = action(QStringLiteral("Start the simulated monitor with"));
    ASSERT_TRUE(entry);
    settle();
    const int kept = rows();
    QTest::qWait(300);
    EXPECT_EQ(rows(), kept);
}

}  // namespace
}  // namespace wedgeon::test
