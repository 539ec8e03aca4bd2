// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing, adding and closing recipes.
#include "views/shape/recipe_line.h"

#include <QHBoxLayout>
#include <QToolButton>

#include "style/style.h"
#include "text/sentences.h"

namespace wedgeon {

namespace {

/// Of a name beside none or one other, and beside two.
constexpr int mostName_px = 150, crowdedName_px = 96;

/// What a recipe has of its own, beside the strip.
QString ownWords(const store::OwnKit& own) {
    QStringList out;
    if (own.wedge) out << text::degrees(own.wedge->loft_rad, 0);
    if (own.ball || own.face)
        out << text::ballAndFace(own.ball.value_or(BallKind::Soft),
                                 own.face.value_or(FaceCondition::FreshDry));
    if (own.lie) out << text::lie(*own.lie);
    return out.join(QStringLiteral(", "));
}

}  // namespace

RecipeLine::RecipeLine(Workbench& bench, QWidget* parent) : QWidget(parent), bench_(bench) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    const auto button = [&](const QString& text, const QString& name) {
        auto* b = new QToolButton;
        b->setText(text);
        b->setAccessibleName(name);
        b->setToolTip(name);
        b->setFont(style::font(13));
        b->setAutoRaise(true);
        b->setFocusPolicy(Qt::StrongFocus);
        row->addWidget(b);
        return b;
    };
    for (std::size_t i = 0; i < BenchState::mostRecipes; ++i) {
        QToolButton* chip = button({}, {});
        chip->setCheckable(true);
        connect(chip, &QToolButton::clicked, this, [this, i] {
            choose(i);
            refresh();  // a click on the chosen one must not uncheck it
        });
        chips_.append(chip);
    }
    add_ = button(QStringLiteral("+"), tr("Add a recipe beside (Ctrl+D)"));
    close_ = button(QStringLiteral("×"), tr("Close the chosen recipe (Ctrl+W)"));
    connect(add_, &QToolButton::clicked, this, &RecipeLine::addBeside);
    connect(close_, &QToolButton::clicked, this, &RecipeLine::closeChosen);
    connect(&bench_, &Workbench::changed, this, &RecipeLine::refresh);
    refresh();
}

void RecipeLine::refresh() {
    const BenchState& s = bench_.state();
    for (qsizetype i = 0; i < chips_.size(); ++i) {
        const auto at = static_cast<std::size_t>(i);
        chips_[i]->setVisible(at < s.recipes.size());
        if (at >= s.recipes.size()) continue;
        QString name = text::fromUtf8(s.recipes[at].name);
        // A name that says it already needs it only once.
        if (const QString own = ownWords(s.recipes[at].own); !own.isEmpty() && !name.contains(own))
            name = tr("%1 (own %2)").arg(name, own);
        const QFontMetrics metrics(chips_[i]->font());
        // An ampersand in a name is no shortcut.
        QString shown = metrics.elidedText(name, Qt::ElideRight,
                                           s.recipes.size() > 2 ? crowdedName_px : mostName_px);
        shown.replace(QLatin1Char('&'), QStringLiteral("&&"));
        chips_[i]->setText(recipeLetter(at) + QStringLiteral("  ") + shown);
        chips_[i]->setAccessibleName(tr("Recipe %1: %2").arg(recipeLetter(at)).arg(name));
        chips_[i]->setChecked(at == s.chosen);
    }
    add_->setVisible(s.recipes.size() < BenchState::mostRecipes);
    close_->setVisible(s.recipes.size() > 1);
}

void RecipeLine::choose(std::size_t i) {
    BenchState next = bench_.state();
    if (i >= next.recipes.size() || i == next.chosen) return;
    next.chosen = i;
    bench_.edit(next, tr("choose recipe %1").arg(recipeLetter(i)));
}

void RecipeLine::addBeside() {
    BenchState next = bench_.state();
    if (next.recipes.size() >= BenchState::mostRecipes) return;
    next.recipes.push_back(next.recipes[next.chosen]);
    next.chosen = next.recipes.size() - 1;
    bench_.edit(next, tr("add a recipe"));
}

void RecipeLine::closeChosen() {
    BenchState next = bench_.state();
    if (next.recipes.size() < 2) return;
    next.recipes.erase(next.recipes.begin() + static_cast<std::ptrdiff_t>(next.chosen));
    next.chosen = std::min(next.chosen, next.recipes.size() - 1);
    bench_.edit(next, tr("close a recipe"));
}

}  // namespace wedgeon
