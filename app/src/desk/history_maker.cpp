// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Reading, and a line through the days of each measure.
#include "desk/history_maker.h"

#include <array>
#include <cmath>

#include "desk/player_shots.h"
#include "wedgeon/units.h"

namespace wedgeon {
namespace {

using store::Quantity;

/// What a player does with the club, and what comes of it, in the order in which it is shown.
constexpr std::array shown{Quantity::AttackAngle, Quantity::DynamicLoft, Quantity::ClubPath,
                           Quantity::FaceToPath,  Quantity::ClubSpeed,   Quantity::LaunchAngle,
                           Quantity::SpinRate,    Quantity::Carry,       Quantity::Release,
                           Quantity::Side};

std::vector<MeasureCourse> coursesOf(const store::HistoryGroup& group) {
    std::vector<MeasureCourse> out;
    const auto add = [&](std::optional<Quantity> quantity, const std::vector<DayValues>& days) {
        if (auto course = findCourse(days))
            out.push_back({quantity, days, std::move(*course), false});
    };
    for (const Quantity q : shown)
        add(q, group[q]);
    add(std::nullopt, group.clean);
    std::vector<double> p;
    p.reserve(out.size());
    for (const MeasureCourse& c : out)
        p.push_back(c.course.p);
    for (const std::size_t i : findSure(p))
        out[i].drifts = std::abs(out[i].course.change) > HistoryMaker::matters(out[i].quantity);
    return out;
}

}  // namespace

double HistoryMaker::matters(std::optional<Quantity> quantity) {
    if (!quantity) return 0.1;
    switch (*quantity) {
        case Quantity::ClubSpeed:
        case Quantity::BallSpeed:
            return 0.5;
        case Quantity::SpinRate:
            return radpsFromRpm(300);
        case Quantity::Carry:
        case Quantity::Total:
        case Quantity::Release:
        case Quantity::Side:
            return 1.0;
        case Quantity::Apex:
            return 0.5;
        default:
            return radFromDeg(1.0);
    }
}

HistoryMaker::HistoryMaker(QObject* parent)
    : QObject(parent),
      maker_(
          &HistoryMaker::make,
          [this](const Answer& a) {
              if (!a) return;
              answer_ = a;
              emit made();
          },
          [this](const QString& why) { emit failed(why); }) {}

void HistoryMaker::ask(Question question) {
    maker_.ask(std::move(question));
}

void HistoryMaker::close() {
    maker_.forget();
    maker_.waitUntilIdle();
}

HistoryMaker::Answer HistoryMaker::make(const Question& q, const Task& task) {
    auto out = std::make_shared<HistoryAnswer>();
    out->player = q.fallback.player.name;
    const store::ShotList shots = readPlayerShots(q.logbook, q.fallback, out->player, task.stop);
    if (task.stop.stop_requested()) return nullptr;
    out->shots = store::findHistoryShots(shots, q.fallback, *q.records, out->player);
    out->courses.push_back(coursesOf(out->shots.all));
    std::vector<std::vector<DayValues>> carries;
    for (const store::HistoryGroup& g : out->shots.groups) {
        if (task.stop.stop_requested()) return nullptr;
        out->courses.push_back(coursesOf(g));
        carries.push_back(g[Quantity::Carry]);
    }
    out->stock = findStock(carries);
    return out;
}

}  // namespace wedgeon
