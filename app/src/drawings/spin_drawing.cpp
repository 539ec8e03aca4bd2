// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting the curve.
#include "drawings/spin_drawing.h"

#include <QPainter>
#include <cmath>

#include "drawings/flight_drawing.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

constexpr double from_deg = 15.0;
constexpr double to_deg = 75.0;

QString lofts(const SpinWindow& w) {
    return SpinDrawing::tr("launch %1–%2°")
        .arg(text::number(degFromRad(w.from.launch_rad), 0),
             text::number(degFromRad(w.to.launch_rad), 0));
}

}  // namespace

SpinDrawing::SpinDrawing(Workbench& bench, QWidget* parent)
    : Drawing(tr("Spin against spin loft"), parent), bench_(bench) {
    setMouseTracking(false);
    connect(&bench_, &Workbench::changed, this, &SpinDrawing::refresh);
    refresh();
}

void SpinDrawing::refresh() {
    if (const auto& p = bench_.prediction()) {
        say(tr("Spin %1 at spin loft %2. The peak today is %3 at spin loft %4; window: %5. %6")
                .arg(text::rpm(p->shot.strike.launch.spinRate_radps()),
                     text::degrees(p->shot.strike.spinLoft_rad),
                     text::rpm(p->window.peak.spin_radps),
                     text::degrees(p->window.peak.spinLoft_rad), lofts(p->window),
                     p->shot.strike.limitedByFriction() ? tr("Friction limits the spin.")
                                                        : tr("Loft limits the spin.")) +
            (ownWindow_ ? QLatin1Char(' ') + ownWindowWords(p->window) : QString()) +
            (own_.isEmpty() ? QString()
                            : tr(" %1 of this player beside it, brought to this speed.")
                                  .arg(text::shots(own_.size()))));
    }
    update();
}

QRectF SpinDrawing::plot() const {
    return {44.0, 34.0, canvas().width() - 58.0, canvas().height() - 122.0};
}

double SpinDrawing::highest_rpm() const {
    double high = 1000;
    for (const QPointF& q : own_)
        high = std::max(high, rpmFromRadps(spinOf(q)));
    for (const auto* p : {&bench_.prediction(), &bench_.ghost()}) {
        if (*p) high = std::max(high, rpmFromRadps((*p)->window.peak.spin_radps));
    }
    return high * 1.08;
}

QPointF SpinDrawing::toPixel(double spinLoft_rad, double spin_radps) const {
    const QRectF r = plot();
    const double x = (degFromRad(spinLoft_rad) - from_deg) / (to_deg - from_deg);
    return {r.left() + x * r.width(),
            r.bottom() - rpmFromRadps(spin_radps) / highest_rpm() * r.height()};
}

QPointF SpinDrawing::toPixel(const SpinPoint& s) const {
    return toPixel(s.spinLoft_rad, s.spin_radps);
}

double SpinDrawing::spinOf(const QPointF& own) const {
    const auto& p = bench_.prediction();
    return p ? own.y() * p->shot.swing.delivery.clubSpeed_mps : 0.0;
}

void SpinDrawing::setOwnWindow(const std::optional<LaunchWindow>& window) {
    ownWindow_ = window;
    refresh();
}

QString SpinDrawing::ownWindowWords(const SpinWindow& w) const {
    if (!ownWindow_) return tr("Peak %1.").arg(text::rpm(w.peak.spin_radps));
    const QString pair = tr("%1–%2°").arg(text::number(degFromRad(ownWindow_->from_rad), 0),
                                          text::number(degFromRad(ownWindow_->to_rad), 0));
    const auto spin = spinAtLaunch(w, 0.5 * (ownWindow_->from_rad + ownWindow_->to_rad));
    return spin
               ? tr("Your %1 costs %2 of the peak.").arg(pair, text::rpm(w.peak.spin_radps - *spin))
               : tr("Your %1 is off today's curve.").arg(pair);
}

void SpinDrawing::setOwnShots(QVector<QPointF> shots) {
    own_ = std::move(shots);
    refresh();
}

void SpinDrawing::paintAxes(QPainter& p, const style::Colours& c) const {
    const QRectF r = plot();
    const QFont f = style::font(12);
    const double step = highest_rpm() > 6000 ? 2000 : highest_rpm() > 3000 ? 1000 : 500;
    for (double rpm = step; rpm < highest_rpm(); rpm += step) {
        const double y = r.bottom() - rpm / highest_rpm() * r.height();
        p.setPen(QPen(c.edge, 1));
        p.drawLine(QPointF(r.left(), y), QPointF(r.right(), y));
        paintText(p, {r.left() - 6, y + 4},
                  tr("%1k").arg(text::number(rpm / 1000, step < 1000 ? 1 : 0)), c.soft, f,
                  Qt::AlignRight);
    }
    for (int deg = 20; deg <= 70; deg += 10) {
        const double x = r.left() + (deg - from_deg) / (to_deg - from_deg) * r.width();
        paintText(p, {x, r.bottom() + 18}, tr("%1°").arg(deg), c.soft, f, Qt::AlignHCenter);
    }
}

void SpinDrawing::paintCurve(QPainter& p, const SpinWindow& window, const QPen& pen) const {
    QPolygonF line;
    for (const SpinPoint& s : window.curve) {
        const double deg = degFromRad(s.spinLoft_rad);
        if (deg >= from_deg && deg <= to_deg) line << toPixel(s);
    }
    p.setBrush(Qt::NoBrush);
    p.setPen(pen);
    p.drawPolyline(line);
}

void SpinDrawing::paintOwnWindow(QPainter& p, const style::Colours& c, const SpinWindow& w) const {
    if (!ownWindow_) return;
    const QRectF r = plot();
    double from = r.right();
    double to = r.left();
    for (const SpinPoint& s : w.curve) {
        if (s.launch_rad < ownWindow_->from_rad || s.launch_rad > ownWindow_->to_rad) continue;
        from = std::min(from, toPixel(s).x());
        to = std::max(to, toPixel(s).x());
    }
    if (to < from) return;
    // A bracket on the axis: it is a habit, not today's window.
    p.setPen(QPen(c.soft, 2));
    p.drawLine(QPointF(from, r.bottom()), QPointF(to, r.bottom()));
    p.drawLine(QPointF(from, r.bottom() - 5), QPointF(from, r.bottom()));
    p.drawLine(QPointF(to, r.bottom() - 5), QPointF(to, r.bottom()));
    paintLabel(p, {0.5 * (from + to), r.bottom() - 8}, tr("yours"), c.soft, style::font(11),
               c.panel, Qt::AlignHCenter);
}

void SpinDrawing::paintShots(QPainter& p, const style::Colours& c) const {
    for (const QPointF& q : own_) {
        const QPointF at = toPixel(q.x(), spinOf(q));
        if (plot().contains(at)) paintDiamond(p, at, 3.6, c.measured);
    }
}

void SpinDrawing::paintHere(QPainter& p, const style::Colours& c) const {
    // This shot, with the spread of its spin as a bar.
    const StrikeResult& s = bench_.prediction()->shot.strike;
    const double spin = s.launch.spinRate_radps();
    const double half = bench_.prediction()->spread.spinRate_radps;
    p.setPen(QPen(c.band, 8, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(toPixel(s.spinLoft_rad, spin - half), toPixel(s.spinLoft_rad, spin + half));
    p.setPen(QPen(c.predicted, 2.6));
    p.setBrush(c.panel);
    p.drawEllipse(toPixel(s.spinLoft_rad, spin), 6, 6);
}

void SpinDrawing::paintWords(QPainter& p, const style::Colours& c) const {
    const SpinWindow& w = bench_.prediction()->window;
    const auto line = [&](double fromBottom, const QString& words, const QColor& colour,
                          const QFont& font) {
        paintFitted(p, {12.0, canvas().height() - fromBottom}, canvas().width() - 22.0, words,
                    colour, font);
    };
    line(46,
         tr("Window today: %1, spin loft %2–%3°.")
             .arg(lofts(w), text::number(degFromRad(w.from.spinLoft_rad), 0),
                  text::number(degFromRad(w.to.spinLoft_rad), 0)),
         c.ink, style::font(13));
    line(28, ownWindowWords(w), c.soft, style::font(13));
    QString here = tr("This shot launches %1.")
                       .arg(text::degrees(bench_.prediction()->shot.strike.launch.angle_rad()));
    if (!own_.isEmpty()) here += tr(" %1 measured, at this speed.").arg(own_.size());
    line(10, here, c.predicted, style::font(13, QFont::DemiBold));
}

void SpinDrawing::paint(QPainter& p, const style::Colours& c) {
    const auto& prediction = bench_.prediction();
    if (!prediction) return;
    const QRectF r = plot();
    const SpinWindow& w = prediction->window;
    const double left = toPixel(w.from).x();
    const double right = toPixel(w.to).x();
    p.fillRect(QRectF(left, r.top(), right - left, r.height()), c.chosen);
    paintAxes(p, c);
    paintOwnWindow(p, c, w);
    paintShots(p, c);
    if (bench_.ghost()) paintCurve(p, bench_.ghost()->window, QPen(c.former, 1, Qt::DashLine));
    paintCurve(p, w, QPen(c.predicted, 2.4));

    const double peak = toPixel(w.peak).x();
    const QFont f = style::font(13);
    p.setPen(QPen(c.former, 1, Qt::DotLine));
    p.drawLine(QPointF(peak, r.top()), QPointF(peak, r.bottom()));
    paintText(p, {std::min(peak, left) - 8, r.top() - 8}, tr("loft limits"), c.soft, f,
              Qt::AlignRight);
    paintText(p, {r.right(), r.top() - 8}, tr("friction limits"), c.soft, f, Qt::AlignRight);
    paintHere(p, c);
    paintWords(p, c);
}

}  // namespace wedgeon
