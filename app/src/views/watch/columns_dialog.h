// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the columns of a file would be taken for, beside some of their cells, to be confirmed or
// corrected before anything is read.
#pragma once

#include <QDialog>
#include <vector>

#include "wedgeon/store/logbook.h"

class QCheckBox;
class QComboBox;
class QPushButton;

namespace wedgeon {

class SentenceLabel;

class ColumnsDialog : public QDialog {
    Q_OBJECT

public:
    /// \p said of this shape of file before, which takes the place of the guess.
    ColumnsDialog(const store::ImportResult& preview, const store::ColumnMapping& said,
                  const QString& file, QWidget* parent = nullptr);
    store::ColumnMapping mapping() const;

private:
    struct Row {
        std::string header;
        std::size_t column = 0;  ///< from 1
        QComboBox *what, *unit;
    };
    QWidget* makeTable(const store::ImportResult& preview, const store::ColumnMapping& said);
    void fillUnits(const Row& row, const std::string& unit);
    void check();

    std::vector<Row> rows_;
    QCheckBox* mirrored_;
    SentenceLabel* trouble_;
    QPushButton* take_;
};

}  // namespace wedgeon
