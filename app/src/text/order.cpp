// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Comparing.
#include "text/order.h"

#include <QCollator>
#include <QLocale>
#include <algorithm>

namespace wedgeon::text {
namespace {

QCollator collator() {
    QCollator out{QLocale()};
    out.setNumericMode(true);
    out.setCaseSensitivity(Qt::CaseInsensitive);
    return out;
}

}  // namespace

bool comesBefore(const QString& a, const QString& b) {
    return collator().compare(a, b) < 0;
}

QStringList inOrder(QStringList names) {
    const QCollator order = collator();
    std::sort(names.begin(), names.end(),
              [&](const QString& a, const QString& b) { return order.compare(a, b) < 0; });
    return names;
}

}  // namespace wedgeon::text
