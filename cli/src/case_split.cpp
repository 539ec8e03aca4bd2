// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A scanner that knows strings and depth, nothing else.
#include "case_split.h"

namespace wedgeon::cli {
namespace {

bool isBlank(char c) {
    return c == ' ' || c == '\n' || c == '\t' || c == '\r';
}

class Scanner {
public:
    explicit Scanner(std::string_view text) : text_(text) {}

    SplitCases run() {
        SplitCases out;
        const std::size_t open = findArray();
        if (open == npos) return out;
        at_ = open + 1;
        std::size_t from = at_;
        int depth = 0;
        for (; at_ < text_.size(); ++at_) {
            const char c = text_[at_];
            if (c == '"') {
                if (!skipString()) return out;
            } else if (c == '{' || c == '[') {
                ++depth;
            } else if (depth > 0 && (c == '}' || c == ']')) {
                --depth;
            } else if (depth == 0 && (c == ',' || c == ']')) {
                const std::string_view one = trimmed(text_.substr(from, at_ - from));
                // "[]" has no case; anything else between commas must be one.
                if (one.empty() && !(c == ']' && out.cases.empty())) return out;
                if (!one.empty()) out.cases.push_back(one);
                if (c == ']') break;
                from = at_ + 1;
            }
        }
        if (at_ >= text_.size()) return out;
        out.frame = std::string(text_.substr(0, open)) + "[]" + std::string(text_.substr(at_ + 1));
        out.found = true;
        return out;
    }

private:
    static constexpr std::size_t npos = std::string_view::npos;

    static std::string_view trimmed(std::string_view s) {
        while (!s.empty() && isBlank(s.front()))
            s.remove_prefix(1);
        while (!s.empty() && isBlank(s.back()))
            s.remove_suffix(1);
        return s;
    }

    /// From the opening to the closing quote.
    bool skipString() {
        for (++at_; at_ < text_.size() && text_[at_] != '"'; ++at_) {
            if (text_[at_] == '\\') ++at_;
        }
        return at_ < text_.size();
    }

    /// Where the array of the key "cases" opens, at the depth of the document's own keys.
    std::size_t findArray() {
        int depth = 0;
        for (; at_ < text_.size(); ++at_) {
            const char c = text_[at_];
            if (c == '{' || c == '[') ++depth;
            if (c == '}' || c == ']') --depth;
            if (c != '"') continue;
            const std::size_t from = at_ + 1;
            if (!skipString()) return npos;
            if (depth != 1 || text_.substr(from, at_ - from) != "cases") continue;
            std::size_t k = at_ + 1;
            while (k < text_.size() && isBlank(text_[k]))
                ++k;
            if (k >= text_.size() || text_[k] != ':') continue;
            ++k;
            while (k < text_.size() && isBlank(text_[k]))
                ++k;
            return k < text_.size() && text_[k] == '[' ? k : npos;
        }
        return npos;
    }

    std::string_view text_;
    std::size_t at_ = 0;
};

}  // namespace

SplitCases splitCases(std::string_view text) {
    return Scanner(text).run();
}

}  // namespace wedgeon::cli
