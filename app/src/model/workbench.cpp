// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// State, prediction and undo.
#include "model/workbench.h"

#include <QUndoCommand>

#include "wedgeon/error.h"
#include "wedgeon/units.h"

namespace wedgeon {

/// Holds the values before and after; merging keeps the first "before".
class EditCommand : public QUndoCommand {
public:
    EditCommand(Workbench& bench, const BenchState& after, const QString& what, int gesture)
        : QUndoCommand(what),
          bench_(bench),
          before_(bench.state()),
          after_(after),
          gesture_(gesture) {}

    void undo() override { bench_.setState(before_, after_); }
    void redo() override { bench_.setState(after_, before_); }
    int id() const override { return gesture_ == 0 ? -1 : 1; }
    bool mergeWith(const QUndoCommand* other) override {
        const auto* next = static_cast<const EditCommand*>(other);
        if (next->gesture_ != gesture_) return false;
        after_ = next->after_;
        // The redo of the merged step showed its own "before" as ghost: put the drag's start back.
        bench_.setState(after_, before_);
        return true;
    }

private:
    Workbench& bench_;
    BenchState before_, after_;
    int gesture_;
};

namespace {

BenchState startState() {
    BenchState s;
    s.player = QStringLiteral("Runa Vale");
    s.givens.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    s.givens.lie = findLie("short-dry")->lie;
    s.givens.air.temperature_c = 14;
    s.recipe.lean_rad = radFromDeg(5);
    s.recipe.clubSpeed_mps = 21;
    return s;
}

bool sameGivens(const BenchState& a, const BenchState& b) {
    const auto key = [](const BenchState& s) {
        const Givens& g = s.givens;
        return std::make_tuple(s.player, g.hand, g.wedge.loft_rad, g.wedge.lie_rad,
                               g.wedge.bounce_rad, g.ball, g.face, g.lie.cover, g.lie.moisture,
                               g.lie.grain_rad, g.lie.sit_m, g.lie.firmness, g.air.windAhead_mps,
                               g.air.windRight_mps, g.air.temperature_c, g.air.altitude_m,
                               g.air.humidity, g.ground.firmness, g.ground.friction,
                               g.ground.stimp_ft, g.ground.slopeAlong, g.ground.slopeAcross);
    };
    return key(a) == key(b);
}

}  // namespace

Workbench::Workbench(QObject* parent) : QObject(parent), state_(startState()), ghostState_(state_) {
    predict(state_, prediction_, &error_);
}

void Workbench::edit(const BenchState& next, const QString& what, int gesture) {
    undo_.push(new EditCommand(*this, next, what, gesture));
}

void Workbench::setUnits(UnitSystem system) {
    if (system == units_.system()) return;
    units_ = Units(system);
    emit unitsChanged();
}

void Workbench::predict(const BenchState& state, std::optional<Prediction>& out,
                        QString* error) const {
    try {
        Prediction p;
        p.shot = calcShot(state.recipe, state.givens, &p.trace);
        const SpreadSource swings = SpreadSource::swings();
        p.spread = findSpread(p.shot, state.givens, swings);
        p.chances = calcStrikeChances(solePass(p.shot, state.givens), state.givens.lie, {});
        p.window = findSpinWindow(p.shot.swing.delivery, p.shot.contact);
        p.worth = findWorth(state.recipe, state.givens);
        p.risk = findMainRisk(p.shot, state.givens, swings);
        out = std::move(p);
        if (error) error->clear();
    } catch (const RangeError& e) {
        out.reset();
        if (error) *error = QString::fromStdString(e.what());
    }
}

void Workbench::setState(const BenchState& next, const BenchState& former) {
    const bool givens = !sameGivens(next, state_);
    state_ = next;
    ghostState_ = former;
    predict(state_, prediction_, &error_);
    predict(ghostState_, ghost_, nullptr);
    if (givens) emit givensChanged();
    emit changed();
}

}  // namespace wedgeon
