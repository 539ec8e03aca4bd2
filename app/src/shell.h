// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The desk and the window over it, which is made anew when the language changes.
#pragma once

#include <QObject>
#include <memory>

#include "desk/desk.h"

namespace wedgeon {

class MainWindow;

class Shell : public QObject {
    Q_OBJECT

public:
    /// \p logbook: as for Desk. The language is that of the preferences from here on.
    explicit Shell(const QString& logbook);
    ~Shell() override;

    Desk& desk() { return desk_; }
    MainWindow& window() { return *window_; }
    /// The program has to be started again once the window has closed.
    bool startsAnew() const { return startsAnew_; }

signals:
    /// Another window stands in the place of the one before.
    void windowMade();

private:
    void makeWindow();
    void followLanguage();

    Desk desk_;
    QString language_;
    std::unique_ptr<MainWindow> window_;
    bool startsAnew_ = false;
};

}  // namespace wedgeon
