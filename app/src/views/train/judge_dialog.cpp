// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The table.
#include "views/train/judge_dialog.h"

#include <QDialogButtonBox>
#include <QHeaderView>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <array>
#include <random>

#include "text/keys.h"
#include "text/train_words.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr std::array shownMeasures{DrillMeasure::Launch, DrillMeasure::Spin, DrillMeasure::Landing,
                                   DrillMeasure::Carry, DrillMeasure::Release};

}  // namespace

JudgeDialog::JudgeDialog(const std::vector<const store::LoggedShot*>& shots, const Units& units,
                         QWidget* parent)
    : QDialog(parent) {
    setWindowTitle(tr("Judge the shots without their way"));
    resize(720, 460);
    for (const store::LoggedShot* shot : shots) {
        if (shot) shots_.push_back(*shot);
    }
    std::random_device seed;
    std::shuffle(shots_.begin(), shots_.end(), std::mt19937_64(seed()));
    auto* column = new QVBoxLayout(this);
    auto* what = new SentenceLabel(SentenceLabel::Rank::Body);
    what->setText(
        tr("In an order by chance. Tick those that do not count: a misread, a disturbance, "
           "another ball. A poor strike counts."));
    column->addWidget(what);
    QStringList names{tr("Set aside"), tr("Strike")};
    for (const DrillMeasure m : shownMeasures)
        names << text::formOf(m, units).name;
    table_ = new QTableWidget(static_cast<int>(shots_.size()), static_cast<int>(names.size()));
    table_->setAccessibleName(tr("Shots of the trial"));
    table_->setHorizontalHeaderLabels(names);
    table_->verticalHeader()->hide();
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    for (int row = 0; row < table_->rowCount(); ++row) {
        const store::LoggedShot& shot = shots_[static_cast<std::size_t>(row)];
        auto* aside = new QTableWidgetItem;
        aside->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable | Qt::ItemIsSelectable);
        aside->setCheckState(shot.setAside.empty() ? Qt::Unchecked : Qt::Checked);
        table_->setItem(row, 0, aside);
        const QString felt = text::fromUtf8(shot.record[store::Label::Strike]);
        table_->setItem(
            row, 1,
            new QTableWidgetItem(felt.isEmpty() ? QStringLiteral("–") : text::strike(felt)));
        const DrillShot values = store::drillShotOf(shot.record);
        for (std::size_t i = 0; i < shownMeasures.size(); ++i) {
            const auto& v = values[shownMeasures[i]];
            table_->setItem(row, static_cast<int>(i) + 2,
                            new QTableWidgetItem(v ? text::shown(shownMeasures[i], *v, units)
                                                   : QStringLiteral("–")));
        }
    }
    column->addWidget(table_, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    buttons->button(QDialogButtonBox::Ok)->setText(tr("Keep"));
    buttons->button(QDialogButtonBox::Cancel)->setText(tr("Cancel"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
}

std::vector<store::LoggedShot> JudgeDialog::changed() const {
    std::vector<store::LoggedShot> out;
    for (int row = 0; row < table_->rowCount(); ++row) {
        const store::LoggedShot& shot = shots_[static_cast<std::size_t>(row)];
        const bool aside = table_->item(row, 0)->checkState() == Qt::Checked;
        if (aside == shot.setAside.empty()) out.push_back(shot);
    }
    return out;
}

}  // namespace wedgeon
