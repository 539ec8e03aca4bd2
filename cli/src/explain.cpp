// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing, comparing, printing.
#include "explain.h"

#include <charconv>
#include <set>
#include <stdexcept>

#include "json_text.h"
#include "wedgeon/error.h"
#include "wedgeon/explain/groups.h"
#include "wedgeon/store/shot_file.h"
#include "wedgeon/store/shot_givens.h"

namespace wedgeon::cli {
namespace {

std::size_t numberIn(std::string_view text, const std::string& whole, std::size_t most) {
    std::size_t n = 0;
    const auto [end, fault] = std::from_chars(text.data(), text.data() + text.size(), n);
    if (fault != std::errc() || end != text.data() + text.size() || n == 0)
        throw std::invalid_argument("\"" + whole + "\" is not of the form 7 or 1-8,12");
    if (n > most)
        throw std::invalid_argument("there is no shot " + std::to_string(n) + "; the file has " +
                                    std::to_string(most));
    return n;
}

struct Side {
    std::vector<ShotCauses> causes;
    std::size_t unmeasured = 0;  ///< without club data, or outside the model
};

Side sideOf(const std::vector<store::ShotRecord>& shots, const std::string& chosen) {
    Side side;
    for (const std::size_t n : parseShotNumbers(chosen, shots.size())) {
        const store::ShotRecord& record = shots[n - 1];
        const auto delivery = store::findDelivery(record);
        if (!delivery) {
            ++side.unmeasured;
            continue;
        }
        try {
            const Predictor predictor = store::findShotGivens(record, {}).predictor();
            side.causes.push_back(predictor.causes(predictor.shotFrom(*delivery)));
        } catch (const RangeError&) {
            ++side.unmeasured;
        }
    }
    if (side.causes.empty())
        throw std::invalid_argument("of " + chosen +
                                    " no shot has club speed, attack angle and dynamic loft that "
                                    "the model takes");
    return side;
}

/// Mean of what was measured of an outcome in the chosen shots, where all of them have it.
const std::pair<Outcome, store::Quantity> measuredOutcomes[] = {
    {Outcome::LaunchAngle, store::Quantity::LaunchAngle},
    {Outcome::SpinRate, store::Quantity::SpinRate},
    {Outcome::Carry, store::Quantity::Carry},
    {Outcome::Apex, store::Quantity::Apex},
    {Outcome::LandingAngle, store::Quantity::LandingAngle},
    {Outcome::Release, store::Quantity::Release}};

std::optional<double> measuredMean(const std::vector<store::ShotRecord>& shots,
                                   const std::string& chosen, store::Quantity q) {
    double sum = 0.0;
    const auto numbers = parseShotNumbers(chosen, shots.size());
    for (const std::size_t n : numbers) {
        const auto v = q == store::Quantity::Release ? store::findRelease_m(shots[n - 1])
                       : shots[n - 1].has(q)         ? std::optional(shots[n - 1][q])
                                                     : std::nullopt;
        if (!v) return std::nullopt;
        sum += *v;
    }
    return sum / static_cast<double>(numbers.size());
}

}  // namespace

std::vector<std::size_t> parseShotNumbers(const std::string& text, std::size_t most) {
    std::set<std::size_t> out;
    std::string_view rest = text;
    do {
        const std::size_t comma = std::min(rest.find(','), rest.size());
        const std::string_view part = rest.substr(0, comma);
        const std::size_t dash = part.find('-');
        const std::size_t from = numberIn(part.substr(0, std::min(dash, part.size())), text, most);
        const std::size_t to =
            dash == std::string_view::npos ? from : numberIn(part.substr(dash + 1), text, most);
        if (to < from)
            throw std::invalid_argument("\"" + text + "\": " + std::to_string(from) + " to " +
                                        std::to_string(to) + " is no range");
        for (std::size_t n = from; n <= to; ++n)
            out.insert(n);
        if (comma == rest.size()) break;
        rest.remove_prefix(comma + 1);
    } while (true);
    return {out.begin(), out.end()};
}

std::string explainShots(const std::string& file, const std::vector<std::string>& maps,
                         const std::string& a, const std::string& b) {
    store::ImportOptions options;
    for (const std::string& m : maps)
        options.overrides.push_back(store::parseOverride(m));
    const auto shots = store::readShotFile(file, options).shots;
    Side sideA = sideOf(shots, a);
    Side sideB = sideOf(shots, b);
    const bool grouped = sideA.causes.size() > 1 || sideB.causes.size() > 1;
    GroupExplanation e;
    if (grouped) {
        // A shot beside a group counts as a group of equal shots.
        for (Side* s : {&sideA, &sideB}) {
            if (s->causes.size() == 1) s->causes.push_back(s->causes.front());
        }
        e = explainGroups(sideA.causes, sideB.causes);
    } else {
        e.mean = explain(sideA.causes.front(), sideB.causes.front());
    }
    JsonText difference;
    for (const OutcomeInfo& o : outcomes()) {
        const auto i = static_cast<std::size_t>(o.outcome);
        JsonText one;
        one.number("from", e.mean.from[i] * o.factor);
        one.number("to", e.mean.to[i] * o.factor);
        JsonText shares;
        for (std::size_t c = 0; c < causeCount; ++c)
            shares.number(causeKey(static_cast<Cause>(c)), e.mean.share[i][c] * o.factor);
        one.object("shares", shares);
        if (grouped) {
            JsonText half;
            for (std::size_t c = 0; c < causeCount; ++c)
                half.number(causeKey(static_cast<Cause>(c)), e.half[i][c] * o.factor);
            one.object("half80", half);
        }
        for (const auto& [outcome, quantity] : measuredOutcomes) {
            if (outcome != o.outcome) continue;
            const auto from = measuredMean(shots, a, quantity);
            const auto to = measuredMean(shots, b, quantity);
            if (!from || !to) continue;
            one.number("measured_from", *from * o.factor);
            one.number("measured_to", *to * o.factor);
            one.number("unexplained", (*to - *from - (e.mean.to[i] - e.mean.from[i])) * o.factor);
        }
        difference.object(o.key, one);
    }
    JsonText out;
    out.count("shots_a", static_cast<long>(parseShotNumbers(a, shots.size()).size()));
    out.count("shots_b", static_cast<long>(parseShotNumbers(b, shots.size()).size()));
    out.count("without_club_data", static_cast<long>(sideA.unmeasured + sideB.unmeasured));
    out.object("difference", difference);
    return out.str();
}

}  // namespace wedgeon::cli
