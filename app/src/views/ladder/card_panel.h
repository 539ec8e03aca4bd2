// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The pocket card beside the ladder: what stands on it, how it looks, out on paper or as a file.
#pragma once

#include <QVariantMap>
#include <QWidget>

#include "desk/ladder_maker.h"
#include "text/units.h"
#include "views/ladder/pocket_card.h"

class QComboBox;
class QToolButton;

namespace wedgeon {

class CardPreview;

class CardPanel : public QWidget {
    Q_OBJECT

public:
    explicit CardPanel(QWidget* parent = nullptr);
    /// \p answer none: an empty card. \p day: as it is written on it.
    void show(std::shared_ptr<const LadderAnswer> answer, const Units& units, const QString& day);
    void save();
    void print();
    /// The card in the shown units; empty without a ladder.
    QString asText() const;
    QVariantMap state() const;
    void restore(const QVariantMap& state);

signals:
    void saved(const QString& path);
    void failed(const QString& what);

private:
    void refresh();
    PocketCard card(const Units& units) const;
    /// One, or one for each unit system.
    QVector<PocketCard> cards() const;
    QSizeF size_mm() const;

    std::shared_ptr<const LadderAnswer> answer_;
    Units units_;
    QString day_;
    QComboBox *size_, *unitsOf_;
    QToolButton* totals_;
    CardPreview* preview_;
};

}  // namespace wedgeon
