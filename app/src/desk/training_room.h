// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The drill or trial that is under way with the bench's player, or one of his that is looked at:
// shots that come in, live or by eye, are hit in it.
#pragma once

#include <QObject>
#include <functional>
#include <map>
#include <optional>
#include <vector>

#include "desk/shot_log.h"
#include "desk/workbench.h"
#include "wedgeon/store/trainings.h"

namespace wedgeon {

class TrainingRoom : public QObject {
    Q_OBJECT

public:
    TrainingRoom(ShotLog& log, Workbench& bench, QObject* parent = nullptr);

    /// The bench's player's, the newest first.
    std::vector<store::Training> ofPlayer() const;
    /// The chosen one, else the one under way, else his newest.
    const std::optional<store::Training>& current() const { return current_; }
    bool isRunning() const { return current_ && !current_->ended; }
    void choose(std::int64_t id);

    /// An undo step each.
    void begin(std::variant<Drill, store::Trial> what);
    void end();
    /// All trace of it, but for the shots.
    void remove();

    /// Shots that just came in: those of the player are hit in what is under way.
    void take(const std::vector<store::LoggedShot>& shots);
    /// The current one's shots by place; null for one that has gone or is still being read.
    std::vector<const store::LoggedShot*> shots() const;
    /// The newest of them.
    const store::LoggedShot* newest() const;
    DrillScore score() const;
    /// What is known of a shot, in a drill that asks for it against what was declared, too.
    DrillShot valuesOf(const store::LoggedShot& shot) const;
    /// The drill holds shots against what was declared before them.
    bool needsDeclaration() const;
    std::optional<DeclaredMiss> missOf(const store::LoggedShot& shot) const {
        return store::findMissOf(shot.record, bench_.fallback());
    }
    /// Of the player's drills by name, the share of the shots that missed the last time; \p then a
    /// moment later.
    void findMisses(std::function<void(const std::map<std::string, double>&)> then);
    /// The way of the next shot of a trial.
    Arm nextArm() const;

signals:
    void changed();
    /// A shot of a drill has just come in, and counts.
    void scored(bool inside);
    /// It ended by itself, as all its shots are hit or a gate stays shut.
    void drillEnded(const QString& name);

private:
    void follow();
    void fetch();
    void endWhenDone();

    ShotLog& log_;
    Workbench& bench_;
    std::int64_t chosen_ = 0;
    std::optional<store::Training> current_;
    std::map<std::int64_t, store::LoggedShot> known_;
    int adding_ = 0;  ///< shots on their way into the logbook
    bool ending_ = false;
};

}  // namespace wedgeon
