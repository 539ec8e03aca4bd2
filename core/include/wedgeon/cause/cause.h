// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file From a pattern of shots to what would make it: how likely each fault of the library is,
/// what speaks for it and against it.
#pragma once

#include <array>
#include <optional>
#include <span>
#include <stop_token>
#include <vector>

#include "wedgeon/cause/fault.h"
#include "wedgeon/seen/seen.h"
#include "wedgeon/shot/player_model.h"
#include "wedgeon/shot/quantity.h"

namespace wedgeon {

/// Shots with one set-up from one place.
struct PatternKind {
    Conditions conditions;
    Recipe declared;  ///< its speed is what this swing usually has
};

/// One shot of a pattern: read by a device, seen, or both.
struct PatternShot {
    std::size_t kind = 0;
    std::optional<double> clubSpeed_mps;
    /// World frame, SI, as the device gave it.
    std::array<std::optional<double>, outcomeCount> read{};
    Sighting seen;
};

/// What is complained of, beside what such shots do off short grass with a clean face. Left and
/// right as one looks along the line.
enum class Complaint {
    TooHigh,
    TooLow,
    RunsOn,
    StopsDead,
    Short,
    Long,
    Fat,
    Thin,
    StartsLeft,
    StartsRight,
    CurvesLeft,
    CurvesRight
};
inline constexpr std::size_t complaintCount = 12;

struct CauseRequest {
    PlayerModel player;
    Level level = Level::ClubPlayer;
    std::vector<PatternKind> kinds;  ///< of both lists; the first where nothing but a complaint is
    std::vector<PatternShot> shots;  ///< the pattern
    std::vector<PatternShot> usual;  ///< this player's own before
    std::size_t usualDays = 0;       ///< on which they were hit
    std::vector<Complaint> complaints;
    /// By Fault; empty: faultPriors. Made to add up to 1.
    std::vector<double> priors;
    unsigned threads = 0;  ///< 0: all cores; the answer does not depend on it
    std::stop_token stop;

    /// \throws RangeError: "kinds" none or beyond 200, "shots" and "usual" beyond 2000, "kind" that
    /// is not there, "priors" of another size or below 0, and from the sightings.
    void validate() const;
};

/// What something is told by.
struct Sign {
    enum class Of { Read, ClubSpeed, Height, Start, Curve, Strike, Turf, Entry, Bit, Complaint };
    Of of = Of::Read;
    Outcome outcome{};      ///< of Read
    Complaint complaint{};  ///< of Complaint
    bool operator==(const Sign&) const = default;
};

/// One sign of the pattern. Numbers, where it has some, are what the shots have beyond his usual
/// ones with the same set-up; SI.
struct PatternSign {
    Sign sign;
    std::size_t shots = 0;
    bool hasNumber = false;
    double off = 0.0, half80 = 0.0;
};

struct Speaks {
    std::size_t sign = 0;   ///< of CauseAnswer::signs
    double expected = 0.0;  ///< what this fault would make of it, where it has a number
    double bits = 0.0;      ///< of evidence beside the other faults; below 0 against
};

struct SizedChange {
    FaultChange change;
    double value = 0.0, half80 = 0.0;  ///< beyond his usual
};

/// What differs of one outcome, with the half width of its 80 % interval. SI.
struct FaultCost {
    double by = 0.0, half80 = 0.0;
};

struct FaultBelief {
    Fault fault{};
    double before = 0.0, likely = 0.0;
    std::vector<SizedChange> sizes;  ///< of its parts, where the fault is there
    std::vector<Speaks> speaks;      ///< by size; less than half a bit is left out
    /// What it does to a shot of the first kind beside his usual one, where it is there; a
    /// correction takes as much off.
    std::array<FaultCost, outcomeCount> costs{};
};

/// What a coach can do to tell faults apart: look at one thing, or take one thing away and have
/// three balls hit.
enum class Check {
    FilmHands,       ///< from face-on: where the shaft is at the ball
    StickAtBall,     ///< laid down at the ball's place in the stance
    LinesOnFace,     ///< how far open it is before gripping
    BrushLine,       ///< without a ball: where the turf is met
    FilmFromBehind,  ///< how high the handle is
    FilmFace,        ///< how the face turns through the ball
    CountSpeed,      ///< the club's speed, by a radar or by sound
    FreshFace,       ///< three balls with another, fresh and dry, wedge of this loft
    FreshBall,       ///< three with a ball of which it is known what it is
    TeedUp,          ///< three off a low tee
    OtherGround,     ///< three to another green
    PacedOff         ///< three with height and pitch mark measured by hand
};
inline constexpr std::size_t checkCount = 12;

struct CheckGain {
    Check check{};
    double bits = 0.0;  ///< of what is not known of the fault, expected
    /// Of a look: the change that is looked at; else the outcome of the balls that parts the two
    /// likeliest faults best.
    bool looks = false;
    FaultChange change{};
    Outcome outcome{};
    /// What it then is with the likeliest fault and with the next one, and its deviation: of a look
    /// beyond his usual, of balls as they are read. SI.
    double first = 0.0, firstSd = 0.0, second = 0.0, secondSd = 0.0;
    /// Where the two are equally likely, and how often the nearer one is right.
    double border = 0.0, right = 0.0;
};

struct CauseAnswer {
    std::vector<FaultBelief> beliefs;  ///< the likeliest first; those that cannot be are left out
    std::vector<PatternSign> signs;
    std::vector<CheckGain> checks;  ///< what tells most first
    /// His usual shots beside the declared set-up, and what was said of kit and ground.
    std::vector<SizedChange> usualChanges;
    /// What lie and face do by themselves, beside short grass and a fresh dry face, to his usual
    /// shot of the first kind. SI.
    std::array<double, outcomeCount> ofTheLie{};
    std::size_t shots = 0, usual = 0;  ///< that could be used
    bool stopped = false;

    const FaultBelief* find(Fault fault) const;
};

/// Every fault is a prior on FaultChange; the readings and marks are held against the model's
/// prediction with it, linearised about the most likely changes (Gauss-Newton), with the player's
/// scatter, the device's noise, and Student's t with 6 degrees of freedom for what is far off; how
/// likely the shots are is Laplace's integral over the changes (D. J. C. MacKay, "Bayesian
/// interpolation", Neural Computation 4, 1992). The usual shots come first, and what they leave
/// open is the prior of the others beside what a day brings. One fault at a time: two together are
/// Other. \throws RangeError from the request; kinds that the model has no answer for are left out.
CauseAnswer findCauses(const CauseRequest& request);

/// A shot of a kind with changes beside the declared set-up, as it is struck clean; world frame.
/// \throws RangeError where it cannot be played.
ShotResult playChanged(const PlayerModel& player, const PatternKind& kind,
                       std::span<const SizedChange> changes, ShotTrace* trace = nullptr);
/// The set-up that is delivered with a fault of that size, as far as a set-up has it: lean,
/// opening, ball position, weight for the low point, handle, speed and release.
Recipe withChanges(const Recipe& declared, std::span<const SizedChange> changes);

}  // namespace wedgeon
