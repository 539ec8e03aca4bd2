// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Backups: making, finding, putting back.
#include <fcntl.h>
#include <unistd.h>

#include <algorithm>
#include <cerrno>
#include <cstdint>
#include <system_error>

#include "logbook_db.h"
#include "text.h"

namespace wedgeon::store {
namespace {

namespace fs = std::filesystem;

constexpr const char* backupFolder = "backups";
constexpr std::size_t dayLength = 10;

bool isDay(std::string_view s) {
    if (s.size() != dayLength) return false;
    for (std::size_t i = 0; i < dayLength; ++i) {
        if (i == 4 || i == 7 ? s[i] != '-' : !text::isDigit(s[i])) return false;
    }
    return true;
}

/// Where the backups of the logbook at \p path are. In a folder of the coach's choice two logbooks
/// of one name would be taken for each other: each has one of its own there, known by its path.
fs::path folderOf(const fs::path& path, const BackupPlan& plan) {
    const fs::path whole = fs::absolute(path).lexically_normal();
    if (plan.folder.empty()) return whole.parent_path() / backupFolder;
    // FNV-1a of 32 bits, the same on every machine and for ever.
    std::uint32_t hash = 2166136261u;
    for (const char c : whole.string())
        hash = (hash ^ static_cast<unsigned char>(c)) * 16777619u;
    constexpr std::string_view hex = "0123456789abcdef";
    std::string name = whole.stem().string() + "-";
    for (int shift = 28; shift >= 0; shift -= 4)
        name += hex[(hash >> shift) & 15u];
    return plan.folder / name;
}

/// A finished file that nobody has open yet.
bool sync(const fs::path& path) {
    const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
    if (fd < 0) return false;
    const bool good = ::fsync(fd) == 0;
    const int why = errno;
    ::close(fd);
    errno = why;
    return good;
}

}  // namespace

void Logbook::backUp(const fs::path& path) const {
    impl_->guarded([&] {
        // Written beside and renamed: a backup is either whole or not there.
        const fs::path part = path.string() + ".part-" + std::to_string(::getpid());
        std::error_code error;
        fs::remove(part, error);
        try {
            SQLite::Statement into(*impl_->db, "VACUUM INTO ?");
            into.bind(1, fs::absolute(part).string());
            into.exec();
        } catch (...) {
            fs::remove(part, error);
            throw;
        }
        if (!sync(part)) error.assign(errno, std::generic_category());
        if (!error) fs::rename(part, path, error);
        if (error) {
            std::error_code ignored;
            fs::remove(part, ignored);
            throw StoreError(Fault::CannotWrite,
                             {Says::FileNotMade, path.filename().string(), error.message()});
        }
        sync(fs::absolute(path).parent_path());
    });
}

void Logbook::backUpOnce(const std::string& today, const BackupPlan& plan) const {
    const auto all = backups(impl_->path, plan);
    const std::string day = today.substr(0, dayLength);
    const bool done =
        std::any_of(all.begin(), all.end(), [&](const BackupInfo& b) { return b.day == day; });
    if (!done) {
        const fs::path name =
            impl_->path.stem().string() + "-" + day + impl_->path.extension().string();
        const auto backUpIn = [&](const fs::path& folder) {
            std::error_code error;
            fs::create_directories(folder, error);
            backUp(folder / name);
        };
        try {
            backUpIn(folderOf(impl_->path, plan));
        } catch (const StoreError&) {
            if (plan.folder.empty()) throw;
            backUpIn(folderOf(impl_->path, {}));
        }
    }
    const auto now = done ? all : backups(impl_->path, plan);
    std::error_code error;
    for (std::size_t i = plan.kept; i < now.size(); ++i)
        fs::remove(now[i].path, error);
}

std::vector<BackupInfo> Logbook::backups(const fs::path& path, const BackupPlan& plan) {
    std::vector<BackupInfo> out;
    const std::string stem = path.stem().string() + "-";
    const std::string ending = path.extension().string();
    const auto look = [&](const fs::path& folder) {
        std::error_code error;
        for (const auto& entry : fs::directory_iterator(folder, error)) {
            // Exactly stem, day and ending: those of "club-juniors" are not those of "club".
            const std::string name = entry.path().filename().string();
            if (name.size() != stem.size() + dayLength + ending.size() || !name.starts_with(stem) ||
                !name.ends_with(ending))
                continue;
            const std::string day = name.substr(stem.size(), dayLength);
            if (isDay(day)) out.push_back({entry.path(), day});
        }
    };
    look(folderOf(path, plan));
    if (!plan.folder.empty()) look(folderOf(path, {}));
    std::stable_sort(out.begin(), out.end(),
                     [](const auto& a, const auto& b) { return a.day > b.day; });
    return out;
}

std::optional<fs::path> Logbook::findGoodBackup(const fs::path& path, const BackupPlan& plan) {
    for (const BackupInfo& b : backups(path, plan)) {
        try {
            const Logbook opened(b.path, Access::ReadOnly);
            opened.requireSound();
            return b.path;
        } catch (const StoreError&) {
            continue;
        }
    }
    return std::nullopt;
}

fs::path Logbook::replace(const fs::path& path, const fs::path& backup) {
    const Logbook from(backup, Access::ReadOnly);
    from.requireSound();
    std::error_code error;
    fs::path aside;
    for (int i = 1; aside.empty() || fs::exists(aside, error); ++i)
        aside = path.string() + ".damaged-" + std::to_string(i);
    // With what SQLite keeps beside it, which belongs to it and to nothing else.
    for (const char* end : {"", "-wal", "-shm", "-journal"}) {
        const fs::path former = path.string() + end;
        if (!fs::exists(former, error)) continue;
        fs::rename(former, aside.string() + end, error);
        if (error)
            throw StoreError(Fault::CannotWrite,
                             {Says::FileNotRenamed, former.filename().string(), error.message()});
    }
    const Logbook fresh(path);
    fresh.impl_->guarded(
        [&] { copyWhole(*fresh.impl_->db, *from.impl_->db, path.filename().string()); });
    return aside;
}

void Logbook::restore(const fs::path& backup, const fs::path& aside) {
    impl_->requireWritable();
    // Brought to the present schema in memory where it is older.
    const Logbook from(backup, Access::ReadOnly);
    from.requireSound();
    backUp(aside);
    impl_->guarded([&] {
        impl_->requireInPlace();
        SQLite::Database& db = *impl_->db;
        std::vector<std::pair<std::string, std::int64_t>> used;
        {
            SQLite::Statement all(db, "SELECT name, seq FROM sqlite_sequence");
            while (all.executeStep())
                used.emplace_back(all.getColumn(0).getString(), all.getColumn(1).getInt64());
        }
        copyWhole(db, *from.impl_->db, impl_->name());
        // Ids that were used since are not used again: another window's undo may remember them.
        WriteTransaction transaction(db);
        for (const auto& [table, last] : used) {
            SQLite::Statement keep(db,
                                   "UPDATE sqlite_sequence SET seq = max(seq, ?1) WHERE name = ?2");
            keep.bind(1, last);
            keep.bind(2, table);
            keep.exec();
        }
        transaction.commit();
    });
}

}  // namespace wedgeon::store
