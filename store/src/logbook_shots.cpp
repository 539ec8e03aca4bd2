// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading shots, and what the coach says of one.
#include <algorithm>
#include <functional>
#include <limits>
#include <map>
#include <queue>

#include "shot_columns.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/shot_givens.h"

namespace wedgeon::store {
namespace {

/// Changes nothing and throws when an update guarded by the former value met none.
void requireOne(int changedRows, const std::string& name) {
    if (changedRows != 1) throw StoreError(Fault::Conflict, {Says::ShotChanged, name});
}

/// Doubts that the coach does not share, by shot; few.
std::map<std::int64_t, std::vector<std::string>> readDismissals(SQLite::Database& db) {
    std::map<std::int64_t, std::vector<std::string>> out;
    SQLite::Statement all(db, "SELECT shot_id, doubt FROM dismissals ORDER BY shot_id, doubt");
    while (all.executeStep())
        out[all.getColumn(0).getInt64()].push_back(textAt(all, 1));
    return out;
}

std::vector<std::int64_t> sourcesOf(SQLite::Database& db, std::int64_t session) {
    std::vector<std::int64_t> out;
    SQLite::Statement all(db, "SELECT id FROM sources WHERE session_id = ? ORDER BY id");
    all.bind(1, session);
    while (all.executeStep())
        out.push_back(all.getColumn(0).getInt64());
    return out;
}

/// Notes that something was said of a shot of its source, or taken back.
void countEdit(SQLite::Database& db, std::int64_t shot, Logbook::Edit edit) {
    SQLite::Statement count(db,
                            "UPDATE sources SET edits = max(0, edits + ?1) WHERE id = (SELECT "
                            "source_id FROM shots WHERE id = ?2)");
    count.bind(1, edit == Logbook::Edit::Make ? 1 : -1);
    count.bind(2, shot);
    count.exec();
}

bool idRises(const LoggedShot& a, const LoggedShot& b) {
    return a.id < b.id;
}

}  // namespace

std::vector<Session> Logbook::sessions() const {
    return impl_->guarded([&] {
        std::vector<Session> out;
        SQLite::Statement all(
            *impl_->db,
            "SELECT id, title, started, day, kind, player_id, note FROM sessions WHERE "
            "EXISTS(SELECT 1 FROM sources WHERE session_id = sessions.id AND state = 'whole') "
            "ORDER BY started, id");
        while (all.executeStep()) {
            out.push_back({all.getColumn(0).getInt64(), textAt(all, 1), textAt(all, 2),
                           textAt(all, 3),
                           textAt(all, 4) == "live" ? Session::Kind::Live : Session::Kind::File,
                           all.getColumn(5).getInt64(), textAt(all, 6)});
        }
        return out;
    });
}

std::size_t Logbook::shotCount(std::int64_t session) const {
    return impl_->guarded([&] {
        SQLite::Statement count(
            *impl_->db, session == 0
                            ? "SELECT count(*) FROM sources CROSS JOIN shots ON source_id = "
                              "sources.id WHERE state = 'whole'"
                            : "SELECT count(*) FROM sources CROSS JOIN shots ON source_id = "
                              "sources.id WHERE session_id = ?1 AND state = 'whole'");
        if (session != 0) count.bind(1, session);
        count.executeStep();
        return static_cast<std::size_t>(count.getColumn(0).getInt64());
    });
}

LogbookSummary Logbook::summary() const {
    LogbookSummary out;
    out.shots = shotCount();
    const auto all = sessions();
    out.sessions = all.size();
    if (!all.empty()) out.newestSession = all.back().title;
    out.players = impl_->guarded([&] {
        return static_cast<std::size_t>(
            impl_->db->execAndGet("SELECT count(*) FROM players WHERE kept").getInt64());
    });
    return out;
}

std::vector<LoggedShot> Logbook::shots(std::int64_t session, std::size_t most) const {
    return impl_->guarded([&] {
        SQLite::Database& db = *impl_->db;
        SQLite::Transaction snapshot(db);
        const auto dismissed = readDismissals(db);
        std::vector<LoggedShot> out;
        WordPool words;
        const auto take = [&](SQLite::Statement& all) {
            while (all.executeStep()) {
                out.push_back(shotAt(all, words));
                const auto its = dismissed.find(out.back().id);
                if (its != dismissed.end()) out.back().dismissed = its->second;
            }
        };
        const auto limit = static_cast<std::int64_t>(most);
        if (session == 0) {
            SQLite::Statement all(db, selectShot() + " ORDER BY shots.id DESC LIMIT ?1");
            all.bind(1, limit);
            take(all);
        } else {
            // A session has few sources; each lies in its own order.
            SQLite::Statement all(db, selectSource() + " ORDER BY shots.id DESC LIMIT ?2");
            all.bind(2, limit);
            for (const std::int64_t source : sourcesOf(db, session)) {
                all.bind(1, source);
                take(all);
                all.reset();
            }
        }
        std::reverse(out.begin(), out.end());
        if (!std::is_sorted(out.begin(), out.end(), idRises))
            std::sort(out.begin(), out.end(), idRises);
        if (out.size() > most)
            out.erase(out.begin(), out.end() - static_cast<std::ptrdiff_t>(most));
        return out;
    });
}

void Logbook::eachShot(std::int64_t session, const std::function<void(LoggedShot&&)>& take) const {
    impl_->guarded([&] {
        SQLite::Database& db = *impl_->db;
        SQLite::Transaction snapshot(db);
        const auto dismissed = readDismissals(db);
        // Each source lies in its own order: always the one whose next shot is the oldest goes on.
        std::vector<std::unique_ptr<SQLite::Statement>> readers;
        using Next = std::pair<std::int64_t, std::size_t>;  // id, reader
        std::priority_queue<Next, std::vector<Next>, std::greater<>> next;
        const auto step = [&](std::size_t reader) {
            if (readers[reader]->executeStep())
                next.emplace(readers[reader]->getColumn(0).getInt64(), reader);
        };
        if (session == 0) {
            readers.push_back(
                std::make_unique<SQLite::Statement>(db, selectShot() + " ORDER BY shots.id"));
        } else {
            for (const std::int64_t source : sourcesOf(db, session)) {
                readers.push_back(
                    std::make_unique<SQLite::Statement>(db, selectSource() + " ORDER BY shots.id"));
                readers.back()->bind(1, source);
            }
        }
        for (std::size_t i = 0; i < readers.size(); ++i)
            step(i);
        WordPool words;
        while (!next.empty()) {
            const auto [id, reader] = next.top();
            next.pop();
            LoggedShot shot = shotAt(*readers[reader], words);
            const auto its = dismissed.find(id);
            if (its != dismissed.end()) shot.dismissed = its->second;
            take(std::move(shot));
            step(reader);
        }
    });
}

std::optional<LoggedShot> Logbook::findShot(std::int64_t id) const {
    return impl_->guarded([&]() -> std::optional<LoggedShot> {
        SQLite::Statement one(*impl_->db, selectShot() + " AND shots.id = ?1");
        one.bind(1, id);
        if (!one.executeStep()) return std::nullopt;
        WordPool words;
        LoggedShot out = shotAt(one, words);
        SQLite::Statement doubts(*impl_->db,
                                 "SELECT doubt FROM dismissals WHERE shot_id = ? ORDER BY doubt");
        doubts.bind(1, id);
        while (doubts.executeStep())
            out.dismissed.push_back(textAt(doubts, 0));
        return out;
    });
}

void Logbook::setAside(std::int64_t shot, const std::string& reason, const std::string& former,
                       Edit edit) {
    changed(*impl_, [&](SQLite::Database& db) {
        SQLite::Statement now(db,
                              "SELECT coalesce(reason, '') FROM shots LEFT JOIN set_asides ON "
                              "shot_id = shots.id WHERE shots.id = ?");
        now.bind(1, shot);
        const bool same = now.executeStep() && now.getColumn(0).getString() == former;
        requireOne(same ? 1 : 0, impl_->name());
        now.reset();  // an open reading would hold the transaction
        SQLite::Statement write(db, reason.empty()
                                        ? "DELETE FROM set_asides WHERE shot_id = ?1"
                                        : "INSERT OR REPLACE INTO set_asides(shot_id, reason) "
                                          "VALUES(?1, ?2)");
        write.bind(1, shot);
        if (!reason.empty()) write.bind(2, reason);
        write.exec();
        countEdit(db, shot, edit);
    });
}

LoggedShot withPaced(LoggedShot shot, std::optional<double> run_m) {
    if (shot.paced_m) shot.record[Quantity::Release] = std::numeric_limits<double>::quiet_NaN();
    shot.paced_m.reset();
    if (!run_m || findRelease_m(shot.record)) return shot;
    shot.paced_m = run_m;
    shot.record[Quantity::Release] = *run_m;
    return shot;
}

void Logbook::setPaced(std::int64_t shot, std::optional<double> run_m, std::optional<double> former,
                       Edit edit) {
    impl_->requireWritable();
    const QuantityInfo& limits = info(Quantity::Release);
    if (run_m && !(*run_m >= limits.low && *run_m <= limits.high))
        throw StoreError(Fault::Malformed,
                         {Says::PacedOutside, Figure{limits.low, 0}, Figure{limits.high, 0}});
    changed(*impl_, [&](SQLite::Database& db) {
        SQLite::Statement write(db,
                                "UPDATE shots SET paced_m = ?1 WHERE id = ?2 AND paced_m IS ?3");
        if (run_m) write.bind(1, *run_m);
        write.bind(2, shot);
        if (former) write.bind(3, *former);
        requireOne(write.exec(), impl_->name());
        countEdit(db, shot, edit);
    });
}

void Logbook::setLabel(std::int64_t shot, Label label, const std::string& text,
                       const std::string& former, Edit edit) {
    impl_->requireWritable();
    if (label != Label::Strike && label != Label::Tags && label != Label::Note &&
        label != Label::Recipe && label != Label::Seen)
        throw StoreError(Fault::Malformed, {Says::WordMeasured, labelKey(label)});
    // The column is the program's own.
    const std::string column(labelKey(label));
    changed(*impl_, [&](SQLite::Database& db) {
        SQLite::Statement write(db, "UPDATE shots SET " + column +
                                        " = ?1 WHERE id = ?2 AND coalesce(" + column +
                                        ", '') = ?3");
        write.bind(1, text);
        write.bind(2, shot);
        write.bind(3, former);
        requireOne(write.exec(), impl_->name());
        countEdit(db, shot, edit);
    });
}

void Logbook::dismissDoubt(std::int64_t shot, const std::string& doubt, bool dismissed, Edit edit) {
    changed(*impl_, [&](SQLite::Database& db) {
        SQLite::Statement put(
            db, dismissed ? "INSERT OR REPLACE INTO dismissals(shot_id, doubt) VALUES(?, ?)"
                          : "DELETE FROM dismissals WHERE shot_id = ? AND doubt = ?");
        put.bind(1, shot);
        put.bind(2, doubt);
        put.exec();
        countEdit(db, shot, edit);
    });
}

}  // namespace wedgeon::store
