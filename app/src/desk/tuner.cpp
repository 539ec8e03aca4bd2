// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Working it out.
#include "desk/tuner.h"

namespace wedgeon {
namespace {

/// Shares of the time at which the parts are done.
constexpr double fitDone = 0.85, residualsDone = 0.9;

}  // namespace

Tuner::Tuner(QObject* parent)
    : QObject(parent),
      reader_(
          [](const Wanted& w) {
              return Readings{w.player,
                              store::findTuneShots(*w.shots, w.fallback, w.player.toStdString())};
          },
          [this](const Readings& r) { askFor(r); }),
      worker_(
          &Tuner::answer,
          [this](const Answer& a) {
              working_ = false;
              emit tuned(a);
          },
          [this](const QString& why) {
              cancel();
              emit failed(why);
          },
          [this](double share) { share_ = share; }) {}

void Tuner::ask(const std::shared_ptr<const ShotList>& shots, const store::Fallback& fallback,
                const QString& player) {
    reader_.ask({shots, fallback, player});
}

void Tuner::askFor(const Readings& readings) {
    const std::pair question{readings.first, readings.second.digest};
    if (asked_ == question) return;
    asked_ = question;
    share_ = 0.0;
    working_ = true;
    worker_.ask({readings.first, readings.second});
    emit started();
}

void Tuner::cancel() {
    reader_.forget();
    worker_.forget();
    working_ = false;
    asked_.reset();
}

Tuner::Answer Tuner::answer(const Question& q, const Task& task) {
    auto out = std::make_shared<PlayerTuning>();
    out->player = q.player;
    out->data = q.data;
    const std::vector<TuneShot>& shots = q.data.shots;
    const auto part = [&](double from, double to) {
        TuneOptions options;
        options.stop = task.stop;
        options.progress = [&task, from, to](double s) { task.progress(from + (to - from) * s); };
        return options;
    };
    out->fit = fitPlayer(shots, part(0.0, fitDone), q.data.seen);
    if (out->fit.strike.refused) return out;
    out->residuals = findResiduals(shots, out->fit);
    out->findings = findFindings(out->fit, shots);
    task.progress(residualsDone);
    if (!task.stop.stop_requested()) out->next = findNextShots(shots, out->fit.strike);
    return out;
}

}  // namespace wedgeon
