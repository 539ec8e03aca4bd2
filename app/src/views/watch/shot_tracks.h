// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The stream of small aligned tracks: measured as a diamond beside predicted as a bar with its
// spread, for five quantities of each shot. Header and rows share one layout.
#pragma once

#include <QStyledItemDelegate>
#include <QWidget>
#include <array>

#include "desk/watched_shots.h"

namespace wedgeon {

/// Where things stand in a row of a given width.
struct TrackLayout {
    explicit TrackLayout(double width);
    std::array<double, trackCount> left{};
    double trackWidth = 0.0;
    double wordAt = 0.0;

    /// Pixel of a value; clamped to the track, \p outside says on which side it left it.
    double xOf(std::size_t track, double value, const WatchedShots::Range& range,
               int& outside) const;
};

class TracksHeader : public QWidget {
    Q_OBJECT

public:
    TracksHeader(const WatchedShots& shots, Workbench& bench, QWidget* parent = nullptr);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;

private:
    const WatchedShots& shots_;
    Workbench& bench_;
};

class TracksDelegate : public QStyledItemDelegate {
    Q_OBJECT

public:
    static constexpr int rowHeight = 42;
    TracksDelegate(const WatchedShots& shots, QObject* parent = nullptr);

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {400, rowHeight};
    }

private:
    const WatchedShots& shots_;
};

}  // namespace wedgeon
