// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The form.
#include "views/train/trial_dialog.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>

#include "text/train_words.h"
#include "wedgeon/error.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr int longest = 60;

QLineEdit* line(const QString& name, const QString& hint) {
    auto* edit = new QLineEdit;
    edit->setAccessibleName(name);
    edit->setPlaceholderText(hint);
    edit->setMaxLength(longest);
    return edit;
}

}  // namespace

TrialDialog::TrialDialog(const QStringList& ways, const QString& task, const Units& units,
                         QWidget* parent)
    : QDialog(parent),
      units_(units),
      name_(line(tr("What is tried"), tr("steady handle"))),
      task_(line(tr("What is hit"), tr("54, rib high, to the towel at 38"))) {
    setWindowTitle(tr("Try two ways"));
    setMinimumWidth(520);
    auto* form = new QFormLayout(this);
    auto* what = new SentenceLabel(SentenceLabel::Rank::Body);
    what->setText(
        tr("Two techniques, cues, balls, faces or wedges, one after the other in random "
           "order. A cue may be something that no model computes."));
    form->addRow(what);
    form->addRow(tr("&What is tried"), name_);
    a_ = addWay(tr("Way A"), ways, 0);
    b_ = addWay(tr("Way B"), ways, 1);
    form->addRow(tr("Way &A"), a_);
    form->addRow(tr("Way &B"), b_);
    task_->setText(task.left(longest));
    form->addRow(tr("What is &hit"), task_);
    decides_ = new QComboBox;
    decides_->setAccessibleName(tr("What decides"));
    for (const DrillMeasure m : text::trialMeasures())
        decides_->addItem(text::formOf(m, units_).name);
    form->addRow(tr("What &decides"), decides_);
    const auto number = [&](const QString& called) {
        auto* box = new QDoubleSpinBox;
        box->setAccessibleName(called);
        return box;
    };
    matters_ = number(tr("What matters"));
    scatter_ = number(tr("Usual scatter of one shot"));
    form->addRow(tr("A difference &matters from"), matters_);
    form->addRow(tr("Usual &scatter of one shot"), scatter_);
    needed_ = new SentenceLabel(SentenceLabel::Rank::Why);
    needed_->setObjectName(QStringLiteral("shotsNeeded"));
    form->addRow(needed_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    begin_ = buttons->button(QDialogButtonBox::Ok);
    begin_->setText(tr("Begin"));
    buttons->button(QDialogButtonBox::Cancel)->setText(tr("Cancel"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
    connect(decides_, &QComboBox::currentIndexChanged, this, &TrialDialog::takeUsual);
    for (QDoubleSpinBox* box : {matters_, scatter_})
        connect(box, &QDoubleSpinBox::valueChanged, this, &TrialDialog::check);
    for (QComboBox* box : {a_, b_})
        connect(box, &QComboBox::editTextChanged, this, &TrialDialog::check);
    takeUsual();
}

QComboBox* TrialDialog::addWay(const QString& name, const QStringList& ways, int at) {
    auto* box = new QComboBox;
    box->setEditable(true);
    box->setAccessibleName(name);
    box->addItems(ways);
    box->lineEdit()->setMaxLength(longest);
    box->setCurrentIndex(at < ways.size() ? at : -1);
    return box;
}

DrillMeasure TrialDialog::decides() const {
    return text::trialMeasures()[std::max(0, decides_->currentIndex())];
}

void TrialDialog::takeUsual() {
    const text::MeasureForm form = text::formOf(decides(), units_);
    const TrialDesign usual = text::usualDesign(decides());
    for (const auto& [box, si] :
         {std::pair{matters_, usual.matters}, std::pair{scatter_, usual.expectedSd}}) {
        box->setDecimals(form.decimals);
        box->setSuffix(form.unit == QStringLiteral("°") ? form.unit
                                                        : QStringLiteral("\u00a0") + form.unit);
        const double step = std::pow(10.0, -form.decimals) * (form.decimals == 0 ? 50 : 1);
        box->setRange(step, 100.0 * si * form.factor);
        box->setSingleStep(step);
        box->setValue(si * form.factor);
    }
    check();
}

void TrialDialog::check() {
    const QString a = a_->currentText().trimmed(), b = b_->currentText().trimmed();
    begin_->setEnabled(!a.isEmpty() && !b.isEmpty() && a != b);
    try {
        const auto shots = findShotsNeeded(trial().design);
        needed_->setText(
            shots ? tr("One that matters is found in 80 of 100 such trials within %1, a large one "
                       "sooner.")
                        .arg(text::shots(static_cast<qsizetype>(*shots)))
                  : tr("With that scatter it takes more than 400 shots. Something larger that "
                       "matters, or less scatter, is needed."));
    } catch (const RangeError&) {
        needed_->setText(tr("What matters and the scatter are too far apart for a trial."));
        begin_->setEnabled(false);
    }
}

store::Trial TrialDialog::trial() const {
    store::Trial out;
    const QString a = a_->currentText().simplified(), b = b_->currentText().simplified();
    const QString name = name_->text().simplified();
    out.name = (name.isEmpty() ? tr("%1 or %2").arg(a, b).left(longest) : name).toStdString();
    out.ways = {a.toStdString(), b.toStdString()};
    out.task = task_->text().simplified().toStdString();
    out.decides = decides();
    const double factor = text::formOf(out.decides, units_).factor;
    out.design.matters = matters_->value() / factor;
    out.design.expectedSd = scatter_->value() / factor;
    return out;
}

}  // namespace wedgeon
