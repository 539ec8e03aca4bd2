// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Headers and their meanings. General terms of the field; no device's own spelling.
#include "column_guess.h"

#include <algorithm>
#include <array>
#include <string>
#include <vector>

#include "text.h"

namespace wedgeon::store {
namespace {

/// A quantity is meant when all words of \p need (blank separated) and none of \p never are there.
struct Rule {
    Quantity quantity;
    std::string_view need;
    std::string_view never;
};

using Q = Quantity;
// In this order: the first that fits wins.
constexpr std::array rules{
    Rule{Q::SpinLoft, "spin loft", ""},
    Rule{Q::DynamicLoft, "dynamic loft", ""},
    Rule{Q::DynamicLoft, "delivered loft", ""},
    Rule{Q::Loft, "loft", "lie"},
    Rule{Q::SpinAxis, "spin axis", ""},
    Rule{Q::SpinAxis, "axis tilt", ""},
    Rule{Q::SpinRate, "spin", "side sidespin loft axis type"},
    Rule{Q::SpinRate, "backspin", "side"},
    Rule{Q::BallSpeed, "ball speed", "land"},
    Rule{Q::ClubSpeed, "club speed", "ball"},
    Rule{Q::ClubSpeed, "head speed", "ball"},
    Rule{Q::AttackAngle, "attack", ""},
    Rule{Q::FaceToPath, "face path", ""},
    Rule{Q::ClubPath, "path", "face"},
    Rule{Q::FaceAngle, "face angle", "path"},
    Rule{Q::FaceAngle, "face target", "path"},
    Rule{Q::LaunchDirection, "launch direction", ""},
    Rule{Q::LaunchDirection, "horizontal launch", ""},
    Rule{Q::LaunchDirection, "horizontal angle", ""},
    Rule{Q::LaunchDirection, "azimuth", ""},
    Rule{Q::LaunchDirection, "start direction", ""},
    Rule{Q::LaunchDirection, "start line", ""},
    Rule{Q::LaunchAngle, "launch", "direction horizontal speed"},
    Rule{Q::LaunchAngle, "vertical angle", ""},
    Rule{Q::LaunchAngle, "vertical launch", ""},
    Rule{Q::LandingAngle, "land angle", ""},
    Rule{Q::LandingAngle, "descent", "speed"},
    Rule{Q::Side, "carry side", ""},
    Rule{Q::Side, "offline", "total std standard"},
    Rule{Q::Side, "side", "spin total"},
    Rule{Q::Side, "lateral", "total"},
    Rule{Q::Carry, "carry", "time side"},
    Rule{Q::Apex, "apex", "time distance speed"},
    Rule{Q::Apex, "height", "tee"},
    Rule{Q::Release, "release", ""},
    Rule{Q::Release, "roll", ""},
    Rule{Q::Release, "run", ""},
    Rule{Q::Total, "total", "spin side"},
};

struct LabelSpelling {
    Label label;
    std::string_view squeezed;
};
constexpr std::array labelSpellings{
    LabelSpelling{Label::Time, "time"},
    LabelSpelling{Label::Time, "date"},
    LabelSpelling{Label::Time, "datetime"},
    LabelSpelling{Label::Time, "timestamp"},
    LabelSpelling{Label::Time, "shottime"},
    LabelSpelling{Label::Player, "player"},
    LabelSpelling{Label::Player, "playername"},
    LabelSpelling{Label::Player, "name"},
    LabelSpelling{Label::Wedge, "wedge"},
    LabelSpelling{Label::Wedge, "club"},
    LabelSpelling{Label::Wedge, "clubtype"},
    LabelSpelling{Label::Wedge, "clubname"},
    LabelSpelling{Label::Ball, "ball"},
    LabelSpelling{Label::Ball, "balltype"},
    LabelSpelling{Label::FaceCondition, "facecondition"},
    LabelSpelling{Label::FaceCondition, "grooves"},
    LabelSpelling{Label::Lie, "lie"},
    LabelSpelling{Label::Swing, "swing"},
    LabelSpelling{Label::Swing, "swinglength"},
    LabelSpelling{Label::Strike, "strike"},
    LabelSpelling{Label::Strike, "contact"},
    LabelSpelling{Label::Tags, "tags"},
    LabelSpelling{Label::Tags, "tag"},
    LabelSpelling{Label::Note, "note"},
    LabelSpelling{Label::Note, "notes"},
    LabelSpelling{Label::Note, "comment"},
    LabelSpelling{Label::Note, "comments"},
    LabelSpelling{Label::Recipe, "recipe"},
    LabelSpelling{Label::Seen, "seen"},
};

/// What people write for the words of the rules.
struct OtherWord {
    std::string_view word, means;
};
constexpr std::array synonyms{
    OtherWord{"velocity", "speed"},     OtherWord{"landing", "land"},  OtherWord{"peak", "apex"},
    OtherWord{"elevation", "vertical"}, OtherWord{"clubhead", "club"}, OtherWord{"aoa", "attack"},
};
/// In short, or so that it may mean another quantity: a guess that is marked.
constexpr std::array shortWords{
    OtherWord{"dispersion", "offline"},
    OtherWord{"spd", "speed"},
    OtherWord{"vel", "speed"},
    OtherWord{"velo", "speed"},
    OtherWord{"ang", "angle"},
    OtherWord{"angl", "angle"},
    OtherWord{"lnch", "launch"},
    OtherWord{"lch", "launch"},
    OtherWord{"ldg", "land"},
    OtherWord{"lnd", "land"},
    OtherWord{"desc", "descent"},
    OtherWord{"dir", "direction"},
    OtherWord{"hor", "horizontal"},
    OtherWord{"horiz", "horizontal"},
    OtherWord{"h", "horizontal"},
    OtherWord{"vert", "vertical"},
    OtherWord{"ver", "vertical"},
    OtherWord{"v", "vertical"},
    OtherWord{"dyn", "dynamic"},
    OtherWord{"att", "attack"},
    OtherWord{"atk", "attack"},
    OtherWord{"ht", "height"},
    OtherWord{"hgt", "height"},
    OtherWord{"hght", "height"},
    OtherWord{"tot", "total"},
    OtherWord{"rel", "release"},
    OtherWord{"offl", "offline"},
    OtherWord{"lat", "lateral"},
    OtherWord{"dev", "offline"},
    OtherWord{"bkspin", "backspin"},
    OtherWord{"deviation", "offline"},
    OtherWord{"bksp", "backspin"},
    OtherWord{"clb", "club"},
    OtherWord{"hd", "head"},
    OtherWord{"fc", "face"},
    OtherWord{"lft", "loft"},
    OtherWord{"ax", "axis"},
    OtherWord{"dst", "distance"},
    OtherWord{"dist", "distance"},
    OtherWord{"cry", "carry"},
    OtherWord{"crry", "carry"},
};
/// Where they are the whole name. Those that could be two quantities are not among them.
constexpr std::array initials{
    OtherWord{"bs", "ball speed"},
    OtherWord{"bv", "ball speed"},
    OtherWord{"cs", "club speed"},
    OtherWord{"chs", "club speed"},
    OtherWord{"aoa", "attack"},
    OtherWord{"cp", "club path"},
    OtherWord{"fa", "face angle"},
    OtherWord{"ftp", "face path"},
    OtherWord{"f2p", "face path"},
    OtherWord{"dl", "dynamic loft"},
    OtherWord{"sl", "spin loft"},
    OtherWord{"vla", "vertical launch"},
    OtherWord{"hla", "horizontal launch"},
    OtherWord{"sr", "spin rate"},
    OtherWord{"da", "descent angle"},
};

template <class Table>
std::optional<std::string_view> meaningIn(const Table& table, std::string_view word) {
    for (const OtherWord& o : table) {
        if (o.word == word) return o.means;
    }
    return std::nullopt;
}

/// The words of the rules that are meant; \p shortened: some of them stood there in short.
std::vector<std::string> wholeWords(const std::vector<std::string>& words,
                                    const std::string& squeezed, bool& shortened) {
    if (const auto means = meaningIn(initials, squeezed)) {
        shortened = true;
        return text::words(*means);
    }
    std::vector<std::string> out;
    for (const std::string& w : words) {
        const auto inShort = meaningIn(shortWords, w);
        shortened = shortened || inShort.has_value();
        const auto means = inShort ? inShort : meaningIn(synonyms, w);
        out.emplace_back(means ? *means : std::string_view(w));
    }
    return out;
}

bool contains(const std::vector<std::string>& words, std::string_view word) {
    return std::find(words.begin(), words.end(), word) != words.end();
}

/// The rules with their words split, once.
struct SplitRule {
    Quantity quantity;
    std::vector<std::string> need, never;
};

const std::vector<SplitRule>& splitRules() {
    static const std::vector<SplitRule> all = [] {
        std::vector<SplitRule> out;
        out.reserve(rules.size());
        for (const Rule& r : rules)
            out.push_back({r.quantity, text::words(r.need), text::words(r.never)});
        return out;
    }();
    return all;
}

bool fits(const SplitRule& rule, const std::vector<std::string>& words) {
    const auto there = [&](const std::string& w) { return contains(words, w); };
    return std::all_of(rule.need.begin(), rule.need.end(), there) &&
           std::none_of(rule.never.begin(), rule.never.end(), there);
}

}  // namespace

HeaderParts splitHeader(std::string_view header) {
    header = text::trimmed(header);
    if (!header.empty() && (header.back() == ']' || header.back() == ')')) {
        const char open = header.back() == ']' ? '[' : '(';
        const std::size_t at = header.rfind(open);
        if (at != std::string_view::npos) {
            return {text::trimmed(header.substr(0, at)),
                    text::trimmed(header.substr(at + 1, header.size() - at - 2)), true};
        }
    }
    // "Carry yds", "launch angle, deg": the last word when it is a unit and not the only one.
    std::size_t at = header.find_last_of(" _,-\t");
    if (at != std::string_view::npos && at > 0 && findUnit(header.substr(at + 1))) {
        const std::string_view unit = header.substr(at + 1);
        while (at > 0 && (header[at - 1] == ' ' || header[at - 1] == ','))
            --at;
        return {header.substr(0, at), unit, false};
    }
    return {header, {}, false};
}

ColumnGuess guessColumn(std::string_view header, std::size_t column) {
    ColumnGuess guess;
    guess.column = column;
    guess.header = text::shown(text::trimmed(header));
    const HeaderParts parts = splitHeader(header);
    const std::vector<std::string> words = text::words(parts.name);
    std::string squeezed;
    for (const std::string& w : words)
        squeezed += w;
    for (const LabelSpelling& s : labelSpellings) {
        if (s.squeezed == squeezed) {
            guess.label = s.label;
            return guess;
        }
    }
    for (std::size_t q = 0; q < allQuantityCount; ++q) {
        std::string key;
        for (const auto& w : text::words(info(static_cast<Quantity>(q)).key))
            key += w;
        if (key == squeezed) guess.quantity = static_cast<Quantity>(q);
    }
    bool shortened = false;
    if (!guess.quantity) {
        const std::vector<std::string> said = wholeWords(words, squeezed, shortened);
        for (const SplitRule& rule : splitRules()) {
            if (guess.quantity) break;
            if (fits(rule, said)) guess.quantity = rule.quantity;
        }
    }
    if (guess.quantity && shortened) guess.note = Says::ShortWords;
    if (!guess.quantity) guess.note = Says::UnknownColumn;
    return guess;
}

bool finishGuess(ColumnGuess& guess, std::string_view unitText) {
    if (!guess.quantity) return true;
    const QuantityInfo& q = info(*guess.quantity);
    if (unitText.empty()) {
        if (q.dimension != Dimension::Angle && q.dimension != Dimension::SpinRate) return false;
        guess.unit = ownUnit(q.dimension).name;
        // That it was a guess at all goes before its unit.
        if (!guess.note) guess.note = {Says::TakenAs, guess.unit};
        return true;
    }
    const auto unit = findUnit(unitText);
    if (unit && unit->dimension == q.dimension) {
        guess.unit = unit->name;
        return true;
    }
    guess.quantity.reset();
    guess.note = {Says::LooksLikeBut, q.quantity,
                  Message(Says::NoKnownUnit, text::shown(unitText, 16), q.dimension)};
    return true;
}

void refuseUnitless(ColumnGuess& guess) {
    const QuantityInfo& q = info(*guess.quantity);
    guess.quantity.reset();
    const std::string header =
        std::string(q.key) + " [" + std::string(ownUnit(q.dimension).name) + "]";
    guess.note = {Says::LooksLikeBut, q.quantity, Message(Says::NoUnit, header)};
}

}  // namespace wedgeon::store
