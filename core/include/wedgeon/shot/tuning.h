// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Everything that was tuned to one player: strike, set-up, air and ground. A default of each
/// part is its prior.
#pragma once

#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/delivery/delivery.h"
#include "wedgeon/delivery/scatter.h"
#include "wedgeon/flight/flight.h"
#include "wedgeon/ground/ground.h"
#include "wedgeon/ground/terrain.h"
#include "wedgeon/strike/strike_tuning.h"
#include "wedgeon/unknowns.h"

namespace wedgeon {

/// Factors on the ball's drag and lift in the air as it is said.
struct AirTuning {
    double drag = 1.0, lift = 1.0;
    double dragSd = unknowns::drag, liftSd = unknowns::lift;  ///< of the logarithms

    Air air(const Air& said) const;
};

/// Factors on what is said of the ground (the strip's, the shot's): 1 is the prior.
struct GroundTuning {
    double firmness = 1.0, friction = 1.0, greenSpeed = 1.0;
    /// Of the logarithms, on a day whose runs are not known.
    double firmnessSd = unknowns::anyFirmness, frictionSd = unknowns::groundFriction,
           greenSpeedSd = unknowns::anyGreenSpeed;

    /// Kept inside what the ground's laws cover.
    Ground ground(const Ground& said) const;
    /// The same factors on every zone, a faster green's on what it rolls over.
    Line line(const Line& said) const;
};

/// What a player's declared set-up really delivers.
struct DeliveryTuning {
    /// delivered = offset + factor * declared, in SI.
    struct Line {
        double offset = 0.0, factor = 1.0;
        double operator()(double declared) const { return offset + factor * declared; }
        double declared(double delivered) const { return (delivered - offset) / factor; }
    };
    Line open, lean, ball;
    /// From swing to swing, where it was measured.
    std::optional<PlayerScatter> scatter;
    /// Club speed of each wedge and swing.
    struct SwingSpeed {
        std::string wedge, swing;
        double mean_mps = 0.0, sd_mps = 0.0;
        std::size_t shots = 0;
    };
    std::vector<SwingSpeed> speeds;
    /// Set-ups as he declared them, and how many shots of his are logged with each.
    struct Practised {
        double open_rad = 0.0, lean_rad = 0.0, ballForward_m = 0.0;
        double shots = 0.0;
    };
    std::vector<Practised> practised;

    /// His logged shots with a set-up like this: within 5 degrees of opening, 3 of lean and half a
    /// ball of ball position.
    double shotsLike(const Recipe& declared) const;

    /// The set-up that comes to the ball when \p declared was meant.
    Recipe delivered(const Recipe& declared) const;
};

/// Factors on the spread of a prediction from readings, with which it held 80 of 100 of the shots
/// of days left out: the device's own noise, as far as it differs from the prior's.
struct SpreadScale {
    double launch = 1.0, spin = 1.0, landing = 1.0, carry = 1.0, release = 1.0;
};

struct Tuning {
    std::string player;  ///< whose it is; empty for anybody's
    std::string made;    ///< when it was kept, ISO 8601; empty: it was not
    /// Laws that it was fitted with. Of a former model's only what the laws have no part in is
    /// used: the device's biases, the normal restitution, set-up, scatter and speeds.
    static constexpr int currentModel = 2;
    int model = currentModel;
    StrikeTuning strike;
    DeliveryTuning delivery;
    AirTuning air;
    GroundTuning ground;
    SpreadScale spread;

    /// Days whose own ground is known.
    struct Day {
        std::string name;  ///< as the shots' times begin: "2026-11-03"
        GroundTuning ground;
    };
    const std::vector<Day>& days() const { return days_; }
    /// Call last: each day takes what else there is with it.
    void setDays(std::vector<Day> days);
    /// The same tuning on the ground of a day; nothing where that is not known.
    std::shared_ptr<const Tuning> ofDay(std::string_view name) const;

private:
    std::vector<Day> days_;
    std::vector<std::shared_ptr<const Tuning>> ofDays_;  ///< in the order of days_
};

}  // namespace wedgeon
