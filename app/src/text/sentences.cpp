// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The sentences.
#include "text/sentences.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>
#include <array>
#include <cmath>

#include "text/swing_text.h"
#include "wedgeon/units.h"

namespace wedgeon::text {
namespace {

/// The context of its translations.
struct Sentences {
    Q_DECLARE_TR_FUNCTIONS(Sentences)
};

/// The run with its spread, as far on or back as it is told.
QString spreadRun(double release_m, const Spread& s, const Units& units) {
    const bool back = release_m < 0;
    return withSpread(std::abs(release_m), back ? s.releaseAbove_m : s.releaseBelow_m,
                      back ? s.releaseBelow_m : s.releaseAbove_m, units.lengthFactor(), 1,
                      units.lengthName());
}

}  // namespace

QString runWord(Behaviour behaviour) {
    switch (behaviour) {
        case Behaviour::ComesBack:
            return Sentences::tr("comes back");
        case Behaviour::DropsDead:
            return Sentences::tr("drops dead");
        case Behaviour::BitesAndStays:
            return Sentences::tr("checks");
        case Behaviour::ChecksTrickles:
            return Sentences::tr("trickles");
        case Behaviour::Releases:
            return Sentences::tr("releases");
        case Behaviour::MostlyRuns:
            return Sentences::tr("runs");
    }
    return {};
}

namespace {

/// \p on: how far from the pitch mark, as text.
QString runWordsWith(const BehaviourResult& behaviour, bool back, const QString& on) {
    const QString bounce = ordinal(behaviour.bitingBounce);
    switch (behaviour.behaviour) {
        case Behaviour::ComesBack:
            return back ? Sentences::tr("bites and comes back, stops %1 short of its pitch mark")
                              .arg(on)
                        : Sentences::tr("bites and comes back, stops %1 on").arg(on);
        case Behaviour::DropsDead:
            return back ? Sentences::tr("stops where it pitches, %1 back").arg(on)
                        : Sentences::tr("stops where it pitches, %1 on").arg(on);
        case Behaviour::BitesAndStays:
            return Sentences::tr("checks on the %1 bounce, stops %2 on").arg(bounce, on);
        case Behaviour::ChecksTrickles:
            return Sentences::tr("checks on the %1 bounce and trickles %2 on").arg(bounce, on);
        case Behaviour::Releases:
            return Sentences::tr("releases %1").arg(on);
        case Behaviour::MostlyRuns:
            return Sentences::tr("runs most of its way, %1").arg(on);
    }
    return {};
}

}  // namespace

QString runWords(const BehaviourResult& behaviour, double release_m, const Units& units) {
    return runWordsWith(behaviour, release_m < 0, units.length(std::abs(release_m), 1));
}

QString runWords(const BehaviourResult& behaviour, double release_m, const Spread& spread,
                 const Units& units) {
    return runWordsWith(behaviour, release_m < 0, spreadRun(release_m, spread, units));
}

QString shotSentence(const ShotResult& shot, const Units& units) {
    if (shot.run.ranAway) {
        return Sentences::tr("Launches %1, carries %2; the slope is too steep for it to stop.")
            .arg(degrees(shot.strike.launch.angle_rad(), 0), units.length(shot.flight.carry_m));
    }
    return Sentences::tr("Launches %1, carries %2, %3.")
        .arg(degrees(shot.strike.launch.angle_rad(), 0), units.length(shot.flight.carry_m),
             runWords(shot.behaviour, shot.run.release_m, units));
}

QString whySentence(const ShotResult& shot, const Spread& spread) {
    const QString spin = rpm(shot.strike.launch.spinRate_radps(), spread.spinRate_radps);
    return shot.strike.limitedByFriction()
               ? Sentences::tr(
                     "Spin %1: friction, not loft, limits it; more spin loft would add none.")
                     .arg(spin)
               : Sentences::tr(
                     "Spin %1: loft, not friction, limits it; more spin loft would still add some.")
                     .arg(spin);
}

QString measuredSentence(const Measured& m, const Units& units) {
    if (!m.carry_m && !m.release_m) return Sentences::tr("Carry and release were not measured.");
    const QString landed = m.landingAngle_rad
                               ? Sentences::tr("Landed at %1").arg(degrees(*m.landingAngle_rad, 0))
                               : Sentences::tr("Landed");
    if (!m.release_m) {
        return Sentences::tr("%1, %2 out; the release was not measured.")
            .arg(landed, units.length(*m.carry_m));
    }
    const QString on = units.length(std::abs(*m.release_m), 1);
    switch (findBehaviourFromRelease(m.carry_m.value_or(0.0), *m.release_m)) {
        case Behaviour::ComesBack:
            return Sentences::tr("%1 and came back %2.").arg(landed, on);
        case Behaviour::DropsDead:
            return Sentences::tr("%1 and stopped where it pitched.").arg(landed);
        case Behaviour::BitesAndStays:
            return Sentences::tr("%1 and checked: stopped %2 on.").arg(landed, on);
        case Behaviour::ChecksTrickles:
            return Sentences::tr("%1 and trickled %2 on.").arg(landed, on);
        case Behaviour::Releases:
            return Sentences::tr("%1 and released %2.").arg(landed, on);
        case Behaviour::MostlyRuns:
            return Sentences::tr("%1 and ran most of its way, %2.").arg(landed, on);
    }
    return {};
}

QString comparison(const Measured& m, const ShotResult& predicted, const Spread& spread,
                   const Units& units) {
    QString said = Sentences::tr("Predicted: %1.")
                       .arg(runWords(predicted.behaviour, predicted.run.release_m, spread, units));
    if (m.spin_radps) {
        const double excess = *m.spin_radps - predicted.strike.launch.spinRate_radps();
        const bool inside = std::abs(excess) <= spread.spinRate_radps;
        said += QStringLiteral(" ") +
                (excess >= 0 ? Sentences::tr("Spin %1 above what loft and ball give: %2.")
                             : Sentences::tr("Spin %1 below what loft and ball give: %2."))
                    .arg(rpm(std::abs(excess)), inside ? Sentences::tr("within the spread")
                                                       : Sentences::tr("outside the spread"));
    }
    return said;
}

QString cause(Cause cause) {
    switch (cause) {
        case Cause::Speed:
            return Sentences::tr("speed");
        case Cause::SpinLoft:
            return Sentences::tr("spin loft");
        case Cause::Steepness:
            return Sentences::tr("steepness");
        case Cause::Direction:
            return Sentences::tr("direction");
        case Cause::FaceToPath:
            return Sentences::tr("face to path");
        case Cause::Friction:
            return Sentences::tr("friction");
        case Cause::Lie:
            return Sentences::tr("lie");
        case Cause::GroundAndAir:
            return Sentences::tr("ground and air");
    }
    return {};
}

QString playerName(std::string_view name) {
    return name.empty() ? Sentences::tr("you") : fromUtf8(name);
}

QString wedge(const Wedge& w) {
    return Sentences::tr("%1° bounce %2")
        .arg(number(degFromRad(w.loft_rad), 0), number(degFromRad(w.bounce_rad), 0));
}

namespace {

struct Phrase {
    std::string_view key;
    const char* text;
};
constexpr std::array lies{
    Phrase{"bare", QT_TRANSLATE_NOOP("Sentences", "bare and tight")},
    Phrase{"short-dry", QT_TRANSLATE_NOOP("Sentences", "short grass, dry")},
    Phrase{"short-damp", QT_TRANSLATE_NOOP("Sentences", "short grass, damp")},
    Phrase{"wispy", QT_TRANSLATE_NOOP("Sentences", "wispy, pale rough")},
    Phrase{"lush", QT_TRANSLATE_NOOP("Sentences", "lush rough, half down")},
    Phrase{"deep", QT_TRANSLATE_NOOP("Sentences", "deep wet rough, down")},
    Phrase{"perched", QT_TRANSLATE_NOOP("Sentences", "perched up in rough")},
    Phrase{"mat", QT_TRANSLATE_NOOP("Sentences", "range mat")},
};
constexpr std::array balls{
    Phrase{"soft", QT_TRANSLATE_NOOP("Sentences", "soft urethane ball")},
    Phrase{"firm", QT_TRANSLATE_NOOP("Sentences", "firm two-piece ball")},
    Phrase{"range", QT_TRANSLATE_NOOP("Sentences", "range ball")},
};
constexpr std::array shortBalls{
    Phrase{"soft", QT_TRANSLATE_NOOP("Sentences", "soft")},
    Phrase{"firm", QT_TRANSLATE_NOOP("Sentences", "firm")},
    Phrase{"range", QT_TRANSLATE_NOOP("Sentences", "range")},
};
constexpr std::array faces{
    Phrase{"fresh-dry", QT_TRANSLATE_NOOP("Sentences", "fresh grooves, dry")},
    Phrase{"worn-dry", QT_TRANSLATE_NOOP("Sentences", "worn grooves, dry")},
    Phrase{"dirty", QT_TRANSLATE_NOOP("Sentences", "dirty grooves")},
    Phrase{"fresh-wet", QT_TRANSLATE_NOOP("Sentences", "fresh grooves, wet")},
    Phrase{"worn-wet", QT_TRANSLATE_NOOP("Sentences", "worn grooves, wet")},
};

template <class Phrases>
QString phraseOf(const Phrases& all, std::string_view key) {
    for (const Phrase& p : all) {
        if (p.key == key) return Sentences::tr(p.text);
    }
    return fromUtf8(key);
}

}  // namespace

QString nameOf(const NamedLie& lie) {
    return phraseOf(lies, lie.key);
}
QString nameOf(const NamedBall& ball) {
    return phraseOf(balls, ball.key);
}
QString nameOf(const NamedFace& face) {
    return phraseOf(faces, face.key);
}

QString ballAndFace(BallKind ball, FaceCondition face) {
    QString said;
    for (const NamedBall& b : namedBalls()) {
        if (b.ball == ball) said = phraseOf(shortBalls, b.key);
    }
    for (const NamedFace& f : namedFaces()) {
        if (f.face == face) said = Sentences::tr("%1, %2", "ball, face").arg(said, nameOf(f));
    }
    return said;
}

QString lie(const Lie& lie) {
    for (const NamedLie& n : namedLies()) {
        if (n.lie == lie) return nameOf(n);
    }
    const QString cover = lie.cover < 0.02  ? Sentences::tr("clean")
                          : lie.cover < 0.3 ? Sentences::tr("some grass")
                                            : Sentences::tr("much grass");
    const QString moisture = lie.moisture < 0.35   ? Sentences::tr("dry")
                             : lie.moisture < 0.75 ? Sentences::tr("damp")
                                                   : Sentences::tr("wet");
    return Sentences::tr("%1, %2, sits up %3 mm").arg(cover, moisture, number(lie.sit_m * 1000, 0));
}

QString ground(const Ground& g) {
    const QString firm = g.firmness < 0.85    ? Sentences::tr("soft")
                         : g.firmness <= 1.15 ? Sentences::tr("ordinary")
                                              : Sentences::tr("firm");
    QString said = Sentences::tr("%1, green speed %2")
                       .arg(firm, number(g.stimp_ft, g.stimp_ft == std::floor(g.stimp_ft) ? 0 : 1));
    if (g.friction < 0.33) said += Sentences::tr(", dewy");
    if (std::abs(g.slopeAlong) >= 0.005) {
        said += g.slopeAlong > 0 ? Sentences::tr(", up %1 %").arg(number(100 * g.slopeAlong, 0))
                                 : Sentences::tr(", down %1 %").arg(number(-100 * g.slopeAlong, 0));
    }
    return said;
}

QString air(const Air& a, const Units& units) {
    QString said = Sentences::tr("%1 °C").arg(number(a.temperature_c, 0));
    const auto wind = [&](double mps, const QString& plus, const QString& minus) {
        if (std::abs(mps) < 0.05) return;
        said += QStringLiteral(", ") + units.speed(std::abs(mps)) + QStringLiteral(" ") +
                (mps > 0 ? plus : minus);
    };
    wind(a.windAhead_mps, Sentences::tr("with"), Sentences::tr("against"));
    wind(a.windRight_mps, Sentences::tr("to the right"), Sentences::tr("to the left"));
    if (a.windAhead_mps == 0.0 && a.windRight_mps == 0.0) said += Sentences::tr(", calm");
    return said;
}

QString day(std::string_view iso) {
    const QDate date = QDate::fromString(fromUtf8(iso).left(10), Qt::ISODate);
    return date.isValid() ? QLocale().toString(date, QStringLiteral("d MMM")) : fromUtf8(iso);
}

QString tuneGroup(const TuneGroup& g) {
    return ballAndFace(g.ball, g.face).remove(Sentences::tr(" grooves")) + QStringLiteral(" · ") +
           lie(g.lie);
}

QString nextShot(const NextShot& n, const SwingLadder& swings, const Units& units) {
    QStringList kind;
    for (const std::string& name : {n.wedge, n.swing}) {
        if (!name.empty()) kind << fromUtf8(name);
    }
    if (!kind.isEmpty()) {
        if (const auto& d = n.declared) {
            if (std::abs(d->open_rad) >= radFromDeg(0.5))
                kind << Sentences::tr("opened %1").arg(degrees(d->open_rad, 0));
            if (std::abs(d->lean_rad) >= radFromDeg(0.5))
                kind << Sentences::tr("lean %1").arg(degrees(d->lean_rad, 0));
            if (std::abs(d->ballForward_m) >= 0.1 * constants::ballWidth_m)
                kind << Sentences::tr("ball %1 forward")
                            .arg(number(d->ballForward_m / constants::ballWidth_m, 1));
        }
        return Sentences::tr("%1: %2").arg(kind.join(QStringLiteral(", ")), tuneGroup(n.group));
    }
    return Sentences::tr("%1 with %2 of dynamic loft, %3 attack: %4")
        .arg(swingInShort(swings, n.delivery.clubSpeed_mps, units),
             degrees(n.delivery.dynamicLoft_rad, 0), attackDegrees(n.delivery.attack_rad),
             tuneGroup(n.group));
}

}  // namespace wedgeon::text
