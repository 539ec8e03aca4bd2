// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The stand-in keeps the protocol: nothing that was not acknowledged is forgotten.
#include <arpa/inet.h>
#include <gtest/gtest.h>
#include <netinet/in.h>
#include <sys/resource.h>
#include <sys/socket.h>
#include <unistd.h>

// Boost 1.74 forgets this one.
#include <utility>

#include <boost/asio.hpp>
#include <chrono>
#include <map>
#include <set>

#include "server.h"
#include "wedgeon/store/live_protocol.h"

namespace wedgeon::monitor {
namespace {

namespace asio = boost::asio;
using asio::ip::tcp;
using namespace std::chrono_literals;

/// A peer that connects, greets and acknowledges what it is told to.
class Peer {
public:
    Peer(asio::io_context& io, unsigned short port) : io_(io), port_(port), socket_(io) {}

    void connect() {
        socket_ = tcp::socket(io_);
        reader_ = {};
        boost::system::error_code e;
        socket_.connect({asio::ip::address_v4::loopback(), port_}, e);
        ASSERT_FALSE(e) << e.message();
        say(store::liveClientHello());
        read();
    }
    void say(const std::string& line) {
        boost::system::error_code ignored;
        asio::write(socket_, asio::buffer(line), ignored);
    }

    std::map<std::string, int> seen;
    int faults = 0, pings = 0, connections = 1;
    bool acknowledging = true, reconnecting = true;

private:
    void read() {
        socket_.async_read_some(
            asio::buffer(chunk_), [this](boost::system::error_code e, std::size_t n) {
                if (e == asio::error::operation_aborted) return;
                if (e) {
                    if (!reconnecting) return;
                    ++connections;
                    return connect();
                }
                std::vector<store::LiveMessage> messages;
                reader_.feed({chunk_.data(), n}, messages);
                for (const auto& m : messages) {
                    if (const auto* shot = std::get_if<store::LiveShot>(&m)) {
                        ++seen[shot->id];
                        if (acknowledging) say(store::liveAck(shot->id));
                    }
                    faults += std::holds_alternative<store::LiveFault>(m) ? 1 : 0;
                }
                read();
            });
    }

    asio::io_context& io_;
    unsigned short port_;
    tcp::socket socket_;
    store::LiveReader reader_;
    std::array<char, 4096> chunk_{};
};

template <class Done>
bool runUntil(asio::io_context& io, const Done& done, std::chrono::milliseconds most = 20s) {
    const auto end = std::chrono::steady_clock::now() + most;
    while (!done()) {
        if (std::chrono::steady_clock::now() > end) return false;
        io.run_for(5ms);
    }
    return true;
}

TEST(Monitor, StreamsWhatWasAskedForWithIdsOfItsOwn) {
    StreamOptions options;
    options.player = "Runa";
    options.wedge = "lob";
    ShotStream stream(options);
    std::set<std::string> ids;
    for (int i = 0; i < 200; ++i) {
        const auto next = stream.next();
        EXPECT_TRUE(ids.insert(next.id).second);
        EXPECT_EQ(next.shot[store::Label::Player], "Runa Vale");
        EXPECT_EQ(next.shot[store::Label::Wedge], "58 lob");
        EXPECT_EQ(next.shot[store::Label::Tags], "");
    }
    options.player = "nobody";
    EXPECT_THROW(ShotStream{options}, std::invalid_argument);
}

TEST(Monitor, FaultsComeAsOftenAsTheyAreAskedFor) {
    StreamOptions options;
    options.faults = {0.2, 0.1, 0.3, 0.25};
    ShotStream stream(options);
    int twice = 0;
    int garbage = 0;
    int sparse = 0;
    constexpr int n = 2000;
    for (int i = 0; i < n; ++i) {
        const auto next = stream.next();
        twice += next.twice ? 1 : 0;
        garbage += next.garbage.empty() ? 0 : 1;
        int fields = 0;
        for (std::size_t k = 0; k < store::quantityCount; ++k)
            fields += next.shot.has(static_cast<store::Quantity>(k)) ? 1 : 0;
        sparse += fields < 13 ? 1 : 0;
    }
    // Four standard deviations of a binomial either way.
    EXPECT_NEAR(twice, 0.3 * n, 4 * 20.5);
    EXPECT_NEAR(garbage, 0.25 * n, 4 * 19.4);
    EXPECT_NEAR(sparse, 0.1 * n, 4 * 13.4);
}

TEST(Monitor, EveryShotArrivesInSpiteOfDropsGarbageAndDuplicates) {
    asio::io_context io;
    StreamOptions stream;
    stream.faults = {0.1, 0.1, 0.2, 0.2};
    ServerOptions options;
    options.shotsPerMinute = 30000;
    options.shots = 150;
    options.dropEvery = 20;
    Server server(io, ShotStream(stream), options);
    Peer peer(io, server.port());
    peer.connect();
    ASSERT_TRUE(runUntil(io, [&] { return server.acknowledged() == 150; }))
        << server.measured() << " measured, " << server.acknowledged() << " acknowledged";
    EXPECT_EQ(peer.seen.size(), 150u);
    EXPECT_GE(peer.connections, 7);
    EXPECT_GT(peer.faults, 10);
    peer.reconnecting = false;
}

TEST(Monitor, WhatIsNotAcknowledgedIsSentAgain) {
    asio::io_context io;
    ServerOptions options;
    options.shotsPerMinute = 30000;
    options.shots = 5;
    Server server(io, ShotStream({}), options);
    Peer peer(io, server.port());
    peer.acknowledging = false;
    peer.connect();
    ASSERT_TRUE(runUntil(io, [&] { return peer.seen.size() == 5 && peer.seen["1"] >= 2; }));
    peer.acknowledging = true;
    ASSERT_TRUE(runUntil(io, [&] { return server.acknowledged() == 5; }));
    peer.reconnecting = false;
}

TEST(Monitor, HoldsWhileItIsTold) {
    asio::io_context io;
    ServerOptions options;
    options.shotsPerMinute = 6000;
    options.slow = true;
    Server server(io, ShotStream({}), options);
    Peer peer(io, server.port());
    peer.connect();
    ASSERT_TRUE(runUntil(io, [&] { return server.acknowledged() >= 2; }));
    peer.say(store::liveHold(true));
    io.run_for(100ms);
    const long held = server.measured();
    io.run_for(200ms);
    EXPECT_EQ(server.measured(), held);
    peer.say(store::liveHold(false));
    EXPECT_TRUE(runUntil(io, [&] { return server.measured() > held; }));
    peer.reconnecting = false;
}

TEST(Monitor, ATakenPortIsSaid) {
    asio::io_context io;
    Server first(io, ShotStream({}), {});
    ServerOptions same;
    same.port = first.port();
    EXPECT_THROW(Server(io, ShotStream({}), same), std::runtime_error);
}

TEST(Monitor, GoesOnAfterAnAcceptThatFailed) {
    asio::io_context io;
    Server server(io, ShotStream({}), {});
    const int client = ::socket(AF_INET, SOCK_STREAM, 0);
    ASSERT_GE(client, 0);
    rlimit former{};
    ASSERT_EQ(getrlimit(RLIMIT_NOFILE, &former), 0);
    // No descriptor is left for the connection that waits.
    const rlimit none{static_cast<rlim_t>(client) + 1, former.rlim_max};
    ASSERT_EQ(setrlimit(RLIMIT_NOFILE, &none), 0);
    sockaddr_in address{};
    address.sin_family = AF_INET;
    address.sin_port = htons(server.port());
    address.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
    ASSERT_EQ(::connect(client, reinterpret_cast<const sockaddr*>(&address), sizeof address), 0);
    io.run_for(100ms);
    ASSERT_EQ(setrlimit(RLIMIT_NOFILE, &former), 0);
    const auto greeted = [&] {
        char byte = 0;
        return ::recv(client, &byte, 1, MSG_PEEK | MSG_DONTWAIT) == 1;
    };
    EXPECT_FALSE(greeted());
    EXPECT_TRUE(runUntil(io, greeted, 5s));
    ::close(client);
}

}  // namespace
}  // namespace wedgeon::monitor
