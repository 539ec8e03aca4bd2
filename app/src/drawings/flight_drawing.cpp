// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting the elevation.
#include "drawings/flight_drawing.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "text/sentences.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double ticksBand_px = 30.0;
constexpr double aboveBand_px = 62.0;
constexpr std::size_t mostDots = 250;
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

QPixmap paintedDot(QColor colour, double ratio) {
    QPixmap out(static_cast<int>(std::ceil(4 * ratio)), static_cast<int>(std::ceil(4 * ratio)));
    out.setDevicePixelRatio(ratio);
    out.fill(Qt::transparent);
    QPainter p(&out);
    p.setRenderHint(QPainter::Antialiasing);
    colour.setAlpha(110);
    p.setPen(Qt::NoPen);
    p.setBrush(colour);
    p.drawEllipse(QPointF(2, 2), 1.5, 1.5);
    return out;
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

namespace {

/// The point of \p line, past its start and before its end, that is farthest above or below
/// \p other: a name there stands on no other's line. Where they lie on each other, or there is no
/// other, the one at \p usual of its points.
QPointF farthestFrom(const QPolygonF& other, const QPolygonF& line, double usual) {
    const auto heightAt = [&](double x) {
        const auto right = std::lower_bound(other.begin(), other.end(), x,
                                            [](const QPointF& q, double at) { return q.x() < at; });
        if (right == other.begin() || right == other.end()) return 0.0;
        const QPointF a = *(right - 1), b = *right;
        const double width = b.x() - a.x();
        return width > 0.0 ? a.y() + (b.y() - a.y()) * (x - a.x()) / width : a.y();
    };
    QPointF best = line[static_cast<qsizetype>(static_cast<double>(line.size() - 1) * usual)];
    constexpr double clearly_m = 0.2;
    double most = clearly_m;
    const qsizetype from = line.size() * 35 / 100, to = line.size() * 85 / 100;
    for (qsizetype i = from; i < to && !other.isEmpty(); ++i) {
        const double off = std::abs(line[i].y() - heightAt(line[i].x()));
        if (off <= most) continue;
        most = off;
        best = line[i];
    }
    return best;
}

}  // namespace

FlightScene::Path flightPath(const ShotTrace& trace, const ShotResult& shot) {
    FlightScene::Path path;
    for (std::size_t i = 1; i < trace.flight.size(); ++i) {
        constexpr int parts = 6;
        for (int k = i == 1 ? 0 : 1; k <= parts; ++k) {
            const FlightPoint p = flightPointBetween(trace.flight[i - 1], trace.flight[i],
                                                     static_cast<double>(k) / parts);
            path.flight << QPointF(p.position_m.x, std::max(p.position_m.y, 0.0));
            path.above << QPointF(p.position_m.x, p.position_m.z);
        }
    }
    // Drawn from the level of the landing: a slope there is told in numbers, not bent into the
    // line.
    for (const GroundPoint& g : trace.run) {
        path.run << QPointF(shot.flight.carry_m + g.position_m.x, g.position_m.y);
        path.above << QPointF(shot.flight.carry_m + g.position_m.x,
                              shot.flight.side_m + g.position_m.z);
    }
    path.rest_m = shot.total_m();
    path.restSide_m = shot.restSide_m();
    path.carry_m = shot.flight.carry_m;
    path.side_m = shot.flight.side_m;
    return path;
}

FlightScene::Band bandOf(const Spread& s) {
    return {-s.carry_m, s.carry_m, -std::hypot(s.carry_m, s.releaseBelow_m),
            std::hypot(s.carry_m, s.releaseAbove_m)};
}

FlightDrawing::FlightDrawing(const QString& name, QWidget* parent) : Drawing(name, parent) {}

void FlightDrawing::show(const FlightScene& scene) {
    scene_ = scene;
    // All swings but the wildest few are inside the view from above.
    restsLeft_m_ = restsRight_m_ = 0.0;
    if (!scene_.rests.empty()) {
        std::vector<double> sides;
        sides.reserve(scene_.rests.size());
        for (const auto& r : scene_.rests)
            sides.push_back(r[1]);
        const auto few = static_cast<std::ptrdiff_t>(sides.size() / 30);
        std::nth_element(sides.begin(), sides.begin() + few, sides.end());
        restsLeft_m_ = sides[static_cast<std::size_t>(few)];
        std::nth_element(sides.begin(), sides.end() - 1 - few, sides.end());
        restsRight_m_ = sides[sides.size() - 1 - static_cast<std::size_t>(few)];
    }
    QString said;
    if (scene_.predicted) {
        said = tr("Predicted: %1 Highest %2, lands at %3, rests at %4.")
                   .arg(text::shotSentence(scene_.shot, scene_.units),
                        scene_.units.height(scene_.shot.flight.apex_m),
                        text::degrees(scene_.shot.flight.landingAngle_rad()),
                        scene_.units.length(scene_.shot.total_m(), 1));
    }
    if (scene_.predicted && scene_.band) {
        said += tr(" Of 100 such swings 80 rest between %1 and %2.")
                    .arg(scene_.units.length(scene_.shot.total_m() + scene_.band->restLow_m, 1),
                         scene_.units.length(scene_.shot.total_m() + scene_.band->restHigh_m, 1));
    }
    for (const FlightScene::Other& o : scene_.others) {
        said += tr(" Recipe %1 carries %2 and rests at %3.")
                    .arg(o.letter, scene_.units.length(o.path.carry_m, 1),
                         scene_.units.length(o.path.rest_m, 1));
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

std::vector<const FlightScene::Path*> FlightDrawing::paths() const {
    std::vector<const FlightScene::Path*> out;
    for (const auto* path : {&scene_.predicted, &scene_.ghost, &scene_.measured}) {
        if (*path) out.push_back(&**path);
    }
    for (const FlightScene::Other& o : scene_.others)
        out.push_back(&o.path);
    return out;
}

double FlightDrawing::farthest_m() const {
    double far = 5.0;
    for (const FlightScene::Path* path : paths()) {
        far = std::max({far, path->rest_m, path->flight.isEmpty() ? 0 : path->flight.last().x()});
        for (const QPointF& p : path->run)
            far = std::max(far, p.x());
    }
    if (scene_.measuredRest_m) far = std::max(far, *scene_.measuredRest_m);
    if (scene_.measuredCarry_m) far = std::max(far, *scene_.measuredCarry_m);
    if (scene_.predicted && scene_.band)
        far = std::max(far, scene_.predicted->rest_m + scene_.band->restHigh_m);
    return far;
}

double FlightDrawing::highest_m() const {
    double high = 1.0;
    for (const FlightScene::Path* path : paths()) {
        for (const QPointF& p : path->flight)
            high = std::max(high, p.y());
    }
    return high;
}

double FlightDrawing::groundBand_px() const {
    return scene_.fromAbove && canvas().height() > 190 ? ticksBand_px + aboveBand_px : ticksBand_px;
}

WorldMap FlightDrawing::map() const {
    // The flight keeps clear of the magnifier.
    const double right =
        hasMagnifier() ? canvas().width() - magnifierRect().left() : rightMargin_px;
    const double across = (canvas().width() - leftMargin_px - right) / (farthest_m() * 1.03);
    const double up = (canvas().height() - groundBand_px() - topMargin_px) / (highest_m() * 1.02);
    return {QPointF(leftMargin_px, canvas().height() - groundBand_px()),
            std::max(0.1, std::min(across, up))};
}

void FlightDrawing::paint(QPainter& p, const style::Colours& c) {
    const WorldMap m = map();
    paintGround(p, c, m);
    if (scene_.ghost) {
        paintPath(p, *scene_.ghost, m, QPen(c.former, 1, Qt::DashLine));
        p.setBrush(c.panel);
        p.setPen(QPen(c.former, 1.4));
        p.drawEllipse(m.toPixel(scene_.ghost->rest_m, 0) + QPointF(0, -4), 4, 4);
    }
    paintOthers(p, c, m);
    if (scene_.predicted) {
        paintSpread(p, c, m);
        paintPath(p, *scene_.predicted, m, QPen(c.predicted, 2.4));
    }
    if (scene_.measured) paintPath(p, *scene_.measured, m, QPen(c.measured, 1.8, Qt::DashLine));
    if (scene_.predicted) paintNumbers(p, c, m);
    paintMeasured(p, c, m);
    if (groundBand_px() > ticksBand_px) paintAbove(p, c, m);
    if (hasMagnifier()) paintMagnifier(p, c);
}

void FlightDrawing::paintGround(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    const double y = canvas().height() - groundBand_px();
    p.fillRect(QRectF(0, y, canvas().width(), groundBand_px()), c.turfFill);
    p.setPen(QPen(c.turf, 2));
    p.drawLine(QPointF(0, y), QPointF(canvas().width(), y));

    const double unit_m = 1.0 / scene_.units.lengthFactor();
    const double step = tickStep(m.scale() * unit_m, 46);
    const QFont f = style::font(12, QFont::Medium);
    // Ink: the greens are too faint to read on the turf's fill.
    for (double at = 0;; at += step) {
        const double x = m.toPixel(at * unit_m, 0).x();
        if (x > canvas().width() - 14) break;
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
    const double carry = scene_.predicted->carry_m;
    if (!scene_.band || line.isEmpty() || carry < 0.1) return;
    // The band between the flights that carry as far as the interval's ends; each is this flight
    // stretched, which is within a line's width of the flown one for a tenth of the carry.
    const double longer = 1 + std::clamp(scene_.band->carryHigh_m / carry, 0.0, 1.0);
    const double shorter = 1 + std::clamp(scene_.band->carryLow_m / carry, -0.9, 0.0);
    QPolygonF band;
    for (const QPointF& q : line)
        band << m.toPixel(q.x() * longer, q.y() * longer);
    for (auto it = line.crbegin(); it != line.crend(); ++it)
        band << m.toPixel(it->x() * shorter, it->y() * shorter);
    p.setPen(Qt::NoPen);
    p.setBrush(c.band);
    p.drawPolygon(band);

    // Where 80 of 100 come to rest: a bar just under the ground line.
    const QPointF from = m.toPixel(scene_.predicted->rest_m + scene_.band->restLow_m, 0);
    const QPointF to = m.toPixel(scene_.predicted->rest_m + scene_.band->restHigh_m, 0);
    QColor fill = c.predicted;
    fill.setAlpha(120);
    p.setBrush(fill);
    p.drawRoundedRect(QRectF(from.x(), from.y() + 1, to.x() - from.x(), 4), 2, 2);
}

void FlightDrawing::paintOthers(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    int style = 0;
    for (const FlightScene::Other& o : scene_.others) {
        const QPen pen(c.ink, 1.5, style++ == 0 ? Qt::DashDotLine : Qt::DashDotDotLine);
        paintPath(p, o.path, m, pen);
        const QPointF rest = m.toPixel(o.path.rest_m, 0);
        p.setPen(QPen(c.ink, 1.5));
        p.setBrush(c.panel);
        p.drawEllipse(rest + QPointF(0, -4), 4, 4);
        const QFont f = style::font(13, QFont::DemiBold);
        if (o.path.flight.isEmpty()) continue;
        const QPointF at = farthestFrom(scene_.predicted ? scene_.predicted->flight : QPolygonF(),
                                        o.path.flight, style == 1 ? 0.62 : 0.72);
        paintLabel(p, m.toPixel(at.x(), at.y()) + QPointF(0, 5), o.letter, c.ink, f, c.panel,
                   Qt::AlignHCenter);
        paintLabel(p, rest + QPointF(0, -12), o.letter, c.ink, f, c.panel, Qt::AlignHCenter);
    }
}

void FlightDrawing::paintAbove(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    const double top = canvas().height() - aboveBand_px + 2;
    const double bottom = canvas().height() - 7;
    double left = -0.05;
    double right = 0.05;
    for (const FlightScene::Path* path : paths()) {
        if (scene_.measured && path == &*scene_.measured) continue;
        for (const QPointF& q : path->above) {
            left = std::min(left, q.y());
            right = std::max(right, q.y());
        }
    }
    left = std::min(left, restsLeft_m_);
    right = std::max(right, restsRight_m_);
    const double across = std::min(m.scale(), (bottom - top - 8) / (right - left));
    const double middle = 0.5 * (top + bottom) - 0.5 * (left + right) * across;
    const double x0 = m.toPixel(0, 0).x();
    const auto at = [&](double along, double sideways) {
        return QPointF(x0 + along * m.scale(), middle + sideways * across);
    };
    const auto line = [&](const QPolygonF& above) {
        QPolygonF out;
        for (const QPointF& q : above)
            out << at(q.x(), q.y());
        return out;
    };
    p.save();
    p.setClipRect(QRectF(0, top, canvas().width(), canvas().height() - top));
    p.setPen(QPen(c.soft, 1, Qt::DashLine));
    p.drawLine(QPointF(x0, middle), QPointF(canvas().width(), middle));
    // One picture of a dot, many times: ten times faster than as many ellipses.
    const QPixmap dot = paintedDot(c.predicted, devicePixelRatioF());
    for (std::size_t i = 0; i < std::min(scene_.rests.size(), mostDots); ++i)
        p.drawPixmap(at(scene_.rests[i][0], scene_.rests[i][1]) - QPointF(2, 2), dot);
    p.setBrush(Qt::NoBrush);
    if (scene_.ghost) {
        p.setPen(QPen(c.former, 1, Qt::DashLine));
        p.drawPolyline(line(scene_.ghost->above));
    }
    for (const FlightScene::Other& o : scene_.others) {
        p.setPen(
            QPen(c.ink, 1.3, &o == &scene_.others.front() ? Qt::DashDotLine : Qt::DashDotDotLine));
        p.drawPolyline(line(o.path.above));
    }
    if (scene_.predicted) {
        p.setPen(QPen(c.predicted, 2));
        p.drawPolyline(line(scene_.predicted->above));
        p.setBrush(c.panel);
        p.drawEllipse(at(scene_.predicted->carry_m, scene_.predicted->side_m), 3.5, 3.5);
        p.setPen(Qt::NoPen);
        p.setBrush(c.predicted);
        p.drawEllipse(at(scene_.predicted->rest_m, scene_.predicted->restSide_m), 4, 4);
    }
    p.restore();
    const double share = across / m.scale();
    const QString name = share > 0.99 ? tr("from above")
                                      : tr("from above, sideways × %1").arg(text::number(share, 1));
    paintText(p, {canvas().width() - 14.0, canvas().height() - 8.0}, name, c.ink, style::font(12),
              Qt::AlignRight);
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
    const QFont f = style::font(14, QFont::DemiBold);
    const QPointF apex = m.toPixel(s.flight.apexAt_m, s.flight.apex_m);
    if (!scene_.detailed) {
        if (!scene_.letter.isEmpty())
            paintLabel(p, apex + QPointF(0, -8), scene_.letter, c.predicted, f, c.panel,
                       Qt::AlignHCenter);
        return;
    }

    p.setPen(QPen(c.former, 1, Qt::DotLine));
    p.drawLine(apex, QPointF(apex.x(), m.toPixel(0, 0).y()));
    const QString name = scene_.letter.isEmpty() ? QString() : scene_.letter + QStringLiteral("  ");
    paintLabel(p, apex + QPointF(0, -8), name + scene_.units.height(s.flight.apex_m), c.predicted,
               f, c.panel, Qt::AlignHCenter);

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

bool FlightDrawing::hasMagnifier() const {
    return scene_.predicted && scene_.detailed && canvas().width() >= 560 &&
           canvas().height() >= 170;
}

QRectF FlightDrawing::magnifierRect() const {
    const double wide = std::clamp(canvas().width() * 0.28, 230.0, 342.0);
    return {canvas().width() - 14.0 - wide, 8.0, wide,
            std::min(138.0, canvas().height() - groundBand_px() - 22.0)};
}

void FlightDrawing::paintMagnifier(QPainter& p, const style::Colours& c) const {
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
    const QString title = tr("the landing, × %1").arg(text::number(times, times < 10 ? 1 : 0));
    paintText(p, box.topLeft() + QPointF(12, 20), title, c.soft, small);
    const double room = box.width() - 36 - QFontMetricsF(small).horizontalAdvance(title);
    for (const QString& what :
         {tr("forward %1, before to after").arg(scene_.units.speedName()),
          tr("%1, before to after").arg(scene_.units.speedName()), scene_.units.speedName()}) {
        if (QFontMetricsF(small).horizontalAdvance(what) > room) continue;
        paintText(p, box.topRight() + QPointF(-12, 20), what, c.soft, small, Qt::AlignRight);
        break;
    }

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
