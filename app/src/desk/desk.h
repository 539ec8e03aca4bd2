// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// All models of one logbook, and how they hang together. Knows no window and outlives it.
#pragma once

#include <QFlags>
#include <QObject>
#include <QTimer>

#include "desk/attacher.h"
#include "desk/care.h"
#include "desk/cause_finder.h"
#include "desk/clock.h"
#include "desk/comparison.h"
#include "desk/history_maker.h"
#include "desk/hit_list.h"
#include "desk/import_job.h"
#include "desk/ladder_maker.h"
#include "desk/live_link.h"
#include "desk/one_change.h"
#include "desk/planner.h"
#include "desk/preferences.h"
#include "desk/recipe_book.h"
#include "desk/shot_log.h"
#include "desk/shown_shots.h"
#include "desk/simulated_monitor.h"
#include "desk/training_room.h"
#include "desk/tuner.h"
#include "desk/watched_shots.h"
#include "desk/workbench.h"

namespace wedgeon {

class Desk : public QObject {
    Q_OBJECT

public:
    /// \p logbook: the file that holds the shots; the ordinary one when empty.
    explicit Desk(const QString& logbook = {}, const Clock& clock = Clock::machine());
    ~Desk() override;

    Workbench& bench() { return bench_; }
    Preferences& preferences() { return preferences_; }
    SimulatedMonitor& simulated() { return simulated_; }
    ShotLog& log() { return log_; }
    RecipeBook& recipes() { return recipes_; }
    LiveLink& link() { return link_; }
    WatchedShots& shots() { return shots_; }
    ShownShots& shown() { return shown_; }
    Comparison& comparison() { return comparison_; }
    HitList& wanted() { return wanted_; }
    OneChange& oneChange() { return oneChange_; }
    ImportJob& import() { return import_; }
    Attacher& attacher() { return attacher_; }
    TrainingRoom& training() { return training_; }
    Care& care() { return care_; }
    CauseFinder& causes() { return causes_; }
    /// Looks for the cause of the pattern anew.
    void askCause();
    HistoryMaker& history() { return history_; }
    /// Reads the player's history anew.
    void askHistory();
    Tuner& tuner() { return tuner_; }
    Planner& planner() { return planner_; }
    LadderMaker& ladder() { return ladder_; }
    const Clock& clock() const { return log_.clock(); }

    /// The logbook is open, or it is known that it cannot be; every change is on the disk, and what
    /// was asked for is shown.
    bool isSettled() const {
        return log_.state() != ShotLog::State::Opening && log_.isSaved() && !log_.isLoading();
    }

    /// Predicts for this player with one of his kept tunings from now on, or with the priors for 0,
    /// here and in the logbook, as one undo step. False when there is nothing to change.
    bool useTuning(const QString& player, std::int64_t id);
    /// The player's swings in the logbook and on the bench: one undo step.
    void setSwings(const std::string& player, std::shared_ptr<const SwingSet> swings);
    /// Two players are one, under the second one's name: in the logbook, and on the bench where the
    /// first one stands there. One undo step.
    void mergePlayers(const std::string& from, const std::string& into);
    /// A shot that was seen by eye, with the bench's set-up declared and what stands in the strip;
    /// into the session that is shown where that is today's. An undo step.
    void addSeen(const Sighting& seen, const QString& strike, const QString& swing);
    /// Of the strip where it is his, else as the logbook has it.
    Hand handOf(const QString& player) const;

    /// What can change.
    enum Part {
        Bench = 1 << 0,   ///< the set-up, its prediction, the ghost
        Givens = 1 << 1,  ///< what stands in the strip
        Swings = 1 << 2,  ///< the played ones
        UnitsShown = 1 << 3,
        Shots = 1 << 4,      ///< which there are
        ShotNotes = 1 << 5,  ///< what is noted of some of them, what is doubtful, what is expected
        Records = 1 << 6,    ///< of the logbook, beside its shots
        LogState = 1 << 7,
        Compared = 1 << 8,    ///< the two sides
        Ladders = 1 << 9,     ///< the player's ladder
        Trained = 1 << 10,    ///< what is hit in the drill or trial
        Cared = 1 << 11,      ///< strikes that are counted, cautions
        Causes = 1 << 12,     ///< the pattern, the complaint, and what would make it
        Preferred = 1 << 13,  ///< what the coach chose for every lesson, beside units
    };
    Q_DECLARE_FLAGS(Parts, Part)
    static constexpr Parts everything() { return Parts::fromInt((Preferred << 1) - 1); }

    /// Shots of all sessions that this filter lets through are to be looked at.
    void wantShots(const QString& filter) { emit shotsWanted(filter); }
    /// A trial of these two ways is to be begun.
    void wantTrial(const QStringList& ways) { emit trialWanted(ways); }

signals:
    void changed(wedgeon::Desk::Parts parts);
    void shotsWanted(const QString& filter);
    void trialWanted(const QStringList& ways);

private:
    void tell(Part part) { emit changed(part); }
    /// Shows the newest session, with the tuning in use of the strip's player.
    void logOpened();
    void ladderIsOld();
    void makeLadder();
    bool canRead() const;
    void ladderMade();
    void shotsArrived(const std::vector<store::LoggedShot>& shots, const QString& session);

    Workbench bench_;
    Preferences preferences_;
    ShotLog log_;
    RecipeBook recipes_;
    LiveLink link_;
    WatchedShots shots_;
    ShownShots shown_;
    Comparison comparison_;
    HitList wanted_;
    OneChange oneChange_;
    ImportJob import_;
    Attacher attacher_;
    TrainingRoom training_;
    Care care_;
    CauseFinder causes_;
    HistoryMaker history_;
    Tuner tuner_;
    Planner planner_;
    LadderMaker ladder_;
    SimulatedMonitor simulated_;
    QTimer ladderSoon_;  ///< its shots, a moment after the last change
    bool playerTaken_ = false;
    QTimer rememberSoon_;  ///< the bench, a moment after its last change
};

Q_DECLARE_OPERATORS_FOR_FLAGS(Desk::Parts)

}  // namespace wedgeon
