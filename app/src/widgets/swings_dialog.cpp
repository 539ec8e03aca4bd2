// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A table of swings.
#include "widgets/swings_dialog.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QSignalBlocker>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "text/said.h"
#include "text/swing_text.h"
#include "wedgeon/error.h"
#include "wedgeon/normal.h"
#include "wedgeon/store/swing_sets.h"
#include "widgets/quantity_field.h"

namespace wedgeon {
namespace {

constexpr int mostSwings = 12;
constexpr int mostNameLength = 40;
enum Column { Name, Length, Speed, Known };

QString cellOf(const QTableWidget& table, int row, Column column) {
    const QTableWidgetItem* item = table.item(row, column);
    return item ? item->text().simplified() : QString();
}

}  // namespace

SwingsDialog::SwingsDialog(const QString& player, const SwingSet& set, const SwingLadder& known,
                           const Units& units, QWidget* parent)
    : QDialog(parent), set_(set), known_(known), units_(units) {
    setWindowTitle(tr("Swings of %1").arg(player));
    auto* column = new QVBoxLayout(this);
    auto* form = new QFormLayout;
    kind_ = new QComboBox;
    kind_->addItems({tr("how high the hands go back"), tr("the clock that the arm points to"),
                     tr("share of a full backswing"), tr("one length, turned faster or slower")});
    kind_->setAccessibleName(tr("Swings are told apart by"));
    kind_->setCurrentIndex(static_cast<int>(set.kind));
    form->addRow(tr("Told apart by"), kind_);
    height_ = new QuantityField({tr("Height"), units.heightName(), units.heightFactor(),
                                 0.8 * units.heightFactor(), 2.4 * units.heightFactor(), 0.01, 2});
    height_->setSi(set.build.height_m.value_or(1.75));
    form->addRow(tr("Height"), height_);
    sex_ = new QComboBox;
    sex_->addItems({tr("not said"), tr("woman"), tr("man")});
    sex_->setAccessibleName(tr("Sex"));
    sex_->setCurrentIndex(static_cast<int>(set.build.sex));
    form->addRow(tr("Sex"), sex_);
    level_ = new QComboBox;
    level_->addItems({tr("expert"), tr("club player")});
    level_->setAccessibleName(tr("Level"));
    level_->setCurrentIndex(static_cast<int>(set.build.level));
    form->addRow(tr("Level"), level_);
    column->addLayout(form);
    auto* why = new QLabel(tr(
        "Height, sex and level make a first guess of the speeds; a speed that you type stands in "
        "its place, and logged shots go before both."));
    why->setWordWrap(true);
    column->addWidget(why);
    table_ = new QTableWidget(0, 4);
    table_->setAccessibleName(tr("Swings, the shortest first"));
    table_->setHorizontalHeaderLabels({tr("Swing"), tr("Length"),
                                       tr("Speed [%1]").arg(units.speedName()),
                                       tr("From shots (80 in 100)")});
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->verticalHeader()->hide();
    column->addWidget(table_, 1);
    hint_ = new QLabel;
    hint_->setWordWrap(true);
    column->addWidget(hint_);
    auto* row = new QHBoxLayout;
    auto* add = new QPushButton(tr("Add a swing"));
    auto* remove = new QPushButton(tr("Remove the chosen"));
    row->addWidget(add);
    row->addWidget(remove);
    row->addStretch(1);
    column->addLayout(row);
    error_ = new QLabel;
    error_->setObjectName(QStringLiteral("swingsError"));
    error_->setTextFormat(Qt::PlainText);
    error_->setWordWrap(true);
    column->addWidget(error_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    keep_ = buttons->button(QDialogButtonBox::Ok);
    keep_->setText(tr("Keep"));
    buttons->button(QDialogButtonBox::Cancel)->setText(tr("Cancel"));
    column->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, [this] {
        QString error;
        set_ = read(error);
        accept();
    });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(add, &QPushButton::clicked, this, [this] {
        const int last = table_->rowCount() - 1;
        const double length = last < 0 ? 0.5 : QLocale().toDouble(cellOf(*table_, last, Length));
        addRow({tr("swing %1").arg(last + 2).toStdString(),
                std::min(1.05 * length,
                         lengthRange(static_cast<SwingKind>(kind_->currentIndex())).high),
                {}});
        check();
    });
    connect(remove, &QPushButton::clicked, this, [this] {
        if (table_->currentRow() >= 0) table_->removeRow(table_->currentRow());
        check();
    });
    connect(kind_, &QComboBox::activated, this, [this](int i) {
        // The same speeds in the other measure.
        QString error;
        SwingSet now = read(error);
        const auto kind = static_cast<SwingKind>(i);
        if (error.isEmpty() || set_.kind == kind) set_ = now;
        for (SwingName& s : set_.swings)
            s.length = store::lengthOf(kind, speedShare(set_.kind, s.length));
        set_.kind = kind;
        fill();
    });
    connect(table_, &QTableWidget::itemChanged, this, [this] { check(); });
    connect(height_, &QuantityField::edited, this, [this] { check(); });
    fill();
    resize(520, 520);
}

QString SwingsDialog::lengthHint() const {
    switch (static_cast<SwingKind>(kind_->currentIndex())) {
        case SwingKind::HandHeight:
            return tr(
                "Length: how high the hands go, as a share of the player's height; the hip is "
                "at 0.5, the shoulder at 0.82.");
        case SwingKind::Clock:
            return tr(
                "Length: the hour that the lead arm points to, seen face-on; 6 hangs down, 9 "
                "is level.");
        case SwingKind::Share:
            return tr("Length: a share of the full backswing; 0.5 is half.");
        case SwingKind::TurnSpeed:
            return tr("Length: the share of full speed at which the body turns.");
    }
    return {};
}

QString SwingsDialog::fromShots(const Rung& rung) const {
    QString speed = text::number(rung.speed_mps * units_.speedFactor(), 1);
    if (rung.sd_mps > 0.0)
        speed +=
            QStringLiteral(" ± ") + text::number(halfOf80 * rung.sd_mps * units_.speedFactor(), 1);
    return tr("%1, %2").arg(text::withUnit(speed, units_.speedName()),
                            text::shots(static_cast<qsizetype>(rung.shots)));
}

void SwingsDialog::addRow(const SwingName& s) {
    if (table_->rowCount() >= mostSwings) return;
    const QSignalBlocker quiet(table_);
    const int row = table_->rowCount();
    table_->insertRow(row);
    table_->setItem(row, Name, new QTableWidgetItem(text::swingName(s.name)));
    // What is not renamed keeps the name that it is known by.
    table_->item(row, Name)->setData(Qt::UserRole, QString::fromStdString(s.name));
    table_->setItem(row, Length, new QTableWidgetItem(QLocale().toString(s.length, 'g', 4)));
    table_->setItem(
        row, Speed,
        new QTableWidgetItem(s.speed_mps ? text::number(*s.speed_mps * units_.speedFactor(), 1)
                                         : QString()));
    const auto& rungs = known_.rungs();
    const auto known = std::find_if(rungs.begin(), rungs.end(), [&](const Rung& r) {
        return r.swing == s.name && r.shots > 0;
    });
    auto* item = new QTableWidgetItem(known != rungs.end() ? fromShots(*known) : QString());
    item->setFlags(Qt::ItemIsEnabled);
    table_->setItem(row, Known, item);
}

void SwingsDialog::fill() {
    {
        const QSignalBlocker quiet(table_);
        table_->setRowCount(0);
    }
    for (const SwingName& s : set_.swings)
        addRow(s);
    hint_->setText(lengthHint());
    check();
}

SwingSet SwingsDialog::read(QString& error) const {
    SwingSet out;
    out.kind = static_cast<SwingKind>(kind_->currentIndex());
    out.build.height_m = height_->si();
    out.build.sex = static_cast<Sex>(sex_->currentIndex());
    out.build.level = static_cast<Level>(level_->currentIndex());
    for (int row = 0; row < table_->rowCount(); ++row) {
        SwingName s;
        const QString name = cellOf(*table_, row, Name).left(mostNameLength);
        const QTableWidgetItem* item = table_->item(row, Name);
        const std::string former = item ? item->data(Qt::UserRole).toString().toStdString() : "";
        s.name = name == text::swingName(former) ? former : name.toStdString();
        if (s.name.empty()) error = tr("Row %1: the swing has no name.").arg(row + 1);
        for (const SwingName& other : out.swings) {
            if (other.name == s.name)
                error = tr("Row %1: there are two of this name.").arg(row + 1);
        }
        bool good = false;
        s.length = QLocale().toDouble(cellOf(*table_, row, Length), &good);
        if (!good) error = tr("Row %1: the length is no number.").arg(row + 1);
        if (const QString speed = cellOf(*table_, row, Speed); !speed.isEmpty()) {
            s.speed_mps = QLocale().toDouble(speed, &good) / units_.speedFactor();
            if (!good) error = tr("Row %1: the speed is no number.").arg(row + 1);
        }
        out.swings.push_back(std::move(s));
    }
    if (!error.isEmpty()) return out;
    try {
        out.validate();
    } catch (const RangeError& e) {
        error = e.field() == "length" ? tr("Lengths have to rise from row to row, from %1 to %2.")
                                            .arg(text::number(lengthRange(out.kind).low, 2),
                                                 text::number(lengthRange(out.kind).high, 2))
                                      : text::said(e);
    }
    return out;
}

void SwingsDialog::check() {
    QString error;
    (void)read(error);
    error_->setText(error);
    keep_->setEnabled(error.isEmpty());
}

}  // namespace wedgeon
