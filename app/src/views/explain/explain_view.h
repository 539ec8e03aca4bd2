// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Explain: two shots of the stream, their flights over each other, and the difference in landing,
// spin and release shared out among its causes, with what stays unexplained.
#pragma once

#include <QWidget>
#include <array>
#include <optional>

#include "model/watched_shots.h"
#include "wedgeon/explain/explain.h"

class QStackedLayout;

namespace wedgeon {

class FlightDrawing;
class Headline;
class SharesDrawing;

class ExplainView : public QWidget {
    Q_OBJECT

public:
    ExplainView(WatchedShots& shots, Workbench& bench, QWidget* parent = nullptr);

    /// Takes the shot in \p row of the stream as A (0) or B (1).
    void take(int which, int row);
    void swap();
    QString asText() const;

protected:
    void showEvent(QShowEvent* event) override;

private:
    struct Side {
        store::LoggedShot shot;
        QString name;  ///< "shot 63"
        WatchedShot watched;
    };
    QWidget* makeEmpty();
    QWidget* makePage();
    void refresh();
    void draw();
    void share();
    QString sentence() const;
    QString why() const;

    WatchedShots& shots_;
    Workbench& bench_;
    std::array<std::optional<Side>, 2> sides_;
    std::optional<Explanation> explained_;
    QStackedLayout* pages_;
    Headline* headline_;
    Headline* emptyLine_;
    FlightDrawing* flight_;
    std::array<SharesDrawing*, 3> stairs_{};
};

}  // namespace wedgeon
