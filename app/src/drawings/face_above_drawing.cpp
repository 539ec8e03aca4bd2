// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting and dragging the face.
#include "drawings/face_above_drawing.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double lineEnd_px = 24.0;  // of the line to the target, below the upper edge
constexpr int toeHandle = 1;
constexpr int bodyHandle = 2;
constexpr int feetHandle = 3;
// Lengths at the smallest size; zoom() enlarges them with the drawing.
constexpr double toe_px = 62.0;  // from the ball's middle along the face
constexpr double heel_px = -38.0;
constexpr double ball_px = 13.0;
constexpr double feet_px = 104.0;      // from the ball to the feet line
constexpr double shoulders_px = 70.0;  // and to the shoulder line
constexpr double bodyLine_px = 34.0;   // half of their length
constexpr double hour_rad = constants::pi / 6;

/// A wedge from above in (across, ahead): the leading edge in front, the top line behind it, higher
/// at the toe, so that the loft shows as the face's own breadth.
QPainterPath headOutline() {
    QPainterPath path;
    path.moveTo(heel_px, 0);
    path.lineTo(toe_px - 14, 0);
    path.cubicTo(toe_px, 0, toe_px + 8, -12, toe_px + 4, -30);
    path.cubicTo(toe_px, -38, toe_px - 16, -38, toe_px - 26, -33);
    path.lineTo(heel_px + 6, -12);
    path.closeSubpath();
    return path;
}

QPen shoulderPen(const style::Colours& c) {
    return QPen(c.ink, 1.4, Qt::DashDotLine);
}
QPen feetPen(const style::Colours& c) {
    return QPen(c.soft, 1, Qt::DashLine);
}

/// "Aim 10.3° left (4.6 m at 26 m).", or that it is aimed so.
QString aimWords(const Workbench& bench) {
    const BenchState& s = bench.state();
    const BenchPrediction& p = *bench.prediction();
    const double far = p.shot.total_m();
    const auto atFlag = [&](double aim_rad) {
        return FaceAboveDrawing::tr("%1 (%2 at %3)")
            .arg(text::sideDegrees(aim_rad),
                 bench.units().length(std::abs(std::tan(aim_rad)) * far, 1),
                 bench.units().length(far, 0));
    };
    if (!p.aim_rad) return FaceAboveDrawing::tr("No aim brings it to rest on the line.");
    if (std::abs(s.aim_rad() - *p.aim_rad) < radFromDeg(0.05))
        return s.aim_rad() == 0.0 ? FaceAboveDrawing::tr("It ends on the line.")
                                  : FaceAboveDrawing::tr("Aimed %1: it ends on the line.")
                                        .arg(atFlag(s.aim_rad()));
    if (s.aim_rad() != 0.0)
        return FaceAboveDrawing::tr("Aimed %1; %2 ends on the line.")
            .arg(text::sideDegrees(s.aim_rad()), atFlag(*p.aim_rad));
    return FaceAboveDrawing::tr("Aim %1.").arg(atFlag(*p.aim_rad));
}

}  // namespace

FaceAboveDrawing::FaceAboveDrawing(Workbench& bench, QWidget* parent)
    : Drawing(tr("Face from above"), parent), bench_(bench) {
    connect(&bench_, &Workbench::changed, this, &FaceAboveDrawing::refresh);
    refresh();
}

void FaceAboveDrawing::workOut() {
    const BenchState& s = bench_.state();
    const double turn = bench_.prediction()->shot.contact.faceTurn_rad;
    const Predictor predictor = s.predictor();
    const auto deliveryAt = [&](double open_rad) {
        Recipe r = s.recipe();
        r.open_rad = open_rad;
        return calcSwing(s.met().wedge, predictor.delivered(r), turn).delivery;
    };
    clock_.clear();
    loft_ = {};
    try {
        loft_ = findPlayedLoft(s.met().wedge, predictor.delivered(s.recipe()), turn);
        for (int half = -2; half <= 3; ++half) {
            const double open = half * hour_rad / 2;
            clock_.append({open, side() * deliveryAt(open).faceAngle_rad + s.aim_rad()});
        }
    } catch (const RangeError&) {
        // At an end of the range: the clock shows the hours that the model covers.
    }
}

void FaceAboveDrawing::refresh() {
    if (const auto& p = bench_.prediction()) {
        workOut();
        const Delivery& d = p->shot.swing.delivery;
        const Recipe& r = bench_.state().recipe();
        const Units& u = bench_.units();
        say(tr("Face %1, path %2, face to path %9, the ball starts %3 and lands %4. Shoulders %5, "
               "feet %10. Opened %6 before "
               "gripping, toe at %7 o'clock. %8")
                .arg(text::sideDegrees(d.faceAngle_rad), text::sideDegrees(d.path_rad),
                     text::sideDegrees(p->shot.strike.launch.direction_rad()),
                     text::sideLength(p->shot.flight.side_m, u), text::sideDegrees(bodyLine_rad()),
                     text::degrees(r.open_rad), text::toeClock(side() * r.open_rad),
                     aimWords(bench_), text::sideDegrees(d.faceAngle_rad - d.path_rad))
                .arg(text::sideDegrees(feetLine_rad())));
    }
    update();
}

double FaceAboveDrawing::bodyLine_rad() const {
    return side() * bench_.state().recipe().bodyLine_rad + bench_.state().aim_rad();
}

double FaceAboveDrawing::feetLine_rad() const {
    return bodyLine_rad() + side() * bench_.state().recipe().feetTurn_rad;
}

double FaceAboveDrawing::side() const {
    return bench_.state().player.hand == Hand::Left ? -1.0 : 1.0;
}

QPointF FaceAboveDrawing::ballAt() const {
    return {canvas().width() * (0.5 + 0.12 * side()), canvas().height() * 0.52};
}

QPointF FaceAboveDrawing::onHead(double across, double ahead) const {
    const double face =
        bench_.prediction() ? bench_.prediction()->shot.swing.delivery.faceAngle_rad : 0.0;
    // World: x (target) is up on the screen, z (right) is right; the toe points to the right for a
    // right-hander and the face sits just behind the ball.
    const double x = std::cos(face) * (ahead - ball_px) - std::sin(face) * side() * across;
    const double z = std::sin(face) * (ahead - ball_px) + std::cos(face) * side() * across;
    return ballAt() + zoom() * QPointF(z, -x);
}

double FaceAboveDrawing::zoom() const {
    return std::clamp(std::min(canvas().width() / 300.0, canvas().height() / 260.0), 0.6, 2.5);
}

QVector<Drawing::Handle> FaceAboveDrawing::handles() const {
    if (!bench_.prediction()) return {};
    const auto end = [this](QPointF middle, double angle) {
        return middle + zoom() * bodyLine_px * QPointF(std::sin(angle), -std::cos(angle));
    };
    return {
        {toeHandle, onHead(toe_px + 12, -8), tr("Drag to open or close the face")},
        {bodyHandle, end(standsAt(shoulders_px), bodyLine_rad()),
         tr("Drag to turn the shoulders, and the feet with them")},
        {feetHandle, end(standsAt(feet_px), feetLine_rad()), tr("Drag to turn the feet alone")}};
}

void FaceAboveDrawing::setOpening(double open_rad) {
    BenchState next = bench_.state();
    next.recipe().open_rad = std::clamp(open_rad, radFromDeg(-45), radFromDeg(60));
    bench_.edit(next,
                next.recipe().open_rad >= bench_.state().recipe().open_rad ? tr("open the face")
                                                                           : tr("close the face"),
                gesture_);
}

void FaceAboveDrawing::setBodyLine(double body_rad) {
    BenchState next = bench_.state();
    next.recipe().bodyLine_rad = std::clamp(body_rad, radFromDeg(-30), radFromDeg(30));
    bench_.edit(next, tr("turn the shoulders"), gesture_);
}

void FaceAboveDrawing::setFeet(double turn_rad) {
    BenchState next = bench_.state();
    next.recipe().feetTurn_rad = std::clamp(turn_rad, radFromDeg(-30), radFromDeg(30));
    bench_.edit(next, tr("turn the feet"), gesture_);
}

void FaceAboveDrawing::dragTo(int id, QPointF pixel) {
    if (id == bodyHandle || id == feetHandle) {
        const QPointF along = pixel - standsAt(id == bodyHandle ? shoulders_px : feet_px);
        const double line = side() * (std::atan2(along.x(), -along.y()) - bench_.state().aim_rad());
        return id == bodyHandle ? setBodyLine(line)
                                : setFeet(line - bench_.state().recipe().bodyLine_rad);
    }
    const QPointF d = pixel - onHead(0, 0);
    // The angle of heel-to-toe, seen from above; open is clockwise for a right-hander.
    const double toe = std::atan2(-8.0, toe_px + 12);
    const double across = side() * d.x();
    double face = std::atan2(d.y(), across) + toe;
    const BenchState& s = bench_.state();
    // What the whole set-up is turned by is not the face's own.
    face = std::clamp(face - side() * s.aim_rad(), radFromDeg(-60), radFromDeg(60));
    try {
        const Contact contact = s.predictor().contact();
        setOpening(findOpening(s.met().wedge, s.recipe(), face, contact.faceTurn_rad));
    } catch (const RangeError&) {
        // The rest of the state is out of range; its message is on the screen already.
    }
}

void FaceAboveDrawing::nudge(int id, int direction, bool fine) {
    const double step = direction * radFromDeg(fine ? 0.2 : 1.0);
    if (id == bodyHandle) return setBodyLine(bench_.state().recipe().bodyLine_rad + step);
    if (id == feetHandle) return setFeet(bench_.state().recipe().feetTurn_rad + step);
    setOpening(bench_.state().recipe().open_rad + step);
}

QPointF FaceAboveDrawing::standsAt(double away_px) const {
    return ballAt() + QPointF(-side() * zoom() * away_px, zoom() * 38);
}

void FaceAboveDrawing::paintRay(QPainter& p, double angle, double length, const QPen& pen) const {
    p.setPen(pen);
    p.drawLine(ballAt(), ballAt() + length * QPointF(std::sin(angle), -std::cos(angle)));
}

void FaceAboveDrawing::paintHead(QPainter& p, const style::Colours& c, double face,
                                 bool ghost) const {
    p.save();
    p.translate(ballAt());
    p.rotate(degFromRad(face));
    p.scale(side() * zoom(), -zoom());  // ahead is up, across is to the toe
    p.translate(0, -ball_px);
    const QPainterPath outline = headOutline();
    if (ghost) {
        p.setPen(QPen(c.former, 1, Qt::DashLine));
        p.setBrush(Qt::NoBrush);
        p.drawPath(outline);
    } else {
        p.setPen(QPen(c.ink, 1.6));
        p.setBrush(c.turfFill);
        p.drawPath(outline);
        p.setPen(QPen(c.ink, 4, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(QPointF(heel_px + 2, -7), QPointF(heel_px - 40, -22));  // hosel and shaft
        p.setPen(QPen(c.predicted, 3));
        p.drawLine(QPointF(heel_px, 0), QPointF(toe_px - 14, 0));
    }
    p.restore();
}

void FaceAboveDrawing::paintBody(QPainter& p, const style::Colours& c) const {
    const auto lineAt = [&](double away_px, double angle, const QPen& pen) {
        p.translate(standsAt(away_px));
        p.rotate(degFromRad(angle));
        p.scale(side() * zoom(), zoom());
        p.setPen(pen);
        p.drawLine(QPointF(0, -bodyLine_px), QPointF(0, bodyLine_px));
    };
    p.save();
    lineAt(shoulders_px, bodyLine_rad(), shoulderPen(c));
    p.restore();
    p.save();
    lineAt(feet_px, feetLine_rad(), feetPen(c));
    p.setPen(QPen(c.former, 1.2));
    p.setBrush(c.edge);
    for (const double along : {-16.0, 16.0})
        p.drawRoundedRect(QRectF(-13, along - 5, 26, 10), 5, 5);
    p.restore();
}

void FaceAboveDrawing::paintClock(QPainter& p, const style::Colours& c) const {
    const QFont f = style::font(11);
    for (const Tick& t : clock_) {
        const double out = toe_px + 34;
        // Along the face's line from heel to toe, which is across the way that it looks.
        const QPointF toe(side() * std::cos(t.face_rad), side() * std::sin(t.face_rad));
        const QPointF at = ballAt() + zoom() * out * toe;
        const double half = std::round(2 * t.open_rad / hour_rad);
        const bool whole = std::fmod(half, 2.0) == 0.0;
        p.setPen(QPen(c.former, whole ? 1.6 : 1.0));
        p.drawLine(at, at + (whole ? 6.0 : 4.0) * toe);
        if (whole) {
            const int hour = (12 + static_cast<int>(side() * half / 2)) % 12;
            const QString name = QString::number(hour == 0 ? 12 : hour);
            QPointF label = at + 15.0 * toe + QPointF(0, 4);
            // Whole in a narrow panel, too.
            const double reach = 0.5 * QFontMetricsF(f).horizontalAdvance(name) + 2.0;
            label.setX(std::clamp(label.x(), reach, canvas().width() - reach));
            paintText(p, label, name, c.soft, f, Qt::AlignHCenter);
        }
    }
}

void FaceAboveDrawing::paintFlight(QPainter& p, const style::Colours& c, double length) const {
    // To scale, so that start line and curve are the real ones.
    const BenchPrediction& prediction = *bench_.prediction();
    const FlightResult& flight = prediction.shot.flight;
    const double far = std::hypot(flight.carry_m, flight.side_m);
    if (far < 0.1) return;
    const double scale = length / far;
    QPolygonF line;
    for (const FlightPoint& f : prediction.trace.flight)
        line << ballAt() + scale * QPointF(f.position_m.z, -f.position_m.x);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(c.predicted, 1.8, Qt::DotLine));
    p.drawPolyline(line);
    p.setPen(QPen(c.predicted, 1.6));
    p.setBrush(c.panel);
    p.drawEllipse(ballAt() + scale * QPointF(flight.side_m, -flight.carry_m), 3.5, 3.5);
}

void FaceAboveDrawing::paintLines(QPainter& p, const style::Colours& c) const {
    const BenchPrediction& prediction = *bench_.prediction();
    const Delivery& d = prediction.shot.swing.delivery;
    const double up = ballAt().y() - lineEnd_px;
    paintRay(p, 0.0, up, QPen(c.former, 1, Qt::DashLine));
    if (bench_.ghost()) paintHead(p, c, bench_.ghost()->shot.swing.delivery.faceAngle_rad, true);
    paintHead(p, c, d.faceAngle_rad, false);
    paintRay(p, d.path_rad, up * 0.55, QPen(c.ink, 1.6));
    paintRay(p, d.path_rad + constants::pi, 46, QPen(c.ink, 1.6));
    paintFlight(p, c, up * 0.94);

    // The normal, and how far its push is sideways.
    const double reach = up * 0.72;
    paintRay(p, d.faceAngle_rad, reach, QPen(c.predicted, 2.4));
    const QPointF tip =
        ballAt() + reach * QPointF(std::sin(d.faceAngle_rad), -std::cos(d.faceAngle_rad));
    if (std::abs(tip.x() - ballAt().x()) > 5) {
        p.setPen(QPen(c.predicted, 1));
        p.drawLine(QPointF(ballAt().x(), tip.y()), tip);
    }
    p.setPen(QPen(c.ink, 1.6));
    p.setBrush(c.panel);
    p.drawEllipse(ballAt(), zoom() * ball_px, zoom() * ball_px);
}

void FaceAboveDrawing::paintWords(QPainter& p, const style::Colours& c) const {
    const BenchPrediction& prediction = *bench_.prediction();
    const ShotResult& s = prediction.shot;
    const Delivery& d = s.swing.delivery;
    const QFont f = style::font(13);
    // The numbers stand in a column at the side that the toe does not point to, each with its
    // line's own stroke before it, so that lines that lie close together stay readable.
    const double left = side() > 0 ? 12.0 : canvas().width() - 140.0;
    double y = 24;
    const auto key = [&](const QPen& pen, const QString& words, const QColor& colour,
                         const QFont& font) {
        p.setPen(pen);
        p.drawLine(QPointF(left, y - 5), QPointF(left + 18, y - 5));
        paintText(p, {left + 24, y}, words, colour, font);
        y += 17;
    };
    key(QPen(c.predicted, 2.6), tr("face %1").arg(text::sideDegrees(d.faceAngle_rad)), c.predicted,
        style::font(14, QFont::DemiBold));
    key(QPen(c.ink, 1.6), tr("path %1").arg(text::sideDegrees(d.path_rad)), c.ink, f);
    key(QPen(Qt::NoPen), tr("face to path %1").arg(text::sideDegrees(d.faceAngle_rad - d.path_rad)),
        c.soft, f);
    key(QPen(c.predicted, 1.8, Qt::DotLine),
        tr("starts %1").arg(text::sideDegrees(s.strike.launch.direction_rad())), c.ink, f);
    key(shoulderPen(c), tr("shoulders %1").arg(text::sideDegrees(bodyLine_rad())), c.ink, f);
    key(feetPen(c), tr("feet %1").arg(text::sideDegrees(feetLine_rad())), c.ink, f);

    const double open = bench_.state().recipe().open_rad;
    const Vec3 normal = faceNormal(d.dynamicLoft_rad, d.faceAngle_rad);
    const QFont small = style::font(12);
    const QString plays = std::abs(loft_.byLean_rad) < radFromDeg(0.5)
                              ? tr("plays as %1")
                              : tr("with the lean plays as %1");
    const QString opened =
        std::abs(open) < radFromDeg(0.05)
            ? tr("Square before gripping, toe at 12 o'clock.")
            : (open > 0 ? tr("Opened %1 (toe at %2): adds %3, %4.")
                        : tr("Closed %1 (toe at %2): takes %3, %4."))
                  .arg(text::degrees(std::abs(open)), text::toeClock(side() * open),
                       text::degrees(std::abs(loft_.byOpening_rad)),
                       plays.arg(text::degrees(loft_.playsAs_rad, 0)));
    paintFitted(p, {12.0, canvas().height() - 28.0}, canvas().width() - 22.0, opened, c.ink, small);
    paintFitted(p, {12.0, canvas().height() - 11.0}, canvas().width() - 22.0,
                tr("%1 % of its push is sideways. %2")
                    .arg(text::number(100 * std::abs(normal.z), 0), aimWords(bench_)),
                c.ink, small);
}

void FaceAboveDrawing::paint(QPainter& p, const style::Colours& c) {
    if (!bench_.prediction()) return;
    paintBody(p, c);
    paintClock(p, c);
    paintLines(p, c);
    paintWords(p, c);
    // The numbers go before the name of the dashed line.
    paintText(p, {ballAt().x(), lineEnd_px - 5}, tr("target"), c.soft, style::font(12),
              Qt::AlignHCenter);
}

}  // namespace wedgeon
