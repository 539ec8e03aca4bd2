// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-start-bench LOGBOOK: how long the program takes from its process to the first picture of
// the window, and to the shots of the logbook being shown. One line of numbers; run it several
// times.
#include <unistd.h>
#include <QApplication>
#include <QElapsedTimer>
#include <QFile>
#include <QPainter>
#include <QTest>
#include <QTimer>
#include <cstdio>
#include <ctime>

#include "main_window.h"
#include "shell.h"
#include "style/style.h"
#include "text/language.h"
#include "wedgeon/store/files.h"
#include "work/memory.h"
#include "work/trouble.h"

namespace {

/// Since the process began, to some 10 ms, which is what the system keeps.
double sinceStart_ms() {
    QFile file(QStringLiteral("/proc/self/stat"));
    if (!file.open(QIODevice::ReadOnly)) return 0.0;
    const QByteArray text = file.readAll();
    // The name may hold blanks: what follows begins behind its bracket. Field 22 is the start.
    const auto fields = text.mid(text.lastIndexOf(')') + 2).split(' ');
    constexpr int startField = 22 - 3;
    const double start_s =
        fields.value(startField).toDouble() / static_cast<double>(::sysconf(_SC_CLK_TCK));
    timespec now{};
    ::clock_gettime(CLOCK_BOOTTIME, &now);
    return 1e3 *
           (static_cast<double>(now.tv_sec) + 1e-9 * static_cast<double>(now.tv_nsec) - start_s);
}

/// Hears the first painting of a window.
class FirstPaint : public QObject {
public:
    double at_ms = 0.0;

protected:
    bool eventFilter(QObject* object, QEvent* event) override {
        if (event->type() == QEvent::Paint && at_ms == 0.0 && object->isWidgetType())
            QTimer::singleShot(0, this, [this] {
                if (at_ms == 0.0) at_ms = sinceStart_ms();
            });
        return false;
    }
};

}  // namespace

int main(int argc, char** argv) {
    wedgeon::keepMemoryTogether();
    if (argc != 2) {
        std::fprintf(stderr, "wedgeon-start-bench: needs a logbook\n");
        return 2;
    }
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    wedgeon::store::takeFileErrorsAsErrors();
    wedgeon::Application app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("wedgeon-start-bench"));
    QApplication::setOrganizationName(QStringLiteral("wedgeon"));
    const double application_ms = sinceStart_ms();
    wedgeon::text::chooseLanguage(QString());
    wedgeon::style::apply(app, wedgeon::style::Theme::Light);
    const double style_ms = sinceStart_ms();
    FirstPaint first;
    app.installEventFilter(&first);
    wedgeon::Shell shell(QString::fromLocal8Bit(argv[1]));
    const double made_ms = sinceStart_ms();
    shell.window().resize(1280, 800);
    shell.window().show();
    const bool shown = QTest::qWaitFor([&] { return first.at_ms > 0.0; }, 20'000);
    const bool settled = QTest::qWaitFor([&] { return shell.desk().isSettled(); }, 20'000);
    const double shots_ms = sinceStart_ms();
    std::printf("application %.0f, style %.0f, made %.0f, first picture %.0f, shots %.0f ms%s\n",
                application_ms, style_ms, made_ms, first.at_ms, shots_ms,
                shown && settled ? "" : " (not reached)");
    return 0;
}
