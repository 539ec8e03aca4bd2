// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing, judging, editing and keeping recipes.
#include "views/shape/recipe_page.h"

#include <QComboBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <cmath>

#include "drawings/dial_shape.h"
#include "style/style.h"
#include "text/schools.h"
#include "text/swing_text.h"
#include "views/shape/number_row.h"
#include "wedgeon/error.h"
#include "wedgeon/units.h"
#include "widgets/attachment_strip.h"
#include "widgets/file_dialogs.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr int mostSmallPictures = 5;

/// The result whose unit and decimals a measure of a school is shown with.
QString shownMeasure(Measure measure, double si, const Units& units) {
    const auto as = [&](Outcome o) { return shown(shapeOf(o, units), si); };
    const auto mm = [&] { return text::number(1000 * si, 1) + QStringLiteral("\u00a0mm"); };
    switch (measure) {
        case Measure::Attack:
            return as(Outcome::Attack);
        case Measure::Launch:
            return as(Outcome::LaunchAngle);
        case Measure::StartLine:
            return as(Outcome::LaunchDirection);
        case Measure::Spin:
            return text::rpm(si);
        case Measure::SpinAxis:
            return as(Outcome::SpinAxis);
        case Measure::Apex:
            return as(Outcome::Apex);
        case Measure::LandingAngle:
            return as(Outcome::LandingAngle);
        case Measure::Release:
            return as(Outcome::Release);
        case Measure::ClubSpeed:
            return units.speed(si);
        case Measure::DynamicLoft:
            return as(Outcome::DynamicLoft);
        case Measure::FaceAngle:
            return as(Outcome::FaceAngle);
        case Measure::Room:
        case Measure::LeadingEdge:
            return mm();
    }
    return {};
}

/// How much of it follows, with its 80 % interval where it is not exact.
QString effect(const Consequence& c, const Units& units) {
    const QString size = shownMeasure(c.claim.measure, std::abs(c.here - c.against), units);
    return c.half > 0.0
               ? RecipePage::tr("%1 ± %2").arg(size, shownMeasure(c.claim.measure, c.half, units))
               : size;
}

QString verdictWords(Verdict v) {
    switch (v) {
        case Verdict::Follows:
            return RecipePage::tr("follows here");
        case Verdict::NoChange:
            return RecipePage::tr("makes no difference here");
        case Verdict::Opposite:
            return RecipePage::tr("the opposite follows here");
    }
    return {};
}

QString verdictMark(Verdict v) {
    return v == Verdict::Follows    ? QStringLiteral("\u25cf ")
           : v == Verdict::NoChange ? QStringLiteral("\u25cb ")
                                    : QStringLiteral("\u25b2 ");
}

template <class Enum>
QComboBox* makeChoice(Workbench& bench, const QString& name, const QStringList& texts,
                      Enum Recipe::*member) {
    auto* box = new QComboBox;
    box->addItems(texts);
    box->setAccessibleName(name);
    const auto follow = [&bench, box, member] {
        const QSignalBlocker quiet(box);
        box->setCurrentIndex(static_cast<int>(bench.state().recipe().*member));
    };
    const QString step = RecipePage::tr("change: %1").arg(name);
    QObject::connect(box, &QComboBox::currentIndexChanged, &bench, [&bench, step, member](int i) {
        BenchState next = bench.state();
        next.recipe().*member = static_cast<Enum>(i);
        bench.edit(next, step);
    });
    QObject::connect(&bench, &Workbench::changed, box, follow);
    follow();
    return box;
}

}  // namespace

RecipePage::RecipePage(Desk& desk, QWidget* parent)
    : DrawerPage(desk.bench(), tr("Recipes"), parent), desk_(desk), book_(desk.recipes()) {
    makeStart();
    makeSchool();
    makeKeep();
    makeSetUp();
    content()->addStretch(1);
    connect(&book_, &RecipeBook::changed, this, [this] {
        fillStarts();
        refresh();
    });
    fillStarts();
}

void RecipePage::makeStart() {
    addTitle(tr("Start from"));
    start_ = new QComboBox;
    start_->setAccessibleName(tr("Start from"));
    content()->addWidget(start_);
    auto* row = new QHBoxLayout;
    take_ = new QPushButton(tr("Put it on the bench"));
    beside_ = new QPushButton(tr("Beside the present one"));
    row->addWidget(take_);
    row->addWidget(beside_);
    row->addStretch(1);
    content()->addLayout(row);
    attach_ = new QPushButton(tr("Picture…"));
    attach_->setToolTip(tr("Attaches pictures or clips to the recipe above, when it is your own"));
    row->addWidget(attach_);
    pictures_ = new AttachmentStrip(desk_.attacher(), mostSmallPictures);
    content()->addWidget(pictures_);
    connect(attach_, &QPushButton::clicked, this, &RecipePage::attach);
    connect(pictures_, &AttachmentStrip::failed, this, &RecipePage::failed);
    connect(&desk_.log(), &ShotLog::recordsChanged, this, &RecipePage::showPictures);
    connect(start_, &QComboBox::currentIndexChanged, this, &RecipePage::showPictures);
    connect(start_, &QComboBox::currentIndexChanged, this, &RecipePage::showSchool);
    connect(take_, &QPushButton::clicked, this, [this] { take(false); });
    connect(beside_, &QPushButton::clicked, this, [this] { take(true); });
}

std::string RecipePage::ownRecipe() const {
    const NamedRecipe* s = selected();
    return s && start_->currentIndex() >= static_cast<int>(schools().size()) ? s->name
                                                                             : std::string();
}

void RecipePage::showPictures() {
    attach_->setEnabled(!ownRecipe().empty());
    pictures_->show(desk_.log().records().attachmentsOf(ownRecipe()));
}

void RecipePage::attach() {
    const QString called = start_->currentText();
    desk_.attacher().attach(
        {0, ownRecipe(), called},
        askForFiles(this, tr("Attach pictures or clips to %1").arg(called), tr("All files (*)")));
}

void RecipePage::makeSchool() {
    asks_ = addWhy();
    asks_->setRank(SentenceLabel::Rank::Body);
    asks_->setObjectName(QStringLiteral("schoolAsks"));
    claimsTitle_ = addTitle({});
    claims_ = addWhy();
    claims_->setRank(SentenceLabel::Rank::Body);
    claims_->setObjectName(QStringLiteral("schoolClaims"));
    unknown_ = addWhy();
    unknown_->setObjectName(QStringLiteral("schoolUnknown"));
    forPlayerTitle_ = addTitle({});
    forPlayer_ = addWhy();
    forPlayer_->setRank(SentenceLabel::Rank::Body);
    forPlayer_->setObjectName(QStringLiteral("schoolForPlayer"));
}

void RecipePage::makeKeep() {
    addTitle(tr("Keep the recipe on the bench"));
    auto* row = new QHBoxLayout;
    name_ = new QLineEdit;
    name_->setMaxLength(30);
    name_->setAccessibleName(tr("Name of the recipe"));
    keep_ = new QPushButton(tr("Keep"));
    forget_ = new QPushButton(tr("Remove"));
    row->addWidget(name_, 1);
    row->addWidget(keep_);
    row->addWidget(forget_);
    content()->addLayout(row);
    bookError_ = addWhy();
    connect(keep_, &QPushButton::clicked, this, &RecipePage::keep);
    connect(name_, &QLineEdit::returnPressed, this, &RecipePage::keep);
    connect(forget_, &QPushButton::clicked, this, &RecipePage::forget);
}

void RecipePage::makeSetUp() {
    addTitle(tr("The rest of its set-up"));
    auto* form = new QFormLayout;
    form->setVerticalSpacing(5);
    for (const Dial d : {Dial::BodyLine, Dial::StandFarther, Dial::HandleRaised, Dial::GripDown}) {
        form->addRow(shapeOf(d, bench_.units()).name, makeDialField(bench_, d));
    }
    form->addRow(tr("Swung along"),
                 makeChoice(bench_, tr("Swung along"),
                            {tr("the target line"), tr("between the two"), tr("the shoulders")},
                            &Recipe::swingAlong));
    form->addRow(tr("Weight moved by"),
                 makeChoice(bench_, tr("Weight moved by"),
                            {tr("the whole body"), tr("the lower body")}, &Recipe::weightBy));
    const auto addTurn = [&](const QString& name, const QString& hint, const QString& step,
                             double most_deg, double Recipe::*member) {
        auto* turn = new QuantityField(
            {name, QStringLiteral("°"), degFromRad(1.0), -most_deg, most_deg, 1, 1});
        turn->setToolTip(hint);
        connect(turn, &QuantityField::edited, this, [this, member, step](double si) {
            BenchState next = bench_.state();
            next.recipe().*member = si;
            bench_.edit(next, step);
        });
        const auto follow = [this, turn, member] { turn->setSi(bench_.state().recipe().*member); };
        connect(&bench_, &Workbench::changed, turn, follow);
        follow();
        form->addRow(name, turn);
    };
    addTurn(tr("Feet turned"),
            tr("Against the shoulders; negative is open. The swing follows the shoulders: the feet "
               "alone change nothing that this model knows of."),
            tr("turn the feet"), 30, &Recipe::feetTurn_rad);
    addTurn(tr("Hands turned"), tr("Opened by turning the hands on the grip: it comes back square"),
            tr("turn the hands"), 45, &Recipe::handTurn_rad);
    content()->addLayout(form);
}

void RecipePage::fillStarts() {
    const QSignalBlocker quiet(start_);
    const QString kept = start_->currentText();
    start_->clear();
    starts_.clear();
    for (const School& s : schools()) {
        const QString name = text::schoolName(s);
        starts_.push_back({name.toStdString(), std::string(s.key), s.recipe});
        start_->addItem(tr("%1 (school)").arg(name));
    }
    for (const NamedRecipe& r : book_.recipes()) {
        starts_.push_back(r);
        start_->addItem(text::fromUtf8(r.name));
    }
    start_->setCurrentIndex(std::max(0, start_->findText(kept)));
}

const NamedRecipe* RecipePage::selected() const {
    const auto i = static_cast<std::size_t>(start_->currentIndex());
    return i < starts_.size() ? &starts_[i] : nullptr;
}

const School* RecipePage::shownSchool() const {
    const NamedRecipe* s = selected();
    return s ? findSchool(s->school) : nullptr;
}

void RecipePage::refresh() {
    showSchool();
    const NamedRecipe& now = bench_.state().recipes[bench_.state().chosen];
    if (!name_->hasFocus()) name_->setText(text::fromUtf8(now.name));
    beside_->setEnabled(bench_.state().recipes.size() < BenchState::mostRecipes);
    forget_->setEnabled(!ownRecipe().empty());
    showPictures();
    forget_->setToolTip(tr("Removes the one under \"Start from\" from your own recipes"));
    bookError_->setText(book_.error());
    bookError_->setVisible(!book_.error().isEmpty());
}

void RecipePage::showSchool() {
    const School* school = shownSchool();
    showForPlayer(school);
    for (QWidget* w : {static_cast<QWidget*>(asks_), static_cast<QWidget*>(claimsTitle_),
                       static_cast<QWidget*>(claims_), static_cast<QWidget*>(unknown_)})
        w->setVisible(school);
    if (!school) return;
    asks_->setText(text::schoolAsks(*school));
    unknown_->setText(tr("What the model cannot know: %1").arg(text::schoolUnknown(*school)));
    // The one on the bench when it is of this school, so that an edit shows at once.
    const NamedRecipe& now = bench_.state().recipes[bench_.state().chosen];
    const Recipe& recipe = findSchool(now.school) == school ? now.recipe : school->recipe;
    const auto& p = bench_.prediction();
    const double carry = p ? p->shot.flight.carry_m : 20.0;
    claimsTitle_->setText(tr("Its teachers say, against %1").arg(text::schoolAgainst(*school)));
    QStringList lines;
    try {
        const Units& u = bench_.units();
        const Consequences all =
            findConsequences(*school, recipe, bench_.state().predictor(), carry);
        for (const Consequence& c : all.claims) {
            const bool swing = c.claim.measure == Measure::ClubSpeed;
            const auto side = [&](double si) {
                return swing ? text::swingInShort(bench_.swings(), si, u)
                             : shownMeasure(c.claim.measure, si, u);
            };
            // A swing has its speed in brackets already.
            lines << verdictMark(c.verdict) + (swing ? tr("It %1: %2, by %3, from %4 to %5.")
                                                     : tr("It %1: %2, by %3 (%4 to %5)."))
                                                  .arg(text::claim(c.claim),
                                                       verdictWords(c.verdict), effect(c, u),
                                                       side(c.against), side(c.here));
        }
        lines << tr("Both brought to a carry of %1.").arg(u.length(carry, 1));
    } catch (const RangeError&) {
        lines << tr("It cannot be compared here: one of the two does not carry %1 with this wedge, "
                    "ball and lie.")
                     .arg(bench_.units().length(carry, 1));
    }
    claims_->setText(lines.join(QLatin1Char('\n')));
}

void RecipePage::showForPlayer(const School* shown) {
    const BenchState& bench = bench_.state();
    const auto& p = bench_.prediction();
    const QString who = text::playerName(bench.player.name);
    forPlayerTitle_->setText(tr("For %1, beside the set-up on the bench").arg(who));
    QStringList lines;
    try {
        const double carry = p ? p->shot.flight.carry_m : 20.0;
        // What he does already is no school: the first set-up that is none.
        const auto own = std::find_if(bench.recipes.begin(), bench.recipes.end(),
                                      [](const NamedRecipe& r) { return r.school.empty(); });
        const SchoolFits fits = rankSchools(
            own == bench.recipes.end() ? bench.recipe() : own->recipe, bench.predictor(), carry);
        const auto hundredths = [](double share) { return text::number(100.0 * share, 0); };
        constexpr std::size_t best = 3;
        QStringList first;
        for (const SchoolFit& f : fits.fits) {
            if (static_cast<std::size_t>(first.size()) == best) break;
            first
                << tr("%1 (clean %2 in 100)").arg(text::schoolName(*f.school), hundredths(f.clean));
        }
        lines << tr("First to try: %1. Now clean %2 in 100.")
                     .arg(first.join(tr(", ")), hundredths(fits.cleanNow));
        for (const SchoolFit& f : fits.fits) {
            if (f.school != shown) continue;
            QStringList nothing;
            for (const Consequence& c : f.nothing)
                nothing << tr("it %1 (%2 now, %3 then)")
                               .arg(text::claim(c.claim),
                                    shownMeasure(c.claim.measure, c.against, bench_.units()),
                                    shownMeasure(c.claim.measure, c.here, bench_.units()));
            lines << (nothing.isEmpty()
                          ? tr("%1: clean %2 in 100; all that it claims would be new.")
                                .arg(text::schoolName(*shown), hundredths(f.clean))
                          : tr("%1: clean %2 in 100; adds nothing to what is done already: %3.")
                                .arg(text::schoolName(*shown), hundredths(f.clean),
                                     nothing.join(tr("; "))));
        }
    } catch (const RangeError&) {
        lines << tr(
            "The set-up on the bench cannot be played, so that there is nothing to order "
            "them by.");
    }
    forPlayer_->setText(lines.join(QLatin1Char('\n')));
}

void RecipePage::take(bool beside) {
    const NamedRecipe* s = selected();
    if (!s) return;
    BenchState next = bench_.state();
    NamedRecipe taken = *s;
    // A school has no speed of its own: the one on the bench stays.
    if (start_->currentIndex() < static_cast<int>(schools().size()))
        taken.recipe.clubSpeed_mps = next.recipe().clubSpeed_mps;
    if (beside && next.recipes.size() < BenchState::mostRecipes) {
        next.recipes.push_back(taken);
        next.chosen = next.recipes.size() - 1;
    } else {
        next.recipes[next.chosen] = taken;
    }
    bench_.edit(next, tr("take %1").arg(text::fromUtf8(taken.name)));
}

void RecipePage::askName() {
    name_->setFocus();
    name_->selectAll();
}

void RecipePage::keep() {
    const QString name = name_->text().simplified();
    if (name.isEmpty()) {
        name_->setFocus();
        return;
    }
    BenchState next = bench_.state();
    NamedRecipe& now = next.recipes[next.chosen];
    now.name = name.toStdString();
    // The answer may come when this page has gone.
    book_.keep({now}, [start = QPointer(start_), name] {
        if (start) start->setCurrentIndex(start->findText(name));
    });
    if (next != bench_.state()) bench_.edit(next, tr("name the recipe"));
}

void RecipePage::forget() {
    if (const std::string own = ownRecipe(); !own.empty()) book_.remove(own);
}

QString RecipePage::asText() const {
    return start_->currentText() + QLatin1Char('\n') + asks_->text() + QLatin1Char('\n') +
           claimsTitle_->text() + QLatin1Char('\n') + claims_->text() + QLatin1Char('\n') +
           unknown_->text();
}

}  // namespace wedgeon
