// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Measured against predicted for each result, and below it what is left of the chosen one against
// everything it may hang on. A result is chosen by click or with the arrow keys.
#pragma once

#include <QVector>

#include "drawings/drawing.h"

namespace wedgeon {

class FitDrawing : public Drawing {
    Q_OBJECT

public:
    struct Axis {
        QString name, unit;
        int decimals = 1;
        QString first = {}, last = {};  ///< words for the ends in place of numbers
    };
    struct Result {
        Axis axis;
        QVector<double> measured, predicted;  ///< as shown, one for each shot; NaN: not measured
        double noise = 0.0;
    };
    struct Input {
        Axis axis;
        QVector<double> values;  ///< as shown
    };
    /// A trend that is left, through three points.
    struct Pattern {
        qsizetype result = 0, input = 0;
        double from = 0.0, to = 0.0, atFrom = 0.0, atMiddle = 0.0, atTo = 0.0;
    };
    struct Content {
        QVector<Result> results;
        QVector<Input> inputs;
        QVector<Pattern> patterns;
    };

    explicit FitDrawing(const QString& name, QWidget* parent = nullptr);
    void show(Content content);
    /// Which result the lower part is about.
    void choose(qsizetype result);
    qsizetype chosen() const { return chosen_; }
    QSize sizeHint() const override { return {640, 480}; }
    QSize minimumSizeHint() const override { return {420, 300}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QRectF resultCell(qsizetype i) const;
    QRectF inputCell(qsizetype i) const;
    void paintResult(QPainter& p, const style::Colours& c, qsizetype i) const;
    void paintInput(QPainter& p, const style::Colours& c, qsizetype i) const;
    void tell();

    Content content_;
    qsizetype chosen_ = 0;
};

}  // namespace wedgeon
