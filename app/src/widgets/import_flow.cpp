// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One file after another.
#include "widgets/import_flow.h"

#include <QDir>
#include <QDirIterator>
#include <QFileInfo>
#include <QMessageBox>
#include <QSettings>

#include "text/sentences.h"
#include "text/units.h"
#include "views/watch/columns_dialog.h"
#include "views/watch/refusals_dialog.h"
#include "widgets/notice_bar.h"

namespace wedgeon {
namespace {

/// A folder of somebody's whole disk is no folder of shots.
constexpr qsizetype mostFiles = 5000;
constexpr qsizetype mostTroublesShown = 200;

QStringList filesOf(const QStringList& paths) {
    QStringList out;
    for (const QString& path : paths) {
        if (!QFileInfo(path).isDir()) {
            out << path;
            continue;
        }
        QStringList inside;
        QDirIterator all(
            path, {QStringLiteral("*.csv"), QStringLiteral("*.tsv"), QStringLiteral("*.txt")},
            QDir::Files | QDir::Readable, QDirIterator::Subdirectories);
        while (all.hasNext() && out.size() + inside.size() < mostFiles)
            inside << all.next();
        inside.sort();
        out << inside;
    }
    return out.mid(0, mostFiles);
}

QString saidBy(store::FileSays::By by) {
    switch (by) {
        case store::FileSays::By::Preamble:
            return ImportFlow::tr("as the lines above the header say");
        case store::FileSays::By::Name:
            return ImportFlow::tr("by the file's name");
        case store::FileSays::By::Folder:
            return ImportFlow::tr("by the folder's name");
    }
    return {};
}

/// What was believed of the file besides its table.
QString believed(const store::FileSays& says) {
    QString out;
    if (says.usesPlayer)
        out +=
            ImportFlow::tr(" Of %1, %2.").arg(text::fromUtf8(says.player), saidBy(says.playerBy));
    if (says.usesDay)
        out += ImportFlow::tr(" On %1, %2.").arg(text::day(says.day), saidBy(says.dayBy));
    if (says.unclearDates)
        out += ImportFlow::tr(
            " ▲ Day and month of its times could be either way round: they stay as they stand.");
    return out;
}

}  // namespace

ImportFlow::ImportFlow(Desk& desk, NoticeBar& notice, QWidget* window)
    : QObject(window), desk_(desk), notice_(notice), window_(window) {
    ImportJob& import = desk_.import();
    connect(&import, &ImportJob::progress, this, [this](double share) {
        notice_.setProgress((static_cast<double>(done_) + share) / static_cast<double>(all_));
    });
    connect(&import, &ImportJob::finished, this, &ImportFlow::finished);
    connect(&import, &ImportJob::guessed, this, &ImportFlow::confirmColumns);
    connect(&import, &ImportJob::failed, this, &ImportFlow::failed);
}

void ImportFlow::start(const QStringList& paths, bool alwaysAsk) {
    waiting_ = filesOf(paths);
    alwaysAsk_ = alwaysAsk;
    all_ = waiting_.size();
    done_ = read_ = 0;
    shots_ = known_ = refused_ = 0;
    troubles_.clear();
    stopped_ = false;
    if (waiting_.isEmpty()) {
        notice_.showError(tr("There is no file of shots (.csv, .tsv, .txt) in there."));
        return;
    }
    QSettings().setValue(QStringLiteral("lastFolder"), QFileInfo(waiting_.front()).absolutePath());
    next();
}

void ImportFlow::cancel() {
    stopped_ = true;
    waiting_.clear();
    desk_.import().cancel();
}

void ImportFlow::next() {
    if (waiting_.isEmpty()) return reportMany();
    const QString path = waiting_.takeFirst();
    const QString name = QFileInfo(path).fileName();
    notice_.showProgress(all_ == 1 ? tr("Reading %1…").arg(name)
                                   : tr("Reading %1, %2 of %3…").arg(name).arg(done_ + 1).arg(all_),
                         [this] { cancel(); });
    desk_.import().start({path, alwaysAsk_, desk_.bench().state().player.hand == Hand::Left});
}

void ImportFlow::confirmColumns(const std::shared_ptr<const ImportJob::Guess>& guess) {
    const QString name = QFileInfo(guess->wanted.path).fileName();
    notice_.showResult(tr("What are the columns of %1?").arg(name));
    auto* dialog = new ColumnsDialog(guess->preview, guess->said, name, window_);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, guess, dialog, name] {
        notice_.showProgress(tr("Reading %1…").arg(name), [this] { cancel(); });
        desk_.import().take(*guess, dialog->mapping());
    });
    connect(dialog, &QDialog::rejected, this, [this, name] {
        ++done_;
        if (all_ == 1) return notice_.showResult(tr("%1 was not read.").arg(name));
        troubles_ << tr("%1: what its columns are was not said.").arg(name);
        next();
    });
    dialog->open();
}

void ImportFlow::finished(const ImportJob::Result& result, const QString& path) {
    const QString name = QFileInfo(path).fileName();
    ++done_;
    ++read_;
    shots_ += result->file.shotCount;
    known_ += result->shots.known;
    refused_ += result->file.refusedCount;
    session_ = result->shots.session;
    desk_.log().imported(*result, name);
    if (all_ == 1) {
        desk_.log().showNew(session_);
        emit imported();
        return reportOne(result, name);
    }
    if (result->file.says.unclearDates)
        troubles_ << name + QLatin1Char(':') + believed(result->file.says);
    next();
}

void ImportFlow::failed(const QString& message, bool cancelled) {
    ++done_;
    if (all_ > 1) {
        if (!cancelled) troubles_ << message;
        return next();
    }
    if (cancelled) {
        notice_.showResult(tr("The import was stopped; nothing was changed."));
    } else {
        notice_.showError(message);
    }
}

void ImportFlow::reportOne(const ImportJob::Result& result, const QString& name) {
    const store::ImportResult& file = result->file;
    const auto details = [this, result, name] { RefusalsDialog(result, name, window_).exec(); };
    const auto known = result->shots.known;
    const QString taken =
        tr("%1 from %2.").arg(text::shots(static_cast<qsizetype>(file.shotCount)), name) +
        (known == 0                ? QString()
         : known == file.shotCount ? tr(" All were in the logbook already.")
                                   : tr(" %1 were in the logbook already.").arg(known)) +
        believed(file.says);
    const auto refused = file.refusedCount;
    if (refused == 0) {
        notice_.showResult(taken + tr(" Nothing was refused."), tr("Columns…"), details);
    } else {
        notice_.showResult(
            taken + tr(" %n cell(s) or row(s) were not taken.", nullptr, static_cast<int>(refused)),
            tr("Which and why…"), details);
    }
}

void ImportFlow::reportMany() {
    QString said = tr("%1 from %2 of %3 files.")
                       .arg(text::shots(static_cast<qsizetype>(shots_)))
                       .arg(read_)
                       .arg(all_);
    if (known_ > 0) said += tr(" %1 were in the logbook already.").arg(known_);
    if (refused_ > 0)
        said += tr(" %n cell(s) or row(s) were not taken.", nullptr, static_cast<int>(refused_));
    if (stopped_) said += tr(" Then it was stopped; what had been read stays.");
    if (read_ > 0) {
        desk_.log().showNew(session_);
        emit imported();
    }
    if (troubles_.isEmpty()) return notice_.showResult(said);
    notice_.showResult(said, tr("Which and why…"), [this] {
        QMessageBox box(window_);
        box.setWindowTitle(tr("Files that were not read"));
        box.setTextFormat(Qt::PlainText);
        box.setText(tr("%n file(s) with a trouble.", nullptr, static_cast<int>(troubles_.size())));
        box.setDetailedText(troubles_.mid(0, mostTroublesShown).join(QLatin1Char('\n')));
        box.setInformativeText(troubles_.front());
        box.exec();
    });
}

}  // namespace wedgeon
