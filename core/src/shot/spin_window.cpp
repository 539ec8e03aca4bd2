// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Sweeping the loft.
#include "wedgeon/shot/spin_window.h"

#include <algorithm>
#include <cmath>

#include "numeric/root.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

SpinPoint pointAt(const Delivery& delivery, const Contact& contact, double spinLoft_rad) {
    Delivery d = delivery;
    d.path_rad = d.faceAngle_rad = 0.0;
    d.dynamicLoft_rad = spinLoft_rad + d.attack_rad;
    const StrikeResult r = calcStrike(d, contact);
    return {spinLoft_rad, r.launch.spinRate_radps(), r.launch.angle_rad(), r.limitedByFriction()};
}

}  // namespace

SpinWindow findSpinWindow(const Delivery& delivery, const Contact& contact) {
    SpinWindow window;
    constexpr double step = radFromDeg(0.5);
    for (int k = 0; k <= 146; ++k) {
        const double at = radFromDeg(5.0) + k * step;
        // A steep attack brings the loft itself to its lower limit first.
        if (at + delivery.attack_rad < radFromDeg(-10)) continue;
        window.curve.push_back(pointAt(delivery, contact, at));
    }
    const auto& curve = window.curve;
    const auto best =
        std::max_element(curve.begin(), curve.end(),
                         [](const auto& a, const auto& b) { return a.spin_radps < b.spin_radps; });
    // The curve is smooth and has one peak.
    const double at = numeric::findPeak(
        [&](double spinLoft_rad) { return pointAt(delivery, contact, spinLoft_rad).spin_radps; },
        best->spinLoft_rad - step, best->spinLoft_rad + step);
    window.peak = pointAt(delivery, contact, at);
    window.from = window.to = window.peak;
    const double least = windowKeeps * window.peak.spin_radps;
    for (const SpinPoint& p : curve) {
        if (p.spin_radps < least) continue;
        if (p.spinLoft_rad < window.from.spinLoft_rad) window.from = p;
        if (p.spinLoft_rad > window.to.spinLoft_rad) window.to = p;
    }
    return window;
}

std::optional<double> spinAtLaunch(const SpinWindow& window, double launch_rad) {
    // The launch rises with the loft all the way.
    for (std::size_t i = 1; i < window.curve.size(); ++i) {
        const SpinPoint& a = window.curve[i - 1];
        const SpinPoint& b = window.curve[i];
        if (launch_rad < a.launch_rad || launch_rad > b.launch_rad) continue;
        const double part = (launch_rad - a.launch_rad) / (b.launch_rad - a.launch_rad);
        return a.spin_radps + part * (b.spin_radps - a.spin_radps);
    }
    return std::nullopt;
}

}  // namespace wedgeon
