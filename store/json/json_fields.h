// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Strict reading of JSON objects: every field has a type and is known, every message says where.
#pragma once

#include <algorithm>
#include <nlohmann/json.hpp>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "wedgeon/store/error.h"

namespace wedgeon::store {

/// One object's fields. finish() refuses the ones that nobody asked for: a misspelt name would
/// else be a silent default. Keys are literals.
class Fields {
public:
    Fields(const nlohmann::json& object, std::string path)
        : object_(object), path_(std::move(path)) {
        if (!object_.is_object()) refuse(Says::FieldNotObject, "");
    }

    bool has(std::string_view key) const { return object_.contains(key); }

    double number(std::string_view key, double fallback) {
        const nlohmann::json* value = find(key);
        return value ? toNumber(key, *value) : fallback;
    }

    double number(std::string_view key) {
        const nlohmann::json* value = find(key);
        if (!value) refuse(Says::FieldMissing, key);
        return toNumber(key, *value);
    }

    /// The same by a name that it once had; not by both. Keys are literals.
    double number(std::string_view key, std::string_view former, double fallback) {
        if (key != former && has(key) && has(former)) {
            refuse(Says::FieldFormerTwice, former, key);
        }
        return number(has(former) ? former : key, fallback);
    }

    std::string word(std::string_view key, std::string_view fallback) {
        const nlohmann::json* value = find(key);
        if (!value) return std::string(fallback);
        if (!value->is_string()) refuse(Says::FieldNotText, key);
        return value->get<std::string>();
    }

    bool flag(std::string_view key) {
        const nlohmann::json* value = find(key);
        if (!value) return false;
        if (!value->is_boolean()) refuse(Says::FieldNotFlag, key);
        return value->get<bool>();
    }

    /// As it stands, for what the others do not read. \throws when it is missing.
    const nlohmann::json& value(std::string_view key) {
        const nlohmann::json* v = find(key);
        if (!v) refuse(Says::FieldMissing, key);
        return *v;
    }

    Fields child(std::string_view key) {
        static const nlohmann::json empty = nlohmann::json::object();
        const nlohmann::json* value = find(key);
        return {value ? *value : empty, pathOf(key)};
    }

    /// The elements of an array; none when the field is missing. \throws StoreError for another
    /// type or more than \p most elements.
    std::vector<Fields> children(std::string_view key, std::size_t most) {
        std::vector<Fields> out;
        const nlohmann::json* value = find(key);
        if (!value) return out;
        if (!value->is_array() || value->size() > most) {
            refuse(Says::FieldNotArray, key, most);
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
                refuse(Says::FieldUnknown, key.substr(0, 40));
            }
        }
    }

    /// \throws StoreError Malformed that says \p code of the field, which is its %1.
    template <class... Parts>
    [[noreturn]] void refuse(Says code, std::string_view key, Parts&&... parts) const {
        const std::string full = key.empty() ? path_ : pathOf(key);
        throw StoreError(Fault::Malformed,
                         {code, full.empty() ? "input" : full, std::forward<Parts>(parts)...});
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
        if (!value.is_number()) refuse(Says::FieldNotNumber, key);
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
    in.refuse(Says::FieldNotOneOf, key, names);
}

}  // namespace wedgeon::store
