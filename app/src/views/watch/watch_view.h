// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Watch: the shots of a session, measured beside predicted; tagged and set aside by keyboard.
#pragma once

#include <QTimer>

#include "views/view.h"

class QComboBox;
class QLineEdit;
class QPainter;
class QPushButton;
class QStackedLayout;
class QStackedWidget;

namespace wedgeon {

class ChartPanel;
class LiveBar;
class SentenceLabel;
class ShotStream;
class SeenBar;
class ShotPanel;

class WatchView : public View {
    Q_OBJECT

public:
    explicit WatchView(Desk& desk, QWidget* parent = nullptr);
    QString name() const override;
    QString asText() const override;
    /// A chart goes out alone: what stands around it on screen is for choosing.
    void print(Paper& paper) override;
    void paintPicture(QPainter& painter, const QSize& size) override;
    /// Pictures and clips, for the chosen shot.
    bool opensPictures(const QStringList& paths) override;
    /// Stream or chart, and what the chart shows.
    QVariantMap state() const override;
    void restore(const QVariantMap& state) override;

protected:
    void refresh(Desk::Parts parts) override;
    void takeFocus() override;

private:
    QWidget* makeEmpty();
    QWidget* makeList();
    /// What one change has made of the shots.
    QWidget* makeChangeLine();
    void makeCommands();
    void renameSession();
    void moveShown();
    void giveShown();
    /// Of what is shown; none, and it is said, where that cannot be told.
    std::vector<std::int64_t> shownIds();
    void attachFiles();
    void attachCopied();
    /// Nothing, and it is said, where none is chosen.
    std::optional<Attacher::Subject> chosenShot();
    void saveChartData();
    void followNewest();
    void changeOneThing();
    void watchTheChange();
    void filter();
    void choose(int row);
    void showChart(bool chart);
    bool showsChart() const;
    void refreshList();
    /// Sets the current shot aside, or counts it again.
    void toggleAside();
    /// The coach does not share the first doubt of the current shot.
    void keepDoubtful();
    void takeForExplain(Comparison::Side side);
    void lookForCause();
    void takeShown(Comparison::Side side);
    /// The chosen shot's row in the stream; -1 for none.
    int currentRow() const;
    void refreshTitle();
    void showCurrent();
    void fillSessions();
    std::int64_t chosenSession() const;
    void tellEmpty();
    const store::LoggedShot* current() const;

    WatchedShots& shots_;
    Workbench& bench_;
    ShotLog& log_;
    ShownShots& shown_;
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
    QTimer announceSoon_;
    LiveBar* live_;
    SeenBar* seen_;
    ShotPanel* panel_;
};

}  // namespace wedgeon
