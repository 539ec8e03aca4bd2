// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A ranked list of what would make a pattern: how likely each is, and was before any shot, what
// speaks for it and against it. One of them is chosen, by a click or with the arrow keys.
#pragma once

#include <QStringList>
#include <QVector>

#include "drawings/drawing.h"

namespace wedgeon {

class BeliefsDrawing : public Drawing {
    Q_OBJECT

public:
    struct Row {
        QString name;
        double before = 0.0, likely = 0.0;  ///< 0-1
        QStringList speaksFor, against;     ///< the weightiest first
    };

    explicit BeliefsDrawing(const QString& name, QWidget* parent = nullptr);
    /// Of more rows than there is room for the likeliest are drawn.
    void show(const QVector<Row>& rows, int chosen);
    int chosen() const { return chosen_; }
    QSize sizeHint() const override { return {620, 300}; }
    QSize minimumSizeHint() const override { return {360, 150}; }

signals:
    void rowChosen(int row);

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    int shownRows() const;
    double rowHeight() const;
    void choose(int row);
    void tell();

    QVector<Row> rows_;
    int chosen_ = 0;
};

}  // namespace wedgeon
