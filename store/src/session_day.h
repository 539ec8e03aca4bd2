// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What shots go together by: the day, or where none was written down the session.
#pragma once

#include <string>

#include "text.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

inline std::string sessionDay(const LoggedShot& shot) {
    const std::string& time = shot.record[Label::Time];
    return text::dayOf(time) ? time.substr(0, 10) : "session " + std::to_string(shot.session);
}

}  // namespace wedgeon::store
