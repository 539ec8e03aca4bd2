// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
#include "wedgeon/store/quality.h"

#include <algorithm>

#include "quality/rules.h"
#include "wedgeon/store/sightings.h"

namespace wedgeon::store {
namespace {

/// What the turf tells of the strike, where somebody looked.
void judgeTurf(quality::Judged& judged, std::size_t i) {
    const auto seen = findSighting(judged.at(i));
    if (!seen || seen->entry != SeenEntry::BeforeBall || seen->strike == SeenStrike::Clean) return;
    if (seen->turf == SeenTurf::Small || seen->turf == SeenTurf::Deep)
        judged.note(i, Doubt::Fat, seen->turf == SeenTurf::Deep ? 0.8 : 0.6, Says::TurfBehindBall);
}

}  // namespace

std::string_view doubtKey(Doubt doubt) {
    switch (doubt) {
        case Doubt::Units:
            return "units";
        case Doubt::Energy:
            return "energy";
        case Doubt::Spin:
            return "spin";
        case Doubt::Duplicate:
            return "duplicate";
        case Doubt::Frozen:
            return "frozen";
        case Doubt::Estimated:
            return "estimated";
        case Doubt::Fat:
            return "fat";
        case Doubt::Thin:
            return "thin";
        case Doubt::OffCentre:
            return "off-centre";
        case Doubt::Damaged:
            return "damaged";
        case Doubt::Outlier:
            return "outlier";
        case Doubt::Change:
            return "change";
    }
    return {};
}

std::vector<std::vector<QualityNote>> findDoubts(const ShotList& shots, const Fallback& fallback,
                                                 std::size_t from, const std::stop_token& stop) {
    quality::Judged judged(shots, fallback, std::min(from, shots.size()), stop);
    for (std::size_t i = 0; i < judged.size(); ++i) {
        if (judged.isDamaged(i)) judged.note(i, Doubt::Damaged, 1.0, Says::ShotDamaged);
        judgeTurf(judged, i);
    }
    const quality::Strikes strikes(judged);
    quality::judgeDevice(judged);
    quality::findFlights(judged);
    quality::findOutliers(judged, strikes);
    quality::findDepartures(judged, strikes);
    return judged.takeNotes();
}

bool isDoubtful(const std::vector<QualityNote>& notes) {
    return std::any_of(notes.begin(), notes.end(),
                       [](const QualityNote& n) { return n.doubt != Doubt::Change; });
}

std::vector<QualityNote> sharedDoubts(std::vector<QualityNote> notes, const LoggedShot& shot) {
    std::erase_if(notes, [&](const QualityNote& n) {
        return std::find(shot.dismissed.begin(), shot.dismissed.end(), doubtKey(n.doubt)) !=
               shot.dismissed.end();
    });
    return notes;
}

}  // namespace wedgeon::store
