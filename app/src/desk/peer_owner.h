// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Whose program is at the other end of a loopback connection: any user of this computer may listen
// on a port, and what comes from there goes into the logbook.
#pragma once

#include <QString>
#include <optional>

namespace wedgeon {

/// The user who owns the socket that listens or speaks on \p theirPort toward \p ourPort on
/// loopback, by the kernel's table; nothing where the table does not say.
std::optional<unsigned> findPeerOwner(quint16 theirPort, quint16 ourPort);

/// The user whose window this is.
unsigned ownUser();
/// A user as a person reads it.
QString userName(unsigned user);

}  // namespace wedgeon
