// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Ways of playing a wedge that coaches teach, as starting recipes, and what follows from
/// geometry and impact of what their teachers say. Opposite schools stand side by side: the model
/// says what it can, a trial with the player decides.
#pragma once

#include <span>
#include <string_view>
#include <vector>

#include "wedgeon/shot/predictor.h"

namespace wedgeon {

/// What a claim is about. Directions are a right-hander's.
enum class Measure {
    Attack,  ///< less is steeper
    Launch,
    StartLine,  ///< more is farther right
    Spin,
    SpinAxis,  ///< more curves farther right
    Apex,
    LandingAngle,
    Release,
    ClubSpeed,  ///< needed for the same carry
    DynamicLoft,
    FaceAngle,
    Room,  ///< depth of the sole within which the strike is clean
    LeadingEdge
};
inline constexpr std::size_t measureCount = 13;

struct MeasureInfo {
    Measure measure;
    std::string_view key;  ///< with its unit
    double factor;         ///< value in that unit of one SI unit
    double least;          ///< SI: a smaller difference counts as none
};
const MeasureInfo& info(Measure measure);

/// One thing that the school's teachers say it does, in a form that can be checked.
struct Claim {
    Measure measure;
    int direction;         ///< 1 more, -1 less than \ref School::against
    std::string_view key;  ///< of what they say
};

struct School {
    std::string_view key;         ///< as files spell it
    std::string_view againstKey;  ///< of what it is compared with
    Recipe recipe;
    Recipe against;  ///< what its teachers compare it with
    std::span<const Claim> claims;
};

/// Every school, by the order in which they are usually met.
std::span<const School> schools();
/// nullptr when none has this key, nor had it once.
const School* findSchool(std::string_view key);

enum class Verdict {
    Follows,   ///< as claimed
    NoChange,  ///< less than MeasureInfo::least
    Opposite
};

struct Consequence {
    Claim claim;
    double against = 0.0, here = 0.0;  ///< SI, a right-hander's
    /// Half of the 80 % interval of here less against, as far as ball, face, head and ground are
    /// known. What a player does from swing to swing is not in it.
    double half = 0.0;
    Verdict verdict = Verdict::NoChange;
};

struct Consequences {
    std::vector<Consequence> claims;  ///< in the order of the school's
    Recipe recipe, against;           ///< at the speeds that carry equally far
};

/// What follows of a school's claims with this wedge, ball, lie and ground: \p recipe (the school's
/// own or an edited one) and the one it is compared with are both brought to the carry \p carry_m,
/// the only fair comparison of technique.
/// \throws RangeError when one of them is out of the model or cannot carry so far.
Consequences findConsequences(const School& school, const Recipe& recipe,
                              const Predictor& predictor, double carry_m);

/// A school for this player, who now plays another set-up.
struct SchoolFit {
    const School* school = nullptr;
    double clean = 0.0;  ///< chance of a clean strike with it, at the carry
    /// Of its claims, those that would change what he does now, and those that add nothing, as he
    /// does so already or the school does the opposite of it to him.
    std::vector<Consequence> adds, nothing;
};
struct SchoolFits {
    double cleanNow = 0.0;
    /// The best first: by the chance of a clean strike times the share of the claims that add
    /// something, each counted as if one more of two did. Those that cannot carry so far are left
    /// out.
    std::vector<SchoolFit> fits;
};
/// \throws RangeError where \p own cannot carry so far.
SchoolFits rankSchools(const Recipe& own, const Predictor& predictor, double carry_m);

}  // namespace wedgeon
