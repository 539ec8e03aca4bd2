// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Watch: the shots of a session, measured beside predicted; tagged and set aside by keyboard.
#pragma once

#include <QWidget>

#include "desk/shown_shots.h"

class QComboBox;
class QLineEdit;
class QPainter;
class QPushButton;
class QStackedLayout;
class QStackedWidget;

namespace wedgeon {

class ChartPanel;
class HitList;
class LiveLink;
class SentenceLabel;
class ShotStream;
class ShotPanel;

class WatchView : public QWidget {
    Q_OBJECT

public:
    WatchView(WatchedShots& shots, Workbench& bench, ShotLog& log, LiveLink& link, HitList& wanted,
              QWidget* parent = nullptr);
    QString asText() const;
    void focusFilter();
    /// Sets the current shot aside, or counts it again.
    void toggleAside();
    /// The coach does not share the first doubt of the current shot.
    void keepDoubtful();
    /// The shown shots as a stream or as a chart.
    void toggleChart();
    bool showsChart() const;
    void paintChart(QPainter& painter, const QSize& size);
    QString filterText() const;
    /// What the filter lets through, newest first.
    const ShownShots& shown() const { return shown_; }
    /// Puts the cursor where the current shot's tags are typed.
    void focusTags();
    /// The chosen shot's row in the stream; -1 for none.
    int currentRow() const;

signals:
    void openRequested();
    void listenRequested();

protected:
    void showEvent(QShowEvent* event) override;

private:
    QWidget* makeEmpty();
    QWidget* makeList(HitList& wanted);
    void filter();
    void choose(int row);
    void showChart(bool chart);
    void focusShots();
    void refresh();
    void refreshTitle();
    void showCurrent();
    void fillSessions();
    std::int64_t chosenSession() const;
    void tellEmpty();
    const store::LoggedShot* current() const;

    WatchedShots& shots_;
    Workbench& bench_;
    ShotLog& log_;
    ShownShots shown_;
    QString filterError_;
    std::int64_t currentId_ = 0;  ///< of the chosen shot
    bool follows_ = true;         ///< it was the newest when it was chosen
    QStackedLayout* pages_;
    QStackedWidget* faces_;
    SentenceLabel *title_, *emptyTitle_;
    std::vector<store::Session> sessions_;  ///< as they are in the box
    QComboBox* session_;
    QLineEdit* filter_;
    QPushButton* chartButton_;
    ShotStream* list_;
    ChartPanel* chart_;
    ShotPanel* panel_;
};

}  // namespace wedgeon
