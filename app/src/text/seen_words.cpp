// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The words, and reading them.
#include "text/seen_words.h"

#include <QCoreApplication>
#include <QLocale>
#include <QStringList>
#include <cmath>
#include <functional>

#include "text/keys.h"

namespace wedgeon::text {
namespace {

/// The context of its translations.
struct Seen {
    Q_DECLARE_TR_FUNCTIONS(Seen)
};

/// A flagstick on a green.
constexpr double flagstick_m = 2.1;
constexpr qsizetype mostWords = 40;

struct Known {
    enum class About { Height, Start, Curve, Strike, Turf, Entry };
    About about;
    QString word, means;
    std::function<void(SeenLine&)> take;
};

QVector<Known> known() {
    using A = Known::About;
    QVector<Known> out;
    const auto height = [&](const QString& word, const QString& means, SeenHeight h) {
        out << Known{A::Height, word, means, [h](SeenLine& l) { l.seen.height = h; }};
    };
    height(Seen::tr("waist"), Seen::tr("below the waist"), SeenHeight::BelowWaist);
    height(Seen::tr("head"), Seen::tr("below the head"), SeenHeight::BelowHead);
    height(Seen::tr("tree"), Seen::tr("below a tree"), SeenHeight::BelowTree);
    height(Seen::tr("over"), Seen::tr("over a tree"), SeenHeight::AboveTree);
    const auto start = [&](const QString& word, const QString& means, SeenSide s) {
        out << Known{A::Start, word, means, [s](SeenLine& l) { l.seen.start = s; }};
    };
    start(Seen::tr("left"), Seen::tr("started left"), SeenSide::Left);
    start(Seen::tr("straight"), Seen::tr("started straight"), SeenSide::Straight);
    start(Seen::tr("right"), Seen::tr("started right"), SeenSide::Right);
    const auto curve = [&](const QString& word, const QString& means, SeenSide s) {
        out << Known{A::Curve, word, means, [s](SeenLine& l) { l.seen.curve = s; }};
    };
    curve(Seen::tr("bends-left"), Seen::tr("bent left"), SeenSide::Left);
    curve(Seen::tr("bends-right"), Seen::tr("bent right"), SeenSide::Right);
    for (const QString& key : strikeKeys())
        out << Known{A::Strike, strike(key), strike(key), [key](SeenLine& l) { l.strike = key; }};
    const auto turf = [&](const QString& word, const QString& means, SeenTurf t) {
        out << Known{A::Turf, word, means, [t](SeenLine& l) { l.seen.turf = t; }};
    };
    turf(Seen::tr("none"), Seen::tr("no turf taken"), SeenTurf::None);
    turf(Seen::tr("scuff"), Seen::tr("turf scuffed"), SeenTurf::Scuff);
    turf(Seen::tr("small"), Seen::tr("a small divot"), SeenTurf::Small);
    turf(Seen::tr("deep"), Seen::tr("a deep divot"), SeenTurf::Deep);
    const auto entry = [&](const QString& word, const QString& means, SeenEntry e) {
        out << Known{A::Entry, word, means, [e](SeenLine& l) { l.seen.entry = e; }};
    };
    entry(Seen::tr("behind"), Seen::tr("from behind the ball"), SeenEntry::BeforeBall);
    entry(Seen::tr("under"), Seen::tr("from the ball on"), SeenEntry::AtBall);
    entry(Seen::tr("ahead"), Seen::tr("from ahead of the ball"), SeenEntry::AfterBall);
    return out;
}

QString aboutName(Known::About about) {
    switch (about) {
        case Known::About::Height:
            return Seen::tr("Height");
        case Known::About::Start:
            return Seen::tr("Start");
        case Known::About::Curve:
            return Seen::tr("Curve");
        case Known::About::Strike:
            return Seen::tr("Strike");
        case Known::About::Turf:
            return Seen::tr("Turf");
        case Known::About::Entry:
            return Seen::tr("begins");
    }
    return {};
}

/// A number; nobody sees thousands, so that a comma is a decimal one.
std::optional<double> numberIn(QString word) {
    bool ok = false;
    const double v = QLocale::c().toDouble(
        word.replace(QLatin1Char(','), QLatin1Char('.')).replace(QChar(0x2212), QLatin1Char('-')),
        &ok);
    return ok && std::isfinite(v) ? std::optional(v) : std::nullopt;
}

/// A number in the units, or with a letter behind it in paces; in metres.
std::optional<double> lengthIn(const QString& word, const Units& units, double pace_m) {
    if (const auto v = numberIn(word)) return *v / units.lengthFactor();
    if (word.size() < 2 || word.back().toLower() != Seen::tr("p", "paces").at(0)) return {};
    const auto v = numberIn(word.chopped(1));
    return v ? std::optional(*v * pace_m) : std::nullopt;
}

/// A number with a letter behind it; false where it is none.
bool takeLettered(const QString& word, const Units& units, SeenLine& line) {
    if (word.size() < 2) return false;
    const auto v = numberIn(word.chopped(1));
    if (!v) return false;
    const QChar letter = word.back().toLower();
    const auto whole = [&] { return *v == std::floor(*v) && *v >= 0.0 && *v <= 9.0; };
    if (letter == Seen::tr("b", "a bounce").at(0) && whole() && *v <= 4.0) {
        line.seen.bit = static_cast<int>(*v);
        line.words << word.toLower();
    } else if (letter == Seen::tr("s", "a swing").at(0) && whole()) {
        line.swing = static_cast<int>(*v);
    } else if (letter == Seen::tr("f", "flagsticks").at(0)) {
        line.seen.apex_m = *v * flagstick_m;
    } else if (letter == Seen::tr("r", "to the right").at(0)) {
        line.seen.restSide_m = *v / units.lengthFactor();
    } else if (letter == Seen::tr("l", "to the left").at(0)) {
        line.seen.restSide_m = -*v / units.lengthFactor();
    } else {
        return false;
    }
    return true;
}

}  // namespace

SeenLine parseSeen(const QString& typed, const Units& units, double spot_m, double pace_m) {
    SeenLine line;
    const QVector<Known> all = known();
    const QStringList words = typed.simplified().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    if (words.size() > mostWords) line.trouble = Seen::tr("too many words");
    int numbers = 0;
    for (const QString& word : words.mid(0, mostWords)) {
        if (!line.trouble.isEmpty()) break;
        const bool isSigned = word.startsWith(QLatin1Char('+')) ||
                              word.startsWith(QLatin1Char('-')) || word.startsWith(QChar(0x2212));
        if (const auto length_m = lengthIn(word, units, pace_m)) {
            const double m = *length_m;
            if (isSigned) {
                line.seen.landed_m = spot_m + m;
                line.seen.landedJudged = true;
                numbers = 1;
            } else if (numbers++ == 0) {
                line.seen.landed_m = m;
            } else {
                line.seen.rest_m = m;
                if (numbers > 2) line.trouble = Seen::tr("%1 is one number too many").arg(word);
            }
            continue;
        }
        if (takeLettered(word, units, line)) continue;
        QVector<const Known*> fitting;
        for (const Known& k : all) {
            if (k.word.compare(word, Qt::CaseInsensitive) == 0) {
                fitting = {&k};
                break;
            }
            if (k.word.startsWith(word, Qt::CaseInsensitive)) fitting << &k;
        }
        if (fitting.isEmpty()) {
            line.trouble = Seen::tr("\"%1\" is no word for it").arg(word.left(20));
        } else if (fitting.size() > 1) {
            QStringList names;
            for (const Known* k : fitting)
                names << k->word;
            line.trouble = Seen::tr("\"%1\": %2?").arg(word, names.join(Seen::tr(" or ")));
        } else {
            fitting.front()->take(line);
            line.words << fitting.front()->word;
        }
    }
    if (line.trouble.isEmpty()) {
        try {
            line.seen.validate();
        } catch (const std::exception&) {
            line.trouble = Seen::tr("no ball lands or rests there");
        }
    }
    return line;
}

QString seenSaid(const Sighting& seen, const QString& strikeKey, const Units& units) {
    QStringList parts;
    const auto length = [&](double m) { return units.length(m, m < 20.0 ? 1 : 0); };
    if (seen.landed_m) parts << Seen::tr("landed at %1").arg(length(*seen.landed_m));
    if (seen.rest_m) parts << Seen::tr("rests at %1").arg(length(*seen.rest_m));
    if (seen.restSide_m) parts << sideLength(*seen.restSide_m, units);
    if (seen.bit)
        parts << (*seen.bit == 0 ? Seen::tr("no bounce bit")
                                 : Seen::tr("the %1 bounce bit").arg(ordinal(*seen.bit)));
    if (seen.apex_m)
        parts << Seen::tr("%1 flagsticks high").arg(number(*seen.apex_m / flagstick_m, 1));
    const QVector<Known> all = known();
    for (const Known& k : all) {
        SeenLine one;
        k.take(one);
        const Sighting& s = one.seen;
        const bool its = (s.height && s.height == seen.height) ||
                         (s.start && s.start == seen.start) || (s.curve && s.curve == seen.curve) ||
                         (s.turf && s.turf == seen.turf) ||
                         (s.entry && s.entry == seen.entry && seen.turf != SeenTurf::None) ||
                         (!one.strike.isEmpty() && one.strike == strikeKey);
        if (its) parts << k.means;
    }
    return parts.join(Seen::tr(", "));
}

QVector<SeenWords> seenWords() {
    QVector<SeenWords> out{
        {Seen::tr("Bit"),
         {{QStringLiteral("1") + Seen::tr("b", "a bounce"), Seen::tr("the first bounce bit")},
          {QStringLiteral("2") + Seen::tr("b", "a bounce"), Seen::tr("the second bounce bit")},
          {QStringLiteral("0") + Seen::tr("b", "a bounce"), Seen::tr("no bounce bit")}}}};
    std::optional<Known::About> last;
    for (const Known& k : known()) {
        if (last != k.about) out << SeenWords{aboutName(k.about), {}};
        last = k.about;
        out.back().words << SeenWord{k.word, k.means};
    }
    return out;
}

}  // namespace wedgeon::text
