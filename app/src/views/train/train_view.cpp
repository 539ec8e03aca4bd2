// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Laying out Train, and following what is hit.
#include "views/train/train_view.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QPointer>
#include <QPushButton>
#include <QSignalBlocker>
#include <QStackedLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <array>
#include <random>

#include "desk/drill_maker.h"
#include "style/style.h"
#include "text/cautions.h"
#include "text/said.h"
#include "text/sentences.h"
#include "text/train_words.h"
#include "views/train/drill_drawing.h"
#include "views/train/judge_dialog.h"
#include "views/train/plan_dialog.h"
#include "views/train/trial_dialog.h"
#include "views/train/trial_drawing.h"
#include "views/watch/seen_bar.h"
#include "wedgeon/error.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "widgets/elided_combo.h"
#include "widgets/file_dialogs.h"
#include "widgets/headline.h"
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

constexpr int asideWidth = 268;
constexpr int mostListed = 60;
constexpr std::array alsoShown{DrillMeasure::Landing, DrillMeasure::Spin, DrillMeasure::Carry,
                               DrillMeasure::Release};
constexpr std::size_t mostColumns = 3;

constexpr std::size_t mostDrillBytes = 64u << 10;
const QString drillEnding = QStringLiteral("wedgedrill");

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
    makeCommands();
    tint();
}

void TrainView::tint() {
    const style::Colours& c = style::colours(palette());
    QPalette chosen = palette();
    chosen.setColor(QPalette::Highlight, c.chosen);
    chosen.setColor(QPalette::HighlightedText, c.ink);
    list_->setPalette(chosen);
    QPalette next = palette();
    next.setColor(QPalette::Window, c.chosen);
    next_->setPalette(next);
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
    addCommand(tr("&End the drill or trial"), {}, [this] { room_.end(); });
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
    addCommand(tr("&Plan the next sessions…"), {}, [this] { planNext(); });
    addCommand(tr("&Open a drill…"), {}, [this] { openDrill(); });
    addCommand(tr("&Save the drill…"), {}, [this] { saveDrill(); });
}

QWidget* TrainView::makeAside() {
    auto* panel = new Panel;
    panel->setFixedWidth(asideWidth);
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
        if (!room_.current()) showCurrent();
    });
    connect(beginDrill_, &QPushButton::clicked, this, &TrainView::beginDrill);
    connect(trial, &QPushButton::clicked, this, &TrainView::beginTrial);
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
    return panel;
}

QWidget* TrainView::makeMain() {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(4, 12, 4, 8);
    column->setSpacing(6);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(16, 0, 16, 0);
    headline_ = new Headline(QStringLiteral("train"));
    head->addWidget(headline_);
    column->addLayout(head);
    auto* pages = new QWidget;
    pages_ = new QStackedLayout(pages);
    auto* empty = new QWidget;
    pages_->addWidget(empty);
    drill_ = new DrillDrawing(tr("The drill's shots"));
    pages_->addWidget(drill_);
    auto* trial = new QWidget;
    auto* both = new QVBoxLayout(trial);
    both->setContentsMargins(0, 0, 0, 0);
    both->setSpacing(2);
    tracks_ = new TrialTracks(tr("A and B"));
    course_ = new TrialCourse(tr("The difference as the shots came"));
    both->addWidget(tracks_, 2);
    both->addWidget(course_, 3);
    pages_->addWidget(trial);
    column->addWidget(pages, 1);
    column->addWidget(makeNext());
    return panel;
}

QWidget* TrainView::makeNext() {
    next_ = new QWidget;
    next_->setAutoFillBackground(true);
    auto* row = new QHBoxLayout(next_);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(16);
    letter_ = new QLabel;
    letter_->setTextFormat(Qt::PlainText);
    letter_->setObjectName(QStringLiteral("nextArm"));
    letter_->setFont(style::font(40, QFont::Bold));
    row->addWidget(letter_);
    auto* words = new QVBoxLayout;
    words->setSpacing(2);
    nextTask_ = new LineLabel(SentenceLabel::Rank::Sentence);
    nextTask_->setObjectName(QStringLiteral("nextTask"));
    nextHint_ = new LineLabel(SentenceLabel::Rank::Why);
    words->addWidget(nextTask_);
    words->addWidget(nextHint_);
    row->addLayout(words, 1);
    judge_ = new QPushButton(tr("Judge…"));
    judge_->setToolTip(tr("Set shots aside without seeing which way they were (J)"));
    end_ = new QPushButton(tr("End it"));
    row->addWidget(judge_);
    row->addWidget(end_);
    connect(judge_, &QPushButton::clicked, this, &TrainView::judge);
    connect(end_, &QPushButton::clicked, this, [this] { room_.end(); });
    return next_;
}

void TrainView::takeFocus() {
    list_->setFocus();
}

void TrainView::refresh(Desk::Parts parts) {
    if (parts & (Desk::Records | Desk::Bench | Desk::Givens | Desk::UnitsShown | Desk::Swings |
                 Desk::Ladders))
        fillDrills();
    if (parts & (Desk::Records | Desk::Givens | Desk::Trained)) fillList();
    if (parts & (Desk::Trained | Desk::UnitsShown | Desk::Givens)) showCurrent();
    if (parts & (Desk::Bench | Desk::Givens | Desk::Trained)) tellCaution();
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
    if (!room_.current()) showCurrent();
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

void TrainView::showCurrent() {
    const auto& current = room_.current();
    next_->setVisible(room_.isRunning());
    if (!current) {
        const Drill* drill = chosenDrill();
        pages_->setCurrentIndex(drill ? 1 : 0);
        // What would be hit.
        if (drill) drill_->show(rowsOf(*drill, scoreDrill(*drill, {})));
        headline_->setTexts(
            tr("Choose a drill and begin, or try two ways."),
            tr("Shots are scored as they come in: from a launch monitor, or by eye (N). The "
               "windows "
               "are computed for %1 from the bench.")
                .arg(bench_.state().player.name.empty() ? tr("the player")
                                                        : bench_.state().playerName()));
        return;
    }
    if (const auto* drill = std::get_if<Drill>(&current->what)) {
        showDrill(*drill);
    } else {
        showTrial(std::get<store::Trial>(current->what));
    }
}

QVector<DrillDrawing::Row> TrainView::rowsOf(const Drill& drill, const DrillScore& score) const {
    const Units& units = bench_.units();
    const auto shots = room_.shots();
    QVector<DrillDrawing::Row> rows;
    bool open = true;
    for (std::size_t s = 0; s < drill.stations.size(); ++s) {
        const DrillStation& station = drill.stations[s];
        const StationScore& its = score.stations[s];
        DrillDrawing::Row row;
        row.task = text::fromUtf8(station.task);
        row.windows = text::stationSaid(station, units);
        for (const DrillHit& h : score.hits) {
            if (h.station == s && h.counts) row.shots << h.hit;
        }
        for (const DrillWindow& w : station.windows) {
            if (w.of == DrillMeasure::Turf) continue;  // it is words
            const text::MeasureForm form = text::formOf(w.of, units);
            DrillDrawing::Row::Window track{
                form.name, form.unit, form.decimals, w.low * form.factor, w.high * form.factor, {}};
            for (std::size_t i = 0; i < score.hits.size(); ++i) {
                if (score.hits[i].station != s || !shots[i]) continue;
                const auto v = store::drillShotOf(shots[i]->record)[w.of];
                if (v && score.hits[i].counts) track.values << *v * form.factor;
            }
            row.tracks << track;
        }
        row.all = static_cast<int>(station.shots);
        if (its.shots > 0) row.result = tr("%1 of %2").arg(its.hits).arg(its.shots);
        if (its.scatter && station.scatter)
            row.result += tr(" ± %1").arg(text::shown(station.scatter->of, *its.scatter, units));
        row.next = room_.isRunning() && !score.ended && score.next == s;
        row.shut = !open;
        if (drill.order == DrillOrder::InTurn) open = open && its.passed;
        rows << row;
    }
    return rows;
}

void TrainView::showDrill(const Drill& drill) {
    const Units& units = bench_.units();
    const DrillScore score = room_.score();
    pages_->setCurrentIndex(1);
    headline_->setTexts(text::drillSentence(drill, score), text::drillWhy(drill, score, units));
    drill_->show(rowsOf(drill, score));
    letter_->hide();
    judge_->hide();
    if (!score.ended) {
        const DrillStation& station = drill.stations[score.next];
        nextTask_->setText(tr("Next: %1").arg(text::fromUtf8(station.task)));
        nextHint_->setText(text::stationSaid(station, units));
    }
}

void TrainView::showTrial(const store::Trial& trial) {
    const Units& units = bench_.units();
    const auto shots = room_.shots();
    pages_->setCurrentIndex(2);
    const auto values = store::trialValues(trial, shots, trial.decides);
    const TrialReading decides = readTrial(values, trial.design);
    const auto strikesOf = store::trialStrikes(trial, shots);
    const StrikeReading strikes = readStrikes(strikesOf, trial.design);
    const auto aside = static_cast<std::size_t>(
        std::count_if(shots.begin(), shots.end(),
                      [](const store::LoggedShot* s) { return s && !s->setAside.empty(); }));
    headline_->setTexts(
        text::trialSentence(trial, decides, strikes, units),
        text::trialWhy(trial, shots.size(), aside, decides, readScatter(values, trial.design)));
    QVector<TrialTracks::Column> columns;
    const auto add = [&](DrillMeasure measure, const std::vector<TrialValue>& its,
                         const TrialReading& reading, const TrialDesign& design) {
        const text::MeasureForm form = text::formOf(measure, units);
        TrialTracks::Column c;
        c.name = form.name;
        c.unit = form.unit;
        c.decimals = form.decimals;
        for (const TrialValue& v : its)
            (v.arm == Arm::A ? c.a : c.b) << v.value * form.factor;
        c.difference = reading.difference * form.factor;
        c.low = reading.low * form.factor;
        c.high = reading.high * form.factor;
        c.matters = design.matters * form.factor;
        c.said = text::differenceSaid(measure, reading, units);
        columns << c;
    };
    add(trial.decides, values, decides, trial.design);
    for (const DrillMeasure measure : alsoShown) {
        if (measure == trial.decides || static_cast<std::size_t>(columns.size()) >= mostColumns)
            continue;
        const auto its = store::trialValues(trial, shots, measure);
        if (its.empty()) continue;
        TrialDesign design = text::usualDesign(measure);
        design.errorRate = trial.design.errorRate;
        add(measure, its, readTrial(its, design), design);
    }
    std::optional<TrialTracks::Strikes> strikesShown;
    if (!strikesOf.empty())
        strikesShown =
            TrialTracks::Strikes{static_cast<int>(strikes.cleanA), static_cast<int>(strikes.shotsA),
                                 static_cast<int>(strikes.cleanB), static_cast<int>(strikes.shotsB),
                                 strikes.differ ? tr("a difference") : tr("no difference seen")};
    tracks_->show(columns, strikesShown);

    const text::MeasureForm form = text::formOf(trial.decides, units);
    TrialCourse::Content course;
    course.title = tr("B less A in %1, as the shots came").arg(form.name);
    course.unit = form.unit;
    course.decimals = form.decimals;
    course.matters = trial.design.matters * form.factor;
    for (std::size_t n = 2; n <= values.size(); ++n) {
        const TrialReading look = readTrial(std::span(values).first(n), trial.design);
        if (!std::isfinite(look.difference)) continue;
        // What is not bounded yet is drawn to the drawing's edge.
        constexpr double far = 1e9;
        course.looks << TrialCourse::Look{static_cast<double>(n), look.difference * form.factor,
                                          std::max(look.low * form.factor, -far),
                                          std::min(look.high * form.factor, far)};
    }
    if (const auto needed = findShotsNeeded(trial.design))
        course.enough = static_cast<int>(*needed);
    course_->show(course);

    const bool b = room_.nextArm() == Arm::B;
    letter_->setText(b ? QStringLiteral("B") : QStringLiteral("A"));
    letter_->show();
    judge_->show();
    const QString way = text::fromUtf8(trial.ways[b ? 1 : 0]);
    nextTask_->setText(tr("Next: %1").arg(way));
    const QString felt = tr("say what was felt before you look: F fat · C clean · T thin");
    nextHint_->setText(trial.task.empty()
                           ? felt
                           : QStringLiteral("%1 · %2").arg(text::fromUtf8(trial.task), felt));
}

void TrainView::tellCaution() {
    QStringList lines{
        tr("▲ Nobody ahead of or beside the swing; range rules and local rules first. "
           "Stop at pain: what hurts belongs to a licensed clinician.")};
    if (const auto& p = bench_.prediction()) {
        for (const text::Caution& c : text::cautionsFor(p->shot, bench_.state().conditions))
            lines << QStringLiteral("▲ ") + c.text;
    }
    caution_->setText(lines.mid(0, 2).join(QLatin1Char('\n')));
}

void TrainView::beginDrill() {
    if (const Drill* drill = chosenDrill()) room_.begin(*drill);
}

void TrainView::beginTrial() {
    QStringList ways;
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
        const Drill drill = store::parseDrill(store::readWhole(path.toStdString(), mostDrillBytes));
        desk_.log().change(
            [drill](store::Logbook& book) { store::Trainings(book).keepDrill(drill); },
            [this, name = text::fromUtf8(drill.name)] {
                drills_->setCurrentIndex(drills_->findText(name));
                emit said(tr("%1 is one of your drills now.").arg(name), key());
            });
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
    if (!room_.current()) return {};
    const QStringList lines = headline_->asText().split(QLatin1Char('\n'));
    ReportPart part{text::fromUtf8(room_.current()->name()),
                    lines.value(0),
                    QStringList(lines.mid(1)).join(QLatin1Char(' ')),
                    {},
                    {}};
    if (pages_->currentIndex() == 1) {
        const auto stations =
            static_cast<int>(std::get<Drill>(room_.current()->what).stations.size());
        part.pictures << reportPicture(*drill_, std::clamp(70 * stations, 110, 420));
    } else {
        part.pictures << reportPicture(*tracks_, 176) << reportPicture(*course_, 190);
    }
    return {part};
}

QString TrainView::asText() const {
    QStringList out{headline_->asText()};
    if (pages_->currentIndex() == 1) out << drill_->accessibleDescription();
    if (pages_->currentIndex() == 2)
        out << tracks_->accessibleDescription() << course_->accessibleDescription();
    if (next_->isVisible()) out << nextTask_->text();
    return out.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
