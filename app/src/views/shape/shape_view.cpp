// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Laying out Shape and keeping its sentence and flight in step.
#include "views/shape/shape_view.h"

#include <QAction>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPointer>
#include <QScrollArea>
#include <QToolButton>
#include <QVBoxLayout>
#include <array>
#include <cmath>
#include <utility>

#include "drawings/face_above_drawing.h"
#include "drawings/face_on_drawing.h"
#include "drawings/flight_drawing.h"
#include "drawings/spin_drawing.h"
#include "drawings/worth_drawing.h"
#include "style/style.h"
#include "text/cautions.h"
#include "text/quantity_help.h"
#include "text/said.h"
#include "text/sentences.h"
#include "views/shape/ask_page.h"
#include "views/shape/caution_line.h"
#include "views/shape/compare_page.h"
#include "views/shape/drawer.h"
#include "views/shape/kit_page.h"
#include "views/shape/number_row.h"
#include "views/shape/recipe_line.h"
#include "views/shape/recipe_page.h"
#include "views/shape/turn_page.h"
#include "views/shape/why_page.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/units.h"
#include "widgets/file_dialogs.h"
#include "widgets/headline.h"
#include "widgets/panel.h"

namespace wedgeon {
namespace {

/// The simulation's 80 of 100, from where the planned shot of the same set-up lands and rests.
FlightScene::Band bandOf(const PlayedSwings& s) {
    const Quantiles& carry = s.played[Outcome::Carry];
    const Quantiles& total = s.played[Outcome::Total];
    return {carry.p10 - s.carry_m, carry.p90 - s.carry_m, total.p10 - s.total_m,
            total.p90 - s.total_m};
}

constexpr qsizetype mostOwnShots = 300;
constexpr std::size_t mostLookedAt = 20'000;
const QString recipesEnding = QStringLiteral("wedgerecipes");
constexpr double sameLoft_rad = 0.01;
/// Below this width the open drawer takes the place of spin and worth.
constexpr int roomy_px = 1560;
/// Below this height the panels stand closer.
constexpr int roomyHeight_px = 560;

}  // namespace

ShapeView::ShapeView(Desk& desk, QWidget* parent)
    : View(desk, QStringLiteral("shape"), Stop::Shape, parent), bench_(desk.bench()) {
    row_ = new QHBoxLayout(this);
    row_->setSpacing(12);
    auto* bench = new QWidget;
    column_ = new QVBoxLayout(bench);
    column_->setContentsMargins(0, 0, 0, 0);
    makeDrawer();
    column_->addWidget(makeResult(), 12);
    numbers_ = new NumberRow(bench_);
    column_->addWidget(numbers_);
    column_->addWidget(makeDrawings(), 10);
    // A window that is smaller than the drawings need scrolls them; nothing is pressed together.
    auto* scroll = new QScrollArea;
    scroll->setWidget(bench);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    row_->addWidget(scroll, 1);
    row_->addWidget(drawer_);
    connect(drawer_, &Drawer::changed, this, &ShapeView::fitDrawings);
    makeCommands();
}

QString ShapeView::name() const {
    return tr("Shape");
}

void ShapeView::makeCommands() {
    addCommand(
        tr("&Add a recipe beside"), QKeySequence(Qt::CTRL | Qt::Key_D),
        [this] { recipes_->addBeside(); }, Reach::Anywhere);
    addCommand(
        tr("C&lose the chosen recipe"), QKeySequence(Qt::CTRL | Qt::Key_W),
        [this] { recipes_->closeChosen(); }, Reach::Anywhere);
    const std::array names{tr("Choose recipe &A"), tr("Choose recipe &B"), tr("Choose recipe &C")};
    for (std::size_t i = 0; i < names.size(); ++i) {
        addCommand(
            names[i], QKeySequence(Qt::CTRL | static_cast<Qt::Key>(Qt::Key_1 + i)),
            [this, i] { recipes_->choose(i); }, Reach::Anywhere);
    }
    addCommandSeparator();
    for (const Page& p : std::as_const(pages_)) {
        addCommand(
            p.command, p.keys, [this, page = p.page] { drawer_->toggle(page); }, Reach::Anywhere);
    }
    addCommandSeparator();
    addCommand(
        tr("Ai&m it: end on the line"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_A),
        [this] { aimIt(); }, Reach::Anywhere);
    addCommand(
        tr("&Face at the flag: start on the line"), {}, [this] { startOnLine(); }, Reach::Anywhere);
    addCommand(
        tr("Aim s&traight again"), {}, [this] { turnTo(0.0, tr("aim straight")); },
        Reach::Anywhere);
    addCommandSeparator();
    addCommand(
        tr("Low, mi&ddle and high to the same flag"), {}, [this] { putHeights(); },
        Reach::Anywhere);
    addCommand(
        tr("This recipe with t&hree lofts"), {}, [this] { putLofts(); }, Reach::Anywhere);
    addCommandSeparator();
    addCommand(
        tr("Own launch &window…"), {}, [this] { emit preferenceWanted(QStringLiteral("window")); },
        Reach::Anywhere);
    addCommandSeparator();
    addCommand(
        tr("&Keep under a name…"), QKeySequence::Save, [this] { keepRecipe(); }, Reach::Anywhere);
    addCommand(
        tr("&Open recipes…"), {}, [this] { openRecipes(); }, Reach::Anywhere);
    addCommand(
        tr("&Export recipes…"), {}, [this] { exportRecipes(); }, Reach::Anywhere);
}

QWidget* ShapeView::makeResult() {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(1, 6, 1, 1);
    column->setSpacing(1);
    headline_ = new Headline(QStringLiteral("shape"));
    recipes_ = new RecipeLine(bench_);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(20, 0, 20, 0);
    head->addWidget(headline_);
    auto* tools = new QHBoxLayout;
    tools->setContentsMargins(14, 0, 12, 0);
    tools->setSpacing(2);
    tools->addWidget(recipes_);
    tools->addStretch(1);
    for (const Page& p : std::as_const(pages_)) {
        auto* open = new QToolButton;
        open->setText(p.button);
        open->setFont(style::font(13));
        open->setAutoRaise(true);
        open->setCheckable(true);
        open->setFocusPolicy(Qt::StrongFocus);
        open->setAccessibleName(tr("Open %1").arg(p.page->title()));
        open->setToolTip(QStringLiteral("%1 (%2)").arg(p.page->title(),
                                                       p.keys.toString(QKeySequence::NativeText)));
        connect(open, &QToolButton::clicked, this,
                [this, page = p.page] { drawer_->toggle(page); });
        connect(drawer_, &Drawer::changed, open,
                [this, open, page = p.page] { open->setChecked(drawer_->current() == page); });
        tools->addWidget(open);
    }
    caution_ = new CautionLine;
    flight_ = new FlightDrawing(tr("Flight and run"));
    column->addLayout(tools);
    column->addLayout(head);
    column->addWidget(caution_);
    column->addWidget(flight_, 1);
    return panel;
}

QWidget* ShapeView::makeDrawings() {
    auto* drawings = new QWidget;
    auto* row = new QHBoxLayout(drawings);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(12);
    drawings->setMinimumHeight(246);
    spin_ = new SpinDrawing(bench_);
    spinPanel_ = titledPanel(tr("Spin against spin loft"), tr("today's curve"), spin_);
    worthPanel_ = titledPanel(tr("Worth here"), tr("per step"), new WorthDrawing(bench_));
    auto* above = new FaceAboveDrawing(bench_);
    auto* faceOn = new FaceOnDrawing(bench_);
    text::explains(*above, text::helpOf(Dial::Open, bench_.units()).key);
    text::explains(*faceOn, text::helpOf(Dial::Lean, bench_.units()).key);
    text::explains(*spin_, text::helpOf(store::Quantity::SpinRate, bench_.units()).key);
    text::explains(*flight_, text::helpOf(store::Quantity::Carry, bench_.units()).key);
    row->addWidget(titledPanel(tr("From above"), tr("drag toe, shoulders, feet"), above), 33);
    row->addWidget(titledPanel(tr("Face-on"), tr("drag hands, ball, weight"), faceOn), 37);
    row->addWidget(spinPanel_, 30);
    row->addWidget(worthPanel_, 26);
    return drawings;
}

void ShapeView::makeDrawer() {
    drawer_ = new Drawer;
    recipePage_ = new RecipePage(desk_);
    connect(recipePage_, &RecipePage::failed, this, &View::failed);
    const auto keys = [](Qt::Key key) { return QKeySequence(Qt::CTRL | key); };
    pages_ = {{new WhyPage(bench_), QStringLiteral("why"), tr("Why"), tr("&Why this result"),
               keys(Qt::Key_E)},
              {new AskPage(bench_), QStringLiteral("ask"), tr("Ask"), tr("As&k for a result"),
               keys(Qt::Key_K)},
              {new ComparePage(bench_), QStringLiteral("compare"), tr("Compare"), tr("Co&mpare"),
               keys(Qt::Key_M)},
              {recipePage_, QStringLiteral("recipes"), tr("Recipes"), tr("&Recipes and schools"),
               keys(Qt::Key_R)},
              {new KitPage(bench_), QStringLiteral("kit"), tr("Kit"), tr("Ki&t beside technique"),
               keys(Qt::Key_T)},
              {new TurnPage(bench_), QStringLiteral("mid-iron"), tr("Mid-iron"),
               tr("Beside a mid-&iron"), keys(Qt::Key_I)}};
    for (const Page& p : std::as_const(pages_))
        drawer_->add(p.page);
}

QVariantMap ShapeView::state() const {
    QVariantMap out;
    for (const Page& p : pages_) {
        if (p.page == drawer_->current()) out[QStringLiteral("drawer")] = p.key;
    }
    return out;
}

void ShapeView::restore(const QVariantMap& state) {
    const QString wanted = state.value(QStringLiteral("drawer")).toString();
    for (const Page& p : std::as_const(pages_)) {
        if (p.key == wanted) drawer_->open(p.page);
    }
}

void ShapeView::turnTo(double aim_rad, const QString& what) {
    BenchState next = bench_.state();
    next.recipes[next.chosen].aim_rad = std::clamp(aim_rad, radFromDeg(-60), radFromDeg(60));
    bench_.edit(next, what);
}

void ShapeView::aimIt() {
    const auto& p = bench_.prediction();
    if (!p || !p->aim_rad) {
        emit failed(tr("No aim brings this shot to rest on the line."));
        return;
    }
    turnTo(*p->aim_rad, tr("aim it"));
}

void ShapeView::startOnLine() {
    const auto& p = bench_.prediction();
    if (p)
        turnTo(bench_.state().aim_rad() - p->shot.strike.launch.direction_rad(),
               tr("face at the flag"));
}

void ShapeView::compareThree(std::vector<NamedRecipe> three, std::size_t chosen,
                             const QString& what) {
    BenchState next = bench_.state();
    next.recipes = std::move(three);
    next.chosen = chosen;
    next.same = SameDistance::Flag;
    bench_.edit(next, what);
    for (const Page& p : std::as_const(pages_)) {
        if (p.key == QStringLiteral("compare")) drawer_->open(p.page);
    }
}

void ShapeView::putHeights() {
    // As this player plays them low and high where that is known, else as the schools do.
    const BenchState& s = bench_.state();
    const auto& ladder = desk_.ladder().answer();
    const auto own = [&](Way way, const char* school) {
        if (ladder && ladder->player == s.player.name) {
            for (const LadderLine& l : ladder->ladder.lines) {
                const double loft = ladder->ladder.clubs[l.club].wedge.loft_rad;
                if (l.way == way && std::abs(loft - s.met().wedge.loft_rad) < sameLoft_rad)
                    return std::pair(l.recipe, std::string());
            }
        }
        return std::pair(findSchool(school)->recipe, std::string(school));
    };
    std::vector<NamedRecipe> three;
    const auto add = [&](const QString& name, const std::pair<Recipe, std::string>& from) {
        NamedRecipe r = s.recipes[s.chosen];
        r.name = name.toStdString();
        r.school = from.second;
        r.recipe = from.first;
        r.recipe.clubSpeed_mps = s.recipe().clubSpeed_mps;
        r.aim_rad = 0.0;
        three.push_back(std::move(r));
    };
    add(tr("low"), own(Way::Low, "low-runner"));
    add(tr("middle"), {Recipe{}, std::string()});
    add(tr("high"), own(Way::High, "soft-height"));
    compareThree(std::move(three), 1, tr("low, middle and high"));
}

void ShapeView::putLofts() {
    const BenchState& s = bench_.state();
    std::vector<BagClub> clubs;
    for (const store::KitWedge& w : desk_.log().records().wedgesOf(s.player.name))
        clubs.push_back({w.name, w.wedge, false});
    clubs = bagWith(clubs);
    std::erase_if(clubs, [](const BagClub& c) { return c.putter; });
    // The three that are nearest to the present one.
    std::stable_sort(clubs.begin(), clubs.end(), [&](const BagClub& a, const BagClub& b) {
        const double loft = s.met().wedge.loft_rad;
        return std::abs(a.wedge.loft_rad - loft) < std::abs(b.wedge.loft_rad - loft);
    });
    clubs.resize(std::min<std::size_t>(clubs.size(), BenchState::mostRecipes));
    std::stable_sort(clubs.begin(), clubs.end(), [](const BagClub& a, const BagClub& b) {
        return a.wedge.loft_rad < b.wedge.loft_rad;
    });
    std::vector<NamedRecipe> three;
    std::size_t chosen = 0;
    for (const BagClub& c : clubs) {
        NamedRecipe r = s.recipes[s.chosen];
        const QString club = c.name.empty() ? text::degrees(c.wedge.loft_rad, 0)
                                            : tr("%1, %2").arg(text::degrees(c.wedge.loft_rad, 0),
                                                               text::fromUtf8(c.name));
        r.name = club.left(60).toStdString();
        r.own.wedge = c.wedge;
        if (std::abs(c.wedge.loft_rad - s.met().wedge.loft_rad) < sameLoft_rad)
            chosen = three.size();
        three.push_back(std::move(r));
    }
    compareThree(std::move(three), chosen, tr("three lofts"));
}

void ShapeView::keepRecipe() {
    drawer_->open(recipePage_);
    recipePage_->askName();
}

void ShapeView::openRecipes() {
    const QString path =
        askForFile(this, tr("Open recipes"), tr("Recipes (*.wedgerecipes *.json)"));
    if (!path.isEmpty()) importRecipes(path);
}

bool ShapeView::opens(const QString& path) {
    if (QFileInfo(path).suffix() != recipesEnding) return false;
    emit viewWanted(key());
    importRecipes(path);
    return true;
}

void ShapeView::importRecipes(const QString& path) {
    const QString name = QFileInfo(path).fileName();
    try {
        const auto read = store::readRecipes(path.toStdString());
        // The answer may come when this view has gone.
        desk_.recipes().keep(read, [self = QPointer(this), n = read.size(), name] {
            if (!self) return;
            emit self->said(
                tr("%n recipe(s) from %1 are among yours now.", nullptr, static_cast<int>(n))
                    .arg(name),
                {});
        });
    } catch (const store::StoreError& e) {
        emit failed(tr("%1: %2").arg(name, text::said(e)));
    }
}

void ShapeView::exportRecipes() {
    // Those on the bench, and the coach's own.
    std::vector<NamedRecipe> all = bench_.state().recipes;
    const auto& own = desk_.recipes().recipes();
    all.insert(all.end(), own.begin(), own.end());
    const QString path = askForTarget(this, tr("Export recipes"),
                                      tr("Recipes (*.%1)").arg(recipesEnding), recipesEnding);
    if (path.isEmpty()) return;
    const QString name = QFileInfo(path).fileName();
    try {
        store::writeRecipes(path.toStdString(), all);
        emit said(tr("Exported to %1.").arg(name), {});
    } catch (const store::StoreError& e) {
        emit failed(tr("%1: %2").arg(name, text::said(e)));
    }
}

void ShapeView::fitDrawings() {
    const bool narrow = drawer_->current() && width() < roomy_px;
    numbers_->setNarrow(narrow);
    spinPanel_->setVisible(!narrow);
    worthPanel_->setVisible(!narrow);
    const bool low = height() < roomyHeight_px;
    row_->setContentsMargins(14, low ? 6 : 12, 14, low ? 6 : 12);
    column_->setSpacing(low ? 6 : 10);
}

void ShapeView::resizeEvent(QResizeEvent* event) {
    fitDrawings();
    QWidget::resizeEvent(event);
}

void ShapeView::refresh(Desk::Parts parts) {
    if (parts & Desk::Preferred) spin_->setOwnWindow(desk_.preferences().values().ownWindow);
    if (parts & (Desk::Bench | Desk::UnitsShown)) {
        refreshResult();
    } else if (parts & Desk::Swings) {
        refreshFlight();
    }
    if (parts & (Desk::Givens | Desk::Shots)) refreshOwnShots();
}

void ShapeView::refreshResult() {
    if (const auto& p = bench_.prediction()) {
        headline_->setTexts(text::shotSentence(p->shot, bench_.units()),
                            text::whySentence(p->shot, p->spread));
        caution_->show(text::cautionsFor(p->shot, bench_.state().met()));
    } else {
        headline_->setTexts(tr("This set-up is outside what the model covers."), bench_.error());
        caution_->show({});
    }
    refreshFlight();
}

void ShapeView::refreshFlight() {
    FlightScene scene;
    scene.units = bench_.units();
    scene.fromAbove = true;
    if (const auto& p = bench_.prediction()) {
        scene.predicted = flightPath(p->trace, p->shot);
        scene.shot = p->shot;
        scene.band = bandOf(p->spread);
        if (const auto& played = bench_.simulation()) {
            // Until the swings of a new state are played, those of the former go with the shot.
            scene.band = bandOf(*played);
            scene.rests = played->played.rest;
            for (auto& r : scene.rests) {
                r[0] += p->shot.total_m() - played->total_m;
                r[1] += p->shot.restSide_m() - played->restSide_m;
            }
        }
    }
    const auto& all = bench_.overlays();
    for (std::size_t i = 0; i < all.size() && all.size() > 1; ++i) {
        if (i == bench_.state().chosen) {
            scene.letter = recipeLetter(i);
        } else if (all[i].shot) {
            scene.others.push_back({recipeLetter(i), flightPath(all[i].trace, *all[i].shot)});
        }
    }
    // Beside other recipes a ghost would be one line too many.
    if (bench_.ghost() && all.size() < 2)
        scene.ghost = flightPath(bench_.ghost()->trace, bench_.ghost()->shot);
    flight_->show(scene);
}

void ShapeView::refreshOwnShots() {
    // The newest of this player with this loft and ball, as far as they were measured.
    QVector<QPointF> own;
    const BenchState& s = bench_.state();
    const store::Fallback fallback = bench_.fallback();
    const ShotList& all = desk_.shots().shots();
    // Not farther back than a moment allows.
    const std::size_t oldest = all.size() - std::min(all.size(), mostLookedAt);
    for (std::size_t i = all.size(); i > oldest && own.size() < mostOwnShots; --i) {
        const store::ShotRecord& r = all[i - 1].record;
        if (!all[i - 1].setAside.empty() || store::findPlayerName(r, fallback) != s.player.name ||
            !r.has(store::Quantity::SpinRate))
            continue;
        const Conditions met = store::findShotGivens(r, fallback).conditions;
        if (std::abs(met.wedge.loft_rad - s.met().wedge.loft_rad) > sameLoft_rad ||
            met.ball != s.met().ball)
            continue;
        const auto delivery = store::findDelivery(r);
        if (!delivery) continue;
        own.append(
            {calcSpinLoft(*delivery), r[store::Quantity::SpinRate] / delivery->clubSpeed_mps});
    }
    spin_->setOwnShots(std::move(own));
}

QString ShapeView::asText() const {
    QString out = headline_->asText();
    if (const DrawerPage* page = drawer_->current()) out += QStringLiteral("\n\n") + page->asText();
    return out;
}

}  // namespace wedgeon
