// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Starting it, and hearing its port.
#include "desk/simulated_monitor.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QStandardPaths>
#include <utility>

namespace wedgeon {
namespace {

constexpr int endPatience_ms = 2000;

/// Beside this program, as it is installed; where it is built; or on the path.
QString findProgram() {
    const QString name = QStringLiteral("wedgeon-monitor");
    const QString here = QCoreApplication::applicationDirPath();
    for (const QString& place : {here + QLatin1Char('/'), here + QStringLiteral("/../monitor/")}) {
        const QFileInfo file(place + name);
        if (file.isFile() && file.isExecutable()) return file.absoluteFilePath();
    }
    return QStandardPaths::findExecutable(name);
}

}  // namespace

SimulatedMonitor::SimulatedMonitor(const Preferences& preferences, QObject* parent)
    : QObject(parent), preferences_(preferences) {
    connect(&process_, &QProcess::readyReadStandardOutput, this, &SimulatedMonitor::hear);
    connect(&process_, &QProcess::stateChanged, this, &SimulatedMonitor::changed);
    connect(&process_, &QProcess::finished, this, [this] {
        kill_.stop();
        if (const auto again = std::exchange(again_, std::nullopt)) return run(*again);
        if (std::exchange(wanted_, false))
            emit failed(tr("The simulated launch monitor has ended."));
    });
    kill_.setSingleShot(true);
    kill_.setInterval(endPatience_ms);
    connect(&kill_, &QTimer::timeout, &process_, &QProcess::kill);
    connect(&process_, &QProcess::errorOccurred, this, [this](QProcess::ProcessError error) {
        if (error != QProcess::FailedToStart) return;
        wanted_ = false;
        emit failed(tr("The simulated launch monitor could not be started."));
    });
}

SimulatedMonitor::~SimulatedMonitor() {
    process_.disconnect(this);
    end();
    if (isRunning() && !process_.waitForFinished(endPatience_ms)) process_.kill();
}

void SimulatedMonitor::start(bool faults) {
    end();
    if (isRunning()) {
        again_ = faults;
    } else {
        run(faults);
    }
}

void SimulatedMonitor::run(bool faults) {
    const QString program = findProgram();
    if (program.isEmpty()) {
        emit failed(tr("The simulated launch monitor (wedgeon-monitor) is not installed."));
        return;
    }
    QStringList arguments{QStringLiteral("--port"), QStringLiteral("0")};
    const auto add = [&](const char* option, double value) {
        arguments << QLatin1String(option) << QString::number(value);
    };
    const PreferenceValues& wanted = preferences_.values();
    add("--rate", wanted.shotsPerMinute);
    if (faults) {
        const SimulatedFaults& f = wanted.faults;
        add("--misreads", f.misreads);
        add("--missing", f.missing);
        add("--duplicates", f.duplicates);
        add("--garbage", f.garbage);
        if (f.dropEvery > 0) add("--drop-every", f.dropEvery);
    }
    wanted_ = true;
    heard_ = false;
    process_.start(program, arguments, QIODevice::ReadOnly);
}

void SimulatedMonitor::end() {
    wanted_ = false;
    again_.reset();
    if (!isRunning()) return;
    process_.terminate();
    kill_.start();
}

void SimulatedMonitor::hear() {
    while (process_.canReadLine()) {
        const QByteArray line = process_.readLine().trimmed();
        const int port = line.mid(line.lastIndexOf(':') + 1).toInt();
        if (!heard_ && port > 0 && port <= 65535) {
            heard_ = true;
            emit listening(static_cast<quint16>(port));
        }
    }
}

}  // namespace wedgeon
