// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The rungs of each club on one scale of distance, with the distance that is asked for dragged
// across.
#pragma once

#include <array>
#include <optional>

#include "drawings/drawing.h"
#include "text/units.h"

namespace wedgeon {

/// Lengths in metres.
struct LadderScene {
    struct Rung {
        QString swing;
        double carry_m = 0.0, total_m = 0.0;
        double low_m = 0.0, high_m = 0.0;  ///< of 80 in 100 shots
        double plain_m = 0.0;              ///< carry on a plain day
        std::size_t shots = 0;             ///< 0: predicted
    };
    struct Row {
        QString name, detail;
        QVector<Rung> rungs;
    };
    QVector<Row> rows;
    Units units;
    double target_m = 0.0;
    bool otherDay = false;  ///< the plain day is drawn, too
    /// Row and rung that is looked at; -1 for none.
    std::array<int, 2> chosen{-1, -1};
};

class LadderDrawing : public Drawing {
    Q_OBJECT

public:
    explicit LadderDrawing(QWidget* parent = nullptr);
    void show(const LadderScene& scene);
    QVector<Handle> handles() const override;

signals:
    void targetMoved(double target_m);
    void rungChosen(int row, int rung);

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;
    void dragTo(int id, QPointF pixel) override;
    void nudge(int id, int direction, bool fine) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    double farthest_m() const;
    double xOf(double m) const;
    double yOf(int row) const;
    void paintRow(QPainter& p, const style::Colours& c, int row);
    QString valueOf(const LadderScene::Rung& rung) const;
    void chooseNext(int direction);

    LadderScene scene_;
};

}  // namespace wedgeon
