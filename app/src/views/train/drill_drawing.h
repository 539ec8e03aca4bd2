// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A drill's stations as rows, with a mark for each shot: filled inside its windows, a cross
// outside, a ring to come.
#pragma once

#include <QVector>

#include "drawings/drawing.h"

namespace wedgeon {

class DrillDrawing : public Drawing {
    Q_OBJECT

public:
    struct Row {
        /// One of its windows, as it is shown, with the shots of which it was measured or seen.
        struct Window {
            QString name, unit;
            int decimals = 1;
            double low = 0.0, high = 0.0;
            QVector<double> values;
        };
        QString task, windows;
        QVector<Window> tracks;
        QVector<bool> shots;  ///< those that counted: inside or not
        int all = 0;          ///< shots of the station
        QString result;       ///< "5 of 8", and what else counts
        bool next = false;    ///< the next shot is hit here
        bool shut = false;    ///< behind a gate that is not open
    };
    explicit DrillDrawing(const QString& name, QWidget* parent = nullptr);
    void show(const QVector<Row>& rows);

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    void paintTracks(QPainter& painter, const style::Colours& colours, const Row& row,
                     QRectF place) const;

    QVector<Row> rows_;
};

}  // namespace wedgeon
