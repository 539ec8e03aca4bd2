// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Laying out Train, and following what is hit.
#include "views/train/train_view.h"

#include <QAction>
#include <QApplication>
#include <QDialogButtonBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QListWidget>
#include <QMessageBox>
#include <QPointer>
#include <QPushButton>
#include <QSettings>
#include <QSignalBlocker>
#include <QSpinBox>
#include <QStackedWidget>
#include <QTabBar>
#include <QVBoxLayout>
#include <algorithm>
#include <random>

#include "desk/drill_maker.h"
#include "style/style.h"
#include "text/cautions.h"
#include "text/said.h"
#include "text/sentences.h"
#include "text/train_words.h"
#include "views/train/drill_dialog.h"
#include "views/train/history_page.h"
#include "views/train/judge_dialog.h"
#include "views/train/notes_page.h"
#include "views/train/plan_dialog.h"
#include "views/train/today_page.h"
#include "views/train/trial_dialog.h"
#include "views/watch/seen_bar.h"
#include "wedgeon/error.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "widgets/elided_combo.h"
#include "widgets/file_dialogs.h"
#include "widgets/panel.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

/// "12 shots, ended": of a training, in the list.
QString resultOf(const store::Training& t) {
    const auto gone = std::count(t.shots.begin(), t.shots.end(), 0);
    const auto n = static_cast<qsizetype>(t.shots.size()) - gone;
    return t.ended ? TrainView::tr("%1, ended").arg(text::shots(n))
                   : TrainView::tr("%1, under way").arg(text::shots(n));
}

constexpr int asideWidth = 268, asideMost = 400;
constexpr int mostListed = 60;
constexpr std::size_t mostDrillBytes = 64u << 10;
const QString drillEnding = QStringLiteral("wedgedrill");
const QString soundSetting = QStringLiteral("train/sound");

}  // namespace

TrainView::TrainView(Desk& desk, QWidget* parent)
    : View(desk, QStringLiteral("train"), Stop::Train, parent),
      room_(desk.training()),
      bench_(desk.bench()),
      chance_(std::random_device()()) {
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->setSpacing(0);
    seen_ = new SeenBar(desk);
    whole->addWidget(seen_);
    connect(seen_, &SeenBar::done, this, &TrainView::takeFocus);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(14, 12, 14, 12);
    row->setSpacing(12);
    row->addWidget(makeAside());
    row->addWidget(makeMain(), 1);
    whole->addLayout(row, 1);
    connect(&room_, &TrainingRoom::drillEnded, this,
            [this](const QString& drill) { emit said(tr("%1 has ended.").arg(drill), QString()); });
    connect(&room_, &TrainingRoom::scored, this, [this](bool inside) {
        if (inside && sound_->isChecked()) QApplication::beep();
    });
    makeCommands();
    tint();
}

void TrainView::tint() {
    const style::Colours& c = style::colours(palette());
    QPalette chosen = palette();
    chosen.setColor(QPalette::Highlight, c.chosen);
    chosen.setColor(QPalette::HighlightedText, c.ink);
    list_->setPalette(chosen);
}

void TrainView::changeEvent(QEvent* event) {
    if (event->type() == QEvent::PaletteChange) tint();
    View::changeEvent(event);
}

QString TrainView::name() const {
    return tr("Train");
}

void TrainView::makeCommands() {
    addCommand(tr("&Begin the drill"), QKeySequence(Qt::CTRL | Qt::Key_B),
               [this] { beginDrill(); });
    addCommand(tr("&Try two ways…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_T),
               [this] { beginTrial(); });
    addCommand(tr("&End the drill or trial"), {}, [this] { end(); });
    addCommand(tr("&Judge the trial's shots…"), Qt::Key_J, [this] { judge(); });
    addCommand(tr("&Remove it; the shots stay"), {}, [this] { room_.remove(); });
    addCommandSeparator();
    addCommand(tr("&Note a shot by eye"), Qt::Key_N, [this] { seen_->open(); });
    addCommand(tr("The shot was struck &clean"), Qt::Key_C,
               [this] { felt(QStringLiteral("clean")); });
    addCommand(tr("The shot was struck &fat"), Qt::Key_F, [this] { felt(QStringLiteral("fat")); });
    addCommand(tr("The shot was struck t&hin"), Qt::Key_T,
               [this] { felt(QStringLiteral("thin")); });
    addCommandSeparator();
    addCommand(tr("It hurts: s&top"), {}, [this] { stopForPain(); });
    addCommand(tr("&Limits of hard strikes…"), {},
               [this] { emit preferenceWanted(QStringLiteral("strikes")); });
    sound_ = addCommand(tr("A sound for a shot &inside"), {}, [] {});
    sound_->setCheckable(true);
    sound_->setChecked(QSettings().value(soundSetting).toBool());
    connect(sound_, &QAction::toggled, this,
            [](bool on) { QSettings().setValue(soundSetting, on); });
    addCommandSeparator();
    addCommand(tr("Show toda&y"), {}, [this] { showTab(Today); });
    addCommand(tr("Show the &weeks"), {}, [this] { showTab(Weeks); });
    addCommand(tr("Show the notes an&d the course"), {}, [this] { showTab(Notes); });
    addCommandSeparator();
    addCommand(tr("&Plan the next sessions…"), {}, [this] { planNext(); });
    addCommand(tr("Edit the drill…"), {}, [this] { editDrill(); });
    addCommand(tr("&Open a drill…"), {}, [this] { openDrill(); });
    addCommand(tr("&Save the drill…"), {}, [this] { saveDrill(); });
}

QWidget* TrainView::makeAside() {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(14, 12, 14, 12);
    column->setSpacing(6);
    auto* begin = new SentenceLabel(SentenceLabel::Rank::Title);
    begin->setText(tr("Begin"));
    column->addWidget(begin);
    drills_ = new ElidedCombo;
    drills_->setAccessibleName(tr("Drill"));
    column->addWidget(drills_);
    drillPurpose_ = new SentenceLabel(SentenceLabel::Rank::Why);
    drillPurpose_->setFont(style::font(12));
    column->addWidget(drillPurpose_);
    auto* buttons = new QHBoxLayout;
    beginDrill_ = new QPushButton(tr("Begin the drill"));
    auto* trial = new QPushButton(tr("Try two ways…"));
    buttons->addWidget(beginDrill_);
    buttons->addWidget(trial);
    column->addLayout(buttons);
    connect(drills_, &QComboBox::currentIndexChanged, this, [this] {
        const Drill* drill = chosenDrill();
        drillPurpose_->setText(drill ? text::drillPurpose(*drill) : QString());
        if (!room_.current()) today_->show(drill);
    });
    connect(beginDrill_, &QPushButton::clicked, this, &TrainView::beginDrill);
    connect(trial, &QPushButton::clicked, this, [this] { beginTrial(); });
    connect(&desk_, &Desk::trialWanted, this, &TrainView::beginTrial, Qt::QueuedConnection);
    column->addSpacing(8);
    listTitle_ = new SentenceLabel(SentenceLabel::Rank::Title);
    column->addWidget(listTitle_);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("Drills and trials of the player"));
    list_->setFrameShape(QFrame::NoFrame);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setTextElideMode(Qt::ElideRight);
    list_->setSpacing(2);
    column->addWidget(list_, 1);
    connect(list_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row >= 0) room_.choose(list_->item(row)->data(Qt::UserRole).toLongLong());
    });
    auto* plan = new QPushButton(tr("Plan the next sessions…"));
    connect(plan, &QPushButton::clicked, this, &TrainView::planNext);
    column->addWidget(plan);
    auto* report = new QPushButton(tr("Write the report…"));
    connect(report, &QPushButton::clicked, this, &View::reportWanted);
    column->addWidget(report);
    caution_ = new SentenceLabel(SentenceLabel::Rank::Body);
    caution_->setObjectName(QStringLiteral("trainCaution"));
    caution_->setFont(style::font(12));
    column->addWidget(caution_);
    // As wide as its buttons are in this language.
    list_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Expanding);
    panel->setFixedWidth(std::clamp(panel->minimumSizeHint().width(), asideWidth, asideMost));
    return panel;
}

QWidget* TrainView::makeMain() {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(4, 6, 4, 8);
    column->setSpacing(8);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(8, 0, 8, 0);
    tabs_ = new QTabBar;
    tabs_->setAccessibleName(tr("What Train shows"));
    tabs_->setDrawBase(false);
    tabs_->setExpanding(false);
    tabs_->addTab(tr("Today"));
    tabs_->addTab(tr("Over the weeks"));
    tabs_->addTab(tr("Notes and course"));
    head->addWidget(tabs_);
    head->addStretch(1);
    column->addLayout(head);
    pages_ = new QStackedWidget;
    today_ = new TodayPage(desk_);
    weeks_ = new HistoryPage(desk_);
    notes_ = new NotesPage(desk_);
    pages_->addWidget(today_);
    pages_->addWidget(weeks_);
    pages_->addWidget(notes_);
    column->addWidget(pages_, 1);
    connect(tabs_, &QTabBar::currentChanged, this, [this](int tab) {
        pages_->setCurrentIndex(tab);
        if (tab == Weeks && weeksStale_) {
            weeksStale_ = false;
            weeks_->refresh();
        }
    });
    connect(today_, &TodayPage::judgeWanted, this, &TrainView::judge);
    connect(today_, &TodayPage::endWanted, this, &TrainView::end);
    connect(today_, &TodayPage::keepWanted, this, &TrainView::keepWay);
    return panel;
}

void TrainView::showTab(Tab tab) {
    tabs_->setCurrentIndex(tab);
    if (tab == Notes) notes_->takeFocus();
}

QVariantMap TrainView::state() const {
    return {{QStringLiteral("tab"), tabs_->currentIndex()}};
}

void TrainView::restore(const QVariantMap& state) {
    const int tab = state.value(QStringLiteral("tab")).toInt();
    if (tab >= 0 && tab < tabs_->count()) tabs_->setCurrentIndex(tab);
}

void TrainView::takeFocus() {
    list_->setFocus();
}

void TrainView::refresh(Desk::Parts parts) {
    if (parts & (Desk::Records | Desk::Bench | Desk::Givens | Desk::UnitsShown | Desk::Swings |
                 Desk::Ladders))
        fillDrills();
    if (parts & (Desk::Records | Desk::Givens | Desk::Trained)) fillList();
    if (parts & (Desk::Trained | Desk::UnitsShown | Desk::Givens | Desk::Bench | Desk::Records))
        today_->show(chosenDrill());
    if (parts & (Desk::Records | Desk::Givens)) notes_->refresh();
    // What a player's ladder is made of, his history is made of.
    if (parts & (Desk::Records | Desk::Givens | Desk::UnitsShown | Desk::Ladders)) {
        weeksStale_ = tabs_->currentIndex() != Weeks;
        if (!weeksStale_) weeks_->refresh();
    }
    if (parts & (Desk::Bench | Desk::Givens | Desk::Trained | Desk::Cared)) tellCaution();
}

void TrainView::fillDrills() {
    const QSignalBlocker quiet(drills_);
    const QString former = drills_->currentText();
    const store::Records& records = desk_.log().records();
    offered_ = makeDrills(bench_, records.wedgesOf(bench_.state().player.name), chance_);
    // The coach's own take the place of one of the same name.
    for (const Drill& own : records.drills) {
        std::erase_if(offered_, [&](const Drill& d) { return d.name == own.name; });
        offered_.push_back(own);
    }
    drills_->clear();
    for (const Drill& d : offered_)
        drills_->addItem(text::fromUtf8(d.name));
    drills_->setCurrentIndex(std::max(0, drills_->findText(former)));
    const Drill* drill = chosenDrill();
    drillPurpose_->setText(drill ? text::drillPurpose(*drill) : QString());
    beginDrill_->setEnabled(drill);
    if (!room_.current()) today_->show(drill);
}

const Drill* TrainView::chosenDrill() const {
    const int i = drills_->currentIndex();
    return i >= 0 && static_cast<std::size_t>(i) < offered_.size()
               ? &offered_[static_cast<std::size_t>(i)]
               : nullptr;
}

void TrainView::fillList() {
    const QSignalBlocker quiet(list_);
    const auto his = room_.ofPlayer();
    listTitle_->setText(his.empty() ? tr("Nothing trained yet") : tr("Trained"));
    list_->clear();
    for (std::size_t i = 0; i < std::min<std::size_t>(his.size(), mostListed); ++i) {
        const store::Training& t = his[i];
        auto* item = new QListWidgetItem(
            QStringLiteral("%1\n%2 · %3")
                .arg(text::fromUtf8(t.name()), text::day(t.begun.substr(0, 10)), resultOf(t)));
        item->setData(Qt::UserRole, QVariant::fromValue<qlonglong>(t.id));
        list_->addItem(item);
        if (room_.current() && room_.current()->id == t.id) list_->setCurrentItem(item);
    }
}

void TrainView::tellCaution() {
    QStringList lines;
    const Care& care = desk_.care();
    if (const auto pain = care.painToday()) {
        lines << tr("▲ Stopped for pain today at %1. What hurts belongs to a licensed clinician, "
                    "the swing of somebody injured to a qualified coach.")
                     .arg(text::fromUtf8(pain->at).mid(11, 5));
    } else {
        const QString always =
            tr("▲ Nobody ahead of or beside the swing; range rules and local rules first. "
               "Stop at pain: what hurts belongs to a licensed clinician.");
        lines << always;
        desk_.care().shown(QStringLiteral("training"), QString(always).mid(2));
        const auto& p = bench_.prediction();
        const auto all = p ? text::cautionsFor(p->shot, bench_.state().conditions)
                           : std::vector<text::Caution>{};
        if (!all.empty()) {
            lines << QStringLiteral("▲ ") + all.front().text;
            desk_.care().shown(all.front().key, all.front().text);
        }
    }
    const QString counted = text::strainSaid(care.strain(), care.limits());
    if (!counted.isEmpty()) lines << QStringLiteral("▲ ") + counted;
    caution_->setText(lines.join(QLatin1Char('\n')));
}

bool TrainView::mayBegin() {
    showTab(Today);
    const auto pain = desk_.care().painToday();
    if (!pain) return true;
    return QMessageBox::question(
               this, tr("Stopped for pain"),
               tr("%1 stopped for pain today. What hurts belongs to a licensed clinician. Go on "
                  "all the same?")
                   .arg(text::playerName(bench_.state().player.name))) == QMessageBox::Yes;
}

void TrainView::beginDrill() {
    const Drill* drill = chosenDrill();
    if (drill && mayBegin()) room_.begin(Drill(*drill));
}

void TrainView::beginTrial(const QStringList& first) {
    if (!mayBegin()) return;
    QStringList ways = first;
    for (const NamedRecipe& r : bench_.state().recipes) {
        const QString name = text::fromUtf8(r.name);
        if (!name.isEmpty() && !ways.contains(name)) ways << name;
    }
    for (const NamedRecipe& r : desk_.log().records().recipes) {
        const QString name = text::fromUtf8(r.name);
        if (!ways.contains(name)) ways << name;
    }
    TrialDialog dialog(ways, QString(), bench_.units(), this);
    if (dialog.exec() == QDialog::Accepted) room_.begin(dialog.trial());
}

void TrainView::end() {
    if (!room_.isRunning()) return;
    const auto* trial = std::get_if<store::Trial>(&room_.current()->what);
    if (!trial || room_.current()->shots.empty()) return room_.end();
    // What it came to stands in the player's notes, and goes with the end that is undone.
    store::Note note;
    note.player = room_.current()->player;
    note.at = desk_.clock().local().toString(Qt::ISODate).toStdString();
    note.kind = store::NoteKind::Trial;
    note.about = std::to_string(room_.current()->id);
    note.text =
        QStringLiteral("%1: %2")
            .arg(text::fromUtf8(trial->name), today_->asText()
                                                  .section(QLatin1Char('\n'), 0, 1)
                                                  .replace(QLatin1Char('\n'), QLatin1Char(' ')))
            .left(900)
            .toStdString();
    bench_.undoStack().beginMacro(tr("end %1").arg(text::fromUtf8(trial->name)));
    room_.end();
    desk_.log().addNote(note);
    bench_.undoStack().endMacro();
    emit said(tr("What the trial came to stands in the notes."), QString());
}

void TrainView::keepWay(Arm arm) {
    const auto& current = room_.current();
    const auto* trial = current ? std::get_if<store::Trial>(&current->what) : nullptr;
    if (!trial) return;
    const std::string& way = trial->ways[arm == Arm::B ? 1 : 0];
    const QString player = text::playerName(current->player);
    store::Note note;
    note.player = current->player;
    note.at = desk_.clock().local().toString(Qt::ISODate).toStdString();
    note.about = std::to_string(current->id);
    note.text = tr("Kept after the trial “%1”: %2. %3")
                    .arg(text::fromUtf8(trial->name), text::fromUtf8(way),
                         today_->asText().section(QLatin1Char('\n'), 0, 0))
                    .left(900)
                    .toStdString();
    desk_.log().addNote(note);
    // Where the way is a recipe, it is one of the player's from now on.
    const auto byName = [&](const std::vector<NamedRecipe>& all) {
        const auto at = std::find_if(all.begin(), all.end(),
                                     [&](const NamedRecipe& r) { return r.name == way; });
        return at == all.end() ? std::nullopt : std::optional(*at);
    };
    auto recipe = byName(bench_.state().recipes);
    if (!recipe) recipe = byName(desk_.log().records().recipes);
    if (!recipe) {
        emit said(tr("Noted: %1 keeps %2.").arg(player, text::fromUtf8(way)), QString());
        return;
    }
    constexpr qsizetype longest = 60;
    recipe->name = tr("%1, %2").arg(text::fromUtf8(way), player).left(longest).toStdString();
    desk_.recipes().keep({*recipe}, [self = QPointer(this), name = recipe->name] {
        if (self)
            emit self->said(tr("Noted, and kept as the recipe “%1”.").arg(text::fromUtf8(name)),
                            QStringLiteral("shape"));
    });
}

void TrainView::stopForPain() {
    bool said = false;
    const QString where = QInputDialog::getText(
        this, tr("It hurts: stop"),
        tr("The block ends here. What hurts belongs to a licensed clinician; the swing of somebody "
           "injured to a qualified coach.\nWhat hurts, and when (for the notes, may stay empty):"),
        QLineEdit::Normal, QString(), &said);
    if (!said) return;
    bench_.undoStack().beginMacro(tr("stop for pain"));
    room_.end();
    desk_.care().stopForPain(where.trimmed().left(500));
    bench_.undoStack().endMacro();
}

void TrainView::editDrill() {
    const Drill* drill = chosenDrill();
    DrillDialog dialog(drill ? *drill : Drill{}, bench_.units(), this);
    if (dialog.exec() == QDialog::Accepted) keepDrill(dialog.drill());
}

void TrainView::keepDrill(const Drill& drill) {
    desk_.log().keepDrill(drill, [self = QPointer(this), name = text::fromUtf8(drill.name)] {
        if (!self) return;
        self->drills_->setCurrentIndex(self->drills_->findText(name));
        emit self->said(tr("%1 is one of your drills now.").arg(name), self->key());
    });
}

void TrainView::planNext() {
    room_.findMisses([self = QPointer(this)](const std::map<std::string, double>& missed) {
        if (!self) return;
        auto* dialog = new PlanDialog(text::playerName(self->bench_.state().player.name),
                                      self->offered_, missed, self->desk_.clock(), self);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        connect(dialog, &PlanDialog::said, self,
                [self](const QString& what) { emit self->said(what, QString()); });
        connect(dialog, &PlanDialog::failed, self, &View::failed);
        dialog->open();
    });
}

void TrainView::openDrill() {
    const QString path = askForFile(this, tr("Open a drill"), tr("Drill (*.%1)").arg(drillEnding));
    if (!path.isEmpty()) opens(path);
}

bool TrainView::opens(const QString& path) {
    if (QFileInfo(path).suffix() != drillEnding) return false;
    try {
        keepDrill(store::parseDrill(store::readWhole(path.toStdString(), mostDrillBytes)));
    } catch (const store::StoreError& e) {
        emit failed(tr("%1: %2").arg(QFileInfo(path).fileName(), text::said(e)));
    } catch (const RangeError& e) {
        emit failed(tr("%1: %2").arg(QFileInfo(path).fileName(), text::said(e)));
    }
    return true;
}

void TrainView::saveDrill() {
    const Drill* drill = chosenDrill();
    if (!drill) return;
    const QString path =
        askForTarget(this, tr("Save the drill"), tr("Drill (*.%1)").arg(drillEnding), drillEnding,
                     text::fromUtf8(drill->name));
    if (path.isEmpty()) return;
    try {
        store::writeWhole(path.toStdString(), store::formatDrill(*drill) + "\n");
        emit said(tr("Saved to %1.").arg(QFileInfo(path).fileName()), QString());
    } catch (const store::StoreError& e) {
        emit failed(text::said(e));
    }
}

void TrainView::judge() {
    const auto& current = room_.current();
    if (!current || !std::holds_alternative<store::Trial>(current->what)) return;
    JudgeDialog dialog(room_.shots(), bench_.units(), this);
    if (dialog.exec() != QDialog::Accepted) return;
    const auto changed = dialog.changed();
    if (changed.empty()) return;
    bench_.undoStack().beginMacro(tr("judge the shots"));
    for (const store::LoggedShot& shot : changed)
        desk_.log().setAside(shot,
                             shot.setAside.empty() ? text::fromUtf8(store::coachKey) : QString());
    bench_.undoStack().endMacro();
}

void TrainView::felt(const QString& strike) {
    if (const store::LoggedShot* shot = room_.newest())
        desk_.log().setLabel(*shot, store::Label::Strike, strike);
}

QVector<ReportPart> TrainView::reportParts() const {
    return today_->reportParts() + weeks_->reportParts();
}

QString TrainView::asText() const {
    switch (tabs_->currentIndex()) {
        case Weeks:
            return weeks_->asText();
        case Notes:
            return notes_->asText();
        default:
            return today_->asText();
    }
}

}  // namespace wedgeon
