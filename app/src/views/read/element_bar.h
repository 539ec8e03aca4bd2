// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The chosen part of the line in numbers: a zone's kind, length and slopes, or an obstacle's place
// and height; what can be added and taken away.
#pragma once

#include <QWidget>

#include "text/distances.h"
#include "views/read/line_drawing.h"

class QComboBox;
class QLabel;
class QToolButton;

namespace wedgeon {

class QuantityField;

class ElementBar : public QWidget {
    Q_OBJECT

public:
    explicit ElementBar(QWidget* parent = nullptr);
    void show(const Line& line, const LineDrawing::Element& element, const Distances& distances);

signals:
    void lineEdited(const wedgeon::Line& line, const wedgeon::LineDrawing::Element& chosen,
                    const QString& what);

private:
    void change(const QString& what, const std::function<void(Line&)>& apply);
    void add(bool obstacle);
    void remove();
    QuantityField* field(const QString& name, const std::function<void(Line&, double)>& apply);

    Line line_;
    LineDrawing::Element element_;
    Distances distances_;
    QComboBox *kind_, *grain_;
    QLabel* what_;
    QuantityField *length_, *along_, *across_, *at_, *height_, *gap_;
    QVector<QWidget*> zoneParts_, obstacleParts_;
    QToolButton* remove_;
};

}  // namespace wedgeon
