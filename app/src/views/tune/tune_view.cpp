// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Asking and telling.
#include "views/tune/tune_view.h"

#include <QComboBox>
#include <QDateTime>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <cmath>
#include <map>

#include "style/style.h"
#include "text/sentences.h"
#include "views/tune/estimates_drawing.h"
#include "views/tune/left_out_drawing.h"
#include "wedgeon/store/error.h"
#include "wedgeon/units.h"
#include "widgets/headline.h"
#include "widgets/panel.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

using Kind = TuneEstimate::Kind;

QString percent(double factor) {
    return text::number(100 * (factor - 1), 0);
}

/// "range, worn, dry · short grass, dry": what shares a friction.
QString groupText(const TuneGroup& g) {
    return text::ballAndFace(g.ball, g.face).remove(TuneView::tr(" grooves")) +
           QStringLiteral(" · ") + text::lie(g.lie);
}

EstimatesDrawing::Row rowOf(const TuneEstimate& e) {
    EstimatesDrawing::Row r;
    double k = 1.0;
    switch (e.kind) {
        case Kind::Friction:
            r.name = TuneView::tr("Friction: %1").arg(groupText(e.group));
            r.decimals = 3;
            break;
        case Kind::TangentialRestitution:
            for (const NamedBall& b : namedBalls()) {
                if (b.ball == e.group.ball)
                    r.name = TuneView::tr("Spring: %1").arg(text::fromUtf8(b.text));
            }
            break;
        case Kind::Restitution0:
            r.name = TuneView::tr("Restitution");
            r.decimals = 3;
            break;
        case Kind::LoftBias:
        case Kind::AttackBias:
            r.name = e.kind == Kind::LoftBias ? TuneView::tr("Device's loft bias")
                                              : TuneView::tr("Device's attack bias");
            k = degFromRad(1.0);
            r.unit = QStringLiteral("°");
            r.decimals = 1;
            break;
        case Kind::GroundFirmness:
            r.name = TuneView::tr("Ground: firmness, times");
            break;
        case Kind::GroundFriction:
            r.name = TuneView::tr("Ground: friction, times");
            break;
        case Kind::GreenSpeed:
            r.name = TuneView::tr("Green speed, times");
            break;
        case Kind::AirDrag:
            r.name = TuneView::tr("Air: drag, times");
            break;
        case Kind::AirLift:
            r.name = TuneView::tr("Air: lift, times");
            break;
        case Kind::OpenOffset:
        case Kind::LeanOffset:
        case Kind::PathOffset:
            r.name = e.kind == Kind::OpenOffset   ? TuneView::tr("Opening: added")
                     : e.kind == Kind::LeanOffset ? TuneView::tr("Shaft lean: added")
                                                  : TuneView::tr("Path: farther right");
            k = degFromRad(1.0);
            r.unit = QStringLiteral("°");
            r.decimals = 1;
            break;
        case Kind::OpenFactor:
            r.name = TuneView::tr("Opening: times");
            break;
        case Kind::LeanFactor:
            r.name = TuneView::tr("Shaft lean: times");
            break;
        case Kind::BallOffset:
            r.name = TuneView::tr("Ball: farther forward, in balls");
            k = 1.0 / constants::ballWidth_m;
            break;
        case Kind::BallFactor:
            r.name = TuneView::tr("Ball: times");
            break;
    }
    r.value = e.value * k;
    r.low = e.low80 * k;
    r.high = e.high80 * k;
    r.prior = e.prior * k;
    r.priorLow = e.priorLow80 * k;
    r.priorHigh = e.priorHigh80 * k;
    r.known = e.identified;
    return r;
}

const TuneEstimate* estimateOf(const TuneResult& fit, Kind kind) {
    for (const TuneEstimate& e : fit.estimates) {
        if (e.kind == kind) return &e;
    }
    return nullptr;
}

}  // namespace

TuneView::TuneView(WatchedShots& shots, Workbench& bench, ShotLog& log, QWidget* parent)
    : QWidget(parent), shots_(shots), bench_(bench), log_(log) {
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(14, 12, 14, 12);
    whole->addWidget(makePage());
    connect(&tuner_, &Tuner::tuned, this, &TuneView::show);
    const auto again = [this] {
        stale_ = true;
        if (isVisible()) askSoon();
    };
    connect(&shots_, &WatchedShots::shotsChanged, this, again);
    connect(&shots_, &QAbstractItemModel::dataChanged, this, again);
    connect(&bench_, &Workbench::unitsChanged, this, [this] {
        if (tuning_) show(tuning_);
    });
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
        stale_ = true;
        askSoon();
    });
    auto* side = new QVBoxLayout;
    side->setSpacing(6);
    side->addWidget(player_);
    side->addWidget(makeUse());
    side->addStretch(1);
    head->addLayout(side);
    column->addWidget(top);
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    estimates_ = new EstimatesDrawing(tr("Parameters"));
    row->addWidget(
        titledPanel(tr("What the shots say"), tr("dashed: before them; 80 in 100"), estimates_),
        13);
    auto* right = new QVBoxLayout;
    right->setSpacing(12);
    leftOut_ = new LeftOutDrawing(tr("Errors on days left out"));
    right->addWidget(titledPanel(tr("On days left out"), QString(), leftOut_), 10);
    next_ = new SentenceLabel(SentenceLabel::Rank::Body);
    next_->setObjectName(QStringLiteral("tuneNext"));
    next_->setFont(style::font(13));
    next_->setContentsMargins(14, 0, 14, 6);
    next_->setAlignment(Qt::AlignTop);
    right->addWidget(titledPanel(tr("Not known yet, and what to hit next"), QString(), next_), 11);
    row->addLayout(right, 10);
    column->addLayout(row, 1);
    return page;
}

QWidget* TuneView::makeUse() {
    auto* row = new QWidget;
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(6);
    kept_ = new QComboBox;
    kept_->setAccessibleName(tr("Tuning in use"));
    kept_->setToolTip(tr("What every prediction for this player is made with"));
    kept_->setMinimumWidth(190);
    use_ = new QPushButton(tr("Use this"));
    use_->setToolTip(tr("Keep this tuning and predict with it, everywhere"));
    line->addWidget(kept_, 1);
    line->addWidget(use_);
    connect(use_, &QPushButton::clicked, this, &TuneView::use);
    connect(kept_, &QComboBox::activated, this,
            [this] { take(kept_->currentData().toLongLong()); });
    return row;
}

void TuneView::withTunings(const std::function<void(store::Tunings&)>& act) {
    try {
        store::Tunings tunings(log_.book());
        act(tunings);
    } catch (const store::StoreError& e) {
        emit failed(text::fromUtf8(e.what()));
    }
}

void TuneView::fillKept() {
    const QSignalBlocker quiet(kept_);
    kept_->clear();
    kept_->addItem(tr("In use: the priors"), QVariant::fromValue<qlonglong>(0));
    const std::string player = player_->currentData().toString().toStdString();
    withTunings([&](store::Tunings& tunings) {
        const auto inUse = tunings.inUse(player);
        for (const store::KeptTuning& t : tunings.of(player)) {
            kept_->addItem(tr("%1%2, %3 shots")
                               .arg(inUse && inUse->id == t.id ? tr("In use: ") : tr("Of "),
                                    text::fromUtf8(t.made).left(16).replace(QLatin1Char('T'),
                                                                            QLatin1Char(' ')))
                               .arg(t.shots),
                           QVariant::fromValue<qlonglong>(t.id));
            if (inUse && inUse->id == t.id) kept_->setCurrentIndex(kept_->count() - 1);
        }
        if (!inUse)
            kept_->setItemText(0, tr("In use: the priors"));
        else
            kept_->setItemText(0, tr("The priors"));
    });
}

void TuneView::use() {
    if (!tuning_ || !tuning_->fit.strike.refused.empty()) return;
    withTunings([&](store::Tunings& tunings) {
        store::KeptTuning kept;
        kept.tuning = tuning_->fit.tuning();
        kept.tuning.player = tuning_->player.toStdString();
        kept.made = QDateTime::currentDateTime().toString(Qt::ISODate).toStdString();
        kept.program = WEDGEON_VERSION;
        kept.shots = tuning_->fit.strike.used;
        for (std::size_t i = 0; i < tuning_->data.from.size(); ++i) {
            if (tuning_->fit.strike.weights[i] > 0.0)
                kept.shotIds.push_back(shots_.shots()[tuning_->data.from[i]].id);
        }
        take(tunings.keep(kept));
    });
}

void TuneView::take(std::int64_t id) {
    const QString player = player_->currentData().toString();
    withTunings([&](store::Tunings& tunings) {
        tunings.use(player.toStdString(), id);
        const auto inUse = tunings.inUse(player.toStdString());
        BenchState next = bench_.state();
        next.player = player;
        next.givens.tuning = inUse ? std::make_shared<const Tuning>(inUse->tuning) : nullptr;
        bench_.edit(next, inUse ? tr("use the tuning to %1").arg(player) : tr("use the priors"));
    });
    fillKept();
}

void TuneView::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    if (stale_) askSoon();
}

void TuneView::fillPlayers() {
    std::map<std::string, int> counts;
    for (const store::LoggedShot& s : shots_.shots())
        ++counts[s.record[store::Label::Player]];
    const QString former = player_->currentData().toString();
    const QSignalBlocker quiet(player_);
    player_->clear();
    for (const auto& [name, n] : counts)
        player_->addItem(name.empty() ? tr("no name") : text::fromUtf8(name), text::fromUtf8(name));
    int wanted = player_->findData(former);
    if (wanted < 0) wanted = player_->findData(bench_.state().player);
    player_->setCurrentIndex(std::max(0, wanted));
    player_->setVisible(player_->count() > 1);
}

void TuneView::askSoon() {
    stale_ = false;
    fillPlayers();
    tuning_.reset();
    use_->setEnabled(false);
    fillKept();
    if (shots_.rowCount() == 0) {
        tuner_.forget();
        headline_->setTexts(tr("No shots to tune to yet."),
                            tr("Open a file of shots in Watch (Ctrl+O), or listen to a launch "
                               "monitor (Ctrl+L). Club and ball data are needed."));
    } else {
        headline_->setTexts(tr("Tuning to %1…").arg(player_->currentText()),
                            tr("Fitting, then predicting each day from the others."));
        // The fit starts from the priors, whatever is in use.
        Givens fallback = bench_.state().givens;
        fallback.tuning.reset();
        tuner_.ask(shots_.shots(), fallback, player_->currentData().toString());
    }
    estimates_->show({});
    leftOut_->show({});
    next_->clear();
}

void TuneView::show(const std::shared_ptr<const PlayerTuning>& tuning) {
    tuning_ = tuning;
    use_->setEnabled(tuning_->fit.strike.refused.empty());
    fillKept();
    headline_->setTexts(sentence(), why());
    showEstimates();
    showLeftOut();
    showNext();
}

void TuneView::showEstimates() {
    QVector<EstimatesDrawing::Row> rows;
    for (const TuneEstimate& e : tuning_->fit.estimates())
        rows << rowOf(e);
    estimates_->show(rows);
}

void TuneView::showLeftOut() {
    const Units& u = bench_.units();
    struct Shape {
        QString name, unit;
        double factor;
        int decimals;
    };
    const std::array<Shape, tuneOutcomeCount> shapes{
        {{tr("launch"), QStringLiteral("°"), degFromRad(1.0), 1},
         {tr("spin"), tr("rpm"), rpmFromRadps(1.0), 0},
         {tr("landing"), QStringLiteral("°"), degFromRad(1.0), 1},
         {tr("carry"), u.lengthName(), u.lengthFactor(), 1},
         {tr("release"), u.lengthName(), u.lengthFactor(), 1}}};
    QVector<LeftOutDrawing::Row> rows;
    for (std::size_t o = 0; o < tuneOutcomeCount; ++o) {
        const auto& line = tuning_->check.lines[o];
        if (line.shots == 0) continue;
        const double k = shapes[o].factor;
        rows.append({shapes[o].name, shapes[o].unit, shapes[o].decimals, line.tuned * k,
                     line.prior * k, line.regression * k, 100 * line.coverage80});
    }
    leftOut_->show(rows);
}

void TuneView::showNext() {
    QStringList lines;
    for (const std::string& note : tuning_->fit.strike.notes)
        lines << text::fromUtf8(note);
    QStringList unknown;
    for (const TuneEstimate& e : tuning_->fit.estimates()) {
        if (!e.identified) unknown << rowOf(e).name.toLower();
    }
    if (!unknown.isEmpty())
        lines << tr("Little more than before is known of %1.").arg(unknown.join(tr("; ")));
    if (!tuning_->next.empty()) lines << tr("These shots would tell most:");
    for (std::size_t i = 0; i < tuning_->next.size() && i < 5; ++i) {
        const NextShot& n = tuning_->next[i];
        lines << tr("%1 × %2 with %3 of dynamic loft, %4 attack: %5")
                     .arg(n.times)
                     .arg(bench_.units().speed(n.delivery.clubSpeed_mps),
                          text::degrees(n.delivery.dynamicLoft_rad, 0),
                          text::attackDegrees(n.delivery.attack_rad), groupText(n.group));
    }
    next_->setText(lines.join(QLatin1Char('\n')));
}

QString TuneView::sentence() const {
    const TuneResult& fit = tuning_->fit.strike;
    if (!fit.refused.empty()) return tr("No tuning to %1 yet.").arg(player_->currentText());
    QStringList parts;
    const SpinSignature& s = fit.signature;
    const QString interval = tr("%1 to %2 %").arg(percent(s.low80), percent(s.high80));
    if (s.low80 > 1.0) {
        parts << tr("%1 % more friction than ball, face and lie explain (%2)")
                     .arg(percent(s.factor), interval);
    } else if (s.high80 < 1.0) {
        parts << tr("%1 % less friction than ball, face and lie explain (%2)")
                     .arg(text::number(100 * (1 - s.factor), 0), interval);
    } else {
        parts << tr("Friction as ball, face and lie explain (%1)").arg(interval);
    }
    if (const TuneEstimate* e = estimateOf(fit, Kind::LoftBias); e && e->low80 * e->high80 > 0) {
        parts << (e->value > 0 ? tr("the device reads %1 of loft too much")
                               : tr("the device reads %1 of loft too little"))
                     .arg(text::degrees(std::abs(e->value)));
    }
    if (const TuneEstimate* e = estimateOf(fit, Kind::AttackBias); e && e->low80 * e->high80 > 0) {
        parts << (e->value > 0 ? tr("and attack %1 too shallow") : tr("and attack %1 too steep"))
                     .arg(text::degrees(std::abs(e->value)));
    }
    return player_->currentText() + QStringLiteral(": ") + parts.join(tr(", ")) + QLatin1Char('.');
}

QString TuneView::why() const {
    const TuneResult& fit = tuning_->fit.strike;
    if (!fit.refused.empty()) return text::fromUtf8(fit.refused) + QLatin1Char('.');
    QString said =
        tr("From %1; readings scatter by %2 % in ball speed, %3 in launch, %4 % in spin.")
            .arg(text::shots(static_cast<qsizetype>(fit.used)),
                 text::number(100 * fit.speedNoise, 1), text::degrees(fit.launchNoise_rad),
                 text::number(100 * fit.spinNoise, 1));
    if (tuning_->data.setAside > 0)
        said += tr(" %1 set aside had no say.")
                    .arg(text::shots(static_cast<qsizetype>(tuning_->data.setAside)));
    if (tuning_->data.withoutClub > 0)
        said += tr(" %1 without club data.")
                    .arg(text::shots(static_cast<qsizetype>(tuning_->data.withoutClub)));
    return said;
}

QString TuneView::asText() const {
    return QStringList{headline_->asText(), estimates_->accessibleDescription(),
                       leftOut_->accessibleDescription(), next_->text()}
        .join(QLatin1Char('\n'));
}

}  // namespace wedgeon
