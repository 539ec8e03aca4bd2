// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Sentences about weeks.
#include "text/history_words.h"

#include <QCoreApplication>
#include <QDate>
#include <algorithm>
#include <array>
#include <cmath>
#include <map>

#include "text/keys.h"
#include "text/sentences.h"
#include "text/swing_text.h"

namespace wedgeon::text {
namespace {

/// The context of their translations.
struct HistoryWords {
    Q_DECLARE_TR_FUNCTIONS(HistoryWords)
};

const QDate firstDay(1970, 1, 1);

std::string isoOf(double day) {
    return firstDay.addDays(static_cast<qint64>(day)).toString(Qt::ISODate).toStdString();
}

/// "twice", "four times".
QString times(int n) {
    static constexpr int last = 6;
    const std::array<QString, last> few{
        HistoryWords::tr("once"),        HistoryWords::tr("twice"),
        HistoryWords::tr("three times"), HistoryWords::tr("four times"),
        HistoryWords::tr("five times"),  HistoryWords::tr("six times")};
    return n >= 1 && n <= last ? few[static_cast<std::size_t>(n - 1)]
                               : HistoryWords::tr("%n times", nullptr, n);
}

QString weeks(double days) {
    const int n = std::max(1, static_cast<int>(std::lround(days / 7.0)));
    return HistoryWords::tr("%n week(s)", nullptr, n);
}

QString capital(QString s) {
    if (!s.isEmpty()) s[0] = s[0].toUpper();
    return s;
}

QString nameInSentence(std::optional<store::Quantity> quantity) {
    return quantity ? inSentence(*quantity) : HistoryWords::tr("clean strikes");
}

/// As the program calls it, or as its file does.
QString ballName(const std::string& word) {
    const auto* known = findBall(word);
    return known ? nameOf(*known) : fromUtf8(word);
}

QString shotName(const store::HistoryGroup& group) {
    const QString swing =
        group.swing.empty() ? HistoryWords::tr("no swing noted") : swingName(group.swing);
    return group.club.empty() ? swing : QStringLiteral("%1 %2").arg(fromUtf8(group.club), swing);
}

}  // namespace

QString groupName(const store::HistoryGroup& group) {
    const QString count = shots(static_cast<qsizetype>(group.shots));
    if (group.club.empty() && group.swing.empty())
        return HistoryWords::tr("All wedges and swings (%1)").arg(count);
    return QStringLiteral("%1 (%2)").arg(shotName(group), count);
}

QString dayNumber(double day) {
    return text::day(isoOf(day));
}

QString changeName(const store::HistoryChange& change) {
    const QString what = fromUtf8(change.what);
    switch (change.kind) {
        case store::ChangeKind::Ball:
            return HistoryWords::tr("%1 from here").arg(ballName(change.what));
        case store::ChangeKind::Club:
            return HistoryWords::tr("another %1").arg(what);
        case store::ChangeKind::Recipe:
            return HistoryWords::tr("mostly %1 from here").arg(what);
        case store::ChangeKind::Tuning:
            return HistoryWords::tr("tuned anew");
        case store::ChangeKind::Trial:
            return HistoryWords::tr("trial: %1").arg(what);
        case store::ChangeKind::Lesson:
            return HistoryWords::tr("lesson noted");
    }
    return {};
}

QuantityForm courseForm(std::optional<store::Quantity> quantity, const Units& units) {
    if (quantity) return formOf(*quantity, units);
    return {HistoryWords::tr("Struck clean"),
            HistoryWords::tr("clean"),
            QStringLiteral("%"),
            100.0,
            0,
            0.0,
            100.0,
            1.0};
}

QString courseSaid(const MeasureCourse& course, const Units& units) {
    const QuantityForm form = courseForm(course.quantity, units);
    const auto say = [&](double si) { return signedNumber(si * form.factor, form.decimals); };
    return HistoryWords::tr("%1 (%2 to %3) in %4")
        .arg(withUnit(say(course.course.change), form.unit), say(course.course.changeLow),
             say(course.course.changeHigh),
             weeks(course.course.days.back().day - course.course.days.front().day));
}

QString stepSaid(const MeasureCourse& course, const StepChange& step, const Units& units) {
    const QuantityForm form = courseForm(course.quantity, units);
    const auto say = [&](double si) { return signedNumber(si * form.factor, form.decimals); };
    return HistoryWords::tr("%1 (%2 to %3) since then")
        .arg(withUnit(say(step.change), form.unit), say(step.low), say(step.high));
}

QStringList historyFindings(const HistoryAnswer& answer, const Units& units) {
    QStringList out;
    // Drifts of all shots together, by how many times they matter.
    std::vector<const MeasureCourse*> drifts;
    if (!answer.courses.empty()) {
        for (const MeasureCourse& c : answer.courses.front()) {
            if (c.drifts) drifts.push_back(&c);
        }
    }
    const auto weight = [](const MeasureCourse* c) {
        return std::abs(c->course.change) / HistoryMaker::matters(c->quantity);
    };
    std::sort(drifts.begin(), drifts.end(),
              [&](const auto* a, const auto* b) { return weight(a) > weight(b); });
    for (const MeasureCourse* c : drifts)
        out << HistoryWords::tr("%1 drifts: %2.")
                   .arg(capital(nameInSentence(c->quantity)), courseSaid(*c, units));
    const auto& groups = answer.shots.groups;
    for (std::size_t i = 0; i < answer.stock.size() && i < groups.size(); ++i) {
        const StockState& s = answer.stock[i];
        const QString name = shotName(groups[i]);
        const auto length = [&](double m) { return units.length(m, 1); };
        switch (s.fate) {
            case StockFate::Unhit: {
                QStringList learnt;
                for (std::size_t j = 0; j < answer.stock.size(); ++j) {
                    if (answer.stock[j].fate == StockFate::Learnt) learnt << shotName(groups[j]);
                }
                out << (learnt.isEmpty()
                            ? HistoryWords::tr("%1 is getting lost: not hit since %2.")
                                  .arg(name, dayNumber(s.lastDay))
                            : HistoryWords::tr("%1 is getting lost: not hit since %2, while %3 "
                                               "is learnt.")
                                  .arg(name, dayNumber(s.lastDay),
                                       learnt.mid(0, 2).join(HistoryWords::tr(" and "))));
                break;
            }
            case StockFate::Wider:
                out << HistoryWords::tr(
                           "%1 scatters farther than it did: a shot strays %2 from "
                           "its day's middle, %3 before.")
                           .arg(name, length(s.straySince), length(s.strayBefore));
                break;
            case StockFate::Moved:
                out << HistoryWords::tr("%1 carries %2 than it did (%3 to %4).")
                           .arg(name,
                                (s.moved->change > 0 ? HistoryWords::tr("%1 farther")
                                                     : HistoryWords::tr("%1 shorter"))
                                    .arg(length(std::abs(s.moved->change))),
                                signedNumber(s.moved->low * units.lengthFactor(), 1),
                                withUnit(signedNumber(s.moved->high * units.lengthFactor(), 1),
                                         units.lengthName()));
                break;
            case StockFate::Steady:
            case StockFate::Learnt:
            case StockFate::Rare:
                break;
        }
    }
    return out;
}

QString historyWhy(const HistoryAnswer& answer) {
    const store::HistoryShots& h = answer.shots;
    QStringList out{HistoryWords::tr("%1 on %n day(s).", nullptr, static_cast<int>(h.days))
                        .arg(shots(static_cast<qsizetype>(h.shots)))};
    if (h.setAside > 0)
        out << HistoryWords::tr("%1 set aside.").arg(shots(static_cast<qsizetype>(h.setAside)));
    if (h.withoutDay > 0)
        out << HistoryWords::tr("%1 without a day.")
                   .arg(shots(static_cast<qsizetype>(h.withoutDay)));
    out << HistoryWords::tr(
        "A day counts as one: its ground and its device move all of its shots. Intervals hold 80 "
        "of 100; of a player who changes nothing something is said to drift in at most 10 of 100.");
    return out.join(QLatin1Char(' '));
}

const QStringList& courseShots() {
    static const QStringList all{QStringLiteral("low"), QStringLiteral("middle"),
                                 QStringLiteral("high"), QStringLiteral("sand"),
                                 QStringLiteral("putt")};
    return all;
}

const QStringList& courseResults() {
    static const QStringList all{QStringLiteral("close"), QStringLiteral("green"),
                                 QStringLiteral("short-sided"), QStringLiteral("missed")};
    return all;
}

QString courseShotName(const QString& key) {
    if (key == QLatin1String("low")) return HistoryWords::tr("low shot");
    if (key == QLatin1String("middle")) return HistoryWords::tr("middle shot");
    if (key == QLatin1String("high")) return HistoryWords::tr("high shot");
    if (key == QLatin1String("sand")) return HistoryWords::tr("shot from sand");
    if (key == QLatin1String("putt")) return HistoryWords::tr("putt from off the green");
    return key;
}

QString courseResultName(const QString& key) {
    if (key == QLatin1String("close")) return HistoryWords::tr("inside two metres");
    if (key == QLatin1String("green")) return HistoryWords::tr("on the green");
    if (key == QLatin1String("short-sided")) return HistoryWords::tr("short-sided");
    if (key == QLatin1String("missed")) return HistoryWords::tr("missed the green");
    return key;
}

QStringList courseCounts(const std::vector<store::Note>& notes, const std::string& player) {
    std::map<QString, std::map<QString, int>> counts;
    for (const store::Note& n : notes) {
        if (n.kind == store::NoteKind::Course && n.player == player)
            ++counts[fromUtf8(n.about)][fromUtf8(n.result)];
    }
    std::vector<std::pair<int, QString>> lines;
    for (const auto& [shot, results] : counts) {
        int all = 0;
        for (const auto& [result, n] : results)
            all += n;
        QStringList parts;
        for (const QString& key : courseResults()) {
            const auto at = results.find(key);
            if (at == results.end()) continue;
            parts << (at->second == all ? HistoryWords::tr("all of them %1")
                                        : HistoryWords::tr("%1 of them %2").arg(at->second))
                         .arg(courseResultName(key));
        }
        if (all == 1) parts = {courseResultName(results.begin()->first)};
        lines.emplace_back(-all, HistoryWords::tr("%1 needed %2: %3.")
                                     .arg(capital(courseShotName(shot)), times(all),
                                          parts.join(QStringLiteral(", "))));
    }
    std::stable_sort(lines.begin(), lines.end(),
                     [](const auto& a, const auto& b) { return a.first < b.first; });
    QStringList out;
    for (const auto& [n, line] : lines)
        out << line;
    return out;
}

QString noteLine(const store::Note& note) {
    QString said = fromUtf8(note.text).simplified();
    switch (note.kind) {
        case store::NoteKind::Lesson:
            return said;
        case store::NoteKind::Course: {
            const QString line = HistoryWords::tr("On the course: %1, %2")
                                     .arg(courseShotName(fromUtf8(note.about)),
                                          courseResultName(fromUtf8(note.result)));
            return said.isEmpty() ? line : QStringLiteral("%1 (%2)").arg(line, said);
        }
        case store::NoteKind::Trial:
            return HistoryWords::tr("Trial: %1").arg(said);
        case store::NoteKind::Caution:
            return HistoryWords::tr("Caution shown: %1").arg(said);
        case store::NoteKind::Pain:
            return HistoryWords::tr("Stopped for pain: %1").arg(said);
    }
    return said;
}

}  // namespace wedgeon::text
