// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Two faces and two curves.
#include "drawings/turn_drawing.h"

#include <QPainter>
#include <cmath>

#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr int turnHandle = 1;
constexpr double far_rad = radFromDeg(45);
constexpr double most = 0.65;  ///< sideways push at the ends of the axis
/// An ordinary mid-iron.
constexpr Wedge midIron{radFromDeg(34), radFromDeg(62), radFromDeg(4)};

}  // namespace

TurnDrawing::TurnDrawing(Workbench& bench, QWidget* parent)
    : Drawing(tr("The same turn on a mid-iron"), parent), bench_(bench) {
    connect(&bench_, &Workbench::changed, this, &TurnDrawing::refresh);
}

TurnDrawing::Look TurnDrawing::lookOf(const Wedge& club, double open_rad) const {
    const FaceAim aim = calcFace(club, {open_rad, 0.0, 0.0});
    return {aim.normal.z, aim.faceAngle_rad};
}

void TurnDrawing::showEvent(QShowEvent* event) {
    refresh();
    Drawing::showEvent(event);
}

void TurnDrawing::refresh() {
    if (!isVisible()) return;
    const BenchState& s = bench_.state();
    const double open = s.recipe().open_rad;
    const double side = s.player.hand == Hand::Left ? -1.0 : 1.0;
    wedge_ = lookOf(s.met().wedge, open);
    iron_ = lookOf(midIron, open);
    wedgeCurve_.clear();
    ironCurve_.clear();
    for (double a = -far_rad; a <= far_rad + 1e-9; a += far_rad / 45) {
        wedgeCurve_ << QPointF(a, lookOf(s.met().wedge, a).sideways);
        ironCurve_ << QPointF(a, lookOf(midIron, a).sideways);
    }
    const auto percent = [&](const Look& l) { return text::number(100 * std::abs(l.sideways), 0); };
    // The same turn to the other side, which is what makes the difference.
    const Look wedgeBack = lookOf(s.met().wedge, -open);
    const Look ironBack = lookOf(midIron, -open);
    const bool opened = open >= 0;
    compared_ = tr("Opened by %1, %2 % of the wedge's push goes sideways; shut by as much, %3 %. "
                   "The mid-iron: %4 % and %5 %.")
                    .arg(text::degrees(std::abs(open)), percent(opened ? wedge_ : wedgeBack),
                         percent(opened ? wedgeBack : wedge_), percent(opened ? iron_ : ironBack),
                         percent(opened ? ironBack : iron_));
    say(tr("Turned %1 about an upright shaft: the wedge looks %2 with %3 per cent of its push "
           "sideways, a mid-iron %4 with %5 per cent.")
            .arg(text::degrees(open), text::sideDegrees(side * wedge_.face_rad), percent(wedge_),
                 text::sideDegrees(side * iron_.face_rad), percent(iron_)) +
        QLatin1Char(' ') + compared_);
    update();
}

QRectF TurnDrawing::plot() const {
    return {46.0, 200.0, canvas().width() - 62.0, canvas().height() - 200.0 - 44.0};
}

QPointF TurnDrawing::at(double open_rad, double sideways) const {
    const QRectF r = plot();
    return {r.center().x() + open_rad / far_rad * r.width() / 2,
            r.center().y() - sideways / most * r.height() / 2};
}

QVector<Drawing::Handle> TurnDrawing::handles() const {
    return {{turnHandle, at(bench_.state().recipe().open_rad, wedge_.sideways),
             tr("Drag to turn the face")}};
}

void TurnDrawing::setOpening(double open_rad) {
    BenchState next = bench_.state();
    next.recipe().open_rad = std::clamp(open_rad, -far_rad, far_rad);
    bench_.edit(next, tr("turn the face"), gesture_);
}

void TurnDrawing::dragTo(int, QPointF pixel) {
    const QRectF r = plot();
    setOpening((pixel.x() - r.center().x()) / (r.width() / 2) * far_rad);
}

void TurnDrawing::nudge(int, int direction, bool fine) {
    setOpening(bench_.state().recipe().open_rad + direction * radFromDeg(fine ? 0.2 : 1.0));
}

void TurnDrawing::paintFace(QPainter& p, const style::Colours& c, QPointF middle, const Look& look,
                            const QPen& pen, const QString& name) const {
    const double side = bench_.state().player.hand == Hand::Left ? -1.0 : 1.0;
    const double face = side * look.face_rad;
    const QPointF ahead(std::sin(face), -std::cos(face));
    const QPointF across(std::cos(face), std::sin(face));
    p.setPen(QPen(c.former, 1, Qt::DashLine));
    p.drawLine(middle, middle + QPointF(0, -104));
    p.setPen(QPen(pen.color(), 5, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(middle - 26 * across, middle + 34 * side * across);
    p.setPen(pen);
    p.drawLine(middle, middle + 100 * ahead);
    p.setPen(QPen(c.ink, 1.4));
    p.setBrush(c.panel);
    p.drawEllipse(middle + 9 * ahead, 8, 8);
    const double room = 0.48 * canvas().width();
    paintFitted(p, middle + QPointF(0, 34), room, name, c.ink, style::font(13, QFont::DemiBold),
                Qt::AlignHCenter);
    paintFitted(p, middle + QPointF(0, 52), room,
                tr("looks %1, %2 % sideways")
                    .arg(text::sideDegrees(face), text::number(100 * std::abs(look.sideways), 0)),
                c.ink, style::font(12), Qt::AlignHCenter);
}

void TurnDrawing::paintCurves(QPainter& p, const style::Colours& c) const {
    const QRectF r = plot();
    const QFont f = style::font(12);
    for (int push = -60; push <= 60; push += 20) {
        const double y = at(0, push / 100.0).y();
        p.setPen(QPen(push == 0 ? c.former : c.edge, 1));
        p.drawLine(QPointF(r.left(), y), QPointF(r.right(), y));
        paintText(p, {r.left() - 6, y + 4}, text::number(push, 0), c.soft, f, Qt::AlignRight);
    }
    for (int deg = -40; deg <= 40; deg += 20)
        paintText(p, {at(radFromDeg(deg), 0).x(), r.bottom() + 16},
                  text::number(deg, 0) + QStringLiteral("°"), c.soft, f, Qt::AlignHCenter);
    paintFitted(p, {r.left(), r.bottom() + 34}, canvas().width() - r.left() - 8,
                tr("push sideways in %, against the turn; shut is left of 0"), c.soft, f);
    const auto line = [&](const QPolygonF& curve, const QPen& pen) {
        QPolygonF out;
        for (const QPointF& q : curve)
            out << at(q.x(), q.y());
        p.setBrush(Qt::NoBrush);
        p.setPen(pen);
        p.drawPolyline(out);
    };
    line(ironCurve_, QPen(c.ink, 1.6, Qt::DashDotLine));
    line(wedgeCurve_, QPen(c.predicted, 2.4));
    const QFont strong = style::font(12, QFont::DemiBold);
    paintLabel(p, at(ironCurve_.last().x(), ironCurve_.last().y()) + QPointF(-2, -8),
               tr("mid-iron"), c.ink, strong, c.panel, Qt::AlignRight);
    paintLabel(p, at(wedgeCurve_.last().x(), wedgeCurve_.last().y()) + QPointF(-2, 18), tr("wedge"),
               c.predicted, strong, c.panel, Qt::AlignRight);
}

void TurnDrawing::paint(QPainter& p, const style::Colours& c) {
    paintFace(p, c, {canvas().width() * 0.26, 124}, wedge_, QPen(c.predicted, 2.4),
              tr("wedge, loft %1").arg(text::degrees(bench_.state().met().wedge.loft_rad, 0)));
    paintFace(p, c, {canvas().width() * 0.75, 124}, iron_, QPen(c.ink, 1.8, Qt::DashDotLine),
              tr("mid-iron, loft %1").arg(text::degrees(midIron.loft_rad, 0)));
    paintCurves(p, c);
}

}  // namespace wedgeon
