// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A logbook in a folder of its own, and what is done to it.
#pragma once

#include <gtest/gtest.h>
#include <sys/wait.h>
#include <unistd.h>

#include <cstring>
#include <filesystem>
#include <fstream>
#include <functional>
#include <random>
#include <sstream>

#include "wedgeon/store/error.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

namespace fs = std::filesystem;

inline ShotRecord carried(double carry_m, const std::string& player = {}) {
    ShotRecord s;
    s[Quantity::Carry] = carry_m;
    s[Label::Player] = player;
    return s;
}

inline std::vector<ShotRecord> carries(int from, int to) {
    std::vector<ShotRecord> out;
    for (int i = from; i < to; ++i)
        out.push_back(carried(20 + 0.01 * i));
    return out;
}

class LogbookFolderTest : public testing::Test {
protected:
    void SetUp() override {
        folder_ = fs::path(testing::TempDir()) / ("care-" + std::to_string(std::random_device()()));
        fs::create_directory(folder_);
        path_ = folder_ / "mine.wedgeon";
    }
    void TearDown() override { fs::remove_all(folder_); }

    static ShotSource file(const std::string& name) { return {name, name, "2026-11-25T10:00:00"}; }
    template <class Action>
    static StoreError refusal(const Action& action) {
        try {
            action();
        } catch (const StoreError& e) {
            return e;
        }
        ADD_FAILURE() << "was not refused";
        return {Fault::Empty, Says::Stopped};
    }
    fs::path write(const std::string& name, const std::string& text) const {
        std::ofstream(folder_ / name, std::ios::binary) << text;
        return folder_ / name;
    }
    static std::string bytesOf(const fs::path& path) {
        std::stringstream all;
        all << std::ifstream(path, std::ios::binary).rdbuf();
        return all.str();
    }
    static std::size_t added(Logbook& book, LiveConnection& connection,
                             const std::vector<LiveArrival>& shots, std::int64_t now_s) {
        std::size_t n = 0;
        for (const auto& kept : book.addLiveShots(connection, shots, now_s))
            n += kept ? 1 : 0;
        return n;
    }
    /// A program of its own.
    static int inAnotherProcess(const std::function<void()>& work) {
        const pid_t child = fork();
        if (child == 0) {
            try {
                work();
            } catch (const std::exception& e) {
                (void)!::write(2, e.what(), std::strlen(e.what()));
                _exit(1);
            }
            _exit(0);
        }
        int status = 0;
        waitpid(child, &status, 0);
        return WIFEXITED(status) ? WEXITSTATUS(status) : -1;
    }

    fs::path folder_, path_;
};

}  // namespace wedgeon::store
