// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Connecting, hearing, acknowledging.
#include "model/live_link.h"

#include <QDateTime>
#include <QHostAddress>
#include <QLocale>

#include "text/units.h"

namespace wedgeon {
namespace {

constexpr int againAfter_ms = 1000;
/// A monitor pings every five seconds: this long without a byte means that it is gone.
constexpr int silence_ms = 15'000;
/// Read at most so much before the window gets its turn.
constexpr qint64 mostAtOnce = 256 * 1024;

}  // namespace

LiveLink::LiveLink(ShotLog& log, QObject* parent) : QObject(parent), log_(log) {
    again_.setSingleShot(true);
    again_.setInterval(againAfter_ms);
    silence_.setSingleShot(true);
    silence_.setInterval(silence_ms);
    socket_.setReadBufferSize(2 * mostAtOnce);
    connect(&again_, &QTimer::timeout, this, &LiveLink::connectNow);
    connect(&silence_, &QTimer::timeout, this, [this] { lost(tr("it says nothing any more")); });
    connect(&socket_, &QTcpSocket::connected, this, [this] {
        silence_.start();
        say(store::liveClientHello());
        setState(State::Greeting);
    });
    connect(&socket_, &QTcpSocket::readyRead, this, &LiveLink::readMore);
    connect(&socket_, &QTcpSocket::disconnected, this, [this] { lost(tr("it hung up")); });
    connect(&socket_, &QTcpSocket::errorOccurred, this, [this] {
        if (socket_.state() == QAbstractSocket::UnconnectedState)
            lost(tr("nobody answers on port %1").arg(port_));
    });
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
            said = trouble_.isEmpty() ? tr("Looking for a launch monitor on port %1…").arg(port_)
                                      : tr("No launch monitor: %1. Trying again.").arg(trouble_);
            break;
        case State::Greeting:
            said = tr("Connected on port %1, waiting for its hello.").arg(port_);
            break;
        case State::Live:
            said = tr("Live from %1").arg(device_);
            break;
        case State::Held:
            said = tr("Held: %1 keeps its shots").arg(device_);
            break;
    }
    if (shots_ > 0) said += QStringLiteral(", ") + text::shots(shots_);
    if (skipped_ > 0)
        said += skipped_ == 1 ? tr("; 1 line skipped") : tr("; %1 lines skipped").arg(skipped_);
    if (!status_.isEmpty()) said += tr("; it says: %1").arg(status_);
    return said;
}

void LiveLink::listen(quint16 port) {
    stop();
    port_ = port;
    const QDateTime now = QDateTime::currentDateTime();
    source_ = {store::ShotSource::Kind::Live,
               {},
               tr("Live %1")
                   .arg(QLocale::c().toString(now, QStringLiteral("d MMM yyyy HH:mm:ss")))
                   .toStdString(),
               now.toUTC().toString(Qt::ISODate).toStdString()};
    shots_ = skipped_ = 0;
    wantHeld_ = false;
    trouble_.clear();
    connectNow();
}

void LiveLink::stop() {
    again_.stop();
    silence_.stop();
    setState(State::Off);  // first, so that the disconnection is no loss
    socket_.abort();
}

void LiveLink::setHeld(bool held) {
    wantHeld_ = held;
    if (state_ != State::Live && state_ != State::Held) return;
    say(store::liveHold(held));
    setState(held ? State::Held : State::Live);
}

void LiveLink::connectNow() {
    setState(State::Connecting);
    reader_ = {};
    socket_.abort();
    socket_.connectToHost(QHostAddress(QHostAddress::LocalHost), port_);
}

void LiveLink::lost(const QString& why) {
    if (state_ == State::Off || again_.isActive()) return;
    trouble_ = why;
    silence_.stop();
    again_.start();
    setState(State::Connecting);
    // Not from inside one of the socket's own signals; connectNow closes what is left.
    QTimer::singleShot(0, &socket_, [this] {
        if (state_ == State::Connecting && again_.isActive()) socket_.abort();
    });
}

void LiveLink::readMore() {
    silence_.start();
    std::vector<store::LiveMessage> messages;
    const QByteArray bytes = socket_.read(mostAtOnce);
    reader_.feed({bytes.constData(), static_cast<std::size_t>(bytes.size())}, messages);
    for (const store::LiveMessage& m : messages) {
        hear(m);
        if (state_ == State::Off || state_ == State::Connecting) return;
    }
    if (socket_.bytesAvailable() > 0)
        QMetaObject::invokeMethod(this, &LiveLink::readMore, Qt::QueuedConnection);
}

void LiveLink::hear(const store::LiveMessage& message) {
    if (const auto* hello = std::get_if<store::LiveHello>(&message)) {
        device_ = hello->device.empty() ? tr("a launch monitor") : text::fromUtf8(hello->device);
        source_.name = device_.toStdString();
        setState(State::Live);
        if (wantHeld_) setHeld(true);
    } else if (const auto* shot = std::get_if<store::LiveShot>(&message)) {
        take(*shot);
    } else if (const auto* status = std::get_if<store::LiveStatus>(&message)) {
        status_ = text::fromUtf8(status->text);
        emit changed();
    } else if (std::holds_alternative<store::LivePing>(message)) {
        say(store::livePong());
    } else if (const auto* fault = std::get_if<store::LiveFault>(&message)) {
        ++skipped_;
        if (fault->fatal) return lost(text::fromUtf8(fault->reason));
        emit changed();
    }
}

void LiveLink::take(const store::LiveShot& shot) {
    store::ShotRecord record = shot.record;
    if (record[store::Label::Time].empty()) {
        record[store::Label::Time] = QDateTime::currentDateTime()
                                         .toString(QStringLiteral("yyyy-MM-dd HH:mm:ss"))
                                         .toStdString();
    }
    if (declares_ && setUp_) record[store::Label::Recipe] = setUp_();
    std::optional<store::LoggedShot> added;
    // What is not on the disk is not acknowledged: the device will send it again.
    if (!log_.addLive(source_, shot.id, record, added)) return;
    say(store::liveAck(shot.id));
    if (!added) return;
    ++shots_;
    emit shotArrived(*added, text::fromUtf8(source_.session));
    emit changed();
}

void LiveLink::say(const std::string& line) {
    socket_.write(line.data(), static_cast<qint64>(line.size()));
}

void LiveLink::setState(State state) {
    state_ = state;
    emit changed();
}

}  // namespace wedgeon
