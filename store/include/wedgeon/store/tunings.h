// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file The logbook's tunings: every one is kept with its data, date and version.
#pragma once

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "wedgeon/shot/tuning.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon::store {

struct KeptTuning {
    std::int64_t id = 0;
    Tuning tuning;
    std::string made;     ///< ISO 8601
    std::string program;  ///< version that made it
    std::size_t shots = 0;
    std::vector<std::int64_t> shotIds;  ///< that it was made of
};

/// \throws StoreError from each.
class Tunings {
public:
    explicit Tunings(Logbook& logbook) : logbook_(logbook) {}

    /// A player's, the newest first; rows that another hand spoilt are left out.
    std::vector<KeptTuning> of(const std::string& player) const;
    /// Its id.
    std::int64_t keep(const KeptTuning& tuning);
    /// The one in use of a player; nothing: the priors.
    std::optional<KeptTuning> inUse(const std::string& player) const;
    /// The players that have any.
    std::vector<std::string> players() const;
    /// The ones in use, by player.
    std::map<std::string, std::shared_ptr<const Tuning>> allInUse() const;
    /// Takes a kept one into use, or the priors with 0.
    void use(const std::string& player, std::int64_t id);

private:
    Logbook& logbook_;
};

/// As JSON, exact; and back (the player is not in it). \throws StoreError Malformed saying which
/// field is wrong.
std::string formatTuning(const Tuning& tuning);
Tuning parseTuning(const std::string& json);

}  // namespace wedgeon::store
