// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The cautions that a set-up calls for, in words. General care only: local codes and a licensed
// clinician or qualified coach come first.
#pragma once

#include <QString>
#include <vector>

#include "wedgeon/shot/predictor.h"

namespace wedgeon::text {

struct Caution {
    QString key;  ///< each is shown once
    QString text;
};

/// Those that apply, the weightiest first; usually none.
std::vector<Caution> cautionsFor(const ShotResult& shot, const Conditions& met);

}  // namespace wedgeon::text
