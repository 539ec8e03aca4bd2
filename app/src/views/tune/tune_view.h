// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Tune: what this player's shots say of device, ball, face and lie, beside the priors; how well
// that predicts sessions that were left out; what is not known yet, and what to hit to learn it.
#pragma once

#include <QWidget>
#include <functional>

#include "model/tuner.h"
#include "model/watched_shots.h"
#include "wedgeon/store/tunings.h"

class QComboBox;
class QLabel;
class QPushButton;
class QStackedLayout;

namespace wedgeon {

class EstimatesDrawing;
class Headline;
class LeftOutDrawing;
class SentenceLabel;

class TuneView : public QWidget {
    Q_OBJECT

public:
    TuneView(WatchedShots& shots, Workbench& bench, ShotLog& log, QWidget* parent = nullptr);

signals:
    /// A tuning could not be kept, with the reason.
    void failed(const QString& message);

public:
    QString asText() const;

protected:
    void showEvent(QShowEvent* event) override;

private:
    QWidget* makePage();
    void fillPlayers();
    void askSoon();
    void show(const std::shared_ptr<const PlayerTuning>& tuning);
    void showEstimates();
    void showLeftOut();
    void showNext();
    QWidget* makeUse();
    void fillKept();
    /// Keeps the present fit and predicts with it.
    void use();
    /// Predicts with a kept tuning from now on, or with the priors for 0.
    void take(std::int64_t id);
    void withTunings(const std::function<void(store::Tunings&)>& act);
    QString sentence() const;
    QString why() const;

    WatchedShots& shots_;
    Workbench& bench_;
    ShotLog& log_;
    Tuner tuner_;
    std::shared_ptr<const PlayerTuning> tuning_;
    bool stale_ = true;
    QComboBox *player_, *kept_;
    QPushButton* use_;
    Headline* headline_;
    EstimatesDrawing* estimates_;
    LeftOutDrawing* leftOut_;
    SentenceLabel* next_;
};

}  // namespace wedgeon
