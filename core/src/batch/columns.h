// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The columns of a batch and the doors to its builds, one for each instruction set.
#pragma once

#include <cstddef>

namespace wedgeon::batch {

/// In the order of ShotBatch's columns.
enum In : std::size_t {
    Loft,
    LieAngle,
    Open,
    Lean,
    BallForward,
    WeightLead,
    Radius,
    Speed,
    StandFarther,
    HandleRaised,
    GripDown,
    BodyLine,
    Closing,      // by the release, less what the lie opens
    CentreMoves,  // 1 or 0
    AlongBody,
    Side,  // 1 right-hander, -1 left-hander
    Friction,
    TangentialRestitution,
    TangentialSlope,
    RestitutionScale,
    SpeedKept,
    AirDrag,  // factor times rho pi r^2 / (2 m)
    AirLift,
    WindAhead,
    WindRight,
    Still,  // 1 or 0
    Firmness,
    TurfFriction,
    Rolling,
    NormalX,
    NormalY,
    NormalZ,
    InCount
};

/// outcomeCount outcomes, then extraCount extras.
inline constexpr std::size_t outCount = 17 + 11;

/// Plays shots [from, to), both multiples of \p width; columns are padded to it.
using Play = void (*)(const double* const* in, double* const* out, std::size_t from,
                      std::size_t to);

void playBaseline(const double* const* in, double* const* out, std::size_t from, std::size_t to);
void playAvx2(const double* const* in, double* const* out, std::size_t from, std::size_t to);
void playAvx512(const double* const* in, double* const* out, std::size_t from, std::size_t to);

/// Columns are padded to this many shots: two of the widest vectors.
inline constexpr std::size_t padding = 16;

}  // namespace wedgeon::batch
