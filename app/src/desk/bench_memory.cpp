// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Settings and back.
#include "desk/bench_memory.h"

#include <QCoreApplication>
#include <QSettings>
#include <stdexcept>

#include "wedgeon/store/conditions_json.h"
#include "wedgeon/store/error.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

const QString playerKey = QStringLiteral("bench/player");
const QString handKey = QStringLiteral("bench/hand");
const QString conditionsKey = QStringLiteral("bench/conditions");
const QString recipesKey = QStringLiteral("bench/recipes");
const QString chosenKey = QStringLiteral("bench/chosen");
const QString situationKey = QStringLiteral("bench/situation");
constexpr qsizetype longestName = 60;

BenchState firstBench() {
    BenchState s;
    s.recipes.front().name = QCoreApplication::translate("Bench", "ordinary pitch").toStdString();
    s.conditions.wedge = {radFromDeg(54), radFromDeg(64), radFromDeg(10)};
    s.conditions.lie = findLie("short-dry")->lie;
    s.conditions.air.temperature_c = 14;
    // A short pitch to a green, as an example.
    s.read.line.zones = {Zone::of(ZoneKind::Fairway, 12), Zone::of(ZoneKind::Fringe, 1),
                         Zone::of(ZoneKind::Green, 20), Zone::of(ZoneKind::Rough, 15)};
    s.read.line.flag_m = 22;
    s.recipe().lean_rad = radFromDeg(5);
    s.recipe().clubSpeed_mps = 21;
    return s;
}

/// \p read changes the state, or throws and leaves it.
template <class Read>
void tryTo(const Read& read) {
    try {
        read();
    } catch (const std::exception&) {  // what another hand wrote there, or out of range
    }
}

}  // namespace

BenchState rememberedBench() {
    const QSettings settings;
    const auto text = [&](const QString& key) { return settings.value(key).toString(); };
    BenchState state = firstBench();
    state.player.name = text(playerKey).left(longestName).toStdString();
    if (text(handKey) == QStringLiteral("left")) state.player.hand = Hand::Left;
    tryTo([&] {
        const std::string kept = text(conditionsKey).toStdString();
        if (!kept.empty()) state.conditions = store::parseConditions(kept);
    });
    tryTo([&] {
        const std::string kept = text(situationKey).toStdString();
        if (kept.empty()) return;
        store::Situation situation = store::parseSituation(kept);
        state.read = {std::move(situation.name), std::move(*situation.conditions.line),
                      situation.lie};
    });
    tryTo([&] {
        const std::string kept = text(recipesKey).toStdString();
        if (kept.empty()) return;
        auto recipes = store::parseRecipes(kept);
        if (recipes.empty() || recipes.size() > BenchState::mostRecipes) return;
        state.recipes = std::move(recipes);
        state.chosen =
            std::min<std::size_t>(settings.value(chosenKey).toUInt(), state.recipes.size() - 1);
    });
    return state;
}

void rememberBench(const BenchState& state) {
    QSettings settings;
    settings.setValue(playerKey, state.playerName());
    settings.setValue(handKey, state.player.hand == Hand::Left ? QStringLiteral("left")
                                                               : QStringLiteral("right"));
    settings.setValue(conditionsKey,
                      QString::fromStdString(store::formatConditions(state.conditions)));
    store::Situation situation;
    situation.name = state.read.name;
    situation.conditions = state.conditions;
    situation.conditions.line = state.read.line;
    situation.lie = state.read.lie;
    settings.setValue(situationKey,
                      QString::fromStdString(store::formatSituation(situation, false)));
    settings.setValue(recipesKey, QString::fromStdString(store::formatRecipes(state.recipes)));
    settings.setValue(chosenKey, static_cast<uint>(state.chosen));
}

}  // namespace wedgeon
