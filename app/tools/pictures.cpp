// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// wedgeon-pictures SHOTS FOLDER: the pictures of docs/screenshots, taken of the real window.
#include <QAbstractItemView>
#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QFile>
#include <QLineEdit>
#include <QMenuBar>
#include <QPushButton>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>
#include <cstdio>
#include <functional>
#include <random>

#include "desk/drill_maker.h"
#include "drawings/drawing.h"
#include "own_user.h"
#include "program.h"
#include "style/style.h"
#include "text/language.h"
#include "text/train_words.h"
#include "views/watch/columns_dialog.h"
#include "widgets/notice_bar.h"
#include "widgets/player_display.h"
#include "widgets/quantity_field.h"

namespace {

template <class T>
T* byName(QWidget& root, const QString& accessibleName) {
    // Views may have the same: the one that is seen.
    for (const bool seen : {true, false}) {
        for (T* w : root.findChildren<T*>()) {
            if (w->accessibleName() == accessibleName && w->isVisible() == seen) return w;
        }
    }
    qFatal("no widget is called %s", qPrintable(accessibleName));
}

/// What a button does may take other buttons away.
void press(QWidget& root, const QString& text) {
    for (auto* b : root.findChildren<QAbstractButton*>()) {
        if (b->isVisible() && b->text() == text) return b->click();
    }
    qFatal("no button says %s", qPrintable(text));
}

bool save(QWidget& window, const QDir& folder, const QString& name) {
    QTest::qWait(150);  // the swings are played in a thread
    return window.grab().save(folder.filePath(name + QStringLiteral(".png")));
}

/// The menu entry that starts with \p text.
void trigger(QMainWindow& window, const QString& text) {
    for (QAction* menu : window.menuBar()->actions()) {
        for (QAction* a : menu->menu()->actions()) {
            if (a->text().remove(QLatin1Char('&')).startsWith(text)) return a->trigger();
        }
    }
    qFatal("no menu entry starts with %s", qPrintable(text));
}

void drag(QWidget* widget, QPointF from, QPointF by) {
    QTest::mousePress(widget, Qt::LeftButton, {}, from.toPoint());
    for (int i = 1; i <= 8; ++i)
        QTest::mouseMove(widget, (from + by * i / 8.0).toPoint());
    QTest::mouseRelease(widget, Qt::LeftButton, {}, (from + by).toPoint());
}

/// A drill and a trial, hit by a made-up player whose shots scatter by chance.
class TrainingDay {
public:
    TrainingDay(wedgeon::Desk& desk, std::function<bool()> settled)
        : desk_(desk), settled_(std::move(settled)) {}

    bool drill(const std::string& name, int shots) {
        for (const wedgeon::Drill& d : wedgeon::makeDrills(desk_.bench(), {}, 5)) {
            if (d.name != name) continue;
            desk_.training().begin(d);
            bool good = settled_();
            for (int i = 0; i < shots; ++i) {
                const wedgeon::DrillStation& s = d.stations[desk_.training().score().next];
                wedgeon::store::ShotRecord shot;
                shot[wedgeon::store::Quantity::Carry] = near(s.windows[0]);
                shot[wedgeon::store::Quantity::LaunchAngle] = near(s.windows[1]);
                shot[wedgeon::store::Quantity::Apex] = near(s.windows[2]);
                good = hit(shot) && good;
            }
            return good;
        }
        return false;
    }
    bool trial(wedgeon::store::Trial trial, int shots) {
        trial.design = wedgeon::text::usualDesign(trial.decides);
        desk_.training().begin(trial);
        bool good = settled_();
        for (int i = 0; i < shots; ++i) {
            const double b = desk_.training().nextArm() == wedgeon::Arm::B ? 1.0 : 0.0;
            wedgeon::store::ShotRecord shot;
            shot[wedgeon::store::Quantity::LandingAngle] =
                0.775 - 0.055 * b + 0.026 * normal_(chance_);
            shot[wedgeon::store::Quantity::SpinRate] = 560 + 20 * b + 50 * normal_(chance_);
            shot[wedgeon::store::Quantity::Carry] = 38 + 0.5 * b + 1.5 * normal_(chance_);
            shot[wedgeon::store::Label::Strike] = i % 5 == 2 ? "fat" : "clean";
            good = hit(shot) && good;
        }
        return good;
    }

private:
    double near(const wedgeon::DrillWindow& w) {
        return 0.5 * (w.low + w.high) + 0.4 * (w.high - w.low) * normal_(chance_);
    }
    bool hit(wedgeon::store::ShotRecord shot) {
        shot[wedgeon::store::Label::Time] =
            desk_.clock().local().toString(Qt::ISODate).toStdString();
        desk_.log().addSeen(shot);
        return settled_();
    }

    wedgeon::Desk& desk_;
    std::function<bool()> settled_;
    std::mt19937_64 chance_{4};
    std::normal_distribution<double> normal_;
};

}  // namespace

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    const wedgeon::test::OwnUser user;
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("wedgeon-pictures"));
    QApplication::setOrganizationName(QStringLiteral("wedgeon-pictures"));
    QApplication::setApplicationVersion(QStringLiteral(WEDGEON_VERSION));
    if (argc != 3) {
        std::fprintf(stderr, "usage: wedgeon-pictures SHOTS FOLDER\n");
        return 2;
    }
    wedgeon::text::chooseLanguage(QLocale::c());
    wedgeon::style::apply(app, wedgeon::style::Theme::Light);
    QSettings().setValue(QStringLiteral("bench/player"), QStringLiteral("Runa Vale"));
    const QTemporaryDir own;
    wedgeon::test::Program window(own.filePath(QStringLiteral("pictures.wedgeon")));
    window.resize(1280, 800);
    window.show();
    const QDir folder(QString::fromLocal8Bit(argv[2]));
    const auto settled = [&] { return QTest::qWaitFor([&] { return window.isSettled(); }, 10000); };
    bool good = settled();

    // A situation that ships with the program, planned to the end.
    const auto read = [&](const QString& situation) {
        window.showView(QStringLiteral("read"));
        auto* box = byName<QComboBox>(window, QStringLiteral("Situation"));
        const int at = box->findText(situation);
        box->setCurrentIndex(at);
        emit box->activated(at);
        good = QTest::qWaitFor(
                   [&] {
                       const auto& answer = window.desk.planner().answer();
                       return answer && answer->changes && !window.desk.planner().isWorking();
                   },
                   20000) &&
               good;
    };
    read(QStringLiteral("Short-sided behind sand"));
    good = save(window, folder, QStringLiteral("read")) && good;
    window.desk.bench().undoStack().undo();

    window.showView(QStringLiteral("shape"));
    auto* face = byName<wedgeon::Drawing>(window, QStringLiteral("Face from above"));
    QTest::qWait(50);
    drag(face, face->handles().first().at, {-6, 14});
    good = save(window, folder, QStringLiteral("shape")) && good;

    // Two schools beside the pitch, at one carry, with the shares of the difference.
    trigger(window, QStringLiteral("Recipes and schools"));
    auto* start = byName<QComboBox>(window, QStringLiteral("Start from"));
    start->setCurrentIndex(0);
    press(window, QStringLiteral("Beside the present one"));
    start->setCurrentIndex(1);
    press(window, QStringLiteral("Beside the present one"));
    good = save(window, folder, QStringLiteral("shape-recipes")) && good;
    trigger(window, QStringLiteral("Compare"));
    auto* same = byName<QComboBox>(window, QStringLiteral("Brought to"));
    same->setCurrentIndex(2);
    emit same->activated(2);
    trigger(window, QStringLiteral("Choose recipe A"));
    good = save(window, folder, QStringLiteral("shape-compare")) && good;
    for (int i = 0; i < 2; ++i) {
        trigger(window, QStringLiteral("Choose recipe B"));
        trigger(window, QStringLiteral("Close the chosen"));
    }
    trigger(window, QStringLiteral("Ask for a result"));
    byName<wedgeon::QuantityField>(window, QStringLiteral("Wanted Carry"))->setValue(20);
    byName<wedgeon::QuantityField>(window, QStringLiteral("Wanted Release"))->setValue(2);
    press(window, QStringLiteral("Find the smallest change"));
    QTest::qWait(1500);
    good = save(window, folder, QStringLiteral("shape-ask")) && good;
    trigger(window, QStringLiteral("Why this result"));
    good = save(window, folder, QStringLiteral("shape-why")) && good;

    // A device's own words, to be confirmed.
    const QString theirs = own.filePath(QStringLiteral("range-tuesday.csv"));
    {
        QFile file(theirs);
        good = file.open(QIODevice::WriteOnly) && good;
        file.write(
            "Time,Name,Club,Head speed,Attack,Path,Vertical angle,Backspin,Smash,Carry,Offline\n"
            "10:02,Runa,54,41.2,-5.1,1.2 R,31.9,5410,0.91,33.1,0.6 R\n"
            "10:03,Runa,54,40.6,-4.4,0.3 L,32.5,5290,0.92,32.4,1.1 L\n"
            "10:04,Odo,58,43.9,-6.0,2.0 R,36.0,6120,0.84,31.0,2.3 R\n");
    }
    window.openFile(theirs);
    wedgeon::ColumnsDialog* columns = nullptr;
    good = QTest::qWaitFor(
               [&] { return (columns = window.findChild<wedgeon::ColumnsDialog*>()) != nullptr; },
               5000) &&
           good;
    if (columns) columns->resize(1280, 800);
    good = columns && save(*columns, folder, QStringLiteral("columns")) && good;
    if (columns) columns->reject();
    QTest::qWait(50);

    window.openFile(QString::fromLocal8Bit(argv[1]));
    auto* notice = window.findChild<wedgeon::NoticeBar*>();
    good = QTest::qWaitFor([&] { return notice->text().contains(QStringLiteral("shot")); }, 5000) &&
           good;
    good = settled() && good;
    notice->hide();
    // A stretch of the stream with a doubtful shot in it.
    auto* list = byName<QAbstractItemView>(window, QStringLiteral("Shots"));
    QTest::qWait(300);
    for (int row = 0; row < list->model()->rowCount(); ++row) {
        const QModelIndex index = list->model()->index(row, 0);
        if (!index.data(Qt::AccessibleTextRole).toString().contains(QStringLiteral("Doubtful")))
            continue;
        list->setCurrentIndex(index);
        list->scrollTo(index, QAbstractItemView::PositionAtCenter);
        break;
    }
    good = save(window, folder, QStringLiteral("watch")) && good;

    // Her ladder, a day that is not the calm one, and a rung that is looked at.
    window.showView(QStringLiteral("ladder"));
    good = QTest::qWaitFor(
               [&] {
                   const auto& made = window.desk.ladder().answer();
                   return made && !made->ladder.isGuess();
               },
               10000) &&
           good;
    wedgeon::BenchState windy = window.desk.bench().state();
    windy.conditions.air.windAhead_mps = -4;
    windy.conditions.air.temperature_c = 9;
    window.desk.bench().edit(windy, QStringLiteral("wind"));
    auto* ladder = byName<wedgeon::Drawing>(window, QStringLiteral("The ladder"));
    drag(ladder, ladder->handles().first().at, {-120, 0});
    for (int i = 0; i < 5; ++i)
        QTest::keyClick(ladder, Qt::Key_Down);
    good = save(window, folder, QStringLiteral("ladder")) && good;
    window.desk.bench().undoStack().undo();
    window.showView(QStringLiteral("watch"));

    // The same shots as charts.
    trigger(window, QStringLiteral("Shots as chart"));
    const auto chart = [&](const QString& up, const QString& across, const QString& groups) {
        const auto choose = [&](const QString& box, const QString& text) {
            auto* b = byName<QComboBox>(window, box);
            b->setCurrentIndex(b->findText(text));
        };
        choose(QStringLiteral("Up"), up);
        choose(QStringLiteral("Across"), across);
        choose(QStringLiteral("Groups"), groups);
    };
    chart(QStringLiteral("Spin rate"), QStringLiteral("Spin loft"), QStringLiteral("Player"));
    good = save(window, folder, QStringLiteral("watch-chart")) && good;
    trigger(window, QStringLiteral("Shots as chart"));

    list->setCurrentIndex(list->model()->index(12, 0));
    trigger(window, QStringLiteral("Take the shot as A"));
    list->setCurrentIndex(list->model()->index(8, 0));
    trigger(window, QStringLiteral("Take the shot as B"));
    notice->hide();
    window.showView(QStringLiteral("explain"));
    trigger(window, QStringLiteral("Why it stopped"));
    good = save(window, folder, QStringLiteral("explain-stopped")) && good;
    trigger(window, QStringLiteral("Why it stopped"));
    good = save(window, folder, QStringLiteral("explain")) && good;
    window.showView(QStringLiteral("watch"));

    // Two groups: the same swing with two wedges.
    auto* filter = byName<QLineEdit>(window, QStringLiteral("Show only shots with these words"));
    filter->setText(QStringLiteral("runa wedge:54 swing:rib"));
    trigger(window, QStringLiteral("Take the shown shots as A"));
    filter->setText(QStringLiteral("odo wedge:54 swing:rib"));
    trigger(window, QStringLiteral("Take the shown shots as B"));
    filter->setText(QString());
    notice->hide();
    window.showView(QStringLiteral("explain"));
    QTest::qWait(3000);
    good = save(window, folder, QStringLiteral("explain-groups")) && good;
    window.showView(QStringLiteral("watch"));

    // From a complaint to its cause.
    filter->setText(QStringLiteral("runa"));
    list->setCurrentIndex(list->model()->index(0, 0));
    trigger(window, QStringLiteral("Look for the cause"));
    good = QTest::qWaitFor(
               [&] { return window.desk.causes().found() && !window.desk.causes().isWorking(); },
               10000) &&
           good;
    filter->setText(QString());
    notice->hide();
    good = save(window, folder, QStringLiteral("cause")) && good;
    window.showView(QStringLiteral("watch"));

    window.showView(QStringLiteral("tune"));
    QTest::qWait(3000);
    good = save(window, folder, QStringLiteral("tune")) && good;
    for (const auto& [button, name] :
         {std::pair("Numbers", "tune-numbers"), std::pair("Shot by shot", "tune-fit"),
          std::pair("Set-up and swings", "tune-swings")}) {
        press(window, QLatin1String(button));
        good = save(window, folder, QLatin1String(name)) && good;
    }
    press(window, QStringLiteral("Hit these in Watch"));
    good = save(window, folder, QStringLiteral("watch-hit")) && good;
    byName<QAbstractButton>(window, QStringLiteral("Drop the list of shots to hit"))->click();
    window.showView(QStringLiteral("watch"));

    // Shots by eye: some that were kept, and one that is being typed.
    trigger(window, QStringLiteral("Note a shot by eye"));
    auto* eye = byName<QLineEdit>(window, QStringLiteral("What was seen"));
    const auto note = [&](std::initializer_list<const char*> shots) {
        for (const char* seen : shots) {
            QTest::keyClicks(eye, QString::fromLatin1(seen));
            QTest::keyClick(eye, Qt::Key_Return);
        }
        good = settled() && good;
    };
    note({"34 37 2b tree clean small under 3s", "31 34 2b 3f clean scuff", "29 32 2b 3f none",
          "36 38 1b 3.2f clean small ahead", "33 36 2b tree clean"});
    QTest::keyClick(eye, Qt::Key_Escape);
    // One thing changed: more lean.
    trigger(window, QStringLiteral("Change one thing"));
    wedgeon::BenchState changed = window.desk.bench().state();
    changed.recipe().lean_rad += 0.09;
    window.desk.bench().edit(changed, QStringLiteral("lean"));
    trigger(window, QStringLiteral("Watch the next shots"));
    trigger(window, QStringLiteral("Note a shot by eye"));
    note({"37 41 2b 2.4f clean small ahead", "39 43 2b 2.5f clean small", "36 40 2b 2.2f clean",
          "38 41 2b 2.3f clean"});
    QTest::keyClicks(eye, QStringLiteral("+4 42 2b tr cl sm"));
    notice->hide();
    good = save(window, folder, QStringLiteral("watch-by-eye")) && good;
    QTest::keyClick(eye, Qt::Key_Escape);
    trigger(window, QStringLiteral("The shot for the player"));
    auto* display =
        byName<wedgeon::PlayerDisplay>(window, QStringLiteral("The shot, for the player"));
    display->showNormal();
    display->resize(1280, 800);
    good = save(*display, folder, QStringLiteral("watch-display")) && good;
    display->close();

    window.showView(QStringLiteral("train"));
    TrainingDay day(window.desk, settled);
    good = day.drill("Three heights, one wedge", 13) && good;
    notice->hide();
    good = save(window, folder, QStringLiteral("train-drill")) && good;
    wedgeon::store::Trial trial;
    trial.name = "steady handle";
    trial.ways = {"the usual release", "the handle kept moving"};
    trial.task = "54, rib high, to the towel at 38 m";
    good = day.trial(trial, 26) && good;
    good = save(window, folder, QStringLiteral("train-trial")) && good;

    trigger(window, QStringLiteral("Show the weeks"));
    good = QTest::qWaitFor(
               [&] {
                   const auto& answer = window.desk.history().answer();
                   return answer && answer->shots.shots > 0;
               },
               10000) &&
           good;
    good = save(window, folder, QStringLiteral("train-weeks")) && good;
    trigger(window, QStringLiteral("Show today"));

    wedgeon::style::setTheme(wedgeon::style::Theme::Dark);
    window.showView(QStringLiteral("shape"));
    good = save(window, folder, QStringLiteral("shape-dark")) && good;
    wedgeon::style::setTheme(wedgeon::style::Theme::Light);

    // Nobody was here before.
    QSettings().clear();
    wedgeon::test::Program first(own.filePath(QStringLiteral("first.wedgeon")));
    first.resize(1280, 800);
    first.show();
    good = QTest::qWaitFor([&] { return first.isSettled(); }, 10000) && good;
    byName<QLineEdit>(first, QStringLiteral("Player's name"))->setText(QStringLiteral("Runa Vale"));
    byName<QLineEdit>(first, QStringLiteral("Lofts of the wedges"))
        ->setText(QStringLiteral("50 54 58"));
    good = save(first, folder, QStringLiteral("first-run")) && good;
    if (!good) std::fprintf(stderr, "wedgeon-pictures: a picture could not be taken\n");
    return good ? 0 : 1;
}
