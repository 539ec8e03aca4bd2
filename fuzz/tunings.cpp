// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Tunings as the logbook keeps them.

#include <string>

#include "target.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/tunings.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace wedgeon::store;
    try {
        const auto tuning = parseTuning({reinterpret_cast<const char*>(data), size});
        // What was taken can be written and read again.
        if (formatTuning(parseTuning(formatTuning(tuning))) != formatTuning(tuning))
            __builtin_trap();
    } catch (const StoreError&) {
        return 0;
    }
    return 0;
}
