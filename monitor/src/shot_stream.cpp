// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing shots and spoiling some.
#include "shot_stream.h"

#include <array>
#include <boost/random/uniform_01.hpp>
#include <limits>
#include <stdexcept>

#include "academy.h"

namespace wedgeon::monitor {
namespace {

using store::Label;
using store::Quantity;

constexpr std::array spoilt{Quantity::BallSpeed, Quantity::SpinRate, Quantity::LaunchAngle,
                            Quantity::Carry};

}  // namespace

ShotStream::ShotStream(const StreamOptions& options) : options_(options), engine_(options.seed) {
    refill();
    if (shots_.empty()) {
        throw std::invalid_argument(
            "no demo player plays this: players Runa Vale and Odo Ferrin, wedges 50 gap, 54 sand "
            "and 58 lob, lies short-dry, short-damp, wispy and lush");
    }
}

double ShotStream::uniform() {
    boost::random::uniform_01<double> draw;
    return draw(engine_);
}

bool ShotStream::happens(double share) {
    return uniform() < share;
}

bool ShotStream::wanted(const store::ShotRecord& shot) const {
    const auto has = [&](Label l, const std::string& part) {
        return part.empty() || shot[l].find(part) != std::string::npos;
    };
    return has(Label::Player, options_.player) && has(Label::Wedge, options_.wedge) &&
           has(Label::Lie, options_.lie);
}

void ShotStream::refill() {
    // Season after season of the academy, each of its own seed.
    shots_.clear();
    at_ = 0;
    for (store::ShotRecord& s : demo::makeAcademy(options_.seed + season_++).shots) {
        if (wanted(s)) shots_.push_back(std::move(s));
    }
}

ShotStream::Next ShotStream::next() {
    if (at_ == shots_.size()) refill();
    Next out;
    out.id = std::to_string(++count_);
    out.shot = shots_[at_++];
    // The device knows who hits and with what, not when it will be noted or what a coach says.
    for (const Label l : {Label::Time, Label::Tags, Label::Note})
        out.shot[l] = {};
    if (happens(options_.faults.misread)) {
        const Quantity q = spoilt[static_cast<std::size_t>(uniform() * spoilt.size())];
        if (out.shot.has(q)) out.shot[q] *= uniform() < 0.5 ? 0.45 : 1.9;
    }
    if (happens(options_.faults.missing)) {
        for (std::size_t i = 0; i < store::quantityCount; ++i) {
            const auto q = static_cast<Quantity>(i);
            if (q != Quantity::BallSpeed && uniform() < 0.5)
                out.shot[q] = std::numeric_limits<double>::quiet_NaN();
        }
    }
    out.twice = happens(options_.faults.duplicate);
    if (happens(options_.faults.garbage)) {
        for (int i = 0; i < 40; ++i)
            out.garbage += static_cast<char>(1 + uniform() * 254);
        out.garbage += '\n';
    }
    return out;
}

}  // namespace wedgeon::monitor
