// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A lie as one sees and feels it: every answer narrows its numbers, what was not said stays
/// wide.
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string_view>

#include "wedgeon/lie/lie.h"

namespace wedgeon {

enum class GrassHeight { None, Quarter, Half, Over };  ///< against the ball
enum class GrassColour { Straw, Pale, Green, Lush };
enum class GrassLies { With, Against, AcrossAway, AcrossToward };  ///< from or to the player
enum class BallSits { Bare, Level, Up, Perched, Down };
enum class GrassHand { Dry, Wet };  ///< to the hand
enum class PracticeSwing { Free, Brushed, Grabbed, Dug };

/// What was said; all of it may stay open.
struct LieAnswers {
    std::optional<GrassHeight> height;
    std::optional<GrassColour> colour;
    std::optional<GrassLies> grain;
    std::optional<BallSits> sits;
    std::optional<GrassHand> hand;
    std::optional<PracticeSwing> swing;

    bool operator==(const LieAnswers&) const = default;
};

/// What the answers make of the lie.
struct LieReading {
    enum Part : std::size_t { Cover, Moisture, Grain, Sit, size };  ///< logit, logit, rad, m

    std::array<double, size> mean{};
    std::array<std::array<double, size>, size> lower{};  ///< Cholesky factor of the covariance

    /// The most likely one.
    Lie lie(double firmness) const;
    /// The lie that is \p deviations off in independent directions.
    Lie at(const std::array<double, size>& deviations, double firmness) const;
    /// 10th and 90th percentile of a part, as a lie has it (0-1, 0-1, rad, m).
    std::array<double, 2> interval80(Part part) const;
    /// Share of the club's speed that this lie leaves: 10th, 50th and 90th percentile of 400 lies.
    std::array<double, 3> speedKept() const;
};

/// Answers combine as independent Gaussians on the logit of cover and moisture, on grain and sit.
/// The practice swing is a reading of the share of speed that cover, moisture and grain leave; its
/// law is linearised where it comes to rest. Priors of model.md, section 3.
LieReading readLie(const LieAnswers& answers);

/// How files spell the answers, in the order of the enumerators.
std::span<const std::string_view> answerKeys(GrassHeight);
std::span<const std::string_view> answerKeys(GrassColour);
std::span<const std::string_view> answerKeys(GrassLies);
std::span<const std::string_view> answerKeys(BallSits);
std::span<const std::string_view> answerKeys(GrassHand);
std::span<const std::string_view> answerKeys(PracticeSwing);

}  // namespace wedgeon
