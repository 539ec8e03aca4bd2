// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The places of a sentence.
#pragma once

#include <string>
#include <string_view>
#include <vector>

// The extractor knows a text by this macro's name, which is Qt's; there is no Qt here.
#define QT_TRANSLATE_NOOP(context, text) text  // NOLINT(cppcoreguidelines-macro-usage)

namespace wedgeon::words {

/// \p places for %1, %2 ... and \p inner for %i, each once looked at: what stands in a place is
/// never read as one.
inline std::string filled(std::string_view sentence, const std::vector<std::string>& places,
                          const std::string& inner) {
    std::string out;
    for (std::size_t i = 0; i < sentence.size(); ++i) {
        const char next = i + 1 < sentence.size() ? sentence[i + 1] : '\0';
        if (sentence[i] != '%' || (next != 'i' && !(next >= '1' && next <= '9'))) {
            out += sentence[i];
            continue;
        }
        ++i;
        if (next == 'i') {
            out += inner;
        } else if (const auto place = static_cast<std::size_t>(next - '1'); place < places.size()) {
            out += places[place];
        }
    }
    return out;
}

}  // namespace wedgeon::words
