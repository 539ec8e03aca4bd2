// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Filling table and stair.
#include "views/shape/compare_page.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QSignalBlocker>
#include <QTableWidget>
#include <array>
#include <cmath>

#include "drawings/dial_shape.h"
#include "drawings/shares_drawing.h"
#include "text/sentences.h"
#include "text/swing_text.h"
#include "wedgeon/error.h"
#include "wedgeon/explain/explain.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr std::array compared{Outcome::DynamicLoft, Outcome::SpinLoft,     Outcome::LaunchAngle,
                              Outcome::SpinRate,    Outcome::LandingAngle, Outcome::Apex,
                              Outcome::Carry,       Outcome::Release,      Outcome::Total,
                              Outcome::RestSide};
constexpr int row_px = 21;
constexpr std::array shared{Outcome::Release,     Outcome::Carry,        Outcome::SpinRate,
                            Outcome::LaunchAngle, Outcome::LandingAngle, Outcome::Total};

/// "2 to 1": of carry to run.
QString carryToRun(const ShotResult& shot) {
    const double run = shot.total_m() - shot.flight.carry_m;
    if (run < 0.05 * shot.flight.carry_m) return ComparePage::tr("all carry");
    return ComparePage::tr("%1 to 1").arg(text::number(shot.flight.carry_m / run, 1));
}

}  // namespace

ComparePage::ComparePage(Workbench& bench, QWidget* parent)
    : DrawerPage(bench, tr("Compare"), parent) {
    hint_ =
        addWhy(tr("Put another recipe beside this one: Recipe, Add a recipe beside (Ctrl+D), "
                  "then change it or take a school's."));
    same_ = new QComboBox;
    same_->addItems({tr("Each at its own swing"), tr("All to the chosen one's carry"),
                     tr("All to the same flag: where the chosen one ends")});
    same_->setAccessibleName(tr("Brought to"));
    content()->addWidget(same_);
    table_ = new QTableWidget;
    table_->setAccessibleName(tr("Recipes side by side"));
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->setTabKeyNavigation(false);
    table_->setShowGrid(false);
    table_->setFrameShape(QFrame::NoFrame);
    table_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->horizontalHeader()->setHighlightSections(false);
    table_->horizontalHeader()->setDefaultAlignment(Qt::AlignRight | Qt::AlignVCenter);
    table_->verticalHeader()->setDefaultSectionSize(row_px);
    table_->verticalHeader()->setMinimumSectionSize(row_px);
    table_->verticalHeader()->hide();
    content()->addWidget(table_);
    addTitle(tr("Where the difference comes from"));
    auto* row = new QHBoxLayout;
    pair_ = new QComboBox;
    pair_->setAccessibleName(tr("Which two"));
    outcome_ = new QComboBox;
    outcome_->setAccessibleName(tr("Difference in"));
    for (const Outcome o : shared)
        outcome_->addItem(shapeOf(o, bench_.units()).name);
    row->addWidget(pair_);
    row->addWidget(outcome_);
    row->addStretch(1);
    content()->addLayout(row);
    shares_ = new SharesDrawing(tr("Shares of the difference"));
    content()->addWidget(shares_, 1);
    connect(same_, &QComboBox::activated, this, [this](int i) {
        BenchState next = bench_.state();
        next.same = static_cast<SameDistance>(i);
        bench_.edit(next, tr("compare at: %1").arg(same_->itemText(i)));
    });
    connect(pair_, &QComboBox::currentIndexChanged, this, &ComparePage::share);
    connect(outcome_, &QComboBox::currentIndexChanged, this, &ComparePage::share);
}

QString ComparePage::nameOf(std::size_t i) const {
    return recipeLetter(i) + QStringLiteral("  ") + text::fromUtf8(bench_.state().recipes[i].name);
}

void ComparePage::refresh() {
    const bool several = bench_.overlays().size() > 1;
    hint_->setVisible(!several);
    same_->setCurrentIndex(static_cast<int>(bench_.state().same));
    same_->setEnabled(several);
    fillTable();
    fillPairs();
    share();
}

void ComparePage::fillTable() {
    const auto& all = bench_.overlays();
    const Units& u = bench_.units();
    const auto column = [&](int c, const QStringList& cells, Qt::Alignment align,
                            const QString& hint) {
        for (int r = 0; r < cells.size(); ++r) {
            auto* item = new QTableWidgetItem(cells[r]);
            item->setTextAlignment(align | Qt::AlignVCenter);
            if (!hint.isEmpty()) item->setToolTip(text::tip(hint));
            table_->setItem(r, c, item);
        }
    };
    QStringList names{tr("Swing"), tr("Speed")};
    for (const Outcome o : compared)
        names << shapeOf(o, u).name;
    names << tr("Carry to run") << tr("Clean strikes") << tr("Within %1").arg(u.length(3.0, 0));
    table_->setRowCount(static_cast<int>(names.size()));
    table_->setColumnCount(static_cast<int>(all.size()) + 1);
    column(0, names, Qt::AlignLeft, {});
    QStringList heads{QString()};
    for (std::size_t i = 0; i < all.size(); ++i) {
        heads << recipeLetter(i);
        const double speed = all[i].recipe.clubSpeed_mps;
        // The part of the way on a line of its own.
        QStringList cells{text::swingAlone(bench_.swings(), speed)
                              .replace(QStringLiteral(" + "), QStringLiteral("\n+ ")),
                          u.speed(speed)};
        for (const Outcome o : compared)
            cells << (all[i].shot ? shown(shapeOf(o, u), valueOf(*all[i].shot, o)) : tr("–"));
        if (all[i].shot) {
            cells << carryToRun(*all[i].shot)
                  << text::number(100 * all[i].chances.clean, 0) + QStringLiteral(" %")
                  << text::number(100 * all[i].within3m, 0) + QStringLiteral(" %");
        } else {
            cells << tr("–") << tr("out of reach") << tr("–");
        }
        QString hint = all[i].error;
        if (hint.isEmpty()) hint = text::swingAndSpeed(bench_.swings(), speed, u);
        column(static_cast<int>(i) + 1, cells, Qt::AlignRight, hint);
    }
    table_->setHorizontalHeaderLabels(heads);
    table_->setRowHeight(0, 3 * row_px - 6);
    table_->setFixedHeight(table_->verticalHeader()->length() +
                           table_->horizontalHeader()->sizeHint().height() + 6);
}

void ComparePage::fillPairs() {
    const std::size_t n = bench_.overlays().size();
    const QSignalBlocker quiet(pair_);
    const int kept = pair_->currentIndex();
    pair_->clear();
    for (std::size_t a = 0; a < n; ++a) {
        for (std::size_t b = a + 1; b < n; ++b) {
            pair_->addItem(tr("%1 to %2").arg(recipeLetter(a)).arg(recipeLetter(b)),
                           QPoint(static_cast<int>(a), static_cast<int>(b)));
        }
    }
    pair_->setCurrentIndex(kept >= 0 && kept < pair_->count() ? kept : 0);
    pair_->setEnabled(pair_->count() > 1);
}

void ComparePage::share() {
    SharesDrawing::Stair stair;
    if (pair_->count() > 0) {
        const QPoint pair = pair_->currentData().toPoint();
        const Overlay& a = bench_.overlays()[static_cast<std::size_t>(pair.x())];
        const Overlay& b = bench_.overlays()[static_cast<std::size_t>(pair.y())];
        const Outcome o = shared[static_cast<std::size_t>(std::max(outcome_->currentIndex(), 0))];
        try {
            if (a.shot && b.shot) {
                const BenchState& s = bench_.state();
                const Explanation e =
                    explain(s.predictor(static_cast<std::size_t>(pair.x())).causes(*a.shot),
                            s.predictor(static_cast<std::size_t>(pair.y())).causes(*b.shot));
                const auto shape = shapeOf(o, bench_.units());
                const auto index = static_cast<std::size_t>(o);
                stair = {shape.name,
                         shape.unit,
                         nameOf(static_cast<std::size_t>(pair.x())),
                         nameOf(static_cast<std::size_t>(pair.y())),
                         shape.decimals,
                         e.from[index] * shape.factor,
                         e.to[index] * shape.factor,
                         {},
                         {}};
                for (std::size_t c = 0; c < causeCount; ++c) {
                    const auto cause = static_cast<Cause>(c);
                    // Ball, lie, ground and air are the strip's, the same for both, unless one has
                    // its own.
                    if (cause > Cause::FaceToPath && std::abs(e(o, cause)) < 1e-9) continue;
                    stair.shares.append(
                        {text::cause(cause), e(o, cause) * shape.factor, 0.0, false, false});
                }
            }
        } catch (const RangeError&) {
            // A mixture of the two is outside the model: then there are no shares to show.
        }
    }
    shares_->show(stair);
}

QString ComparePage::asText() const {
    QStringList out;
    QStringList heads{QString()};
    for (std::size_t i = 0; i < bench_.state().recipes.size(); ++i)
        heads << nameOf(i);
    out << heads.join(QLatin1Char('\t'));
    for (int r = 0; r < table_->rowCount(); ++r) {
        QStringList cells;
        for (int c = 0; c < table_->columnCount(); ++c)
            cells << table_->item(r, c)->text();
        out << cells.join(QLatin1Char('\t'));
    }
    out << shares_->accessibleDescription();
    return out.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
