// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The shots to hit for Tune above the stream of shots, with what is hit already.
#pragma once

#include <QWidget>

#include "desk/hit_list.h"
#include "desk/workbench.h"

class QVBoxLayout;

namespace wedgeon {

class SentenceLabel;

class HitBar : public QWidget {
    Q_OBJECT

public:
    HitBar(HitList& list, Workbench& bench, QWidget* parent = nullptr);

private:
    void refresh();

    HitList& list_;
    Workbench& bench_;
    SentenceLabel* title_;
    QVBoxLayout* lines_;
};

}  // namespace wedgeon
