// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Fields of one station at a time.
#include "views/train/drill_dialog.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSpinBox>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "text/said.h"
#include "text/train_words.h"
#include "wedgeon/error.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr std::size_t windowRows = 6, mostStations = 20;
constexpr int longestLine = 60, longestText = 120, linesHeight_px = 46;

/// A line that may be longer than there is room beside its name.
QPlainTextEdit* makeLines(const QString& text) {
    auto* out = new QPlainTextEdit(text);
    out->setFixedHeight(linesHeight_px);
    out->setTabChangesFocus(true);
    return out;
}
std::string lineOf(const QPlainTextEdit& edit) {
    // Sixty characters of any script are within what a document takes.
    constexpr qsizetype mostBytes = 240;
    QString line = edit.toPlainText().simplified().left(longestText);
    while (line.toUtf8().size() > mostBytes)
        line.chop(1);
    return line.toStdString();
}

}  // namespace

DrillDialog::DrillDialog(const Drill& drill, const Units& units, QWidget* parent)
    : QDialog(parent), drill_(drill), units_(units) {
    setWindowTitle(tr("Edit the drill"));
    resize(780, 560);
    auto* column = new QVBoxLayout(this);
    auto* head = new QFormLayout;
    name_ = new QLineEdit(text::fromUtf8(drill.name));
    name_->setMaxLength(longestLine);
    purpose_ = makeLines(text::fromUtf8(drill.purpose));
    order_ = new QComboBox;
    order_->addItem(tr("a station after the other, each a gate to the next"));
    order_->addItem(tr("by chance, every shot another station"));
    order_->setCurrentIndex(drill.order == DrillOrder::ByChance ? 1 : 0);
    head->addRow(tr("Name"), name_);
    head->addRow(tr("What it is for"), purpose_);
    head->addRow(tr("Order"), order_);
    column->addLayout(head);
    auto* row = new QHBoxLayout;
    auto* left = new QVBoxLayout;
    stations_ = new QListWidget;
    stations_->setAccessibleName(tr("Stations"));
    left->addWidget(stations_, 1);
    auto* buttons = new QHBoxLayout;
    add_ = new QPushButton(tr("Add a station"));
    remove_ = new QPushButton(tr("Remove it"));
    buttons->addWidget(add_);
    buttons->addWidget(remove_);
    left->addLayout(buttons);
    row->addLayout(left, 2);
    row->addWidget(makeStation(), 3);
    column->addLayout(row, 1);
    wrong_ = new SentenceLabel(SentenceLabel::Rank::Body);
    wrong_->setObjectName(QStringLiteral("drillWrong"));
    wrong_->hide();
    column->addWidget(wrong_);
    auto* end = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    end->button(QDialogButtonBox::Ok)->setText(tr("Keep the drill"));
    end->button(QDialogButtonBox::Cancel)->setText(tr("Cancel"));
    connect(end, &QDialogButtonBox::accepted, this, &DrillDialog::keep);
    connect(end, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(end);
    connect(add_, &QPushButton::clicked, this, &DrillDialog::addStation);
    connect(remove_, &QPushButton::clicked, this, &DrillDialog::removeStation);
    connect(stations_, &QListWidget::currentRowChanged, this, [this] {
        takeStation();
        showStation();
    });
    if (drill_.stations.empty()) drill_.stations.emplace_back();
    fillList();
    showStation();
}

QWidget* DrillDialog::makeStation() {
    auto* all = new QWidget;
    auto* column = new QVBoxLayout(all);
    column->setContentsMargins(8, 0, 0, 0);
    auto* form = new QFormLayout;
    task_ = makeLines({});
    club_ = new QLineEdit;
    club_->setMaxLength(longestLine);
    club_->setPlaceholderText(tr("any"));
    shots_ = new QSpinBox;
    shots_->setRange(1, 50);
    pass_ = new QSpinBox;
    pass_->setRange(0, 50);
    form->addRow(tr("Task"), task_);
    form->addRow(tr("Club"), club_);
    form->addRow(tr("Shots that count"), shots_);
    form->addRow(tr("Inside, to pass"), pass_);
    column->addLayout(form);
    auto* title = new SentenceLabel(SentenceLabel::Rank::Title);
    title->setText(tr("Windows: a shot is inside when it lies in all that were seen of it"));
    column->addWidget(title);
    auto* grid = new QGridLayout;
    for (std::size_t i = 0; i < windowRows; ++i) {
        WindowRow w{new QComboBox, new QDoubleSpinBox, new QDoubleSpinBox};
        w.of->addItem(tr("none"), -1);
        for (std::size_t m = 0; m < drillMeasureCount; ++m)
            w.of->addItem(text::formOf(static_cast<DrillMeasure>(m), units_).name,
                          static_cast<int>(m));
        const int n = static_cast<int>(i);
        w.of->setAccessibleName(tr("Measure of window %1").arg(n + 1));
        w.low->setAccessibleName(tr("From, of window %1").arg(n + 1));
        w.high->setAccessibleName(tr("To, of window %1").arg(n + 1));
        grid->addWidget(w.of, n, 0);
        grid->addWidget(w.low, n, 1);
        grid->addWidget(w.high, n, 2);
        windows_.push_back(w);
        connect(w.of, &QComboBox::currentIndexChanged, this, [this, i] { formRow(windows_[i]); });
    }
    grid->setColumnStretch(0, 1);
    column->addLayout(grid);
    column->addStretch(1);
    return all;
}

void DrillDialog::formRow(const WindowRow& row) {
    const int of = row.of->currentData().toInt();
    for (QDoubleSpinBox* end : {row.low, row.high}) {
        end->setEnabled(of >= 0);
        const text::MeasureForm form =
            of >= 0 ? text::formOf(static_cast<DrillMeasure>(of), units_) : text::MeasureForm{};
        end->setDecimals(form.decimals);
        end->setRange(-20'000, 20'000);
        end->setSuffix(form.unit.isEmpty() ? QString() : QStringLiteral(" ") + form.unit);
    }
}

void DrillDialog::fillList() {
    const QSignalBlocker quiet(stations_);
    const int row = std::max(0, stations_->currentRow());
    stations_->clear();
    for (const DrillStation& s : drill_.stations)
        stations_->addItem(s.task.empty() ? tr("no task yet") : text::fromUtf8(s.task));
    stations_->setCurrentRow(std::min(row, stations_->count() - 1));
    add_->setEnabled(drill_.stations.size() < mostStations);
    remove_->setEnabled(drill_.stations.size() > 1);
}

void DrillDialog::showStation() {
    shown_ = stations_->currentRow();
    if (shown_ < 0) return;
    const DrillStation& s = drill_.stations[static_cast<std::size_t>(shown_)];
    task_->setPlainText(text::fromUtf8(s.task));
    club_->setText(text::fromUtf8(s.club));
    shots_->setValue(static_cast<int>(s.shots));
    pass_->setValue(static_cast<int>(s.pass));
    for (std::size_t i = 0; i < windows_.size(); ++i) {
        const bool there = i < s.windows.size();
        const WindowRow& row = windows_[i];
        row.of->setCurrentIndex(there ? static_cast<int>(s.windows[i].of) + 1 : 0);
        formRow(row);
        const double factor = there ? text::formOf(s.windows[i].of, units_).factor : 1.0;
        row.low->setValue(there ? s.windows[i].low * factor : 0.0);
        row.high->setValue(there ? s.windows[i].high * factor : 0.0);
    }
}

void DrillDialog::takeStation() {
    if (shown_ < 0 || static_cast<std::size_t>(shown_) >= drill_.stations.size()) return;
    DrillStation& s = drill_.stations[static_cast<std::size_t>(shown_)];
    s.task = lineOf(*task_);
    s.club = club_->text().trimmed().toStdString();
    s.shots = static_cast<std::size_t>(shots_->value());
    s.pass = static_cast<std::size_t>(pass_->value());
    std::vector<DrillWindow> windows;
    for (const WindowRow& row : windows_) {
        const int of = row.of->currentData().toInt();
        if (of < 0) continue;
        const auto measure = static_cast<DrillMeasure>(of);
        const double factor = text::formOf(measure, units_).factor;
        DrillWindow w{measure, row.low->value() / factor, row.high->value() / factor};
        // A number that was only shown, with fewer digits, has not been changed.
        const auto was = std::find_if(s.windows.begin(), s.windows.end(),
                                      [&](const DrillWindow& o) { return o.of == measure; });
        if (was != s.windows.end()) {
            const double step = 0.5000001 * std::pow(10.0, -row.low->decimals()) / factor;
            if (std::abs(was->low - w.low) <= step) w.low = was->low;
            if (std::abs(was->high - w.high) <= step) w.high = was->high;
        }
        windows.push_back(w);
    }
    s.windows = std::move(windows);
    if (QListWidgetItem* item = stations_->item(shown_))
        item->setText(s.task.empty() ? tr("no task yet") : text::fromUtf8(s.task));
}

void DrillDialog::addStation() {
    takeStation();
    // Like the one that is shown: windows are seldom all other ones.
    DrillStation next = drill_.stations[static_cast<std::size_t>(std::max(0, shown_))];
    drill_.stations.push_back(std::move(next));
    fillList();
    stations_->setCurrentRow(stations_->count() - 1);
    task_->setFocus();
    task_->selectAll();
}

void DrillDialog::removeStation() {
    const int row = stations_->currentRow();
    if (row < 0 || drill_.stations.size() < 2) return;
    shown_ = -1;
    drill_.stations.erase(drill_.stations.begin() + row);
    fillList();
    showStation();
}

void DrillDialog::keep() {
    takeStation();
    Drill wanted = drill_;
    wanted.name = name_->text().trimmed().toStdString();
    wanted.purpose = lineOf(*purpose_);
    wanted.order = order_->currentIndex() == 1 ? DrillOrder::ByChance : DrillOrder::InTurn;
    const auto say = [this](const QString& what) {
        wrong_->setText(what);
        wrong_->show();
    };
    if (wanted.name.empty()) return say(tr("The drill has no name."));
    for (std::size_t i = 0; i < wanted.stations.size(); ++i) {
        const DrillStation& s = wanted.stations[i];
        const int n = static_cast<int>(i) + 1;
        if (s.task.empty()) return say(tr("Station %1 has no task.").arg(n));
        if (s.windows.empty()) return say(tr("Station %1 has no window.").arg(n));
        if (s.pass > s.shots)
            return say(tr("Station %1 cannot be passed: it has fewer shots than are to be inside.")
                           .arg(n));
        for (const DrillWindow& w : s.windows) {
            if (w.low > w.high)
                return say(tr("Station %1, %2: the window ends before it begins.")
                               .arg(n)
                               .arg(text::formOf(w.of, units_).name));
        }
    }
    try {
        wanted.validate();
    } catch (const RangeError& e) {
        return say(text::said(e));
    }
    drill_ = wanted;
    accept();
}

}  // namespace wedgeon
