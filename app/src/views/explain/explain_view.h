// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Explain: two shots of the stream or two groups, their flights over each other, and the difference
// in landing, spin and release shared out among its causes, with what stays unexplained; for groups
// with intervals.
#pragma once

#include <QWidget>
#include <array>
#include <optional>

#include "desk/compared_shots.h"
#include "work/latest_worker.h"

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
    /// Takes the counted ones of what Watch shows, which \p words let through.
    void takeShown(int which, const ShownShots& shown, const QString& words);
    const QString& nameOf(int which) const {
        return sides_[static_cast<std::size_t>(which)]->name();
    }
    void swap();
    QString asText() const;

protected:
    void showEvent(QShowEvent* event) override;

private:
    struct Question {
        std::vector<ShotCauses> a, b;
    };
    using Answer = std::optional<GroupExplanation>;
    static Answer explainBoth(const Question& question);
    void set(int which, ComparedShots side);
    void answered(const Answer& answer);
    bool isGrouped() const;
    QWidget* makeEmpty();
    QWidget* makePage();
    void refresh();
    void showResult();
    void draw();
    void share();
    QString sentence() const;
    QString why() const;

    WatchedShots& shots_;
    Workbench& bench_;
    std::array<std::optional<ComparedShots>, 2> sides_;
    Answer explained_;
    bool working_ = false;
    QStackedLayout* pages_;
    Headline* headline_;
    Headline* emptyLine_;
    FlightDrawing* flight_;
    std::array<SharesDrawing*, 3> stairs_{};
    LatestWorker<Question, Answer> worker_;
};

}  // namespace wedgeon
