// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shape: set-up and swing worked out in linked drawings.
#pragma once

#include <QWidget>
#include <functional>

#include "model/workbench.h"

class QComboBox;

namespace wedgeon {

class FlightDrawing;
class QuantityField;
class SentenceLabel;

class ShapeView : public QWidget {
    Q_OBJECT

public:
    explicit ShapeView(Workbench& bench, QWidget* parent = nullptr);
    QString asText() const;

private:
    QWidget* makeResult();
    QWidget* makeNumbers();
    void refresh();
    void refreshNumbers();
    void change(const QString& what, const std::function<void(Recipe&)>& apply);

    Workbench& bench_;
    SentenceLabel *sentence_, *why_;
    FlightDrawing* flight_;
    QuantityField *speed_, *open_, *lean_, *ball_, *weight_, *radius_;
    QComboBox* release_;
};

}  // namespace wedgeon
