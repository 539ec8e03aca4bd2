// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The recipes side by side: a table of what each gives, and the difference between two of them
// shared out among its causes.
#pragma once

#include "views/shape/drawer_page.h"

class QComboBox;
class QTableWidget;

namespace wedgeon {

class SharesDrawing;

class ComparePage : public DrawerPage {
    Q_OBJECT

public:
    explicit ComparePage(Workbench& bench, QWidget* parent = nullptr);
    QString asText() const override;

protected:
    void refresh() override;

private:
    void fillTable();
    void fillPairs();
    void share();
    QString nameOf(std::size_t i) const;

    SentenceLabel* hint_;
    QComboBox* same_;
    QTableWidget* table_;
    QComboBox *pair_, *outcome_;
    SharesDrawing* shares_;
};

}  // namespace wedgeon
