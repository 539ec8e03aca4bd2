// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What every view of the window is: a place in the lesson, commands that work while it is shown,
// text to copy, pages to print, a state to come back to. It shows the desk's models and goes stale
// while it is hidden. A new view is a folder beside the others and one line in views/all_views.cpp.
#pragma once

#include <QKeySequence>
#include <QVariantMap>
#include <QVector>
#include <QWidget>
#include <functional>

#include "desk/desk.h"
#include "paper/report.h"

class QAction;

namespace wedgeon {

class Drawing;
class Paper;

/// The lesson in its order. The number goes with Alt and is the place on the lesson line; that of a
/// view that is not there stays empty.
enum class Stop { Read = 1, Ladder, Shape, Watch, Explain, Train, Tune };

class View : public QWidget {
    Q_OBJECT

public:
    /// \p key: by which settings know it; never shown, never translated.
    View(Desk& desk, QString key, Stop stop, QWidget* parent = nullptr);

    const QString& key() const { return key_; }
    Stop stop() const { return stop_; }
    /// As people read it.
    virtual QString name() const = 0;
    /// What Copy puts on the clipboard.
    virtual QString asText() const = 0;
    /// On as many pages as it takes: its drawings, or where it has none the whole of it as a
    /// picture, and its text, unless it knows better.
    virtual void print(Paper& paper);
    /// The view as a picture of \p size.
    virtual void paintPicture(QPainter& painter, const QSize& size);
    /// What should be again as it is now. Values by name.
    virtual QVariantMap state() const { return {}; }
    /// \p state may lack anything, and may come from another hand.
    virtual void restore(const QVariantMap& state) { (void)state; }

    /// A file that is dropped on the window, or named when the program starts, and is this view's:
    /// opens it. False for another.
    virtual bool opens(const QString& path) {
        (void)path;
        return false;
    }

    /// Pictures and clips that are dropped on the window: attaches them, or says why not. False for
    /// a view that has nothing to attach them to.
    virtual bool opensPictures(const QStringList& paths) {
        (void)paths;
        return false;
    }

    /// What it adds to the lesson's report: what was found, in sentences, with drawings.
    virtual QVector<ReportPart> reportParts() const { return {}; }

    /// A drawing on white, with what a screen reader says of it as its words.
    static ReportPicture reportPicture(Drawing& drawing, int height_px);

    /// In the order of the menu; those of the view's own menu.
    const QVector<QAction*>& commands() const { return commands_; }
    /// While it is not shown, its commands wait.
    void setShown(bool shown);

signals:
    /// Another view, or itself, has to be shown.
    void viewWanted(const QString& key);
    /// The person wants to open shots, or to listen to a launch monitor.
    void filesWanted();
    void monitorWanted();
    void simulatedWanted();
    void reportWanted();
    /// The place of the preferences with this name has to be shown.
    void preferenceWanted(const QString& place);
    /// Something happened that a person should read; \p goOn is the key of the view in which the
    /// lesson goes on, if any.
    void said(const QString& what, const QString& goOn);
    void failed(const QString& what);

protected:
    /// The parts changed since the last time; called while it is shown, and when it is shown again.
    virtual void refresh(Desk::Parts parts) = 0;
    /// Where the keys should go when the view is shown.
    virtual void takeFocus() {}
    void showEvent(QShowEvent* event) override;

    enum class Reach {
        WhileShown,
        Anywhere,  ///< the view comes up first
    };
    /// The whole view as it looks on the screen.
    void printPicture(Paper& paper);

    QAction* addCommand(const QString& text, const QKeySequence& keys, std::function<void()> act,
                        Reach reach = Reach::WhileShown);
    void addCommandSeparator();

    Desk& desk_;

private:
    QString key_;
    Stop stop_;
    Desk::Parts stale_ = Desk::everything();
    bool shown_ = false;
    QVector<QAction*> commands_, whileShown_;
};

}  // namespace wedgeon
