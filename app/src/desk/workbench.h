// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The observable state that every view shows: givens, recipes, predictions, and the ghost of the
// former state. Changed only through edit(), which is one undo step.
#pragma once

#include <QObject>
#include <QString>
#include <QTimer>
#include <QUndoStack>
#include <optional>
#include <vector>

#include "desk/bench_state.h"
#include "text/units.h"
#include "wedgeon/ladder/swing_ladder.h"
#include "wedgeon/shot/predictor.h"
#include "wedgeon/shot/spin_window.h"
#include "wedgeon/store/shot_givens.h"
#include "work/latest_worker.h"

namespace wedgeon {

struct Prediction {
    ShotResult shot;
    ShotTrace trace;
    Spread spread;
};

/// What only a set-up has, not a recorded shot.
struct BenchPrediction : Prediction {
    StrikeChances chances;
    SpinWindow window;
    std::vector<Worth> worth;
    /// The swing that its step of speed goes to, and how much that is; without a name where he has
    /// no other.
    std::string otherSwing;
    double otherSwing_mps = 0.0;
    MainRisk risk;
    std::optional<double> aim_rad;  ///< none where no aim brings it to rest on the line
};

/// One of the recipes side by side, as it is drawn and compared.
struct Overlay {
    Recipe recipe;  ///< brought to the chosen one's carry when that was asked for
    std::optional<ShotResult> shot;
    ShotTrace trace;
    StrikeChances chances;
    double within3m = 0.0;  ///< of where it is meant to end, with the player's scatter
    QString error;          ///< why there is no shot
};

/// Many swings of one set-up, and where the planned shot of the same set-up ends.
struct PlayedSwings {
    Simulation played;
    double carry_m = 0.0, total_m = 0.0, restSide_m = 0.0;
};

class Workbench : public QObject {
    Q_OBJECT

public:
    explicit Workbench(BenchState start, QObject* parent = nullptr);

    const BenchState& state() const { return state_; }
    /// What stands in for all that recorded shots do not say.
    store::Fallback fallback() const { return {state_.player, state_.conditions, everyone_}; }
    /// The players that the logbook knows. No undo step: what it says goes.
    void setEveryone(std::shared_ptr<const store::Players> everyone);
    /// Empty when the state is out of the model's range; error() says why.
    const std::optional<BenchPrediction>& prediction() const { return prediction_; }
    const std::optional<BenchPrediction>& ghost() const { return ghost_; }
    const BenchState& ghostState() const { return ghostState_; }
    const QString& error() const { return error_; }
    /// As many as there are recipes.
    const std::vector<Overlay>& overlays() const { return overlays_; }
    /// Many swings of the chosen recipe; those of the former state until a worker has played them.
    const std::optional<PlayedSwings>& simulation() const { return simulation_; }
    const Units& units() const { return units_; }
    /// The player's swings: as his logged shots have them, else as he is known.
    const SwingLadder& swings() const { return swingSizes_; }
    /// What \p player's shots say of his swings. No undo step.
    void setLogged(const std::string& player, const SwingLadder& swings);
    QUndoStack& undoStack() { return undo_; }

    /// One undo step named \p what. Steps of the same \p gesture (not 0) merge into one.
    void edit(const BenchState& next, const QString& what, int gesture = 0);
    /// A number for the steps of one drag or one run of key presses.
    int newGesture() { return ++lastGesture_; }

    void setUnits(const Units& units);

signals:
    void changed();        ///< state, prediction or ghost
    void givensChanged();  ///< before changed(), when the strip's part changed
    void simulated();
    void unitsChanged();
    void swingSizesChanged();

private:
    struct Swings {
        Recipe recipe;
        PlayerModel player;
        Conditions conditions;
        double aim_rad = 0.0;
    };
    void setState(const BenchState& next, const BenchState& former);
    void findSwings();
    void findWorth();
    void overlay();
    void simulateSoon();
    void simulateNow();

    BenchState state_;
    std::shared_ptr<const store::Players> everyone_ = std::make_shared<store::Players>();
    BenchState ghostState_;
    Units units_;
    QString error_;  // before the predictions, whose making writes it
    std::optional<BenchPrediction> prediction_, ghost_;
    std::vector<Overlay> overlays_;
    std::optional<PlayedSwings> simulation_;
    std::pair<std::string, SwingLadder> logged_;  ///< player and swings
    SwingLadder swingSizes_;
    QUndoStack undo_;
    int lastGesture_ = 0;
    QTimer swingsSoon_;
    LatestWorker<Swings, std::optional<PlayedSwings>> swings_;
};

}  // namespace wedgeon
