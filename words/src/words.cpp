// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Places filled.
#include "wedgeon/words/words.h"

#include <fmt/format.h>

#include <string_view>
#include <vector>

#include "fill.h"
#include "sentences.h"

namespace wedgeon::words {

std::string Speaker::translated(const char* english) const {
    return english;
}

std::string Speaker::number(const store::Figure& figure) const {
    return figure.decimals < 0 ? fmt::format("{:.6g}", figure.value)
                               : fmt::format("{:.{}f}", figure.value, figure.decimals);
}

const Speaker& english() {
    static const Speaker speaker;
    return speaker;
}

const char* englishOf(store::Quantity quantity) {
    return wordOf(quantity);
}

std::string nameOf(store::Quantity quantity, const Speaker& speaker) {
    return speaker.translated(wordOf(quantity));
}

std::string nameOf(store::Dimension dimension, const Speaker& speaker) {
    return speaker.translated(wordOf(dimension));
}

std::string said(const store::Message& message, const Speaker& speaker) {
    struct Told {
        const Speaker& speaker;
        std::string operator()(const std::string& text) const { return text; }
        std::string operator()(const store::Figure& figure) const { return speaker.number(figure); }
        std::string operator()(store::Quantity quantity) const { return nameOf(quantity, speaker); }
        std::string operator()(store::Dimension dimension) const {
            return nameOf(dimension, speaker);
        }
    };
    std::vector<std::string> places;
    for (const store::Argument& a : message.arguments)
        places.push_back(std::visit(Told{speaker}, a));
    return filled(speaker.translated(sentenceOf(message.says)), places,
                  message.inner.empty() ? std::string() : said(message.inner.front(), speaker));
}

std::string said(const FitRemark& remark, const Speaker& speaker) {
    const auto count = [&](std::size_t n) { return speaker.number({static_cast<double>(n), 0}); };
    return filled(speaker.translated(sentenceOf(remark.kind)),
                  {count(remark.count), count(remark.all), speaker.number({remark.number, 2})}, {});
}

std::string said(const std::exception& error, const Speaker& speaker) {
    if (const auto* e = dynamic_cast<const store::StoreError*>(&error))
        return said(e->message(), speaker);
    if (const auto* e = dynamic_cast<const RangeError*>(&error))
        return said(store::messageOf(*e), speaker);
    return error.what();
}

}  // namespace wedgeon::words
