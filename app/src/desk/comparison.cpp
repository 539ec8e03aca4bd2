// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Taking sides.
#include "desk/comparison.h"

#include <utility>

namespace wedgeon {

Comparison::Comparison(const WatchedShots& shots, const ShownShots& shown, const Workbench& bench,
                       QObject* parent)
    : QObject(parent), shots_(shots), shown_(shown), bench_(bench) {
    connect(&bench_, &Workbench::givensChanged, this, [this] {
        // The strip's givens fill what the shots do not say themselves.
        if (!sides_[A] && !sides_[B]) return;
        for (auto& side : sides_) {
            if (side) side->watchAgain(bench_.fallback());
        }
        emit changed();
    });
}

void Comparison::take(Side which, int row) {
    if (row < 0 || row >= shots_.rowCount()) return;
    set(which, ComparedShots(shots_, row, bench_.fallback()));
}

void Comparison::takeShown(Side which, const QString& words) {
    set(which, ComparedShots(shots_, shown_, words, bench_.fallback()));
}

void Comparison::set(Side which, ComparedShots shots) {
    sides_[which] = std::move(shots);
    emit changed();
}

void Comparison::swap() {
    std::swap(sides_[A], sides_[B]);
    emit changed();
}

bool Comparison::isComplete() const {
    return sides_[A] && sides_[B] && !sides_[A]->isEmpty() && !sides_[B]->isEmpty();
}

}  // namespace wedgeon
