// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading, estimating, playing.
#include "desk/ladder_maker.h"

#include <algorithm>
#include <chrono>

#include "desk/player_shots.h"

namespace wedgeon {
namespace {

/// Of the carry of all rungs that play, the median.
double shareLost(const LadderAnswer& a, const Conditions& there) {
    const auto played = playLadder(a.ladder, there);
    std::vector<double> lost;
    for (std::size_t l = 0; l < played.size(); ++l) {
        for (std::size_t i = 0; i < played[l].size(); ++i) {
            if (played[l][i].plays && a.plain[l][i].plays)
                lost.push_back(1.0 - played[l][i].carry_m / a.plain[l][i].carry_m);
        }
    }
    if (lost.empty()) return 0.0;
    std::sort(lost.begin(), lost.end());
    return lost[lost.size() / 2];
}

}  // namespace

LadderMaker::LadderMaker(QObject* parent)
    : QObject(parent),
      maker_(
          &LadderMaker::make,
          [this](const Answer& a) {
              player_.forget();  // it plays the former one
              show(a);
          },
          [this](const QString& why) { emit failed(why); }),
      player_(
          [](const std::pair<Answer, Conditions>& q) -> Answer {
              auto out = std::make_shared<LadderAnswer>(*q.first);
              out->today = q.second;
              out->played = playLadder(out->ladder, q.second);
              return out;
          },
          [this](const Answer& a) { show(a); }, [this](const QString& why) { emit failed(why); }) {}

void LadderMaker::ask(Question question) {
    player_.forget();
    maker_.ask(std::move(question));
}

void LadderMaker::play(const Conditions& today) {
    if (answer_) player_.ask({answer_, today});
}

void LadderMaker::close() {
    maker_.forget();
    player_.forget();
    maker_.waitUntilIdle();
}

LadderMaker::Answer LadderMaker::make(const Question& q, const Task& task) {
    const auto begin = std::chrono::steady_clock::now();
    auto out = std::make_shared<LadderAnswer>();
    out->player = q.fallback.player.name;
    const store::ShotList shots = readPlayerShots(q.logbook, q.fallback, out->player, task.stop);
    if (task.stop.stop_requested()) return nullptr;
    store::LadderShots found = store::findLadderShots(shots, q.fallback, *q.records, out->player);
    out->setAside = found.setAside;
    out->withoutSwing = found.withoutSwing;
    out->ladder = makeLadder(found.request);
    out->today = q.today;
    out->plain = playLadder(out->ladder, out->ladder.plain);
    out->played = playLadder(out->ladder, q.today);
    Conditions windy = out->ladder.plain;
    windy.air.windAhead_mps = -out->windTried_mps;
    out->againstWind = shareLost(*out, windy);
    Conditions lush = out->ladder.plain;
    lush.lie = findLie("lush")->lie;
    out->fromLush = shareLost(*out, lush);
    out->took = std::chrono::duration_cast<std::chrono::milliseconds>(
        std::chrono::steady_clock::now() - begin);
    return out;
}

void LadderMaker::show(const Answer& answer) {
    if (!answer) return;
    answer_ = answer;
    emit made();
}

}  // namespace wedgeon
