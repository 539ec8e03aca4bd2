// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A launch monitor that a test works by hand.
#pragma once

#include <QPointer>
#include <QTcpServer>
#include <QTcpSocket>

#include "wedgeon/store/live_protocol.h"

namespace wedgeon::test {

class HandMonitor : public QTcpServer {
public:
    HandMonitor() {
        listen(QHostAddress::LocalHost);
        QObject::connect(this, &QTcpServer::newConnection, this, [this] {
            peer_ = nextPendingConnection();
            QObject::connect(peer_, &QTcpSocket::readyRead, this,
                             [this] { heard_ += peer_->readAll(); });
            say(store::liveHello("by hand"));
        });
    }
    void say(const std::string& line) {
        peer_->write(line.data(), static_cast<qint64>(line.size()));
    }
    void hit(const std::string& id, double carry_m) {
        store::ShotRecord shot;
        shot[store::Quantity::Carry] = carry_m;
        hit(id, shot);
    }
    void hit(const std::string& id, const store::ShotRecord& shot) {
        say(store::liveShot(id, shot));
    }
    bool acknowledged(const std::string& id) const {
        return heard_.contains(QByteArray::fromStdString(store::liveAck(id)));
    }
    bool heard(const char* word) const { return heard_.contains(word); }

private:
    QPointer<QTcpSocket> peer_;
    QByteArray heard_;
};

}  // namespace wedgeon::test
