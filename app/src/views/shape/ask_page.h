// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Ask for it: pin results, free parts of the set-up, and get the smallest change that reaches
// them, or why none does.
#pragma once

#include <QVector>
#include <optional>
#include <variant>

#include "views/shape/drawer_page.h"
#include "wedgeon/inverse/inverse.h"
#include "work/latest_worker.h"

class QCheckBox;
class QPushButton;

namespace wedgeon {

class QuantityField;

class AskPage : public DrawerPage {
    Q_OBJECT

public:
    explicit AskPage(Workbench& bench, QWidget* parent = nullptr);
    QString asText() const override;

protected:
    void refresh() override;

private:
    struct Pin {
        Outcome outcome;
        QCheckBox* pinned;
        QuantityField* value;
    };
    struct Free {
        Dial dial;
        QCheckBox* box;
    };
    struct Question {
        Recipe start;
        PlayerModel player;
        Conditions conditions;
        std::vector<Target> targets;
        std::vector<Freedom> freedoms;
    };
    /// The answer, or why there is none.
    using Answer = std::variant<InverseResult, QString>;

    void makePins();
    void makeFreedoms();
    void makeAnswer();
    void ask();
    void show(const Answer& answer);
    void stop();
    void take(bool beside);
    void setBusy(bool busy);

    QVector<Pin> pins_;
    QVector<Free> free_;
    QPushButton *ask_, *stop_, *take_, *beside_;
    SentenceLabel *verdict_, *changes_, *reached_;
    std::optional<Recipe> found_;
    LatestWorker<Question, Answer> worker_;
};

}  // namespace wedgeon
