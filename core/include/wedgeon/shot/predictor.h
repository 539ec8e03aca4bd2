// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The one door to predictions: a player and the conditions go in once, and nothing that is
/// asked can leave a part of them out.
#pragma once

#include <optional>
#include <vector>

#include "wedgeon/explain/explain.h"
#include "wedgeon/inverse/inverse.h"
#include "wedgeon/shot/conditions.h"
#include "wedgeon/shot/player_model.h"
#include "wedgeon/shot/sensitivity.h"
#include "wedgeon/shot/shot.h"
#include "wedgeon/shot/spread.h"
#include "wedgeon/shot/worth.h"
#include "wedgeon/simulate/simulate.h"

namespace wedgeon {

/// Predicts this player's shots in these conditions. A left-hander's are the right-hander's in a
/// mirror; directions are in the world's frame. A value; two threads may ask the same one.
/// Every prediction \throws RangeError naming the field, its value and the limits.
class Predictor {
public:
    /// \throws RangeError from Lie::validate and Line::validate.
    Predictor(PlayerModel player, Conditions conditions);

    const PlayerModel& player() const { return player_; }
    const Conditions& conditions() const { return conditions_; }
    /// Ball, face and lie as the priors have them, or as tuned.
    const Contact& contact() const { return contact_; }
    /// Air and ground, or the line, as they are said, or as tuned.
    const Surroundings& surroundings() const { return surroundings_; }
    /// The set-up that comes to the ball: as declared, or as this player is known to deliver it.
    Recipe delivered(const Recipe& declared) const;
    /// The same, once it is clear that it can be played. \throws RangeError in the numbers that
    /// were declared.
    Recipe playable(const Recipe& declared) const;

    /// What the set-up makes of the swing, in the world's frame.
    Swing swing(const Recipe& recipe) const;
    /// From the set-up.
    ShotResult shot(const Recipe& recipe, ShotTrace* trace = nullptr,
                    const StrikeLaw& law = {}) const;
    /// A planned shot with body, path and face turned by \p aim_rad (positive is right).
    ShotResult turned(const ShotResult& planned, double aim_rad, ShotTrace* trace = nullptr) const;
    /// From a measured delivery (world frame), less the device's biases where they are tuned. What
    /// the lie does to the club's speed and face has happened before it was measured and is not
    /// counted again.
    ShotResult shotFrom(const Delivery& measured, ShotTrace* trace = nullptr,
                        const StrikeLaw& law = {}) const;
    /// Flight and run of a ball whose launch is measured.
    ShotResult shotFrom(const Launch& measured, ShotTrace* trace = nullptr) const;

    /// How a planned shot meets the turf. \p depth_m as SolePass has it; by default the player aims
    /// where StrikeMargin has it.
    SolePass solePass(const ShotResult& shot, std::optional<double> depth_m = {}) const;
    /// How this player's low point and depth scatter with a set-up.
    SoleScatter soleScatter(const Recipe& recipe) const;
    /// How often this player strikes \p shot, planned with \p recipe, fat, clean and thin.
    StrikeChances chances(const Recipe& recipe, const ShotResult& shot) const;
    /// Speed of the club for a carry, exact to 1 mm of carry. \throws RangeError "carry_m" with
    /// what this recipe reaches when no speed from 0.5 to 60 m/s does.
    double speedForCarry(const Recipe& recipe, double carry_m) const;
    /// Speed of the club for a distance along the line to where the ball rests, to 1 mm of it;
    /// where the run jumps over it (a bounce comes or goes), the jump. The softest one that does.
    /// \throws RangeError "total_m" with what this recipe reaches when no speed does.
    double speedForTotal(const Recipe& recipe, double total_m) const;
    /// Turn of body, path and face together that brings the ball to rest on the target line
    /// (positive is right): the aim for the start line, the curve and the break of this shot. None
    /// where no turn within 50 degrees does, as across a slope on which the ball does not stop.
    std::optional<double> aim(const Recipe& recipe) const;

    /// What \p prior says of swings or readings, with what is tuned in its place.
    SpreadSource source(const SpreadSource& prior) const;
    /// Moves each source by one standard deviation both ways, predicts again and adds the squares:
    /// 2 predictions for each source. First order: near a lopsided outcome (a mishit) it is too
    /// narrow. A neighbour that is out of range is left out. \p shot supplies delivery and contact,
    /// so that it fits both kinds of prediction.
    Spread spread(const ShotResult& shot, const SpreadSource& prior) const;
    /// The run's interval from \p samples of the sources played together by the batch, each as it
    /// comes, a bounce that bites or skips with it; no mishits. Nothing where the model has no
    /// answer for most of them.
    std::optional<RunBand> runBand(const ShotResult& shot, const SpreadSource& prior,
                                   std::size_t samples = 60) const;
    /// The spread, with the run's as it was played.
    Spread spreadWithRun(const ShotResult& shot, const SpreadSource& prior,
                         std::size_t samples = 60) const;
    /// Every step that a coach would speak of, each alone, from this recipe. Whole steps are
    /// played, not slopes: a bounce that comes or goes with the step is in it. \p speed_mps is one
    /// unit of the speed, as people read it.
    std::vector<Worth> worth(const Recipe& recipe, double speed_mps = 1.0) const;
    /// Which part of the player's scatter moves the carry most, to first order.
    MainRisk mainRisk(const ShotResult& shot) const;
    /// Plays the recipe \p options.samples times. Each sample draws from its own stream, made from
    /// the seed and its number, so that the result is the same to the last bit on any number of
    /// threads. A swing that misses the margin becomes a fat or thin strike with its effects.
    Simulation simulate(const Recipe& recipe, const SimulationOptions& options = {}) const;

    /// Derivatives at a recipe, by automatic differentiation through every stage. Exact up to the
    /// number of bounces: where a bounce appears or goes, an outcome of the run jumps and the slope
    /// is that of this side. Nothing over a line: the laws of its borders have no slope.
    std::optional<Sensitivity> sensitivity(const Recipe& recipe) const;
    /// The smallest change of a set-up that reaches the targets; see inverse.h.
    InverseResult findRecipe(const Recipe& start, const std::vector<Target>& targets,
                             const std::vector<Freedom>& freedoms) const;
    /// The causes of a planned or measured shot struck cleanly, for explain().
    ShotCauses causes(const ShotResult& shot) const;

private:
    PlayerModel player_;
    Conditions conditions_;
    Contact contact_;
    Surroundings surroundings_;
};

}  // namespace wedgeon
