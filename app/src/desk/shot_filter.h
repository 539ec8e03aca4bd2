// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Which shots are shown: words and conditions that a coach types, all of which must hold.
//
//   runa lob            shots with these words among player, wedge, lie, tags and the rest
//   wedge:54 lie:lush   words of one kind only; "quoted words" stay together
//   spin>6000           a number in the units on screen; also <, >=, <= and carry=30..40
//   is:doubtful         also is:aside, is:counted
//   -is:aside           a minus turns any of them round
#pragma once

#include <QString>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "text/units.h"
#include "wedgeon/store/logbook.h"

namespace wedgeon {

class ShotFilter {
public:
    /// An empty filter lets everything through.
    ShotFilter() = default;
    /// \p error says in words what is not understood; the rest of the text is applied then.
    static ShotFilter parse(const QString& text, const Units& units, QString& error);

    bool isEmpty() const { return terms_.empty(); }
    bool needsDoubts() const;
    /// \p words: all of the shot's words in small letters, as addWords gives them.
    bool accepts(const store::LoggedShot& shot, std::string_view words, bool doubtful) const;

    /// Appends them to \p all.
    static void addWords(const store::ShotRecord& record, std::string& all);

private:
    struct Term {
        enum class Kind { Words, Label, Range, Doubtful, Aside } kind = Kind::Words;
        bool negated = false;
        std::string words;  ///< in small letters
        store::Label label = store::Label::Tags;
        store::Quantity quantity = store::Quantity::Carry;
        double low = 0.0, high = 0.0;  ///< SI
    };
    static std::optional<Term> parseTerm(QString token, const Units& units, QString& error);

    std::vector<Term> terms_;
};

}  // namespace wedgeon
