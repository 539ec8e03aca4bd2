// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Following the logbook, and taking shots.
#include "desk/training_room.h"

#include <algorithm>
#include <random>

#include "text/units.h"

namespace wedgeon {

TrainingRoom::TrainingRoom(ShotLog& log, Workbench& bench, QObject* parent)
    : QObject(parent), log_(log), bench_(bench) {
    connect(&log_, &ShotLog::recordsChanged, this, &TrainingRoom::follow);
    connect(&bench_, &Workbench::givensChanged, this, &TrainingRoom::follow);
    connect(&log_, &ShotLog::shotChanged, this, [this](const store::LoggedShot& shot) {
        const auto at = known_.find(shot.id);
        if (at == known_.end()) return;
        at->second = shot;
        emit changed();
    });
    connect(&log_, &ShotLog::opened, this, [this] {
        chosen_ = 0;
        known_.clear();
        adding_ = 0;
        follow();
    });
}

std::vector<store::Training> TrainingRoom::ofPlayer() const {
    const std::string& player = bench_.state().player.name;
    std::vector<store::Training> out;
    const auto& all = log_.records().trainings;
    std::copy_if(all.rbegin(), all.rend(), std::back_inserter(out),
                 [&](const store::Training& t) { return t.player == player; });
    return out;
}

void TrainingRoom::choose(std::int64_t id) {
    chosen_ = id;
    follow();
}

void TrainingRoom::follow() {
    // What is on its way is not in the records yet.
    if (adding_ > 0) return;
    const std::vector<store::Training> his = ofPlayer();
    auto at = std::find_if(his.begin(), his.end(),
                           [this](const store::Training& t) { return t.id == chosen_; });
    if (at == his.end())
        at = std::find_if(his.begin(), his.end(), [](const auto& t) { return !t.ended; });
    if (at == his.end()) at = his.begin();
    current_ = at == his.end() ? std::nullopt : std::optional(*at);
    if (current_ && current_->ended) ending_ = false;
    fetch();
    emit changed();
}

void TrainingRoom::fetch() {
    if (!current_) return;
    std::vector<std::int64_t> missing;
    for (const std::int64_t id : current_->shots) {
        if (id != 0 && !known_.contains(id)) missing.push_back(id);
    }
    if (missing.empty()) return;
    log_.findShots(std::move(missing), [this](std::vector<store::LoggedShot> found) {
        for (store::LoggedShot& shot : found)
            known_[shot.id] = std::move(shot);
        emit changed();
    });
}

void TrainingRoom::begin(std::variant<Drill, store::Trial> what) {
    store::Training t;
    t.player = bench_.state().player.name;
    t.begun = log_.clock().local().toString(Qt::ISODate).toStdString();
    t.what = std::move(what);
    std::random_device chance;
    if (auto* drill = std::get_if<Drill>(&t.what)) drill->seed = chance();
    if (auto* trial = std::get_if<store::Trial>(&t.what)) trial->seed = chance();
    chosen_ = 0;
    // Also one that is under way while another is looked at.
    for (const store::Training& other : ofPlayer()) {
        if (!other.ended) log_.endTraining(other, true);
    }
    log_.beginTraining(t);
}

void TrainingRoom::end() {
    if (isRunning()) log_.endTraining(*current_, true);
}

void TrainingRoom::remove() {
    if (current_) log_.removeTraining(*current_);
}

void TrainingRoom::take(const std::vector<store::LoggedShot>& shots) {
    if (!isRunning()) {
        // An ended one may be looked at while another is under way, in which they are hit.
        const auto his = ofPlayer();
        if (std::all_of(his.begin(), his.end(), [](const auto& t) { return t.ended; })) return;
        chosen_ = 0;
        follow();
        if (!isRunning()) return;
    }
    std::vector<std::int64_t> ids;
    for (const store::LoggedShot& shot : shots) {
        const std::string& player = shot.record[store::Label::Player];
        const bool his = player.empty() || player == current_->player ||
                         log_.records().modelOf(player).name == current_->player;
        const bool there = std::find(current_->shots.begin(), current_->shots.end(), shot.id) !=
                           current_->shots.end();
        if (!his || there) continue;
        known_[shot.id] = shot;
        ids.push_back(shot.id);
    }
    if (ids.empty()) return;
    const std::size_t before = current_->shots.size();
    const DrillScore was = score();
    current_->shots.insert(current_->shots.end(), ids.begin(), ids.end());
    ++adding_;
    log_.addToTraining(current_->id, ids, before, [this] {
        if (adding_ > 0) --adding_;
        follow();
        endWhenDone();
    });
    const DrillScore now = score();
    if (now.counted() > was.counted()) emit scored(now.hitCount() > was.hitCount());
    emit changed();
}

void TrainingRoom::endWhenDone() {
    if (!isRunning() || ending_ || !std::holds_alternative<Drill>(current_->what)) return;
    if (!score().ended) return;
    ending_ = true;
    log_.endTraining(*current_, true);
    emit drillEnded(text::fromUtf8(current_->name()));
}

std::vector<const store::LoggedShot*> TrainingRoom::shots() const {
    std::vector<const store::LoggedShot*> out;
    if (!current_) return out;
    for (const std::int64_t id : current_->shots) {
        const auto at = known_.find(id);
        out.push_back(at == known_.end() ? nullptr : &at->second);
    }
    return out;
}

const store::LoggedShot* TrainingRoom::newest() const {
    const auto all = shots();
    return all.empty() ? nullptr : all.back();
}

bool TrainingRoom::needsDeclaration() const {
    const auto* drill = current_ ? std::get_if<Drill>(&current_->what) : nullptr;
    return drill && store::needsDeclaration(*drill);
}

DrillShot TrainingRoom::valuesOf(const store::LoggedShot& shot) const {
    return needsDeclaration() ? store::drillShotOf(shot.record, bench_.fallback())
                              : store::drillShotOf(shot.record);
}

DrillScore TrainingRoom::score() const {
    const auto* drill = current_ ? std::get_if<Drill>(&current_->what) : nullptr;
    if (!drill) return {};
    std::vector<DrillShot> hit;
    for (const store::LoggedShot* shot : shots()) {
        // One that is set aside is hit again.
        hit.push_back(shot && shot->setAside.empty() ? valuesOf(*shot) : DrillShot{});
    }
    return scoreDrill(*drill, hit);
}

void TrainingRoom::findMisses(std::function<void(const std::map<std::string, double>&)> then) {
    // The newest of each name.
    std::map<std::string, store::Training> newest;
    std::vector<std::int64_t> ids;
    for (const store::Training& t : ofPlayer()) {
        if (!std::holds_alternative<Drill>(t.what) || newest.contains(t.name())) continue;
        newest[t.name()] = t;
        for (const std::int64_t id : t.shots) {
            if (id != 0) ids.push_back(id);
        }
    }
    log_.findShots(std::move(ids),
                   [newest = std::move(newest), then = std::move(then),
                    fallback = bench_.fallback()](const std::vector<store::LoggedShot>& found) {
                       std::map<std::int64_t, const store::LoggedShot*> byId;
                       for (const store::LoggedShot& shot : found)
                           byId[shot.id] = &shot;
                       std::map<std::string, double> out;
                       for (const auto& [name, training] : newest) {
                           const Drill& drill = std::get<Drill>(training.what);
                           const bool declared = store::needsDeclaration(drill);
                           std::vector<DrillShot> hit;
                           for (const std::int64_t id : training.shots) {
                               const auto at = byId.find(id);
                               if (at == byId.end() || !at->second->setAside.empty()) continue;
                               const store::ShotRecord& record = at->second->record;
                               hit.push_back(declared ? store::drillShotOf(record, fallback)
                                                      : store::drillShotOf(record));
                           }
                           const DrillScore score = scoreDrill(drill, hit);
                           if (score.counted() > 0)
                               out[name] = 1.0 - static_cast<double>(score.hitCount()) /
                                                     static_cast<double>(score.counted());
                       }
                       then(out);
                   });
}

Arm TrainingRoom::nextArm() const {
    const auto* trial = current_ ? std::get_if<store::Trial>(&current_->what) : nullptr;
    return trial ? findArms(trial->seed, current_->shots.size() + 1).back() : Arm::A;
}

}  // namespace wedgeon
