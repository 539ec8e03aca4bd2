// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows, and what a shot counts as.
#include "wedgeon/store/trainings.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "identities.h"
#include "logbook_db.h"
#include "text.h"
#include "wedgeon/error.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/sightings.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t mostDocument = 64u << 10;
constexpr std::int64_t mostShots = 2000;

std::optional<std::variant<Drill, Trial>> parseTraining(const std::string& kind,
                                                        const std::string& json) {
    try {
        if (kind == "drill") return parseDrill(json);
        return parseTrial(json);
    } catch (const StoreError&) {
        return std::nullopt;
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

/// The place of the next shot.
std::size_t nextPlace(SQLite::Database& db, std::int64_t id) {
    SQLite::Statement last(
        db, "SELECT coalesce(max(place) + 1, 0) FROM training_shots WHERE training_id = ?");
    last.bind(1, id);
    last.executeStep();
    return static_cast<std::size_t>(last.getColumn(0).getInt64());
}

void putShot(SQLite::Database& db, std::int64_t id, std::size_t place, std::int64_t shot) {
    SQLite::Statement put(
        db, "INSERT INTO training_shots(training_id, place, shot_id) VALUES(?1, ?2, ?3)");
    put.bind(1, id);
    put.bind(2, static_cast<std::int64_t>(place));
    put.bind(3, shot);
    put.exec();
}

}  // namespace

const std::string& Training::name() const {
    if (const auto* drill = std::get_if<Drill>(&what)) return drill->name;
    return std::get<Trial>(what).name;
}

DrillShot drillShotOf(const ShotRecord& record) {
    constexpr std::array measured{std::pair{DrillMeasure::Carry, Quantity::Carry},
                                  std::pair{DrillMeasure::Total, Quantity::Total},
                                  std::pair{DrillMeasure::Side, Quantity::Side},
                                  std::pair{DrillMeasure::Apex, Quantity::Apex},
                                  std::pair{DrillMeasure::Launch, Quantity::LaunchAngle},
                                  std::pair{DrillMeasure::Landing, Quantity::LandingAngle},
                                  std::pair{DrillMeasure::Spin, Quantity::SpinRate},
                                  std::pair{DrillMeasure::ClubSpeed, Quantity::ClubSpeed},
                                  std::pair{DrillMeasure::Attack, Quantity::AttackAngle}};
    DrillShot out;
    const auto sighting = findSighting(record);
    for (const auto& [measure, quantity] : measured) {
        if (record.has(quantity)) {
            out[measure] = record[quantity];
        } else if (sighting) {
            out[measure] = findSeen(*sighting, quantity);
        }
    }
    out[DrillMeasure::Release] = findRelease_m(record);
    auto& release = out[DrillMeasure::Release];
    if (!release && sighting) release = findSeen(*sighting, Quantity::Release);
    auto& total = out[DrillMeasure::Total];
    if (!total && out[DrillMeasure::Carry] && release) total = *out[DrillMeasure::Carry] + *release;
    if (sighting && sighting->turf) out[DrillMeasure::Turf] = static_cast<double>(*sighting->turf);
    return out;
}

bool needsDeclaration(const Drill& drill) {
    return std::any_of(drill.stations.begin(), drill.stations.end(), [](const DrillStation& s) {
        return std::any_of(s.windows.begin(), s.windows.end(), [](const DrillWindow& w) {
            return w.of == DrillMeasure::OffAlong || w.of == DrillMeasure::OffAcross;
        });
    });
}

std::optional<DeclaredMiss> findMissOf(const ShotRecord& record, const Fallback& fallback) {
    const auto declared = findDeclared(record);
    if (!declared) return std::nullopt;
    const DrillShot known = drillShotOf(record);
    MissReading reading;
    reading.delivery = findDelivery(record);
    reading.launch = findLaunch(record);
    reading.carry_m = known[DrillMeasure::Carry];
    reading.total_m = known[DrillMeasure::Total];
    reading.side_m = known[DrillMeasure::Side];
    try {
        ShotGivens givens = findShotGivens(record, fallback);
        givens.conditions = declared->own.on(givens.conditions);
        return findMiss(givens.predictor(), declared->recipe, declared->aim_rad, reading);
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

DrillShot drillShotOf(const ShotRecord& record, const Fallback& fallback) {
    DrillShot out = drillShotOf(record);
    if (const auto miss = findMissOf(record, fallback)) {
        out[DrillMeasure::OffAlong] = miss->along.own_m;
        out[DrillMeasure::OffAcross] = miss->across.own_m;
    }
    return out;
}

std::vector<TrialValue> trialValues(const Trial& trial, const std::vector<const LoggedShot*>& shots,
                                    DrillMeasure measure) {
    const std::vector<Arm> arms = findArms(trial.seed, shots.size());
    std::vector<TrialValue> out;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        if (!shots[i] || !shots[i]->setAside.empty()) continue;
        if (const auto v = drillShotOf(shots[i]->record)[measure]) out.push_back({arms[i], *v});
    }
    return out;
}

std::vector<StrikeShot> trialStrikes(const Trial& trial,
                                     const std::vector<const LoggedShot*>& shots) {
    const std::vector<Arm> arms = findArms(trial.seed, shots.size());
    std::vector<StrikeShot> out;
    for (std::size_t i = 0; i < shots.size(); ++i) {
        if (!shots[i] || !shots[i]->setAside.empty()) continue;
        const std::string& felt = shots[i]->record[Label::Strike];
        if (!felt.empty()) out.push_back({arms[i], text::equalNoCase(felt, "clean")});
    }
    return out;
}

std::vector<Training> Trainings::all() const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::vector<Training> out;
        std::map<std::int64_t, std::vector<std::int64_t>> shots;
        SQLite::Statement its(*book.db, "SELECT training_id, place, shot_id FROM training_shots");
        while (its.executeStep()) {
            const std::int64_t place = its.getColumn(1).getInt64();
            if (place < 0 || place >= mostShots) continue;  // somebody else's row
            auto& of = shots[its.getColumn(0).getInt64()];
            of.resize(std::max(of.size(), static_cast<std::size_t>(place) + 1), 0);
            of[static_cast<std::size_t>(place)] = its.getColumn(2).getInt64();
        }
        SQLite::Statement all(
            *book.db,
            "SELECT trainings.id, players.name, begun, ended, kind, training FROM "
            "trainings JOIN players ON players.id = player_id ORDER BY "
            "trainings.id");
        while (all.executeStep()) {
            Training t;
            t.id = all.getColumn(0).getInt64();
            t.player = textAt(all, 1);
            t.begun = textAt(all, 2);
            t.ended = all.getColumn(3).getInt() != 0;
            auto what = parseTraining(textAt(all, 4), textAt(all, 5, mostDocument));
            if (!what) continue;
            t.what = std::move(*what);
            if (const auto at = shots.find(t.id); at != shots.end())
                t.shots = std::move(at->second);
            out.push_back(std::move(t));
        }
        return out;
    });
}

std::int64_t Trainings::add(const Training& training) {
    const auto* drill = std::get_if<Drill>(&training.what);
    const auto* trial = std::get_if<Trial>(&training.what);
    // What could not be read again is not written.
    if (drill) parseDrill(formatDrill(*drill));
    if (trial) parseTrial(formatTrial(*trial));
    return changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement put(db,
                              "INSERT INTO trainings(id, player_id, begun, ended, kind, training) "
                              "VALUES(?1, ?2, ?3, ?4, ?5, ?6)");
        if (training.id != 0) put.bind(1, training.id);
        put.bind(2, Identities(db).player(Word(training.player)));
        put.bind(3, training.begun);
        put.bind(4, training.ended ? 1 : 0);
        put.bind(5, drill ? "drill" : "trial");
        put.bind(6, drill ? formatDrill(*drill) : formatTrial(*trial));
        put.exec();
        const std::int64_t id = db.getLastInsertRowid();
        for (std::size_t i = 0; i < training.shots.size(); ++i) {
            if (training.shots[i] != 0) putShot(db, id, i, training.shots[i]);
        }
        return id;
    });
}

void Trainings::remove(std::int64_t id) {
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        run(db, "DELETE FROM training_shots WHERE training_id = ?", id);
        run(db, "DELETE FROM trainings WHERE id = ?", id);
    });
}

void Trainings::addShot(std::int64_t id, std::int64_t shot, std::size_t before) {
    LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    changed(book, [&](SQLite::Database& db) {
        SQLite::Statement there(db,
                                "SELECT 1 FROM trainings, shots WHERE trainings.id = ?1 AND "
                                "shots.id = ?2");
        there.bind(1, id);
        there.bind(2, shot);
        if (!there.executeStep() || nextPlace(db, id) != before ||
            before >= static_cast<std::size_t>(mostShots))
            throw StoreError(Fault::Conflict, {Says::RowsChanged, book.name()});
        there.reset();
        putShot(db, id, before, shot);
    });
}

void Trainings::removeShot(std::int64_t id, std::int64_t shot) {
    LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    changed(book, [&](SQLite::Database& db) {
        SQLite::Statement gone(db,
                               "DELETE FROM training_shots WHERE training_id = ?1 AND shot_id = ?2 "
                               "AND place = (SELECT max(place) FROM training_shots WHERE "
                               "training_id = ?1)");
        gone.bind(1, id);
        gone.bind(2, shot);
        if (gone.exec() != 1) throw StoreError(Fault::Conflict, {Says::RowsChanged, book.name()});
    });
}

void Trainings::setEnded(std::int64_t id, bool ended) {
    LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    changed(book, [&](SQLite::Database& db) {
        SQLite::Statement set(db, "UPDATE trainings SET ended = ?1 WHERE id = ?2 AND ended <> ?1");
        set.bind(1, ended ? 1 : 0);
        set.bind(2, id);
        if (set.exec() != 1) throw StoreError(Fault::Conflict, {Says::RowsChanged, book.name()});
    });
}

std::vector<Drill> Trainings::drills() const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::vector<Drill> out;
        SQLite::Statement all(*book.db, "SELECT drill FROM drills ORDER BY name");
        while (all.executeStep()) {
            if (auto what = parseTraining("drill", textAt(all, 0, mostDocument)))
                out.push_back(std::get<Drill>(std::move(*what)));
        }
        return out;
    });
}

void Trainings::keepDrill(const Drill& drill) {
    parseDrill(formatDrill(drill));
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement put(db, "INSERT OR REPLACE INTO drills(name, drill) VALUES(?1, ?2)");
        put.bind(1, drill.name);
        put.bind(2, formatDrill(drill));
        put.exec();
    });
}

void Trainings::removeDrill(const std::string& name) {
    changed(LogbookAccess::of(logbook_), [&](SQLite::Database& db) {
        SQLite::Statement gone(db, "DELETE FROM drills WHERE name = ?");
        gone.bind(1, name);
        gone.exec();
    });
}

}  // namespace wedgeon::store
