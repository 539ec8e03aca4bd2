// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What makes a shot the same one when it comes a second time: all that was measured, who, when and
// with what, but not the coach's own words. A version is a fixed list of fields by name, so that a
// quantity more in the program leaves the hashes of what is kept as they are. Never change a
// version: add one.
#pragma once

#include <cstdint>

#include "wedgeon/store/shot_record.h"

namespace wedgeon::store {

/// Of the sources that are written now.
inline constexpr int hashVersion = 2;

/// 64 bits over the fields of \p version (1 to hashVersion). Version 1 (logbooks of schema 1 to 3)
/// counts what was not measured, too; version 2 only what was.
std::int64_t hashOf(const ShotRecord& shot, int version = hashVersion);

}  // namespace wedgeon::store
