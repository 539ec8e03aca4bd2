// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From a delimited file to shots, keeping what is good and listing what is not.
#include "wedgeon/store/shot_file.h"

#include <algorithm>
#include <array>
#include <cstdio>
#include <fstream>
#include <stdexcept>

#include "column_guess.h"
#include "delimited.h"
#include "number.h"
#include "text.h"
#include "unit_guess.h"
#include "wedgeon/store/error.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t headerSearchRows = 10;
constexpr std::size_t mostLabelBytes = 400;
constexpr std::size_t batchShots = 4096;
constexpr int sampledRows = 400;

std::string megabytes(std::size_t bytes) {
    return std::to_string(bytes >> 20) + " MB";
}

/// What the first bytes give away; empty for text.
std::string findBinaryKind(std::string_view bytes) {
    struct Magic {
        std::string_view start, kind;
    };
    constexpr std::array magics{
        Magic{"\x89PNG", "a PNG picture"},
        Magic{"\xFF\xD8\xFF", "a JPEG picture"},
        Magic{"GIF8", "a GIF picture"},
        Magic{"%PDF", "a PDF document"},
        Magic{"PK\x03\x04", "a spreadsheet or zip archive; export it as CSV"},
        Magic{"SQLite format 3", "an SQLite database"},
        Magic{"\xFF\xFE", "UTF-16 text; save it as UTF-8"},
        Magic{"\xFE\xFF", "UTF-16 text; save it as UTF-8"},
    };
    for (const Magic& m : magics) {
        if (bytes.starts_with(m.start)) return std::string(m.kind);
    }
    const std::string_view head = bytes.substr(0, 64u << 10);
    const bool control = std::any_of(head.begin(), head.end(), [](char c) {
        return static_cast<unsigned char>(c) < 0x20 && !text::isBlank(c) && c != '\f' && c != '\v';
    });
    return control ? "binary data" : "";
}

std::string inQuotes(std::string_view s) {
    return "\"" + text::shown(s) + "\"";
}

std::string formatNumber(double value) {
    std::array<char, 32> buffer{};
    std::snprintf(buffer.data(), buffer.size(), "%.4g", value);
    return buffer.data();
}

/// Left and right as letters: "3.2 L", "R 4".
bool hasSide(Quantity q) {
    return q == Quantity::ClubPath || q == Quantity::FaceAngle || q == Quantity::LaunchDirection ||
           q == Quantity::SpinAxis || q == Quantity::Side;
}

/// Takes the letter or word off \p cell; -1 for left, 1 for right or none.
double takeSide(std::string_view& cell) {
    const std::string_view s = text::trimmed(cell);
    for (const auto& [word, sign] :
         {std::pair{std::string_view("left"), -1.0}, std::pair{std::string_view("right"), 1.0},
          std::pair{std::string_view("l"), -1.0}, std::pair{std::string_view("r"), 1.0}}) {
        if (s.size() <= word.size()) continue;
        if (text::equalNoCase(s.substr(s.size() - word.size()), word)) {
            cell = s.substr(0, s.size() - word.size());
            return sign;
        }
        if (text::equalNoCase(s.substr(0, word.size()), word)) {
            cell = s.substr(word.size());
            return sign;
        }
    }
    return 1.0;
}

/// Rows that devices put below or between shots.
bool isSummary(const DelimitedRow& row) {
    constexpr std::array words{"average",        "averages", "avg",       "avg.",    "mean",
                               "median",         "std",      "std. dev.", "std dev", "deviation",
                               "std. deviation", "min",      "max",       "sum",     "summary"};
    const auto first = std::find_if(row.cells.begin(), row.cells.end(),
                                    [](const auto& c) { return !text::trimmed(c).empty(); });
    if (first == row.cells.end() || !text::isLetter(text::trimmed(*first).front())) return false;
    return std::any_of(words.begin(), words.end(),
                       [&](const char* w) { return text::equalNoCase(text::trimmed(*first), w); });
}

/// One reading of one file.
class Import {
public:
    Import(std::string_view body, const std::string& name, const ImportOptions& options)
        : text_(body), name_(name), options_(options) {}

    ImportResult run() {
        result_.delimiter = findDelimiter(text_);
        findHeader();
        readRows();
        if (result_.shotCount == 0) {
            const std::string first =
                result_.refused.empty() ? ""
                                        : " First reason: " + result_.refused.front().reason + ".";
            throw StoreError(Fault::NoShot,
                             name_ + ": the columns are known, but no row holds a shot." + first);
        }
        return std::move(result_);
    }

private:
    struct Column {
        double factor = 1.0;
        bool number = false;
        bool pending = false;  ///< a speed or length whose unit the header does not give
    };

    [[noreturn]] void fail(Fault fault, const std::string& what, std::size_t line = 0) const {
        const std::string where = line ? ", line " + std::to_string(line) : "";
        throw StoreError(fault, name_ + where + ": " + what, line);
    }

    bool nextRow(DelimitedReader& reader, DelimitedRow& row) const {
        try {
            return reader.next(row);
        } catch (const StoreError& e) {
            fail(e.fault(), e.what(), e.line());
        }
    }

    static std::size_t countKnown(const DelimitedRow& row) {
        std::size_t known = 0;
        for (const std::string& cell : row.cells) {
            const ColumnGuess g = guessColumn(cell, 0);
            known += (g.quantity ? 2u : 0u) + (g.label ? 1u : 0u);
        }
        return known;
    }

    /// The row of the first ten that names most columns, and a row of units below it.
    void findHeader() {
        DelimitedReader reader(text_, result_.delimiter);
        std::vector<DelimitedRow> rows;
        DelimitedRow row;
        while (rows.size() < headerSearchRows && nextRow(reader, row)) {
            if (!row.isBlank()) rows.push_back(row);
        }
        std::size_t best = 0;
        std::size_t bestKnown = 0;
        for (std::size_t i = 0; i < rows.size(); ++i) {
            const std::size_t known = countKnown(rows[i]);
            if (known > bestKnown) {
                best = i;
                bestKnown = known;
            }
        }
        if (rows.empty()) fail(Fault::Empty, "holds only blank lines");
        if (bestKnown < 2 && options_.overrides.empty()) {
            fail(Fault::NothingKnown,
                 "no column is known here. The first line reads " +
                     inQuotes(rows.front().cells.front()) +
                     "; a header such as \"club_speed [mph]\", \"launch_angle [deg]\" is needed");
        }
        header_ = rows[best];
        for (std::size_t i = 0; i < best; ++i)
            refuseRow(rows[i], "stands above the header");
        const DelimitedRow* units = nullptr;
        if (best + 1 < rows.size() && isUnitRow(rows[best + 1])) units = &rows[best + 1];
        bodyFrom_ = units ? units->line : header_.line;
        guessColumns(units);
    }

    static std::string_view unitInCell(std::string_view cell) {
        std::string_view s = text::trimmed(cell);
        if (s.size() > 2 && (s.front() == '[' || s.front() == '(')) s = s.substr(1, s.size() - 2);
        return s;
    }

    static bool isUnitRow(const DelimitedRow& row) {
        std::size_t units = 0;
        for (const std::string& cell : row.cells) {
            const std::string_view s = unitInCell(cell);
            if (findUnit(s)) {
                ++units;
            } else if (parseNumber(s, false).state == ParsedNumber::State::Good) {
                return false;
            }
        }
        return units > 0;
    }

    void guessColumns(const DelimitedRow* units) {
        std::array<bool, quantityCount> taken{};
        std::array<bool, labelCount> labelTaken{};
        for (std::size_t i = 0; i < header_.cells.size(); ++i) {
            ColumnGuess g = guessColumn(header_.cells[i], i + 1);
            bool pending = false;
            if (const ColumnOverride* said = findOverride(header_.cells[i])) {
                g.quantity = said->quantity;
                g.label.reset();
                g.unit = said->unit.name;
                g.note = "as you said";
            } else {
                std::string_view unit = splitHeader(header_.cells[i]).unit;
                if (unit.empty() && units && i < units->cells.size())
                    unit = unitInCell(units->cells[i]);
                pending = !finishGuess(g, unit);
            }
            if (g.quantity) {
                bool& used = taken[static_cast<std::size_t>(*g.quantity)];
                if (used) {
                    pending = false;
                    g.note =
                        "a second column of " + std::string(info(*g.quantity).text) + "; not read";
                    g.quantity.reset();
                } else {
                    used = true;
                }
            }
            if (g.label) {
                bool& used = labelTaken[static_cast<std::size_t>(*g.label)];
                if (used) {
                    g.note = "a second column of this kind; not read";
                    g.label.reset();
                }
                used = true;
            }
            Column c;
            if (g.quantity) {
                c.number = true;
                c.pending = pending;
                if (!pending) c.factor = findUnit(g.unit)->factor;
            }
            columns_.push_back(c);
            result_.columns.push_back(std::move(g));
        }
    }

    /// Units that the header does not give, by the numbers of the first rows; what stays without
    /// one is not read. Also refuses columns whose numbers cannot be what the header says.
    void settleUnits() {
        const std::vector<std::vector<double>> sample = sampleNumbers();
        std::vector<TypicalValue> typical;
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            ColumnGuess& g = result_.columns[i];
            if (!g.quantity || sample[i].empty()) continue;
            std::vector<double> values = sample[i];
            const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
            std::nth_element(values.begin(), middle, values.end());
            if (!columns_[i].pending) {
                const std::string why = findImpossible(*g.quantity, *middle * columns_[i].factor);
                if (!why.empty()) {
                    g.note = "looks like " + std::string(info(*g.quantity).text) + ", but " + why;
                    giveUp(i);
                    continue;
                }
            }
            typical.push_back(
                {*g.quantity, *middle, columns_[i].pending ? std::nullopt : findUnit(g.unit)});
        }
        const UnitGuess guess = guessUnits(typical);
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            ColumnGuess& g = result_.columns[i];
            if (!columns_[i].pending) continue;
            const auto& unit =
                info(*g.quantity).dimension == Dimension::Speed ? guess.speed : guess.length;
            if (unit) {
                g.unit = unit->name;
                g.note = "no unit given; taken as " + g.unit + ", " + guess.why;
                columns_[i].factor = unit->factor;
                columns_[i].pending = false;
            } else {
                refuseUnitless(g);
                giveUp(i);
            }
        }
        requireKnown();
    }

    void giveUp(std::size_t i) {
        result_.columns[i].quantity.reset();
        columns_[i] = {};
    }

    /// The numbers of the first rows, column by column, as they stand there.
    std::vector<std::vector<double>> sampleNumbers() const {
        std::vector<std::vector<double>> out(columns_.size());
        DelimitedReader reader(text_, result_.delimiter);
        DelimitedRow row;
        for (int n = 0; n < sampledRows && nextRow(reader, row); ++n) {
            if (row.line <= bodyFrom_) continue;
            for (std::size_t i = 0; i < std::min(row.cells.size(), columns_.size()); ++i) {
                if (!columns_[i].number) continue;
                const ParsedNumber p = parseNumber(row.cells[i], result_.decimalComma);
                if (p.state == ParsedNumber::State::Good)
                    out[i].push_back(static_cast<double>(p.value));
            }
        }
        return out;
    }

    void requireKnown() const {
        const bool known =
            std::any_of(columns_.begin(), columns_.end(), [](const Column& c) { return c.number; });
        if (!known) {
            std::string why;
            for (const ColumnGuess& g : result_.columns) {
                if (!g.note.empty() && g.note.starts_with("looks")) {
                    why = "; column " + inQuotes(g.header) + " " + g.note;
                    break;
                }
            }
            fail(Fault::NothingKnown, "no column of measured numbers is known here" + why,
                 header_.line);
        }
    }

    const ColumnOverride* findOverride(std::string_view header) const {
        const std::string_view wanted = text::trimmed(header);
        for (const ColumnOverride& o : options_.overrides) {
            if (text::equalNoCase(o.header, wanted)) return &o;
        }
        return nullptr;
    }

    void refuse(RefusedCell cell) {
        ++result_.refusedCount;
        if (result_.refused.size() < options_.mostRefusalsListed) {
            result_.refused.push_back(std::move(cell));
        }
    }

    void refuseRow(const DelimitedRow& row, std::string reason) {
        const auto filled = std::find_if(row.cells.begin(), row.cells.end(),
                                         [](const auto& c) { return !text::trimmed(c).empty(); });
        refuse({row.line, 0, "", filled == row.cells.end() ? "" : text::shown(*filled),
                std::move(reason)});
    }

    void refuseCell(const DelimitedRow& row, std::size_t i, std::string reason) {
        const std::string header = i < result_.columns.size() ? result_.columns[i].header : "";
        refuse({row.line, i + 1, header, text::shown(row.cells[i]), std::move(reason)});
    }

    /// Decimal comma or point, by the cells of the first rows that only one of them explains.
    void findDecimalMark() {
        if (result_.delimiter == ',') {
            // In a comma separated file a decimal comma can only stand in quotes.
            if (text_.find('"') == std::string_view::npos) return;
        }
        DelimitedReader reader(text_, result_.delimiter);
        DelimitedRow row;
        int comma = 0;
        int point = 0;
        for (int n = 0; n < sampledRows && nextRow(reader, row); ++n) {
            for (std::size_t i = 0; i < std::min(row.cells.size(), columns_.size()); ++i) {
                if (!columns_[i].number) continue;
                comma += looksDecimalComma(row.cells[i]) ? 1 : 0;
                point += looksDecimalPoint(row.cells[i]) ? 1 : 0;
            }
        }
        result_.decimalComma = comma > point;
    }

    void readRows() {
        findDecimalMark();
        settleUnits();
        DelimitedReader reader(text_, result_.delimiter);
        DelimitedRow row;
        while (nextRow(reader, row)) {
            if (row.line <= bodyFrom_ || row.isBlank()) continue;
            if ((result_.rows++ & 0x3FF) == 0) {
                if (options_.stop.stop_requested())
                    fail(Fault::Cancelled, "stopped; nothing was taken");
                if (options_.progress) {
                    options_.progress(static_cast<double>(reader.position()) /
                                      static_cast<double>(text_.size()));
                }
            }
            readRow(row);
        }
        if (options_.sink && !result_.shots.empty()) handOn();
    }

    bool repeatsHeader(const DelimitedRow& row) const {
        // A number in a column of numbers: no header, and no need to compare every cell.
        for (std::size_t i = 0; i < std::min(row.cells.size(), columns_.size()); ++i) {
            if (columns_[i].number && !row.cells[i].empty() && text::isDigit(row.cells[i].front()))
                return false;
        }
        std::size_t same = 0;
        for (std::size_t i = 0; i < std::min(row.cells.size(), header_.cells.size()); ++i) {
            const std::string_view cell = text::trimmed(row.cells[i]);
            same +=
                !cell.empty() && text::equalNoCase(cell, text::trimmed(header_.cells[i])) ? 1u : 0u;
        }
        return same * 2 > header_.cells.size();
    }

    void readRow(const DelimitedRow& row) {
        if (repeatsHeader(row)) return refuseRow(row, "a second header row");
        if (isSummary(row)) return refuseRow(row, "a summary of the rows, not a shot");
        ShotRecord shot;
        bool measured = false;
        std::size_t bad = 0;
        std::vector<RefusedCell> held;
        for (std::size_t i = 0; i < row.cells.size(); ++i) {
            if (i >= columns_.size()) {
                if (!text::trimmed(row.cells[i]).empty()) {
                    refuseCell(row, i, "stands beyond the last column of the header");
                }
                continue;
            }
            const ColumnGuess& guess = result_.columns[i];
            if (guess.label) {
                const std::string_view words = text::trimmed(row.cells[i]);
                if (words.size() > mostLabelBytes) {
                    refuseCell(row, i, "is longer than 400 characters");
                } else {
                    shot[*guess.label] = words;
                }
            } else if (guess.quantity) {
                const auto value = readNumber(row, i, held);
                if (value) {
                    shot[*guess.quantity] = *value;
                    measured = measured || *guess.quantity != Quantity::Loft;
                }
                bad += held.size();
            }
        }
        if (!measured && bad > 2 && allTextual(held)) {
            // A second row of names: one line says it better than one for each of its cells.
            return refuseRow(row, "no number in it; a second header or a footer?");
        }
        for (RefusedCell& cell : held)
            refuse(std::move(cell));
        if (!measured) {
            if (held.empty()) refuseRow(row, "no measured number in it");
            return;
        }
        result_.shots.push_back(std::move(shot));
        ++result_.shotCount;
        if (options_.sink && result_.shots.size() >= batchShots) handOn();
    }

    void handOn() {
        options_.sink(std::move(result_.shots));
        result_.shots = {};
        result_.shots.reserve(batchShots);
    }

    static bool allTextual(const std::vector<RefusedCell>& cells) {
        return std::all_of(cells.begin(), cells.end(),
                           [](const RefusedCell& c) { return c.reason == "is not a number"; });
    }

    std::optional<double> readNumber(const DelimitedRow& row, std::size_t i,
                                     std::vector<RefusedCell>& held) const {
        const ColumnGuess& guess = result_.columns[i];
        std::string_view cell = row.cells[i];
        const double side = hasSide(*guess.quantity) ? takeSide(cell) : 1.0;
        const ParsedNumber parsed = parseNumber(cell, result_.decimalComma);
        if (parsed.state == ParsedNumber::State::Blank) return std::nullopt;
        const auto hold = [&](std::string reason) {
            held.push_back(
                {row.line, i + 1, guess.header, text::shown(row.cells[i]), std::move(reason)});
            return std::nullopt;
        };
        if (parsed.state == ParsedNumber::State::Bad) return hold(std::string(parsed.reason));
        const QuantityInfo& q = info(*guess.quantity);
        const auto value = side * static_cast<double>(parsed.value * columns_[i].factor);
        if (value < q.low || value > q.high) {
            return hold("is outside what a " + std::string(q.text) +
                        " can be: " + formatNumber(q.low / columns_[i].factor) + " to " +
                        formatNumber(q.high / columns_[i].factor) + " " + guess.unit);
        }
        return value;
    }

    std::string_view text_;
    const std::string& name_;
    const ImportOptions& options_;
    DelimitedRow header_;
    std::size_t bodyFrom_ = 0;
    std::vector<Column> columns_;
    ImportResult result_;
};

}  // namespace

ColumnOverride parseOverride(std::string_view said) {
    const std::size_t equals = said.rfind('=');
    const std::size_t open = said.rfind('[');
    if (equals == std::string_view::npos || open == std::string_view::npos || open < equals ||
        !said.ends_with(']')) {
        throw std::invalid_argument("\"" + text::shown(said) +
                                    "\" is not of the form column=quantity[unit]");
    }
    const std::string_view key = text::trimmed(said.substr(equals + 1, open - equals - 1));
    const std::string_view unitText = said.substr(open + 1, said.size() - open - 2);
    for (std::size_t i = 0; i < quantityCount; ++i) {
        const QuantityInfo& q = info(static_cast<Quantity>(i));
        if (q.key != key) continue;
        const auto unit = findUnit(unitText);
        if (!unit || unit->dimension != q.dimension) {
            throw std::invalid_argument("\"" + text::shown(unitText, 16) + "\" is not a unit of " +
                                        std::string(dimensionName(q.dimension)));
        }
        return {std::string(text::trimmed(said.substr(0, equals))), q.quantity, *unit};
    }
    throw std::invalid_argument("\"" + text::shown(key) + "\" is not a quantity");
}

ImportResult readShotText(std::string_view body, const std::string& name,
                          const ImportOptions& options) {
    if (body.starts_with("\xEF\xBB\xBF")) body.remove_prefix(3);
    if (text::trimmed(body.substr(0, 4096)).empty() && text::trimmed(body).empty()) {
        throw StoreError(Fault::Empty, name + " is empty");
    }
    if (body.size() > options.mostBytes) {
        throw StoreError(Fault::TooLarge, name + " is " + megabytes(body.size()) +
                                              "; files up to " + megabytes(options.mostBytes) +
                                              " are read");
    }
    if (const std::string kind = findBinaryKind(body); !kind.empty()) {
        throw StoreError(Fault::NotText, name + " is not delimited text: it looks like " + kind);
    }
    if (text::isUtf8(body)) return Import(body, name, options).run();
    const std::string converted = text::utf8FromLatin1(body);
    ImportResult result = Import(converted, name, options).run();
    result.latin1 = true;
    return result;
}

ImportResult readShotFile(const std::filesystem::path& path, const ImportOptions& options) {
    const std::string name = path.filename().string();
    std::error_code error;
    if (!std::filesystem::exists(path, error)) {
        throw StoreError(Fault::CannotOpen, name + " does not exist");
    }
    if (!std::filesystem::is_regular_file(path, error)) {
        throw StoreError(Fault::CannotOpen, name + " is not a file");
    }
    const std::uintmax_t size = std::filesystem::file_size(path, error);
    if (error) throw StoreError(Fault::CannotOpen, name + ": " + error.message());
    if (size > options.mostBytes) {
        throw StoreError(Fault::TooLarge,
                         name + " is " + megabytes(static_cast<std::size_t>(size)) +
                             "; files up to " + megabytes(options.mostBytes) + " are read");
    }
    std::ifstream in(path, std::ios::binary);
    if (!in) throw StoreError(Fault::CannotOpen, name + " cannot be opened for reading");
    std::string body(static_cast<std::size_t>(size), '\0');
    in.read(body.data(), static_cast<std::streamsize>(size));
    body.resize(static_cast<std::size_t>(std::max<std::streamsize>(in.gcount(), 0)));
    if (in.bad()) throw StoreError(Fault::CannotOpen, name + " could not be read to its end");
    return readShotText(body, name, options);
}

}  // namespace wedgeon::store
