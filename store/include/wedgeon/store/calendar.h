// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Sessions as a calendar file that any calendar program reads: iCalendar, RFC 5545.
#pragma once

#include <span>
#include <string>

namespace wedgeon::store {

struct CalendarEvent {
    std::string uid;    ///< the same for the same session: read again, it takes its own place
    std::string begin;  ///< local time wherever it is read, ISO 8601 ("2026-12-01T17:30:00")
    int minutes = 60;
    std::string title, text;
};

/// \p made in UTC, ISO 8601. \throws StoreError Malformed for a time that is none or minutes
/// outside 1-1440.
std::string formatCalendar(std::span<const CalendarEvent> events, const std::string& made);

}  // namespace wedgeon::store
