// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The list and the preview.
#include "widgets/restore_dialog.h"

#include <QDate>
#include <QDialogButtonBox>
#include <QFileInfo>
#include <QLabel>
#include <QListWidget>
#include <QLocale>
#include <QPushButton>
#include <QVBoxLayout>

#include "text/said.h"
#include "text/units.h"
#include "wedgeon/store/error.h"

namespace wedgeon {

RestoreDialog::RestoreDialog(const QString& logbook, const store::BackupPlan& plan, QWidget* parent)
    : QDialog(parent),
      backups_(store::Logbook::backups(logbook.toStdString(), plan)),
      reader_(
          [logbook](const QString& path) {
              Seen seen{path, {}, {}, {}};
              try {
                  seen.now = store::Logbook(logbook.toStdString(), store::Logbook::Access::ReadOnly)
                                 .summary();
              } catch (const store::StoreError&) {
                  seen.now.reset();  // damaged: nothing to compare with
              }
              try {
                  const store::Logbook book(path.toStdString(), store::Logbook::Access::ReadOnly);
                  book.requireSound();
                  seen.summary = book.summary();
              } catch (const store::StoreError& e) {
                  seen.error = text::said(e);
              }
              return seen;
          },
          [this](const Seen& seen) { show(seen); }) {
    setWindowTitle(tr("Restore a backup"));
    resize(520, 380);
    auto* column = new QVBoxLayout(this);
    auto* head = new QLabel(
        backups_.empty()
            ? tr("There is no backup of %1 yet. One is made on each day on which it is opened.")
                  .arg(QFileInfo(logbook).fileName())
            : tr("Backups of %1. Its present content is kept beside them before one is put in its "
                 "place.")
                  .arg(QFileInfo(logbook).fileName()));
    head->setTextFormat(Qt::PlainText);
    head->setWordWrap(true);
    column->addWidget(head);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("Backups"));
    for (const store::BackupInfo& b : backups_) {
        const QDate day = QDate::fromString(QString::fromStdString(b.day), Qt::ISODate);
        list_->addItem(QLocale().toString(day, QLocale::LongFormat));
    }
    column->addWidget(list_, 1);
    words_ = new QLabel;
    words_->setTextFormat(Qt::PlainText);
    words_->setWordWrap(true);
    words_->setMinimumHeight(54);
    words_->setObjectName(QStringLiteral("backupWords"));
    column->addWidget(words_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    look_ = buttons->addButton(tr("Show its shots"), QDialogButtonBox::ActionRole);
    restore_ = buttons->addButton(tr("Restore"), QDialogButtonBox::AcceptRole);
    restore_->setEnabled(false);
    look_->setEnabled(false);
    column->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(look_, &QPushButton::clicked, this, [this] { emit lookRequested(chosen()); });
    connect(list_, &QListWidget::currentRowChanged, this, &RestoreDialog::ask);
    if (!backups_.empty()) list_->setCurrentRow(0);
}

QString RestoreDialog::chosen() const {
    const int row = list_->currentRow();
    if (row < 0 || row >= static_cast<int>(backups_.size())) return {};
    return QString::fromStdString(backups_[static_cast<std::size_t>(row)].path.string());
}

void RestoreDialog::ask() {
    restore_->setEnabled(false);
    look_->setEnabled(false);
    words_->setText(tr("Reading…"));
    reader_.ask(chosen());
}

void RestoreDialog::show(const Seen& seen) {
    if (!seen.summary) {
        words_->setText(tr("This one cannot be used: %1.").arg(seen.error));
        return;
    }
    const store::LogbookSummary& s = *seen.summary;
    const QString shots = text::shots(static_cast<qsizetype>(s.shots));
    QString said = tr("%1 in %n session(s)", nullptr, static_cast<int>(s.sessions)).arg(shots);
    if (!s.newestSession.empty())
        said += tr("; the newest is \"%1\"").arg(text::fromUtf8(s.newestSession).left(60));
    said += QLatin1Char('.');
    if (seen.now) {
        const auto more = static_cast<qint64>(seen.now->shots) - static_cast<qint64>(s.shots);
        said += QLatin1Char(' ') +
                (more > 0 ? tr("The logbook holds %1 more now; they would be in the copy only.")
                                .arg(text::shots(more))
                 : more < 0 ? tr("The logbook holds %1 fewer now.").arg(text::shots(-more))
                            : tr("The logbook holds as many now."));
    }
    words_->setText(said);
    restore_->setEnabled(true);
    look_->setEnabled(true);
}

}  // namespace wedgeon
