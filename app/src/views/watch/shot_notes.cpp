// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Fields and what they change.
#include "views/watch/shot_notes.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

#include "style/style.h"
#include "text/keys.h"
#include "text/units.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/shot_givens.h"
#include "widgets/quantity_field.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

using store::Label;

QLabel* plain(const QString& text) {
    auto* l = new QLabel(text);
    l->setTextFormat(Qt::PlainText);
    l->setFont(style::font(13));
    return l;
}

}  // namespace

ShotNotes::ShotNotes(ShotLog& log, Workbench& bench, QWidget* parent)
    : QWidget(parent), log_(log), bench_(bench) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    column->addWidget(makeStrike());
    column->addWidget(makeRun());
    note_ = addLine(tr("Note"), Label::Note);
    note_->setMaxLength(200);
    column->addWidget(note_);
    auto* line = new QHBoxLayout;
    line->setSpacing(6);
    setUp_ = new LineLabel(LineLabel::Rank::Body, LineLabel::WhenTight::Dots);
    setUp_->setFont(style::font(13));
    setUp_->setObjectName(QStringLiteral("shotSetUp"));
    declare_ = new QPushButton;
    declare_->setFont(style::font(12));
    declare_->setToolTip(tr("The set-up that was meant, for comparing with what was delivered"));
    toBench_ = new QPushButton(tr("To the bench"));
    toBench_->setFont(style::font(12));
    line->addWidget(setUp_, 1);
    line->addWidget(toBench_);
    line->addWidget(declare_);
    column->addLayout(line);
    connect(declare_, &QPushButton::clicked, this, &ShotNotes::setUpPressed);
    connect(toBench_, &QPushButton::clicked, this, [this] {
        const auto recipe = shot_ ? store::findDeclared(shot_->record) : std::nullopt;
        if (!recipe) return;
        BenchState next = bench_.state();
        next.recipes[next.chosen] = *recipe;
        bench_.edit(next, tr("take the shot's set-up"));
    });
}

QWidget* ShotNotes::makeStrike() {
    auto* row = new QWidget;
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(5);
    line->addWidget(plain(tr("Strike")));
    line->addStretch(1);
    strikes_ = new QButtonGroup(this);
    strikes_->setExclusive(false);
    for (qsizetype i = 0; i < text::strikeKeys().size(); ++i) {
        auto* chip = new QPushButton(text::strike(text::strikeKeys()[i]));
        chip->setCheckable(true);
        chip->setFont(style::font(13));
        chip->setMinimumWidth(
            std::max(40, chip->fontMetrics().horizontalAdvance(chip->text()) + 12));
        chip->setAccessibleName(tr("Strike felt: %1").arg(chip->text()));
        strikes_->addButton(chip, static_cast<int>(i));
        line->addWidget(chip);
    }
    connect(strikes_, &QButtonGroup::idClicked, this, [this](int id) {
        if (!shot_) return;
        const bool on = strikes_->button(id)->isChecked();
        log_.setLabel(*shot_, Label::Strike, on ? text::strikeKeys()[id] : QString());
    });
    return row;
}

QWidget* ShotNotes::makeRun() {
    auto* row = new QWidget;
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(6);
    tags_ = addLine(tr("Tags"), Label::Tags);
    tags_->setAccessibleName(tr("Tags of the chosen shot"));
    tags_->setPlaceholderText(tr("Tags (T)"));
    run_ = new QuantityField({tr("Ran, paced"), bench_.units().lengthName(),
                              bench_.units().lengthFactor(), -40, 100, 0.5, 1});
    // One step below the lowest run means that nobody paced it.
    run_->setMinimum(-40.5);
    run_->setSpecialValueText(tr("not paced"));
    run_->setFixedWidth(
        std::max(104, run_->fontMetrics().horizontalAdvance(run_->specialValueText()) + 36));
    connect(run_, &QuantityField::edited, this, [this](double si) {
        if (!shot_) return;
        const bool none = run_->value() <= run_->minimum();
        log_.setPaced(*shot_, none ? std::nullopt : std::optional(si));
    });
    line->addWidget(plain(tr("Ran, paced")));
    line->addWidget(run_);
    line->addWidget(tags_, 1);
    return row;
}

QLineEdit* ShotNotes::addLine(const QString& name, Label label) {
    auto* edit = new QLineEdit;
    edit->setPlaceholderText(name);
    edit->setAccessibleName(name);
    edit->setMaxLength(100);
    edit->setFont(style::font(13));
    // A shot that was chosen meanwhile must not get the words of the one before.
    connect(edit, &QLineEdit::editingFinished, this, [this, edit, label] {
        if (shot_ && edit->isModified()) log_.setLabel(*shot_, label, edit->text().simplified());
        edit->setModified(false);
    });
    connect(edit, &QLineEdit::returnPressed, this, &ShotNotes::done);
    return edit;
}

void ShotNotes::fillLine(QLineEdit* line, Label label) {
    line->setText(shot_ ? text::fromUtf8(shot_->record[label].str()) : QString());
    line->setModified(false);
}

void ShotNotes::show(std::optional<store::LoggedShot> shot) {
    const bool same = shot_ && shot && shot_->id == shot->id;
    if (!same) {
        // What was typed for the former shot is that shot's.
        for (const auto& [line, label] :
             {std::pair{tags_, Label::Tags}, std::pair{note_, Label::Note}}) {
            if (shot_ && line->isModified()) {
                line->setModified(false);
                const store::LoggedShot former = *shot_;
                log_.setLabel(former, label, line->text().simplified());
            }
        }
    }
    shot_ = std::move(shot);
    setEnabled(shot_.has_value());
    if (!shot_) return;
    if (!same || !tags_->isModified()) fillLine(tags_, Label::Tags);
    if (!same || !note_->isModified()) fillLine(note_, Label::Note);
    const QString strike = text::fromUtf8(shot_->record[Label::Strike].str());
    for (qsizetype i = 0; i < text::strikeKeys().size(); ++i)
        strikes_->button(static_cast<int>(i))->setChecked(strike == text::strikeKeys()[i]);
    const double k = bench_.units().lengthFactor();
    run_->setShape({tr("Ran, paced"), bench_.units().lengthName(), k, -40.5, 100, 0.5, 1});
    run_->setSi(shot_->paced_m.value_or(-40.5 / k));
    // What the device measured is not paced over.
    const bool free = shot_->paced_m || !store::findRelease_m(shot_->record);
    run_->setEnabled(free);
    run_->setToolTip(free ? QString() : tr("The launch monitor measured the run of this shot"));
    const auto recipe = store::findDeclared(shot_->record);
    setUp_->setText(recipe ? tr("Set-up: %1").arg(text::fromUtf8(recipe->name))
                           : tr("Set-up: not declared"));
    toBench_->setVisible(recipe.has_value());
    declare_->setText(recipe ? tr("Undeclare") : tr("Declare Shape's set-up"));
}

void ShotNotes::setUpPressed() {
    if (!shot_) return;
    const std::string json =
        store::findDeclared(shot_->record)
            ? std::string()
            : store::formatDeclared(bench_.state().recipes[bench_.state().chosen]);
    log_.setLabel(*shot_, Label::Recipe, text::fromUtf8(json));
}

bool ShotNotes::isBeingTyped() const {
    return (tags_->hasFocus() && tags_->isModified()) || (note_->hasFocus() && note_->isModified());
}

void ShotNotes::focusTags() {
    tags_->setFocus();
    tags_->selectAll();
}

}  // namespace wedgeon
