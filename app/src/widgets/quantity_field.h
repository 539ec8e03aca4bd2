// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The one field for numbers: value in SI, shown in a unit, with step keys. The wheel is ignored
// without focus so that scrolling a form changes nothing.
#pragma once

#include <QDoubleSpinBox>

namespace wedgeon {

class QuantityField : public QDoubleSpinBox {
    Q_OBJECT

public:
    /// \p factor: shown value of one SI unit; limits and step are in the shown unit.
    struct Shape {
        QString name;
        QString unit;
        double factor = 1.0;
        double low = 0.0, high = 100.0, step = 1.0;
        int decimals = 1;
    };
    explicit QuantityField(const Shape& shape, QWidget* parent = nullptr);

    void setShape(const Shape& shape);  ///< keeps the SI value
    double si() const { return value() / factor_; }
    /// Shows without emitting.
    void setSi(double si);

signals:
    void edited(double si);

protected:
    void wheelEvent(QWheelEvent* event) override;

private:
    double factor_ = 1.0;
};

}  // namespace wedgeon
