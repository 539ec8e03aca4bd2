// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Ladder: how far each club and swing goes, which swing for a distance, and the card for the
// pocket.
#pragma once

#include "desk/ladder_maker.h"
#include "views/ladder/ladder_drawing.h"
#include "views/view.h"

class QComboBox;
class QToolButton;

namespace wedgeon {

class CardPanel;
class Headline;
class QuantityField;
class SentenceLabel;

class LadderView : public View {
    Q_OBJECT

public:
    explicit LadderView(Desk& desk, QWidget* parent = nullptr);
    QString name() const override;
    QString asText() const override;
    QVector<ReportPart> reportParts() const override;
    void print(Paper& paper) override;
    QVariantMap state() const override;
    void restore(const QVariantMap& state) override;

protected:
    void refresh(Desk::Parts parts) override;
    void takeFocus() override;
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* makeLadder();
    QWidget* makeTools();
    QWidget* makeCard();
    void makeCommands();
    void tell();
    void tellTarget();
    void tellRung();
    void setTarget(double target_m);
    void openInShape();
    void showShots();
    /// The answer's lines that are drawn.
    std::vector<std::size_t> shownLines() const;
    const LadderRung* chosenRung(const LadderLine** line = nullptr) const;
    LadderMeasure measure() const;
    std::vector<LadderReach> reaches() const;
    /// The ladder of the strip's player; none until it is made.
    std::shared_ptr<const LadderAnswer> current() const;

    Workbench& bench_;
    LadderMaker& maker_;
    Headline* headline_;
    LadderDrawing* drawing_;
    SentenceLabel *gaps_, *rung_;
    QuantityField* target_;
    QComboBox* measure_;
    std::vector<QToolButton*> ways_;
    QToolButton *shape_, *shots_;
    CardPanel* card_;
    QWidget* side_;
    double target_m_ = 40.0;
    std::array<int, 2> chosen_{-1, -1};
    QString trouble_;
};

}  // namespace wedgeon
