// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Work on several cores: the one pool of threads.
#pragma once

#include <cstddef>
#include <functional>

namespace wedgeon {

/// As many threads as a caller's option asks for; 0 asks for one a core.
unsigned threadsFor(unsigned wanted);

/// Calls \p work(0) to \p work(parts - 1), each once, on at most \p threads threads of one pool and
/// the calling one, and returns when all have returned. The first exception is thrown again here;
/// parts that have not begun by then are left out. May be called from within \p work.
void runParts(std::size_t parts, unsigned threads, const std::function<void(std::size_t)>& work);

}  // namespace wedgeon
