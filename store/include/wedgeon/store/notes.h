// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What a coach notes of a player: lessons, shots on the course, what trials came to,
/// cautions that were shown, and pain.
#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

enum class NoteKind {
    Lesson,
    Course,   ///< a shot that was needed there, and how it came out
    Trial,    ///< what a trial of two ways came to
    Caution,  ///< that was shown
    Pain      ///< which stopped a block
};
inline constexpr std::size_t noteKindCount = 5;
std::string_view noteKey(NoteKind kind);

struct Note {
    std::int64_t id = 0;
    std::string player;
    std::string at;  ///< local time, ISO 8601
    NoteKind kind = NoteKind::Lesson;
    /// A key: of the shot (low, middle, high, putt, sand) on the course, of a caution that was
    /// shown, of the trial's row: also of a lesson note that says which of its ways is kept.
    std::string about;
    /// A key: how a shot came out on the course (close, green, short-sided, missed).
    std::string result;
    std::string text;  ///< up to 4000 bytes
    bool operator==(const Note&) const = default;
};

/// The notes of one logbook. \throws StoreError from each.
class Notes {
public:
    explicit Notes(Logbook& logbook) : logbook_(logbook) {}

    /// The oldest first; those of a kind that is none are left out.
    std::vector<Note> all() const;
    /// Its id; one that has an id gets it again. \throws StoreError Malformed for a text or a key
    /// that is too long.
    std::int64_t add(const Note& note);
    /// \throws StoreError Conflict where it is not there, or is not as \p was.
    void change(const Note& was, const std::string& text);
    void remove(std::int64_t id);

private:
    Logbook& logbook_;
};

}  // namespace wedgeon::store
