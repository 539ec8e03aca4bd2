// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The window with a desk of its own and every view, as the program's main makes it.
#pragma once

#include <functional>

#include "main_window.h"
#include "views/all_views.h"
#include "views/view.h"

namespace wedgeon::test {

struct OwnDesk {
    explicit OwnDesk(const QString& logbook) : desk(logbook) {}
    Desk desk;
};

class Program : public OwnDesk, public MainWindow {
public:
    using MakeView = std::function<View*(Desk&)>;
    /// \p more: a view beside the program's own.
    explicit Program(const QString& logbook, const MakeView& more = {})
        : OwnDesk(logbook), MainWindow(desk) {
        addAllViews(*this, desk);
        if (more) addView(more(desk));
        restore();
    }
    bool isSettled() const { return desk.isSettled(); }
};

}  // namespace wedgeon::test
