// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Numbers at random that depend on seed and sample only.
#pragma once

#include <cmath>
#include <cstdint>

#include "wedgeon/constants.h"

namespace wedgeon {

/// SplitMix64 (Steele, Lea, Flood 2014) with normals by Box and Muller. std::normal_distribution
/// differs between libraries; this does not.
class RandomStream {
public:
    RandomStream(std::uint64_t seed, std::uint64_t sample) : state_(mix(seed) ^ mix(~sample)) {}

    /// In (0, 1].
    double uniform() { return static_cast<double>((next() >> 11) + 1) * 0x1.0p-53; }

    double normal() {
        if (hasSpare_) {
            hasSpare_ = false;
            return spare_;
        }
        const double radius = std::sqrt(-2.0 * std::log(uniform()));
        const double angle = 2.0 * constants::pi * uniform();
        spare_ = radius * std::sin(angle);
        hasSpare_ = true;
        return radius * std::cos(angle);
    }

private:
    static std::uint64_t mix(std::uint64_t z) {
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9ull;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EBull;
        return z ^ (z >> 31);
    }
    std::uint64_t next() { return mix(state_ += 0x9E3779B97F4A7C15ull); }

    std::uint64_t state_;
    double spare_ = 0.0;
    bool hasSpare_ = false;
};

}  // namespace wedgeon
