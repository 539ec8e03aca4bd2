// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Read: the situation from ball to flag, which shot from here, and the commitment to one.
#pragma once

#include <QString>

#include "text/distances.h"
#include "views/read/line_drawing.h"
#include "views/view.h"
#include "wedgeon/plan/hole_out.h"

class QComboBox;
class QPushButton;

namespace wedgeon {

class ElementBar;
class Headline;
class KeptLine;
class PlanTable;
class SentenceLabel;

class ReadView : public View {
    Q_OBJECT

public:
    explicit ReadView(Desk& desk, QWidget* parent = nullptr);
    QString name() const override;
    QString asText() const override;
    bool opens(const QString& path) override;
    /// How distances are said, and what holing out costs.
    QVariantMap state() const override;
    void restore(const QVariantMap& state) override;

protected:
    void refresh(Desk::Parts parts) override;
    void takeFocus() override;

private:
    QWidget* makeLine();
    QWidget* makeTools();
    QWidget* makeAnswer();
    void makeCommands();
    /// Draws the line as it is, and asks for its plan.
    void showLine();
    void ask();
    void showWays();
    void tell();
    PlanRequest request() const;
    /// Why this line cannot be planned, as a coach says it; empty when it can.
    QString troubleOf(const PlanRequest& request) const;
    void edit(const Line& line, const QString& what, int gesture = 0);
    void take(const store::Situation& situation, const QString& what);
    store::Situation situation(const QString& name) const;
    void commit();
    void compareHeights();
    void openSituation(const QString& path);
    void exportSituation();
    void importSituation();
    void askForHoleOut();
    Distances distances() const;

    Workbench& bench_;
    Planner& planner_;
    Headline* headline_;
    KeptLine* kept_;
    QComboBox *in_, *from_;
    LineDrawing* drawing_;
    ElementBar* element_;
    PlanTable* table_;
    SentenceLabel* change_;
    QPushButton* commit_;
    HoleOutTable holeOut_ = HoleOutTable::of(Level::ClubPlayer);
    Distances::In distancesIn_ = Distances::In::Units;
    Distances::From distancesFrom_ = Distances::From::Legs;
    int gesture_ = 0;
    QString trouble_;
};

/// Situations that come with the program, by name.
const std::vector<store::Situation>& exampleSituations();

}  // namespace wedgeon
