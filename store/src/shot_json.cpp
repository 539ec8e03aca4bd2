// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots as JSON.
#include <ostream>

#include "json_fields.h"
#include "strict_json.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t mostShots = 2'000'000;

ShotRecord readShot(Fields& in) {
    ShotRecord shot;
    for (std::size_t i = 0; i < labelCount; ++i) {
        const auto label = static_cast<Label>(i);
        shot[label] = in.word(labelKey(label), "");
    }
    for (std::size_t i = 0; i < allQuantityCount; ++i) {
        const QuantityInfo& q = info(static_cast<Quantity>(i));
        const std::string_view key = siKey(q.quantity);
        if (!in.has(key)) continue;
        const double value = in.number(key, 0);
        if (!(value >= q.low && value <= q.high)) {
            in.refuse(Says::FieldOutsideQuantity, key, q.quantity);
        }
        if (q.quantity != Quantity::FaceToPath) {
            shot[q.quantity] = value;
        } else if (!shot.takeFaceToPath(value)) {
            in.refuse(Says::FieldFaceToPath, key);
        }
    }
    in.finish();
    return shot;
}

}  // namespace

void writeShotsJson(std::ostream& out, std::span<const ShotRecord> shots) {
    out << "{\"format\": \"wedgeon-shots\", \"version\": 1, \"shots\": [";
    const char* separator = "\n";
    for (const ShotRecord& shot : shots) {
        nlohmann::ordered_json one = nlohmann::ordered_json::object();
        for (std::size_t i = 0; i < labelCount; ++i) {
            const auto label = static_cast<Label>(i);
            if (!shot[label].empty()) one[std::string(labelKey(label))] = shot[label];
        }
        for (std::size_t i = 0; i < allQuantityCount; ++i) {
            const auto q = static_cast<Quantity>(i);
            if (shot.has(q)) one[std::string(siKey(q))] = shot[q];
        }
        out << separator << one.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
        separator = ",\n";
    }
    out << "\n]}\n";
}

std::vector<ShotRecord> readShotsJson(std::string_view text) {
    try {
        const nlohmann::json document = parseStrict(text);
        Fields top(document, "");
        if (top.word("format", "") != "wedgeon-shots" || top.number("version", 0) != 1)
            throw StoreError(Fault::Malformed, {Says::FormatNot, "wedgeon-shots", 1});
        std::vector<ShotRecord> out;
        for (Fields& in : top.children("shots", mostShots))
            out.push_back(readShot(in));
        top.finish();
        return out;
    } catch (const nlohmann::json::parse_error& e) {
        throw StoreError(Fault::Malformed, {Says::NotJsonByte, e.byte});
    } catch (const nlohmann::json::out_of_range&) {
        throw StoreError(Fault::Malformed, Says::JsonNumberTooLarge);
    }
}

}  // namespace wedgeon::store
