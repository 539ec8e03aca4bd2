// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A line, or all that a shot meets, as a text: to be kept or handed on. Fields:
/// docs/formats.md. Lengths come back exact, angles and slopes (in degrees and per cent) to the
/// last bit but one.
#pragma once

#include <string>
#include <string_view>

#include "wedgeon/shot/conditions.h"

namespace wedgeon::store {

std::string formatLine(const Line& line);
/// \throws StoreError Malformed or RangeError naming field, value and limits, for anything but one
/// line.
Line parseLine(std::string_view json);

/// On one line, with the field names of `predict`.
std::string formatConditions(const Conditions& conditions);
/// \throws StoreError Malformed for anything but one object of conditions. What it says is not
/// checked against the model's limits: the predictor does that.
Conditions parseConditions(std::string_view json);

}  // namespace wedgeon::store
