// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Each parameter's prior as an open bar and what the data makes of it as a filled one.
#pragma once

#include <QVector>

#include "drawings/drawing.h"

namespace wedgeon {

class EstimatesDrawing : public Drawing {
    Q_OBJECT

public:
    struct Row {
        QString name, unit;
        int decimals = 2;
        double value = 0.0, low = 0.0, high = 0.0;  ///< as shown
        double prior = 0.0, priorLow = 0.0, priorHigh = 0.0;
        bool known = false;  ///< the data tells more than the prior
        bool patterned =
            false;  ///< its residuals go with an input: an average over a law that fails
    };
    explicit EstimatesDrawing(const QString& name, QWidget* parent = nullptr);
    void show(const QVector<Row>& rows);
    QSize sizeHint() const override { return {560, 400}; }
    QSize minimumSizeHint() const override { return {360, 200}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    static QString valueText(const Row& row);

    QVector<Row> rows_;
};

}  // namespace wedgeon
