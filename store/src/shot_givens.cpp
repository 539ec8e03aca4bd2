// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From a record's words and numbers to the model's inputs.
#include "wedgeon/store/shot_givens.h"

#include <algorithm>

#include "text.h"

namespace wedgeon::store {
namespace {

/// The named prior that \p words mean, by key or by text.
template <class Named>
const Named* findNamed(std::span<const Named> all, std::string_view words) {
    const std::string_view wanted = text::trimmed(words);
    const auto it = std::find_if(all.begin(), all.end(), [&](const Named& n) {
        return text::equalNoCase(n.key, wanted) || text::equalNoCase(n.text, wanted);
    });
    return it == all.end() ? nullptr : &*it;
}

/// A tuning to nobody in particular goes for everybody who has none of his own.
PlayerModel modelOf(const std::string& name, const Fallback& fallback) {
    if (name.empty() || name == fallback.player.name) return fallback.player;
    if (fallback.everyone) {
        if (const auto its = fallback.everyone->find(name); its != fallback.everyone->end())
            return its->second.name == fallback.player.name ? fallback.player : its->second;
    }
    PlayerModel out{name, fallback.player.hand, nullptr};
    if (fallback.player.tuning && fallback.player.tuning->player.empty())
        out.tuning = fallback.player.tuning;
    return out;
}

double orZero(const ShotRecord& r, Quantity q) {
    return r.has(q) ? r[q] : 0.0;
}

}  // namespace

const std::string& findPlayerName(const ShotRecord& record, const Fallback& fallback) {
    const std::string& said = record[Label::Player];
    if (!fallback.everyone) return said;
    const auto its = fallback.everyone->find(said);
    return its == fallback.everyone->end() ? said : its->second.name;
}

ShotGivens findShotGivens(const ShotRecord& record, const Fallback& fallback) {
    ShotGivens out;
    out.conditions = fallback.conditions;
    out.player = modelOf(record[Label::Player], fallback)
                     .onDay(std::string_view(record[Label::Time]).substr(0, 10));
    if (record.has(Quantity::Loft)) {
        out.conditions.wedge.loft_rad = record[Quantity::Loft];
        out.wedgeFromRecord = true;
    }
    if (const auto* ball = findNamed(namedBalls(), record[Label::Ball])) {
        out.conditions.ball = ball->ball;
        out.ballFromRecord = true;
    }
    if (const auto* face = findNamed(namedFaces(), record[Label::FaceCondition])) {
        out.conditions.face = face->face;
        out.faceFromRecord = true;
    }
    if (const auto* lie = findNamed(namedLies(), record[Label::Lie])) {
        out.conditions.lie = lie->lie;
        out.lieFromRecord = true;
    }
    return out;
}

std::optional<Delivery> findDelivery(const ShotRecord& r) {
    if (!r.has(Quantity::ClubSpeed) || !r.has(Quantity::AttackAngle)) return std::nullopt;
    double loft_rad = r[Quantity::DynamicLoft];
    if (std::isnan(loft_rad)) {
        if (!r.has(Quantity::SpinLoft)) return std::nullopt;
        // Exact when the face looks along the path; within 0.3 degrees for 8 degrees between them.
        loft_rad = r[Quantity::SpinLoft] + r[Quantity::AttackAngle];
    }
    return Delivery{r[Quantity::ClubSpeed], r[Quantity::AttackAngle], orZero(r, Quantity::ClubPath),
                    loft_rad, orZero(r, Quantity::FaceAngle)};
}

std::optional<Launch> findLaunch(const ShotRecord& r) {
    if (!r.has(Quantity::BallSpeed) || !r.has(Quantity::LaunchAngle) ||
        !r.has(Quantity::SpinRate)) {
        return std::nullopt;
    }
    return launchFromAngles(r[Quantity::BallSpeed], r[Quantity::LaunchAngle],
                            orZero(r, Quantity::LaunchDirection), r[Quantity::SpinRate],
                            orZero(r, Quantity::SpinAxis));
}

std::optional<double> findRelease_m(const ShotRecord& r) {
    if (r.has(Quantity::Release)) return r[Quantity::Release];
    if (r.has(Quantity::Total) && r.has(Quantity::Carry)) {
        return r[Quantity::Total] - r[Quantity::Carry];
    }
    return std::nullopt;
}

}  // namespace wedgeon::store
