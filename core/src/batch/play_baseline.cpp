// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The batch for the instruction set "baseline"; its compiler flags are in CMakeLists.txt.
#include "batch/play.h"

namespace wedgeon::batch {

struct BaselineTag;

void playBaseline(const Table& table, std::size_t from, std::size_t to) {
    Player<BaselineTag>::play(table, from, to);
}

}  // namespace wedgeon::batch
