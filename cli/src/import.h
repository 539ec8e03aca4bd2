// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// `import`: what a file of shots was taken for, and what was refused.
#pragma once

#include <iosfwd>
#include <string>
#include <vector>

namespace wedgeon::cli {

/// Reads each file and prints what it recognised and refused. \return false when a file could not
/// be read; the reason is on \p err and the other files are still read.
bool importFiles(const std::vector<std::string>& files, const std::vector<std::string>& maps,
                 std::ostream& out, std::ostream& err);

}  // namespace wedgeon::cli
