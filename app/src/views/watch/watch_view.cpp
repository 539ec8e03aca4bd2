// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Laying out Watch.
#include "views/watch/watch_view.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QStackedLayout>
#include <QStackedWidget>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>

#include "paper/paper.h"
#include "style/style.h"
#include "text/said.h"
#include "text/sentences.h"
#include "views/watch/chart_panel.h"
#include "views/watch/hit_bar.h"
#include "views/watch/live_bar.h"
#include "views/watch/seen_bar.h"
#include "views/watch/shot_notes.h"
#include "views/watch/shot_panel.h"
#include "views/watch/shot_stream.h"
#include "views/watch/shot_tracks.h"
#include "widgets/announce.h"
#include "widgets/elided_combo.h"
#include "widgets/panel.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr int announceAfter_ms = 400;

/// Holds a label of one line whose text changes often, without a layout: else each text would lay
/// the whole window out again.
class LineHolder : public QWidget {
public:
    explicit LineHolder(QLabel* label) : label_(label) {
        label_->setParent(this);
        setMinimumWidth(120);
        setFixedHeight(30);
    }

protected:
    void resizeEvent(QResizeEvent*) override { label_->setGeometry(rect()); }

private:
    QLabel* label_;
};

}  // namespace

WatchView::WatchView(Desk& desk, QWidget* parent)
    : View(desk, QStringLiteral("watch"), Stop::Watch, parent),
      shots_(desk.shots()),
      bench_(desk.bench()),
      log_(desk.log()),
      shown_(desk.shown()) {
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->setSpacing(0);
    live_ = new LiveBar(desk.link());
    whole->addWidget(live_);
    connect(live_, &LiveBar::newestWanted, this, &WatchView::followNewest);
    // Told to who does not see it, the newest of a flood only.
    announceSoon_.setSingleShot(true);
    announceSoon_.setInterval(announceAfter_ms);
    connect(&announceSoon_, &QTimer::timeout, this, [this] {
        if (shots_.rowCount() > 0)
            announce(*live_, shots_.index(0, 0).data(Qt::AccessibleTextRole).toString());
    });
    connect(&desk_.link(), &LiveLink::shotsArrived, &announceSoon_, qOverload<>(&QTimer::start));
    seen_ = new SeenBar(desk);
    whole->addWidget(seen_);
    connect(seen_, &SeenBar::done, this, &WatchView::takeFocus);
    auto* pages = new QWidget;
    whole->addWidget(pages, 1);
    pages_ = new QStackedLayout(pages);
    pages_->addWidget(makeEmpty());
    pages_->addWidget(makeList());
    // A filter may find its shots a moment later, in a thread of its own.
    connect(&shown_, &QAbstractItemModel::modelReset, this, [this] {
        const int again = shots_.rowOf(currentId_);
        choose(std::max(0, again >= 0 ? shown_.rowOfSource(again) : 0));
        refreshTitle();
        if (shown_.rowCount() == 0) showCurrent();
    });
    makeCommands();
}

QString WatchView::name() const {
    return tr("Watch");
}

void WatchView::makeCommands() {
    addCommand(
        tr("&Find shots"), QKeySequence::Find, [this] { filter_->setFocus(); }, Reach::Anywhere);
    addCommand(
        tr("Shots as &chart or stream"), QKeySequence(Qt::CTRL | Qt::Key_G),
        [this] { showChart(!showsChart()); }, Reach::Anywhere);
    addCommand(tr("Save the chart's &data…"), {}, [this] { saveChartData(); });
    addCommandSeparator();
    addCommand(tr("&Rename the session…"), QKeySequence(Qt::Key_F2), [this] { renameSession(); });
    addCommand(tr("&Move the shown shots to another session…"), {}, [this] { moveShown(); });
    addCommand(tr("&Give the shown shots to another player…"), {}, [this] { giveShown(); });
    addCommandSeparator();
    addCommand(tr("&Note a shot by eye"), Qt::Key_N, [this] { seen_->open(); });
    addCommand(tr("&Follow the newest shot"), Qt::Key_F, [this] { followNewest(); });
    addCommandSeparator();
    addCommand(tr("&Change one thing: the shot's set-up to the bench"), Qt::Key_C,
               [this] { changeOneThing(); });
    addCommand(
        tr("&Watch the next shots with the set-up in Shape"),
        QKeySequence(Qt::CTRL | Qt::Key_Return), [this] { watchTheChange(); }, Reach::Anywhere);
    addCommandSeparator();
    addCommand(tr("Set the shot &aside, or count it again"), Qt::Key_Delete,
               [this] { toggleAside(); });
    addCommand(tr("&Keep the shot: dismiss the doubt"), Qt::Key_K, [this] { keepDoubtful(); });
    addCommand(tr("&Tag the shot"), Qt::Key_T, [this] { panel_->notes().focusTags(); });
    addCommand(tr("Attach a &picture or clip…"), Qt::Key_P, [this] { attachFiles(); });
    addCommand(tr("Attach the &copied picture"), QKeySequence::Paste, [this] { attachCopied(); });
    addCommandSeparator();
    addCommand(tr("Take the shot as A to explain"), Qt::Key_A,
               [this] { takeForExplain(Comparison::A); });
    addCommand(tr("Take the shot as B to explain"), Qt::Key_B,
               [this] { takeForExplain(Comparison::B); });
    addCommand(tr("Take the shown shots as A"), QKeySequence(Qt::SHIFT | Qt::Key_A),
               [this] { takeShown(Comparison::A); });
    addCommand(tr("Take the shown shots as B"), QKeySequence(Qt::SHIFT | Qt::Key_B),
               [this] { takeShown(Comparison::B); });
    addCommand(tr("&Look for the cause of the shown shots"),
               QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_C), [this] { lookForCause(); });
}

void WatchView::followNewest() {
    // A filter may hide it.
    choose(0);
}

void WatchView::changeOneThing() {
    const int row = currentRow();
    if (row < 0) return;
    if (desk_.oneChange().take(row)) {
        emit viewWanted(QStringLiteral("shape"));
        emit said(tr("B is the set-up of shot %1. Change one thing; Ctrl+Return watches it.")
                      .arg(shots_.numberAt(row)),
                  QString());
    } else {
        emit failed(tr("No set-up was declared for shot %1, and none follows from what was read.")
                        .arg(shots_.numberAt(row)));
    }
}

void WatchView::watchTheChange() {
    desk_.oneChange().begin();
    desk_.link().setDeclares(true);
    takeFocus();
}

void WatchView::takeForExplain(Comparison::Side side) {
    const int row = currentRow();
    if (row < 0) return;
    desk_.comparison().take(side, row);
    emit said((side == Comparison::A ? tr("A is shot %1.") : tr("B is shot %1."))
                  .arg(shots_.numberAt(row)),
              QStringLiteral("explain"));
}

void WatchView::takeShown(Comparison::Side side) {
    if (shown_.rowCount() == 0) return;
    desk_.comparison().takeShown(side, filter_->text());
    const QString name = desk_.comparison().side(side)->name();
    emit said((side == Comparison::A ? tr("A is %1.") : tr("B is %1.")).arg(name),
              QStringLiteral("explain"));
}

void WatchView::lookForCause() {
    const int current = std::max(0, currentRow());
    if (current >= shots_.rowCount()) return;
    // Of one player and one day, as a complaint is, so that the days before are what is usual; of
    // all that is shown where that day has but a few.
    const store::Fallback fallback = desk_.bench().fallback();
    const std::string player = store::findPlayerName(shots_.recordAt(current), fallback);
    const auto dayOf = [this](int row) {
        return shots_.recordAt(row)[store::Label::Time].substr(0, 10);
    };
    const std::string day = dayOf(current);
    constexpr std::size_t few = 3;
    std::vector<std::int64_t> ofDay, all;
    for (int i = 0; i < shown_.rowCount(); ++i) {
        const int row = shown_.sourceRow(i);
        if (!shots_.loggedAt(row).setAside.empty() ||
            store::findPlayerName(shots_.recordAt(row), fallback) != player)
            continue;
        all.push_back(shots_.loggedAt(row).id);
        if (dayOf(row) == day) ofDay.push_back(all.back());
    }
    std::vector<std::int64_t> ids = ofDay.size() < few ? all : ofDay;
    if (ids.empty()) {
        emit failed(tr("All of these shots are set aside: there is none to look for a cause of."));
        return;
    }
    emit viewWanted(QStringLiteral("explain"));
    desk_.causes().setPattern(std::move(ids), player);
}

void WatchView::refresh(Desk::Parts parts) {
    if (parts & Desk::Records) fillSessions();
    if (parts & Desk::LogState) tellEmpty();
    if (parts & Desk::UnitsShown) {
        list_->viewport()->update();
        filter();
    }
    if (parts & Desk::Shots) {
        refreshList();
    } else if (parts & Desk::ShotNotes) {
        showCurrent();
    }
}

QWidget* WatchView::makeEmpty() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->addStretch(2);
    emptyTitle_ = new SentenceLabel(SentenceLabel::Rank::Sentence);
    emptyTitle_->setAlignment(Qt::AlignHCenter);
    tellEmpty();
    auto* how = new SentenceLabel(SentenceLabel::Rank::Why);
    how->setText(tr(
        "Open a file of shots from any launch monitor, or drop one on this window. The header must "
        "name its units, as in \"club speed [mph]\"."));
    how->setAlignment(Qt::AlignHCenter);
    auto* open = new QPushButton(tr("Open shots…"));
    open->setFont(style::font(15, QFont::Medium));
    connect(open, &QPushButton::clicked, this, &View::filesWanted);
    column->addWidget(emptyTitle_);
    column->addWidget(how);
    column->addSpacing(10);
    auto* listen = new QPushButton(tr("Listen to a launch monitor…"));
    listen->setFont(style::font(15, QFont::Medium));
    connect(listen, &QPushButton::clicked, this, &View::monitorWanted);
    auto* note = new QPushButton(tr("Note a shot by eye (N)"));
    note->setFont(style::font(15, QFont::Medium));
    connect(note, &QPushButton::clicked, this, [this] { seen_->open(); });
    column->addWidget(open, 0, Qt::AlignHCenter);
    column->addWidget(listen, 0, Qt::AlignHCenter);
    column->addWidget(note, 0, Qt::AlignHCenter);
    auto* simulated = new QPushButton(tr("Try it with the simulated launch monitor"));
    simulated->setFont(style::font(15, QFont::Medium));
    connect(simulated, &QPushButton::clicked, this, &View::simulatedWanted);
    column->addWidget(simulated, 0, Qt::AlignHCenter);
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
    title_ = new LineLabel(SentenceLabel::Rank::Title);
    title_->setObjectName(QStringLiteral("watchTitle"));
    filter_ = new QLineEdit;
    filter_->setPlaceholderText(tr("Show only…  lob  spin>6000"));
    filter_->setAccessibleName(tr("Show only shots with these words"));
    filter_->setToolTip(
        tr("Words: runa lob. Of one kind: wedge:54 lie:lush strike:fat tag:\"left foot\".\n"
           "Numbers in the units on screen: spin>6000 carry=30..40 attack<-5.\n"
           "Also is:doubtful, is:aside, is:counted. A minus in front turns one round."));
    filter_->setClearButtonEnabled(true);
    filter_->setMaxLength(200);
    filter_->setFixedWidth(230);
    session_ = new ElidedCombo;
    session_->setAccessibleName(tr("Session"));
    session_->setMaximumWidth(190);
    connect(session_, &QComboBox::activated, this, [this] { log_.load(chosenSession()); });
    chartButton_ = new QPushButton(tr("Chart"));
    chartButton_->setCheckable(true);
    chartButton_->setToolTip(tr("The shown shots as a chart, or as a stream (Ctrl+G)"));
    connect(chartButton_, &QPushButton::toggled, this, &WatchView::showChart);
    top->addWidget(new LineHolder(title_), 1);
    top->addWidget(session_);
    top->addWidget(filter_);
    top->addWidget(chartButton_);
    column->addLayout(top);
    faces_ = new QStackedWidget;
    auto* tracks = new QWidget;
    auto* lines = new QVBoxLayout(tracks);
    lines->setContentsMargins(0, 0, 0, 0);
    lines->setSpacing(2);
    lines->addWidget(new TracksHeader(shots_, bench_));

    list_ = new ShotStream(TracksDelegate::rowHeight);
    list_->setModel(&shown_);
    list_->setItemDelegate(new TracksDelegate(shots_, this));
    list_->setFrameShape(QFrame::NoFrame);
    list_->setAccessibleName(tr("Shots"));
    // The header's tracks must stay above the rows' tracks, with and without a scroll bar.
    list_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    lines->addWidget(list_, 1);
    chart_ = new ChartPanel(shots_, shown_, bench_);
    faces_->addWidget(tracks);
    faces_->addWidget(chart_);
    auto* toHit = new HitBar(desk_.wanted(), bench_);
    column->addWidget(toHit);
    column->addWidget(makeChangeLine());
    column->addWidget(faces_, 1);
    row->addWidget(stream, 1);

    panel_ = new ShotPanel(desk_);
    connect(panel_, &ShotPanel::failed, this, &View::failed);
    // What changes in the panel lays the panel out, not the window; and it scrolls where the window
    // is too low for it.
    auto* aside = new QScrollArea;
    aside->setWidget(panel_);
    aside->setWidgetResizable(true);
    aside->setFrameShape(QFrame::NoFrame);
    aside->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    aside->setFixedWidth(panel_->width());
    row->addWidget(aside);
    connect(&panel_->notes(), &ShotNotes::done, this, &WatchView::takeFocus);
    connect(chart_, &ChartPanel::chosen, this,
            [this](int source) { choose(shown_.rowOfSource(source)); });
    connect(chart_, &ChartPanel::stepped, this, [this](int by) {
        // To the right is later; the list has the newest first.
        choose(list_->currentIndex().row() - by);
    });

    connect(filter_, &QLineEdit::textChanged, this, &WatchView::filter);
    connect(&desk_, &Desk::shotsWanted, this, [this](const QString& wanted) {
        if (desk_.log().shown() != 0) desk_.log().load(0);
        filter_->setText(wanted);
    });
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            &WatchView::showCurrent);
    return page;
}

QWidget* WatchView::makeChangeLine() {
    auto* line = new QWidget;
    auto* row = new QHBoxLayout(line);
    row->setContentsMargins(16, 2, 0, 4);
    auto* words = new SentenceLabel(SentenceLabel::Rank::Body);
    words->setObjectName(QStringLiteral("changeWords"));
    words->setFont(style::font(14, QFont::Medium));
    auto* end = new QToolButton;
    end->setText(QStringLiteral("×"));
    end->setAutoRaise(true);
    end->setAccessibleName(tr("Compare with the shots before the change no longer"));
    end->setToolTip(end->accessibleName());
    connect(end, &QToolButton::clicked, &desk_.oneChange(), &OneChange::end);
    row->addWidget(words, 1);
    row->addWidget(end);
    const auto show = [this, line, words] {
        words->setText(desk_.oneChange().sentence());
        line->setVisible(desk_.oneChange().isOn());
    };
    connect(&desk_.oneChange(), &OneChange::changed, line, show);
    connect(&bench_, &Workbench::unitsChanged, line, show);
    show();
    return line;
}

void WatchView::filter() {
    shown_.setFilter(ShotFilter::parse(filter_->text(), bench_.units(), filterError_));
    refreshTitle();
}

void WatchView::tellEmpty() {
    emptyTitle_->setText(log_.state() == ShotLog::State::Opening ? tr("Opening the logbook…")
                                                                 : tr("No shots to watch yet."));
}

void WatchView::choose(int row) {
    if (row < 0 || row >= shown_.rowCount()) return;
    list_->setCurrentIndex(shown_.index(row));
}

void WatchView::showChart(bool chart) {
    chartButton_->setChecked(chart);
    faces_->setCurrentIndex(chart ? 1 : 0);
    chart_->setCurrent(currentRow());
    takeFocus();
}

QVariantMap WatchView::state() const {
    QVariantMap out = chart_->state();
    out[QStringLiteral("chart")] = showsChart();
    return out;
}

void WatchView::restore(const QVariantMap& state) {
    chart_->restore(state);
    if (state.value(QStringLiteral("chart")).toBool()) showChart(true);
}

bool WatchView::showsChart() const {
    return faces_->currentIndex() == 1;
}

void WatchView::takeFocus() {
    if (showsChart()) {
        chart_->setFocus();
    } else {
        list_->setFocus();
    }
}

void WatchView::refreshList() {
    pages_->setCurrentIndex(shots_.rowCount() == 0 ? 0 : 1);
    refreshTitle();
    // Who looks at the newest shot goes on to the next newest, unless something is being typed for
    // it; who looks at another stays there.
    const int former = shots_.rowOf(currentId_);
    const bool stays = former >= 0 && (!follows_ || panel_->notes().isBeingTyped());
    choose(stays ? std::max(0, shown_.rowOfSource(former)) : 0);
    showCurrent();
}

void WatchView::refreshTitle() {
    const int all = shots_.total();
    const int shown = shown_.isFiltered() ? shown_.rowCount() : all;
    title_->setText(!filterError_.isEmpty() ? filterError_
                    : shown == all ? tr("%1 from %2").arg(text::shots(all), shots_.source())
                    : shown == 0
                        ? tr("None of %1 is like this").arg(text::shots(all))
                        : tr("%1 of %2 from %3").arg(shown).arg(text::shots(all), shots_.source()));
    title_->setToolTip(text::tip(title_->text()));
}

void WatchView::showCurrent() {
    const int row = currentRow();
    if (row >= 0) {
        currentId_ = shots_.loggedAt(row).id;
        follows_ = row == 0;
        live_->setFollows(follows_);
    }
    panel_->show(row);
    chart_->setCurrent(row);
}

const store::LoggedShot* WatchView::current() const {
    const int row = currentRow();
    return row >= 0 ? &shots_.loggedAt(row) : nullptr;
}

int WatchView::currentRow() const {
    const QModelIndex index = list_->currentIndex();
    return index.isValid() && index.row() < shown_.rowCount() ? shown_.sourceRow(index.row()) : -1;
}

void WatchView::fillSessions() {
    const QSignalBlocker quiet(session_);
    const std::vector<store::Session>& all = log_.records().sessions;
    const auto same = [](const store::Session& a, const store::Session& b) {
        return a.id == b.id && a.title == b.title;
    };
    if (session_->count() == 0 ||
        !std::equal(all.begin(), all.end(), sessions_.begin(), sessions_.end(), same)) {
        sessions_ = all;
        session_->clear();
        QStringList names{tr("All sessions")};
        for (auto it = all.rbegin(); it != all.rend(); ++it)
            names << text::fromUtf8(it->title);
        session_->addItems(names);
    }
    const auto at = std::find_if(all.rbegin(), all.rend(),
                                 [this](const auto& s) { return s.id == log_.shown(); });
    session_->setCurrentIndex(at == all.rend() ? 0 : 1 + static_cast<int>(at - all.rbegin()));
}

std::int64_t WatchView::chosenSession() const {
    const int i = session_->currentIndex();
    if (i < 1 || i > static_cast<int>(sessions_.size())) return 0;
    return sessions_[sessions_.size() - static_cast<std::size_t>(i)].id;
}

void WatchView::toggleAside() {
    const store::LoggedShot* shot = current();
    if (!shot) return;
    // Where the program doubted it, the coach agrees with that reason.
    const auto doubts = shots_.doubtsAt(currentRow());
    const QString reason =
        text::fromUtf8(doubts.empty() ? store::coachKey : store::doubtKey(doubts.front().doubt));
    log_.setAside(*shot, shot->setAside.empty() ? reason : QString());
}

void WatchView::keepDoubtful() {
    const store::LoggedShot* shot = current();
    if (!shot) return;
    const auto doubts = shots_.doubtsAt(currentRow());
    if (!doubts.empty()) log_.dismiss(*shot, std::string(store::doubtKey(doubts.front().doubt)));
}

QString WatchView::asText() const {
    return showsChart() ? chart_->asText() : panel_->asText();
}

void WatchView::print(Paper& paper) {
    paper.title(name());
    printPicture(paper);  // the list of shots is no drawing
    paper.text(asText());
}

void WatchView::paintPicture(QPainter& painter, const QSize& size) {
    if (showsChart()) {
        chart_->paintOn(painter, size);
    } else {
        View::paintPicture(painter, size);
    }
}

}  // namespace wedgeon
