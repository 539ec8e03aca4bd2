// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Field behaviour.
#include "widgets/quantity_field.h"

#include <QLineEdit>
#include <QSignalBlocker>
#include <QWheelEvent>

namespace wedgeon {

QuantityField::QuantityField(const Shape& shape, QWidget* parent) : QDoubleSpinBox(parent) {
    setKeyboardTracking(false);
    setFocusPolicy(Qt::StrongFocus);
    setAlignment(Qt::AlignRight);
    setShape(shape);
    connect(this, &QDoubleSpinBox::valueChanged, this, [this] { emit edited(si()); });
}

void QuantityField::setShape(const Shape& shape) {
    const QSignalBlocker quiet(this);
    const double kept = si();
    factor_ = shape.factor;
    setAccessibleName(shape.name);
    lineEdit()->setAccessibleName(shape.name);
    setDecimals(shape.decimals);
    setRange(shape.low, shape.high);
    setSingleStep(shape.step);
    const bool tight = shape.unit == QStringLiteral("°") || shape.unit.isEmpty();
    setSuffix(tight ? shape.unit : QStringLiteral(" ") + shape.unit);
    setSi(kept);
}

void QuantityField::setSi(double si) {
    const QSignalBlocker quiet(this);
    setValue(si * factor_);
}

void QuantityField::wheelEvent(QWheelEvent* event) {
    if (hasFocus()) {
        QDoubleSpinBox::wheelEvent(event);
    } else {
        event->ignore();
    }
}

}  // namespace wedgeon
