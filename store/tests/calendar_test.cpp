// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Calendars, read back by another program's parser.
#include "wedgeon/store/calendar.h"

#include <array>
#include <cstdio>

#include "logbook_fixture.h"

namespace wedgeon::store {
namespace {

using CalendarTest = LogbookFolderTest;

TEST_F(CalendarTest, AnotherProgramReadsIt) {
    const std::string text =
        "Brush the turf: 15 shots; then, at last,\nthe towel at 38 m \\ and so on, for longer than "
        "a line of a calendar may be: f\u00fcnf \u2026";
    const std::array events{CalendarEvent{"one@wedgeon", "2026-12-01T17:30:00", 40,
                                          "Train: Runa; \"the\" ladder, all of it", text},
                            CalendarEvent{"two@wedgeon", "2026-12-03T09:05:00", 55, "Train", ""}};
    const std::string made = formatCalendar(events, "2026-11-29T12:00:00Z");
    for (std::size_t at = 0, next = 0; at < made.size(); at = next + 2) {
        next = made.find("\r\n", at);
        ASSERT_NE(next, std::string::npos);
        EXPECT_LE(next - at, 75u) << "folded";
    }
    const fs::path file = write("plan.ics", made);
    const fs::path script =
        write("read.py",
              "import icalendar, sys\n"
              "c = icalendar.Calendar.from_ical(open(sys.argv[1], 'rb').read())\n"
              "for e in c.walk('VEVENT'):\n"
              "    print(e['UID'], e['DTSTART'].dt.isoformat(), "
              "e['DTSTART'].dt.tzinfo, int(e['DURATION'].dt.total_seconds()), "
              "repr(str(e['SUMMARY'])), repr(str(e.get('DESCRIPTION', ''))))\n");
    const std::string command =
        "/usr/bin/python3 '" + script.string() + "' '" + file.string() + "' 2>&1";
    FILE* pipe = popen(command.c_str(), "r");
    ASSERT_TRUE(pipe);
    std::string read;
    std::array<char, 4096> part{};
    while (const std::size_t n = std::fread(part.data(), 1, part.size(), pipe))
        read.append(part.data(), n);
    EXPECT_EQ(pclose(pipe), 0) << read;
    EXPECT_EQ(read,
              "one@wedgeon 2026-12-01T17:30:00 None 2400 'Train: Runa; \"the\" ladder, all of it' "
              "'Brush the turf: 15 shots; then, at last,\\nthe towel at 38 m \\\\ and so on, for "
              "longer than a line of a calendar may be: f\u00fcnf \u2026'\n"
              "two@wedgeon 2026-12-03T09:05:00 None 3300 'Train' ''\n");
}

TEST_F(CalendarTest, WhatIsNoTimeIsRefused) {
    for (const char* bad :
         {"", "soon", "2026-12-01", "2026-13-01T10:00:00", "2026-12-01T25:00:00"}) {
        const std::array events{CalendarEvent{"x", bad, 40, "x", ""}};
        EXPECT_EQ(refusal([&] { formatCalendar(events, "2026-11-29T12:00:00Z"); }).fault(),
                  Fault::Malformed)
            << bad;
    }
    const std::array events{CalendarEvent{"x", "2026-12-01T10:00:00", 0, "x", ""}};
    EXPECT_EQ(refusal([&] { formatCalendar(events, "2026-11-29T12:00:00Z"); }).fault(),
              Fault::Malformed);
    EXPECT_NE(formatCalendar({}, "2026-11-29T12:00:00Z").find("BEGIN:VCALENDAR"),
              std::string::npos);
}

}  // namespace
}  // namespace wedgeon::store
