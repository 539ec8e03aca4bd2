// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Which strikes count, and what is noted.
#include "desk/care.h"

#include <QDateTime>
#include <algorithm>

#include "text/units.h"
#include "wedgeon/error.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/store/shot_givens.h"

namespace wedgeon {
namespace {

/// Of the fastest swing that the player has.
constexpr double fullShare = 0.9;

}  // namespace

Care::Care(ShotLog& log, Workbench& bench, const Preferences& preferences, QObject* parent)
    : QObject(parent), log_(log), bench_(bench), preferences_(preferences) {
    connect(&preferences_, &Preferences::changed, this, [this, former = limits()]() mutable {
        if (former == limits()) return;
        former = limits();
        emit changed();
    });
    connect(&log_, &ShotLog::opened, this, &Care::read);
    connect(&log_, &ShotLog::recordsChanged, this, &Care::changed);
    connect(&bench_, &Workbench::givensChanged, this, &Care::changed);
}

void Care::read() {
    strikes_.clear();
    recorded_.clear();
    day_ = log_.clock().today();
    log_.findShotsOfDay(day_, [this, day = day_](const std::vector<store::LoggedShot>& shots) {
        if (day != day_) return;
        for (const store::LoggedShot& shot : shots)
            add(shot);
        emit changed();
    });
}

void Care::add(const store::LoggedShot& shot) {
    const store::ShotRecord& r = shot.record;
    const QString time = text::fromUtf8(r[store::Label::Time]);
    if (!time.startsWith(text::fromUtf8(day_))) return;
    const QDateTime at = QDateTime::fromString(
        QString(time.left(19)).replace(QLatin1Char(' '), QLatin1Char('T')), Qt::ISODate);
    Strike s;
    const store::ShotGivens givens = store::findShotGivens(r, bench_.fallback());
    s.player = givens.player.name;
    s.counted.time_s =
        static_cast<double>((at.isValid() ? at : log_.clock().local()).toSecsSinceEpoch());
    double speed = r[store::Quantity::ClubSpeed];
    double attack = r[store::Quantity::AttackAngle];
    if (std::isnan(speed) || std::isnan(attack)) {
        // As it was declared.
        try {
            if (const auto declared = store::findDeclared(r)) {
                const Swing swing = givens.predictor().swing(declared->recipe);
                if (std::isnan(speed)) speed = swing.delivery.clubSpeed_mps;
                if (std::isnan(attack)) attack = swing.delivery.attack_rad;
            }
        } catch (const RangeError&) {
            return;
        }
    }
    s.counted.steepOnHard = !std::isnan(attack) && isSteepOnHard(attack, givens.conditions);
    const auto& rungs = bench_.swings().rungs();
    s.counted.fullEffort =
        !rungs.empty() && !std::isnan(speed) && speed >= fullShare * rungs.back().speed_mps;
    strikes_[shot.id] = s;
}

void Care::take(const std::vector<store::LoggedShot>& shots) {
    if (log_.clock().today() != day_) read();
    const StrainState before = strain();
    for (const store::LoggedShot& shot : shots)
        add(shot);
    const StrainState now = strain();
    emit changed();
    if (now.pauseDue && !before.pauseDue) emit pauseDue();
    if (now.dayFull && !before.dayFull) emit dayFull();
}

StrainState Care::strain() const {
    std::vector<CountedStrike> his;
    for (const auto& [id, strike] : strikes_) {
        if (strike.player == bench_.state().player.name) his.push_back(strike.counted);
    }
    return findStrain(his, limits(), static_cast<double>(log_.clock().local().toSecsSinceEpoch()));
}

void Care::shown(const QString& caution, const QString& text) {
    if (log_.state() != ShotLog::State::Open) return;
    store::Note note;
    note.player = bench_.state().player.name;
    note.kind = store::NoteKind::Caution;
    note.about = caution.toStdString();
    note.text = text.toStdString();
    note.at = log_.clock().local().toString(Qt::ISODate).toStdString();
    const std::string today = log_.clock().today();
    const auto& notes = log_.records().notes;
    const bool there = std::any_of(notes.rbegin(), notes.rend(), [&](const store::Note& n) {
        return n.kind == note.kind && n.player == note.player && n.about == note.about &&
               n.at.starts_with(today);
    });
    if (there || !recorded_.insert(today + note.about + '\n' + note.player).second) return;
    log_.change([note](store::Logbook& book) { store::Notes(book).add(note); });
}

void Care::stopForPain(const QString& text) {
    store::Note note;
    note.player = bench_.state().player.name;
    note.kind = store::NoteKind::Pain;
    note.text = text.toStdString();
    note.at = log_.clock().local().toString(Qt::ISODate).toStdString();
    log_.addNote(note);
}

std::optional<store::Note> Care::painToday() const {
    const std::string today = log_.clock().today();
    const auto& notes = log_.records().notes;
    const auto at = std::find_if(notes.rbegin(), notes.rend(), [&](const store::Note& n) {
        return n.kind == store::NoteKind::Pain && n.player == bench_.state().player.name &&
               n.at.starts_with(today);
    });
    return at == notes.rend() ? std::nullopt : std::optional(*at);
}

}  // namespace wedgeon
