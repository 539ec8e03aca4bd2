// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Kit beside technique: what other balls and faces do to this set-up, and what this player could do
// with the same ball and face.
#pragma once

#include <optional>

#include "views/shape/drawer_page.h"
#include "work/latest_worker.h"

class QPushButton;
class QTableWidget;

namespace wedgeon {

class KitPage : public DrawerPage {
    Q_OBJECT

public:
    explicit KitPage(Workbench& bench, QWidget* parent = nullptr);
    QString asText() const override;

protected:
    void refresh() override;

private:
    struct Question {
        Recipe recipe;
        PlayerModel player;
        Conditions conditions;
    };
    /// The set-up within reach that stops soonest at the same carry.
    struct Answer {
        Question question;
        std::optional<Recipe> best;
        std::optional<ShotResult> shot;
    };
    static Answer find(const Question& question);
    void fill();
    void tell();
    void take();

    SentenceLabel *verdict_, *changes_;
    QTableWidget* table_;
    QPushButton* beside_;
    double leastRun_m_ = 0.0, mostRun_m_ = 0.0;
    std::optional<Answer> answer_;
    LatestWorker<Question, Answer> worker_;
};

}  // namespace wedgeon
