// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A small line chart written as SVG, for the figures of docs/model.md.
#pragma once

#include <string>
#include <utility>
#include <vector>

namespace wedgeon::figures {

struct Curve {
    std::string name;  ///< written at its end
    std::vector<std::pair<double, double>> points;
    bool dashed = false;
};

struct Chart {
    std::string title, across, up;
    std::vector<Curve> curves;
    /// Marks one point of a curve, such as a peak.
    std::vector<std::pair<double, double>> marks;

    /// Its drawing in a box of this size, at this place of the document.
    std::string svg(double left, double top, double width, double height) const;
};

/// A document of charts side by side. \throws std::runtime_error when it cannot be written.
void writeFigure(const std::string& path, const std::vector<Chart>& charts);

}  // namespace wedgeon::figures
