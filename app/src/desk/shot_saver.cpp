// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Picking and writing.
#include "desk/shot_saver.h"

#include <QFileInfo>
#include <sstream>

#include "text/said.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "wedgeon/store/shot_file.h"

namespace wedgeon {
namespace {

constexpr std::size_t tellEvery = 4096;
/// Of the whole, for picking; the file itself is one step.
constexpr double shareOfPicking = 0.2;

}  // namespace

ShotSaver::ShotSaver(QObject* parent)
    : QObject(parent),
      worker_(
          &ShotSaver::write,
          [this](const Answer& a) {
              if (a.cancelled) {
                  emit cancelled(a.path);
              } else if (!a.error.isEmpty()) {
                  emit failed(a.path, a.error);
              } else {
                  emit saved(a.path, a.saved, a.setAside);
              }
          },
          [this](const QString& why) { emit failed({}, why); },
          [this](double share) { emit progress(share); }) {}

void ShotSaver::save(const QString& path, std::shared_ptr<const store::ShotList> shots,
                     std::vector<std::size_t> places) {
    worker_.ask({path, std::move(shots), std::move(places)});
}

void ShotSaver::cancel() {
    worker_.stop();
}

ShotSaver::Answer ShotSaver::write(const Request& request, const Task& task) {
    Answer out;
    out.path = request.path;
    std::vector<store::ShotRecord> counted;
    counted.reserve(request.places.size());
    for (std::size_t i = 0; i < request.places.size(); ++i) {
        if (i % tellEvery == 0) {
            if (task.stop.stop_requested()) return {request.path, {}, 0, 0, true};
            task.progress(shareOfPicking * static_cast<double>(i) /
                          static_cast<double>(request.places.size()));
        }
        const store::LoggedShot& shot = (*request.shots)[request.places[i]];
        if (shot.setAside.empty()) {
            counted.push_back(shot.record);
        } else {
            ++out.setAside;
        }
    }
    std::ostringstream text;
    const bool json = QFileInfo(request.path).suffix().toLower() == QStringLiteral("json");
    (json ? store::writeShotsJson : store::writeShotsCsv)(text, counted);
    if (task.stop.stop_requested()) return {request.path, {}, 0, 0, true};
    try {
        store::writeWhole(request.path.toStdString(), text.str());
    } catch (const store::StoreError& e) {
        out.error = text::said(e);
    }
    out.saved = counted.size();
    return out;
}

}  // namespace wedgeon
