// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The language of the window, and with it how numbers and dates are written.
#pragma once

#include <QLocale>
#include <QString>
#include <QVector>

namespace wedgeon::text {

struct Language {
    QString code;  ///< "de"
    QString name;  ///< as those who speak it call it
};
/// English, and what there is a whole translation of.
QVector<Language> shippedLanguages();

/// From now on what is made speaks this language: the one with this code, or for an empty or
/// unknown one the desktop's. Numbers and dates are the desktop's where it speaks the language too.
/// What is shown already stays as it is: the window is made anew after this.
void chooseLanguage(const QString& code);
/// For a desktop that speaks this.
void chooseLanguage(const QLocale& locale);
/// The code of the one that is shown; "en" where there is no translation.
QString shownLanguage();

}  // namespace wedgeon::text
