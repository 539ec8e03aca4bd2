// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-watch-bench [SHOTS]: how long one frame of Watch takes with 100,000 shots, or as many:
// scrolling, choosing, filtering, and the chart; and how much memory the window has. Prints
// medians, the slowest and the peer.
#include <malloc.h>

#include <QAbstractItemView>
#include <QAction>
#include <QApplication>
#include <QElapsedTimer>
#include <QFile>
#include <QLineEdit>
#include <QMenuBar>
#include <QScrollBar>
#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <cstdio>
#include <functional>
#include <random>
#include <string>
#include <vector>

#include "academy.h"
#include "own_user.h"
#include "program.h"
#include "style/style.h"
#include "text/language.h"
#include "wedgeon/store/logbook.h"
#include "work/memory.h"

namespace {

constexpr std::size_t usualCount = 100'000;

/// The academy's shots over and over, each a little different.
std::vector<wedgeon::store::ShotRecord> manyShots(std::size_t shotCount) {
    const auto some = wedgeon::demo::makeAcademy().shots;
    std::vector<wedgeon::store::ShotRecord> out;
    out.reserve(shotCount);
    std::mt19937_64 random(7);
    std::normal_distribution<double> noise(1.0, 0.01);
    for (std::size_t i = 0; i < shotCount; ++i) {
        out.push_back(some[i % some.size()]);
        for (double& v : out.back().values)
            v *= noise(random);
    }
    return out;
}

double megabytes(const QByteArray& field) {
    QFile status(QStringLiteral("/proc/self/status"));
    if (!status.open(QIODevice::ReadOnly)) return 0.0;
    for (const QByteArray& line : status.readAll().split('\n')) {
        if (line.startsWith(field)) return line.simplified().split(' ').at(1).toDouble() / 1024;
    }
    return 0.0;
}

void measure(const char* what, int times, const std::function<void(int)>& step) {
    std::vector<double> ms;
    for (int i = 0; i < times; ++i) {
        QElapsedTimer clock;
        clock.start();
        step(i);
        QApplication::sendPostedEvents();  // what changed lays itself out and is painted
        ms.push_back(static_cast<double>(clock.nsecsElapsed()) / 1e6);
        QCoreApplication::processEvents();
    }
    std::sort(ms.begin(), ms.end());
    std::printf("%-44s median %7.2f ms, 95 of 100 %7.2f ms, slowest %7.2f ms\n", what,
                ms[ms.size() / 2], ms[ms.size() * 95 / 100], ms.back());
}

void trigger(const QMainWindow& window, const QString& text) {
    for (QAction* menu : window.menuBar()->actions()) {
        for (QAction* a : menu->menu()->actions()) {
            if (a->text().remove(QLatin1Char('&')).startsWith(text)) return a->trigger();
        }
    }
}

}  // namespace

int main(int argc, char** argv) {
    wedgeon::keepMemoryTogether();
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    const std::size_t shotCount = argc > 1 ? std::stoul(argv[1]) : usualCount;
    const wedgeon::test::OwnUser user;
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("wedgeon-watch-bench"));
    wedgeon::text::chooseLanguage(QLocale::c());
    wedgeon::style::apply(app, wedgeon::style::Theme::Light);
    const QTemporaryDir own;
    const QString path = own.filePath(QStringLiteral("bench.wedgeon"));
    {
        wedgeon::store::Logbook book(path.toStdString());
        book.addShots({"many", "many", "2026-01-01"}, manyShots(shotCount));
    }
    malloc_trim(0);  // what making the logbook took is not the window's
    QElapsedTimer clock;
    clock.start();
    wedgeon::test::Program window(path);
    window.resize(1280, 800);
    window.showView(QStringLiteral("watch"));
    window.show();
    auto* list = [&] {
        for (auto* l : window.findChildren<QAbstractItemView*>()) {
            if (l->accessibleName() == QStringLiteral("Shots")) return l;
        }
        return static_cast<QAbstractItemView*>(nullptr);
    }();
    if (!QTest::qWaitFor([&] { return list->model()->rowCount() == static_cast<int>(shotCount); },
                         30000))
        return 1;
    std::printf("shots on screen after %lld ms\n", static_cast<long long>(clock.elapsed()));
    QTest::qWait(4000);  // the doubts are found in a thread
    std::printf("memory %.0f MB\n", megabytes("VmRSS:"));
    QScrollBar* bar = list->verticalScrollBar();
    measure("peer: the viewport painted again, unmoved", 60,
            [&](int) { list->viewport()->repaint(); });
    measure("scroll by three rows", 200, [&](int i) { bar->setValue(i * 3); });
    measure("scroll to anywhere", 100, [&](int i) {
        bar->setValue(
            static_cast<int>((static_cast<long long>(bar->maximum()) * (i * 37 % 100)) / 100));
        list->viewport()->repaint();
    });
    measure("choose the next shot, panel and all", 60,
            [&](int i) { list->setCurrentIndex(list->model()->index(i, 0)); });
    auto* filter = window.findChild<QLineEdit*>();
    for (auto* f : window.findChildren<QLineEdit*>()) {
        if (f->accessibleName().startsWith(QStringLiteral("Show only"))) filter = f;
    }
    const QStringList typed{QStringLiteral("r"), QStringLiteral("ru"), QStringLiteral("runa"),
                            QStringLiteral("runa spin>6000"), QStringLiteral(" ")};
    measure("one key in the filter", 30, [&](int i) { filter->setText(typed[i % typed.size()]); });
    filter->setText(QStringLiteral(" "));
    trigger(window, QStringLiteral("Shots as chart"));
    QTest::qWait(500);
    measure("choose another point of the chart", 60,
            [&](int i) { list->setCurrentIndex(list->model()->index(i, 0)); });
    std::printf("memory at the end %.0f MB, at most %.0f MB\n", megabytes("VmRSS:"),
                megabytes("VmHWM:"));
    return 0;
}
