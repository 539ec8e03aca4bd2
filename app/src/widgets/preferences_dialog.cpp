// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The groups and rows, and the search over them.
#include "widgets/preferences_dialog.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QGroupBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QSpinBox>
#include <QVBoxLayout>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "text/language.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// A number whose wheel does nothing: the page is scrolled over it.
template <class Box>
class Still : public Box {
protected:
    void wheelEvent(QWheelEvent* event) override { event->ignore(); }
};

}  // namespace

PreferencesDialog::PreferencesDialog(Desk& desk, QWidget* parent)
    : QDialog(parent),
      desk_(desk),
      search_(new QLineEdit),
      area_(new QScrollArea),
      all_(new QWidget),
      nothing_(new QLabel(tr("No preference has all of these words."))) {
    setWindowTitle(tr("Preferences"));
    resize(640, 620);
    auto* column = new QVBoxLayout(this);
    search_->setPlaceholderText(tr("Search the preferences"));
    search_->setAccessibleName(tr("Search the preferences"));
    search_->setClearButtonEnabled(true);
    column->addWidget(search_);
    auto* groups = new QVBoxLayout(all_);
    groups->setSpacing(14);
    makeLanguageAndUnits();
    makeLook();
    makeWork();
    makeBackups();
    makeSimulated();
    groups->addWidget(nothing_);
    nothing_->hide();
    groups->addStretch(1);
    area_->setWidget(all_);
    area_->setWidgetResizable(true);
    area_->setFrameShape(QFrame::NoFrame);
    area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(area_, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    buttons->button(QDialogButtonBox::Close)->setText(tr("Close"));
    auto* undo = buttons->addButton(tr("Undo"), QDialogButtonBox::ActionRole);
    undo->setToolTip(tr("Takes the last change back (Ctrl+Z)"));
    QUndoStack& stack = desk_.bench().undoStack();
    undo->setEnabled(stack.canUndo());
    undo->setShortcut(QKeySequence::Undo);
    connect(&stack, &QUndoStack::canUndoChanged, undo, &QWidget::setEnabled);
    connect(undo, &QPushButton::clicked, &stack, &QUndoStack::undo);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    connect(search_, &QLineEdit::textChanged, this, &PreferencesDialog::search);
    connect(&desk_.preferences(), &Preferences::changed, this, &PreferencesDialog::refresh);
    refresh();
}

void PreferencesDialog::addGroup(const QString& title, const QString& about) {
    group_ = new QGroupBox(title);
    auto* form = new QFormLayout(group_);
    form->setFieldGrowthPolicy(QFormLayout::AllNonFixedFieldsGrow);
    if (!about.isEmpty()) {
        auto* label = new QLabel(about);
        label->setWordWrap(true);
        label->setTextFormat(Qt::PlainText);
        form->addRow(label);
    }
    all_->layout()->addWidget(group_);
}

void PreferencesDialog::addRow(const QString& place, const QString& label, QWidget* field,
                               const QString& words) {
    auto* name = new QLabel(label);
    name->setBuddy(field);
    if (field->accessibleName().isEmpty())
        field->setAccessibleName(QString(label).remove(QLatin1Char('&')));
    static_cast<QFormLayout*>(group_->layout())->addRow(name, field);
    rows_.append({group_, name, field,
                  QString(label).remove(QLatin1Char('&')) + QLatin1Char(' ') + group_->title() +
                      QLatin1Char(' ') + words,
                  place});
}

void PreferencesDialog::follow(std::function<void(const Values&)> show) {
    shows_.append(std::move(show));
}

void PreferencesDialog::change(const QString& what, const std::function<void(Values&)>& set) {
    if (refreshing_) return;
    Values next = desk_.preferences().values();
    set(next);
    desk_.preferences().change(what, next);
}

QComboBox* PreferencesDialog::addChoice(const QString& place, const QString& label,
                                        const QStringList& names, int (*get)(const Values&),
                                        void (*set)(Values&, int), const QString& words) {
    auto* box = new Still<QComboBox>;
    box->addItems(names);
    addRow(place, label, box, words + QLatin1Char(' ') + names.join(QLatin1Char(' ')));
    const QString what = box->accessibleName();
    connect(box, &QComboBox::currentIndexChanged, this, [this, what, set](int chosen) {
        if (chosen >= 0) change(what, [&](Values& v) { set(v, chosen); });
    });
    follow([box, get](const Values& v) { box->setCurrentIndex(get(v)); });
    return box;
}

QSpinBox* PreferencesDialog::addWhole(const QString& place, const QString& label, int least,
                                      int most, const QString& unit, int (*get)(const Values&),
                                      void (*set)(Values&, int), const QString& words) {
    auto* box = new Still<QSpinBox>;
    box->setRange(least, most);
    box->setSuffix(unit.isEmpty() ? QString() : QChar(0xA0) + unit);
    box->setKeyboardTracking(false);
    addRow(place, label, box, words);
    const QString what = box->accessibleName();
    connect(box, &QSpinBox::valueChanged, this,
            [this, what, set](int value) { change(what, [&](Values& v) { set(v, value); }); });
    follow([box, get](const Values& v) { box->setValue(get(v)); });
    return box;
}

void PreferencesDialog::makeLanguageAndUnits() {
    addGroup(tr("Language and units"));
    const auto languages = text::shippedLanguages();
    auto* box = new Still<QComboBox>;
    box->addItem(tr("As the desktop"), QString());
    for (const text::Language& one : languages)
        box->addItem(one.name, one.code);
    addRow(QStringLiteral("language"), tr("&Language"), box, tr("translation numbers dates"));
    connect(box, &QComboBox::currentIndexChanged, this, [this, box](int) {
        change(tr("language"), [&](Values& v) { v.language = box->currentData().toString(); });
    });
    follow(
        [box](const Values& v) { box->setCurrentIndex(std::max(0, box->findData(v.language))); });
    addChoice(
        QStringLiteral("lengths"), tr("Len&gths"), {tr("Metres"), tr("Yards, heights in feet")},
        [](const Values& v) { return static_cast<int>(v.lengths); },
        [](Values& v, int chosen) { v.lengths = static_cast<UnitSystem>(chosen); },
        tr("units distance"));
    addChoice(
        QStringLiteral("speeds"), tr("&Speeds"),
        {tr("As lengths go: m/s with metres, mph with yards"), tr("m/s"), tr("mph"), tr("km/h")},
        [](const Values& v) { return static_cast<int>(v.speeds); },
        [](Values& v, int chosen) { v.speeds = static_cast<SpeedUnit>(chosen); }, tr("units"));
    auto* pace = new Still<QDoubleSpinBox>;
    pace->setDecimals(2);
    pace->setSingleStep(0.01);
    pace->setKeyboardTracking(false);
    addRow(QStringLiteral("pace"), tr("One of your &paces"), pace, tr("distance step length"));
    connect(pace, &QDoubleSpinBox::valueChanged, this, [this](double shown) {
        const double factor = desk_.bench().units().lengthFactor();
        change(tr("length of a pace"), [&](Values& v) {
            v.pace_m =
                std::clamp(shown / factor, Preferences::leastPace_m, Preferences::mostPace_m);
        });
    });
    follow([pace](const Values& v) {
        const Units units = v.units();
        const double factor = units.lengthFactor();
        pace->setSuffix(QChar(0xA0) + units.lengthName());
        pace->setRange(Preferences::leastPace_m * factor, Preferences::mostPace_m * factor);
        pace->setValue(v.pace_m * factor);
    });
}

void PreferencesDialog::makeLook() {
    addGroup(tr("Look"));
    addChoice(
        QStringLiteral("theme"), tr("&Theme"),
        {tr("Light"), tr("Dark"), tr("Light, high contrast"), tr("Dark, high contrast")},
        [](const Values& v) { return static_cast<int>(v.theme); },
        [](Values& v, int chosen) { v.theme = static_cast<style::Theme>(chosen); },
        tr("colours sunlight"));
    QStringList sizes;
    for (int pct = Preferences::leastTextSize_pct; pct <= Preferences::mostTextSize_pct;
         pct += Preferences::textSizeStep_pct)
        sizes << text::withUnit(text::number(pct, 0), tr("%", "per cent"));
    addChoice(
        QStringLiteral("text-size"), tr("Size of te&xt and drawings"), sizes,
        [](const Values& v) {
            return (v.textSize_pct - Preferences::leastTextSize_pct) /
                   Preferences::textSizeStep_pct;
        },
        [](Values& v, int chosen) {
            v.textSize_pct =
                Preferences::leastTextSize_pct + chosen * Preferences::textSizeStep_pct;
        },
        tr("zoom large font scale"));
}

void PreferencesDialog::makeWork() {
    addGroup(
        tr("Your own window of launch"),
        tr("Today's window follows from speed, ball, face and lie. One that you go by yourself "
           "stands beside it in Shape."));
    auto* has = new QCheckBox(tr("Draw and compare it"));
    addRow(QStringLiteral("window"), tr("Own &window"), has, tr("launch spin Shape"));
    const auto addEnd = [&](const QString& label, double LaunchWindow::*end) {
        auto* box = new Still<QDoubleSpinBox>;
        box->setRange(5.0, 75.0);
        box->setDecimals(0);
        box->setSuffix(QStringLiteral("°"));
        box->setKeyboardTracking(false);
        addRow(QStringLiteral("window"), label, box, tr("launch spin Shape"));
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, end](double shown) {
            change(tr("own launch window"), [&](Values& v) {
                if (!v.ownWindow) return;
                (*v.ownWindow).*end = radFromDeg(shown);
                // The other end gives way.
                if (v.ownWindow->from_rad > v.ownWindow->to_rad)
                    v.ownWindow->from_rad = v.ownWindow->to_rad = radFromDeg(shown);
            });
        });
        follow([box, end](const Values& v) {
            box->setEnabled(v.ownWindow.has_value());
            if (v.ownWindow) box->setValue(degFromRad((*v.ownWindow).*end));
        });
    };
    addEnd(tr("Launch &from"), &LaunchWindow::from_rad);
    addEnd(tr("Launch t&o"), &LaunchWindow::to_rad);
    connect(has, &QCheckBox::toggled, this, [this](bool on) {
        change(tr("own launch window"), [&](Values& v) {
            if (!on) return v.ownWindow.reset();
            LaunchWindow today{radFromDeg(25), radFromDeg(35)};
            if (const auto& p = desk_.bench().prediction())
                today = {radFromDeg(std::round(degFromRad(p->window.from.launch_rad))),
                         radFromDeg(std::round(degFromRad(p->window.to.launch_rad)))};
            v.ownWindow = today;
        });
    });
    follow([has](const Values& v) { has->setChecked(v.ownWindow.has_value()); });

    addGroup(tr("Limits of hard strikes"),
             tr("Numbers to begin with, without a law of medicine behind them: set them lower for "
                "whoever has been injured, and ask a licensed clinician."));
    addWhole(
        QStringLiteral("strikes"), tr("Steep strikes off mats or hard ground before a pause"), 1,
        Preferences::mostStrikes, {},
        [](const Values& v) { return static_cast<int>(v.strain.steepOnHard); },
        [](Values& v, int n) { v.strain.steepOnHard = static_cast<std::size_t>(n); },
        tr("care injury Train"));
    addWhole(
        QStringLiteral("strikes"), tr("Strikes with full effort on a day"), 1,
        Preferences::mostStrikes, {},
        [](const Values& v) { return static_cast<int>(v.strain.fullEffort); },
        [](Values& v, int n) { v.strain.fullEffort = static_cast<std::size_t>(n); },
        tr("care injury Train"));
}

void PreferencesDialog::makeBackups() {
    addGroup(tr("Logbook"));
    auto* where = new QWidget;
    auto* row = new QHBoxLayout(where);
    row->setContentsMargins(0, 0, 0, 0);
    auto* folder = new QLineEdit;
    folder->setReadOnly(true);
    folder->setPlaceholderText(tr("beside the logbook"));
    folder->setAccessibleName(tr("Folder of the backups"));
    auto* choose = new QPushButton(tr("Choose…"));
    auto* beside = new QPushButton(tr("Beside it"));
    row->addWidget(folder, 1);
    row->addWidget(choose);
    row->addWidget(beside);
    connect(choose, &QPushButton::clicked, this, &PreferencesDialog::chooseFolder);
    connect(beside, &QPushButton::clicked, this, [this] {
        change(tr("folder of the backups"), [](Values& v) { v.backupFolder.clear(); });
    });
    addRow(QStringLiteral("backups"), tr("&Backups lie in"), where, tr("folder disk safe copy"));
    follow([folder, beside](const Values& v) {
        folder->setText(v.backupFolder);
        beside->setEnabled(!v.backupFolder.isEmpty());
    });
    addWhole(
        QStringLiteral("backups"), tr("Backups &kept, one a day"), 1, Preferences::mostBackups, {},
        [](const Values& v) { return v.backupsKept; }, [](Values& v, int n) { v.backupsKept = n; },
        tr("days safe copy"));
    auto* restore = new QPushButton(tr("Restore a backup…"));
    connect(restore, &QPushButton::clicked, this, &PreferencesDialog::restoreWanted);
    addRow(QStringLiteral("backups"), tr("Put one back"), restore, tr("restore preview"));
    addWhole(
        QStringLiteral("attachments"), tr("&Pictures and clips are copied up to"), 1,
        Preferences::mostAttachment_MB, tr("MB"),
        [](const Values& v) { return v.attachmentMost_MB; },
        [](Values& v, int n) { v.attachmentMost_MB = n; }, tr("size attach video"));
}

void PreferencesDialog::addShare(const QString& place, const QString& label,
                                 double SimulatedFaults::*share) {
    auto* box = new Still<QSpinBox>;
    box->setRange(0, 100);
    box->setSuffix(QChar(0xA0) + tr("of 100"));
    box->setKeyboardTracking(false);
    addRow(place, label, box, tr("faults"));
    const QString what = box->accessibleName();
    connect(box, &QSpinBox::valueChanged, this, [this, what, share](int value) {
        change(what, [&](Values& v) { v.faults.*share = value / 100.0; });
    });
    follow([box, share](const Values& v) {
        box->setValue(static_cast<int>(std::lround(v.faults.*share * 100.0)));
    });
}

void PreferencesDialog::makeSimulated() {
    addGroup(
        tr("Simulated launch monitor"),
        tr("What it does the next time it is started; the faults only where it is started with "
           "them."));
    const QString place = QStringLiteral("simulated");
    addWhole(
        place, tr("Shots a minute"), 1, 600, {},
        [](const Values& v) { return static_cast<int>(std::lround(v.shotsPerMinute)); },
        [](Values& v, int n) { v.shotsPerMinute = n; }, tr("rate"));
    addShare(place, tr("With one number far off"), &SimulatedFaults::misreads);
    addShare(place, tr("With half the numbers missing"), &SimulatedFaults::missing);
    addShare(place, tr("Sent twice"), &SimulatedFaults::duplicates);
    addShare(place, tr("With garbage before them"), &SimulatedFaults::garbage);
    auto* drops = addWhole(
        place, tr("Connection drops after"), 0, 10'000, tr("shots"),
        [](const Values& v) { return v.faults.dropEvery; },
        [](Values& v, int n) { v.faults.dropEvery = n; }, tr("faults"));
    drops->setSpecialValueText(tr("never"));
}

void PreferencesDialog::chooseFolder() {
    const QString folder = QFileDialog::getExistingDirectory(
        this, tr("Folder of the backups"), desk_.preferences().values().backupFolder);
    if (!folder.isEmpty())
        change(tr("folder of the backups"), [&](Values& v) { v.backupFolder = folder; });
}

void PreferencesDialog::refresh() {
    refreshing_ = true;
    for (const auto& show : std::as_const(shows_))
        show(desk_.preferences().values());
    refreshing_ = false;
}

void PreferencesDialog::search(const QString& words) {
    if (search_->text() != words) return search_->setText(words);  // comes back here
    const QStringList wanted = words.simplified().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    QVector<QGroupBox*> shown;
    for (const Row& row : std::as_const(rows_)) {
        const bool fits = std::all_of(wanted.begin(), wanted.end(), [&](const QString& word) {
            return row.words.contains(word, Qt::CaseInsensitive);
        });
        row.label->setVisible(fits);
        row.field->setVisible(fits);
        if (fits) shown.append(row.group);
    }
    for (auto* group : all_->findChildren<QGroupBox*>())
        group->setVisible(shown.contains(group));
    nothing_->setVisible(shown.isEmpty());
}

void PreferencesDialog::showPlace(const QString& place) {
    search_->clear();
    for (const Row& row : std::as_const(rows_)) {
        if (row.place != place) continue;
        // The whole group comes into sight, and the field has the keys.
        area_->ensureWidgetVisible(row.group, 0, 12);
        QWidget* field = row.field->focusPolicy() != Qt::NoFocus
                             ? row.field
                             : row.field->findChild<QPushButton*>();
        if (field) field->setFocus();
        return;
    }
    search_->setFocus();
}

}  // namespace wedgeon
