// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The library of faults.
#include "wedgeon/cause/fault.h"

#include <array>
#include <numeric>

#include "wedgeon/units.h"

namespace wedgeon {
namespace {

struct FaultRow {
    std::string_view key;
    double expert, clubPlayer;  ///< of 1,000 complaints, about
};
constexpr std::array<FaultRow, faultCount> faults{{{"none", 440, 400},
                                                   {"hands_passed", 50, 110},
                                                   {"low_point_behind", 30, 70},
                                                   {"speed_lost", 40, 70},
                                                   {"too_steep", 40, 50},
                                                   {"opened_too_far", 60, 50},
                                                   {"ball_forward", 50, 60},
                                                   {"ball_back", 40, 50},
                                                   {"weight_back", 25, 60},
                                                   {"handle_raised", 30, 30},
                                                   {"turned_over", 50, 45},
                                                   {"heel_grass", 40, 30},
                                                   {"worn_face", 40, 35},
                                                   {"other_ball", 20, 25},
                                                   {"more_grass", 60, 45},
                                                   {"hard_ground", 60, 45},
                                                   {"device", 35, 25},
                                                   {"other", 60, 60}}};

}  // namespace

std::string_view faultKey(Fault fault) {
    return faults[static_cast<std::size_t>(fault)].key;
}

std::vector<FaultPart> partsOf(Fault fault, const Conditions& c) {
    constexpr double grassy = 0.1;
    switch (fault) {
        case Fault::None:
            return {};
        case Fault::HandsPassed:
            return {{FaultChange::Lean, radFromDeg(-7), radFromDeg(2.5)},
                    {FaultChange::FaceTurn, radFromDeg(-1.5), radFromDeg(1.5)}};
        case Fault::LowPointBehind:
            return {{FaultChange::LowPoint, -0.045, 0.015}, {FaultChange::Depth, 0.003, 0.002}};
        case Fault::SpeedLost:
            return {{FaultChange::Speed, -0.12, 0.04}};
        case Fault::TooSteep:
            return {{FaultChange::Attack, radFromDeg(-4), radFromDeg(1.3)},
                    {FaultChange::Depth, 0.005, 0.003}};
        case Fault::OpenedTooFar:
            return {{FaultChange::Open, radFromDeg(10), radFromDeg(3)}};
        case Fault::BallForward:
            return {{FaultChange::Ball, 0.055, 0.018}};
        case Fault::BallBack:
            return {{FaultChange::Ball, -0.055, 0.018}};
        case Fault::WeightBack:
            return {{FaultChange::LowPoint, -0.055, 0.015},
                    {FaultChange::Lean, radFromDeg(-2), radFromDeg(1.5)},
                    {FaultChange::Speed, -0.05, 0.02}};
        case Fault::HandleRaised:
            return {{FaultChange::Handle, 0.045, 0.015}, {FaultChange::Depth, -0.006, 0.002}};
        case Fault::TurnedOver:
            return {{FaultChange::FaceTurn, radFromDeg(-8), radFromDeg(2.5)}};
        case Fault::HeelGrass:
            if (c.lie.cover < grassy) return {};
            return {{FaultChange::FaceTurn, radFromDeg(-5), radFromDeg(2)},
                    {FaultChange::Speed, -0.06, 0.02}};
        case Fault::WornFace:
            if (c.face == FaceCondition::WornWet) return {};  // no worse one
            return {{FaultChange::Friction, -0.45, 0.15}};
        case Fault::OtherBall:
            // A harder one than is said: of those there is nothing beyond the range ball.
            if (c.ball == BallKind::Range) return {};
            return {{FaultChange::Friction, -0.40, 0.12},
                    {FaultChange::Grip, -0.13, 0.04},
                    {FaultChange::Bounce, -0.015, 0.008},
                    {FaultChange::Drag, 0.05, 0.03}};
        case Fault::MoreGrass:
            return {{FaultChange::Cover, 0.30, 0.12}};
        case Fault::HardGround:
            return {{FaultChange::Firmness, 0.28, 0.10},
                    {FaultChange::GroundFriction, -0.15, 0.15},
                    {FaultChange::GreenSpeed, 0.15, 0.12}};
        case Fault::Device:
            return {{FaultChange::ReadLoft, 0, radFromDeg(3)},
                    {FaultChange::ReadAttack, 0, radFromDeg(3)},
                    {FaultChange::ReadLaunch, 0, radFromDeg(3)},
                    {FaultChange::ReadBallSpeed, 0, 0.05},
                    {FaultChange::ReadSpin, 0, 0.20}};
        case Fault::Other:
            return {{FaultChange::Speed, 0, 0.08},
                    {FaultChange::Lean, 0, radFromDeg(5)},
                    {FaultChange::Open, 0, radFromDeg(7)},
                    {FaultChange::Ball, 0, 0.03},
                    {FaultChange::LowPoint, 0, 0.03},
                    {FaultChange::Depth, 0, 0.004},
                    {FaultChange::Attack, 0, radFromDeg(2.5)},
                    {FaultChange::Path, 0, radFromDeg(4)},
                    {FaultChange::FaceTurn, 0, radFromDeg(5)},
                    {FaultChange::Friction, 0, 0.25}};
    }
    return {};
}

std::vector<double> faultPriors(Level level, const Conditions& conditions) {
    std::vector<double> out(faultCount);
    for (std::size_t i = 0; i < faultCount; ++i) {
        const auto fault = static_cast<Fault>(i);
        const bool can = fault == Fault::None || !partsOf(fault, conditions).empty();
        const double often = level == Level::Expert ? faults[i].expert : faults[i].clubPlayer;
        out[i] = can ? often : 0.0;
    }
    const double all = std::accumulate(out.begin(), out.end(), 0.0);
    for (double& v : out)
        v /= all;
    return out;
}

}  // namespace wedgeon
