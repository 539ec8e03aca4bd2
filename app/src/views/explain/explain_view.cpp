// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Comparing, sharing out, saying it.
#include "views/explain/explain_view.h"

#include <QHBoxLayout>
#include <QStackedLayout>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <numeric>
#include <utility>

#include "drawings/dial_shape.h"
#include "drawings/flight_drawing.h"
#include "drawings/shares_drawing.h"
#include "style/style.h"
#include "text/quantity_help.h"
#include "text/sentences.h"
#include "views/explain/cause_page.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"
#include "widgets/attachment_strip.h"
#include "widgets/headline.h"
#include "widgets/panel.h"

namespace wedgeon {
namespace {

/// What is shared out, and the track that measures it.
constexpr std::array shared{ComparedShots::Compared{Outcome::LandingAngle, Track::Landing},
                            ComparedShots::Compared{Outcome::SpinRate, Track::Spin},
                            ComparedShots::Compared{Outcome::Release, Track::Release}};

// Smaller differences are none to a coach.
constexpr double sameAngle_rad = radFromDeg(1.0);
constexpr double sameSpin_radps = radpsFromRpm(150);
constexpr double sameRun_m = 0.3;

constexpr int mostSmallPictures = 5;

}  // namespace

ExplainView::ExplainView(Desk& desk, QWidget* parent)
    : View(desk, QStringLiteral("explain"), Stop::Explain, parent),
      bench_(desk.bench()),
      comparison_(desk.comparison()),
      worker_(&ExplainView::explainBoth, [this](const Answer& a) { answered(a); }) {
    byLanding_ = addCommand(tr("Why it s&topped"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_R),
                            [this] { share(); });
    byLanding_->setCheckable(true);
    byLanding_->setToolTip(
        tr("The release by what the ball landed with: speed, angle, spin, ground "
           "and slope (Ctrl+Shift+R)"));
    pages_ = new QStackedLayout(this);
    pages_->addWidget(makeEmpty());
    pages_->addWidget(makePage());
    cause_ = new CausePage(desk, makeSwitch());
    connect(cause_, &CausePage::viewWanted, this, &View::viewWanted);
    pages_->addWidget(cause_);
    showPage(Difference);
    connect(&desk.causes(), &CauseFinder::questioned, this, [this] { showPage(OfCause); });
    connect(&desk.comparison(), &Comparison::changed, this, [this] {
        // Another A or B was taken, to be looked at; the same may be predicted anew.
        std::vector<std::vector<std::int64_t>> taken;
        for (const Comparison::Side which : {Comparison::A, Comparison::B}) {
            const auto& side = comparison_.side(which);
            taken.push_back(side ? side->shotIds() : std::vector<std::int64_t>{});
        }
        if (std::exchange(taken_, taken) != taken) showPage(Difference);
    });
    addCommand(tr("S&wap A and B"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S),
               [this] { desk_.comparison().swap(); });
}

QString ExplainView::name() const {
    return tr("Explain");
}

QWidget* ExplainView::makeSwitch() {
    auto* both = new QWidget;
    auto* line = new QHBoxLayout(both);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(2);
    switches_.emplace_back();
    for (const auto& [page, name] :
         {std::pair(Difference, tr("A and B")), {OfCause, tr("Cause")}}) {
        auto* button = new QToolButton;
        button->setText(name);
        button->setCheckable(true);
        button->setAutoRaise(true);
        button->setFont(style::font(14, QFont::DemiBold));
        connect(button, &QToolButton::clicked, this, [this, page = page] { showPage(page); });
        switches_.back()[page] = button;
        line->addWidget(button);
    }
    return both;
}

void ExplainView::showPage(Page page) {
    page_ = page;
    for (const auto& buttons : switches_) {
        for (const Page p : {Difference, OfCause})
            buttons[p]->setChecked(p == page);
    }
    if (page == OfCause) {
        pages_->setCurrentIndex(2);
        cause_->refresh();
    } else {
        pages_->setCurrentIndex(comparison_.isComplete() ? 1 : 0);
    }
}

QVariantMap ExplainView::state() const {
    return {{QStringLiteral("page"),
             page_ == OfCause ? QStringLiteral("cause") : QStringLiteral("difference")}};
}

void ExplainView::restore(const QVariantMap& state) {
    showPage(state.value(QStringLiteral("page")).toString() == QStringLiteral("cause")
                 ? OfCause
                 : Difference);
}

void ExplainView::refresh(Desk::Parts parts) {
    if (parts & (Desk::Causes | Desk::UnitsShown)) cause_->refresh();
    // What stands in the strip is part of the question, and so is who is known.
    if (page_ == OfCause && (parts & (Desk::Givens | Desk::Records)) &&
        desk_.causes().hasQuestion() && !(parts & Desk::Causes))
        desk_.askCause();
    if (parts & (Desk::Compared | Desk::UnitsShown)) explainAgain();
    if (parts & (Desk::Compared | Desk::Records)) showPictures();
}

QWidget* ExplainView::makeEmpty() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(60, 0, 60, 0);
    column->addStretch(2);
    column->addWidget(makeSwitch(), 0, Qt::AlignLeft);
    emptyLine_ = new Headline(QStringLiteral("explainEmpty"));
    column->addWidget(emptyLine_);
    column->addStretch(3);
    return page;
}

QWidget* ExplainView::makePage() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(14, 12, 14, 12);
    column->setSpacing(12);
    auto* top = new Panel;
    auto* result = new QVBoxLayout(top);
    result->setContentsMargins(1, 10, 1, 1);
    headline_ = new Headline(QStringLiteral("explain"));
    auto* head = new QHBoxLayout;
    head->setContentsMargins(20, 0, 20, 0);
    head->addWidget(headline_, 1);
    head->addWidget(makeSwitch(), 0, Qt::AlignTop);
    result->addLayout(head);
    flight_ = new FlightDrawing(tr("Both flights"));
    result->addWidget(flight_, 1);
    auto* pictures = new QHBoxLayout;
    pictures->setContentsMargins(20, 0, 20, 0);
    pictures->setSpacing(30);
    for (AttachmentStrip*& strip : pictures_) {
        strip = new AttachmentStrip(desk_.attacher(), mostSmallPictures);
        connect(strip, &AttachmentStrip::failed, this, &View::failed);
        pictures->addWidget(strip);
    }
    pictures->addStretch(1);
    result->addLayout(pictures);
    column->addWidget(top, 10);
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    for (std::size_t i = 0; i < shared.size(); ++i) {
        const QString name = shapeOf(shared[i].outcome, bench_.units()).name;
        stairs_[i] = new SharesDrawing(tr("Shares: %1").arg(name));
        text::explains(*stairs_[i], text::helpOf(quantityOf(shared[i].track), bench_.units()).key);
        QToolButton* more = nullptr;
        if (shared[i].outcome == Outcome::Release) {
            more = new QToolButton;
            more->setDefaultAction(byLanding_);
            more->setAutoRaise(true);
            more->setFont(style::font(12, QFont::DemiBold));
            more->setMaximumHeight(22);
        }
        row->addWidget(titledPanel(name, tr("from A to B"), stairs_[i], more));
    }
    column->addLayout(row, 10);
    return page;
}

bool ExplainView::isGrouped() const {
    return a().isGroup() || b().isGroup();
}

ExplainView::Answer ExplainView::explainBoth(const Question& q) {
    std::array<Outcome, shared.size()> outcomes{};
    std::transform(shared.begin(), shared.end(), outcomes.begin(),
                   [](const auto& s) { return s.outcome; });
    return {compareShots(q.a, q.b, outcomes), findStopped(q)};
}

std::optional<ExplainView::Stopped> ExplainView::findStopped(const Question& q) {
    Stopped out;
    const auto isMeasured = [](const ComparedShots::Landed& l) { return l.release_m.has_value(); };
    out.measured = std::any_of(q.landedA.begin(), q.landedA.end(), isMeasured) &&
                   std::any_of(q.landedB.begin(), q.landedB.end(), isMeasured);
    const auto landingsOf = [&](const std::vector<ComparedShots::Landed>& all, double& mean) {
        std::vector<Landing> its;
        for (const ComparedShots::Landed& l : all) {
            if (out.measured && !l.release_m) continue;
            its.push_back(l.landing);
            mean += l.release_m.value_or(0.0);
        }
        mean /= std::max(1.0, static_cast<double>(its.size()));
        return its;
    };
    const auto a = landingsOf(q.landedA, out.from), b = landingsOf(q.landedB, out.to);
    const auto shares = shareRun(a, b);
    if (!shares) return std::nullopt;
    out.shares = *shares;
    if (!out.measured) {
        out.from = out.shares.from;
        out.to = out.shares.to;
    }
    return out;
}

bool ExplainView::isLong(const Question& q) {
    // Each cause that differs doubles the predictions: seven and more take longer than a turn may.
    constexpr std::size_t few = 6;
    const auto& from = q.a.front().causes;
    const auto& to = q.b.front().causes;
    return from && to && countDifferent(*from, *to) > few;
}

const OutcomeDifference* ExplainView::difference(Outcome outcome) const {
    const auto at = std::find_if(differences_.begin(), differences_.end(),
                                 [&](const auto& d) { return d.outcome == outcome; });
    return at == differences_.end() ? nullptr : &*at;
}

void ExplainView::explainAgain() {
    differences_.clear();
    stopped_.reset();
    worker_.forget();
    working_ = false;
    showPage(page_);
    if (!comparison_.isComplete()) {
        const QString have = comparison_.side(Comparison::A)   ? tr("A is %1. ").arg(a().name())
                             : comparison_.side(Comparison::B) ? tr("B is %1. ").arg(b().name())
                                                               : QString();
        if (comparison_.isWorking()) {
            emptyLine_->setTexts(tr("Working out what the shots by eye must have had…"), {});
            return;
        }
        emptyLine_->setTexts(
            tr("Two shots, or two groups, are needed to explain a difference."),
            have +
                tr("In Watch, choose a shot and press A; choose another and press B. For groups, "
                   "filter the shots and press Shift+A or Shift+B."));
        return;
    }
    Question question{a().compared(shared), b().compared(shared), a().landed(), b().landed()};
    if (isGrouped() || isLong(question)) {
        working_ = true;
        showResult();
        worker_.ask(std::move(question));
    } else {
        answered(explainBoth(question));
    }
}

void ExplainView::answered(const Answer& answer) {
    working_ = false;
    differences_ = answer.differences;
    stopped_ = answer.stopped;
    showResult();
}

void ExplainView::showPictures() {
    if (!comparison_.isComplete()) return;
    for (const Comparison::Side which : {Comparison::A, Comparison::B}) {
        std::vector<store::Attachment> its;
        for (const std::int64_t shot : comparison_.side(which)->shotIds()) {
            const auto more = desk_.log().records().attachmentsOf(shot);
            its.insert(its.end(), more.begin(), more.end());
        }
        pictures_[which]->show(its,
                               which == Comparison::A ? QStringLiteral("A") : QStringLiteral("B"));
    }
}

void ExplainView::showResult() {
    headline_->setTexts(sentence(), why());
    draw();
    share();
}

void ExplainView::draw() {
    FlightScene scene;
    scene.units = bench_.units();
    scene.fromAbove = true;
    for (const Comparison::Side which : {Comparison::A, Comparison::B}) {
        const ComparedShots& side = *comparison_.side(which);
        const WatchedShot* shot = side.typical();
        if (!shot) continue;
        const Prediction& p = *shot->prediction;
        const FlightScene::Path path = flightPath(p.trace, p.shot);
        if (which == Comparison::B) {
            scene.predicted = path;
            scene.shot = p.shot;
            scene.band = bandOf(p.spread);
            scene.letter = QStringLiteral("B");
            if (side.isGroup()) {
                scene.rests = side.rests();
            } else {
                scene.measuredCarry_m = shot->measured.carry_m;
                if (shot->measured.carry_m && shot->measured.release_m)
                    scene.measuredRest_m = *shot->measured.carry_m + *shot->measured.release_m;
            }
        } else {
            scene.others.push_back({QStringLiteral("A"), path});
        }
    }
    flight_->show(scene);
}

bool ExplainView::isSaid(Cause cause) const {
    const auto said = [&](store::Label label) { return a().says(label) || b().says(label); };
    if (cause == Cause::Friction)
        return said(store::Label::Ball) || said(store::Label::FaceCondition);
    return cause != Cause::Lie || said(store::Label::Lie);
}

void ExplainView::share() {
    for (std::size_t i = 0; i < shared.size(); ++i) {
        SharesDrawing::Stair stair;
        const OutcomeDifference* d = difference(shared[i].outcome);
        if (d && d->shares) {
            const auto shape = shapeOf(shared[i].outcome, bench_.units());
            stair.what = shape.name;
            stair.unit = shape.unit;
            stair.decimals = shape.decimals;
            const QString how = d->measured ? QString() : tr(" (predicted)");
            stair.fromName = tr("A  %1%2").arg(a().name(), how);
            stair.toName = tr("B  %1%2").arg(b().name(), how);
            stair.from = d->from * shape.factor;
            stair.to = d->to * shape.factor;
            for (std::size_t c = 0; c < causeCount; ++c) {
                const auto cause = static_cast<Cause>(c);
                const double part = d->shares->share[c] * shape.factor;
                const bool unknown = !isSaid(cause) && std::abs(part) < 1e-9;
                // Of what is the same on both sides only what nobody said needs a word.
                if (cause > Cause::FaceToPath && std::abs(part) < 1e-9 && !unknown) continue;
                stair.shares.append(
                    {text::cause(cause), part, d->shares->half[c] * shape.factor, false, unknown});
            }
            if (d->measured)
                stair.shares.append({tr("unexplained"), d->shares->rest * shape.factor,
                                     d->shares->halfRest * shape.factor, true, false});
            if (d->leftOut > 0)
                stair.note = tr("%n shot(s) left out: no reading, or no club data.", nullptr,
                                static_cast<int>(d->leftOut));
        }
        stairs_[i]->show(stair);
    }
    if (byLanding_->isChecked()) shareRelease();
}

void ExplainView::shareRelease() {
    SharesDrawing::Stair stair;
    if (stopped_) {
        const Stopped& s = *stopped_;
        const auto shape = shapeOf(Outcome::Release, bench_.units());
        stair.what = shape.name;
        stair.unit = shape.unit;
        stair.decimals = shape.decimals;
        const QString how = s.measured ? QString() : tr(" (predicted)");
        stair.fromName = tr("A  %1%2").arg(a().name(), how);
        stair.toName = tr("B  %1%2").arg(b().name(), how);
        stair.from = s.from * shape.factor;
        stair.to = s.to * shape.factor;
        const std::array names{tr("landing speed"), tr("landing angle"), tr("spin"), tr("ground"),
                               tr("slope")};
        for (std::size_t c = 0; c < runCauseCount; ++c) {
            if (c >= static_cast<std::size_t>(RunCause::Ground) &&
                std::abs(s.shares.share[c]) < 1e-9)
                continue;
            stair.shares.append({names[c], s.shares.share[c] * shape.factor,
                                 s.shares.half[c] * shape.factor, false, false});
        }
        if (s.measured) {
            const double rest = (s.to - s.from) - (s.shares.to - s.shares.from);
            const OutcomeDifference* d = difference(Outcome::Release);
            const double half = d && std::isfinite(d->halfDifference) ? d->halfDifference : 0.0;
            stair.shares.append(
                {tr("unexplained"), rest * shape.factor, half * shape.factor, true, false});
        }
        const double more = s.shares.toWithHalfSpin - s.shares.to;
        stair.note = (more < 0.0 ? tr("Landing so with half the spin, B would run %1 less.")
                                 : tr("Landing so with half the spin, B would run %1 farther."))
                         .arg(bench_.units().length(std::abs(more), 1));
    }
    stairs_.back()->show(stair);
}

QString ExplainView::sentence() const {
    if (working_) return tr("Comparing A with B…");
    const auto degreesWith = [](double value, double half) {
        return text::withSpread(degFromRad(value), degFromRad(half), degFromRad(half), 1.0, 1,
                                QStringLiteral("°"));
    };
    const auto lengthWith = [&](double value, double half) {
        const Units& u = bench_.units();
        return text::withSpread(value, half, half, u.lengthFactor(), 1, u.lengthName());
    };
    const auto rpmWith = [](double value, double half) { return text::rpm(value, half); };
    QStringList clear, unclear;
    /// \p open: what it is called where its interval tells neither that it differs nor that it
    /// does not.
    const auto tell = [&](Outcome outcome, double same, const QString& alike, const QString& less,
                          const QString& more, const QString& open, const auto& with) {
        const OutcomeDifference* d = difference(outcome);
        if (!d) return;
        const double by = d->difference(), half = d->halfDifference;
        if (d->isSame(same)) {
            clear << alike;
        } else if (d->isClear()) {
            clear << (by < 0 ? less : more).arg(with(std::abs(by), half));
        } else {
            unclear << open.arg(signedWith(shapeOf(outcome, bench_.units()), by, half));
        }
    };
    tell(Outcome::LandingAngle, sameAngle_rad, tr("landed at the same angle"),
         tr("came in %1 flatter"), tr("came in %1 steeper"), tr("landing angle (%1)"), degreesWith);
    tell(Outcome::Release, sameRun_m, tr("ran as far"), tr("ran %1 less"), tr("ran %1 farther"),
         tr("release (%1)"), lengthWith);
    tell(Outcome::SpinRate, sameSpin_radps, tr("had the same spin"), tr("had %1 less spin"),
         tr("had %1 more spin"), tr("spin (%1)"), rpmWith);
    if (clear.isEmpty() && unclear.isEmpty())
        return tr("A and B were not measured well enough to compare.");
    const auto listed = [](const QStringList& parts) {
        return parts.size() < 2
                   ? parts.join(QString())
                   : parts.mid(0, parts.size() - 1).join(tr(", ")) + tr(" and ") + parts.back();
    };
    if (clear.isEmpty())
        return tr("No clear difference between A and B in %1.").arg(listed(unclear));
    QString said = tr("B %1").arg(listed(clear));
    if (!unclear.isEmpty()) said += tr("; no clear difference in %1").arg(listed(unclear));
    return said + (isGrouped() ? tr(", on the average.") : QStringLiteral("."));
}

QString ExplainView::why() const {
    if (working_) return tr("Working out the causes…");
    const OutcomeDifference* run = difference(Outcome::Release);
    if (!run || !run->shares) {
        const bool any = std::any_of(differences_.begin(), differences_.end(),
                                     [](const auto& d) { return d.shares.has_value(); });
        return any ? tr("The release was not measured on both sides.")
                   : tr("The causes cannot be told apart: club data is missing for one of the "
                        "two.");
    }
    // The run is what surprises: its two weightiest causes.
    const auto& shares = *run->shares;
    std::vector<std::size_t> causes(causeCount);
    std::iota(causes.begin(), causes.end(), 0u);
    std::sort(causes.begin(), causes.end(), [&](std::size_t x, std::size_t y) {
        return std::abs(shares.share[x]) > std::abs(shares.share[y]);
    });
    const auto shape = shapeOf(Outcome::Release, bench_.units());
    const auto told = [&](std::size_t c) {
        return tr("%1 makes %2")
            .arg(text::cause(static_cast<Cause>(c)),
                 signedWith(shape, shares.share[c], shares.half[c]));
    };
    QString said = tr("Of the release, %1 and %2.").arg(told(causes[0]), told(causes[1]));
    const auto faceA = a().measured(store::Quantity::FaceToPath);
    const auto faceB = b().measured(store::Quantity::FaceToPath);
    if (faceA && faceB) {
        const auto face = [](const MeasuredMean& m) {
            return m.half80 > 0 ? text::sideDegrees(m.mean) + QStringLiteral("\u00a0±\u00a0") +
                                      text::degrees(m.half80)
                                : text::sideDegrees(m.mean);
        };
        said += tr(" Face to path: A %1, B %2.").arg(face(*faceA), face(*faceB));
    }
    if (isGrouped()) {
        return tr("A is %1, B is %2. ").arg(a().name(), b().name()) + said +
               tr(" ± holds 80 in 100 such groups.");
    }
    return said + tr(" ± is what a device reads wrong, 80 in 100.");
}

QVector<ReportPart> ExplainView::reportParts() const {
    QVector<ReportPart> parts = cause_->reportParts();
    if (!comparison_.isComplete()) return parts;
    ReportPart part{tr("What made the difference"), sentence(), why(), {}, {}};
    for (const store::Quantity q : {store::Quantity::Total, store::Quantity::Carry}) {
        const auto from = a().measured(q), to = b().measured(q);
        if (!from || !to) continue;
        part.worth_m = std::abs(to->mean - from->mean);
        break;
    }
    part.pictures << reportPicture(*flight_, 240);
    return parts << part;
}

QString ExplainView::asText() const {
    if (page_ == OfCause) return cause_->asText();
    if (!comparison_.isComplete()) return {};
    QStringList out{headline_->asText(), flight_->accessibleDescription()};
    for (const SharesDrawing* s : stairs_)
        out << s->accessibleDescription();
    return out.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
