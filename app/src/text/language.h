// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// In which language the program speaks.
#pragma once

#include <QLocale>

namespace wedgeon::text {

/// Texts in the language of \p locale, where it is known, else in English; numbers and dates as
/// there. Once, when the program starts and the application is there.
void chooseLanguage(const QLocale& locale);

}  // namespace wedgeon::text
