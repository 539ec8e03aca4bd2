// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Saying what the ladder holds.
#include "views/ladder/ladder_view.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "drawings/dial_shape.h"
#include "paper/paper.h"
#include "style/style.h"
#include "text/quantities.h"
#include "text/quantity_help.h"
#include "text/said.h"
#include "text/sentences.h"
#include "text/swing_text.h"
#include "views/ladder/card_panel.h"
#include "wedgeon/units.h"
#include "widgets/headline.h"
#include "widgets/panel.h"
#include "widgets/quantity_field.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr double near_m = 3.0;
/// A drag asks with every step.
constexpr std::size_t swingsForOdds = 200;
/// So many sentences of gaps and overlaps are read.
constexpr std::size_t mostFindings = 2;
constexpr int sideWidth_px = 350;
constexpr int roomy_px = 1000;

QString inHundred(double chance) {
    return text::number(std::round(100 * chance), 0);
}

}  // namespace

LadderView::LadderView(Desk& desk, QWidget* parent)
    : View(desk, QStringLiteral("ladder"), Stop::Ladder, parent),
      bench_(desk.bench()),
      maker_(desk.ladder()) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 12, 14, 12);
    row->setSpacing(12);
    row->addWidget(makeLadder(), 1);
    side_ = makeCard();
    row->addWidget(side_);
    connect(&maker_, &LadderMaker::failed, this, [this](const QString& why) {
        trouble_ = why;
        if (isVisible()) tell();
    });
    makeCommands();
}

std::shared_ptr<const LadderAnswer> LadderView::current() const {
    const auto& a = maker_.answer();
    return a && a->player == bench_.state().player.name ? a : nullptr;
}

QString LadderView::name() const {
    return tr("Ladder");
}

QWidget* LadderView::makeLadder() {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(2, 10, 2, 8);
    column->setSpacing(4);
    headline_ = new Headline(QStringLiteral("ladder"));
    auto* head = new QHBoxLayout;
    head->setContentsMargins(18, 0, 12, 0);
    head->addWidget(headline_, 1);
    column->addLayout(head);
    column->addWidget(makeTools());
    drawing_ = new LadderDrawing;
    text::explains(*drawing_, text::helpOf(store::Quantity::Carry, desk_.bench().units()).key);
    connect(drawing_, &LadderDrawing::targetMoved, this, &LadderView::setTarget);
    connect(drawing_, &LadderDrawing::rungChosen, this, [this](int row, int rung) {
        chosen_ = {row, rung};
        tell();
    });
    column->addWidget(drawing_, 1);
    gaps_ = new SentenceLabel(SentenceLabel::Rank::Body);
    gaps_->setObjectName(QStringLiteral("ladderGaps"));
    gaps_->setContentsMargins(18, 0, 14, 0);
    column->addWidget(gaps_);
    return panel;
}

QWidget* LadderView::makeTools() {
    auto* tools = new QWidget;
    auto* row = new QHBoxLayout(tools);
    row->setContentsMargins(18, 0, 14, 0);
    row->setSpacing(6);
    target_ = new QuantityField({tr("Distance"), {}, 1.0, 1, 400, 1, 0});
    connect(target_, &QuantityField::edited, this, &LadderView::setTarget);
    row->addWidget(target_);
    measure_ = new QComboBox;
    measure_->addItems({tr("to the flag"), tr("of carry")});
    measure_->setAccessibleName(tr("Distance is"));
    connect(measure_, &QComboBox::activated, this, [this] { tell(); });
    row->addWidget(measure_);
    row->addStretch(1);
    for (const Way way : {Way::Plain, Way::Opened, Way::Low, Way::High, Way::GrippedDown}) {
        auto* button = new QToolButton;
        button->setText(text::wayName(way));
        button->setAccessibleName(tr("Show: %1").arg(text::wayName(way)));
        button->setCheckable(true);
        button->setChecked(way == Way::Plain);
        button->setAutoRaise(true);
        button->setFont(style::font(13));
        connect(button, &QToolButton::clicked, this, [this] {
            chosen_ = {-1, -1};
            tell();
        });
        ways_.push_back(button);
        row->addWidget(button);
    }
    return tools;
}

QWidget* LadderView::makeCard() {
    auto* panel = new Panel;
    panel->setFixedWidth(sideWidth_px);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(16, 12, 16, 12);
    column->setSpacing(6);
    card_ = new CardPanel;
    connect(card_, &CardPanel::saved, this,
            [this](const QString& path) { emit said(tr("The card is in %1.").arg(path), {}); });
    connect(card_, &CardPanel::failed, this, &View::failed);
    column->addWidget(card_, 1);
    rung_ = new SentenceLabel(SentenceLabel::Rank::Body);
    rung_->setObjectName(QStringLiteral("ladderRung"));
    column->addWidget(rung_);
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    column->addLayout(row);
    const auto button = [&](const QString& text, const QString& hint, void (LadderView::*act)()) {
        auto* b = new QToolButton;
        b->setText(text);
        b->setToolTip(hint);
        b->setAutoRaise(true);
        connect(b, &QToolButton::clicked, this, act);
        row->addWidget(b);
        return b;
    };
    shape_ = button(tr("Open in Shape"), tr("Puts this rung's club, set-up and swing on the bench"),
                    &LadderView::openInShape);
    shots_ = button(tr("Show its shots"), tr("Shows this rung's shots in Watch"),
                    &LadderView::showShots);
    row->addStretch(1);
    return panel;
}

void LadderView::makeCommands() {
    addCommand(tr("&Open the rung in Shape"), QKeySequence(Qt::CTRL | Qt::Key_Return),
               [this] { openInShape(); });
    addCommand(tr("Show the rung's &shots"), {}, [this] { showShots(); });
    addCommandSeparator();
    addCommand(
        tr("Sa&ve the pocket card…"), {}, [this] { card_->save(); }, Reach::Anywhere);
    addCommand(
        tr("Print the &pocket card…"), {}, [this] { card_->print(); }, Reach::Anywhere);
}

void LadderView::takeFocus() {
    drawing_->setFocus();
}

void LadderView::resizeEvent(QResizeEvent* event) {
    side_->setVisible(width() >= roomy_px - 40);
    side_->setFixedWidth(width() < 1100 ? 290 : sideWidth_px);
    View::resizeEvent(event);
}

void LadderView::refresh(Desk::Parts parts) {
    if (parts & Desk::UnitsShown) {
        const Units& u = bench_.units();
        target_->setShape({tr("Distance"), u.lengthName(), u.lengthFactor(), 1, 400, 1, 0});
    }
    if (parts & Desk::Ladders) trouble_.clear();
    if (parts & (Desk::UnitsShown | Desk::Ladders | Desk::Givens)) tell();
}

LadderMeasure LadderView::measure() const {
    return measure_->currentIndex() == 0 ? LadderMeasure::Total : LadderMeasure::Carry;
}

std::vector<std::size_t> LadderView::shownLines() const {
    std::vector<std::size_t> out;
    const auto a = current();
    if (!a) return out;
    for (std::size_t i = 0; i < a->ladder.lines.size(); ++i) {
        if (ways_[static_cast<std::size_t>(a->ladder.lines[i].way)]->isChecked()) out.push_back(i);
    }
    return out;
}

void LadderView::setTarget(double target_m) {
    target_m_ = target_m;
    tellTarget();
}

void LadderView::tell() {
    const auto a = current();
    const bool there = a && trouble_.isEmpty();
    for (std::size_t i = 1; i < ways_.size(); ++i) {
        const bool has = there && std::any_of(a->ladder.lines.begin(), a->ladder.lines.end(),
                                              [&](const LadderLine& l) {
                                                  return static_cast<std::size_t>(l.way) == i;
                                              });
        ways_[i]->setVisible(has);
    }
    tellTarget();
    if (!there) {
        gaps_->setText({});
        card_->show(nullptr, bench_.units(), {});
        return;
    }
    const Units& u = bench_.units();
    const Ladder& ladder = a->ladder;
    const auto rungOf = [&](const std::array<std::size_t, 2>& at) {
        const LadderLine& line = ladder.lines[at[0]];
        return tr("%1 %2").arg(text::lineName(ladder, at[0]),
                               text::swingName(ladder.swings.swings[line.rungs[at[1]].swing].name));
    };
    QStringList found;
    const auto gaps = findGaps(ladder);
    for (std::size_t i = 0; i < std::min(gaps.size(), mostFindings); ++i) {
        const LadderGap& g = gaps[i];
        found << (g.guesses ? tr("Gap: nothing but a guess between %1 and %2, %3 and %4.")
                            : tr("Gap: nothing between %1 and %2, %3 and %4."))
                     .arg(u.length(g.from_m, 0), u.length(g.to_m, 0), rungOf(g.below),
                          rungOf(g.above));
    }
    const auto overlaps = findOverlaps(ladder);
    for (std::size_t i = 0; i < std::min(overlaps.size(), mostFindings); ++i) {
        const LadderOverlap& o = overlaps[i];
        found << tr("Overlap: %1 and %2 differ by %3, less than their spread.")
                     .arg(rungOf(o.one), rungOf(o.other), u.length(o.differ_m, 1));
    }
    if (ladder.isGuess()) {
        found = {
            tr("Every rung is a guess from build and level. Say club and swing with the shots "
               "in Watch, or set the swings under Player, and they become his own.")};
    } else if (found.isEmpty()) {
        found = {tr("No gap, and no two rungs that do the same.")};
    }
    gaps_->setText(found.join(QLatin1Char(' ')));
    card_->show(a, u, text::day(desk_.clock().today()));
}

std::vector<LadderReach> LadderView::reaches() const {
    const auto a = current();
    const auto shown = shownLines();
    if (shown.empty()) return {};
    return reachDistance(a->ladder, a->played, a->today, target_m_, measure(), swingsForOdds,
                         shown);
}

void LadderView::tellTarget() {
    const auto a = current();
    const Units& u = bench_.units();
    LadderScene scene;
    scene.units = u;
    scene.target_m = target_m_;
    scene.chosen = chosen_;
    target_->setSi(target_m_);
    if (!a || !trouble_.isEmpty()) {
        headline_->setTexts(trouble_.isEmpty() ? tr("Working out the ladder…")
                                               : tr("There is no ladder for this player yet."),
                            trouble_);
        drawing_->show(scene);
        rung_->setText({});
        return;
    }
    const Ladder& ladder = a->ladder;
    double gained_m = 0.0;  // by today, where that is most
    for (const std::size_t l : shownLines()) {
        const LadderLine& line = ladder.lines[l];
        LadderScene::Row row;
        row.name = text::lineName(ladder, l);
        row.detail = text::degrees(ladder.clubs[line.club].wedge.loft_rad, 0);
        for (std::size_t i = 0; i < line.rungs.size(); ++i) {
            const LadderRung& r = line.rungs[i];
            const RungPlayed& p = a->played[l][i];
            if (!p.plays) continue;
            const double day = p.carry_m / r.carry_m;
            row.rungs.push_back({text::swingName(ladder.swings.swings[r.swing].name), p.carry_m,
                                 p.total_m, r.shotsLow80_m * day, r.shotsHigh80_m * day, r.carry_m,
                                 r.shots});
            if (std::abs(p.carry_m - r.carry_m) > std::abs(gained_m))
                gained_m = p.carry_m - r.carry_m;
        }
        scene.rows.push_back(std::move(row));
    }
    scene.otherDay = std::abs(gained_m) > 0.3;
    drawing_->show(scene);

    const auto all = reaches();
    const auto best = bestReach(all);
    const auto reachWords = [&](const LadderReach& r) {
        return tr("the %1, %2").arg(text::lineName(ladder, r.line), text::swingSize(r.swing));
    };
    const QString asked = measure() == LadderMeasure::Total
                              ? u.length(target_m_, 0)
                              : tr("%1 of carry").arg(u.length(target_m_, 0));
    QString sentence, why;
    if (!best) {
        sentence = tr("%1: no swing of these reaches it.").arg(asked);
    } else {
        sentence = tr("%1: %2.").arg(asked, reachWords(all[*best]));
        why = measure() == LadderMeasure::Total
                  ? tr("Ends within %1 of it %2 times in 100.")
                        .arg(u.length(near_m, 0), inHundred(all[*best].within3m))
                  : tr("Lands within %1 of it %2 times in 100.")
                        .arg(u.length(near_m, 0), inHundred(all[*best].within3m));
        QStringList others;
        for (std::size_t i = 0; i < all.size(); ++i) {
            if (i != *best && all[i].reaches)
                others << tr("%1, %2").arg(reachWords(all[i]), inHundred(all[i].within3m));
        }
        if (!others.isEmpty())
            why += QLatin1Char(' ') + tr("Also: %1.").arg(others.join(QStringLiteral("; ")));
    }
    if (scene.otherDay) {
        why += QLatin1Char(' ') +
               (gained_m < 0
                    ? tr("Today costs up to %1 against a calm, mild day on short grass (dotted).")
                    : tr("Today gives up to %1 more than a calm, mild day on short grass "
                         "(dotted)."))
                   .arg(u.length(std::abs(gained_m), 1));
    }
    if (ladder.isGuess()) why += QLatin1Char(' ') + tr("All of it is a guess: no shot is logged.");
    headline_->setTexts(sentence, why);
    tellRung();
}

const LadderRung* LadderView::chosenRung(const LadderLine** line) const {
    const auto a = current();
    const auto shown = shownLines();
    if (!a || chosen_[0] < 0 || chosen_[0] >= static_cast<int>(shown.size())) return nullptr;
    const std::size_t l = shown[static_cast<std::size_t>(chosen_[0])];
    int at = 0;
    for (std::size_t i = 0; i < a->ladder.lines[l].rungs.size(); ++i) {
        if (!a->played[l][i].plays) continue;
        if (at++ != chosen_[1]) continue;
        if (line) *line = &a->ladder.lines[l];
        return &a->ladder.lines[l].rungs[i];
    }
    return nullptr;
}

void LadderView::tellRung() {
    const LadderLine* line = nullptr;
    const LadderRung* r = chosenRung(&line);
    shape_->setEnabled(r);
    shots_->setEnabled(r && r->shots > 0);
    if (!r) {
        rung_->setText(
            tr("Choose a rung (click, or up and down) for its shots, or to put it on "
               "the bench. Drag the line, or type a distance."));
        return;
    }
    const auto a = current();
    const Units& u = bench_.units();
    const auto l = static_cast<std::size_t>(line - a->ladder.lines.data());
    const RungPlayed& p = a->played[l][static_cast<std::size_t>(r - line->rungs.data())];
    const QString what = tr("%1 %2").arg(text::lineName(a->ladder, l),
                                         text::swingName(a->ladder.swings.swings[r->swing].name));
    const QString known =
        r->shots == 0 ? tr("%1: a guess, %2 to %3.")
                            .arg(what, u.length(r->low80_m, 1), u.length(r->high80_m, 1))
        : r->newest.empty()
            ? tr("%1: %2.").arg(what, text::shots(static_cast<qsizetype>(r->shots)))
            : tr("%1: %2, newest %3.")
                  .arg(what, text::shots(static_cast<qsizetype>(r->shots)), text::day(r->newest));
    rung_->setText(
        known + QLatin1Char('\n') +
        tr("Carries %1 today (known to \u00b1 %2), ends at %3. Speed %4, launch %5, lands %6.")
            .arg(u.length(p.carry_m, 1), u.length((r->high80_m - r->low80_m) / 2, 1),
                 u.length(p.total_m, 1), u.speed(r->clubSpeed_mps), text::degrees(p.launch_rad, 0),
                 text::degrees(p.landing_rad, 0)));
}

void LadderView::openInShape() {
    const LadderLine* line = nullptr;
    const LadderRung* r = chosenRung(&line);
    if (!r) return;
    const auto a = current();
    BenchState next = bench_.state();
    next.conditions.wedge = a->ladder.clubs[line->club].wedge;
    next.recipe() = line->recipe;
    next.recipe().clubSpeed_mps = r->clubSpeed_mps;
    next.recipes[next.chosen].own = {};
    const QString what = text::swingName(a->ladder.swings.swings[r->swing].name);
    bench_.edit(next, tr("take the swing %1").arg(what));
    emit viewWanted(QStringLiteral("shape"));
}

void LadderView::showShots() {
    const LadderLine* line = nullptr;
    const LadderRung* r = chosenRung(&line);
    if (!r || r->shots == 0) return;
    const auto a = current();
    const auto quoted = [](std::string text) {
        std::erase(text, '"');
        return QStringLiteral("\"%1\"").arg(text::fromUtf8(text));
    };
    QString filter = QStringLiteral("wedge:%1 swing:%2")
                         .arg(quoted(a->ladder.clubs[line->club].name),
                              quoted(a->ladder.swings.swings[r->swing].name));
    if (!a->player.empty()) filter += QStringLiteral(" player:%1").arg(quoted(a->player));
    emit viewWanted(QStringLiteral("watch"));
    desk_.wantShots(filter);
}

QVector<ReportPart> LadderView::reportParts() const {
    const auto made = current();
    if (!made || made->ladder.lines.empty()) return {};
    const QStringList lines = headline_->asText().split(QLatin1Char('\n'));
    const Units& units = bench_.units();
    ReportPart part{tr("The ladder, carry in %1").arg(units.lengthName()),
                    lines.value(0),
                    QStringList(lines.mid(1)).join(QLatin1Char(' ')),
                    {},
                    {}};
    QStringList head{tr("Club")};
    for (const SwingName& swing : made->ladder.swings.swings)
        head << text::swingName(swing.name);
    part.table << head;
    for (std::size_t i = 0; i < made->ladder.lines.size(); ++i) {
        const LadderLine& line = made->ladder.lines[i];
        if (line.way != Way::Plain) continue;
        QStringList row{text::lineName(made->ladder, i)};
        for (const LadderRung& rung : line.rungs) {
            const auto shown = [&](double m) { return text::number(m * units.lengthFactor(), 0); };
            row << tr("%1 (%2 to %3)")
                           .arg(shown(rung.carry_m), shown(rung.low80_m), shown(rung.high80_m)) +
                       (rung.predicted ? QStringLiteral(" ≈") : QString());
        }
        part.table << row;
    }
    return {part};
}

QString LadderView::asText() const {
    QStringList lines{headline_->asText(), drawing_->accessibleDescription(), gaps_->text()};
    if (current()) lines << card_->asText();
    return lines.join(QLatin1Char('\n'));
}

void LadderView::print(Paper& paper) {
    paper.title(name());
    paper.sketches({{drawing_->accessibleName(), drawing_->size(),
                     [this](QPainter& p, QSizeF room, const style::Colours& colours) {
                         drawing_->paintOn(p, room, colours);
                     }}});
    paper.text(asText());
}

QVariantMap LadderView::state() const {
    QVariantMap out = card_->state();
    out[QStringLiteral("target")] = target_m_;
    out[QStringLiteral("measure")] = measure_->currentIndex();
    return out;
}

void LadderView::restore(const QVariantMap& state) {
    const double target = state.value(QStringLiteral("target"), 40.0).toDouble();
    if (target >= 1.0 && target <= 400.0) target_m_ = target;
    measure_->setCurrentIndex(
        std::clamp(state.value(QStringLiteral("measure")).toInt(), 0, measure_->count() - 1));
    card_->restore(state);
}

}  // namespace wedgeon
