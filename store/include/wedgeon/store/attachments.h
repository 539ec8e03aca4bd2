// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Pictures and clips of shots and recipes. The logbook says what belongs to what; the files
/// lie beside it in a folder of their own, each named by its content, so that one that is attached
/// twice is there once.
#pragma once

#include <cstdint>
#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

struct Attachment {
    std::int64_t id = 0;
    std::int64_t shot = 0;  ///< whose it is; 0 where it is a recipe's
    std::string recipe;     ///< its name; empty where it is a shot's
    std::string content;    ///< the file's name in the folder
    std::string name;       ///< as the file was called, for people
    std::int64_t bytes = 0;
    std::string added;  ///< ISO 8601
    bool operator==(const Attachment&) const = default;
};

/// 64 hexadecimal digits (SHA-256 of the bytes), a dot, and an ending of up to 8 letters and
/// digits: nothing else is ever a file's name in the folder.
bool isContentName(std::string_view name);
/// Where a logbook's lie.
std::filesystem::path attachmentFolder(const std::filesystem::path& logbook);
/// What a file is called while it is copied into the folder.
inline constexpr std::string_view arrivingPrefix = "arriving-";

class Attachments {
public:
    explicit Attachments(Logbook& logbook) : logbook_(logbook) {}

    /// In the order in which they were added; those whose content has no name that one can have are
    /// left out.
    std::vector<Attachment> all() const;
    /// Its id; an attachment that has one gets it again. \throws StoreError Conflict where the shot
    /// is not there; Malformed for a content that is none.
    std::int64_t add(const Attachment& attachment);
    /// The file stays, for an undo. \throws StoreError Conflict where it is gone already.
    void remove(const Attachment& attachment);
    /// Removes files that nothing refers to and nobody touched for 30 days: for longer than backups
    /// are kept that may refer to them. How many.
    std::size_t removeUnused() const;
    /// Copies the files to beside another logbook, where they are not there yet. How many are
    /// missing here. \throws StoreError.
    static std::size_t copyTo(const std::filesystem::path& from, const std::filesystem::path& to,
                              const std::vector<Attachment>& which);

private:
    Logbook& logbook_;
};

}  // namespace wedgeon::store
