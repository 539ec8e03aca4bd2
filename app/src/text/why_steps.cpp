// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The words of each step.
#include "text/why_steps.h"

#include <QCoreApplication>
#include <cmath>

#include "wedgeon/units.h"

namespace wedgeon::text {
namespace {

/// The context of its translations.
struct WhySteps {
    Q_DECLARE_TR_FUNCTIONS(WhySteps)
};

QString cm(double m) {
    return WhySteps::tr("%1 cm").arg(number(100 * m, 1));
}
QString mm(double m) {
    return WhySteps::tr("%1 mm").arg(number(1000 * m, 1));
}
QString percent(double share) {
    return WhySteps::tr("%1 %").arg(number(100 * share, 0));
}

WhyStep face(const ShotResult& s, const Recipe& r, const Wedge& wedge) {
    return {WhySteps::tr("Face"),
            WhySteps::tr(
                "The face's normal n, turned by the opening about the shaft and by the lean about "
                "the shaft plane's normal. Dynamic loft = asin n(up); face angle = "
                "atan(n(right) / n(ahead))."),
            WhySteps::tr("Loft %1, opened %2, delivered lean %3: dynamic loft %4, face %5.")
                .arg(degrees(wedge.loft_rad), degrees(r.open_rad),
                     degrees(s.swing.deliveredLean_rad), degrees(s.swing.delivery.dynamicLoft_rad),
                     sideDegrees(s.swing.delivery.faceAngle_rad)),
            WhySteps::tr("Geometry, exact.")};
}

WhyStep delivery(const ShotResult& s, const Recipe& r, const Units& u) {
    return {
        WhySteps::tr("Delivery"),
        WhySteps::tr(
            "Low point L = 2 cm + 0.35 cm for each % of weight above 50. Attack = "
            "−asin((L − b) / R); hit before the low point on a plane tilted by ψ, the path goes "
            "right by asin(tan|attack| / tan ψ)."),
        WhySteps::tr("L %1, ball b %2, radius R %3, ψ %4: attack %5, path %6.")
            .arg(cm(s.swing.lowPoint_m), cm(r.ballForward_m),
                 number(s.swing.radius_m * u.heightFactor(), 2) + QChar(0xA0) + u.heightName(),
                 degrees(s.swing.plane_rad), attackDegrees(s.swing.delivery.attack_rad),
                 sideDegrees(s.swing.delivery.path_rad)),
        WhySteps::tr(
            "A starting guess for an unknown player; this player's own swings replace it.")};
}

WhyStep lie(const ShotResult& s, const Recipe& r, const Units& u) {
    return {WhySteps::tr("Lie, ball and face"),
            WhySteps::tr(
                "Friction μ = ball × face × (1 − 0.8 c^0.4 (0.6 + 0.4 w)) for cover c and moisture "
                "w (0 on a wet face), 0.08 at least; the club keeps 1 − 0.22 c^1.5 (0.35 + 0.65 w) "
                "q of its speed, q by the grain."),
            WhySteps::tr("μ %1; the club keeps %2 of %3; the grass turns the face by %4.")
                .arg(number(s.contact.friction, 2), percent(s.contact.speedKept),
                     u.speed(r.clubSpeed_mps), degrees(s.contact.faceTurn_rad)),
            WhySteps::tr("Starting guesses, to be tuned to ball, face and lie.")};
}

WhyStep strike(const ShotResult& s, const Units& u) {
    const double speed = s.swing.delivery.clubSpeed_mps;
    const double normal = speed * std::cos(s.strike.spinLoft_rad);
    const double along = speed * std::sin(s.strike.spinLoft_rad);
    return {
        WhySteps::tr("Strike"),
        WhySteps::tr(
            "Of the club's speed v, v cos(spin loft) drives the ball and v sin(spin loft) drags "
            "it along the face. Gripping needs J(grip) = (1 + e_t) m u / (1 + 1/α + m/M); the "
            "face gives at most μ J(normal). Spin comes from the smaller. e_t = e_b + 0.0091 s/m "
            "(30 m/s − v(normal))."),
        WhySteps::tr("v %1 at spin loft %2: %3 through, %4 along. J(grip) is %5 of what friction "
                     "gives, so %6. Ball %7, launch %8, spin %9.")
            .arg(u.speed(speed), degrees(s.strike.spinLoft_rad), u.speed(normal), u.speed(along),
                 number(s.strike.gripRatio, 2),
                 s.strike.limitedByFriction() ? WhySteps::tr("friction limits the spin")
                                              : WhySteps::tr("loft limits the spin"),
                 u.speed(s.strike.launch.speed_mps()), degrees(s.strike.launch.angle_rad()),
                 rpm(s.strike.launch.spinRate_radps())),
        WhySteps::tr(
            "Oblique impact of a rigid ball with friction; e = 0.878 − 0.003 v(normal). Spin "
            "within 5 % of tour averages, each half tried on the other.")};
}

WhyStep flight(const ShotResult& s, const Air& air, const Units& u) {
    return {WhySteps::tr("Flight"),
            WhySteps::tr(
                "Drag C_D = 0.282 + 0.288 / (1 + exp((Re − 63 800) / 12 000)) + 0.075 S and lift "
                "C_L = 0.367 S / (0.045 + S), with S = r ω / speed; the spin fades by 4 % a "
                "second."),
            WhySteps::tr("Air %1 kg/m³: apex %2, carry %3, lands at %4 with %5 and %6.")
                .arg(number(air.density_kgpm3(), 3), u.height(s.flight.apex_m),
                     u.length(s.flight.carry_m, 1), degrees(s.flight.landingAngle_rad()),
                     u.speed(s.flight.landingSpeed_mps()), rpm(norm(s.flight.landingSpin_radps))),
            WhySteps::tr(
                "Fitted to published tour averages: carry within 1.4 % in the mean. Runge-Kutta, "
                "landing within 1 cm.")};
}

WhyStep ground(const ShotResult& s, const Units& u) {
    QStringList bounces;
    for (std::size_t i = 0; i < s.run.bouncesKept(); ++i) {
        const Bounce& b = s.run.bounces[i];
        bounces << WhySteps::tr("%1 to %2%3")
                       .arg(number(b.forwardBefore_mps() * u.speedFactor(), 1),
                            u.speed(b.forwardAfter_mps()),
                            b.checks() ? WhySteps::tr(" (checks)") : QString());
    }
    return {WhySteps::tr("Ground"),
            WhySteps::tr(
                "The dent tilts the turf's normal back by 16° F^−0.6 (V(normal) / 13.3)^0.9 (sin φ "
                "/ 0.70)³, never past the ball's own way; e = √F (0.510 − 0.0375 p + 0.000903 p²); "
                "friction takes at most μ(1 + e)p / (1 + p / 24) of the contact's speed; then it "
                "slides, rolls and stops at the green's rate."),
            WhySteps::tr("Forward speed in each bounce: %1. Rests %2 from where it pitched.")
                .arg(bounces.isEmpty() ? WhySteps::tr("none") : bounces.join(QStringLiteral("; ")),
                     u.length(s.run.release_m, 1)),
            WhySteps::tr(
                "After Penner, \"The run of a golf ball\", Can. J. Phys. 80 (2002), fitted anew to "
                "what coaches see of pitches and chips. Firmness 0.7 to 1.4, landing speeds up to "
                "about 40 m/s.")};
}

WhyStep setUp(const Recipe& declared, const Recipe& delivered) {
    const auto inBalls = [](double m) { return number(m / constants::ballWidth_m, 1); };
    return {WhySteps::tr("Set-up"),
            WhySteps::tr(
                "Delivered = offset + factor × declared, for opening, lean and ball position."),
            WhySteps::tr("Opening %1 comes as %2, lean %3 as %4, the ball %5 balls forward as %6.")
                .arg(degrees(declared.open_rad), degrees(delivered.open_rad),
                     degrees(declared.lean_rad), degrees(delivered.lean_rad),
                     inBalls(declared.ballForward_m), inBalls(delivered.ballForward_m)),
            WhySteps::tr("Tuned to this player's declared set-ups.")};
}

WhyStep margin(const ShotResult& s) {
    return {WhySteps::tr("Strike margin"),
            WhySteps::tr(
                "Effective bounce = bounce + dynamic loft − loft; the edge is 12 mm × sin of it "
                "above the sole's lowest point. Thin: the edge passes above where the face would "
                "meet the ball, sit + r (1 − sin dynamic loft). Fat: the sole is deeper than the "
                "lie gives."),
            WhySteps::tr(
                "Effective bounce %1, edge %2 up, ball met at %3: clean from %4 to %5 of depth.")
                .arg(degrees(s.margin.effectiveBounce_rad), mm(s.margin.leadingEdge_m),
                     mm(s.margin.ballContact_m), mm(s.margin.cleanFrom_m), mm(s.margin.cleanTo_m)),
            WhySteps::tr("Geometry; the depth that a lie gives is a starting guess.")};
}

}  // namespace

std::vector<WhyStep> whySteps(const ShotResult& shot, const Recipe& recipe,
                              const Predictor& predictor, const Units& units) {
    const Recipe delivered = predictor.delivered(recipe);
    std::vector<WhyStep> steps;
    if (!(delivered == recipe)) steps.push_back(setUp(recipe, delivered));
    for (WhyStep& step : std::vector<WhyStep>{
             face(shot, delivered, predictor.conditions().wedge), delivery(shot, delivered, units),
             lie(shot, delivered, units), strike(shot, units), margin(shot),
             flight(shot, predictor.surroundings().air, units), ground(shot, units)})
        steps.push_back(std::move(step));
    return steps;
}

}  // namespace wedgeon::text
