// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Numbers at random that depend on seed and sample only.
#pragma once

#include <cmath>
#include <cstdint>

namespace wedgeon {

/// SplitMix64 (Steele, Lea, Flood 2014) with normals by Marsaglia's
/// polar method. std::normal_distribution
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
        double x, y, square;
        do {
            x = 2.0 * uniform() - 1.0;
            y = 2.0 * uniform() - 1.0;
            square = x * x + y * y;
        } while (square >= 1.0 || square == 0.0);
        const double scale = std::sqrt(-2.0 * std::log(square) / square);
        spare_ = scale * y;
        hasSpare_ = true;
        return scale * x;
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
