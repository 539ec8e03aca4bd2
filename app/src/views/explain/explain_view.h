// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Explain: two shots of the stream or two groups, their flights over each other, and the difference
// in landing, spin and release shared out among its causes, with what stays unexplained; for groups
// with intervals.
#pragma once

#include <array>
#include <optional>

#include "views/view.h"
#include "work/latest_worker.h"

class QAbstractButton;
class QAction;
class QStackedLayout;

namespace wedgeon {

class AttachmentStrip;
class CausePage;
class FlightDrawing;
class Headline;
class SharesDrawing;

class ExplainView : public View {
    Q_OBJECT

public:
    explicit ExplainView(Desk& desk, QWidget* parent = nullptr);
    QString name() const override;
    QString asText() const override;
    QVector<ReportPart> reportParts() const override;
    /// Which of its pages.
    QVariantMap state() const override;
    void restore(const QVariantMap& state) override;

protected:
    void refresh(Desk::Parts parts) override;

private:
    struct Question {
        std::vector<ComparedShot> a, b;
        std::vector<ComparedShots::Landed> landedA, landedB;
    };
    /// The release through the landing; of the shots whose release was measured, where both sides
    /// have some.
    struct Stopped {
        RunShares shares;
        bool measured = false;
        double from = 0.0, to = 0.0;
    };
    struct Answer {
        std::vector<OutcomeDifference> differences;
        std::optional<Stopped> stopped;
    };
    static std::optional<Stopped> findStopped(const Question& question);
    static Answer explainBoth(const Question& question);
    /// Of two single shots.
    static bool isLong(const Question& question);
    void answered(const Answer& answer);
    /// Null for what cannot be told.
    const OutcomeDifference* difference(Outcome outcome) const;
    /// Somebody said of some shot what decides it.
    bool isSaid(Cause cause) const;
    bool isGrouped() const;
    enum Page { Difference, OfCause };
    QWidget* makeEmpty();
    QWidget* makePage();
    /// Two buttons that go from the one to the other; each page has its own.
    QWidget* makeSwitch();
    void showPage(Page page);
    void explainAgain();
    const ComparedShots& a() const { return *comparison_.side(Comparison::A); }
    const ComparedShots& b() const { return *comparison_.side(Comparison::B); }
    void showPictures();
    void showResult();
    void draw();
    void share();
    void shareRelease();
    QString sentence() const;
    QString why() const;

    const Workbench& bench_;
    const Comparison& comparison_;
    std::vector<OutcomeDifference> differences_;
    std::optional<Stopped> stopped_;
    QAction* byLanding_;  ///< checked: the release is shared out through the landing
    bool working_ = false;
    Page page_ = Difference;
    std::vector<std::vector<std::int64_t>> taken_;  ///< ids of both sides
    std::vector<std::array<QAbstractButton*, 2>> switches_;
    CausePage* cause_;
    QStackedLayout* pages_;
    Headline* headline_;
    Headline* emptyLine_;
    std::array<AttachmentStrip*, 2> pictures_{};
    FlightDrawing* flight_;
    std::array<SharesDrawing*, 3> stairs_{};
    LatestWorker<Question, Answer> worker_;
};

}  // namespace wedgeon
