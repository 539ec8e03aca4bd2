// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading them.
#include "desk/player_shots.h"

#include <deque>

#include "wedgeon/store/error.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon {
namespace {

/// The newest of one player; more tell nothing new, and want to be held.
constexpr std::size_t mostShots = 30'000;

/// Nobody waits for it any more.
struct Stopped {};

}  // namespace

store::ShotList readPlayerShots(const QString& logbook, const store::Fallback& fallback,
                                const std::string& player, const std::stop_token& stop) {
    if (logbook.isEmpty()) return {};
    std::deque<store::LoggedShot> newest;
    try {
        const store::Logbook book(logbook.toStdString(), store::Logbook::Access::ReadOnly);
        book.eachShot(0, [&](store::LoggedShot&& s) {
            if (stop.stop_requested()) throw Stopped();
            if (store::findPlayerName(s.record, fallback) != player) return;
            newest.push_back(std::move(s));
            if (newest.size() > mostShots) newest.pop_front();
        });
    } catch (const store::StoreError&) {
        return {};
    } catch (const Stopped&) {
        return {};
    }
    store::ShotList out;
    for (store::LoggedShot& s : newest)
        out.push_back(std::move(s));
    return out;
}

}  // namespace wedgeon
