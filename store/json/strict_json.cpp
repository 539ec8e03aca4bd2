// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The library's own builder of documents, watched.
#include "strict_json.h"

#include <algorithm>
#include <nlohmann/json.hpp>
#include <string>
#include <unordered_set>
#include <vector>

#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

using nlohmann::json;
using Builder = nlohmann::detail::json_sax_dom_parser<json>;

/// The keys of one object that is being read.
class Keys {
public:
    /// False when it was there.
    bool add(const std::string& key) {
        constexpr std::size_t few = 32;
        if (all_.size() < few) {
            if (std::find(all_.begin(), all_.end(), key) != all_.end()) return false;
            all_.push_back(key);
            return true;
        }
        if (many_.empty()) many_.insert(all_.begin(), all_.end());
        return many_.insert(key).second;
    }

private:
    std::vector<std::string> all_;
    std::unordered_set<std::string> many_;
};

class Watched : public Builder {
public:
    Watched(json& document, std::size_t deepest) : Builder(document), deepest_(deepest) {}

    bool start_object(std::size_t size) {
        enter();
        return Builder::start_object(size);
    }
    bool end_object() {
        levels_.pop_back();
        return Builder::end_object();
    }
    bool start_array(std::size_t size) {
        enter();
        return Builder::start_array(size);
    }
    bool end_array() {
        levels_.pop_back();
        return Builder::end_array();
    }
    bool key(std::string& name) {
        if (!levels_.back().add(name))
            throw StoreError(Fault::Malformed, {Says::FieldTwice, name.substr(0, 40)});
        return Builder::key(name);
    }

private:
    void enter() {
        if (levels_.size() >= deepest_) {
            throw StoreError(Fault::Malformed, {Says::TooDeep, deepest_});
        }
        levels_.emplace_back();
    }

    std::size_t deepest_;
    std::vector<Keys> levels_;
};

}  // namespace

json parseStrict(std::string_view text, std::size_t deepest) {
    json document;
    Watched watched(document, deepest);
    json::sax_parse(text, &watched);
    return document;
}

json parseDocument(std::string_view text) {
    try {
        return parseStrict(text);
    } catch (const json::exception& e) {
        throw StoreError(Fault::Malformed, {Says::NotJson, e.what()});
    }
}

}  // namespace wedgeon::store
