// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The sizes of swing that a player has, as he calls them, and what is guessed of their speed
/// before a shot is seen.
#pragma once

#include <optional>
#include <string>
#include <vector>

namespace wedgeon {

enum class Level { Expert, ClubPlayer };
enum class Sex { Unsaid, Female, Male };

/// What a guess of a player's speed goes by.
struct Build {
    std::optional<double> height_m;
    Sex sex = Sex::Unsaid;
    Level level = Level::ClubPlayer;

    /// Head speed of a full wedge swing. A guess: 29 m/s for a club player of 1.75 m, in proportion
    /// to the height, 0.84 of that for a woman, 1.04 for a man, 1.12 for an expert; known to about
    /// 12 %.
    double fullSpeed_mps() const;
    bool operator==(const Build&) const = default;
};

/// How swings are told apart.
enum class SwingKind {
    HandHeight,  ///< how high the hands go back, as a share of the player's height
    Clock,       ///< where the lead arm points, in hours of a clock seen face-on (6 is down)
    Share,       ///< of a full backswing
    TurnSpeed    ///< one length, turned at a share of full speed
};
inline constexpr std::size_t swingKindCount = 4;

struct SwingName {
    std::string name;
    double length = 0.0;              ///< in the kind's own measure
    std::optional<double> speed_mps;  ///< as the coach set it, where he knows better than a guess

    bool operator==(const SwingName&) const = default;
};

/// A player's swings, the shortest first.
struct SwingSet {
    SwingKind kind = SwingKind::HandHeight;
    Build build;
    std::vector<SwingName> swings;

    /// \throws RangeError for "swings" none or more than 12, "length" not rising or outside the
    /// kind's range (height 0.1-1.2, clock 6-13, shares 0.05-1.2), "speed_mps" outside 1-60 or not
    /// rising, "height_m" outside 0.8-2.4.
    void validate() const;
    /// As the coach set it, else a share of the build's full speed: a guess, known to about 12 %
    /// for all of them together and 8 % for each.
    double priorSpeed_mps(std::size_t swing) const;
    /// Knee, hip, ribs, shoulder, full.
    static SwingSet ordinary();
    bool operator==(const SwingSet&) const = default;
};

/// Head speed of a swing of that length over that of a full one. A guess: hands that go twice as
/// high bring about twice the speed (9 m/s at the knee, 14 hip, 19 ribs, 24 shoulder of 29 m/s),
/// the clock by where the hands are then, a share of the backswing to the power 0.7.
double speedShare(SwingKind kind, double length);
/// The least and the most length that a set may have.
struct LengthRange {
    double low, high;
};
LengthRange lengthRange(SwingKind kind);

}  // namespace wedgeon
