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

/// What the first bytes give away; nothing for text.
std::optional<Says> findBinaryKind(std::string_view bytes) {
    struct Magic {
        std::string_view start;
        Says kind;
    };
    constexpr std::array magics{
        Magic{"\x89PNG", Says::LooksPng},        Magic{"\xFF\xD8\xFF", Says::LooksJpeg},
        Magic{"GIF8", Says::LooksGif},           Magic{"%PDF", Says::LooksPdf},
        Magic{"PK\x03\x04", Says::LooksArchive}, Magic{"SQLite format 3", Says::LooksDatabase},
        Magic{"\xFF\xFE", Says::LooksUtf16},     Magic{"\xFE\xFF", Says::LooksUtf16},
    };
    for (const Magic& m : magics) {
        if (bytes.starts_with(m.start)) return m.kind;
    }
    const std::string_view head = bytes.substr(0, 64u << 10);
    const bool control = std::any_of(head.begin(), head.end(), [](char c) {
        return static_cast<unsigned char>(c) < 0x20 && !text::isBlank(c) && c != '\f' && c != '\v';
    });
    return control ? std::optional(Says::LooksBinary) : std::nullopt;
}

using Reading = ImportResult (&)(std::string_view, const std::string&, const ImportOptions&);

/// Refuses what is no text, and hands UTF-8 on.
ImportResult readText(std::string_view body, const std::string& name, const ImportOptions& options,
                      Reading read) {
    if (body.starts_with("\xEF\xBB\xBF")) body.remove_prefix(3);
    if (text::trimmed(body.substr(0, 4096)).empty() && text::trimmed(body).empty()) {
        throw StoreError(Fault::Empty, {Says::FileEmpty, name});
    }
    if (body.size() > options.mostBytes) {
        throw StoreError(Fault::TooLarge,
                         {Says::FileTooLarge, name, body.size() >> 20, options.mostBytes >> 20});
    }
    if (const auto kind = findBinaryKind(body))
        throw StoreError(Fault::NotText, {Says::FileNotText, name, Message(*kind)});
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
