// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-drag-bench: how long one step of a drag in Shape and in Read takes, prediction and
// repaint included, and when the played swings follow. Prints; docs/performance.md holds the
// figures.
#include <QApplication>
#include <QElapsedTimer>
#include <QSettings>
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

namespace {

constexpr int steps = 300;

wedgeon::Drawing* drawingOf(const QWidget& window, const char* name) {
    for (auto* d : window.findChildren<wedgeon::Drawing*>()) {
        if (d->accessibleName() == QLatin1String(name)) return d;
    }
    return nullptr;
}

/// Drags its first handle \p by pixels in steps, and tells how long one took; the button is still
/// down.
void drag(wedgeon::Drawing* drawing, const QPointF& by) {
    QElapsedTimer clock;
    std::vector<double> step_ms;
    const QPointF from = drawing->handles().first().at;
    QTest::mousePress(drawing, Qt::LeftButton, {}, from.toPoint());
    for (int i = 0; i < steps; ++i) {
        const QPoint to = (from + by * i / steps).toPoint();
        const QString before = drawing->accessibleDescription();
        clock.start();
        QTest::mouseMove(drawing, to);
        QApplication::sendPostedEvents();  // labels lay themselves out, what changed is painted
        const double step = static_cast<double>(clock.nsecsElapsed()) / 1e6;
        // A step of less than what the drawing takes steps of moves nothing.
        if (drawing->accessibleDescription() != before) step_ms.push_back(step);
    }
    std::sort(step_ms.begin(), step_ms.end());
    std::printf(
        "one step of a drag in %s, all drawings painted: median %.2f ms, 95 of 100 %.2f ms, "
        "most %.2f ms\n",
        qPrintable(drawing->accessibleName()), step_ms[step_ms.size() / 2],
        step_ms[step_ms.size() * 95 / 100], step_ms.back());
}

void release(wedgeon::Drawing* drawing) {
    QTest::mouseRelease(drawing, Qt::LeftButton, {}, drawing->handles().first().at.toPoint());
}

}  // namespace

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    const wedgeon::test::OwnUser user;
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("wedgeon-drag-bench"));
    QApplication::setOrganizationName(QStringLiteral("wedgeon-drag-bench"));
    wedgeon::text::chooseLanguage(QLocale::c());
    wedgeon::style::apply(app, wedgeon::style::Theme::Light);
    // Somebody was here before: no first questions stand before the views.
    QSettings().setValue(QStringLiteral("bench/player"), QStringLiteral("Runa Vale"));
    QElapsedTimer clock;
    clock.start();
    const QTemporaryDir own;
    wedgeon::test::Program window(own.filePath(QStringLiteral("bench.wedgeon")));
    window.resize(1280, 800);
    window.show();
    window.repaint();
    std::printf("window made and painted: %.0f ms\n",
                static_cast<double>(clock.nsecsElapsed()) / 1e6);
    (void)QTest::qWaitFor([&] { return window.isSettled(); }, 10'000);
    window.showView(QStringLiteral("shape"));
    QTest::qWait(100);

    wedgeon::Drawing* face = drawingOf(window, "Face from above");
    const wedgeon::Drawing* flight = drawingOf(window, "Flight and run");
    if (!face || !flight) return 1;
    drag(face, {-8, 30});
    clock.restart();
    const QString before = flight->accessibleDescription();
    (void)QTest::qWaitFor([&] { return flight->accessibleDescription() != before; }, 1000);
    std::printf("spread after the last step: %.0f ms\n",
                static_cast<double>(clock.nsecsElapsed()) / 1e6);
    release(face);
    for (auto* d : window.findChildren<wedgeon::Drawing*>()) {
        if (!d->isVisible()) continue;
        clock.restart();
        for (int i = 0; i < 20; ++i)
            d->repaint();
        std::printf("  painting %s: %.2f ms\n", qPrintable(d->accessibleName()),
                    static_cast<double>(clock.nsecsElapsed()) / 2e7);
    }
    window.showView(QStringLiteral("read"));
    QTest::qWait(1500);
    wedgeon::Drawing* line = drawingOf(window, "The line to the flag");
    if (!line) return 1;
    drag(line, {150, 0});
    release(line);
    return 0;
}
