// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file A drill: stations with windows that shots are to fall into, in turn behind gates or by
/// chance, and how a row of shots scores.
#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <vector>

namespace wedgeon {

/// What a window is of. SI; Turf counts none, scuff, small, deep from 0 to 3. OffAlong and
/// OffAcross are what swing and strike miss of what was declared (declared.h), past it and right of
/// it.
enum class DrillMeasure {
    Carry,
    Total,
    Release,
    Side,
    Apex,
    Launch,
    Landing,
    Spin,
    ClubSpeed,
    Attack,
    Turf,
    OffAlong,
    OffAcross
};
inline constexpr std::size_t drillMeasureCount = 13;

/// What is known of one shot, measured or seen.
struct DrillShot {
    std::array<std::optional<double>, drillMeasureCount> values;

    std::optional<double>& operator[](DrillMeasure m) {
        return values[static_cast<std::size_t>(m)];
    }
    const std::optional<double>& operator[](DrillMeasure m) const {
        return values[static_cast<std::size_t>(m)];
    }
};

struct DrillWindow {
    DrillMeasure of = DrillMeasure::Carry;
    double low = 0.0, high = 0.0;
    bool operator==(const DrillWindow&) const = default;
};

/// How far the shots of a station may scatter: the standard deviation of one measure.
struct DrillScatter {
    DrillMeasure of = DrillMeasure::Carry;
    double most = 0.0;
    bool operator==(const DrillScatter&) const = default;
};

/// One task within a drill. A shot counts when at least one of the windows was seen of it, and is a
/// hit when it lies in all that were.
struct DrillStation {
    std::string task;   ///< as it is told the player
    std::string club;   ///< as the player's clubs are called; empty: any
    std::string swing;  ///< key; empty: any
    std::vector<DrillWindow> windows;
    std::optional<DrillScatter> scatter;
    std::size_t shots = 5;  ///< that count
    std::size_t pass = 3;   ///< hits that open the gate to the next one
    bool operator==(const DrillStation&) const = default;
};

enum class DrillOrder {
    InTurn,   ///< a station after the other; one that is not passed ends the drill
    ByChance  ///< every shot another station, each as often as it has shots
};

struct Drill {
    std::string name, purpose;
    std::vector<DrillStation> stations;
    DrillOrder order = DrillOrder::InTurn;
    std::uint64_t seed = 1;

    /// \throws RangeError: "stations" 1-20, "windows" 1-6 in each, "shots" 1-50, "pass" 0 to shots,
    /// "low" above high or beyond 1e5, "scatter" not above 0 or beyond 1e5.
    void validate() const;
    std::size_t shots() const;
    bool operator==(const Drill&) const = default;
};

/// How one shot counted.
struct DrillHit {
    std::size_t station = 0;
    bool counts = false;  ///< something of it was seen
    bool hit = false;
    std::array<bool, 6> inside{};  ///< by the station's windows; those that were not seen too
};

struct StationScore {
    std::size_t shots = 0, hits = 0;    ///< that counted
    std::optional<double> scatter;      ///< of the measure of its limit, from three on
    bool done = false, passed = false;  ///< passed: enough hits, and within its scatter
};

struct DrillScore {
    std::vector<DrillHit> hits;  ///< of each shot until the drill ended
    std::vector<StationScore> stations;
    bool ended = false;    ///< all hit, or stopped at a gate
    std::size_t next = 0;  ///< station of the next shot, until it ended
    std::size_t counted() const;
    std::size_t hitCount() const;
};

/// The stations of the shots of a drill by chance, in their order; the same for the same drill.
std::vector<std::size_t> findStations(const Drill& drill);

/// Shots in the order in which they were hit; those after the end are left out. \throws RangeError
/// from the drill.
DrillScore scoreDrill(const Drill& drill, std::span<const DrillShot> shots);

}  // namespace wedgeon
