// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One parser each: bytes in, no crash, no hang, only the exceptions that the parser promises. The
// signature is the one of coverage-guided fuzzers; driver.cpp runs it without one.
#pragma once

#include <cstddef>
#include <cstdint>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size);
