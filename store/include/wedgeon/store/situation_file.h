// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Situations with names: the line, what the ball lies in, the air. As a JSON document that
/// shares its field names with the command line's `predict`, and in the logbook. Format:
/// docs/formats.md.
#pragma once

#include <filesystem>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/plan/plan.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

struct Situation {
    std::string name;  ///< UTF-8, up to 240 bytes, no control characters
    /// Line, ball, face, lie and air. Its wedge is not used.
    Conditions conditions;
    /// What was said of the lie; where nothing was, the conditions' numbers are meant.
    LieAnswers lie;
    std::vector<BagClub> clubs;  ///< what is played with; none: the player's own

    bool operator==(const Situation&) const = default;
};

inline constexpr std::size_t mostSituations = 500;

/// \throws StoreError or RangeError naming field, value and limits. A line that cannot be planned
/// (without a flag, a flag off the green) is one all the same: PlanRequest::validate says so.
Situation parseSituation(std::string_view json);
/// Indented, for people; on one line for the logbook.
std::string formatSituation(const Situation& situation, bool indented = true);

/// \throws StoreError; a file may have up to 1 MB.
Situation readSituation(const std::filesystem::path& path);
/// Replaces the file as a whole. \throws StoreError.
void writeSituation(const std::filesystem::path& path, const Situation& situation);

/// The situations of one logbook, in the order in which they came. \throws StoreError from each.
class Situations {
public:
    explicit Situations(Logbook& logbook) : logbook_(logbook) {}

    std::vector<Situation> all() const;
    /// Each in the place of one with the same name; all or none.
    void keep(std::span<const Situation> situations);
    void remove(const std::string& name);

private:
    Logbook& logbook_;
};

}  // namespace wedgeon::store
