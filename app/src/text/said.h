// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What core and store have to say, in the window's language.
#pragma once

#include <QString>
#include <exception>

#include "wedgeon/store/message.h"
#include "wedgeon/tune/tune.h"
#include "wedgeon/words/words.h"

namespace wedgeon::text {

// Texts from files and the wire are in it as they came: show it as plain text.
QString said(const store::Message& message);
QString said(const FitRemark& remark);
/// The window's language, for what is put into words elsewhere.
const words::Speaker& speaker();
/// What any exception has to say; "larches.csv does not exist".
QString said(const std::exception& error);

}  // namespace wedgeon::text
