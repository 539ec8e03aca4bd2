// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How the live connection stands, in one line, with hold and stop.
#pragma once

#include <QWidget>

#include "desk/live_link.h"

class QPushButton;

namespace wedgeon {

class SentenceLabel;

class LiveBar : public QWidget {
    Q_OBJECT

public:
    explicit LiveBar(LiveLink& link, QWidget* parent = nullptr);
    /// The newest shot is shown as it comes; else a button goes back to that.
    void setFollows(bool follows);

signals:
    void newestWanted();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void refresh();

    LiveLink& link_;
    SentenceLabel* words_;
    QPushButton *trust_, *newest_, *hold_, *stop_;
    bool follows_ = true;
};

}  // namespace wedgeon
