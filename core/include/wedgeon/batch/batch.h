// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Many shots at once: structure of arrays, several shots in each vector register.
#pragma once

#include <array>
#include <cstddef>
#include <memory>
#include <string_view>
#include <utility>
#include <vector>

#include "wedgeon/shot/predictor.h"

namespace wedgeon {

/// What a batch returns of each shot besides its outcomes.
enum class Extra {
    GripRatio,
    LandingSpeed,
    LandingSpin,
    FlightTime,
    Contacts,
    RollAfterHops,
    BitingBounce,
    FirstForward,
    FirstUp,
    FirstSpin,
    FirstGripped,   ///< 1 or 0
    Zone,           ///< of the line, where it rests
    InWater,        ///< 1 or 0
    BlockedBy,      ///< the obstacle that stops it, -1 for none
    LeastClearance  ///< over the obstacles on its way; infinite where there is none
};
inline constexpr std::size_t extraCount = 15;

/// The shots to play, as columns: all over plain ground, or all over one line.
class ShotBatch {
public:
    static constexpr std::size_t columnCount = 25;

    ShotBatch() = default;
    /// \param line None: each shot has its own plain ground.
    explicit ShotBatch(std::shared_ptr<const Terrain> line) : line_(std::move(line)) {}

    /// \return false where the prediction is over another line than the batch: nothing is added.
    /// \throws RangeError from the numbers themselves.
    [[nodiscard]] bool add(const Recipe& recipe, const Predictor& predictor);
    /// Makes room for so many, to be set one by one, from any threads.
    void resize(std::size_t shots);
    /// A strike that is known in every part. Its numbers are not checked one by one: where the laws
    /// have no answer, the result is not valid.
    void set(std::size_t shot, const Delivery& delivery, const Contact& contact,
             const StrikeLaw& law, const Air& air, const Ground& ground);
    /// The same over the batch's line, its ground \p firmer, \p rougher and \p faster by factors.
    void setOver(std::size_t shot, const Delivery& delivery, const Contact& contact,
                 const StrikeLaw& law, const Air& air, double firmer, double rougher,
                 double faster);
    void reserve(std::size_t shots);
    void clear();
    std::size_t size() const { return columns_[0].size(); }
    const std::array<std::vector<double>, columnCount>& columns() const { return columns_; }
    const Terrain* line() const { return line_.get(); }

private:
    void setStrike(std::size_t shot, const Delivery& delivery, const Contact& contact,
                   const StrikeLaw& law, const Air& air);

    std::shared_ptr<const Terrain> line_;
    std::array<std::vector<double>, columnCount> columns_;
};

/// Results in the order of the batch, SI. A shot that the model has no answer for (a launch or a
/// landing out of range) has valid 0 and NaN: calcShot says why.
struct BatchResult {
    std::array<std::vector<double>, outcomeCount> outcomes;
    std::array<std::vector<double>, extraCount> extras;
    std::vector<unsigned char> valid;

    double operator()(Outcome o, std::size_t shot) const {
        return outcomes[static_cast<std::size_t>(o)][shot];
    }
    double operator()(Extra e, std::size_t shot) const {
        return extras[static_cast<std::size_t>(e)][shot];
    }
    BehaviourResult behaviour(std::size_t shot) const;
};

/// Plays the batch on \p threads cores (0 for all) with the widest vectors that this machine has.
/// The same laws and steps as calcShot: outcomes agree to 1e-7 of their size, except where a bounce
/// of almost exactly 5 mm counts on one side only (one shot in some 10^8).
BatchResult calcBatch(const ShotBatch& batch, unsigned threads = 1);
/// The same into \p result, whose memory is used again.
void calcBatch(const ShotBatch& batch, BatchResult& result, unsigned threads = 1);

/// Name of the instruction set in use, for the record.
std::string_view batchInstructionSet();

}  // namespace wedgeon
