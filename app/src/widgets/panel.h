// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A calm surface with a thin edge, on which a view puts one drawing or one list.
#pragma once

#include <QWidget>

namespace wedgeon {

class Panel : public QWidget {
    Q_OBJECT

public:
    explicit Panel(QWidget* parent = nullptr) : QWidget(parent) {}

protected:
    void paintEvent(QPaintEvent* event) override;
};

/// A panel with a title line, a hint at its right, one drawing, and where it is given \p more at
/// the end of the title line.
Panel* titledPanel(const QString& title, const QString& hint, QWidget* content,
                   QWidget* more = nullptr);

}  // namespace wedgeon
