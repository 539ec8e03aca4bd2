// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The bytes of a launch monitor, in pieces as a network makes them, and what a peer says back.
#include <algorithm>

#include "target.h"
#include "wedgeon/store/live_protocol.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace wedgeon::store;
    const std::string_view bytes(reinterpret_cast<const char*>(data), size);
    LiveReader reader;
    std::vector<LiveMessage> messages;
    const std::size_t piece = size == 0 ? 1 : 1 + data[0] % 97;
    for (std::size_t at = 0; at < size; at += piece)
        reader.feed(bytes.substr(at, piece), messages);
    parseLiveReply(bytes.substr(0, std::min<std::size_t>(size, 2000)));
    return 0;
}
