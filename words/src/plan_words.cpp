// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Words of a plan.
#include "wedgeon/words/plan_words.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "fill.h"
#include "sentences.h"
#include "wedgeon/units.h"
#include "wedgeon/words/swing_words.h"

namespace wedgeon::words {
namespace {

class Teller {
public:
    explicit Teller(const PlanSpeaker& plan) : plan_(plan) {}

    std::string operator()(const char* english, const std::vector<std::string>& places = {}) const {
        return filled(plan_.speaker().translated(english), places, {});
    }
    std::string number(double value, int decimals = 0) const {
        return plan_.speaker().number({value, decimals});
    }
    std::string degrees(double rad) const { return number(degFromRad(rad)) + "\u00b0"; }
    std::string inHundred(double chance) const { return number(std::round(100 * chance)); }

private:
    const PlanSpeaker& plan_;
};

const char* heightWord(Height height) {
    switch (height) {
        case Height::Putter:
            return QT_TRANSLATE_NOOP("Words", "Putter");
        case Height::Low:
            return QT_TRANSLATE_NOOP("Words", "Low %1");
        case Height::Middle:
            return QT_TRANSLATE_NOOP("Words", "Middle %1");
        case Height::High:
            return QT_TRANSLATE_NOOP("Words", "High %1");
    }
    return "";
}

/// What is special about the set-up, beside an ordinary one.
std::vector<std::string> specials(const Recipe& r, const Teller& t) {
    std::vector<std::string> out;
    if (r.open_rad > radFromDeg(2))
        out.push_back(t(QT_TRANSLATE_NOOP("Words", "open %1"), {t.degrees(r.open_rad)}));
    if (r.open_rad < -radFromDeg(2))
        out.push_back(t(QT_TRANSLATE_NOOP("Words", "closed %1"), {t.degrees(-r.open_rad)}));
    const double balls = r.ballForward_m / constants::ballWidth_m;
    if (balls <= -0.4) out.push_back(t(QT_TRANSLATE_NOOP("Words", "ball back")));
    if (balls >= 0.4) out.push_back(t(QT_TRANSLATE_NOOP("Words", "ball forward")));
    if (r.lean_rad >= radFromDeg(6.5)) out.push_back(t(QT_TRANSLATE_NOOP("Words", "hands ahead")));
    if (r.lean_rad <= radFromDeg(1.5)) out.push_back(t(QT_TRANSLATE_NOOP("Words", "hands level")));
    return out;
}

}  // namespace

std::string PlanSpeaker::length(double m) const {
    return speaker_.number({m, 1}) + " m";
}

std::string PlanSpeaker::speed(double mps) const {
    return speaker_.number({mps, 0}) + " m/s";
}

std::string clubName(const BagClub& club, const PlanSpeaker& speaker) {
    const Teller t(speaker);
    if (!club.name.empty()) return club.name;
    if (club.putter) return t(QT_TRANSLATE_NOOP("Words", "putter"));
    std::string loft = t.degrees(club.wedge.loft_rad);
    if (club.wedge.loft_rad >= radFromDeg(45)) return loft;
    return t(QT_TRANSLATE_NOOP("Words", "%1 iron"), {loft});
}

std::string shotName(const PlannedShot& shot, const PlanRequest& request,
                     const PlanSpeaker& speaker) {
    const Teller t(speaker);
    const BagClub& club = request.clubs[shot.club];
    std::string out = t(heightWord(shot.height), {clubName(club, speaker)});
    if (shot.height == Height::Putter) return out;
    for (const std::string& s : specials(shot.recipe, t))
        out += ", " + s;
    return out;
}

namespace {

/// Without the share of the way: for a line that has more to say.
std::string swingInALine(const PlannedShot& shot, const PlanSpeaker& speaker) {
    const SwingSize& s = shot.swing;
    if (s.from.empty() || s.to.empty() || s.from == s.to || s.share < 0.2 || s.share > 0.8)
        return swingSaid(shot, speaker);
    return Teller(speaker)(
        QT_TRANSLATE_NOOP("Words", "between %1 and %2"),
        {rungName(s.from, speaker.speaker()), rungName(s.to, speaker.speaker())});
}

}  // namespace

std::string swingSaid(const PlannedShot& shot, const PlanSpeaker& speaker) {
    if (shot.height == Height::Putter) return {};
    return swingSaid(shot.swing, speaker.speaker());
}

std::string landingSaid(const PlannedShot& shot, const PlanRequest& request,
                        const PlanSpeaker& speaker) {
    const Teller t(speaker);
    double edge = 0.0, at = 0.0;
    for (const Zone& z : request.conditions.line->zones) {
        if (z.kind == ZoneKind::Green) {
            edge = at;
            break;
        }
        at += z.length_m;
    }
    const double past = shot.landing_m - edge;
    if (std::abs(past) < 0.15) return t(QT_TRANSLATE_NOOP("Words", "on the edge"));
    if (past > 0.0)
        return t(QT_TRANSLATE_NOOP("Words", "%1 past the edge"), {speaker.length(past)});
    return t(QT_TRANSLATE_NOOP("Words", "%1 short of the edge"), {speaker.length(-past)});
}

std::string why(const Plan& plan, std::size_t index, const PlanSpeaker& speaker) {
    const Teller t(speaker);
    const PlannedShot& s = plan.shots[index];
    const Reason& reason = plan.reasons[index];
    if (plan.shots.size() == 1)
        return t(QT_TRANSLATE_NOOP("Words", "nothing else comes near the flag from here"));
    const bool better = reason.strokes < 0.0;
    const std::string inside = t.inHundred(s.inside2m);
    const std::string near = speaker.exactLength(2.0);
    switch (reason.cost) {
        case Cost::Putts:
            return better ? t(QT_TRANSLATE_NOOP("Words",
                                                "leaves the shorter putt: %1 in 100 "
                                                "inside %2"),
                              {inside, near})
                          : t(QT_TRANSLATE_NOOP("Words",
                                                "leaves the longer putt: %1 in 100 "
                                                "inside %2"),
                              {inside, near});
        case Cost::Fringe:
            return better ? t(QT_TRANSLATE_NOOP("Words", "seldom stops on the fringe"))
                          : t(QT_TRANSLATE_NOOP("Words", "often stops on the fringe"));
        case Cost::Short:
            return better ? t(QT_TRANSLATE_NOOP("Words",
                                                "gets to the green: %1 in 100 stay "
                                                "short"),
                              {t.inHundred(s.shortOf)})
                          : t(QT_TRANSLATE_NOOP("Words", "%1 in 100 stay short of the green"),
                              {t.inHundred(s.shortOf)});
        case Cost::Over:
            return better ? t(QT_TRANSLATE_NOOP("Words", "holds the green: %1 in 100 run over"),
                              {t.inHundred(s.over)})
                          : t(QT_TRANSLATE_NOOP("Words", "%1 in 100 run over the green"),
                              {t.inHundred(s.over)});
        case Cost::Sand:
            return better
                       ? t(QT_TRANSLATE_NOOP("Words", "stays out of the sand: %1 in 100 find it"),
                           {t.inHundred(s.inSand)})
                       : t(QT_TRANSLATE_NOOP("Words", "%1 in 100 end in sand"),
                           {t.inHundred(s.inSand)});
        case Cost::Water:
            return better
                       ? t(QT_TRANSLATE_NOOP("Words", "stays out of the water: %1 in 100 find it"),
                           {t.inHundred(s.inWater)})
                       : t(QT_TRANSLATE_NOOP("Words", "%1 in 100 end in water"),
                           {t.inHundred(s.inWater)});
        case Cost::Stopped:
            return better ? t(QT_TRANSLATE_NOOP("Words", "clears what stands in the way"))
                          : t(QT_TRANSLATE_NOOP("Words",
                                                "%1 in 100 do not clear what stands in "
                                                "the way"),
                              {t.inHundred(s.stopped)});
        case Cost::Fat:
        case Cost::Thin:
            return better ? t(QT_TRANSLATE_NOOP("Words",
                                                "forgives the strike: %1 thin and %2 fat in "
                                                "100"),
                              {t.inHundred(s.thin), t.inHundred(s.fat)})
                          : t(QT_TRANSLATE_NOOP("Words",
                                                "asks more of the strike: %1 thin and %2 fat "
                                                "in 100"),
                              {t.inHundred(s.thin), t.inHundred(s.fat)});
    }
    return {};
}

std::string change(const WouldChange& w, const PlanRequest& request, const PlanSpeaker& speaker) {
    const Teller t(speaker);
    const std::string shot = shotName(w.shot, request, speaker);
    switch (w.change) {
        case Change::FlagFarther:
            return t(QT_TRANSLATE_NOOP("Words", "the flag stood %1 farther (%2)"),
                     {speaker.length(w.by), shot});
        case Change::FlagNearer:
            return t(QT_TRANSLATE_NOOP("Words", "the flag stood %1 nearer (%2)"),
                     {speaker.length(w.by), shot});
        case Change::WetFace:
            return t(QT_TRANSLATE_NOOP("Words", "the face were wet (%1)"), {shot});
        case Change::LieDown:
            return t(QT_TRANSLATE_NOOP("Words", "the ball sat down (%1)"), {shot});
        case Change::LieUp:
            return t(QT_TRANSLATE_NOOP("Words", "the ball sat up (%1)"), {shot});
        case Change::Firmer:
            return t(QT_TRANSLATE_NOOP("Words", "the ground were firmer (%1)"), {shot});
        case Change::Softer:
            return t(QT_TRANSLATE_NOOP("Words", "the ground were softer (%1)"), {shot});
        case Change::WindInto:
            return t(QT_TRANSLATE_NOOP("Words", "%1 more of wind came against (%2)"),
                     {speaker.speed(w.by), shot});
    }
    return {};
}

std::string timesIn(double chance, const PlanSpeaker& speaker) {
    const Teller t(speaker);
    if (chance > 0.975) return t(QT_TRANSLATE_NOOP("Words", "almost always"));
    if (chance < 0.025) return t(QT_TRANSLATE_NOOP("Words", "hardly ever"));
    // The smallest of the fractions that people use which is within 2 in 100.
    for (const int n : {2, 3, 4, 5, 10, 20}) {
        const double k = std::round(chance * n);
        if (k == 1.0 && std::abs(1.0 / n - chance) <= 0.02)
            return t(QT_TRANSLATE_NOOP("Words", "once in %1"), {t.number(n)});
        if (k > 0 && k < n && std::abs(k / n - chance) <= 0.02)
            return t(QT_TRANSLATE_NOOP("Words", "%1 times in %2"), {t.number(k), t.number(n)});
    }
    return t(QT_TRANSLATE_NOOP("Words", "%1 times in %2"), {t.inHundred(chance), t.number(100)});
}

std::string headline(const Plan& plan, const PlanRequest& request, const PlanSpeaker& speaker) {
    const Teller t(speaker);
    if (plan.shots.empty())
        return t(QT_TRANSLATE_NOOP("Words", "No shot of this player's comes near the flag."));
    const PlannedShot& s = plan.shots.front();
    const std::string name = shotName(s, request, speaker);
    const std::string green = timesIn(s.onGreen, speaker);
    if (s.height == Height::Putter)
        return t(QT_TRANSLATE_NOOP("Words", "Putt it. On the green: %1."), {green});
    return t(QT_TRANSLATE_NOOP("Words", "%1, %2: land it %3. On the green: %4."),
             {name, swingInALine(s, speaker), landingSaid(s, request, speaker), green});
}

}  // namespace wedgeon::words
