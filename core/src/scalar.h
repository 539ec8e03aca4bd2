// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The plain value behind a scalar, for decisions that a derivative has no say in.
#pragma once

namespace wedgeon::kernel {

inline double valueOf(double x) {
    return x;
}

}  // namespace wedgeon::kernel
