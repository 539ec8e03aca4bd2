// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What Watch does with the shots that it shows: to other sessions and players, with pictures, as
// data.
#include <QClipboard>
#include <QFileInfo>
#include <QGuiApplication>
#include <QInputDialog>
#include <QLineEdit>
#include <QMimeData>
#include <QUrl>
#include <algorithm>

#include "text/order.h"
#include "text/said.h"
#include "text/sentences.h"
#include "views/watch/chart_panel.h"
#include "views/watch/watch_view.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "widgets/file_dialogs.h"

namespace wedgeon {
namespace {

constexpr int longestTitle = 200;
constexpr int longestPlayer = 60;

}  // namespace

void WatchView::renameSession() {
    const std::int64_t session = chosenSession();
    const auto at = std::find_if(sessions_.begin(), sessions_.end(),
                                 [&](const store::Session& s) { return s.id == session; });
    if (at == sessions_.end()) {
        emit failed(tr("Choose one session in the box above the shots first."));
        return;
    }
    bool accepted = false;
    const QString title =
        QInputDialog::getText(this, tr("Rename the session"), tr("Its name:"), QLineEdit::Normal,
                              text::fromUtf8(at->title), &accepted);
    if (accepted) log_.renameSession(session, title.left(longestTitle));
}

void WatchView::moveShown() {
    std::vector<std::int64_t> moving = shownIds();
    if (moving.empty()) return;
    // The newest first, behind the way to a new one; names may be alike, places are not.
    QStringList names{tr("A new session")};
    std::vector<std::int64_t> ids{0};
    for (auto it = sessions_.rbegin(); it != sessions_.rend(); ++it) {
        if (it->id == log_.shown()) continue;
        names << QStringLiteral("%1 · %2").arg(text::fromUtf8(it->title), text::day(it->day));
        ids.push_back(it->id);
    }
    QInputDialog dialog(this);
    dialog.setWindowTitle(tr("Move %1").arg(text::shots(shown_.rowCount())));
    dialog.setLabelText(tr("To the session, or the name of a new one:"));
    dialog.setComboBoxItems(names);
    dialog.setComboBoxEditable(true);
    if (dialog.exec() != QDialog::Accepted) return;
    const QString chosen = dialog.textValue().trimmed();
    const auto at = names.indexOf(chosen);
    const QString title =
        (at == 0 || chosen.isEmpty() ? tr("Part of %1").arg(shots_.source()) : chosen)
            .left(longestTitle);
    filter_->clear();
    log_.moveShots(std::move(moving), at > 0 ? ids[static_cast<std::size_t>(at)] : 0, title);
}

std::vector<std::int64_t> WatchView::shownIds() {
    if (shown_.rowCount() == 0 || shots_.total() > shots_.rowCount()) {
        emit failed(tr("There is no shown shot to move, or the older ones are still being read."));
        return {};
    }
    std::vector<std::int64_t> out;
    for (int i = 0; i < shown_.rowCount(); ++i)
        out.push_back(shots_.loggedAt(shown_.sourceRow(i)).id);
    return out;
}

void WatchView::giveShown() {
    std::vector<std::int64_t> giving = shownIds();
    if (giving.empty()) return;
    QStringList names;
    for (const store::Player& p : log_.records().players)
        names << text::fromUtf8(p.name);
    QInputDialog dialog(this);
    dialog.setWindowTitle(tr("Give %1").arg(text::shots(shown_.rowCount())));
    dialog.setLabelText(tr("To the player:"));
    dialog.setComboBoxItems(text::inOrder(names));
    dialog.setComboBoxEditable(true);
    if (dialog.exec() != QDialog::Accepted) return;
    const QString player = dialog.textValue().simplified().left(longestPlayer);
    if (player.isEmpty()) return;
    filter_->clear();
    log_.giveShots(std::move(giving), player);
}

std::optional<Attacher::Subject> WatchView::chosenShot() {
    const store::LoggedShot* shot = current();
    if (!shot) {
        emit failed(tr("Pictures and clips belong to a shot: choose one in Watch first."));
        return std::nullopt;
    }
    return Attacher::Subject{shot->id, {}, tr("shot %1").arg(shots_.numberAt(currentRow()))};
}

void WatchView::attachFiles() {
    const auto shot = chosenShot();
    if (!shot) return;
    desk_.attacher().attach(
        *shot, askForFiles(this, tr("Attach pictures or clips to %1").arg(shot->called),
                           tr("All files (*)")));
}

void WatchView::attachCopied() {
    const QMimeData* copied = QGuiApplication::clipboard()->mimeData();
    QStringList paths;
    for (const QUrl& url : copied->urls()) {
        if (url.isLocalFile() && Attacher::looksLikeOne(url.toLocalFile()))
            paths << url.toLocalFile();
    }
    const QImage picture = paths.isEmpty() ? QGuiApplication::clipboard()->image() : QImage();
    if (paths.isEmpty() && picture.isNull()) {
        emit failed(tr("No picture was copied."));
        return;
    }
    const auto shot = chosenShot();
    if (!shot) return;
    if (paths.isEmpty()) {
        desk_.attacher().attachPicture(*shot, picture);
    } else {
        desk_.attacher().attach(*shot, paths);
    }
}

bool WatchView::opensPictures(const QStringList& paths) {
    // Dropped on another view, nobody sees to which shot it would go.
    const auto shot = isVisible() ? chosenShot() : std::nullopt;
    if (shot) {
        desk_.attacher().attach(*shot, paths);
    } else if (!isVisible()) {
        emit failed(tr("Pictures and clips belong to a shot: choose one in Watch first."));
    }
    return true;
}

void WatchView::saveChartData() {
    showChart(true);
    const QString path =
        askForTarget(this, tr("Save the chart's data"), tr("Table (*.csv)"), QStringLiteral("csv"));
    if (path.isEmpty()) return;
    try {
        store::writeWhole(path.toStdString(), chart_->asCsv().toStdString());
        emit said(tr("Saved to %1.").arg(QFileInfo(path).fileName()), QString());
    } catch (const store::StoreError& e) {
        emit failed(text::said(e));
    }
}

}  // namespace wedgeon
