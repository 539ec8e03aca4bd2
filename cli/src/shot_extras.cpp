// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Simulation, inverse, sensitivity and explanation of one shot, as fields of the stage `shot`.
#include <fmt/format.h>

#include <array>

#include "shot_stage.h"
#include "wedgeon/explain/explain.h"
#include "wedgeon/inverse/inverse.h"
#include "wedgeon/shot/sensitivity.h"
#include "wedgeon/simulate/simulate.h"
#include "wedgeon/units.h"

namespace wedgeon::cli {
namespace {

struct ScatterField {
    std::string_view key, former;
    double factor;  // SI of one shown unit
};
constexpr std::array<ScatterField, scatterCount> scatterFields{{
    {"club_speed_pct", "speed_pct", 0.01},
    {"attack_angle_deg", "attack_deg", radFromDeg(1.0)},
    {"club_path_deg", "path_deg", radFromDeg(1.0)},
    {"face_angle_deg", "face_deg", radFromDeg(1.0)},
    {"dynamic_loft_deg", "loft_deg", radFromDeg(1.0)},
    {"low_point_cm", "low_point_cm", 0.01},
    {"depth_mm", "depth_mm", 0.001},
}};

constexpr std::array<Behaviour, 6> behaviours{Behaviour::ComesBack,     Behaviour::DropsDead,
                                              Behaviour::BitesAndStays, Behaviour::ChecksTrickles,
                                              Behaviour::Releases,      Behaviour::MostlyRuns};

/// Also by the name that it had before it was called as in the CSV.
const OutcomeInfo* findOutcome(std::string_view key) {
    if (key == "attack_deg") key = "attack_angle_deg";
    if (key == "path_deg") key = "club_path_deg";
    for (const OutcomeInfo& o : outcomes()) {
        if (o.key == key) return &o;
    }
    return nullptr;
}

const DialInfo* findDial(std::string_view key) {
    for (const DialInfo& d : dials()) {
        if (d.key == key) return &d;
    }
    return nullptr;
}

const DialInfo& dialNamed(const Fields& in, std::string_view key) {
    if (const DialInfo* d = findDial(key)) return *d;
    std::string names;
    for (const DialInfo& d : dials())
        names += (names.empty() ? "" : ", ") + std::string(d.key);
    in.refuse(store::Says::FieldNotOneOf, "dial", names);
}

ShotCauses causesOf(const ShotCase& c) {
    const Predictor predictor = c.predictor();
    return predictor.causes(predictor.shot(c.recipe));
}

}  // namespace

PlayerScatter readScatter(Fields player) {
    PlayerScatter scatter;
    for (std::size_t i = 0; i < scatterCount; ++i) {
        const ScatterField& f = scatterFields[i];
        scatter.sd[i] = player.number(f.key, f.former, scatter.sd[i] / f.factor) * f.factor;
    }
    player.finish();
    scatter.validate();
    return scatter;
}

void runSimulation(Fields& in, const ShotCase& shot, JsonText& out) {
    const double samples = in.number("samples", 0);
    const double seed = in.number("seed", 1);
    SimulationOptions options;
    options.gustShare = in.number("gust_pct", 100 * options.gustShare) / 100;
    // What is left to somebody who knows his own shots, as a plan plays them.
    if (in.number("practised", 0) != 0.0) options.unknown = SpreadSource::practised();
    if (samples == 0) return;
    if (!(samples >= 2 && samples <= 2'000'000) || !(seed >= 0 && seed < 9e15)) {
        throw std::invalid_argument("samples must be from 2 to 2000000 and seed from 0 to 9e15");
    }
    options.samples = static_cast<std::size_t>(samples);
    options.seed = static_cast<std::uint64_t>(seed);
    options.aim_rad = shot.aim_rad;
    const Simulation s = shot.predictor().simulate(shot.recipe, options);
    JsonText text;
    text.count("samples", static_cast<long>(s.samples));
    text.count("outside", static_cast<long>(s.outside));
    text.number("fat", s.fat);
    text.number("clean", s.clean);
    text.number("thin", s.thin);
    JsonText behaviour;
    for (const Behaviour b : behaviours) {
        behaviour.number(behaviourKey(b), s.behaviour[static_cast<std::size_t>(b)]);
    }
    text.object("behaviour", behaviour);
    if (!s.zone.empty()) {
        text.raw("zone", s.zone);
        text.number("in_water", s.inWater);
        text.number("blocked", s.blocked);
    }
    for (const OutcomeInfo& o : outcomes()) {
        const Quantiles& q = s[o.outcome];
        JsonText one;
        one.number("p5", q.p5 * o.factor);
        one.number("p10", q.p10 * o.factor);
        one.number("p50", q.p50 * o.factor);
        one.number("p90", q.p90 * o.factor);
        one.number("p95", q.p95 * o.factor);
        one.number("mean", q.mean * o.factor);
        one.number("sd", q.sd * o.factor);
        text.object(o.key, one);
    }
    out.object("simulation", text);
}

namespace {

/// Why no change of the set-up brings what is asked for.
std::string reasonOf(const InverseResult& r) {
    if (r.overALine) return "Asking for results works on plain ground only, not over a line.";
    const Reached& worst = r.reached[r.worst];
    const OutcomeInfo& o = info(worst.outcome);
    std::string said = fmt::format("{} comes to {:.4g} at the nearest, not {:.4g}.", o.key,
                                   worst.reached * o.factor, worst.wanted * o.factor);
    if (r.gripIsSpent)
        said += " Friction limits the spin of this ball, face and lie: more loft adds none.";
    std::string bounds;
    for (const Dial d : r.atBound) {
        bounds += fmt::format("{}{} at {:.4g}", bounds.empty() ? "" : ", ", info(d).key,
                              dialOf(r.recipe, d) * info(d).factor);
    }
    if (!bounds.empty()) return said + " It is held by " + bounds + ".";
    return said + (r.reached.size() > 1
                       ? " What is asked for pulls against itself with only this free to change."
                       : " What is free to change has no more effect on it here.");
}

}  // namespace

void runAsk(Fields& in, const ShotCase& shot, JsonText& out) {
    if (!in.has("ask")) return;
    Fields ask = in.child("ask");
    std::vector<Target> targets;
    for (Fields& t : ask.children("targets", outcomeCount)) {
        const std::string key = t.word("result", "");
        const OutcomeInfo* o = findOutcome(key);
        if (!o) {
            std::string names;
            for (const OutcomeInfo& one : outcomes())
                names += (names.empty() ? "" : ", ") + std::string(one.key);
            t.refuse(store::Says::FieldNotOneOf, "result", names);
        }
        targets.push_back(
            {o->outcome, t.number("value") / o->factor, t.number("within") / o->factor});
        t.finish();
    }
    std::vector<Freedom> freedoms;
    for (Fields& f : ask.children("free", dialCount)) {
        const DialInfo& d = dialNamed(f, f.word("dial", ""));
        Freedom freedom{d.dial, {}, {}, 1.0};
        if (f.has("low")) freedom.low = f.number("low") / d.factor;
        if (f.has("high")) freedom.high = f.number("high") / d.factor;
        freedom.cost = f.number("cost", 1.0);
        f.finish();
        freedoms.push_back(freedom);
    }
    ask.finish();
    const InverseResult r = shot.predictor().findRecipe(shot.recipe, targets, freedoms);
    JsonText text;
    text.flag("found", r.found);
    JsonText recipe;
    for (const Freedom& f : freedoms) {
        recipe.number(info(f.dial).key, dialOf(r.recipe, f.dial) * info(f.dial).factor);
    }
    text.object("recipe", recipe);
    JsonText reached;
    for (const Reached& one : r.reached) {
        reached.number(info(one.outcome).key, one.reached * info(one.outcome).factor);
    }
    text.object("reached", reached);
    if (!r.found) text.raw("reason", reasonOf(r));
    out.object("answer", text);
}

void runSensitivity(Fields& in, const ShotCase& shot, JsonText& out) {
    if (!in.flag("sensitivity")) return;
    JsonText text;
    const auto found = shot.predictor().sensitivity(shot.recipe);
    if (!found) {
        text.word("reason", "What a step is worth is worked out on plain ground only.");
        return out.object("worth", text);
    }
    const Sensitivity& s = *found;
    for (const DialInfo& d : dials()) {
        JsonText one;
        for (const OutcomeInfo& o : outcomes()) {
            one.number(o.key, s(o.outcome, d.dial) * o.factor / d.factor);
        }
        text.object(d.key, one);
    }
    out.object("worth", text);
}

void runExplanation(Fields& in, const ShotCase& shot, JsonText& out) {
    if (!in.has("explain_against")) return;
    Fields other = in.child("explain_against");
    const ShotCase against = readShot(other);
    other.finish();
    const Explanation e = explain(causesOf(shot), causesOf(against));
    JsonText text;
    for (const OutcomeInfo& o : outcomes()) {
        JsonText one;
        const auto i = static_cast<std::size_t>(o.outcome);
        one.number("from", e.from[i] * o.factor);
        one.number("to", e.to[i] * o.factor);
        for (std::size_t c = 0; c < causeCount; ++c) {
            one.number(causeKey(static_cast<Cause>(c)), e.share[i][c] * o.factor);
        }
        text.object(o.key, one);
    }
    out.object("shares", text);
}

}  // namespace wedgeon::cli
