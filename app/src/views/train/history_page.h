// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Train, over the weeks: how a player's measures go, what a change changed, what drifts and what
// gets lost.
#pragma once

#include <QWidget>

#include "desk/desk.h"
#include "paper/report.h"

class QComboBox;

namespace wedgeon {

class Headline;
class HistoryDrawing;
class SentenceLabel;

class HistoryPage : public QWidget {
    Q_OBJECT

public:
    explicit HistoryPage(Desk& desk, QWidget* parent = nullptr);
    /// Shots, player or units may have changed.
    void refresh();
    QVector<ReportPart> reportParts() const;
    QString asText() const;

private:
    void take();
    void fill();
    void show();
    const std::vector<MeasureCourse>* chosen() const;
    /// The change that measures are held against, as its place in the answer; -1 for none.
    int chosenChange() const;

    Desk& desk_;
    Headline* headline_;
    QComboBox *group_, *change_;
    HistoryDrawing* drawing_;
    SentenceLabel* marks_;
};

}  // namespace wedgeon
