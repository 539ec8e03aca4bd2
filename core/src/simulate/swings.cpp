// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Drawing chances and striking with them.
#include "simulate/swings.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

#include "shot/sole_factor.h"
#include "simulate/random_stream.h"
#include "wedgeon/error.h"

namespace wedgeon {

ChanceMaker::ChanceMaker(const Predictor& predictor, const PlayerScatter& scatter,
                         const SpreadSource& unknown, double gustShare, const LieReading* reading)
    : predictor_(predictor), unknown_(unknown), gustShare_(gustShare), reading_(reading) {
    Lower correlation;
    for (int i = 0; i < correlation.rows(); ++i) {
        for (int j = 0; j < correlation.cols(); ++j)
            correlation(i, j) =
                scatter.correlation[static_cast<std::size_t>(i)][static_cast<std::size_t>(j)];
    }
    const Eigen::LLT<Lower> factored(correlation);
    // Not positive definite: some pivot is none.
    if (factored.info() != Eigen::Success) throw RangeError("player.correlation", 0, 1e-12, 1);
    lower_ = factored.matrixL();
    const Conditions& c = predictor.conditions();
    friction_ = predictor.contact().friction / calcContact(c.ball, c.face, c.lie).friction;
}

Chance ChanceMaker::make(std::uint64_t seed, std::uint64_t number) const {
    RandomStream random(seed, number);
    Chance out;
    std::array<double, scatterCount> z{};
    for (double& v : z)
        v = random.normal();
    const Eigen::Map<const Eigen::Vector<double, scatterCount>> independent(z.data());
    Eigen::Map<Eigen::Vector<double, scatterCount>> together(out.off.data());
    together = lower_ * independent;

    const SpreadSource& u = unknown_;
    const double slides = random.normal();
    out.contact = predictor_.contact();
    const double restitution = u.tangentialRestitution * random.normal();
    const double slope = u.tangentialSlope_spm * random.normal();
    out.law.restitution0 += u.restitution0 * random.normal();
    out.air = predictor_.surroundings().air;
    const double gust = 1.0 + gustShare_ * random.normal();
    out.air.windAhead_mps *= gust;
    out.air.windRight_mps *= gust;
    out.firmer = std::exp(u.firmness * random.normal());
    out.rougher = std::exp(u.groundFriction * random.normal());
    out.faster = std::exp(u.greenSpeed * random.normal());
    out.air.drag *= std::exp(u.drag * random.normal());
    out.air.lift *= std::exp(u.lift * random.normal());
    out.lie = predictor_.conditions().lie;
    if (reading_) {
        std::array<double, LieReading::size> read{};
        for (double& v : read)
            v = random.normal();
        out.lie = reading_->at(read, out.lie.firmness);
        const Conditions& c = predictor_.conditions();
        const Contact there = calcContact(c.ball, c.face, out.lie);
        out.contact.friction = there.friction * friction_;
        out.contact.restitutionScale = there.restitutionScale;
        out.contact.speedKept = there.speedKept;
        out.contact.faceTurn_rad = there.faceTurn_rad;
    }
    out.contact.friction *= std::exp(u.friction * slides);
    out.contact.tangentialRestitution += restitution;
    out.contact.tangentialSlope_spm += slope;
    if (u.law > 0.0) {
        for (double& stray : out.contact.correctionStray)
            stray += u.law * random.normal();
    }
    return out;
}

Swings::Swings(const Predictor& predictor, const Recipe& recipe, const PlayerScatter& scatter)
    : predictor_(predictor),
      planned_(predictor.shot(recipe)),
      pass_(predictor.solePass(planned_)),
      scatter_(scatter),
      mirror_(predictor.player().hand == Hand::Left ? -1.0 : 1.0) {
    // What is unusual scatters the strike, whoever swings.
    const double grows = soleFactor(predictor.player(), recipe);
    for (const Scatter s : {Scatter::LowPoint, Scatter::Depth})
        scatter_.sd[static_cast<std::size_t>(s)] *= grows;
    // What the grass turns of the face, to first order.
    const Recipe its = predictor.playable(recipe);
    const auto turned = [&](double turn_rad) {
        return calcDeliveredSwing(predictor.conditions().wedge, its,
                                  predictor.contact().faceTurn_rad + turn_rad)
            .delivery;
    };
    constexpr double step_rad = 0.01;
    const Delivery more = turned(step_rad), less = turned(-step_rad);
    facePerTurn_ = (more.faceAngle_rad - less.faceAngle_rad) / (2.0 * step_rad);
    loftPerTurn_ = (more.dynamicLoft_rad - less.dynamicLoft_rad) / (2.0 * step_rad);
}

Swings::Struck Swings::strike(const Chance& chance) const {
    const auto off = [&](Scatter s) {
        const auto i = static_cast<std::size_t>(s);
        return scatter_.sd[i] * chance.off[i];
    };
    Struck out;
    Delivery& d = out.delivery = planned_.swing.delivery;
    d.clubSpeed_mps *= std::max(0.05, 1.0 + off(Scatter::Speed));
    d.attack_rad += off(Scatter::Attack);
    // What is a right-hander's: his scatter, and what the grass does to his face.
    const double grass = chance.contact.faceTurn_rad - predictor_.contact().faceTurn_rad;
    d.path_rad += mirror_ * off(Scatter::Path);
    d.faceAngle_rad += mirror_ * (off(Scatter::Face) + facePerTurn_ * grass);
    d.dynamicLoft_rad += off(Scatter::Loft) + loftPerTurn_ * grass;

    SolePass pass = pass_;
    pass.lowPoint_m += off(Scatter::LowPoint);
    pass.depth_m += off(Scatter::Depth);
    pass.dynamicLoft_rad = d.dynamicLoft_rad;
    out.lowPoint_m = pass.lowPoint_m;
    out.depth_m = pass.depth_m;
    out.contact = chance.contact;
    try {
        const StrikeEffect effect = calcStrikeEffect(pass, chance.lie);
        out.kind = effect.contact;
        d.dynamicLoft_rad = effect.dynamicLoft_rad;
        out.contact.speedKept *= effect.speedKept;
        out.contact.headShare = effect.headShare;
        out.contact.friction = std::max(0.02, out.contact.friction * effect.frictionKept);
        out.valid = true;
    } catch (const RangeError&) {
        out.valid = false;
    }
    return out;
}

void Swings::put(ShotBatch& batch, std::size_t at, const Struck& struck,
                 const Chance& chance) const {
    if (batch.line()) {
        batch.setOver(at, struck.delivery, struck.contact, chance.law, chance.air, chance.firmer,
                      chance.rougher, chance.faster);
    } else {
        batch.set(
            at, struck.delivery, struck.contact, chance.law, chance.air,
            predictor_.surroundings().ground.scaled(chance.firmer, chance.rougher, chance.faster));
    }
}

}  // namespace wedgeon
