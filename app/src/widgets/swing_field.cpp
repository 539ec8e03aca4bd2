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
constexpr int mostWidth_px = 260, frameAndArrows_px = 26;
/// Two speeds are one swing within this share.
constexpr double same = 0.004;

}  // namespace

SwingField::SwingField(const Shape& shape, Ladder ladder, const Units& units, QWidget* parent)
    : QuantityField(shape, parent), ladder_(std::move(ladder)), units_(units) {
    setUnits(units, shape);
}

void SwingField::setUnits(const Units& units, const Shape& shape) {
    units_ = units;
    setShape(shape);
    setSuffix({});
    refresh();
}

void SwingField::refresh() {
    // The room that its swings need, whatever is shown now.
    int whole = 0, brief = 0;
    for (const Rung& r : ladder_().rungs()) {
        const double speed = 1.05 * r.speed_mps;
        whole = std::max(
            whole, fontMetrics().horizontalAdvance(text::swingInShort(ladder_(), speed, units_)));
        brief =
            std::max(brief, fontMetrics().horizontalAdvance(text::swingAlone(ladder_(), speed)));
    }
    whole_px_ = whole + frameAndArrows_px;
    setMinimumWidth(std::min(brief + frameAndArrows_px, mostWidth_px));
    updateGeometry();
    showNow();
}

void SwingField::showNow() {
    brief_ = width() < whole_px_;
    const QSignalBlocker quiet(this);
    if (!lineEdit()->isModified()) lineEdit()->setText(textFromValue(value()));
    const QString all = text::swingAndSpeed(ladder_(), si(), units_);
    setAccessibleDescription(all);
    setToolTip(text::tip(
        tr("%1. Type a swing, a part of the way to the next (rib + 30), or a speed. Up and down: a "
           "tenth of the way; page up and down: the next swing")
            .arg(all)));
}

QSize SwingField::sizeHint() const {
    return {whole_px_, QuantityField::sizeHint().height()};
}

void SwingField::resizeEvent(QResizeEvent* event) {
    QuantityField::resizeEvent(event);
    if (brief_ != (width() < whole_px_)) showNow();
}

QString SwingField::textFromValue(double value) const {
    // The base asks while it is being made.
    if (!ladder_) return QDoubleSpinBox::textFromValue(value);
    const double speed = value / units_.speedFactor();
    return brief_ ? text::swingAlone(ladder_(), speed)
                  : text::swingInShort(ladder_(), speed, units_);
}

double SwingField::valueFromText(const QString& text) const {
    // What is shown is rounded: left as it is, it means the speed behind it.
    if (text == textFromValue(value())) return value();
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
