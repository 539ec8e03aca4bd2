// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From a file to text, and what is not text.
#include "wedgeon/store/shot_file.h"

#include <algorithm>
#include <array>
#include <boost/locale/encoding_utf.hpp>

#include "file_words.h"
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

enum class ByteOrder { Little, Big };

/// What a text in UTF-16 is written in, told by its blanks, digits and commas: every second byte of
/// most of its characters is 0. A mark alone is believed only where nothing speaks against it.
std::optional<ByteOrder> findUtf16(std::string_view bytes) {
    const std::string_view head = bytes.substr(0, 8u << 10);
    std::array<std::size_t, 2> zeros{};
    for (std::size_t i = 0; i < head.size(); ++i)
        zeros[i % 2] += head[i] == '\0' ? 1 : 0;
    const std::size_t pairs = head.size() / 2;
    const auto mostly = [&](std::size_t n) { return 4 * n > pairs && pairs > 1; };
    if (mostly(zeros[1]) && !mostly(zeros[0])) return ByteOrder::Little;
    if (mostly(zeros[0]) && !mostly(zeros[1])) return ByteOrder::Big;
    return std::nullopt;
}

/// As UTF-8; \throws StoreError for a half of a character, naming the file.
std::string utf8FromUtf16(std::string_view bytes, ByteOrder order, const std::string& name) {
    std::u16string units(bytes.size() / 2, u'\0');
    for (std::size_t i = 0; i < units.size(); ++i) {
        const auto at = [&](std::size_t k) { return static_cast<unsigned char>(bytes[2 * i + k]); };
        units[i] = static_cast<char16_t>(order == ByteOrder::Little ? at(0) | at(1) << 8
                                                                    : at(0) << 8 | at(1));
    }
    try {
        if (bytes.size() % 2 != 0) throw boost::locale::conv::conversion_error();
        return boost::locale::conv::utf_to_utf<char>(units.data(), units.data() + units.size(),
                                                     boost::locale::conv::stop);
    } catch (const boost::locale::conv::conversion_error&) {
        throw StoreError(Fault::NotText, {Says::FileNotText, name, Message(Says::DamagedUtf16)});
    }
}

/// A line that is cut in the middle is none.
std::string_view wholeLines(std::string_view body) {
    return body.substr(0, std::max<std::size_t>(body.rfind('\n') + 1, 1));
}
std::string_view wholeLines(std::string_view body, ByteOrder order) {
    using namespace std::string_view_literals;
    const std::string_view end = order == ByteOrder::Little ? "\n\0"sv : "\0\n"sv;
    body = body.substr(0, body.size() / 2 * 2);
    while (!body.empty() && !body.ends_with(end))
        body.remove_suffix(2);
    return body;
}

using Reading = ImportResult (&)(std::string_view, const std::string&, const ImportOptions&);

/// Refuses what is no text, and hands UTF-8 on. \p cut: the end of the file is missing.
ImportResult readText(std::string_view body, const std::string& name, const ImportOptions& options,
                      Reading read, bool cut = false) {
    if (const auto order = findUtf16(body); order && body.size() <= options.mostBytes) {
        if (cut) body = wholeLines(body, *order);
        const std::string converted = utf8FromUtf16(body, *order, name);
        ImportResult result = readText(converted, name, options, read);
        result.coding = Coding::Utf16;
        return result;
    }
    if (cut) body = wholeLines(body);
    // A mark of what it is not, too.
    for (const std::string_view mark : {"\xEF\xBB\xBF", "\xFF\xFE", "\xFE\xFF"}) {
        if (body.starts_with(mark)) {
            body.remove_prefix(mark.size());
            break;
        }
    }
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
    result.coding = Coding::Latin1;
    return result;
}

/// The lines above the header, as far as they tell anything.
std::vector<std::string> linesAbove(std::string_view body, const std::string& name,
                                    const ImportOptions& options) {
    std::vector<std::string> out;
    try {
        for (const RefusedCell& c :
             previewRows(wholeLines(body.substr(0, 64u << 10)), name, options).refused) {
            if (c.reason.says == Says::AboveHeader) out.push_back(c.text);
        }
    } catch (const StoreError&) {
        out.clear();  // the reading itself says what is wrong
    }
    return out;
}

/// All of it, and what its name and the lines above the header add.
ImportResult readWithWords(std::string_view body, const std::string& name,
                           const ImportOptions& options) {
    FileWords words(name, options.folder, options.players, linesAbove(body, name, options));
    ImportOptions own = options;
    if (options.sink) {
        own.sink = [&](std::vector<ShotRecord>&& shots) {
            words.fill(shots);
            options.sink(std::move(shots));
        };
    }
    ImportResult out = readRows(body, name, own);
    words.fill(out.shots);
    out.says = words.says();
    return out;
}

}  // namespace

ImportResult readShotText(std::string_view body, const std::string& name,
                          const ImportOptions& options) {
    return readText(body, name, options, readWithWords);
}

ImportResult readShotFile(const std::filesystem::path& path, const ImportOptions& options) {
    ImportOptions own = options;
    own.folder = path.parent_path().filename().string();
    return readText(readWhole(path, options.mostBytes), path.filename().string(), own,
                    readWithWords);
}

ImportResult previewShotFile(const std::filesystem::path& path, const ImportOptions& options) {
    const std::string body = readWhole(path, options.mostBytes, previewBytes);
    return readText(body, path.filename().string(), options, previewRows,
                    body.size() == previewBytes);
}

}  // namespace wedgeon::store
