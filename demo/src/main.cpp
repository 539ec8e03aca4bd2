// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-demo FOLDER: writes the demo's files.
#include <filesystem>
#include <fstream>
#include <iostream>

#include "academy.h"
#include "wedgeon/store/shot_file.h"

int main(int argc, char** argv) {
    if (argc != 2) {
        std::cerr << "usage: wedgeon-demo FOLDER\n";
        return 2;
    }
    const std::filesystem::path folder = argv[1];
    std::error_code error;
    std::filesystem::create_directories(folder, error);
    std::ofstream out(folder / "larches-academy.csv", std::ios::binary);
    const wedgeon::demo::Academy academy = wedgeon::demo::makeAcademy();
    wedgeon::store::writeShotsCsv(out, academy.shots);
    out.flush();
    if (!out) {
        std::cerr << "wedgeon-demo: " << (folder / "larches-academy.csv").string()
                  << " cannot be written\n";
        return 1;
    }
    return 0;
}
