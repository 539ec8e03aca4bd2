// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The frame: strip of givens, notices, the views behind the lesson line; menus, files, printing,
// remembered state. Knows views by their interface only.
#pragma once

#include <QMainWindow>
#include <QVector>

#include "desk/desk.h"
#include "paper/report.h"

class QMenu;
class QStackedWidget;
class QVBoxLayout;

namespace wedgeon {

class FirstRun;
class GuideWindow;
class LessonLine;
class ImportFlow;
class NoticeBar;
class PlayerDisplay;
class PreferencesDialog;
class ShotSaver;
class View;

class MainWindow : public QMainWindow {
    Q_OBJECT

public:
    /// \p desk outlives it. Without views; see addView and finish.
    explicit MainWindow(Desk& desk, QWidget* parent = nullptr);
    ~MainWindow() override;

    /// Takes it over: its place on the lesson line, its menu, its key. The window has at most one
    /// view of a key and of a stop.
    void addView(View* view);
    /// After the last view: comes up as it was left.
    void restore();

    /// By its key; a view that is not there changes nothing.
    void showView(const QString& key);
    View* shownView() const;
    /// Reads a file of shots in the background and shows it in Watch.
    /// \p alwaysAsk: what its columns are, also when that is known of its shape.
    void openFile(const QString& path, bool alwaysAsk = false);
    /// The same of many, and of folders of them.
    void openFiles(const QStringList& paths, bool alwaysAsk = false);
    /// The shots of the demo, where they are not in the logbook yet.
    void openDemo();
    /// Connects to the launch monitor on this port and shows its shots in Watch.
    void listenTo(quint16 port);
    /// Geometry, views and what was open in them, for the next start.
    void save() const;
    /// At the place with this name; see PreferencesDialog.
    void showPreferences(const QString& place);
    bool showsPreferences() const;
    /// Offers the note of the last crash, if there is one.
    void tellOfCrash();
    /// Whether a file is called as logbooks are. It is not opened for that: closing it would drop
    /// the locks of one that is in use.
    static bool isLogbook(const QString& path);

signals:
    /// The program has to end and start again, as it is now.
    void newStartWanted();

protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void changeEvent(QEvent* event) override;

private:
    void makeFrame();
    void makeFileMenu();
    void makeEditMenu();
    void makeViewMenu();
    void makeHelpMenu();
    void followDesk();
    View* view(const QString& key) const;
    void showResult(const QString& what, const QString& goOn);
    void chooseFile(bool alwaysAsk = false);
    void chooseBackup();
    void closeWhenSaved();
    void chooseMonitor();
    void copyText();
    void tintIcons();
    void showKeys();
    void saveLogbook();
    void saveShots();
    void followSaver();
    void followSimulated();
    void followAttacher();
    void followLesson();
    void followFirstRun();
    /// The first questions, where they are due.
    void askFirst();
    void showFirstRun(bool shown);
    void startOther(const QStringList& arguments);
    void chooseLogbook();
    void nameWindow();
    void followPreferences();
    GuideWindow& guide();
    void explainHere();
    void showTroubleNote();
    /// What was noted the last time, once for each player that comes.
    void tellLastLesson();
    void showDisplay();
    void putOnPaper(bool asPicture);
    void writeReport();
    /// Of the shots that the report speaks of.
    QVector<ReportPicture> attachedPictures() const;

    Desk& desk_;
    QVector<View*> views_;
    bool closes_ = false;  ///< as soon as everything is on the disk
    bool closesAnyway_ = false;
    LessonLine* lesson_;
    NoticeBar* notice_;
    ImportFlow* imports_ = nullptr;
    ShotSaver* saver_;
    QWidget* strip_;
    QVBoxLayout* frame_ = nullptr;  ///< strip, notices, views, lesson line
    QStackedWidget* stack_;
    FirstRun* firstRun_ = nullptr;
    PlayerDisplay* display_ = nullptr;
    GuideWindow* guide_ = nullptr;
    PreferencesDialog* preferences_ = nullptr;
    int toldSize_pct_ = 100;  ///< of text, as it was last said
    std::string toldPlayer_;  ///< whose last lesson was told
    QMenu *viewMenu_ = nullptr, *helpMenu_ = nullptr;
    QAction* afterViews_ = nullptr;  ///< of the menu of views
    QAction *open_ = nullptr, *undo_ = nullptr, *redo_ = nullptr, *dark_ = nullptr;
};

}  // namespace wedgeon
