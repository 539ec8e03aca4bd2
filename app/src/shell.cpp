// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Making the window, and making it anew.
#include "shell.h"

#include <QApplication>
#include <QTimer>

#include "main_window.h"
#include "text/language.h"
#include "views/all_views.h"

namespace wedgeon {
namespace {

constexpr int again_ms = 300;

}  // namespace

Shell::Shell(const QString& logbook)
    : desk_(logbook), language_(desk_.preferences().values().language) {
    makeWindow();
    // Not within the window that goes.
    connect(&desk_.preferences(), &Preferences::changed, this, &Shell::followLanguage,
            Qt::QueuedConnection);
}

Shell::~Shell() = default;

void Shell::makeWindow() {
    window_ = std::make_unique<MainWindow>(desk_);
    addAllViews(*window_, desk_);
    window_->restore();
    connect(window_.get(), &MainWindow::newStartWanted, this, [this] {
        startsAnew_ = true;
        window_->close();
    });
}

void Shell::followLanguage() {
    const QString& wanted = desk_.preferences().values().language;
    if (wanted == language_) return;
    if (desk_.import().isRunning() || QApplication::activeModalWidget()) {
        // What somebody waits for or answers is not taken away.
        QTimer::singleShot(again_ms, this, &Shell::followLanguage);
        return;
    }
    language_ = wanted;
    window_->save();
    const bool shown = window_->isVisible(), preferences = window_->showsPreferences();
    const bool quits = QApplication::quitOnLastWindowClosed();
    QApplication::setQuitOnLastWindowClosed(false);
    window_.reset();
    text::chooseLanguage(language_);
    makeWindow();
    if (shown) window_->show();
    if (preferences) window_->showPreferences(QStringLiteral("language"));
    QApplication::setQuitOnLastWindowClosed(quits);
    emit windowMade();
}

}  // namespace wedgeon
