// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What goes out of the window: the shown view on paper or in a file, shots, a copy of the logbook.
#include <QFileInfo>
#include <QLocale>
#include <QPointer>
#include <algorithm>

#include "desk/shot_saver.h"
#include "main_window.h"
#include "text/sentences.h"
#include "views/view.h"
#include "widgets/file_dialogs.h"
#include "widgets/notice_bar.h"
#include "widgets/save_view_dialog.h"

namespace wedgeon {

void MainWindow::followSaver() {
    saver_ = new ShotSaver(this);
    connect(saver_, &ShotSaver::progress, notice_, &NoticeBar::setProgress);
    connect(saver_, &ShotSaver::saved, this,
            [this](const QString& path, std::size_t shots, std::size_t setAside) {
                const QString done = tr("%1 saved to %2.")
                                         .arg(text::shots(static_cast<qsizetype>(shots)),
                                              QFileInfo(path).fileName());
                notice_->showResult(
                    setAside == 0 ? done
                                  : done + QLatin1Char(' ') +
                                        tr("%1 set aside, left out.")
                                            .arg(text::shots(static_cast<qsizetype>(setAside))));
            });
    connect(saver_, &ShotSaver::failed, this,
            [this](const QString&, const QString& why) { notice_->showError(why); });
    connect(saver_, &ShotSaver::cancelled, this, [this](const QString& path) {
        notice_->showResult(tr("%1 was not written.").arg(QFileInfo(path).fileName()));
    });
}

void MainWindow::saveShots() {
    const ShownShots& shown = desk_.shown();
    if (shown.rowCount() == 0)
        return notice_->showResult(tr("Watch shows no shot: open a file, or take off the filter."));
    if (desk_.shots().total() > desk_.shots().rowCount())
        return notice_->showResult(
            tr("The older shots are still being read: once more in a moment."));
    const QString path =
        askForTarget(this, tr("Save %1").arg(text::shots(shown.rowCount())),
                     tr("Table with units (*.csv);;SI units (*.json)"), QStringLiteral("csv"));
    if (path.isEmpty()) return;
    // The oldest first, as files have them.
    std::vector<std::size_t> places;
    places.reserve(static_cast<std::size_t>(shown.rowCount()));
    for (int i = 0; i < shown.rowCount(); ++i)
        places.push_back(desk_.shots().indexAt(shown.sourceRow(i)));
    std::sort(places.begin(), places.end());
    notice_->showProgress(tr("Saving %1…").arg(QFileInfo(path).fileName()),
                          [this] { saver_->cancel(); });
    saver_->save(path, desk_.shots().snapshot(), std::move(places));
}

void MainWindow::saveLogbook() {
    const QString path = askForTarget(this, tr("Save a copy of the logbook"),
                                      tr("Logbook (*.wedgeon)"), QStringLiteral("wedgeon"));
    if (path.isEmpty()) return;
    const QString name = QFileInfo(path).fileName();
    notice_->showResult(tr("Copying the logbook to %1…").arg(name));
    desk_.log().copyTo(path, [self = QPointer(this), name](const QString& why) {
        if (!self) return;
        if (why.isEmpty()) {
            self->notice_->showResult(tr("The logbook was copied to %1.").arg(name));
        } else {
            self->notice_->showError(why);
        }
    });
}

void MainWindow::putOnPaper(bool asPicture) {
    const QString foot =
        tr("Wedgeon, %1, %2. Nobody ahead of or beside the swing.")
            .arg(text::playerName(desk_.bench().state().player.name),
                 QLocale().toString(desk_.clock().local(), QStringLiteral("d MMM yyyy")));
    SaveViewDialog dialog(*shownView(), foot,
                          asPicture ? SaveViewDialog::As::Png : SaveViewDialog::As::Printer, this);
    connect(&dialog, &SaveViewDialog::said, this,
            [this](const QString& what) { notice_->showResult(what); });
    connect(&dialog, &SaveViewDialog::failed, notice_, &NoticeBar::showError);
    dialog.exec();
}

}  // namespace wedgeon
