// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Editing on white, as it will be printed.
#include "widgets/report_dialog.h"

#include <QDialogButtonBox>
#include <QFileInfo>
#include <QPushButton>
#include <QTextEdit>
#include <QVBoxLayout>

#include "style/style.h"
#include "widgets/file_dialogs.h"

namespace wedgeon {

ReportDialog::ReportDialog(const QString& title, const QString& below,
                           const QVector<ReportPart>& parts, QWidget* parent)
    : QDialog(parent), title_(title), text_(new QTextEdit) {
    setWindowTitle(tr("The lesson's report"));
    resize(820, 760);
    auto* column = new QVBoxLayout(this);
    text_->setAccessibleName(tr("The report, to be edited"));
    // Paper is white, and its letters are dark, whatever the window is.
    text_->setPalette(style::paper());
    text_->document()->setDefaultFont(style::printed(style::font(14)));
    text_->setHtml(formatReport(title, below, parts));
    text_->moveCursor(QTextCursor::Start);
    column->addWidget(text_, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    buttons->button(QDialogButtonBox::Close)->setText(tr("Close"));
    auto* pdf = buttons->addButton(tr("Save as PDF…"), QDialogButtonBox::ActionRole);
    auto* html = buttons->addButton(tr("Save as HTML…"), QDialogButtonBox::ActionRole);
    connect(pdf, &QPushButton::clicked, this, [this] { save(QStringLiteral("pdf")); });
    connect(html, &QPushButton::clicked, this, [this] { save(QStringLiteral("html")); });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
}

void ReportDialog::save(const QString& ending) {
    const bool pdf = ending == QStringLiteral("pdf");
    const QString path = askForTarget(this, tr("Save the report"),
                                      pdf ? tr("Document (*.pdf)") : tr("Page (*.html)"), ending);
    if (path.isEmpty()) return;
    const bool good = pdf ? saveReportPdf(*text_->document(), path, title_)
                          : saveReportHtml(*text_->document(), path, title_);
    const QString name = QFileInfo(path).fileName();
    if (good) {
        emit said(tr("The report was saved to %1.").arg(name));
    } else {
        emit failed(tr("%1 could not be written.").arg(name));
    }
}

}  // namespace wedgeon
