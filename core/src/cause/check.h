// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What would tell faults apart, by how much less is unknown after it.
#pragma once

#include <vector>

#include "cause/held.h"

namespace wedgeon::cause {

/// A fault that is still believed in, as the shots left it.
struct Suspect {
    Fault fault{};
    double likely = 0.0;
    std::vector<FaultPart> parts;
    Prior left;                      // of the changes
    const Linear* linear = nullptr;  // of the first kind, about left.mean
};

/// \p sound is his usual day; \p read are the numbers that are read or seen of such shots, with the
/// variance of their noise.
std::vector<CheckGain> findChecks(const std::vector<Suspect>& suspects, const Prior& usual,
                                  const Linear& sound, const std::vector<Number>& read);

}  // namespace wedgeon::cause
