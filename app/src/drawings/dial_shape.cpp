// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Names, units, limits and steps.
#include "drawings/dial_shape.h"

#include <QCoreApplication>

#include "text/quantities.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// The context of its translations.
struct DialWords {
    Q_DECLARE_TR_FUNCTIONS(Quantities)
};

constexpr double deg = degFromRad(1.0);

}  // namespace

QuantityField::Shape shapeOf(Dial dial, const Units& u) {
    const QString degree = QStringLiteral("°");
    switch (dial) {
        case Dial::Open:
            return {DialWords::tr("Face opened"), degree, deg, -45, 60, 1, 1};
        case Dial::Lean:
            return {DialWords::tr("Shaft lean"), degree, deg, -20, 25, 1, 1};
        case Dial::BallForward:
            return {DialWords::tr("Ball forward"),
                    DialWords::tr("balls"),
                    1 / constants::ballWidth_m,
                    -4.5,
                    3.5,
                    0.25,
                    2};
        case Dial::WeightLead:
            return {DialWords::tr("Weight on lead"), DialWords::tr("%"), 1, 30, 98, 1, 0};
        case Dial::SwingRadius:
            return u.system() == UnitSystem::Metric
                       ? QuantityField::Shape{DialWords::tr("Swing radius"),
                                              DialWords::tr("m"),
                                              1,
                                              0.7,
                                              1.8,
                                              0.05,
                                              2}
                       : QuantityField::Shape{DialWords::tr("Swing radius"),
                                              u.heightName(),
                                              u.heightFactor(),
                                              2.3,
                                              5.9,
                                              0.1,
                                              1};
        case Dial::ClubSpeed:
            return {DialWords::tr("Club speed"),
                    u.speedName(),
                    u.speedFactor(),
                    3 * u.speedFactor(),
                    45 * u.speedFactor(),
                    0.5,
                    1};
        case Dial::StandFarther:
            return {DialWords::tr("Stand farther"), DialWords::tr("cm"), 100, -10, 15, 1, 0};
        case Dial::HandleRaised:
            return {DialWords::tr("Handle raised"), DialWords::tr("cm"), 100, -6, 10, 1, 0};
        case Dial::GripDown:
            return {DialWords::tr("Grip down"), DialWords::tr("cm"), 100, 0, 12, 1, 0};
        case Dial::BodyLine:
            return {DialWords::tr("Shoulder line"), degree, deg, -30, 30, 1, 1};
    }
    return {};
}

store::Quantity quantityOf(Outcome outcome) {
    using store::Quantity;
    switch (outcome) {
        case Outcome::Attack:
            return Quantity::AttackAngle;
        case Outcome::Path:
            return Quantity::ClubPath;
        case Outcome::DynamicLoft:
            return Quantity::DynamicLoft;
        case Outcome::FaceAngle:
            return Quantity::FaceAngle;
        case Outcome::SpinLoft:
            return Quantity::SpinLoft;
        case Outcome::BallSpeed:
            return Quantity::BallSpeed;
        case Outcome::LaunchAngle:
            return Quantity::LaunchAngle;
        case Outcome::LaunchDirection:
            return Quantity::LaunchDirection;
        case Outcome::SpinRate:
            return Quantity::SpinRate;
        case Outcome::SpinAxis:
            return Quantity::SpinAxis;
        case Outcome::Carry:
            return Quantity::Carry;
        case Outcome::Side:
        case Outcome::RestSide:
            return Quantity::Side;
        case Outcome::Apex:
            return Quantity::Apex;
        case Outcome::LandingAngle:
            return Quantity::LandingAngle;
        case Outcome::Release:
            return Quantity::Release;
        case Outcome::Total:
            return Quantity::Total;
    }
    return Quantity::Carry;
}

QuantityField::Shape shapeOf(Outcome outcome, const Units& u) {
    const text::QuantityForm f = text::formOf(quantityOf(outcome), u);
    QString name = outcome == Outcome::Side       ? DialWords::tr("lands right")
                   : outcome == Outcome::RestSide ? DialWords::tr("rests right")
                                                  : f.shortName;
    name[0] = name[0].toUpper();
    return {name, f.unit, f.factor, f.low, f.high, f.step, f.decimals};
}

QString shown(const QuantityField::Shape& shape, double si) {
    return text::withUnit(text::number(si * shape.factor, shape.decimals), shape.unit);
}

QString signedWith(const QuantityField::Shape& shape, double si, double half) {
    return text::withUnit(text::signedNumber(si * shape.factor, shape.decimals) +
                              QStringLiteral("\u00a0±\u00a0") +
                              text::number(half * shape.factor, shape.decimals),
                          shape.unit);
}

}  // namespace wedgeon
