// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Words of shots, of which a million shots have few different ones.
#pragma once

#include <array>
#include <cstddef>
#include <string>
#include <string_view>
#include <unordered_map>
#include <utility>

#include <boost/smart_ptr/intrusive_ptr.hpp>
#include <boost/smart_ptr/intrusive_ref_counter.hpp>

namespace wedgeon::store {

/// A text that never changes and that its copies share, in any thread. As large as a pointer.
class Word {
public:
    Word() = default;
    Word(std::string text) {  // NOLINT(google-explicit-constructor)
        if (!text.empty()) kept_ = new Kept(std::move(text));
    }
    Word(std::string_view text) : Word(std::string(text)) {}  // NOLINT(google-explicit-constructor)
    Word(const char* text) : Word(std::string(text)) {}       // NOLINT(google-explicit-constructor)

    const std::string& str() const { return kept_ ? kept_->text : none(); }
    operator const std::string&() const { return str(); }  // NOLINT(google-explicit-constructor)
    bool empty() const { return kept_ == nullptr; }

    friend bool operator==(const Word& a, const Word& b) {
        return a.kept_ == b.kept_ || a.str() == b.str();
    }

private:
    struct Kept : boost::intrusive_ref_counter<Kept, boost::thread_safe_counter> {
        explicit Kept(std::string t) : text(std::move(t)) {}
        const std::string text;
    };
    static const std::string& none() {
        static const std::string empty;
        return empty;
    }

    boost::intrusive_ptr<const Kept> kept_;
};

/// Gives shots that are read one after the other the same word for the same text. One thread's.
class WordPool {
public:
    /// \p kind counts the places that words stand in: what was last there is found at once.
    Word of(std::size_t kind, std::string_view text) {
        if (text.empty()) return {};
        Word& last = last_[kind % last_.size()];
        if (last.str() == text) return last;
        if (const auto known = known_.find(text); known != known_.end()) {
            last = known->second;
            return last;
        }
        last = Word(text);
        // A long text is a note or a document, a time comes once: neither pushes names out.
        if (text.size() <= longest) {
            if (known_.size() >= most) known_.clear();
            known_.emplace(last.str(), last);
        }
        return last;
    }

private:
    static constexpr std::size_t longest = 15, most = 1024;

    std::array<Word, 16> last_;
    std::unordered_map<std::string_view, Word> known_;  ///< keys lie in the words
};

}  // namespace wedgeon::store
