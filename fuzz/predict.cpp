// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Cases of the command line's predict.
#include <stdexcept>
#include <string>

#include "predict.h"
#include "target.h"
#include "wedgeon/store/error.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    try {
        wedgeon::cli::predict(std::string(reinterpret_cast<const char*>(data), size), false);
    } catch (const wedgeon::store::StoreError&) {
        return 0;
    } catch (const std::invalid_argument&) {
        return 0;
    }
    return 0;
}
