// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Writing and reading shots.
#include <algorithm>
#include <bit>
#include <cmath>

#include "logbook_db.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/store/shot_givens.h"

namespace wedgeon::store {
namespace {

/// The columns of words and numbers, named as in siKey and labelKey, in their order.
std::string columnList() {
    std::string out;
    for (std::size_t i = 0; i < labelCount; ++i) {
        out += out.empty() ? "" : ", ";
        out += labelKey(static_cast<Label>(i));
    }
    for (std::size_t i = 0; i < quantityCount; ++i) {
        out += ", ";
        out += siKey(static_cast<Quantity>(i));
    }
    return out;
}

std::string placeholders(std::size_t n) {
    std::string out = "?";
    for (std::size_t i = 1; i < n; ++i)
        out += ", ?";
    return out;
}

/// What makes a shot the same one when it comes a second time: all that was measured, who and
/// when, but not the coach's own words. FNV-1a over the bits.
std::int64_t hashOf(const ShotRecord& shot) {
    std::uint64_t h = 14695981039346656037u;
    const auto mix = [&h](std::uint64_t word) {
        h = (h ^ word) * 1099511628211u;
        h ^= h >> 29;
    };
    for (const double v : shot.values) {
        // Read from text in two units a value may differ in its last bits.
        mix(std::isnan(v) ? 0x7ff8u : std::bit_cast<std::uint64_t>(v) >> 12);
    }
    for (const Label l : {Label::Time, Label::Player, Label::Wedge, Label::Ball}) {
        for (const char c : shot[l])
            mix(static_cast<unsigned char>(c));
        mix(0x1F);
    }
    return std::bit_cast<std::int64_t>(h);
}

void bindShot(SQLite::Statement& insert, int at, const ShotRecord& shot) {
    for (const std::string& label : shot.labels) {
        if (label.empty()) {
            insert.bind(at);
        } else {
            insert.bindNoCopy(at, label);
        }
        ++at;
    }
    for (const double value : shot.values) {
        if (std::isnan(value)) {
            insert.bind(at);
        } else {
            insert.bind(at, value);
        }
        ++at;
    }
}

ShotRecord shotFrom(SQLite::Statement& row, int at) {
    ShotRecord shot;
    for (std::string& label : shot.labels) {
        const SQLite::Column c = row.getColumn(at++);
        if (!c.isNull()) label = c.getString();
    }
    for (double& value : shot.values) {
        const SQLite::Column c = row.getColumn(at++);
        if (!c.isNull()) value = c.getDouble();
    }
    return shot;
}

std::int64_t sessionNamed(SQLite::Database& db, const ShotSource& source) {
    SQLite::Statement find(db, "SELECT id FROM sessions WHERE title = ? ORDER BY id DESC LIMIT 1");
    find.bind(1, source.session);
    if (find.executeStep()) return find.getColumn(0).getInt64();
    SQLite::Statement make(db, "INSERT INTO sessions(title, started) VALUES(?, ?)");
    make.bind(1, source.session);
    make.bind(2, source.time);
    make.exec();
    return db.getLastInsertRowid();
}

std::int64_t addSource(SQLite::Database& db, const ShotSource& source) {
    const std::int64_t session = sessionNamed(db, source);
    SQLite::Statement make(db,
                           "INSERT INTO sources(kind, name, session_id, added) VALUES(?, ?, ?, ?)");
    make.bind(1, source.kind == ShotSource::Kind::Live ? "live" : "file");
    make.bind(2, source.name);
    make.bind(3, session);
    make.bind(4, source.time);
    make.exec();
    return db.getLastInsertRowid();
}

const std::string& insertShot() {
    static const std::string sql = "INSERT INTO shots(source_id, row_hash, device_shot, " +
                                   columnList() + ") VALUES(" +
                                   placeholders(3 + labelCount + quantityCount) + ")";
    return sql;
}

/// Changes nothing and throws when \p statement, an update guarded by the former value, met none.
void requireOne(int changed, const std::string& name) {
    if (changed != 1)
        throw StoreError(Fault::Conflict, "this shot of " + name +
                                              " was changed in another window; yours was not "
                                              "written over it");
}

/// A device that was not told in time that a shot arrived sends it again, also to the program's
/// next run, which is another session. Devices begin their numbers anew: only the same number with
/// the same readings is the same shot.
bool sentBefore(SQLite::Database& db, const std::string& device, const std::string& deviceShot,
                const ShotRecord& shot) {
    static const std::string sql = "SELECT " + columnList() +
                                   " FROM sources JOIN shots ON source_id = sources.id WHERE kind "
                                   "= 'live' AND name = ?1 AND device_shot = ?2";
    SQLite::Statement all(db, sql);
    all.bind(1, device);
    all.bind(2, deviceShot);
    while (all.executeStep()) {
        const ShotRecord there = shotFrom(all, 0);
        bool same = true;
        for (std::size_t q = 0; q < quantityCount; ++q) {
            const double a = there.values[q];
            const double b = shot.values[q];
            same = same && (a == b || (std::isnan(a) && std::isnan(b)));
        }
        if (same) return true;
    }
    return false;
}

/// \p shots by rising id.
void readDismissals(SQLite::Database& db, std::vector<LoggedShot>& shots) {
    SQLite::Statement all(db, "SELECT shot_id, doubt FROM dismissals ORDER BY shot_id");
    while (all.executeStep()) {
        const std::int64_t id = all.getColumn(0).getInt64();
        const auto at = std::lower_bound(
            shots.begin(), shots.end(), id,
            [](const LoggedShot& s, std::int64_t wanted) { return s.id < wanted; });
        if (at != shots.end() && at->id == id)
            at->dismissed.push_back(all.getColumn(1).getString());
    }
}

}  // namespace

struct LogbookWriter::Impl {
    LogbookAccess::Impl& book;
    ShotSource source;
    WriteTransaction transaction;
    /// Hashes of what was there before, sorted: a shot that is among them is not added again.
    std::vector<std::int64_t> known;
    SQLite::Statement insert;
    AddedShots result;

    Impl(LogbookAccess::Impl& b, const ShotSource& s)
        : book(b), source(s), transaction(*b.db), insert(*b.db, insertShot()) {
        SQLite::Statement all(*b.db, "SELECT row_hash FROM shots");
        while (all.executeStep())
            known.push_back(all.getColumn(0).getInt64());
        std::sort(known.begin(), known.end());
    }
};

LogbookWriter::LogbookWriter(Logbook& logbook, const ShotSource& source) {
    LogbookAccess::Impl& book = LogbookAccess::of(logbook);
    book.requireWritable();
    impl_ = book.guarded([&] { return std::make_unique<Impl>(book, source); });
}

LogbookWriter::~LogbookWriter() = default;

void LogbookWriter::add(std::span<const ShotRecord> shots) {
    Impl& w = *impl_;
    w.book.guarded([&] {
        for (const ShotRecord& shot : shots) {
            const std::int64_t hash = hashOf(shot);
            if (std::binary_search(w.known.begin(), w.known.end(), hash)) {
                ++w.result.known;
                continue;
            }
            if (w.result.source == 0) w.result.source = addSource(*w.book.db, w.source);
            w.insert.reset();
            w.insert.bind(1, w.result.source);
            w.insert.bind(2, hash);
            w.insert.bind(3);
            bindShot(w.insert, 4, shot);
            w.insert.exec();
            ++w.result.added;
        }
    });
}

AddedShots LogbookWriter::commit() {
    impl_->book.guarded([&] { impl_->transaction.commit(); });
    return impl_->result;
}

AddedShots Logbook::addShots(const ShotSource& source, std::span<const ShotRecord> shots) {
    LogbookWriter writer(*this, source);
    writer.add(shots);
    return writer.commit();
}

std::optional<LoggedShot> Logbook::addLiveShot(const ShotSource& source,
                                               const std::string& deviceShot,
                                               const ShotRecord& shot) {
    impl_->requireWritable();
    return impl_->guarded([&]() -> std::optional<LoggedShot> {
        SQLite::Database& db = *impl_->db;
        WriteTransaction transaction(db);
        SQLite::Statement find(db,
                               "SELECT sources.id FROM sources JOIN sessions ON sessions.id = "
                               "session_id WHERE kind = 'live' AND name = ? AND title = ?");
        find.bind(1, source.name);
        find.bind(2, source.session);
        const std::int64_t id =
            find.executeStep() ? find.getColumn(0).getInt64() : addSource(db, source);
        SQLite::Statement under(db, "SELECT session_id FROM sources WHERE id = ?");
        under.bind(1, id);
        under.executeStep();
        const std::int64_t session = under.getColumn(0).getInt64();
        SQLite::Statement there(db, "SELECT 1 FROM shots WHERE source_id = ? AND device_shot = ?");
        there.bind(1, id);
        there.bind(2, deviceShot);
        if (there.executeStep() || sentBefore(db, source.name, deviceShot, shot))
            return std::nullopt;
        SQLite::Statement insert(db, insertShot());
        insert.bind(1, id);
        insert.bind(2, hashOf(shot));
        insert.bind(3, deviceShot);
        bindShot(insert, 4, shot);
        insert.exec();
        const std::int64_t added = db.getLastInsertRowid();
        find.reset();  // an open reading would hold the transaction
        under.reset();
        transaction.commit();
        return LoggedShot{added, session, shot, {}, {}, {}};
    });
}

void Logbook::removeSource(std::int64_t source) {
    impl_->requireWritable();
    impl_->guarded([&] {
        SQLite::Database& db = *impl_->db;
        WriteTransaction transaction(db);
        for (const char* sql :
             {"DELETE FROM shots WHERE source_id = ?", "DELETE FROM sources WHERE id = ?"}) {
            SQLite::Statement remove(db, sql);
            remove.bind(1, source);
            remove.exec();
        }
        db.exec("DELETE FROM sessions WHERE id NOT IN (SELECT session_id FROM sources)");
        transaction.commit();
    });
}

std::vector<Session> Logbook::sessions() const {
    return impl_->guarded([&] {
        std::vector<Session> out;
        SQLite::Statement all(*impl_->db,
                              "SELECT sessions.id, title, started, count(shots.id) FROM sessions "
                              "LEFT JOIN sources ON session_id = sessions.id LEFT JOIN shots ON "
                              "source_id = sources.id GROUP BY sessions.id ORDER BY started, "
                              "sessions.id");
        while (all.executeStep()) {
            out.push_back({all.getColumn(0).getInt64(), all.getColumn(1).getString(),
                           all.getColumn(2).getString(),
                           static_cast<std::size_t>(all.getColumn(3).getInt64())});
        }
        return out;
    });
}

std::size_t Logbook::shotCount() const {
    return impl_->guarded([&] {
        return static_cast<std::size_t>(
            impl_->db->execAndGet("SELECT count(*) FROM shots").getInt64());
    });
}

std::vector<LoggedShot> Logbook::shots(std::int64_t session, std::size_t most) const {
    return impl_->guarded([&] {
        std::vector<LoggedShot> out;
        SQLite::Statement all(
            *impl_->db, "SELECT shots.id, session_id, coalesce(reason, ''), paced_m, " +
                            columnList() +
                            " FROM shots JOIN sources ON sources.id = source_id LEFT JOIN "
                            "set_asides ON shot_id = shots.id WHERE ?1 = 0 OR session_id = ?1 "
                            "ORDER BY shots.id DESC LIMIT ?2");
        all.bind(1, session);
        all.bind(2, static_cast<std::int64_t>(most));
        while (all.executeStep()) {
            LoggedShot shot{all.getColumn(0).getInt64(),
                            all.getColumn(1).getInt64(),
                            shotFrom(all, 4),
                            all.getColumn(2).getString(),
                            {},
                            {}};
            if (!all.getColumn(3).isNull())
                shot = withPaced(std::move(shot), all.getColumn(3).getDouble());
            out.push_back(std::move(shot));
        }
        std::reverse(out.begin(), out.end());
        readDismissals(*impl_->db, out);
        return out;
    });
}

void Logbook::setAside(std::int64_t shot, const std::string& reason, const std::string& former) {
    impl_->requireWritable();
    impl_->guarded([&] {
        SQLite::Database& db = *impl_->db;
        WriteTransaction transaction(db);
        SQLite::Statement now(db,
                              "SELECT coalesce(reason, '') FROM shots LEFT JOIN set_asides ON "
                              "shot_id = shots.id WHERE shots.id = ?");
        now.bind(1, shot);
        const bool same = now.executeStep() && now.getColumn(0).getString() == former;
        now.reset();
        requireOne(same ? 1 : 0, impl_->name());
        SQLite::Statement write(db, reason.empty()
                                        ? "DELETE FROM set_asides WHERE shot_id = ?1"
                                        : "INSERT OR REPLACE INTO set_asides(shot_id, reason) "
                                          "VALUES(?1, ?2)");
        write.bind(1, shot);
        if (!reason.empty()) write.bind(2, reason);
        write.exec();
        transaction.commit();
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

void Logbook::setPaced(std::int64_t shot, std::optional<double> run_m,
                       std::optional<double> former) {
    impl_->requireWritable();
    const QuantityInfo& limits = info(Quantity::Release);
    if (run_m && !(*run_m >= limits.low && *run_m <= limits.high))
        throw StoreError(Fault::Malformed, "a paced run is between -40 and 100 m");
    impl_->guarded([&] {
        WriteTransaction transaction(*impl_->db);
        SQLite::Statement write(*impl_->db,
                                "UPDATE shots SET paced_m = ?1 WHERE id = ?2 AND paced_m IS ?3");
        if (run_m) write.bind(1, *run_m);
        write.bind(2, shot);
        if (former) write.bind(3, *former);
        requireOne(write.exec(), impl_->name());
        transaction.commit();
    });
}

namespace {

/// Changes one text of a shot unless it is not \p former any more. \p column is the program's own.
void setText(LogbookAccess::Impl& book, std::int64_t shot, const std::string& column,
             const std::string& text, const std::string& former) {
    book.requireWritable();
    book.guarded([&] {
        WriteTransaction transaction(*book.db);
        SQLite::Statement write(*book.db, "UPDATE shots SET " + column +
                                              " = ?1 WHERE id = ?2 AND " + "coalesce(" + column +
                                              ", '') = ?3");
        write.bind(1, text);
        write.bind(2, shot);
        write.bind(3, former);
        requireOne(write.exec(), book.name());
        transaction.commit();
    });
}

}  // namespace

void Logbook::setLabel(std::int64_t shot, Label label, const std::string& text,
                       const std::string& former) {
    setText(*impl_, shot, std::string(labelKey(label)), text, former);
}

}  // namespace wedgeon::store
