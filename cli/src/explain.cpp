// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing, comparing, printing.
#include "explain.h"

#include <array>
#include <charconv>
#include <set>
#include <stdexcept>

#include "json_text.h"
#include "wedgeon/error.h"
#include "wedgeon/explain/compare.h"
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

constexpr std::array read{std::pair{Outcome::BallSpeed, store::Quantity::BallSpeed},
                          std::pair{Outcome::LaunchAngle, store::Quantity::LaunchAngle},
                          std::pair{Outcome::SpinRate, store::Quantity::SpinRate},
                          std::pair{Outcome::Carry, store::Quantity::Carry},
                          std::pair{Outcome::Apex, store::Quantity::Apex},
                          std::pair{Outcome::LandingAngle, store::Quantity::LandingAngle}};

struct Side {
    std::vector<ComparedShot> shots;
    std::size_t withoutClub = 0;  ///< or outside the model
};

Side sideOf(const std::vector<store::ShotRecord>& shots, const std::string& chosen) {
    Side side;
    for (const std::size_t n : parseShotNumbers(chosen, shots.size())) {
        const store::ShotRecord& record = shots[n - 1];
        ComparedShot shot;
        for (const auto& [outcome, quantity] : read) {
            if (record.has(quantity))
                shot.read[static_cast<std::size_t>(outcome)] = record[quantity];
        }
        shot.read[static_cast<std::size_t>(Outcome::Release)] = store::findRelease_m(record);
        try {
            if (const auto delivery = store::findDelivery(record)) {
                const Predictor predictor = store::findShotGivens(record, {}).predictor();
                shot.causes = predictor.causes(predictor.shotFrom(*delivery));
            }
        } catch (const RangeError&) {
            // A club that the model does not cover: its readings are compared.
        }
        side.withoutClub += shot.causes ? 0 : 1;
        side.shots.push_back(std::move(shot));
    }
    if (side.withoutClub == side.shots.size())
        throw std::invalid_argument("of " + chosen +
                                    " no shot has club speed, attack angle and dynamic loft that "
                                    "the model takes");
    return side;
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
    const Side sideA = sideOf(shots, a);
    const Side sideB = sideOf(shots, b);
    std::vector<Outcome> all;
    for (const OutcomeInfo& o : outcomes())
        all.push_back(o.outcome);
    JsonText difference;
    for (const OutcomeDifference& d : compareShots(sideA.shots, sideB.shots, all)) {
        const OutcomeInfo& o = info(d.outcome);
        JsonText one;
        one.flag("measured", d.measured);
        one.number("from", d.from * o.factor);
        one.number("to", d.to * o.factor);
        one.number("half80", d.halfDifference * o.factor);
        one.count("shots_a", static_cast<long>(d.usedA));
        one.count("shots_b", static_cast<long>(d.usedB));
        one.count("left_out", static_cast<long>(d.leftOut));
        if (d.shares) {
            JsonText shares, half;
            for (std::size_t c = 0; c < causeCount; ++c) {
                shares.number(causeKey(static_cast<Cause>(c)), d.shares->share[c] * o.factor);
                half.number(causeKey(static_cast<Cause>(c)), d.shares->half[c] * o.factor);
            }
            one.object("shares", shares);
            one.object("shares_half80", half);
            if (d.measured) {
                one.number("unexplained", d.shares->rest * o.factor);
                one.number("unexplained_half80", d.shares->halfRest * o.factor);
            }
        }
        difference.object(o.key, one);
    }
    JsonText out;
    out.count("shots_a", static_cast<long>(parseShotNumbers(a, shots.size()).size()));
    out.count("shots_b", static_cast<long>(parseShotNumbers(b, shots.size()).size()));
    out.count("without_club_data", static_cast<long>(sideA.withoutClub + sideB.withoutClub));
    out.object("difference", difference);
    return out.str();
}

}  // namespace wedgeon::cli
