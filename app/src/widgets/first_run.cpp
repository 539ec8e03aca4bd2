// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Questions and doors.
#include "widgets/first_run.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QLocale>
#include <QPushButton>
#include <QRegularExpression>
#include <QSettings>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "wedgeon/plan/plan.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/units.h"
#include "widgets/panel.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

const QString skippedSetting = QStringLiteral("firstRun/skipped");
constexpr double leastLoft_deg = 40.0, mostLoft_deg = 72.0;
constexpr std::size_t mostWedges = 8;
constexpr int width_px = 900;

/// With the lie angle and bounce that such a loft mostly has.
Wedge ordinaryWedge(double loft_deg) {
    const double loft = radFromDeg(loft_deg);
    Wedge out{loft, radFromDeg(64), radFromDeg(10)};
    double nearest = 1e9;
    for (const BagClub& c : ordinaryBag()) {
        if (c.putter || std::abs(c.wedge.loft_rad - loft) >= nearest) continue;
        nearest = std::abs(c.wedge.loft_rad - loft);
        out.lie_rad = c.wedge.lie_rad;
        out.bounce_rad = c.wedge.bounce_rad;
    }
    return out;
}

}  // namespace

bool FirstRun::isDue(Desk& desk) {
    const store::Records& r = desk.log().records();
    return desk.log().state() == ShotLog::State::Open && r.sessions.empty() && r.players.empty() &&
           r.recipes.empty() && desk.bench().state().player.name.empty() &&
           !QSettings().value(skippedSetting).toBool();
}

FirstRun::FirstRun(Desk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    auto* outer = new QVBoxLayout(this);
    outer->addStretch(1);
    auto* middle = new QHBoxLayout;
    middle->addStretch(1);
    auto* all = new QWidget;
    all->setMaximumWidth(width_px);
    auto* column = new QVBoxLayout(all);
    column->setSpacing(12);
    auto* title = new SentenceLabel(SentenceLabel::Rank::Sentence);
    title->setText(tr("Three questions, then the first shot."));
    column->addWidget(title);
    auto* why = new SentenceLabel(SentenceLabel::Rank::Why);
    why->setText(
        tr("All of it can be changed later in the line at the top, and more players added. What "
           "you enter stays in a logbook on this computer."));
    column->addWidget(why);
    column->addWidget(makeQuestions());
    auto* doors = new QHBoxLayout;
    doors->setSpacing(12);
    doors->addWidget(
        makeDoor(tr("A file of shots"),
                 tr("From any launch monitor, as delimited text: columns are recognised, "
                    "and asked for where they are not. Or drop it here."),
                 tr("Open a file…"), Door::File));
    auto* simulated = new QPushButton(tr("Try it with the simulated one"));
    connect(simulated, &QPushButton::clicked, this, [this] { open(Door::Simulated); });
    doors->addWidget(makeDoor(tr("A launch monitor"),
                              tr("Shots appear as they are hit, each beside its prediction."),
                              tr("Listen to a monitor…"), Door::Monitor, simulated));
    doors->addWidget(
        makeDoor(tr("No device at all"),
                 tr("Pace the distances, say what you see and feel: the shots from here "
                    "are ranked at once, and each shot that is hit is noted by eye."),
                 tr("Begin with what you see"), Door::ByEye));
    column->addLayout(doors);
    auto* last = new QHBoxLayout;
    auto* demo = new QPushButton(tr("Look at the demo first"));
    demo->setToolTip(tr("Made-up players and shots, in a window and a logbook of their own"));
    auto* skip = new QPushButton(tr("Skip this"));
    last->addWidget(demo);
    last->addStretch(1);
    last->addWidget(skip);
    column->addLayout(last);
    connect(demo, &QPushButton::clicked, this, [this] { open(Door::Demo); });
    connect(skip, &QPushButton::clicked, this, [this] { open(Door::None); });
    middle->addWidget(all, 20);
    middle->addStretch(1);
    outer->addLayout(middle);
    outer->addStretch(2);
    check();
}

QWidget* FirstRun::makeQuestions() {
    auto* panel = new Panel;
    auto* form = new QFormLayout(panel);
    form->setContentsMargins(18, 14, 18, 14);
    form->setSpacing(10);
    auto* who = new QHBoxLayout;
    name_ = new QLineEdit;
    name_->setMaxLength(60);
    name_->setAccessibleName(tr("Player's name"));
    name_->setPlaceholderText(tr("the first player's name, or your own"));
    hand_ = new QComboBox;
    hand_->setAccessibleName(tr("Hand"));
    hand_->addItems({tr("right-handed"), tr("left-handed")});
    who->addWidget(name_, 1);
    who->addWidget(hand_);
    form->addRow(tr("Who plays?"), who);
    wedges_ = new QLineEdit;
    wedges_->setMaxLength(80);
    wedges_->setAccessibleName(tr("Lofts of the wedges"));
    wedges_->setPlaceholderText(tr("lofts in degrees, such as 50 54 58"));
    form->addRow(tr("Which wedges?"), wedges_);
    units_ = new QComboBox;
    units_->setAccessibleName(tr("Units"));
    units_->addItems({tr("metres and metres a second"), tr("yards and miles an hour")});
    const bool yards = desk_.bench().units().system() == UnitSystem::Yards ||
                       QLocale().measurementSystem() == QLocale::ImperialUSSystem;
    units_->setCurrentIndex(yards ? 1 : 0);
    form->addRow(tr("Metres or yards?"), units_);
    wrong_ = new SentenceLabel(SentenceLabel::Rank::Body);
    wrong_->setObjectName(QStringLiteral("firstRunWrong"));
    wrong_->setWordWrap(false);
    form->addRow(QString(), wrong_);
    connect(wedges_, &QLineEdit::textChanged, this, &FirstRun::check);
    return panel;
}

QWidget* FirstRun::makeDoor(const QString& title, const QString& what, const QString& button,
                            Door door, QWidget* beside) {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(16, 12, 16, 12);
    auto* head = new SentenceLabel(SentenceLabel::Rank::Title);
    head->setText(title);
    auto* words = new SentenceLabel(SentenceLabel::Rank::Why);
    words->setText(what);
    column->addWidget(head);
    column->addWidget(words, 1, Qt::AlignTop);
    if (beside) column->addWidget(beside);
    auto* go = new QPushButton(button);
    column->addWidget(go);
    connect(go, &QPushButton::clicked, this, [this, door] { open(door); });
    return panel;
}

void FirstRun::takeFocus() {
    name_->setFocus();
}

bool FirstRun::readLofts(std::vector<double>& lofts) const {
    static const QRegularExpression between(QStringLiteral("[\\s;/°]+"));
    QString typed = wedges_->text().trimmed();
    // A comma lists lofts, unless it is this place's decimal mark between digits.
    if (QLocale().decimalPoint() != QStringLiteral(","))
        typed.replace(QLatin1Char(','), QLatin1Char(' '));
    typed.replace(QStringLiteral(", "), QStringLiteral(" "));
    for (const QString& word : typed.split(between, Qt::SkipEmptyParts)) {
        bool good = false;
        const double loft = QLocale().toDouble(word, &good);
        if (!good || loft < leastLoft_deg || loft > mostLoft_deg) return false;
        if (std::find(lofts.begin(), lofts.end(), loft) == lofts.end()) lofts.push_back(loft);
    }
    std::sort(lofts.begin(), lofts.end());
    return lofts.size() <= mostWedges;
}

void FirstRun::check() {
    std::vector<double> lofts;
    const bool good = readLofts(lofts);
    wrong_->setVisible(!good);
    wrong_->setText(tr("Lofts are numbers from %1 to %2 degrees, up to %3 of them.")
                        .arg(leastLoft_deg)
                        .arg(mostLoft_deg)
                        .arg(mostWedges));
}

void FirstRun::open(Door door) {
    if (door != Door::Demo && door != Door::None) {
        std::vector<double> lofts;
        if (!readLofts(lofts)) return wedges_->setFocus();
        takeAnswers();
    }
    // Who skips it is not asked again.
    if (door == Door::None) QSettings().setValue(skippedSetting, true);
    emit chosen(door);
}

void FirstRun::takeAnswers() {
    Workbench& bench = desk_.bench();
    PreferenceValues preferred = desk_.preferences().values();
    preferred.lengths = units_->currentIndex() == 1 ? UnitSystem::Yards : UnitSystem::Metric;
    desk_.preferences().change(tr("first answers"), preferred);
    const std::string name = name_->text().trimmed().toStdString();
    const Hand hand = hand_->currentIndex() == 1 ? Hand::Left : Hand::Right;
    std::vector<double> lofts;
    readLofts(lofts);
    std::vector<store::KitWedge> bag;
    for (const double loft : lofts) {
        store::KitWedge w;
        w.name = (QLocale().toString(loft) + QStringLiteral("°")).toStdString();
        w.wedge = ordinaryWedge(loft);
        bag.push_back(w);
    }
    BenchState next = bench.state();
    next.player = {name, hand, nullptr};
    // The one in the middle of the bag.
    if (!bag.empty()) next.conditions.wedge = bag[bag.size() / 2].wedge;
    bench.edit(next, tr("first answers"));
    if (name.empty()) return;
    desk_.log().change([name, hand, bag, day = desk_.clock().today()](store::Logbook& book) {
        store::Kit kit(book);
        kit.keepPlayer({0, name, hand, {}});
        for (const store::KitWedge& w : bag)
            kit.keepWedge(name, w, day);
    });
}

}  // namespace wedgeon
