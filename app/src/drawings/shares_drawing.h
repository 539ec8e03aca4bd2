// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The difference between two shots, shared out among its causes: a stair of bars from the one to
// the other.
#pragma once

#include <QVector>

#include "drawings/drawing.h"

namespace wedgeon {

class SharesDrawing : public Drawing {
    Q_OBJECT

public:
    struct Stair {
        QString what, unit;  ///< "Release", "m"
        QString fromName, toName;
        int decimals = 1;
        double from = 0.0, to = 0.0;  ///< as shown
        struct Share {
            QString cause;
            double value = 0.0;
            double half80 = 0.0;       ///< half width of its interval; 0 for none
            bool unexplained = false;  ///< drawn grey: no cause has it
            bool unknown = false;      ///< nobody said what it was on either side
        };
        QVector<Share> shares;  ///< add up to to - from
        QString note;           ///< below: what was left out
    };

    explicit SharesDrawing(const QString& name, QWidget* parent = nullptr);
    void show(const Stair& stair);
    QSize sizeHint() const override { return {360, 205}; }
    QSize minimumSizeHint() const override { return {240, 200}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    QString withUnit(double value, bool sign) const;
    QString withSpread(const Stair::Share& share) const;

    Stair stair_;
};

}  // namespace wedgeon
