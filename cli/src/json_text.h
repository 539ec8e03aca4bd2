// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Writing an object of numbers and words straight to text: a document of 100,000 shots is written
// without building it first. Numbers are the shortest that read back the same.
#pragma once

#include <array>
#include <charconv>
#include <cmath>
#include <nlohmann/json.hpp>
#include <string>
#include <string_view>

namespace wedgeon::cli {

class JsonText {
public:
    JsonText() { text_.reserve(1200); }

    void number(std::string_view key, double value) {
        begin(key);
        append(value);
    }
    void count(std::string_view key, long value) {
        begin(key);
        text_ += std::to_string(value);
    }
    /// \p word is the product's own: plain ASCII.
    void word(std::string_view key, std::string_view word) {
        begin(key);
        text_ += '"';
        text_ += word;
        text_ += '"';
    }
    void flag(std::string_view key, bool value) {
        begin(key);
        text_ += value ? "true" : "false";
    }
    void object(std::string_view key, const JsonText& inner) {
        begin(key);
        text_ += inner.str();
    }
    /// Any other value.
    void raw(std::string_view key, const nlohmann::json& value) {
        begin(key);
        text_ += value.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
    }
    std::string str() const { return text_.empty() ? "{}" : text_ + "}"; }

private:
    void begin(std::string_view key) {
        text_ += text_.empty() ? "{\"" : ",\"";
        text_ += key;
        text_ += "\":";
    }
    void append(double value) {
        if (!std::isfinite(value)) {
            text_ += "null";
            return;
        }
        std::array<char, 32> buffer{};
        const auto end = std::to_chars(buffer.data(), buffer.data() + buffer.size(), value).ptr;
        text_.append(buffer.data(), end);
    }

    std::string text_;
};

}  // namespace wedgeon::cli
