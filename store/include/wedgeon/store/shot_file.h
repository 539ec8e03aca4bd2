// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
/// \file Reading a delimited file of shots from any device, and writing the product's own.
#pragma once

#include <cstddef>
#include <filesystem>
#include <functional>
#include <iosfwd>
#include <optional>
#include <span>
#include <stop_token>
#include <string>
#include <string_view>
#include <vector>

#include "wedgeon/store/message.h"
#include "wedgeon/store/shot_record.h"

namespace wedgeon::store {

/// What one column was taken for.
struct ColumnGuess {
    std::size_t column = 0;  ///< from 1
    std::string header;      ///< as in the file, bounded
    std::optional<Quantity> quantity;
    std::optional<Label> label;
    std::string unit;                  ///< in the product's spelling; empty for words
    std::optional<Message> note;       ///< why it is not read, or what was assumed
    std::vector<std::string> samples;  ///< the first few cells that are not blank, bounded
};

/// One cell that was not taken. The rest of its row was.
struct RefusedCell {
    std::size_t line = 0;    ///< in the file, from 1
    std::size_t column = 0;  ///< from 1; 0 when the whole row is meant
    std::string header;
    std::string text;  ///< what stands there, bounded
    Message reason;
};

/// What the coach says a column is, where the guess needs help. Neither quantity nor label: the
/// column is not read.
struct ColumnOverride {
    std::string header;      ///< compared without case
    std::size_t column = 0;  ///< from 1, where two have the same header; 0 for any
    std::optional<Quantity> quantity;
    std::optional<Label> label;
    std::string unit;  ///< of a quantity, as findUnit knows it

    bool operator==(const ColumnOverride&) const = default;
};
/// Parses "column=quantity[unit]", "column=words" (such as player) or "column=-" for one that is
/// not to be read. \throws StoreError Malformed.
ColumnOverride parseOverride(std::string_view text);

struct ImportOptions {
    std::size_t mostBytes = 512u << 20;
    std::size_t mostRefusalsListed = 10'000;
    std::vector<ColumnOverride> overrides;
    /// True for a player whose left and right the device tells from the player's own view, so that
    /// they have to be turned round. Called from the reading thread.
    std::function<bool(const std::string& player)> mirrored;
    std::function<void(double share)> progress;  ///< 0-1, from the reading thread
    /// Receives the shots in order, some thousands at a time, from the reading thread; then
    /// ImportResult::shots stays empty and a file need not fit in memory as shots.
    std::function<void(std::vector<ShotRecord>&&)> sink;
    std::stop_token stop;
    /// Whom a file's name, or its folder's, may name: whoever shots without a player are then.
    std::vector<std::string> players;
    std::string folder;  ///< that the file lies in; readShotFile knows it
};

/// What a file says besides its table.
struct FileSays {
    enum class By { Preamble, Name, Folder };
    std::string player, day;  ///< empty: nothing; a day as ISO 8601
    By playerBy = By::Name, dayBy = By::Name;
    bool usesPlayer = false, usesDay = false;  ///< shots did not say it themselves
    /// Days and months of the file's times could be either way round: they stay as they are.
    bool unclearDates = false;
};

/// How a file's text was written. Latin-1 is what is neither of the others.
enum class Coding { Utf8, Utf16, Latin1 };

struct ImportResult {
    std::vector<ShotRecord> shots;
    std::size_t shotCount = 0;
    std::vector<ColumnGuess> columns;
    std::vector<RefusedCell> refused;  ///< at most ImportOptions::mostRefusalsListed
    std::size_t refusedCount = 0;
    std::size_t rows = 0;  ///< below the header, blank lines left out
    char delimiter = ',';
    bool decimalComma = false;
    Coding coding = Coding::Utf8;
    /// Names the shape of the file: the same for every file with this header.
    std::string shape;
    /// The header is the product's own, word for word: nothing was guessed.
    bool ownHeader = false;
    FileSays says;
};

/// Reads comma, semicolon or tab separated text, UTF-8 or UTF-16 with or without a byte-order mark,
/// decimal point or comma, quoted cells, units in the cells, headers with units in brackets or in a
/// row of their own, columns in any order, times in any usual order of day, month and year. Keeps
/// what is good: a cell that cannot be a reading is refused and listed, its row stays as long as
/// one number is left in it. \throws StoreError: CannotOpen, Empty, TooLarge, NotText, Malformed,
/// NothingKnown, NoShot, Cancelled. Nothing is changed on failure.
ImportResult readShotFile(const std::filesystem::path& path, const ImportOptions& options = {});

/// What a file's columns would be taken for, with samples and without shots, from its first
/// megabyte. Also where too little is known to read it, as long as it looks like a table of
/// numbers: then the coach can say what the columns are. \throws StoreError as readShotFile.
ImportResult previewShotFile(const std::filesystem::path& path, const ImportOptions& options = {});

/// The same as readShotFile from memory. \p name is used in messages.
ImportResult readShotText(std::string_view text, const std::string& name,
                          const ImportOptions& options = {});

/// Writes the product's own CSV with units in the header. Each number has as many digits as bring
/// the same SI value back when it is read.
void writeShotsCsv(std::ostream& out, std::span<const ShotRecord> shots);

/// The same as JSON in SI units, exact; format in docs/formats.md.
void writeShotsJson(std::ostream& out, std::span<const ShotRecord> shots);
/// \throws StoreError Malformed naming shot and field; nothing is taken from a document with an
/// error.
std::vector<ShotRecord> readShotsJson(std::string_view json);

}  // namespace wedgeon::store
