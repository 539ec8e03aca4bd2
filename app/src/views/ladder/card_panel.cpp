// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing, showing and handing out the card.
#include "views/ladder/card_panel.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QPrintPreviewDialog>
#include <QPrinter>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "drawings/drawing.h"
#include "paper/page.h"
#include "text/said.h"
#include "text/sentences.h"
#include "text/swing_text.h"
#include "widgets/file_dialogs.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr qsizetype mostClubs = 4;  // that can be read at arm's length

PocketCard makeCard(const LadderAnswer& answer, const Units& u, const QString& day, bool totals) {
    PocketCard out;
    const Ladder& ladder = answer.ladder;
    out.player = text::playerName(answer.player);
    out.withTotals = totals;
    out.foot = CardPanel::tr("%1 \u00b7 %2 \u00b7 %3")
                   .arg(u.lengthName(), day, text::shots(static_cast<qsizetype>(ladder.shots)));
    for (const SwingName& s : ladder.swings.swings) {
        out.swings << text::swingName(s.name);
        out.cells.emplace_back();
    }
    const auto number = [&](double m) { return text::number(m * u.lengthFactor(), 0); };
    for (std::size_t l = 0; l < ladder.lines.size() && out.clubs.size() < mostClubs; ++l) {
        const LadderLine& line = ladder.lines[l];
        if (line.way != Way::Plain) continue;
        out.clubs << text::lineName(ladder, l);
        for (auto& row : out.cells)
            row.emplace_back();
        for (std::size_t i = 0; i < line.rungs.size(); ++i) {
            const LadderRung& r = line.rungs[i];
            const RungPlayed& p = answer.plain[l][i];
            auto& cell = out.cells[static_cast<qsizetype>(r.swing)].back();
            cell.carry = number(r.carry_m);
            cell.spread =
                QStringLiteral("\u00b1 ") + number((r.shotsHigh80_m - r.shotsLow80_m) / 2);
            cell.total = p.plays ? number(p.total_m) : QString();
            cell.guess = r.predicted;
        }
    }
    if (answer.againstWind > 0.005)
        out.notes << CardPanel::tr("%1 against: %2 % less. Lush rough: %3 % less carry.")
                         .arg(u.speed(answer.windTried_mps),
                              text::number(100 * answer.againstWind, 0),
                              text::number(100 * answer.fromLush, 0));
    return out;
}

}  // namespace

/// The card as it comes out of the printer.
class CardPreview : public Drawing {
public:
    explicit CardPreview(const QString& name) : Drawing(name) { setMinimumSize(160, 110); }
    void show(const PocketCard& card, const QSizeF& size) {
        card_ = card;
        size_ = size;
        say(card_.asText());
        update();
    }

protected:
    void paint(QPainter& p, const style::Colours& c) override {
        const QSizeF fitted = size_.scaled(canvas() - QSizeF(8, 8), Qt::KeepAspectRatio);
        const QRectF room(QPointF((canvas().width() - fitted.width()) / 2,
                                  (canvas().height() - fitted.height()) / 2),
                          fitted);
        p.setPen(QPen(c.edge, 1));
        p.setBrush(Qt::white);
        p.drawRoundedRect(room, 5, 5);
        card_.paint(p, room);
    }

private:
    PocketCard card_;
    QSizeF size_;
};

CardPanel::CardPanel(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* title = new SentenceLabel(SentenceLabel::Rank::Title);
    title->setText(tr("Pocket card"));
    column->addWidget(title);
    auto* choices = new QHBoxLayout;
    choices->setSpacing(6);
    size_ = new QComboBox;
    size_->addItems({tr("A6"), tr("credit card")});
    size_->setAccessibleName(tr("Size of the card"));
    unitsOf_ = new QComboBox;
    unitsOf_->addItems({tr("as shown"), tr("m and yd")});
    unitsOf_->setAccessibleName(tr("Units of the card"));
    totals_ = new QToolButton;
    totals_->setText(tr("totals"));
    totals_->setToolTip(tr("With where the ball ends, beside what it carries"));
    totals_->setCheckable(true);
    for (QComboBox* box : {size_, unitsOf_})
        connect(box, &QComboBox::activated, this, &CardPanel::refresh);
    connect(totals_, &QToolButton::clicked, this, &CardPanel::refresh);
    choices->addWidget(size_);
    choices->addWidget(unitsOf_, 1);
    choices->addWidget(totals_);
    column->addLayout(choices);
    preview_ = new CardPreview(tr("The pocket card"));
    column->addWidget(preview_, 1);
    auto* out = new QHBoxLayout;
    out->setSpacing(4);
    const auto button = [&](const QString& text, const QString& hint, void (CardPanel::*act)()) {
        auto* b = new QToolButton;
        b->setText(text);
        b->setToolTip(hint);
        b->setAutoRaise(true);
        connect(b, &QToolButton::clicked, this, act);
        out->addWidget(b);
    };
    button(tr("Print…"), tr("The card, with a preview"), &CardPanel::print);
    button(tr("Save…"), tr("The card as PDF or SVG"), &CardPanel::save);
    out->addStretch(1);
    column->addLayout(out);
}

void CardPanel::show(std::shared_ptr<const LadderAnswer> answer, const Units& units,
                     const QString& day) {
    answer_ = std::move(answer);
    units_ = units;
    day_ = day;
    refresh();
}

void CardPanel::refresh() {
    preview_->show(card(units_), size_mm());
}

QSizeF CardPanel::size_mm() const {
    return PocketCard::size(static_cast<PocketCard::Size>(size_->currentIndex()));
}

PocketCard CardPanel::card(const Units& u) const {
    return answer_ ? makeCard(*answer_, u, day_, totals_->isChecked()) : PocketCard{};
}

QVector<PocketCard> CardPanel::cards() const {
    QVector<PocketCard> out{card(units_)};
    if (unitsOf_->currentIndex() == 1) {
        const bool metric = units_.system() == UnitSystem::Metric;
        out << card(Units(metric ? UnitSystem::Yards : UnitSystem::Metric));
    }
    return out;
}

void CardPanel::save() {
    if (!answer_) return;
    const QString player = text::playerName(answer_->player);
    const QString path = askForTarget(this, tr("Save the pocket card"), tr("Card (*.pdf *.svg)"),
                                      QStringLiteral("pdf"), player);
    if (path.isEmpty()) return;
    PageForm form;
    form.size_mm = size_mm();
    form.dotsPerInch = 300;
    form.title = player;
    QVector<PagePainter> pages;
    for (const PocketCard& one : cards())
        pages << [one](QPainter& p, const QRectF& room) { one.paint(p, room); };
    if (savePages(path, form, pages)) {
        emit saved(path);
    } else {
        emit failed(tr("The card could not be written to %1.").arg(path));
    }
}

void CardPanel::print() {
    if (!answer_) return;
    QPrinter printer(QPrinter::HighResolution);
    printer.setDocName(tr("Wedgeon: pocket card"));
    QPrintPreviewDialog dialog(&printer, this);
    dialog.setWindowTitle(tr("Print the pocket card"));
    connect(&dialog, &QPrintPreviewDialog::paintRequested, this, [this](QPrinter* device) {
        QPainter p(device);
        const double dots = device->resolution() / 25.4;
        bool first = true;
        for (const PocketCard& one : cards()) {
            if (!first) device->newPage();
            first = false;
            // In its own size, with a line to cut along.
            const QRectF room(QPointF(5, 5) * dots, size_mm() * dots);
            p.setPen(QPen(Qt::gray, 0.1 * dots));
            p.drawRect(room);
            one.paint(p, room);
        }
    });
    dialog.exec();
}

QString CardPanel::asText() const {
    return answer_ ? card(units_).asText() : QString();
}

QVariantMap CardPanel::state() const {
    return {{QStringLiteral("card"), size_->currentIndex()},
            {QStringLiteral("cardUnits"), unitsOf_->currentIndex()},
            {QStringLiteral("totals"), totals_->isChecked()}};
}

void CardPanel::restore(const QVariantMap& state) {
    const auto choose = [&](QComboBox* box, const char* key) {
        box->setCurrentIndex(
            std::clamp(state.value(QLatin1String(key)).toInt(), 0, box->count() - 1));
    };
    choose(size_, "card");
    choose(unitsOf_, "cardUnits");
    totals_->setChecked(state.value(QStringLiteral("totals")).toBool());
    refresh();
}

}  // namespace wedgeon
