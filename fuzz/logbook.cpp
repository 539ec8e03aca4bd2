// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A logbook whose bytes were changed: opened for reading or refused, never a crash. The corpus says
// where and with what a sound file is overwritten, since whole files of noise are no database.
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <string>

#include "target.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/logbook.h"

namespace {

namespace fs = std::filesystem;
using namespace wedgeon::store;

const fs::path& folder() {
    static const fs::path made = [] {
        std::string name = (fs::temp_directory_path() / "wedgeon-fuzz-XXXXXX").string();
        return fs::path(mkdtemp(name.data()) ? name : std::string("."));
    }();
    return made;
}

const std::string& soundBytes() {
    static const std::string bytes = [] {
        const fs::path path = folder() / "sound.wedgeon";
        {
            Logbook book(path);
            std::vector<ShotRecord> shots(60);
            for (ShotRecord& s : shots) {
                s[Quantity::Carry] = 20 + static_cast<double>(&s - shots.data());
                s[Label::Player] = "Runa Vale";
            }
            book.addShots({"a", "a", "2026"}, shots);
        }
        std::ifstream in(path, std::ios::binary);
        return std::string(std::istreambuf_iterator<char>(in), std::istreambuf_iterator<char>());
    }();
    return bytes;
}

}  // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    std::string bytes = soundBytes();
    // Triples: place in two bytes, value in one.
    for (std::size_t i = 0; i + 2 < size; i += 3) {
        const std::size_t at = (data[i] << 8u | data[i + 1]) * 3u % bytes.size();
        bytes[at] = static_cast<char>(data[i + 2]);
    }
    const fs::path path = folder() / "changed.wedgeon";
    std::ofstream(path, std::ios::binary | std::ios::trunc) << bytes;
    try {
        const Logbook book(path, Logbook::Access::ReadOnly);
        book.sessions();
        book.shots();
    } catch (const StoreError&) {
        return 0;
    }
    return 0;
}
