// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file What core and store have to say, in sentences. They speak in codes and numbers; the
/// terminal says it in English as it stands here, the window by way of its translations.
#pragma once

#include <exception>
#include <string>

#include "wedgeon/store/error.h"
#include "wedgeon/tune/tune.h"

namespace wedgeon::words {

/// The context under which translations of these sentences are kept.
inline constexpr const char* context = "Words";

/// How one language says things. This one: English, and numbers as programs write them.
class Speaker {
public:
    virtual ~Speaker() = default;
    /// \p english in the language, its places (%1, %i) still in it.
    virtual std::string translated(const char* english) const;
    virtual std::string number(const store::Figure& figure) const;
};
const Speaker& english();

/// Part of a sentence, or one or more whole ones, as the code has it. Texts from outside are in it
/// as they came: plain text, never mark-up.
std::string said(const store::Message& message, const Speaker& speaker = english());
/// A whole sentence.
std::string said(const FitRemark& remark, const Speaker& speaker = english());
/// What the exceptions of core and store say; of any other, what it says itself.
std::string said(const std::exception& error, const Speaker& speaker = english());

/// In the middle of a sentence, to be translated in \ref context.
const char* englishOf(store::Quantity quantity);
std::string nameOf(store::Quantity quantity, const Speaker& speaker = english());
std::string nameOf(store::Dimension dimension, const Speaker& speaker = english());

}  // namespace wedgeon::words
