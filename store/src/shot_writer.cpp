// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The product's own CSV.
#include <array>
#include <charconv>
#include <ostream>

#include "text.h"
#include "wedgeon/store/shot_file.h"

namespace wedgeon::store {
namespace {

void writeCell(std::ostream& out, std::string cell) {
    // A text is a text, also for a spreadsheet; reading takes the apostrophe off again.
    if (text::looksLikeFormula(cell)) cell.insert(0, 1, '\'');
    // Control characters would make the file look like no text at all when it is read again.
    for (char& c : cell) {
        const auto byte = static_cast<unsigned char>(c);
        if ((byte < 0x20 && c != '\t' && c != '\n' && c != '\r') || byte == 0x7F) c = '?';
    }
    if (cell.find_first_of(",;\t\"\r\n") == std::string::npos) {
        out << cell;
        return;
    }
    out << '"';
    for (const char c : cell) {
        if (c == '"') out << '"';
        out << c;
    }
    out << '"';
}

/// \p si in a unit of \p factor, with the fewest digits (15 at least, so that 0.1 stays "0.1")
/// that read back the same.
void writeNumber(std::ostream& out, double si, double factor) {
    std::array<char, 64> buffer{};
    char* end = nullptr;
    // More digits than a double has: the grid of degrees is at places coarser than that of radians.
    for (int digits = 15; digits <= 21; ++digits) {
        const long double shown = static_cast<long double>(si) / factor;
        end = std::to_chars(buffer.data(), buffer.data() + buffer.size(), shown,
                            std::chars_format::general, digits)
                  .ptr;
        long double back = 0.0;
        std::from_chars(buffer.data(), end, back);
        if (static_cast<double>(back * factor) == si) break;
    }
    out.write(buffer.data(), end - buffer.data());
}

}  // namespace

void writeShotsCsv(std::ostream& out, std::span<const ShotRecord> shots) {
    // Words first up to the swing, as a person reads a row; then the numbers and the coach's words.
    constexpr std::array before{Label::Time,          Label::Player, Label::Wedge, Label::Ball,
                                Label::FaceCondition, Label::Lie,    Label::Swing};
    constexpr std::array after{Label::Strike, Label::Tags, Label::Note, Label::Recipe, Label::Seen};
    const char* separator = "";
    const auto cell = [&](const std::string& s) {
        out << separator;
        writeCell(out, s);
        separator = ",";
    };
    for (const Label l : before)
        cell(std::string(labelKey(l)));
    for (std::size_t i = 0; i < allQuantityCount; ++i) {
        const QuantityInfo& q = info(static_cast<Quantity>(i));
        cell(std::string(q.key) + " [" + std::string(ownUnit(q.dimension).name) + "]");
    }
    for (const Label l : after)
        cell(std::string(labelKey(l)));
    out << "\n";
    for (const ShotRecord& shot : shots) {
        separator = "";
        for (const Label l : before)
            cell(shot[l]);
        for (std::size_t i = 0; i < allQuantityCount; ++i) {
            const QuantityInfo& q = info(static_cast<Quantity>(i));
            out << separator;
            if (shot.has(q.quantity)) {
                writeNumber(out, shot[q.quantity], ownUnit(q.dimension).factor);
            }
        }
        for (const Label l : after)
            cell(shot[l]);
        out << "\n";
    }
}

}  // namespace wedgeon::store
