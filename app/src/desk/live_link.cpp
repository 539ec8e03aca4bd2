// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Connecting, hearing, passing on, acknowledging.
#include "desk/live_link.h"

#include <unistd.h>

#include <QElapsedTimer>
#include <QLocale>
#include <QSignalBlocker>
#include <algorithm>
#include <utility>

#include "desk/peer_owner.h"
#include "text/said.h"
#include "text/units.h"

namespace wedgeon {
namespace {

constexpr int againAfter_ms = 1000;
/// A monitor pings every five seconds: this long without a byte means that it is gone.
constexpr int silence_ms = 15'000;
/// The window gets its turn after so long.
constexpr qint64 turn_ms = 8;
constexpr qint64 readAtOnce = qint64{8} * 1024;
constexpr qint64 socketBuffer = qint64{256} * 1024;
/// In one transaction.
constexpr std::size_t mostTogether = 200;
/// Beyond this the device has to wait.
constexpr std::size_t mostWaiting = 1000;
/// A device that does not read its acknowledgements is not heard either.
constexpr qint64 mostUnread = qint64{256} * 1024;

}  // namespace

LiveLink::LiveLink(ShotLog& log, QObject* parent) : QObject(parent), log_(log) {
    again_.setSingleShot(true);
    again_.setInterval(againAfter_ms);
    silence_.setSingleShot(true);
    silence_.setInterval(silence_ms);
    socket_.setReadBufferSize(socketBuffer);
    connect(&again_, &QTimer::timeout, this, &LiveLink::connectNow);
    connect(&silence_, &QTimer::timeout, this, [this] { lost(tr("it says nothing any more")); });
    connect(&dial_, &LoopbackDial::reached, this, [this](int descriptor) {
        if (socket_.setSocketDescriptor(descriptor)) {
            connected();
        } else {
            ::close(descriptor);
            lost(tr("it hung up"));
        }
    });
    connect(&dial_, &LoopbackDial::refused, this,
            [this] { lost(tr("nobody answers on port %1").arg(port_)); });
    connect(&socket_, &QTcpSocket::readyRead, this, &LiveLink::readMore);
    connect(&socket_, &QTcpSocket::bytesWritten, this, [this] {
        if (more_) readMore();
    });
    connect(&socket_, &QTcpSocket::disconnected, this, [this] { lost(tr("it hung up")); });
    connect(&socket_, &QTcpSocket::errorOccurred, this, [this] {
        if (socket_.state() == QAbstractSocket::UnconnectedState) lost(tr("it hung up"));
    });
    connect(&log_, &ShotLog::stateChanged, this, &LiveLink::followLog);
}

LiveLink::~LiveLink() {
    // The socket hangs up when it goes, after the timers have gone.
    socket_.disconnect(this);
}

QString LiveLink::words() const {
    QString said;
    switch (state_) {
        case State::Off:
            return {};
        case State::Connecting:
            if (!trouble_.isEmpty()) {
                said = tr("No launch monitor: %1").arg(trouble_);
                if (shots_ > 0) said += tr("; %1 came in").arg(text::shots(shots_));
                return said + tr(". Trying again…");
            }
            said = tr("Looking for a launch monitor on port %1").arg(port_);
            break;
        case State::Asking:
            said = stranger_ ? tr("On port %1 a program of another user listens (%2). Are its "
                                  "shots to be taken?")
                                   .arg(port_)
                                   .arg(userName(*stranger_))
                             : tr("Whose program listens on port %1 cannot be told. Are its shots "
                                  "to be taken?")
                                   .arg(port_);
            return said;
        case State::Greeting:
            said = tr("Connected on port %1, waiting for its hello").arg(port_);
            break;
        case State::Live:
            said = tr("Live from %1").arg(device_);
            if (shots_ > 0) said += QStringLiteral(", ") + text::shots(shots_);
            break;
        case State::Held:
            said = tr("Held: %1 keeps its shots").arg(device_);
            break;
        case State::Back:
            said = tr("Not taken: %1 keeps its shots until the logbook can be written")
                       .arg(device_.isEmpty() ? tr("the launch monitor") : device_);
            break;
    }
    if (shots_ > 0 && state_ != State::Live) said += tr("; %1 came in").arg(text::shots(shots_));
    if (skipped_ > 0) said += tr("; %n line(s) skipped", nullptr, static_cast<int>(skipped_));
    if (!status_.isEmpty()) said += tr("; it says: %1").arg(status_);
    return said;
}

void LiveLink::listen(quint16 port) {
    hangUp();
    if (port != port_) trusted_.reset();
    port_ = port;
    const QDateTime now = log_.clock().local();
    source_ = {};
    source_.title = tr("Live %1")
                        .arg(QLocale::c().toString(now, QStringLiteral("d MMM yyyy HH:mm:ss")))
                        .toStdString();
    shots_ = skipped_ = 0;
    wantHeld_ = false;
    trouble_.clear();
    status_.clear();
    device_.clear();
    connectNow();
}

void LiveLink::stop() {
    hangUp();
    setState(State::Off);
}

void LiveLink::hangUp() {
    again_.stop();
    silence_.stop();
    dial_.giveUp();
    ++connection_;
    waiting_.clear();
    state_ = State::Off;
    const QSignalBlocker quiet(socket_);  // this disconnection is no loss
    socket_.abort();
}

void LiveLink::setHeld(bool held) {
    wantHeld_ = held;
    if (state_ != State::Live && state_ != State::Held) return;
    say(store::liveHold(held));
    setState(held ? State::Held : State::Live);
}

void LiveLink::followLog() {
    if (log_.state() == ShotLog::State::Opening) {
        // Another logbook knows neither the session nor the connection of the former one, and what
        // that was asked will not be answered.
        source_.session = source_.source = 0;
        passing_ = false;
    }
    const bool takes = log_.state() == ShotLog::State::Open;
    if (!takes && (state_ == State::Live || state_ == State::Held)) {
        waiting_.clear();  // not acknowledged: the device has them
        say(store::liveHold(true));
        setState(State::Back);
    } else if (takes && state_ == State::Back) {
        say(store::liveHold(wantHeld_));
        setState(wantHeld_ ? State::Held : State::Live);
    }
}

void LiveLink::connectNow() {
    setState(State::Connecting);
    reader_ = {};
    ++connection_;
    waiting_.clear();
    more_ = false;
    source_.source = 0;
    {
        const QSignalBlocker quiet(socket_);
        socket_.abort();
    }
    dial_.dial(port_);
}

void LiveLink::connected() {
    silence_.start();
    const auto owner = findPeerOwner(socket_.peerPort(), socket_.localPort());
    if (owner == ownUser() || (trusted_ && owner == trusted_)) {
        say(store::liveClientHello());
        return setState(State::Greeting);
    }
    stranger_ = owner;
    silence_.stop();
    setState(State::Asking);
}

void LiveLink::trustPeer() {
    if (state_ != State::Asking) return;
    trusted_ = stranger_;
    silence_.start();
    say(store::liveClientHello());
    setState(State::Greeting);
    readMore();
}

void LiveLink::lost(const QString& why) {
    if (state_ == State::Off || again_.isActive()) return;
    trouble_ = why;
    silence_.stop();
    ++connection_;
    waiting_.clear();
    again_.start();
    setState(State::Connecting);
    // Not from inside one of the socket's own signals; connectNow closes what is left.
    QTimer::singleShot(0, &socket_, [this] {
        if (state_ != State::Connecting || !again_.isActive()) return;
        const QSignalBlocker quiet(socket_);
        socket_.abort();
    });
}

void LiveLink::readMore() {
    if (state_ == State::Off || state_ == State::Connecting || state_ == State::Asking) return;
    more_ = false;
    QElapsedTimer turn;
    turn.start();
    const int connection = connection_;
    const int skipped = skipped_;
    const QString status = status_;
    std::vector<store::LiveMessage> messages;
    while (socket_.bytesAvailable() > 0) {
        if (turn.elapsed() >= turn_ms || waiting_.size() >= mostWaiting ||
            socket_.bytesToWrite() > mostUnread) {
            more_ = true;
            break;
        }
        silence_.start();
        const QByteArray bytes = socket_.read(readAtOnce);
        messages.clear();
        reader_.feed({bytes.constData(), static_cast<std::size_t>(bytes.size())}, messages);
        for (const store::LiveMessage& m : messages) {
            hear(m);
            if (connection != connection_) return;
        }
    }
    if (skipped != skipped_ || status != status_) emit changed();
    // While the logbook is busy it is this side that is silent; a device that does not read its
    // acknowledgements is not.
    if (more_ && waiting_.size() >= mostWaiting) silence_.stop();
    if (more_ && waiting_.size() < mostWaiting && socket_.bytesToWrite() <= mostUnread)
        QTimer::singleShot(0, this, &LiveLink::readMore);
    pass();
}

void LiveLink::hear(const store::LiveMessage& message) {
    if (const auto* hello = std::get_if<store::LiveHello>(&message)) {
        device_ = hello->device.empty() ? tr("a launch monitor") : text::fromUtf8(hello->device);
        source_.device = device_.toStdString();
        source_.time = log_.clock().utc();
        setState(State::Live);
        if (wantHeld_) setHeld(true);
        followLog();
    } else if (const auto* shot = std::get_if<store::LiveShot>(&message)) {
        if (state_ != State::Live && state_ != State::Held) return;
        store::LiveArrival arrival{
            shot->id, shot->record,
            log_.clock().local().toString(QStringLiteral("yyyy-MM-dd HH:mm:ss")).toStdString()};
        const bool declares = declares_ || (hasToDeclare_ && hasToDeclare_());
        if (declares && setUp_) arrival.record[store::Label::Recipe] = setUp_();
        waiting_.push_back(std::move(arrival));
    } else if (const auto* status = std::get_if<store::LiveStatus>(&message)) {
        status_ = text::fromUtf8(status->text);
    } else if (std::holds_alternative<store::LivePing>(message)) {
        say(store::livePong());
    } else if (const auto* fault = std::get_if<store::LiveFault>(&message)) {
        ++skipped_;
        if (fault->fatal) return lost(text::said(fault->reason));
    }
}

void LiveLink::pass() {
    if (passing_ || waiting_.empty()) return;
    const auto end =
        waiting_.begin() + static_cast<std::ptrdiff_t>(std::min(waiting_.size(), mostTogether));
    std::vector<store::LiveArrival> some(std::make_move_iterator(waiting_.begin()),
                                         std::make_move_iterator(end));
    waiting_.erase(waiting_.begin(), end);
    std::vector<std::string> ids;
    ids.reserve(some.size());
    for (const store::LiveArrival& shot : some)
        ids.push_back(shot.deviceShot);
    passing_ = true;
    log_.addLive(source_, std::move(some),
                 [this, connection = connection_, ids](const ShotLog::LiveAnswer& answer) {
                     answered(answer, connection, ids);
                 });
}

void LiveLink::answered(const ShotLog::LiveAnswer& answer, int connection,
                        const std::vector<std::string>& ids) {
    passing_ = false;
    const bool same = connection == connection_;
    if (!answer.failure) {
        source_.session = answer.connection.session;
        if (same) source_.source = answer.connection.source;
        std::vector<store::LoggedShot> fresh;
        for (std::size_t i = 0; i < answer.kept.size(); ++i) {
            // What is acknowledged has a row, on the disk.
            if (same) say(store::liveAck(ids[i]));
            if (answer.kept[i]) fresh.push_back(*answer.kept[i]);
        }
        shots_ += static_cast<int>(fresh.size());
        if (!fresh.empty()) emit shotsArrived(fresh, text::fromUtf8(source_.title));
        emit changed();
    }
    pass();
    if (more_) readMore();
}

void LiveLink::say(const std::string& line) {
    socket_.write(line.data(), static_cast<qint64>(line.size()));
}

void LiveLink::setState(State state) {
    state_ = state;
    emit changed();
}

void LiveLink::setDeclares(bool declares) {
    if (declares == declares_) return;
    declares_ = declares;
    emit changed();
}

}  // namespace wedgeon
