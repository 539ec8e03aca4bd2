// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The database behind the logbook. This header and its includes stay inside the store.
#pragma once

#include <SQLiteCpp/Backup.h>
#include <SQLiteCpp/SQLiteCpp.h>
#include <SQLiteCpp/VariadicBind.h>

#include <cstdint>
#include <memory>
#include <string>
#include <type_traits>

#include "open_logbooks.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

/// \p e as the one exception of the storage edge; \p name is the file's.
StoreError translated(const SQLite::Exception& e, const std::string& name);

/// How long a statement waits for another program's lock, asking every few milliseconds: SQLite's
/// own pauses grow, and would miss the short gaps that an import leaves.
struct Patience {
    int most_ms = 3000;
};
void setPatience(SQLite::Database& db, Patience& patience);

/// Runs one statement with \p values as its parameters, in their order. \return how many rows
/// changed
template <class... Values>
int run(SQLite::Database& db, const char* sql, const Values&... values) {
    SQLite::Statement statement(db, sql);
    SQLite::bind(statement, values...);
    return statement.exec();
}

/// All of \p from in the place of all of \p to. \throws StoreError Locked.
void copyWhole(SQLite::Database& to, SQLite::Database& from, const std::string& name);

struct Logbook::Impl {
    std::filesystem::path path;
    bool readOnly = false;
    std::unique_ptr<OpenLogbook> open;  ///< before the database: outlives it
    Patience patience;
    mutable std::unique_ptr<SQLite::Database> db;

    ~Impl();
    std::string name() const { return path.filename().string(); }
    /// Runs \p work with SQLite's exceptions translated.
    template <class Work>
    auto guarded(const Work& work) const {
        try {
            return work();
        } catch (const SQLite::Exception& e) {
            throw translated(e, name());
        }
    }
    bool hasMoved() const;
    void requireInPlace() const;
    void requireWritable() const {
        if (readOnly) throw StoreError(Fault::ReadOnly, {Says::OpenForReading, name()});
    }
};

/// The one way past the logbook's front, for its own parts and for tests of failing disks.
struct LogbookAccess {
    using Impl = Logbook::Impl;
    static Impl& of(Logbook& logbook) { return *logbook.impl_; }
    static const Impl& of(const Logbook& logbook) { return *logbook.impl_; }
};

/// A write transaction that rolls back unless committed. It takes the lock at once, so that two
/// windows wait for each other instead of failing half way.
struct WriteTransaction : SQLite::Transaction {
    explicit WriteTransaction(SQLite::Database& db)
        : SQLite::Transaction(db, SQLite::TransactionBehavior::IMMEDIATE) {}
};

/// Runs \p work on the database as one transaction, if the logbook may be written and still lies
/// where it was opened. What \p work returns is returned.
template <class Work>
auto changed(const LogbookAccess::Impl& book, const Work& work) {
    book.requireWritable();
    return book.guarded([&] {
        book.requireInPlace();
        WriteTransaction transaction(*book.db);
        if constexpr (std::is_void_v<decltype(work(*book.db))>) {
            work(*book.db);
            transaction.commit();
        } else {
            auto out = work(*book.db);
            transaction.commit();
            return out;
        }
    });
}

/// A text of a row, bounded; empty for anything that is no text, since rows are somebody's bytes.
std::string textAt(SQLite::Statement& row, int column, std::size_t most = 4096);
/// The same until the next step.
std::string_view viewAt(SQLite::Statement& row, int column, std::size_t most = 4096);
/// A number of a row; NaN for what is no number that a quantity can have.
double numberAt(SQLite::Statement& row, int column);

}  // namespace wedgeon::store
