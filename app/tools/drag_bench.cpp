// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-drag-bench: how long one step of a drag in Shape takes, prediction and repaint included,
// and when the played swings follow. Prints; docs/performance.md holds the figures.
#include <QApplication>
#include <QElapsedTimer>
#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <cstdio>
#include <vector>

#include "drawings/drawing.h"
#include "own_user.h"
#include "program.h"
#include "style/style.h"
#include "text/language.h"

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    const wedgeon::test::OwnUser user;
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("wedgeon-drag-bench"));
    QApplication::setOrganizationName(QStringLiteral("wedgeon-drag-bench"));
    wedgeon::text::chooseLanguage(QLocale::c());
    wedgeon::style::apply(app, false);
    QElapsedTimer clock;
    clock.start();
    const QTemporaryDir own;
    wedgeon::test::Program window(own.filePath(QStringLiteral("bench.wedgeon")));
    window.resize(1280, 800);
    window.show();
    window.repaint();
    std::printf("window made and painted: %.0f ms\n",
                static_cast<double>(clock.nsecsElapsed()) / 1e6);
    window.showView(QStringLiteral("shape"));
    QTest::qWait(100);

    wedgeon::Drawing* face = nullptr;
    wedgeon::Drawing* flight = nullptr;
    for (auto* d : window.findChildren<wedgeon::Drawing*>()) {
        if (d->accessibleName() == QStringLiteral("Face from above")) face = d;
        if (d->accessibleName() == QStringLiteral("Flight and run")) flight = d;
    }
    if (!face || !flight) return 1;
    constexpr int steps = 300;
    std::vector<double> step_ms;
    const QPointF from = face->handles().first().at;
    QTest::mousePress(face, Qt::LeftButton, {}, from.toPoint());
    for (int i = 0; i < steps; ++i) {
        const QPoint to = (from + QPointF(-8.0 * i / steps, 30.0 * i / steps)).toPoint();
        clock.restart();
        QTest::mouseMove(face, to);
        QApplication::sendPostedEvents();  // labels lay themselves out, what changed is painted
        step_ms.push_back(static_cast<double>(clock.nsecsElapsed()) / 1e6);
    }
    clock.restart();
    const QString before = flight->accessibleDescription();
    (void)QTest::qWaitFor([&] { return flight->accessibleDescription() != before; }, 1000);
    const double spread = static_cast<double>(clock.nsecsElapsed()) / 1e6;
    QTest::mouseRelease(face, Qt::LeftButton, {}, from.toPoint());
    for (auto* d : window.findChildren<wedgeon::Drawing*>()) {
        if (!d->isVisible()) continue;
        clock.restart();
        for (int i = 0; i < 20; ++i)
            d->repaint();
        std::printf("  painting %s: %.2f ms\n", qPrintable(d->accessibleName()),
                    static_cast<double>(clock.nsecsElapsed()) / 2e7);
    }
    std::sort(step_ms.begin(), step_ms.end());
    std::printf(
        "one step of a drag, all drawings painted: median %.2f ms, 95 of 100 %.2f ms, "
        "most %.2f ms\nspread after the last step: %.0f ms\n",
        step_ms[steps / 2], step_ms[steps * 95 / 100], step_ms.back(), spread);
    return 0;
}
