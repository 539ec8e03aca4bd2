// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Filling pages.
#include "paper/paper.h"

#include <QImage>
#include <QPageLayout>
#include <QPagedPaintDevice>
#include <QTextLayout>
#include <algorithm>
#include <utility>

#include "style/style.h"

namespace wedgeon {
namespace {

constexpr double mm_per_inch = 25.4;
constexpr double footHeight_mm = 9.0;
constexpr double gap_mm = 4.0;
/// Pixels of paper for one of the screen.
constexpr int sharpness = 3;
/// A picture is not pressed into less of the page's height than this share.
constexpr double leastShare = 0.35;
/// Units of the painter in a millimetre: text is laid out finer than the eye sees.
constexpr double units_per_mm = 20.0;
constexpr double mm_per_pixel = mm_per_inch / 96;
constexpr int nameHeight_px = 20;
/// Drawings that take less of the page's width than this stand side by side.
constexpr double narrow = 0.6;

/// As high as that many points on paper.
QFont fontOf(double points, QFont::Weight weight) {
    return style::printed(
        style::font(static_cast<int>(points / 72 * mm_per_inch * units_per_mm), weight));
}

}  // namespace

Paper::Paper(QPagedPaintDevice& device, QString foot)
    : device_(device), painter_(&device), foot_(std::move(foot)) {
    if (!isGood()) return;
    const QPageLayout layout = device.pageLayout();
    const QRectF all = layout.paintRect(QPageLayout::Millimeter);
    top_mm_ = all.top();
    page_mm_ = QRectF(0, 0, all.width(), all.height() - footHeight_mm);
    const double dots_per_mm = device.logicalDpiX() / mm_per_inch;
    painter_.scale(dots_per_mm / units_per_mm, dots_per_mm / units_per_mm);
    painter_.setRenderHint(QPainter::Antialiasing);
}

Paper::~Paper() {
    if (isGood()) foot();
}

void Paper::title(const QString& text) {
    mark(text, true);
    line(text, fontOf(15, QFont::DemiBold), gap_mm / 2);
}

void Paper::text(const QString& text) {
    const QFont f = fontOf(10, QFont::Normal);
    for (const QString& paragraph : text.split(QLatin1Char('\n')))
        line(paragraph, f, 0.6);
    down_mm_ += gap_mm;
}

void Paper::line(const QString& text, const QFont& font, double after_mm) {
    if (!isGood()) return;
    if (text.isEmpty()) {
        down_mm_ += gap_mm / 2;
        return;
    }
    QTextLayout layout(text, font, &device_);
    QTextOption option;
    option.setWrapMode(QTextOption::WrapAtWordBoundaryOrAnywhere);
    layout.setTextOption(option);
    layout.beginLayout();
    QVector<QTextLine> lines;
    for (QTextLine l = layout.createLine(); l.isValid(); l = layout.createLine()) {
        l.setLineWidth(page_mm_.width() * units_per_mm);
        lines.append(l);
    }
    layout.endLayout();
    painter_.setPen(style::colours(style::palette(style::Theme::Light)).ink);
    for (const QTextLine& l : std::as_const(lines)) {
        const double high_mm = l.height() / units_per_mm;
        if (high_mm > left_mm()) turnPage();
        l.draw(&painter_, QPointF(0, down_mm_ * units_per_mm - l.y()));
        down_mm_ += high_mm;
    }
    down_mm_ += after_mm;
}

void Paper::sketch(const Sketch& sketch, double left_mm, QSizeF room_px) {
    mark(sketch.name, false);
    style::Colours onWhite = style::colours(style::palette(style::Theme::Light));
    onWhite.panel = Qt::white;
    painter_.save();
    painter_.scale(units_per_mm, units_per_mm);
    painter_.translate(left_mm, down_mm_);
    painter_.scale(mm_per_pixel, mm_per_pixel);
    painter_.setFont(style::font(nameHeight_px - 6, QFont::DemiBold));
    painter_.setPen(onWhite.ink);
    painter_.drawText(QPointF(0, nameHeight_px - 6), sketch.name);
    painter_.translate(0, nameHeight_px);
    sketch.paint(painter_, room_px, onWhite);
    painter_.restore();
}

void Paper::sketches(const QVector<Sketch>& all) {
    if (!isGood()) return;
    const double whole_px = page_mm_.width() / mm_per_pixel;
    const double half_px = (whole_px - gap_mm / mm_per_pixel) / 2;
    const auto isNarrow = [&](const Sketch& s) { return s.size.width() < narrow * whole_px; };
    const auto roomOf = [](const Sketch& s, double width) {
        // A drawing fills what it is given; its shape stays near that on the screen.
        const double shrunk = std::clamp(width / s.size.width(), 0.75, 1.25);
        return QSizeF(width, s.size.height() * shrunk);
    };
    for (qsizetype i = 0; i < all.size(); ++i) {
        const bool pair = i + 1 < all.size() && isNarrow(all[i]) && isNarrow(all[i + 1]);
        const double width = pair ? half_px : whole_px;
        double high_px = roomOf(all[i], width).height();
        if (pair) high_px = std::max(high_px, roomOf(all[i + 1], width).height());
        const double most_px = page_mm_.height() / mm_per_pixel - nameHeight_px;
        high_px = std::min(high_px, most_px);
        const double high_mm = (high_px + nameHeight_px) * mm_per_pixel;
        if (high_mm > left_mm()) turnPage();
        sketch(all[i], 0, {width, high_px});
        if (pair) sketch(all[++i], half_px * mm_per_pixel + gap_mm, {width, high_px});
        down_mm_ += high_mm + gap_mm;
    }
}

void Paper::picture(const QSize& size, const std::function<void(QPainter&)>& paint) {
    if (!isGood() || size.isEmpty()) return;
    const double whole = page_mm_.width() / size.width() * size.height();
    if (left_mm() < std::min(whole, leastShare * page_mm_.height())) turnPage();
    const double high = std::min(whole, left_mm());
    // Widgets clip in the pixels of a screen: they are painted on some that are fine enough for
    // paper.
    QImage image(size * sharpness, QImage::Format_ARGB32_Premultiplied);
    image.setDevicePixelRatio(sharpness);
    image.fill(Qt::white);
    {
        QPainter p(&image);
        paint(p);
    }
    const double scale = high / size.height() * units_per_mm;
    const QSizeF room = QSizeF(size) * scale;
    painter_.setRenderHint(QPainter::SmoothPixmapTransform);
    painter_.drawImage(QRectF(QPointF((page_mm_.width() * units_per_mm - room.width()) / 2,
                                      down_mm_ * units_per_mm),
                              room),
                       image);
    down_mm_ += high + gap_mm;
}

void Paper::mark(const QString& text, bool isChapter) {
    if (!text.isEmpty()) marks_.append({text, page_ - 1, top_mm_ + down_mm_, isChapter});
}

void Paper::foot() {
    painter_.setFont(fontOf(8, QFont::Normal));
    painter_.setPen(style::colours(style::palette(style::Theme::Light)).soft);
    const QRectF at(0, page_mm_.bottom() * units_per_mm, page_mm_.width() * units_per_mm,
                    footHeight_mm * units_per_mm);
    painter_.drawText(at, Qt::AlignLeft | Qt::AlignBottom, foot_);
    painter_.drawText(at, Qt::AlignRight | Qt::AlignBottom, QString::number(page_));
}

void Paper::turnPage() {
    foot();
    device_.newPage();
    ++page_;
    down_mm_ = 0.0;
}

}  // namespace wedgeon
