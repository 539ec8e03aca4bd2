// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The columns of a batch and the doors to its builds, one for each instruction set.
#pragma once

#include <cstddef>

namespace wedgeon::batch {

/// In the order of ShotBatch's columns.
enum In : std::size_t {
    Speed,  // of the club, what the lie keeps of it taken off
    Attack,
    Path,
    DynamicLoft,
    FaceAngle,
    Friction,
    TangentialRestitution,
    TangentialSlope,
    RestitutionScale,
    Restitution0,
    HeadMass,   // what of it counts
    LaunchCos,  // of what turns the launch up beside the law, times what makes it faster
    LaunchSin,
    SpinFactor,
    AirDrag,  // factor times rho pi r^2 / (2 m)
    AirLift,
    WindAhead,
    WindRight,
    Still,         // 1 or 0
    Firmness,      // over a line: factor on its firmness
    TurfFriction,  // over a line: factor on its friction
    Rolling,       // from here on of no use over a line
    NormalX,
    NormalY,
    NormalZ,
    InCount
};

/// outcomeCount outcomes, then extraCount extras.
inline constexpr std::size_t outCount = 17 + 15;

struct LineView;

/// The columns, and the line that all shots go over, where there is one.
struct Table {
    const double* const* in;
    double* const* out;
    const LineView* line;
};

/// Plays shots [from, to), both multiples of \p width; columns are padded to it.
using Play = void (*)(const Table& table, std::size_t from, std::size_t to);

void playBaseline(const Table& table, std::size_t from, std::size_t to);
void playAvx2(const Table& table, std::size_t from, std::size_t to);
void playAvx512(const Table& table, std::size_t from, std::size_t to);

/// Columns are padded to this many shots: two of the widest vectors.
inline constexpr std::size_t padding = 16;

}  // namespace wedgeon::batch
