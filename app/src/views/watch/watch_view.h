// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Watch: the shots of a file, measured beside predicted.
#pragma once

#include <QWidget>

#include "model/watched_shots.h"

class QLineEdit;
class QListView;
class QSortFilterProxyModel;
class QStackedLayout;

namespace wedgeon {

class SentenceLabel;
class ShotPanel;

class WatchView : public QWidget {
    Q_OBJECT

public:
    WatchView(WatchedShots& shots, Workbench& bench, QWidget* parent = nullptr);
    QString asText() const;
    void focusFilter();

signals:
    void openRequested();

protected:
    void showEvent(QShowEvent* event) override;

private:
    QWidget* makeEmpty();
    QWidget* makeList();
    void refresh();
    void refreshTitle();
    void showCurrent();

    WatchedShots& shots_;
    Workbench& bench_;
    QSortFilterProxyModel* filtered_;
    QStackedLayout* pages_;
    SentenceLabel* title_;
    QLineEdit* filter_;
    QListView* list_;
    ShotPanel* panel_;
};

}  // namespace wedgeon
