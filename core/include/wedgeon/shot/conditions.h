// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What a shot meets: club, ball, lie, air and ground as they are said.
#pragma once

#include <optional>

#include "wedgeon/delivery/delivery.h"
#include "wedgeon/flight/flight.h"
#include "wedgeon/ground/ground.h"
#include "wedgeon/ground/terrain.h"
#include "wedgeon/lie/lie.h"

namespace wedgeon {

/// A plain value. Wind and slopes are in the world's frame: right is right for both hands.
struct Conditions {
    Wedge wedge;
    BallKind ball = BallKind::Soft;
    FaceCondition face = FaceCondition::FreshDry;
    Lie lie;
    Air air;
    Ground ground;
    /// The real line, where it is known; takes the place of ground.
    std::optional<Line> line;

    bool operator==(const Conditions&) const = default;
};

}  // namespace wedgeon
