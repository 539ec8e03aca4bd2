// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting and dragging the face.
#include "widgets/face_above_drawing.h"

#include <QPainter>
#include <QPainterPath>
#include <cmath>

#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr int toeHandle = 1;
// Lengths at the smallest size; zoom() enlarges them with the drawing.
constexpr double toe_px = 62.0;  // from the ball's middle along the face
constexpr double heel_px = -38.0;
constexpr double ball_px = 13.0;

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

}  // namespace

FaceAboveDrawing::FaceAboveDrawing(Workbench& bench, QWidget* parent)
    : Drawing(tr("Face from above"), parent), bench_(bench) {
    connect(&bench_, &Workbench::changed, this, &FaceAboveDrawing::refresh);
    refresh();
}

void FaceAboveDrawing::refresh() {
    if (const auto& p = bench_.prediction()) {
        const Delivery& d = p->shot.swing.delivery;
        Recipe square = bench_.state().recipe;
        square.open_rad = 0.0;
        try {
            addedLoft_rad_ = d.dynamicLoft_rad - calcSwing(bench_.state().givens.wedge, square,
                                                           p->shot.contact.faceTurn_rad)
                                                     .delivery.dynamicLoft_rad;
        } catch (const RangeError&) {
            addedLoft_rad_ = 0.0;
        }
        say(tr("Face %1, path %2, the ball starts %3. Opened %4 before gripping.")
                .arg(text::sideDegrees(d.faceAngle_rad), text::sideDegrees(d.path_rad),
                     text::sideDegrees(p->shot.strike.launch.direction_rad()),
                     text::degrees(bench_.state().recipe.open_rad)));
    }
    update();
}

double FaceAboveDrawing::side() const {
    return bench_.state().givens.hand == Hand::Left ? -1.0 : 1.0;
}

QPointF FaceAboveDrawing::ballAt() const {
    return {width() * (0.5 + 0.12 * side()), height() * 0.52};
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
    return std::clamp(std::min(width() / 300.0, height() / 260.0), 0.6, 2.5);
}

QVector<Drawing::Handle> FaceAboveDrawing::handles() const {
    if (!bench_.prediction()) return {};
    return {{toeHandle, onHead(toe_px + 12, -8), tr("Drag to open or close the face")}};
}

void FaceAboveDrawing::setOpening(double open_rad) {
    BenchState next = bench_.state();
    next.recipe.open_rad = std::clamp(open_rad, radFromDeg(-45), radFromDeg(50));
    bench_.edit(next,
                next.recipe.open_rad >= bench_.state().recipe.open_rad ? tr("open the face")
                                                                       : tr("close the face"),
                gesture_);
}

void FaceAboveDrawing::dragTo(int, QPointF pixel) {
    const QPointF d = pixel - onHead(0, 0);
    // The angle of heel-to-toe, seen from above; open is clockwise for a right-hander.
    const double toe = std::atan2(-8.0, toe_px + 12);
    const double across = side() * d.x();
    double face = std::atan2(d.y(), across) + toe;
    face = std::clamp(face, radFromDeg(-50), radFromDeg(50));
    const BenchState& s = bench_.state();
    try {
        const Contact contact = calcContact(s.givens.ball, s.givens.face, s.givens.lie);
        setOpening(findOpening(s.givens.wedge, s.recipe, face, contact.faceTurn_rad));
    } catch (const RangeError&) {
        // The rest of the state is out of range; its message is on the screen already.
    }
}

void FaceAboveDrawing::nudge(int, int direction, bool fine) {
    setOpening(bench_.state().recipe.open_rad + direction * radFromDeg(fine ? 0.2 : 1.0));
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
        p.setPen(QPen(c.former, 1.3, Qt::DashLine));
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

void FaceAboveDrawing::paint(QPainter& p, const style::Colours& c) {
    const auto& prediction = bench_.prediction();
    if (!prediction) return;
    const ShotResult& s = prediction->shot;
    const Delivery& d = s.swing.delivery;
    const double start = s.strike.launch.direction_rad();
    const QFont f = style::font(13);
    const QFont strong = style::font(14, QFont::DemiBold);
    const double up = ballAt().y() - 24;

    paintRay(p, 0.0, up, QPen(c.former, 1.2, Qt::DashLine));
    paintText(p, ballAt() + QPointF(0, -up - 5), tr("target"), c.soft, style::font(12),
              Qt::AlignHCenter);
    if (bench_.ghost()) paintHead(p, c, bench_.ghost()->shot.swing.delivery.faceAngle_rad, true);
    paintHead(p, c, d.faceAngle_rad, false);
    paintRay(p, d.faceAngle_rad, up * 0.78, QPen(c.predicted, 2.4));
    paintRay(p, d.path_rad, up * 0.62, QPen(c.ink, 1.6));
    paintRay(p, d.path_rad + constants::pi, 46, QPen(c.ink, 1.6));
    paintRay(p, start, up * 0.95, QPen(c.predicted, 1.8, Qt::DotLine));
    p.setPen(QPen(c.ink, 1.6));
    p.setBrush(c.panel);
    p.drawEllipse(ballAt(), zoom() * ball_px, zoom() * ball_px);

    // The numbers stand in two columns at the sides, each with its line's own stroke before it, so
    // that lines that lie close together stay readable.
    const auto key = [&](QPointF at, const QPen& pen, const QString& words, const QColor& colour,
                         const QFont& font) {
        p.setPen(pen);
        p.drawLine(at + QPointF(0, -5), at + QPointF(18, -5));
        paintText(p, at + QPointF(24, 0), words, colour, font);
    };
    // On the side that the toe does not point to.
    const double left = side() > 0 ? 12.0 : width() - 140.0;
    key({left, 24}, QPen(c.predicted, 2.6), tr("face %1").arg(text::sideDegrees(d.faceAngle_rad)),
        c.predicted, strong);
    key({left, 44}, QPen(c.ink, 1.6), tr("path %1").arg(text::sideDegrees(d.path_rad)), c.ink, f);
    key({left, 64}, QPen(c.predicted, 1.8, Qt::DotLine),
        tr("starts %1").arg(text::sideDegrees(start)), c.ink, f);

    const Units& u = bench_.units();
    const double side_m = s.flight.side_m;
    const QString lands =
        std::abs(side_m * u.lengthFactor()) < 0.05
            ? tr("lands on line")
            : tr("lands %1 %2")
                  .arg(u.length(std::abs(side_m), 1), side_m > 0 ? tr("right") : tr("left"));
    paintText(p, {left + 24, 84}, lands, c.ink, f);

    const double open = bench_.state().recipe.open_rad;
    const Vec3 normal = faceNormal(d.dynamicLoft_rad, d.faceAngle_rad);
    QString first =
        std::abs(open) < radFromDeg(0.05)
            ? tr("Square before gripping.")
            : (open > 0 ? tr("Opened %1 before gripping: adds %2 of loft.")
                        : tr("Closed %1 before gripping: takes %2 of loft off."))
                  .arg(text::degrees(std::abs(open)), text::degrees(std::abs(addedLoft_rad_)));
    paintText(p, {12.0, height() - 28.0}, first, c.ink, style::font(12));
    paintText(p, {12.0, height() - 11.0},
              tr("The face sends %1 % of its push sideways.")
                  .arg(text::number(100 * std::abs(normal.z), 0)),
              c.soft, style::font(12));
}

}  // namespace wedgeon
