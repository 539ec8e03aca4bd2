// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The rules, one by one.
#include "wedgeon/store/quality.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

#include "wedgeon/error.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/sightings.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

// The fastest that a face drives a ball: square, at low speed. (1 + e0)/(1 + m/M).
constexpr double mostSmash =
    (1 + constants::restitution0) / (1 + constants::ballMass_kg / constants::headMass_kg);

// How far from the prior's strike a reading is still ordinary; see the header.
constexpr double fastest = 1.15;
constexpr double fatSpeed = 0.88;
constexpr double fatSpin = 0.85;
constexpr double thinLaunch_rad = radFromDeg(5);
constexpr double thinSpin = 0.75;
constexpr double offAxis_rad = radFromDeg(12);

constexpr std::size_t frozenRun = 4;
constexpr std::size_t roundRun = 6;
constexpr std::size_t leastGroup = 8;
constexpr double farFromMedian = 6.0;
// For mishits, where two signs have to agree.
constexpr double lowSpin = 2.0;
constexpr double lowSpeed = 3.0;
constexpr double farBelow = 4.0;

bool isNear(double value, double target, double share) {
    return std::abs(value / target - 1) < share;
}

class Judge {
public:
    Judge(const ShotList& shots, const Fallback& fallback, std::size_t from, std::stop_token stop)
        : shots_(shots),
          from_(from),
          size_(shots.size() - from),
          fallback_(fallback),
          stop_(std::move(stop)),
          notes_(size_),
          spinShare_(size_) {}

    std::vector<std::vector<QualityNote>> run() {
        for (std::size_t i = 0; i < size_; ++i) {
            if (i % 1024 == 0 && stop_.stop_requested()) return std::move(notes_);
            if (shots_[from_ + i].damaged) {
                note(i, Doubt::Damaged, 1.0, Says::ShotDamaged);
            }
            judgeStrike(i);
            judgeTurf(i);
            judgeRepeats(i);
        }
        findFrozen();
        findRoundSpin();
        findOutliers();
        for (auto& n : notes_) {
            std::stable_sort(n.begin(), n.end(), [](const auto& a, const auto& b) {
                return a.confidence > b.confidence;
            });
        }
        return std::move(notes_);
    }

private:
    const ShotRecord& at(std::size_t i) const { return shots_[from_ + i].record; }

    void note(std::size_t i, Doubt doubt, double confidence, Message reason) {
        notes_[i].push_back({doubt, confidence, std::move(reason)});
    }

    void judgeStrike(std::size_t i) {
        const ShotRecord& r = at(i);
        if (r.has(Quantity::ClubSpeed) && r.has(Quantity::BallSpeed)) {
            const double smash = r[Quantity::BallSpeed] / r[Quantity::ClubSpeed];
            if (smash > 1.8 && smash < 3.7) {
                return note(i, Doubt::Units, 0.9,
                            {Says::BallSpeedInOtherUnit, Figure{smash, 2}, Figure{mostSmash, 2}});
            }
            const double mphPerMps = 1 / findUnit("mph")->factor;
            if (smash < 0.62 && smash > 0.2 && isNear(smash * mphPerMps, 1.0, 0.4)) {
                return note(i, Doubt::Units, 0.7,
                            {Says::BallSpeedTooLow, Figure{smash, 2}, Figure{mphPerMps, 2}});
            }
            if (smash > mostSmash) {
                return note(i, Doubt::Energy, 0.95,
                            {Says::BallSpeedTooHigh, Figure{smash, 2}, Figure{mostSmash, 2}});
            }
        }
        const auto delivery = findDelivery(r);
        if (!delivery || !r.has(Quantity::BallSpeed)) return;
        try {
            const ShotGivens g = findShotGivens(r, fallback_);
            const Conditions& c = g.conditions;
            Contact contact = calcContact(c.ball, c.face, c.lie);
            contact.speedKept = 1.0;
            compare(i, *delivery, contact, calcStrike(*delivery, contact), g.player.hand);
        } catch (const RangeError&) {
            // Readings that are no strike at all: their own limits have refused them already.
        }
    }

    void compare(std::size_t i, const Delivery& delivery, Contact contact,
                 const StrikeResult& expected, Hand hand) {
        const ShotRecord& r = at(i);
        const double speed = r[Quantity::BallSpeed] / expected.launch.speed_mps();
        if (speed > fastest) {
            note(i, Doubt::Energy, 0.8,
                 {Says::BallFaster, Figure{100 * (speed - 1), 0},
                  Figure{degFromRad(expected.spinLoft_rad), 0}});
        }
        if (!r.has(Quantity::SpinRate)) return;
        const double spin = r[Quantity::SpinRate];
        contact.friction = 1.4;
        contact.tangentialRestitution = 0.6;
        const double most = calcStrike(delivery, contact).launch.spinRate_radps();
        if (spin > 1.1 * most) {
            note(i, Doubt::Spin, 0.9,
                 {Says::SpinBeyondGrip, Figure{rpmFromRadps(spin), 0},
                  Figure{rpmFromRadps(most), 0}});
        }
        const double spinShare = spin / expected.launch.spinRate_radps();
        spinShare_[i] = spinShare;
        if (speed < fatSpeed && spinShare < fatSpin) {
            note(i, Doubt::Fat, 0.7,
                 {Says::TurfFirst, Figure{100 * (1 - speed), 0}, Figure{100 * (1 - spinShare), 0}});
        }
        if (r.has(Quantity::LaunchAngle) && spinShare < thinSpin && speed > 0.97 &&
            r[Quantity::LaunchAngle] < expected.launch.angle_rad() - thinLaunch_rad) {
            note(i, Doubt::Thin, 0.7,
                 {Says::OffTheEdge,
                  Figure{degFromRad(expected.launch.angle_rad() - r[Quantity::LaunchAngle]), 1},
                  Figure{100 * (1 - spinShare), 0}});
        }
        if (r.has(Quantity::SpinAxis)) {
            const double off = r[Quantity::SpinAxis] - expected.launch.spinAxis_rad();
            const double side = hand == Hand::Left ? -1.0 : 1.0;
            if (std::abs(off) > offAxis_rad) {
                note(i, Doubt::OffCentre, 0.5,
                     {side * off < 0 ? Says::TowardToe : Says::TowardHeel,
                      Figure{degFromRad(std::abs(off)), 0},
                      Figure{degFromRad(expected.launch.spinAxis_rad()), 0}});
            }
        }
    }

    void judgeRepeats(std::size_t i) {
        if (i == 0) return;
        std::size_t same = 0;
        for (std::size_t k = 0; k < quantityCount; ++k) {
            const auto q = static_cast<Quantity>(k);
            if (at(i).has(q) != at(i - 1).has(q)) return;
            if (!at(i).has(q) || q == Quantity::Loft) continue;
            if (at(i)[q] != at(i - 1)[q]) return;
            ++same;
        }
        if (same >= 4) note(i, Doubt::Duplicate, 0.95, Says::SameAsBefore);
    }

    void findFrozen() {
        for (const Quantity q : {Quantity::ClubSpeed, Quantity::BallSpeed, Quantity::LaunchAngle,
                                 Quantity::SpinRate, Quantity::Carry}) {
            std::size_t from = 0;
            for (std::size_t i = 1; i <= size_; ++i) {
                const bool goesOn = i < size_ && at(i).has(q) && at(i)[q] == at(from)[q];
                if (goesOn) continue;
                if (i - from >= frozenRun && at(from).has(q)) {
                    for (std::size_t k = from; k < i; ++k) {
                        note(k, Doubt::Frozen, 0.8, {Says::StandsStill, q, i - from});
                    }
                }
                from = i;
            }
        }
    }

    void findRoundSpin() {
        const auto isRound = [&](std::size_t i) {
            if (!at(i).has(Quantity::SpinRate)) return false;
            const double hundreds = rpmFromRadps(at(i)[Quantity::SpinRate]) / 100;
            return std::abs(hundreds - std::round(hundreds)) < 1e-6;
        };
        std::size_t from = 0;
        for (std::size_t i = 0; i <= size_; ++i) {
            if (i < size_ && isRound(i)) continue;
            if (i - from >= roundRun) {
                for (std::size_t k = from; k < i; ++k)
                    note(k, Doubt::Estimated, 0.6, Says::RoundSpin);
            }
            from = i + 1;
        }
    }

    /// A value of each shot, where it has one.
    using Values = std::vector<std::optional<double>>;

    template <class Of>
    Values valuesOf(const Of& of) const {
        Values out;
        out.reserve(size_);
        for (std::size_t i = 0; i < size_; ++i)
            out.push_back(of(i));
        return out;
    }
    std::optional<double> read(std::size_t i, Quantity q) const {
        return at(i).has(q) ? std::optional(at(i)[q]) : std::nullopt;
    }
    std::optional<double> ratio(std::size_t i, Quantity over, Quantity under) const {
        const auto a = read(i, over);
        const auto b = read(i, under);
        return a && b && *b != 0.0 ? std::optional(*a / *b) : std::nullopt;
    }

    /// How far each value lies from the median of its group, in robust standard deviations; none
    /// in a group that is too small for a pattern.
    template <class Key>
    Values distances(const Values& values, const Key& keyOf) const {
        std::map<std::string, std::vector<std::size_t>> groups;
        for (std::size_t i = 0; i < values.size(); ++i) {
            if (values[i]) groups[keyOf(at(i))].push_back(i);
        }
        const auto median = [](std::vector<double> v) {
            const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
            std::nth_element(v.begin(), middle, v.end());
            return *middle;
        };
        Values out(values.size());
        for (const auto& [key, members] : groups) {
            if (members.size() < leastGroup) continue;
            std::vector<double> all;
            for (const std::size_t i : members)
                all.push_back(*values[i]);
            const double middle = median(all);
            for (double& v : all)
                v = std::abs(v - middle);
            // 1.4826: the median deviation of a normal spread in standard deviations.
            const double spread = std::max(1.4826 * median(all), 1e-3 * std::abs(middle) + 1e-9);
            for (const std::size_t i : members)
                out[i] = (*values[i] - middle) / spread;
        }
        return out;
    }

    void findOutliers() {
        const auto byPlayer = [this](const ShotRecord& r) { return findPlayerName(r, fallback_); };
        const auto bySwing = [this](const ShotRecord& r) {
            // A shot with another set-up is no stray of the usual one.
            return findPlayerName(r, fallback_) + '\x1f' + r[Label::Wedge] + '\x1f' +
                   r[Label::Swing] + '\x1f' + r[Label::Recipe];
        };
        // What the ball does depends on the ball, what the club does not.
        const auto bySwingAndBall = [&](const ShotRecord& r) {
            return bySwing(r) + '\x1f' + r[Label::Ball];
        };
        findMishits(
            distances(spinShare_, byPlayer),
            distances(valuesOf([&](std::size_t i) { return read(i, Quantity::DynamicLoft); }),
                      bySwing),
            distances(valuesOf([&](std::size_t i) { return read(i, Quantity::ClubSpeed); }),
                      bySwing));
        farFrom(distances(valuesOf([&](std::size_t i) {
                              return ratio(i, Quantity::BallSpeed, Quantity::ClubSpeed);
                          }),
                          bySwingAndBall),
                Says::BallSpeedStray);
        farFrom(distances(valuesOf([&](std::size_t i) { return read(i, Quantity::LaunchAngle); }),
                          bySwingAndBall),
                Says::LaunchStray);
        farFrom(distances(valuesOf([&](std::size_t i) {
                              return ratio(i, Quantity::SpinRate, Quantity::BallSpeed);
                          }),
                          bySwingAndBall),
                Says::SpinStray);
    }

    /// Mishits that the device's own club reading hides from the strike: little spin for the
    /// strike, with a club that came in delofted (thin) or was slowed by the turf (fat).
    void findMishits(const Values& spin, const Values& loft, const Values& speed) {
        for (std::size_t i = 0; i < size_; ++i) {
            if (!spin[i] || *spin[i] > -lowSpin) continue;
            if (loft[i] && *loft[i] < -farBelow) {
                note(i, Doubt::Thin, 0.8,
                     {Says::DeloftedForPlayer, Figure{-*loft[i], 0}, Figure{-*spin[i], 0}});
            } else if (speed[i] && *speed[i] < -lowSpeed) {
                note(i, Doubt::Fat, 0.8,
                     {Says::SlowedForPlayer, Figure{-*speed[i], 0}, Figure{-*spin[i], 0}});
            }
        }
    }

    /// What the turf tells of the strike, where somebody looked.
    void judgeTurf(std::size_t i) {
        const auto seen = findSighting(at(i));
        if (!seen || seen->entry != SeenEntry::BeforeBall || seen->strike == SeenStrike::Clean)
            return;
        if (seen->turf == SeenTurf::Small || seen->turf == SeenTurf::Deep)
            note(i, Doubt::Fat, seen->turf == SeenTurf::Deep ? 0.8 : 0.6, Says::TurfBehindBall);
    }

    void farFrom(const Values& distance, Says says) {
        for (std::size_t i = 0; i < size_; ++i) {
            if (!distance[i] || std::abs(*distance[i]) < farFromMedian) continue;
            note(i, Doubt::Outlier, 0.7,
                 {says, Figure{std::abs(*distance[i]), 0}, Figure{farFromMedian, 0}});
        }
    }

    const ShotList& shots_;
    std::size_t from_, size_;
    const Fallback& fallback_;
    std::stop_token stop_;
    std::vector<std::vector<QualityNote>> notes_;
    Values spinShare_;  ///< measured over what the prior's strike gives
};

}  // namespace

std::string_view doubtKey(Doubt doubt) {
    switch (doubt) {
        case Doubt::Units:
            return "units";
        case Doubt::Energy:
            return "energy";
        case Doubt::Spin:
            return "spin";
        case Doubt::Duplicate:
            return "duplicate";
        case Doubt::Frozen:
            return "frozen";
        case Doubt::Estimated:
            return "estimated";
        case Doubt::Fat:
            return "fat";
        case Doubt::Thin:
            return "thin";
        case Doubt::OffCentre:
            return "off-centre";
        case Doubt::Damaged:
            return "damaged";
        case Doubt::Outlier:
            return "outlier";
    }
    return {};
}

std::vector<std::vector<QualityNote>> findDoubts(const ShotList& shots, const Fallback& fallback,
                                                 std::size_t from, const std::stop_token& stop) {
    return Judge(shots, fallback, std::min(from, shots.size()), stop).run();
}

std::vector<QualityNote> sharedDoubts(std::vector<QualityNote> notes, const LoggedShot& shot) {
    std::erase_if(notes, [&](const QualityNote& n) {
        return std::find(shot.dismissed.begin(), shot.dismissed.end(), doubtKey(n.doubt)) !=
               shot.dismissed.end();
    });
    return notes;
}

}  // namespace wedgeon::store
