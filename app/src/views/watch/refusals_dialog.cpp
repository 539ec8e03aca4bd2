// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The two tables of an import.
#include "views/watch/refusals_dialog.h"

#include <QApplication>
#include <QClipboard>
#include <QDialogButtonBox>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTabWidget>
#include <QTableWidget>
#include <QVBoxLayout>

#include "text/quantities.h"
#include "text/said.h"
#include "text/units.h"

namespace wedgeon {
namespace {

using text::fromUtf8;

QTableWidget* makeTable(const QStringList& headers, int rows, const QString& name) {
    auto* table = new QTableWidget(rows, static_cast<int>(headers.size()));
    table->setHorizontalHeaderLabels(headers);
    table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table->setSelectionBehavior(QAbstractItemView::SelectRows);
    table->setTabKeyNavigation(false);
    table->verticalHeader()->hide();
    table->horizontalHeader()->setStretchLastSection(true);
    table->setAccessibleName(name);
    return table;
}

void setRow(QTableWidget* table, int row, const QStringList& cells) {
    for (int i = 0; i < cells.size(); ++i)
        table->setItem(row, i, new QTableWidgetItem(cells[i]));
}

QString asText(const QTableWidget* table) {
    QString out;
    for (int r = 0; r < table->rowCount(); ++r) {
        QStringList cells;
        for (int c = 0; c < table->columnCount(); ++c)
            cells << table->item(r, c)->text();
        out += cells.join(QLatin1Char('\t')) + QLatin1Char('\n');
    }
    return out;
}

}  // namespace

RefusalsDialog::RefusalsDialog(const ImportJob::Result& result, const QString& file,
                               QWidget* parent)
    : QDialog(parent) {
    setWindowTitle(tr("What was read of %1").arg(file));
    resize(860, 480);
    const store::ImportResult& r = result->file;

    auto* refused =
        makeTable({tr("Line"), tr("Column"), tr("Header"), tr("Text"), tr("Why it was not taken")},
                  static_cast<int>(r.refused.size()), tr("Refused cells"));
    for (std::size_t i = 0; i < r.refused.size(); ++i) {
        const store::RefusedCell& c = r.refused[i];
        setRow(refused, static_cast<int>(i),
               {QString::number(c.line), c.column ? QString::number(c.column) : tr("row"),
                fromUtf8(c.header), fromUtf8(c.text), text::said(c.reason)});
    }
    auto* columns = makeTable({tr("Column"), tr("Header"), tr("Taken for"), tr("Note")},
                              static_cast<int>(r.columns.size()), tr("Columns"));
    for (std::size_t i = 0; i < r.columns.size(); ++i) {
        const store::ColumnGuess& c = r.columns[i];
        const QString meaning =
            c.quantity ? tr("%1 in %2").arg(text::nameOf(*c.quantity), fromUtf8(c.unit))
            : c.label  ? text::nameOf(*c.label)
                       : tr("not read");
        setRow(columns, static_cast<int>(i),
               {QString::number(c.column), fromUtf8(c.header), meaning,
                c.note ? text::said(*c.note) : QString()});
    }
    for (QTableWidget* t : {refused, columns})
        t->resizeColumnsToContents();

    auto* layout = new QVBoxLayout(this);
    auto* summary = new QLabel(r.refused.size() < r.refusedCount
                                   ? tr("%1 cells were not taken; the first %2 are listed.")
                                         .arg(r.refusedCount)
                                         .arg(r.refused.size())
                                   : tr("%n cell(s) were not taken. The rest of their rows was.",
                                        nullptr, static_cast<int>(r.refusedCount)));
    layout->addWidget(summary);
    auto* tabs = new QTabWidget;
    tabs->addTab(refused, tr("Not taken (%1)").arg(r.refusedCount));
    tabs->addTab(columns, tr("Columns (%1)").arg(r.columns.size()));
    if (r.refusedCount == 0) tabs->setCurrentIndex(1);
    layout->addWidget(tabs, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    auto* copy = buttons->addButton(tr("Copy"), QDialogButtonBox::ActionRole);
    connect(copy, &QPushButton::clicked, this, [tabs] {
        QApplication::clipboard()->setText(
            asText(qobject_cast<QTableWidget*>(tabs->currentWidget())));
    });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    layout->addWidget(buttons);
}

}  // namespace wedgeon
