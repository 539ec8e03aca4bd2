// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// From what was hit to sentence, drawing and what is next.
#include "views/train/today_page.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QStackedLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <array>

#include "desk/worth_in_metres.h"
#include "style/style.h"
#include "text/swing_text.h"
#include "text/train_words.h"
#include "views/train/trial_drawing.h"
#include "views/view.h"
#include "widgets/headline.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr std::array alsoShown{DrillMeasure::Landing, DrillMeasure::Spin, DrillMeasure::Carry,
                               DrillMeasure::Release};
constexpr std::size_t mostColumns = 3;

}  // namespace

TodayPage::TodayPage(Desk& desk, QWidget* parent)
    : QWidget(parent), desk_(desk), room_(desk.training()), bench_(desk.bench()) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
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
    tint();
}

void TodayPage::tint() {
    QPalette next = palette();
    next.setColor(QPalette::Window, style::colours(palette()).chosen);
    next_->setPalette(next);
}

void TodayPage::changeEvent(QEvent* event) {
    if (event->type() == QEvent::PaletteChange) tint();
    QWidget::changeEvent(event);
}

QWidget* TodayPage::makeNext() {
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
    connect(judge_, &QPushButton::clicked, this, &TodayPage::judgeWanted);
    keepA_ = new QPushButton(tr("Keep A"));
    keepB_ = new QPushButton(tr("Keep B"));
    for (QPushButton* keep : {keepA_, keepB_}) {
        keep->setToolTip(
            tr("Noted as what the player does from now on; where the way is a recipe, "
               "kept as one of his"));
        row->addWidget(keep);
    }
    connect(end_, &QPushButton::clicked, this, &TodayPage::endWanted);
    connect(keepA_, &QPushButton::clicked, this, [this] { emit keepWanted(Arm::A); });
    connect(keepB_, &QPushButton::clicked, this, [this] { emit keepWanted(Arm::B); });
    return next_;
}

void TodayPage::show(const Drill* offered) {
    const auto& current = room_.current();
    next_->setVisible(room_.isRunning());
    keepA_->hide();
    keepB_->hide();
    end_->setVisible(room_.isRunning());
    if (!current) {
        pages_->setCurrentIndex(offered ? 1 : 0);
        if (offered) drill_->show(rowsOf(*offered, scoreDrill(*offered, {})));
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

QVector<DrillDrawing::Row> TodayPage::rowsOf(const Drill& drill, const DrillScore& score) const {
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
                const auto v = room_.valuesOf(*shots[i])[w.of];
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

void TodayPage::showDrill(const Drill& drill) {
    const Units& units = bench_.units();
    const DrillScore score = room_.score();
    pages_->setCurrentIndex(1);
    QString why = text::drillWhy(drill, score, units);
    if (room_.needsDeclaration()) {
        const store::LoggedShot* newest = room_.newest();
        if (const auto miss = newest ? room_.missOf(*newest) : std::nullopt)
            why += QLatin1Char(' ') + tr("The last one: %1").arg(text::missSentence(*miss, units));
    }
    headline_->setTexts(text::drillSentence(drill, score), why);
    drill_->show(rowsOf(drill, score));
    letter_->hide();
    judge_->hide();
    if (!score.ended) {
        const DrillStation& station = drill.stations[score.next];
        nextTask_->setText(tr("Next: %1").arg(text::fromUtf8(station.task)));
        nextHint_->setText(room_.needsDeclaration() ? declared()
                                                    : text::stationSaid(station, units));
    }
}

QString TodayPage::declared() const {
    const auto& p = bench_.prediction();
    if (!p) return tr("The set-up in Shape cannot be played: nothing is declared.");
    const BenchState& s = bench_.state();
    const QString name = text::fromUtf8(s.recipes[s.chosen].name);
    const Units& units = bench_.units();
    return tr("Declared: %1, %2, to land at %3 and rest at %4. Another one: change it in Shape "
              "before the shot.")
        .arg(name.isEmpty() ? tr("the set-up in Shape") : name,
             text::swingAlone(bench_.swings(), s.recipe().clubSpeed_mps),
             units.length(p->shot.flight.carry_m, 0), units.length(p->shot.total_m(), 0));
}

void TodayPage::showTrial(const store::Trial& trial) {
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

    if (!room_.isRunning()) {
        // Only where it says so is there something to keep.
        if (findAnswer(decides, trial.design).verdict != TrialVerdict::Difference || isKept())
            return;
        next_->show();
        letter_->hide();
        judge_->hide();
        keepA_->show();
        keepB_->show();
        nextTask_->setText(tr("Which way does the player keep?"));
        nextHint_->setText(
            tr("A: %1 · B: %2").arg(text::fromUtf8(trial.ways[0]), text::fromUtf8(trial.ways[1])));
        return;
    }
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

bool TodayPage::isKept() const {
    const std::string id = std::to_string(room_.current()->id);
    const auto& notes = desk_.log().records().notes;
    return std::any_of(notes.begin(), notes.end(), [&](const store::Note& n) {
        return n.kind == store::NoteKind::Lesson && n.about == id;
    });
}

QVector<ReportPart> TodayPage::reportParts() const {
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
        part.pictures << View::reportPicture(*drill_, std::clamp(126 * stations, 126, 420));
    } else {
        const auto& trial = std::get<store::Trial>(room_.current()->what);
        const auto decides =
            readTrial(store::trialValues(trial, room_.shots(), trial.decides), trial.design);
        if (findAnswer(decides, trial.design).verdict == TrialVerdict::Difference)
            part.worth_m =
                findWorth_m(bench_.state(), trial.decides, decides.difference).value_or(0.0);
        part.pictures << View::reportPicture(*tracks_, 176) << View::reportPicture(*course_, 190);
    }
    return {part};
}

QString TodayPage::asText() const {
    QStringList out{headline_->asText()};
    if (pages_->currentIndex() == 1) out << drill_->accessibleDescription();
    if (pages_->currentIndex() == 2)
        out << tracks_->accessibleDescription() << course_->accessibleDescription();
    if (next_->isVisible()) out << nextTask_->text();
    return out.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
