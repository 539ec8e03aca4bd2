// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Settings and back.
#include "desk/preferences.h"

#include <QSettings>
#include <QVariant>
#include <algorithm>
#include <utility>

#include "undo/store_command.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// One name for reading and writing of each.
namespace key {
constexpr QLatin1String language("language"), lengths("units/lengths"), speeds("units/speeds"),
    pace("pace_m"), windowFrom("ownWindow/from_deg"), windowTo("ownWindow/to_deg"), theme("theme"),
    textSize("textSize_pct"), backupFolder("backups/folder"), backupsKept("backups/kept"),
    attachments("attachments/most_MB"), steep("care/steepOnHard"), full("care/fullEffort"),
    rate("simulated/rate"), misreads("simulated/misreads"), missing("simulated/missing"),
    duplicates("simulated/duplicates"), garbage("simulated/garbage"),
    dropEvery("simulated/dropEvery");
}  // namespace key

constexpr double leastLaunch_deg = 5.0, mostLaunch_deg = 75.0;
constexpr double leastRate = 0.5, mostRate = 600.0;

class Reader {
public:
    /// \p usual where nothing is kept, or something else than a number within the limits.
    double number(QLatin1String key, double usual, double least, double most) const {
        bool good = false;
        const double kept = settings_.value(key).toDouble(&good);
        return good && kept >= least && kept <= most ? kept : usual;
    }
    int whole(QLatin1String key, int usual, int least, int most) const {
        return static_cast<int>(number(key, usual, least, most));
    }
    template <class Choice>
    Choice choice(QLatin1String key, Choice usual, Choice last) const {
        return static_cast<Choice>(whole(key, static_cast<int>(usual), 0, static_cast<int>(last)));
    }
    QString text(QLatin1String key) const { return settings_.value(key).toString().left(4096); }

private:
    QSettings settings_;
};

/// Only what differs: another window may have changed the rest since this one has read it.
void keep(const PreferenceValues& former, const PreferenceValues& next) {
    QSettings settings;
    const auto set = [&](QLatin1String key, const auto& get) {
        const QVariant value = QVariant::fromValue(get(next));
        if (value != QVariant::fromValue(get(former))) settings.setValue(key, value);
    };
    using Values = const PreferenceValues&;
    const auto end = [](Values v, double LaunchWindow::*which) {
        return v.ownWindow ? degFromRad((*v.ownWindow).*which) : 0.0;
    };
    set(key::language, [](Values v) { return v.language; });
    set(key::lengths, [](Values v) { return static_cast<int>(v.lengths); });
    set(key::speeds, [](Values v) { return static_cast<int>(v.speeds); });
    set(key::pace, [](Values v) { return v.pace_m; });
    set(key::windowFrom, [&](Values v) { return end(v, &LaunchWindow::from_rad); });
    set(key::windowTo, [&](Values v) { return end(v, &LaunchWindow::to_rad); });
    set(key::theme, [](Values v) { return static_cast<int>(v.theme); });
    set(key::textSize, [](Values v) { return v.textSize_pct; });
    set(key::backupFolder, [](Values v) { return v.backupFolder; });
    set(key::backupsKept, [](Values v) { return v.backupsKept; });
    set(key::attachments, [](Values v) { return v.attachmentMost_MB; });
    set(key::steep, [](Values v) { return static_cast<int>(v.strain.steepOnHard); });
    set(key::full, [](Values v) { return static_cast<int>(v.strain.fullEffort); });
    set(key::rate, [](Values v) { return v.shotsPerMinute; });
    set(key::misreads, [](Values v) { return v.faults.misreads; });
    set(key::missing, [](Values v) { return v.faults.missing; });
    set(key::duplicates, [](Values v) { return v.faults.duplicates; });
    set(key::garbage, [](Values v) { return v.faults.garbage; });
    set(key::dropEvery, [](Values v) { return v.faults.dropEvery; });
}

}  // namespace

PreferenceValues PreferenceValues::kept() {
    const Reader read;
    PreferenceValues v;
    v.language = read.text(key::language);
    v.lengths = read.choice(key::lengths, v.lengths, UnitSystem::Yards);
    v.speeds = read.choice(key::speeds, v.speeds, SpeedUnit::KilometresPerHour);
    v.pace_m = read.number(key::pace, v.pace_m, Preferences::leastPace_m, Preferences::mostPace_m);
    const double from = read.number(key::windowFrom, 0.0, leastLaunch_deg, mostLaunch_deg);
    const double to = read.number(key::windowTo, 0.0, leastLaunch_deg, mostLaunch_deg);
    if (from > 0.0 && to >= from) v.ownWindow = LaunchWindow{radFromDeg(from), radFromDeg(to)};
    v.theme = read.choice(key::theme, v.theme, style::Theme::DarkContrast);
    v.textSize_pct = read.whole(key::textSize, v.textSize_pct, Preferences::leastTextSize_pct,
                                Preferences::mostTextSize_pct);
    v.backupFolder = read.text(key::backupFolder);
    v.backupsKept = read.whole(key::backupsKept, v.backupsKept, 1, Preferences::mostBackups);
    v.attachmentMost_MB =
        read.whole(key::attachments, v.attachmentMost_MB, 1, Preferences::mostAttachment_MB);
    const auto strikes = [&](QLatin1String key, std::size_t usual) {
        return static_cast<std::size_t>(
            read.whole(key, static_cast<int>(usual), 1, Preferences::mostStrikes));
    };
    v.strain.steepOnHard = strikes(key::steep, v.strain.steepOnHard);
    v.strain.fullEffort = strikes(key::full, v.strain.fullEffort);
    v.shotsPerMinute = read.number(key::rate, v.shotsPerMinute, leastRate, mostRate);
    SimulatedFaults& f = v.faults;
    f.misreads = read.number(key::misreads, f.misreads, 0.0, 1.0);
    f.missing = read.number(key::missing, f.missing, 0.0, 1.0);
    f.duplicates = read.number(key::duplicates, f.duplicates, 0.0, 1.0);
    f.garbage = read.number(key::garbage, f.garbage, 0.0, 1.0);
    f.dropEvery = read.whole(key::dropEvery, f.dropEvery, 0, 10'000);
    return v;
}

store::BackupPlan PreferenceValues::backupPlan() const {
    return {backupFolder.toStdString(), static_cast<std::size_t>(backupsKept)};
}

Preferences::Preferences(QUndoStack& undo, QObject* parent)
    : QObject(parent), undo_(undo), values_(PreferenceValues::kept()) {}

QLatin1String Preferences::textSizeKey() {
    return key::textSize;
}

void Preferences::change(const QString& what, const PreferenceValues& next) {
    if (next == values_) return;
    // Nothing of the store: it cannot fail.
    undo_.push(new StoreCommand(
        what, [this, next](const auto&) { put(next); },
        [this, before = values_](const auto&) { put(before); }, false, [] {}));
}

void Preferences::changeLengths() {
    PreferenceValues next = values_;
    const bool metric = next.lengths == UnitSystem::Metric;
    next.lengths = metric ? UnitSystem::Yards : UnitSystem::Metric;
    change(metric ? tr("show yards") : tr("show metres"), next);
}

void Preferences::put(const PreferenceValues& values) {
    keep(std::exchange(values_, values), values);
    emit changed();
}

}  // namespace wedgeon
