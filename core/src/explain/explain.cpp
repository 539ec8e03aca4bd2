// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Averaging over orders.
#include "wedgeon/explain/explain.h"

#include <vector>

#include "explain/shapley.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon {
namespace {

constexpr std::array<std::string_view, causeCount> causeKeys{
    "speed",        "spin_loft", "steepness", "direction",
    "face_to_path", "friction",  "lie",       "ground_and_air"};

bool sameSurroundings(const Surroundings& a, const Surroundings& b) {
    return a.air == b.air && a.ground == b.ground && a.terrain == b.terrain;
}

/// Each cause by itself, of one shot.
struct ShotParts {
    double speed_mps, spinLoft_rad, attack_rad, path_rad, faceToPath_rad;
    Contact ball;  ///< and face
    struct Grass {
        double speedKept, frictionKept, restitutionKept, headShare, faceTurn_rad;
        bool operator==(const Grass&) const = default;
    } grass;
    StrikeLaw law;
    const Surroundings* surroundings;

    explicit ShotParts(const ShotCauses& c)
        : speed_mps(c.delivery.clubSpeed_mps),
          spinLoft_rad(c.delivery.dynamicLoft_rad - c.delivery.attack_rad),
          attack_rad(c.delivery.attack_rad),
          path_rad(c.delivery.path_rad),
          faceToPath_rad(c.delivery.faceAngle_rad - c.delivery.path_rad),
          ball(c.clean),
          grass{c.contact.speedKept, c.contact.friction / c.clean.friction,
                c.contact.restitutionScale / c.clean.restitutionScale, c.contact.headShare,
                c.contact.faceTurn_rad},
          law(c.law),
          surroundings(&c.surroundings) {}

    void take(Cause cause, const ShotParts& b) {
        switch (cause) {
            case Cause::Speed:
                speed_mps = b.speed_mps;
                return;
            case Cause::SpinLoft:
                spinLoft_rad = b.spinLoft_rad;
                return;
            case Cause::Steepness:
                attack_rad = b.attack_rad;
                return;
            case Cause::Direction:
                path_rad = b.path_rad;
                return;
            case Cause::FaceToPath:
                faceToPath_rad = b.faceToPath_rad;
                return;
            case Cause::Friction:
                ball = b.ball;
                law = b.law;
                return;
            case Cause::Lie:
                grass = b.grass;
                return;
            case Cause::GroundAndAir:
                surroundings = b.surroundings;
                return;
        }
    }
    bool isSame(Cause cause, const ShotParts& b) const {
        switch (cause) {
            case Cause::Speed:
                return speed_mps == b.speed_mps;
            case Cause::SpinLoft:
                return spinLoft_rad == b.spinLoft_rad;
            case Cause::Steepness:
                return attack_rad == b.attack_rad;
            case Cause::Direction:
                return path_rad == b.path_rad;
            case Cause::FaceToPath:
                return faceToPath_rad == b.faceToPath_rad;
            case Cause::Friction:
                return ball == b.ball && law == b.law;
            case Cause::Lie:
                return grass == b.grass;
            case Cause::GroundAndAir:
                return sameSurroundings(*surroundings, *b.surroundings);
        }
        return false;
    }
    ShotResult play() const {
        const Delivery d{speed_mps, attack_rad, path_rad, attack_rad + spinLoft_rad,
                         path_rad + faceToPath_rad};
        Contact contact = ball;
        contact.speedKept = grass.speedKept;
        contact.friction *= grass.frictionKept;
        contact.restitutionScale *= grass.restitutionKept;
        contact.headShare = grass.headShare;
        contact.faceTurn_rad = grass.faceTurn_rad;
        return calcShotWith(d, contact, *surroundings, law);
    }
};

std::vector<Cause> differing(const ShotParts& from, const ShotParts& to) {
    std::vector<Cause> out;
    for (std::size_t c = 0; c < causeCount; ++c) {
        if (!from.isSame(static_cast<Cause>(c), to)) out.push_back(static_cast<Cause>(c));
    }
    return out;
}

}  // namespace

std::string_view causeKey(Cause cause) {
    return causeKeys[static_cast<std::size_t>(cause)];
}

ShotCauses Predictor::causes(const ShotResult& shot) const {
    const Conditions& c = conditions_;
    const Contact prior = calcContact(c.ball, c.face, c.lie);
    const Contact bare = calcContact(c.ball, c.face, Lie{});
    Contact clean = shot.contact;
    clean.friction *= bare.friction / prior.friction;
    clean.restitutionScale *= bare.restitutionScale / prior.restitutionScale;
    clean.speedKept = 1.0;
    clean.headShare = 1.0;
    clean.faceTurn_rad = 0.0;
    return {shot.swing.delivery, shot.contact, clean, surroundings_, {}};
}

std::size_t countDifferent(const ShotCauses& a, const ShotCauses& b) {
    return differing(ShotParts(a), ShotParts(b)).size();
}

Explanation explain(const ShotCauses& a, const ShotCauses& b) {
    const ShotParts from(a), to(b);
    const std::vector<Cause> differ = differing(from, to);
    const std::size_t n = differ.size();
    const unsigned all = 1u << n;
    std::vector<std::array<double, outcomeCount>> value(all);
    for (unsigned set = 0; set < all; ++set) {
        ShotParts mixed = from;
        for (std::size_t k = 0; k < n; ++k) {
            if ((set >> k & 1u) != 0) mixed.take(differ[k], to);
        }
        const ShotResult shot = mixed.play();
        for (std::size_t o = 0; o < outcomeCount; ++o)
            value[set][o] = valueOf(shot, static_cast<Outcome>(o));
    }
    Explanation out;
    out.from = value.front();
    out.to = value.back();
    const auto share = shapley(value);
    for (std::size_t k = 0; k < n; ++k) {
        for (std::size_t o = 0; o < outcomeCount; ++o)
            out.share[o][static_cast<std::size_t>(differ[k])] = share[k][o];
    }
    return out;
}

}  // namespace wedgeon
