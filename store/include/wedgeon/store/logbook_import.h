// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A delimited file straight into the logbook: all of it or nothing, in short transactions
/// between which others write.
#pragma once

#include <functional>

#include "wedgeon/store/logbook.h"
#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {

struct LoggedImport {
    ImportResult file;  ///< without the shots
    AddedShots shots;
};

/// Does a piece of work on the logbook that is written, wherever that is, and waits for it; throws
/// what it throws.
using OnWriter = std::function<void(const std::function<void(Logbook&)>&)>;

/// Reads in one thread, compares in this one, and writes by \p onWriter. What is known already is
/// asked of \p reading, a connection of this thread. Stopped or failed, nothing of the file shows.
/// \p time of the import, ISO 8601. \throws StoreError from the file or the logbook.
LoggedImport importFile(const Logbook& reading, const OnWriter& onWriter,
                        const std::filesystem::path& path, const ImportOptions& options,
                        const std::string& time);
/// The same with one connection for both.
LoggedImport importFile(Logbook& logbook, const std::filesystem::path& path,
                        const ImportOptions& options, const std::string& time);

}  // namespace wedgeon::store
