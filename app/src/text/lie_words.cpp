// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choices in words.
#include "text/lie_words.h"

#include <QCoreApplication>
#include <array>
#include <cmath>

namespace wedgeon::text {
namespace {

/// The context of these texts.
struct LieWords {
    Q_DECLARE_TR_FUNCTIONS(LieWords)
};

constexpr std::array firmnesses{
    FirmnessWord{QT_TRANSLATE_NOOP("LieWords", "soft after rain"), 0.75},
    FirmnessWord{QT_TRANSLATE_NOOP("LieWords", "a little soft"), 0.88},
    FirmnessWord{QT_TRANSLATE_NOOP("LieWords", "ordinary"), 1.0},
    FirmnessWord{QT_TRANSLATE_NOOP("LieWords", "firm"), 1.17},
    FirmnessWord{QT_TRANSLATE_NOOP("LieWords", "hard and dry"), 1.35}};

template <class Answer>
void add(QStringList& out, const std::optional<Answer>& answer) {
    if (answer) out << choices(*answer)[static_cast<int>(*answer)];
}

}  // namespace

QStringList choices(GrassHeight) {
    return {LieWords::tr("no grass against the ball"), LieWords::tr("a quarter up the ball"),
            LieWords::tr("half up the ball"), LieWords::tr("over the ball")};
}
QStringList choices(GrassColour) {
    return {LieWords::tr("straw"), LieWords::tr("pale"), LieWords::tr("green"),
            LieWords::tr("lush")};
}
QStringList choices(GrassLies) {
    return {LieWords::tr("with the swing"), LieWords::tr("against it"),
            LieWords::tr("across, away from the player"),
            LieWords::tr("across, toward the player")};
}
QStringList choices(BallSits) {
    return {LieWords::tr("on bare ground"), LieWords::tr("level"), LieWords::tr("up"),
            LieWords::tr("perched"), LieWords::tr("down")};
}
QStringList choices(GrassHand) {
    return {LieWords::tr("dry to the hand"), LieWords::tr("wet to the hand")};
}
QStringList choices(PracticeSwing) {
    return {LieWords::tr("went through freely"), LieWords::tr("brushed"),
            LieWords::tr("was grabbed"), LieWords::tr("dug in")};
}

QString lieSeen(const LieAnswers& a) {
    QStringList out;
    add(out, a.height);
    add(out, a.colour);
    add(out, a.sits);
    add(out, a.grain);
    add(out, a.hand);
    add(out, a.swing);
    return out.join(QStringLiteral(", "));
}

QString lieNumbers(const LieReading& reading) {
    const Lie lie = reading.lie(1.0);
    const auto [low, high] = reading.interval80(LieReading::Cover);
    const auto kept = reading.speedKept();
    const auto percent = [](double share) { return number(100 * share, 0); };
    if (kept[0] > 0.995)
        return LieWords::tr("Grass between %1 % (%2 to %3). The club keeps its speed.")
            .arg(percent(lie.cover), percent(low), percent(high));
    return LieWords::tr("Grass between %1 % (%2 to %3). The club keeps %4 to %5 % of its speed.")
        .arg(percent(lie.cover), percent(low), percent(high), percent(kept[0]), percent(kept[2]));
}

QStringList firmnessWords() {
    QStringList out;
    for (const FirmnessWord& w : firmnesses)
        out << LieWords::tr(w.english);
    return out;
}

int firmnessWordOf(double firmness) {
    int best = 0;
    for (int i = 1; i < static_cast<int>(firmnesses.size()); ++i) {
        if (std::abs(firmnesses[static_cast<std::size_t>(i)].firmness - firmness) <
            std::abs(firmnesses[static_cast<std::size_t>(best)].firmness - firmness))
            best = i;
    }
    return best;
}

double firmnessOfWord(int word) {
    return firmnesses.at(static_cast<std::size_t>(word)).firmness;
}

}  // namespace wedgeon::text
