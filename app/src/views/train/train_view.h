// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Train: drills with windows and gates, and trials of two ways, scored from Watch, live or by eye;
// a player's weeks and notes.
#pragma once

#include "views/view.h"

class QComboBox;
class QListWidget;
class QPushButton;
class QStackedWidget;
class QTabBar;

namespace wedgeon {

class HistoryPage;
class NotesPage;
class SeenBar;
class SentenceLabel;
class TodayPage;

class TrainView : public View {
    Q_OBJECT

public:
    explicit TrainView(Desk& desk, QWidget* parent = nullptr);
    QString name() const override;
    QString asText() const override;
    QVector<ReportPart> reportParts() const override;
    /// A drill in a file (*.wedgedrill), to be hit.
    bool opens(const QString& path) override;
    QVariantMap state() const override;
    void restore(const QVariantMap& state) override;

protected:
    void refresh(Desk::Parts parts) override;
    void takeFocus() override;
    void changeEvent(QEvent* event) override;

private:
    enum Tab { Today, Weeks, Notes };
    void tint();
    QWidget* makeAside();
    QWidget* makeMain();
    void makeCommands();
    void showTab(Tab tab);
    void fillList();
    void fillDrills();
    void tellCaution();
    void beginDrill();
    /// \p ways: names to choose from beside the recipes, the first ones first.
    void beginTrial(const QStringList& ways = {});
    /// He stopped for pain today: only when the coach says so.
    bool mayBegin();
    void end();
    /// A way of the trial that has ended, as what the player does from now on.
    void keepWay(Arm arm);
    void planNext();
    void editDrill();
    void keepDrill(const Drill& drill);
    void openDrill();
    void saveDrill();
    void judge();
    void stopForPain();
    /// Of the newest shot, as it was felt.
    void felt(const QString& strike);
    const Drill* chosenDrill() const;

    TrainingRoom& room_;
    Workbench& bench_;
    SeenBar* seen_;
    QListWidget* list_;
    SentenceLabel* listTitle_;
    QComboBox* drills_;
    std::vector<Drill> offered_;
    QPushButton* beginDrill_;
    SentenceLabel *drillPurpose_, *caution_;
    QTabBar* tabs_;
    QStackedWidget* pages_;
    TodayPage* today_;
    HistoryPage* weeks_;
    NotesPage* notes_;
    QAction* sound_;
    std::uint64_t chance_;
    bool weeksStale_ = true;
};

}  // namespace wedgeon
