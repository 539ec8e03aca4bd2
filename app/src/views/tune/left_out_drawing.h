// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Errors on sessions that were left out: the tuning beside the priors and plain regression.
#pragma once

#include <QVector>

#include "drawings/drawing.h"

namespace wedgeon {

class LeftOutDrawing : public Drawing {
    Q_OBJECT

public:
    struct Row {
        QString name, unit;
        int decimals = 1;
        double tuned = 0.0, prior = 0.0, regression = 0.0;  ///< mean errors, as shown
        double tunedMedian = 0.0;
        QString held;  ///< how often the interval did, or why that is not known
        qsizetype misreads = 0;
    };
    explicit LeftOutDrawing(const QString& name, QWidget* parent = nullptr);
    /// \p why there are none, where there are none.
    void show(const QVector<Row>& rows, const QString& why = {});
    QSize sizeHint() const override { return {420, 230}; }
    QSize minimumSizeHint() const override { return {300, 150}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    QVector<Row> rows_;
    QString why_;
};

}  // namespace wedgeon
