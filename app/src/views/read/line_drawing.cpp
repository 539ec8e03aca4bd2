// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting and dragging the elevation.
#include "views/read/line_drawing.h"

#include <QCoreApplication>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "text/units.h"

namespace wedgeon {
namespace {

constexpr int flagId = 1;
constexpr int borderId = 100;    // plus the zone that ends there
constexpr int obstacleId = 200;  // plus its number
constexpr double flagstick_m = 2.13;
constexpr double shortestZone_m = 0.3;
constexpr double leftMargin_px = 46.0, rightMargin_px = 34.0, topMargin_px = 14.0;
constexpr double groundBand_px = 50.0;
constexpr double snap_px = 12.0;  // up or down before a border is lifted
constexpr double behind_m = 4.0;  // drawn beyond the last thing that matters

QColor groundColour(ZoneKind kind, const style::Colours& c) {
    if (kind == ZoneKind::Bunker) return c.sand;
    if (kind == ZoneKind::Water) return c.water;
    return c.turfFill;
}

/// "rises 4 %", "falls away 3 %"; empty where it is level.
QString slopeWords(double along, double across) {
    QStringList out;
    const auto percent = [](double slope) { return text::number(100 * std::abs(slope), 0); };
    if (std::abs(along) >= 0.005)
        out << (along > 0 ? LineDrawing::tr("rises %1 %") : LineDrawing::tr("falls away %1 %"))
                   .arg(percent(along));
    if (std::abs(across) >= 0.005)
        out << (across > 0 ? LineDrawing::tr("up to the right %1 %")
                           : LineDrawing::tr("up to the left %1 %"))
                   .arg(percent(across));
    return out.join(QStringLiteral(", "));
}

double roundStep(double pixelsPerUnit, double least_px) {
    for (double decade = 1.0;; decade *= 10.0) {
        for (const double k : {1.0, 2.0, 5.0}) {
            if (k * decade * pixelsPerUnit >= least_px) return k * decade;
        }
    }
}

}  // namespace

QString zoneName(ZoneKind kind) {
    switch (kind) {
        case ZoneKind::Fairway:
            return LineDrawing::tr("short grass");
        case ZoneKind::Rough:
            return LineDrawing::tr("rough");
        case ZoneKind::Bunker:
            return LineDrawing::tr("sand");
        case ZoneKind::Fringe:
            return LineDrawing::tr("fringe");
        case ZoneKind::Green:
            return LineDrawing::tr("green");
        case ZoneKind::Water:
            return LineDrawing::tr("water");
    }
    return {};
}

LineScene::Way wayOf(const PlannedShot& shot, const ShotTrace& trace) {
    LineScene::Way way;
    way.landing = shot.landing;
    way.rest = shot.rest;
    for (std::size_t i = 1; i < trace.flight.size(); ++i) {
        constexpr int parts = 6;
        for (int k = i == 1 ? 0 : 1; k <= parts; ++k) {
            const FlightPoint p = flightPointBetween(trace.flight[i - 1], trace.flight[i],
                                                     static_cast<double>(k) / parts);
            way.flight << QPointF(p.position_m.x, p.position_m.y);
        }
    }
    if (trace.flight.empty()) return way;
    const Vec3 landing = trace.flight.back().position_m;
    for (const GroundPoint& g : trace.run)
        way.run << QPointF(landing.x + g.position_m.x, landing.y + g.position_m.y);
    return way;
}

LineDrawing::LineDrawing(QWidget* parent) : Drawing(tr("The line to the flag"), parent) {}

void LineDrawing::show(const LineScene& scene) {
    scene_ = scene;
    borders_.assign(1, 0.0);
    heights_.assign(1, 0.0);
    for (const Zone& z : scene_.line.zones) {
        borders_.push_back(borders_.back() + z.length_m);
        heights_.push_back(heights_.back() + z.length_m * z.slopeAlong);
    }
    terrain_.emplace(scene_.line);
    if (!isHeld()) held_.reset();
    const std::size_t count =
        element_.kind == Element::Zone ? scene_.line.zones.size() : scene_.line.obstacles.size();
    if (element_.index >= count) element_ = {};
    say(sentence());
    update();
}

void LineDrawing::choose(const Element& element) {
    if (element == element_) return;
    element_ = element;
    emit elementChosen();
    update();
}

double LineDrawing::total_m() const {
    return borders_.back();
}

double LineDrawing::drawn_m() const {
    double to = scene_.line.flag_m.value_or(0.0);
    for (std::size_t i = 0; i < scene_.line.zones.size(); ++i) {
        const bool last = i + 1 == scene_.line.zones.size();
        if (!last || scene_.line.zones[i].kind == ZoneKind::Green)
            to = std::max(to, borders_[i + 1]);
    }
    for (const Obstacle& o : scene_.line.obstacles)
        to = std::max(to, o.at_m);
    return to + behind_m;
}

QString LineDrawing::sentence() const {
    const Distances& d = scene_.distances;
    QStringList zones;
    for (std::size_t i = 0; i < scene_.line.zones.size(); ++i) {
        const Zone& z = scene_.line.zones[i];
        QString one = tr("%1 of %2").arg(d.said(z.length_m), zoneName(z.kind));
        QString slope = slopeWords(z.slopeAlong, z.slopeAcross);
        if (z.grain != ZoneGrain::Across) {
            if (!slope.isEmpty()) slope += QStringLiteral(", ");
            slope +=
                z.grain == ZoneGrain::With ? tr("grass with the ball") : tr("grass into the ball");
        }
        if (!slope.isEmpty()) one += QStringLiteral(" (") + slope + QStringLiteral(")");
        zones << one;
    }
    QString said = tr("From the ball: %1.").arg(zones.join(QStringLiteral(", ")));
    for (const Obstacle& o : scene_.line.obstacles) {
        said += tr(" At %1 something %2 high.").arg(d.said(o.at_m), d.units.height(o.height_m));
    }
    if (scene_.line.flag_m) said += tr(" The flag at %1.").arg(d.said(*scene_.line.flag_m));
    if (!scene_.trouble.isEmpty()) said += QLatin1Char(' ') + scene_.trouble;
    return said;
}

WorldMap LineDrawing::map() const {
    if (held_ && isHeld()) return *held_;
    double low = 0.0, high = 3.0;
    for (const double h : heights_) {
        low = std::min(low, h);
        high = std::max(high, h + 2.6);
    }
    double farthest = drawn_m();
    for (const Obstacle& o : scene_.line.obstacles)
        high = std::max(high, o.height_m + 1.0);
    for (const LineScene::Way& w : scene_.ways) {
        for (const QPointF& p : w.flight)
            high = std::max(high, p.y());
    }
    // In steps, so that a drag does not change the scale with every pixel.
    farthest = 2.0 * std::ceil(farthest / 2.0);
    high = std::ceil(high + 0.2);
    low = -std::ceil(-low);
    const QSizeF size = canvas();
    const double room = size.height() - topMargin_px - groundBand_px;
    const double scale = std::max(
        1.0,
        std::min((size.width() - leftMargin_px - rightMargin_px) / farthest, room / (high - low)));
    return {QPointF(leftMargin_px, size.height() - groundBand_px + low * scale), scale};
}

QVector<Drawing::Handle> LineDrawing::handles() const {
    QVector<Handle> out;
    const WorldMap m = map();
    for (std::size_t i = 0; i + 1 < borders_.size(); ++i) {
        const Zone& z = scene_.line.zones[i];
        const bool last = i + 2 == borders_.size();
        if (last && z.kind != ZoneKind::Green) continue;  // it goes on for ever
        const QString name =
            last ? tr("far end of the %1").arg(zoneName(z.kind))
                 : tr("border between %1 and %2")
                       .arg(zoneName(z.kind), zoneName(scene_.line.zones[i + 1].kind));
        out << Handle{borderId + static_cast<int>(i), m.toPixel(borders_[i + 1], heights_[i + 1]),
                      name};
    }
    for (std::size_t k = 0; k < scene_.line.obstacles.size(); ++k) {
        const Obstacle& o = scene_.line.obstacles[k];
        out << Handle{obstacleId + static_cast<int>(k),
                      m.toPixel(o.at_m, terrain_->height(o.at_m, 0.0) + o.height_m),
                      tr("top of what stands in the way")};
    }
    if (scene_.line.flag_m) {
        out << Handle{flagId,
                      m.toPixel(*scene_.line.flag_m,
                                terrain_->height(*scene_.line.flag_m, 0.0) + flagstick_m),
                      tr("flag")};
    }
    return out;
}

void LineDrawing::gestureBegins() {
    begins_ = true;
    pressed_ = scene_.line;
    held_ = map();
}

void LineDrawing::move(int id, double x, std::optional<double> y) {
    Line line = scene_.line;
    if (id == flagId) {
        line.flag_m = std::clamp(x, 0.5, std::min(total_m(), 500.0));
    } else if (id >= obstacleId) {
        const auto k = static_cast<std::size_t>(id - obstacleId);
        Obstacle& o = line.obstacles[k];
        o.at_m = std::clamp(x, 0.2, std::min(total_m(), 500.0));
        if (y) {
            const double height = std::clamp(*y - terrain_->height(o.at_m, 0.0), 0.1, 60.0);
            if (o.gap_m > 0.0) o.gap_m *= height / o.height_m;
            o.height_m = height;
        }
    } else {
        const auto i = static_cast<std::size_t>(id - borderId);
        Zone& before = line.zones[i];
        const double from = borders_[i];
        const bool last = i + 1 == line.zones.size();
        const double most = last ? std::min(from + 400.0, 500.0) : borders_[i + 2] - shortestZone_m;
        const double to = std::clamp(x, from + shortestZone_m, std::max(most, from + 0.5));
        if (!last) line.zones[i + 1].length_m = borders_[i + 2] - to;
        before.length_m = to - from;
        if (y) {
            // To a whole per cent, and as it was for a hand that only moves along.
            double height = 0.0;
            for (std::size_t k = 0; k <= i; ++k)
                height += pressed_.zones[k].length_m * pressed_.zones[k].slopeAlong;
            const double former = pressed_.zones[i].slopeAlong;
            const bool stays = std::abs(*y - height) * map().scale() < snap_px;
            const double slope = (*y - heights_[i]) / before.length_m;
            before.slopeAlong =
                stays ? former : std::clamp(0.01 * std::round(100 * slope), -0.6, 0.6);
        }
    }
    if (line == scene_.line) return;
    emit lineEdited(line, begins_);
    begins_ = false;
}

void LineDrawing::dragTo(int id, QPointF pixel) {
    const WorldMap m = map();
    // To a tenth of what is said: nobody reads a line to the centimetre.
    const double unit = 0.1;
    move(id, unit * std::round(m.xAt(pixel) / unit), unit * std::round(m.yAt(pixel) / unit));
}

void LineDrawing::nudge(int id, int direction, bool fine) {
    const double step = direction * (fine ? 0.1 : 1.0 / scene_.distances.factor());
    if (id == flagId) return move(id, scene_.line.flag_m.value_or(0.0) + step, std::nullopt);
    if (id >= obstacleId) {
        const auto k = static_cast<std::size_t>(id - obstacleId);
        return move(id, scene_.line.obstacles[k].at_m + step, std::nullopt);
    }
    move(id, borders_[static_cast<std::size_t>(id - borderId) + 1] + step, std::nullopt);
}

void LineDrawing::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton) {
        const WorldMap m = map();
        const double x = m.xAt(event->position());
        std::size_t zone = 0;
        while (zone + 2 < borders_.size() && x >= borders_[zone + 1])
            ++zone;
        Element chosen{Element::Zone, zone};
        for (std::size_t k = 0; k < scene_.line.obstacles.size(); ++k) {
            const Obstacle& o = scene_.line.obstacles[k];
            const QPointF top = m.toPixel(o.at_m, terrain_->height(o.at_m, 0.0) + o.height_m);
            if (std::abs(event->position().x() - top.x()) < 9 &&
                event->position().y() > top.y() - 12 && event->position().y() < height() - 50)
                chosen = {Element::Obstacle, k};
        }
        choose(chosen);
    }
    Drawing::mousePressEvent(event);
}

void LineDrawing::paint(QPainter& p, const style::Colours& c) {
    if (scene_.line.zones.empty()) return;
    const WorldMap m = map();
    paintGround(p, c, m);
    paintDistances(p, c, m);
    paintObstacles(p, c, m);
    paintWays(p, c, m);
    paintFlag(p, c, m);
    p.setPen(QPen(c.ink, 1.5));
    p.setBrush(c.panel);
    p.drawEllipse(m.toPixel(0, 0) - QPointF(0, 5), 5, 5);
}

void LineDrawing::paintGround(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    const double bottom = canvas().height();
    const auto& zones = scene_.line.zones;
    const double left = m.xAt(QPointF(0, 0)), right = m.xAt(QPointF(canvas().width(), 0));
    for (std::size_t i = 0; i < zones.size(); ++i) {
        const bool last = i + 1 == zones.size();
        double x0 = i == 0 ? left : borders_[i];
        const double x1 = last ? std::max(right, borders_[i + 1]) : borders_[i + 1];
        const double y0 = heights_[i] + (x0 - borders_[i]) * (i == 0 ? 0.0 : zones[i].slopeAlong);
        const double y1 = heights_[i] + (x1 - borders_[i]) * zones[i].slopeAlong;
        const QPointF a = m.toPixel(x0, y0), b = m.toPixel(x1, y1);
        const ZoneKind kind = zones[i].kind;
        const bool chosen = element_ == Element{Element::Zone, i} && hasFocus();
        p.setPen(Qt::NoPen);
        QPolygonF below{a};
        if (i == 0) below << m.toPixel(0, 0);
        below << b << QPointF(b.x(), bottom) << QPointF(a.x(), bottom);
        p.setBrush(c.turfFill);
        p.drawPolygon(below);
        if (kind == ZoneKind::Bunker || kind == ZoneKind::Water) {
            // A hollow as deep as it is drawn easily: the model knows its surface only.
            const double deep = std::min(24.0, 0.25 * (b.x() - a.x()) + 8.0);
            QPainterPath hollow(a);
            hollow.cubicTo(a + QPointF(6, deep * 1.3), b + QPointF(-6, deep * 1.3), b);
            hollow.closeSubpath();
            p.setBrush(groundColour(kind, c));
            p.drawPath(hollow);
        }
        QPen edge(kind == ZoneKind::Bunker  ? c.sand.darker(125)
                  : kind == ZoneKind::Water ? c.water.darker(125)
                                            : c.turf,
                  kind == ZoneKind::Green    ? 5.0
                  : kind == ZoneKind::Fringe ? 3.5
                                             : 2.0);
        edge.setCapStyle(Qt::FlatCap);
        if (kind == ZoneKind::Rough) edge.setStyle(Qt::DashLine);
        p.setPen(edge);
        QPolygonF top{a};
        if (i == 0) top << m.toPixel(0, 0);
        top << b;
        p.drawPolyline(top);
        if (chosen) {
            p.setPen(QPen(c.predicted, 1.5, Qt::DotLine));
            p.drawLine(QPointF(std::max(a.x(), 2.0), bottom - 2),
                       QPointF(std::min(b.x(), canvas().width() - 2), bottom - 2));
        }
        // What it is, where there is room for it.
        const double from = std::max(a.x(), 4.0), to = std::min(b.x(), canvas().width() - 4.0);
        QString words = zoneName(kind);
        const QString slope = slopeWords(zones[i].slopeAlong, zones[i].slopeAcross);
        const QFont font = style::font(12, QFont::Medium);
        const QFontMetricsF metrics(font);
        if (!slope.isEmpty()) {
            const QString both = words + QStringLiteral(", ") + slope;
            words = metrics.horizontalAdvance(both) < to - from - 12 ? both : slope;
        }
        const double at = (from + to) / 2, half = metrics.horizontalAdvance(words) / 2;
        const auto labels = wayLabels(m);
        const auto covers = [&](double place) { return std::abs(place - at) < half + 26; };
        const bool covered = labels && std::abs(labels->baseline - (bottom - 26)) < 14 &&
                             ((labels->lands && covers(labels->landAt)) || covers(labels->restAt));
        if (!covered && 2 * half < to - from - 12)
            paintText(p, {(from + to) / 2, bottom - 26}, words, c.ink, font, Qt::AlignHCenter);
    }
}

void LineDrawing::paintDistances(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    const Distances& d = scene_.distances;
    const double bottom = canvas().height();
    const QFont font = style::font(12);
    if (d.from == Distances::From::Ball) {
        const double perUnit = m.scale() / d.factor();
        const double step = roundStep(perUnit, 70.0);
        for (double at = 0.0; at / d.factor() <= drawn_m() + 1e-6; at += step) {
            const QPointF place = m.toPixel(at / d.factor(), 0.0);
            paintText(p, {place.x(), bottom - 8}, text::number(at, 0), c.turf, font,
                      Qt::AlignHCenter);
        }
        paintText(p, {4, bottom - 8}, d.unitName(), c.soft, font);
        return;
    }
    // The legs that are paced: to each edge that matters and to the flag.
    std::vector<double> marks{0.0};
    for (std::size_t i = 0; i + 1 < scene_.line.zones.size(); ++i) {
        const bool from = scene_.line.zones[i].kind == ZoneKind::Green;
        const bool to = scene_.line.zones[i + 1].kind == ZoneKind::Green;
        const bool trouble = scene_.line.zones[i + 1].kind == ZoneKind::Bunker ||
                             scene_.line.zones[i + 1].kind == ZoneKind::Water;
        if (from != to || trouble) marks.push_back(borders_[i + 1]);
    }
    if (scene_.line.flag_m) marks.push_back(*scene_.line.flag_m);
    std::sort(marks.begin(), marks.end());
    p.setPen(QPen(c.soft, 1));
    for (const double x : marks) {
        const double at = m.toPixel(x, 0).x();
        p.setPen(QPen(c.soft, 1));
        p.drawLine(QPointF(at, bottom - 18), QPointF(at, bottom - 6));
    }
    for (std::size_t i = 1; i < marks.size(); ++i) {
        const double a = m.toPixel(marks[i - 1], 0).x(), b = m.toPixel(marks[i], 0).x();
        const QFontMetricsF metrics(font);
        const QString whole = d.said(marks[i] - marks[i - 1]);
        const QString bare = d.number(marks[i] - marks[i - 1]);
        const QString& words = metrics.horizontalAdvance(whole) < b - a - 8 ? whole : bare;
        if (metrics.horizontalAdvance(words) < b - a - 4)
            paintText(p, {(a + b) / 2, bottom - 8}, words, c.turf, font, Qt::AlignHCenter);
    }
}

void LineDrawing::paintObstacles(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    for (std::size_t k = 0; k < scene_.line.obstacles.size(); ++k) {
        const Obstacle& o = scene_.line.obstacles[k];
        const double ground = terrain_->height(o.at_m, 0.0);
        const QPointF foot = m.toPixel(o.at_m, ground);
        const QPointF gap = m.toPixel(o.at_m, ground + o.gap_m);
        const QPointF top = m.toPixel(o.at_m, ground + o.height_m);
        const bool chosen = element_ == Element{Element::Obstacle, k} && hasFocus();
        if (o.gap_m > 0.0) {
            // The trunk is thin: the ball passes beside it, under the branches.
            p.setPen(QPen(c.soft, 2));
            p.drawLine(foot, gap);
            p.setPen(QPen(chosen ? c.predicted : c.turf, 1.5));
            p.setBrush(c.turfFill);
            const double half = std::max(7.0, 0.3 * (gap.y() - top.y()));
            p.drawRoundedRect(
                QRectF(QPointF(top.x() - half, top.y()), QPointF(gap.x() + half, gap.y())), half,
                half);
        } else {
            p.setPen(QPen(chosen ? c.predicted : c.turf.darker(120), 1.5));
            p.setBrush(c.turf);
            p.drawRect(QRectF(QPointF(top.x() - 2.5, top.y()), QPointF(foot.x() + 2.5, foot.y())));
        }
    }
}

void LineDrawing::paintFlag(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    if (!scene_.line.flag_m) return;
    const double x = *scene_.line.flag_m;
    const double ground = terrain_->height(x, 0.0);
    const QPointF foot = m.toPixel(x, ground), top = m.toPixel(x, ground + flagstick_m);
    p.setPen(QPen(c.ink, 2));
    p.drawLine(foot, top);
    p.setPen(Qt::NoPen);
    p.setBrush(c.warning);
    const double size = std::clamp(0.35 * (foot.y() - top.y()), 8.0, 18.0);
    p.drawPolygon(QPolygonF{top + QPointF(1, 9), top + QPointF(1 + 1.5 * size, 9 + 0.45 * size),
                            top + QPointF(1, 9 + 0.9 * size)});
    if (scene_.trouble.isEmpty()) return;
    const QFont font = style::font(13, QFont::DemiBold);
    const double width = QFontMetricsF(font).horizontalAdvance(scene_.trouble);
    const double at = std::clamp(top.x(), 8.0 + width / 2,
                                 std::max(canvas().width() - 8.0 - width / 2, 8.0 + width / 2));
    paintLabel(p, {at, std::max(top.y() - 14, 16.0)}, scene_.trouble, c.warning, font, c.panel,
               Qt::AlignHCenter);
}

void LineDrawing::paintWays(QPainter& p, const style::Colours& c, const WorldMap& m) const {
    const auto mapped = [&](const QPolygonF& line) {
        QPolygonF out;
        out.reserve(line.size());
        for (const QPointF& q : line)
            out << m.toPixel(q.x(), q.y());
        return out;
    };
    p.setBrush(Qt::NoBrush);
    for (std::size_t i = 0; i < scene_.ways.size(); ++i) {
        if (i == scene_.chosen) continue;
        p.setPen(QPen(c.former, 1.3, i % 2 == 0 ? Qt::DotLine : Qt::DashLine));
        p.drawPolyline(mapped(scene_.ways[i].flight));
        p.drawPolyline(mapped(scene_.ways[i].run));
    }
    if (scene_.chosen >= scene_.ways.size()) return;
    const LineScene::Way& way = scene_.ways[scene_.chosen];
    // Where 80 of 100 land, and where they come to rest.
    const auto band = [&](const Interval80& i, double below, const QColor& colour, double thick) {
        const QPointF a = m.toPixel(i.low, terrain_->height(i.low, 0.0)) + QPointF(0, below);
        const QPointF b = m.toPixel(i.high, terrain_->height(i.high, 0.0)) + QPointF(0, below);
        QPen pen(colour, thick);
        pen.setCapStyle(Qt::FlatCap);
        p.setPen(pen);
        p.drawLine(a, b.x() - a.x() < 3 ? a + QPointF(3, 0) : b);
    };
    QColor rest = c.predicted;
    rest.setAlpha(110);
    band(way.rest, 14, rest, 4);
    band(way.landing, 7, c.predicted, 5);
    p.setPen(QPen(c.predicted, 2.4));
    p.drawPolyline(mapped(way.flight));
    p.setPen(QPen(c.predicted, 1.8));
    p.drawPolyline(mapped(way.run));
    const auto labels = wayLabels(m);
    if (!labels) return;
    const QFont font = style::font(12, QFont::DemiBold);
    if (labels->lands)
        paintLabel(p, {labels->landAt, labels->baseline}, tr("lands"), c.predicted, font,
                   c.turfFill, Qt::AlignHCenter);
    paintLabel(p, {labels->restAt, labels->baseline}, tr("rests"), c.predicted, font, c.turfFill,
               Qt::AlignHCenter);
}

std::optional<LineDrawing::WayLabels> LineDrawing::wayLabels(const WorldMap& m) const {
    if (scene_.chosen >= scene_.ways.size()) return std::nullopt;
    const LineScene::Way& way = scene_.ways[scene_.chosen];
    const auto middle = [&](const Interval80& i) {
        const double x = 0.5 * (i.low + i.high);
        return m.toPixel(x, terrain_->height(x, 0.0));
    };
    const QFontMetricsF metrics(style::font(12, QFont::DemiBold));
    WayLabels out;
    out.lands = way.flight.size() > 2 && way.flight.back().x() > 1.5;
    out.landAt = middle(way.landing).x();
    out.restAt = middle(way.rest).x();
    out.baseline = middle(way.rest).y() + 30;
    const double apart =
        (metrics.horizontalAdvance(tr("lands")) + metrics.horizontalAdvance(tr("rests"))) / 2 + 8;
    const double by = out.restAt - out.landAt;
    if (out.lands && std::abs(by) < apart) {
        const double more = (apart - std::abs(by)) / 2 * (by < 0 ? -1 : 1);
        out.landAt -= more;
        out.restAt += more;
    }
    return out;
}

}  // namespace wedgeon
