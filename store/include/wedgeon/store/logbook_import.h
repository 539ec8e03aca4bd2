// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A delimited file straight into the logbook, as one transaction.
#pragma once

#include "wedgeon/store/logbook.h"
#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {

struct LoggedImport {
    ImportResult file;  ///< without the shots
    AddedShots shots;
};

/// Reads in one thread and writes in this one. Stopped or failed, the logbook is as it was.
/// \p time of the import, ISO 8601. \throws StoreError from the file or the logbook.
LoggedImport importFile(Logbook& logbook, const std::filesystem::path& path,
                        const ImportOptions& options, const std::string& time);

}  // namespace wedgeon::store
