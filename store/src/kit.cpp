// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Records and rows.
#include "wedgeon/store/kit.h"

#include <algorithm>
#include <array>

#include "identities.h"
#include "logbook_db.h"
#include "player_rows.h"
#include "row_changes.h"
#include "wedgeon/error.h"

namespace wedgeon::store {
namespace {

/// Sixty characters, whatever the script.
constexpr std::size_t mostNameBytes = 240;
constexpr std::size_t mostTextBytes = 400;

void requireName(const std::string& name, Says otherwise) {
    if (name.empty() || name.size() > mostNameBytes ||
        name.find_first_of("\r\n") != std::string::npos)
        throw StoreError(Fault::Malformed, {otherwise, mostNameBytes});
}

void requireText(const std::string& text) {
    if (text.size() > mostTextBytes)
        throw StoreError(Fault::Malformed, {Says::TextTooLongBytes, mostTextBytes});
}

/// Numbers that the model does not take are no record either.
template <class Checked>
void requireValid(const Checked& part) {
    try {
        part.validate();
    } catch (const RangeError& e) {
        throw StoreError(Fault::Malformed, messageOf(e));
    }
}

/// Runs \p work on the database as one transaction.
template <class Work>
void change(Logbook& logbook, const Work& work) {
    changed(LogbookAccess::of(logbook), work);
}

/// All rows of \p sql as values that \p make makes of each.
template <class Make>
auto rows(Logbook& logbook, const std::string& sql, const std::string& bound, const Make& make) {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook);
    return book.guarded([&] {
        std::vector<decltype(make(std::declval<SQLite::Statement&>()))> out;
        SQLite::Statement all(*book.db, sql);
        if (!bound.empty()) all.bind(1, bound);
        while (all.executeStep())
            out.push_back(make(all));
        return out;
    });
}

/// A name and numbers, as \p sql takes them.
void put(Logbook& logbook, const char* sql, const std::string& name,
         std::initializer_list<double> numbers) {
    change(logbook, [&](SQLite::Database& db) {
        SQLite::Statement s(db, sql);
        s.bind(1, name);
        int at = 2;
        for (const double v : numbers)
            s.bind(at++, v);
        s.exec();
    });
}

std::int64_t playerId(SQLite::Database& db, const std::string& name) {
    SQLite::Statement find(db, "SELECT id FROM players WHERE name = ? AND kept");
    find.bind(1, name);
    if (!find.executeStep()) throw StoreError(Fault::Malformed, {Says::NoSuchPlayer, name});
    return find.getColumn(0).getInt64();
}

/// Another name of the player.
void giveName(SQLite::Database& db, std::int64_t player, const std::string& name) {
    SQLite::Statement put(db, "INSERT INTO player_names(player_id, name) VALUES(?1, ?2)");
    put.bind(1, player);
    put.bind(2, name);
    put.exec();
}

std::vector<std::string> otherNamesOf(SQLite::Database& db, std::int64_t player) {
    std::vector<std::string> out;
    SQLite::Statement all(db, "SELECT name FROM player_names WHERE player_id = ? ORDER BY name");
    all.bind(1, player);
    while (all.executeStep())
        out.push_back(textAt(all, 0));
    return out;
}

}  // namespace

std::vector<Player> Kit::players() const {
    return rows(logbook_, "SELECT id, name, hand, note FROM players WHERE kept ORDER BY name", {},
                [](SQLite::Statement& s) {
                    return Player{s.getColumn(0).getInt64(), s.getColumn(1).getString(),
                                  s.getColumn(2).getString() == "left" ? Hand::Left : Hand::Right,
                                  s.getColumn(3).getString()};
                });
}

std::optional<Player> Kit::findPlayer(const std::string& name) const {
    for (Player& p : players()) {
        if (p.name == name) return std::move(p);
    }
    return std::nullopt;
}

std::int64_t Kit::keepPlayer(const Player& player) {
    requireName(player.name, Says::PlayerNameForm);
    requireText(player.note);
    std::int64_t id = 0;
    change(logbook_, [&](SQLite::Database& db) {
        // Whoever gets a name of his own is no longer somebody else's other name.
        SQLite::Statement other(db, "SELECT player_id FROM player_names WHERE name = ?");
        other.bind(1, player.name);
        if (other.executeStep()) {
            const std::int64_t former = other.getColumn(0).getInt64();
            other.reset();
            splitPlayerRows(db, former, player.name);
        }
        SQLite::Statement put(db,
                              "INSERT INTO players(name, hand, note, kept) VALUES(?1, ?2, ?3, 1) "
                              "ON CONFLICT(name) DO UPDATE SET hand = ?2, note = ?3, kept = 1");
        put.bind(1, player.name);
        put.bind(2, player.hand == Hand::Left ? "left" : "right");
        put.bind(3, player.note);
        put.exec();
        id = playerId(db, player.name);
    });
    return id;
}

void Kit::removePlayer(const std::string& name) {
    change(logbook_, [&](SQLite::Database& db) {
        run(db, "DELETE FROM wedges WHERE player_id IN (SELECT id FROM players WHERE name = ?)",
            name);
        run(db, "UPDATE players SET kept = 0, hand = 'right', note = '' WHERE name = ?", name);
    });
}

std::vector<std::string> Kit::otherNames(const std::string& player) const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        const auto id = findPlayerId(*book.db, player);
        return id ? otherNamesOf(*book.db, *id) : std::vector<std::string>{};
    });
}

void Kit::setOtherNames(const std::string& player, const std::vector<std::string>& names) {
    for (const std::string& name : names)
        requireName(name, Says::PlayerNameForm);
    change(logbook_, [&](SQLite::Database& db) {
        const std::int64_t id = playerId(db, player);
        const std::vector<std::string> former = otherNamesOf(db, id);
        for (const std::string& name : former) {
            if (std::find(names.begin(), names.end(), name) == names.end())
                splitPlayerRows(db, id, name);
        }
        for (const std::string& name : names) {
            if (name == player || std::find(former.begin(), former.end(), name) != former.end())
                continue;
            SQLite::Statement find(db, "SELECT id, kept FROM players WHERE name = ?");
            find.bind(1, name);
            if (find.executeStep()) {
                const std::int64_t other = find.getColumn(0).getInt64();
                if (find.getColumn(1).getInt() != 0)
                    throw StoreError(Fault::Malformed, {Says::PlayerOfHisOwn, name});
                find.reset();
                mergePlayerRows(db, other, id);
            }
            SQLite::Statement taken(db, "SELECT 1 FROM player_names WHERE name = ?");
            taken.bind(1, name);
            if (taken.executeStep()) throw StoreError(Fault::Malformed, {Says::AnothersName, name});
            giveName(db, id, name);
        }
    });
}

RowChanges Kit::mergePlayers(const std::string& from, const std::string& into,
                             const std::string& today) {
    if (from == into) throw StoreError(Fault::Malformed, {Says::PlayerOfHisOwn, from});
    LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return changed(book, [&](SQLite::Database& db) {
        const std::int64_t to = playerId(db, into);
        SQLite::Statement find(db, "SELECT id FROM players WHERE name = ?");
        find.bind(1, from);
        if (from.empty() || !find.executeStep())
            throw StoreError(Fault::Malformed, {Says::NoSuchPlayer, from});
        const std::int64_t other = find.getColumn(0).getInt64();
        find.reset();
        RowChanges out;
        out.name = from;
        SQLite::Statement sources(db, "SELECT DISTINCT source_id FROM parts WHERE player_id = ?");
        sources.bind(1, other);
        while (sources.executeStep())
            out.sources.push_back(sources.getColumn(0).getInt64());
        sources.reset();
        // Clubs that others may come to refer to are not taken back.
        makeItsClubs(db, other, to);
        RowRecorder recorder(
            db, {"players", "player_names", "clubs", "club_names", "wedges", "shots", "trainings",
                 "notes", "tunings", "tunings_in_use", "swing_sets"});
        // Of two clubs of one name in the bag, the one stays that was his.
        SQLite::Statement end(db,
                              "UPDATE wedges SET until = ?1 WHERE player_id = ?2 AND until = '' "
                              "AND name IN (SELECT name FROM wedges WHERE player_id = ?3 AND until "
                              "= '')");
        end.bind(1, today);
        end.bind(2, other);
        end.bind(3, to);
        end.exec();
        SQLite::Statement notes(
            db,
            "UPDATE players SET note = players.note || CASE WHEN players.note <> '' AND was.note "
            "<> '' THEN "
            "char(10) ELSE '' END || was.note FROM players AS was WHERE players.id = ?1 AND was.id "
            "= ?2 AND was.note <> ''");
        notes.bind(1, to);
        notes.bind(2, other);
        notes.exec();
        mergePlayerRows(db, other, to);
        giveName(db, to, from);
        out.rows = recorder.changes();
        return out;
    });
}

std::map<std::string, std::string> Kit::allOtherNames() const {
    const LogbookAccess::Impl& book = LogbookAccess::of(logbook_);
    return book.guarded([&] {
        std::map<std::string, std::string> out;
        SQLite::Statement all(*book.db,
                              "SELECT player_names.name, players.name FROM player_names JOIN "
                              "players ON players.id = player_id");
        while (all.executeStep())
            out.emplace(textAt(all, 0), textAt(all, 1));
        return out;
    });
}

std::vector<KitWedge> Kit::wedges(const std::string& player, bool former) const {
    return rows(
        logbook_,
        std::string("SELECT wedges.id, player_id, wedges.name, loft_rad, lie_rad, "
                    "bounce_rad, sole, length_m, grooves, since, until, wedges.note FROM "
                    "wedges JOIN players ON players.id = player_id WHERE players.name = ?") +
            (former ? "" : " AND until = ''") + " ORDER BY loft_rad, since",
        player, [](SQLite::Statement& s) {
            KitWedge w;
            w.id = s.getColumn(0).getInt64();
            w.player = s.getColumn(1).getInt64();
            w.name = s.getColumn(2).getString();
            w.wedge = {s.getColumn(3).getDouble(), s.getColumn(4).getDouble(),
                       s.getColumn(5).getDouble()};
            w.sole = s.getColumn(6).getString();
            if (!s.getColumn(7).isNull()) w.length_m = s.getColumn(7).getDouble();
            w.grooves = s.getColumn(8).getString();
            w.since = s.getColumn(9).getString();
            w.until = s.getColumn(10).getString();
            w.note = s.getColumn(11).getString();
            return w;
        });
}

void Kit::keepWedge(const std::string& player, const KitWedge& wedge, const std::string& today) {
    requireName(wedge.name, Says::WedgeNameForm);
    requireValid(wedge.wedge);
    for (const auto* text : {&wedge.sole, &wedge.grooves, &wedge.note})
        requireText(*text);
    change(logbook_, [&](SQLite::Database& db) {
        const std::int64_t owner = playerId(db, player);
        SQLite::Statement correct(db,
                                  "DELETE FROM wedges WHERE player_id = ? AND name = ? AND until = "
                                  "'' AND since = ?");
        correct.bind(1, owner);
        correct.bind(2, wedge.name);
        correct.bind(3, today);
        correct.exec();
        SQLite::Statement end(
            db, "UPDATE wedges SET until = ? WHERE player_id = ? AND name = ? AND until = ''");
        end.bind(1, today);
        end.bind(2, owner);
        end.bind(3, wedge.name);
        end.exec();
        SQLite::Statement put(db,
                              "INSERT INTO wedges(player_id, name, loft_rad, lie_rad, bounce_rad, "
                              "sole, length_m, grooves, since, note, club_id) "
                              "VALUES(?,?,?,?,?,?,?,?,?,?,?)");
        put.bind(1, owner);
        put.bind(2, wedge.name);
        put.bind(3, wedge.wedge.loft_rad);
        put.bind(4, wedge.wedge.lie_rad);
        put.bind(5, wedge.wedge.bounce_rad);
        put.bind(6, wedge.sole);
        if (wedge.length_m) put.bind(7, *wedge.length_m);
        put.bind(8, wedge.grooves);
        put.bind(9, today);
        put.bind(10, wedge.note);
        put.bind(11, *Identities(db).club(owner, Word(wedge.name)));
        put.exec();
    });
}

void Kit::retireWedge(const std::string& player, const std::string& name,
                      const std::string& today) {
    change(logbook_, [&](SQLite::Database& db) {
        SQLite::Statement end(
            db, "UPDATE wedges SET until = ? WHERE player_id = ? AND name = ? AND until = ''");
        end.bind(1, today);
        end.bind(2, playerId(db, player));
        end.bind(3, name);
        end.exec();
    });
}

std::vector<KeptBall> Kit::balls() const {
    return rows(
        logbook_, "SELECT name, kind FROM balls ORDER BY name", {}, [](SQLite::Statement& s) {
            const NamedBall* known = findBall(s.getColumn(1).getString());
            return KeptBall{s.getColumn(0).getString(), known ? known->ball : BallKind::Soft};
        });
}

void Kit::keep(const KeptBall& ball) {
    requireName(ball.name, Says::BallNameForm);
    change(logbook_, [&](SQLite::Database& db) {
        for (const NamedBall& known : namedBalls()) {
            if (known.ball == ball.ball)
                run(db, "INSERT OR REPLACE INTO balls(name, kind) VALUES(?, ?)", ball.name,
                    std::string(known.key));
        }
    });
}

std::vector<KeptLie> Kit::lies() const {
    return rows(logbook_,
                "SELECT name, cover, moisture, grain_rad, sit_m, firmness FROM lies ORDER BY name",
                {}, [](SQLite::Statement& s) {
                    return KeptLie{s.getColumn(0).getString(),
                                   Lie{s.getColumn(1).getDouble(), s.getColumn(2).getDouble(),
                                       s.getColumn(3).getDouble(), s.getColumn(4).getDouble(),
                                       s.getColumn(5).getDouble()}};
                });
}

void Kit::keep(const KeptLie& kept) {
    requireName(kept.name, Says::LieNameForm);
    requireValid(kept.lie);
    const Lie& l = kept.lie;
    put(logbook_,
        "INSERT OR REPLACE INTO lies(name, cover, moisture, grain_rad, sit_m, firmness) VALUES(?, "
        "?, ?, ?, ?, ?)",
        kept.name, {l.cover, l.moisture, l.grain_rad, l.sit_m, l.firmness});
}

std::vector<KeptGround> Kit::grounds() const {
    return rows(logbook_,
                "SELECT name, firmness, friction, stimp_ft, slope_along, slope_across FROM grounds "
                "ORDER BY name",
                {}, [](SQLite::Statement& s) {
                    return KeptGround{s.getColumn(0).getString(),
                                      Ground{s.getColumn(1).getDouble(), s.getColumn(2).getDouble(),
                                             s.getColumn(3).getDouble(), s.getColumn(4).getDouble(),
                                             s.getColumn(5).getDouble()}};
                });
}

void Kit::keep(const KeptGround& kept) {
    requireName(kept.name, Says::GroundNameForm);
    requireValid(kept.ground);
    const Ground& g = kept.ground;
    put(logbook_,
        "INSERT OR REPLACE INTO grounds(name, firmness, friction, stimp_ft, slope_along, "
        "slope_across) VALUES(?, ?, ?, ?, ?, ?)",
        kept.name, {g.firmness, g.friction, g.stimp_ft, g.slopeAlong, g.slopeAcross});
}

void Kit::remove(Part part, const std::string& name) {
    constexpr std::array statements{"DELETE FROM balls WHERE name = ?",
                                    "DELETE FROM lies WHERE name = ?",
                                    "DELETE FROM grounds WHERE name = ?"};
    change(logbook_, [&](SQLite::Database& db) {
        run(db, statements[static_cast<std::size_t>(part)], name);
    });
}

}  // namespace wedgeon::store
