// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Numbers as the coach reads them: metric or yards, with unit and sign in words.
#pragma once

#include <QLocale>
#include <QString>
#include <string_view>

namespace wedgeon {

/// Of lengths and heights.
enum class UnitSystem { Metric, Yards };
/// Metres go with metres a second and yards with miles an hour, unless the coach wants it
/// otherwise.
enum class SpeedUnit { AsLengths, MetresPerSecond, MilesPerHour, KilometresPerHour };

/// Formats SI numbers in the chosen units. A value type: cheap to copy.
class Units {
public:
    explicit Units(UnitSystem system = UnitSystem::Metric, SpeedUnit speeds = SpeedUnit::AsLengths)
        : system_(system), speeds_(speeds) {}

    UnitSystem system() const { return system_; }
    bool operator==(const Units&) const = default;

    double lengthFactor() const;  ///< shown value of one metre
    double heightFactor() const;
    double speedFactor() const;
    QString lengthName() const;
    QString heightName() const;
    QString speedName() const;

    /// "38 yd"; one decimal below 20, none above, unless \p decimals says.
    QString length(double m, int decimals = -1) const;
    QString height(double m) const;
    QString speed(double mps) const;
    /// Both units, such as "yd · mph".
    QString name() const;

private:
    UnitSystem system_;
    SpeedUnit speeds_;
};

namespace text {

/// For a tooltip, which else takes what looks like mark-up in a name for mark-up.
QString tip(const QString& plain);
/// Text of the core and of files, which is UTF-8. Files' text is untrusted: show it as plain text.
QString fromUtf8(std::string_view utf8);
QString number(double value, int decimals);  ///< with a true minus sign; never "-0"
/// "+1.5", "−1.5", "0.0".
QString signedNumber(double value, int decimals);
/// In which numbers and dates are shown and typed from now on; once, when the program starts and
/// the application is there. Files, JSON and the logbook never follow it.
void chooseLocale(const QLocale& locale);
/// "5 rpm", "31.2°": a sign of degrees stands close, other units behind a space that does not
/// break.
QString withUnit(const QString& number, const QString& unit);
/// "2.9 ± 0.9 m"; where the two sides differ by much "2.9 (2.4 to 4.6) m"; without a spread "2.9
/// m". In SI, shown times \p factor.
QString withSpread(double value, double below, double above, double factor, int decimals,
                   const QString& unit);
QString degrees(double rad, int decimals = 1);     ///< "31.2°"
QString sideDegrees(double rad);                   ///< "2.1° left", "straight"
QString sideLength(double m, const Units& units);  ///< "3.9 m right", "on line"
/// The toe of an opened club as the hour that it points to, square being 12: "12:30". Positive is
/// clockwise, as a right-hander opens.
QString toeClock(double clockwise_rad);
QString attackDegrees(double rad);  ///< "5.0° down"
QString rpmName();
QString rpm(double radps);                     ///< "5 600 rpm", to the ten
QString rpm(double radps, double half_radps);  ///< "5 600 ± 320 rpm"
/// "1 shot", "180 shots".
QString shots(qsizetype n);
QString ordinal(int n);  ///< "first"

}  // namespace text
}  // namespace wedgeon
