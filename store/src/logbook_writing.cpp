// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Taking shots in: files in short transactions, live shots, and taking a file back.
#include <sqlite3.h>

#include <algorithm>
#include <ctime>
#include <map>

#include "logbook_db.h"
#include "shot_columns.h"
#include "shot_hash.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::store {
namespace {

/// An acknowledgement that was lost is asked for again within minutes.
constexpr std::int64_t lostAck_s = 600;
/// An import touches its source with every part; one that has not for so long is dead.
constexpr std::int64_t deadAfter_s = 60;
constexpr std::int64_t keptRemoved_s = 86'400;
constexpr std::int64_t removedAtOnce = 5000;

std::int64_t now_s() {
    return std::time(nullptr);
}

std::int64_t asNumber(SQLite::Statement& one) {
    return one.executeStep() ? one.getColumn(0).getInt64() : 0;
}

std::int64_t number(SQLite::Database& db, const char* sql, std::initializer_list<std::int64_t> in) {
    SQLite::Statement one(db, sql);
    int at = 1;
    for (const std::int64_t v : in)
        one.bind(at++, v);
    return asNumber(one);
}

std::int64_t addSource(SQLite::Database& db, const char* kind, const std::string& name,
                       std::int64_t session, const std::string& time, const char* state) {
    SQLite::Statement make(db,
                           "INSERT INTO sources(kind, name, session_id, added, state, touched_s, "
                           "hash_version) VALUES(?, ?, ?, ?, ?, ?, ?)");
    make.bind(1, kind);
    make.bind(2, name);
    make.bind(3, session);
    make.bind(4, time);
    make.bind(5, state);
    make.bind(6, now_s());
    make.bind(7, hashVersion);
    make.exec();
    return db.getLastInsertRowid();
}

/// What does not show yet need not be on the disk yet either: the last commit syncs all of it. What
/// its rows refer to was looked up in the same transaction: asking again for each would take time.
class Unhurried {
public:
    explicit Unhurried(SQLite::Database& db) : db_(db) {
        db_.tryExec("PRAGMA synchronous = NORMAL");
        db_.tryExec("PRAGMA foreign_keys = OFF");
    }
    ~Unhurried() {
        db_.tryExec("PRAGMA foreign_keys = ON");
        db_.tryExec("PRAGMA synchronous = FULL");
    }
    Unhurried(const Unhurried&) = delete;
    Unhurried& operator=(const Unhurried&) = delete;

private:
    SQLite::Database& db_;
};

bool sentBefore(SQLite::Database& db, const LiveConnection& connection, const LiveArrival& shot,
                std::int64_t hash, std::int64_t at_s) {
    SQLite::Statement find(
        db,
        "SELECT 1 FROM shots JOIN sources ON sources.id = source_id WHERE device_shot = ?1 AND "
        "row_hash = ?2 AND kind = 'live' AND state = 'whole' AND (source_id = ?3 OR (sources.name "
        "= ?4 AND abs(coalesce(arrived_s, 0) - ?5) <= ?6))");
    find.bind(1, shot.deviceShot);
    find.bind(2, hash);
    find.bind(3, connection.source);
    find.bind(4, connection.device);
    find.bind(5, at_s);
    find.bind(6, lostAck_s);
    return find.executeStep();
}

}  // namespace

struct KnownShots::Impl {
    struct One {
        std::int64_t hash = 0, source = 0;
        bool operator<(const One& other) const { return hash < other.hash; }
    };
    /// By version of the hash, sorted.
    std::map<int, std::vector<One>> hashes;
    std::int64_t newest = 0;             ///< id of the newest shot
    std::vector<std::int64_t> notShown;  ///< sources that were not whole
};

KnownShots::KnownShots(const Logbook& logbook) : impl_(std::make_unique<Impl>()) {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook);
    book.guarded([&] {
        SQLite::Database& db = *book.db;
        // One view of the file for all questions.
        SQLite::Transaction snapshot(db);
        impl_->newest = number(db, "SELECT coalesce(max(id), 0) FROM shots", {});
        SQLite::Statement hidden(db, "SELECT id FROM sources WHERE state <> 'whole'");
        while (hidden.executeStep())
            impl_->notShown.push_back(hidden.getColumn(0).getInt64());
        std::map<std::int64_t, int> versions;  // of the whole sources
        SQLite::Statement sources(db, "SELECT id, hash_version FROM sources WHERE state = 'whole'");
        while (sources.executeStep()) {
            const int version = sources.getColumn(1).getInt();
            if (version >= 1 && version <= hashVersion)
                versions[sources.getColumn(0).getInt64()] = version;
        }
        SQLite::Statement all(db, "SELECT source_id, row_hash FROM shots");
        while (all.executeStep()) {
            const auto its = versions.find(all.getColumn(0).getInt64());
            if (its != versions.end())
                impl_->hashes[its->second].push_back(
                    {all.getColumn(1).getInt64(), all.getColumn(0).getInt64()});
        }
        // A paced run goes out with an export as the release, and comes back as it; so does whose
        // the shot is now.
        WordPool words;
        for (const char* which : {" AND paced_m IS NOT NULL", " AND player_in_file IS NOT NULL"}) {
            SQLite::Statement others(db, selectShot() + which);
            while (others.executeStep()) {
                const int version = others.getColumn(5).getInt();
                if (version < 1 || version > hashVersion) continue;
                const LoggedShot shot = shotAt(others, words);
                impl_->hashes[version].push_back({hashInFile(shot, version), 0});
                if (shot.playerInFile)
                    impl_->hashes[version].push_back({hashOf(shot.record, version), 0});
            }
        }
    });
    for (auto& [version, all] : impl_->hashes)
        std::sort(all.begin(), all.end());
}

KnownShots::~KnownShots() = default;
KnownShots::KnownShots(KnownShots&&) noexcept = default;

bool KnownShots::contains(const ShotRecord& shot) const {
    return findSource(shot).has_value();
}

std::optional<std::int64_t> KnownShots::findSource(const ShotRecord& shot) const {
    for (const auto& [version, all] : impl_->hashes) {
        const Impl::One wanted{hashOf(shot, version), 0};
        const auto at = std::lower_bound(all.begin(), all.end(), wanted);
        if (at != all.end() && at->hash == wanted.hash) return at->source;
    }
    return std::nullopt;
}

struct LogbookWriter::Impl {
    LogbookAccess::Impl& book;
    ShotSource source;
    const KnownShots::Impl& known;
    AddedShots result;
    bool committed = false;
    std::map<std::int64_t, std::int64_t> met;  ///< known shots of the file, by source

    /// The session that the file goes on with: it holds at least \p share of what came from one of
    /// its sources. A title or a file's name does not tell.
    std::int64_t findFormer(SQLite::Database& db, double share) const {
        std::int64_t best = 0;
        std::int64_t most = 0;
        for (const auto& [from, shots] : met) {
            if (from == 0 || shots <= most) continue;
            const auto all = number(db, "SELECT count(*) FROM shots WHERE source_id = ?", {from});
            if (static_cast<double>(shots) < share * static_cast<double>(all)) continue;
            const auto session = number(
                db, "SELECT session_id FROM sources WHERE id = ? AND state = 'whole'", {from});
            if (session == 0) continue;
            most = shots;
            best = session;
        }
        return best;
    }
};

LogbookWriter::LogbookWriter(Logbook& logbook, const ShotSource& source, const KnownShots& known)
    : impl_(std::make_unique<Impl>(
          Impl{LogbookAccess::of(logbook), source, *known.impl_, {}, false, {}})) {
    impl_->book.requireWritable();
}

LogbookWriter::~LogbookWriter() {
    Impl& w = *impl_;
    if (w.committed || w.result.source == 0) return;
    try {
        // Nothing to be seen; the rows themselves go later.
        changed(w.book, [&](SQLite::Database& db) {
            run(db, "UPDATE sources SET state = 'removed', touched_s = 0 WHERE id = ?",
                w.result.source);
        });
    } catch (const StoreError&) {
        return;  // it counts as dead after a minute
    }
}

void LogbookWriter::met(std::int64_t source) {
    ++impl_->met[source];
}

void LogbookWriter::abandon() noexcept {
    impl_->committed = true;
}

void LogbookWriter::add(std::span<const ShotRecord> shots) {
    if (shots.empty()) return;
    Impl& w = *impl_;
    const Unhurried unhurried(*w.book.db);
    changed(w.book, [&](SQLite::Database& db) {
        if (w.result.source == 0) {
            w.result.session =
                addSession(db, "file", w.source.session, w.source.time, shots.front()[Label::Time]);
            w.result.source =
                addSource(db, "file", w.source.name, w.result.session, w.source.time, "arriving");
        } else if (run(db, "UPDATE sources SET touched_s = ? WHERE id = ? AND state = 'arriving'",
                       now_s(), w.result.source) != 1) {
            throw StoreError(Fault::Conflict, {Says::ImportStoodStill, w.book.name()});
        }
        Identities who(db);
        Parts parts;
        // Many rows a statement: what each statement begins and ends with is paid once for them.
        constexpr std::size_t rowsTogether = 32;
        const auto put = [&](std::size_t rows, std::span<const ShotRecord> all) {
            SQLite::Statement insert(db, insertShots(rows));
            for (std::size_t from = 0; from < all.size(); from += rows) {
                int at = 0;
                for (const ShotRecord& shot : all.subspan(from, rows)) {
                    insert.bind(at + 1, w.result.source);
                    insert.bind(at + 2, hashOf(shot));
                    bindIdentities(insert, at + 6, shot, who, parts);
                    bindRecord(insert, at + firstRecordColumn, shot);
                    at += columnsOfARow;
                }
                insert.exec();
                insert.reset();
            }
        };
        const std::size_t whole = shots.size() / rowsTogether * rowsTogether;
        if (whole > 0) put(rowsTogether, shots.first(whole));
        if (whole < shots.size()) put(1, shots.subspan(whole));
        parts.write(db, w.result.source);
        w.result.added += shots.size();
    });
}

namespace {

/// Those of a source's shots that are in \p hashes, which are sorted; ids.
std::vector<std::int64_t> findAmong(SQLite::Database& db, std::int64_t source,
                                    const std::vector<std::int64_t>& hashes) {
    std::vector<std::int64_t> out;
    if (hashes.empty()) return out;
    SQLite::Statement own(db, "SELECT id, row_hash FROM shots WHERE source_id = ?");
    own.bind(1, source);
    while (own.executeStep()) {
        if (std::binary_search(hashes.begin(), hashes.end(), own.getColumn(1).getInt64()))
            out.push_back(own.getColumn(0).getInt64());
    }
    return out;
}

/// Appends the hashes of other whole sources' shots that \p condition on ?1 chooses.
void addHashes(SQLite::Database& db, const std::string& condition, std::int64_t value,
               std::int64_t except, std::vector<std::int64_t>& out) {
    SQLite::Statement all(db,
                          "SELECT row_hash FROM shots JOIN sources ON sources.id = source_id WHERE "
                          "state = 'whole' AND source_id <> ?2 AND " +
                              condition);
    all.bind(1, value);
    all.bind(2, except);
    while (all.executeStep())
        out.push_back(all.getColumn(0).getInt64());
}

/// What came in elsewhere since \p newest and \p notShown were read, sorted: few, unless two
/// imports ran at once.
std::vector<std::int64_t> hashesSince(SQLite::Database& db, std::int64_t source,
                                      std::int64_t newest,
                                      const std::vector<std::int64_t>& notShown) {
    std::vector<std::int64_t> since;
    addHashes(db, "shots.id > ?1", newest, source, since);
    for (const std::int64_t other : notShown)
        addHashes(db, "source_id = ?1 AND shots.id <= " + std::to_string(newest), other, source,
                  since);
    std::sort(since.begin(), since.end());
    return since;
}

/// A source from one state to another. \throws StoreError when it is not in the first one.
void turn(SQLite::Database& db, std::int64_t source, const char* from, const char* to,
          const std::string& logbook) {
    SQLite::Statement set(
        db, "UPDATE sources SET state = ?1, touched_s = ?2 WHERE id = ?3 AND state = ?4");
    set.bind(1, to);
    set.bind(2, now_s());
    set.bind(3, source);
    set.bind(4, from);
    if (set.exec() != 1) throw StoreError(Fault::Conflict, {Says::ImportGone, logbook});
}

}  // namespace

AddedShots LogbookWriter::commit() {
    Impl& w = *impl_;
    if (w.result.source == 0) {
        w.committed = true;
        w.book.guarded([&] { w.result.session = w.findFormer(*w.book.db, 0); });
        return w.result;
    }
    std::size_t twice = 0;
    changed(w.book, [&](SQLite::Database& db) {
        const auto again =
            findAmong(db, w.result.source,
                      hashesSince(db, w.result.source, w.known.newest, w.known.notShown));
        for (const std::int64_t id : again)
            run(db, "DELETE FROM shots WHERE id = ?", id);
        twice = again.size();
        const bool any = twice < w.result.added;
        if (run(db,
                any ? "UPDATE sources SET state = 'whole', touched_s = ?1 WHERE id = ?2 AND state "
                      "= 'arriving'"
                    : "DELETE FROM sources WHERE ?1 > 0 AND id = ?2 AND state = 'arriving'",
                now_s(), w.result.source) != 1) {
            throw StoreError(Fault::Conflict, {Says::ImportStoodStill, w.book.name()});
        }
        const std::int64_t former = w.findFormer(db, 0.5);
        if (any && former != 0)
            run(db, "UPDATE sources SET session_id = ? WHERE id = ?", former, w.result.source);
        if (!any || former != 0) {
            run(db, "DELETE FROM sessions WHERE id = ?", w.result.session);
            w.result.session = former;
        }
        if (any) noteSessionPlayer(db, w.result.session);
    });
    w.committed = true;
    w.result.added -= twice;
    w.result.known += twice;
    if (w.result.added == 0) w.result.source = 0;
    return w.result;
}

AddedShots Logbook::addShots(const ShotSource& source, std::span<const ShotRecord> shots) {
    impl_->requireWritable();
    const KnownShots known(*this);
    LogbookWriter writer(*this, source, known);
    // Runs of shots that are not known, mostly all of them; in transactions of some thousands.
    constexpr std::size_t mostTogether = 10'000;
    std::size_t knownShots = 0;
    for (std::size_t from = 0; from < shots.size();) {
        if (const auto its = known.findSource(shots[from])) {
            writer.met(*its);
            ++knownShots;
            ++from;
            continue;
        }
        std::size_t to = from + 1;
        while (to < shots.size() && to - from < mostTogether && !known.contains(shots[to]))
            ++to;
        writer.add(shots.subspan(from, to - from));
        from = to;
    }
    AddedShots out = writer.commit();
    out.known += knownShots;
    return out;
}

std::vector<std::optional<LoggedShot>> Logbook::addLiveShots(LiveConnection& connection,
                                                             std::span<const LiveArrival> shots,
                                                             std::int64_t at_s) {
    LiveConnection now = connection;
    auto out = changed(*impl_, [&](SQLite::Database& db) {
        std::vector<std::optional<LoggedShot>> kept;
        SQLite::Statement insert(db, insertShots(1));
        Identities who(db);
        Parts parts;
        // What came before may have been moved to another session, and taken its place with it.
        if (now.session != 0 &&
            number(db, "SELECT 1 FROM sessions WHERE id = ?", {now.session}) == 0)
            now.session = now.source = 0;
        const bool shows =
            number(db, "SELECT 1 FROM sources WHERE id = ? AND state = 'whole'", {now.source}) == 1;
        if (!shows && run(db, "UPDATE sources SET state = 'whole' WHERE id = ?", now.source) != 1)
            now.source = 0;
        for (const LiveArrival& shot : shots) {
            const std::int64_t hash = hashOf(shot.record);
            if (sentBefore(db, now, shot, hash, at_s)) {
                kept.emplace_back();
                continue;
            }
            if (now.session == 0)
                now.session = addSession(db, "live", now.title, now.time, shot.arrived);
            if (now.source == 0)
                now.source = addSource(db, "live", now.device, now.session, now.time, "whole");
            insert.reset();
            insert.clearBindings();
            insert.bind(1, now.source);
            insert.bind(2, hash);
            insert.bind(3, shot.deviceShot);
            insert.bind(4, shot.arrived);
            insert.bind(5, at_s);
            bindIdentities(insert, 6, shot.record, who, parts, shot.arrived);
            bindRecord(insert, firstRecordColumn, shot.record);
            insert.exec();
            LoggedShot logged;
            logged.id = db.getLastInsertRowid();
            logged.session = now.session;
            logged.record = shot.record;
            if (logged.record[Label::Time].empty()) logged.record[Label::Time] = shot.arrived;
            kept.emplace_back(std::move(logged));
        }
        if (now.source != 0) parts.write(db, now.source);
        if (now.session != 0) noteSessionPlayer(db, now.session);
        return kept;
    });
    connection = now;  // not before it is committed
    return out;
}

LoggedShot Logbook::addSeenShot(const ShotRecord& shot, std::int64_t session,
                                const ShotSource& source, std::int64_t id) {
    return changed(*impl_, [&](SQLite::Database& db) {
        LoggedShot out;
        out.record = shot;
        SQLite::Statement ofTheDay(db,
                                   "SELECT id FROM sessions WHERE day = ?1 ORDER BY id = ?2 DESC, "
                                   "id DESC LIMIT 1");
        ofTheDay.bind(1, shot[Label::Time].substr(0, 10));
        ofTheDay.bind(2, session);
        out.session = asNumber(ofTheDay);
        ofTheDay.reset();
        if (out.session == 0)
            out.session = addSession(db, "live", source.session, source.time, shot[Label::Time]);
        SQLite::Statement own(db,
                              "SELECT id FROM sources WHERE session_id = ?1 AND kind = 'live' AND "
                              "name = ?2 AND state = 'whole'");
        own.bind(1, out.session);
        own.bind(2, source.name);
        std::int64_t its = asNumber(own);
        if (its == 0) its = addSource(db, "live", source.name, out.session, source.time, "whole");
        Identities who(db);
        Parts parts;
        SQLite::Statement insert(db, insertShots(1));
        insert.bind(1, its);
        insert.bind(2, hashOf(shot));
        bindIdentities(insert, 6, shot, who, parts);
        bindRecord(insert, firstRecordColumn, shot);
        insert.exec();
        out.id = db.getLastInsertRowid();
        if (id != 0) {
            run(db, "UPDATE shots SET id = ?1 WHERE id = ?2", id, out.id);
            out.id = id;
        }
        parts.write(db, its);
        noteSessionPlayer(db, out.session);
        return out;
    });
}

void Logbook::removeSeenShot(const LoggedShot& shot) {
    changed(*impl_, [&](SQLite::Database& db) {
        const auto now = findShot(shot.id);
        if (!now || now->record.labels != shot.record.labels || now->setAside != shot.setAside)
            throw StoreError(Fault::Conflict, {Says::ShotChanged, impl_->name()});
        const auto source = number(db, "SELECT source_id FROM shots WHERE id = ?", {shot.id});
        run(db, "DELETE FROM shots WHERE id = ?", shot.id);
        if (number(db, "SELECT count(*) FROM shots WHERE source_id = ?", {source}) > 0) return;
        run(db, "DELETE FROM sources WHERE id = ?", source);
        db.exec("DELETE FROM sessions WHERE id NOT IN (SELECT session_id FROM sources)");
    });
}

void Logbook::removeSource(std::int64_t source) {
    changed(*impl_, [&](SQLite::Database& db) {
        if (number(db, "SELECT edits FROM sources WHERE id = ?", {source}) != 0) {
            throw StoreError(Fault::Conflict, {Says::ImportEdited, impl_->name()});
        }
        turn(db, source, "whole", "removed", impl_->name());
    });
}

void Logbook::restoreSource(std::int64_t source) {
    // A shot of it that came in again meanwhile, or that was brought back from elsewhere, would
    // stand there twice. Most of it is read before others have to wait.
    const KnownShots known(*this);
    changed(*impl_, [&](SQLite::Database& db) {
        std::size_t twice =
            findAmong(db, source,
                      hashesSince(db, source, known.impl_->newest, known.impl_->notShown))
                .size();
        for (const auto& [version, all] : known.impl_->hashes) {
            std::vector<std::int64_t> hashes(all.size());
            std::transform(all.begin(), all.end(), hashes.begin(),
                           [](const auto& one) { return one.hash; });
            twice += findAmong(db, source, hashes).size();
        }
        if (twice > 0) {
            throw StoreError(Fault::Conflict, {Says::CameInAgain, twice});
        }
        turn(db, source, "removed", "whole", impl_->name());
    });
}

bool Logbook::removeLeftovers(std::int64_t at_s) {
    return changed(*impl_, [&](SQLite::Database& db) {
        const auto source = number(
            db,
            "SELECT id FROM sources WHERE (state = 'arriving' AND touched_s < ?1) OR (state = "
            "'removed' AND touched_s < ?2) ORDER BY id LIMIT 1",
            {at_s - deadAfter_s, at_s - keptRemoved_s});
        if (source == 0) return false;
        // From now on it cannot go on or come back.
        run(db, "UPDATE sources SET state = 'removed', touched_s = 0 WHERE id = ?", source);
        const int gone = run(db,
                             "DELETE FROM shots WHERE id IN (SELECT id FROM shots WHERE source_id "
                             "= ?1 LIMIT ?2)",
                             source, removedAtOnce);
        if (gone == 0) {
            run(db, "DELETE FROM sources WHERE id = ?", source);
            db.exec("DELETE FROM sessions WHERE id NOT IN (SELECT session_id FROM sources)");
        }
        return true;
    });
}

}  // namespace wedgeon::store
