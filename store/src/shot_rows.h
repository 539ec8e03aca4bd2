// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One reading of UTF-8 text that is known to be no picture and no archive.
#pragma once

#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {

/// All of it. \throws StoreError as readShotText.
ImportResult readRows(std::string_view body, const std::string& name, const ImportOptions& options);
/// The columns and some samples only; no shots.
ImportResult previewRows(std::string_view body, const std::string& name,
                         const ImportOptions& options);

}  // namespace wedgeon::store
