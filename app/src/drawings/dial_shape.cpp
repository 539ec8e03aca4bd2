// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Names, units, limits and steps.
#include "drawings/dial_shape.h"

#include <QCoreApplication>

#include "wedgeon/units.h"

namespace wedgeon {
namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("Quantities", text);
}

constexpr double deg = degFromRad(1.0);

}  // namespace

QuantityField::Shape shapeOf(Dial dial, const Units& u) {
    const QString degree = QStringLiteral("°");
    switch (dial) {
        case Dial::Open:
            return {tr("Face opened"), degree, deg, -45, 50, 1, 1};
        case Dial::Lean:
            return {tr("Shaft lean"), degree, deg, -20, 25, 1, 1};
        case Dial::BallForward:
            return {tr("Ball forward"), tr("balls"), 1 / constants::ballWidth_m, -3, 2, 0.25, 2};
        case Dial::WeightLead:
            return {tr("Weight on lead"), tr("%"), 1, 30, 90, 1, 0};
        case Dial::SwingRadius:
            return u.system() == UnitSystem::Metric
                       ? QuantityField::Shape{tr("Swing radius"), tr("m"), 1, 0.7, 1.8, 0.05, 2}
                       : QuantityField::Shape{tr("Swing radius"),
                                              u.heightName(),
                                              u.heightFactor(),
                                              2.3,
                                              5.9,
                                              0.1,
                                              1};
        case Dial::ClubSpeed:
            return {tr("Club speed"),
                    u.speedName(),
                    u.speedFactor(),
                    3 * u.speedFactor(),
                    45 * u.speedFactor(),
                    0.5,
                    1};
        case Dial::StandFarther:
            return {tr("Stand farther"), tr("cm"), 100, -10, 15, 1, 0};
        case Dial::HandleRaised:
            return {tr("Handle raised"), tr("cm"), 100, -6, 10, 1, 0};
        case Dial::GripDown:
            return {tr("Grip down"), tr("cm"), 100, 0, 12, 1, 0};
        case Dial::BodyLine:
            return {tr("Body line"), degree, deg, -30, 30, 1, 1};
    }
    return {};
}

QuantityField::Shape shapeOf(Outcome outcome, const Units& u) {
    const QString degree = QStringLiteral("°");
    const double k = u.lengthFactor();
    const auto angle = [&](const QString& name, double low, double high) {
        return QuantityField::Shape{name, degree, deg, low, high, 0.5, 1};
    };
    const auto length = [&](const QString& name, double low, double high) {
        return QuantityField::Shape{name, u.lengthName(), k, low * k, high * k, 0.5, 1};
    };
    switch (outcome) {
        case Outcome::Attack:
            return angle(tr("Attack"), -40, 20);
        case Outcome::Path:
            return angle(tr("Path"), -60, 60);
        case Outcome::DynamicLoft:
            return angle(tr("Dynamic loft"), -10, 85);
        case Outcome::FaceAngle:
            return angle(tr("Face angle"), -60, 60);
        case Outcome::SpinLoft:
            return angle(tr("Spin loft"), 0, 85);
        case Outcome::BallSpeed:
            return {
                tr("Ball speed"), u.speedName(), u.speedFactor(), 0, 90 * u.speedFactor(), 0.5, 1};
        case Outcome::LaunchAngle:
            return angle(tr("Launch"), -10, 85);
        case Outcome::LaunchDirection:
            return angle(tr("Direction"), -60, 60);
        case Outcome::SpinRate:
            return {tr("Spin"), tr("rpm"), rpmFromRadps(1.0), 0, 16000, 100, 0};
        case Outcome::SpinAxis:
            return angle(tr("Spin axis"), -90, 90);
        case Outcome::Carry:
            return length(tr("Carry"), 0, 200);
        case Outcome::Side:
            return length(tr("Lands right"), -100, 100);
        case Outcome::Apex:
            return {tr("Apex"), u.heightName(), u.heightFactor(), 0, 80 * u.heightFactor(), 0.5, 1};
        case Outcome::LandingAngle:
            return angle(tr("Landing"), 0, 90);
        case Outcome::Release:
            return length(tr("Release"), -30, 100);
        case Outcome::Total:
            return length(tr("Total"), 0, 250);
        case Outcome::RestSide:
            return length(tr("Rests right"), -100, 100);
    }
    return {};
}

QString shown(const QuantityField::Shape& shape, double si) {
    const QString n = text::number(si * shape.factor, shape.decimals);
    const bool tight = shape.unit.isEmpty() || shape.unit == QStringLiteral("°");
    return tight ? n + shape.unit : n + QChar(0xA0) + shape.unit;
}

}  // namespace wedgeon
