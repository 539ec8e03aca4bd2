// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Delivery from set-up for any scalar type; calcSwing's docstring has the equations.
#pragma once

#include "club/face_kernel.h"
#include "wedgeon/delivery/delivery.h"

namespace wedgeon::kernel {

inline constexpr double lowPointAtEvenWeight_m = 0.02;
inline constexpr double lowPointPerPercent_m = 0.0035;
inline constexpr double handHeight_m = 0.75;  // hands above the ball
inline constexpr double armsAndClub_m = 1.6;  // what gripping down shortens

/// The numbers of wedge and recipe; the choices are passed beside them.
template <class T>
struct SwingIn {
    T loft, lie;
    T open, handTurn, lean, ballForward, weightLead_pct, radius, speed;
    T standFarther, handleRaised, gripDown, bodyLine;
};

template <class T>
struct SwingOut {
    T speed, attack, path, lowPoint, radius, plane, tip, deliveredLean, faceTurn;
    Vec3T<T> normal;
};

struct SwingChoices {
    double closing = 0.0;     // by the release
    double extraTurn = 0.0;   // by the lie
    bool centreMoves = true;  // weight by the whole body
    double alongBody = 0.0;   // share of the body line that the path follows
};

inline SwingChoices choicesOf(const Recipe& r, double extraTurn_rad) {
    return {releaseClosing_rad(r.release), extraTurn_rad, r.weightBy == WeightBy::WholeBody,
            r.swingAlong == SwingAlong::Target    ? 0.0
            : r.swingAlong == SwingAlong::Between ? 0.5
                                                  : 1.0};
}

template <class T>
SwingIn<T> numbersOf(const Wedge& w, const Recipe& r) {
    return {T(w.loft_rad),      T(w.lie_rad),        T(r.open_rad),       T(r.handTurn_rad),
            T(r.lean_rad),      T(r.ballForward_m),  T(r.weightLead_pct), T(r.swingRadius_m),
            T(r.clubSpeed_mps), T(r.standFarther_m), T(r.handleRaised_m), T(r.gripDown_m),
            T(r.bodyLine_rad)};
}

/// Low point ahead of the stance centre.
template <class T>
T lowPointOf(const T& weightLead_pct, bool centreMoves) {
    if (!centreMoves) return T(lowPointAtEvenWeight_m);
    return lowPointAtEvenWeight_m + lowPointPerPercent_m * (weightLead_pct - 50.0);
}

template <class T>
SwingOut<T> swing(const SwingIn<T>& in, const SwingChoices& choices) {
    using std::asin;
    using std::atan;
    using std::tan;
    SwingOut<T> out;
    out.lowPoint = lowPointOf(in.weightLead_pct, choices.centreMoves);
    out.radius = in.radius - in.gripDown;
    out.speed = in.speed * (1.0 - in.gripDown / armsAndClub_m);
    out.attack = -asin((out.lowPoint - in.ballForward) / out.radius);
    out.plane =
        atan((handHeight_m + in.handleRaised) / (handHeight_m / tan(in.lie) + in.standFarther));
    out.tip = out.plane - in.lie;
    T side = tan(-out.attack) / tan(out.plane);
    if (side > 1.0) side = T(1.0);
    if (side < -1.0) side = T(-1.0);
    out.path = asin(side) + choices.alongBody * in.bodyLine;
    out.deliveredLean = in.lean + atan(-in.ballForward / handHeight_m);
    out.faceTurn = in.open - choices.closing + choices.extraTurn;
    out.normal = faceNormal(in.loft, in.lie, out.faceTurn, out.deliveredLean, out.tip);
    return out;
}

}  // namespace wedgeon::kernel
