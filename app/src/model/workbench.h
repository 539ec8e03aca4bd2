// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The observable state that every view shows: givens, recipe, prediction, and the ghost of the
// former state. Changed only through edit(), which is one undo step.
#pragma once

#include <QObject>
#include <QString>
#include <QUndoStack>
#include <optional>
#include <vector>

#include "text/units.h"
#include "wedgeon/shot/spin_window.h"
#include "wedgeon/shot/spread.h"
#include "wedgeon/shot/worth.h"

namespace wedgeon {

/// Everything that a prediction in Shape depends on.
struct BenchState {
    QString player;
    Givens givens;
    Recipe recipe;
};

struct Prediction {
    ShotResult shot;
    ShotTrace trace;
    Spread spread;
    // Of a set-up only; empty for a recorded shot.
    StrikeChances chances;
    SpinWindow window;
    std::vector<Worth> worth;
    MainRisk risk;
};

class Workbench : public QObject {
    Q_OBJECT

public:
    explicit Workbench(QObject* parent = nullptr);

    const BenchState& state() const { return state_; }
    /// Empty when the state is out of the model's range; error() says why.
    const std::optional<Prediction>& prediction() const { return prediction_; }
    const std::optional<Prediction>& ghost() const { return ghost_; }
    const BenchState& ghostState() const { return ghostState_; }
    const QString& error() const { return error_; }
    const Units& units() const { return units_; }
    QUndoStack& undoStack() { return undo_; }

    /// One undo step named \p what. Steps of the same \p gesture (not 0) merge into one.
    void edit(const BenchState& next, const QString& what, int gesture = 0);
    /// A number for the steps of one drag or one run of key presses.
    int newGesture() { return ++lastGesture_; }

    void setUnits(UnitSystem system);

signals:
    void changed();        ///< state, prediction or ghost
    void givensChanged();  ///< before changed(), when the strip's part changed
    void unitsChanged();

private:
    friend class EditCommand;
    void setState(const BenchState& next, const BenchState& former);
    void predict(const BenchState& state, std::optional<Prediction>& out, QString* error) const;

    BenchState state_;
    BenchState ghostState_;
    std::optional<Prediction> prediction_, ghost_;
    QString error_;
    Units units_;
    QUndoStack undo_;
    int lastGesture_ = 0;
};

}  // namespace wedgeon
