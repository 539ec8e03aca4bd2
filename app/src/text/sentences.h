// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a coach would say of a prediction, a measured shot and the givens.
#pragma once

#include <QString>
#include <optional>

#include "text/units.h"
#include "wedgeon/explain/explain.h"
#include "wedgeon/ladder/swing_ladder.h"
#include "wedgeon/shot/spread.h"
#include "wedgeon/tune/tune.h"

namespace wedgeon::text {

/// "checks on the first bounce, stops 3.9 yd on"
QString runWords(const BehaviourResult& behaviour, double release_m, const Units& units);
/// The same with the spread: "checks on the first bounce, stops 3.9 ± 0.9 yd on".
QString runWords(const BehaviourResult& behaviour, double release_m, const Spread& spread,
                 const Units& units);
/// One word for a narrow column: "checks", "releases".
QString runWord(Behaviour behaviour);

/// "Launches 31°, carries 38 yd, checks on the first bounce, stops 3.9 yd on."
QString shotSentence(const ShotResult& shot, const Units& units);
/// "Spin 5 600 ± 320 rpm: limited by loft, not by friction; more spin loft would still add spin."
QString whySentence(const ShotResult& shot, const Spread& spread);

/// What was measured of a shot that the file may know only in part.
struct Measured {
    std::optional<double> carry_m, release_m, landingAngle_rad, spin_radps;
};
/// "Landed at 37° and checked: stopped 0.5 m on."
QString measuredSentence(const Measured& measured, const Units& units);
/// "Predicted 2.9 ± 0.9 m. Spin 300 rpm above what loft and ball give: within the spread."
QString comparison(const Measured& measured, const ShotResult& predicted, const Spread& spread,
                   const Units& units);

/// What a share of a difference is due to.
QString cause(Cause cause);

/// Whose the strip is; "you" for nobody in particular.
QString playerName(std::string_view name);
QString wedge(const Wedge& wedge);
QString nameOf(const NamedLie& lie);
QString nameOf(const NamedBall& ball);
QString nameOf(const NamedFace& face);
QString ballAndFace(BallKind ball, FaceCondition face);
QString lie(const Lie& lie);
/// "2026-11-03 10:05" as "3 Nov"; what is no date stays as it is.
QString day(std::string_view iso);
/// "range, worn, dry · short grass, dry": what shares a friction.
QString tuneGroup(const TuneGroup& group);
/// "27.1 m/s with 56° of dynamic loft, 4.2° down attack: range, worn, dry · short grass, dry".
QString nextShot(const NextShot& shot, const SwingLadder& swings, const Units& units);
QString ground(const Ground& ground);
QString air(const Air& air, const Units& units);

}  // namespace wedgeon::text
