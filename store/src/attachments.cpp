// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows and files.
#include "wedgeon/store/attachments.h"

#include <algorithm>
#include <chrono>
#include <set>

#include "logbook_db.h"

namespace wedgeon::store {
namespace {

namespace fs = std::filesystem;

constexpr std::size_t hexDigits = 64;
constexpr std::size_t longestEnding = 8;
constexpr std::size_t longestName = 255;
constexpr std::chrono::hours keptUnused{30 * 24};

bool isHex(char c) {
    return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'f');
}
bool isOfEnding(char c) {
    return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'z');
}

}  // namespace

bool isContentName(std::string_view name) {
    if (name.size() < hexDigits + 2 || name.size() > hexDigits + 1 + longestEnding ||
        name[hexDigits] != '.')
        return false;
    const std::string_view digits = name.substr(0, hexDigits), ending = name.substr(hexDigits + 1);
    return std::all_of(digits.begin(), digits.end(), isHex) &&
           std::all_of(ending.begin(), ending.end(), isOfEnding);
}

fs::path attachmentFolder(const fs::path& logbook) {
    fs::path folder = logbook;
    folder += "-pictures";
    return folder;
}

std::vector<Attachment> Attachments::all() const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::vector<Attachment> out;
        SQLite::Statement all(*book.db,
                              "SELECT id, coalesce(shot_id, 0), coalesce(recipe, ''), content, "
                              "name, bytes, "
                              "added FROM attachments ORDER BY id");
        while (all.executeStep()) {
            Attachment a;
            a.id = all.getColumn(0).getInt64();
            a.shot = all.getColumn(1).getInt64();
            a.recipe = textAt(all, 2);
            a.content = textAt(all, 3);
            a.name = textAt(all, 4, longestName);
            a.bytes = all.getColumn(5).getInt64();
            a.added = textAt(all, 6);
            if (isContentName(a.content)) out.push_back(std::move(a));
        }
        return out;
    });
}

std::int64_t Attachments::add(const Attachment& attachment) {
    if (!isContentName(attachment.content) || (attachment.shot == 0) == attachment.recipe.empty())
        throw StoreError(Fault::Malformed, {Says::AttachmentForm});
    LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return changed(book, [&](SQLite::Database& db) {
        if (attachment.shot != 0) {
            SQLite::Statement there(db, "SELECT 1 FROM shots WHERE id = ?");
            there.bind(1, attachment.shot);
            if (!there.executeStep())
                throw StoreError(Fault::Conflict, {Says::ShotChanged, book.name()});
        }
        SQLite::Statement put(
            db,
            "INSERT INTO attachments(id, shot_id, recipe, content, name, bytes, added) VALUES(?1, "
            "?2, ?3, ?4, ?5, ?6, ?7)");
        if (attachment.id != 0) put.bind(1, attachment.id);
        if (attachment.shot != 0) {
            put.bind(2, attachment.shot);
        } else {
            put.bind(3, attachment.recipe);
        }
        put.bind(4, attachment.content);
        put.bind(5, attachment.name.substr(0, longestName));
        put.bind(6, attachment.bytes);
        put.bind(7, attachment.added);
        put.exec();
        return db.getLastInsertRowid();
    });
}

void Attachments::remove(const Attachment& attachment) {
    LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    changed(book, [&](SQLite::Database& db) {
        SQLite::Statement gone(db, "DELETE FROM attachments WHERE id = ?1 AND content = ?2");
        gone.bind(1, attachment.id);
        gone.bind(2, attachment.content);
        if (gone.exec() != 1) throw StoreError(Fault::Conflict, {Says::ShotChanged, book.name()});
    });
    // From now on it counts as not used.
    std::error_code error;
    fs::last_write_time(attachmentFolder(book.path) / attachment.content,
                        fs::file_time_type::clock::now(), error);
}

std::size_t Attachments::removeUnused() const {
    std::set<std::string> used;
    for (const Attachment& a : all())
        used.insert(a.content);
    std::size_t removed = 0;
    std::error_code error;
    const auto now = fs::file_time_type::clock::now();
    for (fs::directory_iterator it(attachmentFolder(logbook_.path()), error), end;
         !error && it != end; it.increment(error)) {
        const std::string name = it->path().filename().string();
        const bool ours = isContentName(name) || name.starts_with(arrivingPrefix);
        std::error_code of;
        if (!ours || used.contains(name) || !it->is_regular_file(of)) continue;
        const auto touched = it->last_write_time(of);
        if (!of && now - touched > keptUnused && fs::remove(it->path(), of)) ++removed;
    }
    return removed;
}

std::size_t Attachments::copyTo(const fs::path& from, const fs::path& to,
                                const std::vector<Attachment>& which) {
    std::size_t missing = 0;
    const fs::path source = attachmentFolder(from), target = attachmentFolder(to);
    for (const Attachment& a : which) {
        std::error_code error;
        if (!fs::is_regular_file(source / a.content, error)) {
            ++missing;
            continue;
        }
        if (fs::exists(target / a.content, error)) continue;
        fs::create_directories(target, error);
        // Under its own name only when all of it is there.
        const fs::path arriving = target / (std::string(arrivingPrefix) + a.content);
        if (!error)
            fs::copy_file(source / a.content, arriving, fs::copy_options::overwrite_existing,
                          error);
        if (!error) fs::rename(arriving, target / a.content, error);
        if (error) {
            std::error_code ignored;
            fs::remove(arriving, ignored);
            throw StoreError(Fault::CannotWrite,
                             {Says::AttachmentNotCopied, a.name, error.message()});
        }
    }
    return missing;
}

}  // namespace wedgeon::store
