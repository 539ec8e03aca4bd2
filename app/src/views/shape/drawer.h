// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The drawer at the right of Shape: one page at a time, opened by its name and closed again.
#pragma once

#include <QVector>

#include "widgets/panel.h"

class QStackedWidget;

namespace wedgeon {

class DrawerPage;
class SentenceLabel;

class Drawer : public Panel {
    Q_OBJECT

public:
    explicit Drawer(QWidget* parent = nullptr);
    void add(DrawerPage* page);
    /// Opens \p page, or closes the drawer when it is open on it already.
    void toggle(DrawerPage* page);
    void open(DrawerPage* page);
    /// nullptr while closed.
    DrawerPage* current() const;

signals:
    void changed();

private:
    void closeDrawer();

    SentenceLabel* title_;
    QStackedWidget* pages_;
};

}  // namespace wedgeon
