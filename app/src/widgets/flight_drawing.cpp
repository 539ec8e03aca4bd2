// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting the elevation.
#include "widgets/flight_drawing.h"

#include <QPainter>
#include <QPainterPath>
#include <cmath>

#include "text/sentences.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double groundBand_px = 30.0;
constexpr double leftMargin_px = 34.0;
constexpr double rightMargin_px = 26.0;
constexpr double topMargin_px = 26.0;

/// A round distance between ticks that leaves each at least \p least_px.
double tickStep(double pixelsPerUnit, double least_px) {
    for (double decade = 1.0;; decade *= 10.0) {
        for (const double k : {1.0, 2.0, 5.0}) {
            if (k * decade * pixelsPerUnit >= least_px) return k * decade;
        }
    }
}

QPolygonF mapped(const QPolygonF& line, const WorldMap& map) {
    QPolygonF out;
    out.reserve(line.size());
    for (const QPointF& p : line)
        out << map.toPixel(p.x(), p.y());
    return out;
}

}  // namespace

void paintDiamond(QPainter& p, QPointF at, double half, const QColor& colour) {
    p.save();
    p.setPen(Qt::NoPen);
    p.setBrush(colour);
    p.drawPolygon(QPolygonF{at + QPointF(0, -half), at + QPointF(half, 0), at + QPointF(0, half),
                            at + QPointF(-half, 0)});
    p.restore();
}

FlightScene::Path flightPath(const ShotTrace& trace, const ShotResult& shot) {
    FlightScene::Path path;
    for (std::size_t i = 1; i < trace.flight.size(); ++i) {
        constexpr int parts = 6;
        for (int k = i == 1 ? 0 : 1; k <= parts; ++k) {
            const FlightPoint p = flightPointBetween(trace.flight[i - 1], trace.flight[i],
                                                     static_cast<double>(k) / parts);
            path.flight << QPointF(p.position_m.x, std::max(p.position_m.y, 0.0));
        }
    }
    // Drawn from the level of the landing: a slope there is told in numbers, not bent into the
    // line.
    for (const GroundPoint& g : trace.run) {
        path.run << QPointF(shot.flight.carry_m + g.position_m.x, g.position_m.y);
    }
    path.rest_m = shot.total_m();
    return path;
}

FlightDrawing::FlightDrawing(const QString& name, QWidget* parent) : Drawing(name, parent) {}

void FlightDrawing::show(const FlightScene& scene) {
    scene_ = scene;
    QString said;
    if (scene_.predicted) {
        said = tr("Predicted: %1 Highest %2, lands at %3, rests at %4.")
                   .arg(text::shotSentence(scene_.shot, scene_.units),
                        scene_.units.height(scene_.shot.flight.apex_m),
                        text::degrees(scene_.shot.flight.landingAngle_rad()),
                        scene_.units.length(scene_.shot.total_m(), 1));
    }
    if (scene_.measuredCarry_m) {
        said += tr(" Measured carry %1.").arg(scene_.units.length(*scene_.measuredCarry_m, 1));
    }
    if (scene_.measuredRest_m) {
        said += tr(" Measured rest %1.").arg(scene_.units.length(*scene_.measuredRest_m, 1));
    }
    say(said);
    update();
}

double FlightDrawing::farthest_m() const {
    double far = 5.0;
    for (const auto& path : {scene_.predicted, scene_.ghost, scene_.measured}) {
        if (!path) continue;
        far = std::max({far, path->rest_m, path->flight.isEmpty() ? 0 : path->flight.last().x()});
        for (const QPointF& p : path->run)
            far = std::max(far, p.x());
    }
    if (scene_.measuredRest_m) far = std::max(far, *scene_.measuredRest_m);
    if (scene_.measuredCarry_m) far = std::max(far, *scene_.measuredCarry_m);
    if (scene_.predicted) far += std::hypot(scene_.spread.carry_m, scene_.spread.release_m);
    return far;
}

double FlightDrawing::highest_m() const {
    double high = 1.0;
    for (const auto& path : {scene_.predicted, scene_.ghost, scene_.measured}) {
        if (!path) continue;
        for (const QPointF& p : path->flight)
            high = std::max(high, p.y());
    }
    return high;
}

WorldMap FlightDrawing::map() const {
    const double across = (width() - leftMargin_px - rightMargin_px) / (farthest_m() * 1.03);
    const double up = (height() - groundBand_px - topMargin_px) / (highest_m() * 1.02);
    return {QPointF(leftMargin_px, height() - groundBand_px), std::max(0.1, std::min(across, up))};
}

void FlightDrawing::paint(QPainter& p, const style::Colours& c) {
    const WorldMap m = map();
    paintGround(p, c, m);
    if (scene_.ghost) {
        paintPath(p, *scene_.ghost, m, QPen(c.former, 1.4, Qt::DashLine));
        p.setBrush(c.panel);
        p.setPen(QPen(c.former, 1.4));
        p.drawEllipse(m.toPixel(scene_.ghost->rest_m, 0) + QPointF(0, -4), 4, 4);
    }
    if (scene_.predicted) {
        paintSpread(p, c, m);
        paintPath(p, *scene_.predicted, m, QPen(c.predicted, 2.4));
    }
    if (scene_.measured) paintPath(p, *scene_.measured, m, QPen(c.measured, 1.8, Qt::DashLine));
    if (scene_.predicted) paintNumbers(p, c, m);
    paintMeasured(p, c, m);
    if (scene_.predicted && scene_.detailed) paintMagnifier(p, c);
}

void FlightDrawing::paintGround(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    const double y = height() - groundBand_px;
    p.fillRect(QRectF(0, y, width(), groundBand_px), c.turfFill);
    p.setPen(QPen(c.turf, 2));
    p.drawLine(QPointF(0, y), QPointF(width(), y));

    const double unit_m = 1.0 / scene_.units.lengthFactor();
    const double step = tickStep(m.scale() * unit_m, 46);
    const QFont f = style::font(12, QFont::Medium);
    // Ink: the greens are too faint to read on the turf's fill.
    for (double at = 0;; at += step) {
        const double x = m.toPixel(at * unit_m, 0).x();
        if (x > width() - 14) break;
        p.setPen(QPen(c.turf, 1));
        p.drawLine(QPointF(x, y), QPointF(x, y + 6));
        QString label = text::number(at, 0);
        if (at == 0) label += QStringLiteral(" ") + scene_.units.lengthName();
        paintText(p, {x, y + 20}, label, c.ink, f, Qt::AlignHCenter);
    }
    p.setPen(QPen(c.ink, 1.6));
    p.setBrush(c.panel);
    p.drawEllipse(m.toPixel(0, 0) + QPointF(0, -4), 4.5, 4.5);
}

void FlightDrawing::paintSpread(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    const QPolygonF& line = scene_.predicted->flight;
    const double carry = scene_.shot.flight.carry_m;
    if (line.isEmpty() || carry < 0.1) return;
    // The band between the flights that carry as far as the interval's ends; each is this flight
    // stretched, which is within a line's width of the flown one for a tenth of the carry.
    const double share = std::min(scene_.spread.carry_m / carry, 0.5);
    QPolygonF band;
    for (const QPointF& q : line)
        band << m.toPixel(q.x() * (1 + share), q.y() * (1 + share));
    for (auto it = line.crbegin(); it != line.crend(); ++it) {
        band << m.toPixel(it->x() * (1 - share), it->y() * (1 - share));
    }
    p.setPen(Qt::NoPen);
    p.setBrush(c.band);
    p.drawPolygon(band);

    // Where 80 of 100 come to rest: a bar just under the ground line.
    const double half = std::hypot(scene_.spread.carry_m, scene_.spread.release_m);
    const QPointF from = m.toPixel(scene_.predicted->rest_m - half, 0);
    const QPointF to = m.toPixel(scene_.predicted->rest_m + half, 0);
    QColor fill = c.predicted;
    fill.setAlpha(120);
    p.setBrush(fill);
    p.drawRoundedRect(QRectF(from.x(), from.y() + 1, to.x() - from.x(), 4), 2, 2);
}

void FlightDrawing::paintPath(QPainter& p, const FlightScene::Path& path, const WorldMap& m,
                              const QPen& pen) const {
    p.setBrush(Qt::NoBrush);
    p.setPen(pen);
    p.drawPolyline(mapped(path.flight, m));
    p.drawPolyline(mapped(path.run, m));
}

void FlightDrawing::paintNumbers(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    const ShotResult& s = scene_.shot;
    const QPointF rest = m.toPixel(scene_.predicted->rest_m, 0);
    p.setPen(Qt::NoPen);
    p.setBrush(c.predicted);
    p.drawEllipse(rest + QPointF(0, -4), 4.5, 4.5);
    if (!scene_.detailed) return;

    const QFont f = style::font(14, QFont::DemiBold);
    const QPointF apex = m.toPixel(s.flight.apexAt_m, s.flight.apex_m);
    p.setPen(QPen(c.former, 1, Qt::DotLine));
    p.drawLine(apex, QPointF(apex.x(), m.toPixel(0, 0).y()));
    paintLabel(p, apex + QPointF(0, -8), scene_.units.height(s.flight.apex_m), c.predicted, f,
               c.panel, Qt::AlignHCenter);

    // The launch angle stands inside its angle where the flight leaves room, else beside it.
    const double launch = s.strike.launch.angle_rad();
    const double out = std::max(64.0, 20 / std::max(std::tan(launch), 0.05));
    paintText(p, m.toPixel(0, 0) + QPointF(out, -6), text::degrees(launch), c.predicted, f);

    const double landing = s.flight.landingAngle_rad();
    const QPointF lands = m.toPixel(s.flight.carry_m, 0);
    const double back = std::max(30.0, 20 / std::max(std::tan(landing), 0.05));
    paintLabel(p, lands + QPointF(-back, -6), text::degrees(landing), c.predicted, f, c.panel,
               Qt::AlignRight);
}

void FlightDrawing::paintMeasured(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    if (scene_.measuredCarry_m)
        paintDiamond(p, m.toPixel(*scene_.measuredCarry_m, 0), 6, c.measured);
    if (scene_.measuredRest_m) {
        paintDiamond(p, m.toPixel(*scene_.measuredRest_m, 0) + QPointF(0, -4), 6, c.measured);
    }
}

QRectF FlightDrawing::magnifierRect() const {
    return {width() - 356.0, 8.0, 342.0, std::min(138.0, height() * 0.55)};
}

void FlightDrawing::paintMagnifier(QPainter& p, const style::Colours& c) const {
    if (width() < 760 || height() < 190) return;
    const QRectF box = magnifierRect();
    const ShotResult& s = scene_.shot;
    p.save();
    p.setPen(QPen(c.edge, 1));
    p.setBrush(c.surface);
    p.drawRoundedRect(box, 6, 6);
    p.setClipRect(box.adjusted(1, 1, -1, -1));

    double from = s.flight.carry_m;
    double to = s.flight.carry_m;
    for (const QPointF& q : scene_.predicted->run) {
        from = std::min(from, q.x());
        to = std::max(to, q.x());
    }
    double hop = 0.02;
    for (const QPointF& q : scene_.predicted->run)
        hop = std::max(hop, q.y());
    const double span = std::max(to - from, 0.6);
    // As large as the hops leave room for, below the line of text.
    const double pixels = std::min((box.width() - 110) / span, (box.height() - 62) / hop);
    const double times = pixels / map().scale();
    const double y = box.bottom() - 30;
    const WorldMap m(QPointF(box.left() + 55 - from * pixels, y), pixels);

    p.setPen(QPen(c.turf, 2));
    p.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
    p.setPen(QPen(c.predicted, 2));
    p.setBrush(Qt::NoBrush);
    p.setClipRect(box.adjusted(1, 30, -1, -1));
    p.drawPolyline(mapped(scene_.predicted->flight, m));
    p.setClipRect(box.adjusted(1, 1, -1, -1));
    p.drawPolyline(mapped(scene_.predicted->run, m));

    const QFont small = style::font(12);
    paintText(p, box.topLeft() + QPointF(12, 20),
              tr("the landing, × %1").arg(text::number(times, times < 10 ? 1 : 0)), c.soft, small);
    paintText(p, box.topRight() + QPointF(-12, 20),
              tr("forward %1, before to after").arg(scene_.units.speedName()), c.soft, small,
              Qt::AlignRight);

    // Each hop's contact as a ring, with the forward speed before and after where there is room.
    double freeFrom = box.left();
    for (std::size_t i = 0; i < s.run.bouncesKept(); ++i) {
        const Bounce& b = s.run.bounces[i];
        const QPointF at = m.toPixel(s.flight.carry_m + b.at_m.x, 0);
        p.setPen(QPen(c.predicted, 2));
        p.setBrush(b.checks() ? c.predicted : c.panel);
        p.drawEllipse(at, 4, 4);
        const double k = scene_.units.speedFactor();
        const QString label = text::number(b.velocityBefore_mps.x * k, 1) + tr(" to ") +
                              text::number(b.velocityAfter_mps.x * k, 1);
        const double half = QFontMetricsF(small).horizontalAdvance(label) / 2 + 4;
        const double centre = std::max(at.x(), box.left() + half + 4);
        if (centre - half < freeFrom || centre + half > box.right()) continue;
        freeFrom = centre + half;
        paintText(p, {centre, y + 20}, label, c.ink, small, Qt::AlignHCenter);
    }
    const QPointF rest = m.toPixel(scene_.predicted->rest_m, 0);
    p.setPen(Qt::NoPen);
    p.setBrush(c.predicted);
    p.drawEllipse(rest + QPointF(0, -5), 5, 5);
    paintText(p, rest + QPointF(0, -16), tr("rests"), c.predicted, style::font(13, QFont::DemiBold),
              Qt::AlignHCenter);
    p.restore();
}

}  // namespace wedgeon
