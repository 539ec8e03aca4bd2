// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading the kernel's table.
#include "desk/peer_owner.h"

#include <pwd.h>
#include <unistd.h>

#include <QFile>
#include <array>

namespace wedgeon {
namespace {

/// The port of "0100007F:C041".
std::optional<quint16> portOf(const QByteArray& address) {
    bool good = false;
    const uint port = address.mid(address.lastIndexOf(':') + 1).toUInt(&good, 16);
    return good ? std::optional(static_cast<quint16>(port)) : std::nullopt;
}

}  // namespace

std::optional<unsigned> findPeerOwner(quint16 theirPort, quint16 ourPort) {
    std::optional<unsigned> listener;
    bool severalListen = false;
    for (const char* table : {"/proc/net/tcp", "/proc/net/tcp6"}) {
        QFile file(QString::fromLatin1(table));
        if (!file.open(QIODevice::ReadOnly)) continue;
        // sl, local address, remote address, state, queues, timer, retransmits, user, timeout,
        // inode
        constexpr int local = 1;
        constexpr int remote = 2;
        constexpr int state = 3;
        constexpr int user = 7;
        constexpr int inode = 9;
        for (QByteArray line = file.readLine(); !line.isEmpty(); line = file.readLine()) {
            const QList<QByteArray> cells = line.simplified().split(' ');
            if (cells.size() <= inode || portOf(cells[local]) != theirPort) continue;
            bool good = false;
            const unsigned owner = cells[user].toUInt(&good);
            if (!good) continue;
            // One that was not accepted yet belongs to nobody; then who listens counts.
            if (portOf(cells[remote]) == ourPort && cells[inode] != "0") return owner;
            if (cells[state] == "0A") {
                severalListen = severalListen || (listener && *listener != owner);
                listener = owner;
            }
        }
    }
    return severalListen ? std::nullopt : listener;
}

unsigned ownUser() {
    return ::getuid();
}

QString userName(unsigned user) {
    std::array<char, 4096> buffer{};
    passwd entry{};
    passwd* found = nullptr;
    if (::getpwuid_r(user, &entry, buffer.data(), buffer.size(), &found) == 0 && found)
        return QString::fromLocal8Bit(found->pw_name);
    return QString::number(user);
}

}  // namespace wedgeon
