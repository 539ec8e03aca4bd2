// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The database behind the logbook. This header and its includes stay inside the store.
#pragma once

#include <SQLiteCpp/SQLiteCpp.h>

#include <cstdint>
#include <string>

#include "wedgeon/store/error.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

/// \p e as the one exception of the storage edge; \p name is the file's.
StoreError translated(const SQLite::Exception& e, const std::string& name);

struct Logbook::Impl {
    std::filesystem::path path;
    bool readOnly = false;
    mutable std::unique_ptr<SQLite::Database> db;

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
    void requireWritable() const {
        if (readOnly) throw StoreError(Fault::ReadOnly, name() + " is open for reading only");
    }
};

/// The one way past the logbook's front, for its own writer and for tests of failing disks.
struct LogbookAccess {
    using Impl = Logbook::Impl;
    static Impl& of(Logbook& logbook) { return *logbook.impl_; }
};

/// A write transaction that rolls back unless committed. It takes the lock at once, so that two
/// windows wait for each other instead of failing half way.
class WriteTransaction {
public:
    explicit WriteTransaction(SQLite::Database& db) : db_(db) { db_.exec("BEGIN IMMEDIATE"); }
    WriteTransaction(const WriteTransaction&) = delete;
    WriteTransaction& operator=(const WriteTransaction&) = delete;
    ~WriteTransaction() {
        if (!done_) db_.tryExec("ROLLBACK");
    }
    void commit() {
        db_.exec("COMMIT");
        done_ = true;
    }

private:
    SQLite::Database& db_;
    bool done_ = false;
};

}  // namespace wedgeon::store
