// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The frame's behaviour.
#include "main_window.h"

#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFileInfo>
#include <QInputDialog>
#include <QLocale>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QPointer>
#include <QPrintDialog>
#include <QPrinter>
#include <QScreen>
#include <QSettings>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

#include "desk/shot_saver.h"
#include "paper/page.h"
#include "paper/paper.h"
#include "style/style.h"
#include "text/sentences.h"
#include "views/view.h"
#include "widgets/file_dialogs.h"
#include "widgets/givens_strip.h"
#include "widgets/import_flow.h"
#include "widgets/lesson_line.h"
#include "widgets/logbook_troubles.h"
#include "widgets/notice_bar.h"
#include "widgets/restore_dialog.h"
#include "widgets/trouble_bar.h"
#include "work/trouble.h"

namespace wedgeon {
namespace {

const QString watchKey = QStringLiteral("watch");
const QString firstKey = QStringLiteral("shape");
/// The least that everything can be read on.
constexpr QSize leastSize{1024, 640};
constexpr QSize usualSize{1280, 800};

/// Light while it lives: paper is white.
class OnWhite {
public:
    explicit OnWhite(bool dark) : dark_(dark) {
        if (dark_) style::setDark(false);
    }
    ~OnWhite() {
        if (dark_) style::setDark(true);
    }
    OnWhite(const OnWhite&) = delete;
    OnWhite& operator=(const OnWhite&) = delete;

private:
    bool dark_;
};

}  // namespace

MainWindow::MainWindow(Desk& desk, QWidget* parent) : QMainWindow(parent), desk_(desk) {
    setWindowTitle(tr("Wedgeon"));
    setAcceptDrops(true);
    makeFrame();
    makeFileMenu();
    makeEditMenu();
    makeViewMenu();
    makeHelpMenu();
    tintIcons();
    followDesk();
    imports_ = new ImportFlow(desk_, *notice_, this);
    connect(imports_, &ImportFlow::imported, this, [this] { showView(watchKey); });
    followSaver();
    followSimulated();
    followAttacher();
    followLesson();
    followFirstRun();
    showTroublesBy(this, [this](const QString& what) { notice_->showError(what); });
}

MainWindow::~MainWindow() {
    showTroublesNoMore(this);
}

void MainWindow::makeFrame() {
    auto* frame = new QWidget;
    auto* column = new QVBoxLayout(frame);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    notice_ = new NoticeBar;
    auto* trouble = new TroubleBar;
    stack_ = new QStackedWidget;
    lesson_ = new LessonLine;
    strip_ = new GivensStrip(desk_);
    column->addWidget(strip_);
    column->addWidget(trouble);
    column->addWidget(notice_);
    column->addWidget(stack_, 1);
    column->addWidget(lesson_);
    setCentralWidget(frame);
    setMinimumSize(leastSize);
    auto* troubles = new LogbookTroubles(desk_.log(), *trouble, this);
    connect(troubles, &LogbookTroubles::restoreRequested, this, &MainWindow::chooseBackup);
    connect(lesson_, &LessonLine::chosen, this, [this](int place) {
        for (const View* v : std::as_const(views_)) {
            if (static_cast<int>(v->stop()) == place) showView(v->key());
        }
    });
}

void MainWindow::followDesk() {
    connect(&desk_.bench().undoStack(), &QUndoStack::undoTextChanged, this,
            [this](const QString& what) {
                lesson_->setNote(what.isEmpty() ? QString() : tr("Undo: %1 · Ctrl+Z").arg(what));
            });
    connect(&desk_.log(), &ShotLog::failed, notice_, &NoticeBar::showError);
    connect(&desk_.log(), &ShotLog::saved, this, &MainWindow::closeWhenSaved);
}

void MainWindow::addView(View* view) {
    views_.append(view);
    stack_->addWidget(view);
    const int place = static_cast<int>(view->stop());
    lesson_->addStop(view->name(), place);
    auto* action = new QAction(view->name(), this);
    action->setShortcut(QKeySequence(Qt::ALT | static_cast<Qt::Key>(Qt::Key_0 + place)));
    connect(action, &QAction::triggered, this, [this, view] { showView(view->key()); });
    viewMenu_->insertAction(afterViews_, action);
    if (!view->commands().isEmpty()) {
        auto* menu = new QMenu(view->name(), this);
        menu->addActions(view->commands());
        menuBar()->insertMenu(helpMenu_->menuAction(), menu);
    }
    connect(view, &View::viewWanted, this, &MainWindow::showView);
    connect(view, &View::filesWanted, this, [this] { chooseFile(); });
    connect(view, &View::monitorWanted, this, &MainWindow::chooseMonitor);
    connect(view, &View::reportWanted, this, &MainWindow::writeReport);
    connect(view, &View::simulatedWanted, &simulated_, [this] { simulated_.start(false); });
    connect(view, &View::said, this, &MainWindow::showResult);
    connect(view, &View::failed, notice_, &NoticeBar::showError);
    if (views_.size() == 1) showView(view->key());
}

View* MainWindow::view(const QString& key) const {
    const auto at =
        std::find_if(views_.begin(), views_.end(), [&](const View* v) { return v->key() == key; });
    return at == views_.end() ? nullptr : *at;
}

View* MainWindow::shownView() const {
    return views_.isEmpty() ? nullptr : views_[stack_->currentIndex()];
}

void MainWindow::showView(const QString& key) {
    View* wanted = view(key);
    if (!wanted) return;
    if (firstRun_) showFirstRun(false);
    for (View* v : std::as_const(views_))
        v->setShown(v == wanted);
    stack_->setCurrentWidget(wanted);
    lesson_->setCurrent(static_cast<int>(wanted->stop()));
}

void MainWindow::showResult(const QString& what, const QString& goOn) {
    const View* next = view(goOn);
    if (!next) return notice_->showResult(what);
    notice_->showResult(what,
                        tr("%1 (Alt+%2)").arg(next->name()).arg(static_cast<int>(next->stop())),
                        [this, goOn] { showView(goOn); });
}

void MainWindow::chooseBackup() {
    RestoreDialog dialog(desk_.log().path(), this);
    connect(&dialog, &RestoreDialog::lookRequested, this, [this](const QString& path) {
        showView(watchKey);
        desk_.log().look(path);
    });
    if (dialog.exec() != QDialog::Accepted || dialog.chosen().isEmpty()) return;
    const QString backup = dialog.chosen();
    const QString day = QFileInfo(backup).completeBaseName();
    desk_.log().restore(backup, [self = QPointer(this), day] {
        if (!self) return;
        self->notice_->showResult(
            tr("The logbook is as it was in the backup %1. What it held before is kept beside the "
               "backups.")
                .arg(day));
    });
}

void MainWindow::makeFileMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&File"));
    open_ = menu->addAction(tr("&Open shots…"), QKeySequence::Open, this, [this] { chooseFile(); });
    open_->setToolTip(tr("Open a delimited file of shots from any launch monitor"));
    menu->addAction(tr("Open shots and a&sk for the columns…"), this, [this] { chooseFile(true); });
    menu->addAction(tr("&Listen to a launch monitor…"), QKeySequence(Qt::CTRL | Qt::Key_L), this,
                    &MainWindow::chooseMonitor);
    auto* simulate = menu->addAction(tr("Start the si&mulated launch monitor"), this, [this] {
        if (simulated_.isRunning()) {
            desk_.link().stop();
        } else {
            simulated_.start(false);
        }
    });
    auto* faulty = menu->addAction(tr("Start the simulated monitor with &faults"), this,
                                   [this] { simulated_.start(true); });
    faulty->setToolTip(tr("Misreads, gaps, repeats, garbage, and a connection that drops"));
    connect(&simulated_, &SimulatedMonitor::changed, simulate, [this, simulate] {
        simulate->setText(simulated_.isRunning() ? tr("End the si&mulated launch monitor")
                                                 : tr("Start the si&mulated launch monitor"));
    });
    menu->addAction(tr("&Hold or resume the live shots"), QKeySequence(Qt::CTRL | Qt::Key_H), this,
                    [this] {
                        LiveLink& link = desk_.link();
                        link.setHeld(link.state() != LiveLink::State::Held);
                    });
    menu->addSeparator();
    auto* out = menu->addAction(tr("Save the sho&wn shots…"),
                                QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E), this,
                                &MainWindow::saveShots);
    out->setToolTip(tr("Those that Watch shows and that are not set aside, as CSV or JSON"));
    menu->addAction(tr("&Save this view as a picture…"), this, &MainWindow::savePicture);
    menu->addAction(tr("Write the lesson's repo&rt…"), this, &MainWindow::writeReport);
    menu->addAction(tr("&Print this view…"), QKeySequence::Print, this, &MainWindow::print);
    menu->addAction(tr("Save a cop&y of the logbook…"), this, &MainWindow::saveLogbook);
    menu->addAction(tr("&Restore a backup…"), this, &MainWindow::chooseBackup);
    menu->addSeparator();
    menu->addAction(tr("&Quit"), QKeySequence::Quit, this, &QWidget::close);
}

void MainWindow::makeEditMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Edit"));
    undo_ = desk_.bench().undoStack().createUndoAction(this, tr("&Undo"));
    undo_->setShortcut(QKeySequence::Undo);
    redo_ = desk_.bench().undoStack().createRedoAction(this, tr("&Redo"));
    redo_->setShortcuts(
        {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
    menu->addActions({undo_, redo_});
    menu->addSeparator();
    menu->addAction(tr("&Copy the result as text"), QKeySequence::Copy, this,
                    &MainWindow::copyText);
}

void MainWindow::makeViewMenu() {
    viewMenu_ = menuBar()->addMenu(tr("&View"));
    afterViews_ = viewMenu_->addSeparator();
    viewMenu_->addAction(
        tr("Change between &metres and yards"), QKeySequence(Qt::CTRL | Qt::Key_U), this, [this] {
            Workbench& bench = desk_.bench();
            bench.setUnits(bench.units().system() == UnitSystem::Metric ? UnitSystem::Yards
                                                                        : UnitSystem::Metric);
        });
    viewMenu_->addAction(tr("The shot for the &player, large"), Qt::Key_F11, this,
                         &MainWindow::showDisplay);
    dark_ = viewMenu_->addAction(tr("&Dark"));
    dark_->setCheckable(true);
    dark_->setShortcut(QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_D));
    connect(dark_, &QAction::toggled, this, &MainWindow::setDark);
}

void MainWindow::makeHelpMenu() {
    QMenu* menu = helpMenu_ = menuBar()->addMenu(tr("&Help"));
    menu->addAction(tr("&Keys and marks"), QKeySequence::HelpContents, this, &MainWindow::showKeys);
    menu->addAction(tr("&About Wedgeon"), this, [this] {
        QMessageBox::about(this, tr("About Wedgeon"),
                           tr("Wedgeon %1 predicts wedge shots from set-up to rest.\n"
                              "Free software under the GNU GPL, version 3 or later.\n\n"
                              "Nobody stands ahead of or beside the swing. Range rules come first.")
                               .arg(QApplication::applicationVersion()));
    });
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

void MainWindow::savePicture() {
    const QString path = askForTarget(this, tr("Save this view as a picture"),
                                      tr("Picture (*.png);;Drawing (*.svg);;Document (*.pdf)"),
                                      QStringLiteral("png"));
    if (path.isEmpty()) return;
    const QString name = QFileInfo(path).fileName();
    View* shown = shownView();
    const auto paint = [&](QPainter& p, const QRectF&) { shown->paintPicture(p, shown->size()); };
    if (savePages(path, PageForm::ofPixels(shown->size(), palette().color(QPalette::Window)),
                  {paint})) {
        notice_->showResult(tr("Saved to %1.").arg(name));
    } else {
        notice_->showError(tr("%1 could not be written.").arg(name));
    }
}

void MainWindow::print() {
    QPrinter printer(QPrinter::HighResolution);
    printer.setDocName(tr("Wedgeon: %1").arg(shownView()->name()));
    QPrintDialog dialog(&printer, this);
    dialog.setWindowTitle(tr("Print this view"));
    if (dialog.exec() != QDialog::Accepted) return;
    const OnWhite white(dark_->isChecked());
    Paper paper(printer,
                tr("Wedgeon, %1, %2. Nobody ahead of or beside the swing.")
                    .arg(text::playerName(desk_.bench().state().player.name),
                         QLocale().toString(desk_.clock().local(), QStringLiteral("d MMM yyyy"))));
    if (paper.isGood()) shownView()->print(paper);
    if (paper.isGood()) {
        notice_->showResult(tr("%n page(s) were printed.", nullptr, paper.pages()));
    } else {
        notice_->showError(tr("It could not be printed: the printer, or the file, takes nothing."));
    }
}

void MainWindow::chooseFile(bool alwaysAsk) {
    const QStringList paths = askForFiles(this, tr("Open shots"),
                                          tr("Delimited text (*.csv *.tsv *.txt);;All files (*)"));
    if (!paths.isEmpty()) openFiles(paths, alwaysAsk);
}

void MainWindow::chooseMonitor() {
    QSettings settings;
    bool chosen = false;
    const int port = QInputDialog::getInt(
        this, tr("Listen to a launch monitor"),
        tr("Port on this computer that the monitor listens on\n(the simulated one: "
           "wedgeon-monitor):"),
        settings.value(QStringLiteral("livePort"), store::livePort).toInt(), 1, 65535, 1, &chosen);
    if (!chosen) return;
    settings.setValue(QStringLiteral("livePort"), port);
    simulated_.end();
    listenTo(static_cast<quint16>(port));
}

void MainWindow::followSimulated() {
    connect(&simulated_, &SimulatedMonitor::listening, this, &MainWindow::listenTo);
    connect(&simulated_, &SimulatedMonitor::failed, notice_, &NoticeBar::showError);
    // Nobody else hears it: it ends with the listening.
    connect(&desk_.link(), &LiveLink::changed, this, [this] {
        if (desk_.link().state() == LiveLink::State::Off) simulated_.end();
    });
}

void MainWindow::listenTo(quint16 port) {
    showView(watchKey);
    desk_.link().listen(port);
}

void MainWindow::openFile(const QString& path, bool alwaysAsk) {
    openFiles({path}, alwaysAsk);
}

void MainWindow::openFiles(const QStringList& paths, bool alwaysAsk) {
    QStringList shots;
    for (const QString& path : paths) {
        const bool other =
            std::any_of(views_.begin(), views_.end(), [&](View* v) { return v->opens(path); });
        if (!other) shots << path;
    }
    if (!shots.isEmpty()) imports_->start(shots, alwaysAsk);
}

void MainWindow::copyText() {
    // A field or a label with its own selection copies itself; this is for the rest.
    QApplication::clipboard()->setText(shownView()->asText());
}

void MainWindow::setDark(bool dark) {
    style::setDark(dark);
    QSettings().setValue(QStringLiteral("dark"), dark);
}

void MainWindow::tintIcons() {
    open_->setIcon(style::icon(QStringLiteral("folder-open"), palette()));
    undo_->setIcon(style::icon(QStringLiteral("undo-2"), palette()));
    redo_->setIcon(style::icon(QStringLiteral("redo-2"), palette()));
    dark_->setIcon(style::icon(QStringLiteral("moon"), palette()));
}

void MainWindow::changeEvent(QEvent* event) {
    if (event->type() == QEvent::PaletteChange && dark_) tintIcons();
    QMainWindow::changeEvent(event);
}

void MainWindow::restore() {
    const QSettings settings;
    // Not larger than the screen that it comes up on; the frame and a bar of the desktop need room.
    const QSize screen = this->screen()->availableSize();
    resize(usualSize.boundedTo(screen).expandedTo(leastSize));
    restoreGeometry(settings.value(QStringLiteral("geometry")).toByteArray());
    desk_.bench().setUnits(settings.value(QStringLiteral("yards")).toBool() ? UnitSystem::Yards
                                                                            : UnitSystem::Metric);
    dark_->setChecked(settings.value(QStringLiteral("dark")).toBool());
    for (View* v : std::as_const(views_))
        v->restore(settings.value(QStringLiteral("views/") + v->key()).toMap());
    // The bench where nothing is remembered, or a view that is not there any more.
    showView(firstKey);
    showView(settings.value(QStringLiteral("view")).toString());
}

void MainWindow::save() const {
    QSettings settings;
    settings.setValue(QStringLiteral("geometry"), saveGeometry());
    settings.setValue(QStringLiteral("yards"), desk_.bench().units().system() == UnitSystem::Yards);
    settings.setValue(QStringLiteral("view"), shownView()->key());
    for (const View* v : views_)
        settings.setValue(QStringLiteral("views/") + v->key(), v->state());
}

void MainWindow::closeWhenSaved() {
    if (closes_ && desk_.log().isSaved()) close();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (desk_.log().state() == ShotLog::State::Open && !desk_.log().isSaved() && !closesAnyway_) {
        // Changes that are shown are on the disk when the window goes.
        closes_ = true;
        event->ignore();
        if (desk_.log().isHeld()) {
            notice_->showResult(
                tr("What was changed last is not in the logbook yet: another program holds it. "
                   "The window closes as soon as it is."),
                tr("Close without it"), [this] {
                    closesAnyway_ = true;
                    close();
                });
        }
        return;
    }
    save();
    event->accept();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    const QList<QUrl> urls = event->mimeData()->urls();
    const bool local =
        std::all_of(urls.begin(), urls.end(), [](const QUrl& url) { return url.isLocalFile(); });
    if (!urls.isEmpty() && local) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    QStringList others, pictures;
    for (const QUrl& url : event->mimeData()->urls()) {
        const QString path = url.toLocalFile();
        (Attacher::looksLikeOne(path) ? pictures : others) << path;
    }
    if (!others.isEmpty()) openFiles(others);
    if (pictures.isEmpty() || shownView()->opensPictures(pictures)) return;
    for (View* view : std::as_const(views_)) {
        if (view->opensPictures(pictures)) return;
    }
}

}  // namespace wedgeon
