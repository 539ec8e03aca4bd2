// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading files of shots: shapes, units, and everything that can be wrong with them.
#include "wedgeon/store/shot_file.h"

#include <gtest/gtest.h>

#include <numeric>
#include <random>
#include <sstream>

#include <cmath>
#include <fstream>
#include <sstream>

#include "wedgeon/store/error.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

ImportResult read(std::string_view text, const ImportOptions& options = {}) {
    return readShotText(text, "shots.csv", options);
}

Fault faultOf(std::string_view text) {
    try {
        read(text);
    } catch (const StoreError& e) {
        EXPECT_NE(std::string(e.what()).find("shots.csv"), std::string::npos) << e.what();
        return e.fault();
    }
    ADD_FAILURE() << "was read: " << text.substr(0, 60);
    return Fault::Cancelled;
}

TEST(ShotFile, ReadsCommasWithUnitsInBrackets) {
    const ImportResult r = read(
        "player,club_speed [mph],launch_angle [deg],spin_rate [rpm],carry [yd]\n"
        "Ilse,60,31.5,6200,50\n");
    ASSERT_EQ(r.shots.size(), 1u);
    EXPECT_EQ(r.delimiter, ',');
    const ShotRecord& s = r.shots[0];
    EXPECT_EQ(s[Label::Player], "Ilse");
    EXPECT_NEAR(s[Quantity::ClubSpeed], 26.8224, 1e-9);
    EXPECT_NEAR(degFromRad(s[Quantity::LaunchAngle]), 31.5, 1e-9);
    EXPECT_NEAR(rpmFromRadps(s[Quantity::SpinRate]), 6200, 1e-9);
    EXPECT_NEAR(s[Quantity::Carry], 45.72, 1e-9);
    EXPECT_FALSE(s.has(Quantity::Apex));
    EXPECT_EQ(r.refusedCount, 0u);
}

TEST(ShotFile, ReadsSemicolonsDecimalCommasAndAByteOrderMark) {
    const ImportResult r = read(
        "\xEF\xBB\xBF"
        "Total Spin;Ball Speed (km/h);Landing Angle [\xC2\xB0];Max Height - m\r\n"
        "5.600,5;92,4;41,25;8,2\r\n\r\n"
        "5.410,0;90,0;40,5;7,9\r\n");
    ASSERT_EQ(r.shots.size(), 2u);
    EXPECT_TRUE(r.decimalComma);
    EXPECT_EQ(r.delimiter, ';');
    EXPECT_NEAR(rpmFromRadps(r.shots[0][Quantity::SpinRate]), 5600.5, 1e-9);
    EXPECT_NEAR(r.shots[0][Quantity::BallSpeed], 92.4 / 3.6, 1e-12);
    EXPECT_NEAR(degFromRad(r.shots[0][Quantity::LandingAngle]), 41.25, 1e-9);
    EXPECT_NEAR(r.shots[1][Quantity::Apex], 7.9, 1e-12);
}

TEST(ShotFile, ReadsTabsAndAnyOrderAndQuotedCells) {
    const ImportResult r = read(
        "Note\tCarry ft\tAngle of Attack\tClub\n"
        "\"hit, \"\"thin\"\"\nsecond line\"\t120\t-4.5\t56\n");
    ASSERT_EQ(r.shots.size(), 1u);
    EXPECT_EQ(r.delimiter, '\t');
    EXPECT_EQ(r.shots[0][Label::Note], "hit, \"thin\"\nsecond line");
    EXPECT_NEAR(r.shots[0][Quantity::Carry], 36.576, 1e-9);
    EXPECT_NEAR(degFromRad(r.shots[0][Quantity::AttackAngle]), -4.5, 1e-9);
    EXPECT_EQ(r.shots[0][Label::Wedge], "56");
    EXPECT_EQ(r.columns[2].note, Message(Says::TakenAs, "deg"));
}

TEST(ShotFile, DoesNotGuessAUnitThatNothingTells) {
    const ImportResult r = read("club speed,launch angle\n30,31\n");
    EXPECT_FALSE(r.shots[0].has(Quantity::ClubSpeed));
    EXPECT_EQ(r.columns[0].note, Message(Says::LooksLikeBut, Quantity::ClubSpeed,
                                         Message(Says::NoUnit, "club_speed [m/s]")));

    ImportOptions said;
    said.overrides.push_back(parseOverride("club speed=club_speed[mph]"));
    EXPECT_NEAR(read("club speed,launch angle\n30,31\n", said).shots[0][Quantity::ClubSpeed],
                13.4112, 1e-9);
}

TEST(ShotFile, TellsLikeNamesApart) {
    const ImportResult r = read(
        "spin loft,dynamic loft,face to path,face angle,club path,side spin,spin axis,carry side "
        "[m],"
        "launch direction\n50,46,1,2,3,400,5,6,7\n");
    EXPECT_EQ(r.columns[0].quantity, Quantity::SpinLoft);
    EXPECT_EQ(r.columns[1].quantity, Quantity::DynamicLoft);
    EXPECT_EQ(r.columns[2].quantity, Quantity::FaceToPath);
    EXPECT_EQ(r.columns[3].quantity, Quantity::FaceAngle);
    EXPECT_EQ(r.columns[4].quantity, Quantity::ClubPath);
    EXPECT_FALSE(r.columns[5].quantity);
    EXPECT_EQ(r.columns[6].quantity, Quantity::SpinAxis);
    EXPECT_EQ(r.columns[7].quantity, Quantity::Side);
    EXPECT_EQ(r.columns[8].quantity, Quantity::LaunchDirection);
}

TEST(ShotFile, FaceToPathGivesWhicheverOfFaceAndPathIsMissing) {
    const std::string spin = "spin [rpm],";
    const auto only = [](const ImportResult& r) { return r.shots.at(0); };
    const auto path = only(read(spin + "club path [deg],face to path [deg]\n5000,-3,5\n"));
    EXPECT_NEAR(degFromRad(path[Quantity::FaceAngle]), 2, 1e-12);
    EXPECT_NEAR(degFromRad(path[Quantity::FaceToPath]), 5, 1e-12);
    const auto face = only(read(spin + "face to path [deg],face angle [deg]\n5000,L 5,2\n"));
    EXPECT_NEAR(degFromRad(face[Quantity::ClubPath]), 7, 1e-12);
    // Rounded three times it still agrees; another angle is told, and nothing is overwritten.
    const auto three = [&](const char* row) {
        return read(spin + "club path [deg],face angle [deg],face to path [deg]\n" + row);
    };
    EXPECT_EQ(three("5000,-3.1,2.2,5.4\n").refusedCount, 0u);
    const ImportResult differs = three("5000,-3,2,-5\n5000,,,4\n");
    ASSERT_EQ(differs.refusedCount, 2u);
    EXPECT_EQ(differs.refused[0].reason, Message(Says::FaceToPathDiffers));
    EXPECT_EQ(differs.refused[0].column, 4u);
    EXPECT_NEAR(degFromRad(differs.shots[0][Quantity::FaceAngle]), 2, 1e-12);
    EXPECT_FALSE(differs.shots[1].has(Quantity::FaceToPath));
    // Alone it can be nothing.
    const ImportResult alone = read(spin + "face to path [deg]\n5000,5\n");
    EXPECT_FALSE(alone.columns[1].quantity);
    EXPECT_EQ(alone.columns[1].note, Message(Says::FaceToPathAlone));
    EXPECT_EQ(alone.refusedCount, 0u);
}

TEST(ShotFile, KeepsTheGoodAndListsEveryRefusedCell) {
    const ImportResult r = read(
        "club_speed [m/s],launch_angle [deg],spin_rate [rpm]\n"
        "900,30,6000\n"
        "25,NaN,6100\n"
        "24,31,fast\n"
        "23,29,5900,7\n");
    EXPECT_EQ(r.shots.size(), 4u);
    ASSERT_EQ(r.refused.size(), 4u);
    EXPECT_EQ(r.refused[0].line, 2u);
    EXPECT_EQ(r.refused[0].column, 1u);
    EXPECT_EQ(r.refused[0].text, "900");
    EXPECT_EQ(r.refused[0].reason, Message(Says::OutsideLimits, Quantity::ClubSpeed,
                                           Figure{0.5, -1}, Figure{60, -1}, "m/s"));
    EXPECT_EQ(r.refused[1].line, 3u);
    EXPECT_EQ(r.refused[1].reason, Says::NotFinite);
    EXPECT_EQ(r.refused[2].header, "spin_rate [rpm]");
    EXPECT_EQ(r.refused[2].reason, Says::NotANumber);
    EXPECT_EQ(r.refused[3].column, 4u);
    EXPECT_FALSE(r.shots[0].has(Quantity::ClubSpeed));
    EXPECT_TRUE(r.shots[0].has(Quantity::SpinRate));
}

TEST(ShotFile, ReadsARowOfUnitsBelowTheHeader) {
    const ImportResult r = read("Club Speed,Carry,Launch Angle\n[mph],[yds],[deg]\n60,50,31\n");
    ASSERT_EQ(r.shots.size(), 1u);
    EXPECT_NEAR(r.shots[0][Quantity::ClubSpeed], 26.8224, 1e-9);
    EXPECT_NEAR(r.shots[0][Quantity::Carry], 45.72, 1e-9);
    EXPECT_EQ(r.refusedCount, 0u);
}

TEST(ShotFile, FindsTheHeaderBelowATitleAndSkipsRepeatsAndFooters) {
    const ImportResult r = read(
        "Range session of Tuesday,,\n"
        "carry [m],launch_angle [deg],spin_rate [rpm]\n"
        "40,30,6000\n"
        "carry [m],launch_angle [deg],spin_rate [rpm]\n"
        "41,31,6100\n"
        "Average,of,all\n");
    EXPECT_EQ(r.shots.size(), 2u);
    ASSERT_EQ(r.refused.size(), 3u);
    EXPECT_EQ(r.refused[0].line, 1u);
    EXPECT_EQ(r.refused[1].reason, Says::SecondHeader);
    EXPECT_EQ(r.refused[2].line, 6u);
}

TEST(ShotFile, ReadsLatin1) {
    const ImportResult r = read("player,launch_angle [\xB0]\nJos\xE9,30\n");
    EXPECT_EQ(r.coding, Coding::Latin1);
    EXPECT_EQ(r.shots[0][Label::Player], "Jos\xC3\xA9");
    EXPECT_TRUE(r.shots[0].has(Quantity::LaunchAngle));
}

TEST(ShotFile, SaysWhyAFileCannotBeRead) {
    EXPECT_EQ(faultOf(""), Fault::Empty);
    EXPECT_EQ(faultOf(" \n\n \n"), Fault::Empty);
    EXPECT_EQ(faultOf("\x89PNG\r\n\x1a\n...."), Fault::NotText);
    EXPECT_EQ(faultOf(std::string("a,b\n\0\1\2", 7)), Fault::NotText);
    EXPECT_EQ(faultOf("one,two\n1,2\n"), Fault::NothingKnown);
    EXPECT_EQ(faultOf("carry [furlong]\n2\n"), Fault::NothingKnown);
    EXPECT_EQ(faultOf("carry [m]\n"), Fault::NoShot);
    EXPECT_EQ(faultOf("carry [m]\n900\n"), Fault::NoShot);
    EXPECT_EQ(faultOf("carry [m],note\n40,\"open\n41,x\n"), Fault::Malformed);
    EXPECT_EQ(faultOf("carry [m]" + std::string(600, ',') + "\n"), Fault::Malformed);
}

TEST(ShotFile, NamesTheLineOfAnOpenQuote) {
    try {
        read("carry [m],note\n40,fine\n41,\"open\n42,x\n");
        FAIL();
    } catch (const StoreError& e) {
        EXPECT_EQ(e.line(), 3u);
    }
}

TEST(ShotFile, RefusesAFileThatIsTooLargeWithoutReadingIt) {
    ImportOptions options;
    options.mostBytes = 2u << 20;
    const auto path = std::filesystem::temp_directory_path() / "wedgeon_too_large.csv";
    std::ofstream(path).close();
    std::filesystem::resize_file(path, 700u << 20);  // sparse: costs no disk
    try {
        readShotFile(path);
        FAIL();
    } catch (const StoreError& e) {
        EXPECT_EQ(e.fault(), Fault::TooLarge);
        EXPECT_EQ(e.message(), Message(Says::FileTooLarge, "wedgeon_too_large.csv", 700, 512));
    }
    std::filesystem::remove(path);
}

TEST(ShotFile, SaysThatAFolderOrAMissingFileIsNone) {
    for (const std::filesystem::path& path :
         {std::filesystem::temp_directory_path(), std::filesystem::path("/no/such/file.csv")}) {
        try {
            readShotFile(path);
            FAIL() << path;
        } catch (const StoreError& e) {
            EXPECT_EQ(e.fault(), Fault::CannotOpen);
        }
    }
}

TEST(ShotFile, BoundsTheListButCountsAll) {
    ImportOptions options;
    options.mostRefusalsListed = 10;
    std::string text = "carry [m],launch_angle [deg]\n";
    for (int i = 0; i < 50; ++i)
        text += "40,steep\n";
    const ImportResult r = read(text, options);
    EXPECT_EQ(r.shots.size(), 50u);
    EXPECT_EQ(r.refused.size(), 10u);
    EXPECT_EQ(r.refusedCount, 50u);
}

TEST(ShotFile, StopsWhenAskedAndReportsProgress) {
    std::string text = "carry [m]\n";
    for (int i = 0; i < 5000; ++i)
        text += "40\n";
    ImportOptions options;
    std::stop_source stop;
    options.stop = stop.get_token();
    std::vector<double> shares;
    options.progress = [&](double share) {
        shares.push_back(share);
        if (share > 0.3) stop.request_stop();
    };
    try {
        read(text, options);
        FAIL() << "was not stopped";
    } catch (const StoreError& e) {
        EXPECT_EQ(e.fault(), Fault::Cancelled);
    }
    ASSERT_GE(shares.size(), 2u);
    EXPECT_TRUE(std::is_sorted(shares.begin(), shares.end()));
}

TEST(ShotFile, ItsOwnFileComesBackTheSame) {
    ShotRecord a;
    a[Label::Player] = "Runa, \"the wind\" Vale";
    a[Label::Note] = "two\nlines";
    a[Quantity::ClubSpeed] = 21.123456789012;
    a[Quantity::AttackAngle] = radFromDeg(-4.1);
    a[Quantity::SpinRate] = radpsFromRpm(6123.4);
    a[Quantity::Release] = -0.25;
    std::ostringstream out;
    writeShotsCsv(out, std::vector{a});
    const ImportResult r = read(out.str());
    ASSERT_EQ(r.shots.size(), 1u);
    EXPECT_EQ(r.refusedCount, 0u);
    EXPECT_EQ(r.shots[0].labels, a.labels);
    for (std::size_t i = 0; i < quantityCount; ++i) {
        const auto q = static_cast<Quantity>(i);
        EXPECT_EQ(r.shots[0].has(q), a.has(q));
        if (a.has(q)) {
            EXPECT_NEAR(r.shots[0][q], a[q], 1e-12 * std::abs(a[q]));
        }
    }
}

TEST(ShotFile, OverridesMustBeWellFormed) {
    EXPECT_THROW(parseOverride("carry"), StoreError);
    EXPECT_THROW(parseOverride("x=carry"), StoreError);
    EXPECT_THROW(parseOverride("x=carry[mph]"), StoreError);
    EXPECT_THROW(parseOverride("x=colour[m]"), StoreError);
}

TEST(ShotFile, NoiseNeverCrashesIt) {
    // Mutated files: whatever comes out, it is a result or a StoreError.
    const std::string good =
        "player,club_speed [mph],launch_angle [deg],carry [yd],note\n"
        "A,60,31,50,\"x\"\nB,58,30,48,\n";
    unsigned state = 12345;
    const auto next = [&] { return state = state * 1664525u + 1013904223u; };
    for (int i = 0; i < 4000; ++i) {
        std::string text = good;
        for (unsigned k = 0, n = 1 + next() % 6; k < n; ++k) {
            const std::size_t at = (next() >> 8) % text.size();
            switch (next() >> 30) {
                case 0:
                    text[at] = static_cast<char>(next() >> 24);
                    break;
                case 1:
                    text.erase(at, 1 + (next() >> 28));
                    break;
                case 2:
                    text.insert(at, 1 + (next() >> 29), ",\"\n;\t[9-"[(next() >> 29)]);
                    break;
                default:
                    text += text.substr(at);
            }
            if (text.empty()) text = "x";
        }
        try {
            const ImportResult r = read(text);
            EXPECT_FALSE(r.shots.empty());
        } catch (const StoreError&) {
        }
    }
}

TEST(ShotFile, CsvAndJsonBringEveryBitBack) {
    std::mt19937_64 random(11);
    std::vector<ShotRecord> shots(400);
    for (ShotRecord& s : shots) {
        for (std::size_t i = 0; i < quantityCount; ++i) {
            const QuantityInfo& q = info(static_cast<Quantity>(i));
            if (random() % 4 == 0) continue;
            const double share = static_cast<double>(random() >> 11) * 0x1p-53;
            s[q.quantity] = q.low + share * (q.high - q.low);
        }
        s[Quantity::Carry] = 31.5;
        s[Label::Note] = "ünïcode, \"quoted\"";
    }
    std::ostringstream csv;
    writeShotsCsv(csv, shots);
    const auto fromCsv = readShotText(csv.str(), "own.csv").shots;
    std::ostringstream json;
    writeShotsJson(json, shots);
    const auto fromJson = readShotsJson(json.str());
    ASSERT_EQ(fromCsv.size(), shots.size());
    ASSERT_EQ(fromJson.size(), shots.size());
    for (std::size_t i = 0; i < shots.size(); ++i) {
        for (std::size_t k = 0; k < quantityCount; ++k) {
            const auto q = static_cast<Quantity>(k);
            ASSERT_EQ(fromCsv[i].has(q), shots[i].has(q));
            ASSERT_EQ(fromJson[i].has(q), shots[i].has(q));
            if (!shots[i].has(q)) continue;
            EXPECT_EQ(fromCsv[i][q], shots[i][q]) << siKey(q);
            EXPECT_EQ(fromJson[i][q], shots[i][q]) << siKey(q);
        }
        EXPECT_EQ(fromCsv[i].labels, shots[i].labels);
        EXPECT_EQ(fromJson[i].labels, shots[i].labels);
    }
}

TEST(ShotFile, JsonRefusesWithThePlace) {
    const auto refusal = [](const std::string& text) -> Message {
        try {
            readShotsJson(text);
        } catch (const StoreError& e) {
            return e.message();
        }
        throw std::logic_error("was taken");
    };
    const auto with = [](const std::string& shot) {
        return R"({"format":"wedgeon-shots","version":1,"shots":[)" + shot + "]}";
    };
    EXPECT_EQ(refusal("{"), Message(Says::NotJsonByte, 2));
    EXPECT_EQ(refusal("{}"), Message(Says::FormatNot, "wedgeon-shots", 1));
    EXPECT_EQ(refusal(with(R"({"carry_m":900})")),
              Message(Says::FieldOutsideQuantity, "shots[0].carry_m", Quantity::Carry));
    EXPECT_EQ(refusal(with(R"({"carry_m":9e999999})")), Message(Says::JsonNumberTooLarge));
    EXPECT_EQ(refusal(with(R"({"carry":9})")), Message(Says::FieldUnknown, "shots[0].carry"));
    EXPECT_EQ(refusal(with(R"({"tags":9})")), Message(Says::FieldNotText, "shots[0].tags"));
    EXPECT_EQ(readShotsJson(with(R"({"carry_m":9})")).size(), 1u);
    EXPECT_EQ(refusal(with(R"({"face_to_path_rad":0.1})")),
              Message(Says::FieldFaceToPath, "shots[0].face_to_path_rad"));
    EXPECT_NEAR(readShotsJson(with(
                    R"({"club_path_rad":0.1,"face_to_path_rad":0.1})"))[0][Quantity::FaceAngle],
                0.2, 1e-15);
}

TEST(ShotFile, APreviewSaysWhatWouldBeTakenWithSamplesAndNoShots) {
    const std::filesystem::path path =
        std::filesystem::path(testing::TempDir()) / "preview-of-shots.csv";
    const auto preview = [&](const std::string& text, const ImportOptions& options = {}) {
        std::ofstream(path, std::ios::binary) << text;
        return previewShotFile(path, options);
    };
    const std::string table = "Who,Swing Speed,Launch Ang.,odd\nA,48,31,7\nB,50,32,\n,51,30,9\n";
    const ImportResult r = preview(table);
    EXPECT_EQ(r.shotCount, 0u);
    ASSERT_EQ(r.columns.size(), 4u);
    EXPECT_EQ(r.columns[1].samples, (std::vector<std::string>{"48", "50", "51"}));
    EXPECT_EQ(r.columns[3].samples, (std::vector<std::string>{"7", "9"}));
    EXPECT_FALSE(r.ownHeader);
    EXPECT_EQ(r.shape, preview("Who,Swing Speed,Launch Ang.,odd\nZ,1,2,3\n").shape);
    EXPECT_NE(r.shape, preview("Who,Swing Speed,Launch Ang.,even\nZ,1,2,3\n").shape);

    // What the coach says is taken, also where nothing at all is known and where a guess was made.
    ImportOptions said;
    said.overrides = {parseOverride("Swing Speed=club_speed[mph]"), parseOverride("Who=player"),
                      parseOverride("Launch Ang.=-")};
    const ImportResult read = readShotFile((preview(table), path), said);
    ASSERT_EQ(read.shots.size(), 3u);
    EXPECT_NEAR(read.shots[0][Quantity::ClubSpeed], 48 * 0.44704, 1e-9);
    EXPECT_EQ(read.shots[1][Label::Player], "B");
    EXPECT_FALSE(read.shots[0].has(Quantity::LaunchAngle));
    EXPECT_EQ(preview("alpha,beta,gamma\n1,2,3\n").columns.size(), 3u);
    EXPECT_THROW(preview("Dear coach,\nthank you for the lesson.\n"), StoreError);
    EXPECT_THROW(preview("one,two,three\nfour,five,six\n"), StoreError);

    std::ostringstream own;
    writeShotsCsv(own, std::vector<ShotRecord>(1, read.shots[0]));
    EXPECT_TRUE(preview(own.str()).ownHeader);
    EXPECT_TRUE(preview("player,carry [yd]\nA,40\n").ownHeader);
    EXPECT_FALSE(preview("player,Carry (yd)\nA,40\n").ownHeader);

    // Longer than what a preview reads, cut inside a line.
    std::string large = "player,carry [m]\n";
    while (large.size() < (3u << 20))
        large += "Runa Vale,35.5\n";
    EXPECT_EQ(preview(large).columns.size(), 2u);
    std::filesystem::remove(path);
}

TEST(ShotFile, SidesFromALeftHandersOwnViewAreTurnedRound) {
    ImportOptions options;
    options.mirrored = [](const std::string& player) { return player == "Odo Fenn"; };
    const ImportResult r = readShotText(
        "player,club path,face angle,attack,side [m]\nOdo Fenn,2,-1,-5,3\nRuna Vale,2,-1,-5,3\n",
        "f.csv", options);
    ASSERT_EQ(r.shots.size(), 2u);
    for (const Quantity q : {Quantity::ClubPath, Quantity::FaceAngle, Quantity::Side})
        EXPECT_EQ(r.shots[0][q], -r.shots[1][q]);
    EXPECT_EQ(r.shots[0][Quantity::AttackAngle], r.shots[1][Quantity::AttackAngle]);
    EXPECT_LT(r.shots[0][Quantity::ClubPath], 0);
    EXPECT_FALSE(r.shots[0].has(Quantity::SpinAxis));
}

TEST(ShotFile, ManyRowsComeAtOnceOrSomeThousandsAtATime) {
    std::string text = "carry [m]\n";
    for (int i = 0; i < 10'000; ++i)
        text += std::to_string(20 + i % 50) + "\n";
    EXPECT_EQ(read(text).shots.size(), 10'000u);
    ImportOptions options;
    std::vector<std::size_t> pieces;
    options.sink = [&](std::vector<ShotRecord>&& some) { pieces.push_back(some.size()); };
    const ImportResult r = read(text, options);
    EXPECT_TRUE(r.shots.empty());
    EXPECT_EQ(r.shotCount, 10'000u);
    EXPECT_EQ(std::accumulate(pieces.begin(), pieces.end(), std::size_t{0}), 10'000u);
    ASSERT_GE(pieces.size(), 2u);
    for (std::size_t i = 0; i + 1 < pieces.size(); ++i)
        EXPECT_GT(pieces[i], 1000u);
}

TEST(ShotFile, AWordMayHaveFourHundredBytesAndNotOneMore) {
    const auto noted = [](std::size_t bytes) {
        return read("carry [m],note\n40," + std::string(bytes, 'x') + "\n");
    };
    EXPECT_EQ(noted(400).shots.at(0)[Label::Note].str().size(), 400u);
    EXPECT_EQ(noted(400).refusedCount, 0u);
    const ImportResult longer = noted(401);
    EXPECT_TRUE(longer.shots.at(0)[Label::Note].empty());
    ASSERT_EQ(longer.refusedCount, 1u);
    EXPECT_EQ(longer.refused.at(0).reason, Message(Says::TextTooLong, 400));
}

TEST(ShotFile, SidesAreThoseOfTheTableOnly) {
    // Every sided quantity understands letters and is turned round for a left-hander's own view;
    // the others neither.
    ImportOptions mirrored;
    mirrored.mirrored = [](const std::string&) { return true; };
    for (std::size_t q = 0; q < quantityCount; ++q) {
        const QuantityInfo& known = info(static_cast<Quantity>(q));
        const char* unit = known.dimension == Dimension::Speed      ? "m/s"
                           : known.dimension == Dimension::Length   ? "m"
                           : known.dimension == Dimension::SpinRate ? "rpm"
                                                                    : "deg";
        // A number that every quantity can have, beside one that makes it a shot.
        const bool other = known.quantity == Quantity::Carry;
        const std::string text = std::string(known.key) + " [" + unit + "]," +
                                 (other ? "total" : "carry") + " [m]\n18.5,40\n";
        const ImportResult r = read(text, mirrored);
        ASSERT_EQ(r.shots.size(), 1u) << text;
        EXPECT_EQ(r.shots[0].values[q] < 0, known.sided) << known.key;
    }
}

}  // namespace
}  // namespace wedgeon::store
