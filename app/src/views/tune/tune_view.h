// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Tune: what this player's shots say of device, ball, face and lie, beside the priors; how well
// that predicts sessions that were left out; what is not known yet, and what to hit to learn it.
#pragma once

#include <QElapsedTimer>
#include <QTimer>
#include <functional>

#include "views/view.h"
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

class TuneView : public View {
    Q_OBJECT

public:
    explicit TuneView(Desk& desk, QWidget* parent = nullptr);
    QString name() const override;
    QString asText() const override;
    QVector<ReportPart> reportParts() const override;
    /// Which part of the left side is open.
    QVariantMap state() const override;
    void restore(const QVariantMap& state) override;

protected:
    void refresh(Desk::Parts parts) override;

private:
    /// The parts of the left side.
    enum Page { Findings, Parameters, Fit, Swings };
    void showPage(Page page);
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
    void showFindings();
    void showEstimates();
    QWidget* makeUse();
    void fillKept();
    /// Keeps the present fit and predicts with it.
    void use();
    /// Predicts for this player with a kept tuning from now on, or with the priors for 0.
    void take(const QString& player, std::int64_t id);

    WatchedShots& shots_;
    Workbench& bench_;
    ShotLog& log_;
    Tuner& tuner_;
    std::shared_ptr<const PlayerTuning> tuning_;
    QComboBox *player_, *kept_;
    QPushButton *use_, *again_, *hit_;
    QWidget* busy_;
    QProgressBar* progress_;
    QTimer tick_;
    QElapsedTimer since_;
    QButtonGroup* pageButtons_;
    QStackedWidget* pages_;
    Headline* headline_;
    QWidget* findings_;
    EstimatesDrawing *estimates_, *setUps_;
    FitDrawing* fit_;
    LeftOutDrawing* leftOut_;
    SentenceLabel *next_, *swings_;
};

}  // namespace wedgeon
