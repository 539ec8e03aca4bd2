// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Made-up shots: the model's output for a player's habits, plus scatter, bias and device noise.
#include "academy.h"

#include <array>
#include <boost/random/mersenne_twister.hpp>
#include <boost/random/normal_distribution.hpp>
#include <boost/random/uniform_01.hpp>
#include <cstdio>
#include <string_view>

#include "wedgeon/shot/predictor.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/units.h"

namespace wedgeon::demo {
namespace {

using store::Label;
using store::Quantity;
using store::ShotRecord;

struct SwingLength {
    const char* name;
    double speedShare;  // of the player's fullest wedge swing
};
constexpr std::array swings{SwingLength{"hip high", 0.43}, SwingLength{"rib high", 0.56},
                            SwingLength{"shoulder high", 0.69}};

/// How a player swings and what the data hides of him.
struct Player {
    Truth truth;
    Recipe recipe;  // his usual set-up, as he declares it
    Recipe other;   // another one that he tries in the last weeks
    double fullSpeed_mps;
    double speedScatter;  // share
    double attackScatter_rad, pathScatter_rad, loftScatter_rad, faceScatter_rad;
    double mishitChance;
    const char* habit;  // a tag that he often earns
};

std::array<Player, 2> players() {
    Player runa;
    runa.truth = {"Runa Vale", 1.10, 0.878, radFromDeg(1.2), 0.0, {}};
    // She leans two degrees more than she thinks, and opens the face less.
    runa.truth.delivery.lean.offset = radFromDeg(2);
    runa.truth.delivery.open.factor = 0.7;
    runa.recipe.lean_rad = radFromDeg(4);
    runa.recipe.weightLead_pct = 58;
    runa.recipe.ballForward_m = -0.4 * constants::ballWidth_m;
    runa.recipe.swingRadius_m = 1.1;
    runa.recipe.release = Release::Hold;
    runa.other = runa.recipe;
    runa.other.lean_rad = radFromDeg(1);
    runa.other.open_rad = radFromDeg(15);
    runa.other.ballForward_m = 0.6 * constants::ballWidth_m;
    runa.fullSpeed_mps = 31;
    runa.speedScatter = 0.025;
    runa.attackScatter_rad = radFromDeg(0.8);
    runa.pathScatter_rad = radFromDeg(1.1);
    runa.loftScatter_rad = radFromDeg(1.0);
    runa.faceScatter_rad = radFromDeg(1.2);
    runa.mishitChance = 0.04;
    runa.habit = "flighted";

    Player odo;
    odo.truth = {"Odo Ferrin", 0.88, 0.868, 0.0, radFromDeg(-0.8), {}};
    odo.recipe.lean_rad = radFromDeg(1.5);
    // He plays the ball farther back than he thinks.
    odo.truth.delivery.ball.offset = -0.3 * constants::ballWidth_m;
    odo.recipe.open_rad = radFromDeg(8);
    odo.recipe.weightLead_pct = 53;
    odo.recipe.ballForward_m = 0.5 * constants::ballWidth_m;
    odo.recipe.swingRadius_m = 1.4;
    odo.recipe.release = Release::Ordinary;
    odo.other = odo.recipe;
    odo.other.lean_rad = radFromDeg(7);
    odo.other.open_rad = 0.0;
    odo.other.ballForward_m = -0.5 * constants::ballWidth_m;
    odo.fullSpeed_mps = 33;
    odo.speedScatter = 0.04;
    odo.attackScatter_rad = radFromDeg(1.2);
    odo.pathScatter_rad = radFromDeg(1.6);
    odo.loftScatter_rad = radFromDeg(1.7);
    odo.faceScatter_rad = radFromDeg(2.0);
    odo.mishitChance = 0.09;
    odo.habit = "brush";
    return {runa, odo};
}

struct Club {
    const char* name;
    double loft_deg, lie_deg, bounce_deg;
};
constexpr std::array clubs{Club{"50 gap", 50, 64, 8}, Club{"54 sand", 54, 64, 12},
                           Club{"58 lob", 58, 64.5, 8}};

/// One week's visit: what ball, face, lie and ground it had.
struct Visit {
    const char* date;
    const char* ball;
    const char* face;
    std::array<const char*, 2> lies;
    double stimp_ft, firmness, groundFriction;
};
constexpr std::array visits{
    Visit{"2026-10-06", "soft", "fresh-dry", {"short-dry", "short-damp"}, 10, 1.0, 0.38},
    Visit{"2026-10-13", "range", "worn-dry", {"short-dry", "wispy"}, 9.5, 1.0, 0.38},
    Visit{"2026-10-20", "soft", "fresh-dry", {"short-damp", "lush"}, 9, 0.9, 0.30},
    Visit{"2026-10-27", "range", "worn-dry", {"short-dry", "short-damp"}, 10, 1.0, 0.38},
    Visit{"2026-11-03", "soft", "fresh-wet", {"short-damp", "wispy"}, 9, 0.9, 0.25},
    Visit{"2026-11-10", "soft", "fresh-dry", {"short-dry", "lush"}, 10.5, 1.05, 0.38},
};

constexpr std::string_view firstDeclared = "2026-11-03";

class Generator {
public:
    explicit Generator(unsigned seed) : engine_(seed) {}

    Academy run() {
        Academy academy;
        for (const Player& p : players())
            academy.truths.push_back(p.truth);
        for (const Visit& visit : visits) {
            int second = 10 * 3600 + 4 * 60;
            for (const Player& player : players()) {
                for (std::size_t i = 0; i < 15; ++i) {
                    second += 38 + static_cast<int>(30 * uniform());
                    academy.shots.push_back(shot(player, visit, i, second));
                }
                second += 600;
            }
        }
        return academy;
    }

private:
    double normal(double sd) { return sd * normal_(engine_); }
    double uniform() { return uniform_(engine_); }

    Delivery swing(const Player& player, const Recipe& declared, const Wedge& wedge,
                   const Contact& contact) {
        Recipe recipe = player.truth.delivery.delivered(declared);
        recipe.clubSpeed_mps *= 1 + normal(player.speedScatter);
        Delivery d = calcSwing(wedge, recipe, contact.faceTurn_rad).delivery;
        d.attack_rad += normal(player.attackScatter_rad);
        d.path_rad += normal(player.pathScatter_rad);
        d.dynamicLoft_rad += normal(player.loftScatter_rad);
        d.faceAngle_rad += normal(player.faceScatter_rad);
        return d;
    }

    ShotRecord shot(const Player& player, const Visit& visit, std::size_t index, int second) {
        const Club& club = clubs[index % clubs.size()];
        const SwingLength& length = swings[(index / clubs.size()) % swings.size()];
        const char* lieKey = visit.lies[index < 9 ? 0 : 1];

        Conditions met;
        met.wedge = {radFromDeg(club.loft_deg), radFromDeg(club.lie_deg),
                     radFromDeg(club.bounce_deg)};
        met.ball = findBall(visit.ball)->ball;
        met.face = findFace(visit.face)->face;
        met.lie = findLie(lieKey)->lie;
        met.ground = {visit.firmness, visit.groundFriction, visit.stimp_ft, 0, 0};
        Contact contact = calcContact(met.ball, met.face, met.lie);
        contact.friction *= player.truth.frictionFactor;
        const StrikeLaw law{.restitution0 = player.truth.restitution0};
        // In the last weeks set-ups are declared, and every other shot tries the other one.
        const bool declares = std::string_view(visit.date) >= firstDeclared;
        const bool tries = declares && index % 2 == 1;
        store::NamedRecipe meant{
            tries ? "trial" : "usual", {}, tries ? player.other : player.recipe};
        meant.recipe.clubSpeed_mps = player.fullSpeed_mps * length.speedShare;
        Delivery d = swing(player, meant.recipe, met.wedge, contact);

        std::string tags = player.habit;
        std::string note;
        const double luck = uniform();
        if (luck < 0.5 * player.mishitChance) {
            d.clubSpeed_mps *= 0.86;
            contact.friction *= 0.7;
            tags = "fat";
            note = "heavy, turf first";
        } else if (luck < player.mishitChance) {
            d.dynamicLoft_rad -= radFromDeg(11);
            contact.friction *= 0.6;
            tags = "thin";
            note = "off the bottom groove";
        }

        const StrikeResult strike = calcStrike(d, contact, law);
        const FlightResult flight = calcFlight(strike.launch, met.air);
        const GroundResult run =
            calcRun(flight.landingVelocity_mps, flight.landingSpin_radps, met.ground);

        ShotRecord r;
        char time[32];
        std::snprintf(time, sizeof time, "%s %02d:%02d:%02d", visit.date, second / 3600,
                      second / 60 % 60, second % 60);
        r[Label::Time] = time;
        r[Label::Player] = player.truth.player;
        r[Label::Wedge] = club.name;
        r[Label::Ball] = visit.ball;
        r[Label::FaceCondition] = visit.face;
        r[Label::Lie] = lieKey;
        r[Label::Swing] = length.name;
        r[Label::Tags] = tags;
        r[Label::Note] = note;
        if (declares) r[Label::Recipe] = store::formatDeclared(meant);
        r[Quantity::Loft] = met.wedge.loft_rad;
        measure(r, player, d, contact, strike, flight, run);
        return r;
    }

    /// What the launch monitor reads: bias, noise and its number of digits.
    void measure(ShotRecord& r, const Player& player, const Delivery& d, const Contact& contact,
                 const StrikeResult& strike, const FlightResult& flight, const GroundResult& run) {
        const auto read = [&](Quantity q, double value, double noise, double digit) {
            r[q] = digit * std::round((value + normal(noise)) / digit);
        };
        const double tenth = radFromDeg(0.1);
        const double speed = d.clubSpeed_mps * contact.speedKept;
        const double attack = d.attack_rad + player.truth.deviceAttackBias_rad;
        const double loft = d.dynamicLoft_rad + player.truth.deviceLoftBias_rad;
        read(Quantity::ClubSpeed, speed, 0.004 * speed, 0.01);
        read(Quantity::AttackAngle, attack, radFromDeg(0.5), tenth);
        read(Quantity::ClubPath, d.path_rad, radFromDeg(0.5), tenth);
        read(Quantity::FaceAngle, d.faceAngle_rad, radFromDeg(0.5), tenth);
        read(Quantity::DynamicLoft, loft, radFromDeg(0.6), tenth);
        read(Quantity::SpinLoft, r[Quantity::DynamicLoft] - r[Quantity::AttackAngle], 0.0, tenth);
        read(Quantity::BallSpeed, strike.launch.speed_mps(), 0.06, 0.01);
        read(Quantity::LaunchAngle, strike.launch.angle_rad(), radFromDeg(0.3), tenth);
        read(Quantity::LaunchDirection, strike.launch.direction_rad(), radFromDeg(0.3), tenth);
        read(Quantity::SpinAxis, strike.launch.spinAxis_rad(), radFromDeg(0.8), tenth);
        read(Quantity::Carry, flight.carry_m, 0.005 * flight.carry_m, 0.1);
        read(Quantity::Apex, flight.apex_m, 0.05, 0.1);
        read(Quantity::LandingAngle, flight.landingAngle_rad(), radFromDeg(0.4), tenth);
        read(Quantity::Side, flight.side_m, 0.1, 0.1);
        // Now and then the device does not see the spin.
        if (uniform() > 0.03) {
            const double spin = strike.launch.spinRate_radps();
            read(Quantity::SpinRate, spin, 0.015 * spin, radpsFromRpm(1));
        }
        // The release is paced out, to half a metre and not always.
        if (uniform() > 0.15) {
            read(Quantity::Release, run.release_m, 0.2, 0.5);
            r[Quantity::Total] = r[Quantity::Carry] + r[Quantity::Release];
        }
    }

    boost::random::mt19937_64 engine_;
    boost::random::normal_distribution<double> normal_;
    boost::random::uniform_01<double> uniform_;
};

}  // namespace

Academy makeAcademy(unsigned seed) {
    return Generator(seed).run();
}

}  // namespace wedgeon::demo
