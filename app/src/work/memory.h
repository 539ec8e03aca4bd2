// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How the C library hands out memory.
#pragma once

#include <malloc.h>

namespace wedgeon {

/// Two heaps for all threads instead of one for each: a window with 100,000 shots takes a sixth
/// less memory, and nothing is slower (docs/performance.md). To be called before there are threads.
inline void keepMemoryTogether() {
#if defined(__GLIBC__)
    ::mallopt(M_ARENA_MAX, 2);
#endif
}

}  // namespace wedgeon
