// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Measures over weeks, one below the other on the same days: a mark for each day with its interval,
// the line through them with its band, or two levels before and since a change.
#pragma once

#include <QVector>
#include <optional>

#include "drawings/drawing.h"

namespace wedgeon {

class HistoryDrawing : public Drawing {
    Q_OBJECT

public:
    struct Row {
        QString name, said;  ///< what it is, and how it went
        bool drifts = false;
        int decimals = 1;
        struct Day {
            double day = 0.0, mean = 0.0, low = 0.0, high = 0.0;
        };
        QVector<Day> days;
        struct Point {
            double day = 0.0, at = 0.0, half = 0.0;
        };
        QVector<Point> line;  ///< predicted, with half its band; empty where levels are shown
        struct Levels {
            double since = 0.0, before = 0.0, after = 0.0;
        };
        std::optional<Levels> levels;
    };
    struct Mark {
        double day = 0.0;
        QString letter;
        bool chosen = false;
    };
    struct Content {
        QVector<Row> rows;
        QVector<Mark> marks;
        double first = 0.0, last = 1.0;  ///< days
        QString firstName, lastName;
    };
    explicit HistoryDrawing(const QString& name, QWidget* parent = nullptr);
    void show(const Content& content);
    QSize minimumSizeHint() const override { return {420, 220}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    void paintRow(QPainter& painter, const style::Colours& colours, const Row& row,
                  QRectF place) const;
    double xOf(double day, QRectF place) const;

    Content content_;
};

}  // namespace wedgeon
