// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Asking and telling.
#include "views/tune/tune_view.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <array>
#include <map>

#include "style/style.h"
#include "text/order.h"
#include "text/sentences.h"
#include "views/tune/tune_texts.h"
#include "wedgeon/error.h"
#include "widgets/headline.h"
#include "widgets/panel.h"
#include "widgets/sentence_label.h"

namespace wedgeon {

namespace {

/// Longer than this a person wonders what is going on.
constexpr int patience_ms = 400;
constexpr int tick_ms = 100;

SentenceLabel* bodyText(const QString& name) {
    auto* label = new SentenceLabel(SentenceLabel::Rank::Body);
    label->setObjectName(name);
    label->setFont(style::font(13));
    label->setContentsMargins(14, 0, 14, 6);
    label->setAlignment(Qt::AlignTop);
    return label;
}

bool isOfSetUp(const TuneEstimate& e) {
    return e.kind >= TuneEstimate::Kind::OpenOffset;
}

}  // namespace

TuneView::TuneView(Desk& desk, QWidget* parent)
    : View(desk, QStringLiteral("tune"), Stop::Tune, parent),
      shots_(desk.shots()),
      bench_(desk.bench()),
      log_(desk.log()),
      tuner_(desk.tuner()) {
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(14, 12, 14, 12);
    whole->addWidget(makePage());
    connect(&tuner_, &Tuner::tuned, this, &TuneView::show);
    connect(&tuner_, &Tuner::started, this, &TuneView::begin);
    connect(&tuner_, &Tuner::failed, this, [this](const QString& why) {
        followProgress();
        headline_->setTexts(tr("This could not be tuned."), why);
        again_->show();
    });
    tick_.setInterval(tick_ms);
    connect(&tick_, &QTimer::timeout, this, &TuneView::followProgress);
    connect(again_, &QPushButton::clicked, this, &TuneView::askSoon);
    addCommand(tr("&Stop tuning"), Qt::Key_Escape, [this] { cancel(); });
}

QString TuneView::name() const {
    return tr("Tune");
}

void TuneView::refresh(Desk::Parts parts) {
    if (parts & (Desk::Shots | Desk::ShotNotes)) {
        askSoon();
    } else if (parts & (Desk::Givens | Desk::Records)) {
        fillKept();
    }
    if ((parts & Desk::UnitsShown) && tuning_) show(tuning_);
}

QWidget* TuneView::makePage() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(12);
    auto* top = new Panel;
    auto* head = new QHBoxLayout(top);
    head->setContentsMargins(20, 10, 16, 10);
    headline_ = new Headline(QStringLiteral("tune"));
    head->addWidget(headline_, 1);
    player_ = new QComboBox;
    player_->setAccessibleName(tr("Player to tune to"));
    player_->setMinimumWidth(150);
    connect(player_, &QComboBox::activated, this, [this] {
        // Nobody's numbers stand under another's name.
        tuner_.cancel();
        begin();
        askSoon();
    });
    auto* side = new QVBoxLayout;
    side->setSpacing(6);
    side->addWidget(player_);
    side->addWidget(makeUse());
    side->addWidget(makeProgress());
    side->addStretch(1);
    head->addLayout(side);
    column->addWidget(top);
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    row->addWidget(makeLeft(), 13);
    row->addWidget(makeRight(), 10);
    column->addLayout(row, 1);
    return page;
}

QWidget* TuneView::makeProgress() {
    busy_ = new QWidget;
    auto* line = new QHBoxLayout(busy_);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(6);
    progress_ = new QProgressBar;
    progress_->setRange(0, 100);
    progress_->setAccessibleName(tr("Share of the tuning that is done"));
    auto* stop = new QPushButton(tr("Cancel"));
    stop->setToolTip(tr("Stop tuning (Esc)"));
    connect(stop, &QPushButton::clicked, this, &TuneView::cancel);
    again_ = new QPushButton(tr("Tune again"));
    again_->hide();
    line->addWidget(progress_, 1);
    line->addWidget(stop);
    busy_->hide();
    auto* both = new QWidget;
    auto* column = new QVBoxLayout(both);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(busy_);
    column->addWidget(again_);
    return both;
}

QWidget* TuneView::makeLeft() {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(2, 8, 2, 2);
    column->setSpacing(4);
    auto* line = new QHBoxLayout;
    line->setContentsMargins(10, 0, 14, 0);
    line->setSpacing(2);
    pageButtons_ = new QButtonGroup(this);
    const std::array names{tr("Found"), tr("Numbers"), tr("Shot by shot"), tr("Set-up and swings")};
    for (std::size_t i = 0; i < names.size(); ++i) {
        auto* button = new QToolButton;
        button->setText(names[i]);
        button->setCheckable(true);
        button->setAutoRaise(true);
        button->setFont(style::font(14, QFont::DemiBold));
        pageButtons_->addButton(button, static_cast<int>(i));
        line->addWidget(button);
    }
    auto* hint = new LineLabel(LineLabel::Rank::Why, LineLabel::WhenTight::LeftOut);
    hint->setFont(style::font(12));
    hint->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    line->addWidget(hint, 1);
    column->addLayout(line);
    pages_ = new QStackedWidget;
    estimates_ = new EstimatesDrawing(tr("Parameters"));
    fit_ = new FitDrawing(tr("Measured against predicted"));
    auto* swings = new QWidget;
    auto* below = new QVBoxLayout(swings);
    below->setContentsMargins(0, 0, 0, 0);
    setUps_ = new EstimatesDrawing(tr("What the set-up delivers"));
    setUps_->setMinimumHeight(140);
    below->addWidget(setUps_, 1);
    swings_ = bodyText(QStringLiteral("tuneSwings"));
    below->addWidget(swings_, 1);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setAccessibleName(tr("What was found"));
    scroll->viewport()->setAutoFillBackground(false);
    findings_ = new QWidget;
    new QVBoxLayout(findings_);
    scroll->setWidget(findings_);
    findings_->setAutoFillBackground(false);
    for (QWidget* w : {static_cast<QWidget*>(scroll), static_cast<QWidget*>(estimates_),
                       static_cast<QWidget*>(fit_), swings})
        pages_->addWidget(w);
    column->addWidget(pages_, 1);
    connect(pageButtons_, &QButtonGroup::idClicked, this,
            [this](int page) { showPage(static_cast<Page>(page)); });
    connect(pages_, &QStackedWidget::currentChanged, hint, [hint](int page) {
        hint->setText(page == Parameters || page == Swings
                          ? tr("dashed: before the shots; 80 in 100")
                          : QString());
    });
    showPage(Findings);
    return panel;
}

void TuneView::showPage(Page page) {
    pages_->setCurrentIndex(page);
    pageButtons_->button(page)->setChecked(true);
}

namespace {

const std::array pageKeys{QStringLiteral("findings"), QStringLiteral("parameters"),
                          QStringLiteral("fit"), QStringLiteral("swings")};

}  // namespace

QVariantMap TuneView::state() const {
    return {{QStringLiteral("page"), pageKeys[static_cast<std::size_t>(pages_->currentIndex())]}};
}

void TuneView::restore(const QVariantMap& state) {
    const auto at =
        std::find(pageKeys.begin(), pageKeys.end(), state.value(QStringLiteral("page")).toString());
    if (at != pageKeys.end()) showPage(static_cast<Page>(at - pageKeys.begin()));
}

QWidget* TuneView::makeRight() {
    auto* side = new QWidget;
    auto* right = new QVBoxLayout(side);
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(12);
    leftOut_ = new LeftOutDrawing(tr("Errors on days left out"));
    right->addWidget(
        titledPanel(tr("On days left out"), tr("mean error without misreads"), leftOut_), 8);
    auto* content = new QWidget;
    auto* column = new QVBoxLayout(content);
    column->setContentsMargins(0, 0, 0, 10);
    next_ = bodyText(QStringLiteral("tuneNext"));
    auto* scroll = new QScrollArea;
    scroll->setWidget(next_);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setAccessibleName(tr("Not known yet, and what to hit next"));
    scroll->viewport()->setAutoFillBackground(false);
    next_->setAutoFillBackground(false);
    column->addWidget(scroll, 1);
    hit_ = new QPushButton(tr("Hit these in Watch"));
    hit_->setToolTip(tr("Take the list to Watch, where shots are ticked off as they come in"));
    column->addWidget(hit_, 0, Qt::AlignHCenter);
    connect(hit_, &QPushButton::clicked, this, [this] {
        desk_.wanted().take(tuning_->player, tuning_->next.shots, shots_.shots());
        emit viewWanted(QStringLiteral("watch"));
    });
    right->addWidget(titledPanel(tr("Not known yet, and what to hit next"), QString(), content),
                     13);
    return side;
}

QWidget* TuneView::makeUse() {
    auto* row = new QWidget;
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(6);
    kept_ = new QComboBox;
    kept_->setAccessibleName(tr("Tuning in use"));
    kept_->setToolTip(tr("What every prediction for this player is made with"));
    kept_->setMinimumWidth(210);
    use_ = new QPushButton(tr("Use this"));
    use_->setToolTip(tr("Keep this tuning and predict with it, everywhere"));
    line->addWidget(kept_, 1);
    line->addWidget(use_);
    connect(use_, &QPushButton::clicked, this, &TuneView::use);
    connect(kept_, &QComboBox::activated, this,
            [this] { take(player_->currentData().toString(), kept_->currentData().toLongLong()); });
    return row;
}

void TuneView::fillKept() {
    const QSignalBlocker quiet(kept_);
    kept_->clear();
    kept_->addItem(tr("In use: untuned"), QVariant::fromValue<qlonglong>(0));
    const std::string player = player_->currentData().toString().toStdString();
    const store::Records& records = log_.records();
    const store::KeptTuning* inUse = records.tuningInUse(player);
    const auto its = records.tunings.find(player);
    if (its != records.tunings.end()) {
        for (const store::KeptTuning& t : its->second) {
            // Of a former model only what its laws have no part in is used.
            const bool former = t.tuning.model < Tuning::currentModel;
            kept_->addItem(
                (former ? tr("%1%2, %3 shots; former model, tune again") : tr("%1%2, %3 shots"))
                    .arg(inUse && inUse->id == t.id ? tr("In use: ") : tr("Of "),
                         text::day(t.made) + QLatin1Char(' ') + text::fromUtf8(t.made).mid(11, 5))
                    .arg(t.shots),
                QVariant::fromValue<qlonglong>(t.id));
            if (inUse && inUse->id == t.id) kept_->setCurrentIndex(kept_->count() - 1);
        }
    }
    kept_->setItemText(0, inUse ? tr("Untuned") : tr("In use: untuned"));
}

void TuneView::use() {
    if (!tuning_ || !tuning_->fit.isFitted()) return;
    store::KeptTuning kept;
    kept.tuning = store::makeTuning(tuning_->fit, tuning_->data, tuning_->player.toStdString());
    kept.made = log_.clock().local().toString(Qt::ISODate).toStdString();
    kept.program = WEDGEON_VERSION;
    kept.shots = tuning_->fit.strike.used + tuning_->fit.seen.used;
    for (std::size_t i = 0; i < tuning_->data.from.size(); ++i) {
        if (tuning_->fit.strike.weights[i] > 0.0 && tuning_->data.from[i] < shots_.shots().size())
            kept.shotIds.push_back(shots_.shots()[tuning_->data.from[i]].id);
    }
    for (const std::size_t from : tuning_->data.seenFrom) {
        if (tuning_->fit.seen.fitted && from < shots_.shots().size())
            kept.shotIds.push_back(shots_.shots()[from].id);
    }
    auto id = std::make_shared<std::int64_t>(0);
    log_.change([kept, id](store::Logbook& book) { *id = store::Tunings(book).keep(kept); },
                [desk = &desk_, id, player = tuning_->player] { desk->useTuning(player, *id); });
}

void TuneView::take(const QString& player, std::int64_t id) {
    if (!desk_.useTuning(player, id)) fillKept();
}

void TuneView::fillPlayers() {
    // Of very many shots, those of the newest are enough to know who there is.
    constexpr std::size_t mostLookedAt = 20'000;
    std::map<std::string, int> counts;
    const store::Fallback fallback = bench_.fallback();
    const ShotList& all = shots_.shots();
    for (std::size_t i = all.size() - std::min(all.size(), mostLookedAt); i < all.size(); ++i)
        ++counts[store::findPlayerName(all[i].record, fallback)];
    const QString former = player_->currentData().toString();
    const QSignalBlocker quiet(player_);
    player_->clear();
    QStringList names;
    for (const auto& [name, n] : counts)
        names << text::fromUtf8(name);
    for (const QString& name : text::inOrder(names))
        player_->addItem(text::playerName(name.toStdString()), name);
    int wanted = player_->findData(former);
    if (wanted < 0) wanted = player_->findData(bench_.state().playerName());
    player_->setCurrentIndex(std::max(0, wanted));
    player_->setVisible(player_->count() > 1);
}

void TuneView::askSoon() {
    fillPlayers();
    if (shots_.rowCount() == 0) {
        tuner_.cancel();
        clear();
        headline_->setTexts(tr("No shots to tune to yet."),
                            tr("Open a file of shots in Watch (Ctrl+O), or listen to a launch "
                               "monitor (Ctrl+L). Club and ball data are needed."));
        return;
    }
    // The fit starts from the priors, whatever is in use.
    const QString player = player_->currentData().toString();
    const store::Fallback fallback{{player.toStdString(), desk_.handOf(player), nullptr},
                                   bench_.state().conditions,
                                   bench_.fallback().everyone};
    tuner_.ask(shots_.snapshot(), fallback, player);
}

void TuneView::begin() {
    clear();
    headline_->setTexts(tr("Tuning to %1…").arg(player_->currentText()),
                        tr("Fitting, then predicting each day from the others."));
    since_.start();
    tick_.start();
}

void TuneView::clear() {
    tuning_.reset();
    use_->setEnabled(false);
    fillKept();
    again_->hide();
    hit_->hide();
    followProgress();
    showFindings();
    estimates_->show({});
    setUps_->show({});
    fit_->show({});
    leftOut_->show({});
    next_->clear();
    swings_->clear();
}

void TuneView::followProgress() {
    if (!tuner_.isWorking()) tick_.stop();
    busy_->setVisible(tuner_.isWorking() && since_.elapsed() > patience_ms);
    progress_->setValue(static_cast<int>(100 * tuner_.progress()));
}

void TuneView::cancel() {
    if (!tuner_.isWorking()) return;
    tuner_.cancel();
    followProgress();
    headline_->setTexts(tr("Stopped."), tr("Nothing was fitted; what is in use stays in use."));
    again_->show();
}

void TuneView::show(const std::shared_ptr<const PlayerTuning>& tuning) {
    tuning_ = tuning;
    followProgress();
    use_->setEnabled(tuning_->fit.isFitted());
    fillKept();
    const Units& units = bench_.units();
    headline_->setTexts(text::tuneSentence(*tuning_), text::tuneWhy(*tuning_));
    showFindings();
    showEstimates();
    fit_->show(text::fitContent(tuning_->residuals, units));
    leftOut_->show(text::leftOutRows(tuning_->fit.check, units),
                   tr("Nothing to leave out: that takes shots that were measured. What shots by "
                      "eye tell stands beside, with its intervals."));
    next_->setText(text::tuneNext(*tuning_, units).join(QLatin1Char('\n')));
    swings_->setText(text::tuneSwings(*tuning_, units).join(QLatin1Char('\n')));
    hit_->setVisible(!tuning_->next.shots.empty());
}

void TuneView::showFindings() {
    auto* column = static_cast<QVBoxLayout*>(findings_->layout());
    while (QLayoutItem* item = column->takeAt(0)) {
        if (item->widget()) item->widget()->deleteLater();
        delete item;
    }
    column->setContentsMargins(12, 4, 8, 8);
    column->setSpacing(6);
    const auto add = [&](const QString& text, const TuneFinding* f) {
        auto* row = new QWidget;
        auto* line = new QHBoxLayout(row);
        line->setContentsMargins(0, 0, 0, 0);
        auto* label = new SentenceLabel(SentenceLabel::Rank::Body);
        label->setObjectName(QStringLiteral("tuneFinding"));
        label->setFont(style::font(14));
        label->setText(text);
        line->addWidget(label, 1);
        if (f) {
            auto* show = new QToolButton;
            show->setText(tr("Show me"));
            show->setToolTip(tr("Its shots, in Watch"));
            const QString words = text::findingFilter(*f, tuning_->player);
            connect(show, &QToolButton::clicked, this, [this, words] {
                desk_.wantShots(words);
                emit viewWanted(QStringLiteral("watch"));
            });
            line->addWidget(show, 0, Qt::AlignTop);
        }
        column->addWidget(row);
    };
    if (tuning_) {
        for (const TuneFinding& f : tuning_->findings)
            add(text::finding(f, bench_.units()), &f);
        if (tuning_->fit.isFitted() && tuning_->findings.empty())
            add(tr("Nothing that these shots show is surely other than usual by as much as a coach "
                   "would speak of. The numbers are one page on."),
                nullptr);
    }
    column->addStretch(1);
}

void TuneView::showEstimates() {
    QVector<EstimatesDrawing::Row> rows;
    QVector<EstimatesDrawing::Row> setUps;
    for (const TuneEstimate& e : tuning_->fit.estimates())
        (isOfSetUp(e) ? setUps : rows) << text::estimateRow(e, tuning_->residuals);
    estimates_->show(rows);
    setUps_->show(setUps);
}

QVector<ReportPart> TuneView::reportParts() const {
    if (!tuning_ || !tuning_->fit.isFitted()) return {};
    ReportPart part{tr("What the shots say of the player"),
                    text::tuneSentence(*tuning_),
                    text::tuneWhy(*tuning_),
                    {},
                    {}};
    // What it moves the bench's shot by, where it is in use.
    const BenchState& tuned = bench_.state();
    if (tuned.player.tuning) {
        BenchState untuned = tuned;
        untuned.player.tuning = nullptr;
        try {
            part.worth_m = std::abs(tuned.predictor().shot(tuned.recipe()).total_m() -
                                    untuned.predictor().shot(tuned.recipe()).total_m());
        } catch (const RangeError&) {
            part.worth_m = 0.0;
        }
    }
    return {part};
}

QString TuneView::asText() const {
    QStringList parts{headline_->asText()};
    if (tuning_) {
        for (const TuneFinding& f : tuning_->findings)
            parts << text::finding(f, bench_.units());
    }
    for (const QWidget* drawing :
         {static_cast<const QWidget*>(estimates_), static_cast<const QWidget*>(setUps_),
          static_cast<const QWidget*>(fit_), static_cast<const QWidget*>(leftOut_)})
        parts << drawing->accessibleDescription();
    parts << swings_->text() << next_->text();
    parts.removeAll(QString());
    return parts.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
