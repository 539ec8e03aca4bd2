// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The list. A new view is one line here.
#include "views/all_views.h"

#include "main_window.h"
#include "views/explain/explain_view.h"
#include "views/ladder/ladder_view.h"
#include "views/read/read_view.h"
#include "views/shape/shape_view.h"
#include "views/train/train_view.h"
#include "views/tune/tune_view.h"
#include "views/watch/watch_view.h"

namespace wedgeon {

void addAllViews(MainWindow& window, Desk& desk) {
    window.addView(new ReadView(desk));
    window.addView(new LadderView(desk));
    window.addView(new ShapeView(desk));
    window.addView(new WatchView(desk));
    window.addView(new ExplainView(desk));
    window.addView(new TrainView(desk));
    window.addView(new TuneView(desk));
}

}  // namespace wedgeon
