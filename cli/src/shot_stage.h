// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The stage `shot`: its input as docs/formats.md lists it, its output, and what may be asked
// besides.
#pragma once

#include "json_fields.h"
#include "json_text.h"
#include "wedgeon/batch/batch.h"
#include "wedgeon/shot/predictor.h"

namespace wedgeon::cli {

using store::Fields;
using store::named;

struct ShotCase {
    Recipe recipe;
    Hand hand = Hand::Right;
    Conditions conditions;
    double aim_rad = 0.0;  ///< body, path and face turned
    /// Who swings, where his scatter is given: his chances and his simulation are of him.
    std::shared_ptr<const Tuning> player;

    Predictor predictor() const { return {{"", hand, player}, conditions}; }
};

/// Reads recipe, hand, player and conditions; the fields of the other extras are left alone.
ShotCase readShot(Fields& in);
/// True when the input asks for more than the shot itself.
bool hasExtras(const Fields& in);

void writeLaunch(JsonText& out, const Launch& launch);
void writeFlight(JsonText& out, const FlightResult& flight);
void writeRun(JsonText& out, const GroundResult& run);

/// The single path: everything, extras included.
void runShot(Fields in, JsonText& out);
/// The vectorised path's output of one shot. Without what only single shots have: margin and
/// chances, aim, low point and the like.
void writeBatchShot(JsonText& out, const BatchResult& result, std::size_t i);

/// The scatter that a player is given with; an ordinary one's where it is silent.
PlayerScatter readScatter(Fields player);
/// samples, seed, gust_pct: writes "simulation".
void runSimulation(Fields& in, const ShotCase& shot, JsonText& out);
/// ask: writes "answer".
void runAsk(Fields& in, const ShotCase& shot, JsonText& out);
/// sensitivity: writes "worth".
void runSensitivity(Fields& in, const ShotCase& shot, JsonText& out);
/// explain_against: writes "shares".
void runExplanation(Fields& in, const ShotCase& shot, JsonText& out);

}  // namespace wedgeon::cli
