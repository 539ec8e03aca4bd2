// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Lie, ball and face: the priors and the names that they go by.
#include "wedgeon/lie/lie.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "wedgeon/constants.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

template <class Named, std::size_t N>
const Named* find(const std::array<Named, N>& all, std::string_view key) {
    const auto it =
        std::find_if(all.begin(), all.end(), [&](const auto& x) { return x.key == key; });
    return it == all.end() ? nullptr : &*it;
}

constexpr double mm = 1e-3;

// Cover and moisture chosen so that the laws below give what coaches report of each.
constexpr std::array<NamedLie, 8> lies{{
    {"bare", "bare and tight", {0.0, 0.1, 0.0, 0.0, 1.2}},
    {"short-dry", "short grass, dry", {0.02, 0.15, 0.0, 4 * mm, 1.0}},
    {"short-damp", "short grass, damp", {0.05, 0.6, 0.0, 4 * mm, 0.9}},
    {"wispy", "wispy, pale rough", {0.12, 0.2, 0.0, 12 * mm, 1.0}},
    {"lush", "lush rough, half down", {0.7, 0.9, 0.0, 10 * mm, 0.85}},
    {"deep", "deep wet rough, down", {1.0, 1.0, 0.0, 6 * mm, 0.8}},
    {"perched", "perched up in rough", {0.1, 0.4, 0.0, 30 * mm, 0.9}},
    {"mat", "range mat", {0.0, 0.0, 0.0, 3 * mm, 1.4}},
}};

constexpr std::array<NamedBall, 3> balls{{
    {"soft", "soft urethane ball", BallKind::Soft},
    {"firm", "firm two-piece ball", BallKind::Firm},
    {"range", "range ball", BallKind::Range},
}};

constexpr std::array<NamedFace, 5> faces{{
    {"fresh-dry", "fresh grooves, dry", FaceCondition::FreshDry},
    {"worn-dry", "worn grooves, dry", FaceCondition::WornDry},
    {"dirty", "dirty grooves", FaceCondition::Dirty},
    {"fresh-wet", "fresh grooves, wet", FaceCondition::FreshWet},
    {"worn-wet", "worn grooves, wet", FaceCondition::WornWet},
}};

}  // namespace

void Lie::validate() const {
    requireRange("lie.cover", cover, 0, 1);
    requireRange("lie.moisture", moisture, 0, 1);
    requireRange("lie.grain_deg", grain_rad, -2 * constants::pi, 2 * constants::pi,
                 degFromRad(1.0));
    requireRange("lie.sit_mm", sit_m, 0, 0.1, 1e3);
    requireRange("lie.firmness", firmness, 0.3, 2.0);
}

BallTraits ballTraits(BallKind ball) {
    switch (ball) {
        case BallKind::Soft:
            return {0.40, 0.307};
        case BallKind::Firm:
            return {0.26, 0.18};
        case BallKind::Range:
            return {0.24, 0.15};
    }
    return {};
}

double faceFrictionFactor(FaceCondition face) {
    switch (face) {
        case FaceCondition::FreshDry:
            return 1.0;
        case FaceCondition::WornDry:
            return 0.85;
        case FaceCondition::Dirty:
            return 0.6;
        case FaceCondition::FreshWet:
            return 0.55;
        case FaceCondition::WornWet:
            return 0.4;
    }
    return 1.0;
}

LaunchShift Contact::shiftOf(double clubSpeed_mps, double spinLoft_rad, double gripRatio) const {
    if (!correction) return {};
    LaunchShift out = correction->at(clubSpeed_mps, spinLoft_rad, gripRatio);
    if (correctionStray != LaunchShift{}) {
        const LaunchShift sd = correction->deviationAt(clubSpeed_mps, spinLoft_rad, gripRatio);
        for (std::size_t o = 0; o < out.size(); ++o)
            out[o] += correctionStray[o] * sd[o];
    }
    return out;
}

Contact calcContact(BallKind ball, FaceCondition face, const Lie& lie) {
    lie.validate();
    const double c = lie.cover;
    const double w = lie.moisture;
    const double grain = 0.75 - 0.25 * std::cos(lie.grain_rad);
    const double drag = 0.35 + 0.65 * w;
    const double counting = std::min(1.0, c * grain / 0.75);

    const BallTraits traits = ballTraits(ball);
    Contact contact;
    contact.speedKept = 1.0 - 0.22 * std::pow(c, 1.5) * drag * grain;
    // Water counts once: what wets the face already does no more harm in the grass.
    const bool wet = face == FaceCondition::FreshWet || face == FaceCondition::WornWet;
    const double water = wet ? 0.0 : w;
    contact.friction = std::max(constants::lubricatedFriction,
                                traits.friction * faceFrictionFactor(face) *
                                    (1.0 - 0.8 * std::pow(counting, 0.4) * (0.6 + 0.4 * water)));
    contact.tangentialRestitution = traits.tangentialRestitution;
    contact.restitutionScale = 1.0 - 0.06 * counting * w;
    // Grass that lies away from the player snags the heel and shuts the face; the other way less.
    const double across = std::sin(lie.grain_rad);
    const double most_rad = radFromDeg(across > 0 ? 4.0 : 1.5);
    contact.faceTurn_rad = -most_rad * c * drag * across;
    return contact;
}

std::span<const NamedLie> namedLies() {
    return lies;
}
std::span<const NamedBall> namedBalls() {
    return balls;
}
std::span<const NamedFace> namedFaces() {
    return faces;
}
const NamedLie* findLie(std::string_view key) {
    return find(lies, key);
}
const NamedBall* findBall(std::string_view key) {
    return find(balls, key);
}
const NamedFace* findFace(std::string_view key) {
    return find(faces, key);
}

}  // namespace wedgeon
