// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Where shots are kept, behind one interface so that a logbook can take the place of memory.
#pragma once

#include <cstddef>
#include <vector>

#include "wedgeon/store/shot_record.h"

namespace wedgeon::store {

class Shots {
public:
    virtual ~Shots() = default;
    virtual std::size_t size() const = 0;
    /// Precondition: index < size(). The reference holds until the next append.
    virtual const ShotRecord& at(std::size_t index) const = 0;
    virtual void append(std::vector<ShotRecord> shots) = 0;
};

class MemoryShots final : public Shots {
public:
    std::size_t size() const override { return shots_.size(); }
    const ShotRecord& at(std::size_t index) const override { return shots_[index]; }
    void append(std::vector<ShotRecord> shots) override {
        shots_.insert(shots_.end(), std::make_move_iterator(shots.begin()),
                      std::make_move_iterator(shots.end()));
    }

private:
    std::vector<ShotRecord> shots_;
};

}  // namespace wedgeon::store
