// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The next sessions: what is weakest of what matters, within a time and an effort, on the days that
// the player has; out as a calendar or on paper.
#pragma once

#include <QDialog>
#include <map>
#include <string>
#include <vector>

#include "desk/clock.h"
#include "wedgeon/train/drill.h"
#include "wedgeon/train/session_plan.h"

class QCheckBox;
class QDateEdit;
class QSpinBox;
class QTableWidget;
class QTextEdit;
class QTimeEdit;

namespace wedgeon {

class PlanDialog : public QDialog {
    Q_OBJECT

public:
    /// \p missed: of a drill by its name, the share of its shots that missed the last time.
    PlanDialog(const QString& player, std::vector<Drill> drills,
               const std::map<std::string, double>& missed, const Clock& clock,
               QWidget* parent = nullptr);

signals:
    void said(const QString& what);
    void failed(const QString& what);

private:
    struct Session {
        QDateTime begin;
        std::vector<std::size_t> drills;
    };
    QWidget* makeLimits();
    void makeTable(const std::map<std::string, double>& missed);
    std::vector<Session> plan() const;
    QString textOf(const Session& session) const;
    void show();
    void saveCalendar();
    void saveSheet();

    QString player_;
    std::vector<Drill> drills_;
    std::vector<PlanChoice> choices_;
    const Clock& clock_;
    QTableWidget* table_;
    std::vector<QSpinBox*> matters_;
    std::vector<QCheckBox*> days_;
    QSpinBox *minutes_, *effort_, *sessions_;
    QDateEdit* from_;
    QTimeEdit* at_;
    QTextEdit* preview_;
};

}  // namespace wedgeon
