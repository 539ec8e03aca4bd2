// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Printing an import.
#include "import.h"

#include <array>
#include <ctime>
#include <iomanip>
#include <optional>
#include <ostream>

#include "wedgeon/store/error.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/logbook_import.h"
#include "wedgeon/words/words.h"

namespace wedgeon::cli {
namespace {

/// A window that uses the same logbook holds it for moments only.
constexpr int patience_ms = 30'000;

void print(std::ostream& out, const std::string& file, const store::ImportResult& r) {
    const char* delimiter = r.delimiter == ',' ? "comma" : r.delimiter == ';' ? "semicolon" : "tab";
    out << file << ": " << r.shotCount << " of " << r.rows << " rows are shots; " << delimiter
        << " separated, decimal " << (r.decimalComma ? "comma" : "point")
        << (r.coding == store::Coding::Latin1  ? ", read as Latin-1"
            : r.coding == store::Coding::Utf16 ? ", UTF-16"
                                               : "")
        << "\n";
    for (const store::ColumnGuess& c : r.columns) {
        out << "  column " << std::setw(2) << c.column << "  " << std::left << std::setw(28)
            << c.header << std::right << " ";
        if (c.quantity) {
            out << store::info(*c.quantity).key << " [" << c.unit << "]";
            if (c.note) out << "  (" << words::said(*c.note) << ")";
        } else if (c.label) {
            out << store::labelKey(*c.label);
        } else {
            out << "not read: " << (c.note ? words::said(*c.note) : "");
        }
        out << "\n";
    }
    const auto by = [](store::FileSays::By from) {
        return from == store::FileSays::By::Preamble ? "as the lines above the header say"
               : from == store::FileSays::By::Name   ? "by the file's name"
                                                     : "by the folder's name";
    };
    if (r.says.usesPlayer)
        out << "  player " << r.says.player << ", " << by(r.says.playerBy) << "\n";
    if (r.says.usesDay) out << "  on " << r.says.day << ", " << by(r.says.dayBy) << "\n";
    if (r.says.unclearDates)
        out << "  day and month of its times could be either way round: left as they stand\n";
    if (r.refusedCount == 0) {
        out << "  nothing was refused\n";
        return;
    }
    out << "  refused: " << r.refusedCount << "\n";
    for (const store::RefusedCell& c : r.refused) {
        out << "  line " << c.line;
        if (c.column) out << ", column " << c.column << " " << c.header;
        out << ": \"" << c.text << "\" " << words::said(c.reason) << "\n";
    }
    if (r.refused.size() < r.refusedCount) {
        out << "  and " << r.refusedCount - r.refused.size() << " more\n";
    }
}

/// Now, as ISO 8601 in UTC.
std::string now() {
    const std::time_t t = std::time(nullptr);
    std::tm utc{};
    gmtime_r(&t, &utc);
    std::array<char, 32> text{};
    std::strftime(text.data(), text.size(), "%FT%TZ", &utc);
    return text.data();
}

}  // namespace

bool importFiles(const std::vector<std::string>& files, const std::vector<std::string>& maps,
                 const std::string& logbook, std::ostream& out, std::ostream& err) {
    store::ImportOptions options;
    for (const std::string& m : maps)
        options.overrides.push_back(store::parseOverride(m));
    std::optional<store::Logbook> book;
    if (!logbook.empty()) {
        book.emplace(logbook);
        book->setPatience(patience_ms);
        book->requireSound();
        for (const store::Player& p : store::Kit(*book).players())
            options.players.push_back(p.name);
    }
    bool good = true;
    for (const std::string& file : files) {
        try {
            if (book) {
                const auto r = store::importFile(*book, file, options, now());
                print(out, file, r.file);
                out << "  into the logbook: " << r.shots.added << " new, " << r.shots.known
                    << " known already\n";
            } else {
                print(out, file, store::readShotFile(file, options));
            }
        } catch (const store::StoreError& e) {
            err << words::said(e) << "\n";
            good = false;
        }
    }
    return good;
}

void exportLogbook(const std::string& logbook, bool json, bool setAside, std::ostream& out) {
    const store::Logbook book(logbook, store::Logbook::Access::ReadOnly);
    std::vector<store::ShotRecord> shots;
    for (store::LoggedShot& s : book.shots()) {
        if (setAside || s.setAside.empty()) shots.push_back(std::move(s.record));
    }
    if (json) {
        store::writeShotsJson(out, shots);
    } else {
        store::writeShotsCsv(out, shots);
    }
}

}  // namespace wedgeon::cli
