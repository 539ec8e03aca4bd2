// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Accepting, sending, and waiting for acknowledgements.
#include "server.h"

#include <algorithm>
#include <array>
// Boost 1.74 forgets this one.
#include <utility>

#include <boost/asio.hpp>
#include <chrono>
#include <deque>

#include "wedgeon/store/live_protocol.h"

namespace wedgeon::monitor {
namespace {

namespace asio = boost::asio;
using asio::ip::tcp;
using Clock = std::chrono::steady_clock;
using namespace std::chrono_literals;

constexpr auto againAfter = 2s;
constexpr auto pingEvery = 5s;
constexpr auto acceptAgainAfter = 200ms;
constexpr std::size_t slowPiece = 7;
constexpr std::size_t mostWaiting = 10'000;

}  // namespace

struct Server::Impl : std::enable_shared_from_this<Impl> {
    struct Waiting {
        std::string id, line;
        Clock::time_point sent{};
    };

    Impl(asio::io_context& context, ShotStream s, const ServerOptions& o)
        : stream(std::move(s)),
          options(o),
          acceptor(context, tcp::endpoint(asio::ip::address_v4::loopback(), o.port)),
          nextShot(context),
          again(context),
          ping(context),
          pause(context),
          later(context) {}

    void start() {
        accept();
        scheduleShot();
        scheduleAgain();
        schedulePing();
    }

    void accept() {
        acceptor.async_accept(
            [self = shared_from_this()](boost::system::error_code e, tcp::socket peer) {
                if (e == asio::error::operation_aborted) return;
                if (e) return self->acceptLater();
                self->drop();  // the newest peer is the one that counts
                self->socket = std::make_shared<tcp::socket>(std::move(peer));
                self->held = false;
                self->greeted = false;
                self->input.clear();
                self->send(store::liveHello("stand-in"));
                self->read(self->socket);
                self->accept();
            });
    }

    /// Whatever was in the way, such as too many open files, may pass.
    void acceptLater() {
        later.expires_after(acceptAgainAfter);
        later.async_wait([self = shared_from_this()](boost::system::error_code stopped) {
            if (!stopped) self->accept();
        });
    }

    void drop() {
        if (!socket) return;
        boost::system::error_code ignored;
        socket->close(ignored);
        socket.reset();
        outgoing.clear();
        writing = false;
    }

    void read(const std::shared_ptr<tcp::socket>& from) {
        from->async_read_some(asio::buffer(chunk), [self = shared_from_this(), from](
                                                       boost::system::error_code e, std::size_t n) {
            if (from != self->socket) return;
            if (e) return self->drop();
            self->input.append(self->chunk.data(), n);
            std::size_t end = 0;
            while ((end = self->input.find('\n')) != std::string::npos) {
                self->heard(store::parseLiveReply(self->input.substr(0, end)));
                self->input.erase(0, end + 1);
            }
            if (self->input.size() > 4096) return self->drop();  // no reply is that long
            self->read(from);
        });
    }

    void heard(const store::LiveReply& reply) {
        using Kind = store::LiveReply::Kind;
        if (reply.kind == Kind::Hello) {
            greeted = true;
            for (Waiting& w : waiting)
                sendShot(w);
        }
        if (reply.kind == Kind::Hold) held = true;
        if (reply.kind == Kind::Resume) held = false;
        if (reply.kind == Kind::Ack) {
            const auto it = std::find_if(waiting.begin(), waiting.end(),
                                         [&](const Waiting& w) { return w.id == reply.id; });
            if (it == waiting.end()) return;
            waiting.erase(it);
            ++acknowledged;
        }
    }

    void scheduleShot() {
        nextShot.expires_after(
            std::chrono::microseconds(static_cast<long>(60e6 / options.shotsPerMinute)));
        nextShot.async_wait([self = shared_from_this()](boost::system::error_code e) {
            if (e) return;
            self->measure();
            self->scheduleShot();
        });
    }

    void measure() {
        // Nobody hits while nobody listens or while the coach holds.
        if (!socket || !greeted || held || waiting.size() >= mostWaiting) return;
        if (options.shots > 0 && measured >= options.shots) return;
        const ShotStream::Next next = stream.next();
        ++measured;
        if (!next.garbage.empty()) send(next.garbage);
        waiting.push_back({next.id, store::liveShot(next.id, next.shot)});
        sendShot(waiting.back());
        if (next.twice) sendShot(waiting.back());
        if (options.dropEvery > 0 && measured % options.dropEvery == 0) drop();
    }

    void sendShot(Waiting& w) {
        w.sent = Clock::now();
        send(w.line);
    }

    void scheduleAgain() {
        again.expires_after(500ms);
        again.async_wait([self = shared_from_this()](boost::system::error_code e) {
            if (e) return;
            if (self->socket && self->greeted && !self->held) {
                for (Waiting& w : self->waiting) {
                    if (Clock::now() - w.sent > againAfter) self->sendShot(w);
                }
            }
            self->scheduleAgain();
        });
    }

    void schedulePing() {
        ping.expires_after(pingEvery);
        ping.async_wait([self = shared_from_this()](boost::system::error_code e) {
            if (e) return;
            if (self->socket && self->greeted) self->send("{\"type\":\"ping\"}\n");
            self->schedulePing();
        });
    }

    void send(const std::string& line) {
        if (!socket) return;
        outgoing.push_back(line);
        if (!writing) write();
    }

    void write() {
        if (outgoing.empty() || !socket) {
            writing = false;
            return;
        }
        writing = true;
        std::string& line = outgoing.front();
        const std::size_t n = options.slow ? std::min(slowPiece, line.size()) : line.size();
        auto piece = std::make_shared<std::string>(line.substr(0, n));
        line.erase(0, n);
        if (line.empty()) outgoing.pop_front();
        asio::async_write(*socket, asio::buffer(*piece),
                          [self = shared_from_this(), piece, to = socket](
                              boost::system::error_code e, std::size_t) {
                              if (to != self->socket) return;
                              if (e) return self->drop();
                              if (!self->options.slow) return self->write();
                              self->pause.expires_after(3ms);
                              self->pause.async_wait([self, to](boost::system::error_code stopped) {
                                  if (!stopped && to == self->socket) self->write();
                              });
                          });
    }

    ShotStream stream;
    ServerOptions options;
    tcp::acceptor acceptor;
    std::shared_ptr<tcp::socket> socket;
    asio::steady_timer nextShot, again, ping, pause, later;
    std::array<char, 1024> chunk{};
    std::string input;
    std::deque<std::string> outgoing;
    bool writing = false, held = false, greeted = false;
    std::deque<Waiting> waiting;
    long measured = 0, acknowledged = 0;
};

Server::Server(asio::io_context& io, ShotStream stream, const ServerOptions& options) try
    : impl_(std::make_shared<Impl>(io, std::move(stream), options)) {
    impl_->start();
} catch (const boost::system::system_error& e) {
    throw std::runtime_error("port " + std::to_string(options.port) +
                             " cannot be listened on: " + e.code().message());
}

Server::~Server() {
    boost::system::error_code ignored;
    impl_->acceptor.close(ignored);
    impl_->drop();
    for (auto* t : {&impl_->nextShot, &impl_->again, &impl_->ping, &impl_->pause, &impl_->later})
        t->cancel();
}

unsigned short Server::port() const {
    return impl_->acceptor.local_endpoint().port();
}
long Server::measured() const {
    return impl_->measured;
}
long Server::acknowledged() const {
    return impl_->acknowledged;
}

}  // namespace wedgeon::monitor
