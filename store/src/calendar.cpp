// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// By libical, which folds and escapes.
#include "wedgeon/store/calendar.h"

#include <libical/ical.h>

#include <algorithm>
#include <cstdlib>
#include <memory>

#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

constexpr int mostMinutes = 1440;

/// "2026-12-01T17:30:00", with a Z or without, as iCalendar writes it.
icaltimetype timeOf(const std::string& iso) {
    std::string compact = iso;
    std::erase_if(compact, [](char c) { return c == '-' || c == ':'; });
    const icaltimetype time = icaltime_from_string(compact.c_str());
    // A thirteenth month is the next year's first to the library.
    const icaltimetype same = icaltime_normalize(time);
    if (icaltime_is_null_time(time) || icaltime_is_date(time) || !icaltime_is_valid_time(time) ||
        same.month != time.month || same.day != time.day || same.hour != time.hour)
        throw StoreError(Fault::Malformed, {Says::NoSuchTime, iso.substr(0, 40)});
    return time;
}

/// What a calendar shows: no other control characters than ends of lines.
std::string plain(std::string text) {
    std::erase_if(text, [](char c) { return static_cast<unsigned char>(c) < 0x20 && c != '\n'; });
    return text;
}

}  // namespace

std::string formatCalendar(std::span<const CalendarEvent> events, const std::string& made) {
    const std::unique_ptr<icalcomponent, decltype(&icalcomponent_free)> calendar(
        icalcomponent_new(ICAL_VCALENDAR_COMPONENT), &icalcomponent_free);
    icalcomponent_add_property(calendar.get(), icalproperty_new_version("2.0"));
    icalcomponent_add_property(calendar.get(), icalproperty_new_prodid("-//Wedgeon//Training//EN"));
    const icaltimetype stamp = timeOf(made);
    for (const CalendarEvent& e : events) {
        if (e.minutes < 1 || e.minutes > mostMinutes)
            throw StoreError(Fault::Malformed, {Says::NoSuchTime, std::to_string(e.minutes)});
        const icaltimetype begin = timeOf(e.begin);
        icalcomponent* event = icalcomponent_new(ICAL_VEVENT_COMPONENT);
        icalcomponent_add_component(calendar.get(), event);
        const auto add = [event](icalproperty* property) {
            icalcomponent_add_property(event, property);
        };
        add(icalproperty_new_uid(e.uid.c_str()));
        add(icalproperty_new_dtstamp(stamp));
        add(icalproperty_new_dtstart(begin));
        add(icalproperty_new_duration(icaldurationtype_from_int(60 * e.minutes)));
        add(icalproperty_new_summary(plain(e.title).c_str()));
        if (!e.text.empty()) add(icalproperty_new_description(plain(e.text).c_str()));
    }
    const std::unique_ptr<char, decltype(&std::free)> text(
        icalcomponent_as_ical_string_r(calendar.get()), &std::free);
    return text.get();
}

}  // namespace wedgeon::store
