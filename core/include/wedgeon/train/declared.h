// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A shot against what was declared before it: which part of the miss the swing made, which
/// the strike, and which air and ground, that nobody swings.
#pragma once

#include <optional>
#include <vector>

#include "wedgeon/shot/predictor.h"

namespace wedgeon {

/// What is known of a shot beside its set-up. Distances along the line from the ball; side of the
/// rest, right is positive.
struct MissReading {
    std::optional<Delivery> delivery;
    std::optional<Launch> launch;
    std::optional<double> carry_m, total_m, side_m;
};

enum class MissCause {
    Swing,   ///< another speed, attack, path, loft or face than the set-up gives
    Strike,  ///< another ball than that swing gives off the middle of the face
    Air,     ///< another carry than that ball has in this air
    Ground   ///< another run than that landing has on this ground
};

/// A part of the miss along or across the line. With several causes where the reading does not tell
/// them apart.
struct MissPart {
    std::vector<MissCause> causes;
    double miss_m = 0.0;
};
struct MissShares {
    /// Where it came to rest, or landed where the rest is not known, less where it was declared to;
    /// nothing where neither is known.
    std::optional<double> whole_m;
    std::vector<MissPart> parts;  ///< add up to the whole
    /// What swing and strike made of it: the whole less air and ground, where they are known apart.
    std::optional<double> own_m;
};
struct DeclaredMiss {
    ShotResult meant;
    bool ofRest = false;  ///< along the line it is the rest that is held against it, not the carry
    MissShares along, across;
};

/// Walks from the declared set-up by way of the delivery, the launch and the carry, as far as they
/// are known, to where the ball came to rest; each step is its causes' part. A delivery or launch
/// outside the model counts as not known. The set-up is turned by \p aim_rad, positive is right.
/// \throws RangeError from the declared set-up.
DeclaredMiss findMiss(const Predictor& predictor, const Recipe& declared, double aim_rad,
                      const MissReading& reading);

}  // namespace wedgeon
