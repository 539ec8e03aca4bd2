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
#include <QMenuBar>
#include <QMimeData>
#include <QPointer>
#include <QScreen>
#include <QScrollArea>
#include <QSettings>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

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
/// The least that everything below the menus can be read on: of a window of 1024 by 640.
constexpr QSize leastSize{1024, 606};
constexpr QSize smallest{480, 320};
constexpr QSize usualSize{1280, 800};

/// As large as there is room, but no smaller than everything can be read on: what a frame's labels
/// would like for their lines does not make it scroll.
class Whole : public QWidget {
public:
    explicit Whole(QWidget* frame) : frame_(frame) {
        frame_->setParent(this);
        setMinimumSize(leastSize);
    }

protected:
    void resizeEvent(QResizeEvent*) override { frame_->setGeometry(rect()); }

private:
    QWidget* frame_;
};

}  // namespace

MainWindow::MainWindow(Desk& desk, QWidget* parent) : QMainWindow(parent), desk_(desk) {
    nameWindow();
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
    followPreferences();
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
    // Where the screen is smaller, or everything on it larger, it is scrolled: nothing is cut.
    auto* scrolled = new QScrollArea;
    scrolled->setWidget(new Whole(frame));
    scrolled->setWidgetResizable(true);
    scrolled->setFrameShape(QFrame::NoFrame);
    scrolled->setFocusPolicy(Qt::NoFocus);
    setCentralWidget(scrolled);
    setMinimumSize(smallest);
    frame_ = column;
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
    connect(&desk_.log(), &ShotLog::opened, this, &MainWindow::nameWindow);
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
    connect(view, &View::simulatedWanted, this, [this] { desk_.simulated().start(false); });
    connect(view, &View::preferenceWanted, this, &MainWindow::showPreferences);
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
    RestoreDialog dialog(desk_.log().path(), desk_.preferences().values().backupPlan(), this);
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
        if (desk_.simulated().isRunning()) {
            desk_.link().stop();
        } else {
            desk_.simulated().start(false);
        }
    });
    auto* faulty = menu->addAction(tr("Start the simulated monitor with &faults"), this,
                                   [this] { desk_.simulated().start(true); });
    faulty->setToolTip(tr("Misreads, gaps, repeats, garbage, and a connection that drops"));
    const auto nameIt = [this, simulate] {
        simulate->setText(desk_.simulated().isRunning()
                              ? tr("End the si&mulated launch monitor")
                              : tr("Start the si&mulated launch monitor"));
    };
    nameIt();
    connect(&desk_.simulated(), &SimulatedMonitor::changed, simulate, nameIt);
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
    menu->addAction(tr("&Save this view…"), this, [this] { putOnPaper(true); });
    menu->addAction(tr("Write the lesson's repo&rt…"), this, &MainWindow::writeReport);
    menu->addAction(tr("&Print this view…"), QKeySequence::Print, this,
                    [this] { putOnPaper(false); });
    menu->addAction(tr("Open another log&book…"), this, &MainWindow::chooseLogbook);
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
    menu->addSeparator();
    auto* preferences = menu->addAction(tr("Pre&ferences…"), this, [this] { showPreferences({}); });
    preferences->setShortcut(QKeySequence(Qt::CTRL | Qt::Key_Comma));
}

void MainWindow::makeViewMenu() {
    viewMenu_ = menuBar()->addMenu(tr("&View"));
    afterViews_ = viewMenu_->addSeparator();
    viewMenu_->addAction(tr("Change between &metres and yards"), QKeySequence(Qt::CTRL | Qt::Key_U),
                         this, [this] { desk_.preferences().changeLengths(); });
    viewMenu_->addAction(tr("The shot for the &player, large"), Qt::Key_F11, this,
                         &MainWindow::showDisplay);
    dark_ = viewMenu_->addAction(tr("&Dark"));
    dark_->setCheckable(true);
    dark_->setShortcut(QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_D));
    connect(dark_, &QAction::triggered, this, [this](bool dark) {
        PreferenceValues next = desk_.preferences().values();
        next.theme = style::darkened(next.theme, dark);
        desk_.preferences().change(dark ? tr("dark") : tr("light"), next);
    });
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
    desk_.simulated().end();
    listenTo(static_cast<quint16>(port));
}

void MainWindow::followSimulated() {
    connect(&desk_.simulated(), &SimulatedMonitor::listening, this, &MainWindow::listenTo);
    connect(&desk_.simulated(), &SimulatedMonitor::failed, notice_, &NoticeBar::showError);
    // Nobody else hears it: it ends with the listening.
    connect(&desk_.link(), &LiveLink::changed, this, [this] {
        if (desk_.link().state() == LiveLink::State::Off) desk_.simulated().end();
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
        if (isLogbook(path)) {
            startOther({path});
            continue;
        }
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
    resize(usualSize.boundedTo(screen).expandedTo(smallest));
    restoreGeometry(settings.value(QStringLiteral("geometry")).toByteArray());
    for (View* v : std::as_const(views_))
        v->restore(settings.value(QStringLiteral("views/") + v->key()).toMap());
    // The bench where nothing is remembered, or a view that is not there any more.
    showView(firstKey);
    showView(settings.value(QStringLiteral("view")).toString());
    // Over a desk that is open already, in another language: they have not been answered yet.
    askFirst();
}

void MainWindow::save() const {
    QSettings settings;
    settings.setValue(QStringLiteral("geometry"), saveGeometry());
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
