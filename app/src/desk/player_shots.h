// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// All shots of one player in the logbook, read in a thread that may be stopped.
#pragma once

#include <QString>
#include <stop_token>
#include <string>

#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/shot_list.h"

namespace wedgeon {

/// The newest of \p player, up to what is worth holding; none where the logbook cannot be read, as
/// the bar above says, or it was stopped. \p logbook empty: there is none.
store::ShotList readPlayerShots(const QString& logbook, const store::Fallback& fallback,
                                const std::string& player, const std::stop_token& stop);

}  // namespace wedgeon
