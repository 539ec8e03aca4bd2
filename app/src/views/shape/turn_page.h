// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The face beside a mid-iron's, turned by the same.
#pragma once

#include "views/shape/drawer_page.h"

namespace wedgeon {

class TurnDrawing;

class TurnPage : public DrawerPage {
    Q_OBJECT

public:
    explicit TurnPage(Workbench& bench, QWidget* parent = nullptr);
    QString asText() const override;

protected:
    void refresh() override;

private:
    TurnDrawing* drawing_;
    SentenceLabel* compared_;
};

}  // namespace wedgeon
