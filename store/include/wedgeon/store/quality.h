// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What is doubtful about a reading, with a reason and how sure that is. The program notes;
/// the coach sets aside.
#pragma once

#include <stop_token>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/store/message.h"
#include "wedgeon/store/shot_givens.h"
#include "wedgeon/store/shot_list.h"

namespace wedgeon::store {

enum class Doubt {
    Units,      ///< a factor that a unit mix-up makes
    Energy,     ///< the ball is faster than any strike makes it
    Spin,       ///< more spin than a gripping strike gives
    Duplicate,  ///< the same reading as one of the last fifty
    Frozen,     ///< one value stands still while the rest moves
    Estimated,  ///< spin in round hundreds, or by a formula: computed, not seen
    Fat,
    Thin,
    OffCentre,  ///< toe or heel, by the axis
    Damaged,    ///< does not read as it was written
    Outlier,    ///< far from this player's own pattern
    Change      ///< a day or a heap of shots apart from the others: a question, no misread
};

struct QualityNote {
    Doubt doubt = Doubt::Outlier;
    /// 0-1: of such notes, the share that were right in a mixture of ordinary lessons with their
    /// mishits and misreads, or where no lesson has enough of them the author's guess.
    double confidence = 0.0;
    Message reason;
};

/// The notes of one shot without those that the coach dismissed.
std::vector<QualityNote> sharedDoubts(std::vector<QualityNote> notes, const LoggedShot& shot);

/// Some note doubts the reading; what changed is a question, and no doubt of it.
bool isDoubtful(const std::vector<QualityNote>& notes);

/// By which the logbook knows it: in a dismissal, and as the reason of a shot set aside.
std::string_view doubtKey(Doubt doubt);
/// The reason of a shot that the coach set aside of himself.
inline constexpr std::string_view coachKey = "coach";

/// Notes of each shot, the surest first; most have none. \p shots in the order in which they were
/// hit.
/// - Ball against club: ball speed, launch and spin beside what the model gives with the player's
///   tuning, or where he has none with a fit of these shots (fitStrike) whose robust weights let no
///   misread lead it; a day first against the other days, then a shot against its day. Shots with
///   one ball that lie in two heaps are a question, and each heap is judged by itself.
/// - Flight: carry, apex and landing angle beside the flight of the measured launch, about the
///   day's middle, as wind is not logged.
/// - Bounds that no strike passes; repeats; values that stand still longer than chance makes them.
/// - Where the club was not read, this player's own pattern with this wedge, swing and ball, by
///   median and median deviation, from eight shots on.
/// What was set aside is no part of a pattern. With \p from only the shots from there on are looked
/// at and compared with each other, and nothing is fitted; \p stop ends it with what was found.
std::vector<std::vector<QualityNote>> findDoubts(const ShotList& shots, const Fallback& fallback,
                                                 std::size_t from = 0,
                                                 const std::stop_token& stop = {});

}  // namespace wedgeon::store
