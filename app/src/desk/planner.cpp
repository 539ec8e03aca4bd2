// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// First, better, and what would change it.
#include "desk/planner.h"

#include <algorithm>

namespace wedgeon {
namespace {

constexpr std::size_t samplesAtFirst = 48;
constexpr std::size_t samplesForChanges = 200;

}  // namespace

Planner::Planner(QObject* parent)
    : QObject(parent),
      first_(
          &Planner::work,
          [this](const Answer& a) {
              if (!a) return;
              show(a);
              better_.ask(asked_);
          },
          [this](const QString& why) { fail(why); }),
      better_(
          &Planner::work,
          [this](const Answer& a) {
              if (!a) return;
              show(a);
              changes_.ask(a);
          },
          [this](const QString& why) { fail(why); }),
      changes_(
          &Planner::lookFor,
          [this](const Answer& a) {
              if (!a) return;
              working_ = false;
              show(a);
          },
          [this](const QString& why) { fail(why); }) {}

void Planner::ask(const PlanRequest& request) {
    better_.forget();
    changes_.forget();
    asked_ = request;
    working_ = true;
    PlanRequest first = request;
    first.samples = samplesAtFirst;
    first_.ask(std::move(first));
}

bool Planner::isFor(const PlanRequest& q) const {
    const auto sameOwn = [](const Technique& a, const Technique& b) {
        return a.key == b.key && a.recipe == b.recipe;
    };
    const bool sameReading = q.reading.has_value() == asked_.reading.has_value() &&
                             (!q.reading || (q.reading->mean == asked_.reading->mean &&
                                             q.reading->lower == asked_.reading->lower));
    // The wedge of the strip has no part in it.
    Conditions met = q.conditions;
    met.wedge = asked_.conditions.wedge;
    return (working_ || answer_) && q.player == asked_.player && met == asked_.conditions &&
           sameReading && q.swings == asked_.swings && q.clubs == asked_.clubs &&
           q.holeOut == asked_.holeOut &&
           std::equal(q.own.begin(), q.own.end(), asked_.own.begin(), asked_.own.end(), sameOwn);
}

void Planner::cancel() {
    first_.forget();
    better_.forget();
    changes_.forget();
    working_ = false;
}

Planner::Answer Planner::work(const PlanRequest& request, const Task& task) {
    std::optional<Plan> plan = makePlan(request, task.stop);
    if (!plan) return nullptr;
    auto out = std::make_shared<PlanAnswer>();
    out->request = request;
    out->plan = std::move(*plan);
    for (const PlannedShot& s : out->plan.shots)
        out->ways.push_back(traceOf(request, s));
    out->rules = rulesOfThumb(request, out->plan);
    return out;
}

Planner::Answer Planner::lookFor(const Answer& answer, const Task& task) {
    PlanRequest request = answer->request;
    request.samples = samplesForChanges;
    auto changes = findChanges(request, answer->plan, task.stop);
    if (!changes) return nullptr;
    auto out = std::make_shared<PlanAnswer>(*answer);
    out->changes = std::move(changes);
    return out;
}

void Planner::show(const Answer& answer) {
    answer_ = answer;
    emit planned();
}

void Planner::fail(const QString& why) {
    better_.forget();
    changes_.forget();
    working_ = false;
    answer_ = nullptr;
    emit failed(why);
}

}  // namespace wedgeon
