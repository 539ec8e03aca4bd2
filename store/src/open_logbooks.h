// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Which files this process has open as logbooks, so that nothing but SQLite ever opens them.
#pragma once

#include <filesystem>

namespace wedgeon::store {

/// Counts one file as an open logbook while it lives.
class OpenLogbook {
public:
    explicit OpenLogbook(const std::filesystem::path& path);
    ~OpenLogbook();
    OpenLogbook(const OpenLogbook&) = delete;
    OpenLogbook& operator=(const OpenLogbook&) = delete;

private:
    std::filesystem::path path_;
};

/// \p path is an open logbook under any of its names, or a file that SQLite keeps beside one.
bool isOpenLogbook(const std::filesystem::path& path);

}  // namespace wedgeon::store
