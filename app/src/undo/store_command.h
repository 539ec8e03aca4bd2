// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A change of the store with its inverse: one of the two kinds of undo steps. It is shown when it
// is made and written a moment later; one that could not be written does nothing from then on.
#pragma once

#include <QUndoCommand>
#include <functional>
#include <memory>
#include <utility>

namespace wedgeon {

class StoreCommand : public QUndoCommand {
public:
    using Fails = std::function<void()>;
    /// Makes the change, or takes it back; calls the argument when it could not be written.
    using Act = std::function<void(const Fails&)>;

    /// \p done: the change is in the logbook already when the step is pushed. \p dead is told when
    /// the step has become one that does nothing.
    StoreCommand(const QString& what, Act redo, Act undo, bool done, Fails dead)
        : QUndoCommand(what),
          redo_(std::move(redo)),
          undo_(std::move(undo)),
          dead_(std::move(dead)),
          done_(done) {}

    void redo() override { run(redo_); }
    void undo() override { run(undo_); }
    bool isDead() const { return *failed_; }

private:
    void run(const Act& act) {
        if (std::exchange(done_, false)) return;
        if (*failed_) return setObsolete(true);
        // The step may be gone when the answer comes: what they share outlives it.
        act([failed = failed_, dead = dead_] {
            *failed = true;
            dead();
        });
    }

    Act redo_, undo_;
    Fails dead_;
    bool done_;
    std::shared_ptr<bool> failed_ = std::make_shared<bool>(false);
};

}  // namespace wedgeon
