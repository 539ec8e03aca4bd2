// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The connection to a launch monitor: loopback only, reconnecting by itself, acknowledging a shot
// only after the logbook has it. Reads for a few milliseconds at a time and no faster than the
// logbook writes: what waits is the device's to keep.
#pragma once

#include <QObject>
#include <QTcpSocket>
#include <QTimer>
#include <functional>
#include <optional>
#include <string>
#include <vector>

#include "desk/loopback_dial.h"
#include "desk/shot_log.h"
#include "wedgeon/store/live_protocol.h"

namespace wedgeon {

class LiveLink : public QObject {
    Q_OBJECT

public:
    explicit LiveLink(ShotLog& log, QObject* parent = nullptr);
    ~LiveLink() override;

    /// Asking: another user's program listens on the port, and nobody has said yet that its shots
    /// are wanted. Back: the logbook takes nothing; the device keeps its shots.
    enum class State { Off, Connecting, Asking, Greeting, Live, Held, Back };
    State state() const { return state_; }
    /// What a person reads: "Live from stand-in, 12 shots; 2 lines skipped".
    QString words() const;

    void listen(quint16 port);
    void stop();
    void setHeld(bool held);
    /// Shots are wanted from the user who listens on this port.
    void trustPeer();
    /// Where the document of the set-up comes from that new shots are declared with.
    void declareWith(std::function<std::string()> setUp) { setUp_ = std::move(setUp); }
    /// Whether they have to be, whatever is chosen.
    void declareWhen(std::function<bool()> has) { hasToDeclare_ = std::move(has); }
    void setDeclares(bool declares);
    bool declares() const { return declares_; }

signals:
    void changed();
    /// Some at a time, oldest first.
    void shotsArrived(const std::vector<store::LoggedShot>& shots, const QString& session);

private:
    void hangUp();
    void connectNow();
    void connected();
    void lost(const QString& why);
    void readMore();
    void hear(const store::LiveMessage& message);
    void pass();
    void answered(const ShotLog::LiveAnswer& answer, int connection,
                  const std::vector<std::string>& ids);
    void followLog();
    void say(const std::string& line);
    void setState(State state);

    ShotLog& log_;
    LoopbackDial dial_;
    QTcpSocket socket_;
    QTimer again_, silence_;
    store::LiveReader reader_;
    store::LiveConnection source_;
    int connection_ = 0;  ///< counts them, so that an answer for an earlier one is known
    std::vector<store::LiveArrival> waiting_;
    bool passing_ = false;  ///< shots are with the logbook and not answered yet
    bool more_ = false;     ///< the socket has bytes that were left for later
    quint16 port_ = 0;
    State state_ = State::Off;
    bool wantHeld_ = false;
    bool declares_ = false;
    std::optional<unsigned> stranger_;  ///< who listens on the port, when it is not this user
    std::optional<unsigned> trusted_;
    std::function<std::string()> setUp_;
    std::function<bool()> hasToDeclare_;
    QString device_, status_, trouble_;
    int shots_ = 0, skipped_ = 0;
};

}  // namespace wedgeon
