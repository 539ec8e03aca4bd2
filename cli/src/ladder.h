// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `ladder`: how far each club and swing of a player carries.
#pragma once

#include <string>

namespace wedgeon::cli {

/// JSON, or CSV of the rungs. \throws StoreError, RangeError or std::invalid_argument that say what
/// is wrong.
std::string ladderOf(const std::string& logbook, const std::string& player, bool csv);

}  // namespace wedgeon::cli
