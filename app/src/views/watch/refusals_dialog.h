// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What an import did not take: line, column, text and reason of each cell, and what each column
// was taken for.
#pragma once

#include <QDialog>

#include "desk/import_job.h"

namespace wedgeon {

class RefusalsDialog : public QDialog {
    Q_OBJECT

public:
    RefusalsDialog(const ImportJob::Result& result, const QString& file, QWidget* parent = nullptr);
};

}  // namespace wedgeon
