// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A line as a text, to be kept or handed on. Fields: docs/formats.md.
#pragma once

#include <string>
#include <string_view>

#include "wedgeon/ground/terrain.h"

namespace wedgeon::store {

/// JSON; lengths exact, slopes (in per cent) to the last bit but one.
std::string formatLine(const Line& line);
/// \throws std::invalid_argument naming field, value and limits, for anything but one line.
Line parseLine(std::string_view json);

}  // namespace wedgeon::store
