// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What keeps a player whole: hard strikes of the day counted, cautions recorded as shown, pain that
// stops the block. General care; licensed practice and range rules come first.
#pragma once

#include <QObject>
#include <map>
#include <optional>
#include <set>
#include <vector>

#include "desk/preferences.h"
#include "desk/shot_log.h"
#include "desk/workbench.h"
#include "wedgeon/train/strain.h"

namespace wedgeon {

class Care : public QObject {
    Q_OBJECT

public:
    Care(ShotLog& log, Workbench& bench, const Preferences& preferences, QObject* parent = nullptr);

    /// Shots that just came in.
    void take(const std::vector<store::LoggedShot>& shots);
    /// Of the bench's player today.
    StrainState strain() const;
    const StrainLimits& limits() const { return preferences_.values().strain; }

    /// A caution is on the screen: recorded once a day and player.
    void shown(const QString& caution, const QString& text);
    /// Something hurts: noted, an undo step.
    void stopForPain(const QString& text);
    /// When the bench's player stopped for pain today.
    std::optional<store::Note> painToday() const;

signals:
    void changed();
    /// The limit of hard strikes between two pauses, or of full swings on a day, is just reached.
    void pauseDue();
    void dayFull();

private:
    struct Strike {
        std::string player;
        CountedStrike counted;
    };
    void read();
    void add(const store::LoggedShot& shot);

    ShotLog& log_;
    Workbench& bench_;
    const Preferences& preferences_;
    std::map<std::int64_t, Strike> strikes_;  ///< today's, by shot
    std::string day_;
    std::set<std::string> recorded_;  ///< on their way into the logbook
};

}  // namespace wedgeon
