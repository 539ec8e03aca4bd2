// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The logbook's schema and the way to it from every earlier one. Never change a step that was
// released: add one.
#pragma once

#include <SQLiteCpp/Database.h>

#include <optional>
#include <span>
#include <string>

#include "wedgeon/store/message.h"

namespace wedgeon::store {

/// Bytes of the application id in the file's header: "WdgL".
inline constexpr int applicationId = 0x5764674C;

/// Steps in order; step i leads from version i to version i + 1.
std::span<const std::string> migrations();

/// What the database holds that the steps up to \p version do not make, or makes otherwise: a
/// table, view or trigger of another hand. Nothing when it is as it should be.
std::optional<Message> findForeign(SQLite::Database& db, int version);

}  // namespace wedgeon::store
