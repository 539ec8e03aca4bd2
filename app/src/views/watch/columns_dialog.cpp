// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The table of columns.
#include "views/watch/columns_dialog.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>
#include <set>

#include "style/style.h"
#include "text/quantities.h"
#include "text/said.h"
#include "text/units.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

using store::Label;
using store::Quantity;
using text::fromUtf8;

// What a combo box holds: nothing, a quantity, or a label behind the quantities.
constexpr int notRead = -1;
int dataOf(Quantity q) {
    return static_cast<int>(q);
}
int dataOf(Label l) {
    return static_cast<int>(store::allQuantityCount) + static_cast<int>(l);
}

QLabel* plain(const QString& text, int pixels = 14, QFont::Weight weight = QFont::Normal) {
    auto* l = new QLabel(text);
    l->setTextFormat(Qt::PlainText);
    l->setFont(style::font(pixels, weight));
    return l;
}

const store::ColumnOverride* saidOf(const store::ColumnMapping& said, const store::ColumnGuess& g) {
    for (const auto& o : said.columns) {
        if (o.header == g.header && (o.column == 0 || o.column == g.column)) return &o;
    }
    return nullptr;
}

/// What is known and yet not read comes first, then what was guessed, then what nobody knows.
int certainty(const store::ColumnGuess& guess, const store::ColumnOverride* said) {
    if (said || !guess.note) return 4;
    switch (guess.note->says) {
        case store::Says::LooksLikeBut:
            return 0;
        case store::Says::UnknownColumn:
            return 2;
        case store::Says::TakenAs:
            return 3;
        default:
            return 1;
    }
}

}  // namespace

ColumnsDialog::ColumnsDialog(const store::ImportResult& preview, const store::ColumnMapping& said,
                             const QString& file, QWidget* parent)
    : QDialog(parent) {
    setWindowTitle(tr("Columns of %1").arg(file));
    resize(920, 620);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(18, 16, 18, 14);
    column->setSpacing(8);
    auto* title = new SentenceLabel(SentenceLabel::Rank::Sentence);
    title->setFont(style::font(18, QFont::DemiBold));
    title->setText(tr("Is this what the columns are?"));
    auto* how = new SentenceLabel(SentenceLabel::Rank::Why);
    how->setText(
        tr("Guessed from the headers and the numbers, the doubtful ones on top. Correct what is "
           "wrong; files with the same header are then read without asking."));
    column->addWidget(title);
    column->addWidget(how);
    column->addWidget(makeTable(preview, said), 1);
    mirrored_ = new QCheckBox(
        tr("Left and right are told as the player sees them: turn them round for left-handers"));
    mirrored_->setChecked(said.mirrored);
    mirrored_->setToolTip(
        tr("For players whose record says that they are left-handed, and for shots without a "
           "player when the strip's player is."));
    column->addWidget(mirrored_);
    trouble_ = new SentenceLabel(SentenceLabel::Rank::Body);
    trouble_->setObjectName(QStringLiteral("columnsTrouble"));
    column->addWidget(trouble_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    take_ = buttons->addButton(tr("Read the shots"), QDialogButtonBox::AcceptRole);
    take_->setDefault(true);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    take_->setFocus();
    check();
}

QWidget* ColumnsDialog::makeTable(const store::ImportResult& preview,
                                  const store::ColumnMapping& said) {
    auto* inside = new QWidget;
    auto* grid = new QGridLayout(inside);
    grid->setHorizontalSpacing(14);
    grid->setVerticalSpacing(5);
    const QStringList heads{tr("In the file"), tr("First cells"), tr("Taken for"), tr("In"),
                            tr("Why")};
    for (int i = 0; i < heads.size(); ++i)
        grid->addWidget(plain(heads[i], 13, QFont::DemiBold), 0, i);
    grid->setColumnStretch(1, 2);
    grid->setColumnStretch(4, 3);
    // The doubtful ones on top.
    std::vector<store::ColumnGuess> columns = preview.columns;
    std::stable_sort(columns.begin(), columns.end(), [&](const auto& a, const auto& b) {
        return certainty(a, saidOf(said, a)) < certainty(b, saidOf(said, b));
    });
    for (const store::ColumnGuess& g : columns) {
        const int line = static_cast<int>(rows_.size()) + 1;
        const store::ColumnOverride* known = saidOf(said, g);
        const QString header =
            g.header.empty() ? tr("column %1").arg(g.column) : fromUtf8(g.header);
        grid->addWidget(plain(header, 14, QFont::Medium), line, 0);
        QStringList samples;
        for (const std::string& s : g.samples)
            samples << fromUtf8(s);
        grid->addWidget(plain(samples.isEmpty() ? tr("empty") : samples.join(tr(",  "))), line, 1);
        Row row{g.header, g.column, new QComboBox, new QComboBox};
        row.what->setAccessibleName(tr("%1 is").arg(header));
        row.unit->setAccessibleName(tr("%1 is in").arg(header));
        row.what->addItem(tr("not read"), notRead);
        for (std::size_t q = 0; q < store::allQuantityCount; ++q) {
            const auto quantity = static_cast<Quantity>(q);
            row.what->addItem(text::nameOf(quantity), dataOf(quantity));
        }
        row.what->insertSeparator(row.what->count());
        for (std::size_t l = 0; l < store::labelCount; ++l)
            row.what->addItem(text::nameOf(static_cast<Label>(l)), dataOf(static_cast<Label>(l)));
        const auto quantity = known ? known->quantity : g.quantity;
        const auto label = known ? known->label : g.label;
        row.what->setCurrentIndex(row.what->findData(quantity ? dataOf(*quantity)
                                                     : label  ? dataOf(*label)
                                                              : notRead));
        fillUnits(row, known ? known->unit : g.unit);
        grid->addWidget(row.what, line, 2);
        grid->addWidget(row.unit, line, 3);
        auto* why = plain(known ? tr("as you said") : g.note ? text::said(*g.note) : QString(), 12);
        why->setWordWrap(true);
        grid->addWidget(why, line, 4);
        connect(row.what, &QComboBox::currentIndexChanged, this, [this, row] {
            fillUnits(row, row.unit->currentText().toStdString());
            check();
        });
        rows_.push_back(row);
    }
    grid->setRowStretch(static_cast<int>(rows_.size()) + 1, 1);
    auto* scroll = new QScrollArea;
    scroll->setWidget(inside);
    scroll->setWidgetResizable(true);
    return scroll;
}

void ColumnsDialog::fillUnits(const Row& row, const std::string& unit) {
    const int what = row.what->currentData().toInt();
    row.unit->clear();
    const bool number = what >= 0 && what < static_cast<int>(store::allQuantityCount);
    row.unit->setVisible(number);
    if (!number) return;
    for (const store::Unit& u : store::unitsOf(store::info(static_cast<Quantity>(what)).dimension))
        row.unit->addItem(fromUtf8(u.name));
    row.unit->setCurrentIndex(std::max(0, row.unit->findText(fromUtf8(unit))));
}

void ColumnsDialog::check() {
    std::set<int> taken;
    QString twice;
    bool measured = false;
    for (const Row& r : rows_) {
        const int what = r.what->currentData().toInt();
        if (what == notRead) continue;
        if (!taken.insert(what).second) twice = r.what->currentText();
        measured = measured || (what < static_cast<int>(store::allQuantityCount) &&
                                static_cast<Quantity>(what) != Quantity::Loft);
    }
    trouble_->setText(!twice.isEmpty() ? tr("Two columns are taken for: %1.").arg(twice)
                      : !measured      ? tr("No column of measured numbers is named yet.")
                                       : QString());
    trouble_->setVisible(!trouble_->text().isEmpty());
    take_->setEnabled(trouble_->text().isEmpty());
}

store::ColumnMapping ColumnsDialog::mapping() const {
    store::ColumnMapping out;
    out.mirrored = mirrored_->isChecked();
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        store::ColumnOverride o;
        o.header = rows_[i].header;
        o.column = rows_[i].column;
        const int what = rows_[i].what->currentData().toInt();
        if (what >= static_cast<int>(store::allQuantityCount)) {
            o.label = static_cast<Label>(what - static_cast<int>(store::allQuantityCount));
        } else if (what >= 0) {
            o.quantity = static_cast<Quantity>(what);
            o.unit = rows_[i].unit->currentText().toStdString();
        }
        out.columns.push_back(std::move(o));
    }
    return out;
}

}  // namespace wedgeon
