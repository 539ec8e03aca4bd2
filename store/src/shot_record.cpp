// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Names and limits of the quantities.
#include "wedgeon/store/shot_record.h"

#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

constexpr double deg(double d) {
    return radFromDeg(d);
}
constexpr double rpm(double r) {
    return radpsFromRpm(r);
}

constexpr std::array<QuantityInfo, allQuantityCount> infos{{
    {Quantity::Loft, "loft", Dimension::Angle, deg(15), deg(75)},
    {Quantity::ClubSpeed, "club_speed", Dimension::Speed, 0.5, 60},
    {Quantity::AttackAngle, "attack_angle", Dimension::Angle, deg(-40), deg(20)},
    {Quantity::ClubPath, "club_path", Dimension::Angle, deg(-60), deg(60), true},
    {Quantity::FaceAngle, "face_angle", Dimension::Angle, deg(-60), deg(60), true},
    {Quantity::DynamicLoft, "dynamic_loft", Dimension::Angle, deg(-10), deg(85)},
    {Quantity::SpinLoft, "spin_loft", Dimension::Angle, 0, deg(90)},
    {Quantity::BallSpeed, "ball_speed", Dimension::Speed, 0.5, 90},
    {Quantity::LaunchAngle, "launch_angle", Dimension::Angle, deg(-10), deg(85)},
    {Quantity::LaunchDirection, "launch_direction", Dimension::Angle, deg(-60), deg(60), true},
    {Quantity::SpinRate, "spin_rate", Dimension::SpinRate, 0, rpm(16000)},
    {Quantity::SpinAxis, "spin_axis", Dimension::Angle, deg(-90), deg(90), true},
    {Quantity::Carry, "carry", Dimension::Length, 0, 250},
    {Quantity::Apex, "apex", Dimension::Length, 0, 80},
    {Quantity::LandingAngle, "landing_angle", Dimension::Angle, 0, deg(90)},
    {Quantity::Release, "release", Dimension::Length, -40, 100},
    {Quantity::Total, "total", Dimension::Length, 0, 300},
    {Quantity::Side, "side", Dimension::Length, -100, 100, true},
    {Quantity::FaceToPath, "face_to_path", Dimension::Angle, deg(-121), deg(121), true},
}};

constexpr bool isInOrder() {
    for (std::size_t i = 0; i < infos.size(); ++i) {
        if (infos[i].quantity != static_cast<Quantity>(i)) return false;
    }
    return true;
}
static_assert(isInOrder(), "a quantity is missing from the table, or not in its place");

std::string_view siUnit(Dimension dimension) {
    switch (dimension) {
        case Dimension::Speed:
            return "_mps";
        case Dimension::Length:
            return "_m";
        case Dimension::Angle:
            return "_rad";
        case Dimension::SpinRate:
            return "_radps";
    }
    return {};
}

constexpr std::array<std::string_view, labelCount> labelKeys{
    "time",  "player", "wedge", "ball", "face_condition", "lie",
    "swing", "strike", "tags",  "note", "recipe",         "seen"};

}  // namespace

const QuantityInfo& info(Quantity quantity) {
    return infos[static_cast<std::size_t>(quantity)];
}
std::string_view siKey(Quantity quantity) {
    static const std::array<std::string, allQuantityCount> keys = [] {
        std::array<std::string, allQuantityCount> out;
        for (std::size_t i = 0; i < out.size(); ++i)
            out[i].append(infos[i].key).append(siUnit(infos[i].dimension));
        return out;
    }();
    return keys[static_cast<std::size_t>(quantity)];
}
std::string_view labelKey(Label label) {
    return labelKeys[static_cast<std::size_t>(label)];
}

bool ShotRecord::takeFaceToPath(double angle_rad) {
    constexpr double sameAngle_rad = deg(0.5);  // all three may be rounded
    const ShotRecord& known = *this;
    const bool path = has(Quantity::ClubPath), face = has(Quantity::FaceAngle);
    if (path && face) return std::abs(known[Quantity::FaceToPath] - angle_rad) <= sameAngle_rad;
    if (path) (*this)[Quantity::FaceAngle] = known[Quantity::ClubPath] + angle_rad;
    if (face) (*this)[Quantity::ClubPath] = known[Quantity::FaceAngle] - angle_rad;
    return path || face;
}

}  // namespace wedgeon::store
