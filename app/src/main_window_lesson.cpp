// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does around a lesson: pictures on their way into the logbook, and the report.
#include <QImageReader>
#include <QInputDialog>
#include <algorithm>

#include "main_window.h"
#include "text/sentences.h"
#include "views/view.h"
#include "widgets/notice_bar.h"
#include "widgets/report_dialog.h"

namespace wedgeon {

void MainWindow::followAttacher() {
    Attacher& attacher = desk_.attacher();
    connect(&attacher, &Attacher::progress, this, [this](const QString& name, double share) {
        if (share == 0.0)
            notice_->showProgress(tr("Copying %1 beside the logbook…").arg(name),
                                  [this] { desk_.attacher().cancel(); });
        notice_->setProgress(share);
    });
    connect(&attacher, &Attacher::finished, this,
            [this](int attached, const Attacher::Subject& subject, const QStringList& refused,
                   const QStringList& tooLarge) {
                if (refused.isEmpty()) {
                    notice_->showResult(
                        attached == 0
                            ? tr("Nothing was attached.")
                            : tr("%n picture(s) or clip(s) attached to %1.", nullptr, attached)
                                  .arg(subject.called));
                    return;
                }
                const QString why = tr("Not attached: %1.").arg(refused.join(QStringLiteral("; ")));
                if (tooLarge.isEmpty()) return notice_->showError(why);
                notice_->showResult(why, tr("Change the limit…"), [this, subject, tooLarge] {
                    bool chosen = false;
                    const int most = QInputDialog::getInt(
                        this, tr("Pictures and clips"),
                        tr("Files up to so many MB are copied beside the logbook:"),
                        Attacher::most_MB(), 1, 1'000'000, 100, &chosen);
                    if (!chosen) return;
                    Attacher::setMost_MB(most);
                    desk_.attacher().attach(subject, tooLarge);
                });
            });
}

QVector<ReportPicture> MainWindow::attachedPictures() const {
    constexpr qsizetype most = 4;
    constexpr int width_px = 320;
    QVector<ReportPicture> out;
    std::vector<std::int64_t> shots;
    if (desk_.training().current()) shots = desk_.training().current()->shots;
    for (const Comparison::Side side : {Comparison::A, Comparison::B}) {
        if (!desk_.comparison().side(side)) continue;
        const auto its = desk_.comparison().side(side)->shotIds();
        shots.insert(shots.end(), its.begin(), its.end());
    }
    for (const store::Attachment& a : desk_.log().records().attachments) {
        if (out.size() >= most) break;
        if (std::find(shots.begin(), shots.end(), a.shot) == shots.end()) continue;
        QImageReader reader(desk_.attacher().findFile(a));
        reader.setDecideFormatFromContent(true);
        reader.setAutoTransform(true);
        const QSize size = reader.size();
        if (!size.isValid() || !reader.canRead()) continue;
        if (size.width() > 2 * width_px)
            reader.setScaledSize(size.scaled(2 * width_px, 4 * width_px, Qt::KeepAspectRatio));
        const QImage image = reader.read();
        if (!image.isNull()) out << ReportPicture{text::fromUtf8(a.name), image, width_px};
    }
    return out;
}

void MainWindow::writeReport() {
    QVector<ReportPart> parts;
    for (const Stop stop : {Stop::Train, Stop::Explain, Stop::Ladder, Stop::Tune}) {
        for (const View* view : std::as_const(views_)) {
            if (view->stop() == stop) parts << view->reportParts();
        }
    }
    if (parts.isEmpty()) {
        notice_->showError(
            tr("There is nothing to report yet: train, explain two shots, or tune first."));
        return;
    }
    if (const auto pictures = attachedPictures(); !pictures.isEmpty())
        parts << ReportPart{tr("Pictures"), QString(), QString(), pictures, {}};
    parts << ReportPart{
        tr("Before the next practice"),
        tr("Nobody ahead of or beside the swing; range rules and local rules first."),
        tr("Stop at pain. What hurts belongs to a licensed clinician, and the swing of "
           "somebody injured to a qualified coach."),
        {},
        {}};
    const BenchState& s = desk_.bench().state();
    const QString who = text::playerName(s.player.name);
    auto* dialog = new ReportDialog(tr("Lesson: %1, %2").arg(who, text::day(desk_.clock().today())),
                                    tr("Computed with Wedgeon from what was measured and seen. A "
                                       "number behind ± holds 80 of 100."),
                                    parts, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &ReportDialog::said, this,
            [this](const QString& what) { notice_->showResult(what); });
    connect(dialog, &ReportDialog::failed, notice_, &NoticeBar::showError);
    dialog->open();
}

}  // namespace wedgeon
