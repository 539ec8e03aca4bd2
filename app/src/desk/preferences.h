// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a coach chooses once for every lesson: language, units, his pace, his own launch window, the
// look, backups, limits, what the simulated monitor does. Kept in the settings; each change is one
// undo step and in force at once.
#pragma once

#include <QObject>
#include <QString>
#include <QUndoStack>
#include <optional>

#include "style/style.h"
#include "text/units.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/train/strain.h"

namespace wedgeon {

/// A launch window that a coach goes by.
struct LaunchWindow {
    double from_rad = 0.0, to_rad = 0.0;
    bool operator==(const LaunchWindow&) const = default;
};

/// What the simulated launch monitor does when it is asked for faults; shares of shots.
struct SimulatedFaults {
    double misreads = 0.1, missing = 0.1, duplicates = 0.1, garbage = 0.1;
    int dropEvery = 15;  ///< shots to a dropped connection; 0: never
    bool operator==(const SimulatedFaults&) const = default;
};

struct PreferenceValues {
    QString language;  ///< of a file of translations, such as "de"; empty: the desktop's
    UnitSystem lengths = UnitSystem::Metric;
    SpeedUnit speeds = SpeedUnit::AsLengths;
    double pace_m = 0.9;
    std::optional<LaunchWindow> ownWindow;
    style::Theme theme = style::Theme::Light;
    int textSize_pct = 100;
    QString backupFolder;  ///< empty: beside the logbook
    int backupsKept = 7;
    int attachmentMost_MB = 500;
    StrainLimits strain;
    double shotsPerMinute = 12.0;  ///< of the simulated monitor
    SimulatedFaults faults;

    store::BackupPlan backupPlan() const;
    Units units() const { return Units(lengths, speeds); }
    bool operator==(const PreferenceValues&) const = default;
    /// As they are kept; what another hand wrote there and is out of range is as it comes.
    static PreferenceValues kept();
};

class Preferences : public QObject {
    Q_OBJECT

public:
    /// Begins with those that are kept.
    explicit Preferences(QUndoStack& undo, QObject* parent = nullptr);

    static constexpr double leastPace_m = 0.4, mostPace_m = 1.5;
    static constexpr int leastTextSize_pct = 100, mostTextSize_pct = 200, textSizeStep_pct = 25;
    static constexpr int mostBackups = 60, mostStrikes = 500, mostAttachment_MB = 1'000'000;

    /// For the size before there is an application.
    static QLatin1String textSizeKey();

    const PreferenceValues& values() const { return values_; }
    /// One undo step named \p what. Kept at once. Nothing where nothing changes.
    void change(const QString& what, const PreferenceValues& next);
    /// From metres to yards or back.
    void changeLengths();

signals:
    void changed();

private:
    void put(const PreferenceValues& values);

    QUndoStack& undo_;
    PreferenceValues values_;
};

}  // namespace wedgeon
