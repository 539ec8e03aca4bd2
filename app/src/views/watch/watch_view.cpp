// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Laying out Watch.
#include "views/watch/watch_view.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSortFilterProxyModel>
#include <QStackedLayout>
#include <QVBoxLayout>

#include "style/style.h"
#include "views/watch/live_bar.h"
#include "views/watch/shot_panel.h"
#include "views/watch/shot_tracks.h"
#include "widgets/panel.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

/// Rows whose words hold every word that is typed.
class WordFilter : public QSortFilterProxyModel {
public:
    using QSortFilterProxyModel::QSortFilterProxyModel;
    void setWords(const QString& text) {
        words_ = text.simplified().split(QLatin1Char(' '), Qt::SkipEmptyParts);
        invalidateFilter();
    }

protected:
    bool filterAcceptsRow(int row, const QModelIndex& parent) const override {
        if (words_.isEmpty()) return true;
        const QString all =
            sourceModel()->index(row, 0, parent).data(WatchedShots::WordsRole).toString();
        return std::all_of(words_.begin(), words_.end(),
                           [&](const QString& w) { return all.contains(w, Qt::CaseInsensitive); });
    }

private:
    QStringList words_;
};

}  // namespace

WatchView::WatchView(WatchedShots& shots, Workbench& bench, ShotLog& log, LiveLink& link,
                     QWidget* parent)
    : QWidget(parent), shots_(shots), bench_(bench), log_(log) {
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->setSpacing(0);
    whole->addWidget(new LiveBar(link));
    auto* pages = new QWidget;
    whole->addWidget(pages, 1);
    pages_ = new QStackedLayout(pages);
    pages_->addWidget(makeEmpty());
    pages_->addWidget(makeList());
    connect(&shots_, &WatchedShots::shotsChanged, this, &WatchView::refresh);
    connect(&bench_, &Workbench::unitsChanged, list_->viewport(), qOverload<>(&QWidget::update));
    connect(&shots_, &QAbstractItemModel::dataChanged, this, &WatchView::showCurrent);
    connect(&log_, &ShotLog::sessionsChanged, this, &WatchView::fillSessions);
    connect(&log_, &ShotLog::loaded, this, &WatchView::fillSessions);
    fillSessions();
    refresh();
}

QWidget* WatchView::makeEmpty() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->addStretch(2);
    auto* title = new SentenceLabel(SentenceLabel::Rank::Sentence);
    title->setText(tr("No shots to watch yet."));
    title->setAlignment(Qt::AlignHCenter);
    auto* how = new SentenceLabel(SentenceLabel::Rank::Why);
    how->setText(tr(
        "Open a file of shots from any launch monitor, or drop one on this window. The header must "
        "name its units, as in \"club speed [mph]\"."));
    how->setAlignment(Qt::AlignHCenter);
    auto* open = new QPushButton(tr("Open shots…"));
    open->setFont(style::font(15, QFont::Medium));
    connect(open, &QPushButton::clicked, this, &WatchView::openRequested);
    column->addWidget(title);
    column->addWidget(how);
    column->addSpacing(10);
    auto* listen = new QPushButton(tr("Listen to a launch monitor…"));
    listen->setFont(style::font(15, QFont::Medium));
    connect(listen, &QPushButton::clicked, this, &WatchView::listenRequested);
    column->addWidget(open, 0, Qt::AlignHCenter);
    column->addWidget(listen, 0, Qt::AlignHCenter);
    column->addStretch(3);
    return page;
}

QWidget* WatchView::makeList() {
    auto* page = new QWidget;
    auto* row = new QHBoxLayout(page);
    row->setContentsMargins(14, 12, 14, 12);
    row->setSpacing(12);

    auto* stream = new Panel;
    auto* column = new QVBoxLayout(stream);
    column->setContentsMargins(1, 10, 8, 8);
    column->setSpacing(2);
    auto* top = new QHBoxLayout;
    top->setContentsMargins(15, 0, 8, 4);
    title_ = new SentenceLabel(SentenceLabel::Rank::Title);
    filter_ = new QLineEdit;
    filter_->setPlaceholderText(tr("Show only: player, wedge, lie, tag"));
    filter_->setAccessibleName(tr("Show only shots with these words"));
    filter_->setClearButtonEnabled(true);
    filter_->setMaxLength(100);
    filter_->setFixedWidth(210);
    session_ = new QComboBox;
    session_->setAccessibleName(tr("Session"));
    session_->setMaximumWidth(190);
    connect(session_, &QComboBox::activated, this,
            [this] { log_.load(session_->currentData().toLongLong()); });
    tags_ = new QLineEdit;
    tags_->setPlaceholderText(tr("Tags (T)"));
    tags_->setAccessibleName(tr("Tags of the chosen shot"));
    tags_->setMaxLength(100);
    tags_->setFixedWidth(120);
    connect(tags_, &QLineEdit::returnPressed, this, [this] {
        if (const store::LoggedShot* shot = current())
            log_.setTags(*shot, tags_->text().simplified());
        list_->setFocus();
    });
    top->addWidget(title_, 1);
    top->addWidget(session_);
    top->addWidget(tags_);
    top->addWidget(filter_);
    column->addLayout(top);
    column->addWidget(new TracksHeader(shots_, bench_));

    auto* filtered = new WordFilter(this);
    filtered->setSourceModel(&shots_);
    filtered_ = filtered;
    list_ = new QListView;
    list_->setModel(filtered_);
    list_->setItemDelegate(new TracksDelegate(shots_, this));
    list_->setUniformItemSizes(true);
    list_->setFrameShape(QFrame::NoFrame);
    list_->setAccessibleName(tr("Shots"));
    list_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    // The header's tracks must stay above the rows' tracks, with and without a scroll bar.
    list_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(list_, 1);
    row->addWidget(stream, 1);

    panel_ = new ShotPanel(shots_, bench_);
    row->addWidget(panel_);

    connect(filter_, &QLineEdit::textChanged, this, [this, filtered](const QString& text) {
        filtered->setWords(text);
        if (!list_->currentIndex().isValid() && filtered_->rowCount() > 0) {
            list_->setCurrentIndex(filtered_->index(0, 0));
        }
        refreshTitle();
        showCurrent();
    });
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            &WatchView::showCurrent);
    return page;
}

void WatchView::refresh() {
    pages_->setCurrentIndex(shots_.rowCount() == 0 ? 0 : 1);
    refreshTitle();
    if (filtered_->rowCount() > 0) list_->setCurrentIndex(filtered_->index(0, 0));
    showCurrent();
}

void WatchView::refreshTitle() {
    const int all = shots_.rowCount();
    const int shown = filtered_->rowCount();
    title_->setText(shown == all ? tr("%1 from %2").arg(text::shots(all), shots_.source())
                    : shown == 0
                        ? tr("None of %1 has these words").arg(text::shots(all))
                        : tr("%1 of %2 from %3").arg(shown).arg(text::shots(all), shots_.source()));
}

void WatchView::showCurrent() {
    const QModelIndex current = list_->currentIndex();
    panel_->show(current.isValid() ? filtered_->mapToSource(current).row() : -1);
    const store::LoggedShot* shot = this->current();
    if (!tags_->hasFocus())
        tags_->setText(shot ? text::fromUtf8(shot->record[store::Label::Tags]) : QString());
    tags_->setEnabled(shot);
}

const store::LoggedShot* WatchView::current() const {
    const QModelIndex index = list_->currentIndex();
    return index.isValid() ? &shots_.loggedAt(filtered_->mapToSource(index).row()) : nullptr;
}

int WatchView::currentRow() const {
    const QModelIndex index = list_->currentIndex();
    return index.isValid() ? filtered_->mapToSource(index).row() : -1;
}

void WatchView::fillSessions() {
    const QSignalBlocker quiet(session_);
    session_->clear();
    session_->addItem(tr("All sessions"), QVariant::fromValue<qlonglong>(0));
    const auto all = log_.sessions();
    for (auto it = all.rbegin(); it != all.rend(); ++it)
        session_->addItem(text::fromUtf8(it->title), QVariant::fromValue<qlonglong>(it->id));
    session_->setCurrentIndex(
        std::max(0, session_->findData(QVariant::fromValue<qlonglong>(log_.shown()))));
}

void WatchView::toggleAside() {
    const store::LoggedShot* shot = current();
    if (!shot) return;
    // Where the program doubted it, the coach agrees with that reason.
    const auto& doubts = shots_.doubtsAt(currentRow());
    const QString reason = doubts.empty() ? tr("by the coach")
                                          : text::fromUtf8(store::doubtWord(doubts.front().doubt));
    log_.setAside(*shot, shot->setAside.empty() ? reason : QString());
}

void WatchView::focusTags() {
    tags_->setFocus();
    tags_->selectAll();
}

QString WatchView::asText() const {
    return panel_->asText();
}
void WatchView::focusFilter() {
    filter_->setFocus();
}

void WatchView::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    list_->setFocus();
}

}  // namespace wedgeon
