// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Loading translations.
#include "text/language.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QTranslator>

#include "text/units.h"

namespace wedgeon::text {
namespace {

void install(const QLocale& locale, const QString& name, const QString& folder) {
    auto* translator = new QTranslator(QCoreApplication::instance());
    if (translator->load(locale, name, QStringLiteral("_"), folder))
        QCoreApplication::installTranslator(translator);
    else
        delete translator;
}

}  // namespace

void chooseLanguage(const QLocale& locale) {
    const QString own = QStringLiteral("wedgeon");
    const QString folder = QStringLiteral(":/i18n");
    // The sources are English but for its plurals; the last one that is installed is asked first.
    install(QLocale(QLocale::English), own, folder);
    if (locale.language() != QLocale::English) {
        install(locale, QStringLiteral("qtbase"),
                QLibraryInfo::path(QLibraryInfo::TranslationsPath));
        install(locale, own, folder);
    }
    chooseLocale(locale);
}

}  // namespace wedgeon::text
