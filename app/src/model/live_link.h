// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The connection to a launch monitor: loopback only, reconnecting by itself, acknowledging a shot
// only after the logbook has it.
#pragma once

#include <QObject>
#include <QTcpSocket>
#include <QTimer>
#include <functional>
#include <string>

#include "model/shot_log.h"
#include "wedgeon/store/live_protocol.h"

namespace wedgeon {

class LiveLink : public QObject {
    Q_OBJECT

public:
    explicit LiveLink(ShotLog& log, QObject* parent = nullptr);
    ~LiveLink() override;

    enum class State { Off, Connecting, Greeting, Live, Held };
    State state() const { return state_; }
    /// What a person reads: "live from stand-in, 12 shots; 2 lines skipped".
    QString words() const;

    void listen(quint16 port);
    void stop();
    void setHeld(bool held);
    /// Where the document of the set-up comes from that new shots are declared with.
    void declareWith(std::function<std::string()> setUp) { setUp_ = std::move(setUp); }
    void setDeclares(bool declares) { declares_ = declares; }
    bool declares() const { return declares_; }

signals:
    void changed();
    void shotArrived(const store::LoggedShot& shot, const QString& session);

private:
    void connectNow();
    void lost(const QString& why);
    void readMore();
    void hear(const store::LiveMessage& message);
    void take(const store::LiveShot& shot);
    void say(const std::string& line);
    void setState(State state);

    ShotLog& log_;
    QTcpSocket socket_;
    QTimer again_, silence_;
    store::LiveReader reader_;
    store::ShotSource source_;
    quint16 port_ = 0;
    State state_ = State::Off;
    bool wantHeld_ = false;
    bool declares_ = false;
    std::function<std::string()> setUp_;
    QString device_, status_, trouble_;
    int shots_ = 0, skipped_ = 0;
};

}  // namespace wedgeon
