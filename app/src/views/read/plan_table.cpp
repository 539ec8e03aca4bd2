// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Rows and bars.
#include "views/read/plan_table.h"

#include <QHeaderView>
#include <QKeyEvent>
#include <QPainter>
#include <QStyledItemDelegate>
#include <array>
#include <cmath>

#include "style/style.h"
#include "text/plan_text.h"
#include "text/said.h"
#include "wedgeon/normal.h"

namespace wedgeon {
namespace {

/// Much beside the mean: it blows up now and then.
constexpr double oftenBad = 0.1;

class BarDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* p, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const style::Colours& c = style::colours(option.palette);
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        if (option.state & QStyle::State_Selected) p->fillRect(option.rect, c.chosen);
        const QRectF r = option.rect;
        const QVariant chance = index.data(PlanModel::chanceRole);
        const bool first =
            index.column() == PlanModel::Shot || index.column() == PlanModel::Strokes;
        p->setFont(style::font(14, first ? QFont::DemiBold : QFont::Normal));
        const QFontMetricsF metrics(p->font());
        if (!chance.isValid()) {
            p->setPen(index.column() == PlanModel::Why ? c.soft : c.ink);
            const QRectF inside = r.adjusted(8, 0, -6, 0);
            p->drawText(
                inside, Qt::AlignVCenter | Qt::AlignLeft,
                metrics.elidedText(index.data().toString(), Qt::ElideRight, inside.width()));
            p->restore();
            return;
        }
        const double number = metrics.horizontalAdvance(QStringLiteral("100")) + 6;
        const QRectF bar(r.left() + 8, r.center().y() - 5, std::max(8.0, r.width() - number - 20),
                         10);
        p->setPen(Qt::NoPen);
        p->setBrush(c.edge);
        p->drawRoundedRect(bar, 2, 2);
        QRectF filled = bar;
        filled.setWidth(std::max(1.5, bar.width() * chance.toDouble()));
        p->setBrush(index.column() == PlanModel::Again ? c.warning : c.predicted);
        p->drawRoundedRect(filled, 2, 2);
        p->setPen(c.ink);
        p->drawText(QRectF(bar.right() + 6, r.top(), number, r.height()),
                    Qt::AlignVCenter | Qt::AlignLeft, index.data().toString());
        p->restore();
    }
};

}  // namespace

void PlanModel::show(std::shared_ptr<const PlanAnswer> answer, const Distances& distances) {
    beginResetModel();
    answer_ = std::move(answer);
    distances_ = distances;
    endResetModel();
}

int PlanModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() || !answer_ ? 0 : static_cast<int>(answer_->plan.shots.size());
}

const PlannedShot* PlanModel::shot(int row) const {
    return row >= 0 && row < rowCount() ? &answer_->plan.shots[static_cast<std::size_t>(row)]
                                        : nullptr;
}

QString PlanModel::textOf(std::size_t row, Column column) const {
    const PlannedShot& s = answer_->plan.shots[row];
    const text::PlanSpeaker speaker(distances_);
    const auto percent = [](double chance) { return text::number(100 * chance, 0); };
    switch (column) {
        case Shot:
            return QString::fromStdString(words::shotName(s, answer_->request, speaker));
        case Way:
            return s.height == Height::Putter
                       ? tr("rolls %1").arg(distances_.said(s.landing_m + s.run_m))
                       : tr("%1 · %2").arg(distances_.number(s.landing_m),
                                           distances_.said(s.run_m));
        case Green:
            return percent(s.onGreen);
        case Inside:
            return percent(s.inside2m);
        case Again:
            return percent(s.chipAgain);
        case Strokes:
            return text::number(s.strokes, 2);
        case Why: {
            QString why = QString::fromStdString(words::why(answer_->plan, row, speaker));
            if (s.blowUp > oftenBad)
                why = tr("blows up %1 times in 100; ").arg(percent(s.blowUp)) + why;
            return why;
        }
        case columns:
            break;
    }
    return {};
}

QVariant PlanModel::data(const QModelIndex& index, int role) const {
    if (!answer_ || !index.isValid()) return {};
    const auto row = static_cast<std::size_t>(index.row());
    const PlannedShot& s = answer_->plan.shots[row];
    const auto column = static_cast<Column>(index.column());
    if (role == Qt::DisplayRole) return textOf(row, column);
    if (role == chanceRole) {
        if (column == Green) return s.onGreen;
        if (column == Inside) return s.inside2m;
        if (column == Again) return s.chipAgain;
        return {};
    }
    const text::PlanSpeaker speaker(distances_);
    if (role == Qt::ToolTipRole && (column == Shot || column == Why)) {
        return text::tip(
            tr("%1\nSwing: %2 (%3)\n80 of 100 rest between %4 and %5\n%6 strokes, ± %7")
                .arg(textOf(row, Why),
                     s.height == Height::Putter
                         ? tr("putt")
                         : QString::fromStdString(words::swingSaid(s, speaker)),
                     distances_.units.speed(s.clubSpeed_mps), distances_.said(s.rest.low),
                     distances_.said(s.rest.high), text::number(s.strokes, 2),
                     text::number(halfOf80 * s.strokesError, 2)));
    }
    if (role == Qt::AccessibleTextRole && column == Shot) {
        return tr("%1: lands and runs %2, on the green %3 in 100, inside 2 m %4, chipping again "
                  "%5, %6 strokes: %7")
            .arg(textOf(row, Shot), textOf(row, Way), textOf(row, Green), textOf(row, Inside),
                 textOf(row, Again), textOf(row, Strokes), textOf(row, Why));
    }
    return {};
}

QVariant PlanModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
    switch (static_cast<Column>(section)) {
        case Shot:
            return tr("shot");
        case Way:
            return tr("lands · runs");
        case Green:
            return tr("on the green");
        case Inside:
            return tr("inside %1").arg(distances_.units.length(2.0, 1));
        case Again:
            return tr("chipping again");
        case Strokes:
            return tr("strokes");
        case Why:
            return tr("why");
        case columns:
            break;
    }
    return {};
}

PlanTable::PlanTable(QWidget* parent) : QTableView(parent), model_(new PlanModel(this)) {
    setModel(model_);
    setItemDelegate(new BarDelegate(this));
    setAccessibleName(tr("Shots to choose from"));
    setSelectionBehavior(QAbstractItemView::SelectRows);
    setSelectionMode(QAbstractItemView::SingleSelection);
    setShowGrid(false);
    setFrameShape(QFrame::NoFrame);
    setTabKeyNavigation(false);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    verticalHeader()->hide();
    verticalHeader()->setMinimumSectionSize(24);
    horizontalHeader()->setHighlightSections(false);
    horizontalHeader()->setSectionsClickable(false);
    horizontalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    connect(selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            &PlanTable::chosenChanged);
    connect(this, &QAbstractItemView::doubleClicked, this, &PlanTable::committed);
}

void PlanTable::show(const std::shared_ptr<const PlanAnswer>& answer, const Distances& distances) {
    // What was chosen stays chosen, as long as there is a shot like it.
    const PlannedShot* former = model_->shot(chosen());
    const std::optional<PlannedShot> was = former ? std::optional(*former) : std::nullopt;
    const bool first = chosen() <= 0;
    model_->show(answer, distances);
    int row = 0;
    for (int k = 0; was && !first && k < model_->rowCount(); ++k) {
        const PlannedShot& s = *model_->shot(k);
        if (s.height == was->height && s.club == was->club) {
            row = k;
            break;
        }
    }
    if (model_->rowCount() > 0) setCurrentIndex(model_->index(row, PlanModel::Shot));
    layOut();
}

void PlanTable::layOut() {
    const int room = viewport()->width();
    const std::array<double, PlanModel::columns> shares{0.235, 0.115, 0.11, 0.11, 0.12, 0.07, 0};
    int left = room;
    for (int k = 0; k < PlanModel::Why; ++k) {
        const int w = static_cast<int>(shares[static_cast<std::size_t>(k)] * room);
        setColumnWidth(k, w);
        left -= w;
    }
    setColumnWidth(PlanModel::Why, left);
    const int rows = std::max(model_->rowCount(), 4);
    const int height = std::clamp(viewport()->height() / rows, 24, 46);
    verticalHeader()->setDefaultSectionSize(height);
}

void PlanTable::resizeEvent(QResizeEvent* event) {
    QTableView::resizeEvent(event);
    layOut();
}

void PlanTable::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        emit committed();
        return;
    }
    QTableView::keyPressEvent(event);
}

}  // namespace wedgeon
