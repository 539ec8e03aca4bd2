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
#include <QFileDialog>
#include <QFileInfo>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QSettings>
#include <QStackedWidget>
#include <QUndoCommand>
#include <QVBoxLayout>

#include "style/style.h"
#include "views/shape/shape_view.h"
#include "views/watch/refusals_dialog.h"
#include "views/watch/watch_view.h"
#include "widgets/givens_strip.h"
#include "widgets/lesson_line.h"
#include "widgets/notice_bar.h"

namespace wedgeon {
namespace {

/// Showing another file's shots; undo brings the former ones back.
class ShowShotsCommand : public QUndoCommand {
public:
    ShowShotsCommand(WatchedShots& model, WatchedShots::List after, const QString& source)
        : QUndoCommand(MainWindow::tr("open %1").arg(source)),
          model_(model),
          before_(model.shots()),
          after_(std::move(after)),
          beforeSource_(model.source()),
          afterSource_(source) {}
    void undo() override { model_.setShots(before_, beforeSource_); }
    void redo() override { model_.setShots(after_, afterSource_); }

private:
    WatchedShots& model_;
    WatchedShots::List before_, after_;
    QString beforeSource_, afterSource_;
};

}  // namespace

MainWindow::MainWindow(QWidget* parent) : QMainWindow(parent), shots_(bench_) {
    setWindowTitle(tr("Wedgeon"));
    setAcceptDrops(true);
    auto* frame = new QWidget;
    auto* column = new QVBoxLayout(frame);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    notice_ = new NoticeBar;
    views_ = new QStackedWidget;
    shape_ = new ShapeView(bench_);
    watch_ = new WatchView(shots_, bench_);
    views_->addWidget(shape_);
    views_->addWidget(watch_);
    lesson_ = new LessonLine;
    lesson_->addStop(tr("Shape"), 2);
    lesson_->addStop(tr("Watch"), 3);
    column->addWidget(new GivensStrip(bench_));
    column->addWidget(notice_);
    column->addWidget(views_, 1);
    column->addWidget(lesson_);
    setCentralWidget(frame);
    setMinimumSize(1024, 640);

    makeFileMenu();
    makeEditMenu();
    makeViewMenu();
    makeHelpMenu();
    tintIcons();

    connect(lesson_, &LessonLine::chosen, this, [this](int i) { showView(static_cast<View>(i)); });
    connect(watch_, &WatchView::openRequested, this, &MainWindow::chooseFile);
    connect(&import_, &ImportJob::progress, notice_, &NoticeBar::setProgress);
    connect(&import_, &ImportJob::finished, this, &MainWindow::importFinished);
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
    restore();
}

void MainWindow::makeFileMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&File"));
    open_ = menu->addAction(tr("&Open shots…"), QKeySequence::Open, this, &MainWindow::chooseFile);
    open_->setToolTip(tr("Open a delimited file of shots from any launch monitor"));
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
    menu->addAction(tr("&Find shots"), QKeySequence::Find, this, [this] {
        showView(Watch);
        watch_->focusFilter();
    });
}

void MainWindow::makeViewMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&View"));
    menu->addAction(tr("&Shape"), QKeySequence(Qt::ALT | Qt::Key_2), this,
                    [this] { showView(Shape); });
    menu->addAction(tr("&Watch"), QKeySequence(Qt::ALT | Qt::Key_3), this,
                    [this] { showView(Watch); });
    menu->addSeparator();
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
        tr("Alt+2, Alt+3\tShape, Watch\n"
           "Ctrl+O\topen shots\n"
           "Ctrl+F\tshow only some shots\n"
           "Ctrl+Z, Ctrl+Y\tundo, redo\n"
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

void MainWindow::showView(View view) {
    views_->setCurrentIndex(view);
    lesson_->setCurrent(view);
}

void MainWindow::chooseFile() {
    QSettings settings;
    const QString path = QFileDialog::getOpenFileName(
        this, tr("Open shots"), settings.value(QStringLiteral("lastFolder")).toString(),
        tr("Delimited text (*.csv *.tsv *.txt);;All files (*)"));
    if (!path.isEmpty()) openFile(path);
}

void MainWindow::openFile(const QString& path) {
    QSettings().setValue(QStringLiteral("lastFolder"), QFileInfo(path).absolutePath());
    notice_->showProgress(tr("Reading %1…").arg(QFileInfo(path).fileName()),
                          [this] { import_.cancel(); });
    import_.start(path);
}

void MainWindow::importFinished(const ImportJob::Result& result, const QString& path) {
    const QString name = QFileInfo(path).fileName();
    auto shots = std::make_shared<store::MemoryShots>();
    shots->append(std::move(result->shots));
    result->shots.clear();
    const auto count = shots->size();
    bench_.undoStack().push(new ShowShotsCommand(shots_, std::move(shots), name));
    showView(Watch);
    const auto details = [this, result, name] { RefusalsDialog(result, name, this).exec(); };
    const QString taken = tr("%1 from %2.").arg(text::shots(static_cast<qsizetype>(count)), name);
    const auto refused = result->refusedCount;
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
    QApplication::clipboard()->setText(views_->currentIndex() == Shape ? shape_->asText()
                                                                       : watch_->asText());
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

void MainWindow::closeEvent(QCloseEvent* event) {
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
