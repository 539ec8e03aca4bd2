// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The shots that a player was asked to hit: ticked off as they come in, or by hand.
#pragma once

#include <QObject>
#include <vector>

#include "desk/shot_log.h"
#include "wedgeon/tune/tune.h"

namespace wedgeon {

class HitList : public QObject {
    Q_OBJECT

public:
    struct Wish {
        NextShot shot;
        std::size_t hit = 0;

        bool isDone() const { return hit >= shot.times; }
    };
    explicit HitList(QObject* parent = nullptr) : QObject(parent) {}

    /// A new list; shots that are in \p shots already do not count.
    void take(const QString& player, const std::vector<NextShot>& wanted, const ShotList& shots);
    void clear();
    /// Ticks off what came in since the last look: a shot counts for the nearest wish that is like
    /// it in ball, face and lie, within 2.5 m/s of club speed and 4 degrees of loft and attack.
    void see(const ShotList& shots, const store::Fallback& fallback);
    /// All of a wish, or none of it.
    void setDone(std::size_t wish, bool done);

    const QString& player() const { return player_; }
    const std::vector<Wish>& wishes() const { return wishes_; }

signals:
    void changed();

private:
    QString player_;
    std::vector<Wish> wishes_;
    std::int64_t lastSeen_ = 0;  ///< the newest shot's id
};

}  // namespace wedgeon
