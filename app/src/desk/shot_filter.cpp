// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading and applying.
#include "desk/shot_filter.h"

#include <QCoreApplication>
#include <QLocale>
#include <QStringList>
#include <algorithm>
#include <cmath>
#include <limits>

#include "text/quantities.h"
#include "wedgeon/store/sightings.h"

namespace wedgeon {
namespace {

/// The context of its translations.
struct Filter {
    Q_DECLARE_TR_FUNCTIONS(ShotFilter)
};

/// At blanks outside of quotes; the quotes go.
QStringList tokensOf(const QString& text) {
    QStringList out;
    QString token;
    bool quoted = false;
    for (const QChar c : text) {
        if (c == QLatin1Char('"')) {
            quoted = !quoted;
        } else if (c.isSpace() && !quoted) {
            if (!token.isEmpty()) out << token;
            token.clear();
        } else {
            token += c;
        }
    }
    if (!token.isEmpty()) out << token;
    return out;
}

std::optional<double> numberOf(QString s) {
    bool good = false;
    s.replace(QLatin1Char(','), QLatin1Char('.')).replace(QChar(0x2212), QLatin1Char('-'));
    const double v = QLocale::c().toDouble(s, &good);
    return good ? std::optional(v) : std::nullopt;
}

}  // namespace

std::optional<ShotFilter::Term> ShotFilter::parseTerm(QString token, const Units& units,
                                                      QString& error) {
    const QString whole = token;
    Term term;
    if (token.size() > 1 && token.startsWith(QLatin1Char('-'))) {
        term.negated = true;
        token.remove(0, 1);
    }
    const auto at = std::find_if(token.begin(), token.end(), [](QChar c) {
        return c == QLatin1Char('<') || c == QLatin1Char('>') || c == QLatin1Char('=') ||
               c == QLatin1Char(':');
    });
    if (at == token.end()) {
        term.words = token.toLower().toStdString();
        return term;
    }
    const QString name = token.left(at - token.begin());
    QString value = token.mid(at - token.begin() + 1);
    if (*at == QLatin1Char(':')) {
        if (name == QStringLiteral("is")) {
            if (QStringLiteral("doubtful") == value) {
                term.kind = Term::Kind::Doubtful;
            } else if (value == QStringLiteral("aside") || value == QStringLiteral("counted")) {
                term.kind = Term::Kind::Aside;
                term.negated ^= value == QStringLiteral("counted");
            } else {
                error = Filter::tr("“%1”: after is: comes doubtful, aside or counted").arg(whole);
                return std::nullopt;
            }
            return term;
        }
        const auto label = text::labelCalled(name);
        if (!label) {
            error = Filter::tr("“%1”: no word of a shot is called “%2”").arg(whole, name);
            return std::nullopt;
        }
        term.kind = Term::Kind::Label;
        term.label = *label;
        term.words = value.toLower().toStdString();
        return term;
    }
    const auto quantity = text::quantityCalled(name);
    if (!quantity) {
        error = Filter::tr("“%1”: no quantity is called “%2”").arg(whole, name);
        return std::nullopt;
    }
    term.kind = Term::Kind::Range;
    term.quantity = *quantity;
    term.low = -std::numeric_limits<double>::infinity();
    term.high = std::numeric_limits<double>::infinity();
    const bool inclusive = value.startsWith(QLatin1Char('='));
    if (inclusive) value.remove(0, 1);
    const text::QuantityForm unit = text::formOf(*quantity, units);
    const auto say = [&] {
        error = Filter::tr("“%1”: a number in %2 is needed, as in %3>20 or %3=20..30")
                    .arg(whole, unit.unit, name);
        return std::nullopt;
    };
    const auto dots = value.indexOf(QStringLiteral(".."));
    if (*at == QLatin1Char('=') && dots >= 0) {
        const auto low = numberOf(value.left(dots));
        const auto high = numberOf(value.mid(dots + 2));
        if (!low || !high) return say();
        term.low = std::min(*low, *high) / unit.factor;
        term.high = std::max(*low, *high) / unit.factor;
        return term;
    }
    const auto number = numberOf(value);
    if (!number) return say();
    const double si = *number / unit.factor;
    // A number alone means what is shown as this number.
    const double half = 0.5 * std::pow(10.0, -unit.decimals) / unit.factor;
    if (*at == QLatin1Char('=')) {
        term.low = si - half;
        term.high = si + half;
    } else if (*at == QLatin1Char('>')) {
        term.low = inclusive ? si : std::nextafter(si, term.high);
    } else {
        term.high = inclusive ? si : std::nextafter(si, term.low);
    }
    return term;
}

ShotFilter ShotFilter::parse(const QString& text, const Units& units, QString& error) {
    error.clear();
    ShotFilter out;
    for (const QString& token : tokensOf(text)) {
        if (auto term = parseTerm(token, units, error)) out.terms_.push_back(std::move(*term));
    }
    // Numbers are compared faster than words are searched.
    std::stable_partition(out.terms_.begin(), out.terms_.end(),
                          [](const Term& t) { return t.kind == Term::Kind::Range; });
    return out;
}

bool ShotFilter::needsDoubts() const {
    return std::any_of(terms_.begin(), terms_.end(),
                       [](const Term& t) { return t.kind == Term::Kind::Doubtful; });
}

void ShotFilter::addWords(const store::ShotRecord& record, std::string& all) {
    const store::Word& recipe = record.labels[static_cast<std::size_t>(store::Label::Recipe)];
    for (const store::Word& word : record.labels) {
        const std::string& label = word.str();
        // The set-up's document is not words.
        if (label.empty() || &word == &recipe) continue;
        const bool plain = std::all_of(label.begin(), label.end(),
                                       [](char c) { return static_cast<unsigned char>(c) < 0x80; });
        if (plain) {
            for (const char c : label)
                all += c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
        } else {
            all += QString::fromStdString(label).toLower().toStdString();
        }
        all += '\n';  // words of two kinds do not run together
    }
}

bool ShotFilter::accepts(const store::LoggedShot& shot, std::string_view words,
                         bool doubtful) const {
    return std::all_of(terms_.begin(), terms_.end(), [&](const Term& t) {
        bool holds = false;
        switch (t.kind) {
            case Term::Kind::Words:
                holds = words.find(t.words) != std::string_view::npos;
                break;
            case Term::Kind::Label:
                holds = QString::fromStdString(shot.record[t.label])
                            .toLower()
                            .contains(QString::fromStdString(t.words));
                break;
            case Term::Kind::Range: {
                double v = shot.record[t.quantity];
                if (std::isnan(v)) {
                    const auto sighting = store::findSighting(shot.record);
                    const auto seen =
                        sighting ? store::findSeen(*sighting, t.quantity) : std::optional<double>();
                    if (seen) v = *seen;
                }
                holds = v >= t.low && v <= t.high;  // never for one that was not measured
                break;
            }
            case Term::Kind::Doubtful:
                holds = doubtful;
                break;
            case Term::Kind::Aside:
                holds = !shot.setAside.empty();
                break;
        }
        return holds != t.negated;
    });
}

}  // namespace wedgeon
