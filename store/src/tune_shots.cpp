// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From records to readings.
#include "wedgeon/store/tune_shots.h"

#include <bit>
#include <initializer_list>
#include <map>

#include "session_day.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/sightings.h"

namespace wedgeon::store {
namespace {

/// FNV-1a over the bits of numbers and words.
class Digest {
public:
    void add(std::uint64_t word) {
        value_ = (value_ ^ word) * 1099511628211u;
        value_ ^= value_ >> 29;
    }
    void add(std::initializer_list<double> numbers) {
        for (const double v : numbers)
            add(std::bit_cast<std::uint64_t>(v));
    }
    void add(const std::string& words) {
        for (const char c : words)
            add(static_cast<unsigned char>(c));
        add(std::uint64_t{0x1F});
    }
    void add(const TuneShot& s) {
        const Delivery& d = s.read;
        add({d.clubSpeed_mps, d.attack_rad, d.path_rad, d.dynamicLoft_rad, d.faceAngle_rad});
        add({s.ballSpeed_mps, s.launch_rad, s.spin_radps, s.landing_rad, s.direction_rad,
             s.axis_rad, s.apex_m, s.carry_m, s.release_m});
        const Conditions& g = s.conditions;
        add(static_cast<std::uint64_t>(g.ball) * 64 + static_cast<std::uint64_t>(g.face) * 2 +
            static_cast<std::uint64_t>(s.hand));
        add({g.wedge.loft_rad, g.wedge.lie_rad, g.wedge.bounce_rad});
        add({g.lie.cover, g.lie.moisture, g.lie.grain_rad, g.lie.sit_m, g.lie.firmness});
        add({g.air.windAhead_mps, g.air.windRight_mps, g.air.temperature_c, g.air.altitude_m,
             g.air.humidity});
        add({g.ground.firmness, g.ground.friction, g.ground.stimp_ft, g.ground.slopeAlong,
             g.ground.slopeAcross});
        add(static_cast<std::uint64_t>(s.session));
        add(s.wedge);
        add(s.swing);
    }
    std::uint64_t value() const { return value_; }

private:
    std::uint64_t value_ = 14695981039346656037u;
};

/// What is being found must not be there already.
ShotGivens withoutTuning(ShotGivens givens) {
    givens.player.tuning = nullptr;
    return givens;
}

}  // namespace

std::optional<TuneShot> findTuneShot(const ShotRecord& record, const Fallback& fallback,
                                     int session) {
    const auto delivery = findDelivery(record);
    if (!delivery) return std::nullopt;
    TuneShot s;
    s.read = *delivery;
    ShotGivens givens = findShotGivens(record, fallback);
    s.conditions = std::move(givens.conditions);
    s.hand = givens.player.hand;
    s.ballSpeed_mps = record[Quantity::BallSpeed];
    s.launch_rad = record[Quantity::LaunchAngle];
    s.spin_radps = record[Quantity::SpinRate];
    s.landing_rad = record[Quantity::LandingAngle];
    s.carry_m = record[Quantity::Carry];
    s.apex_m = record[Quantity::Apex];
    if (record.has(Quantity::LaunchDirection)) s.direction_rad = record[Quantity::LaunchDirection];
    if (record.has(Quantity::SpinAxis)) s.axis_rad = record[Quantity::SpinAxis];
    if (auto declared = findDeclared(record)) s.declared = declared->recipe;
    s.wedge = record[Label::Wedge];
    s.swing = record[Label::Swing];
    if (const auto release = findRelease_m(record)) s.release_m = *release;
    s.session = session;
    return s;
}

TuneShots findTuneShots(const ShotList& shots, const Fallback& fallback,
                        const std::string& player) {
    TuneShots out;
    Digest digest;
    std::map<std::string, int> sessions;
    PlayerModel whose{player, Hand::Right, nullptr, nullptr};
    if (fallback.player.name == player) {
        whose.hand = fallback.player.hand;
        whose.swings = fallback.player.swings;
    } else if (fallback.everyone && fallback.everyone->contains(player)) {
        whose.hand = fallback.everyone->at(player).hand;
        whose.swings = fallback.everyone->at(player).swings;
    }
    SeenShots seen(whose, whose.swings ? *whose.swings : SwingSet::ordinary());
    for (std::size_t i = 0; i < shots.size(); ++i) {
        const LoggedShot& shot = shots[i];
        if (!player.empty() && findPlayerName(shot.record, fallback) != player) continue;
        if (!shot.setAside.empty()) {
            ++out.setAside;
            continue;
        }
        const std::string day = sessionDay(shot);
        const auto [at, isNew] = sessions.emplace(day, static_cast<int>(sessions.size()));
        if (isNew) out.days.push_back(day);
        const int session = at->second;
        if (auto s = findTuneShot(shot.record, fallback, session)) {
            digest.add(static_cast<std::uint64_t>(shot.id));
            digest.add(std::uint64_t{i});
            digest.add(*s);
            digest.add(shot.record[Label::Recipe]);
            out.shots.push_back(std::move(*s));
            out.from.push_back(i);
        } else if (seen.add(shot.record, withoutTuning(findShotGivens(shot.record, fallback)))) {
            out.seenFrom.push_back(i);
            digest.add(static_cast<std::uint64_t>(shot.id));
            for (const Label l : {Label::Seen, Label::Recipe, Label::Strike, Label::Swing,
                                  Label::Wedge, Label::Ball, Label::Lie, Label::FaceCondition})
                digest.add(shot.record[l]);
        } else {
            ++out.withoutClub;
        }
    }
    out.seen = seen.request();
    digest.add(std::uint64_t{out.setAside});
    digest.add(std::uint64_t{out.withoutClub});
    out.digest = digest.value();
    return out;
}

Tuning makeTuning(const PlayerFit& fit, const TuneShots& shots, const std::string& player) {
    Tuning out = fit.tuning();
    out.player = player;
    std::vector<Tuning::Day> days;
    for (const GroundFit::Day& d : fit.ground.days) {
        const auto i = static_cast<std::size_t>(d.session);
        if (i < shots.days.size() && text::dayOf(shots.days[i]))
            days.push_back({shots.days[i], d.tuning});
    }
    out.setDays(std::move(days));
    return out;
}

}  // namespace wedgeon::store
