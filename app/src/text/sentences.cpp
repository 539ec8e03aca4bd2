// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The sentences.
#include "text/sentences.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>
#include <cmath>

#include "wedgeon/units.h"

namespace wedgeon::text {
namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("Sentences", text);
}

QString plusMinus() {
    return QStringLiteral(" ± ");
}

/// A number with its spread and unit: "2.9 ± 0.9 m".
QString spreadLength(double m, double half_m, const Units& units) {
    const double k = units.lengthFactor();
    return number(m * k, 1) + plusMinus() + number(half_m * k, 1) + QChar(0xA0) +
           units.lengthName();
}

}  // namespace

QString runWord(Behaviour behaviour) {
    switch (behaviour) {
        case Behaviour::ComesBack:
            return tr("comes back");
        case Behaviour::DropsDead:
            return tr("drops dead");
        case Behaviour::HopsAndStops:
            return tr("checks");
        case Behaviour::ChecksTrickles:
            return tr("trickles");
        case Behaviour::Releases:
            return tr("releases");
        case Behaviour::RunsLikePutt:
            return tr("runs");
    }
    return {};
}

namespace {

/// \p on: how far from the pitch mark, as text.
QString runWordsWith(const BehaviourResult& behaviour, bool back, const QString& on) {
    const QString bounce = ordinal(behaviour.bitingBounce);
    switch (behaviour.behaviour) {
        case Behaviour::ComesBack:
            return back ? tr("bites and comes back, stops %1 short of its pitch mark").arg(on)
                        : tr("bites and comes back, stops %1 on").arg(on);
        case Behaviour::DropsDead:
            return back ? tr("stops where it pitches, %1 back").arg(on)
                        : tr("stops where it pitches, %1 on").arg(on);
        case Behaviour::HopsAndStops:
            return tr("checks on the %1 bounce, stops %2 on").arg(bounce, on);
        case Behaviour::ChecksTrickles:
            return tr("checks on the %1 bounce and trickles %2 on").arg(bounce, on);
        case Behaviour::Releases:
            return tr("releases %1").arg(on);
        case Behaviour::RunsLikePutt:
            return tr("runs %1 like a putt").arg(on);
    }
    return {};
}

}  // namespace

QString runWords(const BehaviourResult& behaviour, double release_m, const Units& units) {
    return runWordsWith(behaviour, release_m < 0, units.length(std::abs(release_m), 1));
}

QString runWords(const BehaviourResult& behaviour, double release_m, double half_m,
                 const Units& units) {
    return runWordsWith(behaviour, release_m < 0, spreadLength(std::abs(release_m), half_m, units));
}

QString shotSentence(const ShotResult& shot, const Units& units) {
    if (shot.run.ranAway) {
        return tr("Launches %1, carries %2; the slope is too steep for it to stop.")
            .arg(degrees(shot.strike.launch.angle_rad(), 0), units.length(shot.flight.carry_m));
    }
    return tr("Launches %1, carries %2, %3.")
        .arg(degrees(shot.strike.launch.angle_rad(), 0), units.length(shot.flight.carry_m),
             runWords(shot.behaviour, shot.run.release_m, units));
}

QString whySentence(const ShotResult& shot, const Spread& spread) {
    QString spin = rpm(shot.strike.launch.spinRate_radps());
    spin.insert(spin.indexOf(QStringLiteral(" rpm")),
                plusMinus() + number(10 * std::round(rpmFromRadps(spread.spinRate_radps) / 10), 0));
    return shot.strike.limitedByFriction()
               ? tr("Spin %1: friction, not loft, limits it; more spin loft would add none.")
                     .arg(spin)
               : tr("Spin %1: loft, not friction, limits it; more spin loft would still add some.")
                     .arg(spin);
}

QString measuredSentence(const Measured& m, const Units& units) {
    if (!m.carry_m && !m.release_m) return tr("Carry and release were not measured.");
    const QString landed =
        m.landingAngle_rad ? tr("Landed at %1").arg(degrees(*m.landingAngle_rad, 0)) : tr("Landed");
    if (!m.release_m) {
        return tr("%1, %2 out; the release was not measured.")
            .arg(landed, units.length(*m.carry_m));
    }
    const QString on = units.length(std::abs(*m.release_m), 1);
    switch (findBehaviourFromRelease(m.carry_m.value_or(0.0), *m.release_m)) {
        case Behaviour::ComesBack:
            return tr("%1 and came back %2.").arg(landed, on);
        case Behaviour::DropsDead:
            return tr("%1 and stopped where it pitched.").arg(landed);
        case Behaviour::HopsAndStops:
            return tr("%1 and checked: stopped %2 on.").arg(landed, on);
        case Behaviour::ChecksTrickles:
            return tr("%1 and trickled %2 on.").arg(landed, on);
        case Behaviour::Releases:
            return tr("%1 and released %2.").arg(landed, on);
        case Behaviour::RunsLikePutt:
            return tr("%1 and ran %2 like a putt.").arg(landed, on);
    }
    return {};
}

QString comparison(const Measured& m, const ShotResult& predicted, const Spread& spread,
                   const Units& units) {
    QString said =
        tr("Predicted: %1.")
            .arg(runWords(predicted.behaviour, predicted.run.release_m, spread.release_m, units));
    if (m.spin_radps) {
        const double excess = *m.spin_radps - predicted.strike.launch.spinRate_radps();
        const bool inside = std::abs(excess) <= spread.spinRate_radps;
        said += QStringLiteral(" ") +
                (excess >= 0 ? tr("Spin %1 above what loft and ball give: %2.")
                             : tr("Spin %1 below what loft and ball give: %2."))
                    .arg(rpm(std::abs(excess)),
                         inside ? tr("within the spread") : tr("outside the spread"));
    }
    return said;
}

QString cause(Cause cause) {
    switch (cause) {
        case Cause::Speed:
            return tr("speed");
        case Cause::Attack:
            return tr("attack");
        case Cause::Loft:
            return tr("loft");
        case Cause::Face:
            return tr("face");
        case Cause::Path:
            return tr("path");
        case Cause::BallAndLie:
            return tr("ball and lie");
        case Cause::Strike:
            return tr("strike");
        case Cause::GroundAndAir:
            return tr("ground and air");
    }
    return {};
}

QString playerName(std::string_view name) {
    return name.empty() ? tr("you") : fromUtf8(name);
}

QString wedge(const Wedge& w) {
    return tr("%1° bounce %2")
        .arg(number(degFromRad(w.loft_rad), 0), number(degFromRad(w.bounce_rad), 0));
}

QString ballAndFace(BallKind ball, FaceCondition face) {
    QString said;
    for (const NamedBall& b : namedBalls()) {
        if (b.ball == ball) said = fromUtf8(b.key);
    }
    for (const NamedFace& f : namedFaces()) {
        if (f.face == face) said += QStringLiteral(", ") + fromUtf8(f.text);
    }
    return said;
}

QString lie(const Lie& lie) {
    for (const NamedLie& n : namedLies()) {
        if (n.lie == lie) return fromUtf8(n.text);
    }
    const QString cover = lie.cover < 0.02  ? tr("clean")
                          : lie.cover < 0.3 ? tr("some grass")
                                            : tr("much grass");
    const QString moisture = lie.moisture < 0.35   ? tr("dry")
                             : lie.moisture < 0.75 ? tr("damp")
                                                   : tr("wet");
    return tr("%1, %2, sits up %3 mm").arg(cover, moisture, number(lie.sit_m * 1000, 0));
}

QString ground(const Ground& g) {
    const QString firm = g.firmness < 0.85    ? tr("soft")
                         : g.firmness <= 1.15 ? tr("ordinary")
                                              : tr("firm");
    QString said = tr("%1, green speed %2")
                       .arg(firm, number(g.stimp_ft, g.stimp_ft == std::floor(g.stimp_ft) ? 0 : 1));
    if (g.friction < 0.33) said += tr(", dewy");
    if (std::abs(g.slopeAlong) >= 0.005) {
        said += g.slopeAlong > 0 ? tr(", up %1 %").arg(number(100 * g.slopeAlong, 0))
                                 : tr(", down %1 %").arg(number(-100 * g.slopeAlong, 0));
    }
    return said;
}

QString air(const Air& a, const Units& units) {
    QString said = tr("%1 °C").arg(number(a.temperature_c, 0));
    const auto wind = [&](double mps, const QString& plus, const QString& minus) {
        if (std::abs(mps) < 0.05) return;
        said += QStringLiteral(", ") + units.speed(std::abs(mps)) + QStringLiteral(" ") +
                (mps > 0 ? plus : minus);
    };
    wind(a.windAhead_mps, tr("with"), tr("against"));
    wind(a.windRight_mps, tr("to the right"), tr("to the left"));
    if (a.windAhead_mps == 0.0 && a.windRight_mps == 0.0) said += tr(", calm");
    return said;
}

QString day(std::string_view iso) {
    const QDate date = QDate::fromString(fromUtf8(iso).left(10), Qt::ISODate);
    return date.isValid() ? QLocale().toString(date, QStringLiteral("d MMM")) : fromUtf8(iso);
}

QString tuneGroup(const TuneGroup& g) {
    return ballAndFace(g.ball, g.face).remove(tr(" grooves")) + QStringLiteral(" · ") + lie(g.lie);
}

QString nextShot(const NextShot& n, const Units& units) {
    return tr("%1 with %2 of dynamic loft, %3 attack: %4")
        .arg(units.speed(n.delivery.clubSpeed_mps), degrees(n.delivery.dynamicLoft_rad, 0),
             attackDegrees(n.delivery.attack_rad), tuneGroup(n.group));
}

}  // namespace wedgeon::text
