// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `explain`: the shares of the difference between two shots or two groups of a file.
#pragma once

#include <cstddef>
#include <string>
#include <vector>

namespace wedgeon::cli {

/// Numbers of shots from 1, as "7" or "1-8,12", each once, in order.
/// \throws std::invalid_argument naming what is wrong; \p most is the last one there is.
std::vector<std::size_t> parseShotNumbers(const std::string& text, std::size_t most);

/// JSON as in docs/formats.md. \throws StoreError for the file, std::invalid_argument for the
/// choice and for shots whose club was not measured.
std::string explainShots(const std::string& file, const std::vector<std::string>& maps,
                         const std::string& a, const std::string& b);

}  // namespace wedgeon::cli
