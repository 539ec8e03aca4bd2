// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Watch: the shots of a session, measured beside predicted; tagged and set aside by keyboard.
#pragma once

#include <QWidget>

#include "model/watched_shots.h"

class QComboBox;
class QLineEdit;
class QListView;
class QSortFilterProxyModel;
class QStackedLayout;

namespace wedgeon {

class LiveLink;
class SentenceLabel;
class ShotPanel;

class WatchView : public QWidget {
    Q_OBJECT

public:
    WatchView(WatchedShots& shots, Workbench& bench, ShotLog& log, LiveLink& link,
              QWidget* parent = nullptr);
    QString asText() const;
    void focusFilter();
    /// Sets the current shot aside, or counts it again.
    void toggleAside();
    /// Puts the cursor where the current shot's tags are typed.
    void focusTags();
    /// The chosen shot's row in the stream; -1 for none.
    int currentRow() const;

signals:
    void openRequested();
    void listenRequested();

protected:
    void showEvent(QShowEvent* event) override;

private:
    QWidget* makeEmpty();
    QWidget* makeList();
    void refresh();
    void refreshTitle();
    void showCurrent();
    void fillSessions();
    const store::LoggedShot* current() const;

    WatchedShots& shots_;
    Workbench& bench_;
    ShotLog& log_;
    QSortFilterProxyModel* filtered_;
    QStackedLayout* pages_;
    SentenceLabel* title_;
    QComboBox* session_;
    QLineEdit *filter_, *tags_;
    QListView* list_;
    ShotPanel* panel_;
};

}  // namespace wedgeon
