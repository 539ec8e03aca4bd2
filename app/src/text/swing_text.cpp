// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Saying and reading swings.
#include "text/swing_text.h"

#include <QLocale>
#include <QRegularExpression>

#include "text/said.h"
#include "wedgeon/words/swing_words.h"

namespace wedgeon::text {
namespace {

QString behind(const QString& swing, double speed_mps, const Units& units) {
    return QStringLiteral("%1 (%2)").arg(swing, units.speed(speed_mps));
}

/// Without signs between words: "rib high" finds "rib-high".
QString plain(const QString& name) {
    return name.simplified().toLower().replace(QLatin1Char('-'), QLatin1Char(' '));
}

}  // namespace

QString swingName(const std::string& swing) {
    return QString::fromStdString(words::rungName(swing, speaker()));
}

QString wayName(Way way) {
    return QString::fromStdString(words::wayName(way, speaker()));
}

QString lineName(const Ladder& ladder, std::size_t line) {
    const LadderLine& l = ladder.lines[line];
    const BagClub& its = ladder.clubs[l.club];
    const QString club = its.name.empty() ? degrees(its.wedge.loft_rad, 0) : fromUtf8(its.name);
    return l.way == Way::Plain ? club : QStringLiteral("%1 %2").arg(club, wayName(l.way));
}

QString swingSize(const SwingSize& size) {
    return QString::fromStdString(words::swingSaid(size, speaker()));
}

QString swingAndSpeed(const SwingLadder& ladder, double speed_mps, const Units& units) {
    return behind(swingSize(ladder.sizeOf(speed_mps)), speed_mps, units);
}

QString swingInShort(const SwingLadder& ladder, double speed_mps, const Units& units) {
    return behind(swingAlone(ladder, speed_mps), speed_mps, units);
}

QString swingAlone(const SwingLadder& ladder, double speed_mps) {
    return QString::fromStdString(words::swingInShort(ladder.sizeOf(speed_mps), speaker()));
}

std::optional<double> typedSpeed(const QString& typed, const SwingLadder& ladder,
                                 const Units& units) {
    static const QRegularExpression form(
        QStringLiteral("^(.*?)(?:\\+\\s*([0-9]{1,3})\\s*%?)?(?:\\(.*)?$"));
    const QRegularExpressionMatch m = form.match(typed.left(200));
    const QString name = plain(m.captured(1));
    const auto& rungs = ladder.rungs();
    if (!name.isEmpty()) {
        // A whole name goes before the beginning of a longer one.
        for (const bool whole : {true, false}) {
            for (std::size_t i = 0; i < rungs.size(); ++i) {
                const QString known = plain(swingName(rungs[i].swing));
                if (whole ? known != name : !known.startsWith(name)) continue;
                const double share = std::min(m.captured(2).toInt(), 100) / 100.0;
                const double next =
                    rungs[std::min(i + 1, rungs.size() - 1)].speed_mps - rungs[i].speed_mps;
                return rungs[i].speed_mps + share * next;
            }
        }
    }
    static const QRegularExpression number(QStringLiteral("^\\s*([0-9][0-9.,]*)[^0-9]*$"));
    if (const auto n = number.match(typed.left(200)); n.hasMatch()) {
        bool good = false;
        double shown = QLocale().toDouble(n.captured(1), &good);
        if (!good) shown = QLocale::c().toDouble(n.captured(1), &good);
        if (good) return shown / units.speedFactor();
    }
    return std::nullopt;
}

}  // namespace wedgeon::text
