// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A player's ladder on a card for the pocket: black on white, read at arm's length.
#pragma once

#include <QPainter>
#include <QSizeF>
#include <QString>
#include <QStringList>
#include <QVector>

namespace wedgeon {

/// What stands on it, in words and numbers of one unit system.
struct PocketCard {
    enum class Size { A6, CreditCard };
    struct Cell {
        QString carry, spread, total;  ///< empty: cannot be played
        bool guess = false;
    };
    QString player;
    QString foot;                  ///< unit, date, count
    QStringList clubs;             ///< columns
    QStringList swings;            ///< rows
    QVector<QVector<Cell>> cells;  ///< by row
    QStringList notes;             ///< what wind and grass cost
    bool withTotals = false;

    /// In millimetres.
    static QSizeF size(Size size);
    /// Everything inside \p room; letters are as large as it allows.
    void paint(QPainter& painter, const QRectF& room) const;
    /// As somebody would read it out.
    QString asText() const;
};

}  // namespace wedgeon
