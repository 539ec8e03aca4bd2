// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window says of itself: the guide, keys, preferences, troubles, and other logbooks.
#include <QApplication>
#include <QDateTime>
#include <QFileInfo>
#include <QLocale>
#include <QMenuBar>
#include <QMessageBox>
#include <QProcess>
#include <QStackedWidget>

#include "main_window.h"
#include "style/style.h"
#include "text/quantity_help.h"
#include "trouble/crash_note.h"
#include "views/view.h"
#include "widgets/file_dialogs.h"
#include "widgets/guide_window.h"
#include "widgets/notice_bar.h"
#include "widgets/preferences_dialog.h"
#include "widgets/trouble_note_dialog.h"

namespace wedgeon {

void MainWindow::makeHelpMenu() {
    QMenu* menu = helpMenu_ = menuBar()->addMenu(tr("&Help"));
    auto* here = menu->addAction(tr("&Explain what is here"), QKeySequence(Qt::Key_F1), this,
                                 &MainWindow::explainHere);
    here->setToolTip(tr("The quantity that has the focus or lies under the pointer, or this view"));
    menu->addAction(tr("User &guide"), this, [this] { guide().showPart({}); });
    menu->addAction(tr("&Search the guide…"), this, [this] { guide().focusSearch(); });
    menu->addAction(tr("&Keys and marks"), QKeySequence(Qt::CTRL | Qt::Key_F1), this,
                    &MainWindow::showKeys);
    menu->addSeparator();
    menu->addAction(tr("Report a &trouble…"), this, &MainWindow::showTroubleNote);
    menu->addAction(tr("&About Wedgeon"), this, [this] {
        QMessageBox::about(this, tr("About Wedgeon"),
                           tr("Wedgeon %1 predicts wedge shots from set-up to rest.\n"
                              "Free software under the GNU GPL, version 3 or later.\n\n"
                              "Nobody stands ahead of or beside the swing. Range rules come first.")
                               .arg(QApplication::applicationVersion()));
    });
}

GuideWindow& MainWindow::guide() {
    if (!guide_) guide_ = new GuideWindow(desk_.bench().units(), this);
    guide_->show();
    guide_->raise();
    guide_->activateWindow();
    return *guide_;
}

void MainWindow::explainHere() {
    // What lies under the pointer is looked at; else what has the keys.
    QString key;
    if (const QWidget* under = QApplication::widgetAt(QCursor::pos());
        under && under->window() == this)
        key = text::explainedBy(under);
    if (key.isEmpty()) key = text::explainedBy(QApplication::focusWidget());
    if (!guide().showQuantity(key)) guide().showPart(shownView()->name());
}

void MainWindow::showKeys() {
    // What the menus say, so that nothing is forgotten here.
    QStringList lines;
    for (const QAction* top : menuBar()->actions()) {
        for (const QAction* a : top->menu()->actions()) {
            QStringList keys;
            for (const QKeySequence& k : a->shortcuts())
                keys << k.toString(QKeySequence::NativeText);
            if (keys.isEmpty()) continue;
            lines << QStringLiteral("%1\t%2").arg(
                keys.join(QStringLiteral(", ")),
                QString(a->text()).remove(QLatin1Char('&')).remove(QStringLiteral("…")));
        }
    }
    QMessageBox box(this);
    box.setWindowTitle(tr("Keys and marks"));
    box.setTextFormat(Qt::PlainText);
    box.setText(
        lines.join(QLatin1Char('\n')) + QStringLiteral("\n\n") +
        tr("Tab\tnext drawing or field\n"
           "Space\tnext handle of a drawing\n"
           "Arrows\tmove the handle; with Shift by a fifth\n\n"
           "Line with a band: predicted, where 80 of 100 shots fall.\n"
           "Filled diamond: measured. Grey and dashed: before the last change.\n"
           "A filled ring on a bounce: the ball lost more than half of its forward speed there."));
    box.exec();
}

void MainWindow::showPreferences(const QString& place) {
    if (!preferences_) {
        preferences_ = new PreferencesDialog(desk_, this);
        connect(preferences_, &PreferencesDialog::restoreWanted, this, &MainWindow::chooseBackup);
    }
    preferences_->show();
    preferences_->raise();
    preferences_->activateWindow();
    preferences_->showPlace(place);
}

bool MainWindow::showsPreferences() const {
    return preferences_ && preferences_->isVisible();
}

void MainWindow::followPreferences() {
    const auto follow = [this] {
        const PreferenceValues& v = desk_.preferences().values();
        style::setTheme(v.theme);
        dark_->setChecked(style::isDark(v.theme));
        // The toolkit takes the scale of everything when the program starts.
        if (v.textSize_pct != style::startedSize_pct() && v.textSize_pct != toldSize_pct_) {
            notice_->showResult(
                tr("Text and drawings have the new size when the window opens anew."),
                tr("Open it anew"), [this] { emit newStartWanted(); });
        }
        toldSize_pct_ = v.textSize_pct;
    };
    toldSize_pct_ = desk_.preferences().values().textSize_pct;
    connect(&desk_.preferences(), &Preferences::changed, this, follow);
    follow();
}

void MainWindow::nameWindow() {
    const QString path = desk_.log().path();
    const bool ordinary = path == ShotLog::ordinaryPath();
    const bool demo = QApplication::applicationName() == QStringLiteral("wedgeon-demo");
    setWindowTitle(ordinary ? (demo ? tr("Wedgeon: the demo") : tr("Wedgeon"))
                            : tr("Wedgeon: %1").arg(QFileInfo(path).completeBaseName()));
}

bool MainWindow::isLogbook(const QString& path) {
    return QFileInfo(path).suffix().compare(QStringLiteral("wedgeon"), Qt::CaseInsensitive) == 0;
}

void MainWindow::startOther(const QStringList& arguments) {
    if (!QProcess::startDetached(QApplication::applicationFilePath(), arguments))
        notice_->showError(tr("Another window could not be started."));
}

void MainWindow::chooseLogbook() {
    const QString path = askForFile(this, tr("Open another logbook"), tr("Logbooks (*.wedgeon)"),
                                    QFileInfo(desk_.log().path()).absolutePath());
    // In a window of its own: what is under way here goes on.
    if (!path.isEmpty()) startOther({path});
}

void MainWindow::showTroubleNote() {
    auto* dialog = new TroubleNoteDialog(desk_.log().path(), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

void MainWindow::tellOfCrash() {
    const auto notes = trouble::crashNotes();
    if (notes.isEmpty()) return;
    notice_->showResult(
        tr("Wedgeon ended unexpectedly on %1. What was acknowledged is in the logbook.")
            .arg(QLocale().toString(notes.front().at.date(), QLocale::LongFormat)),
        tr("Look at the note…"), [this] { showTroubleNote(); });
}

}  // namespace wedgeon
