// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a scatter must be.
#include "wedgeon/delivery/scatter.h"

#include "wedgeon/error.h"

namespace wedgeon {

void PlayerScatter::validate() const {
    for (const double s : sd)
        requireRange("player.sd", s, 0.0, 1.0);
    for (std::size_t i = 0; i < scatterCount; ++i) {
        requireRange("player.correlation", correlation[i][i], 1.0 - 1e-9, 1.0 + 1e-9);
        for (std::size_t j = 0; j < i; ++j) {
            requireRange("player.correlation", correlation[i][j], -1.0, 1.0);
            requireRange("player.correlation", correlation[j][i], correlation[i][j] - 1e-12,
                         correlation[i][j] + 1e-12);
        }
    }
}

}  // namespace wedgeon
