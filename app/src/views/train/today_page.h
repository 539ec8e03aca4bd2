// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Train, today: the drill or trial that is under way or looked at, with the shots in it and what
// is next.
#pragma once

#include <QWidget>

#include "desk/desk.h"
#include "paper/report.h"
#include "views/train/drill_drawing.h"

class QLabel;
class QPushButton;
class QStackedLayout;

namespace wedgeon {

class Headline;
class LineLabel;
class TrialCourse;
class TrialTracks;

class TodayPage : public QWidget {
    Q_OBJECT

public:
    explicit TodayPage(Desk& desk, QWidget* parent = nullptr);
    /// \p offered: what would be hit where nothing was yet; may be none.
    void show(const Drill* offered);
    /// What was found, in sentences and drawings; nothing where nothing was hit.
    QVector<ReportPart> reportParts() const;
    QString asText() const;

signals:
    void judgeWanted();
    void endWanted();
    /// A way of the ended trial is what the player does from now on.
    void keepWanted(wedgeon::Arm arm);

protected:
    void changeEvent(QEvent* event) override;

private:
    void tint();
    QWidget* makeNext();
    QVector<DrillDrawing::Row> rowsOf(const Drill& drill, const DrillScore& score) const;
    void showDrill(const Drill& drill);
    void showTrial(const store::Trial& trial);
    QString declared() const;
    /// The coach has said which way the player keeps.
    bool isKept() const;

    Desk& desk_;
    TrainingRoom& room_;
    Workbench& bench_;
    Headline* headline_;
    QStackedLayout* pages_;
    DrillDrawing* drill_;
    TrialTracks* tracks_;
    TrialCourse* course_;
    QWidget* next_;
    QLabel* letter_;
    LineLabel *nextTask_, *nextHint_;
    QPushButton *end_, *judge_, *keepA_, *keepB_;
};

}  // namespace wedgeon
