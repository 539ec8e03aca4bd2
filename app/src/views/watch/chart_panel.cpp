// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Drawing the chart. The only file that sees the plotting library.
#include "views/watch/chart_panel.h"

#include <qcustomplot.h>

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMouseEvent>
#include <QVBoxLayout>
#include <array>
#include <cmath>
#include <utility>

#include "style/style.h"
#include "text/quantities.h"
#include "text/quantity_help.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

using store::Label;
using store::Quantity;

constexpr double pickRadius_px = 14.0;
constexpr std::size_t runningShots = 15;

// The boxes' data, which is remembered, too: a quantity by its key, a label by its own behind
// "by:"; what is neither is the order, or no groups.
const QString order = QStringLiteral("order");
const QString none = QStringLiteral("none");
const QString by = QStringLiteral("by:");

QString keyOf(Quantity q) {
    return text::fromUtf8(store::info(q).key);
}
QString keyOf(Label l) {
    return by + text::fromUtf8(store::labelKey(l));
}

/// Shapes that stay apart without colour.
QCPScatterStyle::ScatterShape shapeOf(std::size_t group) {
    constexpr std::array shapes{
        QCPScatterStyle::ssDiamond,  QCPScatterStyle::ssCircle,           QCPScatterStyle::ssSquare,
        QCPScatterStyle::ssTriangle, QCPScatterStyle::ssTriangleInverted, QCPScatterStyle::ssCross,
        QCPScatterStyle::ssPlus};
    return shapes[group % shapes.size()];
}

QColor colourOf(std::size_t group, const style::Colours& c) {
    const std::array colours{c.measured, c.predicted, c.ink, c.turf, c.warning, c.former, c.soft};
    return colours[group % colours.size()];
}

/// A scatter style as a picture of itself: many points are stamped much faster than drawn.
QCPScatterStyle stamped(QCPScatterStyle::ScatterShape shape, const QColor& colour, double size,
                        qreal ratio) {
    const int side = static_cast<int>(std::ceil(size)) + 4;
    QPixmap pixmap(static_cast<int>(side * ratio), static_cast<int>(side * ratio));
    pixmap.setDevicePixelRatio(ratio);
    pixmap.fill(Qt::transparent);
    QCPPainter p(&pixmap);
    p.setRenderHint(QPainter::Antialiasing);
    QCPScatterStyle drawn(shape, QPen(colour, 1.3), QBrush(colour), size);
    drawn.applyTo(&p, QPen(colour, 1.3));
    drawn.drawShape(&p, side / 2.0, side / 2.0);
    p.end();
    return QCPScatterStyle(pixmap);
}

}  // namespace

ChartPanel::ChartPanel(const WatchedShots& shots, const ShownShots& shown, const Workbench& bench,
                       QWidget* parent)
    : QWidget(parent), shots_(shots), shown_(shown), bench_(bench) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(15, 2, 8, 4);
    column->setSpacing(4);
    auto* row = new QWidget;
    makeBoxes(row);
    column->addWidget(row);
    words_ = new SentenceLabel(SentenceLabel::Rank::Why);
    words_->setFont(style::font(13));
    words_->setObjectName(QStringLiteral("chartSentence"));
    column->addWidget(words_);
    plot_ = new QCustomPlot;
    plot_->setLocale(QLocale());
    plot_->setFocusPolicy(Qt::StrongFocus);
    plot_->setAccessibleName(tr("Chart of the shown shots"));
    plot_->setMinimumHeight(200);
    plot_->legend->setVisible(false);
    plot_->installEventFilter(this);
    column->addWidget(plot_, 1);
    soon_.setSingleShot(true);
    soon_.setInterval(0);
    connect(&soon_, &QTimer::timeout, this, &ChartPanel::refresh);
    connect(&shown_, &ShownShots::shownChanged, this, &ChartPanel::refreshSoon);
    connect(&bench_, &Workbench::unitsChanged, this, &ChartPanel::refreshSoon);
    for (QComboBox* box : {up_, across_, groups_}) {
        connect(box, &QComboBox::currentIndexChanged, this, &ChartPanel::refresh);
    }
}

ChartPanel::~ChartPanel() = default;

QComboBox* ChartPanel::addBox(QWidget* row, const QString& name) {
    auto* label = new QLabel(name);
    auto* box = new QComboBox;
    box->setAccessibleName(name);
    label->setBuddy(box);
    row->layout()->addWidget(label);
    row->layout()->addWidget(box);
    return box;
}

void ChartPanel::makeBoxes(QWidget* row) {
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(6);
    up_ = addBox(row, tr("Up"));
    across_ = addBox(row, tr("Across"));
    groups_ = addBox(row, tr("Groups"));
    line->addStretch(1);
    across_->addItem(tr("Shot by shot"), order);
    groups_->addItem(tr("None"), none);
    const std::array byWords{std::pair(Label::Swing, tr("By swing")),
                             std::pair(Label::Wedge, tr("By wedge")),
                             std::pair(Label::Player, tr("By player")),
                             std::pair(Label::Ball, tr("By ball")),
                             std::pair(Label::FaceCondition, tr("By face condition")),
                             std::pair(Label::Lie, tr("By lie")),
                             std::pair(Label::Strike, tr("By strike")),
                             std::pair(Label::Tags, tr("By tags"))};
    for (const auto& [label, byIt] : byWords) {
        across_->addItem(byIt, keyOf(label));
        groups_->addItem(text::nameOf(label), keyOf(label));
    }
    across_->insertSeparator(across_->count());
    for (std::size_t q = 0; q < store::allQuantityCount; ++q) {
        const auto quantity = static_cast<Quantity>(q);
        up_->addItem(text::nameOf(quantity), keyOf(quantity));
        across_->addItem(text::nameOf(quantity), keyOf(quantity));
    }
    // F1 on either explains what it shows.
    for (QComboBox* box : {up_, across_}) {
        connect(box, &QComboBox::currentIndexChanged, this,
                [box] { text::explains(*box, box->currentData().toString()); });
    }
    up_->setCurrentIndex(up_->findData(keyOf(Quantity::SpinRate)));
}

QVariantMap ChartPanel::state() const {
    return {{QStringLiteral("up"), up_->currentData()},
            {QStringLiteral("across"), across_->currentData()},
            {QStringLiteral("groups"), groups_->currentData()}};
}

void ChartPanel::restore(const QVariantMap& state) {
    for (const auto& [box, name] :
         {std::pair(up_, QStringLiteral("up")), std::pair(across_, QStringLiteral("across")),
          std::pair(groups_, QStringLiteral("groups"))}) {
        const int i = box->findData(state.value(name).toString());
        if (i >= 0) box->setCurrentIndex(i);
    }
}

ChartChoice ChartPanel::choice() const {
    ChartChoice out;
    const auto labelIn = [](const QComboBox* box) -> std::optional<Label> {
        const QString key = box->currentData().toString();
        return key.startsWith(by) ? text::labelCalled(key.mid(by.size())) : std::nullopt;
    };
    const auto quantityIn = [](const QComboBox* box) {
        return text::quantityCalled(box->currentData().toString());
    };
    if (const auto up = quantityIn(up_)) out.up = *up;
    if (const auto label = labelIn(across_)) {
        out.across = *label;
    } else if (const auto quantity = quantityIn(across_)) {
        out.across = *quantity;
    }
    out.groups = labelIn(groups_);
    return out;
}

void ChartPanel::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void ChartPanel::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::PaletteChange && isVisible()) refresh();
}

void ChartPanel::refreshSoon() {
    if (isVisible() && !soon_.isActive()) soon_.start();
}

void ChartPanel::refresh() {
    if (!isVisible()) return;
    data_ = makeChart(shots_, shown_, choice(), bench_.units());
    words_->setText(chartSentence(data_, choice(), bench_.units()));
    plot_->setAccessibleDescription(words_->text());
    plot_->clearPlottables();
    plot_->clearItems();
    currentMark_ = nullptr;
    dress();
    drawGroups();
    drawMiddles();
    labelAxes();
    drawCurrent(false);
    plot_->replot(QCustomPlot::rpQueuedReplot);
}

void ChartPanel::dress() {
    const style::Colours& c = style::colours(palette());
    plot_->setBackground(QBrush(c.panel));
    for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
        axis->setBasePen(QPen(c.edge, 1));
        axis->setTickPen(QPen(c.edge, 1));
        axis->setSubTickPen(Qt::NoPen);
        axis->setTickLabelColor(c.ink);
        axis->setLabelColor(c.ink);
        axis->setTickLabelFont(style::font(12));
        axis->setLabelFont(style::font(13, QFont::Medium));
        axis->grid()->setPen(QPen(c.edge, 1, Qt::DotLine));
        axis->grid()->setZeroLinePen(QPen(c.edge, 1));
    }
    plot_->legend->setFont(style::font(12));
    plot_->legend->setTextColor(c.ink);
    plot_->legend->setBrush(QBrush(c.panel));
    plot_->legend->setBorderPen(Qt::NoPen);
    plot_->legend->setVisible(data_.groups.size() > 1);
    // Beside the points, never on them.
    if (plot_->plotLayout()->columnCount() < 2) {
        auto* beside = new QCPLayoutGrid;
        plot_->plotLayout()->addElement(0, 1, beside);
        beside->addElement(0, 0, plot_->legend);
        beside->addElement(1, 0, new QCPLayoutElement);
        beside->setRowStretchFactor(0, 0.001);
        plot_->plotLayout()->setColumnStretchFactor(1, 0.001);
    }
}

void ChartPanel::drawGroups() {
    const style::Colours& c = style::colours(palette());
    const auto fill = [&](const std::vector<ChartPoint>& points, const auto& wanted,
                          const QCPScatterStyle& scatter, const QString& name) {
        QVector<double> x, y;
        for (const ChartPoint& p : points) {
            if (!wanted(p)) continue;
            x << p.x;
            y << p.y;
        }
        QCPGraph* graph = plot_->addGraph();
        graph->setLineStyle(QCPGraph::lsNone);
        graph->setScatterStyle(scatter);
        graph->setName(name);
        graph->setData(x, y);
        if (name.isEmpty()) graph->removeFromLegend();
    };
    const qreal ratio = devicePixelRatioF();
    const double size = data_.points.size() > 2000 ? 5.0 : 8.0;
    fill(
        data_.aside, [](const ChartPoint&) { return true; },
        stamped(QCPScatterStyle::ssCross, c.former, 7.0, ratio), QString());
    for (std::size_t g = 0; g < data_.groups.size(); ++g) {
        fill(
            data_.points, [g](const ChartPoint& p) { return p.group == g; },
            stamped(shapeOf(g), colourOf(g, c), size, ratio), data_.groups[g]);
    }
}

void ChartPanel::drawMiddles() {
    const style::Colours& c = style::colours(palette());
    const auto line = [&](const QPen& pen) {
        QCPGraph* graph = plot_->addGraph();
        graph->setPen(pen);
        graph->removeFromLegend();
        return graph;
    };
    for (const ChartSpan& s : data_.spans) {
        const ChartMiddle& m = s.middle;
        if (m.shots < 3) continue;
        line(QPen(c.ink, 3))->setData({s.at - s.half, s.at + s.half}, {m.median, m.median});
        for (const double edge : {m.low, m.high})
            line(QPen(c.ink, 1))
                ->setData({s.at - 0.75 * s.half, s.at + 0.75 * s.half}, {edge, edge});
    }
    if (std::holds_alternative<ChartChoice::Order>(choice().across)) drawRunning();
}

/// The running median of each group: where the quantity goes, without the single shots.
void ChartPanel::drawRunning() {
    const style::Colours& c = style::colours(palette());
    for (std::size_t g = 0; g < data_.groups.size(); ++g) {
        std::vector<const ChartPoint*> its;
        for (const ChartPoint& p : data_.points) {
            if (p.group == g) its.push_back(&p);
        }
        if (its.size() < 2 * runningShots) continue;
        QVector<double> x, y;
        std::vector<double> window;
        const std::size_t step = std::max<std::size_t>(1, its.size() / 1000);
        for (std::size_t i = runningShots; i <= its.size(); i += step) {
            window.clear();
            for (std::size_t k = i - runningShots; k < i; ++k)
                window.push_back(its[k]->y);
            std::nth_element(window.begin(), window.begin() + runningShots / 2, window.end());
            x << its[i - 1 - runningShots / 2]->x;
            y << window[runningShots / 2];
        }
        QCPGraph* graph = plot_->addGraph();
        graph->setPen(QPen(data_.groups.size() > 1 ? colourOf(g, c) : c.ink, 2));
        graph->removeFromLegend();
        graph->setData(x, y);
    }
}

void ChartPanel::labelAxes() {
    const ChartChoice now = choice();
    plot_->yAxis->setLabel(text::axisName(now.up, bench_.units()));
    QSharedPointer<QCPAxisTicker> ticker(new QCPAxisTicker);
    if (const auto* q = std::get_if<Quantity>(&now.across)) {
        plot_->xAxis->setLabel(text::axisName(*q, bench_.units()));
    } else if (const auto* l = std::get_if<Label>(&now.across)) {
        plot_->xAxis->setLabel(text::nameOf(*l));
        QSharedPointer<QCPAxisTickerText> texts(new QCPAxisTickerText);
        for (int i = 0; i < data_.categories.size(); ++i)
            texts->addTick(i, data_.categories[i]);
        ticker = texts;
    } else {
        plot_->xAxis->setLabel(data_.days.size() > 1 ? tr("Shot by shot, from day to day")
                               : data_.days.size() == 1
                                   ? tr("Shot by shot, %1").arg(data_.days.front().second)
                                   : tr("Shot by shot"));
        if (data_.days.size() > 1) {
            QSharedPointer<QCPAxisTickerText> texts(new QCPAxisTickerText);
            const std::size_t every = 1 + data_.days.size() / 9;
            for (std::size_t i = 0; i < data_.days.size(); i += every)
                texts->addTick(data_.days[i].first, data_.days[i].second);
            ticker = texts;
        }
    }
    plot_->xAxis->setTicker(ticker);
    plot_->rescaleAxes();
    const auto widen = [](QCPAxis* axis) {
        const QCPRange r = axis->range();
        const double room = r.size() > 1e-9 ? 0.04 * r.size() : 0.5;
        axis->setRange(r.lower - room, r.upper + room);
    };
    widen(plot_->xAxis);
    widen(plot_->yAxis);
    if (!data_.categories.isEmpty())
        plot_->xAxis->setRange(-0.6, static_cast<double>(data_.categories.size()) - 0.4);
}

void ChartPanel::setCurrent(int row) {
    if (row == current_) return;
    current_ = row;
    if (isVisible() && !soon_.isActive()) drawCurrent(true);
}

void ChartPanel::drawCurrent(bool now) {
    const style::Colours& c = style::colours(palette());
    if (!currentMark_) {
        // On a layer of its own: choosing another shot repaints one ring, not all the points.
        if (!plot_->layer(QStringLiteral("current"))) {
            plot_->addLayer(QStringLiteral("current"));
            plot_->layer(QStringLiteral("current"))->setMode(QCPLayer::lmBuffered);
        }
        currentMark_ = plot_->addGraph();
        currentMark_->removeFromLegend();
        currentMark_->setLayer(QStringLiteral("current"));
        currentMark_->setLineStyle(QCPGraph::lsNone);
        currentMark_->setScatterStyle(
            QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(c.ink, 2), Qt::NoBrush, 16));
    }
    currentMark_->data()->clear();
    for (const auto* points : {&data_.points, &data_.aside}) {
        for (const ChartPoint& p : *points) {
            if (p.row == current_) currentMark_->addData(p.x, p.y);
        }
    }
    if (now) plot_->layer(QStringLiteral("current"))->replot();
}

void ChartPanel::pick(QPointF pixel) {
    double best = pickRadius_px * pickRadius_px;
    int row = -1;
    for (const auto* points : {&data_.points, &data_.aside}) {
        for (const ChartPoint& p : *points) {
            const double dx = plot_->xAxis->coordToPixel(p.x) - pixel.x();
            const double dy = plot_->yAxis->coordToPixel(p.y) - pixel.y();
            if (dx * dx + dy * dy >= best) continue;
            best = dx * dx + dy * dy;
            row = p.row;
        }
    }
    if (row >= 0) emit chosen(row);
}

bool ChartPanel::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::MouseButtonPress) {
        pick(static_cast<QMouseEvent*>(event)->position());
    } else if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Left || key == Qt::Key_Right) {
            emit stepped(key == Qt::Key_Left ? -1 : 1);
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

void ChartPanel::paintOn(QPainter& painter, const QSize& size) {
    // The library paints on its own painter; a picture of its commands keeps lines and text.
    QCPPainter own;
    QPicture picture;
    own.begin(&picture);
    own.setMode(QCPPainter::pmVectorized);
    plot_->toPainter(&own, size.width(), size.height());
    own.end();
    picture.play(&painter);
}

QString ChartPanel::asText() const {
    return words_->text();
}

QByteArray ChartPanel::asCsv() const {
    const ChartChoice now = choice();
    // A name that a spreadsheet would take for a formula is a text.
    const auto cell = [](QString s) {
        constexpr QLatin1String starts("=+-@\t\r");
        if (!s.isEmpty() && starts.contains(s.front())) s.prepend(QLatin1Char('\''));
        return QLatin1Char('"') + s.replace(QLatin1Char('"'), QStringLiteral("\"\"")) +
               QLatin1Char('"');
    };
    const auto number = [](double v) { return QString::number(v, 'g', 10); };
    const auto* quantity = std::get_if<Quantity>(&now.across);
    const auto* label = std::get_if<Label>(&now.across);
    const QString across = quantity ? text::axisName(*quantity, bench_.units())
                           : label  ? text::nameOf(*label)
                                    : tr("order");
    QStringList lines{QStringList{cell(tr("shot")), cell(across),
                                  cell(text::axisName(now.up, bench_.units())), cell(tr("group")),
                                  cell(tr("set aside"))}
                          .join(QLatin1Char(','))};
    for (const bool aside : {false, true}) {
        for (const ChartPoint& p : aside ? data_.aside : data_.points) {
            const QString at =
                label ? cell(text::fromUtf8(shots_.recordAt(p.row)[*label])) : number(p.x);
            lines << QStringList{QString::number(shots_.numberAt(p.row)), at, number(p.y),
                                 cell(data_.groups[p.group]),
                                 aside ? QStringLiteral("1") : QStringLiteral("0")}
                         .join(QLatin1Char(','));
        }
    }
    return lines.join(QLatin1Char('\n')).toUtf8() + '\n';
}

}  // namespace wedgeon
