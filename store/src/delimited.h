// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Splits delimited text into rows of cells, with quotes (RFC 4180), bounded in every direction.
#pragma once

#include <cstddef>
#include <string>
#include <string_view>
#include <vector>

namespace wedgeon::store {

struct DelimitedRow {
    std::size_t line = 0;  ///< where it starts, from 1
    std::vector<std::string> cells;

    bool isBlank() const;
};

class DelimitedReader {
public:
    static constexpr std::size_t mostCells = 512;
    static constexpr std::size_t mostCellBytes = 64u << 10;

    DelimitedReader(std::string_view text, char delimiter) : text_(text), delimiter_(delimiter) {}

    /// Reads the next row into \p row; false at the end.
    /// \throws StoreError Malformed for an unclosed quote, too many cells or too long a cell.
    bool next(DelimitedRow& row);
    std::size_t position() const { return at_; }

private:
    bool readCell(std::string& cell);
    void readQuoted(std::string& cell);

    std::string_view text_;
    char delimiter_;
    std::size_t at_ = 0;
    std::size_t line_ = 1;
};

/// Comma, semicolon or tab: the one that splits the first lines most evenly.
char findDelimiter(std::string_view text);

}  // namespace wedgeon::store
