// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A value of the bench, before and after: one of the two kinds of undo steps.
#pragma once

#include <QUndoCommand>
#include <functional>

#include "desk/bench_state.h"

namespace wedgeon {

class BenchCommand : public QUndoCommand {
public:
    /// Puts a value on the bench; the second one is shown as the ghost.
    using Put = std::function<void(const BenchState& now, const BenchState& ghost)>;

    /// Steps of the same \p gesture (not 0) merge into one that keeps the first "before".
    BenchCommand(const QString& what, BenchState before, BenchState after, BenchState ghost,
                 int gesture, Put put)
        : QUndoCommand(what),
          before_(std::move(before)),
          after_(std::move(after)),
          ghost_(std::move(ghost)),
          gesture_(gesture),
          put_(std::move(put)) {}

    void undo() override { put_(before_, after_); }
    void redo() override { put_(after_, ghost_); }
    int id() const override { return gesture_ == 0 ? -1 : 1; }
    bool mergeWith(const QUndoCommand* other) override {
        const auto* next = static_cast<const BenchCommand*>(other);
        if (!continues(next->gesture_)) return false;
        after_ = next->after_;
        return true;
    }
    bool continues(int gesture) const { return gesture != 0 && gesture == gesture_; }

private:
    BenchState before_, after_, ghost_;
    int gesture_;
    Put put_;
};

}  // namespace wedgeon
