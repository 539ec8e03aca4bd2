// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From a file to text, and what is not text.
#include "wedgeon/store/shot_file.h"

#include <algorithm>
#include <array>

#include "shot_rows.h"
#include "text.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"

namespace wedgeon::store {
namespace {

constexpr std::size_t previewBytes = 1u << 20;

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

using Reading = ImportResult (&)(std::string_view, const std::string&, const ImportOptions&);

/// Refuses what is no text, and hands UTF-8 on.
ImportResult readText(std::string_view body, const std::string& name, const ImportOptions& options,
                      Reading read) {
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
    if (text::isUtf8(body)) return read(body, name, options);
    const std::string converted = text::utf8FromLatin1(body);
    ImportResult result = read(converted, name, options);
    result.latin1 = true;
    return result;
}

}  // namespace

ImportResult readShotText(std::string_view body, const std::string& name,
                          const ImportOptions& options) {
    return readText(body, name, options, readRows);
}

ImportResult readShotFile(const std::filesystem::path& path, const ImportOptions& options) {
    return readText(readWhole(path, options.mostBytes), path.filename().string(), options,
                    readRows);
}

ImportResult previewShotFile(const std::filesystem::path& path, const ImportOptions& options) {
    std::string body = readWhole(path, options.mostBytes, previewBytes);
    // A line that is cut in the middle is none.
    if (body.size() == previewBytes) body.resize(std::max<std::size_t>(body.rfind('\n') + 1, 1));
    return readText(body, path.filename().string(), options, previewRows);
}

}  // namespace wedgeon::store
