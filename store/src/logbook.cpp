// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Opening and migrating the logbook.
#include "wedgeon/store/logbook.h"

#include <sqlite3.h>
#include <unistd.h>

#include <chrono>
#include <cmath>
#include <limits>
#include <thread>
#include <utility>

#include "logbook_db.h"
#include "schema.h"

namespace wedgeon::store {
namespace {

namespace fs = std::filesystem;

constexpr auto askAgainAfter = std::chrono::milliseconds(2);
/// No text of ours is longer; a row that claims more is refused instead of allocated.
constexpr int longestValue = 64 << 20;

int pragma(SQLite::Database& db, const char* name) {
    return db.execAndGet(std::string("PRAGMA ") + name).getInt();
}

/// A file may come from anybody: its schema runs nothing, and its pages are checked as they are
/// read.
void harden(SQLite::Database& db) {
    sqlite3* raw = db.getHandle();
    for (const auto& [option, value] :
         {std::pair{SQLITE_DBCONFIG_DEFENSIVE, 1}, std::pair{SQLITE_DBCONFIG_TRUSTED_SCHEMA, 0},
          std::pair{SQLITE_DBCONFIG_ENABLE_TRIGGER, 0}, std::pair{SQLITE_DBCONFIG_ENABLE_VIEW, 0}})
        sqlite3_db_config(raw, option, value, nullptr);
    sqlite3_limit(raw, SQLITE_LIMIT_LENGTH, longestValue);
    db.exec("PRAGMA cell_size_check = ON");
}

void requireRegular(const fs::path& path, const std::string& name) {
    std::error_code error;
    const fs::file_status status = fs::status(path, error);
    if (fs::exists(status) && !fs::is_regular_file(status))
        throw StoreError(Fault::CannotOpen, {Says::NotAFile, name});
}

/// \p path as SQLite takes it for the name of a file, whatever it looks like. One that cannot be
/// written, on a medium that nobody writes, is opened as it lies there.
std::unique_ptr<SQLite::Database> openFile(const fs::path& path, bool readOnly, bool unchanging) {
    const std::string plain = fs::absolute(path).string();
    if (!unchanging) {
        return std::make_unique<SQLite::Database>(
            plain,
            SQLite::OPEN_NOMUTEX |
                (readOnly ? SQLite::OPEN_READONLY : SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE));
    }
    constexpr std::string_view hex = "0123456789ABCDEF";
    std::string uri = "file:";
    for (const char c : plain) {
        if (c == '?' || c == '#' || c == '%') {
            const auto byte = static_cast<unsigned char>(c);
            uri += {'%', hex[byte >> 4], hex[byte & 15]};
        } else {
            uri += c;
        }
    }
    return std::make_unique<SQLite::Database>(
        uri + "?immutable=1", SQLite::OPEN_NOMUTEX | SQLite::OPEN_READONLY | SQLite::OPEN_URI);
}

/// Nobody can write beside it, and nothing waits there to be read with it.
bool liesUnchanging(const fs::path& path) {
    std::error_code error;
    const fs::path folder = fs::absolute(path).parent_path();
    const fs::path log = path.string() + "-wal";
    return ::access(folder.c_str(), W_OK) != 0 &&
           (!fs::exists(log, error) || fs::file_size(log, error) == 0);
}

int requireKnown(SQLite::Database& db, const std::string& name) {
    const int version = pragma(db, "user_version");
    if (version > Logbook::schemaVersion) {
        throw StoreError(Fault::Newer, {Says::LogbookNewer, name, version, Logbook::schemaVersion});
    }
    if (version < 0 || (version > 0 && pragma(db, "application_id") != applicationId))
        throw StoreError(Fault::Damaged, {Says::DatabaseNoLogbook, name});
    if (const auto other = findForeign(db, version)) {
        if (version == 0) throw StoreError(Fault::Damaged, {Says::DatabaseNoLogbook, name});
        throw StoreError(Fault::Damaged, {Says::LogbookNotAsMade, name, *other});
    }
    return version;
}

void runSteps(SQLite::Database& db, int from) {
    const auto steps = migrations();
    for (std::size_t i = static_cast<std::size_t>(from); i < steps.size(); ++i)
        db.exec(steps[i]);
    db.exec("PRAGMA application_id = " + std::to_string(applicationId));
    db.exec("PRAGMA user_version = " + std::to_string(steps.size()));
}

/// A name that nothing has yet.
fs::path freeName(const fs::path& wanted) {
    std::error_code error;
    fs::path out = wanted;
    for (int i = 2; fs::exists(out, error); ++i)
        out = wanted.string() + "-" + std::to_string(i);
    return out;
}

void migrate(SQLite::Database& db, const fs::path& path) {
    WriteTransaction transaction(db);
    // Another window may have been first.
    const int from = requireKnown(db, path.filename().string());
    if (from == Logbook::schemaVersion) return;
    if (from > 0) {
        // The former state stays beside it: a migration is the one change that undo cannot reach.
        // Nobody else writes now, and a second connection reads what was.
        const fs::path copy = freeName(path.string() + ".version-" + std::to_string(from));
        const fs::path part = copy.string() + ".part";
        std::error_code error;
        fs::remove(part, error);
        {
            SQLite::Database former(fs::absolute(path).string(), SQLite::OPEN_READONLY);
            SQLite::Database to(fs::absolute(part).string(),
                                SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
            copyWhole(to, former, path.filename().string());
        }
        fs::rename(part, copy, error);
        if (error)
            throw StoreError(Fault::CannotWrite,
                             {Says::FileNotMade, copy.filename().string(), error.message()});
    }
    runSteps(db, from);
    transaction.commit();
}

/// An older logbook that must stay as it is, brought to the present schema in memory.
std::unique_ptr<SQLite::Database> migratedCopy(SQLite::Database& from, int version,
                                               const std::string& name) {
    auto out = std::make_unique<SQLite::Database>(
        ":memory:", SQLite::OPEN_NOMUTEX | SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    copyWhole(*out, from, name);
    WriteTransaction transaction(*out);
    runSteps(*out, version);
    transaction.commit();
    return out;
}

}  // namespace

StoreError translated(const SQLite::Exception& e, const std::string& name) {
    const auto error = [&](Fault fault, Says what) { return StoreError(fault, {what, name}); };
    const auto detailed = [&](Fault fault, Says what, const char* detail) {
        return StoreError(fault, {what, name, detail});
    };
    switch (e.getErrorCode()) {
        case SQLITE_NOTADB:
            return error(Fault::Damaged, Says::BeginningDamaged);
        case SQLITE_CORRUPT:
            return detailed(Fault::Damaged, Says::PagesDamaged, e.getErrorStr());
        case SQLITE_BUSY:
        case SQLITE_LOCKED:
            return error(Fault::Locked, Says::HeldElsewhere);
        case SQLITE_FULL:
            return error(Fault::Full, Says::DiskFull);
        case SQLITE_READONLY:
        case SQLITE_PERM:
            return error(Fault::ReadOnly, Says::CannotBeWritten);
        case SQLITE_CANTOPEN:
            return error(Fault::CannotOpen, Says::CannotBeOpened);
        case SQLITE_IOERR:
            return detailed(Fault::CannotWrite, Says::InputOutput, e.getErrorStr());
        default:
            return detailed(Fault::CannotWrite, Says::DatabaseSays, e.what());
    }
}

void copyWhole(SQLite::Database& to, SQLite::Database& from, const std::string& name) {
    if (SQLite::Backup(to, from).executeStep() != SQLITE_DONE)
        throw StoreError(Fault::Locked, {Says::HeldElsewhere, name});
}

void setPatience(SQLite::Database& db, Patience& patience) {
    // The time is counted in pauses: a loaded machine waits a little longer, never for ever.
    const auto handler = [](void* its, int asked) -> int {
        const int most = static_cast<const Patience*>(its)->most_ms;
        if (asked * static_cast<int>(askAgainAfter.count()) >= most) return 0;
        std::this_thread::sleep_for(askAgainAfter);
        return 1;
    };
    sqlite3_busy_handler(db.getHandle(), handler, &patience);
}

std::string textAt(SQLite::Statement& row, int column, std::size_t most) {
    return std::string(viewAt(row, column, most));
}

std::string_view viewAt(SQLite::Statement& row, int column, std::size_t most) {
    const SQLite::Column c = row.getColumn(column);
    if (!c.isText()) return {};
    const char* text = c.getText();
    const auto bytes = static_cast<std::size_t>(c.getBytes());
    return bytes > most ? std::string_view() : std::string_view(text, bytes);
}

double numberAt(SQLite::Statement& row, int column) {
    constexpr double most = 1e9;  // beyond any quantity in its SI unit
    const SQLite::Column c = row.getColumn(column);
    if (!c.isFloat() && !c.isInteger()) return std::numeric_limits<double>::quiet_NaN();
    const double v = c.getDouble();
    return std::abs(v) <= most ? v : std::numeric_limits<double>::quiet_NaN();
}

bool Logbook::Impl::hasMoved() const {
    int moved = 0;
    sqlite3_file_control(db->getHandle(), "main", SQLITE_FCNTL_HAS_MOVED, &moved);
    return moved != 0;
}

void Logbook::Impl::requireInPlace() const {
    if (hasMoved()) {
        throw StoreError(Fault::Moved, {Says::MovedAway, name()});
    }
}

Logbook::Impl::~Impl() {
    // The write-ahead log of a file that was replaced is another's by now: SQLite would remove it
    // by its name when it closes.
    if (db && !readOnly && hasMoved())
        sqlite3_db_config(db->getHandle(), SQLITE_DBCONFIG_NO_CKPT_ON_CLOSE, 1, nullptr);
}

Logbook::Logbook(const fs::path& path, Access access) : impl_(std::make_unique<Impl>()) {
    impl_->path = path;
    impl_->readOnly = access == Access::ReadOnly;
    const std::string name = impl_->name();
    if (name.empty()) throw StoreError(Fault::CannotOpen, Says::NoFileName);
    impl_->guarded([&] {
        requireRegular(path, name);
        std::error_code error;
        const bool exists = fs::exists(path, error);
        if (impl_->readOnly && !exists)
            throw StoreError(Fault::CannotOpen, {Says::FileMissing, name});
        impl_->open = std::make_unique<OpenLogbook>(fs::absolute(path));
        impl_->db = openFile(path, impl_->readOnly, impl_->readOnly && liesUnchanging(path));
        SQLite::Database& db = *impl_->db;
        store::setPatience(db, impl_->patience);
        harden(db);
        const int version = requireKnown(db, name);
        if (impl_->readOnly) {
            if (version == 0) throw StoreError(Fault::Damaged, {Says::HoldsNoLogbook, name});
            if (version < schemaVersion) impl_->db = migratedCopy(db, version, name);
            return;
        }
        // FULL: an acknowledged shot is on the disk, whatever happens to the power.
        if (!exists) db.exec("PRAGMA page_size = 8192");  // before the first write
        db.exec("PRAGMA cache_size = -32000");            // KiB
        db.exec("PRAGMA journal_mode = WAL");
        db.exec("PRAGMA synchronous = FULL");
        if (version < schemaVersion) migrate(db, path);  // without foreign keys: it rebuilds tables
        db.exec("PRAGMA foreign_keys = ON");
    });
}

Logbook::~Logbook() = default;
Logbook::Logbook(Logbook&&) noexcept = default;
Logbook& Logbook::operator=(Logbook&&) noexcept = default;

const fs::path& Logbook::path() const {
    return impl_->path;
}

bool Logbook::readOnly() const {
    return impl_->readOnly;
}

void Logbook::setPatience(int most_ms) {
    impl_->patience.most_ms = most_ms;
}

void Logbook::checkpoint() const {
    if (impl_->readOnly) return;
    const int patience_ms = std::exchange(impl_->patience.most_ms, 0);
    impl_->db->tryExec("PRAGMA wal_checkpoint(TRUNCATE)");
    impl_->patience.most_ms = patience_ms;
}

void Logbook::requireInPlace() const {
    impl_->requireInPlace();
}

std::int64_t Logbook::dataVersion() const {
    return impl_->guarded([&] { return impl_->db->execAndGet("PRAGMA data_version").getInt64(); });
}

void Logbook::requireSound() const {
    impl_->guarded([&] {
        const std::string found = impl_->db->execAndGet("PRAGMA quick_check(1)").getString();
        if (found != "ok") {
            throw StoreError(Fault::Damaged,
                             {Says::PagesDamaged, impl_->name(), found.substr(0, 200)});
        }
    });
}

}  // namespace wedgeon::store
