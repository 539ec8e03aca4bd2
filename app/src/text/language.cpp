// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Loading translations.
#include "text/language.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QTranslator>
#include <memory>

#include "text/units.h"

namespace wedgeon::text {
namespace {

std::unique_ptr<QTranslator> findTranslator(const QLocale& locale, const QString& name,
                                            const QString& folder) {
    auto found = std::make_unique<QTranslator>();
    return found->load(locale, name, QStringLiteral("_"), folder) ? std::move(found) : nullptr;
}

/// The last one that is installed is asked first.
void install(std::unique_ptr<QTranslator> translator) {
    if (!translator) return;
    translator->setParent(QCoreApplication::instance());
    QCoreApplication::installTranslator(translator.release());
}

}  // namespace

void chooseLanguage(const QLocale& locale) {
    const QString own = QStringLiteral("wedgeon");
    const QString folder = QStringLiteral(":/i18n");
    // The sources are English but for its plurals.
    install(findTranslator(QLocale(QLocale::English), own, folder));
    if (locale.language() != QLocale::English) {
        if (auto its = findTranslator(locale, own, folder)) {
            // The toolkit's buttons in the same language; not without ours.
            install(findTranslator(locale, QStringLiteral("qtbase"),
                                   QLibraryInfo::path(QLibraryInfo::TranslationsPath)));
            install(std::move(its));
        }
    }
    chooseLocale(locale);
}

}  // namespace wedgeon::text
