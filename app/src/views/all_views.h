// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Every view that there is.
#pragma once

namespace wedgeon {

class Desk;
class MainWindow;

void addAllViews(MainWindow& window, Desk& desk);

}  // namespace wedgeon
