// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A box whose text ends in dots where it is too long; the toolkit's ends in the middle of a letter.
#pragma once

#include <QComboBox>
#include <QStylePainter>

namespace wedgeon {

class ElidedCombo : public QComboBox {
public:
    using QComboBox::QComboBox;

protected:
    void paintEvent(QPaintEvent*) override {
        QStylePainter painter(this);
        QStyleOptionComboBox option;
        initStyleOption(&option);
        painter.drawComplexControl(QStyle::CC_ComboBox, option);
        const QRect room = style()->subControlRect(QStyle::CC_ComboBox, &option,
                                                   QStyle::SC_ComboBoxEditField, this);
        option.currentText =
            fontMetrics().elidedText(option.currentText, Qt::ElideRight, room.width() - 4);
        painter.drawControl(QStyle::CE_ComboBoxLabel, option);
    }
};

}  // namespace wedgeon
