// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Sizes of swing in words.
#pragma once

#include <string>

#include "wedgeon/ladder/ladder.h"
#include "wedgeon/words/words.h"

namespace wedgeon::words {

/// A rung of an ordinary player's ladder in words; of a player's own as he calls it.
std::string rungName(const std::string& swing, const Speaker& speaker = english());
/// "rib-high", "a third of the way from hip-high to rib-high", "softer than knee-high"; empty for
/// no size.
std::string swingSaid(const SwingSize& size, const Speaker& speaker = english());
/// The same where there is little room: "hip-high + 30 %", of the way to the next.
std::string swingInShort(const SwingSize& size, const Speaker& speaker = english());
/// "as it is", "opened", "low", "high", "gripped down".
std::string wayName(Way way, const Speaker& speaker = english());

}  // namespace wedgeon::words
