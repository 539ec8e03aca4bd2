// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Sentences of Train.
#include "text/train_words.h"

#include <QCoreApplication>
#include <algorithm>
#include <array>
#include <cmath>

#include "wedgeon/units.h"

namespace wedgeon::text {
namespace {

/// The context of their translations.
struct TrainWords {
    Q_DECLARE_TR_FUNCTIONS(TrainWords)
};

QString turfWord(double si) {
    switch (std::clamp(static_cast<int>(std::lround(si)), 0, 3)) {
        case 0:
            return TrainWords::tr("none");
        case 1:
            return TrainWords::tr("a scuff");
        case 2:
            return TrainWords::tr("a small divot");
        default:
            return TrainWords::tr("a deep divot");
    }
}

/// "lands 3.1° flatter": of B, which differs by \p by.
QString moved(DrillMeasure measure, double by, const Units& units) {
    const MeasureForm form = formOf(measure, units);
    const QString size = withUnit(number(std::abs(by) * form.factor, form.decimals), form.unit);
    const bool more = by > 0;
    switch (measure) {
        case DrillMeasure::Launch:
            return (more ? TrainWords::tr("starts %1 higher") : TrainWords::tr("starts %1 lower"))
                .arg(size);
        case DrillMeasure::Landing:
            return (more ? TrainWords::tr("lands %1 steeper") : TrainWords::tr("lands %1 flatter"))
                .arg(size);
        case DrillMeasure::Spin:
            return (more ? TrainWords::tr("spins %1 more") : TrainWords::tr("spins %1 less"))
                .arg(size);
        case DrillMeasure::Carry:
            return (more ? TrainWords::tr("carries %1 farther")
                         : TrainWords::tr("carries %1 shorter"))
                .arg(size);
        case DrillMeasure::Total:
            return (more ? TrainWords::tr("rests %1 farther") : TrainWords::tr("rests %1 shorter"))
                .arg(size);
        case DrillMeasure::Release:
            return (more ? TrainWords::tr("runs %1 farther") : TrainWords::tr("runs %1 less"))
                .arg(size);
        case DrillMeasure::Side:
            return (more ? TrainWords::tr("rests %1 farther right")
                         : TrainWords::tr("rests %1 farther left"))
                .arg(size);
        case DrillMeasure::Apex:
            return (more ? TrainWords::tr("flies %1 higher") : TrainWords::tr("flies %1 lower"))
                .arg(size);
        case DrillMeasure::ClubSpeed:
            return (more ? TrainWords::tr("swings %1 faster") : TrainWords::tr("swings %1 slower"))
                .arg(size);
        case DrillMeasure::Attack:
            return (more ? TrainWords::tr("comes down %1 shallower")
                         : TrainWords::tr("comes down %1 steeper"))
                .arg(size);
        case DrillMeasure::Turf:
            return more ? TrainWords::tr("takes more turf") : TrainWords::tr("takes less turf");
        case DrillMeasure::OffAlong:
            return (more ? TrainWords::tr("is swung %1 farther past what was declared")
                         : TrainWords::tr("is swung %1 shorter of what was declared"))
                .arg(size);
        case DrillMeasure::OffAcross:
            return (more ? TrainWords::tr("is swung %1 farther right of what was declared")
                         : TrainWords::tr("is swung %1 farther left of what was declared"))
                .arg(size);
    }
    return {};
}

QString capital(QString s) {
    if (!s.isEmpty()) s[0] = s[0].toUpper();
    return s;
}

}  // namespace

MeasureForm formOf(DrillMeasure measure, const Units& units) {
    const QString deg = QStringLiteral("°");
    switch (measure) {
        case DrillMeasure::Carry:
            return {TrainWords::tr("carry"), units.lengthName(), units.lengthFactor(), 1};
        case DrillMeasure::Total:
            return {TrainWords::tr("total distance"), units.lengthName(), units.lengthFactor(), 1};
        case DrillMeasure::Release:
            return {TrainWords::tr("release"), units.lengthName(), units.lengthFactor(), 1};
        case DrillMeasure::Side:
            return {TrainWords::tr("side of the rest"), units.lengthName(), units.lengthFactor(),
                    1};
        case DrillMeasure::Apex:
            return {TrainWords::tr("apex"), units.heightName(), units.heightFactor(), 1};
        case DrillMeasure::Launch:
            return {TrainWords::tr("launch angle"), deg, degFromRad(1.0), 1};
        case DrillMeasure::Landing:
            return {TrainWords::tr("landing angle"), deg, degFromRad(1.0), 1};
        case DrillMeasure::Spin:
            return {TrainWords::tr("spin"), rpmName(), rpmFromRadps(1.0), 0};
        case DrillMeasure::ClubSpeed:
            return {TrainWords::tr("club speed"), units.speedName(), units.speedFactor(), 1};
        case DrillMeasure::Attack:
            return {TrainWords::tr("attack angle"), deg, degFromRad(1.0), 1};
        case DrillMeasure::Turf:
            return {TrainWords::tr("turf taken"), QString(), 1.0, 1};
        case DrillMeasure::OffAlong:
            return {TrainWords::tr("distance past the declared rest"), units.lengthName(),
                    units.lengthFactor(), 1};
        case DrillMeasure::OffAcross:
            return {TrainWords::tr("distance right of it"), units.lengthName(),
                    units.lengthFactor(), 1};
    }
    return {};
}

QString shown(DrillMeasure measure, double si, const Units& units) {
    if (measure == DrillMeasure::Turf) return turfWord(si);
    const MeasureForm form = formOf(measure, units);
    return withUnit(number(si * form.factor, form.decimals), form.unit);
}

QString windowSaid(const DrillWindow& window, const Units& units) {
    const MeasureForm form = formOf(window.of, units);
    if (window.of == DrillMeasure::Turf) {
        return window.high < 0.5
                   ? TrainWords::tr("no turf")
                   : TrainWords::tr("no more turf than %1").arg(turfWord(window.high));
    }
    return TrainWords::tr("%1 %2 to %3")
        .arg(form.name, number(window.low * form.factor, form.decimals),
             withUnit(number(window.high * form.factor, form.decimals), form.unit));
}

QString stationSaid(const DrillStation& station, const Units& units) {
    QStringList parts;
    for (const DrillWindow& w : station.windows)
        parts << windowSaid(w, units);
    QString out = parts.join(QStringLiteral(", "));
    if (station.scatter)
        out += TrainWords::tr("; %1 to scatter by no more than %2")
                   .arg(formOf(station.scatter->of, units).name,
                        shown(station.scatter->of, station.scatter->most, units));
    return out;
}

QString drillPurpose(const Drill& drill) {
    return drill.purpose.empty() ? QString() : capital(fromUtf8(drill.purpose)) + QLatin1Char('.');
}

QString drillSentence(const Drill& drill, const DrillScore& score) {
    const auto hits = static_cast<int>(score.hitCount());
    const auto counted = static_cast<int>(score.counted());
    if (counted == 0)
        return TrainWords::tr("%1: the first of %2.")
            .arg(fromUtf8(drill.name), shots(static_cast<qsizetype>(drill.shots())));
    QString said = TrainWords::tr("%1 of %2 inside.").arg(hits).arg(counted);
    const bool inTurn = drill.order == DrillOrder::InTurn && drill.stations.size() > 1;
    if (score.ended) {
        const auto shut = std::find_if(score.stations.begin(), score.stations.end(),
                                       [](const StationScore& s) { return !s.passed; });
        if (shut == score.stations.end()) return said + TrainWords::tr(" Passed.");
        const auto at = static_cast<std::size_t>(shut - score.stations.begin());
        const QString task = fromUtf8(drill.stations[at].task);
        return said +
               (inTurn && at + 1 < drill.stations.size()
                    ? TrainWords::tr(" Again from “%1” before what comes after it.").arg(task)
                    : TrainWords::tr(" Not passed yet: “%1”.").arg(task));
    }
    return said +
           TrainWords::tr(" %1 to go.").arg(shots(static_cast<qsizetype>(drill.shots()) - counted));
}

QString drillWhy(const Drill& drill, const DrillScore& score, const Units& units) {
    QStringList out{drillPurpose(drill)};
    // Which window was missed most, of the shots that missed.
    std::array<int, drillMeasureCount> missed{};
    int misses = 0;
    for (const DrillHit& h : score.hits) {
        if (!h.counts || h.hit) continue;
        ++misses;
        const auto& windows = drill.stations[h.station].windows;
        for (std::size_t i = 0; i < windows.size(); ++i) {
            if (!h.inside[i]) ++missed[static_cast<std::size_t>(windows[i].of)];
        }
    }
    const auto most = std::max_element(missed.begin(), missed.end());
    if (misses > 1) {
        const auto of = static_cast<DrillMeasure>(most - missed.begin());
        out << TrainWords::tr("Of %1 misses %2 by the %3.")
                   .arg(misses)
                   .arg(*most)
                   .arg(formOf(of, units).name);
    }
    const auto unseen = static_cast<int>(score.hits.size() - score.counted());
    if (unseen > 0)
        out << TrainWords::tr("%1 not seen or set aside, to be hit again.").arg(shots(unseen));
    return out.join(QLatin1Char(' '));
}

QString differenceSaid(DrillMeasure measure, const TrialReading& reading, const Units& units) {
    const MeasureForm form = formOf(measure, units);
    const auto say = [&](double si) { return signedNumber(si * form.factor, form.decimals); };
    if (!std::isfinite(reading.difference)) return TrainWords::tr("not measured yet");
    const QString middle = withUnit(say(reading.difference), form.unit);
    if (!std::isfinite(reading.low)) return middle + TrainWords::tr(" (too few yet)");
    return TrainWords::tr("%1 (%2 to %3)").arg(middle, say(reading.low), say(reading.high));
}

QString trialSentence(const store::Trial& trial, const TrialReading& decides,
                      const StrikeReading& strikes, const Units& units) {
    const TrialAnswer answer = findAnswer(decides, trial.design);
    const QString name = formOf(trial.decides, units).name;
    QString said;
    switch (answer.verdict) {
        case TrialVerdict::Difference:
            said = TrainWords::tr("B %1%2.").arg(
                moved(trial.decides, decides.difference, units),
                answer.surelyMatters ? QString()
                                     : TrainWords::tr(", though perhaps by less than matters"));
            break;
        case TrialVerdict::NoDifference:
            said = TrainWords::tr("No difference in %1 that matters.").arg(name);
            break;
        case TrialVerdict::CannotTell:
            said = answer.more
                       ? TrainWords::tr("%1: cannot tell yet, hit %n more.", nullptr,
                                        static_cast<int>(*answer.more))
                             .arg(capital(name))
                       : TrainWords::tr("%1: cannot be told within 400 shots.").arg(capital(name));
            break;
    }
    if (strikes.differ) {
        const bool b = static_cast<double>(strikes.cleanB) * static_cast<double>(strikes.shotsA) >
                       static_cast<double>(strikes.cleanA) * static_cast<double>(strikes.shotsB);
        said += b ? TrainWords::tr(" B is struck clean more often.")
                  : TrainWords::tr(" A is struck clean more often.");
    }
    return said;
}

QString trialWhy(const store::Trial& trial, std::size_t shots, std::size_t aside,
                 const TrialReading& decides, const ScatterReading& scatter) {
    QStringList out{
        TrainWords::tr("A is %1, B is %2.").arg(fromUtf8(trial.ways[0]), fromUtf8(trial.ways[1]))};
    out << (aside == 0 ? TrainWords::tr("%1 in random order.")
                             .arg(text::shots(static_cast<qsizetype>(shots)))
                       : TrainWords::tr("%1 in random order, %2 of them set aside.")
                             .arg(text::shots(static_cast<qsizetype>(shots)))
                             .arg(aside));
    const std::size_t measured = decides.shotsA + decides.shotsB;
    if (measured + aside < shots)
        out << TrainWords::tr("%1 without the reading that decides.")
                   .arg(text::shots(static_cast<qsizetype>(shots - measured - aside)));
    if (std::isfinite(scatter.high))
        out << TrainWords::tr("B scatters %1 times as far as A (about %2 to %3).")
                   .arg(number(scatter.ratio, 1), number(scatter.low, 1), number(scatter.high, 1));
    out << TrainWords::tr(
               "Two equal ways are said to differ in at most %1 of 100 such trials, "
               "however often one looks.")
               .arg(number(100 * trial.design.errorRate, 0));
    return out.join(QLatin1Char(' '));
}

QString missSentence(const DeclaredMiss& miss, const Units& units) {
    if (!miss.along.whole_m) return TrainWords::tr("Where it came to rest is not known.");
    const auto name = [](const std::vector<MissCause>& causes) {
        QStringList all;
        for (const MissCause c : causes) {
            switch (c) {
                case MissCause::Swing:
                    all << TrainWords::tr("swing");
                    break;
                case MissCause::Strike:
                    all << TrainWords::tr("strike");
                    break;
                case MissCause::Air:
                    all << TrainWords::tr("air");
                    break;
                case MissCause::Ground:
                    all << TrainWords::tr("ground");
                    break;
            }
        }
        return all.join(TrainWords::tr(" and "));
    };
    const auto length = [&](double m) {
        return withUnit(signedNumber(m * units.lengthFactor(), 1), units.lengthName());
    };
    const double whole = *miss.along.whole_m;
    const QString off = std::abs(whole) < 0.05
                            ? TrainWords::tr("As far as declared")
                            : (whole < 0 ? TrainWords::tr("%1 short") : TrainWords::tr("%1 past"))
                                  .arg(units.length(std::abs(whole), 1));
    QStringList parts;
    for (const MissPart& p : miss.along.parts)
        parts << QStringLiteral("%1 %2").arg(name(p.causes), length(p.miss_m));
    QString out = parts.size() < 2 ? TrainWords::tr(
                                         "%1 of what was declared; swing, strike and "
                                         "ground are told apart where club or ball is "
                                         "measured.")
                                         .arg(off)
                                   : TrainWords::tr("%1 of what was declared: %2.")
                                         .arg(off, parts.join(QStringLiteral(", ")));
    if (std::abs(whole) < 0.05)
        out = parts.size() < 2 ? off + QLatin1Char('.')
                               : off + QStringLiteral(": ") + parts.join(QStringLiteral(", ")) +
                                     QLatin1Char('.');
    return out;
}

QString strainSaid(const StrainState& strain, const StrainLimits& limits) {
    if (strain.dayFull)
        return TrainWords::tr("%n strike(s) with full effort today: enough for a day.", nullptr,
                              static_cast<int>(strain.fullEffort));
    if (strain.pauseDue)
        return TrainWords::tr(
                   "%1 of %2 steep strikes off a mat or hard ground: a pause of %n "
                   "minute(s) is due.",
                   nullptr, static_cast<int>(std::lround(limits.pause_s / 60.0)))
            .arg(strain.steepOnHard)
            .arg(limits.steepOnHard);
    if (strain.steepOnHard > 0)
        return TrainWords::tr("%1 of %2 steep strikes off a mat or hard ground, then a pause.")
            .arg(strain.steepOnHard)
            .arg(limits.steepOnHard);
    return {};
}

const QVector<DrillMeasure>& trialMeasures() {
    static const QVector<DrillMeasure> all{
        DrillMeasure::Landing,   DrillMeasure::Spin,  DrillMeasure::Launch, DrillMeasure::Carry,
        DrillMeasure::Release,   DrillMeasure::Total, DrillMeasure::Side,   DrillMeasure::Apex,
        DrillMeasure::ClubSpeed, DrillMeasure::Attack};
    return all;
}

TrialDesign usualDesign(DrillMeasure measure) {
    TrialDesign out;
    const auto set = [&](double matters, double sd) {
        out.matters = matters;
        out.expectedSd = sd;
    };
    switch (measure) {
        case DrillMeasure::Carry:
        case DrillMeasure::Total:
            set(1.5, 2.0);
            break;
        case DrillMeasure::Release:
        case DrillMeasure::Side:
        case DrillMeasure::OffAlong:
        case DrillMeasure::OffAcross:
            set(1.0, 1.5);
            break;
        case DrillMeasure::Apex:
            set(0.5, 0.7);
            break;
        case DrillMeasure::Launch:
            set(radFromDeg(1.5), radFromDeg(1.5));
            break;
        case DrillMeasure::Landing:
            set(radFromDeg(1.5), radFromDeg(1.8));
            break;
        case DrillMeasure::Spin:
            set(radpsFromRpm(400), radpsFromRpm(500));
            break;
        case DrillMeasure::ClubSpeed:
            set(0.5, 0.5);
            break;
        case DrillMeasure::Attack:
            set(radFromDeg(1.0), radFromDeg(1.0));
            break;
        case DrillMeasure::Turf:
            set(0.5, 0.7);
            break;
    }
    return out;
}

}  // namespace wedgeon::text
