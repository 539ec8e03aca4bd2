// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The lesson's report, to be edited and saved.
#pragma once

#include <QDialog>

#include "paper/report.h"

class QTextEdit;

namespace wedgeon {

class ReportDialog : public QDialog {
    Q_OBJECT

public:
    ReportDialog(const QString& title, const QString& below, const QVector<ReportPart>& parts,
                 QWidget* parent = nullptr);

signals:
    void said(const QString& what);
    void failed(const QString& what);

private:
    void save(const QString& ending);

    QString title_;
    QTextEdit* text_;
};

}  // namespace wedgeon
