// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From records to readings.
#include "wedgeon/store/tune_shots.h"

#include <map>

#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/shot_givens.h"

namespace wedgeon::store {
namespace {

/// "2026-11-03", alone or with a time after it.
bool isDate(const std::string& time) {
    return time.size() >= 10 && time[4] == '-';
}

}  // namespace

std::optional<TuneShot> findTuneShot(const ShotRecord& record, const Givens& fallback,
                                     int session) {
    const auto delivery = findDelivery(record);
    if (!delivery) return std::nullopt;
    TuneShot s;
    s.read = *delivery;
    s.givens = findShotGivens(record, fallback).givens;
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

TuneShots findTuneShots(std::span<const LoggedShot> shots, const Givens& fallback,
                        const std::string& player) {
    TuneShots out;
    std::map<std::string, int> sessions;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        const LoggedShot& shot = shots[i];
        if (!player.empty() && shot.record[Label::Player] != player) continue;
        if (!shot.setAside.empty()) {
            ++out.setAside;
            continue;
        }
        const std::string& time = shot.record[Label::Time];
        const std::string day =
            isDate(time) ? time.substr(0, 10) : "session " + std::to_string(shot.session);
        const auto [at, isNew] = sessions.emplace(day, static_cast<int>(sessions.size()));
        if (isNew) out.days.push_back(day);
        const int session = at->second;
        if (auto s = findTuneShot(shot.record, fallback, session)) {
            out.shots.push_back(std::move(*s));
            out.from.push_back(i);
        } else {
            ++out.withoutClub;
        }
    }
    return out;
}

Tuning makeTuning(const PlayerFit& fit, const TuneShots& shots, const std::string& player) {
    Tuning out = fit.tuning();
    out.player = player;
    std::vector<Tuning::Day> days;
    for (const GroundFit::Day& d : fit.ground.days) {
        const auto i = static_cast<std::size_t>(d.session);
        if (i < shots.days.size() && isDate(shots.days[i]))
            days.push_back({shots.days[i], d.tuning});
    }
    out.setDays(std::move(days));
    return out;
}

}  // namespace wedgeon::store
