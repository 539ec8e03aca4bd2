// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A player's swings: what he calls them, their lengths, and what a guess of their speed goes by.
#pragma once

#include <QDialog>

#include "text/units.h"
#include "wedgeon/ladder/swing_ladder.h"
#include "wedgeon/shot/swing_set.h"

class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace wedgeon {

class QuantityField;

class SwingsDialog : public QDialog {
    Q_OBJECT

public:
    /// \p known: the speeds that his shots say, shown beside.
    SwingsDialog(const QString& player, const SwingSet& set, const SwingLadder& known,
                 const Units& units, QWidget* parent = nullptr);
    /// As it was accepted.
    const SwingSet& swings() const { return set_; }

private:
    void fill();
    void addRow(const SwingName& swing);
    /// What stands in the dialog; \p error says what is wrong with it.
    SwingSet read(QString& error) const;
    void check();
    QString lengthHint() const;
    QString fromShots(const Rung& rung) const;

    SwingSet set_;
    SwingLadder known_;
    Units units_;
    QComboBox *kind_, *sex_, *level_;
    QuantityField* height_;
    QTableWidget* table_;
    QLabel *hint_, *error_;
    QPushButton* keep_;
};

}  // namespace wedgeon
