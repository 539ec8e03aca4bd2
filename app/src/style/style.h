// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Colours by meaning, the shipped font, tinted icons. Everything follows the palette: nothing
// caches.
#pragma once

#include <QColor>
#include <QFont>
#include <QIcon>
#include <QPalette>
#include <QString>

class QApplication;

namespace wedgeon::style {

struct Colours {
    QColor surface, panel, edge;
    QColor ink, soft;  // text, and text of second rank
    QColor predicted;  // lines and bars with their spread
    QColor band;       // the spread itself, translucent
    QColor measured;   // filled diamonds
    QColor former;     // the ghost of the former state
    QColor warning;
    QColor turf, turfFill;
    QColor sand, water;
    QColor chosen;  // background of a chosen row
};

enum class Theme { Light, Dark, LightContrast, DarkContrast };
bool isDark(Theme theme);
/// The same contrast, dark or light.
Theme darkened(Theme theme, bool dark);

/// The colours that go with a palette of a theme; with one of the desktop's, those of light or
/// dark.
const Colours& colours(const QPalette& palette);
QPalette palette(Theme theme);
/// Dark letters on white, whatever the window is.
QPalette paper();

/// Loads fonts and sets Fusion, font and palette. Call once after the application is made.
void apply(QApplication& app, Theme theme);
/// While running. Nothing happens where it is the theme already.
void setTheme(Theme theme);

QFont font(int pixels, QFont::Weight weight = QFont::Normal);
/// The same for a document that is read as text, too: every letter by itself, since one sign for
/// two is read as none.
QFont printed(QFont font);

/// Of text and drawings, as the program was started with; in per cent. To be said before anything
/// is shown: the toolkit scales everything by it.
void setStartedSize_pct(int pct);
int startedSize_pct();

/// An icon from the resources in the colour of the text.
QIcon icon(const QString& name, const QPalette& palette);

}  // namespace wedgeon::style
