// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Names and units.
#include "text/quantities.h"

#include <QCoreApplication>
#include <array>

#include "wedgeon/units.h"

namespace wedgeon::text {
namespace {

using store::Label;
using store::Quantity;

struct ShortName {
    const char* word;
    Quantity quantity;
};
constexpr std::array shortNames{
    ShortName{"speed", Quantity::ClubSpeed},      ShortName{"attack", Quantity::AttackAngle},
    ShortName{"path", Quantity::ClubPath},        ShortName{"face", Quantity::FaceAngle},
    ShortName{"launch", Quantity::LaunchAngle},   ShortName{"direction", Quantity::LaunchDirection},
    ShortName{"spin", Quantity::SpinRate},        ShortName{"axis", Quantity::SpinAxis},
    ShortName{"landing", Quantity::LandingAngle}, ShortName{"run", Quantity::Release}};

/// Letters only, small: "Spin loft", "spin_loft" and "spinloft" are one.
QString squeezed(const QString& word) {
    QString out;
    for (const QChar c : word) {
        if (c.isLetter()) out += c.toLower();
    }
    return out;
}

QString capital(QString s) {
    if (!s.isEmpty()) s[0] = s[0].toUpper();
    return s;
}

}  // namespace

QuantityUnit unitOf(Quantity quantity, const Units& units) {
    switch (store::info(quantity).dimension) {
        case store::Dimension::Speed:
            return {units.speedFactor(), units.speedName(), 1};
        case store::Dimension::Length:
            if (quantity == Quantity::Apex) return {units.heightFactor(), units.heightName(), 1};
            return {units.lengthFactor(), units.lengthName(), 1};
        case store::Dimension::Angle:
            return {degFromRad(1.0), QStringLiteral("°"), 1};
        case store::Dimension::SpinRate:
            return {rpmFromRadps(1.0), QCoreApplication::translate("Units", "rpm"), 0};
    }
    return {1.0, {}, 1};
}

QString nameOf(Quantity quantity) {
    return capital(fromUtf8(store::info(quantity).text));
}

QString axisName(Quantity quantity, const Units& units) {
    return nameOf(quantity) + QStringLiteral(" [") + unitOf(quantity, units).name +
           QLatin1Char(']');
}

QString nameOf(Label label) {
    return capital(fromUtf8(store::labelKey(label)).replace(QLatin1Char('_'), QLatin1Char(' ')));
}

QString shown(Quantity quantity, double si, const Units& units) {
    const QuantityUnit u = unitOf(quantity, units);
    const QString gap = u.name == QStringLiteral("°") ? QString() : QString(QChar(0xA0));
    return number(si * u.factor, u.decimals) + gap + u.name;
}

std::optional<Quantity> quantityCalled(const QString& word) {
    const QString wanted = squeezed(word);
    for (std::size_t q = 0; q < store::quantityCount; ++q) {
        const auto quantity = static_cast<Quantity>(q);
        if (squeezed(fromUtf8(store::info(quantity).key)) == wanted) return quantity;
    }
    for (const ShortName& s : shortNames) {
        if (wanted == QLatin1String(s.word)) return s.quantity;
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
