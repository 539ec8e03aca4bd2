// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Explain, the cause: from a pattern of shots or a complaint to a ranked list of what would make
// it, with what would tell the likeliest apart, and what to do.
#pragma once

#include <QMap>
#include <QWidget>

#include "desk/desk.h"
#include "paper/report.h"

class QAction;
class QPushButton;
class QToolButton;

namespace wedgeon {

class BeliefsDrawing;
class FlightDrawing;
class Headline;
class SentenceLabel;

class CausePage : public QWidget {
    Q_OBJECT

public:
    /// \p pages: the switch between the pages of Explain, at the right of the sentence.
    CausePage(Desk& desk, QWidget* pages, QWidget* parent = nullptr);
    void refresh();
    QString asText() const;
    QVector<ReportPart> reportParts() const;

signals:
    void viewWanted(const QString& key);

private:
    QWidget* makeTop(QWidget* pages);
    QWidget* makeRight();
    QToolButton* makeComplaints();
    const FaultBelief* chosen() const;
    const CauseFound* found() const { return finder_.found().get(); }
    QString sentence() const;
    QString why() const;
    void showComplaints();
    void showFlights();
    void showPattern();
    void showBeliefs();
    void showChosen();
    void tryBeside();
    void makeTrial();

    Desk& desk_;
    CauseFinder& finder_;
    Workbench& bench_;
    int row_ = 0;
    const CauseFound* shown_ = nullptr;  ///< whose rows they are
    Headline* headline_;
    QToolButton* complaints_;
    QPushButton* clear_;
    QMap<int, QAction*> complaintActions_;
    FlightDrawing* flight_;
    SentenceLabel *hint_, *signs_, *offs_;  ///< of the pattern
    BeliefsDrawing* beliefs_;
    SentenceLabel *apartTitle_, *apart_, *ifTitle_, *if_, *drillTitle_, *drill_, *lieTitle_, *lie_;
    QPushButton *beside_, *trial_;
};

}  // namespace wedgeon
