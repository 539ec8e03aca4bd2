// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots as JSON.
#include "target.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/shot_file.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace wedgeon::store;
    try {
        readShotsJson({reinterpret_cast<const char*>(data), size});
    } catch (const StoreError&) {
        return 0;
    }
    return 0;
}
