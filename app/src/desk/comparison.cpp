// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Taking sides.
#include "desk/comparison.h"

#include <utility>

namespace wedgeon {

Comparison::Comparison(const WatchedShots& shots, const ShownShots& shown, const Workbench& bench,
                       QObject* parent)
    : QObject(parent),
      shots_(shots),
      shown_(shown),
      bench_(bench),
      watchers_{makeWatcher(A), makeWatcher(B)} {
    connect(&bench_, &Workbench::givensChanged, this, [this] {
        // The strip's givens fill what the shots do not say themselves.
        if (!sides_[A] && !sides_[B]) return;
        for (const Side which : {A, B}) {
            if (sides_[which]) watchAgain(which);
        }
        emit changed();
    });
}

std::unique_ptr<Comparison::Watcher> Comparison::makeWatcher(Side which) {
    return std::make_unique<Watcher>(
        [](const Wanted& wanted) {
            ComparedShots out = wanted.shots;
            out.watchAll(wanted.fallback);
            return out;
        },
        [this, which](const ComparedShots& watched) {
            working_[which] = false;
            sides_[which] = watched;
            emit changed();
        });
}

void Comparison::watchAgain(Side which) {
    ComparedShots& shots = *sides_[which];
    watchers_[which]->forget();
    working_[which] = shots.takesLong();
    if (working_[which]) {
        watchers_[which]->ask({shots, bench_.fallback()});
    } else {
        shots.watchAll(bench_.fallback());
    }
}

void Comparison::take(Side which, int row) {
    if (row >= 0 && row < shots_.rowCount()) set(which, ComparedShots(shots_, row));
}

void Comparison::takeShown(Side which, const QString& words) {
    set(which, ComparedShots(shots_, shown_, words));
}

void Comparison::set(Side which, ComparedShots shots) {
    sides_[which] = std::move(shots);
    watchAgain(which);
    emit changed();
}

void Comparison::swap() {
    std::swap(sides_[A], sides_[B]);
    if (isWorking()) {
        // What is under way would come to the other side.
        for (const Side which : {A, B}) {
            watchers_[which]->forget();
            working_[which] = false;
            if (sides_[which]) watchAgain(which);
        }
    }
    emit changed();
}

bool Comparison::isComplete() const {
    return !isWorking() && sides_[A] && sides_[B] && !sides_[A]->isEmpty() && !sides_[B]->isEmpty();
}

}  // namespace wedgeon
