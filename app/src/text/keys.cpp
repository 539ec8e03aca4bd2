// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The words.
#include "text/keys.h"

#include <QCoreApplication>
#include <array>

#include "text/units.h"

namespace wedgeon::text {
namespace {

/// The context of its translations.
struct Keys {
    Q_DECLARE_TR_FUNCTIONS(Keys)
};

constexpr std::array doubts{store::Doubt::Units,     store::Doubt::Energy,  store::Doubt::Spin,
                            store::Doubt::Duplicate, store::Doubt::Frozen,  store::Doubt::Estimated,
                            store::Doubt::Fat,       store::Doubt::Thin,    store::Doubt::OffCentre,
                            store::Doubt::Damaged,   store::Doubt::Outlier, store::Doubt::Change};

}  // namespace

QString doubt(store::Doubt doubt) {
    switch (doubt) {
        case store::Doubt::Units:
            return Keys::tr("unit?");
        case store::Doubt::Energy:
            return Keys::tr("too fast");
        case store::Doubt::Spin:
            return Keys::tr("spin?");
        case store::Doubt::Duplicate:
            return Keys::tr("twice");
        case store::Doubt::Frozen:
            return Keys::tr("frozen");
        case store::Doubt::Estimated:
            return Keys::tr("estimated");
        case store::Doubt::Fat:
            return Keys::tr("fat?");
        case store::Doubt::Thin:
            return Keys::tr("thin?");
        case store::Doubt::OffCentre:
            return Keys::tr("off centre?");
        case store::Doubt::Damaged:
            return Keys::tr("damaged");
        case store::Doubt::Outlier:
            return Keys::tr("outlier");
        case store::Doubt::Change:
            return Keys::tr("another kind?");
    }
    return {};
}

QString asideReason(std::string_view reason) {
    if (reason == store::coachKey) return Keys::tr("by the coach");
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
    const std::array words{Keys::tr("fat"), Keys::tr("clean"), Keys::tr("thin"), Keys::tr("toe"),
                           Keys::tr("heel")};
    const auto at = strikeKeys().indexOf(key);
    return at < 0 ? key : words[static_cast<std::size_t>(at)];
}

}  // namespace wedgeon::text
