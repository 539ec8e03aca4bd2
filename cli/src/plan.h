// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `plan`: which shot from a situation.
#pragma once

#include <cstdint>
#include <string>
#include <string_view>

namespace wedgeon::cli {

struct PlanOptions {
    std::size_t samples = 1000;
    std::uint64_t seed = 1;
    std::string player, logbook;  ///< empty: an ordinary player
};

/// \p situation as docs/formats.md has it; the answer is JSON.
/// \throws StoreError, RangeError or std::invalid_argument that say what is wrong.
std::string planSituation(std::string_view situation, const PlanOptions& options);

}  // namespace wedgeon::cli
