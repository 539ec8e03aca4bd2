// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading a player's shots and looking for the cause.
#include "desk/cause_finder.h"

#include "desk/player_shots.h"
#include "wedgeon/error.h"

namespace wedgeon {
namespace {

std::optional<CauseFlight> play(const CauseRequest& q, std::span<const SizedChange> sizes) {
    CauseFlight out;
    try {
        out.shot = playChanged(q.player, q.kinds.front(), sizes, &out.trace);
    } catch (const RangeError&) {
        return std::nullopt;
    }
    return out;
}

}  // namespace

CauseFinder::CauseFinder(QObject* parent)
    : QObject(parent),
      finder_(
          &CauseFinder::find,
          [this](const Answer& a) {
              if (!a) return;
              working_ = false;
              found_ = a;
              emit changed();
          },
          [this](const QString& why) {
              working_ = false;
              emit failed(why);
          }) {}

void CauseFinder::setPattern(std::vector<std::int64_t> shots, const std::string& player) {
    pattern_ = std::move(shots);
    player_ = player;
    emit questioned();
}

void CauseFinder::setComplaint(Complaint complaint, bool there) {
    if (there ? !complaints_.insert(complaint).second : complaints_.erase(complaint) == 0) return;
    onlyWords_ = found_ != nullptr;
    emit questioned();
    onlyWords_ = false;
}

void CauseFinder::clear() {
    pattern_.clear();
    complaints_.clear();
    emit questioned();
}

void CauseFinder::ask(const Givens& givens) {
    found_.reset();
    working_ = hasQuestion();
    if (working_) {
        finder_.ask({{givens, pattern_, player_},
                     {complaints_.begin(), complaints_.end()},
                     read_,
                     onlyWords_});
    } else {
        finder_.forget();
    }
    emit changed();
}

void CauseFinder::close() {
    finder_.forget();
    finder_.waitUntilIdle();
}

CauseFinder::Answer CauseFinder::find(const Question& q, const Task& task) {
    auto out = std::make_shared<CauseFound>();
    const Pattern& p = q.pattern;
    if (q.again && q.read->of == p) {
        out->shots = q.read->shots;
    } else {
        store::ShotList shots;
        if (!p.shots.empty())
            shots = readPlayerShots(p.givens.logbook, p.givens.fallback, p.player, task.stop);
        if (task.stop.stop_requested()) return nullptr;
        out->shots =
            store::findCauseShots(shots, p.shots, p.givens.fallback, p.givens.recipe, task.stop);
        if (task.stop.stop_requested()) return nullptr;
        q.read->of = p;
        q.read->shots = out->shots;
    }
    CauseRequest& request = out->shots.request;
    request.complaints = q.complaints;
    request.stop = task.stop;
    out->answer = findCauses(request);
    if (out->answer.stopped) return nullptr;
    // The cause on top of his usual, as the costs have it.
    const std::vector<SizedChange>& usual = out->answer.usualChanges;
    out->usual = play(request, usual);
    for (const FaultBelief& b : out->answer.beliefs) {
        std::vector<SizedChange> both = usual;
        both.insert(both.end(), b.sizes.begin(), b.sizes.end());
        out->with.push_back(play(request, both));
    }
    return out;
}

}  // namespace wedgeon
