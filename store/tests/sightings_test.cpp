// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shots by eye: kept as what they are, taken back and put back, out and in again, and used.
#include "wedgeon/store/sightings.h"

#include <sstream>

#include "logbook_fixture.h"
#include "wedgeon/error.h"
#include "wedgeon/store/ladder_shots.h"
#include "wedgeon/store/logbook_import.h"
#include "wedgeon/store/quality.h"
#include "wedgeon/store/shot_file.h"
#include "wedgeon/store/tune_shots.h"
#include "wedgeon/units.h"

namespace wedgeon::store {
namespace {

class SightingsTest : public LogbookFolderTest {
protected:
    static Sighting everything() {
        Sighting s;
        s.landed_m = 34;
        s.landedJudged = true;
        s.rest_m = 41.5;
        s.restSide_m = -2;
        s.height = SeenHeight::BelowTree;
        s.apex_m = 3.1;
        s.bit = 2;
        s.start = SeenSide::Left;
        s.curve = SeenSide::Right;
        s.turf = SeenTurf::Small;
        s.entry = SeenEntry::AfterBall;
        return s;
    }
    static ShotRecord seen(const Sighting& s, const std::string& time = "2026-11-29 10:00:00") {
        ShotRecord r;
        r[Label::Time] = time;
        r[Label::Player] = "Runa";
        r[Label::Wedge] = "56";
        r[Label::Swing] = "hip-high";
        r[Label::Seen] = formatSighting(s);
        r[Quantity::Loft] = radFromDeg(56);
        return r;
    }
    static ShotSource eye() { return {"by eye", "By eye today", "2026-11-29T09:00:00Z"}; }
};

TEST_F(SightingsTest, TheDocumentKeepsAllThatWasSeen) {
    const Sighting s = everything();
    EXPECT_EQ(parseSighting(formatSighting(s)), s);
    EXPECT_EQ(parseSighting(formatSighting({})), Sighting{});
    ShotRecord r = seen(s);
    r[Label::Strike] = "Thin";
    ASSERT_TRUE(findSighting(r));
    EXPECT_EQ(findSighting(r)->strike, SeenStrike::Thin);
    r[Label::Strike] = "toe";
    EXPECT_FALSE(findSighting(r)->strike);
}

TEST_F(SightingsTest, WhatIsNoSightingIsRefusedByName) {
    for (const char* wrong : {"", "[]", "{\"landed_m\": \"far\"}", "{\"height\": \"cloud\"}",
                              "{\"moon\": 1}", "{\"landed_m\": 1, \"landed_m\": 2}",
                              "{\"bit\": 1e9}", "{\"landed_m\": -4}", "{\"landed_m\": 1e300}"}) {
        ShotRecord r = seen({});
        r[Label::Seen] = wrong;
        EXPECT_FALSE(findSighting(r)) << wrong;
        EXPECT_ANY_THROW(parseSighting(wrong)) << wrong;
    }
}

TEST_F(SightingsTest, AShotIsTakenBackAndPutBackAsItWas) {
    Logbook book(path_);
    const LoggedShot first = book.addSeenShot(seen(everything()), 0, eye());
    const LoggedShot second =
        book.addSeenShot(seen({}, "2026-11-29 10:00:05"), first.session, eye());
    EXPECT_EQ(second.session, first.session);
    ASSERT_EQ(book.shotCount(), 2u);
    EXPECT_EQ(book.sessions().at(0).title, "By eye today");
    EXPECT_EQ(book.sessions().at(0).day, "2026-11-29");
    EXPECT_EQ(book.findShot(first.id)->record.labels, first.record.labels);

    book.removeSeenShot(second);
    EXPECT_EQ(book.shotCount(), 1u);
    book.removeSeenShot(first);
    EXPECT_TRUE(book.sessions().empty());
    const LoggedShot again = book.addSeenShot(first.record, first.session, eye(), first.id);
    EXPECT_EQ(again.id, first.id);
    EXPECT_EQ(book.findShot(first.id)->record.labels, first.record.labels);
    EXPECT_FALSE(book.findShot(first.id)->damaged);
    // Another window's word on it is not lost with it.
    Logbook(path_).setLabel(first.id, Label::Note, "best of the day", "");
    EXPECT_EQ(refusal([&] { book.removeSeenShot(again); }).fault(), Fault::Conflict);
    EXPECT_EQ(book.shotCount(), 1u);
}

TEST_F(SightingsTest, IntoALiveSessionBesideItsShots) {
    Logbook book(path_);
    LiveConnection live{"monitor", "Live today", "2026-11-29T09:00:00Z"};
    added(book, live, {{"1", carried(30, "Runa"), "2026-11-29 09:59:00"}}, 1000);
    const LoggedShot shot = book.addSeenShot(seen(everything()), live.session, eye());
    EXPECT_EQ(shot.session, live.session);
    EXPECT_EQ(book.shots(live.session).size(), 2u);
    EXPECT_EQ(book.sessions().size(), 1u);
    book.removeSeenShot(shot);
    EXPECT_EQ(book.shots(live.session).size(), 1u);
    // The device goes on in its session.
    EXPECT_EQ(added(book, live, {{"2", carried(31, "Runa"), "2026-11-29 10:01:00"}}, 1010), 1u);
}

TEST_F(SightingsTest, OutAndInAgain) {
    const std::vector<ShotRecord> shots{seen(everything()), seen({}, "2026-11-29 10:00:07")};
    std::ostringstream csv, json;
    writeShotsCsv(csv, shots);
    writeShotsJson(json, shots);
    const auto back = readShotFile(write("out.csv", csv.str()), {}).shots;
    ASSERT_EQ(back.size(), 2u);
    EXPECT_EQ(findSighting(back[0]), everything());
    EXPECT_EQ(findSighting(readShotsJson(json.str())[0]), everything());
}

TEST_F(SightingsTest, LadderAndTuningUseThem) {
    // Thirty that landed high and short: less lean than was declared.
    std::vector<LoggedShot> all;
    Conditions c;
    c.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    const Predictor plain({}, c);
    Fallback fallback;
    fallback.conditions = c;
    fallback.player.name = "Runa";
    for (int i = 0; i < 30; ++i) {
        Sighting s;
        Recipe r;
        r.clubSpeed_mps = SwingSet::ordinary().priorSpeed_mps(1);
        r.lean_rad = radFromDeg(-5);
        const ShotResult shot = plain.shot(r);
        s.landed_m = shot.flight.carry_m + 0.5 * (i % 5 - 2);
        s.rest_m = shot.total_m() + 0.4 * (i % 3 - 1);
        s.apex_m = shot.flight.apex_m * (1 + 0.05 * (i % 4 - 1.5));
        LoggedShot l;
        l.id = i + 1;
        l.record = seen(s, "2026-11-29 10:00:" + std::to_string(10 + i));
        l.record[Label::Swing] = SwingSet::ordinary().swings[1].name;
        all.push_back(l);
    }
    const TuneShots tune = findTuneShots(all, fallback, "Runa");
    EXPECT_TRUE(tune.shots.empty());
    ASSERT_EQ(tune.seen.shots.size(), 30u);
    EXPECT_EQ(tune.seen.kinds.size(), 1u);
    const PlayerFit fit = fitPlayer(tune.shots, {}, tune.seen);
    ASSERT_TRUE(fit.isFitted());
    EXPECT_GT(fit.seen.launchBias_rad.low80, 0.0);
    EXPECT_LT(fit.tuning().delivery.lean.offset, radFromDeg(-1.5));
    // One noted otherwise is another question.
    auto other = all;
    other[3].record[Label::Seen] = formatSighting(everything());
    EXPECT_NE(findTuneShots(other, fallback, "Runa").digest, tune.digest);

    const LadderShots rungs = findLadderShots(all, fallback, Records{}, "Runa");
    ASSERT_EQ(rungs.request.shots.size(), 30u);
    EXPECT_GT(rungs.request.shots[0].carrySd_m, 0.5);
    const Ladder ladder = makeLadder(rungs.request);
    bool found = false;
    for (const LadderLine& line : ladder.lines) {
        for (const LadderRung& r : line.rungs) {
            if (r.shots == 0) continue;
            found = true;
            EXPECT_NEAR(r.carry_m, *findSighting(all[2].record)->landed_m, 1.0);
        }
    }
    EXPECT_TRUE(found);
}

TEST_F(SightingsTest, TurfFromBehindTheBallIsADoubt) {
    Sighting deep;
    deep.landed_m = 20;
    deep.turf = SeenTurf::Deep;
    deep.entry = SeenEntry::BeforeBall;
    Sighting good = deep;
    good.entry = SeenEntry::AfterBall;
    std::vector<LoggedShot> all(3);
    all[0].record = seen(deep);
    all[1].record = seen(good, "2026-11-29 10:00:05");
    all[2].record = seen(deep, "2026-11-29 10:00:09");
    all[2].record[Label::Strike] = "clean";  // who says so looked
    const auto doubts = findDoubts(all, {});
    ASSERT_EQ(doubts[0].size(), 1u);
    EXPECT_EQ(doubts[0][0].doubt, Doubt::Fat);
    EXPECT_TRUE(doubts[1].empty());
    EXPECT_TRUE(doubts[2].empty());
}

TEST_F(SightingsTest, OfASetUpThatCannotBePlayedNothingIsSaid) {
    ShotGivens givens;
    givens.conditions.wedge = {radFromDeg(56), radFromDeg(64), radFromDeg(10)};
    EXPECT_TRUE(weighSighting(seen(everything()), givens));
    EXPECT_FALSE(weighSighting(carried(30), givens));
    givens.conditions.wedge.loft_rad = 0;
    EXPECT_FALSE(weighSighting(seen(everything()), givens));
}

using SessionsTest = SightingsTest;

TEST_F(SessionsTest, AreRenamedSplitAndJoinedAndPutBack) {
    Logbook book(path_);
    book.addShots(file("a.csv"), carries(0, 10));
    book.addShots(file("b.csv"), carries(10, 14));
    const auto sessions = book.sessions();
    ASSERT_EQ(sessions.size(), 2u);
    book.renameSession(sessions[0].id, "Morning", "a.csv");
    EXPECT_EQ(book.sessions()[0].title, "Morning");
    EXPECT_EQ(refusal([&] { book.renameSession(sessions[0].id, "x", "a.csv"); }).fault(),
              Fault::Conflict);

    // Split: three of them into a new one.
    std::vector<std::int64_t> some;
    for (const LoggedShot& s : book.shots(sessions[0].id)) {
        if (some.size() < 3) some.push_back(s.id);
    }
    std::int64_t split = 0;
    const auto before = book.moveShots(some, split, "Afternoon", "2026-11-25T12:00:00");
    EXPECT_EQ(book.sessions().size(), 3u);
    EXPECT_EQ(book.shots(split).size(), 3u);
    EXPECT_EQ(book.shots(sessions[0].id).size(), 7u);
    // Join: all of another into it; the empty one does not show.
    std::vector<std::int64_t> all;
    for (const LoggedShot& s : book.shots(sessions[1].id))
        all.push_back(s.id);
    std::int64_t into = split;
    const auto joined = book.moveShots(all, into, "", "2026-11-25T12:00:00");
    EXPECT_EQ(into, split);
    EXPECT_EQ(book.sessions().size(), 2u);
    EXPECT_EQ(book.shots(split).size(), 7u);
    // A file that comes again is known, wherever its shots are.
    EXPECT_EQ(book.addShots(file("a.csv"), carries(0, 10)).added, 0u);

    book.putBack(joined);
    book.putBack(before);
    EXPECT_EQ(book.sessions().size(), 2u);
    EXPECT_EQ(book.shots(sessions[0].id).size(), 10u);
    EXPECT_EQ(book.shots(sessions[1].id).size(), 4u);
    EXPECT_EQ(book.shotCount(), 14u);
    for (const LoggedShot& s : book.shots())
        EXPECT_FALSE(s.damaged);
    std::int64_t nowhere = 99;
    EXPECT_EQ(refusal([&] { book.moveShots(some, nowhere, "", ""); }).fault(), Fault::Conflict);
    const std::vector<std::int64_t> none{12345};
    std::int64_t fresh = 0;
    EXPECT_EQ(refusal([&] { book.moveShots(none, fresh, "x", ""); }).fault(), Fault::Conflict);
    EXPECT_EQ(book.sessions().size(), 2u);
}

TEST_F(SessionsTest, WhatWasTakenBackElsewhereDoesNotComeBackWithAMove) {
    Logbook book(path_);
    const AddedShots import = book.addShots(file("a.csv"), carries(0, 10));
    const std::vector<std::int64_t> moving{book.shots().front().id};
    std::int64_t session = 0;
    const auto places = book.moveShots(moving, session, "Other", "2026-11-25T12:00:00");
    Logbook(path_).removeSource(import.source);
    EXPECT_EQ(refusal([&] { book.putBack(places); }).fault(), Fault::Conflict);
    EXPECT_EQ(book.shotCount(), 1u);
}

TEST_F(SessionsTest, ALiveDeviceGoesOnBesideWhatWasMoved) {
    Logbook book(path_);
    LiveConnection live{"monitor", "Live today", "2026-11-29T09:00:00Z"};
    added(book, live, {{"1", carried(30, "Runa"), "2026-11-29 09:59:00"}}, 1000);
    std::int64_t session = 0;
    const std::vector<std::int64_t> moving{book.shots().front().id};
    book.moveShots(moving, session, "Other", "2026-11-29T10:00:00Z");
    // The same shot sent again is known; the next one is kept and shown.
    EXPECT_EQ(added(book, live, {{"2", carried(31, "Runa"), "2026-11-29 10:01:00"}}, 1010), 1u);
    EXPECT_EQ(book.shotCount(), 2u);
    EXPECT_EQ(book.sessions().size(), 2u);
    // Also when its session has gone meanwhile.
    std::vector<std::int64_t> all;
    for (const LoggedShot& s : book.shots())
        all.push_back(s.id);
    book.moveShots(all, session, "", "");
    while (book.removeLeftovers(4'000'000'000)) {
    }
    ASSERT_EQ(book.sessions().size(), 1u);
    EXPECT_EQ(added(book, live, {{"3", carried(32, "Runa"), "2026-11-29 10:02:00"}}, 1020), 1u);
    EXPECT_EQ(book.shotCount(), 3u);
}

}  // namespace
}  // namespace wedgeon::store
