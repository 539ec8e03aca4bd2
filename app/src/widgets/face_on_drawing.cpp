// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting and dragging shaft, ball and weight.
#include "widgets/face_on_drawing.h"

#include <QPainter>
#include <QPainterPath>
#include <cmath>

#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr int handsHandle = 1;
constexpr int ballHandle = 2;
constexpr int weightHandle = 3;

constexpr double hands_m = 0.75;       // hands above the ground
constexpr double halfStance_m = 0.16;  // feet from the stance centre, narrow as for a pitch
constexpr double below_px = 74.0;
constexpr double weightTrack_px = 48.0;

}  // namespace

FaceOnDrawing::FaceOnDrawing(Workbench& bench, QWidget* parent)
    : Drawing(tr("Set-up seen face-on"), parent), bench_(bench) {
    connect(&bench_, &Workbench::changed, this, &FaceOnDrawing::refresh);
    refresh();
}

void FaceOnDrawing::refresh() {
    if (const auto& p = bench_.prediction()) {
        const Recipe& r = bench_.state().recipe;
        const auto percent = [](double share) { return text::number(100 * share, 0); };
        say(tr("Shaft leans %1 with the hands %2. Ball %3 balls %4. Weight %5 per cent on the lead "
               "foot. Low point %6 cm ahead of the ball. Attack %7, dynamic loft %8. Chances: %9.")
                .arg(text::degrees(std::abs(p->shot.swing.deliveredLean_rad)),
                     p->shot.swing.deliveredLean_rad >= 0 ? tr("ahead") : tr("behind"),
                     text::number(std::abs(r.ballForward_m) / constants::ballWidth_m, 1),
                     r.ballForward_m >= 0 ? tr("forward") : tr("back"),
                     text::number(r.weightLead_pct, 0),
                     text::number(100 * (p->shot.swing.lowPoint_m - r.ballForward_m), 1),
                     text::attackDegrees(p->shot.swing.delivery.attack_rad),
                     text::degrees(p->shot.swing.delivery.dynamicLoft_rad),
                     tr("fat %1, clean %2, thin %3 per cent")
                         .arg(percent(p->chances.fat), percent(p->chances.clean),
                              percent(p->chances.thin))));
    }
    update();
}

WorldMap FaceOnDrawing::map() const {
    const double up = (height() - below_px - 16.0) / (hands_m + 0.06);
    const double across = width() / 0.78;
    return {QPointF(width() * 0.5, height() - below_px), std::max(20.0, std::min(up, across)),
            bench_.state().givens.hand == Hand::Left};
}

QPointF FaceOnDrawing::handsAt(const ShotResult& shot, const BenchState& state) const {
    const double b = state.recipe.ballForward_m;
    return map().toPixel(b + hands_m * std::tan(shot.swing.deliveredLean_rad), hands_m);
}

QVector<Drawing::Handle> FaceOnDrawing::handles() const {
    const auto& p = bench_.prediction();
    if (!p) return {};
    const BenchState& s = bench_.state();
    const WorldMap m = map();
    const double weight = (s.recipe.weightLead_pct - 50.0) / 50.0 * halfStance_m;
    return {{handsHandle, handsAt(p->shot, s), tr("Drag the hands to lean the shaft")},
            {ballHandle, m.toPixel(s.recipe.ballForward_m, 0) + QPointF(0, 18),
             tr("Drag the ball forward or back")},
            {weightHandle, m.toPixel(weight, 0) + QPointF(0, weightTrack_px),
             tr("Drag the weight between the feet")}};
}

void FaceOnDrawing::setLean(double lean_rad) {
    BenchState next = bench_.state();
    next.recipe.lean_rad = std::clamp(lean_rad, radFromDeg(-20), radFromDeg(25));
    bench_.edit(next, tr("lean the shaft"), gesture_);
}

void FaceOnDrawing::setBall(double forward_m) {
    BenchState next = bench_.state();
    next.recipe.ballForward_m =
        std::clamp(forward_m, -3 * constants::ballWidth_m, 2 * constants::ballWidth_m);
    bench_.edit(next, tr("move the ball"), gesture_);
}

void FaceOnDrawing::setWeight(double lead_pct) {
    BenchState next = bench_.state();
    next.recipe.weightLead_pct = std::clamp(lead_pct, 30.0, 90.0);
    bench_.edit(next, tr("shift the weight"), gesture_);
}

void FaceOnDrawing::dragTo(int id, QPointF pixel) {
    const BenchState& s = bench_.state();
    const double x = map().xAt(pixel);
    if (id == handsHandle) {
        const double lean = std::atan((x - s.recipe.ballForward_m) / hands_m);
        setLean(lean - std::atan(-s.recipe.ballForward_m / hands_m));
    } else if (id == ballHandle) {
        setBall(x);
    } else {
        setWeight(50.0 + 50.0 * x / halfStance_m);
    }
}

void FaceOnDrawing::nudge(int id, int direction, bool fine) {
    const Recipe& r = bench_.state().recipe;
    const double k = direction * (fine ? 0.2 : 1.0);
    if (id == handsHandle) {
        setLean(r.lean_rad + k * radFromDeg(1));
    } else if (id == ballHandle) {
        setBall(r.ballForward_m + k * 0.25 * constants::ballWidth_m);
    } else {
        setWeight(r.weightLead_pct + k * 5.0);
    }
}

void FaceOnDrawing::paintStance(QPainter& p, const style::Colours& c) const {
    const WorldMap m = map();
    const double y = m.toPixel(0, 0).y();
    p.fillRect(QRectF(0, y, width(), 7), c.turfFill);
    p.setPen(QPen(c.turf, 2));
    p.drawLine(QPointF(0, y), QPointF(width(), y));

    const QFont f = style::font(12);
    const double track = y + weightTrack_px;
    const QPointF lead = m.toPixel(halfStance_m, 0);
    const QPointF trail = m.toPixel(-halfStance_m, 0);
    p.setPen(QPen(c.former, 2));
    p.drawLine(QPointF(lead.x(), track), QPointF(trail.x(), track));
    for (const QPointF& foot : {lead, trail}) {
        p.setPen(Qt::NoPen);
        p.setBrush(c.former);
        p.drawRoundedRect(QRectF(foot.x() - 9, track - 4, 18, 8), 4, 4);
    }
    const bool leadRight = lead.x() > trail.x();
    paintText(p, {lead.x() + (leadRight ? 16 : -16), track + 4}, tr("lead foot"), c.soft, f,
              leadRight ? Qt::AlignLeft : Qt::AlignRight);
    paintText(p, {trail.x() + (leadRight ? -16 : 16), track + 4}, tr("trail foot"), c.soft, f,
              leadRight ? Qt::AlignRight : Qt::AlignLeft);
}

void FaceOnDrawing::paintClub(QPainter& p, const ShotResult& shot, const BenchState& state,
                              const QPen& pen) const {
    p.setPen(pen);
    p.drawLine(map().toPixel(state.recipe.ballForward_m, 0.015), handsAt(shot, state));
}

void FaceOnDrawing::paint(QPainter& p, const style::Colours& c) {
    const auto& prediction = bench_.prediction();
    if (!prediction) return;
    const BenchState& state = bench_.state();
    const ShotResult& s = prediction->shot;
    const WorldMap m = map();
    const double L = s.swing.lowPoint_m;
    const double b = state.recipe.ballForward_m;
    const double R = state.recipe.swingRadius_m;
    const double ground = m.toPixel(0, 0).y();

    paintStance(p, c);

    // The arc of the club head near the ball; at the ball it is at ground height.
    const double depth = R - std::sqrt(R * R - (L - b) * (L - b));
    QPolygonF arc;
    for (double x = -0.34; x <= 0.341; x += 0.01) {
        arc << m.toPixel(x, R - std::sqrt(std::max(R * R - (x - L) * (x - L), 0.0)) - depth);
    }
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(c.predicted, 1.4, Qt::DashLine));
    p.drawPolyline(arc);

    p.setPen(QPen(c.edge.darker(110), 1, Qt::DotLine));
    p.drawLine(m.toPixel(b, 0), m.toPixel(b, hands_m + 0.02));
    if (bench_.ghost()) {
        paintClub(p, bench_.ghost()->shot, bench_.ghostState(), QPen(c.former, 1.6, Qt::DashLine));
        p.setPen(QPen(c.former, 1.4, Qt::DashLine));
        p.drawEllipse(m.toPixel(bench_.ghostState().recipe.ballForward_m, 0) + QPointF(0, -9), 9,
                      9);
    }
    paintClub(p, s, state, QPen(c.ink, 4, Qt::SolidLine, Qt::RoundCap));

    // The club head, edge on, and the ball, both larger than life so that they can be seen.
    p.setPen(QPen(c.ink, 1.6));
    p.setBrush(c.panel);
    p.drawEllipse(m.toPixel(b, 0) + QPointF(0, -9), 9, 9);

    const QPointF low = m.toPixel(L, 0);
    p.setPen(QPen(c.ink, 2));
    p.drawLine(low + QPointF(0, -6), low + QPointF(0, 8));

    const QFont f = style::font(13);
    const QFont strong = style::font(14, QFont::DemiBold);
    const QPointF hands = handsAt(s, state);
    const double lean = s.swing.deliveredLean_rad;
    paintText(p, {12, 24}, tr("attack %1").arg(text::attackDegrees(s.swing.delivery.attack_rad)),
              c.ink, f);
    paintText(p, {12, 44},
              tr("dynamic loft %1").arg(text::degrees(s.swing.delivery.dynamicLoft_rad)), c.ink, f);
    paintText(p, {12, 64}, tr("spin loft %1").arg(text::degrees(s.strike.spinLoft_rad)), c.ink, f);
    const StrikeChances& chance = prediction->chances;
    const auto percent = [](double share) { return text::number(100 * share, 0); };
    paintText(p, {12, 88}, tr("room %1 mm").arg(text::number(1000 * s.margin.room_m(), 0)), c.ink,
              f);
    paintText(p, {12, 108},
              tr("fat %1 %  clean %2 %  thin %3 %")
                  .arg(percent(chance.fat), percent(chance.clean), percent(chance.thin)),
              chance.clean < 0.8 ? c.warning : c.ink, style::font(13, QFont::DemiBold));
    const bool roomRight = hands.x() < width() - 130;
    const QString leaning =
        std::abs(lean) < radFromDeg(0.05)
            ? tr("shaft upright")
            : tr("%1 lean %2")
                  .arg(text::degrees(std::abs(lean)), lean > 0 ? tr("ahead") : tr("back"));
    paintText(p, hands + QPointF(roomRight ? 15 : -15, 5), leaning, c.predicted, strong,
              roomRight ? Qt::AlignLeft : Qt::AlignRight);

    const double balls = b / constants::ballWidth_m;
    const QString where = std::abs(balls) < 0.05 ? tr("ball in the middle")
                                                 : tr("ball %1 %2")
                                                       .arg(text::number(std::abs(balls), 1),
                                                            balls > 0 ? tr("forward") : tr("back"));
    const bool lowRight = low.x() >= m.toPixel(b, 0).x();
    const QPointF ballLabel(m.toPixel(b, 0).x(), ground + 23);
    paintText(p, ballLabel + QPointF(lowRight ? -14 : 14, 0), where, c.predicted, strong,
              lowRight ? Qt::AlignRight : Qt::AlignLeft);
    paintText(p, {low.x() + (lowRight ? 12 : -12), ground + 23},
              tr("low point %1 cm ahead").arg(text::number(100 * (L - b), 1)), c.ink, f,
              lowRight ? Qt::AlignLeft : Qt::AlignRight);
    const QPointF weight = handles()[2].at;
    paintText(p, weight + QPointF(0, 22),
              tr("%1 % lead").arg(text::number(state.recipe.weightLead_pct, 0)), c.predicted,
              strong, Qt::AlignHCenter);
}

}  // namespace wedgeon
