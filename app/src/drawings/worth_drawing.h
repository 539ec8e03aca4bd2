// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What one step of each thing is worth here, as bars to either side of a line.
#pragma once

#include "desk/workbench.h"
#include "drawings/drawing.h"

namespace wedgeon {

class WorthDrawing : public Drawing {
    Q_OBJECT

public:
    explicit WorthDrawing(Workbench& bench, QWidget* parent = nullptr);
    QSize sizeHint() const override { return {210, 300}; }

protected:
    void paint(QPainter& painter, const style::Colours& colours) override;

private:
    void refresh();

    Workbench& bench_;
};

}  // namespace wedgeon
