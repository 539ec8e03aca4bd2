// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A page of Shape's drawer. Hidden, it only marks itself stale and refreshes when it is shown.
#pragma once

#include <QWidget>

#include "desk/workbench.h"

class QVBoxLayout;

namespace wedgeon {

class SentenceLabel;

class DrawerPage : public QWidget {
    Q_OBJECT

public:
    DrawerPage(Workbench& bench, const QString& title, QWidget* parent = nullptr);

    const QString& title() const { return title_; }
    /// What "copy" puts on the clipboard while the page is open.
    virtual QString asText() const = 0;

protected:
    virtual void refresh() = 0;
    void showEvent(QShowEvent* event) override;
    /// Where a page puts its content: scrolls when the window is low.
    QVBoxLayout* content() { return content_; }
    SentenceLabel* addWhy(const QString& text = {});
    SentenceLabel* addTitle(const QString& text);

    Workbench& bench_;

private:
    void markStale();

    QString title_;
    QVBoxLayout* content_;
    bool stale_ = true;
};

}  // namespace wedgeon
