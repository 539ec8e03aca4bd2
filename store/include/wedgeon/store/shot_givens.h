// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What a recorded shot says about wedge, ball, face and lie, in the model's terms.
#pragma once

#include <optional>

#include "wedgeon/shot/shot.h"
#include "wedgeon/store/shot_record.h"

namespace wedgeon::store {

/// The givens of one shot: from its record where it has them, else from \p fallback.
struct ShotGivens {
    Givens givens;
    bool wedgeFromRecord = false;
    bool ballFromRecord = false;
    bool faceFromRecord = false;
    bool lieFromRecord = false;
};
ShotGivens findShotGivens(const ShotRecord& record, const Givens& fallback);

/// The measured club at the strike, when speed, attack and dynamic loft are there. A missing path
/// or face angle counts as straight. Dynamic loft is worked out from spin loft and attack when
/// only that was measured.
std::optional<Delivery> findDelivery(const ShotRecord& record);

/// The measured ball just after the strike, when speed, launch angle and spin are there.
std::optional<Launch> findLaunch(const ShotRecord& record);

/// Release as measured, or total less carry.
std::optional<double> findRelease_m(const ShotRecord& record);

}  // namespace wedgeon::store
