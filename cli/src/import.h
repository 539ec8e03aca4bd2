// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `import` and `export`: what a file of shots was taken for and what was refused; into a logbook
// and out of it.
#pragma once

#include <iosfwd>
#include <string>
#include <vector>

namespace wedgeon::cli {

/// Reads each file and prints what it recognised and refused. \return false when a file could not
/// be read; the reason is on \p err and the other files are still read.
/// With \p logbook (a path, not empty) the shots are added to it, one transaction a file.
bool importFiles(const std::vector<std::string>& files, const std::vector<std::string>& maps,
                 const std::string& logbook, std::ostream& out, std::ostream& err);

/// Writes every shot of a logbook that is not set aside (all with \p setAside): the product's CSV,
/// or JSON. \throws store::StoreError.
void exportLogbook(const std::string& logbook, bool json, bool setAside, std::ostream& out);

}  // namespace wedgeon::cli
