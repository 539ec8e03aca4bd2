// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The frame's behaviour.
#include "main_window.h"

#include <QActionGroup>
#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFileInfo>
#include <QInputDialog>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QSettings>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <utility>

#include "paper/page.h"
#include "style/style.h"
#include "views/explain/explain_view.h"
#include "views/shape/recipe_line.h"
#include "views/shape/shape_view.h"
#include "views/tune/tune_view.h"
#include "views/watch/columns_dialog.h"
#include "views/watch/refusals_dialog.h"
#include "views/watch/watch_view.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/recipe_file.h"
#include "widgets/file_dialogs.h"
#include "widgets/givens_strip.h"
#include "widgets/lesson_line.h"
#include "widgets/logbook_troubles.h"
#include "widgets/notice_bar.h"
#include "widgets/restore_dialog.h"
#include "widgets/trouble_bar.h"
#include "work/trouble.h"

namespace wedgeon {
MainWindow::MainWindow(const QString& logbook, QWidget* parent)
    : QMainWindow(parent),
      log_(logbook.isEmpty() ? ShotLog::ordinaryPath() : logbook, bench_.undoStack()),
      book_(log_, RecipeBook::formerPath()),
      link_(log_),
      shots_(bench_),
      import_(log_) {
    setWindowTitle(tr("Wedgeon"));
    setAcceptDrops(true);
    auto* frame = new QWidget;
    auto* column = new QVBoxLayout(frame);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    notice_ = new NoticeBar;
    auto* trouble = new TroubleBar;
    views_ = new QStackedWidget;
    shape_ = new ShapeView(bench_, book_, shots_);
    watch_ = new WatchView(shots_, bench_, log_, link_, wanted_);
    views_->addWidget(shape_);
    views_->addWidget(watch_);
    explain_ = new ExplainView(shots_, bench_);
    views_->addWidget(explain_);
    tune_ = new TuneView(shots_, bench_, log_, wanted_);
    views_->addWidget(tune_);
    lesson_ = new LessonLine;
    lesson_->addStop(tr("Shape"), 2);
    lesson_->addStop(tr("Watch"), 3);
    lesson_->addStop(tr("Explain"), 4);
    lesson_->addStop(tr("Tune"), 5);
    auto* strip = new GivensStrip(bench_, log_);
    column->addWidget(strip);
    column->addWidget(trouble);
    column->addWidget(notice_);
    column->addWidget(views_, 1);
    column->addWidget(lesson_);
    setCentralWidget(frame);
    setMinimumSize(1024, 640);

    makeFileMenu();
    makeEditMenu();
    makeRecipeMenu();
    makeViewMenu();
    makeHelpMenu();
    tintIcons();

    connect(lesson_, &LessonLine::chosen, this, [this](int i) { showView(static_cast<View>(i)); });
    connect(watch_, &WatchView::openRequested, this, [this] { chooseFile(); });
    connect(watch_, &WatchView::listenRequested, this, &MainWindow::chooseMonitor);
    connect(&link_, &LiveLink::shotsArrived, this, &MainWindow::shotsArrived);
    link_.declareWith([this] {
        const BenchState& state = bench_.state();
        return store::formatDeclared(state.recipes[state.chosen]);
    });
    connect(&shots_, &WatchedShots::shotsChanged, this,
            [this] { wanted_.see(shots_.shots(), bench_.fallback()); });
    connect(&import_, &ImportJob::progress, notice_, &NoticeBar::setProgress);
    connect(&import_, &ImportJob::finished, this, &MainWindow::importFinished);
    connect(&import_, &ImportJob::guessed, this, &MainWindow::confirmColumns);
    connect(&import_, &ImportJob::failed, this, [this](const QString& message, bool cancelled) {
        if (cancelled) {
            notice_->showResult(tr("The import was stopped; nothing was changed."));
        } else {
            notice_->showError(message);
        }
    });
    connect(&bench_.undoStack(), &QUndoStack::undoTextChanged, this, [this](const QString& what) {
        lesson_->setNote(what.isEmpty() ? QString() : tr("Undo: %1 · Ctrl+Z").arg(what));
    });
    connect(&log_, &ShotLog::loaded, this,
            [this](const auto& shots, std::int64_t, const QString& title, std::size_t before) {
                shots_.setShots(*shots, title, before);
            });
    connect(&log_, &ShotLog::shotChanged, &shots_, &WatchedShots::replace);
    connect(&log_, &ShotLog::failed, notice_, &NoticeBar::showError);
    auto* troubles = new LogbookTroubles(log_, *trouble, this);
    connect(troubles, &LogbookTroubles::restoreRequested, this, &MainWindow::chooseBackup);
    connect(&log_, &ShotLog::stateChanged, this, &MainWindow::startWaitingFile);
    connect(&log_, &ShotLog::opened, this, &MainWindow::logOpened);
    connect(&log_, &ShotLog::recordsChanged, this,
            [this] { bench_.setEveryone(log_.records().everyone); });
    connect(&log_, &ShotLog::saved, this, &MainWindow::closeWhenSaved);
    connect(tune_, &TuneView::taken, this, [this] { showView(Watch); });
    showTroublesBy(this, [this](const QString& what) { notice_->showError(what); });
    restore();
}

MainWindow::~MainWindow() {
    showTroublesNoMore(this);
}

void MainWindow::logOpened() {
    if (!playerTaken_) {
        const store::Players& everyone = *log_.records().everyone;
        const auto its = everyone.find(bench_.state().player.name);
        if (its != everyone.end() && its->second != bench_.state().player) {
            BenchState next = bench_.state();
            next.player = its->second;
            bench_.edit(next, tr("change player"));
            bench_.undoStack().clear();  // that is how the window starts
        }
    }
    playerTaken_ = true;
    const auto& all = log_.records().sessions;
    if (!all.empty()) {
        log_.load(all.back().id);
    } else {
        shots_.setShots({}, {});
    }
}

void MainWindow::chooseBackup() {
    RestoreDialog dialog(log_.path(), this);
    connect(&dialog, &RestoreDialog::lookRequested, this, [this](const QString& path) {
        showView(Watch);
        log_.look(path);
    });
    if (dialog.exec() != QDialog::Accepted || dialog.chosen().isEmpty()) return;
    const QString backup = dialog.chosen();
    const QString day = QFileInfo(backup).completeBaseName();
    log_.restore(backup, [this, day] {
        notice_->showResult(
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
    menu->addAction(tr("&Hold or resume the live shots"), QKeySequence(Qt::CTRL | Qt::Key_H), this,
                    [this] { link_.setHeld(link_.state() != LiveLink::State::Held); });
    menu->addSeparator();
    menu->addAction(tr("&Save this view as a picture…"), this, &MainWindow::savePicture);
    menu->addAction(tr("&Restore a backup…"), this, &MainWindow::chooseBackup);
    menu->addSeparator();
    menu->addAction(tr("&Quit"), QKeySequence::Quit, this, &QWidget::close);
}

void MainWindow::makeEditMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Edit"));
    undo_ = bench_.undoStack().createUndoAction(this, tr("&Undo"));
    undo_->setShortcut(QKeySequence::Undo);
    redo_ = bench_.undoStack().createRedoAction(this, tr("&Redo"));
    redo_->setShortcuts(
        {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
    menu->addActions({undo_, redo_});
    menu->addSeparator();
    menu->addAction(tr("&Copy the result as text"), QKeySequence::Copy, this,
                    &MainWindow::copyText);
    menu->addSeparator();
    menu->addAction(tr("Set the shot &aside, or count it again"), QKeySequence(Qt::Key_Delete),
                    this, [this] {
                        if (views_->currentIndex() == Watch) watch_->toggleAside();
                    });
    menu->addAction(tr("&Keep the shot: dismiss the doubt"), QKeySequence(Qt::Key_K), this, [this] {
        if (views_->currentIndex() == Watch) watch_->keepDoubtful();
    });
    menu->addAction(tr("&Tag the shot"), QKeySequence(Qt::Key_T), this, [this] {
        if (views_->currentIndex() == Watch) watch_->focusTags();
    });
    menu->addAction(tr("Take the shot as A to explain"), QKeySequence(Qt::Key_A), this,
                    [this] { takeForExplain(0); });
    menu->addAction(tr("Take the shot as B to explain"), QKeySequence(Qt::Key_B), this,
                    [this] { takeForExplain(1); });
    menu->addAction(tr("Take the shown shots as A"), QKeySequence(Qt::SHIFT | Qt::Key_A), this,
                    [this] { takeShown(0); });
    menu->addAction(tr("Take the shown shots as B"), QKeySequence(Qt::SHIFT | Qt::Key_B), this,
                    [this] { takeShown(1); });
    menu->addAction(tr("S&wap A and B"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), this,
                    [this] { explain_->swap(); });
    menu->addAction(tr("&Find shots"), QKeySequence::Find, this, [this] {
        showView(Watch);
        watch_->focusFilter();
    });
}

void MainWindow::makeRecipeMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Recipe"));
    // Everything here is about the bench: it comes up first.
    const auto add = [&](const QString& text, const QKeySequence& keys, const auto& act) {
        menu->addAction(text, keys, this, [this, act] {
            showView(Shape);
            act();
        });
    };
    RecipeLine& line = shape_->recipeLine();
    add(tr("&Add a recipe beside"), Qt::CTRL | Qt::Key_D, [&line] { line.addBeside(); });
    add(tr("C&lose the chosen recipe"), Qt::CTRL | Qt::Key_W, [&line] { line.closeChosen(); });
    add(tr("Choose recipe &A"), Qt::CTRL | Qt::Key_1, [&line] { line.choose(0); });
    add(tr("Choose recipe &B"), Qt::CTRL | Qt::Key_2, [&line] { line.choose(1); });
    add(tr("Choose recipe &C"), Qt::CTRL | Qt::Key_3, [&line] { line.choose(2); });
    menu->addSeparator();
    using Page = ShapeView::Page;
    add(tr("&Why this result"), Qt::CTRL | Qt::Key_E, [this] { shape_->togglePage(Page::Why); });
    add(tr("As&k for a result"), Qt::CTRL | Qt::Key_K, [this] { shape_->togglePage(Page::Ask); });
    add(tr("Co&mpare"), Qt::CTRL | Qt::Key_M, [this] { shape_->togglePage(Page::Compare); });
    add(tr("&Recipes and schools"), Qt::CTRL | Qt::Key_R,
        [this] { shape_->togglePage(Page::Recipes); });
    add(tr("Beside a mid-&iron"), Qt::CTRL | Qt::Key_I, [this] { shape_->togglePage(Page::Turn); });
    menu->addSeparator();
    add(tr("&Keep under a name…"), QKeySequence::Save, [this] { shape_->keepRecipe(); });
    add(tr("&Open recipes…"), {}, [this] { openRecipes(); });
    add(tr("&Export recipes…"), {}, [this] { exportRecipes(); });
}

void MainWindow::openRecipes() {
    const QString path = askForFile(this, tr("Open recipes"), tr("Recipes (*.json)"));
    if (path.isEmpty()) return;
    const QString name = QFileInfo(path).fileName();
    try {
        const auto read = store::readRecipes(path.toStdString());
        book_.keep(read, [this, n = read.size(), name] {
            notice_->showResult(
                n == 1 ? tr("One recipe from %1 is among yours now.").arg(name)
                       : tr("%1 recipes from %2 are among yours now.").arg(n).arg(name));
        });
    } catch (const store::StoreError& e) {
        notice_->showError(tr("%1: %2").arg(name, QString::fromUtf8(e.what())));
    }
}

void MainWindow::exportRecipes() {
    // Those on the bench, and the coach's own.
    std::vector<NamedRecipe> all = bench_.state().recipes;
    all.insert(all.end(), book_.recipes().begin(), book_.recipes().end());
    const QString path =
        askForTarget(this, tr("Export recipes"), tr("Recipes (*.json)"), QStringLiteral("json"));
    if (path.isEmpty()) return;
    try {
        store::writeRecipes(path.toStdString(), all);
        notice_->showResult(tr("Exported to %1.").arg(QFileInfo(path).fileName()));
    } catch (const store::StoreError& e) {
        notice_->showError(
            tr("%1: %2").arg(QFileInfo(path).fileName(), QString::fromUtf8(e.what())));
    }
}

void MainWindow::makeViewMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&View"));
    menu->addAction(tr("&Shape"), QKeySequence(Qt::ALT | Qt::Key_2), this,
                    [this] { showView(Shape); });
    menu->addAction(tr("&Watch"), QKeySequence(Qt::ALT | Qt::Key_3), this,
                    [this] { showView(Watch); });
    menu->addAction(tr("&Explain"), QKeySequence(Qt::ALT | Qt::Key_4), this,
                    [this] { showView(Explain); });
    menu->addAction(tr("&Tune"), QKeySequence(Qt::ALT | Qt::Key_5), this,
                    [this] { showView(Tune); });
    menu->addSeparator();
    menu->addAction(tr("Shots as &chart or stream"), QKeySequence(Qt::CTRL | Qt::Key_G), this,
                    [this] {
                        showView(Watch);
                        watch_->toggleChart();
                    });
    menu->addAction(
        tr("Change between &metres and yards"), QKeySequence(Qt::CTRL | Qt::Key_U), this, [this] {
            bench_.setUnits(bench_.units().system() == UnitSystem::Metric ? UnitSystem::Yards
                                                                          : UnitSystem::Metric);
        });
    dark_ = menu->addAction(tr("&Dark"));
    dark_->setCheckable(true);
    dark_->setShortcut(QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_D));
    connect(dark_, &QAction::toggled, this, &MainWindow::setDark);
}

void MainWindow::makeHelpMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Help"));
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
    QMessageBox box(this);
    box.setWindowTitle(tr("Keys and marks"));
    box.setTextFormat(Qt::PlainText);
    box.setText(
        tr("Alt+2 to Alt+5\tShape, Watch, Explain, Tune\n"
           "Ctrl+O\topen shots\n"
           "Ctrl+L, Ctrl+H\tlisten to a launch monitor, hold or resume\n"
           "Ctrl+F\tshow only some shots\n"
           "Ctrl+G\tshots as a chart or as a stream\n"
           "Delete, K, T\tset a shot aside, keep a doubtful one, tag it (in Watch)\n"
           "A, B\ttake a shot as A or B to explain (in Watch)\n"
           "Shift+A, Shift+B\ttake all the shown shots\n"
           "Ctrl+Z, Ctrl+Y\tundo, redo\n"
           "Ctrl+D, Ctrl+1 to 3\tadd a recipe beside, choose one\n"
           "Ctrl+E, K, M, R, I\twhy, ask, compare, recipes, mid-iron\n"
           "Ctrl+S\tkeep the recipe under a name\n"
           "Ctrl+C\tcopy the result as text\n"
           "Ctrl+U\tmetres or yards\n"
           "Ctrl+Shift+D\tlight or dark\n"
           "Tab\tnext drawing or field\n"
           "Space\tnext handle of a drawing\n"
           "Arrows\tmove the handle; with Shift by a fifth\n\n"
           "Line with a band: predicted, where 80 of 100 shots fall.\n"
           "Filled diamond: measured. Grey and dashed: before the last change.\n"
           "A filled ring on a bounce: the ball lost more than half of its forward speed there."));
    box.exec();
}

void MainWindow::takeForExplain(int which) {
    if (views_->currentIndex() != Watch || watch_->currentRow() < 0) return;
    explain_->take(which, watch_->currentRow());
    notice_->showResult(tr("%1 is shot %2.")
                            .arg(which == 0 ? QStringLiteral("A") : QStringLiteral("B"))
                            .arg(shots_.numberAt(watch_->currentRow())),
                        tr("Explain (Alt+4)"), [this] { showView(Explain); });
}

void MainWindow::takeShown(int which) {
    if (views_->currentIndex() != Watch || watch_->shown().rowCount() == 0) return;
    explain_->takeShown(which, watch_->shown(), watch_->filterText());
    notice_->showResult(tr("%1 is %2.")
                            .arg(which == 0 ? QStringLiteral("A") : QStringLiteral("B"))
                            .arg(explain_->nameOf(which)),
                        tr("Explain (Alt+4)"), [this] { showView(Explain); });
}

void MainWindow::savePicture() {
    const QString path = askForTarget(this, tr("Save this view as a picture"),
                                      tr("Picture (*.png);;Drawing (*.svg);;Document (*.pdf)"),
                                      QStringLiteral("png"));
    if (path.isEmpty()) return;
    const QString name = QFileInfo(path).fileName();
    QWidget* view = views_->currentWidget();
    // A chart goes out alone: what stands around it on screen is for choosing.
    const bool chart = view == watch_ && watch_->showsChart();
    const auto paint = [&](QPainter& p) {
        if (chart) {
            watch_->paintChart(p, view->size());
        } else {
            view->render(&p);
        }
    };
    if (savePage(path, view->size(), palette().color(QPalette::Window), paint)) {
        notice_->showResult(tr("Saved to %1.").arg(name));
    } else {
        notice_->showError(tr("%1 could not be written.").arg(name));
    }
}

void MainWindow::showView(View view) {
    views_->setCurrentIndex(view);
    lesson_->setCurrent(view);
}

void MainWindow::chooseFile(bool alwaysAsk) {
    const QString path =
        askForFile(this, tr("Open shots"), tr("Delimited text (*.csv *.tsv *.txt);;All files (*)"));
    if (!path.isEmpty()) openFile(path, alwaysAsk);
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
    listenTo(static_cast<quint16>(port));
}

void MainWindow::listenTo(quint16 port) {
    showView(Watch);
    link_.listen(port);
}

void MainWindow::shotsArrived(const std::vector<store::LoggedShot>& shots, const QString& session) {
    if (log_.shown() == shots.front().session && shots_.rowCount() > 0) {
        shots_.append(shots);
        return;
    }
    // The first of its session: the stream turns to it.
    log_.setShown(shots.front().session);
    shots_.setShots(ShotList(shots), session);
}

void MainWindow::openFile(const QString& path, bool alwaysAsk) {
    QSettings().setValue(QStringLiteral("lastFolder"), QFileInfo(path).absolutePath());
    notice_->showProgress(tr("Reading %1…").arg(QFileInfo(path).fileName()), [this] {
        if (std::exchange(waitingFile_, std::nullopt))
            notice_->showResult(tr("The import was stopped; nothing was changed."));
        import_.cancel();
    });
    // A file that was named at the start waits for the logbook.
    waitingFile_ = ImportJob::Wanted{path, alwaysAsk, bench_.state().player.hand == Hand::Left};
    startWaitingFile();
}

void MainWindow::startWaitingFile() {
    if (!waitingFile_ || log_.state() == ShotLog::State::Opening) return;
    import_.start(*std::exchange(waitingFile_, std::nullopt));
}

void MainWindow::confirmColumns(const std::shared_ptr<const ImportJob::Guess>& guess) {
    const QString name = QFileInfo(guess->wanted.path).fileName();
    notice_->showResult(tr("What are the columns of %1?").arg(name));
    auto* dialog = new ColumnsDialog(guess->preview, guess->said, name, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, guess, dialog, name] {
        notice_->showProgress(tr("Reading %1…").arg(name), [this] { import_.cancel(); });
        import_.take(*guess, dialog->mapping());
    });
    connect(dialog, &QDialog::rejected, this,
            [this, name] { notice_->showResult(tr("%1 was not read.").arg(name)); });
    dialog->open();
}

void MainWindow::importFinished(const ImportJob::Result& result, const QString& path) {
    const QString name = QFileInfo(path).fileName();
    log_.imported(*result, name);
    showView(Watch);
    const store::ImportResult& file = result->file;
    const auto details = [this, result, name] { RefusalsDialog(result, name, this).exec(); };
    const auto known = result->shots.known;
    const QString taken =
        tr("%1 from %2.").arg(text::shots(static_cast<qsizetype>(file.shotCount)), name) +
        (known == 0                ? QString()
         : known == file.shotCount ? tr(" All were in the logbook already.")
                                   : tr(" %1 were in the logbook already.").arg(known));
    const auto refused = file.refusedCount;
    if (refused == 0) {
        notice_->showResult(taken + tr(" Nothing was refused."), tr("Columns…"), details);
    } else {
        notice_->showResult(
            taken + (refused == 1 ? tr(" One cell or row was not taken.")
                                  : tr(" %1 cells or rows were not taken.").arg(refused)),
            tr("Which and why…"), details);
    }
}

void MainWindow::copyText() {
    // A field or a label with its own selection copies itself; this is for the rest.
    QApplication::clipboard()->setText(views_->currentIndex() == Shape   ? shape_->asText()
                                       : views_->currentIndex() == Watch ? watch_->asText()
                                       : views_->currentIndex() == Tune  ? tune_->asText()
                                                                         : explain_->asText());
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
    resize(1280, 800);
    restoreGeometry(settings.value(QStringLiteral("geometry")).toByteArray());
    bench_.setUnits(settings.value(QStringLiteral("yards")).toBool() ? UnitSystem::Yards
                                                                     : UnitSystem::Metric);
    dark_->setChecked(settings.value(QStringLiteral("dark")).toBool());
    showView(settings.value(QStringLiteral("view")).toInt() == Watch ? Watch : Shape);
}

void MainWindow::closeWhenSaved() {
    if (closes_ && log_.isSaved()) close();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (log_.state() == ShotLog::State::Open && !log_.isSaved() && !closesAnyway_) {
        // Changes that are shown are on the disk when the window goes.
        closes_ = true;
        event->ignore();
        if (log_.isHeld()) {
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
    QSettings settings;
    settings.setValue(QStringLiteral("geometry"), saveGeometry());
    settings.setValue(QStringLiteral("yards"), bench_.units().system() == UnitSystem::Yards);
    settings.setValue(QStringLiteral("view"), views_->currentIndex());
    event->accept();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    const QList<QUrl> urls = event->mimeData()->urls();
    if (urls.size() == 1 && urls.first().isLocalFile()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    const QList<QUrl> urls = event->mimeData()->urls();
    if (urls.size() == 1 && urls.first().isLocalFile()) openFile(urls.first().toLocalFile());
}

}  // namespace wedgeon
