// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-cli: the core without a window. Exit 0 done, 1 bad input, 2 wrong use.
#include <CLI/CLI.hpp>
#include <filesystem>
#include <iostream>
#include <iterator>
#include <sstream>
#include <stdexcept>
#include <vector>

#include "explain.h"
#include "fit.h"
#include "import.h"
#include "ladder.h"
#include "plan.h"
#include "predict.h"
#include "wedgeon/store/files.h"
#include "wedgeon/words/words.h"

namespace {

constexpr std::size_t mostInputBytes = 512u << 20;

std::string readAll(const std::string& path) {
    if (!path.empty()) return wedgeon::store::readWhole(path, mostInputBytes);
    std::string text;
    std::vector<char> buffer(4u << 20);
    while (std::cin.read(buffer.data(), static_cast<std::streamsize>(buffer.size())) ||
           std::cin.gcount() > 0) {
        text.append(buffer.data(), static_cast<std::size_t>(std::cin.gcount()));
        if (text.size() > mostInputBytes) {
            throw std::invalid_argument("the input is longer than 512 MB, the most that is read");
        }
    }
    return text;
}

/// \p inputs: what must not be written over.
void writeAll(const std::string& path, const std::string& text,
              const std::vector<std::filesystem::path>& inputs) {
    if (path.empty()) {
        std::cout << text << "\n" << std::flush;
        if (!std::cout) throw std::invalid_argument("standard output cannot be written");
        return;
    }
    wedgeon::store::writeWhole(path, text + "\n", inputs);
}

}  // namespace

int main(int argc, char** argv) {
    std::ios::sync_with_stdio(false);
    wedgeon::store::takeFileErrorsAsErrors();
    CLI::App app{"Wedgeon from a terminal: predicts wedge shots and reads files of shots."};
    app.require_subcommand(1);

    std::string in;
    std::string out;
    CLI::App* predict = app.add_subcommand("predict", "Fill in the outputs of {\"cases\": [...]}");
    predict->add_option("--in", in, "File to read instead of standard input");
    predict->add_option("--out", out, "File to write instead of standard output");
    bool batch = false;
    predict->add_flag("--batch", batch, "Plain shots through the vectorised path, on all cores");

    std::vector<std::string> files;
    std::vector<std::string> maps;
    CLI::App* import =
        app.add_subcommand("import", "Read files of shots, say what they were taken for");
    import->add_option("file", files, "Delimited files")->required();
    import->add_option("--map", maps, "column=quantity[unit], where the guess needs help");
    std::string logbook;
    import->add_option("--logbook", logbook, "Add the shots to this logbook");
    CLI::App* exporting = app.add_subcommand("export", "Shots of a logbook as CSV with units");
    bool json = false;
    bool setAside = false;
    exporting->add_option("--logbook", logbook, "The logbook")->required();
    exporting->add_option("--out", out, "File to write instead of standard output");
    exporting->add_flag("--json", json, "JSON instead of CSV");
    exporting->add_flag("--set-aside", setAside, "With the shots that were set aside");

    CLI::App* explaining =
        app.add_subcommand("explain", "Why two shots, or two groups of shots, of a file differ");
    std::string shots;
    std::string sideA;
    std::string sideB;
    explaining->add_option("--shots", shots, "Delimited file of shots")->required();
    explaining->add_option("--a", sideA, "Shot by its number in the file, or a group: 1-8,12")
        ->required();
    explaining->add_option("--b", sideB, "The other")->required();
    explaining->add_option("--map", maps, "column=quantity[unit], where the guess needs help");
    explaining->add_option("--out", out, "File to write instead of standard output");

    CLI::App* fitting = app.add_subcommand(
        "fit", "Tune the strike and the ground to the shots of a file, with intervals");
    std::string player;
    fitting->add_option("--shots", shots, "Delimited file of shots")->required();
    fitting->add_option("--player", player, "Only this player's shots");
    fitting->add_option("--map", maps, "column=quantity[unit], where the guess needs help");
    fitting->add_option("--out", out, "File to write instead of standard output");

    CLI::App* planning = app.add_subcommand(
        "plan", "Which shot from a situation, with landing spot, swing, chances and strokes");
    std::string situation;
    wedgeon::cli::PlanOptions plan;
    planning->add_option("--situation", situation, "File of the situation; - for standard input")
        ->required();
    planning->add_option("--samples", plan.samples, "Swings of each shot")
        ->check(CLI::Range(16, 100'000));
    planning->add_option("--seed", plan.seed, "For the same luck again");
    planning->add_option("--player", plan.player, "A player of the logbook");
    planning->add_option("--logbook", plan.logbook, "Where the player and his tuning are kept");
    planning->add_option("--out", out, "File to write instead of standard output");

    CLI::App* climbing = app.add_subcommand(
        "ladder", "How far each club and swing of a player carries, with gaps and overlaps");
    bool csv = false;
    climbing->add_option("--logbook", logbook, "The logbook")->required();
    climbing->add_option("--player", player, "A player of the logbook")->required();
    climbing->add_flag("--json", json, "JSON, as without it");
    climbing->add_flag("--csv", csv, "The rungs as CSV")->excludes("--json");
    climbing->add_option("--out", out, "File to write instead of standard output");

    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        return app.exit(e) == 0 ? 0 : 2;
    }
    try {
        if (predict->parsed()) writeAll(out, wedgeon::cli::predict(readAll(in), batch), {in});
        if (import->parsed() &&
            !wedgeon::cli::importFiles(files, maps, logbook, std::cout, std::cerr))
            return 1;
        if (explaining->parsed())
            writeAll(out, wedgeon::cli::explainShots(shots, maps, sideA, sideB), {shots});
        if (fitting->parsed()) writeAll(out, wedgeon::cli::fitShots(shots, maps, player), {shots});
        if (planning->parsed()) {
            const std::string file = situation == "-" ? std::string() : situation;
            writeAll(out, wedgeon::cli::planSituation(readAll(file), plan), {file, plan.logbook});
        }
        if (climbing->parsed())
            writeAll(out, wedgeon::cli::ladderOf(logbook, player, csv), {logbook});
        if (exporting->parsed()) {
            std::ostringstream text;
            wedgeon::cli::exportLogbook(logbook, json, setAside, text);
            std::string all = text.str();
            if (!all.empty() && all.back() == '\n') all.pop_back();
            writeAll(out, all, {logbook});
        }
    } catch (const std::exception& e) {
        std::cerr << "wedgeon-cli: " << wedgeon::words::said(e) << "\n";
        return 1;
    }
    return 0;
}
