// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Comparing, sharing out, saying it.
#include "views/explain/explain_view.h"

#include <QHBoxLayout>
#include <QStackedLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "drawings/dial_shape.h"
#include "drawings/flight_drawing.h"
#include "drawings/shares_drawing.h"
#include "text/sentences.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"
#include "widgets/attachment_strip.h"
#include "widgets/headline.h"
#include "widgets/panel.h"

namespace wedgeon {
namespace {

/// What is shared out, and the track that measures it.
struct Shared {
    Outcome outcome;
    Track track;
};
constexpr std::array shared{Shared{Outcome::LandingAngle, Track::Landing},
                            Shared{Outcome::SpinRate, Track::Spin},
                            Shared{Outcome::Release, Track::Release}};

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
    pages_ = new QStackedLayout(this);
    pages_->addWidget(makeEmpty());
    pages_->addWidget(makePage());
    addCommand(tr("S&wap A and B"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S),
               [this] { desk_.comparison().swap(); });
}

QString ExplainView::name() const {
    return tr("Explain");
}

void ExplainView::refresh(Desk::Parts parts) {
    if (parts & (Desk::Compared | Desk::UnitsShown)) explainAgain();
    if (parts & (Desk::Compared | Desk::Records)) showPictures();
}

QWidget* ExplainView::makeEmpty() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(60, 0, 60, 0);
    column->addStretch(2);
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
    head->addWidget(headline_);
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
        row->addWidget(titledPanel(name, tr("from A to B"), stairs_[i]));
    }
    column->addLayout(row, 10);
    return page;
}

bool ExplainView::isGrouped() const {
    return a().isGroup() || b().isGroup();
}

ExplainView::Answer ExplainView::explainBoth(const Question& q) {
    if (q.a.empty() || q.b.empty()) return std::nullopt;
    try {
        if (q.a.size() > 1 && q.b.size() > 1) return explainGroups(q.a, q.b);
        if (q.a.size() > 1 || q.b.size() > 1) {
            // A shot beside a group: as two groups, the one of equal shots.
            auto a = q.a;
            auto b = q.b;
            if (a.size() == 1) a.push_back(a.front());
            if (b.size() == 1) b.push_back(b.front());
            return explainGroups(a, b);
        }
        GroupExplanation one;
        one.mean = explain(q.a.front(), q.b.front());
        one.shotsA = one.shotsB = 1;
        return one;
    } catch (const RangeError&) {
        return std::nullopt;  // a mixture of the two is outside the model
    }
}

void ExplainView::explainAgain() {
    explained_.reset();
    worker_.forget();
    working_ = false;
    pages_->setCurrentIndex(comparison_.isComplete() ? 1 : 0);
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
    Question question{a().causes(), b().causes()};
    if (isGrouped() && !question.a.empty() && !question.b.empty()) {
        working_ = true;
        showResult();
        worker_.ask(std::move(question));
    } else {
        answered(explainBoth(question));
    }
}

void ExplainView::answered(const Answer& answer) {
    working_ = false;
    explained_ = answer;
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

void ExplainView::share() {
    for (std::size_t i = 0; i < shared.size(); ++i) {
        SharesDrawing::Stair stair;
        if (explained_) {
            const auto shape = shapeOf(shared[i].outcome, bench_.units());
            const auto o = static_cast<std::size_t>(shared[i].outcome);
            const auto readA = a().measured(shared[i].track);
            const auto readB = b().measured(shared[i].track);
            const bool measured = readA && readB;
            stair.what = shape.name;
            stair.unit = shape.unit;
            stair.decimals = shape.decimals;
            const QString how = measured ? QString() : tr(" (predicted)");
            stair.fromName = tr("A  %1%2").arg(a().name(), how);
            stair.toName = tr("B  %1%2").arg(b().name(), how);
            stair.from = (measured ? readA->mean : explained_->mean.from[o]) * shape.factor;
            stair.to = (measured ? readB->mean : explained_->mean.to[o]) * shape.factor;
            double left = stair.to - stair.from;
            for (std::size_t c = 0; c < causeCount; ++c) {
                const auto cause = static_cast<Cause>(c);
                const double part = explained_->mean(shared[i].outcome, cause) * shape.factor;
                left -= part;
                if (cause > Cause::BallAndLie && std::abs(part) < 1e-9) continue;
                stair.shares.append(
                    {text::cause(cause), part, explained_->half[o][c] * shape.factor, false});
            }
            if (measured) {
                const auto leftA = a().unexplained(shared[i].track);
                const auto leftB = b().unexplained(shared[i].track);
                const double half =
                    leftA && leftB ? std::hypot(leftA->half80, leftB->half80) * shape.factor : 0.0;
                stair.shares.append({tr("unexplained"), left, half, true});
            }
        }
        stairs_[i]->show(stair);
    }
}

QString ExplainView::sentence() const {
    const auto difference = [&](Track t) { return findDifference(a(), b(), t); };
    const bool grouped = isGrouped();
    QStringList parts;
    if (const auto d = difference(Track::Landing)) {
        const double by = std::abs(d->value);
        parts << (d->unclear() || by < sameAngle_rad ? tr("landed at the same angle")
                  : d->value < 0 ? tr("came in %1 flatter").arg(text::degrees(by))
                                 : tr("came in %1 steeper").arg(text::degrees(by)));
    }
    if (const auto d = difference(Track::Release)) {
        const QString by = bench_.units().length(std::abs(d->value), 1);
        parts << (d->unclear() || std::abs(d->value) < sameRun_m ? tr("ran as far")
                  : d->value > 0                                 ? tr("ran %1 farther").arg(by)
                                                                 : tr("ran %1 less").arg(by));
    }
    QString said = parts.isEmpty() ? tr("A and B were not measured well enough to compare")
                                   : tr("B %1").arg(parts.join(tr(" and ")));
    if (const auto d = difference(Track::Spin); d && !parts.isEmpty()) {
        said += d->unclear() || std::abs(d->value) < sameSpin_radps ? tr(" on the same spin")
                : d->value > 0 ? tr(" with %1 more spin").arg(text::rpm(d->value))
                               : tr(" with %1 less spin").arg(text::rpm(-d->value));
    }
    return said + (grouped && !parts.isEmpty() ? tr(", on the average.") : QStringLiteral("."));
}

QString ExplainView::why() const {
    if (working_) return tr("Working out the causes…");
    if (!explained_)
        return tr("The causes cannot be told apart: club data is missing for one of the two.");
    // The run is what surprises: its two weightiest causes.
    std::vector<std::pair<double, Cause>> parts;
    for (std::size_t c = 0; c < causeCount; ++c)
        parts.emplace_back(explained_->mean(Outcome::Release, static_cast<Cause>(c)),
                           static_cast<Cause>(c));
    std::sort(parts.begin(), parts.end(),
              [](const auto& x, const auto& y) { return std::abs(x.first) > std::abs(y.first); });
    const auto shape = shapeOf(Outcome::Release, bench_.units());
    const auto told = [&](const std::pair<double, Cause>& p) {
        const QString sign = p.first > 0 ? QStringLiteral("+") : QString();
        const double half = explained_->half[static_cast<std::size_t>(Outcome::Release)]
                                            [static_cast<std::size_t>(p.second)];
        const QString spread =
            half > 0 ? QStringLiteral(" ± ") + text::number(half * shape.factor, shape.decimals)
                     : QString();
        return tr("%1 makes %2").arg(text::cause(p.second), sign + shown(shape, p.first) + spread);
    };
    QString said = tr("Of the release, %1 and %2.").arg(told(parts[0]), told(parts[1]));
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
        said = tr("A is %1, B is %2. ").arg(a().name(), b().name()) + said +
               tr(" ± holds 80 in 100 such groups.");
    }
    return said;
}

QVector<ReportPart> ExplainView::reportParts() const {
    if (!comparison_.isComplete()) return {};
    ReportPart part{tr("What made the difference"), sentence(), why(), {}, {}};
    for (const store::Quantity q : {store::Quantity::Total, store::Quantity::Carry}) {
        const auto from = a().measured(q), to = b().measured(q);
        if (!from || !to) continue;
        part.worth_m = std::abs(to->mean - from->mean);
        break;
    }
    part.pictures << reportPicture(*flight_, 240);
    return {part};
}

QString ExplainView::asText() const {
    if (!comparison_.isComplete()) return {};
    QStringList out{headline_->asText(), flight_->accessibleDescription()};
    for (const SharesDrawing* s : stairs_)
        out << s->accessibleDescription();
    return out.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
