// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Working it out.
#include "model/tuner.h"

namespace wedgeon {
Tuner::Tuner(QObject* parent)
    : QObject(parent), worker_(this, &Tuner::answer, [this](const Answer& a) { emit tuned(a); }) {}

void Tuner::ask(const ShotList& shots, const Givens& fallback, const QString& player) {
    worker_.ask({player, store::findTuneShots(shots, fallback, player.toStdString())});
}

Tuner::Answer Tuner::answer(const Question& q) {
    auto out = std::make_shared<PlayerTuning>();
    out->player = q.player;
    out->data = q.data;
    const std::vector<TuneShot>& shots = q.data.shots;
    out->fit = fitPlayer(shots);
    if (!out->fit.strike.refused.empty()) return out;
    out->residuals = findResiduals(shots, out->fit);
    out->check = checkLeftOut(shots);
    out->next = findNextShots(shots, out->fit.strike);
    return out;
}

}  // namespace wedgeon
