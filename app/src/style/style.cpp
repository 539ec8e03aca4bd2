// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The look. Values: docs/architecture.md, "Look".
#include "style/style.h"

#include <QApplication>
#include <QFile>
#include <QFontDatabase>
#include <QPainter>
#include <QSvgRenderer>

namespace wedgeon::style {
namespace {

const Colours light{
    .surface = QColor(0xF5F2EB),
    .panel = QColor(0xFFFDF8),
    .edge = QColor(0xDED7C8),
    .ink = QColor(0x1E2A2F),
    .soft = QColor(0x5B676C),
    .predicted = QColor(0x17666F),
    .band = QColor(0x17, 0x66, 0x6F, 46),
    .measured = QColor(0xBF5312),
    .former = QColor(0x8B9498),
    .warning = QColor(0xA9261D),
    .turf = QColor(0x6F8445),
    .turfFill = QColor(0xDDE3C9),
    .sand = QColor(0xE2CB9A),
    .water = QColor(0xB9D3DC),
    .chosen = QColor(0xE9EEEA),
};

const Colours dark{
    .surface = QColor(0x14191C),
    .panel = QColor(0x1B2226),
    .edge = QColor(0x2E383C),
    .ink = QColor(0xE7E3DA),
    .soft = QColor(0x9FA9AC),
    .predicted = QColor(0x62C4CE),
    .band = QColor(0x62, 0xC4, 0xCE, 84),
    .measured = QColor(0xF0935A),
    .former = QColor(0x7C878B),
    .warning = QColor(0xF08A80),
    .turf = QColor(0x9DB56E),
    .turfFill = QColor(0x2A3424),
    .sand = QColor(0x5C4E31),
    .water = QColor(0x274552),
    .chosen = QColor(0x26343A),
};

// For sunlight and for eyes that need it: every text at 7:1 at least, lines that are seen.
const Colours lightContrast{
    .surface = QColor(0xFFFFFF),
    .panel = QColor(0xFFFFFF),
    .edge = QColor(0x5A5A5A),
    .ink = QColor(0, 0, 0),
    .soft = QColor(0x2E2E2E),
    .predicted = QColor(0x004A52),
    .band = QColor(0x00, 0x4A, 0x52, 70),
    .measured = QColor(0x8A2F00),
    .former = QColor(0x555555),
    .warning = QColor(0x96000A),
    .turf = QColor(0x35520A),
    .turfFill = QColor(0xDDE3C9),
    .sand = QColor(0xE2CB9A),
    .water = QColor(0xB9D3DC),
    .chosen = QColor(0xD5E8EA),
};

const Colours darkContrast{
    .surface = QColor(0, 0, 0),
    .panel = QColor(0, 0, 0),
    .edge = QColor(0xA8A8A8),
    .ink = QColor(0xFFFFFF),
    .soft = QColor(0xDADADA),
    .predicted = QColor(0x7FEAF5),
    .band = QColor(0x7F, 0xEA, 0xF5, 110),
    .measured = QColor(0xFFB27A),
    .former = QColor(0xB4B4B4),
    .warning = QColor(0xFFA79F),
    .turf = QColor(0xC6E08F),
    .turfFill = QColor(0x1F2A18),
    .sand = QColor(0x5C4E31),
    .water = QColor(0x1C3A46),
    .chosen = QColor(0x0C2B30),
};

const Colours& coloursOf(Theme theme) {
    switch (theme) {
        case Theme::Dark:
            return dark;
        case Theme::LightContrast:
            return lightContrast;
        case Theme::DarkContrast:
            return darkContrast;
        case Theme::Light:
            break;
    }
    return light;
}

int& startedSize() {
    static int pct = 100;
    return pct;
}

}  // namespace

bool isDark(Theme theme) {
    return theme == Theme::Dark || theme == Theme::DarkContrast;
}

Theme darkened(Theme theme, bool toDark) {
    const bool contrast = theme == Theme::LightContrast || theme == Theme::DarkContrast;
    if (contrast) return toDark ? Theme::DarkContrast : Theme::LightContrast;
    return toDark ? Theme::Dark : Theme::Light;
}

const Colours& colours(const QPalette& palette) {
    const QColor ground = palette.color(QPalette::Window);
    for (const Theme theme :
         {Theme::Light, Theme::Dark, Theme::LightContrast, Theme::DarkContrast}) {
        if (ground == coloursOf(theme).surface) return coloursOf(theme);
    }
    return ground.lightness() < 128 ? dark : light;
}

QPalette palette(Theme theme) {
    const Colours& c = coloursOf(theme);
    QPalette p(c.ink, c.panel, c.panel.lighter(110), c.edge.darker(130), c.edge, c.ink, c.ink,
               c.panel, c.surface);
    p.setColor(QPalette::AlternateBase, c.surface);
    p.setColor(QPalette::ToolTipBase, c.panel);
    p.setColor(QPalette::ToolTipText, c.ink);
    p.setColor(QPalette::PlaceholderText, c.soft);
    p.setColor(QPalette::Highlight, c.predicted);
    p.setColor(QPalette::HighlightedText, c.panel);
    p.setColor(QPalette::Link, c.predicted);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText}) {
        p.setColor(QPalette::Disabled, role, c.former);
    }
    return p;
}

QFont printed(QFont font) {
    font.setStyleStrategy(QFont::PreferNoShaping);
    return font;
}

QPalette paper() {
    QPalette out = palette(Theme::Light);
    out.setColor(QPalette::Base, Qt::white);
    return out;
}

void apply(QApplication& app, Theme theme) {
    for (const char* family : {"hanken-grotesk", "noto-sans"}) {
        for (const int weight : {400, 500, 600, 700}) {
            QFontDatabase::addApplicationFont(
                QStringLiteral(":/fonts/%1-%2.woff2").arg(QLatin1String(family)).arg(weight));
        }
    }
    QApplication::setStyle(QStringLiteral("Fusion"));
    app.setFont(font(14));
    setTheme(theme);
    app.setWindowIcon(QIcon(QStringLiteral(":/icons/wedgeon.svg")));
}

void setTheme(Theme theme) {
    const QPalette wanted = palette(theme);
    if (wanted != QApplication::palette()) QApplication::setPalette(wanted);
}

QFont font(int pixels, QFont::Weight weight) {
    // Latin; Greek and Cyrillic; the rest as far as the system has it.
    QFont f(QStringList{QStringLiteral("Hanken Grotesk"), QStringLiteral("Noto Sans"),
                        QStringLiteral("DejaVu Sans")});
    f.setPixelSize(pixels);
    f.setWeight(weight);
    return f;
}

void setStartedSize_pct(int pct) {
    startedSize() = pct;
}

int startedSize_pct() {
    return startedSize();
}

QIcon icon(const QString& name, const QPalette& palette) {
    QFile file(QStringLiteral(":/icons/%1.svg").arg(name));
    if (!file.open(QIODevice::ReadOnly)) return {};
    QByteArray svg = file.readAll();
    QIcon out;
    for (const auto mode : {QIcon::Normal, QIcon::Disabled}) {
        const auto group = mode == QIcon::Disabled ? QPalette::Disabled : QPalette::Active;
        QByteArray tinted = svg;
        tinted.replace("currentColor",
                       palette.color(group, QPalette::ButtonText).name().toLatin1());
        QSvgRenderer renderer(tinted);
        for (const int size : {16, 24, 48}) {
            QPixmap pixmap(size, size);
            pixmap.fill(Qt::transparent);
            QPainter painter(&pixmap);
            renderer.render(&painter);
            painter.end();
            out.addPixmap(pixmap, mode);
        }
    }
    return out;
}

}  // namespace wedgeon::style
