// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What was said of a file's columns, as the logbook keeps it and as the command line takes it.

#include <string>

#include "target.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/logbook.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace wedgeon::store;
    const std::string text(reinterpret_cast<const char*>(data), size);
    try {
        const ColumnMapping mapping = parseMapping(text);
        if (parseMapping(formatMapping(mapping)).columns.size() != mapping.columns.size())
            __builtin_trap();
    } catch (const StoreError&) {
        // refused with a reason
    }
    try {
        (void)parseOverride(text);
    } catch (const StoreError&) {
        return 0;
    }
    return 0;
}
