// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Swings in a field.
#include "widgets/swing_field.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QSignalBlocker>
#include <algorithm>
#include <cmath>

#include "text/swing_text.h"

namespace wedgeon {
namespace {

constexpr double tenths = 10.0;
/// Below the shortest swing and above the longest, in the shown unit of speed.
constexpr double plainStep_mps = 0.5;
constexpr int mostWidth_px = 260;
/// Two speeds are one swing within this share.
constexpr double same = 0.004;

}  // namespace

SwingField::SwingField(const Shape& shape, Ladder ladder, const Units& units, QWidget* parent)
    : QuantityField(shape, parent), ladder_(std::move(ladder)), units_(units) {
    setUnits(units, shape);
    setToolTip(
        tr("Type a swing, a part of the way to the next (rib + 30), or a speed. Up and down: a "
           "tenth of the way; page up and down: the next swing"));
}

void SwingField::setUnits(const Units& units, const Shape& shape) {
    units_ = units;
    setShape(shape);
    setSuffix({});
    refresh();
}

void SwingField::refresh() {
    // The room that its swings need, whatever is shown now.
    int widest = 0;
    for (const Rung& r : ladder_().rungs()) {
        widest = std::max(widest, fontMetrics().horizontalAdvance(
                                      text::swingInShort(ladder_(), 1.05 * r.speed_mps, units_)));
    }
    constexpr int frameAndArrows_px = 26;
    setMinimumWidth(std::min(widest, mostWidth_px) + frameAndArrows_px);
    const QSignalBlocker quiet(this);
    if (!hasFocus()) lineEdit()->setText(textFromValue(value()));
    setAccessibleDescription(text::swingAndSpeed(ladder_(), si(), units_));
}

QString SwingField::textFromValue(double value) const {
    // The base asks while it is being made.
    if (!ladder_) return QDoubleSpinBox::textFromValue(value);
    return text::swingInShort(ladder_(), value / units_.speedFactor(), units_);
}

double SwingField::valueFromText(const QString& text) const {
    const auto typed = text::typedSpeed(text, ladder_(), units_);
    return typed ? std::clamp(*typed * units_.speedFactor(), minimum(), maximum()) : value();
}

QValidator::State SwingField::validate(QString& text, int& pos) const {
    (void)pos;
    if (!ladder_) return QValidator::Acceptable;
    return text::typedSpeed(text, ladder_(), units_) ? QValidator::Acceptable
                                                     : QValidator::Intermediate;
}

void SwingField::fixup(QString& text) const {
    text = textFromValue(value());
}

void SwingField::stepBy(int steps) {
    const auto& rungs = ladder_().rungs();
    double speed = si();
    for (int i = 0; i < std::abs(steps); ++i) {
        const int direction = steps > 0 ? 1 : -1;
        // The stretch between two rungs that the step goes into.
        const double ahead = speed * (1.0 + direction * same);
        const auto above = std::find_if(rungs.begin(), rungs.end(),
                                        [&](const Rung& r) { return r.speed_mps > ahead; });
        double by = plainStep_mps;
        if (above != rungs.begin() && above != rungs.end())
            by = (above->speed_mps - (above - 1)->speed_mps) / tenths;
        speed += direction * by;
    }
    setValue(speed * units_.speedFactor());
    selectAll();
}

void SwingField::toRung(int direction) {
    const auto& rungs = ladder_().rungs();
    const double speed = si();
    const Rung* found = nullptr;
    for (const Rung& r : rungs) {
        if (direction > 0 && r.speed_mps > speed * (1.0 + same)) {
            found = &r;
            break;
        }
        if (direction < 0 && r.speed_mps < speed * (1.0 - same)) found = &r;
    }
    if (!found) return;
    setValue(found->speed_mps * units_.speedFactor());
    selectAll();
}

void SwingField::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_PageUp || event->key() == Qt::Key_PageDown) {
        toRung(event->key() == Qt::Key_PageUp ? 1 : -1);
        event->accept();
        return;
    }
    QuantityField::keyPressEvent(event);
}

}  // namespace wedgeon
