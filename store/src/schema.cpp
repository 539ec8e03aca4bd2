// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The steps.
#include "schema.h"

#include <array>

namespace wedgeon::store {
namespace {

constexpr const char* first = R"(
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
constexpr const char* second = R"(
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

}  // namespace

std::span<const std::string> migrations() {
    static const std::array<std::string, 3> steps{first, second, third};
    return steps;
}

}  // namespace wedgeon::store
