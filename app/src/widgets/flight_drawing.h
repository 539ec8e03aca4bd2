// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A side elevation to scale: flight, hops, roll and rest of one shot, beside its ghost or beside
// the measured one, with the spread of the prediction.
#pragma once

#include <QPolygonF>
#include <optional>

#include "text/units.h"
#include "wedgeon/shot/spread.h"
#include "widgets/drawing.h"

namespace wedgeon {

/// What is drawn. Paths are metres along the target line and above the ground.
struct FlightScene {
    struct Path {
        QPolygonF flight, run;
        double rest_m = 0.0;
    };
    std::optional<Path> predicted, ghost, measured;
    ShotResult shot;  ///< of the prediction: angles, apex, bounces
    Spread spread;
    std::optional<double> measuredCarry_m, measuredRest_m;
    Units units;
    bool detailed = true;  ///< angles, apex and the magnified landing
};

/// The lines of a traced shot, sampled finely enough to look smooth.
FlightScene::Path flightPath(const ShotTrace& trace, const ShotResult& shot);

class FlightDrawing : public Drawing {
    Q_OBJECT

public:
    explicit FlightDrawing(const QString& name, QWidget* parent = nullptr);
    void show(const FlightScene& scene);

    QSize sizeHint() const override { return {600, 260}; }
    QSize minimumSizeHint() const override { return {240, 120}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    WorldMap map() const;
    double farthest_m() const;
    double highest_m() const;
    void paintGround(QPainter& p, const style::Colours& c, const WorldMap& map) const;
    void paintSpread(QPainter& p, const style::Colours& c, const WorldMap& map) const;
    void paintPath(QPainter& p, const FlightScene::Path& path, const WorldMap& map,
                   const QPen& pen) const;
    void paintNumbers(QPainter& p, const style::Colours& c, const WorldMap& map) const;
    void paintMeasured(QPainter& p, const style::Colours& c, const WorldMap& map) const;
    void paintMagnifier(QPainter& p, const style::Colours& c) const;
    QRectF magnifierRect() const;

    FlightScene scene_;
};

/// A filled diamond, the mark of everything measured.
void paintDiamond(QPainter& painter, QPointF at, double half_px, const QColor& colour);

}  // namespace wedgeon
