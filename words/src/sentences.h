// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The sentences in English, by their codes. %1, %2 ... are what the code's list says, %i what is
// said inside.
#pragma once

#include "wedgeon/store/message.h"
#include "wedgeon/tune/tune.h"

namespace wedgeon::words {

const char* sentenceOf(store::Says code);
const char* sentenceOf(FitRemark::Kind kind);
const char* wordOf(store::Quantity quantity);
const char* wordOf(store::Dimension dimension);

}  // namespace wedgeon::words
