// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Whole files, read and written so that nothing is lost. On POSIX, closing any descriptor of
/// a file drops every lock that the process holds on it: an open logbook is therefore never opened
/// here, and reading or replacing one is refused before it is touched.
#pragma once

#include <cstddef>
#include <filesystem>
#include <span>
#include <string>
#include <string_view>

namespace wedgeon::store {

/// The first \p mostRead bytes of a regular file of at most \p mostBytes. A folder, pipe, device or
/// socket is refused at once instead of waited for. \throws StoreError CannotOpen, TooLarge; the
/// text begins with the file's name.
std::string readWhole(const std::filesystem::path& path, std::size_t mostBytes,
                      std::size_t mostRead = static_cast<std::size_t>(-1));

/// Refuses a target that is one of \p inputs, a logbook or another database, or one of an open
/// logbook's own files. \throws StoreError CannotWrite.
void requireTarget(const std::filesystem::path& target,
                   std::span<const std::filesystem::path> inputs = {});

/// Written beside, synced, renamed: after a failure the former file is still there, whole. A
/// device or pipe is written to as it is. \throws StoreError CannotWrite, Full, as requireTarget.
void writeWhole(const std::filesystem::path& target, std::string_view bytes,
                std::span<const std::filesystem::path> inputs = {});

/// The file is, or would be, in memory only and goes with the computer's power.
bool liesInMemory(const std::filesystem::path& path);

/// A file that grows past the process's limit is an error from now on, not the end of the program;
/// so is a reader of standard output that went away.
void takeFileErrorsAsErrors();

}  // namespace wedgeon::store
