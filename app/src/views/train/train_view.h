// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Train: drills with windows and gates, and trials of two ways, scored from Watch, live or by eye.
#pragma once

#include "views/train/drill_drawing.h"
#include "views/view.h"

class QComboBox;
class QLabel;
class QListWidget;
class QPushButton;
class QStackedLayout;

namespace wedgeon {

class Headline;
class LineLabel;
class SeenBar;
class SentenceLabel;
class TrialCourse;
class TrialTracks;

class TrainView : public View {
    Q_OBJECT

public:
    explicit TrainView(Desk& desk, QWidget* parent = nullptr);
    QString name() const override;
    QString asText() const override;
    QVector<ReportPart> reportParts() const override;
    /// A drill in a file (*.wedgedrill), to be hit.
    bool opens(const QString& path) override;

protected:
    void refresh(Desk::Parts parts) override;
    void takeFocus() override;
    void changeEvent(QEvent* event) override;

private:
    void tint();
    QWidget* makeAside();
    QWidget* makeMain();
    QWidget* makeNext();
    void makeCommands();
    void fillList();
    void fillDrills();
    void showCurrent();
    QVector<DrillDrawing::Row> rowsOf(const Drill& drill, const DrillScore& score) const;
    void showDrill(const Drill& drill);
    void showTrial(const store::Trial& trial);
    void tellCaution();
    void beginDrill();
    void beginTrial();
    void planNext();
    void openDrill();
    void saveDrill();
    void judge();
    /// Of the newest shot, as it was felt.
    void felt(const QString& strike);
    const Drill* chosenDrill() const;

    TrainingRoom& room_;
    Workbench& bench_;
    SeenBar* seen_;
    QListWidget* list_;
    SentenceLabel* listTitle_;
    QComboBox* drills_;
    std::vector<Drill> offered_;
    QPushButton *beginDrill_, *end_, *judge_;
    SentenceLabel *drillPurpose_, *caution_;
    Headline* headline_;
    QStackedLayout* pages_;
    DrillDrawing* drill_;
    TrialTracks* tracks_;
    TrialCourse* course_;
    QWidget* next_;
    QLabel* letter_;
    LineLabel *nextTask_, *nextHint_;
    std::uint64_t chance_;
};

}  // namespace wedgeon
