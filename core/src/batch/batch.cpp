// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Filling columns, choosing the build for this machine, sharing the work among cores.
#include "wedgeon/batch/batch.h"

#include <algorithm>
#include <cmath>
#include <optional>

#include "batch/columns.h"
#include "batch/over.h"
#include "wedgeon/error.h"
#include "wedgeon/parallel.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

static_assert(ShotBatch::columnCount == batch::InCount);
static_assert(outcomeCount + extraCount == batch::outCount);

struct Build {
    batch::Play play;
    std::string_view name;
};

Build chooseBuild() {
#if defined(__x86_64__)
    if (__builtin_cpu_supports("avx512f") && __builtin_cpu_supports("avx512dq") &&
        __builtin_cpu_supports("avx512bw") && __builtin_cpu_supports("avx512cd")) {
        return {batch::playAvx512, "avx512"};
    }
    if (__builtin_cpu_supports("avx2") && __builtin_cpu_supports("fma")) {
        return {batch::playAvx2, "avx2"};
    }
#endif
    return {batch::playBaseline, "baseline"};
}

const Build& build() {
    static const Build chosen = chooseBuild();
    return chosen;
}

/// The limits that Delivery has for the club's speed.
constexpr double leastClub_mps = 0.5, mostClub_mps = 60.0;

/// The limits that calcSwing, calcStrike, calcFlight and calcRun check on the way.
bool isValid(const BatchResult& r, std::size_t i) {
    const auto in = [&](double value, double low, double high) {
        return value >= low && value <= high;
    };
    const double deg = radFromDeg(1.0);
    return in(r(Outcome::Attack, i), -40 * deg, 20 * deg) &&
           in(r(Outcome::Path, i), -60 * deg, 60 * deg) &&
           in(r(Outcome::DynamicLoft, i), -10 * deg, 85 * deg) &&
           in(r(Outcome::FaceAngle, i), -180 * deg, 180 * deg) &&
           in(r(Outcome::SpinLoft, i), 0, 85 * deg) && in(r(Outcome::BallSpeed, i), 0.1, 100) &&
           in(r(Outcome::LaunchAngle, i), -10 * deg, 89 * deg) &&
           in(r(Outcome::SpinRate, i), 0, radpsFromRpm(20000)) &&
           in(r(Extra::FlightTime, i), 0, 60) && in(r(Extra::LandingSpeed, i), 0, 60) &&
           std::isfinite(r(Outcome::Total, i)) && std::isfinite(r(Outcome::RestSide, i));
}

}  // namespace

bool ShotBatch::add(const Recipe& recipe, const Predictor& predictor) {
    const Surroundings& around = predictor.surroundings();
    if (around.terrain != line_) return false;
    const Swing swing = predictor.swing(recipe);
    around.air.validate();
    if (!line_) around.ground.validate();
    const std::size_t at = size();
    resize(at + 1);
    if (line_) {
        setOver(at, swing.delivery, predictor.contact(), {}, around.air, 1.0, 1.0, 1.0);
    } else {
        set(at, swing.delivery, predictor.contact(), {}, around.air, around.ground);
    }
    return true;
}

void ShotBatch::setStrike(std::size_t shot, const Delivery& d, const Contact& contact,
                          const StrikeLaw& law, const Air& air) {
    constexpr double r = constants::ballRadius_m;
    const double airK =
        air.density_kgpm3() * constants::pi * r * r / (2.0 * constants::ballMass_kg);
    const bool still = air.windAhead_mps == 0.0 && air.windRight_mps == 0.0;
    const bool swung = d.clubSpeed_mps >= leastClub_mps && d.clubSpeed_mps <= mostClub_mps;
    const auto put = [&](batch::In column, double value) { columns_[column][shot] = value; };
    put(batch::Speed, swung ? d.clubSpeed_mps * contact.speedKept : std::nan(""));
    put(batch::Attack, d.attack_rad);
    put(batch::Path, d.path_rad);
    put(batch::DynamicLoft, d.dynamicLoft_rad);
    put(batch::FaceAngle, d.faceAngle_rad);
    put(batch::Friction, contact.friction);
    put(batch::TangentialRestitution, contact.tangentialRestitution);
    put(batch::TangentialSlope, contact.tangentialSlope_spm);
    put(batch::RestitutionScale, contact.restitutionScale);
    put(batch::Restitution0, law.restitution0);
    put(batch::HeadMass, law.headMass_kg * contact.headShare);
    // Beside the law, where this player's shots show something.
    LaunchShift by{};
    if (contact.correction && swung) {
        Contact plain = contact;
        plain.correction.reset();
        try {
            const StrikeResult hit = calcStrike(d, plain, law);
            by = contact.shiftOf(d.clubSpeed_mps * contact.speedKept, hit.spinLoft_rad,
                                 hit.gripRatio);
        } catch (const RangeError&) {
            by.fill(std::nan(""));  // no strike: the shot is not valid
        }
    }
    put(batch::LaunchCos, std::exp(by[0]) * std::cos(by[1]));
    put(batch::LaunchSin, std::exp(by[0]) * std::sin(by[1]));
    put(batch::SpinFactor, std::exp(by[2]));
    put(batch::AirDrag, air.drag * airK);
    put(batch::AirLift, air.lift * airK);
    put(batch::WindAhead, air.windAhead_mps);
    put(batch::WindRight, air.windRight_mps);
    put(batch::Still, still ? 1.0 : 0.0);
}

void ShotBatch::set(std::size_t shot, const Delivery& d, const Contact& contact,
                    const StrikeLaw& law, const Air& air, const Ground& ground) {
    setStrike(shot, d, contact, law, air);
    const Plane plane = ground.plane();
    columns_[batch::Firmness][shot] = plane.firmness;
    columns_[batch::TurfFriction][shot] = plane.friction;
    columns_[batch::Rolling][shot] = plane.rolling_mps2;
    columns_[batch::NormalX][shot] = plane.normal.x;
    columns_[batch::NormalY][shot] = plane.normal.y;
    columns_[batch::NormalZ][shot] = plane.normal.z;
}

void ShotBatch::setOver(std::size_t shot, const Delivery& d, const Contact& contact,
                        const StrikeLaw& law, const Air& air, double firmer, double rougher,
                        double faster) {
    setStrike(shot, d, contact, law, air);
    columns_[batch::Firmness][shot] = firmer;
    columns_[batch::TurfFriction][shot] = rougher;
    columns_[batch::Rolling][shot] = faster;
}

void ShotBatch::reserve(std::size_t shots) {
    for (auto& column : columns_)
        column.reserve(shots + batch::padding);
}

void ShotBatch::resize(std::size_t shots) {
    for (auto& column : columns_)
        column.resize(shots);
}

void ShotBatch::clear() {
    for (auto& column : columns_)
        column.clear();
}

BehaviourResult BatchResult::behaviour(std::size_t i) const {
    GroundResult run;
    run.release_m = (*this)(Outcome::Release, i);
    run.roll_m = (*this)(Extra::RollAfterHops, i);
    return findBehaviour((*this)(Outcome::Carry, i), run,
                         static_cast<int>((*this)(Extra::BitingBounce, i)));
}

namespace {

/// The shots after the last full group, in columns filled up with copies of the last one.
void playRest(const ShotBatch& shots, const std::array<double*, batch::outCount>& out,
              const batch::LineView* line, std::size_t done) {
    const std::size_t left = shots.size() - done;
    std::array<std::array<double, batch::padding>, ShotBatch::columnCount> in;
    std::array<std::array<double, batch::padding>, batch::outCount> results;
    std::array<const double*, ShotBatch::columnCount> inAt{};
    std::array<double*, batch::outCount> outAt{};
    for (std::size_t c = 0; c < in.size(); ++c) {
        const std::vector<double>& column = shots.columns()[c];
        in[c].fill(column.back());
        std::copy(column.begin() + static_cast<std::ptrdiff_t>(done), column.end(), in[c].begin());
        inAt[c] = in[c].data();
    }
    for (std::size_t c = 0; c < results.size(); ++c)
        outAt[c] = results[c].data();
    build().play({inAt.data(), outAt.data(), line}, 0, batch::padding);
    for (std::size_t c = 0; c < results.size(); ++c) {
        std::copy_n(results[c].begin(), left, out[c] + done);
    }
}

}  // namespace

BatchResult calcBatch(const ShotBatch& shots, unsigned threads) {
    BatchResult result;
    calcBatch(shots, result, threads);
    return result;
}

void calcBatch(const ShotBatch& shots, BatchResult& result, unsigned threads) {
    const std::size_t n = shots.size();
    result.valid.assign(n, 0);
    std::array<const double*, ShotBatch::columnCount> in{};
    for (std::size_t c = 0; c < in.size(); ++c)
        in[c] = shots.columns()[c].data();
    std::array<double*, batch::outCount> out{};
    for (std::size_t c = 0; c < batch::outCount; ++c) {
        auto& column = c < outcomeCount ? result.outcomes[c] : result.extras[c - outcomeCount];
        column.resize(n);
        out[c] = column.data();
    }

    std::vector<batch::Stretch> stretches;
    std::vector<batch::Standing> standing;
    std::optional<batch::LineView> line;
    if (shots.line()) {
        stretches = batch::stretchesOf(*shots.line());
        standing = batch::standingOn(*shots.line());
        line.emplace(*shots.line(), stretches, standing);
    }
    const batch::Table table{in.data(), out.data(), line ? &*line : nullptr};
    const unsigned cores = threadsFor(threads);
    const std::size_t groups = n / batch::padding;
    const std::size_t parts =
        std::clamp<std::size_t>(cores, 1, std::max<std::size_t>(groups / 8, 1));
    runParts(parts, cores, [&](std::size_t part) {
        build().play(table, part * groups / parts * batch::padding,
                     (part + 1) * groups / parts * batch::padding);
    });
    if (n % batch::padding != 0) playRest(shots, out, table.line, groups * batch::padding);
    for (std::size_t i = 0; i < n; ++i) {
        if (isValid(result, i)) {
            result.valid[i] = 1;
            continue;
        }
        for (auto& column : result.outcomes)
            column[i] = std::nan("");
        for (auto& column : result.extras)
            column[i] = std::nan("");
    }
}

std::string_view batchInstructionSet() {
    return build().name;
}

}  // namespace wedgeon
