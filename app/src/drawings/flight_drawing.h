// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A side elevation to scale: flight, hops, roll and rest of one shot, beside its ghost, other
// recipes or the measured one, with the spread of the prediction; below it the same from above.
#pragma once

#include <QPolygonF>
#include <array>
#include <optional>
#include <vector>

#include "drawings/drawing.h"
#include "text/units.h"
#include "wedgeon/shot/shot.h"
#include "wedgeon/shot/spread.h"

namespace wedgeon {

/// What is drawn. Paths are metres along the target line and above the ground.
struct FlightScene {
    struct Path {
        QPolygonF flight, run;
        QPolygonF above;  ///< along the line and to the right of it, landing and run included
        double rest_m = 0.0, restSide_m = 0.0;
        double carry_m = 0.0, side_m = 0.0;
    };
    struct Other {
        QString letter;
        Path path;
    };
    /// Where 80 of 100 land and rest, from the landing and the rest that are drawn.
    struct Band {
        double carryLow_m = 0.0, carryHigh_m = 0.0, restLow_m = 0.0, restHigh_m = 0.0;
    };
    std::optional<Path> predicted, ghost, measured;
    ShotResult shot;            ///< of the prediction: angles, apex, bounces
    QString letter;             ///< of the predicted one, where there are others
    std::vector<Other> others;  ///< recipes side by side
    std::optional<Band> band;
    std::vector<std::array<double, 2>> rests;  ///< of many swings: along and to the right
    std::optional<double> measuredCarry_m, measuredRest_m;
    Units units;
    bool detailed = true;  ///< angles, apex and the magnified landing
    bool fromAbove = false;
};

/// The band of a first-order spread.
FlightScene::Band bandOf(const Spread& spread);

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
    double groundBand_px() const;
    std::vector<const FlightScene::Path*> paths() const;
    void paintOthers(QPainter& p, const style::Colours& c, const WorldMap& map) const;
    void paintAbove(QPainter& p, const style::Colours& c, const WorldMap& map) const;
    void paintGround(QPainter& p, const style::Colours& c, const WorldMap& map) const;
    void paintSpread(QPainter& p, const style::Colours& c, const WorldMap& map) const;
    void paintPath(QPainter& p, const FlightScene::Path& path, const WorldMap& map,
                   const QPen& pen) const;
    void paintNumbers(QPainter& p, const style::Colours& c, const WorldMap& map) const;
    void paintMeasured(QPainter& p, const style::Colours& c, const WorldMap& map) const;
    void paintMagnifier(QPainter& p, const style::Colours& c) const;
    bool hasMagnifier() const;
    QRectF magnifierRect() const;

    FlightScene scene_;
    double restsLeft_m_ = 0.0, restsRight_m_ = 0.0;  ///< of all swings but the wildest few
};

/// A filled diamond, the mark of everything measured.
void paintDiamond(QPainter& painter, QPointF at, double half_px, const QColor& colour);

}  // namespace wedgeon
