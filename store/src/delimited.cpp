// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The splitter.
#include "delimited.h"

#include <algorithm>
#include <array>
#include <map>

#include "text.h"
#include "wedgeon/store/error.h"

namespace wedgeon::store {

bool DelimitedRow::isBlank() const {
    return std::all_of(cells.begin(), cells.end(),
                       [](const std::string& c) { return text::trimmed(c).empty(); });
}

void DelimitedReader::readQuoted(std::string& cell) {
    const std::size_t started = line_;
    ++at_;
    for (;;) {
        if (at_ >= text_.size()) {
            throw StoreError(Fault::Malformed, {Says::QuoteUnclosed}, started);
        }
        const char c = text_[at_++];
        if (c == '"') {
            if (at_ < text_.size() && text_[at_] == '"') {
                ++at_;
            } else {
                return;
            }
        }
        if (c == '\n') ++line_;
        if (cell.size() >= mostCellBytes) {
            throw StoreError(Fault::Malformed, {Says::QuotedCellTooLong, mostCellBytes >> 10},
                             started);
        }
        cell.push_back(c);
    }
}

/// True when a delimiter follows, so that the row goes on.
bool DelimitedReader::readCell(std::string& cell) {
    std::size_t begin = at_;
    while (begin < text_.size() && text_[begin] == ' ')
        ++begin;
    if (begin < text_.size() && text_[begin] == '"') {
        at_ = begin;
        readQuoted(cell);
    }
    const std::size_t from = at_;
    const auto take = [&] {
        if (cell.size() + (at_ - from) > mostCellBytes)
            throw StoreError(Fault::Malformed, {Says::CellTooLong, mostCellBytes >> 10}, line_);
        cell.append(text_, from, at_ - from);
    };
    const std::size_t end = std::min(text_.size(), from + mostCellBytes + 1);
    for (; at_ < end; ++at_) {
        const char c = text_[at_];
        if (c != delimiter_ && c != '\n' && c != '\r') continue;
        take();
        ++at_;
        if (c == delimiter_) return true;
        if (c == '\r' && at_ < text_.size() && text_[at_] == '\n') ++at_;
        ++line_;
        return false;
    }
    take();
    return false;
}

bool DelimitedReader::next(DelimitedRow& row) {
    row.cells.clear();
    row.line = line_;
    if (at_ >= text_.size()) return false;
    bool more = true;
    while (more) {
        if (row.cells.size() >= mostCells) {
            throw StoreError(Fault::Malformed, {Says::TooManyCells, mostCells}, row.line);
        }
        more = readCell(row.cells.emplace_back());
    }
    return true;
}

char findDelimiter(std::string_view text) {
    // The rarer character first: it wins a tie, as a decimal comma may stand in every row.
    constexpr std::array candidates{';', '\t', ','};
    constexpr std::size_t mostLines = 30;
    std::array<std::map<std::size_t, std::size_t>, candidates.size()> linesWith;
    std::array<std::size_t, candidates.size()> count{};
    bool quoted = false;
    bool any = false;
    std::size_t lines = 0;
    const auto endLine = [&] {
        for (std::size_t k = 0; k < candidates.size(); ++k) {
            if (any && count[k] > 0) ++linesWith[k][count[k]];
        }
        lines += any ? 1 : 0;
        count.fill(0);
        any = false;
    };
    for (const char c : text.substr(0, std::min<std::size_t>(text.size(), 64u << 10))) {
        if (lines == mostLines) break;
        if (c == '"') quoted = !quoted;
        if (quoted) continue;
        if (c == '\n' || c == '\r') {
            endLine();
            continue;
        }
        any = true;
        for (std::size_t k = 0; k < candidates.size(); ++k)
            count[k] += c == candidates[k] ? 1 : 0;
    }
    endLine();
    // The one that splits most lines into equally many cells. A decimal comma stands in the cells
    // but not in the header; titles above the header have no delimiter at all.
    char best = ',';
    std::size_t bestLines = 0;
    for (std::size_t k = 0; k < candidates.size(); ++k) {
        for (const auto& [cells, n] : linesWith[k]) {
            if (n > bestLines) {
                bestLines = n;
                best = candidates[k];
            }
        }
    }
    return best;
}

}  // namespace wedgeon::store
