// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The shots of a trial in an order by chance, without their way: which of them do not count is
// decided before anybody sees what that does.
#pragma once

#include <QDialog>
#include <vector>

#include "text/units.h"
#include "wedgeon/store/trainings.h"

class QTableWidget;

namespace wedgeon {

class JudgeDialog : public QDialog {
    Q_OBJECT

public:
    JudgeDialog(const std::vector<const store::LoggedShot*>& shots, const Units& units,
                QWidget* parent = nullptr);
    /// Those that are to be set aside, or counted again.
    std::vector<store::LoggedShot> changed() const;

private:
    std::vector<store::LoggedShot> shots_;  ///< as they stand in the table
    QTableWidget* table_;
};

}  // namespace wedgeon
