// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `predict`: cases in, cases with their outputs out.
#pragma once

#include <string>
#include <string_view>

namespace wedgeon::cli {

/// Fills "output" of every case, or "error" where a case cannot be computed.
/// \throws std::invalid_argument when the text is not JSON of the expected shape; the message names
/// line and column or the case.
std::string predict(std::string_view json);

}  // namespace wedgeon::cli
