// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Strict reading of JSON objects: every field has a type and is known, every message says where.
#pragma once

#include <algorithm>
#include <nlohmann/json.hpp>
#include <stdexcept>
#include <string>
#include <string_view>
#include <vector>

namespace wedgeon::store {

/// One object's fields. finish() refuses the ones that nobody asked for: a misspelt name would
/// else be a silent default. Keys are literals.
class Fields {
public:
    Fields(const nlohmann::json& object, std::string path)
        : object_(object), path_(std::move(path)) {
        if (!object_.is_object()) throw std::invalid_argument(name("") + "must be an object");
    }

    bool has(std::string_view key) const { return object_.contains(key); }

    double number(std::string_view key, double fallback) {
        const nlohmann::json* value = find(key);
        return value ? toNumber(key, *value) : fallback;
    }

    double number(std::string_view key) {
        const nlohmann::json* value = find(key);
        if (!value) throw std::invalid_argument(name(key) + "is missing");
        return toNumber(key, *value);
    }

    /// The same by a name that it once had; not by both. Keys are literals.
    double number(std::string_view key, std::string_view former, double fallback) {
        if (key != former && has(key) && has(former)) {
            throw std::invalid_argument(name(former) + "is the former name of " + std::string(key) +
                                        ", which is there, too");
        }
        return number(has(former) ? former : key, fallback);
    }

    std::string word(std::string_view key, std::string_view fallback) {
        const nlohmann::json* value = find(key);
        if (!value) return std::string(fallback);
        if (!value->is_string()) throw std::invalid_argument(name(key) + "must be a text");
        return value->get<std::string>();
    }

    bool flag(std::string_view key) {
        const nlohmann::json* value = find(key);
        if (!value) return false;
        if (!value->is_boolean()) throw std::invalid_argument(name(key) + "must be true or false");
        return value->get<bool>();
    }

    /// As it stands, for what the others do not read. \throws when it is missing.
    const nlohmann::json& value(std::string_view key) {
        const nlohmann::json* v = find(key);
        if (!v) throw std::invalid_argument(name(key) + "is missing");
        return *v;
    }

    Fields child(std::string_view key) {
        static const nlohmann::json empty = nlohmann::json::object();
        const nlohmann::json* value = find(key);
        return {value ? *value : empty, pathOf(key)};
    }

    /// The elements of an array; none when the field is missing. \throws std::invalid_argument for
    /// another type or more than \p most elements.
    std::vector<Fields> children(std::string_view key, std::size_t most) {
        std::vector<Fields> out;
        const nlohmann::json* value = find(key);
        if (!value) return out;
        if (!value->is_array() || value->size() > most) {
            throw std::invalid_argument(name(key) + "must be an array of at most " +
                                        std::to_string(most));
        }
        for (std::size_t i = 0; i < value->size(); ++i) {
            out.emplace_back((*value)[i], pathOf(key) + "[" + std::to_string(i) + "]");
        }
        return out;
    }

    void finish() const {
        if (found_ == object_.size()) return;
        for (const auto& [key, value] : object_.items()) {
            if (std::find(asked_.begin(), asked_.end(), key) == asked_.end()) {
                throw std::invalid_argument(name(key.substr(0, 40)) + "is not a known field");
            }
        }
    }

    /// "lie.cover " for a message.
    std::string name(std::string_view key) const {
        const std::string full = key.empty() ? path_ : pathOf(key);
        return full.empty() ? "input " : full + " ";
    }

private:
    std::string pathOf(std::string_view key) const {
        return path_.empty() ? std::string(key) : path_ + "." + std::string(key);
    }

    const nlohmann::json* find(std::string_view key) {
        asked_.push_back(key);
        const auto it = object_.find(key);
        if (it == object_.end()) return nullptr;
        ++found_;
        return &*it;
    }

    double toNumber(std::string_view key, const nlohmann::json& value) const {
        if (!value.is_number()) throw std::invalid_argument(name(key) + "must be a number");
        return value.get<double>();
    }

    const nlohmann::json& object_;
    std::string path_;
    std::vector<std::string_view> asked_;
    std::size_t found_ = 0;
};

/// The named thing that \p key says, or an error that lists the names.
template <class All>
const auto& named(Fields& in, std::string_view key, std::string_view fallback, const All& all) {
    const std::string word = in.word(key, fallback);
    for (const auto& n : all) {
        if (n.key == word) return n;
    }
    std::string names;
    for (const auto& n : all)
        names += (names.empty() ? "" : ", ") + std::string(n.key);
    throw std::invalid_argument(in.name(key) + "must be one of " + names);
}

}  // namespace wedgeon::store
