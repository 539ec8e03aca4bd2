// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Catching and telling.
#include "work/trouble.h"

#include <cstdio>
#include <exception>
#include <new>

#include "text/said.h"

namespace wedgeon {
namespace {

struct Shower {
    const void* owner = nullptr;
    std::function<void(const QString&)> show;
};
Shower& shower() {
    static Shower one;
    return one;
}

}  // namespace

QString wordsOfException() {
    try {
        throw;
    } catch (const std::bad_alloc&) {
        return QApplication::translate("trouble", "there is not enough memory");
    } catch (const std::exception& e) {
        return text::said(e);
    } catch (...) {
        return QApplication::translate("trouble", "the program met something unknown");
    }
}

void showTroublesBy(const void* owner, std::function<void(const QString&)> show) {
    shower() = {owner, std::move(show)};
}

void showTroublesNoMore(const void* owner) {
    if (shower().owner == owner) shower() = {};
}

void tellTrouble(const QString& what) {
    const QString said =
        QApplication::translate("trouble",
                                "This was not done: %1. What the logbook holds is as it was.")
            .arg(what);
    if (shower().show) {
        shower().show(said);
    } else {
        std::fprintf(stderr, "wedgeon: %s\n", qPrintable(said));
    }
}

bool Application::notify(QObject* receiver, QEvent* event) {
    try {
        return QApplication::notify(receiver, event);
    } catch (...) {
        tellTrouble(wordsOfException());
        return false;
    }
}

}  // namespace wedgeon
