// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting and dragging shaft, ball and weight.
#include "drawings/face_on_drawing.h"

#include <QPainter>
#include <QPainterPath>
#include <cmath>

#include "wedgeon/error.h"
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
constexpr double lens_px = 40.0;       // radius of the lens
constexpr double lensScale = 1900.0;   // its pixels per metre
constexpr double soleChord_m = 0.012;  // leading edge to the sole's lowest point, as in the model

/// Lean of the shaft as it is set up, the ball's position in it. What this player delivers of it
/// is in the prediction.
double leanOf(const Recipe& recipe) {
    return recipe.lean_rad + std::atan(-recipe.ballForward_m / hands_m);
}

}  // namespace

FaceOnDrawing::FaceOnDrawing(Workbench& bench, QWidget* parent)
    : Drawing(tr("Set-up seen face-on"), parent), bench_(bench) {
    connect(&bench_, &Workbench::changed, this, &FaceOnDrawing::refresh);
    refresh();
}

void FaceOnDrawing::refresh() {
    loft_.reset();
    if (const auto& p = bench_.prediction()) {
        const BenchState& s = bench_.state();
        const Recipe& r = s.recipe();
        try {
            loft_ = findPlayedLoft(s.met().wedge, s.predictor().delivered(r),
                                   p->shot.contact.faceTurn_rad);
        } catch (const RangeError&) {
            // An end of the range: its words are left out.
        }
        const auto percent = [](double share) { return text::number(100 * share, 0); };
        say(tr("Shaft leans %1 with the hands %2. Ball %3 balls %4. Weight %5 per cent on the lead "
               "foot. Low point %6 cm ahead of the ball. Attack %7, dynamic loft %8%10. %9.")
                .arg(text::degrees(std::abs(leanOf(bench_.state().recipe()))),
                     leanOf(bench_.state().recipe()) >= 0 ? tr("ahead") : tr("behind"),
                     text::number(std::abs(r.ballForward_m) / constants::ballWidth_m, 1),
                     r.ballForward_m >= 0 ? tr("forward") : tr("back"),
                     text::number(r.weightLead_pct, 0),
                     text::number(-100 * p->shot.swing.radius_m *
                                      std::sin(p->shot.swing.delivery.attack_rad),
                                  1),
                     text::attackDegrees(p->shot.swing.delivery.attack_rad),
                     text::degrees(p->shot.swing.delivery.dynamicLoft_rad),
                     tr("Leading edge %1 mm above the sole's lowest point, room %2 mm; fat %3, "
                        "clean %4, thin %5 per cent")
                         .arg(text::number(1000 * p->shot.margin.leadingEdge_m, 1),
                              text::number(1000 * p->shot.margin.room_m(), 0),
                              percent(p->chances.fat), percent(p->chances.clean),
                              percent(p->chances.thin)))
                .arg(loft_ ? tr(", plays as %1").arg(text::degrees(loft_->playsAs_rad, 0))
                           : QString()));
    }
    update();
}

bool FaceOnDrawing::leftHanded() const {
    return bench_.state().player.hand == Hand::Left;
}

double FaceOnDrawing::mirrored(double x) const {
    return leftHanded() ? canvas().width() - x : x;
}

Qt::Alignment FaceOnDrawing::trailSide() const {
    return leftHanded() ? Qt::AlignRight : Qt::AlignLeft;
}

WorldMap FaceOnDrawing::map() const {
    const double up = (canvas().height() - below_px - 16.0) / (hands_m + 0.06);
    const double across = canvas().width() / 0.78;
    // Room for the lens at the trail side.
    return {QPointF(mirrored(canvas().width() * 0.57), canvas().height() - below_px),
            std::max(20.0, std::min(up, across)), leftHanded()};
}

QPointF FaceOnDrawing::handsAt(const BenchState& state) const {
    const double b = state.recipe().ballForward_m;
    return map().toPixel(b + hands_m * std::tan(leanOf(state.recipe())), hands_m);
}

QVector<Drawing::Handle> FaceOnDrawing::handles() const {
    const auto& p = bench_.prediction();
    if (!p) return {};
    const BenchState& s = bench_.state();
    const WorldMap m = map();
    const double weight = (s.recipe().weightLead_pct - 50.0) / 50.0 * halfStance_m;
    return {{handsHandle, handsAt(s), tr("Drag the hands to lean the shaft")},
            {ballHandle, m.toPixel(s.recipe().ballForward_m, 0) + QPointF(0, 18),
             tr("Drag the ball forward or back")},
            {weightHandle, m.toPixel(weight, 0) + QPointF(0, weightTrack_px),
             tr("Drag the weight between the feet")}};
}

void FaceOnDrawing::setLean(double lean_rad) {
    BenchState next = bench_.state();
    next.recipe().lean_rad = std::clamp(lean_rad, radFromDeg(-20), radFromDeg(25));
    bench_.edit(next, tr("lean the shaft"), gesture_);
}

void FaceOnDrawing::setBall(double forward_m) {
    BenchState next = bench_.state();
    next.recipe().ballForward_m =
        std::clamp(forward_m, -3 * constants::ballWidth_m, 2 * constants::ballWidth_m);
    bench_.edit(next, tr("move the ball"), gesture_);
}

void FaceOnDrawing::setWeight(double lead_pct) {
    BenchState next = bench_.state();
    next.recipe().weightLead_pct = std::clamp(lead_pct, 30.0, 90.0);
    bench_.edit(next, tr("shift the weight"), gesture_);
}

void FaceOnDrawing::dragTo(int id, QPointF pixel) {
    const BenchState& s = bench_.state();
    const double x = map().xAt(pixel);
    if (id == handsHandle) {
        const double lean = std::atan((x - s.recipe().ballForward_m) / hands_m);
        setLean(lean - std::atan(-s.recipe().ballForward_m / hands_m));
    } else if (id == ballHandle) {
        setBall(x);
    } else {
        setWeight(50.0 + 50.0 * x / halfStance_m);
    }
}

void FaceOnDrawing::nudge(int id, int direction, bool fine) {
    const Recipe& r = bench_.state().recipe();
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
    p.fillRect(QRectF(0, y, canvas().width(), 7), c.turfFill);
    p.setPen(QPen(c.turf, 2));
    p.drawLine(QPointF(0, y), QPointF(canvas().width(), y));

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
    // Where the lens leaves no room, one name says which foot the other is.
    const QString trailFoot = tr("trail foot");
    const double trailFrom = trail.x() + (leadRight ? -16 : 16);
    if (QFontMetricsF(f).horizontalAdvance(trailFoot) <= roomBesideLens(trailFrom)) {
        paintText(p, {trailFrom, track + 4}, trailFoot, c.soft, f,
                  leadRight ? Qt::AlignRight : Qt::AlignLeft);
    }
}

void FaceOnDrawing::paintClub(QPainter& p, const BenchState& state, const QPen& pen) const {
    p.setPen(pen);
    p.drawLine(map().toPixel(state.recipe().ballForward_m, 0.015), handsAt(state));
}

void FaceOnDrawing::paintArc(QPainter& p, const style::Colours& c) const {
    const ShotResult& s = bench_.prediction()->shot;
    const WorldMap m = map();
    const double L = s.swing.lowPoint_m;
    const double b = bench_.state().recipe().ballForward_m;
    const double R = s.swing.radius_m;
    // The way of the club head near the ball; at the ball it is at ground height.
    const double depth = R - std::sqrt(std::max(R * R - (L - b) * (L - b), 0.0));
    QPolygonF arc;
    for (double x = -0.34; x <= 0.341; x += 0.01)
        arc << m.toPixel(x, R - std::sqrt(std::max(R * R - (x - L) * (x - L), 0.0)) - depth);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(c.predicted, 1.4, Qt::DashLine));
    p.drawPolyline(arc);
    p.setPen(QPen(c.former, 1, Qt::DotLine));
    p.drawLine(m.toPixel(b, 0), m.toPixel(b, hands_m + 0.02));
    const QPointF low = m.toPixel(L, 0);
    p.setPen(QPen(c.ink, 2));
    p.drawLine(low + QPointF(0, -6), low + QPointF(0, 8));
}

void FaceOnDrawing::paintClubs(QPainter& p, const style::Colours& c) const {
    const WorldMap m = map();
    if (bench_.ghost()) {
        const BenchState& former = bench_.ghostState();
        paintClub(p, former, QPen(c.former, 1, Qt::DashLine));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(m.toPixel(former.recipe().ballForward_m, 0) + QPointF(0, -9), 9, 9);
    }
    const BenchState& state = bench_.state();
    paintClub(p, state, QPen(c.ink, 4, Qt::SolidLine, Qt::RoundCap));
    // The ball, larger than life so that it can be seen.
    p.setPen(QPen(c.ink, 1.6));
    p.setBrush(c.panel);
    p.drawEllipse(m.toPixel(state.recipe().ballForward_m, 0) + QPointF(0, -9), 9, 9);
}

double FaceOnDrawing::roomBesideLens(double x) const {
    return (leftHanded() ? -1.0 : 1.0) * (x - mirrored(12 + 2 * lens_px)) - 4;
}

void FaceOnDrawing::paintLens(QPainter& p, const style::Colours& c) const {
    const BenchState& state = bench_.state();
    const ShotResult& s = bench_.prediction()->shot;
    const StrikeMargin& margin = s.margin;
    const double loft = s.swing.delivery.dynamicLoft_rad;
    const double sit = state.met().lie.sit_m;
    const bool left = leftHanded();
    const QPointF centre(mirrored(12 + lens_px), canvas().height() - 12 - lens_px);

    // Metres from where the turf is under the leading edge; the face touches the ball.
    const QPointF touch(0.0, margin.ballContact_m);
    const QPointF ball = touch + constants::ballRadius_m * QPointF(std::cos(loft), std::sin(loft));
    const double edgeUp = margin.leadingEdge_m - margin.aim_m;
    const double along = (touch.y() - edgeUp) / std::max(std::cos(loft), 0.1);
    const QPointF edge = touch + along * QPointF(std::sin(loft), -std::cos(loft));
    const double bounce = margin.effectiveBounce_rad;
    const QPointF low = edge - soleChord_m * QPointF(std::cos(bounce), std::sin(bounce));
    const QPointF back = low + QPointF(-0.010, 0.004);
    const QPointF top = edge + 0.05 * QPointF(-std::sin(loft), std::cos(loft));
    const WorldMap m(centre + QPointF((left ? 6.0 : -6.0), 0.25 * lens_px) -
                         lensScale * QPointF((left ? -1.0 : 1.0) * edge.x(), 0.0),
                     lensScale, left);
    const auto at = [&](QPointF q) { return m.toPixel(q.x(), q.y()); };

    // Painted on a square and laid into the circle as its filling: a round clip would cost as much
    // as the whole rest of the drawing.
    const double ratio = devicePixelRatioF();
    const int side = static_cast<int>(std::ceil(2 * lens_px * ratio));
    QPixmap square(side, side);
    square.setDevicePixelRatio(ratio);
    square.fill(c.surface);
    const QPointF corner = centre - QPointF(lens_px, lens_px);
    QPainter lens(&square);
    lens.setRenderHint(QPainter::Antialiasing);
    lens.translate(-corner);
    const double turf = m.toPixel(0, 0).y();
    lens.fillRect(QRectF(centre.x() - lens_px, turf, 2 * lens_px, 2 * lens_px), c.turfFill);
    if (sit > 0.0005) {  // the cushion that holds the ball up
        lens.setPen(QPen(c.turf, 1.2));
        for (double x = -0.03; x <= 0.05; x += 0.0022)
            lens.drawLine(m.toPixel(x, 0), m.toPixel(x + 0.0006, sit));
    }
    lens.setPen(QPen(c.turf, 2));
    lens.drawLine(QPointF(centre.x() - lens_px, turf), QPointF(centre.x() + lens_px, turf));
    lens.setPen(QPen(c.ink, 1.4));
    lens.setBrush(c.panel);
    lens.drawEllipse(at(ball), lensScale * constants::ballRadius_m,
                     lensScale * constants::ballRadius_m);
    lens.setBrush(c.edge);
    lens.drawPolygon(
        QPolygonF{at(edge), at(low), at(back), at(back + QPointF(-0.004, 0.05)), at(top)});
    lens.setPen(QPen(c.predicted, 2.4));
    lens.drawLine(at(edge), at(top));
    lens.setPen(Qt::NoPen);
    lens.setBrush(c.predicted);
    lens.drawEllipse(at(edge), 2.6, 2.6);
    lens.end();
    QBrush filling(square);
    filling.setTransform(QTransform::fromTranslate(corner.x(), corner.y()));
    p.setBrush(filling);
    p.setPen(QPen(c.former, 1.2));
    p.drawEllipse(centre, lens_px, lens_px);
    const QFont f = style::font(12);
    paintText(p, {mirrored(12), centre.y() - lens_px - 22},
              tr("edge %1 mm up").arg(text::number(1000 * margin.leadingEdge_m, 1)), c.ink, f,
              trailSide());
    paintText(p, {mirrored(12), centre.y() - lens_px - 6},
              tr("room %1 mm").arg(text::number(1000 * margin.room_m(), 0)), c.ink, f, trailSide());
}

void FaceOnDrawing::paintChances(QPainter& p, const style::Colours& c) const {
    const StrikeChances& chance = bench_.prediction()->chances;
    const double outer = mirrored(canvas().width() - 14.0);
    const double bar = 62.0;
    const double from = leftHanded() ? outer : outer - bar;
    double y = 71.0;
    const auto row = [&](const QString& name, double share, bool wanted) {
        const bool bad = wanted ? share < 0.8 : share > 0.15;
        paintText(p, {outer, y}, tr("%1 %2 %").arg(name, text::number(100 * share, 0)),
                  bad ? c.warning : c.ink,
                  style::font(13, wanted || bad ? QFont::DemiBold : QFont::Normal),
                  leftHanded() ? Qt::AlignLeft : Qt::AlignRight);
        p.setPen(Qt::NoPen);
        p.setBrush(c.edge);
        p.drawRoundedRect(QRectF(from, y + 4, bar, 4), 2, 2);
        p.setBrush(bad ? c.warning : c.predicted);
        p.drawRoundedRect(QRectF(from, y + 4, std::max(1.0, bar * share), 4), 2, 2);
        y += 27;
    };
    row(tr("fat"), chance.fat, false);
    row(tr("clean"), chance.clean, true);
    row(tr("thin"), chance.thin, false);
}

void FaceOnDrawing::paintWords(QPainter& p, const style::Colours& c) const {
    const BenchState& state = bench_.state();
    const ShotResult& s = bench_.prediction()->shot;
    const QFont f = style::font(13);
    const QFont strong = style::font(14, QFont::DemiBold);
    paintText(p, {mirrored(12), 24},
              tr("attack %1").arg(text::attackDegrees(s.swing.delivery.attack_rad)), c.ink, f,
              trailSide());
    paintText(p, {mirrored(12), 43},
              tr("dynamic loft %1").arg(text::degrees(s.swing.delivery.dynamicLoft_rad)), c.ink, f,
              trailSide());
    paintText(p, {mirrored(12), 62}, tr("spin loft %1").arg(text::degrees(s.strike.spinLoft_rad)),
              c.ink, f, trailSide());

    const QPointF hands = handsAt(state);
    const double lean = leanOf(state.recipe());
    QString leaning =
        std::abs(lean) < radFromDeg(0.05)
            ? tr("shaft upright")
            : tr("%1 lean %2")
                  .arg(text::degrees(std::abs(lean)), lean > 0 ? tr("ahead") : tr("back"));
    // On the lead side, as far out as it fits; the numbers stand on the other.
    const double room = (leftHanded() ? hands.x() : canvas().width() - hands.x()) - 19;
    QFont fitting = strong;
    if (QFontMetricsF(strong).horizontalAdvance(leaning) > room) fitting.setPixelSize(12);
    if (QFontMetricsF(fitting).horizontalAdvance(leaning) > room) leaning = text::degrees(lean);
    const double wide = QFontMetricsF(fitting).horizontalAdvance(leaning);
    const double outer = leftHanded() ? std::max(hands.x() - 15, 4 + wide)
                                      : std::min(hands.x() + 15, canvas().width() - 4 - wide);
    paintText(p, {outer, hands.y() + 5}, leaning, c.predicted, fitting,
              leftHanded() ? Qt::AlignRight : Qt::AlignLeft);

    if (!loft_) return;
    const double by = loft_->byLean_rad;
    const QString plays = tr("plays as %1").arg(text::degrees(loft_->playsAs_rad, 0));
    const QString whole = std::abs(by) < radFromDeg(0.05)
                              ? plays
                              : (by < 0 ? tr("takes %1, %2") : tr("adds %1, %2"))
                                    .arg(text::degrees(std::abs(by)), plays);
    const QFont small = style::font(12);
    const bool fits = QFontMetricsF(small).horizontalAdvance(whole) <= room;
    const double left = leftHanded() ? outer : canvas().width() - outer;
    paintFitted(p, {outer, hands.y() + 21}, left - 3, fits ? whole : plays, c.ink, small,
                leftHanded() ? Qt::AlignRight : Qt::AlignLeft);
}

void FaceOnDrawing::paintGroundWords(QPainter& p, const style::Colours& c) const {
    const BenchState& state = bench_.state();
    const ShotResult& s = bench_.prediction()->shot;
    const WorldMap m = map();
    const double ground = m.toPixel(0, 0).y();
    const QFont f = style::font(13);
    const QFont strong = style::font(14, QFont::DemiBold);
    const double L = s.swing.lowPoint_m;
    const double b = state.recipe().ballForward_m;
    const double balls = b / constants::ballWidth_m;
    const bool middle = std::abs(balls) < 0.05;
    const QString off = text::number(std::abs(balls), 1);
    const QString way = balls > 0 ? tr("forward") : tr("back");
    QString where = middle ? tr("ball in middle") : tr("ball %1 %2").arg(off, way);
    const QPointF low = m.toPixel(L, 0);
    const bool lowRight = low.x() >= m.toPixel(b, 0).x();
    const QPointF ballLabel(m.toPixel(b, 0).x(), ground + 23);
    const double ballFrom = ballLabel.x() + (lowRight ? -14 : 14);
    if (lowRight != leftHanded() &&
        QFontMetricsF(strong).horizontalAdvance(where) > roomBesideLens(ballFrom))
        where = middle ? tr("middle") : tr("%1 %2").arg(off, way);
    paintLabel(p, {ballFrom, ballLabel.y()}, where, c.predicted, strong, c.panel,
               lowRight ? Qt::AlignRight : Qt::AlignLeft);
    const QString ahead = text::number(100 * (L - b), 1);
    const double lowFrom = low.x() + (lowRight ? 12 : -12);
    const double lowRoom = lowRight ? canvas().width() - 4 - lowFrom : lowFrom - 4;
    QString lowPoint = tr("low point %1 cm ahead").arg(ahead);
    if (QFontMetricsF(f).horizontalAdvance(lowPoint) > lowRoom)
        lowPoint = tr("low %1 cm ahead").arg(ahead);
    if (QFontMetricsF(f).horizontalAdvance(lowPoint) > lowRoom) lowPoint = tr("%1 cm").arg(ahead);
    paintText(p, {lowFrom, ground + 23}, lowPoint, c.ink, f,
              lowRight ? Qt::AlignLeft : Qt::AlignRight);
    paintText(p, handles()[2].at + QPointF(0, 22),
              tr("%1 % lead").arg(text::number(state.recipe().weightLead_pct, 0)), c.predicted,
              strong, Qt::AlignHCenter);
}

void FaceOnDrawing::paint(QPainter& p, const style::Colours& c) {
    if (!bench_.prediction()) return;
    paintStance(p, c);
    paintArc(p, c);
    paintLens(p, c);
    paintClubs(p, c);
    paintChances(p, c);
    paintWords(p, c);
    paintGroundWords(p, c);
}

}  // namespace wedgeon
