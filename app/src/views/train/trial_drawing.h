// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A trial in two drawings: what A and B were, measure by measure, with their difference; and how
// the difference that decides came about, shot by shot.
#pragma once

#include <QVector>
#include <optional>

#include "drawings/drawing.h"

namespace wedgeon {

/// All values as they are shown.
class TrialTracks : public Drawing {
    Q_OBJECT

public:
    struct Column {
        QString name, unit;
        int decimals = 1;
        QVector<double> a, b;
        double difference = 0.0, low = 0.0, high = 0.0;
        double matters = 0.0;
        QString said;  ///< the difference with its interval
    };
    struct Strikes {
        int cleanA = 0, shotsA = 0, cleanB = 0, shotsB = 0;
        QString said;
    };
    explicit TrialTracks(const QString& name, QWidget* parent = nullptr);
    void show(const QVector<Column>& columns, const std::optional<Strikes>& strikes);

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    void paintColumn(QPainter& painter, const style::Colours& colours, const Column& column,
                     QRectF place) const;

    QVector<Column> columns_;
    std::optional<Strikes> strikes_;
};

class TrialCourse : public Drawing {
    Q_OBJECT

public:
    struct Look {
        double shots = 0.0, difference = 0.0, low = 0.0, high = 0.0;
    };
    struct Content {
        QString title, unit;
        int decimals = 1;
        QVector<Look> looks;  ///< after each shot from which on there is a difference
        double matters = 0.0;
        int enough = 0;  ///< shots after which it should be told; 0: nobody knows
    };
    explicit TrialCourse(const QString& name, QWidget* parent = nullptr);
    void show(const Content& content);

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    Content content_;
};

}  // namespace wedgeon
