// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Loading translations.
#include "text/language.h"

#include <QCoreApplication>
#include <QDir>
#include <QLibraryInfo>
#include <QTranslator>
#include <memory>
#include <vector>

#include "text/units.h"

namespace wedgeon::text {
namespace {

std::unique_ptr<QTranslator> findTranslator(const QLocale& locale, const QString& name,
                                            const QString& folder) {
    auto found = std::make_unique<QTranslator>();
    return found->load(locale, name, QStringLiteral("_"), folder) ? std::move(found) : nullptr;
}

/// Those of the language before go when another is chosen.
std::vector<std::unique_ptr<QTranslator>>& installed() {
    static std::vector<std::unique_ptr<QTranslator>> all;
    return all;
}

/// The last one that is installed is asked first.
void install(std::unique_ptr<QTranslator> translator) {
    if (!translator) return;
    QCoreApplication::installTranslator(translator.get());
    installed().push_back(std::move(translator));
}

QString& shownCode() {
    static QString code = QStringLiteral("en");
    return code;
}

}  // namespace

QVector<Language> shippedLanguages() {
    QVector<Language> out;
    const QStringList files =
        QDir(QStringLiteral(":/i18n")).entryList({QStringLiteral("wedgeon_*.qm")});
    for (const QString& file : files) {
        const QString code = file.section(QLatin1Char('_'), 1).section(QLatin1Char('.'), 0, 0);
        QString name = QLocale(code).nativeLanguageName();
        if (!name.isEmpty()) name[0] = name[0].toUpper();
        out << Language{code, code == QStringLiteral("en") ? QStringLiteral("English") : name};
    }
    return out;
}

void chooseLanguage(const QString& code) {
    const QLocale desktop = QLocale::system();
    const QLocale wanted(code);
    if (code.isEmpty() || wanted.language() == QLocale::C ||
        wanted.language() == desktop.language()) {
        chooseLanguage(desktop);
    } else {
        chooseLanguage(wanted);
    }
}

void chooseLanguage(const QLocale& locale) {
    for (const auto& one : installed())
        QCoreApplication::removeTranslator(one.get());
    installed().clear();
    shownCode() = QStringLiteral("en");
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
            shownCode() = locale.name().section(QLatin1Char('_'), 0, 0);
        }
    }
    chooseLocale(locale);
}

QString shownLanguage() {
    return shownCode();
}

}  // namespace wedgeon::text
