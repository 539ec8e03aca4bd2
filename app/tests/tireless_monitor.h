// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A launch monitor in the test's own process, for programs that run beside it.
#pragma once

#include <QPointer>
#include <QTcpServer>
#include <QTcpSocket>
#include <set>

namespace wedgeon::test {

/// A launch monitor that never tires: sends its unacknowledged shots as fast as they are taken.
class TirelessMonitor : public QTcpServer {
public:
    /// \p first: ids begin there, so that two monitors' shots are told apart.
    explicit TirelessMonitor(int first = 0) : lowest_(first) {
        listen(QHostAddress::LocalHost);
        QObject::connect(this, &QTcpServer::newConnection, this, [this] {
            if (socket_) socket_->disconnect();
            socket_ = nextPendingConnection();
            QObject::connect(socket_, &QTcpSocket::readyRead, socket_, [this] { read(); });
            QObject::connect(socket_, &QTcpSocket::disconnected, socket_, &QObject::deleteLater);
            socket_->write(
                "{\"type\":\"hello\",\"protocol\":1,\"device\":\"tireless\",\"units\":{\"speed\":"
                "\"m/s\",\"length\":\"m\"}}\n");
            started_ = false;
        });
    }
    const std::set<int>& acknowledged() const { return acknowledged_; }
    /// The carry by which a shot is known again.
    static double carryOf(int id) { return 20 + 0.001 * id; }

private:
    void read() {
        while (socket_->canReadLine()) {
            const QByteArray line = socket_->readLine();
            if (line.contains("\"ack\"")) {
                const int id = line.mid(line.indexOf("\"id\"")).split('"').at(3).toInt();
                acknowledged_.insert(id);
                while (acknowledged_.contains(lowest_))
                    ++lowest_;
                send();
            } else if (line.contains("\"hello\"") && !started_) {
                started_ = true;
                for (int i = 0; i < 8; ++i)
                    send(i);
            }
        }
    }
    /// The \p ahead-th of those that were not acknowledged.
    void send(int ahead = 7) {
        int id = lowest_;
        for (int open = -1; open < ahead; ++id)
            open += acknowledged_.contains(id) ? 0 : 1;
        --id;
        socket_->write(QStringLiteral("{\"type\":\"shot\",\"id\":\"%1\",\"carry\":%2,"
                                      "\"launch_angle\":30,\"club_speed\":20}\n")
                           .arg(id)
                           .arg(carryOf(id), 0, 'f', 3)
                           .toUtf8());
    }

    int lowest_;  ///< below it everything is acknowledged
    QPointer<QTcpSocket> socket_;
    bool started_ = false;
    std::set<int> acknowledged_;
};

}  // namespace wedgeon::test
