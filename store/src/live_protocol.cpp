// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Lines in and out.
#include "wedgeon/store/live_protocol.h"

#include <algorithm>
#include <array>

#include "json_fields.h"
#include "strict_json.h"
#include "text.h"
#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t longestId = 64;
constexpr std::size_t longestLabel = 400;
constexpr std::size_t deepest = 4;
constexpr std::array liveLabels{Label::Time,          Label::Player, Label::Wedge, Label::Ball,
                                Label::FaceCondition, Label::Lie,    Label::Swing};

using nlohmann::json;

/// Parses a line without ever nesting deeper than a message can be.
json parseShallow(std::string_view line) {
    return parseStrict(line, deepest);
}

std::string wordOf(const json& message, std::string_view key, std::size_t longest) {
    const auto it = message.find(key);
    if (it == message.end()) return {};
    if (!it->is_string()) throw StoreError(Fault::Malformed, {Says::FieldNotText, key});
    auto word = it->get<std::string>();
    if (word.size() > longest)
        throw StoreError(Fault::Malformed, {Says::FieldTooLong, key, longest});
    return word;
}

Unit unitOf(const json& units, std::string_view key, Dimension dimension) {
    const auto unit = findUnit(wordOf(units, key, 16));
    if (!unit || unit->dimension != dimension)
        throw StoreError(Fault::Malformed,
                         {Says::FieldNotUnit, "units." + std::string(key), dimension});
    return *unit;
}

std::string lineOf(const nlohmann::ordered_json& message) {
    return message.dump(-1, ' ', false, json::error_handler_t::replace) + "\n";
}

}  // namespace

void LiveReader::feed(std::string_view bytes, std::vector<LiveMessage>& out) {
    while (!bytes.empty()) {
        const std::size_t end = bytes.find('\n');
        const std::string_view part = bytes.substr(0, std::min(end, bytes.size()));
        if (!skipping_ && partial_.size() + part.size() > longestLine) {
            skipping_ = true;
            partial_.clear();
            out.push_back(LiveFault{{Says::LineTooLong, longestLine >> 10}, false});
        }
        if (!skipping_) partial_.append(part);
        if (end == std::string_view::npos) return;
        if (!skipping_) readLine(partial_, out);
        skipping_ = false;
        partial_.clear();
        bytes.remove_prefix(end + 1);
    }
}

void LiveReader::readLine(std::string_view line, std::vector<LiveMessage>& out) {
    line = text::trimmed(line);
    if (line.empty()) return;
    try {
        out.push_back(parse(line));
    } catch (const json::exception&) {
        out.push_back(LiveFault{{Says::LineNotJson, text::shown(line)}, !hello_});
    } catch (const StoreError& e) {
        out.push_back(LiveFault{{Says::LineSkipped, e.message()}, !hello_});
    }
}

LiveMessage LiveReader::parse(std::string_view line) {
    const json message = parseShallow(line);
    if (!message.is_object()) throw StoreError(Fault::Malformed, Says::NotAnObject);
    const std::string type = wordOf(message, "type", 32);
    if (!hello_) {
        if (type != "hello") throw StoreError(Fault::Malformed, Says::NoHello);
        const auto version = message.find("protocol");
        if (version == message.end() || *version != liveProtocolVersion)
            throw StoreError(Fault::Malformed, {Says::OtherProtocol, liveProtocolVersion});
        const auto units = message.find("units");
        if (units == message.end() || !units->is_object())
            throw StoreError(Fault::Malformed, {Says::FieldMissing, "units"});
        speed_ = unitOf(*units, "speed", Dimension::Speed);
        length_ = unitOf(*units, "length", Dimension::Length);
        hello_ = true;
        return LiveHello{wordOf(message, "device", 60)};
    }
    if (type == "ping") return LivePing{};
    if (type == "status") return LiveStatus{wordOf(message, "text", 200)};
    if (type != "shot") return LiveFault{Says::LineUnknown, false};

    LiveShot shot;
    shot.id = wordOf(message, "id", longestId);
    if (shot.id.empty()) throw StoreError(Fault::Malformed, Says::ShotWithoutId);
    for (const Label l : liveLabels)
        shot.record[l] = wordOf(message, labelKey(l), longestLabel);
    bool measured = false;
    for (std::size_t i = 0; i < quantityCount; ++i) {
        const QuantityInfo& q = info(static_cast<Quantity>(i));
        const auto it = message.find(q.key);
        if (it == message.end() || it->is_null()) continue;
        if (!it->is_number()) {
            shot.notes.emplace_back(Says::QuantityNotNumber, q.quantity);
            continue;
        }
        const double factor = q.dimension == Dimension::Speed    ? speed_.factor
                              : q.dimension == Dimension::Length ? length_.factor
                                                                 : ownUnit(q.dimension).factor;
        const double value = it->get<double>() * factor;
        if (!(value >= q.low && value <= q.high)) {
            shot.notes.emplace_back(Says::QuantityOutside, q.quantity);
            continue;
        }
        shot.record[q.quantity] = value;
        measured = measured || q.quantity != Quantity::Loft;
    }
    if (!measured) throw StoreError(Fault::Malformed, Says::ShotWithoutNumber);
    return shot;
}

std::string liveClientHello() {
    return lineOf({{"type", "hello"}, {"protocol", liveProtocolVersion}});
}
std::string liveAck(std::string_view id) {
    return lineOf({{"type", "ack"}, {"id", id}});
}
std::string livePong() {
    return lineOf({{"type", "pong"}});
}
std::string liveHold(bool hold) {
    return lineOf({{"type", hold ? "hold" : "resume"}});
}

std::string liveHello(std::string_view device) {
    return lineOf({{"type", "hello"},
                   {"protocol", liveProtocolVersion},
                   {"device", device},
                   {"units", {{"speed", "m/s"}, {"length", "m"}}}});
}

std::string liveShot(std::string_view id, const ShotRecord& shot) {
    nlohmann::ordered_json message{{"type", "shot"}, {"id", id}};
    for (const Label l : liveLabels) {
        if (!shot[l].empty()) message[std::string(labelKey(l))] = shot[l];
    }
    for (std::size_t i = 0; i < quantityCount; ++i) {
        const QuantityInfo& q = info(static_cast<Quantity>(i));
        if (shot.has(q.quantity))
            message[std::string(q.key)] = shot[q.quantity] / ownUnit(q.dimension).factor;
    }
    return lineOf(message);
}

LiveReply parseLiveReply(std::string_view line) {
    LiveReply reply;
    if (line.size() > 1024) return reply;
    try {
        const json message = parseShallow(line);
        if (!message.is_object()) return reply;
        const std::string type = wordOf(message, "type", 32);
        using Kind = LiveReply::Kind;
        if (type == "hello") reply.kind = Kind::Hello;
        if (type == "pong") reply.kind = Kind::Pong;
        if (type == "hold") reply.kind = Kind::Hold;
        if (type == "resume") reply.kind = Kind::Resume;
        if (type == "ack") {
            reply.id = wordOf(message, "id", longestId);
            if (!reply.id.empty()) reply.kind = Kind::Ack;
        }
    } catch (const std::exception&) {
        reply = {};
    }
    return reply;
}

}  // namespace wedgeon::store
