// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// State, predictions and undo.
#include "desk/workbench.h"

#include <chrono>

#include "text/said.h"
#include "undo/bench_command.h"
#include "wedgeon/error.h"

namespace wedgeon {

namespace {

constexpr std::size_t swingsPlayed = 1000;
constexpr std::chrono::milliseconds swingsEvery{50};

/// Empty outside the model; then \p error says why.
std::optional<BenchPrediction> predict(const BenchState& state, const Units& units,
                                       QString* error) {
    try {
        BenchPrediction p;
        const Recipe& recipe = state.recipe();
        const Predictor predictor = state.predictor();
        p.shot = predictor.shot(recipe, &p.trace);
        p.spread = predictor.spread(p.shot, SpreadSource::swings());
        p.chances = predictor.chances(recipe, p.shot);
        p.window = findSpinWindow(p.shot.swing.delivery, p.shot.contact);
        p.worth = predictor.worth(recipe, 1 / units.speedFactor());
        p.risk = predictor.mainRisk(p.shot);
        p.aim_rad = predictor.aim(recipe);
        if (error) error->clear();
        return p;
    } catch (const RangeError& e) {
        if (error) *error = text::said(e);
        return std::nullopt;
    }
}

}  // namespace

Workbench::Workbench(BenchState start, QObject* parent)
    : QObject(parent),
      state_(std::move(start)),
      ghostState_(state_),
      prediction_(predict(state_, units_, &error_)),
      swings_(
          [](const Swings& s) -> std::optional<PlayedSwings> {
              try {
                  SimulationOptions options;
                  options.samples = swingsPlayed;
                  options.threads = 1;  // the other cores paint meanwhile
                  const Predictor predictor(s.player, s.conditions);
                  const ShotResult shot = predictor.shot(s.recipe);
                  return PlayedSwings{predictor.simulate(s.recipe, options), shot.flight.carry_m,
                                      shot.total_m(), shot.restSide_m()};
              } catch (const RangeError&) {
                  return std::nullopt;  // the sentence says it already
              }
          },
          [this](const std::optional<PlayedSwings>& played) {
              simulation_ = played;
              emit simulated();
          }) {
    swingsSoon_.setSingleShot(true);
    swingsSoon_.setInterval(swingsEvery);
    connect(&swingsSoon_, &QTimer::timeout, this, &Workbench::simulateNow);
    overlay();
    simulateSoon();
}

void Workbench::edit(const BenchState& next, const QString& what, int gesture) {
    const auto* last = undo_.index() > 0
                           ? dynamic_cast<const BenchCommand*>(undo_.command(undo_.index() - 1))
                           : nullptr;
    // The ghost of a drag is where it began, not its step before.
    const bool goesOn = last && last->continues(gesture);
    undo_.push(new BenchCommand(
        what, state_, next, goesOn ? ghostState_ : state_, gesture,
        [this](const BenchState& now, const BenchState& ghost) { setState(now, ghost); }));
}

void Workbench::setUnits(UnitSystem system) {
    if (system == units_.system()) return;
    units_ = Units(system);
    prediction_ = predict(state_, units_, &error_);  // one unit of speed is another one now
    emit unitsChanged();
}

void Workbench::setState(const BenchState& next, const BenchState& former) {
    if (next.playsLike(state_) && former.playsLike(ghostState_)) {
        // Read's part only: no prediction has changed.
        ghostState_ = former;
        state_ = next;
        emit changed();
        return;
    }
    const bool givens = next.player != state_.player || next.conditions != state_.conditions;
    // Of the two predictions asked for one is usually at hand.
    if (former == state_) {
        ghost_ = std::move(prediction_);
    } else if (former != ghostState_ || !ghost_) {
        ghost_ = predict(former, units_, nullptr);
    }
    ghostState_ = former;
    state_ = next;
    prediction_ = predict(state_, units_, &error_);
    overlay();
    simulateSoon();
    if (givens) emit givensChanged();
    emit changed();
}

void Workbench::setEveryone(std::shared_ptr<const store::Players> everyone) {
    if (*everyone == *everyone_) return;
    everyone_ = std::move(everyone);
    emit givensChanged();
}

void Workbench::overlay() {
    overlays_.clear();
    for (std::size_t i = 0; i < state_.recipes.size(); ++i) {
        Overlay& o = overlays_.emplace_back();
        o.recipe = state_.recipes[i].recipe;
        try {
            const Predictor predictor = state_.predictor();
            if (i != state_.chosen && state_.sameCarry && prediction_) {
                o.recipe.clubSpeed_mps =
                    predictor.speedForCarry(o.recipe, prediction_->shot.flight.carry_m);
            }
            o.shot = predictor.shot(o.recipe, &o.trace);
            o.chances = predictor.chances(o.recipe, *o.shot);
        } catch (const RangeError& e) {
            o.shot.reset();
            o.error = text::said(e);
        }
    }
}

void Workbench::simulateSoon() {
    // A drag asks with every step; the swings follow a few times in the time that an eye takes.
    if (!swingsSoon_.isActive()) swingsSoon_.start();
}

void Workbench::simulateNow() {
    if (prediction_) {
        swings_.ask({state_.recipe(), state_.player, state_.conditions});
    } else {
        swings_.forget();
        simulation_.reset();
    }
}

}  // namespace wedgeon
