// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The listening side of the live protocol: one peer at a time, on loopback only. What was not
// acknowledged is sent again, after two seconds or to the next peer.
#pragma once

#include <memory>

#include "shot_stream.h"

namespace boost::asio {
class io_context;
}

namespace wedgeon::monitor {

struct ServerOptions {
    unsigned short port = 0;  ///< 0: any free one
    double shotsPerMinute = 12.0;
    long shots = 0;      ///< how many before it stops; 0 for no end
    long dropEvery = 0;  ///< closes the connection after each so many shots; 0 never
    bool slow = false;   ///< sends in small pieces with pauses
};

class Server {
public:
    /// Listens at once. \throws std::runtime_error when the port is taken.
    Server(boost::asio::io_context& io, ShotStream stream, const ServerOptions& options);
    ~Server();
    unsigned short port() const;
    /// Shots that were measured, and those of them that the peer has acknowledged.
    long measured() const;
    long acknowledged() const;

private:
    struct Impl;
    std::shared_ptr<Impl> impl_;
};

}  // namespace wedgeon::monitor
