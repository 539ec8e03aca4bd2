// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From what was declared to where it lies, a step after the other.
#include "wedgeon/train/declared.h"

#include "wedgeon/error.h"

namespace wedgeon {
namespace {

/// Where the ball would be, as far as this stage tells it.
struct Stage {
    std::vector<MissCause> since;  ///< causes between the stage before and this one
    std::optional<double> at_m;
};

MissShares share(double declared_m, const std::vector<Stage>& stages) {
    MissShares out;
    std::vector<MissCause> open;
    double here = declared_m, own = declared_m;
    bool ownKnown = false;
    for (const Stage& s : stages) {
        open.insert(open.end(), s.since.begin(), s.since.end());
        if (!s.at_m) continue;
        out.parts.push_back({open, *s.at_m - here});
        here = *s.at_m;
        const bool his = open.back() == MissCause::Swing || open.back() == MissCause::Strike;
        const bool alone = open.front() == MissCause::Air || open.front() == MissCause::Ground;
        // What cannot be told from his own counts as his.
        if (his || !alone) own = here;
        ownKnown = true;
        open.clear();
    }
    // The last stage is where the ball is: without it there is no miss.
    if (!stages.back().at_m) {
        out.parts.clear();
        return out;
    }
    out.whole_m = here - declared_m;
    if (ownKnown) out.own_m = own - declared_m;
    return out;
}

template <class From>
std::optional<ShotResult> play(const Predictor& predictor, const std::optional<From>& from) {
    if (!from) return std::nullopt;
    try {
        return predictor.shotFrom(*from);
    } catch (const RangeError&) {
        return std::nullopt;
    }
}

}  // namespace

DeclaredMiss findMiss(const Predictor& predictor, const Recipe& declared, double aim_rad,
                      const MissReading& reading) {
    DeclaredMiss out;
    out.meant = predictor.shot(declared);
    if (aim_rad != 0.0) out.meant = predictor.turned(out.meant, aim_rad);
    const auto swung = play(predictor, reading.delivery);
    const auto struck = play(predictor, reading.launch);
    out.ofRest = reading.total_m.has_value();
    const auto along = [&](const std::optional<ShotResult>& s) {
        return s ? std::optional(out.ofRest ? s->total_m() : s->flight.carry_m) : std::nullopt;
    };
    const auto across = [](const std::optional<ShotResult>& s) {
        return s ? std::optional(s->restSide_m()) : std::nullopt;
    };
    // The carry as it was, with the run that such a ball has.
    std::optional<double> carried;
    if (reading.carry_m && struck && out.ofRest) carried = *reading.carry_m + struck->run.release_m;
    std::vector<Stage> stages{{{MissCause::Swing}, along(swung)},
                              {{MissCause::Strike}, along(struck)}};
    if (out.ofRest) {
        stages.push_back({{MissCause::Air}, carried});
        stages.push_back({{MissCause::Ground}, reading.total_m});
    } else {
        stages.push_back({{MissCause::Air}, reading.carry_m});
    }
    out.along = share(*along(out.meant), stages);
    out.across = share(*across(out.meant), {{{MissCause::Swing}, across(swung)},
                                            {{MissCause::Strike}, across(struck)},
                                            {{MissCause::Air, MissCause::Ground}, reading.side_m}});
    return out;
}

}  // namespace wedgeon
