// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Painting header and rows.
#include "views/watch/shot_tracks.h"

#include <QDateTime>
#include <QLocale>
#include <QMouseEvent>
#include <QPainter>
#include <QStyle>
#include <cmath>

#include "desk/shown_shots.h"
#include "drawings/flight_drawing.h"
#include "style/style.h"
#include "text/keys.h"
#include "text/quantities.h"
#include "text/quantity_help.h"

namespace wedgeon {
namespace {

constexpr double labelWidth_px = 150.0;
constexpr double wordWidth_px = 96.0;
constexpr double gap_px = 24.0;

QString wordOf(const store::ShotRecord& r, store::Label l) {
    return text::fromUtf8(r[l]);
}

/// "2026-10-06 10:05:00" as "6 Oct 10:05"; other texts as they are.
QString shortTime(const QString& time) {
    const QDateTime t = QDateTime::fromString(time, QStringLiteral("yyyy-MM-dd HH:mm:ss"));
    return t.isValid() ? QLocale().toString(t, QStringLiteral("d MMM HH:mm")) : time;
}

int sourceRow(const QModelIndex& index) {
    return static_cast<const ShownShots*>(index.model())->sourceRow(index.row());
}

}  // namespace

TrackLayout::TrackLayout(double width) {
    const double free = width - labelWidth_px - wordWidth_px - 18.0;
    trackWidth = std::max(40.0, free / static_cast<double>(trackCount) - gap_px);
    for (std::size_t i = 0; i < trackCount; ++i) {
        left[i] = 16.0 + labelWidth_px + static_cast<double>(i) * (trackWidth + gap_px);
    }
    wordAt = width - wordWidth_px;
}

double TrackLayout::xOf(std::size_t track, double value, const WatchedShots::Range& range,
                        int& outside) const {
    const double share = (value - range.low) / std::max(range.high - range.low, 1e-12);
    outside = share < 0 ? -1 : share > 1 ? 1 : 0;
    return left[track] + std::clamp(share, 0.0, 1.0) * trackWidth;
}

TracksHeader::TracksHeader(const WatchedShots& shots, Workbench& bench, QWidget* parent)
    : QWidget(parent), shots_(shots), bench_(bench) {
    setFixedHeight(42);
    setMouseTracking(true);
    connect(&shots_, &WatchedShots::shotsChanged, this, qOverload<>(&QWidget::update));
    connect(&bench_, &Workbench::unitsChanged, this, qOverload<>(&QWidget::update));
}

void TracksHeader::paintEvent(QPaintEvent*) {
    const style::Colours& c = style::colours(palette());
    QPainter p(this);
    // The rows leave room for the scroll bar.
    const TrackLayout at(width() - style()->pixelMetric(QStyle::PM_ScrollBarExtent));
    const QFont name = style::font(14, QFont::Medium);
    const QFont small = style::font(12);
    for (std::size_t i = 0; i < trackCount; ++i) {
        const auto track = static_cast<Track>(i);
        const text::QuantityForm form = text::formOf(quantityOf(track), bench_.units());
        const bool spin = track == Track::Spin;
        const double shown = spin ? 1e-3 : 1.0;  // thousands of rpm are easier to scan
        p.setFont(name);
        p.setPen(c.ink);
        p.drawText(QPointF(at.left[i], 17), form.shortName);
        const double unitAt = QFontMetricsF(name).horizontalAdvance(form.shortName) + 4;
        p.setFont(small);
        p.setPen(c.soft);
        // Where the next one begins at once, the name alone; its tip has the unit.
        const QString unit = spin ? tr("k rpm") : form.unit;
        const double next = i + 1 < trackCount ? at.left[i + 1] : at.wordAt;
        if (at.left[i] + unitAt + QFontMetricsF(small).horizontalAdvance(unit) + 4 < next)
            p.drawText(QPointF(at.left[i] + unitAt, 17), unit);
        const auto range = shots_.range(track);
        const int decimals = spin ? 1 : 0;
        p.drawText(QPointF(at.left[i], 34),
                   text::number(range.low * form.factor * shown, decimals));
        const QString high = text::number(range.high * form.factor * shown, decimals);
        p.drawText(
            QPointF(at.left[i] + at.trackWidth - QFontMetricsF(small).horizontalAdvance(high), 34),
            high);
    }
}

void TracksHeader::mouseMoveEvent(QMouseEvent* event) {
    // The one below the pointer explains itself.
    const TrackLayout at(width() - style()->pixelMetric(QStyle::PM_ScrollBarExtent));
    std::size_t i = trackCount;
    while (i > 0 && event->position().x() < at.left[i - 1])
        --i;
    if (i == 0) return setToolTip({});
    const text::QuantityHelp help =
        text::helpOf(quantityOf(static_cast<Track>(i - 1)), bench_.units());
    text::explains(*this, help.key);
    setToolTip(text::shortHelp(help));
}

TracksDelegate::TracksDelegate(const WatchedShots& shots, QObject* parent)
    : QStyledItemDelegate(parent), shots_(shots) {}

void TracksDelegate::paint(QPainter* p, const QStyleOptionViewItem& option,
                           const QModelIndex& index) const {
    const style::Colours& c = style::colours(option.palette);
    const int row = sourceRow(index);
    const store::ShotRecord& record = shots_.recordAt(row);
    const WatchedShot& shot = shots_.watchedAt(row);
    const WatchedShot* former = shots_.formerAt(row);

    p->save();
    p->setRenderHint(QPainter::Antialiasing);
    p->translate(option.rect.topLeft());
    const double w = option.rect.width();
    const double middle = rowHeight / 2.0;
    if (option.state & QStyle::State_Selected) p->fillRect(QRectF(0, 0, w, rowHeight), c.chosen);
    p->setPen(QPen(c.edge, 1));
    p->drawLine(QPointF(16, rowHeight - 0.5), QPointF(w, rowHeight - 0.5));
    if (option.state & QStyle::State_HasFocus) {
        p->setPen(QPen(c.predicted, 1, Qt::DotLine));
        p->drawRect(QRectF(1.5, 1.5, w - 3, rowHeight - 4));
    }

    p->setPen(c.ink);
    p->setFont(style::font(14, QFont::Bold));
    p->drawText(QPointF(16, 18), QString::number(shots_.numberAt(row)));
    const auto elided = [&](const QFont& f, const QString& s, double room) {
        return QFontMetricsF(f).elidedText(s, Qt::ElideRight, room);
    };
    const QFont normal = style::font(13);
    p->setFont(normal);
    p->drawText(QPointF(54, 18),
                elided(normal, wordOf(record, store::Label::Swing), labelWidth_px - 46));
    const QFont small = style::font(12);
    p->setFont(small);
    p->setPen(c.soft);
    const QString wedge = wordOf(record, store::Label::Wedge);
    p->drawText(QPointF(16, 35),
                elided(small,
                       shortTime(wordOf(record, store::Label::Time)) +
                           (wedge.isEmpty() ? QString() : QStringLiteral(" · ") + wedge),
                       labelWidth_px - 6));

    const TrackLayout at(w);
    for (std::size_t i = 0; i < trackCount; ++i) {
        const auto range = shots_.range(static_cast<Track>(i));
        int outside = 0;
        p->setPen(QPen(c.edge, 1.5));
        p->drawLine(QPointF(at.left[i], middle), QPointF(at.left[i] + at.trackWidth, middle));
        if (former && former->expected[i]) {
            const double x = at.xOf(i, former->expected[i]->value, range, outside);
            p->setPen(QPen(c.former, 1.4, Qt::DashLine));
            p->drawLine(QPointF(x, middle - 9), QPointF(x, middle + 9));
        }
        if (shot.expected[i]) {
            const TrackValue& e = *shot.expected[i];
            const double from = at.xOf(i, e.value - e.below, range, outside);
            const double to = at.xOf(i, e.value + e.above, range, outside);
            p->setPen(Qt::NoPen);
            p->setBrush(c.band);
            p->drawRoundedRect(QRectF(from, middle - 5, std::max(to - from, 1.0), 10), 5, 5);
            const double x = at.xOf(i, e.value, range, outside);
            p->setPen(QPen(c.predicted, 2));
            p->drawLine(QPointF(x, middle - 7), QPointF(x, middle + 7));
        }
        if (shot.read[i]) {
            const double x = at.xOf(i, *shot.read[i], range, outside);
            paintDiamond(*p, {x, middle}, 5.5, c.measured);
            if (outside != 0) {
                // Beyond the range of the tracks: a stroke that points on.
                p->setPen(QPen(c.measured, 2));
                p->drawLine(QPointF(x + outside * 7, middle), QPointF(x + outside * 12, middle));
            }
        }
    }

    if (!shots_.loggedAt(row).setAside.empty()) {
        // Set aside: struck through, and the reason in the place of the word.
        p->setPen(QPen(c.soft, 1.4));
        p->drawLine(QPointF(16, middle), QPointF(at.wordAt - 8, middle));
        p->setFont(small);
        p->drawText(QPointF(at.wordAt, middle + 5),
                    elided(small, text::asideReason(shots_.loggedAt(row).setAside.str()),
                           wordWidth_px - 4));
        p->restore();
        return;
    }
    const auto doubts = shots_.doubtsAt(row);
    if (!doubts.empty() && !store::isDoubtful(doubts)) {
        p->setFont(normal);
        p->setPen(c.soft);
        p->drawText(QPointF(at.wordAt, middle + 5),
                    elided(normal, text::doubt(doubts.front().doubt), wordWidth_px - 4));
        p->restore();
        return;
    }
    if (!doubts.empty()) {
        // A triangle and a word; the reason stands in the panel.
        const QPointF mark(at.wordAt + 6, middle);
        p->setPen(QPen(c.warning, 1.8));
        p->setBrush(Qt::NoBrush);
        p->drawPolygon(
            QPolygonF{mark + QPointF(0, -6), mark + QPointF(6, 5), mark + QPointF(-6, 5)});
        p->setFont(normal);
        p->setPen(c.warning);
        p->drawText(QPointF(at.wordAt + 17, middle + 5),
                    elided(normal, text::doubt(doubts.front().doubt), wordWidth_px - 20));
        p->restore();
        return;
    }
    p->setFont(normal);
    p->setPen(c.ink);
    QString word;
    if (shot.measured.release_m) {
        word = text::runWord(findBehaviourFromRelease(shot.measured.carry_m.value_or(0.0),
                                                      *shot.measured.release_m));
    } else if (shot.prediction) {
        // Not measured: what the model says, and marked as that.
        p->setPen(c.soft);
        word = tr("%1 ?").arg(text::runWord(shot.prediction->shot.behaviour.behaviour));
    }
    p->drawText(QPointF(at.wordAt, middle + 5), elided(normal, word, wordWidth_px - 4));
    p->restore();
}

}  // namespace wedgeon
