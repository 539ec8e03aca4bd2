// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Playing the same set-up with other kit, and another set-up with the same.
#include "views/shape/kit_page.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QTableWidget>
#include <algorithm>
#include <array>
#include <cmath>

#include "drawings/dial_shape.h"
#include "text/quantities.h"
#include "text/sentences.h"
#include "text/swing_text.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr std::array balls{BallKind::Soft, BallKind::Firm, BallKind::Range};
constexpr std::array faces{FaceCondition::FreshDry, FaceCondition::WornDry, FaceCondition::Dirty,
                           FaceCondition::FreshWet};
constexpr std::array shownOutcomes{Outcome::SpinRate, Outcome::LaunchAngle, Outcome::Release};
constexpr int kitRow_px = 21;
/// What a player may be asked for in a lesson, from where he is now.
constexpr double openReach_rad = radFromDeg(15), leanReach_rad = radFromDeg(6);

}  // namespace

KitPage::KitPage(Workbench& bench, QWidget* parent)
    : DrawerPage(bench, tr("Kit beside technique"), parent),
      worker_(&KitPage::find, [this](const Answer& a) {
          answer_ = a;
          tell();
      }) {
    verdict_ = addTitle({});
    verdict_->setObjectName(QStringLiteral("kitVerdict"));
    addWhy(tr("This set-up and swing with other balls and faces:"));
    table_ = new QTableWidget(static_cast<int>(balls.size() * faces.size()),
                              static_cast<int>(shownOutcomes.size()) + 1);
    table_->setAccessibleName(tr("Balls and faces"));
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->setTabKeyNavigation(false);
    table_->setShowGrid(false);
    table_->setFrameShape(QFrame::NoFrame);
    table_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    table_->verticalHeader()->setDefaultSectionSize(kitRow_px);
    table_->verticalHeader()->setMinimumSectionSize(kitRow_px);
    table_->verticalHeader()->hide();
    content()->addWidget(table_);
    addTitle(tr("Same kit, best technique within reach"));
    changes_ = addWhy();
    changes_->setRank(SentenceLabel::Rank::Body);
    changes_->setObjectName(QStringLiteral("kitTechnique"));
    auto* row = new QHBoxLayout;
    beside_ = new QPushButton(tr("Put it beside"));
    row->addWidget(beside_);
    row->addStretch(1);
    content()->addLayout(row);
    content()->addStretch(1);
    connect(beside_, &QPushButton::clicked, this, &KitPage::take);
}

KitPage::Answer KitPage::find(const Question& q) {
    Answer out;
    out.question = q;
    try {
        const Predictor predictor(q.player, q.conditions);
        const ShotResult now = predictor.shot(q.recipe);
        std::vector<Freedom> free{{Dial::ClubSpeed, {}, {}, 1.0}};
        const auto around = [&free](Dial dial, double at, double reach) {
            const DialInfo& d = info(dial);
            const double low = std::max(at - reach, d.low);
            const double high = std::min(at + reach, d.high);
            if (low < high) free.push_back({dial, low, high, 1.0});
        };
        around(Dial::Open, q.recipe.open_rad, openReach_rad);
        around(Dial::Lean, q.recipe.lean_rad, leanReach_rad);
        around(Dial::BallForward, q.recipe.ballForward_m, constants::ballWidth_m);
        const InverseResult r = predictor.findRecipe(
            q.recipe, {{Outcome::Carry, now.flight.carry_m, 0.3}, {Outcome::Release, 0.0, 0.1}},
            free);
        Recipe best = r.recipe;
        best.clubSpeed_mps = predictor.speedForCarry(best, now.flight.carry_m);
        const ShotResult shot = predictor.shot(best);
        if (std::abs(shot.run.release_m) < std::abs(now.run.release_m)) {
            out.best = best;
            out.shot = shot;
        }
    } catch (const RangeError&) {
        // The sentence above says it already.
    }
    return out;
}

void KitPage::refresh() {
    fill();
    const BenchState& s = bench_.state();
    if (bench_.prediction()) {
        worker_.ask({s.recipe(), s.player, s.met()});
    } else {
        worker_.forget();
        answer_.reset();
    }
    tell();
}

void KitPage::fill() {
    const Units& u = bench_.units();
    const BenchState& s = bench_.state();
    QStringList heads{QString()};
    for (const Outcome o : shownOutcomes)
        heads << shapeOf(o, u).name;
    table_->setHorizontalHeaderLabels(heads);
    leastRun_m_ = 1e9;
    mostRun_m_ = -1e9;
    int row = 0;
    for (const BallKind ball : balls) {
        for (const FaceCondition face : faces) {
            Conditions c = s.met();
            const bool own = c.ball == ball && c.face == face;
            c.ball = ball;
            c.face = face;
            QStringList cells{text::ballAndFace(ball, face)};
            try {
                const ShotResult shot = Predictor(s.player, c).shot(s.recipe());
                for (const Outcome o : shownOutcomes)
                    cells << shown(shapeOf(o, u), valueOf(shot, o));
                leastRun_m_ = std::min(leastRun_m_, shot.run.release_m);
                mostRun_m_ = std::max(mostRun_m_, shot.run.release_m);
            } catch (const RangeError&) {
                while (cells.size() <= static_cast<qsizetype>(shownOutcomes.size()))
                    cells << tr("–");
            }
            for (int i = 0; i < cells.size(); ++i) {
                auto* item = new QTableWidgetItem(cells[i]);
                item->setTextAlignment((i == 0 ? Qt::AlignLeft : Qt::AlignRight) |
                                       Qt::AlignVCenter);
                QFont f = item->font();
                f.setBold(own);
                item->setFont(f);
                table_->setItem(row, i, item);
            }
            ++row;
        }
    }
    table_->setFixedHeight(table_->verticalHeader()->length() +
                           table_->horizontalHeader()->sizeHint().height() + 6);
}

void KitPage::tell() {
    const Units& u = bench_.units();
    const BenchState& s = bench_.state();
    const bool current = answer_ && answer_->question.recipe == s.recipe() &&
                         answer_->question.conditions == s.met() &&
                         answer_->question.player == s.player;
    beside_->setEnabled(current && answer_->best && s.recipes.size() < BenchState::mostRecipes);
    if (!bench_.prediction()) {
        verdict_->setText(tr("This set-up is outside what the model covers."));
        changes_->setText({});
        return;
    }
    const QString kit = u.length(mostRun_m_ - leastRun_m_, 1);
    if (!current) {
        verdict_->setText(tr("Ball and face move the run by %1.").arg(kit));
        changes_->setText(tr("Looking…"));
        return;
    }
    const double now = bench_.prediction()->shot.run.release_m;
    if (!answer_->best) {
        verdict_->setText(tr("Ball and face move the run by %1; no technique within reach stops it "
                             "sooner.")
                              .arg(kit));
        changes_->setText(
            tr("Face 15° either way, lean 6°, ball one ball, and the swing for the "
               "same carry were tried."));
        return;
    }
    const ShotResult& best = *answer_->shot;
    verdict_->setText(tr("Ball and face move the run by %1, technique by %2.")
                          .arg(kit, u.length(std::abs(now - best.run.release_m), 1)));
    QStringList lines;
    for (const Dial d : {Dial::Open, Dial::Lean, Dial::BallForward}) {
        const auto shape = shapeOf(d, u);
        const QString before = shown(shape, dialOf(s.recipe(), d));
        const QString after = shown(shape, dialOf(*answer_->best, d));
        if (before != after) lines << tr("%1 %2").arg(shape.name, after);
    }
    lines << text::swingInShort(bench_.swings(), answer_->best->clubSpeed_mps, u);
    QStringList results;
    for (const Outcome o : shownOutcomes)
        results << tr("%1 %2").arg(shapeOf(o, u).name, shown(shapeOf(o, u), valueOf(best, o)));
    changes_->setText(
        tr("%1.\nSame carry. %2.")
            .arg(lines.join(QStringLiteral(", ")), results.join(QStringLiteral(", "))));
}

void KitPage::take() {
    if (!answer_ || !answer_->best) return;
    BenchState next = bench_.state();
    if (next.recipes.size() >= BenchState::mostRecipes) return;
    NamedRecipe r = next.recipes[next.chosen];
    r.name = tr("stops soonest").toStdString();
    r.recipe = *answer_->best;
    next.recipes.push_back(std::move(r));
    bench_.edit(next, tr("put the best technique beside"));
}

QString KitPage::asText() const {
    QStringList lines{verdict_->text()};
    for (int r = 0; r < table_->rowCount(); ++r) {
        QStringList cells;
        for (int c = 0; c < table_->columnCount(); ++c)
            cells << (table_->item(r, c) ? table_->item(r, c)->text() : QString());
        lines << cells.join(QLatin1Char('\t'));
    }
    lines << changes_->text();
    return lines.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
