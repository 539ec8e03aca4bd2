// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The two sides that Explain compares, taken from the stream or from what is shown of it.
#pragma once

#include <QObject>
#include <array>
#include <optional>

#include "desk/compared_shots.h"

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
    bool isComplete() const;

signals:
    void changed();

private:
    void set(Side which, ComparedShots shots);

    const WatchedShots& shots_;
    const ShownShots& shown_;
    const Workbench& bench_;
    std::array<std::optional<ComparedShots>, 2> sides_;
};

}  // namespace wedgeon
