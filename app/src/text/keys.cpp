// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The words.
#include "text/keys.h"

#include <QCoreApplication>
#include <array>

#include "text/units.h"

namespace wedgeon::text {
namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("Keys", text);
}

constexpr std::array doubts{store::Doubt::Units,     store::Doubt::Energy, store::Doubt::Spin,
                            store::Doubt::Duplicate, store::Doubt::Frozen, store::Doubt::Estimated,
                            store::Doubt::Fat,       store::Doubt::Thin,   store::Doubt::OffCentre,
                            store::Doubt::Damaged,   store::Doubt::Outlier};

}  // namespace

QString doubt(store::Doubt doubt) {
    switch (doubt) {
        case store::Doubt::Units:
            return tr("unit?");
        case store::Doubt::Energy:
            return tr("too fast");
        case store::Doubt::Spin:
            return tr("spin?");
        case store::Doubt::Duplicate:
            return tr("twice");
        case store::Doubt::Frozen:
            return tr("frozen");
        case store::Doubt::Estimated:
            return tr("estimated");
        case store::Doubt::Fat:
            return tr("fat?");
        case store::Doubt::Thin:
            return tr("thin?");
        case store::Doubt::OffCentre:
            return tr("off centre?");
        case store::Doubt::Damaged:
            return tr("damaged");
        case store::Doubt::Outlier:
            return tr("outlier");
    }
    return {};
}

QString asideReason(std::string_view reason) {
    if (reason == store::coachKey) return tr("by the coach");
    for (const store::Doubt d : doubts) {
        if (reason == store::doubtKey(d)) return doubt(d);
    }
    return fromUtf8(reason);
}

const QStringList& strikeKeys() {
    static const QStringList keys{QStringLiteral("fat"), QStringLiteral("clean"),
                                  QStringLiteral("thin"), QStringLiteral("toe"),
                                  QStringLiteral("heel")};
    return keys;
}

QString strike(const QString& key) {
    const std::array words{tr("fat"), tr("clean"), tr("thin"), tr("toe"), tr("heel")};
    const auto at = strikeKeys().indexOf(key);
    return at < 0 ? key : words[static_cast<std::size_t>(at)];
}

}  // namespace wedgeon::text
