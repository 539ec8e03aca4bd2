// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading them.
#include "wedgeon/store/records.h"

#include <algorithm>
#include <iterator>

#include "wedgeon/store/swing_sets.h"

namespace wedgeon::store {
namespace {

/// Whoever is called otherwise is the same.
void addOtherNames(const Records& records, Players& everyone) {
    for (const auto& [other, own] : records.otherNames) {
        if (const auto its = everyone.find(own); its != everyone.end())
            everyone[other] = its->second;
    }
}

/// Others go on with the players that they have.
void takeModel(Records& records, const std::string& player, PlayerModel model) {
    auto everyone = std::make_shared<Players>(*records.everyone);
    (*everyone)[player] = std::move(model);
    addOtherNames(records, *everyone);
    records.everyone = std::move(everyone);
}

}  // namespace

PlayerModel Records::modelOf(const std::string& name) const {
    const auto its = everyone->find(name);
    return its == everyone->end() ? PlayerModel{name, Hand::Right, nullptr} : its->second;
}

const Player* Records::findPlayer(const std::string& name) const {
    const auto at = std::find_if(players.begin(), players.end(),
                                 [&](const Player& p) { return p.name == name; });
    return at == players.end() ? nullptr : &*at;
}

std::vector<std::string> Records::otherNamesOf(const std::string& player) const {
    std::vector<std::string> out;
    for (const auto& [other, own] : otherNames) {
        if (own == player) out.push_back(other);
    }
    return out;
}

std::vector<Attachment> Records::attachmentsOf(std::int64_t shot) const {
    std::vector<Attachment> out;
    std::copy_if(attachments.begin(), attachments.end(), std::back_inserter(out),
                 [&](const Attachment& a) { return shot != 0 && a.shot == shot; });
    return out;
}

std::vector<Attachment> Records::attachmentsOf(const std::string& recipe) const {
    std::vector<Attachment> out;
    std::copy_if(attachments.begin(), attachments.end(), std::back_inserter(out),
                 [&](const Attachment& a) { return !recipe.empty() && a.recipe == recipe; });
    return out;
}

std::vector<KitWedge> Records::wedgesOf(const std::string& player, bool former) const {
    std::vector<KitWedge> out;
    const auto its = wedges.find(player);
    if (its == wedges.end()) return out;
    for (const KitWedge& w : its->second) {
        if (former || w.until.empty()) out.push_back(w);
    }
    return out;
}

const KeptTuning* Records::tuningInUse(const std::string& player) const {
    const auto id = inUse.find(player);
    const auto its = tunings.find(player);
    if (id == inUse.end() || its == tunings.end()) return nullptr;
    const auto at = std::find_if(its->second.begin(), its->second.end(),
                                 [&](const KeptTuning& t) { return t.id == id->second; });
    return at == its->second.end() ? nullptr : &*at;
}

std::shared_ptr<const Records> withTuningInUse(const Records& records, const std::string& player,
                                               std::int64_t id) {
    auto out = std::make_shared<Records>(records);
    out->inUse.erase(player);
    PlayerModel model = records.modelOf(player);
    model.tuning = nullptr;
    if (id != 0) out->inUse[player] = id;
    if (const KeptTuning* kept = out->tuningInUse(player)) {
        model.tuning = std::make_shared<const Tuning>(kept->tuning);
    } else {
        out->inUse.erase(player);
    }
    takeModel(*out, player, std::move(model));
    return out;
}

std::shared_ptr<const Records> withSwings(const Records& records, const std::string& player,
                                          std::shared_ptr<const SwingSet> swings) {
    auto out = std::make_shared<Records>(records);
    PlayerModel model = records.modelOf(player);
    model.swings = std::move(swings);
    takeModel(*out, player, std::move(model));
    return out;
}

std::shared_ptr<const Records> readRecords(Logbook& logbook, const Records* former) {
    auto out = std::make_shared<Records>();
    out->sessions = logbook.sessions();
    const Kit kit(logbook);
    out->players = kit.players();
    out->otherNames = kit.allOtherNames();
    for (const Player& p : out->players)
        out->wedges[p.name] = kit.wedges(p.name, true);
    out->balls = kit.balls();
    out->lies = kit.lies();
    out->grounds = kit.grounds();
    out->recipes = Recipes(logbook).all();
    out->situations = Situations(logbook).all();
    out->attachments = Attachments(logbook).all();
    out->trainings = Trainings(logbook).all();
    out->drills = Trainings(logbook).drills();
    out->notes = Notes(logbook).all();
    const Tunings tunings(logbook);
    for (const std::string& player : tunings.players()) {
        auto& its = out->tunings[player] = tunings.of(player);
        for (KeptTuning& t : its)
            t.shotIds.clear();
        if (const auto used = tunings.inUse(player)) out->inUse[player] = used->id;
    }
    auto everyone = std::make_shared<Players>();
    for (const Player& p : out->players)
        (*everyone)[p.name] = {p.name, p.hand, nullptr};
    for (const auto& [name, tuning] : tunings.allInUse()) {
        PlayerModel& its = (*everyone)[name];
        its.name = name;
        its.tuning = tuning;
        if (!former) continue;
        const auto was = former->inUse.find(name);
        const auto model = former->everyone->find(name);
        if (was != former->inUse.end() && was->second == out->inUse[name] &&
            model != former->everyone->end() && model->second.tuning)
            its.tuning = model->second.tuning;
    }
    for (auto& [name, set] : SwingSets(logbook).all()) {
        PlayerModel& its = (*everyone)[name];
        its.name = name;
        its.swings = std::make_shared<const SwingSet>(std::move(set));
    }
    addOtherNames(*out, *everyone);
    out->everyone = std::move(everyone);
    return out;
}

}  // namespace wedgeon::store
