// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The frame: strip of givens, notice, the view, the lesson line; menus, import, remembered state.
#pragma once

#include <QMainWindow>

#include "desk/hit_list.h"
#include "desk/import_job.h"
#include "desk/live_link.h"
#include "desk/recipe_book.h"
#include "desk/shot_log.h"
#include "desk/watched_shots.h"
#include "desk/workbench.h"

class QStackedWidget;

namespace wedgeon {

class ExplainView;
class LessonLine;
class NoticeBar;
class ShapeView;
class TuneView;
class WatchView;

class MainWindow : public QMainWindow {
    Q_OBJECT

public:
    /// \p logbook: the file that holds the shots; the ordinary one when empty.
    explicit MainWindow(const QString& logbook = {}, QWidget* parent = nullptr);
    ~MainWindow() override;

    enum View { Shape, Watch, Explain, Tune };
    void showView(View view);
    /// Reads a file of shots in the background and shows it in Watch.
    /// \p alwaysAsk: what its columns are, also when that is known of its shape.
    void openFile(const QString& path, bool alwaysAsk = false);

    /// Connects to the launch monitor on this port and shows its shots in Watch.
    void listenTo(quint16 port);
    /// The logbook is open, or it is known that it cannot be; every change is on the disk, and what
    /// was asked for is shown.
    bool isSettled() const {
        return log_.state() != ShotLog::State::Opening && log_.isSaved() && !log_.isLoading();
    }

protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void changeEvent(QEvent* event) override;

private:
    /// Shows the newest session, with the tuning in use of the strip's player.
    void logOpened();
    void chooseBackup();
    void closeWhenSaved();
    void startWaitingFile();
    void makeFileMenu();
    void makeEditMenu();
    void makeRecipeMenu();
    void makeViewMenu();
    void openRecipes();
    void exportRecipes();
    void makeHelpMenu();
    void chooseFile(bool alwaysAsk = false);
    void confirmColumns(const std::shared_ptr<const ImportJob::Guess>& guess);
    void chooseMonitor();
    void shotsArrived(const std::vector<store::LoggedShot>& shots, const QString& session);
    void copyText();
    void importFinished(const ImportJob::Result& result, const QString& path);
    void setDark(bool dark);
    void tintIcons();
    void showKeys();
    void takeForExplain(int which);
    void takeShown(int which);
    void savePicture();
    void restore();

    Workbench bench_;
    ShotLog log_;
    RecipeBook book_;
    LiveLink link_;
    WatchedShots shots_;
    HitList wanted_;
    ImportJob import_;
    bool closes_ = false;  ///< as soon as everything is on the disk
    bool closesAnyway_ = false;
    bool playerTaken_ = false;
    std::optional<ImportJob::Wanted> waitingFile_;
    LessonLine* lesson_;
    NoticeBar* notice_;
    QStackedWidget* views_;
    ShapeView* shape_;
    WatchView* watch_;
    ExplainView* explain_;
    TuneView* tune_;
    QAction *open_ = nullptr, *undo_ = nullptr, *redo_ = nullptr, *dark_ = nullptr;
};

}  // namespace wedgeon
