// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Showing, copying, saving.
#include "widgets/trouble_note_dialog.h"

#include <QClipboard>
#include <QDialogButtonBox>
#include <QFontDatabase>
#include <QGuiApplication>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include "text/said.h"
#include "trouble/crash_note.h"
#include "trouble/diagnosis.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "widgets/file_dialogs.h"

namespace wedgeon {

TroubleNoteDialog::TroubleNoteDialog(const QString& logbook, QWidget* parent)
    : QDialog(parent), text_(new QPlainTextEdit) {
    setWindowTitle(tr("Report a trouble"));
    resize(760, 560);
    auto* column = new QVBoxLayout(this);
    auto* what = new QLabel(tr(
        "This is what somebody who helps needs to know. It names no player, shot or file, and the "
        "program sends nothing: read it, then copy or save it. Say beside it what you did, what "
        "you saw, and what you expected."));
    what->setWordWrap(true);
    what->setTextFormat(Qt::PlainText);
    column->addWidget(what);
    text_->setReadOnly(true);
    text_->setFont(QFontDatabase::systemFont(QFontDatabase::FixedFont));
    text_->setAccessibleName(tr("What a helper needs to know"));
    text_->setPlainText(trouble::diagnosis(logbook));
    column->addWidget(text_, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    buttons->button(QDialogButtonBox::Close)->setText(tr("Close"));
    auto* copy = buttons->addButton(tr("Copy"), QDialogButtonBox::ActionRole);
    auto* save = buttons->addButton(tr("Save…"), QDialogButtonBox::ActionRole);
    connect(copy, &QPushButton::clicked, this,
            [this] { QGuiApplication::clipboard()->setText(text_->toPlainText()); });
    connect(save, &QPushButton::clicked, this, &TroubleNoteDialog::save);
    if (!trouble::crashNotes().isEmpty()) {
        auto* gone = buttons->addButton(tr("Throw the notes of crashes away"),
                                        QDialogButtonBox::DestructiveRole);
        connect(gone, &QPushButton::clicked, this, [this, gone, logbook] {
            trouble::removeCrashNotes();
            text_->setPlainText(trouble::diagnosis(logbook));
            gone->hide();
        });
    }
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
}

void TroubleNoteDialog::save() {
    const QString path =
        askForTarget(this, tr("Save the report"), tr("Text (*.txt)"), QStringLiteral("txt"));
    if (path.isEmpty()) return;
    try {
        store::writeWhole(path.toStdString(), text_->toPlainText().toStdString());
    } catch (const store::StoreError& e) {
        text_->appendPlainText(text::said(e));
    }
}

}  // namespace wedgeon
