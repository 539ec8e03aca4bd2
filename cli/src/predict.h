// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `predict`: cases in, cases with their outputs out.
#pragma once

#include <string>
#include <string_view>

namespace wedgeon::cli {

/// Fills "output" of every case, or "error" where a case cannot be computed, in the order of the
/// input, a case a line. With \p batch, cases of stage "shot" that ask for nothing besides the shot
/// go through the vectorised path, on all cores.
/// \throws std::invalid_argument or StoreError when the text is not JSON of the expected shape; the
/// message names line and column or the case.
std::string predict(std::string_view json, bool batch = false);

}  // namespace wedgeon::cli
