// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The one worker: the newest question is answered, what throws is told and the next one answered.
#include <gtest/gtest.h>

#include <QTest>
#include <atomic>
#include <chrono>
#include <stdexcept>

#include "wedgeon/error.h"
#include "work/latest_worker.h"

namespace wedgeon {
namespace {

using namespace std::chrono_literals;

TEST(Worker, WhatThrowsIsToldAndTheNextQuestionAnswered) {
    QString failed;
    int answered = 0;
    LatestWorker<int, int> worker(
        [](int question) {
            if (question == 1) throw RangeError("loft_deg", 95, 5, 80);
            if (question == 2) throw std::bad_alloc();
            if (question == 3) throw 3;  // NOLINT: somebody's library may
            return question * 10;
        },
        [&](int answer) { answered = answer; }, [&](const QString& why) { failed = why; });
    for (int question = 1; question <= 3; ++question) {
        failed.clear();
        worker.ask(question);
        EXPECT_TRUE(QTest::qWaitFor([&] { return !failed.isEmpty(); }, 5000)) << question;
    }
    worker.ask(1);
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return failed == QStringLiteral("loft_deg is 95; it must be from 5 to 80"); }, 5000))
        << failed.toStdString();
    EXPECT_EQ(answered, 0);
    worker.ask(4);
    EXPECT_TRUE(QTest::qWaitFor([&] { return answered == 40; }, 5000));
}

TEST(Worker, ALaterQuestionStopsTheFormerWhoseAnswerIsDropped) {
    std::atomic<int> stopped = 0;
    std::vector<int> answers;
    LatestWorker<int, int> worker(
        [&](int question, const Task& task) {
            while (question < 10 && !task.stop.stop_requested())
                std::this_thread::sleep_for(1ms);
            stopped += question < 10 ? 1 : 0;
            return question;
        },
        [&](int answer) { answers.push_back(answer); });
    worker.ask(1);
    QTest::qWait(20);
    worker.ask(2);  // may take the place of the first before that is begun
    worker.ask(10);
    EXPECT_TRUE(QTest::qWaitFor([&] { return !answers.empty(); }, 5000));
    QTest::qWait(20);
    EXPECT_EQ(answers, std::vector<int>{10});
    EXPECT_GE(stopped, 1);
}

TEST(Worker, WhatIsStoppedSaysSoAndWhatIsForgottenSaysNothing) {
    std::vector<int> answers;
    std::vector<double> shares;
    LatestWorker<int, int> worker(
        [](int question, const Task& task) {
            task.progress(0.25);
            while (!task.stop.stop_requested())
                std::this_thread::sleep_for(1ms);
            return -question;
        },
        [&](int answer) { answers.push_back(answer); }, {},
        [&](double share) { shares.push_back(share); });
    worker.ask(7);
    EXPECT_TRUE(QTest::qWaitFor([&] { return !shares.empty(); }, 5000));
    worker.stop();
    EXPECT_TRUE(QTest::qWaitFor([&] { return answers == std::vector<int>{-7}; }, 5000));
    worker.ask(8);
    QTest::qWait(20);
    worker.forget();
    worker.waitUntilIdle();
    QTest::qWait(20);
    EXPECT_EQ(answers, std::vector<int>{-7});
}

TEST(Worker, ItGoesWhileItWorks) {
    std::atomic<bool> ended = false;
    {
        LatestWorker<int, int> worker(
            [&](int, const Task& task) {
                while (!task.stop.stop_requested())
                    std::this_thread::sleep_for(1ms);
                ended = true;
                return 0;
            },
            [](int) { ADD_FAILURE() << "nobody is there to be told"; });
        worker.ask(1);
        QTest::qWait(20);
    }
    EXPECT_TRUE(ended);
    QTest::qWait(20);
}

}  // namespace
}  // namespace wedgeon
