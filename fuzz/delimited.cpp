// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Files of shots, as they come from any device.
#include "target.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/shot_file.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace wedgeon::store;
    try {
        const auto result =
            readShotText({reinterpret_cast<const char*>(data), size}, "fuzz.csv", {});
        // What was taken is within its limits.
        for (const ShotRecord& shot : result.shots) {
            for (std::size_t i = 0; i < quantityCount; ++i) {
                const QuantityInfo& q = info(static_cast<Quantity>(i));
                if (shot.has(q.quantity) &&
                    !(shot[q.quantity] >= q.low && shot[q.quantity] <= q.high))
                    __builtin_trap();
            }
        }
    } catch (const StoreError&) {
        return 0;
    }
    return 0;
}
