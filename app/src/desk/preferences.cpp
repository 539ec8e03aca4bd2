// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Settings and back.
#include "desk/preferences.h"

#include <QSettings>
#include <algorithm>

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

PreferenceValues kept() {
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

void keep(const PreferenceValues& v) {
    QSettings s;
    s.setValue(key::language, v.language);
    s.setValue(key::lengths, static_cast<int>(v.lengths));
    s.setValue(key::speeds, static_cast<int>(v.speeds));
    s.setValue(key::pace, v.pace_m);
    s.setValue(key::windowFrom, v.ownWindow ? degFromRad(v.ownWindow->from_rad) : 0.0);
    s.setValue(key::windowTo, v.ownWindow ? degFromRad(v.ownWindow->to_rad) : 0.0);
    s.setValue(key::theme, static_cast<int>(v.theme));
    s.setValue(key::textSize, v.textSize_pct);
    s.setValue(key::backupFolder, v.backupFolder);
    s.setValue(key::backupsKept, v.backupsKept);
    s.setValue(key::attachments, v.attachmentMost_MB);
    s.setValue(key::steep, static_cast<int>(v.strain.steepOnHard));
    s.setValue(key::full, static_cast<int>(v.strain.fullEffort));
    s.setValue(key::rate, v.shotsPerMinute);
    s.setValue(key::misreads, v.faults.misreads);
    s.setValue(key::missing, v.faults.missing);
    s.setValue(key::duplicates, v.faults.duplicates);
    s.setValue(key::garbage, v.faults.garbage);
    s.setValue(key::dropEvery, v.faults.dropEvery);
}

}  // namespace

store::BackupPlan PreferenceValues::backupPlan() const {
    return {backupFolder.toStdString(), static_cast<std::size_t>(backupsKept)};
}

bool PreferenceValues::operator==(const PreferenceValues& o) const {
    const auto window = [](const PreferenceValues& v) {
        return v.ownWindow ? std::pair(v.ownWindow->from_rad, v.ownWindow->to_rad)
                           : std::pair(0.0, 0.0);
    };
    return language == o.language && lengths == o.lengths && speeds == o.speeds &&
           pace_m == o.pace_m && window(*this) == window(o) && theme == o.theme &&
           textSize_pct == o.textSize_pct && backupFolder == o.backupFolder &&
           backupsKept == o.backupsKept && attachmentMost_MB == o.attachmentMost_MB &&
           strain.steepOnHard == o.strain.steepOnHard && strain.fullEffort == o.strain.fullEffort &&
           shotsPerMinute == o.shotsPerMinute && faults == o.faults;
}

Preferences::Preferences(QUndoStack& undo, QObject* parent)
    : QObject(parent), undo_(undo), values_(kept()) {}

QLatin1String Preferences::textSizeKey() {
    return key::textSize;
}

QString Preferences::keptLanguage() {
    return Reader().text(key::language);
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
    values_ = values;
    keep(values_);
    emit changed();
}

}  // namespace wedgeon
