// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Words of swings.
#include "wedgeon/words/swing_words.h"

#include <array>
#include <cmath>

#include "fill.h"
#include "sentences.h"

namespace wedgeon::words {
namespace {

class SwingTeller {
public:
    explicit SwingTeller(const Speaker& speaker) : speaker_(speaker) {}

    std::string operator()(const char* english, const std::vector<std::string>& places = {}) const {
        return filled(speaker_.translated(english), places, {});
    }

private:
    const Speaker& speaker_;
};

}  // namespace

std::string rungName(const std::string& swing, const Speaker& speaker) {
    static constexpr std::array names{
        QT_TRANSLATE_NOOP("Words", "knee-high"), QT_TRANSLATE_NOOP("Words", "hip-high"),
        QT_TRANSLATE_NOOP("Words", "rib-high"), QT_TRANSLATE_NOOP("Words", "shoulder-high"),
        QT_TRANSLATE_NOOP("Words", "full")};
    for (const char* name : names) {
        if (swing == name) return speaker.translated(name);
    }
    return swing;
}

std::string swingSaid(const SwingSize& size, const Speaker& speaker) {
    const SwingTeller t(speaker);
    std::string from = rungName(size.from, speaker);
    const std::string to = rungName(size.to, speaker);
    if (size.from == size.to) return from;
    if (size.from.empty()) return t(QT_TRANSLATE_NOOP("Words", "softer than %1"), {to});
    if (size.to.empty()) return t(QT_TRANSLATE_NOOP("Words", "more than %1"), {from});
    if (size.share < 0.2) return t(QT_TRANSLATE_NOOP("Words", "a little more than %1"), {from});
    if (size.share > 0.8) return t(QT_TRANSLATE_NOOP("Words", "a little less than %1"), {to});
    if (size.share < 0.42)
        return t(QT_TRANSLATE_NOOP("Words", "a third of the way from %1 to %2"), {from, to});
    if (size.share > 0.58)
        return t(QT_TRANSLATE_NOOP("Words", "two thirds of the way from %1 to %2"), {from, to});
    return t(QT_TRANSLATE_NOOP("Words", "half way between %1 and %2"), {from, to});
}

std::string swingInShort(const SwingSize& size, const Speaker& speaker) {
    if (size.from.empty() || size.to.empty() || size.from == size.to)
        return swingSaid(size, speaker);
    const int percent = 5 * static_cast<int>(std::lround(20 * size.share));
    if (percent == 0) return rungName(size.from, speaker);
    if (percent == 100) return rungName(size.to, speaker);
    return rungName(size.from, speaker) + " + " + std::to_string(percent) + " %";
}

std::string wayName(Way way, const Speaker& speaker) {
    switch (way) {
        case Way::Plain:
            return speaker.translated(QT_TRANSLATE_NOOP("Words", "as it is"));
        case Way::Opened:
            return speaker.translated(QT_TRANSLATE_NOOP("Words", "opened"));
        case Way::Low:
            return speaker.translated(QT_TRANSLATE_NOOP("Words", "low"));
        case Way::High:
            return speaker.translated(QT_TRANSLATE_NOOP("Words", "high"));
        case Way::GrippedDown:
            return speaker.translated(QT_TRANSLATE_NOOP("Words", "gripped down"));
    }
    return {};
}

}  // namespace wedgeon::words
