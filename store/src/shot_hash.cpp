// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// FNV-1a over names and bits.
#include "shot_hash.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cmath>
#include <stdexcept>
#include <vector>

namespace wedgeon::store {
namespace {

/// The numbers of versions 1 and 2, in their order.
constexpr std::array<std::string_view, 18> numbers{"loft_rad",          "club_speed_mps",
                                                   "attack_angle_rad",  "club_path_rad",
                                                   "face_angle_rad",    "dynamic_loft_rad",
                                                   "spin_loft_rad",     "ball_speed_mps",
                                                   "launch_angle_rad",  "launch_direction_rad",
                                                   "spin_rate_radps",   "spin_axis_rad",
                                                   "carry_m",           "apex_m",
                                                   "landing_angle_rad", "release_m",
                                                   "total_m",           "side_m"};
constexpr std::array<std::string_view, 4> words{"time", "player", "wedge", "ball"};

class Mixer {
public:
    void add(std::uint64_t word) {
        value_ = (value_ ^ word) * 1099511628211u;
        value_ ^= value_ >> 29;
    }
    void add(std::string_view text) {
        for (const char c : text)
            add(static_cast<unsigned char>(c));
        add(std::uint64_t{0x1F});
    }
    std::uint64_t value() const { return value_; }

private:
    std::uint64_t value_ = 14695981039346656037u;
};

std::uint64_t nameHash(std::string_view name) {
    Mixer m;
    m.add(name);
    return m.value();
}

/// Read from text in two units a value may differ in its last bits.
std::uint64_t bitsOf(double v) {
    return std::bit_cast<std::uint64_t>(v) >> 12;
}

struct Field {
    std::size_t at;  ///< in the record
    std::uint64_t name;
};

template <std::size_t n, class KeyOf>
std::vector<Field> fieldsOf(const std::array<std::string_view, n>& names, std::size_t count,
                            const KeyOf& keyOf) {
    std::vector<Field> out;
    for (const std::string_view name : names) {
        std::size_t i = 0;
        while (i < count && keyOf(i) != name)
            ++i;
        if (i == count) throw std::logic_error("a hashed field has gone");
        out.push_back({i, nameHash(name)});
    }
    return out;
}

const std::vector<Field>& numberFields() {
    static const auto all = fieldsOf(numbers, quantityCount,
                                     [](std::size_t i) { return siKey(static_cast<Quantity>(i)); });
    return all;
}
const std::vector<Field>& wordFields() {
    static const auto all =
        fieldsOf(words, labelCount, [](std::size_t i) { return labelKey(static_cast<Label>(i)); });
    return all;
}

std::uint64_t first(const ShotRecord& shot) {
    Mixer m;
    for (const Field& f : numberFields()) {
        const double v = shot.values[f.at];
        m.add(std::isnan(v) ? std::uint64_t{0x7ff8} : bitsOf(v));
    }
    for (const Field& f : wordFields())
        m.add(std::string_view(shot.labels[f.at].str()));
    return m.value();
}

std::uint64_t second(const ShotRecord& shot) {
    Mixer m;
    for (const Field& f : numberFields()) {
        const double v = shot.values[f.at];
        if (std::isnan(v)) continue;
        m.add(f.name);
        m.add(bitsOf(v + 0.0));  // SQLite keeps no sign of a zero
    }
    for (const Field& f : wordFields()) {
        const std::string_view word = shot.labels[f.at].str();
        if (word.empty()) continue;
        m.add(f.name);
        m.add(word);
    }
    return m.value();
}

}  // namespace

std::int64_t hashOf(const ShotRecord& shot, int version) {
    if (version < 1 || version > hashVersion) throw std::logic_error("no such version of the hash");
    return std::bit_cast<std::int64_t>(version == 1 ? first(shot) : second(shot));
}

}  // namespace wedgeon::store
