// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One change of the set-up: the shots since it, held against those before it.
#pragma once

#include <QObject>
#include <QString>
#include <optional>

#include "desk/watched_shots.h"

namespace wedgeon {

class OneChange : public QObject {
    Q_OBJECT

public:
    OneChange(const WatchedShots& shots, Workbench& bench, QObject* parent = nullptr);

    /// The set-up that a shot was hit with: as it was declared, else the one that makes what was
    /// read of the club most likely, from the bench's; nothing where neither can be told.
    std::optional<store::NamedRecipe> setUpOf(int row) const;
    /// Puts it on the bench beside the one that is there, chosen; an undo step. False where there
    /// is none.
    bool take(int row);
    /// From now on shots are held against those before, of the taken shot's kind, or of the newest
    /// one's where none was taken.
    void begin();
    void end();
    bool isOn() const { return since_.has_value(); }
    /// "4 shots since the change: landing 3.1° steeper; spin no different." Empty when it is off.
    QString sentence() const;

signals:
    void changed();

private:
    /// Means of one track in shots of the kind: before the change, or since.
    struct Mean {
        double mean = 0.0, half80 = 0.0;
        std::size_t shots = 0;
    };
    struct Kind {
        std::string player, wedge, swing;
        bool operator==(const Kind&) const = default;
    };
    static Kind kindOf(const store::ShotRecord& record);
    std::vector<int> rowsOfKind(bool since) const;
    Mean meanOf(const std::vector<int>& rows, Track track) const;

    const WatchedShots& shots_;
    Workbench& bench_;
    std::optional<std::int64_t> taken_;  ///< id of the shot that it began from
    std::optional<std::int64_t> since_;  ///< id of the newest shot before it
    Kind kind_;
};

}  // namespace wedgeon
