// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Dialling.
#include "desk/loopback_dial.h"

#include <arpa/inet.h>
#include <netinet/in.h>
#include <sys/socket.h>
#include <unistd.h>

#include <cerrno>
#include <utility>

namespace wedgeon {
namespace {

constexpr int dialPatience_ms = 2000;

}  // namespace

LoopbackDial::LoopbackDial(QObject* parent) : QObject(parent) {
    late_.setSingleShot(true);
    connect(&late_, &QTimer::timeout, this, [this] {
        giveUp();
        emit refused();
    });
}

LoopbackDial::~LoopbackDial() {
    giveUp();
}

void LoopbackDial::giveUp() {
    late_.stop();
    ready_.reset();
    if (descriptor_ >= 0) ::close(std::exchange(descriptor_, -1));
}

void LoopbackDial::dial(quint16 port) {
    giveUp();
    descriptor_ = ::socket(AF_INET, SOCK_STREAM | SOCK_NONBLOCK | SOCK_CLOEXEC, 0);
    sockaddr_in address{};
    address.sin_family = AF_INET;
    address.sin_port = htons(port);
    address.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
    if (descriptor_ < 0 ||
        (::connect(descriptor_, reinterpret_cast<const sockaddr*>(&address), sizeof address) != 0 &&
         errno != EINPROGRESS)) {
        late_.start(0);
        return;
    }
    ready_ = std::make_unique<QSocketNotifier>(descriptor_, QSocketNotifier::Write);
    connect(ready_.get(), &QSocketNotifier::activated, this, [this] {
        ready_->setEnabled(false);
        // Not from inside the notifier, which goes.
        QMetaObject::invokeMethod(this, &LoopbackDial::look, Qt::QueuedConnection);
    });
    late_.start(dialPatience_ms);
}

void LoopbackDial::look() {
    if (descriptor_ < 0 || !ready_) return;
    int error = 0;
    socklen_t size = sizeof error;
    if (::getsockopt(descriptor_, SOL_SOCKET, SO_ERROR, &error, &size) != 0 || error != 0) {
        giveUp();
        emit refused();
        return;
    }
    late_.stop();
    ready_.reset();
    emit reached(std::exchange(descriptor_, -1));
}

}  // namespace wedgeon
