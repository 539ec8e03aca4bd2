// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The simulated launch monitor as a program that the window starts and ends.
#pragma once

#include <QObject>
#include <QProcess>
#include <QTimer>
#include <optional>

#include "desk/preferences.h"

namespace wedgeon {

class SimulatedMonitor : public QObject {
    Q_OBJECT

public:
    explicit SimulatedMonitor(const Preferences& preferences, QObject* parent = nullptr);
    ~SimulatedMonitor() override;

    /// Starts it, or starts it anew; \p faults: with misreads, gaps, repeats, garbage and a
    /// connection that drops, as often as the preferences say.
    void start(bool faults);
    void end();
    bool isRunning() const { return process_.state() != QProcess::NotRunning; }

signals:
    void listening(quint16 port);
    /// It could not be started, or ended by itself.
    void failed(const QString& why);
    void changed();

private:
    void hear();
    void run(bool faults);

    const Preferences& preferences_;
    QProcess process_;
    QTimer kill_;  ///< one that does not end when it is asked to
    bool wanted_ = false;
    bool heard_ = false;
    std::optional<bool> again_;  ///< as soon as the one before has ended; with faults or without
};

}  // namespace wedgeon
