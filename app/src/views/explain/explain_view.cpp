// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Comparing, sharing out, saying it.
#include "views/explain/explain_view.h"

#include <QHBoxLayout>
#include <QStackedLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "text/sentences.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"
#include "widgets/dial_shape.h"
#include "widgets/flight_drawing.h"
#include "widgets/headline.h"
#include "widgets/panel.h"
#include "widgets/shares_drawing.h"

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

}  // namespace

ExplainView::ExplainView(WatchedShots& shots, Workbench& bench, QWidget* parent)
    : QWidget(parent), shots_(shots), bench_(bench) {
    pages_ = new QStackedLayout(this);
    pages_->addWidget(makeEmpty());
    pages_->addWidget(makePage());
    const auto again = [this] {
        // The strip's givens fill what the shots do not say themselves.
        for (auto& side : sides_) {
            if (side) side->watched = watch(side->shot.record, bench_.state().givens);
        }
        if (isVisible()) refresh();
    };
    connect(&bench_, &Workbench::givensChanged, this, again);
    connect(&bench_, &Workbench::unitsChanged, this, again);
    refresh();
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
    column->addWidget(top, 10);
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    for (std::size_t i = 0; i < shared.size(); ++i) {
        const QString name = shapeOf(shared[i].outcome, bench_.units()).name;
        stairs_[i] = new SharesDrawing(tr("Shares of the %1").arg(name.toLower()));
        row->addWidget(titledPanel(name, tr("from A to B"), stairs_[i]));
    }
    column->addLayout(row, 10);
    return page;
}

void ExplainView::take(int which, int row) {
    if (row < 0 || row >= shots_.rowCount()) return;
    const store::LoggedShot& shot = shots_.loggedAt(row);
    sides_[static_cast<std::size_t>(which)] = Side{shot, tr("shot %1").arg(shots_.numberAt(row)),
                                                   watch(shot.record, bench_.state().givens)};
    if (isVisible()) refresh();
}

void ExplainView::swap() {
    std::swap(sides_[0], sides_[1]);
    refresh();
}

void ExplainView::showEvent(QShowEvent* event) {
    refresh();
    QWidget::showEvent(event);
}

void ExplainView::refresh() {
    explained_.reset();
    const bool both = sides_[0] && sides_[1];
    pages_->setCurrentIndex(both ? 1 : 0);
    if (!both) {
        const QString have = sides_[0]   ? tr("A is %1. ").arg(sides_[0]->name)
                             : sides_[1] ? tr("B is %1. ").arg(sides_[1]->name)
                                         : QString();
        emptyLine_->setTexts(tr("Two shots are needed to explain a difference."),
                             have + tr("In Watch, choose a shot and press A; choose another and "
                                       "press B."));
        return;
    }
    const auto causes = [](const Side& s) -> std::optional<ShotCauses> {
        if (!s.watched.prediction || s.watched.fromLaunch) return std::nullopt;
        return causesOf(s.watched.prediction->shot, s.watched.givens.givens);
    };
    const auto a = causes(*sides_[0]);
    const auto b = causes(*sides_[1]);
    try {
        if (a && b) explained_ = explain(*a, *b);
    } catch (const RangeError&) {
        explained_.reset();  // a mixture of the two is outside the model
    }
    headline_->setTexts(sentence(), why());
    draw();
    share();
}

void ExplainView::draw() {
    FlightScene scene;
    scene.units = bench_.units();
    scene.fromAbove = true;
    for (std::size_t i = 0; i < 2; ++i) {
        const Side& side = *sides_[i];
        if (!side.watched.prediction) continue;
        const Prediction& p = *side.watched.prediction;
        const FlightScene::Path path = flightPath(p.trace, p.shot);
        if (i == 1) {
            scene.predicted = path;
            scene.shot = p.shot;
            scene.band = bandOf(p.spread);
            scene.letter = QStringLiteral("B");
            scene.measuredCarry_m = side.watched.measured.carry_m;
            if (side.watched.measured.carry_m && side.watched.measured.release_m)
                scene.measuredRest_m =
                    *side.watched.measured.carry_m + *side.watched.measured.release_m;
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
            const auto t = static_cast<std::size_t>(shared[i].track);
            const auto& readA = sides_[0]->watched.read[t];
            const auto& readB = sides_[1]->watched.read[t];
            const bool measured = readA && readB;
            stair.what = shape.name;
            stair.unit = shape.unit;
            stair.decimals = shape.decimals;
            const QString how = measured ? QString() : tr(" (predicted)");
            stair.fromName = tr("A  %1%2").arg(sides_[0]->name, how);
            stair.toName = tr("B  %1%2").arg(sides_[1]->name, how);
            stair.from = (measured ? *readA : explained_->from[o]) * shape.factor;
            stair.to = (measured ? *readB : explained_->to[o]) * shape.factor;
            double left = stair.to - stair.from;
            for (std::size_t c = 0; c < causeCount; ++c) {
                const auto cause = static_cast<Cause>(c);
                const double part = (*explained_)(shared[i].outcome, cause) * shape.factor;
                left -= part;
                if (cause > Cause::BallAndLie && std::abs(part) < 1e-9) continue;
                stair.shares.append({text::cause(cause), part, false});
            }
            if (measured) stair.shares.append({tr("unexplained"), left, true});
        }
        stairs_[i]->show(stair);
    }
}

QString ExplainView::sentence() const {
    const auto difference = [&](Track t) -> std::optional<double> {
        const auto i = static_cast<std::size_t>(t);
        const WatchedShot& a = sides_[0]->watched;
        const WatchedShot& b = sides_[1]->watched;
        if (a.read[i] && b.read[i]) return *b.read[i] - *a.read[i];
        if (a.expected[i] && b.expected[i]) return b.expected[i]->value - a.expected[i]->value;
        return std::nullopt;
    };
    QStringList parts;
    if (const auto d = difference(Track::Landing)) {
        parts << (std::abs(*d) < sameAngle_rad ? tr("landed at the same angle")
                  : *d < 0                     ? tr("came in %1 flatter").arg(text::degrees(-*d))
                                               : tr("came in %1 steeper").arg(text::degrees(*d)));
    }
    if (const auto d = difference(Track::Release)) {
        const QString by = bench_.units().length(std::abs(*d), 1);
        parts << (std::abs(*d) < sameRun_m ? tr("ran as far")
                  : *d > 0                 ? tr("ran %1 farther").arg(by)
                                           : tr("ran %1 less").arg(by));
    }
    QString said = parts.isEmpty() ? tr("A and B were not measured well enough to compare")
                                   : tr("B %1").arg(parts.join(tr(" and ")));
    if (const auto d = difference(Track::Spin); d && !parts.isEmpty()) {
        said += std::abs(*d) < sameSpin_radps ? tr(" on the same spin")
                : *d > 0                      ? tr(" with %1 more spin").arg(text::rpm(*d))
                                              : tr(" with %1 less spin").arg(text::rpm(-*d));
    }
    return said + QLatin1Char('.');
}

QString ExplainView::why() const {
    if (!explained_)
        return tr("The causes cannot be told apart: club data is missing for one of the two.");
    // The run is what surprises: its two weightiest causes.
    std::vector<std::pair<double, Cause>> parts;
    for (std::size_t c = 0; c < causeCount; ++c)
        parts.emplace_back((*explained_)(Outcome::Release, static_cast<Cause>(c)),
                           static_cast<Cause>(c));
    std::sort(parts.begin(), parts.end(),
              [](const auto& x, const auto& y) { return std::abs(x.first) > std::abs(y.first); });
    const auto shape = shapeOf(Outcome::Release, bench_.units());
    const auto told = [&](const std::pair<double, Cause>& p) {
        const QString sign = p.first > 0 ? QStringLiteral("+") : QString();
        return tr("%1 makes %2").arg(text::cause(p.second), sign + shown(shape, p.first));
    };
    return tr("Of the release, %1 and %2.").arg(told(parts[0]), told(parts[1]));
}

QString ExplainView::asText() const {
    if (!sides_[0] || !sides_[1]) return {};
    QStringList out{headline_->asText(), flight_->accessibleDescription()};
    for (const SharesDrawing* s : stairs_)
        out << s->accessibleDescription();
    return out.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
