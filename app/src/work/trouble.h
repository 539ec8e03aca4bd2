// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The one place where an exception that nobody expected ends: it is said, and the program goes on.
#pragma once

#include <QApplication>
#include <QString>
#include <functional>

namespace wedgeon {

/// What the exception that is being handled says. Call it in a catch only.
QString wordsOfException();

/// Shows a trouble to the person; in the window's thread.
void tellTrouble(const QString& what);
/// Troubles are shown by \p show until \p owner no longer does; by nobody: on standard error.
void showTroublesBy(const void* owner, std::function<void(const QString&)> show);
void showTroublesNoMore(const void* owner);

/// An application whose slots may throw: what was done in answer to one event is given up, said,
/// and the next event is taken.
class Application : public QApplication {
public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override;
};

}  // namespace wedgeon
