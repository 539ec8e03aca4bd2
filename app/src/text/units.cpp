// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Formatting.
#include "text/units.h"

#include <QCoreApplication>
#include <QLocale>
#include <algorithm>
#include <clocale>
#include <cmath>

#include "wedgeon/store/unit.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

/// The context of its translations.
struct UnitWords {
    Q_DECLARE_TR_FUNCTIONS(Units)
};

/// A unit of the store's table, and how it is shown.
struct Shown {
    const char* name;
    store::Unit unit;

    explicit Shown(const char* key) : name(key), unit(*store::findUnit(key)) {}
};
/// What a coach's lengths are in.
struct System {
    Shown length, height;
    SpeedUnit speed;
};

/// As shown with one decimal: what reads as the limit is not below it.
bool isBelow(double value, double limit) {
    return std::round(10 * std::abs(value)) < 10 * limit;
}

const System& systemOf(UnitSystem system) {
    static const System metric{Shown(QT_TRANSLATE_NOOP("Units", "m")), Shown("m"),
                               SpeedUnit::MetresPerSecond};
    static const System yards{Shown(QT_TRANSLATE_NOOP("Units", "yd")),
                              Shown(QT_TRANSLATE_NOOP("Units", "ft")), SpeedUnit::MilesPerHour};
    return system == UnitSystem::Metric ? metric : yards;
}

const Shown& speedOf(UnitSystem system, SpeedUnit speed) {
    static const Shown metres(QT_TRANSLATE_NOOP("Units", "m/s"));
    static const Shown miles(QT_TRANSLATE_NOOP("Units", "mph"));
    static const Shown kilometres(QT_TRANSLATE_NOOP("Units", "km/h"));
    switch (speed) {
        case SpeedUnit::AsLengths:
            return speedOf(system, systemOf(system).speed);
        case SpeedUnit::MilesPerHour:
            return miles;
        case SpeedUnit::KilometresPerHour:
            return kilometres;
        case SpeedUnit::MetresPerSecond:
            break;
    }
    return metres;
}

}  // namespace

double Units::lengthFactor() const {
    return 1 / systemOf(system_).length.unit.factor;
}
double Units::heightFactor() const {
    return 1 / systemOf(system_).height.unit.factor;
}
double Units::speedFactor() const {
    return 1 / speedOf(system_, speeds_).unit.factor;
}
QString Units::lengthName() const {
    return UnitWords::tr(systemOf(system_).length.name);
}
QString Units::heightName() const {
    return UnitWords::tr(systemOf(system_).height.name);
}
QString Units::speedName() const {
    return UnitWords::tr(speedOf(system_, speeds_).name);
}

QString Units::length(double m, int decimals) const {
    const double value = m * lengthFactor();
    if (decimals < 0) decimals = isBelow(value, 20) ? 1 : 0;
    return text::number(value, decimals) + QChar(0xA0) + lengthName();
}

QString Units::height(double m) const {
    const double value = m * heightFactor();
    return text::number(value, isBelow(value, 10) ? 1 : 0) + QChar(0xA0) + heightName();
}

QString Units::speed(double mps) const {
    return text::number(mps * speedFactor(), 1) + QChar(0xA0) + speedName();
}

QString Units::name() const {
    return lengthName() + QStringLiteral(" · ") + speedName();
}

namespace text {

QString tip(const QString& plain) {
    // The toolkit looks for a tag or an entity; a character without width keeps them from being
    // one.
    const QChar nothing(0x200B);
    QString out = plain;
    out.replace(QLatin1Char('<'), QLatin1Char('<') + QString(nothing));
    out.replace(QLatin1Char('&'), QLatin1Char('&') + QString(nothing));
    return out;
}

QString fromUtf8(std::string_view utf8) {
    return QString::fromUtf8(utf8.data(), static_cast<qsizetype>(utf8.size()));
}

QString number(double value, int decimals) {
    const double scale = std::pow(10.0, decimals);
    const double rounded = std::round(value * scale) / scale;
    QString s = QLocale().toString(std::abs(rounded), 'f', decimals);
    if (rounded < 0) s.prepend(QChar(0x2212));
    return s;
}

void chooseLocale(const QLocale& locale) {
    QLocale chosen = locale;
    // Thousands are told by thin gaps where they are told at all; a typed one is a slip.
    chosen.setNumberOptions(QLocale::OmitGroupSeparator | QLocale::RejectGroupSeparator);
    QLocale::setDefault(chosen);
    // The toolkit has taken over the desktop's; what is written for other programs has a point.
    std::setlocale(LC_NUMERIC, "C");
}

QString signedNumber(double value, int decimals) {
    const QString said = number(value, decimals);
    return value > 0.0 && said != number(0.0, decimals) ? QLatin1Char('+') + said : said;
}

QString withUnit(const QString& number, const QString& unit) {
    const bool close = unit.isEmpty() || unit == QStringLiteral("°");
    return close ? number + unit : number + QChar(0xA0) + unit;
}

QString withSpread(double value, double below, double above, double factor, int decimals,
                   const QString& unit) {
    const auto say = [&](double si) { return number(si * factor, decimals); };
    if (!(below > 0.0) && !(above > 0.0)) return withUnit(say(value), unit);
    // Sides that people would not call the same.
    constexpr double lopsided = 1.3;
    const double least = std::min(below, above), most = std::max(below, above);
    const bool seen = (most - least) * factor >= 2.0 * std::pow(10.0, -decimals);
    if (most > lopsided * least && seen)
        return withUnit(
            UnitWords::tr("%1 (%2 to %3)").arg(say(value), say(value - below), say(value + above)),
            unit);
    return withUnit(say(value) + QStringLiteral(" ± ") + say(0.5 * (below + above)), unit);
}

QString degrees(double rad, int decimals) {
    return number(degFromRad(rad), decimals) + QStringLiteral("°");
}

QString sideDegrees(double rad) {
    const double deg = degFromRad(rad);
    if (std::abs(deg) < 0.05) return UnitWords::tr("straight");
    return number(std::abs(deg), 1) + QStringLiteral("° ") +
           (deg > 0 ? UnitWords::tr("right") : UnitWords::tr("left"));
}

QString sideLength(double m, const Units& units) {
    if (std::abs(m * units.lengthFactor()) < 0.05) return UnitWords::tr("on line");
    return units.length(std::abs(m), 1) + QStringLiteral(" ") +
           (m > 0 ? UnitWords::tr("right") : UnitWords::tr("left"));
}

QString toeClock(double clockwise_rad) {
    // An hour is 30 degrees, so two minutes a degree; told to five minutes as a person would.
    const int fives = static_cast<int>(std::lround(degFromRad(clockwise_rad) * 2 / 5));
    const int minutes = ((12 * 60 + 5 * fives) % 720 + 720) % 720;
    const int hour = minutes / 60;
    return QStringLiteral("%1:%2")
        .arg(hour == 0 ? 12 : hour)
        .arg(minutes % 60, 2, 10, QLatin1Char('0'));
}

QString attackDegrees(double rad) {
    const double deg = degFromRad(rad);
    if (std::abs(deg) < 0.05) return UnitWords::tr("level");
    return number(std::abs(deg), 1) + QStringLiteral("° ") +
           (deg > 0 ? UnitWords::tr("up") : UnitWords::tr("down"));
}

namespace {

/// To the ten, without a unit.
QString tensOf(double radps) {
    const int tens = static_cast<int>(std::lround(rpmFromRadps(radps) / 10.0)) * 10;
    QString digits = QString::number(tens);
    // A thin space between the thousands reads alike in every locale.
    if (digits.size() > 3) digits.insert(digits.size() - 3, QChar(0x2009));
    return digits;
}

}  // namespace

QString rpmName() {
    return UnitWords::tr("rpm");
}

QString rpm(double radps) {
    return UnitWords::tr("%1 rpm").arg(tensOf(radps));
}

QString rpm(double radps, double half_radps) {
    return UnitWords::tr("%1 ± %2 rpm").arg(tensOf(radps), tensOf(half_radps));
}

QString shots(qsizetype n) {
    return UnitWords::tr("%n shot(s)", nullptr, static_cast<int>(n));
}

QString ordinal(int n) {
    switch (n) {
        case 1:
            return UnitWords::tr("first");
        case 2:
            return UnitWords::tr("second");
        case 3:
            return UnitWords::tr("third");
        default:
            return UnitWords::tr("%1th").arg(n);
    }
}

}  // namespace text
}  // namespace wedgeon
