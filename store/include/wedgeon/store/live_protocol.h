// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The live protocol, version 1: JSON Lines over loopback TCP between a launch monitor, which
/// listens, and the program, which connects. Document: docs/formats.md. Text from the wire is
/// untrusted: bounded, parsed strictly, and a bad line is skipped with a reason.
#pragma once

#include <cstddef>
#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

#include "wedgeon/store/message.h"

namespace wedgeon::store {

inline constexpr int liveProtocolVersion = 1;
inline constexpr int livePort = 49217;

struct LiveHello {
    std::string device;
};
struct LiveShot {
    std::string id;
    ShotRecord record;
    std::vector<Message> notes;  ///< fields that were not taken, with reasons
};
struct LiveStatus {
    std::string text;
};
struct LivePing {};
/// A line that says nothing usable; the connection goes on.
struct LiveFault {
    Message reason;
    bool fatal = false;  ///< another version, or no hello first: talking on makes no sense
};
using LiveMessage = std::variant<LiveHello, LiveShot, LiveStatus, LivePing, LiveFault>;

/// Splits the bytes of one connection into messages. Holds one line at most.
class LiveReader {
public:
    static constexpr std::size_t longestLine = 64u << 10;

    /// Takes bytes as they come and appends the messages that they complete.
    void feed(std::string_view bytes, std::vector<LiveMessage>& out);
    bool hasHello() const { return hello_; }

private:
    void readLine(std::string_view line, std::vector<LiveMessage>& out);
    LiveMessage parse(std::string_view line);

    std::string partial_;
    bool skipping_ = false;  ///< inside a line that was too long
    bool hello_ = false;
    Unit speed_{}, length_{};
};

// What the program sends. Each ends with a newline.
std::string liveClientHello();
std::string liveAck(std::string_view id);
std::string livePong();
std::string liveHold(bool hold);

// What a monitor sends.
std::string liveHello(std::string_view device);
/// In metres, metres a second, degrees and rpm.
std::string liveShot(std::string_view id, const ShotRecord& shot);

/// What the program said to a monitor.
struct LiveReply {
    enum class Kind { Hello, Ack, Pong, Hold, Resume, Unknown } kind = Kind::Unknown;
    std::string id;  ///< of an ack
};
/// Unknown for whatever is none; never throws.
LiveReply parseLiveReply(std::string_view line);

}  // namespace wedgeon::store
