// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Drills and trials of players in the logbook, with the shots that were hit in them; and
/// drills as documents.
#pragma once

#include <array>
#include <cstdint>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

#include "wedgeon/store/logbook.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/train/declared.h"
#include "wedgeon/train/drill.h"
#include "wedgeon/train/trial.h"

namespace wedgeon::store {

/// Two ways that are tried against each other. A way may be one that the model knows nothing of.
struct Trial {
    std::string name;                 ///< what is tried
    std::array<std::string, 2> ways;  ///< A and B, as the player is told
    std::string task;                 ///< what is hit: club, swing, target
    DrillMeasure decides = DrillMeasure::Landing;
    TrialDesign design;  ///< of the measure that decides
    std::uint64_t seed = 1;
};

/// One drill or trial as it was hit.
struct Training {
    std::int64_t id = 0;
    std::string player;
    std::string begun;  ///< local time, ISO 8601
    bool ended = false;
    std::variant<Drill, Trial> what;
    /// Ids, in the order in which they were hit; 0 for one that has gone: the others keep their
    /// places, and in a trial their arms.
    std::vector<std::int64_t> shots;
    const std::string& name() const;
};

/// On one line, as the logbook keeps it: docs/formats.md.
std::string formatDrill(const Drill& drill);
/// \throws StoreError Malformed or RangeError saying which field is wrong.
Drill parseDrill(std::string_view json);
std::string formatTrial(const Trial& trial);
Trial parseTrial(std::string_view json);

/// What is known of a shot, measured or else seen by eye; but for what was declared.
DrillShot drillShotOf(const ShotRecord& record);
/// One of its windows is of what was declared.
bool needsDeclaration(const Drill& drill);
/// A shot against the set-up that was declared for it, whose predictor is that of the record and of
/// \p fallback; nothing where none was declared, or one that cannot be played.
std::optional<DeclaredMiss> findMissOf(const ShotRecord& record, const Fallback& fallback);
/// What is missed of that, too.
DrillShot drillShotOf(const ShotRecord& record, const Fallback& fallback);
/// Of a trial's shots those that count, as one measure. \p shots in the trial's order; one that is
/// not there any more, or was set aside, keeps its place.
std::vector<TrialValue> trialValues(const Trial& trial, const std::vector<const LoggedShot*>& shots,
                                    DrillMeasure measure);
/// The same of how they were struck: clean, or fat, thin, toe or heel.
std::vector<StrikeShot> trialStrikes(const Trial& trial,
                                     const std::vector<const LoggedShot*>& shots);

/// The trainings of one logbook. \throws StoreError from each.
class Trainings {
public:
    explicit Trainings(Logbook& logbook) : logbook_(logbook) {}

    /// The oldest first; those whose document cannot be read are left out.
    std::vector<Training> all() const;
    /// Its id; one that has an id gets it again, with its shots. \throws StoreError Malformed or
    /// RangeError for one that could not be read again.
    std::int64_t add(const Training& training);
    void remove(std::int64_t id);
    /// At the end. \throws StoreError Conflict where the training has another number of places than
    /// \p before, as another window added one, or one of the two is not there.
    void addShot(std::int64_t id, std::int64_t shot, std::size_t before);
    /// The last one, if it is this. \throws StoreError Conflict.
    void removeShot(std::int64_t id, std::int64_t shot);
    /// \throws StoreError Conflict where it is so already.
    void setEnded(std::int64_t id, bool ended);

    /// The coach's own drills.
    std::vector<Drill> drills() const;
    /// In the place of one of the same name. \throws as above.
    void keepDrill(const Drill& drill);
    void removeDrill(const std::string& name);

private:
    Logbook& logbook_;
};

}  // namespace wedgeon::store
