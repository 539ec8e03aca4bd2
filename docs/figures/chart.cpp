// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Axes, curves and their names.
#include "chart.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <fstream>
#include <stdexcept>

namespace wedgeon::figures {
namespace {

constexpr std::array colours{"#17666F", "#BF5312", "#6F8445", "#5B676C",
                             "#8A6A1F", "#A9261D", "#1E2A2F"};

struct Axis {
    double low, high, step;

    Axis(double least, double most) {
        const double span = std::max(most - least, 1e-9);
        const double raw = span / 5;
        const double decade = std::pow(10, std::floor(std::log10(raw)));
        step = decade * (raw / decade < 1.5   ? 1
                         : raw / decade < 3.5 ? 2
                         : raw / decade < 7.5 ? 5
                                              : 10);
        low = step * std::floor(least / step + 1e-9);
        high = step * std::ceil(most / step - 1e-9);
    }
};

std::string format(const char* pattern, double a, double b = 0, double c = 0, double d = 0) {
    std::array<char, 200> buffer{};
    std::snprintf(buffer.data(), buffer.size(), pattern, a, b, c, d);
    return buffer.data();
}

std::string textAt(double x, double y, const std::string& s, const char* more) {
    return format("<text x=\"%.1f\" y=\"%.1f\" ", x, y) + more + ">" + s + "</text>\n";
}

}  // namespace

std::string Chart::svg(double left, double top, double width, double height) const {
    double x0 = 1e300, x1 = -1e300, y0 = 1e300, y1 = -1e300;
    for (const Curve& c : curves) {
        for (const auto& [x, y] : c.points) {
            x0 = std::min(x0, x);
            x1 = std::max(x1, x);
            y0 = std::min(y0, y);
            y1 = std::max(y1, y);
        }
    }
    const Axis ax(x0, x1);
    const Axis ay(y0, y1);
    const double l = left + 58, r = left + width - 100, t = top + 52, b = top + height - 46;
    const auto px = [&](double x) { return l + (x - ax.low) / (ax.high - ax.low) * (r - l); };
    const auto py = [&](double y) { return b - (y - ay.low) / (ay.high - ay.low) * (b - t); };

    std::string s = textAt(left + 8, top + 20, title, "font-size=\"15\" font-weight=\"600\"");
    for (double v = ax.low; v <= ax.high + ax.step / 2; v += ax.step) {
        s += format("<path d=\"M%.1f %.1fV%.1f\" stroke=\"#DED7C8\"/>\n", px(v), t, b);
        s += textAt(px(v), b + 17, format("%g", std::abs(v) < 1e-12 ? 0 : v),
                    "text-anchor=\"middle\"");
    }
    for (double v = ay.low; v <= ay.high + ay.step / 2; v += ay.step) {
        s += format("<path d=\"M%.1f %.1fH%.1f\" stroke=\"#DED7C8\"/>\n", l, py(v), r);
        s += textAt(l - 6, py(v) + 4, format("%g", std::abs(v) < 1e-12 ? 0 : v),
                    "text-anchor=\"end\"");
    }
    s += textAt((l + r) / 2, b + 36, across, "text-anchor=\"middle\" fill=\"#5B676C\"");
    s += textAt(left + 8, t - 14, up, "fill=\"#5B676C\"");

    // Names stand at the curves' ends, moved apart where they would touch.
    std::vector<std::pair<double, std::size_t>> ends;
    for (std::size_t i = 0; i < curves.size(); ++i) {
        const Curve& c = curves[i];
        s += "<path fill=\"none\" stroke-width=\"2\" stroke=\"" +
             std::string(colours[i % colours.size()]) + "\"" +
             (c.dashed ? " stroke-dasharray=\"5 4\"" : "") + " d=\"";
        for (std::size_t k = 0; k < c.points.size(); ++k) {
            s += format(k == 0 ? "M%.1f %.1f" : "L%.1f %.1f", px(c.points[k].first),
                        py(c.points[k].second));
        }
        s += "\"/>\n";
        if (!c.name.empty()) ends.emplace_back(py(c.points.back().second), i);
    }
    std::sort(ends.begin(), ends.end());
    double last = -1e9;
    for (auto& [y, i] : ends) {
        y = std::max(y, last + 14);
        last = y;
        s += textAt(px(curves[i].points.back().first) + 6, y + 4, curves[i].name,
                    ("fill=\"" + std::string(colours[i % colours.size()]) + "\"").c_str());
    }
    for (const auto& [x, y] : marks) {
        s += format(
            "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"4\" fill=\"#FFFDF8\" stroke=\"#1E2A2F\" "
            "stroke-width=\"1.8\"/>\n",
            px(x), py(y));
    }
    return s;
}

void writeFigure(const std::string& path, const std::vector<Chart>& charts) {
    const double width = charts.size() == 1 ? 640 : 440;
    const double height = 380;
    std::ofstream out(path, std::ios::binary);
    out << format(
               "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.0f\" height=\"%.0f\" "
               "font-family=\"Hanken Grotesk, sans-serif\" font-size=\"12\" fill=\"#1E2A2F\">\n",
               width * static_cast<double>(charts.size()), height)
        << "<rect width=\"100%\" height=\"100%\" fill=\"#FFFDF8\"/>\n";
    for (std::size_t i = 0; i < charts.size(); ++i) {
        out << charts[i].svg(width * static_cast<double>(i), 0, width, height);
    }
    out << "</svg>\n";
    out.flush();
    if (!out) throw std::runtime_error(path + " cannot be written");
}

}  // namespace wedgeon::figures
