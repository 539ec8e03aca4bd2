// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Tests that repeat a thing until a share is known do it less often where the sanitizers
/// check every access: what they look for shows at once, and they are many times slower.
#pragma once

#include <cstdlib>

namespace wedgeon::test {

#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__)
inline constexpr bool checked = true;
#else
inline constexpr bool checked = false;
#endif

constexpr int times(int usual, int underSanitizers) {
    return checked ? underSanitizers : usual;
}

/// As often as WEDGEON_REPETITIONS says, for the tables of docs/model.md; \p usual otherwise.
inline int repetitions(int usual) {
    const char* asked = std::getenv("WEDGEON_REPETITIONS");
    return asked ? std::atoi(asked) : usual;
}

}  // namespace wedgeon::test
