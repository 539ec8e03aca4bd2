// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The opened "why": each step of the chain with its law, its numbers and its source.
#pragma once

#include <QVector>

#include "views/shape/drawer_page.h"

namespace wedgeon {

class WhyPage : public DrawerPage {
    Q_OBJECT

public:
    explicit WhyPage(Workbench& bench, QWidget* parent = nullptr);
    QString asText() const override;

protected:
    void refresh() override;

private:
    struct Step {
        SentenceLabel *title, *numbers, *law, *source;
    };
    QVector<Step> steps_;
};

}  // namespace wedgeon
