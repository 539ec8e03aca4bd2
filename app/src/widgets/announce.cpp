// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Saying it.
#include "widgets/announce.h"

#include <QAccessible>

namespace wedgeon {

void announce(QWidget& speaker, const QString& sentence) {
    speaker.setAccessibleDescription(sentence);
    for (const auto what : {QAccessible::DescriptionChanged, QAccessible::Alert}) {
        QAccessibleEvent event(&speaker, what);
        QAccessible::updateAccessibility(&event);
    }
}

}  // namespace wedgeon
