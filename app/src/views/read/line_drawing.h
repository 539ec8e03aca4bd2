// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The real line from ball to flag as a side elevation to scale, edited in place: borders, flag and
// whatever stands in the way are dragged; the ways of the shots are drawn over it.
#pragma once

#include <QPolygonF>
#include <optional>
#include <vector>

#include "drawings/drawing.h"
#include "text/distances.h"
#include "wedgeon/plan/plan.h"

namespace wedgeon {

struct LineScene {
    struct Way {
        QPolygonF flight, run;  ///< metres along the line and above the ball
        Interval80 landing, rest;
    };
    Line line;
    std::vector<Way> ways;
    std::size_t chosen = 0;
    Distances distances;
    QString trouble;  ///< what is wrong with the line, said where the flag stands
};

LineScene::Way wayOf(const PlannedShot& shot, const ShotTrace& trace);

class LineDrawing : public Drawing {
    Q_OBJECT

public:
    /// What of the line is chosen, to be edited by numbers: a zone or an obstacle.
    struct Element {
        enum Kind { Zone, Obstacle } kind = Zone;
        std::size_t index = 0;
        bool operator==(const Element&) const = default;
    };

    explicit LineDrawing(QWidget* parent = nullptr);
    void show(const LineScene& scene);
    const Element& element() const { return element_; }
    void choose(const Element& element);

    QVector<Handle> handles() const override;
    QSize sizeHint() const override { return {900, 260}; }
    QSize minimumSizeHint() const override { return {300, 130}; }

signals:
    /// \p gesture begins with each press or run of keys.
    void lineEdited(const wedgeon::Line& line, bool gestureBegins);
    void elementChosen();

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;
    void gestureBegins() override;
    void dragTo(int id, QPointF pixel) override;
    void nudge(int id, int direction, bool fine) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    WorldMap map() const;
    double total_m() const;
    /// As much of the line as is drawn: what lies behind the green goes on for ever.
    double drawn_m() const;
    /// Moves what \p id holds to \p x along the line, and a border or an obstacle's top to \p y
    /// above the ball.
    void move(int id, double x, std::optional<double> y);
    void paintGround(QPainter& p, const style::Colours& c, const WorldMap& m) const;
    /// Where "lands" and "rests" stand below the ground.
    struct WayLabels {
        double landAt = 0.0, restAt = 0.0, baseline = 0.0;
        bool lands = false;
    };
    std::optional<WayLabels> wayLabels(const WorldMap& m) const;
    void paintDistances(QPainter& p, const style::Colours& c, const WorldMap& m) const;
    void paintObstacles(QPainter& p, const style::Colours& c, const WorldMap& m) const;
    void paintFlag(QPainter& p, const style::Colours& c, const WorldMap& m) const;
    void paintWays(QPainter& p, const style::Colours& c, const WorldMap& m) const;
    QString sentence() const;

    LineScene scene_;
    std::optional<Terrain> terrain_;
    std::vector<double> borders_;  ///< from 0 to the end of the last zone
    std::vector<double> heights_;  ///< of the ground at each
    Element element_;
    Line pressed_;  ///< as it was when the gesture began
    bool begins_ = false;
    std::optional<WorldMap> held_;  ///< the map does not change under the hand
};

/// "fairway", "sand", "green": as a coach calls it.
QString zoneName(ZoneKind kind);

}  // namespace wedgeon
