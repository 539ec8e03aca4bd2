// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The schools in words.
#pragma once

#include <QString>

#include "wedgeon/school/school.h"

namespace wedgeon::text {

QString schoolName(const School& school);
/// What it asks the player for.
QString schoolAsks(const School& school);
/// What the model cannot know about it.
QString schoolUnknown(const School& school);
/// What its teachers compare it with: "an ordinary pitch".
QString schoolAgainst(const School& school);
/// What they say: "launches lower".
QString claim(const Claim& claim);

}  // namespace wedgeon::text
