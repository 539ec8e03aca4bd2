// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The texts. What the model says of a quantity stands in docs/model.md in full.
#include "text/quantity_help.h"

#include <QCoreApplication>
#include <QWidget>
#include <array>

#include "text/quantities.h"
#include "wedgeon/units.h"

namespace wedgeon::text {
namespace {

/// The context of its translations.
struct Help {
    Q_DECLARE_TR_FUNCTIONS(QuantityHelp)
};

struct Texts {
    const char *what, *measured, *valid;
};

using store::Quantity;

constexpr double deg(double value) {
    return radFromDeg(value);
}
constexpr double rpm(double value) {
    return radpsFromRpm(value);
}

struct HelpRow {
    Quantity quantity;
    Texts texts;
    std::optional<UsualRange> usual;
};

constexpr std::array<HelpRow, store::allQuantityCount> helpRows{{
    {Quantity::Loft,
     {QT_TRANSLATE_NOOP(
          "QuantityHelp",
          "How far the face leans back from the shaft, as the wedge was built or bent."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "On a loft machine, to about half a degree; the number on the sole may "
                        "be off by one or two."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "The model takes 15° to 75°; what the ball meets is the dynamic loft.")},
     {}},
    {Quantity::ClubSpeed,
     {QT_TRANSLATE_NOOP("QuantityHelp", "How fast the clubhead moves just before the ball."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "By radar or camera. Devices differ in which point of the head they "
                        "follow, toe or middle, by some per cent."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Strike and flight were held against full tour swings and measured "
                        "short shots; below some 8 m/s little was measured.")},
     UsualRange{10, 34}},
    {Quantity::AttackAngle,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "How steeply the clubhead comes into the ball; negative is down."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "By devices that see the club; by eye from the divot: brushed or none "
                        "is shallow, deep is steep."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "From the set-up it is a prior: ball, weight and radius of the swing "
                        "say it for an ordinary player, his own shots say better.")},
     UsualRange{deg(-5.1), deg(0.2)}},
    {Quantity::ClubPath,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "Where the clubhead goes at the strike, seen from above; right of the "
                        "line is positive."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "By devices that see the club; the divot shows it roughly."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Hitting down sends it to the right by itself, which the model adds; "
                        "how a player swings across his line it learns from his shots.")},
     UsualRange{deg(-0.1), deg(2.5)}},
    {Quantity::FaceAngle,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "Where the face looks at the strike, seen from above; right of the "
                        "line is positive."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "By devices that see the face; many work it out from the ball's start."),
      QT_TRANSLATE_NOOP(
          "QuantityHelp",
          "Geometry is exact; how far a player turns the face through the strike is a prior.")},
     UsualRange{deg(0.2), deg(9.5)}},
    {Quantity::DynamicLoft,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "Where the face looks up at the strike: loft, less the lean of the "
                        "shaft, more for an open face."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "By devices that see the face; others work it out from launch, which "
                        "makes both wrong together."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "The geometry is exact for the shaft and face that are delivered.")},
     UsualRange{deg(40.0), deg(66.2)}},
    {Quantity::SpinLoft,
     {QT_TRANSLATE_NOOP(
          "QuantityHelp",
          "The angle between where the clubhead goes and where the face looks: dynamic loft "
          "less attack, nearly. It makes spin, until face and ball slip."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Worked out from dynamic loft, attack, face and path; an error of any "
                        "of them is in it."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Above the day's peak, more of it brings less spin; where that is "
                        "follows from the friction of ball, face and lie.")},
     UsualRange{deg(43.0), deg(66.4)}},
    {Quantity::BallSpeed,
     {QT_TRANSLATE_NOOP("QuantityHelp", "How fast the ball leaves."),
      QT_TRANSLATE_NOOP("QuantityHelp", "By radar or camera: what devices measure best."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "A strike off the middle or through much grass is slower; the model "
                        "knows the grass, not the place on the face.")},
     UsualRange{9.1, 34.9}},
    {Quantity::LaunchAngle,
     {QT_TRANSLATE_NOOP(
          "QuantityHelp",
          "How high above the horizon the ball leaves. It lies between where the club goes and "
          "where the face looks, nearer to the face the less they grip."),
      QT_TRANSLATE_NOOP("QuantityHelp", "By radar or camera; by eye against the flagstick."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Follows from spin loft and friction; a lie that nobody measured "
                        "leaves it open by some degrees, which the spread says.")},
     UsualRange{deg(26.8), deg(51.5)}},
    {Quantity::LaunchDirection,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "Where the ball starts, seen from above; right is positive. Mostly "
                        "where the face looks."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "By radar or camera; it depends on how the device was aimed."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Grass that snags the heel turns the face, which is a prior.")},
     UsualRange{deg(0.5), deg(6.3)}},
    {Quantity::SpinRate,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "How fast the ball turns when it leaves. Short of the peak the "
                        "geometry limits it, beyond it friction does."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Best with a marked ball; some devices estimate it where they did not "
                        "see it, which is marked as a doubt."),
      QT_TRANSLATE_NOOP(
          "QuantityHelp",
          "Within 5 % of published averages of full wedge swings; a worn, wet or dirty face or "
          "a lie nobody measured makes it the least sure number here.")},
     UsualRange{rpm(2170), rpm(9510)}},
    {Quantity::SpinAxis,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "How far the turning is tipped: positive curves right. It comes from "
                        "face against path."),
      QT_TRANSLATE_NOOP("QuantityHelp", "By radar or camera, unsure where there is little spin."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "A strike at toe or heel tips it too, which the model leaves out.")},
     UsualRange{deg(-0.7), deg(6.9)}},
    {Quantity::Carry,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "From the ball to where it first lands, along the target line."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Seen by radar outdoors; indoors it is worked out by the device, with "
                        "its own model. By eye it can be paced."),
      QT_TRANSLATE_NOOP(
          "QuantityHelp",
          "Within 1.4 % of published averages for a known launch; wind is taken as steady.")},
     UsualRange{7.8, 82.2}},
    {Quantity::Apex,
     {QT_TRANSLATE_NOOP("QuantityHelp", "The highest point of the flight above the ball."),
      QT_TRANSLATE_NOOP("QuantityHelp", "Seen by radar outdoors; by eye in flagsticks."),
      QT_TRANSLATE_NOOP("QuantityHelp", "Follows from launch, speed and spin as carry does.")},
     UsualRange{1.6, 21.8}},
    {Quantity::LandingAngle,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "How steeply it comes down, below the horizon. Steeper stops sooner, "
                        "often more than spin does."),
      QT_TRANSLATE_NOOP("QuantityHelp", "Seen by radar outdoors, else worked out by the device."),
      QT_TRANSLATE_NOOP("QuantityHelp", "The slope that it lands on is taken as even.")},
     UsualRange{deg(33.3), deg(58.6)}},
    {Quantity::Release,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "From where it lands to where it rests, along the line; negative when "
                        "it comes back. On screen also called run."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Paced or measured on the green; devices only estimate it."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Refitted to what coaches see. Firmness, friction and speed of the "
                        "day's green are the least known of all: the band is wide where they "
                        "are guesses. Not valid for ground softer than 0.7.")},
     UsualRange{0.8, 6.8}},
    {Quantity::Total,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "From the ball to where it rests, along the line: carry and release."),
      QT_TRANSLATE_NOOP("QuantityHelp", "Paced or measured; a device's is carry with an estimate."),
      QT_TRANSLATE_NOOP("QuantityHelp", "As sure as its two parts.")},
     UsualRange{10.3, 83.8}},
    {Quantity::Side,
     {QT_TRANSLATE_NOOP("QuantityHelp", "How far right of the line it lands; left is negative."),
      QT_TRANSLATE_NOOP("QuantityHelp", "By devices that were aimed at the flag, or paced."),
      QT_TRANSLATE_NOOP("QuantityHelp", "From start and curve; wind from the side is in it.")},
     UsualRange{0.1, 5.0}},
    {Quantity::FaceToPath,
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "The face against the path: face angle less club path. It tips the "
                        "spin, so that the ball curves."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Worked out from face and path; an error of either is in it."),
      QT_TRANSLATE_NOOP("QuantityHelp", "With much loft and little speed the curve is small.")},
     {}},
}};

constexpr bool isHelpInOrder() {
    for (std::size_t i = 0; i < helpRows.size(); ++i) {
        if (helpRows[i].quantity != static_cast<Quantity>(i) || !helpRows[i].texts.what)
            return false;
    }
    return true;
}
static_assert(isHelpInOrder(), "a quantity is missing from the table, or not in its place");

struct DialRow {
    Dial dial;
    const char* name;
    Texts texts;
};
constexpr std::array<DialRow, dialCount> dialRows{{
    {Dial::Open,
     QT_TRANSLATE_NOOP("QuantityHelp", "Face open at address"),
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "How far the face is turned open about the shaft before gripping. It adds "
                        "loft and bounce and looks to the right."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "Seen from above by the toe: each hour of the clock is 30°."),
      QT_TRANSLATE_NOOP("QuantityHelp", "Geometry, exact for the shaft as it is delivered.")}},
    {Dial::Lean,
     QT_TRANSLATE_NOOP("QuantityHelp", "Shaft lean"),
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "How far the hands are ahead of the clubhead, seen face-on. It takes loft "
                        "off, opens the face and lifts the trailing edge."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "In a face-on picture at the strike, which is often more than at address."),
      QT_TRANSLATE_NOOP(
          "QuantityHelp",
          "What is declared; what a player delivers of it is learnt from his shots.")}},
    {Dial::BallForward,
     QT_TRANSLATE_NOOP("QuantityHelp", "Ball position"),
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "In balls ahead of the middle of the stance; negative is back. Back "
                        "steepens the strike, adds lean and sends the path right."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "In a face-on picture against the middle between the heels."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "The low point that it is set against is a prior of 2 cm ahead of the "
                        "middle and more with weight.")}},
    {Dial::WeightLead,
     QT_TRANSLATE_NOOP("QuantityHelp", "Weight on the lead foot"),
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "Share of the weight on the lead foot. Each per cent above 50 moves the "
                        "low point 0.35 cm ahead."),
      QT_TRANSLATE_NOOP("QuantityHelp", "Felt, or on two scales."),
      QT_TRANSLATE_NOOP("QuantityHelp", "A prior; players differ, and his shots say how much.")}},
    {Dial::SwingRadius,
     QT_TRANSLATE_NOOP("QuantityHelp", "Swing radius"),
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "How round the clubhead's way is near the ball: small for a steep, wristy "
                        "strike, large for a broad brush."),
      QT_TRANSLATE_NOOP("QuantityHelp", "Not measured; chosen by the kind of strike."),
      QT_TRANSLATE_NOOP("QuantityHelp", "Three kinds stand for a range: 0.8, 1.1 and 1.5 m.")}},
    {Dial::ClubSpeed,
     QT_TRANSLATE_NOOP("QuantityHelp", "Club speed"),
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "How fast the clubhead is to move at the ball, by number or by one of the "
                        "player's swings."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "By radar or camera; a swing's speed comes from his logged shots."),
      QT_TRANSLATE_NOOP(
          "QuantityHelp",
          "A swing that he has not logged is a guess from height, sex and level, and said so.")}},
    {Dial::StandFarther,
     QT_TRANSLATE_NOOP("QuantityHelp", "Distance from the ball"),
     {QT_TRANSLATE_NOOP(
          "QuantityHelp",
          "How much farther away than usual. Closer steepens the plane, farther flattens it."),
      QT_TRANSLATE_NOOP("QuantityHelp", "With the club laid from toe to ball."),
      QT_TRANSLATE_NOOP("QuantityHelp", "Geometry of an ordinary player; small changes only.")}},
    {Dial::HandleRaised,
     QT_TRANSLATE_NOOP("QuantityHelp", "Handle raised"),
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "How much higher than usual the hands are. It tips the toe down and turns "
                        "the face to the right."),
      QT_TRANSLATE_NOOP("QuantityHelp", "In a picture down the line."),
      QT_TRANSLATE_NOOP("QuantityHelp", "Geometry of the face tipped about the target line.")}},
    {Dial::GripDown,
     QT_TRANSLATE_NOOP("QuantityHelp", "Gripped down"),
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "How much shorter the club is held. It slows the clubhead and steepens the "
                        "plane a little."),
      QT_TRANSLATE_NOOP("QuantityHelp", "With a ruler on the grip."),
      QT_TRANSLATE_NOOP("QuantityHelp", "A prior; not measured with wedges.")}},
    {Dial::BodyLine,
     QT_TRANSLATE_NOOP("QuantityHelp", "Body line"),
     {QT_TRANSLATE_NOOP("QuantityHelp",
                        "Where hips and shoulders look; negative is left of the line for a "
                        "right-hander. The path follows the line that the player swings along."),
      QT_TRANSLATE_NOOP("QuantityHelp", "With a stick across the shoulders."),
      QT_TRANSLATE_NOOP("QuantityHelp",
                        "How much of it the path follows is the player's habit: along the target, "
                        "the body, or between.")}},
}};

constexpr const char* topicProperty = "helpTopic";

QuantityHelp filled(const QString& key, const QString& name, const Texts& t) {
    return {key, name, Help::tr(t.what), Help::tr(t.measured), Help::tr(t.valid), {}};
}

}  // namespace

QuantityHelp helpOf(Quantity quantity, const Units& units) {
    const HelpRow& row = helpRows[static_cast<std::size_t>(quantity)];
    QuantityHelp out = filled(fromUtf8(store::info(quantity).key), nameOf(quantity), row.texts);
    if (row.usual) {
        const QuantityForm form = formOf(quantity, units);
        const double low = row.usual->low * form.factor, high = row.usual->high * form.factor;
        // Nobody needs tenths of a range.
        const int decimals = std::max(std::abs(low), std::abs(high)) < 10.0 ? 1 : 0;
        out.usual = withUnit(
            Help::tr("%1 to %2").arg(number(low, decimals), number(high, decimals)), form.unit);
    }
    return out;
}

QuantityHelp helpOf(Dial dial, const Units&) {
    const DialRow& row = dialRows[static_cast<std::size_t>(dial)];
    return filled(QStringLiteral("set-%1").arg(static_cast<int>(dial)), Help::tr(row.name),
                  row.texts);
}

QVector<QuantityHelp> quantityHelp(const Units& units) {
    QVector<QuantityHelp> out;
    for (const DialRow& row : dialRows)
        out << helpOf(row.dial, units);
    for (const HelpRow& row : helpRows)
        out << helpOf(row.quantity, units);
    return out;
}

QString shortHelp(const QuantityHelp& help) {
    QString out = help.name + QStringLiteral(": ") + help.what;
    if (!help.usual.isEmpty()) out += QLatin1Char('\n') + Help::tr("Usual: %1.").arg(help.usual);
    return out + QLatin1Char('\n') + Help::tr("F1 tells more.");
}

std::optional<UsualRange> usualRange(Quantity quantity) {
    return helpRows[static_cast<std::size_t>(quantity)].usual;
}

void explains(QWidget& widget, const QString& key) {
    widget.setProperty(topicProperty, key);
}

QString explainedBy(const QWidget* widget) {
    for (; widget; widget = widget->parentWidget()) {
        QString key = widget->property(topicProperty).toString();
        if (!key.isEmpty()) return key;
    }
    return {};
}

}  // namespace wedgeon::text
