// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Names and units.
#include "text/quantities.h"

#include <QCoreApplication>
#include <array>

#include "wedgeon/units.h"
#include "wedgeon/words/words.h"

namespace wedgeon::text {
namespace {

using store::Label;
using store::Quantity;

/// What stands beside store::QuantityInfo, which has key, dimension and limits.
struct Row {
    Quantity quantity;
    const char* name;
    const char* shortName;
    int decimals;
    double step;  ///< as shown
};
constexpr std::array<Row, store::allQuantityCount> rows{{
    {Quantity::Loft, QT_TRANSLATE_NOOP("Quantities", "Loft"),
     QT_TRANSLATE_NOOP("Quantities", "loft"), 1, 0.5},
    {Quantity::ClubSpeed, QT_TRANSLATE_NOOP("Quantities", "Club speed"),
     QT_TRANSLATE_NOOP("Quantities", "speed"), 1, 0.5},
    {Quantity::AttackAngle, QT_TRANSLATE_NOOP("Quantities", "Attack angle"),
     QT_TRANSLATE_NOOP("Quantities", "attack"), 1, 0.5},
    {Quantity::ClubPath, QT_TRANSLATE_NOOP("Quantities", "Club path"),
     QT_TRANSLATE_NOOP("Quantities", "path"), 1, 0.5},
    {Quantity::FaceAngle, QT_TRANSLATE_NOOP("Quantities", "Face angle"),
     QT_TRANSLATE_NOOP("Quantities", "face"), 1, 0.5},
    {Quantity::DynamicLoft, QT_TRANSLATE_NOOP("Quantities", "Dynamic loft"),
     QT_TRANSLATE_NOOP("Quantities", "dynamic loft"), 1, 0.5},
    {Quantity::SpinLoft, QT_TRANSLATE_NOOP("Quantities", "Spin loft"),
     QT_TRANSLATE_NOOP("Quantities", "spin loft"), 1, 0.5},
    {Quantity::BallSpeed, QT_TRANSLATE_NOOP("Quantities", "Ball speed"),
     QT_TRANSLATE_NOOP("Quantities", "ball speed"), 1, 0.5},
    {Quantity::LaunchAngle, QT_TRANSLATE_NOOP("Quantities", "Launch angle"),
     QT_TRANSLATE_NOOP("Quantities", "launch"), 1, 0.5},
    {Quantity::LaunchDirection, QT_TRANSLATE_NOOP("Quantities", "Launch direction"),
     QT_TRANSLATE_NOOP("Quantities", "direction"), 1, 0.5},
    {Quantity::SpinRate, QT_TRANSLATE_NOOP("Quantities", "Spin rate"),
     QT_TRANSLATE_NOOP("Quantities", "spin"), 0, 100},
    {Quantity::SpinAxis, QT_TRANSLATE_NOOP("Quantities", "Spin axis"),
     QT_TRANSLATE_NOOP("Quantities", "spin axis"), 1, 0.5},
    {Quantity::Carry, QT_TRANSLATE_NOOP("Quantities", "Carry"),
     QT_TRANSLATE_NOOP("Quantities", "carry"), 1, 0.5},
    {Quantity::Apex, QT_TRANSLATE_NOOP("Quantities", "Apex"),
     QT_TRANSLATE_NOOP("Quantities", "apex"), 1, 0.5},
    {Quantity::LandingAngle, QT_TRANSLATE_NOOP("Quantities", "Landing angle"),
     QT_TRANSLATE_NOOP("Quantities", "landing"), 1, 0.5},
    {Quantity::Release, QT_TRANSLATE_NOOP("Quantities", "Release"),
     QT_TRANSLATE_NOOP("Quantities", "release"), 1, 0.5},
    {Quantity::Total, QT_TRANSLATE_NOOP("Quantities", "Total"),
     QT_TRANSLATE_NOOP("Quantities", "total"), 1, 0.5},
    {Quantity::Side, QT_TRANSLATE_NOOP("Quantities", "Side"),
     QT_TRANSLATE_NOOP("Quantities", "side"), 1, 0.5},
    {Quantity::FaceToPath, QT_TRANSLATE_NOOP("Quantities", "Face to path"),
     QT_TRANSLATE_NOOP("Quantities", "face to path"), 1, 0.5},
}};

constexpr bool isInOrder() {
    for (std::size_t i = 0; i < rows.size(); ++i) {
        if (rows[i].quantity != static_cast<Quantity>(i)) return false;
    }
    return true;
}
static_assert(isInOrder(), "a quantity is missing from the table, or not in its place");

const Row& rowOf(Quantity q) {
    return rows[static_cast<std::size_t>(q)];
}

/// Words of the filter that stand for a quantity beside its name, its short name and its key.
struct OtherWord {
    const char* word;
    Quantity quantity;
};
constexpr std::array otherWords{OtherWord{"axis", Quantity::SpinAxis},
                                OtherWord{"run", Quantity::Release}};

/// The context of its translations.
struct Quantities {
    Q_DECLARE_TR_FUNCTIONS(Quantities)
};

/// Letters only, small: "Spin loft", "spin_loft" and "spinloft" are one.
QString squeezed(const QString& word) {
    QString out;
    for (const QChar c : word) {
        if (c.isLetter()) out += c.toLower();
    }
    return out;
}

struct LabelName {
    Label label;
    const char* name;
};
constexpr std::array<LabelName, store::labelCount> labelNames{{
    {Label::Time, QT_TRANSLATE_NOOP("Quantities", "Time")},
    {Label::Player, QT_TRANSLATE_NOOP("Quantities", "Player")},
    {Label::Wedge, QT_TRANSLATE_NOOP("Quantities", "Wedge")},
    {Label::Ball, QT_TRANSLATE_NOOP("Quantities", "Ball")},
    {Label::FaceCondition, QT_TRANSLATE_NOOP("Quantities", "Face condition")},
    {Label::Lie, QT_TRANSLATE_NOOP("Quantities", "Lie")},
    {Label::Swing, QT_TRANSLATE_NOOP("Quantities", "Swing")},
    {Label::Strike, QT_TRANSLATE_NOOP("Quantities", "Strike")},
    {Label::Tags, QT_TRANSLATE_NOOP("Quantities", "Tags")},
    {Label::Note, QT_TRANSLATE_NOOP("Quantities", "Note")},
    {Label::Recipe, QT_TRANSLATE_NOOP("Quantities", "Recipe")},
    {Label::Seen, QT_TRANSLATE_NOOP("Quantities", "Seen by eye")},
}};
constexpr bool namesAreInOrder() {
    for (std::size_t i = 0; i < labelNames.size(); ++i) {
        if (labelNames[i].label != static_cast<Label>(i)) return false;
    }
    return true;
}
static_assert(namesAreInOrder(), "a word is missing from the table, or not in its place");

}  // namespace

QuantityForm formOf(Quantity quantity, const Units& units) {
    const Row& row = rowOf(quantity);
    const store::QuantityInfo& known = store::info(quantity);
    QuantityForm f{Quantities::tr(row.name),
                   Quantities::tr(row.shortName),
                   {},
                   1.0,
                   row.decimals,
                   0.0,
                   0.0,
                   row.step};
    switch (known.dimension) {
        case store::Dimension::Speed:
            f.unit = units.speedName();
            f.factor = units.speedFactor();
            break;
        case store::Dimension::Length:
            f.unit = quantity == Quantity::Apex ? units.heightName() : units.lengthName();
            f.factor = quantity == Quantity::Apex ? units.heightFactor() : units.lengthFactor();
            break;
        case store::Dimension::Angle:
            f.unit = QStringLiteral("°");
            f.factor = degFromRad(1.0);
            break;
        case store::Dimension::SpinRate:
            f.unit = rpmName();
            f.factor = rpmFromRadps(1.0);
            break;
    }
    f.low = known.low * f.factor;
    f.high = known.high * f.factor;
    return f;
}

QString nameOf(Quantity quantity) {
    return Quantities::tr(rowOf(quantity).name);
}

QString shortNameOf(Quantity quantity) {
    return Quantities::tr(rowOf(quantity).shortName);
}

QString inSentence(Quantity quantity) {
    return QCoreApplication::translate(words::context, words::englishOf(quantity));
}

QString axisName(Quantity quantity, const Units& units) {
    return nameOf(quantity) + QStringLiteral(" [") + formOf(quantity, units).unit +
           QLatin1Char(']');
}

QString nameOf(Label label) {
    return Quantities::tr(labelNames[static_cast<std::size_t>(label)].name);
}

QString shown(Quantity quantity, double si, const Units& units) {
    const QuantityForm f = formOf(quantity, units);
    return withUnit(number(si * f.factor, f.decimals), f.unit);
}

std::optional<Quantity> quantityCalled(const QString& word) {
    const QString wanted = squeezed(word);
    for (std::size_t q = 0; q < store::allQuantityCount; ++q) {
        const auto quantity = static_cast<Quantity>(q);
        if (squeezed(fromUtf8(store::info(quantity).key)) == wanted ||
            squeezed(nameOf(quantity)) == wanted || squeezed(shortNameOf(quantity)) == wanted)
            return quantity;
    }
    for (const OtherWord& o : otherWords) {
        if (wanted == QLatin1String(o.word)) return o.quantity;
    }
    return std::nullopt;
}

std::optional<Label> labelCalled(const QString& word) {
    const QString wanted = squeezed(word);
    for (std::size_t l = 0; l < store::labelCount; ++l) {
        const auto label = static_cast<Label>(l);
        if (squeezed(fromUtf8(store::labelKey(label))) == wanted) return label;
    }
    if (wanted == QStringLiteral("tag")) return Label::Tags;
    if (wanted == QStringLiteral("face")) return Label::FaceCondition;
    return std::nullopt;
}

}  // namespace wedgeon::text
