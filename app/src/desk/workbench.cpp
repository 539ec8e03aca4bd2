// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// State, predictions and undo.
#include "desk/workbench.h"

#include <algorithm>
#include <chrono>
#include <cmath>

#include "text/said.h"
#include "undo/bench_command.h"
#include "wedgeon/error.h"

namespace wedgeon {

namespace {

constexpr std::size_t swingsPlayed = 1000;
constexpr std::size_t swingsForChance = 300;
constexpr std::chrono::milliseconds swingsEvery{50};
constexpr std::size_t runSamples = 200;  // of the run, played with every step of a drag

/// Empty outside the model; then \p error says why.
std::optional<BenchPrediction> predict(const BenchState& state, QString* error) {
    try {
        BenchPrediction p;
        const Recipe& recipe = state.recipe();
        const Predictor predictor = state.predictor();
        p.shot = predictor.shot(recipe, &p.trace);
        p.spread = predictor.spreadWithRun(p.shot, SpreadSource::swings(), runSamples);
        p.chances = predictor.chances(recipe, p.shot);
        p.window = findSpinWindow(p.shot.swing.delivery, p.shot.contact);
        p.risk = predictor.mainRisk(p.shot);
        p.aim_rad = predictor.aim(recipe);
        if (const double aim = state.aim_rad(); aim != 0.0)
            p.shot = predictor.turned(p.shot, aim, &p.trace);
        if (error) error->clear();
        return p;
    } catch (const RangeError& e) {
        if (error) *error = text::said(e);
        return std::nullopt;
    }
}

/// Of ending within 3 m of where the shot is meant to.
double chanceNear(const Predictor& predictor, const Recipe& recipe, const ShotResult& shot) {
    SimulationOptions options;
    options.samples = swingsForChance;
    options.threads = 1;
    const Simulation played = predictor.simulate(recipe, options);
    const auto near = std::count_if(played.rest.begin(), played.rest.end(), [&](const auto& r) {
        return std::hypot(r[0] - shot.total_m(), r[1] - shot.restSide_m()) <= 3.0;
    });
    return static_cast<double>(near) /
           static_cast<double>(std::max<std::size_t>(played.rest.size(), 1));
}

}  // namespace

Workbench::Workbench(BenchState start, QObject* parent)
    : QObject(parent),
      state_(std::move(start)),
      ghostState_(state_),
      prediction_(predict(state_, &error_)),
      swings_(
          [](const Swings& s) -> std::optional<PlayedSwings> {
              try {
                  SimulationOptions options;
                  options.samples = swingsPlayed;
                  options.threads = 1;  // the other cores paint meanwhile
                  options.aim_rad = s.aim_rad;
                  const Predictor predictor(s.player, s.conditions);
                  const ShotResult shot = predictor.turned(predictor.shot(s.recipe), s.aim_rad);
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
    findSwings();
    findWorth();
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

void Workbench::setUnits(const Units& units) {
    if (units == units_) return;
    units_ = units;
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
        ghost_ = predict(former, nullptr);
    }
    ghostState_ = former;
    state_ = next;
    prediction_ = predict(state_, &error_);
    findSwings();
    findWorth();
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

void Workbench::setLogged(const std::string& player, const SwingLadder& swings) {
    logged_ = {player, swings};
    findSwings();
}

void Workbench::findSwings() {
    const bool logged = logged_.first == state_.player.name && !logged_.second.rungs().empty();
    SwingLadder now = logged ? logged_.second : SwingLadder(state_.player, {});
    if (now == swingSizes_) return;
    swingSizes_ = std::move(now);
    findWorth();
    emit swingSizesChanged();
}

void Workbench::findWorth() {
    if (!prediction_) return;
    const Recipe& recipe = state_.recipe();
    const Rung* other = swingSizes_.besides(recipe.clubSpeed_mps);
    prediction_->otherSwing = other ? other->swing : std::string();
    prediction_->otherSwing_mps = other ? other->speed_mps - recipe.clubSpeed_mps : 1.0;
    prediction_->worth = state_.predictor().worth(recipe, prediction_->otherSwing_mps);
}

void Workbench::overlay() {
    overlays_.clear();
    for (std::size_t i = 0; i < state_.recipes.size(); ++i) {
        Overlay& o = overlays_.emplace_back();
        o.recipe = state_.recipes[i].recipe;
        try {
            const Predictor predictor = state_.predictor(i);
            if (i != state_.chosen && state_.same != SameDistance::Own && prediction_) {
                // Straight against straight: each is turned by its own aim afterwards.
                const ShotResult chosen = state_.predictor().shot(state_.recipe());
                o.recipe.clubSpeed_mps =
                    state_.same == SameDistance::Carry
                        ? predictor.speedForCarry(o.recipe, chosen.flight.carry_m)
                        : predictor.speedForTotal(o.recipe, chosen.total_m());
            }
            o.shot = predictor.shot(o.recipe, &o.trace);
            o.chances = predictor.chances(o.recipe, *o.shot);
            // Only where it is compared: a drag of one recipe need not wait for it.
            if (state_.recipes.size() > 1) o.within3m = chanceNear(predictor, o.recipe, *o.shot);
            if (const double aim = state_.recipes[i].aim_rad; aim != 0.0)
                o.shot = predictor.turned(*o.shot, aim, &o.trace);
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
        swings_.ask({state_.recipe(), state_.player, state_.met(), state_.aim_rad()});
    } else {
        swings_.forget();
        simulation_.reset();
    }
}

}  // namespace wedgeon
