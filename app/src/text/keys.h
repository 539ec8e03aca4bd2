// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the logbook keeps as a key, as people read it.
#pragma once

#include <QString>
#include <QStringList>
#include <string_view>

#include "wedgeon/store/quality.h"

namespace wedgeon::text {

/// A word or two for a narrow column: "off centre?".
QString doubt(store::Doubt doubt);
/// Why a shot is not counted: a doubt that the coach shares, his own mind, or what another program
/// wrote there.
QString asideReason(std::string_view reason);

/// The strikes that a coach can note, by the keys that the logbook and files have for them.
const QStringList& strikeKeys();
/// Of one of them; another word as it is.
QString strike(const QString& key);

}  // namespace wedgeon::text
