// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing what can be compared with what.
#include "wedgeon/explain/compare.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <random>

#include "wedgeon/error.h"
#include "wedgeon/unknowns.h"

namespace wedgeon {
namespace {

using Chosen = std::vector<const ComparedShot*>;

template <class Has>
Chosen chosenOf(std::span<const ComparedShot> all, const Has& has, const GroupOptions& options) {
    Chosen with, out;
    for (const ComparedShot& s : all) {
        if (has(s)) with.push_back(&s);
    }
    std::mt19937_64 random(options.seed);
    std::sample(with.begin(), with.end(), std::back_inserter(out), options.mostShots, random);
    return out;
}

double meanOf(const std::vector<double>& values) {
    double sum = 0.0;
    for (const double v : values)
        sum += v;
    return sum / static_cast<double>(values.size());
}

/// Of a group by its values; of a single one as it is known.
MeanVariance varianceOf(const std::vector<double>& values, double known) {
    return values.size() > 1 ? MeanVariance::of(values) : MeanVariance{known, 0};
}

double square(double v) {
    return v * v;
}

class Comparing {
public:
    Comparing(std::span<const ComparedShot> a, std::span<const ComparedShot> b,
              const GroupOptions& options)
        : a_(a), b_(b), options_(options) {}

    std::optional<OutcomeDifference> of(Outcome outcome) {
        const auto o = static_cast<std::size_t>(outcome);
        const auto isRead = [&](const ComparedShot& s) { return s.read[o].has_value(); };
        const auto isKnown = [](const ComparedShot& s) { return s.causes.has_value(); };
        const auto isBoth = [&](const ComparedShot& s) { return isRead(s) && isKnown(s); };
        OutcomeDifference out;
        out.outcome = outcome;
        if (choose(isBoth)) {
            out.measured = true;
            if (explainChosen()) share(out, o);
        } else if (choose(isRead)) {
            out.measured = true;
        } else if (choose(isKnown) && explainChosen()) {
            predict(out, o);
        } else {
            return std::nullopt;
        }
        if (out.measured) measure(out, o);
        out.usedA = chosenA_.size();
        out.usedB = chosenB_.size();
        out.leftOut = a_.size() + b_.size() - allA_ - allB_;
        return out;
    }

private:
    template <class Has>
    bool choose(const Has& has) {
        chosenA_ = chosenOf(a_, has, options_);
        chosenB_ = chosenOf(b_, has, options_);
        allA_ = static_cast<std::size_t>(std::count_if(a_.begin(), a_.end(), has));
        allB_ = static_cast<std::size_t>(std::count_if(b_.begin(), b_.end(), has));
        return !chosenA_.empty() && !chosenB_.empty();
    }

    /// The chosen ones, once for all outcomes that have the same. False where no pair is in range.
    bool explainChosen() {
        if (chosenA_ == explainedA_ && chosenB_ == explainedB_) return explained_.has_value();
        explainedA_ = chosenA_;
        explainedB_ = chosenB_;
        explained_.reset();
        const auto causes = [](const Chosen& all) {
            std::vector<ShotCauses> out;
            out.reserve(all.size());
            for (const ComparedShot* s : all)
                out.push_back(*s->causes);
            return out;
        };
        try {
            explained_ = explainGroups(causes(chosenA_), causes(chosenB_), options_);
        } catch (const RangeError&) {
            // No mixture of the two sides is inside the model.
        }
        return explained_.has_value();
    }

    void predict(OutcomeDifference& out, std::size_t o) const {
        out.from = explained_->mean.from[o];
        out.to = explained_->mean.to[o];
        const auto open = [&](const Chosen& all) {
            double sum = 0.0;
            for (const ComparedShot* s : all)
                sum += s->open[o];
            return sum / static_cast<double>(all.size());
        };
        out.halfDifference =
            std::hypot(explained_->halfDifference[o], open(chosenA_), open(chosenB_));
        auto& shares = out.shares.emplace();
        shares.share = explained_->mean.share[o];
        shares.half = explained_->half[o];
    }

    static std::vector<double> readings(const Chosen& all, std::size_t o) {
        std::vector<double> out;
        out.reserve(all.size());
        for (const ComparedShot* s : all)
            out.push_back(*s->read[o]);
        return out;
    }

    void measure(OutcomeDifference& out, std::size_t o) {
        const auto a = readings(chosenA_, o), b = readings(chosenB_, o);
        out.from = meanOf(a);
        out.to = meanOf(b);
        out.halfDifference =
            findDifferenceHalf80(varianceOf(a, square(readDeviation(out.outcome, out.from))),
                                 varianceOf(b, square(readDeviation(out.outcome, out.to))));
        if (!out.shares) return;
        out.shares->rest = out.difference() - (explained_->mean.to[o] - explained_->mean.from[o]);
    }

    void share(OutcomeDifference& out, std::size_t o) const {
        auto& shares = out.shares.emplace();
        shares.share = explained_->mean.share[o];
        shares.half = explained_->half[o];
        const auto rests = [&](const Chosen& all) {
            std::vector<double> rest;
            for (const ComparedShot* s : all) {
                const ShotCauses& c = *s->causes;
                const ShotResult shot = calcShotWith(c.delivery, c.contact, c.surroundings, c.law);
                rest.push_back(*s->read[o] - valueOf(shot, out.outcome));
            }
            return rest;
        };
        const auto a = rests(chosenA_), b = rests(chosenB_);
        // A single one: what its club and its ball were read wrong by.
        const auto known = [&](const Chosen& all, double club) {
            return club + square(readDeviation(out.outcome, *all.front()->read[o]));
        };
        shares.halfRest =
            findDifferenceHalf80(varianceOf(a, known(chosenA_, explained_->readVarianceA[o])),
                                 varianceOf(b, known(chosenB_, explained_->readVarianceB[o])));
    }

    std::span<const ComparedShot> a_, b_;
    GroupOptions options_;
    Chosen chosenA_, chosenB_, explainedA_, explainedB_;
    std::size_t allA_ = 0, allB_ = 0;
    std::optional<GroupExplanation> explained_;
};

}  // namespace

double readDeviation(Outcome outcome, double value) {
    switch (outcome) {
        case Outcome::BallSpeed:
            return unknowns::readBallSpeed * value;
        case Outcome::LaunchAngle:
        case Outcome::LaunchDirection:
            return unknowns::readLaunch_rad;
        case Outcome::SpinRate:
            return unknowns::readSpin * value;
        case Outcome::SpinAxis:
            return unknowns::readAxis_rad;
        case Outcome::Carry:
            return unknowns::readCarry * value;
        case Outcome::Apex:
            return unknowns::readApex * value;
        case Outcome::LandingAngle:
            return unknowns::readLanding_rad;
        case Outcome::Release:
        case Outcome::Total:
        case Outcome::Side:
        case Outcome::RestSide:
            return unknowns::readRest_m;
        case Outcome::Attack:
        case Outcome::Path:
        case Outcome::FaceAngle:
            return unknowns::readAngle_rad;
        case Outcome::DynamicLoft:
        case Outcome::SpinLoft:
            return unknowns::readLoft_rad;
    }
    return 0.0;
}

std::vector<OutcomeDifference> compareShots(std::span<const ComparedShot> a,
                                            std::span<const ComparedShot> b,
                                            std::span<const Outcome> outcomes,
                                            const GroupOptions& options) {
    options.validate();
    std::vector<OutcomeDifference> out;
    Comparing comparing(a, b, options);
    for (const Outcome o : outcomes) {
        if (auto one = comparing.of(o)) out.push_back(*one);
    }
    return out;
}

}  // namespace wedgeon
