// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Ranking the faults, and what speaks for each.
#include "wedgeon/cause/cause.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "cause/check.h"
#include "cause/held.h"
#include "delivery/delivery_kernel.h"
#include "wedgeon/error.h"
#include "wedgeon/normal.h"
#include "wedgeon/parallel.h"
#include "wedgeon/units.h"

namespace wedgeon {

using namespace cause;

namespace {

constexpr double leastBits = 0.5;

double logNormal(double x, double variance) {
    return -0.5 * (x * x / variance + std::log(2.0 * std::numbers::pi * variance));
}

/// One sign of the shots, and how likely it is with each fault.
struct Told {
    PatternSign sign;
    std::vector<double> logLikelihood, expected;  // by fault of the list
};

class Causes {
public:
    explicit Causes(const CauseRequest& q) : q_(q), kinds_(q) {}

    CauseAnswer find();

private:
    void chooseFaults();
    void findUsual();
    Prior priorOf(Fault fault) const;
    void fitAll();
    void believe(CauseAnswer& answer);
    void tellLie(CauseAnswer& answer) const;
    void tellNumbers();
    void tellMarks();
    void tell(CauseAnswer& answer) const;
    void tellChecks(CauseAnswer& answer) const;
    std::array<FaultCost, outcomeCount> costsOf(std::size_t fault) const;

    const CauseRequest& q_;
    Kinds kinds_;
    Prior usual_;
    std::vector<Fault> faults_;
    std::vector<double> before_, likely_;
    std::vector<Prior> priors_;
    std::vector<Told> told_;
    /// What the shots leave of each fault, and the first kind there.
    std::vector<Fitted> fits_;
    std::vector<std::optional<Linear>> found_;
    std::optional<Linear> sound_;  // the first kind as it usually is
};

void Causes::findUsual() {
    const Conditions& c = q_.kinds.front().conditions;
    Prior before;
    before.covariance = commonDeviations(q_.player, q_.level, c).cwiseAbs2().asDiagonal();
    const ChangesMatrix day = dayDeviations().cwiseAbs2().asDiagonal();
    usual_ = before;
    double days = 0.0;
    if (!q_.usual.empty()) {
        const Fitted its = fit(kinds_, {q_.usual, {}}, before, q_.stop);
        if (its.plays) {
            usual_ = its.posterior;
            days = static_cast<double>(std::max<std::size_t>(q_.usualDays, 1));
        }
    }
    // The day of the pattern, and what his usual days leave of theirs in the mean.
    usual_.covariance += (days > 0.0 ? 1.0 + 1.0 / days : 1.0) * day;
}

Prior Causes::priorOf(Fault fault) const {
    Prior out = usual_;
    for (const FaultPart& p : partsOf(fault, q_.kinds.front().conditions)) {
        const auto i = cause::at(p.change);
        out.mean[i] += p.mean;
        out.covariance(i, i) += p.sd * p.sd;
    }
    return out;
}

void Causes::tellNumbers() {
    using Row = Eigen::RowVector<double, changes>;
    struct Mean {
        std::size_t shots = 0;
        double off = 0.0, noise = 0.0;
        std::vector<double> expected;  // by fault
        std::vector<Row> slope;
    };
    std::array<Mean, readableCount> means;
    for (const PatternShot& s : q_.shots) {
        const auto& usual = fits_.front().atPrior[s.kind];
        if (!usual) continue;
        for (const Number& n : numbersOf(s)) {
            Mean& m = means[static_cast<std::size_t>(n.of)];
            m.expected.resize(faults_.size(), 0.0);
            m.slope.resize(faults_.size(), Row::Zero());
            ++m.shots;
            m.off += n.value - usual->here.mean[n.of];
            m.noise += n.variance + usual->scatter(n.of, n.of);
            for (std::size_t f = 0; f < faults_.size(); ++f) {
                const auto& its = fits_[f].atPrior[s.kind];
                if (!its) continue;
                m.expected[f] += its->here.mean[n.of] - usual->here.mean[n.of];
                m.slope[f] += its->slope.row(n.of);
            }
        }
    }
    for (Eigen::Index r = 0; r < readableCount; ++r) {
        const Mean& m = means[static_cast<std::size_t>(r)];
        if (m.shots == 0) continue;
        const auto n = static_cast<double>(m.shots);
        const auto varianceOf = [&](const Row& slope, const ChangesMatrix& open) {
            return m.noise / (n * n) + (slope * open * slope.transpose()).value() / (n * n);
        };
        Told t;
        t.sign.shots = m.shots;
        t.sign.hasNumber = true;
        t.sign.off = m.off / n;
        t.sign.half80 = halfOf80 * std::sqrt(varianceOf(m.slope.front(), usual_.covariance));
        for (std::size_t f = 0; f < faults_.size(); ++f) {
            t.expected.push_back(m.expected[f] / n);
            t.logLikelihood.push_back(logNormal(t.sign.off - t.expected[f],
                                                varianceOf(m.slope[f], priors_[f].covariance)));
        }
        if (r < static_cast<Eigen::Index>(outcomeCount)) {
            t.sign.sign = {Sign::Of::Read, static_cast<Outcome>(r), {}};
        } else {
            t.sign.sign.of = r == ClubSpeed ? Sign::Of::ClubSpeed : Sign::Of::Height;
        }
        told_.push_back(std::move(t));
    }
}

void Causes::tellMarks() {
    const auto of = [this](Sign sign) -> Told& {
        for (Told& t : told_) {
            if (t.sign.sign == sign && !t.sign.hasNumber) return t;
        }
        Told t;
        t.sign.sign = sign;
        t.logLikelihood.assign(faults_.size(), 0.0);
        t.expected.assign(faults_.size(), 0.0);
        told_.push_back(std::move(t));
        return told_.back();
    };
    for (std::size_t f = 0; f < faults_.size(); ++f) {
        const ChangesMatrix& open = priors_[f].covariance;
        for (const PatternShot& s : q_.shots) {
            const auto& its = fits_[f].atPrior[s.kind];
            if (!its) continue;
            for (const Mark& m : marksOf(s, *its, its->here, open)) {
                Told& t = of({m.of, {}, {}});
                if (f == 0) ++t.sign.shots;
                t.logLikelihood[f] += m.logLikelihood;
            }
        }
        const auto& its = fits_[f].atPrior.front();
        if (!its || !kinds_.reference(0)) continue;
        for (const Complaint c : q_.complaints) {
            Told& t = of({Sign::Of::Complaint, {}, c});
            t.logLikelihood[f] += logComplaint(c, *its, its->here, *kinds_.reference(0), open);
        }
    }
}

void Causes::tell(CauseAnswer& answer) const {
    for (const Told& t : told_)
        answer.signs.push_back(t.sign);
    for (std::size_t f = 0; f < faults_.size(); ++f) {
        FaultBelief& b = answer.beliefs[f];
        for (std::size_t s = 0; s < told_.size(); ++s) {
            // Beside the others, by what is believed of them.
            double others = 0.0, weights = 0.0;
            const Told& t = told_[s];
            const double most = *std::max_element(t.logLikelihood.begin(), t.logLikelihood.end());
            for (std::size_t g = 0; g < faults_.size(); ++g) {
                if (g == f) continue;
                const double weight = 0.5 * (before_[g] + likely_[g]);
                weights += weight;
                others += weight * std::exp(t.logLikelihood[g] - most);
            }
            if (weights <= 0.0 || others <= 0.0) continue;
            const double bits =
                (t.logLikelihood[f] - most - std::log(others / weights)) / std::numbers::ln2;
            if (std::abs(bits) >= leastBits) b.speaks.push_back({s, t.expected[f], bits});
        }
        std::stable_sort(b.speaks.begin(), b.speaks.end(), [](const Speaks& x, const Speaks& y) {
            return std::abs(x.bits) > std::abs(y.bits);
        });
    }
}

std::array<FaultCost, outcomeCount> Causes::costsOf(std::size_t fault) const {
    std::array<FaultCost, outcomeCount> out{};
    const auto& its = found_[fault];
    if (!its || !sound_) return out;
    for (std::size_t o = 0; o < outcomeCount; ++o) {
        const auto i = static_cast<Eigen::Index>(o);
        // Of what is not known: the fault's own size; and what is the same in both as far as it
        // does something else to each.
        auto slope = Eigen::RowVector<double, changes>(its->slope.row(i) - sound_->slope.row(i));
        for (const FaultPart& p : partsOf(faults_[fault], q_.kinds.front().conditions))
            slope[cause::at(p.change)] = its->slope(i, cause::at(p.change));
        const double variance =
            (slope * fits_[fault].posterior.covariance * slope.transpose()).value();
        // The fault alone, from the usual: by its parts.
        out[o] = {its->here.mean[i] - sound_->here.mean[i],
                  halfOf80 * std::sqrt(std::max(variance, 0.0))};
    }
    return out;
}

void Causes::tellChecks(CauseAnswer& answer) const {
    if (!sound_) return;
    std::vector<Suspect> suspects;
    for (std::size_t f = 0; f < faults_.size(); ++f) {
        suspects.push_back({faults_[f], likely_[f],
                            partsOf(faults_[f], q_.kinds.front().conditions), fits_[f].posterior,
                            found_[f] ? &*found_[f] : nullptr});
    }
    // What is read of a shot that was not a mishit, each once.
    std::vector<Number> read;
    for (const PatternShot& s : q_.shots) {
        for (const Number& n : numbersOf(s)) {
            if (std::none_of(read.begin(), read.end(),
                             [&](const Number& have) { return have.of == n.of; }))
                read.push_back(n);
        }
    }
    answer.checks = findChecks(suspects, usual_, *sound_, read);
}

void Causes::chooseFaults() {
    const Conditions& conditions = q_.kinds.front().conditions;
    const auto priors = q_.priors.empty() ? faultPriors(q_.level, conditions) : q_.priors;
    const bool isRead = std::any_of(q_.shots.begin(), q_.shots.end(), [](const PatternShot& s) {
        return s.clubSpeed_mps || std::any_of(s.read.begin(), s.read.end(),
                                              [](const auto& v) { return v.has_value(); });
    });
    double all = 0.0;
    for (std::size_t i = 0; i < faultCount; ++i) {
        const auto fault = static_cast<Fault>(i);
        const bool can = priors[i] > 0.0 && !partsOf(fault, conditions).empty() &&
                         (fault != Fault::Device || isRead);
        if (fault != Fault::None && !can) continue;
        faults_.push_back(fault);
        before_.push_back(priors[i]);
        all += priors[i];
    }
    for (double& p : before_)
        p = all > 0.0 ? p / all : 1.0 / static_cast<double>(before_.size());
}

void Causes::fitAll() {
    for (const Fault f : faults_)
        priors_.push_back(priorOf(f));
    fits_.resize(faults_.size());
    found_.resize(faults_.size());
    if (kinds_[0]) sound_ = kinds_[0]->around(usual_.mean);
    runParts(faults_.size(), q_.threads, [&](std::size_t f) {
        if (q_.stop.stop_requested()) return;
        fits_[f] = fit(kinds_, {q_.shots, q_.complaints}, priors_[f], q_.stop);
        if (!kinds_[0] || !fits_[f].plays) return;
        // The fault's own parts as they were found, on his usual.
        Changes its = usual_.mean;
        for (const FaultPart& p : partsOf(faults_[f], q_.kinds.front().conditions))
            its[cause::at(p.change)] = fits_[f].posterior.mean[cause::at(p.change)];
        found_[f] = kinds_[0]->around(its);
    });
}

void Causes::believe(CauseAnswer& answer) {
    double most = -std::numeric_limits<double>::infinity();
    for (const Fitted& f : fits_) {
        if (f.plays) most = std::max(most, f.logEvidence);
    }
    double sum = 0.0;
    for (std::size_t f = 0; f < faults_.size(); ++f) {
        // A fault that cannot be played here is neither likelier nor less likely.
        const double its = fits_[f].plays ? fits_[f].logEvidence - most : 0.0;
        likely_.push_back(before_[f] * std::exp(its));
        sum += likely_.back();
    }
    for (std::size_t f = 0; f < faults_.size(); ++f) {
        likely_[f] /= sum;
        FaultBelief b;
        b.fault = faults_[f];
        b.before = before_[f];
        b.likely = likely_[f];
        for (const FaultPart& p : partsOf(b.fault, q_.kinds.front().conditions)) {
            const auto i = cause::at(p.change);
            b.sizes.push_back({p.change, fits_[f].posterior.mean[i] - usual_.mean[i],
                               halfOf80 * std::sqrt(fits_[f].posterior.covariance(i, i))});
        }
        b.costs = costsOf(f);
        answer.beliefs.push_back(std::move(b));
    }
}

void Causes::tellLie(CauseAnswer& answer) const {
    if (!kinds_[0] || !kinds_.reference(0)) return;
    // The reference is played with nothing changed, and so is what it stands beside.
    const auto plain = kinds_[0]->at(Changes::Zero());
    for (std::size_t o = 0; plain && o < outcomeCount; ++o) {
        const auto i = static_cast<Eigen::Index>(o);
        answer.ofTheLie[o] = plain->mean[i] - kinds_.reference(0)->mean[i];
    }
}

CauseAnswer Causes::find() {
    CauseAnswer out;
    const auto playing = [this](const std::vector<PatternShot>& shots) {
        return static_cast<std::size_t>(
            std::count_if(shots.begin(), shots.end(),
                          [this](const PatternShot& s) { return kinds_[s.kind] != nullptr; }));
    };
    out.shots = playing(q_.shots);
    out.usual = playing(q_.usual);
    chooseFaults();
    findUsual();
    fitAll();
    if (q_.stop.stop_requested()) {
        out.stopped = true;
        return out;
    }
    for (Eigen::Index i = 0; i < changes; ++i) {
        out.usualChanges.push_back({static_cast<FaultChange>(i), usual_.mean[i],
                                    halfOf80 * std::sqrt(usual_.covariance(i, i))});
    }
    believe(out);
    tellLie(out);
    tellChecks(out);
    tellNumbers();
    tellMarks();
    tell(out);
    std::stable_sort(
        out.beliefs.begin(), out.beliefs.end(),
        [](const FaultBelief& a, const FaultBelief& b) { return a.likely > b.likely; });
    return out;
}

}  // namespace

void CauseRequest::validate() const {
    const auto sized = [](std::string_view what, std::size_t size, double least, double most) {
        requireRange(what, static_cast<double>(size), least, most);
    };
    sized("kinds", kinds.size(), 1, 200);
    sized("shots", shots.size(), 0, 2000);
    sized("usual", usual.size(), 0, 2000);
    for (const auto* list : {&shots, &usual}) {
        for (const PatternShot& s : *list) {
            requireRange("kind", static_cast<double>(s.kind), 0.0,
                         static_cast<double>(kinds.size()) - 1.0);
            s.seen.validate();
        }
    }
    if (!priors.empty()) {
        sized("priors", priors.size(), faultCount, faultCount);
        for (const double p : priors)
            requireRange("priors", p, 0.0, 1.0);
    }
}

const FaultBelief* CauseAnswer::find(Fault fault) const {
    for (const FaultBelief& b : beliefs) {
        if (b.fault == fault) return &b;
    }
    return nullptr;
}

ShotResult playChanged(const PlayerModel& player, const PatternKind& kind,
                       std::span<const SizedChange> sizes, ShotTrace* trace) {
    Changes z = Changes::Zero();
    for (const SizedChange& s : sizes)
        z[cause::at(s.change)] += s.value;
    return KindEffects(player, Level::ClubPlayer, kind).play(z, trace);
}

Recipe withChanges(const Recipe& declared, std::span<const SizedChange> sizes) {
    Recipe out = declared;
    for (const SizedChange& s : sizes) {
        switch (s.change) {
            case FaultChange::Lean:
                out.lean_rad += s.value;
                break;
            case FaultChange::Open:
                out.open_rad += s.value;
                break;
            case FaultChange::Ball:
                out.ballForward_m += s.value;
                break;
            case FaultChange::LowPoint:
                out.weightLead_pct = std::clamp(
                    out.weightLead_pct + s.value / kernel::lowPointPerPercent_m, 0.0, 100.0);
                break;
            case FaultChange::Handle:
                out.handleRaised_m = std::clamp(out.handleRaised_m + s.value, -0.15, 0.25);
                break;
            case FaultChange::Speed:
                out.clubSpeed_mps = std::clamp(out.clubSpeed_mps * std::exp(s.value), 0.5, 60.0);
                break;
            case FaultChange::FaceTurn:
                // Closing is a release style in a set-up; what is left of it is opened less.
                if (s.value < radFromDeg(-2) && out.release != Release::Rotate) {
                    const double more =
                        releaseClosing_rad(Release::Rotate) - releaseClosing_rad(out.release);
                    out.release = Release::Rotate;
                    out.open_rad += s.value + more;
                } else {
                    out.open_rad += s.value;
                }
                break;
            default:
                break;
        }
    }
    return out;
}

CauseAnswer findCauses(const CauseRequest& request) {
    request.validate();
    return Causes(request).find();
}

}  // namespace wedgeon
