// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Telling a fit.
#include "views/tune/tune_texts.h"

#include <QCoreApplication>
#include <array>
#include <cmath>
#include <map>

#include "text/quantities.h"
#include "text/said.h"
#include "text/sentences.h"
#include "wedgeon/units.h"

namespace wedgeon::text {
namespace {

using Kind = TuneEstimate::Kind;

/// The context of its translations.
struct Tune {
    Q_DECLARE_TR_FUNCTIONS(Tune)
};

QString percent(double factor) {
    return number(100 * (factor - 1), 0);
}

const TuneEstimate* estimateOf(const TuneResult& fit, Kind kind) {
    for (const TuneEstimate& e : fit.estimates) {
        if (e.kind == kind) return &e;
    }
    return nullptr;
}

struct Shape {
    QString name, unit;
    double factor;
    int decimals;

    QString said(double si) const { return withUnit(number(si * factor, decimals), unit); }
};

Shape shapeOf(store::Quantity quantity, const Units& units) {
    const QuantityForm f = formOf(quantity, units);
    return {f.shortName, f.unit, f.factor, f.decimals};
}

Shape shapeOf(TuneOutcome outcome, const Units& u) {
    constexpr std::array quantities{store::Quantity::LaunchAngle, store::Quantity::SpinRate,
                                    store::Quantity::LandingAngle, store::Quantity::Carry,
                                    store::Quantity::Release};
    static_assert(quantities.size() == tuneOutcomeCount);
    return shapeOf(quantities[static_cast<std::size_t>(outcome)], u);
}

Shape shapeOf(TuneInput input, const Units& u) {
    if (input == TuneInput::Order)
        return {Tune::tr("order of the shots"), QStringLiteral("%"), 100.0, 0};
    constexpr std::array quantities{store::Quantity::ClubSpeed,   store::Quantity::AttackAngle,
                                    store::Quantity::ClubPath,    store::Quantity::FaceAngle,
                                    store::Quantity::DynamicLoft, store::Quantity::SpinLoft};
    static_assert(quantities.size() + 1 == tuneInputCount);
    return shapeOf(quantities[static_cast<std::size_t>(input)], u);
}

}  // namespace

EstimateRow estimateRow(const TuneEstimate& e, const TuneResiduals& residuals) {
    EstimateRow r;
    double k = 1.0;
    switch (e.kind) {
        case Kind::Friction:
            r.name = Tune::tr("Friction: %1").arg(tuneGroup(e.group));
            r.decimals = 3;
            break;
        case Kind::TangentialRestitution:
            for (const NamedBall& b : namedBalls()) {
                if (b.ball == e.group.ball) r.name = Tune::tr("Spring: %1").arg(nameOf(b));
            }
            break;
        case Kind::TangentialSlope:
            r.name = Tune::tr("Spring, gain per m/s slower");
            r.decimals = 4;
            break;
        case Kind::Restitution0:
            r.name = Tune::tr("Ball off the face");
            r.decimals = 3;
            break;
        case Kind::LoftBias:
        case Kind::AttackBias:
            r.name = e.kind == Kind::LoftBias ? Tune::tr("Device's loft bias")
                                              : Tune::tr("Device's attack bias");
            k = degFromRad(1.0);
            r.unit = QStringLiteral("°");
            r.decimals = 1;
            break;
        case Kind::GroundFirmness:
            r.name = Tune::tr("Ground: firmness, times");
            break;
        case Kind::GroundFriction:
            r.name = Tune::tr("Ground: friction, times");
            break;
        case Kind::GreenSpeed:
            r.name = Tune::tr("Green speed, times");
            break;
        case Kind::AirDrag:
            r.name = Tune::tr("Air: drag, times");
            break;
        case Kind::AirLift:
            r.name = Tune::tr("Air: lift, times");
            break;
        case Kind::OpenOffset:
        case Kind::LeanOffset:
        case Kind::PathOffset:
            r.name = e.kind == Kind::OpenOffset   ? Tune::tr("Opening: arrives, besides")
                     : e.kind == Kind::LeanOffset ? Tune::tr("Shaft lean: arrives, besides")
                                                  : Tune::tr("Path to the right: plus");
            k = degFromRad(1.0);
            r.unit = QStringLiteral("°");
            r.decimals = 1;
            break;
        case Kind::OpenFactor:
            r.name = Tune::tr("Opening: of each degree arrives");
            break;
        case Kind::LeanFactor:
            r.name = Tune::tr("Shaft lean: of each degree arrives");
            break;
        case Kind::BallOffset:
            r.name = Tune::tr("Ball, in balls forward: besides");
            k = 1.0 / constants::ballWidth_m;
            break;
        case Kind::BallFactor:
            r.name = Tune::tr("Ball: of each ball arrives");
            break;
    }
    r.value = e.value * k;
    r.low = e.low80 * k;
    r.high = e.high80 * k;
    r.prior = e.prior * k;
    r.priorLow = e.priorLow80 * k;
    r.priorHigh = e.priorHigh80 * k;
    r.known = e.identified;
    r.patterned = isPatterned(e, residuals);
    return r;
}

QVector<LeftOutDrawing::Row> leftOutRows(const LeftOutCheck& check, const Units& units) {
    QVector<LeftOutDrawing::Row> rows;
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        const LeftOutCheck::Line& line = check.lines[o];
        if (line.shots == 0) continue;
        const Shape s = shapeOf(static_cast<TuneOutcome>(o), units);
        const bool unchecked = check.oneDay && static_cast<TuneOutcome>(o) == TuneOutcome::Release;
        rows.append({s.name, s.unit, s.decimals, line.tuned.mean * s.factor,
                     line.prior.mean * s.factor, line.rival.mean * s.factor,
                     line.tuned.median * s.factor,
                     unchecked ? Tune::tr("one day")
                               : number(100 * line.coverage80, 0) + QStringLiteral(" %"),
                     static_cast<qsizetype>(line.misreads)});
    }
    return rows;
}

FitContent fitContent(const TuneResiduals& residuals, const Units& units) {
    FitContent content;
    if (residuals.shots.empty()) return content;
    std::array<qsizetype, tuneOutcomeCount> place{};
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        place[o] = -1;
        if (!(residuals.noise[o] > 0.0)) continue;  // nobody measured it
        const Shape s = shapeOf(static_cast<TuneOutcome>(o), units);
        FitDrawing::Result r{{s.name, s.unit, s.decimals}, {}, {}, residuals.noise[o] * s.factor};
        for (std::size_t k = 0; k < residuals.shots.size(); ++k) {
            r.measured << residuals.measured[k][o] * s.factor;
            r.predicted << residuals.predicted[k][o] * s.factor;
        }
        place[o] = content.results.size();
        content.results << r;
    }
    for (std::size_t i = 0; i < tuneInputCount; ++i) {
        const Shape s = shapeOf(static_cast<TuneInput>(i), units);
        FitDrawing::Input in{{s.name, s.unit, s.decimals}, {}};
        if (static_cast<TuneInput>(i) == TuneInput::Order) {
            in.axis.first = Tune::tr("first");
            in.axis.last = Tune::tr("last");
        }
        for (const TuneInputs& all : residuals.inputs)
            in.values << all[i] * s.factor;
        content.inputs << in;
    }
    for (const ResidualPattern& p : residuals.patterns) {
        const double kx = shapeOf(p.input, units).factor;
        const double ky = shapeOf(p.outcome, units).factor;
        content.patterns.append({place[static_cast<std::size_t>(p.outcome)],
                                 static_cast<qsizetype>(p.input), p.from * kx, p.to * kx,
                                 p.atFrom * ky, p.atMiddle * ky, p.atTo * ky});
    }
    return content;
}

QString leftPattern(const ResidualPattern& p, const Units& units) {
    const Shape o = shapeOf(p.outcome, units);
    const Shape i = shapeOf(p.input, units);
    const auto off = [&](double v) {
        return v > 0 ? Tune::tr("%1 above").arg(o.said(v)) : Tune::tr("%1 below").arg(o.said(-v));
    };
    if (p.curved) {
        return Tune::tr(
                   "A pattern is left: %1 is measured %2 the prediction at %3 and %4 of %5, and %6 "
                   "it between.")
            .arg(o.name, off(0.5 * (p.atFrom + p.atTo)), i.said(p.from), i.said(p.to), i.name,
                 off(p.atMiddle));
    }
    return Tune::tr(
               "A pattern is left: %1 is measured %2 the prediction at %3 of %4, and %5 it at %6.")
        .arg(o.name, off(p.atFrom), i.said(p.from), i.name, off(p.atTo), i.said(p.to));
}

namespace {

/// What shots say that were seen only: how high they launch, and how steep the club comes.
QString seenSentence(const QString& player, const SeenFit& seen) {
    const auto interval = [](const SeenFit::Interval& i) {
        return Tune::tr("%1 to %2").arg(degrees(i.low80), degrees(i.high80));
    };
    const SeenFit::Interval& launch = seen.launchBias_rad;
    const SeenFit::Interval& attack = seen.attackBias_rad;
    QStringList parts;
    if (launch.low80 * launch.high80 > 0.0) {
        parts << (launch.value > 0.0 ? Tune::tr("launches %1 higher than declared (%2)")
                                     : Tune::tr("launches %1 lower than declared (%2)"))
                     .arg(degrees(std::abs(launch.value)), interval(launch));
    } else {
        parts << Tune::tr("launches as declared (%1)").arg(interval(launch));
    }
    if (attack.low80 * attack.high80 > 0.0)
        parts << (attack.value < 0.0 ? Tune::tr("comes down %1 steeper")
                                     : Tune::tr("comes down %1 flatter"))
                     .arg(degrees(std::abs(attack.value)));
    return player + QStringLiteral(": ") + parts.join(Tune::tr(", ")) + QLatin1Char('.');
}

}  // namespace

QString tuneSentence(const PlayerTuning& tuning) {
    const TuneResult& fit = tuning.fit.strike;
    const QString player = playerName(tuning.player.toStdString());
    if (!tuning.fit.isFitted()) return Tune::tr("No tuning to %1 yet.").arg(player);
    if (fit.refused) return seenSentence(player, tuning.fit.seen);
    QStringList parts;
    const SpinSignature& s = fit.signature;
    const QString interval = Tune::tr("%1 to %2\u00A0%").arg(percent(s.low80), percent(s.high80));
    if (s.low80 > 1.0) {
        parts << Tune::tr("%1 % more friction than ball, face and lie explain (%2)")
                     .arg(percent(s.factor), interval);
    } else if (s.high80 < 1.0) {
        parts << Tune::tr("%1 % less friction than ball, face and lie explain (%2)")
                     .arg(number(100 * (1 - s.factor), 0), interval);
    } else {
        parts << Tune::tr("Friction as ball, face and lie explain (%1)").arg(interval);
    }
    if (const TuneEstimate* e = estimateOf(fit, Kind::LoftBias); e && e->low80 * e->high80 > 0) {
        parts << (e->value > 0 ? Tune::tr("the device reads %1 of loft too much")
                               : Tune::tr("the device reads %1 of loft too little"))
                     .arg(degrees(std::abs(e->value)));
    }
    if (const TuneEstimate* e = estimateOf(fit, Kind::AttackBias); e && e->low80 * e->high80 > 0) {
        parts << (e->value > 0 ? Tune::tr("and attack %1 too shallow")
                               : Tune::tr("and attack %1 too steep"))
                     .arg(degrees(std::abs(e->value)));
    }
    return player + QStringLiteral(": ") + parts.join(Tune::tr(", ")) + QLatin1Char('.');
}

namespace {

/// What a parameter is otherwise than was thought, with its interval.
QString found(const TuneEstimate& e) {
    // In the direction in which it is off, the nearer end first.
    const bool more = e.value > e.prior;
    const auto between = [&](const auto& says) {
        const QString a = says(e.low80), b = says(e.high80);
        return more ? Tune::tr("%1 to %2").arg(a, b) : Tune::tr("%1 to %2").arg(b, a);
    };
    const auto share = [&](double v) {
        return withUnit(number(100.0 * std::abs(v / e.prior - 1.0), 0), QStringLiteral("%"));
    };
    const auto angle = [&](double v) { return degrees(std::abs(v - e.prior)); };
    const auto shares = [&](const QString& up, const QString& down) {
        return (more ? up : down).arg(share(e.value), between(share));
    };
    const auto angles = [&](const QString& up, const QString& down) {
        return (more ? up : down).arg(angle(e.value), between(angle));
    };
    switch (e.kind) {
        case Kind::Friction:
            return Tune::tr("Off %1:").arg(tuneGroup(e.group)) + QLatin1Char(' ') +
                   shares(Tune::tr("%1 more grip than is usual (%2)"),
                          Tune::tr("%1 less grip than is usual (%2)"));
        case Kind::TangentialRestitution:
            for (const NamedBall& b : namedBalls()) {
                if (b.ball == e.group.ball)
                    return (more ? Tune::tr("The %1 springs back into spin more than is usual")
                                 : Tune::tr("The %1 springs back into spin less than is usual"))
                        .arg(nameOf(b));
            }
            return {};
        case Kind::TangentialSlope:
            return more ? Tune::tr("Slow strikes spin more for their speed than is usual")
                        : Tune::tr("Slow strikes spin less for their speed than is usual");
        case Kind::Restitution0:
            return shares(Tune::tr("The ball leaves the face %1 faster than is usual (%2)"),
                          Tune::tr("The ball leaves the face %1 slower than is usual (%2)"));
        case Kind::LoftBias:
            return angles(Tune::tr("The device reads %1 too much loft (%2)"),
                          Tune::tr("The device reads %1 too little loft (%2)"));
        case Kind::AttackBias:
            return angles(Tune::tr("The device reads the attack %1 too shallow (%2)"),
                          Tune::tr("The device reads the attack %1 too steep (%2)"));
        case Kind::GroundFirmness:
            return shares(Tune::tr("The ground is %1 firmer than it is said to be (%2)"),
                          Tune::tr("The ground is %1 softer than it is said to be (%2)"));
        case Kind::GroundFriction:
            return shares(Tune::tr("The turf holds the ball %1 more than it is said to (%2)"),
                          Tune::tr("The turf holds the ball %1 less than it is said to (%2)"));
        case Kind::GreenSpeed:
            return shares(Tune::tr("The greens are %1 faster than they are said to be (%2)"),
                          Tune::tr("The greens are %1 slower than they are said to be (%2)"));
        case Kind::AirDrag:
            return shares(Tune::tr("The air slows the ball %1 more than is usual (%2)"),
                          Tune::tr("The air slows the ball %1 less than is usual (%2)"));
        case Kind::AirLift:
            return shares(Tune::tr("The air lifts the ball %1 more than is usual (%2)"),
                          Tune::tr("The air lifts the ball %1 less than is usual (%2)"));
        case Kind::OpenOffset:
            return angles(Tune::tr("The face comes %1 farther open than it is set (%2)"),
                          Tune::tr("The face comes %1 less open than it is set (%2)"));
        case Kind::OpenFactor:
        case Kind::LeanFactor: {
            const auto of = [](double v) { return degrees(v * radFromDeg(10)); };
            return (e.kind == Kind::OpenFactor ? Tune::tr("10° of opening arrive as %1 (%2)")
                                               : Tune::tr("10° of lean arrive as %1 (%2)"))
                .arg(of(e.value), Tune::tr("%1 to %2").arg(of(e.low80), of(e.high80)));
        }
        case Kind::LeanOffset:
            return angles(Tune::tr("The shaft leans %1 more than it is set (%2)"),
                          Tune::tr("The shaft leans %1 less than it is set (%2)"));
        case Kind::BallOffset: {
            const auto balls = [&](double v) {
                return number(std::abs(v - e.prior) / constants::ballWidth_m, 1);
            };
            return (more ? Tune::tr("The ball plays %1 balls farther forward than it is put (%2)")
                         : Tune::tr("The ball plays %1 balls farther back than it is put (%2)"))
                .arg(balls(e.value), between(balls));
        }
        case Kind::BallFactor: {
            const auto of = [](double v) { return number(v, 1); };
            return Tune::tr("A ball moved by one plays like %1 (%2)")
                .arg(of(e.value), Tune::tr("%1 to %2").arg(of(e.low80), of(e.high80)));
        }
        case Kind::PathOffset:
            break;
    }
    return {};
}

}  // namespace

QString finding(const TuneFinding& f, const Units& units) {
    QStringList moved;
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        const auto outcome = static_cast<TuneOutcome>(o);
        // What it moves most, and one more that a coach would notice.
        const bool noticed = std::abs(f.by[o]) >= mattersOf(outcome);
        if (outcome != f.most && !noticed) continue;
        const Shape s = shapeOf(outcome, units);
        // Known better than is shown, it is shown alone.
        const bool known = f.half[o] * s.factor < 0.5 * std::pow(10.0, -s.decimals);
        const QString spread =
            known ? QString()
                  : QStringLiteral("\u00a0±\u00a0") + number(f.half[o] * s.factor, s.decimals);
        const QString one = s.name + QLatin1Char(' ') +
                            withUnit(signedNumber(f.by[o] * s.factor, s.decimals) + spread, s.unit);
        if (outcome == f.most) {
            moved.prepend(one);
        } else {
            moved << one;
        }
    }
    return Tune::tr("%1: %2. From %3.")
        .arg(found(f.estimate), moved.mid(0, 2).join(Tune::tr(", ")),
             shots(static_cast<qsizetype>(f.estimate.shots)));
}

QString findingFilter(const TuneFinding& f, const QString& player) {
    QStringList words;
    const QString quoted = QStringLiteral("player:\"%1\"");
    if (!player.isEmpty()) words << quoted.arg(player);
    if (f.estimate.kind == Kind::Friction || f.estimate.kind == Kind::TangentialRestitution) {
        for (const NamedBall& b : namedBalls()) {
            if (b.ball == f.estimate.group.ball)
                words << QStringLiteral("ball:%1").arg(fromUtf8(b.key));
        }
    }
    if (f.estimate.kind == Kind::Friction) {
        for (const NamedLie& l : namedLies()) {
            if (l.lie == f.estimate.group.lie)
                words << QStringLiteral("lie:%1").arg(fromUtf8(l.key));
        }
    }
    return words.join(QLatin1Char(' '));
}

QString tuneWhy(const PlayerTuning& tuning) {
    const TuneResult& fit = tuning.fit.strike;
    if (fit.refused && tuning.fit.seen.fitted)
        return Tune::tr(
                   "From %1 by eye, each with the spread of its kind of seeing; nothing that "
                   "a device measured.")
            .arg(shots(static_cast<qsizetype>(tuning.fit.seen.used)));
    if (fit.refused) return said(*fit.refused);
    QString said =
        Tune::tr("From %1; readings scatter by %2 % in ball speed, %3 in launch, %4 % in spin.")
            .arg(shots(static_cast<qsizetype>(fit.used)), number(100 * fit.speedNoise, 1),
                 degrees(fit.launchNoise_rad), number(100 * fit.spinNoise, 1));
    if (tuning.data.setAside > 0)
        said += Tune::tr(" %1 set aside do not count.")
                    .arg(shots(static_cast<qsizetype>(tuning.data.setAside)));
    if (tuning.data.withoutClub > 0)
        said += Tune::tr(" %1 without club data.")
                    .arg(shots(static_cast<qsizetype>(tuning.data.withoutClub)));
    return said;
}

QStringList tuneNext(const PlayerTuning& tuning, const Units& units) {
    QStringList lines;
    for (const ResidualPattern& p : tuning.residuals.patterns)
        lines << leftPattern(p, units);
    for (const FitRemark& note : tuning.fit.strike.notes)
        lines << said(note);
    QStringList unknown, patterned;
    for (const TuneEstimate& e : tuning.fit.estimates()) {
        if (!e.identified) unknown << estimateRow(e, {}).name;
        if (isPatterned(e, tuning.residuals)) patterned << estimateRow(e, {}).name;
    }
    if (!patterned.isEmpty())
        lines << Tune::tr("Marked ~, as a pattern is left of what they explain: %1.")
                     .arg(patterned.join(Tune::tr("; ")));
    if (!unknown.isEmpty())
        lines << Tune::tr("Little more than before is known of: %1.")
                     .arg(unknown.join(Tune::tr("; ")));
    if (!tuning.fit.strike.refused && tuning.fit.delivery.estimates.empty()) {
        lines << Tune::tr("Declare the set-up of shots in Watch to learn what it really delivers.");
    }
    if (tuning.fit.check.oneDay)
        lines << Tune::tr(
            "All shots are of one day: what another day's ground does to the run cannot "
            "be checked.");
    if (tuning.next.enough)
        lines << Tune::tr(
            "Enough is known for this player's usual shots: one more would take less than 2 % off "
            "what is not known of their carry and release.");
    if (!tuning.next.shots.empty())
        lines << (tuning.next.enough
                      ? Tune::tr("If there are more to hit:")
                      : Tune::tr("These shots would make predictions of carry and release the "
                                 "surest:"));
    PlayerModel player;
    player.tuning = std::make_shared<const Tuning>(tuning.fit.tuning());
    const SwingLadder swings(player, {});
    for (std::size_t i = 0; i < tuning.next.shots.size() && i < 5; ++i)
        lines << Tune::tr("%1 × %2")
                     .arg(tuning.next.shots[i].times)
                     .arg(nextShot(tuning.next.shots[i], swings, units));
    return lines;
}

QStringList tuneSwings(const PlayerTuning& tuning, const Units& units) {
    QStringList lines;
    const DeliveryTuning& d = tuning.fit.delivery.tuning;
    if (!tuning.fit.delivery.estimates.empty()) {
        const auto came = [](const DeliveryTuning::Line& line, double declared_deg) {
            return degrees(line(radFromDeg(declared_deg)));
        };
        lines << Tune::tr(
                     "From %1 with a declared set-up: 10° of opening come as %2, 5° of shaft lean "
                     "as %3, a ball in the middle plays %4 balls forward.")
                     .arg(shots(static_cast<qsizetype>(tuning.fit.delivery.used)), came(d.open, 10),
                          came(d.lean, 5), number(d.ball(0.0) / constants::ballWidth_m, 1));
    }
    if (d.scatter) {
        const PlayerScatter& s = *d.scatter;
        lines << Tune::tr(
                     "From swing to swing (two of three within, the device's own noise with it): "
                     "club "
                     "speed %1 %, attack %2, path %3, face %4, dynamic loft %5.")
                     .arg(number(100 * s.of(Scatter::Speed), 1), degrees(s.of(Scatter::Attack)),
                          degrees(s.of(Scatter::Path)), degrees(s.of(Scatter::Face)),
                          degrees(s.of(Scatter::Loft)));
        const std::array names{Tune::tr("speed"), Tune::tr("attack"), Tune::tr("path"),
                               Tune::tr("face"), Tune::tr("loft")};
        QStringList pairs;
        for (std::size_t a = 0; a < names.size(); ++a) {
            for (std::size_t b = a + 1; b < names.size(); ++b) {
                const double r = s.correlation[a][b];
                if (std::abs(r) >= 0.3)
                    pairs << Tune::tr("%1 with %2 (%3)").arg(names[a], names[b], number(r, 1));
            }
        }
        lines << (pairs.isEmpty()
                      ? Tune::tr("None of them goes with another.")
                      : Tune::tr("What goes together: %1.").arg(pairs.join(Tune::tr(", "))));
    }
    // The slower swings first.
    std::map<std::string, double> fastest;
    for (const auto& s : d.speeds)
        fastest[s.swing] = std::max(fastest[s.swing], s.mean_mps);
    std::map<double, QStringList> bySpeed;
    for (const auto& s : d.speeds) {
        QStringList& line = bySpeed[fastest[s.swing]];
        if (line.isEmpty()) line << fromUtf8(s.swing);
        line << Tune::tr("%1 %2 ± %3")
                    .arg(fromUtf8(s.wedge), number(s.mean_mps * units.speedFactor(), 1),
                         number(s.sd_mps * units.speedFactor(), 1));
    }
    for (auto& [speed, line] : bySpeed) {
        const QString swing = line.takeFirst();
        lines << Tune::tr("%1: %2 %3.").arg(swing, line.join(Tune::tr(", ")), units.speedName());
    }
    const GroundTuning& all = tuning.fit.ground.tuning;
    for (const GroundFit::Day& its : tuning.fit.ground.days) {
        const auto i = static_cast<std::size_t>(its.session);
        const double firm = its.tuning.firmness / all.firmness - 1;
        const double fast = its.tuning.greenSpeed / all.greenSpeed - 1;
        QStringList said;
        if (std::abs(firm) >= 0.05) {
            said << (firm > 0 ? Tune::tr("%1 % firmer") : Tune::tr("%1 % softer"))
                        .arg(number(100 * std::abs(firm), 0));
        }
        if (std::abs(fast) >= 0.05) {
            said << (fast > 0 ? Tune::tr("%1 % faster") : Tune::tr("%1 % slower"))
                        .arg(number(100 * std::abs(fast), 0));
        }
        if (!said.isEmpty() && i < tuning.data.days.size()) {
            lines << Tune::tr("The ground of %1 was %2 than on the other days.")
                         .arg(day(tuning.data.days[i]), said.join(Tune::tr(" and ")));
        }
    }
    return lines;
}

}  // namespace wedgeon::text
