// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A process that is killed at any moment has lost nothing that it acknowledged and doubled nothing.
#include <gtest/gtest.h>
#include <signal.h>
#include <sys/wait.h>
#include <unistd.h>

#include <chrono>
#include <ctime>
#include <map>
#include <random>
#include <set>
#include <thread>

#include "wedgeon/store/logbook.h"

namespace wedgeon::store {
namespace {

namespace fs = std::filesystem;

ShotRecord shotNumber(int i) {
    ShotRecord s;
    s[Quantity::ClubSpeed] = 15 + 0.001 * i;
    s[Quantity::Carry] = i;
    return s;
}

/// Adds live shots from \p first, writing each number to \p pipe once it is acknowledged; every
/// tenth round a file of 200 shots goes in between, acknowledged as a whole by its negative.
[[noreturn]] void runUntilKilled(const fs::path& path, int first, int pipe) {
    Logbook book(path);
    LiveConnection live{"stand-in", "session", "2026-11-25T10:00:00"};
    for (int i = first;; ++i) {
        const LiveArrival shot{std::to_string(i), shotNumber(i), "2026-11-25 10:00:00"};
        book.addLiveShots(live, std::span(&shot, 1), std::time(nullptr));
        (void)!write(pipe, &i, sizeof i);
        if (i % 10 == 9) {
            std::vector<ShotRecord> file;
            for (int k = 0; k < 200; ++k)
                file.push_back(shotNumber(1'000'000 + 200 * i + k));
            const std::string name = std::to_string(i) + ".csv";
            book.addShots({name, name, "2026-11-25"}, file);
            const int whole = -i;
            (void)!write(pipe, &whole, sizeof whole);
        }
    }
}

TEST(LogbookCrash, NothingAcknowledgedIsLostOrDoubledInTwoHundredKills) {
    const fs::path folder =
        fs::path(testing::TempDir()) / ("crash-" + std::to_string(std::random_device()()));
    fs::create_directory(folder);
    const fs::path path = folder / "crash.wedgeon";
    { Logbook book(path); }
    std::mt19937 random(7);
    std::set<int> acknowledgedLive, acknowledgedFiles;
    int next = 0;
    for (int run = 0; run < 200; ++run) {
        int ends[2];
        ASSERT_EQ(pipe(ends), 0);
        const pid_t child = fork();
        ASSERT_GE(child, 0);
        if (child == 0) {
            close(ends[0]);
            try {
                runUntilKilled(path, next, ends[1]);
            } catch (...) {
                _exit(3);
            }
        }
        close(ends[1]);
        int number = 0;
        const auto take = [&] {
            if (read(ends[0], &number, sizeof number) != sizeof number) return false;
            (number < 0 ? acknowledgedFiles : acknowledgedLive).insert(std::abs(number));
            return true;
        };
        // Every other one is killed after something new was acknowledged, however slow the machine.
        const std::size_t before = acknowledgedLive.size();
        while (run % 2 == 0 && acknowledgedLive.size() == before && take()) {
        }
        std::this_thread::sleep_for(std::chrono::microseconds(2000 + random() % 20'000));
        kill(child, SIGKILL);
        int status = 0;
        waitpid(child, &status, 0);
        ASSERT_TRUE(WIFSIGNALED(status)) << "the child stopped by itself";
        while (take()) {
        }
        close(ends[0]);
        // The device sends again what was not acknowledged, as the protocol has it: the next run
        // begins with the last number that may or may not have been taken.
        next = acknowledgedLive.empty() ? 0 : *acknowledgedLive.rbegin();
    }
    ASSERT_GE(acknowledgedLive.size(), 100u);
    ASSERT_GE(acknowledgedFiles.size(), 5u);

    const Logbook book(path, Logbook::Access::ReadOnly);
    std::multiset<int> liveSeen;
    std::map<int, int> fileSeen;
    for (const LoggedShot& s : book.shots()) {
        const int n = static_cast<int>(s.record[Quantity::Carry]);
        if (n < 1'000'000) {
            liveSeen.insert(n);
        } else {
            ++fileSeen[(n - 1'000'000) / 200];
        }
    }
    for (const int n : acknowledgedLive)
        EXPECT_EQ(liveSeen.count(n), 1u) << n;
    for (const int n : std::set<int>(liveSeen.begin(), liveSeen.end()))
        EXPECT_EQ(liveSeen.count(n), 1u) << n;
    for (const int n : acknowledgedFiles)
        EXPECT_EQ(fileSeen[n], 200) << n;
    for (const auto& [n, count] : fileSeen)
        EXPECT_EQ(count, 200) << "half a file: " << n;
    fs::remove_all(folder);
}

}  // namespace
}  // namespace wedgeon::store
