// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does around a lesson: the first one, what was noted of the last, pauses, pictures
// on their way into the logbook, and the report.
#include <QApplication>
#include <QFileInfo>
#include <QImageReader>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>

#include "main_window.h"
#include "text/history_words.h"
#include "text/sentences.h"
#include "text/train_words.h"
#include "views/view.h"
#include "widgets/first_run.h"
#include "widgets/lesson_line.h"
#include "widgets/notice_bar.h"
#include "widgets/player_display.h"
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
                    showPreferences(QStringLiteral("attachments"));
                    // Once it is larger, they are tried again.
                    connect(
                        &desk_.preferences(), &Preferences::changed, this,
                        [this, subject, tooLarge] { desk_.attacher().attach(subject, tooLarge); },
                        Qt::SingleShotConnection);
                });
            });
}

void MainWindow::followLesson() {
    connect(&desk_.care(), &Care::pauseDue, this, [this] {
        const QString said = text::strainSaid(desk_.care().strain(), desk_.care().limits());
        notice_->showResult(said);
        desk_.care().shown(QStringLiteral("pause"), said);
    });
    connect(&desk_.care(), &Care::dayFull, this, [this] {
        const QString said = text::strainSaid(desk_.care().strain(), desk_.care().limits());
        notice_->showResult(said);
        desk_.care().shown(QStringLiteral("day-full"), said);
    });
    connect(&desk_.log(), &ShotLog::opened, this, [this] {
        toldPlayer_.clear();
        tellLastLesson();
    });
    connect(&desk_.bench(), &Workbench::givensChanged, this, &MainWindow::tellLastLesson);
}

void MainWindow::tellLastLesson() {
    const std::string& player = desk_.bench().state().player.name;
    if (player == toldPlayer_ || desk_.log().state() == ShotLog::State::Opening) return;
    toldPlayer_ = player;
    const auto& notes = desk_.log().records().notes;
    const auto last = std::find_if(notes.rbegin(), notes.rend(), [&](const store::Note& n) {
        return n.player == player && n.kind == store::NoteKind::Lesson;
    });
    // Today's is still in mind.
    if (last == notes.rend() || last->at.starts_with(desk_.clock().today())) return;
    constexpr qsizetype most = 140;
    QString said = text::noteLine(*last);
    if (said.size() > most) said = said.left(most).trimmed() + QStringLiteral("…");
    notice_->showResult(tr("Last lesson with %1, %2: %3")
                            .arg(text::playerName(player),
                                 text::day(std::string_view(last->at).substr(0, 10)), said));
}

void MainWindow::showDisplay() {
    if (!display_) display_ = new PlayerDisplay(desk_, this);
    if (display_->isVisible()) {
        display_->close();
    } else {
        display_->open(*this);
    }
}

void MainWindow::followFirstRun() {
    connect(&desk_.log(), &ShotLog::opened, this, &MainWindow::askFirst);
}

void MainWindow::askFirst() {
    if (FirstRun::isDue(desk_)) showFirstRun(true);
}

void MainWindow::showFirstRun(bool shown) {
    if (shown && !firstRun_) {
        firstRun_ = new FirstRun(desk_);
        frame_->insertWidget(frame_->indexOf(stack_), firstRun_, 1);
        connect(firstRun_, &FirstRun::chosen, this, [this](FirstRun::Door door) {
            switch (door) {
                case FirstRun::Door::File:
                    // Cancelled, the questions are answered all the same.
                    showView(QStringLiteral("watch"));
                    return chooseFile();
                case FirstRun::Door::Monitor:
                    showView(QStringLiteral("watch"));
                    return chooseMonitor();
                case FirstRun::Door::Simulated:
                    showView(QStringLiteral("watch"));
                    return desk_.simulated().start(false);
                case FirstRun::Door::ByEye:
                    showView(QStringLiteral("read"));
                    return notice_->showResult(
                        tr("Drag flag and front edge to what you paced: the shots from here are "
                           "ranked. Shots that are hit are noted by eye in Watch (N)."));
                case FirstRun::Door::Demo:
                    return startOther({QStringLiteral("--demo")});
                case FirstRun::Door::None:
                    return showView(shownView()->key());
            }
        });
    }
    if (!shown && firstRun_) {
        firstRun_->hide();
        firstRun_->deleteLater();
        firstRun_ = nullptr;
    }
    for (QWidget* w : {strip_, static_cast<QWidget*>(stack_), static_cast<QWidget*>(lesson_)})
        w->setVisible(!shown);
    if (firstRun_) {
        firstRun_->show();
        firstRun_->takeFocus();
    }
}

void MainWindow::openDemo() {
    // Beside the program as it is built, or installed.
    const QString here = QApplication::applicationDirPath();
    for (const QString& folder : {here + QStringLiteral("/../demo/data"),
                                  here + QStringLiteral("/../share/wedgeon/demo")}) {
        const QString file = folder + QStringLiteral("/larches-academy.csv");
        if (!QFileInfo::exists(file)) continue;
        const auto open = [this, file] {
            if (desk_.log().records().sessions.empty()) openFile(file);
        };
        if (desk_.log().state() == ShotLog::State::Opening)
            connect(&desk_.log(), &ShotLog::opened, this, open, Qt::SingleShotConnection);
        else
            open();
        return;
    }
    notice_->showError(tr("The shots of the demo are not beside the program."));
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
    // What moves a shot farthest comes first, and stands above all as one list.
    std::stable_sort(parts.begin(), parts.end(), [](const ReportPart& a, const ReportPart& b) {
        return a.worth_m > b.worth_m;
    });
    constexpr qsizetype mostFindings = 3;
    ReportPart findings{tr("Found, by what it is worth"), {}, {}, {}, {}};
    for (const ReportPart& part : std::as_const(parts)) {
        if (part.worth_m > 0.0 && findings.table.size() <= mostFindings) {
            if (findings.table.isEmpty())
                findings.table << QStringList{tr("Finding"), tr("Moves the rest by")};
            findings.table << QStringList{part.sentence,
                                          desk_.bench().units().length(part.worth_m, 1)};
        }
    }
    if (!findings.table.isEmpty()) parts.prepend(findings);
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
