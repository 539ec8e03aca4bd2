// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Each shot's ball beside what its strike gives.
#pragma once

#include <array>
#include <cmath>
#include <memory>

#include "judged.h"

namespace wedgeon::store::quality {

/// Of ball speed (log), launch (rad) and spin (log) from what this strike gives with this player,
/// as he is tuned; NaN where one was not read.
struct Residual {
    static constexpr std::array quantities{Quantity::BallSpeed, Quantity::LaunchAngle,
                                           Quantity::SpinRate};
    std::array<double, 3> off{NAN, NAN, NAN};
    double spinLoft_rad = 0.0;
};

class Strikes {
public:
    /// Fits players who are not tuned, unless the shots are the last few only, and notes what one
    /// shot tells by itself.
    explicit Strikes(Judged& judged);

    const std::optional<Residual>& of(std::size_t i) const { return residuals_[i]; }
    /// Of this shot, had the club come so.
    /// \throws RangeError for what is no strike
    Residual of(std::size_t i, const Delivery& delivery) const;
    /// Measured spin over what the prior's strike gives.
    const Values& spinShare() const { return spinShare_; }
    /// Slower and with less spin than the prior's strike: fat, perhaps.
    bool isSlow(std::size_t i) const { return slow_[i]; }
    /// A chip that is delofted on purpose spins as its strike says, with this player.
    bool isLowOnItsStrike(std::size_t i) const;

private:
    void fitPlayers();
    void judge(std::size_t i);
    void compare(std::size_t i, const Delivery& delivery, Contact contact,
                 const StrikeResult& expected, Hand hand);

    Judged& judged_;
    Values spinShare_;
    std::vector<std::optional<Residual>> residuals_;
    std::vector<bool> slow_;
    std::map<std::string, std::shared_ptr<const Tuning>> fitted_;
};

}  // namespace wedgeon::store::quality
