// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The fields of what a shot meets in JSON, the same in `predict` and wherever conditions are kept.
#pragma once

#include "json_fields.h"
#include "wedgeon/shot/conditions.h"

namespace wedgeon::store {

/// Takes wedge, ball, face, lie, ground, air and line out of an object: loft_deg must be there, the
/// rest have defaults. Fields of others are left for them. \throws StoreError Malformed;
/// RangeError from a line.
Conditions readConditionsFields(Fields& in);
nlohmann::ordered_json conditionsToJson(const Conditions& conditions);

/// The same without wedge and line.
Conditions readMetFields(Fields& in);
nlohmann::ordered_json metToJson(const Conditions& conditions);

/// What stands inside "air", "ground" and "lie". Fields of others are left for them.
Air readAirFields(Fields& in);
Ground readGroundFields(Fields& in);
Lie readLieFields(Fields& in);

}  // namespace wedgeon::store
