// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What follows from what.
#include "desk/desk.h"

#include <algorithm>

#include "desk/bench_memory.h"
#include "text/units.h"
#include "wedgeon/ladder/ladder.h"
#include "wedgeon/lie/lie.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/sightings.h"

namespace wedgeon {
namespace {

constexpr int rememberAfter_ms = 500;
/// The pause after which a ladder is made: longer where the logbook takes long to read, but no
/// longer than there is between the shots of a player.
constexpr int ladderAfter_ms = 300, ladderAtMost_ms = 2000;
constexpr int ladderRest = 10;  // times what making it took

}  // namespace

Desk::Desk(const QString& logbook, const Clock& clock)
    : bench_(rememberedBench()),
      preferences_(bench_.undoStack()),
      log_(logbook.isEmpty() ? ShotLog::ordinaryPath() : logbook, bench_.undoStack(), preferences_,
           clock),
      recipes_(log_, RecipeBook::formerPath()),
      link_(log_),
      shots_(bench_),
      shown_(shots_),
      comparison_(shots_, shown_, bench_),
      oneChange_(shots_, bench_),
      import_(log_),
      attacher_(log_, preferences_),
      training_(log_, bench_),
      care_(log_, bench_, preferences_),
      simulated_(preferences_) {
    bench_.setUnits(preferences_.values().units());
    connect(&preferences_, &Preferences::changed, this,
            [this, former = preferences_.values()]() mutable {
                const PreferenceValues& now = preferences_.values();
                former.lengths = now.lengths;
                former.speeds = now.speeds;
                const bool more = former != now;
                former = now;
                bench_.setUnits(now.units());  // tells of itself
                if (more) tell(Preferred);
            });
    rememberSoon_.setSingleShot(true);
    rememberSoon_.setInterval(rememberAfter_ms);
    connect(&rememberSoon_, &QTimer::timeout, this, [this] { rememberBench(bench_.state()); });
    ladderSoon_.setSingleShot(true);
    ladderSoon_.setInterval(ladderAfter_ms);
    connect(&ladderSoon_, &QTimer::timeout, this, &Desk::makeLadder);
    connect(&ladder_, &LadderMaker::made, this, &Desk::ladderMade);
    // They go before the log does, which closes then.
    connect(&log_, &ShotLog::closing, &ladderSoon_, &QTimer::stop);
    connect(&log_, &ShotLog::closing, &ladder_, &LadderMaker::close);
    connect(&log_, &ShotLog::closing, &history_, &HistoryMaker::close);
    connect(&log_, &ShotLog::closing, &causes_, &CauseFinder::close);
    connect(&causes_, &CauseFinder::questioned, this, &Desk::askCause);
    connect(&causes_, &CauseFinder::changed, this, [this] { tell(Causes); });
    link_.declareWith([this] {
        const BenchState& state = bench_.state();
        return store::formatDeclared(state.recipes[state.chosen]);
    });
    link_.declareWhen([this] { return training_.isRunning() && training_.needsDeclaration(); });
    connect(&link_, &LiveLink::shotsArrived, this, &Desk::shotsArrived);
    connect(&log_, &ShotLog::loaded, this,
            [this](const auto& shots, std::int64_t, const QString& title, std::size_t before) {
                shots_.setShots(*shots, title, before);
                tell(Records);
            });
    connect(&log_, &ShotLog::shotChanged, &shots_, &WatchedShots::replace);
    connect(&training_, &TrainingRoom::changed, this, [this] { tell(Trained); });
    connect(&care_, &Care::changed, this, [this] { tell(Cared); });
    connect(&log_, &ShotLog::seenAdded, this, [this](const store::LoggedShot& shot) {
        training_.take({shot});
        care_.take({shot});
        if (log_.shown() == shot.session && shots_.rowCount() > 0) {
            shots_.append({shot});
        } else {
            log_.load(shot.session);
        }
    });
    connect(&log_, &ShotLog::saved, this, &Desk::ladderIsOld);
    connect(&log_, &ShotLog::opened, this, &Desk::logOpened);
    connect(&log_, &ShotLog::opened, &oneChange_, &OneChange::end);
    connect(&log_, &ShotLog::recordsChanged, this, [this] {
        bench_.setEveryone(log_.records().everyone);
        ladderIsOld();
        tell(Records);
    });
    connect(&log_, &ShotLog::stateChanged, this, [this] { tell(LogState); });
    connect(&bench_, &Workbench::changed, this, [this] {
        rememberSoon_.start();
        tell(Bench);
    });
    connect(&bench_, &Workbench::givensChanged, this, [this] {
        const BenchState& s = bench_.state();
        const auto& made = ladder_.answer();
        // Another day is played with the ladder that there is.
        if (made && made->ladder.player == s.player &&
            made->ladder.plain.ball == s.conditions.ball) {
            ladder_.play(s.conditions);
        } else {
            ladderSoon_.start(ladderAfter_ms);  // somebody waits for another player's
        }
        tell(Givens);
    });
    connect(&bench_, &Workbench::simulated, this, [this] { tell(Swings); });
    connect(&bench_, &Workbench::unitsChanged, this, [this] { tell(UnitsShown); });
    connect(&shots_, &WatchedShots::shotsChanged, this, [this] {
        wanted_.see(shots_.shots(), bench_.fallback());
        ladderIsOld();
        tell(Shots);
    });
    connect(&shots_, &QAbstractItemModel::dataChanged, this, [this] { tell(ShotNotes); });
    connect(&comparison_, &Comparison::changed, this, [this] { tell(Compared); });
}

Desk::~Desk() {
    if (rememberSoon_.isActive()) rememberBench(bench_.state());
}

void Desk::logOpened() {
    if (!playerTaken_) {
        const store::Players& everyone = *log_.records().everyone;
        const auto its = everyone.find(bench_.state().player.name);
        if (its != everyone.end() && its->second != bench_.state().player) {
            BenchState next = bench_.state();
            next.player = its->second;
            bench_.edit(next, tr("change player"));
            bench_.undoStack().clear();  // that is how the program starts
        }
    }
    playerTaken_ = true;
    const auto& all = log_.records().sessions;
    if (!all.empty()) {
        log_.load(all.back().id);
    } else {
        shots_.setShots({}, {});
    }
}

void Desk::ladderIsOld() {
    // A flood of shots or an import goes first: it is made in the first pause.
    ladderSoon_.start();
}

bool Desk::canRead() const {
    return log_.state() == ShotLog::State::Open || log_.state() == ShotLog::State::ReadOnly;
}

void Desk::askHistory() {
    HistoryMaker::Question q;
    if (canRead()) q.logbook = log_.path();
    q.records = std::make_shared<const store::Records>(log_.records());
    q.fallback = bench_.fallback();
    history_.ask(std::move(q));
}

void Desk::askCause() {
    causes_.ask({canRead() ? log_.path() : QString(), bench_.fallback(), bench_.state().recipe()});
}

void Desk::makeLadder() {
    LadderMaker::Question q;
    if (canRead()) q.logbook = log_.path();
    q.records = std::make_shared<const store::Records>(log_.records());
    q.fallback = bench_.fallback();
    q.today = bench_.state().conditions;
    ladder_.ask(std::move(q));
}

void Desk::ladderMade() {
    const LadderAnswer& a = *ladder_.answer();
    ladderSoon_.setInterval(
        std::clamp(static_cast<int>(a.took.count()) * ladderRest, ladderAfter_ms, ladderAtMost_ms));
    if (a.player == bench_.state().player.name && !a.ladder.isGuess())
        bench_.setLogged(a.player, swingsOf(a.ladder));
    else if (a.player == bench_.state().player.name)
        bench_.setLogged({}, {});
    // The day may have changed while it was made.
    if (a.today != bench_.state().conditions) ladder_.play(bench_.state().conditions);
    tell(Ladders);
}

void Desk::addSeen(const Sighting& seen, const QString& strike, const QString& swing) {
    using store::Label;
    const BenchState& s = bench_.state();
    const Conditions met = s.met();
    store::ShotRecord r;
    r[Label::Time] = clock().local().toString(QStringLiteral("yyyy-MM-dd HH:mm:ss")).toStdString();
    r[Label::Player] = s.player.name;
    r[Label::Wedge] = text::degrees(met.wedge.loft_rad, 0).toStdString();
    for (const store::KitWedge& w : log_.records().wedgesOf(s.player.name)) {
        if (w.wedge == met.wedge) r[Label::Wedge] = w.name;
    }
    r[store::Quantity::Loft] = met.wedge.loft_rad;
    for (const NamedBall& b : namedBalls()) {
        if (b.ball == met.ball) r[Label::Ball] = std::string(b.key);
    }
    for (const NamedFace& f : namedFaces()) {
        if (f.face == met.face) r[Label::FaceCondition] = std::string(f.key);
    }
    for (const NamedLie& l : namedLies()) {
        if (l.lie == met.lie) r[Label::Lie] = std::string(l.key);
    }
    r[Label::Swing] = swing.toStdString();
    r[Label::Strike] = strike.toStdString();
    store::NamedRecipe declared = s.recipes[s.chosen];
    for (const Rung& rung : bench_.swings().rungs()) {
        if (rung.swing == swing.toStdString()) declared.recipe.clubSpeed_mps = rung.speed_mps;
    }
    r[Label::Recipe] = store::formatDeclared(declared);
    r[Label::Seen] = store::formatSighting(seen);
    log_.addSeen(r);
}

Hand Desk::handOf(const QString& player) const {
    if (player == bench_.state().playerName()) return bench_.state().player.hand;
    const store::Player* known = log_.records().findPlayer(player.toStdString());
    return known ? known->hand : Hand::Right;
}

bool Desk::useTuning(const QString& player, std::int64_t id) {
    const store::Records& records = log_.records();
    const std::string name = player.toStdString();
    const store::KeptTuning* former = records.tuningInUse(name);
    if ((former ? former->id : 0) == id) return false;
    std::shared_ptr<const Tuning> tuning;
    const auto its = records.tunings.find(name);
    if (id != 0 && its != records.tunings.end()) {
        for (const store::KeptTuning& t : its->second) {
            if (t.id == id) tuning = std::make_shared<const Tuning>(t.tuning);
        }
    }
    if (id != 0 && !tuning) return false;  // another window has taken it away
    // The logbook's choice and the bench's givens change and come back together.
    const QString what = id ? tr("use the tuning to %1").arg(player) : tr("use no tuning");
    BenchState next = bench_.state();
    next.player = {name, handOf(player), tuning, records.modelOf(name).swings};
    bench_.undoStack().beginMacro(what);
    log_.useTuning(name, id, what);
    bench_.edit(next, what);
    bench_.undoStack().endMacro();
    return true;
}

void Desk::setSwings(const std::string& player, std::shared_ptr<const SwingSet> swings) {
    const QString what = tr("change the swings");
    BenchState next = bench_.state();
    if (next.player.name == player) next.player.swings = swings;
    bench_.undoStack().beginMacro(what);
    log_.setSwings(player, std::move(swings), what);
    if (next != bench_.state()) bench_.edit(next, what);
    bench_.undoStack().endMacro();
}

void Desk::mergePlayers(const std::string& from, const std::string& into) {
    const QString what = tr("%1 is %2").arg(text::fromUtf8(from), text::fromUtf8(into));
    BenchState next = bench_.state();
    if (next.player.name == from) next.player = log_.records().modelOf(into);
    bench_.undoStack().beginMacro(what);
    log_.mergePlayers(from, into);
    if (next != bench_.state()) bench_.edit(next, what);
    bench_.undoStack().endMacro();
}

void Desk::shotsArrived(const std::vector<store::LoggedShot>& shots, const QString& session) {
    training_.take(shots);
    care_.take(shots);
    if (log_.shown() == shots.front().session && shots_.rowCount() > 0) {
        shots_.append(shots);
        return;
    }
    // The first of its session: the stream turns to it.
    log_.setShown(shots.front().session);
    shots_.setShots(ShotList(shots), session);
}

}  // namespace wedgeon
