// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A chart of the shown shots: any quantity against any other, shot by shot, or by swing, wedge and
// the like; in groups that differ in shape and colour. A point is a shot and chooses it.
#pragma once

#include <QTimer>
#include <QVariantMap>
#include <QWidget>

#include "desk/chart_data.h"

class QComboBox;
class QCPGraph;
class QCustomPlot;

namespace wedgeon {

class SentenceLabel;

class ChartPanel : public QWidget {
    Q_OBJECT

public:
    ChartPanel(const WatchedShots& shots, const ShownShots& shown, const Workbench& bench,
               QWidget* parent = nullptr);
    ~ChartPanel() override;

    /// The chosen shot, a row of WatchedShots; -1 for none.
    void setCurrent(int row);
    /// Paints the chart alone, as lines and text, on a page of \p size.
    void paintOn(QPainter& painter, const QSize& size);
    QString asText() const;
    /// The drawn points as a table with units, in CSV.
    QByteArray asCsv() const;
    /// What is drawn, by keys.
    QVariantMap state() const;
    void restore(const QVariantMap& state);

signals:
    void chosen(int row);
    /// The one before (-1) or after (1) the chosen shot is wanted.
    void stepped(int by);

protected:
    void showEvent(QShowEvent* event) override;
    void changeEvent(QEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QComboBox* addBox(QWidget* row, const QString& name);
    void makeBoxes(QWidget* row);
    void refresh();
    void refreshSoon();
    void dress();
    void drawGroups();
    void drawMiddles();
    void drawRunning();
    void drawCurrent(bool now);
    void labelAxes();
    void pick(QPointF pixel);
    ChartChoice choice() const;

    const WatchedShots& shots_;
    const ShownShots& shown_;
    const Workbench& bench_;
    ChartData data_;
    QCustomPlot* plot_;
    QCPGraph* currentMark_ = nullptr;
    QComboBox *up_, *across_, *groups_;
    SentenceLabel* words_;
    QTimer soon_;
    int current_ = -1;
};

}  // namespace wedgeon
