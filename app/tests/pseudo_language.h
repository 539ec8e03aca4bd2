// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A language that nobody speaks: every text in brackets, half as long again, and with other
// letters, so that what was not translated is seen in any piece of it.
#pragma once

#include <QString>
#include <QTranslator>

namespace wedgeon::test {

class PseudoLanguage : public QTranslator {
public:
    bool isEmpty() const override { return false; }
    QString translate(const char*, const char* source, const char*, int) const override {
        const QString plain = QString::fromUtf8(source);
        QString out(QLatin1Char('['));
        for (qsizetype i = 0; i < plain.size(); ++i) {
            // Places for what is filled in stay.
            const bool place = i > 0 && plain[i - 1] == QLatin1Char('%');
            out += place ? plain[i] : other(plain[i]);
        }
        // In words of a length that words have.
        for (qsizetype i = 0; i < plain.size() / 2; ++i)
            out += i % 7 == 6 ? QLatin1Char(' ') : QLatin1Char('~');
        return out + QLatin1Char(']');
    }

    /// The English of a text of this language.
    static QString english(const QString& pseudo) {
        QString out;
        for (const QChar c : pseudo) {
            const auto at = others.indexOf(c);
            if (at >= 0)
                out += letters[at];
            else if (c != QLatin1Char('[') && c != QLatin1Char(']') && c != QLatin1Char('~'))
                out += c;
        }
        while (out.endsWith(QLatin1Char(' ')))
            out.chop(1);
        return out;
    }

private:
    static QChar other(QChar c) {
        const auto at = letters.indexOf(c);
        return at < 0 ? c : others[at];
    }
    // All in the font that ships with the program or in its usual fallback.
    inline static const QString letters =
        QStringLiteral("abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ");
    inline static const QString others =
        QStringLiteral("áƀçđéƒğĥíĵķłɱñóþɋřšťúṽŵẋýžÁƁÇĐÉƑĞĤÍĴĶŁṀÑÓÞɊŘŠŤÚṼŴẊÝŽ");
};

}  // namespace wedgeon::test
