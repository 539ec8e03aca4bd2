// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A launch monitor in a thread of its own that sends as fast as it can; on request it never reads.
#pragma once

#include <arpa/inet.h>
#include <netinet/in.h>
#include <poll.h>
#include <sys/socket.h>
#include <unistd.h>

#include <atomic>
#include <mutex>
#include <set>
#include <string>
#include <thread>

#include "wedgeon/store/live_protocol.h"

namespace wedgeon::test {

class FloodingMonitor {
public:
    explicit FloodingMonitor(bool reads) : reads_(reads) {
        listener_ = ::socket(AF_INET, SOCK_STREAM, 0);
        // Little lies between the two, so that one that does not read is soon noticed.
        const int little = 16'384;
        ::setsockopt(listener_, SOL_SOCKET, SO_RCVBUF, &little, sizeof little);
        sockaddr_in address{};
        address.sin_family = AF_INET;
        address.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
        ::bind(listener_, reinterpret_cast<const sockaddr*>(&address), sizeof address);
        ::listen(listener_, 8);
        socklen_t size = sizeof address;
        ::getsockname(listener_, reinterpret_cast<sockaddr*>(&address), &size);
        port_ = ntohs(address.sin_port);
        thread_ = std::jthread([this](const std::stop_token& stop) { run(stop); });
    }
    ~FloodingMonitor() {
        thread_.request_stop();
        thread_.join();
        ::close(listener_);
    }
    FloodingMonitor(const FloodingMonitor&) = delete;
    FloodingMonitor& operator=(const FloodingMonitor&) = delete;

    int port() const { return port_; }
    long sent() const { return sent_; }
    std::set<long> acknowledged() const {
        const std::lock_guard lock(mutex_);
        return acknowledged_;
    }

private:
    static bool ready(int fd, short what, int wait_ms) {
        pollfd one{fd, what, 0};
        return ::poll(&one, 1, wait_ms) > 0 && (one.revents & what);
    }

    void run(const std::stop_token& stop) {
        while (!stop.stop_requested()) {
            if (!ready(listener_, POLLIN, 50)) continue;
            const int peer = ::accept(listener_, nullptr, nullptr);
            if (peer < 0) continue;
            talk(peer, stop);
            ::close(peer);
        }
    }

    void talk(int peer, const std::stop_token& stop) {
        std::string out = store::liveHello("flood");
        std::string in;
        bool hurt = false;
        while (!stop.stop_requested() && !hurt) {
            if (reads_ && ready(peer, POLLIN, 0)) {
                char bytes[4096];
                const ssize_t n = ::recv(peer, bytes, sizeof bytes, MSG_DONTWAIT);
                if (n <= 0) return;
                in.append(bytes, static_cast<std::size_t>(n));
                hear(in);
            }
            if (out.size() < 16'384) {
                store::ShotRecord shot;
                shot[store::Quantity::Carry] = 20 + 0.0001 * static_cast<double>(next_);
                shot[store::Quantity::ClubSpeed] = 21;
                shot[store::Quantity::LaunchAngle] = 0.5;
                out += store::liveShot(std::to_string(next_++), shot);
                ++sent_;
                continue;
            }
            if (!ready(peer, POLLOUT, 5)) continue;
            const ssize_t n = ::send(peer, out.data(), out.size(), MSG_DONTWAIT | MSG_NOSIGNAL);
            if (n > 0) out.erase(0, static_cast<std::size_t>(n));
            hurt = n < 0 && errno != EAGAIN;
        }
    }

    void hear(std::string& in) {
        for (std::size_t end = 0; (end = in.find('\n')) != std::string::npos;
             in.erase(0, end + 1)) {
            const store::LiveReply reply = store::parseLiveReply(in.substr(0, end));
            if (reply.kind != store::LiveReply::Kind::Ack) continue;
            const std::lock_guard lock(mutex_);
            acknowledged_.insert(std::stol(reply.id));
        }
    }

    const bool reads_;
    int listener_ = -1;
    int port_ = 0;
    long next_ = 0;
    std::atomic<long> sent_{0};
    mutable std::mutex mutex_;
    std::set<long> acknowledged_;
    std::jthread thread_;
};

}  // namespace wedgeon::test
