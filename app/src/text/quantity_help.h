// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a quantity is, how it is measured, what is usual for wedges, and where the model stops being
// valid. Shown where the question arises, and together in the guide.
#pragma once

#include <QVector>
#include <optional>

#include "text/units.h"
#include "wedgeon/shot/quantity.h"
#include "wedgeon/store/shot_record.h"

class QWidget;

namespace wedgeon::text {

struct QuantityHelp {
    QString key;   ///< by which it is found; never shown
    QString name;  ///< "Spin loft"
    QString what, measured, valid;
    /// Of nine in ten wedge shots as the model plays them; empty where it has no meaning.
    QString usual;
};
/// Every quantity that is measured or set, in the order of the lesson.
QVector<QuantityHelp> quantityHelp(const Units& units);
/// A measured one.
QuantityHelp helpOf(store::Quantity quantity, const Units& units);
/// One that is set in Shape.
QuantityHelp helpOf(Dial dial, const Units& units);
/// For a tip: what it is and what is usual.
QString shortHelp(const QuantityHelp& help);

/// SI; between what nine in ten shots of ordinary set-ups fall, swings from 10 to 34 m/s, lofts
/// from 46° to 60°, off short and fuller grass. A test plays them.
struct UsualRange {
    double low, high;
};
std::optional<UsualRange> usualRange(store::Quantity quantity);

/// F1 on \p widget, or on what is in it, explains this quantity.
void explains(QWidget& widget, const QString& key);
/// What F1 on \p widget explains; empty for none.
QString explainedBy(const QWidget* widget);

}  // namespace wedgeon::text
