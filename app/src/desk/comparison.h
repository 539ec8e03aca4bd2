// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The two sides that Explain compares, taken from the stream or from what is shown of it.
#pragma once

#include <QObject>
#include <array>
#include <memory>
#include <optional>

#include "desk/compared_shots.h"
#include "work/latest_worker.h"

namespace wedgeon {

class Comparison : public QObject {
    Q_OBJECT

public:
    enum Side { A, B };
    Comparison(const WatchedShots& shots, const ShownShots& shown, const Workbench& bench,
               QObject* parent = nullptr);

    /// The shot in \p row of the stream.
    void take(Side which, int row);
    /// The counted ones of what is shown, which \p words let through.
    void takeShown(Side which, const QString& words);
    void swap();

    const std::optional<ComparedShots>& side(Side which) const { return sides_[which]; }
    /// Both are there and predicted.
    bool isComplete() const;
    /// Both are there, or will be in a moment.
    bool isWorking() const { return working_[A] || working_[B]; }

signals:
    void changed();

private:
    void set(Side which, ComparedShots shots);
    void watchAgain(Side which);
    struct Wanted {
        ComparedShots shots;
        store::Fallback fallback;
    };
    using Watcher = LatestWorker<Wanted, ComparedShots>;
    std::unique_ptr<Watcher> makeWatcher(Side which);

    const WatchedShots& shots_;
    const ShownShots& shown_;
    const Workbench& bench_;
    std::array<std::optional<ComparedShots>, 2> sides_;
    std::array<bool, 2> working_{};
    std::array<std::unique_ptr<Watcher>, 2> watchers_;
};

}  // namespace wedgeon
