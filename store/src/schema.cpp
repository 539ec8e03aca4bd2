// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The steps.
#include "schema.h"

#include <SQLiteCpp/Statement.h>

#include <array>
#include <map>
#include <mutex>

#include "text.h"

namespace wedgeon::store {
namespace {

constexpr const char* firstStep = R"(
CREATE TABLE players(
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL UNIQUE,
  hand TEXT NOT NULL DEFAULT 'right' CHECK(hand IN ('right', 'left')),
  note TEXT NOT NULL DEFAULT '');
CREATE TABLE wedges(
  id INTEGER PRIMARY KEY,
  player_id INTEGER NOT NULL REFERENCES players(id),
  name TEXT NOT NULL,
  loft_rad REAL NOT NULL, lie_rad REAL, bounce_rad REAL,
  sole TEXT NOT NULL DEFAULT '', length_m REAL, grooves TEXT NOT NULL DEFAULT '',
  since TEXT NOT NULL DEFAULT '', until TEXT NOT NULL DEFAULT '',
  note TEXT NOT NULL DEFAULT '');
CREATE TABLE sessions(
  id INTEGER PRIMARY KEY,
  title TEXT NOT NULL,
  started TEXT NOT NULL,
  note TEXT NOT NULL DEFAULT '');
CREATE TABLE sources(
  id INTEGER PRIMARY KEY,
  kind TEXT NOT NULL CHECK(kind IN ('file', 'live')),
  name TEXT NOT NULL,
  session_id INTEGER NOT NULL REFERENCES sessions(id),
  added TEXT NOT NULL);
CREATE TABLE shots(
  id INTEGER PRIMARY KEY,
  source_id INTEGER NOT NULL REFERENCES sources(id),
  row_hash INTEGER NOT NULL,
  device_shot TEXT,
  time TEXT, player TEXT, wedge TEXT, ball TEXT, face_condition TEXT, lie TEXT, swing TEXT,
  tags TEXT, note TEXT,
  loft_rad REAL, club_speed_mps REAL, attack_angle_rad REAL, club_path_rad REAL,
  face_angle_rad REAL, dynamic_loft_rad REAL, spin_loft_rad REAL, ball_speed_mps REAL,
  launch_angle_rad REAL, launch_direction_rad REAL, spin_rate_radps REAL, spin_axis_rad REAL,
  carry_m REAL, apex_m REAL, landing_angle_rad REAL, release_m REAL, total_m REAL, side_m REAL,
  recipe TEXT);
CREATE UNIQUE INDEX live_shots ON shots(source_id, device_shot) WHERE device_shot IS NOT NULL;
CREATE TABLE set_asides(
  shot_id INTEGER PRIMARY KEY REFERENCES shots(id) ON DELETE CASCADE,
  reason TEXT NOT NULL,
  at TEXT NOT NULL DEFAULT '');
)";

/// What columns of a file's shape are, as the coach said; doubts the coach does not share; the
/// strike as felt and the
/// run as paced; named balls, lies and grounds.
constexpr const char* secondStep = R"(
ALTER TABLE shots ADD COLUMN strike TEXT;
ALTER TABLE shots ADD COLUMN paced_m REAL;
CREATE TABLE import_shapes(
  shape TEXT PRIMARY KEY,
  columns TEXT NOT NULL,
  used TEXT NOT NULL DEFAULT '');
CREATE TABLE dismissals(
  shot_id INTEGER NOT NULL REFERENCES shots(id) ON DELETE CASCADE,
  doubt TEXT NOT NULL,
  note TEXT NOT NULL DEFAULT '',
  PRIMARY KEY(shot_id, doubt));
CREATE TABLE balls(
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL UNIQUE,
  kind TEXT NOT NULL,
  note TEXT NOT NULL DEFAULT '');
CREATE TABLE lies(
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL UNIQUE,
  cover REAL NOT NULL, moisture REAL NOT NULL, grain_rad REAL NOT NULL, sit_m REAL NOT NULL,
  firmness REAL NOT NULL,
  note TEXT NOT NULL DEFAULT '');
CREATE TABLE grounds(
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL UNIQUE,
  firmness REAL NOT NULL, friction REAL NOT NULL, stimp_ft REAL NOT NULL,
  slope_along REAL NOT NULL, slope_across REAL NOT NULL,
  note TEXT NOT NULL DEFAULT '');
)";

/// Tunings, each with what it was made of; the one in use of a player.
constexpr const char* third = R"(
CREATE TABLE tunings(
  id INTEGER PRIMARY KEY,
  player TEXT NOT NULL,
  made TEXT NOT NULL,
  program TEXT NOT NULL,
  shots INTEGER NOT NULL,
  tuning TEXT NOT NULL,
  shot_ids TEXT NOT NULL DEFAULT '');
CREATE TABLE tunings_in_use(
  player TEXT PRIMARY KEY,
  tuning_id INTEGER NOT NULL REFERENCES tunings(id) ON DELETE CASCADE);
)";

/// Ids are never used again, so that what undo remembers means the same shot for ever. A source is
/// whole, arriving (an import that is under way, not shown) or removed (taken back, not shown); a
/// live shot has the time at which it came. A source counts what was said of its shots and not
/// taken back. Recipes. Indexes for what the window asks.
constexpr const char* fourth = R"(
CREATE TABLE sessions_4(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  title TEXT NOT NULL,
  started TEXT NOT NULL,
  note TEXT NOT NULL DEFAULT '');
INSERT INTO sessions_4 SELECT id, title, started, note FROM sessions;
DROP TABLE sessions;
ALTER TABLE sessions_4 RENAME TO sessions;
CREATE TABLE sources_4(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  kind TEXT NOT NULL CHECK(kind IN ('file', 'live')),
  name TEXT NOT NULL,
  session_id INTEGER NOT NULL REFERENCES sessions(id),
  added TEXT NOT NULL,
  state TEXT NOT NULL DEFAULT 'whole' CHECK(state IN ('whole', 'arriving', 'removed')),
  touched_s INTEGER NOT NULL DEFAULT 0,
  edits INTEGER NOT NULL DEFAULT 0,
  hash_version INTEGER NOT NULL DEFAULT 1);
INSERT INTO sources_4(id, kind, name, session_id, added)
  SELECT id, kind, name, session_id, added FROM sources;
DROP TABLE sources;
ALTER TABLE sources_4 RENAME TO sources;
CREATE TABLE shots_4(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  source_id INTEGER NOT NULL REFERENCES sources(id),
  row_hash INTEGER NOT NULL,
  device_shot TEXT,
  arrived TEXT, arrived_s INTEGER,
  time TEXT, player TEXT, wedge TEXT, ball TEXT, face_condition TEXT, lie TEXT, swing TEXT,
  strike TEXT, tags TEXT, note TEXT, recipe TEXT,
  loft_rad REAL, club_speed_mps REAL, attack_angle_rad REAL, club_path_rad REAL,
  face_angle_rad REAL, dynamic_loft_rad REAL, spin_loft_rad REAL, ball_speed_mps REAL,
  launch_angle_rad REAL, launch_direction_rad REAL, spin_rate_radps REAL, spin_axis_rad REAL,
  carry_m REAL, apex_m REAL, landing_angle_rad REAL, release_m REAL, total_m REAL, side_m REAL,
  paced_m REAL);
INSERT INTO shots_4(id, source_id, row_hash, device_shot, time, player, wedge, ball,
    face_condition, lie, swing, strike, tags, note, recipe, loft_rad, club_speed_mps,
    attack_angle_rad, club_path_rad, face_angle_rad, dynamic_loft_rad, spin_loft_rad,
    ball_speed_mps, launch_angle_rad, launch_direction_rad, spin_rate_radps, spin_axis_rad,
    carry_m, apex_m, landing_angle_rad, release_m, total_m, side_m, paced_m)
  SELECT id, source_id, row_hash, device_shot, time, player, wedge, ball,
    face_condition, lie, swing, strike, tags, note, recipe, loft_rad, club_speed_mps,
    attack_angle_rad, club_path_rad, face_angle_rad, dynamic_loft_rad, spin_loft_rad,
    ball_speed_mps, launch_angle_rad, launch_direction_rad, spin_rate_radps, spin_axis_rad,
    carry_m, apex_m, landing_angle_rad, release_m, total_m, side_m, paced_m FROM shots;
DROP TABLE shots;
ALTER TABLE shots_4 RENAME TO shots;
CREATE TABLE tunings_4(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  player TEXT NOT NULL,
  made TEXT NOT NULL,
  program TEXT NOT NULL,
  shots INTEGER NOT NULL,
  tuning TEXT NOT NULL,
  shot_ids TEXT NOT NULL DEFAULT '');
INSERT INTO tunings_4 SELECT id, player, made, program, shots, tuning, shot_ids FROM tunings;
DROP TABLE tunings;
ALTER TABLE tunings_4 RENAME TO tunings;
CREATE TABLE recipes(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  name TEXT NOT NULL UNIQUE,
  recipe TEXT NOT NULL);
CREATE INDEX sessions_by_title ON sessions(title);
CREATE INDEX sources_by_session ON sources(session_id);
CREATE INDEX shots_by_source ON shots(source_id);
CREATE INDEX live_shots ON shots(device_shot, row_hash) WHERE device_shot IS NOT NULL;
CREATE INDEX paced_shots ON shots(id) WHERE paced_m IS NOT NULL;
CREATE INDEX wedges_by_player ON wedges(player_id);
CREATE INDEX tunings_by_player ON tunings(player);
CREATE INDEX tunings_in_use_by_tuning ON tunings_in_use(tuning_id);
)";

/// Players and clubs are records with an identity and other names by which files and devices call
/// them; shots refer to them and keep their words. A player that only shots name is not kept; one
/// without a name is whoever uses the program ("you"). A club is one over its history, whose stages
/// are in wedges. Sessions have a day (local, ISO 8601), a kind and a player where all shots are
/// one's. Parts say which players and clubs a source has, on which days (0: on none that is known):
/// an index of all shots would double the time of an import. Tunings are a player's, not a name's.
/// Days of shots count from 1970. Words that the
/// program compares are keys.
constexpr const char* fifth = R"(
ALTER TABLE players ADD COLUMN kept INTEGER NOT NULL DEFAULT 1;
CREATE TABLE player_names(
  name TEXT PRIMARY KEY,
  player_id INTEGER NOT NULL REFERENCES players(id));
CREATE TABLE clubs(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  player_id INTEGER NOT NULL REFERENCES players(id),
  name TEXT NOT NULL,
  UNIQUE(player_id, name));
CREATE TABLE club_names(
  player_id INTEGER NOT NULL REFERENCES players(id),
  name TEXT NOT NULL,
  club_id INTEGER NOT NULL REFERENCES clubs(id),
  PRIMARY KEY(player_id, name));
ALTER TABLE shots ADD COLUMN player_id INTEGER REFERENCES players(id);
ALTER TABLE shots ADD COLUMN club_id INTEGER REFERENCES clubs(id);
ALTER TABLE shots ADD COLUMN day INTEGER;
INSERT OR IGNORE INTO players(name, kept)
  SELECT DISTINCT CASE typeof(player) WHEN 'text' THEN player ELSE '' END, 0 FROM shots
  UNION SELECT player, 0 FROM tunings WHERE typeof(player) = 'text';
ALTER TABLE wedges ADD COLUMN club_id INTEGER REFERENCES clubs(id);
INSERT OR IGNORE INTO clubs(player_id, name) SELECT player_id, name FROM wedges;
UPDATE wedges SET club_id = (SELECT id FROM clubs
  WHERE clubs.player_id = wedges.player_id AND clubs.name = wedges.name);
UPDATE shots SET
  player_id = (SELECT id FROM players
    WHERE name = CASE typeof(player) WHEN 'text' THEN player ELSE '' END),
  day = CASE WHEN coalesce(time, arrived) GLOB
      '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]*'
    THEN CAST(julianday(substr(coalesce(time, arrived), 1, 10)) - 2440587.5 AS INTEGER) END;
INSERT OR IGNORE INTO clubs(player_id, name)
  SELECT DISTINCT player_id, wedge FROM shots WHERE typeof(wedge) = 'text' AND wedge <> '';
UPDATE shots SET club_id = (SELECT id FROM clubs
  WHERE clubs.player_id = shots.player_id AND clubs.name = shots.wedge)
  WHERE typeof(wedge) = 'text' AND wedge <> '';
CREATE TABLE parts(
  source_id INTEGER NOT NULL REFERENCES sources(id) ON DELETE CASCADE,
  player_id INTEGER NOT NULL REFERENCES players(id),
  club_id INTEGER REFERENCES clubs(id),
  first_day INTEGER NOT NULL,
  last_day INTEGER NOT NULL);
INSERT INTO parts SELECT source_id, player_id, club_id, min(coalesce(day, 0)), max(coalesce(day, 0))
  FROM shots GROUP BY source_id, player_id, club_id;
ALTER TABLE sessions ADD COLUMN day TEXT NOT NULL DEFAULT '';
ALTER TABLE sessions ADD COLUMN kind TEXT NOT NULL DEFAULT 'file' CHECK(kind IN ('file', 'live'));
ALTER TABLE sessions ADD COLUMN player_id INTEGER REFERENCES players(id);
UPDATE sessions SET
  kind = CASE WHEN EXISTS(SELECT 1 FROM sources WHERE session_id = sessions.id AND kind = 'live')
    THEN 'live' ELSE 'file' END,
  day = coalesce((SELECT date(min(shots.day) * 86400, 'unixepoch') FROM shots
      JOIN sources ON sources.id = source_id WHERE session_id = sessions.id),
    substr(started, 1, 10)),
  player_id = (SELECT CASE WHEN min(shots.player_id) = max(shots.player_id)
      THEN min(shots.player_id) END FROM shots
    JOIN sources ON sources.id = source_id WHERE session_id = sessions.id);
CREATE TABLE tunings_5(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  player_id INTEGER NOT NULL REFERENCES players(id),
  made TEXT NOT NULL,
  program TEXT NOT NULL,
  shots INTEGER NOT NULL,
  tuning TEXT NOT NULL,
  shot_ids TEXT NOT NULL DEFAULT '');
INSERT INTO tunings_5
  SELECT tunings.id, players.id, made, program, shots, tuning, shot_ids
  FROM tunings JOIN players ON players.name = tunings.player;
CREATE TABLE tunings_in_use_5(
  player_id INTEGER PRIMARY KEY REFERENCES players(id),
  tuning_id INTEGER NOT NULL REFERENCES tunings(id) ON DELETE CASCADE);
INSERT INTO tunings_in_use_5
  SELECT players.id, tuning_id FROM tunings_in_use JOIN players
  ON players.name = tunings_in_use.player;
DROP TABLE tunings_in_use;
DROP TABLE tunings;
ALTER TABLE tunings_5 RENAME TO tunings;
ALTER TABLE tunings_in_use_5 RENAME TO tunings_in_use;
UPDATE set_asides SET reason = CASE reason WHEN 'by the coach' THEN 'coach'
  WHEN 'unit?' THEN 'units' WHEN 'too fast' THEN 'energy' WHEN 'spin?' THEN 'spin'
  WHEN 'twice' THEN 'duplicate' WHEN 'fat?' THEN 'fat' WHEN 'thin?' THEN 'thin'
  WHEN 'off centre?' THEN 'off-centre' ELSE reason END;
UPDATE OR REPLACE dismissals SET doubt = CASE doubt
  WHEN 'unit?' THEN 'units' WHEN 'too fast' THEN 'energy' WHEN 'spin?' THEN 'spin'
  WHEN 'twice' THEN 'duplicate' WHEN 'fat?' THEN 'fat' WHEN 'thin?' THEN 'thin'
  WHEN 'off centre?' THEN 'off-centre' ELSE doubt END;
DROP INDEX sessions_by_title;
CREATE INDEX sessions_by_day ON sessions(day);
CREATE INDEX parts_by_player ON parts(player_id, last_day);
CREATE INDEX parts_by_club ON parts(club_id, last_day);
CREATE UNIQUE INDEX parts_by_source ON parts(source_id, player_id, coalesce(club_id, 0));
CREATE INDEX wedges_by_club ON wedges(club_id);
CREATE INDEX names_by_player ON player_names(player_id);
CREATE INDEX names_by_club ON club_names(club_id);
CREATE INDEX tunings_by_player ON tunings(player_id);
CREATE INDEX tunings_in_use_by_tuning ON tunings_in_use(tuning_id);
)";

/// Situations are kept as documents, by name.
constexpr const char* sixth = R"(
CREATE TABLE situations(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  name TEXT NOT NULL UNIQUE,
  situation TEXT NOT NULL);
)";

/// A player's swings are kept as a document.
constexpr const char* seventh = R"(
CREATE TABLE swing_sets(
  player_id INTEGER PRIMARY KEY REFERENCES players(id),
  swings TEXT NOT NULL);
)";

/// What was seen of a shot by eye is kept as a document.
constexpr const char* eighth = R"(
ALTER TABLE shots ADD COLUMN seen TEXT;
)";

/// A shot that was given to another player keeps how its file calls its own, by which it is known
/// when it comes again. Pictures and clips of shots and recipes are files beside the logbook, named
/// by their content.
constexpr const char* ninth = R"(
ALTER TABLE shots ADD COLUMN player_in_file TEXT;
CREATE INDEX given_shots ON shots(id) WHERE player_in_file IS NOT NULL;
CREATE TABLE attachments(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  shot_id INTEGER REFERENCES shots(id) ON DELETE CASCADE,
  recipe TEXT,
  content TEXT NOT NULL,
  name TEXT NOT NULL,
  bytes INTEGER NOT NULL,
  added TEXT NOT NULL,
  CHECK((shot_id IS NULL) <> (recipe IS NULL)));
CREATE INDEX attachments_by_shot ON attachments(shot_id) WHERE shot_id IS NOT NULL;
)";

/// Drills and trials as documents, with the shots that were hit in them, in order; the coach's own
/// drills.
constexpr const char* tenth = R"(
CREATE TABLE trainings(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  player_id INTEGER NOT NULL REFERENCES players(id),
  begun TEXT NOT NULL,
  ended INTEGER NOT NULL DEFAULT 0,
  kind TEXT NOT NULL CHECK(kind IN ('drill', 'trial')),
  training TEXT NOT NULL);
CREATE TABLE training_shots(
  training_id INTEGER NOT NULL REFERENCES trainings(id),
  place INTEGER NOT NULL,
  shot_id INTEGER NOT NULL REFERENCES shots(id) ON DELETE CASCADE,
  PRIMARY KEY(training_id, place));
CREATE TABLE drills(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  name TEXT NOT NULL UNIQUE,
  drill TEXT NOT NULL);
CREATE INDEX trainings_by_player ON trainings(player_id);
CREATE INDEX trainings_of_shot ON training_shots(shot_id);
)";

/// What a coach notes of a player, by day and kind.
constexpr const char* eleventh = R"(
CREATE TABLE notes(
  id INTEGER PRIMARY KEY AUTOINCREMENT,
  player_id INTEGER NOT NULL REFERENCES players(id),
  at TEXT NOT NULL,
  kind TEXT NOT NULL CHECK(kind IN ('lesson', 'course', 'trial', 'caution', 'pain')),
  about TEXT NOT NULL DEFAULT '',
  result TEXT NOT NULL DEFAULT '',
  text TEXT NOT NULL DEFAULT '');
CREATE INDEX notes_by_player ON notes(player_id);
)";

/// What a schema holds, by name. The objects that SQLite makes for itself are left out.
using Objects = std::map<std::string, std::string>;

Objects objectsOf(SQLite::Database& db) {
    // A file may claim to hold any number of them.
    constexpr std::size_t most = 1000;
    Objects out;
    SQLite::Statement all(db,
                          "SELECT type || ' ' || name, coalesce(sql, '') FROM sqlite_schema "
                          "WHERE name NOT LIKE 'sqlite\\_%' ESCAPE '\\'");
    while (out.size() < most && all.executeStep())
        out[all.getColumn(0).getString()] = all.getColumn(1).getString();
    return out;
}

const Objects& expected(int version) {
    static std::mutex mutex;
    static std::map<int, Objects> known;
    const std::lock_guard lock(mutex);
    const auto at = known.find(version);
    if (at != known.end()) return at->second;
    SQLite::Database made(":memory:", SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    for (int i = 0; i < version; ++i)
        made.exec(migrations()[static_cast<std::size_t>(i)]);
    return known[version] = objectsOf(made);
}

}  // namespace

std::span<const std::string> migrations() {
    static const std::array<std::string, 11> steps{firstStep, secondStep, third,   fourth,
                                                   fifth,     sixth,      seventh, eighth,
                                                   ninth,     tenth,      eleventh};
    return steps;
}

std::optional<Message> findForeign(SQLite::Database& db, int version) {
    const Objects wanted = expected(version);
    const Objects found = objectsOf(db);
    for (const auto& [name, sql] : found) {
        const auto at = wanted.find(name);
        if (at == wanted.end()) return Message{Says::HoldsForeign, text::shown(name, 60)};
        if (at->second != sql) return Message{Says::MadeByForeign, text::shown(name, 60)};
    }
    for (const auto& [name, sql] : wanted) {
        if (!found.contains(name)) return Message{Says::Lacks, name};
    }
    return std::nullopt;
}

}  // namespace wedgeon::store
