// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `fit`: the strike and the ground tuned to the shots of a file.
#pragma once

#include <string>
#include <vector>

namespace wedgeon::cli {

/// JSON as in docs/formats.md. \p player: only this one's shots, all when empty.
/// \throws StoreError for the file, std::invalid_argument when the shots allow no fit, with why.
std::string fitShots(const std::string& file, const std::vector<std::string>& maps,
                     const std::string& player);

}  // namespace wedgeon::cli
