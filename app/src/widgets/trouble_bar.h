// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What is wrong with the logbook, on screen as long as it lasts, with ways out of it.
#pragma once

#include <QString>
#include <QWidget>
#include <functional>
#include <utility>
#include <vector>

class QHBoxLayout;
class QLabel;
class QPushButton;

namespace wedgeon {

class TroubleBar : public QWidget {
    Q_OBJECT

public:
    using Way = std::pair<QString, std::function<void()>>;
    using Ways = std::vector<Way>;

    explicit TroubleBar(QWidget* parent = nullptr);
    void tell(const QString& text, const Ways& ways);
    void clear() { hide(); }
    QString text() const;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QHBoxLayout* row_;
    QLabel* label_;
    std::vector<QPushButton*> buttons_;
};

}  // namespace wedgeon
