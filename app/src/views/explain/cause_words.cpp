// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The sentences of causes.
#include "views/explain/cause_words.h"

#include <QCoreApplication>
#include <QStringList>
#include <array>
#include <cmath>

#include "drawings/dial_shape.h"
#include "text/quantities.h"
#include "wedgeon/units.h"

namespace wedgeon::text {
namespace {

class CauseWords {
    Q_DECLARE_TR_FUNCTIONS(CauseWords)
};

struct FaultWords {
    const char *name, *says, *cure, *drill;
};

/// By Fault.
constexpr std::array<FaultWords, faultCount> faults{{
    {QT_TRANSLATE_NOOP("CauseWords", "No fault"),
     QT_TRANSLATE_NOOP("CauseWords", "such shots come of this set-up, this lie and this ground"),
     QT_TRANSLATE_NOOP("CauseWords", "Change the plan, not the swing."), ""},
    {QT_TRANSLATE_NOOP("CauseWords", "Clubhead passes the hands"),
     QT_TRANSLATE_NOOP("CauseWords", "the clubhead passes the hands before the ball"),
     QT_TRANSLATE_NOOP("CauseWords", "Handle past the lead thigh before the ball."),
     QT_TRANSLATE_NOOP("CauseWords",
                       "Hip-high swings that stop with the shaft no higher than the hands.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Low point behind the ball"),
     QT_TRANSLATE_NOOP("CauseWords", "the swing is at its lowest too far back"),
     QT_TRANSLATE_NOOP("CauseWords", "Let the turf be met at the ball or after it."),
     QT_TRANSLATE_NOOP("CauseWords",
                       "Draw a line in the turf and brush it, without a ball; then with one.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Speed lost before the ball"),
     QT_TRANSLATE_NOOP("CauseWords", "the club slows down before the ball"),
     QT_TRANSLATE_NOOP("CauseWords", "Shorter back, and through at least as far."),
     QT_TRANSLATE_NOOP("CauseWords",
                       "Short backswings to the same carry: let the finish be the longer part.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Too steep"),
     QT_TRANSLATE_NOOP("CauseWords", "the club comes down too steeply"),
     QT_TRANSLATE_NOOP("CauseWords", "A wider swing that brushes instead of digging."),
     QT_TRANSLATE_NOOP("CauseWords",
                       "Brush the turf ten times, no more than grass taken; then with a ball.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Opened too far"),
     QT_TRANSLATE_NOOP("CauseWords", "the face is opened farther than it is meant to be"),
     QT_TRANSLATE_NOOP("CauseWords", "Set the face by the toe's hour, then grip."),
     QT_TRANSLATE_NOOP(
         "CauseWords",
         "Open by a half, one, one and a half hours in turn, called before the grip.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Ball too far forward"),
     QT_TRANSLATE_NOOP("CauseWords", "the ball lies too far forward"),
     QT_TRANSLATE_NOOP("CauseWords", "Ball back to its place; feet last."),
     QT_TRANSLATE_NOOP("CauseWords", "A stick at the ball and one at the toes, for ten balls.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Ball too far back"),
     QT_TRANSLATE_NOOP("CauseWords", "the ball lies too far back"),
     QT_TRANSLATE_NOOP("CauseWords", "Ball forward to its place; feet last."),
     QT_TRANSLATE_NOOP("CauseWords", "A stick at the ball and one at the toes, for ten balls.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Weight stays back"),
     QT_TRANSLATE_NOOP("CauseWords", "the weight stays on the trail foot"),
     QT_TRANSLATE_NOOP("CauseWords", "Weight on the lead foot from the start, and left there."),
     QT_TRANSLATE_NOOP("CauseWords", "Trail heel off the ground for ten balls.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Handle comes up"),
     QT_TRANSLATE_NOOP("CauseWords", "the hands come up before the ball"),
     QT_TRANSLATE_NOOP("CauseWords", "Keep the chest over the ball until it has gone."),
     QT_TRANSLATE_NOOP("CauseWords", "Brush two tees in front of each other in one swing.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Face turned over"),
     QT_TRANSLATE_NOOP("CauseWords", "the face turns over before the ball"),
     QT_TRANSLATE_NOOP("CauseWords", "Hold the face up after the ball."),
     QT_TRANSLATE_NOOP("CauseWords",
                       "Hip-high finishes with the face to the sky, through a start gate.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Grass at the heel"),
     QT_TRANSLATE_NOOP("CauseWords", "the grass catches the heel and shuts the face"),
     QT_TRANSLATE_NOOP("CauseWords", "Open a little and hold firmer out of such grass."),
     QT_TRANSLATE_NOOP("CauseWords", "From this grass and from short grass in turn.")},
    {QT_TRANSLATE_NOOP("CauseWords", "Worn, wet or dirty face"),
     QT_TRANSLATE_NOOP("CauseWords", "the face grips less than was said"),
     QT_TRANSLATE_NOOP("CauseWords",
                       "Clean and dry the grooves, or say in the strip what they are."),
     ""},
    {QT_TRANSLATE_NOOP("CauseWords", "Another ball"),
     QT_TRANSLATE_NOOP("CauseWords", "the ball is a harder one than was said"),
     QT_TRANSLATE_NOOP("CauseWords",
                       "Hit the ball that is played, or say in the strip which it is."),
     ""},
    {QT_TRANSLATE_NOOP("CauseWords", "More grass than said"),
     QT_TRANSLATE_NOOP("CauseWords", "more grass gets between than was said"),
     QT_TRANSLATE_NOOP("CauseWords", "Read the lie again with a practice swing beside the ball."),
     ""},
    {QT_TRANSLATE_NOOP("CauseWords", "Harder ground than said"),
     QT_TRANSLATE_NOOP("CauseWords", "the ground is harder and faster than was said"),
     QT_TRANSLATE_NOOP("CauseWords", "Land it shorter; say in the strip how the green is."), ""},
    {QT_TRANSLATE_NOOP("CauseWords", "Device misreads"),
     QT_TRANSLATE_NOOP("CauseWords", "the device reads wrong"),
     QT_TRANSLATE_NOOP("CauseWords", "Set the device up again before anything is changed."), ""},
    {QT_TRANSLATE_NOOP("CauseWords", "Something else"),
     QT_TRANSLATE_NOOP("CauseWords", "none of these alone: something else, or two at once"),
     QT_TRANSLATE_NOOP("CauseWords", "Look before anything is changed."), ""},
}};

/// By Complaint.
constexpr std::array<const char*, complaintCount> complaints{
    QT_TRANSLATE_NOOP("CauseWords", "too high"),
    QT_TRANSLATE_NOOP("CauseWords", "too low"),
    QT_TRANSLATE_NOOP("CauseWords", "runs on"),
    QT_TRANSLATE_NOOP("CauseWords", "stops dead"),
    QT_TRANSLATE_NOOP("CauseWords", "short"),
    QT_TRANSLATE_NOOP("CauseWords", "long"),
    QT_TRANSLATE_NOOP("CauseWords", "fat"),
    QT_TRANSLATE_NOOP("CauseWords", "thin"),
    QT_TRANSLATE_NOOP("CauseWords", "starts left"),
    QT_TRANSLATE_NOOP("CauseWords", "starts right"),
    QT_TRANSLATE_NOOP("CauseWords", "curves left"),
    QT_TRANSLATE_NOOP("CauseWords", "curves right")};

/// By Check.
constexpr std::array<const char*, checkCount> checks{
    QT_TRANSLATE_NOOP("CauseWords", "Film one swing from face-on: where is the shaft at the ball?"),
    QT_TRANSLATE_NOOP("CauseWords", "Lay a stick down at the ball: where is it in the stance?"),
    QT_TRANSLATE_NOOP("CauseWords",
                      "Look down at the leading edge before the grip: how far is it open?"),
    QT_TRANSLATE_NOOP("CauseWords",
                      "Have a line brushed without a ball: where does the brush begin?"),
    QT_TRANSLATE_NOOP("CauseWords", "Film one swing from behind: do the hands come up?"),
    QT_TRANSLATE_NOOP("CauseWords", "Film the face from above: how far has it turned at the ball?"),
    QT_TRANSLATE_NOOP("CauseWords", "Measure the club's speed of three swings."),
    QT_TRANSLATE_NOOP("CauseWords",
                      "Three balls with another wedge of this loft, its face fresh and dry."),
    QT_TRANSLATE_NOOP("CauseWords", "Three of the balls that are played, new ones."),
    QT_TRANSLATE_NOOP("CauseWords", "Three balls off a low tee."),
    QT_TRANSLATE_NOOP("CauseWords", "Three balls to another green."),
    QT_TRANSLATE_NOOP("CauseWords",
                      "Pace three balls off, and hold their height against the flagstick.")};

/// "3°": whole degrees are what a coach sees.
QString wholeDegrees(double rad) {
    return degrees(std::abs(rad), 0);
}

QString shortLength(double m, const Units& units) {
    const double cm = std::abs(m) * 100.0;
    return units.system() == UnitSystem::Yards
               ? withUnit(number(cm / 2.54, 1), CauseWords::tr("in"))
               : withUnit(number(cm, cm < 1.0 ? 1 : 0), CauseWords::tr("cm"));
}

QString percent(double logarithm) {
    return withUnit(number(std::abs(100.0 * std::expm1(logarithm)), 0), QStringLiteral("%"));
}

/// A short noun for a result, in the middle of a sentence or of a list.
QString outcomeName(Outcome o) {
    return shortNameOf(quantityOf(o));
}

}  // namespace

QString complaint(Complaint c) {
    return CauseWords::tr(complaints[static_cast<std::size_t>(c)]);
}

QString faultName(Fault fault) {
    return CauseWords::tr(faults[static_cast<std::size_t>(fault)].name);
}

QString faultSays(Fault fault) {
    return CauseWords::tr(faults[static_cast<std::size_t>(fault)].says);
}

QString cure(Fault fault) {
    return CauseWords::tr(faults[static_cast<std::size_t>(fault)].cure);
}

QString drillFor(Fault fault) {
    const char* drill = faults[static_cast<std::size_t>(fault)].drill;
    return *drill ? CauseWords::tr(drill) : QString();
}

QString odds(double share) {
    struct Step {
        double from;
        const char* says;
    };
    static constexpr std::array steps{
        Step{0.945, QT_TRANSLATE_NOOP("CauseWords", "almost surely")},
        Step{0.85, QT_TRANSLATE_NOOP("CauseWords", "nine in ten")},
        Step{0.775, QT_TRANSLATE_NOOP("CauseWords", "four in five")},
        Step{0.71, QT_TRANSLATE_NOOP("CauseWords", "three in four")},
        Step{0.63, QT_TRANSLATE_NOOP("CauseWords", "two in three")},
        Step{0.55, QT_TRANSLATE_NOOP("CauseWords", "three in five")},
        Step{0.45, QT_TRANSLATE_NOOP("CauseWords", "one in two")},
        Step{0.365, QT_TRANSLATE_NOOP("CauseWords", "two in five")},
        Step{0.29, QT_TRANSLATE_NOOP("CauseWords", "one in three")},
        Step{0.225, QT_TRANSLATE_NOOP("CauseWords", "one in four")},
        Step{0.17, QT_TRANSLATE_NOOP("CauseWords", "one in five")},
        Step{0.12, QT_TRANSLATE_NOOP("CauseWords", "one in seven")},
        Step{0.08, QT_TRANSLATE_NOOP("CauseWords", "one in ten")},
        Step{0.035, QT_TRANSLATE_NOOP("CauseWords", "one in twenty")}};
    for (const Step& s : steps) {
        if (share >= s.from) return CauseWords::tr(s.says);
    }
    return CauseWords::tr("hardly");
}

QString signName(const Sign& sign) {
    switch (sign.of) {
        case Sign::Of::Read:
            return outcomeName(sign.outcome);
        case Sign::Of::ClubSpeed:
            return shortNameOf(store::Quantity::ClubSpeed);
        case Sign::Of::Height:
            return CauseWords::tr("height");
        case Sign::Of::Start:
            return CauseWords::tr("start");
        case Sign::Of::Curve:
            return CauseWords::tr("curve");
        case Sign::Of::Strike:
            return CauseWords::tr("strike");
        case Sign::Of::Turf:
            return CauseWords::tr("turf");
        case Sign::Of::Entry:
            return CauseWords::tr("where the turf is met");
        case Sign::Of::Bit:
            return CauseWords::tr("which bounce bit");
        case Sign::Of::Complaint:
            return complaint(sign.complaint);
    }
    return {};
}

QString signOff(const PatternSign& s, const Units& units) {
    if (!s.hasNumber) return {};
    if (s.sign.of == Sign::Of::Read) {
        const auto shape = shapeOf(s.sign.outcome, units);
        return withUnit(signedNumber(s.off * shape.factor, shape.decimals), shape.unit);
    }
    if (s.sign.of == Sign::Of::ClubSpeed)
        return withUnit(signedNumber(s.off * units.speedFactor(), 1), units.speedName());
    return withUnit(signedNumber(100.0 * std::expm1(s.off), 0), QStringLiteral("%"));
}

QString change(FaultChange c, double value, const Units& units) {
    const bool more = value > 0.0;
    switch (c) {
        case FaultChange::Speed:
            return (more ? CauseWords::tr("the club is %1 faster")
                         : CauseWords::tr("the club is %1 slower"))
                .arg(percent(value));
        case FaultChange::Lean:
            return (more ? CauseWords::tr("the shaft leans %1 more")
                         : CauseWords::tr("the shaft leans %1 less"))
                .arg(wholeDegrees(value));
        case FaultChange::Open:
            return (more ? CauseWords::tr("the face is %1 farther open")
                         : CauseWords::tr("the face is %1 less open"))
                .arg(wholeDegrees(value));
        case FaultChange::Ball:
            return (more ? CauseWords::tr("the ball is %1 farther forward")
                         : CauseWords::tr("the ball is %1 farther back"))
                .arg(shortLength(value, units));
        case FaultChange::LowPoint:
            return (more ? CauseWords::tr("the low point is %1 farther forward")
                         : CauseWords::tr("the low point is %1 farther back"))
                .arg(shortLength(value, units));
        case FaultChange::Depth:
            return (more ? CauseWords::tr("the sole goes %1 deeper")
                         : CauseWords::tr("the sole goes %1 less deep"))
                .arg(withUnit(number(std::abs(value) * 1000.0, 0), CauseWords::tr("mm")));
        case FaultChange::Attack:
            return (more ? CauseWords::tr("the attack is %1 shallower")
                         : CauseWords::tr("the attack is %1 steeper"))
                .arg(wholeDegrees(value));
        case FaultChange::Path:
            return (more ? CauseWords::tr("the path is %1 more to the right")
                         : CauseWords::tr("the path is %1 more to the left"))
                .arg(wholeDegrees(value));
        case FaultChange::FaceTurn:
            return (more ? CauseWords::tr("the face turns %1 more open")
                         : CauseWords::tr("the face turns %1 more shut"))
                .arg(wholeDegrees(value));
        case FaultChange::Handle:
            return (more ? CauseWords::tr("the hands are %1 higher")
                         : CauseWords::tr("the hands are %1 lower"))
                .arg(shortLength(value, units));
        case FaultChange::Friction:
            return (more ? CauseWords::tr("the face grips %1 more")
                         : CauseWords::tr("the face grips %1 less"))
                .arg(percent(value));
        case FaultChange::Cover:
            return more ? CauseWords::tr("more grass gets between")
                        : CauseWords::tr("less grass gets between");
        case FaultChange::Firmness:
            return (more ? CauseWords::tr("the ground is %1 firmer")
                         : CauseWords::tr("the ground is %1 softer"))
                .arg(percent(value));
        case FaultChange::GreenSpeed:
            return (more ? CauseWords::tr("the green is %1 faster")
                         : CauseWords::tr("the green is %1 slower"))
                .arg(percent(value));
        case FaultChange::ReadLoft:
            return (more ? CauseWords::tr("the device reads %1 too much loft")
                         : CauseWords::tr("the device reads %1 too little loft"))
                .arg(wholeDegrees(value));
        case FaultChange::ReadAttack:
            return (more ? CauseWords::tr("the device reads the attack %1 too shallow")
                         : CauseWords::tr("the device reads the attack %1 too steep"))
                .arg(wholeDegrees(value));
        case FaultChange::ReadLaunch:
            return (more ? CauseWords::tr("the device reads %1 too much launch")
                         : CauseWords::tr("the device reads %1 too little launch"))
                .arg(wholeDegrees(value));
        case FaultChange::ReadBallSpeed:
            return (more ? CauseWords::tr("the device reads %1 too much ball speed")
                         : CauseWords::tr("the device reads %1 too little ball speed"))
                .arg(percent(value));
        case FaultChange::ReadSpin:
            return (more ? CauseWords::tr("the device reads %1 too much spin")
                         : CauseWords::tr("the device reads %1 too little spin"))
                .arg(percent(value));
        default:
            return {};
    }
}

QString check(Check c) {
    return CauseWords::tr(checks[static_cast<std::size_t>(c)]);
}

QString checkTells(const CheckGain& g, Fault first, Fault second, const Units& units) {
    const QString often = CauseWords::tr("%1 in 10").arg(number(std::min(10.0 * g.right, 9.9), 0));
    if (g.looks) {
        // The sentence goes from the border away from the usual: whose side that is comes first.
        const bool beyondIsFirst = (g.border > 0.0) == (g.first > g.second);
        return CauseWords::tr(
                   "If %1 than usual, or even farther, it is this: %2 (%3); if not, rather: %4.")
            .arg(change(g.change, g.border, units), faultSays(beyondIsFirst ? first : second),
                 often, faultSays(beyondIsFirst ? second : first));
    }
    const auto shape = shapeOf(g.outcome, units);
    const QString border = withUnit(number(g.border * shape.factor, shape.decimals), shape.unit);
    return (g.first > g.second
                ? CauseWords::tr(
                      "If %1 is still above %2, it is this: %3 (%4); if not, rather: %5.")
                : CauseWords::tr(
                      "If %1 is still below %2, it is this: %3 (%4); if not, rather: %5."))
        .arg(outcomeName(g.outcome), border, faultSays(first), often, faultSays(second));
}

QString cureBrings(const FaultBelief& b, const Units& units) {
    QStringList parts;
    struct Told {
        Outcome outcome;
        double matters;
    };
    for (const Told& t :
         {Told{Outcome::LaunchAngle, radFromDeg(1)}, Told{Outcome::SpinRate, radpsFromRpm(150)},
          Told{Outcome::Carry, 0.5}, Told{Outcome::Release, 0.3}}) {
        const FaultCost& c = b.costs[static_cast<std::size_t>(t.outcome)];
        if (std::abs(c.by) < std::max(c.half80, t.matters)) continue;
        const auto shape = shapeOf(t.outcome, units);
        parts << outcomeName(t.outcome) + QLatin1Char(' ') + signedWith(shape, -c.by, c.half80);
    }
    return parts.isEmpty()
               ? QString()
               : CauseWords::tr("That brings %1.").arg(parts.join(CauseWords::tr(", ")));
}

QString lieDoes(const std::array<double, outcomeCount>& ofTheLie, const Units& units) {
    const double run = ofTheLie[static_cast<std::size_t>(Outcome::Release)];
    const double carry = ofTheLie[static_cast<std::size_t>(Outcome::Carry)];
    constexpr double least_m = 0.4;
    QStringList parts;
    if (std::abs(carry) >= least_m)
        parts << (carry < 0.0 ? CauseWords::tr("lands %1 shorter")
                              : CauseWords::tr("lands %1 farther"))
                     .arg(units.length(std::abs(carry), 1));
    if (std::abs(run) >= least_m)
        parts << (run < 0.0 ? CauseWords::tr("runs %1 less") : CauseWords::tr("runs %1 farther"))
                     .arg(units.length(std::abs(run), 1));
    if (parts.isEmpty()) return {};
    return CauseWords::tr(
               "With this lie and face such a shot %1 than off short grass, whoever hits it.")
        .arg(parts.join(CauseWords::tr(" and ")));
}

}  // namespace wedgeon::text
