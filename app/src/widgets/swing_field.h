// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A speed that is shown, typed and stepped as a swing: "rib-high (19.0 m/s)".
#pragma once

#include <functional>

#include "text/units.h"
#include "wedgeon/ladder/swing_ladder.h"
#include "widgets/quantity_field.h"

namespace wedgeon {

/// Where there is little room the speed is left to the tooltip. One step is a tenth of the way to
/// the next swing, a page the next swing itself.
class SwingField : public QuantityField {
    Q_OBJECT

public:
    using Ladder = std::function<const SwingLadder&()>;
    SwingField(const Shape& shape, Ladder ladder, const Units& units, QWidget* parent = nullptr);

    /// The ladder has changed: what is shown says it anew.
    void setUnits(const Units& units, const Shape& shape);
    void refresh();

    QString textFromValue(double value) const override;
    double valueFromText(const QString& text) const override;
    QValidator::State validate(QString& text, int& pos) const override;
    void stepBy(int steps) override;
    void fixup(QString& text) const override;
    QSize sizeHint() const override;

protected:
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void toRung(int direction);
    void showNow();

    Ladder ladder_;
    Units units_;
    int whole_px_ = 0;    ///< the width that swing and speed need
    bool brief_ = false;  ///< there is room for the swing only
};

}  // namespace wedgeon
