// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Asking in a thread and saying the answer in words.
#include "views/shape/ask_page.h"

#include <QCheckBox>
#include <QGridLayout>
#include <QPushButton>
#include <array>
#include <cmath>

#include "drawings/dial_shape.h"
#include "text/said.h"
#include "text/swing_text.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

struct Askable {
    Outcome outcome;
    double tolerance;  // SI
};
constexpr std::array askables{Askable{Outcome::LaunchAngle, radFromDeg(0.5)},
                              Askable{Outcome::Carry, 0.3},
                              Askable{Outcome::Release, 0.2},
                              Askable{Outcome::Total, 0.3},
                              Askable{Outcome::SpinRate, radpsFromRpm(100)},
                              Askable{Outcome::LandingAngle, radFromDeg(0.5)},
                              Askable{Outcome::LaunchDirection, radFromDeg(0.5)}};

bool freeAtFirst(Dial dial) {
    return dial == Dial::Open || dial == Dial::Lean || dial == Dial::BallForward ||
           dial == Dial::ClubSpeed;
}

/// "Face opened from 0.0° to 6.2°": only what changes by as much as can be seen.
QStringList changesBetween(const Recipe& from, const Recipe& to, const SwingLadder& swings,
                           const Units& units) {
    QStringList out;
    for (const DialInfo& d : dials()) {
        const auto shape = shapeOf(d.dial, units);
        QString before = shown(shape, dialOf(from, d.dial));
        QString after = shown(shape, dialOf(to, d.dial));
        if (d.dial == Dial::ClubSpeed && before != after) {
            out << AskPage::tr("Swing from %1 to %2")
                       .arg(text::swingInShort(swings, from.clubSpeed_mps, units),
                            text::swingInShort(swings, to.clubSpeed_mps, units));
        } else if (before != after)
            out << AskPage::tr("%1 from %2 to %3").arg(shape.name, before, after);
    }
    return out;
}

QString reachedWords(const std::vector<Reached>& reached, const Units& units) {
    QStringList out;
    for (const Reached& r : reached) {
        const auto shape = shapeOf(r.outcome, units);
        out << (r.within() ? AskPage::tr("%1 %2").arg(shape.name, shown(shape, r.reached))
                           : AskPage::tr("%1 comes to %2 at the nearest, not %3")
                                 .arg(shape.name, shown(shape, r.reached), shown(shape, r.wanted)));
    }
    return out.join(QStringLiteral("; ")) + QLatin1Char('.');
}

QString heldWords(const InverseResult& r, const Units& units) {
    if (r.atBound.empty())
        return AskPage::tr(
            "The parts that are free pull the results together: free another one, "
            "or ask for less.");
    QStringList held;
    for (const Dial d : r.atBound) {
        const auto shape = shapeOf(d, units);
        held << AskPage::tr("%1 at %2").arg(shape.name, shown(shape, dialOf(r.recipe, d)));
    }
    return AskPage::tr("As far as a player goes: %1. Free another part, or ask for less.")
        .arg(held.join(AskPage::tr("; ")));
}

}  // namespace

AskPage::AskPage(Workbench& bench, QWidget* parent)
    : DrawerPage(bench, tr("Ask for it"), parent),
      worker_(
          [](const Question& q) -> Answer {
              try {
                  return Predictor(q.player, q.conditions)
                      .findRecipe(q.start, q.targets, q.freedoms);
              } catch (const RangeError& e) {
                  return text::said(e);
              }
          },
          [this](const Answer& answer) { show(answer); }) {
    makePins();
    makeFreedoms();
    makeAnswer();
    content()->addStretch(1);
    setBusy(false);
}

void AskPage::makePins() {
    addTitle(tr("Wanted"));
    auto* grid = new QGridLayout;
    grid->setVerticalSpacing(4);
    for (const Askable& a : askables) {
        const auto shape = shapeOf(a.outcome, bench_.units());
        Pin pin{a.outcome, new QCheckBox(shape.name), new QuantityField(shape)};
        pin.pinned->setAccessibleName(tr("Pin %1").arg(shape.name));
        pin.value->setAccessibleName(tr("Wanted %1").arg(shape.name));
        // Typing a wish pins it.
        connect(pin.value, &QuantityField::edited, this,
                [box = pin.pinned] { box->setChecked(true); });
        const int i = static_cast<int>(pins_.size());
        grid->addWidget(pin.pinned, i / 2, 2 * (i % 2));
        grid->addWidget(pin.value, i / 2, 2 * (i % 2) + 1);
        pins_.append(pin);
    }
    content()->addLayout(grid);
}

void AskPage::makeFreedoms() {
    addTitle(tr("May change"));
    auto* grid = new QGridLayout;
    grid->setVerticalSpacing(4);
    for (const DialInfo& d : dials()) {
        Free f{d.dial, new QCheckBox(shapeOf(d.dial, bench_.units()).name)};
        f.box->setChecked(freeAtFirst(d.dial));
        f.box->setAccessibleName(tr("Free %1").arg(f.box->text()));
        const int i = static_cast<int>(free_.size());
        grid->addWidget(f.box, i / 2, i % 2);
        free_.append(f);
    }
    content()->addLayout(grid);
}

void AskPage::makeAnswer() {
    auto* row = new QHBoxLayout;
    ask_ = new QPushButton(tr("Find the smallest change"));
    stop_ = new QPushButton(tr("Stop"));
    row->addWidget(ask_);
    row->addWidget(stop_);
    row->addStretch(1);
    content()->addLayout(row);
    verdict_ = addTitle({});
    verdict_->setObjectName(QStringLiteral("askVerdict"));
    changes_ = addWhy();
    changes_->setObjectName(QStringLiteral("askChanges"));
    changes_->setRank(SentenceLabel::Rank::Body);
    reached_ = addWhy();
    reached_->setObjectName(QStringLiteral("askReached"));
    auto* takes = new QHBoxLayout;
    take_ = new QPushButton(tr("Put it on the bench"));
    beside_ = new QPushButton(tr("Beside the present one"));
    takes->addWidget(take_);
    takes->addWidget(beside_);
    takes->addStretch(1);
    content()->addLayout(takes);
    connect(ask_, &QPushButton::clicked, this, &AskPage::ask);
    connect(stop_, &QPushButton::clicked, this, &AskPage::stop);
    connect(take_, &QPushButton::clicked, this, [this] { take(false); });
    connect(beside_, &QPushButton::clicked, this, [this] { take(true); });
}

void AskPage::refresh() {
    const auto& p = bench_.prediction();
    for (const Pin& pin : pins_) {
        const QString name = pin.value->accessibleName();
        pin.value->setShape(shapeOf(pin.outcome, bench_.units()));
        pin.value->setAccessibleName(name);
        // What is not pinned shows what the shot does now.
        if (p && !pin.pinned->isChecked()) pin.value->setSi(valueOf(p->shot, pin.outcome));
    }
}

void AskPage::ask() {
    Question q{bench_.state().recipe(), bench_.state().player, bench_.state().met(), {}, {}};
    for (qsizetype i = 0; i < pins_.size(); ++i) {
        const Askable& a = askables[static_cast<std::size_t>(i)];
        if (pins_[i].pinned->isChecked())
            q.targets.push_back({a.outcome, pins_[i].value->si(), a.tolerance});
    }
    for (const Free& f : free_) {
        if (f.box->isChecked()) q.freedoms.push_back({f.dial, {}, {}, 1.0});
    }
    found_.reset();
    changes_->clear();
    reached_->clear();
    if (q.targets.empty()) {
        verdict_->setText(tr("Pin at least one result."));
    } else if (q.freedoms.empty()) {
        verdict_->setText(tr("Free at least one part of the set-up."));
    } else {
        verdict_->setText(tr("Looking…"));
        setBusy(true);
        worker_.ask(std::move(q));
        return;
    }
    setBusy(false);
}

void AskPage::stop() {
    worker_.forget();
    verdict_->setText(tr("Stopped."));
    setBusy(false);
}

void AskPage::show(const Answer& answer) {
    if (const auto* error = std::get_if<QString>(&answer)) {
        verdict_->setText(*error);
        setBusy(false);
        return;
    }
    const InverseResult& r = std::get<InverseResult>(answer);
    found_ = r.recipe;
    const QStringList changes =
        changesBetween(bench_.state().recipe(), r.recipe, bench_.swings(), bench_.units());
    verdict_->setText(r.found ? (changes.isEmpty() ? tr("The set-up does it already.")
                                                   : tr("The smallest change that does it:"))
                              : tr("No set-up of these parts does it. The one whose worst miss is "
                                   "the smallest, counted in tolerances:"));
    changes_->setText(changes.join(QStringLiteral("; ")) +
                      (changes.isEmpty() ? QString() : QStringLiteral(".")));
    reached_->setText(reachedWords(r.reached, bench_.units()) +
                      (r.found ? QString() : QLatin1Char(' ') + heldWords(r, bench_.units())));
    if (changes.isEmpty()) found_.reset();
    setBusy(false);
}

void AskPage::take(bool beside) {
    if (!found_) return;
    BenchState next = bench_.state();
    if (beside && next.recipes.size() < BenchState::mostRecipes) {
        NamedRecipe asked = next.recipes[next.chosen];
        asked.name = tr("asked for").toStdString();
        next.recipes.push_back(std::move(asked));
        next.chosen = next.recipes.size() - 1;
    }
    next.recipe() = *found_;
    found_.reset();
    bench_.edit(next, tr("take what was asked for"));
    setBusy(false);
}

void AskPage::setBusy(bool busy) {
    ask_->setEnabled(!busy);
    stop_->setVisible(busy);
    take_->setEnabled(found_.has_value());
    beside_->setEnabled(found_ && bench_.state().recipes.size() < BenchState::mostRecipes);
}

QString AskPage::asText() const {
    return verdict_->text() + QLatin1Char('\n') + changes_->text() + QLatin1Char('\n') +
           reached_->text();
}

}  // namespace wedgeon
