// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The one exception of the storage edge; what it says is put into words once.
#pragma once

#include <stdexcept>
#include <utility>

#include "wedgeon/error.h"
#include "wedgeon/store/message.h"

namespace wedgeon::store {

enum class Fault {
    CannotOpen,  ///< missing, a folder, no permission, read error
    CannotWrite,
    Empty,
    TooLarge,
    NotText,       ///< a picture or another binary file
    Malformed,     ///< text whose structure is broken; line() says where
    NothingKnown,  ///< no column that the program knows
    NoShot,        ///< columns are known, but no row holds a shot
    Cancelled,
    Damaged,   ///< a logbook that is no database, or a broken one
    Locked,    ///< another program holds it
    Newer,     ///< made by a later version of the program
    ReadOnly,  ///< file or folder cannot be written
    Full,      ///< no room left on the disk
    Conflict,  ///< changed elsewhere meanwhile
    Moved      ///< the file was replaced, renamed or removed under an open logbook
};

class StoreError : public std::runtime_error {
public:
    /// \p line counts from 1; 0 when the fault has no line.
    StoreError(Fault fault, Message message, std::size_t line = 0)
        : std::runtime_error(describe(message)),
          fault_(fault),
          message_(std::move(message)),
          line_(line) {}

    Fault fault() const noexcept { return fault_; }
    const Message& message() const noexcept { return message_; }
    std::size_t line() const noexcept { return line_; }

private:
    Fault fault_;
    Message message_;
    std::size_t line_;
};

/// A number that the laws do not cover, as the store says it.
Message messageOf(const RangeError& error);

}  // namespace wedgeon::store
