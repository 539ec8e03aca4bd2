// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Drills, trials and what was seen of shots, as files and the logbook keep them; which of them, the
// first letter says.

#include <string>
#include <string_view>

#include "target.h"
#include "wedgeon/error.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/sightings.h"
#include "wedgeon/store/trainings.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace wedgeon::store;
    if (size == 0) return 0;
    const std::string_view text(reinterpret_cast<const char*>(data) + 1, size - 1);
    try {
        // What was taken can be written, and a drill that was taken can be hit.
        if (data[0] == 'd') {
            const wedgeon::Drill drill = parseDrill(text);
            wedgeon::DrillShot shot;
            shot[wedgeon::DrillMeasure::Carry] = 30.0;
            const auto score = wedgeon::scoreDrill(
                drill, std::vector<wedgeon::DrillShot>(drill.shots() + 1, shot));
            if (score.hits.size() > drill.shots() + 1) __builtin_trap();
            formatDrill(drill);
        } else if (data[0] == 't') {
            const Trial trial = parseTrial(text);
            const std::vector<wedgeon::TrialValue> values{{wedgeon::Arm::A, 1.0},
                                                          {wedgeon::Arm::B, 2.0},
                                                          {wedgeon::Arm::A, 1.5},
                                                          {wedgeon::Arm::B, 2.5}};
            const auto reading = wedgeon::readTrial(values, trial.design);
            if (!(reading.low <= reading.high)) __builtin_trap();
            formatTrial(trial);
        } else {
            formatSighting(parseSighting(text));
        }
    } catch (const StoreError&) {
        return 0;
    } catch (const wedgeon::RangeError&) {
        return 0;
    }
    return 0;
}
