// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Tune: what this player's shots say of device, ball, face and lie, beside the priors; how well
// that predicts sessions that were left out; what is not known yet, and what to hit to learn it.
#pragma once

#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>
#include <functional>

#include "desk/hit_list.h"
#include "desk/tuner.h"
#include "desk/watched_shots.h"
#include "wedgeon/store/tunings.h"

class QButtonGroup;
class QComboBox;
class QProgressBar;
class QPushButton;
class QStackedWidget;

namespace wedgeon {

class EstimatesDrawing;
class FitDrawing;
class Headline;
class LeftOutDrawing;
class SentenceLabel;

class TuneView : public QWidget {
    Q_OBJECT

public:
    TuneView(WatchedShots& shots, Workbench& bench, ShotLog& log, HitList& wanted,
             QWidget* parent = nullptr);
    /// The parts of the left side.
    enum Page { Parameters, Fit, Swings };
    void showPage(Page page);

signals:
    /// The shots to hit were taken for Watch.
    void taken();

public:
    QString asText() const;

protected:
    void showEvent(QShowEvent* event) override;

private:
    QWidget* makePage();
    QWidget* makeLeft();
    QWidget* makeRight();
    QWidget* makeProgress();
    void fillPlayers();
    void askSoon();
    void begin();
    void clear();
    void followProgress();
    void cancel();
    void show(const std::shared_ptr<const PlayerTuning>& tuning);
    void showEstimates();
    QWidget* makeUse();
    void fillKept();
    /// Keeps the present fit and predicts with it.
    void use();
    /// Predicts for this player with a kept tuning from now on, or with the priors for 0.
    void take(const QString& player, std::int64_t id);
    Hand handOf(const QString& player);

    WatchedShots& shots_;
    Workbench& bench_;
    ShotLog& log_;
    HitList& wanted_;
    Tuner tuner_;
    std::shared_ptr<const PlayerTuning> tuning_;
    bool stale_ = true;
    QComboBox *player_, *kept_;
    QPushButton *use_, *again_, *hit_;
    QWidget* busy_;
    QProgressBar* progress_;
    QTimer tick_;
    QElapsedTimer since_;
    QButtonGroup* pageButtons_;
    QStackedWidget* pages_;
    Headline* headline_;
    EstimatesDrawing *estimates_, *setUps_;
    FitDrawing* fit_;
    LeftOutDrawing* leftOut_;
    SentenceLabel *next_, *swings_;
};

}  // namespace wedgeon
