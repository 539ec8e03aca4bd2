// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What time it is: the local day for people, UTC for records. Handed in wherever today is asked, so
// that a test can say it.
#pragma once

#include <QDateTime>
#include <cstdint>
#include <string>

namespace wedgeon {

class Clock {
public:
    virtual ~Clock() = default;
    /// Of any time zone. From any thread.
    virtual QDateTime now() const { return QDateTime::currentDateTimeUtc(); }

    QDateTime local() const { return now().toLocalTime(); }
    /// ISO 8601, where the person is.
    std::string today() const { return local().date().toString(Qt::ISODate).toStdString(); }
    /// ISO 8601 in UTC.
    std::string utc() const { return now().toUTC().toString(Qt::ISODate).toStdString(); }
    std::int64_t secondsSinceEpoch() const { return now().toSecsSinceEpoch(); }
    /// As a part of a file's name, different a moment later.
    QString stamp() const { return local().toString(QStringLiteral("yyyyMMdd-HHmmss-zzz")); }

    /// The machine's.
    static const Clock& machine() {
        static const Clock clock;
        return clock;
    }
};

}  // namespace wedgeon
