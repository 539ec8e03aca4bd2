// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Opening, migrating and backing up the logbook.
#include "wedgeon/store/logbook.h"

#include <sqlite3.h>

#include <algorithm>
#include <fstream>

#include "logbook_db.h"
#include "schema.h"

namespace wedgeon::store {
namespace {

namespace fs = std::filesystem;

constexpr int busy_ms = 3000;
constexpr const char* backupFolder = "backups";

int pragma(SQLite::Database& db, const char* name) {
    return db.execAndGet(std::string("PRAGMA ") + name).getInt();
}

/// A file that holds no database says so before SQLite is asked.
void requireDatabaseFile(const fs::path& path, const std::string& name) {
    std::ifstream in(path, std::ios::binary);
    if (!in) throw StoreError(Fault::CannotOpen, name + " cannot be opened for reading");
    std::string head(16, '\0');
    in.read(head.data(), 16);
    if (in.gcount() == 0) return;  // an empty file is a database without tables
    if (head != std::string("SQLite format 3\0", 16))
        throw StoreError(Fault::Damaged, name + " is not a logbook, or its beginning is damaged");
}

void checkSound(SQLite::Database& db, const std::string& name) {
    const std::string found = db.execAndGet("PRAGMA quick_check(1)").getString();
    if (found != "ok")
        throw StoreError(Fault::Damaged, name + " is damaged: " + found.substr(0, 200));
}

void migrate(SQLite::Database& db, const fs::path& path, int from) {
    if (from > 0) {
        // The former state stays beside it: a migration is the one change that undo cannot reach.
        fs::path copy = path;
        copy += ".version-" + std::to_string(from);
        std::error_code error;
        fs::remove(copy, error);
        SQLite::Statement into(db, "VACUUM INTO ?");
        into.bind(1, copy.string());
        into.exec();
    }
    WriteTransaction transaction(db);
    // Another window may have been first.
    const int now = pragma(db, "user_version");
    const auto steps = migrations();
    for (std::size_t i = static_cast<std::size_t>(now); i < steps.size(); ++i)
        db.exec(steps[i]);
    db.exec("PRAGMA application_id = " + std::to_string(applicationId));
    db.exec("PRAGMA user_version = " + std::to_string(steps.size()));
    transaction.commit();
}

std::vector<fs::path> backupsOf(const fs::path& path) {
    std::vector<fs::path> out;
    std::error_code error;
    const std::string stem = path.stem().string() + "-";
    for (const auto& entry : fs::directory_iterator(path.parent_path() / backupFolder, error)) {
        if (entry.path().filename().string().starts_with(stem) &&
            entry.path().extension() == path.extension())
            out.push_back(entry.path());
    }
    std::sort(out.begin(), out.end());  // dates sort as text
    return out;
}

}  // namespace

StoreError translated(const SQLite::Exception& e, const std::string& name) {
    const auto error = [&](Fault fault, const std::string& what) {
        return StoreError(fault, name + " " + what);
    };
    switch (e.getErrorCode()) {
        case SQLITE_CORRUPT:
        case SQLITE_NOTADB:
            return error(Fault::Damaged, std::string("is damaged: ") + e.getErrorStr());
        case SQLITE_BUSY:
        case SQLITE_LOCKED:
            return error(Fault::Locked, "is held by another program; nothing was changed");
        case SQLITE_FULL:
            return error(Fault::Full,
                         "could not be written: the disk is full; nothing was changed");
        case SQLITE_READONLY:
        case SQLITE_PERM:
            return error(Fault::ReadOnly, "cannot be written; nothing was changed");
        case SQLITE_CANTOPEN:
            return error(Fault::CannotOpen, "cannot be opened, or its folder cannot be written");
        case SQLITE_IOERR:
            return error(Fault::CannotWrite,
                         std::string("could not be read or written: ") + e.getErrorStr());
        default:
            return error(Fault::CannotWrite, std::string(": ") + e.what());
    }
}

Logbook::Logbook(const fs::path& path, Access access) : impl_(std::make_unique<Impl>()) {
    impl_->path = path;
    impl_->readOnly = access == Access::ReadOnly;
    const std::string name = impl_->name();
    impl_->guarded([&] {
        std::error_code error;
        const bool exists = fs::exists(path, error);
        if (exists) {
            requireDatabaseFile(path, name);
        } else if (impl_->readOnly) {
            throw StoreError(Fault::CannotOpen, name + " does not exist");
        }
        impl_->db = std::make_unique<SQLite::Database>(
            path.string(),
            SQLite::OPEN_NOMUTEX | (impl_->readOnly ? SQLite::OPEN_READONLY
                                                    : SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE),
            busy_ms);
        SQLite::Database& db = *impl_->db;
        const int version = pragma(db, "user_version");
        if (version > schemaVersion) {
            throw StoreError(Fault::Newer, name +
                                               " was made by a later version of the program "
                                               "(schema " +
                                               std::to_string(version) + ", this one knows " +
                                               std::to_string(schemaVersion) + ")");
        }
        if (exists && version > 0 && pragma(db, "application_id") != applicationId)
            throw StoreError(Fault::Damaged, name + " is a database, but not a logbook");
        if (exists && version == 0 &&
            db.execAndGet("SELECT count(*) FROM sqlite_schema").getInt() > 0)
            throw StoreError(Fault::Damaged, name + " is a database, but not a logbook");
        checkSound(db, name);
        if (impl_->readOnly) {
            if (version < schemaVersion)
                throw StoreError(Fault::ReadOnly,
                                 name +
                                     " is of an earlier version and has to be opened for "
                                     "writing once");
            return;
        }
        // FULL: an acknowledged shot is on the disk, whatever happens to the power.
        if (!exists) db.exec("PRAGMA page_size = 8192");  // before the first write
        db.exec("PRAGMA cache_size = -32000");            // KiB
        db.exec("PRAGMA journal_mode = WAL");
        db.exec("PRAGMA synchronous = FULL");
        db.exec("PRAGMA foreign_keys = ON");
        if (version < schemaVersion) migrate(db, path, version);
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

std::int64_t Logbook::dataVersion() const {
    return impl_->guarded([&] { return impl_->db->execAndGet("PRAGMA data_version").getInt64(); });
}

void Logbook::backUp(const fs::path& path) const {
    impl_->guarded([&] {
        // Written beside and renamed: a backup is either whole or not there.
        fs::path part = path;
        part += ".part";
        std::error_code error;
        fs::remove(part, error);
        SQLite::Statement into(*impl_->db, "VACUUM INTO ?");
        into.bind(1, part.string());
        into.exec();
        fs::rename(part, path, error);
        if (error)
            throw StoreError(Fault::CannotWrite, path.filename().string() +
                                                     " could not be written: " + error.message());
    });
}

void Logbook::backUpOnce(const std::string& today, std::size_t kept) const {
    const fs::path folder = impl_->path.parent_path() / backupFolder;
    std::error_code error;
    fs::create_directories(folder, error);
    const fs::path path = folder / (impl_->path.stem().string() + "-" + today.substr(0, 10) +
                                    impl_->path.extension().string());
    if (!fs::exists(path, error)) backUp(path);
    auto all = backupsOf(impl_->path);
    for (std::size_t i = 0; i + kept < all.size(); ++i)
        fs::remove(all[i], error);
}

std::optional<fs::path> Logbook::findGoodBackup(const fs::path& path) {
    auto all = backupsOf(path);
    for (auto it = all.rbegin(); it != all.rend(); ++it) {
        try {
            const Logbook opened(*it, Access::ReadOnly);
            return *it;
        } catch (const StoreError&) {
            continue;
        }
    }
    return std::nullopt;
}

}  // namespace wedgeon::store
