// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a transaction changes in some tables, as SQLite records it, so that all of it can be taken
// back where nobody changed the same since.
#pragma once

#include <initializer_list>
#include <string>

#include "logbook_db.h"

struct sqlite3_session;

namespace wedgeon::store {

class RowRecorder {
public:
    /// Records from now on. The tables have a primary key.
    RowRecorder(SQLite::Database& db, std::initializer_list<const char*> tables);
    ~RowRecorder();
    RowRecorder(const RowRecorder&) = delete;
    RowRecorder& operator=(const RowRecorder&) = delete;
    std::string changes() const;

private:
    sqlite3_session* session_ = nullptr;
};

/// As it was before. Within a transaction; \throws StoreError Conflict where a row was changed
/// since, which \p logbook names; nothing is changed then.
void takeBackRows(SQLite::Database& db, const std::string& changes, const std::string& logbook);

}  // namespace wedgeon::store
