// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Strict reading of JSON objects: every field has a type and is known, every message says where.
#pragma once

#include <nlohmann/json.hpp>
#include <set>
#include <stdexcept>
#include <string>

namespace wedgeon::cli {

/// One object's fields. finish() refuses the ones that nobody asked for: a misspelt name would
/// else be a silent default.
class Fields {
public:
    Fields(const nlohmann::json& object, std::string path)
        : object_(object), path_(std::move(path)) {
        if (!object_.is_object()) throw std::invalid_argument(name("") + "must be an object");
    }

    double number(const std::string& key, double fallback) {
        seen_.insert(key);
        const auto it = object_.find(key);
        return it == object_.end() ? fallback : toNumber(key, *it);
    }

    double number(const std::string& key) {
        seen_.insert(key);
        const auto it = object_.find(key);
        if (it == object_.end()) throw std::invalid_argument(name(key) + "is missing");
        return toNumber(key, *it);
    }

    std::string word(const std::string& key, const std::string& fallback) {
        seen_.insert(key);
        const auto it = object_.find(key);
        if (it == object_.end()) return fallback;
        if (!it->is_string()) throw std::invalid_argument(name(key) + "must be a text");
        return it->get<std::string>();
    }

    Fields child(const std::string& key) {
        static const nlohmann::json empty = nlohmann::json::object();
        seen_.insert(key);
        const auto it = object_.find(key);
        return {it == object_.end() ? empty : *it, path_.empty() ? key : path_ + "." + key};
    }

    void finish() const {
        for (const auto& [key, value] : object_.items()) {
            if (!seen_.count(key)) {
                throw std::invalid_argument(name(key.substr(0, 40)) + "is not a known field");
            }
        }
    }

    std::string name(const std::string& key) const {
        const std::string full = path_.empty() ? key : key.empty() ? path_ : path_ + "." + key;
        return full.empty() ? "input " : full + " ";
    }

private:
    double toNumber(const std::string& key, const nlohmann::json& value) const {
        if (!value.is_number()) throw std::invalid_argument(name(key) + "must be a number");
        return value.get<double>();
    }

    const nlohmann::json& object_;
    std::string path_;
    std::set<std::string> seen_;
};

}  // namespace wedgeon::cli
