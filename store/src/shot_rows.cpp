// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Finding the header, settling what the columns are, and reading the rows.
#include "shot_rows.h"

#include <algorithm>
#include <array>
#include <cstdio>
#include <limits>

#include "cell.h"
#include "column_guess.h"
#include "decimal_mark.h"
#include "delimited.h"
#include "summary_rows.h"
#include "text.h"
#include "unit_guess.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/sightings.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t headerSearchRows = 10;
constexpr std::size_t mostLabelBytes = 400;
constexpr std::size_t mostDocumentBytes = 2000;
constexpr std::size_t batchShots = 4096;
constexpr int sampledRows = 400;
constexpr std::size_t samplesShown = 3;

/// One reading of one file.
class Import {
public:
    Import(std::string_view body, const std::string& name, const ImportOptions& options)
        : text_(body), name_(name), options_(options) {}

    /// Columns and samples only; what is not known is left to a person.
    ImportResult preview() {
        previewing_ = true;
        result_.delimiter = findDelimiter(text_);
        findHeader();
        findDecimalMark();
        settleUnits();
        return std::move(result_);
    }

    ImportResult run() {
        result_.delimiter = findDelimiter(text_);
        findHeader();
        findDecimalMark();
        settleUnits();
        readRows();
        if (result_.shotCount == 0) {
            fail(Fault::NoShot, firstReason());
        }
        return std::move(result_);
    }

private:
    struct Column {
        double factor = 1.0;
        bool number = false;
        bool pending = false;  ///< a speed or length whose unit the header does not give
        bool decimalComma = false;
    };
    /// The first rows of one column, as they stand there.
    struct Sample {
        std::vector<double> values;
        std::size_t filled = 0;    ///< cells that are not blank, numbers or not
        std::optional<Unit> unit;  ///< behind every number that has one
        bool manyUnits = false;    ///< not the same behind all
    };

    [[noreturn]] void fail(Fault fault, const Message& what, std::size_t line = 0) const {
        if (line) throw StoreError(fault, {Says::InFileLine, name_, line, what}, line);
        throw StoreError(fault, {Says::InFile, name_, what});
    }

    bool nextRow(DelimitedReader& reader, DelimitedRow& row) const {
        try {
            return reader.next(row);
        } catch (const StoreError& e) {
            fail(e.fault(), e.message(), e.line());
        }
    }

    /// The first cell or row below the header that was not taken, with its own reason.
    Message firstReason() const {
        for (const RefusedCell& c : result_.refused) {
            if (c.line <= bodyFrom_) continue;
            if (c.column == 0) return {Says::NoShotRow, c.line, c.text, c.reason};
            return {Says::NoShotCell, c.line, c.column, c.header, c.text, c.reason};
        }
        return Says::NoShot;
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
        if (rows.empty()) fail(Fault::Empty, Says::BlankLines);
        const bool askable = previewing_ && rows[best].cells.size() > 2;
        if (bestKnown < 2 && options_.overrides.empty() && !askable) {
            fail(Fault::NothingKnown,
                 {Says::NoColumnKnown, text::shown(rows.front().cells.front())});
        }
        header_ = rows[best];
        for (std::size_t i = 0; i < best; ++i)
            refuse({rows[i].line, 0, "", text::shown(joined(rows[i]), 120), Says::AboveHeader});
        const DelimitedRow* units = nullptr;
        if (best + 1 < rows.size() && isUnitRow(rows[best + 1])) units = &rows[best + 1];
        bodyFrom_ = units ? units->line : header_.line;
        result_.shape = shapeOf(header_, units);
        guessColumns(units);
        result_.ownHeader = std::all_of(result_.columns.begin(), result_.columns.end(),
                                        [](const ColumnGuess& g) { return isOwn(g); });
    }

    /// Spelt as the product spells it, so that there was nothing to guess.
    static bool isOwn(const ColumnGuess& g) {
        if (g.label) return g.header == labelKey(*g.label);
        return g.quantity && g.header == std::string(info(*g.quantity).key) + " [" + g.unit + "]";
    }

    static std::string joined(const DelimitedRow& row) {
        std::string all;
        for (const std::string& cell : row.cells) {
            all += all.empty() ? "" : ",";
            all += text::trimmed(cell);
        }
        return all;
    }

    /// FNV-1a over the cells of the header and of the units below it.
    std::string shapeOf(const DelimitedRow& header, const DelimitedRow* units) const {
        std::uint64_t h = 14695981039346656037u;
        for (const DelimitedRow* row : {&header, units}) {
            if (!row) continue;
            for (const char c : joined(*row) + "\n")
                h = (h ^ static_cast<unsigned char>(c)) * 1099511628211u;
        }
        std::array<char, 20> hex{};
        std::snprintf(hex.data(), hex.size(), "%016llx", static_cast<unsigned long long>(h));
        return hex.data();
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
        std::array<bool, allQuantityCount> taken{};
        std::array<bool, labelCount> labelTaken{};
        for (std::size_t i = 0; i < header_.cells.size(); ++i) {
            ColumnGuess g = guessColumn(header_.cells[i], i + 1);
            bool pending = false;
            if (const ColumnOverride* said = findOverride(header_.cells[i], i + 1)) {
                g.quantity = said->quantity;
                g.label = said->label;
                g.unit = said->unit;
                g.note = said->quantity || said->label ? Says::AsSaid : Says::NotToBeRead;
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
                    g.note = {Says::SecondOfQuantity, *g.quantity};
                    g.quantity.reset();
                } else {
                    used = true;
                }
            }
            if (g.label) {
                bool& used = labelTaken[static_cast<std::size_t>(*g.label)];
                if (used) {
                    g.note = Says::SecondOfKind;
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
        const auto has = [&](Quantity q) { return taken[static_cast<std::size_t>(q)]; };
        if (!has(Quantity::FaceToPath) || has(Quantity::FaceAngle) || has(Quantity::ClubPath))
            return;
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            ColumnGuess& g = result_.columns[i];
            if (g.quantity != Quantity::FaceToPath) continue;
            g.note = Says::FaceToPathAlone;
            giveUp(i);
        }
    }

    /// Units that the header does not give, by the numbers of the first rows; what stays without
    /// one is not read. Also refuses columns whose numbers cannot be what the header says.
    void settleUnits() {
        const std::vector<Sample> sample = sampleNumbers();
        std::vector<TypicalValue> typical;
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            ColumnGuess& g = result_.columns[i];
            if (!g.quantity) continue;
            // Shortened words may be another word's.
            if (g.note && g.note->says == Says::ShortWords && sample[i].filled > 2 &&
                2 * sample[i].values.size() < sample[i].filled &&
                !findOverride(header_.cells[i], i + 1)) {
                g.note = {Says::LooksLikeBut, *g.quantity, Message(Says::MostlyNoNumbers)};
                giveUp(i);
                continue;
            }
            if (sample[i].values.empty()) continue;
            if (columns_[i].pending && sample[i].unit && !sample[i].manyUnits) {
                g.unit = sample[i].unit->name;
                g.note = {Says::UnitInCells, g.unit};
                columns_[i].factor = sample[i].unit->factor;
                columns_[i].pending = false;
            }
            std::vector<double> values = sample[i].values;
            const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
            std::nth_element(values.begin(), middle, values.end());
            if (!columns_[i].pending) {
                const auto why = findImpossible(*g.quantity, *middle * columns_[i].factor);
                if (why && !findOverride(header_.cells[i], i + 1)) {
                    g.note = {Says::LooksLikeBut, *g.quantity, *why};
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
            const auto& unit = info(*g.quantity).dimension == Dimension::Speed ? guess.speed
                               : g.quantity == Quantity::Apex && guess.speed   ? guess.height
                                                                               : guess.length;
            if (unit) {
                g.unit = unit->name;
                g.note = {Says::TakenAsBecause, g.unit, *guess.why};
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
    std::vector<Sample> sampleNumbers() {
        std::vector<Sample> out(columns_.size());
        DelimitedReader reader(text_, result_.delimiter);
        DelimitedRow row;
        for (int n = 0; n < sampledRows && nextRow(reader, row); ++n) {
            if (row.line <= bodyFrom_) continue;
            for (std::size_t i = 0; i < std::min(row.cells.size(), columns_.size()); ++i) {
                auto& samples = result_.columns[i].samples;
                if (samples.size() < samplesShown && !text::trimmed(row.cells[i]).empty())
                    samples.push_back(text::shown(text::trimmed(row.cells[i]), 24));
                if (!columns_[i].number) continue;
                const CellReading read = reading(row.cells[i], i);
                if (read.number.state == ParsedNumber::State::Blank) continue;
                Sample& sample = out[i];
                ++sample.filled;
                if (read.number.state != ParsedNumber::State::Good) continue;
                sample.values.push_back(static_cast<double>(read.number.value));
                if (!read.unit) continue;
                sample.manyUnits =
                    sample.manyUnits || (sample.unit && sample.unit->name != read.unit->name);
                sample.unit = read.unit;
            }
        }
        return out;
    }

    /// A number column's cell.
    CellReading reading(std::string_view cell, std::size_t column) const {
        return readCell(cell, columns_[column].decimalComma,
                        info(*result_.columns[column].quantity));
    }

    void requireKnown() const {
        const bool known =
            std::any_of(columns_.begin(), columns_.end(), [](const Column& c) { return c.number; });
        if (!known && !(previewing_ && looksLikeTable())) {
            for (const ColumnGuess& g : result_.columns) {
                if (g.note && g.note->says == Says::LooksLikeBut)
                    fail(Fault::NothingKnown, {Says::NothingMeasuredKnownBut, g.header, *g.note},
                         header_.line);
            }
            fail(Fault::NothingKnown, Says::NothingMeasuredKnown, header_.line);
        }
    }

    /// Two columns of numbers: worth asking a person about.
    bool looksLikeTable() const {
        return std::count_if(
                   result_.columns.begin(), result_.columns.end(), [this](const ColumnGuess& g) {
                       return !g.samples.empty() &&
                              parseNumber(takeUnit(g.samples.front()).number, result_.decimalComma)
                                      .state == ParsedNumber::State::Good;
                   }) >= 2;
    }

    const ColumnOverride* findOverride(std::string_view header, std::size_t column) const {
        const std::string_view wanted = text::trimmed(header);
        for (const ColumnOverride& o : options_.overrides) {
            if (text::equalNoCase(o.header, wanted) && (o.column == 0 || o.column == column))
                return &o;
        }
        return nullptr;
    }

    void refuse(RefusedCell cell) {
        ++result_.refusedCount;
        if (result_.refused.size() < options_.mostRefusalsListed) {
            result_.refused.push_back(std::move(cell));
        }
    }

    void refuseRow(const DelimitedRow& row, Message reason) {
        const auto filled = std::find_if(row.cells.begin(), row.cells.end(),
                                         [](const auto& c) { return !text::trimmed(c).empty(); });
        refuse({row.line, 0, "", filled == row.cells.end() ? "" : text::shown(*filled),
                std::move(reason)});
    }

    void refuseCell(const DelimitedRow& row, std::size_t i, Message reason) {
        const std::string header = i < result_.columns.size() ? result_.columns[i].header : "";
        refuse({row.line, i + 1, header, text::shown(row.cells[i]), std::move(reason)});
    }

    void findDecimalMark() {
        DecimalMarks marks(columns_.size());
        DelimitedReader reader(text_, result_.delimiter);
        DelimitedRow row;
        for (int n = 0; n < sampledRows && nextRow(reader, row); ++n) {
            if (row.line <= bodyFrom_) continue;
            for (std::size_t i = 0; i < std::min(row.cells.size(), columns_.size()); ++i) {
                if (columns_[i].number) marks.see(i, *result_.columns[i].quantity, row.cells[i]);
            }
        }
        result_.decimalComma = marks.isComma(result_.delimiter);
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            Column& c = columns_[i];
            c.decimalComma = result_.decimalComma;
            if (!c.number ||
                !marks.isOtherWay(i, *result_.columns[i].quantity, c.factor, result_.decimalComma))
                continue;
            c.decimalComma = !c.decimalComma;
            result_.columns[i].note = c.decimalComma ? Says::CommaIsDecimal : Says::PointIsDecimal;
        }
    }

    void readRows() {
        sums_.begin(columns_.size());
        DelimitedReader reader(text_, result_.delimiter);
        DelimitedRow row;
        while (nextRow(reader, row)) {
            if (row.line <= bodyFrom_ || row.isBlank()) continue;
            if ((result_.rows++ & 0x3FF) == 0) {
                if (options_.stop.stop_requested()) fail(Fault::Cancelled, Says::Stopped);
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

    /// A player, a wedge or a note may be called Max, Min, Mean or Average. In a column of words
    /// that is a summary where the shot before has other words and this row has none; where no shot
    /// has any, where its numbers sum up the shots.
    bool isSummary(const DelimitedRow& row) const {
        const auto at = findSummaryWord(row);
        if (!at) return false;
        const bool named = *at < columns_.size() && result_.columns[*at].label;
        const std::string_view word = text::trimmed(row.cells[*at]);
        if (!named || !isAlsoAName(word)) return true;
        if (wordsBefore_) return !hasOtherWords(row, *at);
        std::vector<double> numbers(columns_.size(), std::numeric_limits<double>::quiet_NaN());
        for (std::size_t i = 0; i < std::min(row.cells.size(), columns_.size()); ++i) {
            if (!columns_[i].number) continue;
            const ParsedNumber n = reading(row.cells[i], i).number;
            if (n.state == ParsedNumber::State::Good) numbers[i] = static_cast<double>(n.value);
        }
        return sums_.match(word, numbers);
    }
    /// Beside the player's name and what stands in \p except.
    bool hasOtherWords(const DelimitedRow& row, std::size_t except) const {
        for (std::size_t i = 0; i < std::min(row.cells.size(), columns_.size()); ++i) {
            const auto& label = result_.columns[i].label;
            if (i != except && label && *label != Label::Player &&
                !text::trimmed(row.cells[i]).empty())
                return true;
        }
        return false;
    }

    void readRow(const DelimitedRow& row) {
        if (repeatsHeader(row)) return refuseRow(row, Says::SecondHeader);
        if (isSummary(row)) {
            sums_.close();
            return refuseRow(row, Says::SummaryRow);
        }
        wordsBefore_ = hasOtherWords(row, columns_.size());
        ShotRecord shot;
        bool measured = false;
        std::optional<std::size_t> faceToPath;  // its column
        double faceToPath_rad = 0.0;
        std::vector<RefusedCell> held;
        for (std::size_t i = 0; i < row.cells.size(); ++i) {
            if (i >= columns_.size()) {
                if (!text::trimmed(row.cells[i]).empty()) {
                    refuseCell(row, i, Says::BeyondHeader);
                }
                continue;
            }
            const ColumnGuess& guess = result_.columns[i];
            if (guess.label) {
                std::string_view words = text::trimmed(row.cells[i]);
                if (words.starts_with('\'') && text::looksLikeFormula(words))
                    words.remove_prefix(1);
                const bool document = *guess.label == Label::Recipe || *guess.label == Label::Seen;
                const std::size_t most = document ? mostDocumentBytes : mostLabelBytes;
                if (words.size() > most) {
                    refuseCell(row, i, {Says::TextTooLong, most});
                } else {
                    shot[*guess.label] = pool_.of(static_cast<std::size_t>(*guess.label), words);
                }
            } else if (guess.quantity) {
                const auto value = readNumber(row, i, held);
                if (value && *guess.quantity == Quantity::FaceToPath) {
                    faceToPath = i;
                    faceToPath_rad = *value;
                } else if (value) {
                    shot[*guess.quantity] = *value;
                    measured = measured || *guess.quantity != Quantity::Loft;
                }
            }
        }
        if (faceToPath && !shot.takeFaceToPath(faceToPath_rad))
            held.push_back({row.line, *faceToPath + 1, result_.columns[*faceToPath].header,
                            text::shown(row.cells[*faceToPath]), Says::FaceToPathDiffers});
        measured = measured || findSighting(shot);
        if (!measured && held.size() > 2 && allTextual(held)) {
            // A second row of names: one line says it better than one for each of its cells.
            return refuseRow(row, Says::NoNumberInRow);
        }
        for (RefusedCell& cell : held)
            refuse(std::move(cell));
        if (!measured) {
            if (held.empty()) refuseRow(row, Says::NothingMeasured);
            return;
        }
        if (options_.mirrored && options_.mirrored(shot[Label::Player])) {
            for (std::size_t q = 0; q < quantityCount; ++q) {
                if (info(static_cast<Quantity>(q)).sided) shot.values[q] = -shot.values[q];
            }
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
                           [](const RefusedCell& c) { return c.reason.says == Says::NotANumber; });
    }

    std::optional<double> readNumber(const DelimitedRow& row, std::size_t i,
                                     std::vector<RefusedCell>& held) {
        const ColumnGuess& guess = result_.columns[i];
        const QuantityInfo& q = info(*guess.quantity);
        const CellReading read = reading(row.cells[i], i);
        const ParsedNumber& parsed = read.number;
        if (parsed.state == ParsedNumber::State::Blank) return std::nullopt;
        const auto hold = [&](Message reason) {
            held.push_back(
                {row.line, i + 1, guess.header, text::shown(row.cells[i]), std::move(reason)});
            return std::nullopt;
        };
        if (parsed.state == ParsedNumber::State::Bad) return hold(parsed.reason);
        sums_.add(i, static_cast<double>(parsed.value));
        // A cell's own unit goes before the column's.
        const double factor = read.unit ? read.unit->factor : columns_[i].factor;
        const auto value = static_cast<double>(parsed.value * factor);
        if (value < q.low || value > q.high) {
            constexpr int asTheyAre = -1;
            return hold({Says::OutsideLimits, q.quantity,
                         Figure{q.low / columns_[i].factor, asTheyAre},
                         Figure{q.high / columns_[i].factor, asTheyAre}, guess.unit});
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
    WordPool pool_;
    SumsOfRows sums_;
    bool previewing_ = false;
    bool wordsBefore_ = false;  ///< the shot before had words beside the player's name
};

}  // namespace

ImportResult readRows(std::string_view body, const std::string& name,
                      const ImportOptions& options) {
    return Import(body, name, options).run();
}

ImportResult previewRows(std::string_view body, const std::string& name,
                         const ImportOptions& options) {
    return Import(body, name, options).preview();
}

}  // namespace wedgeon::store
