// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The newest shot for the player, to be read from three metres: its sentence, three numbers, and
// how it came out beside what was declared, or what is next in the drill or trial.
#pragma once

#include <QWidget>
#include <array>

#include "desk/desk.h"

namespace wedgeon {

class PlayerDisplay : public QWidget {
    Q_OBJECT

public:
    explicit PlayerDisplay(Desk& desk, QWidget* parent = nullptr);
    /// Fills another screen where there is one beside that of \p window.
    void open(const QWidget& window);
    /// What it says, for a screen reader and for copying.
    QString asText() const;

signals:
    void closed();

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void closeEvent(QCloseEvent* event) override;

private:
    static constexpr std::size_t numberCount = 3;
    struct Number {
        QString name, value, unit, below;
    };
    struct Content {
        QString who, sentence, beside;
        std::array<Number, numberCount> numbers;
    };
    Content content() const;
    /// Of the drill or trial that is under way: how it stands, and what is next.
    QString trained() const;
    QString nextTrained() const;
    void refresh();
    /// Another quantity in this place.
    void turn(std::size_t place);
    QRect placeOf(std::size_t number) const;

    Desk& desk_;
    std::array<Track, numberCount> watched_;
};

}  // namespace wedgeon
