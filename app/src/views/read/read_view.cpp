// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Laying out Read.
#include "views/read/read_view.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QFile>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QPushButton>
#include <QToolButton>
#include <QToolTip>
#include <QVBoxLayout>
#include <algorithm>
#include <array>

#include "style/style.h"
#include "text/plan_text.h"
#include "text/said.h"
#include "text/sentences.h"
#include "views/read/element_bar.h"
#include "views/read/hole_out_dialog.h"
#include "views/read/plan_table.h"
#include "wedgeon/error.h"
#include "wedgeon/school/school.h"
#include "widgets/file_dialogs.h"
#include "widgets/headline.h"
#include "widgets/kept_line.h"
#include "widgets/panel.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr std::uint64_t seed = 7;
constexpr std::size_t mostOwnRecipes = 40;

/// The context of these texts.
struct ReadText {
    Q_DECLARE_TR_FUNCTIONS(ReadText)
};

QString fileFilter() {
    return ReadText::tr("Situations (*.json)");
}

/// As the person reads it; the file's own name stays English.
QString exampleName(const store::Situation& s) {
    static const std::array names{QT_TRANSLATE_NOOP("ReadText", "Short-sided behind sand"),
                                  QT_TRANSLATE_NOOP("ReadText", "Long green, nothing between"),
                                  QT_TRANSLATE_NOOP("ReadText", "Up a bank"),
                                  QT_TRANSLATE_NOOP("ReadText", "Green that falls away"),
                                  QT_TRANSLATE_NOOP("ReadText", "Tight and bare"),
                                  QT_TRANSLATE_NOOP("ReadText", "Lush, into the grain")};
    for (const char* name : names) {
        if (s.name == name) return ReadText::tr(name);
    }
    return text::fromUtf8(s.name);
}

/// The five costs, then distance and putts of each row.
QVariantList holeOutNumbers(const HoleOutTable& t) {
    QVariantList out{t.fringe, t.fairway, t.rough, t.bunker, t.water};
    for (const HoleOutTable::Row& r : t.putts)
        out << r.distance_m << r.putts;
    return out;
}

std::optional<HoleOutTable> holeOutOf(const QVariantList& numbers) {
    if (numbers.size() < 5) return std::nullopt;
    const auto number = [&](qsizetype i) { return numbers[i].toDouble(); };
    HoleOutTable t;
    t.fringe = number(0);
    t.fairway = number(1);
    t.rough = number(2);
    t.bunker = number(3);
    t.water = number(4);
    for (qsizetype i = 5; i + 1 < numbers.size(); i += 2)
        t.putts.push_back({number(i), number(i + 1)});
    try {
        t.validate();
    } catch (const RangeError&) {
        return std::nullopt;  // another hand's
    }
    return t;
}

}  // namespace

const std::vector<store::Situation>& exampleSituations() {
    static const std::vector<store::Situation> all = [] {
        std::vector<store::Situation> out;
        for (const char* name : {"short-sided", "long-green", "up-a-bank", "falls-away",
                                 "tight-and-bare", "lush-into-the-grain"}) {
            QFile file(QStringLiteral(":/situations/%1.json").arg(QLatin1String(name)));
            if (!file.open(QIODevice::ReadOnly)) continue;
            out.push_back(store::parseSituation(file.readAll().toStdString()));
        }
        return out;
    }();
    return all;
}

ReadView::ReadView(Desk& desk, QWidget* parent)
    : View(desk, QStringLiteral("read"), Stop::Read, parent),
      bench_(desk.bench()),
      planner_(desk.planner()) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 12, 14, 12);
    column->setSpacing(12);
    column->addWidget(makeLine(), 13);
    column->addWidget(makeAnswer(), 9);
    connect(&planner_, &Planner::planned, this, &ReadView::tell);
    connect(&planner_, &Planner::failed, this, [this](const QString& why) {
        trouble_ = why;
        tell();
    });
    makeCommands();
}

QString ReadView::name() const {
    return tr("Read");
}

QWidget* ReadView::makeLine() {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(2, 10, 2, 2);
    column->setSpacing(2);
    headline_ = new Headline(QStringLiteral("read"));
    auto* head = new QHBoxLayout;
    head->setContentsMargins(18, 0, 12, 0);
    head->addWidget(headline_, 1);
    column->addLayout(head);
    column->addWidget(makeTools());
    drawing_ = new LineDrawing;
    connect(drawing_, &LineDrawing::lineEdited, this, [this](const Line& line, bool begins) {
        if (begins) gesture_ = bench_.newGesture();
        edit(line, tr("change the line"), gesture_);
    });
    connect(drawing_, &LineDrawing::elementChosen, this,
            [this] { element_->show(bench_.state().read.line, drawing_->element(), distances()); });
    column->addWidget(drawing_, 1);
    element_ = new ElementBar;
    connect(element_, &ElementBar::lineEdited, this,
            [this](const Line& line, const LineDrawing::Element& chosen, const QString& what) {
                edit(line, what);
                drawing_->choose(chosen);
            });
    column->addWidget(element_);
    return panel;
}

QWidget* ReadView::makeTools() {
    auto* tools = new QWidget;
    auto* row = new QHBoxLayout(tools);
    row->setContentsMargins(18, 0, 14, 0);
    row->setSpacing(8);
    KeptLine::Acts acts;
    acts.names = [this] {
        QStringList out;
        for (const store::Situation& s : desk_.log().records().situations)
            out << text::fromUtf8(s.name);
        for (const store::Situation& s : exampleSituations()) {
            if (!out.contains(exampleName(s))) out << exampleName(s);
        }
        return out;
    };
    acts.choose = [this](const QString& name) {
        // One's own goes before an example of the same name.
        for (const store::Situation& s : desk_.log().records().situations) {
            if (text::fromUtf8(s.name) == name)
                return take(s, tr("take the situation %1").arg(name));
        }
        for (const store::Situation& s : exampleSituations()) {
            if (exampleName(s) == name) return take(s, tr("take the situation %1").arg(name));
        }
    };
    acts.keep = [this](const QString& name) {
        BenchState next = bench_.state();
        next.read.name = name.toStdString();
        bench_.edit(next, tr("name the situation"));
        desk_.log().change([s = situation(name)](store::Logbook& book) {
            store::Situations(book).keep(std::span(&s, 1));
        });
    };
    acts.remove = [this](const QString& name) {
        desk_.log().change([name = name.toStdString()](store::Logbook& book) {
            store::Situations(book).remove(name);
        });
    };
    kept_ = new KeptLine(tr("Situation"), text::fromUtf8(bench_.state().read.name), acts);
    row->addWidget(kept_);
    row->addStretch(1);
    in_ = new QComboBox;
    in_->setAccessibleName(tr("Distances in"));
    connect(in_, &QComboBox::activated, this, [this](int i) {
        distancesIn_ = static_cast<Distances::In>(i);
        tell();
    });
    from_ = new QComboBox;
    from_->addItems({tr("leg by leg"), tr("from the ball")});
    from_->setAccessibleName(tr("Distances from"));
    connect(from_, &QComboBox::activated, this, [this](int i) {
        distancesFrom_ = static_cast<Distances::From>(i);
        tell();
    });
    row->addWidget(in_);
    row->addWidget(from_);
    return tools;
}

QWidget* ReadView::makeAnswer() {
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(2, 4, 2, 6);
    column->setSpacing(2);
    table_ = new PlanTable;
    connect(table_, &PlanTable::chosenChanged, this, &ReadView::showWays);
    connect(table_, &PlanTable::committed, this, &ReadView::commit);
    column->addWidget(table_, 1);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(16, 0, 14, 0);
    change_ = new SentenceLabel(SentenceLabel::Rank::Body);
    change_->setObjectName(QStringLiteral("wouldChange"));
    row->addWidget(change_, 1);
    auto* rules = new QToolButton;
    rules->setText(tr("Rules of thumb"));
    rules->setToolTip(tr("What coaches go by, beside what comes out here"));
    rules->setAutoRaise(true);
    connect(rules, &QToolButton::clicked, this, [this, rules] {
        if (const auto& a = planner_.answer(); a && trouble_.isEmpty())
            QToolTip::showText(rules->mapToGlobal(QPoint(0, 0)),
                               text::tip(text::rulesOfThumb(a->rules)), rules, {}, 60'000);
    });
    row->addWidget(rules);
    commit_ = new QPushButton(tr("Commit to this shot"));
    commit_->setToolTip(tr("Declares shot, landing spot and swing, and goes on to Watch (Enter)"));
    connect(commit_, &QPushButton::clicked, this, &ReadView::commit);
    row->addWidget(commit_);
    column->addLayout(row);
    return panel;
}

void ReadView::makeCommands() {
    addCommand(tr("&Commit to the chosen shot"), QKeySequence(Qt::CTRL | Qt::Key_Return),
               [this] { commit(); });
    addCommand(tr("&Low, middle and high side by side in Shape"), {}, [this] { compareHeights(); });
    addCommandSeparator();
    addCommand(
        tr("&Open a situation…"), {}, [this] { importSituation(); }, Reach::Anywhere);
    addCommand(tr("&Save the situation as…"), {}, [this] { exportSituation(); });
    addCommandSeparator();
    addCommand(tr("Length of my &pace…"), {},
               [this] { emit preferenceWanted(QStringLiteral("pace")); });
    addCommand(tr("Strokes to &hole out…"), {}, [this] { askForHoleOut(); });
}

Distances ReadView::distances() const {
    return {bench_.units(), distancesIn_, distancesFrom_, desk_.preferences().values().pace_m};
}

PlanRequest ReadView::request() const {
    const BenchState& s = bench_.state();
    PlanRequest q;
    q.player = s.player;
    q.conditions = s.conditions;
    q.conditions.line = onGround(s.read.line, s.conditions.ground);
    if (s.read.lie != LieAnswers{}) q.reading = readLie(s.read.lie);
    std::vector<BagClub> wedges;
    for (const store::KitWedge& w : desk_.log().records().wedgesOf(s.player.name))
        wedges.push_back({w.name, w.wedge, false});
    q.clubs = bagWith(wedges);
    for (const NamedRecipe& r : desk_.recipes().recipes()) {
        if (q.own.size() < mostOwnRecipes) q.own.push_back({r.name, r.recipe});
    }
    if (!bench_.swings().isGuess()) q.swings = bench_.swings();
    q.holeOut = holeOut_;
    q.seed = seed;
    return q;
}

QString ReadView::troubleOf(const PlanRequest& q) const {
    const Distances d = distances();
    double at = 0.0, from = 0.0, to = 0.0;
    for (const Zone& z : q.conditions.line->zones) {
        if (z.kind == ZoneKind::Green && to == 0.0) {
            from = at;
            to = at + z.length_m;
        }
        at += z.length_m;
    }
    if (to == 0.0) return tr("There is no green on this line yet: make a stretch of it one.");
    if (!q.conditions.line->flag_m) return tr("There is no flag on this line yet.");
    try {
        q.validate();
    } catch (const RangeError& e) {
        if (e.field() == "flag_m")
            return tr("The flag stands off the green, at %1: the green is from %2 to %3.")
                .arg(d.said(e.value()), d.said(from), d.said(to));
        if (e.field() == "obstacle.at_m")
            return tr("The flag stands inside what is in the way, at %1.").arg(d.said(e.value()));
        return text::said(e);
    }
    return {};
}

void ReadView::refresh(Desk::Parts parts) {
    if (parts & Desk::UnitsShown) {
        in_->clear();
        in_->addItems({bench_.units().lengthName(), tr("paces"), tr("feet")});
        in_->setCurrentIndex(static_cast<int>(distancesIn_));
        from_->setCurrentIndex(static_cast<int>(distancesFrom_));
    }
    if (parts & Desk::Records) kept_->refresh();
    // What is wrong with the line is known before it is drawn.
    if (parts & (Desk::Bench | Desk::Givens | Desk::Records | Desk::Ladders)) ask();
    showLine();
    if (parts & (Desk::UnitsShown | Desk::Preferred)) tell();
}

void ReadView::takeFocus() {
    table_->setFocus();
}

void ReadView::ask() {
    PlanRequest q = request();
    trouble_ = troubleOf(q);
    if (!trouble_.isEmpty()) {
        planner_.cancel();
        tell();
        return;
    }
    // Asked again with every change, but not for what has no part in it.
    if (planner_.isFor(q)) return;
    planner_.ask(q);
}

void ReadView::showLine() {
    const ReadState& r = bench_.state().read;
    LineScene scene;
    scene.line = r.line;
    scene.distances = distances();
    scene.trouble = trouble_;
    if (const auto& a = planner_.answer(); a && trouble_.isEmpty()) {
        for (std::size_t i = 0; i < a->plan.shots.size(); ++i)
            scene.ways.push_back(wayOf(a->plan.shots[i], a->ways[i]));
        scene.chosen = static_cast<std::size_t>(std::max(table_->chosen(), 0));
    }
    drawing_->show(scene);
    element_->show(r.line, drawing_->element(), scene.distances);
}

void ReadView::showWays() {
    showLine();
    commit_->setEnabled(trouble_.isEmpty() && table_->chosen() >= 0);
}

void ReadView::tell() {
    const auto answer = trouble_.isEmpty() ? planner_.answer() : nullptr;
    const text::PlanSpeaker speaker(distances());
    table_->show(answer, distances());
    showWays();
    if (!answer) {
        headline_->setTexts(trouble_.isEmpty() ? tr("Working out what can be played from here…")
                                               : tr("This line cannot be planned yet."),
                            trouble_);
        change_->setText({});
        return;
    }
    const Plan& plan = answer->plan;
    QString why;
    if (plan.shots.size() > 1) {
        why = QString::fromStdString(words::why(plan, 0, speaker));
        why[0] = why[0].toUpper();
        const PlannedShot& second = plan.shots[1];
        why += tr(". Next: %1, %2 strokes more.")
                   .arg(QString::fromStdString(words::shotName(second, answer->request, speaker)),
                        text::number(second.strokes - plan.shots[0].strokes, 2));
        if (plan.shots[0].guessedSwing) why += tr(" Swings are a guess: none of this player's.");
    }
    headline_->setTexts(QString::fromStdString(words::headline(plan, answer->request, speaker)),
                        why);
    if (!answer->changes) {
        change_->setText(tr("Looking for what would change it…"));
    } else if (answer->changes->empty()) {
        change_->setText(
            tr("Flag, face, lie, ground or wind a little otherwise: it would be "
               "the same shot."));
    } else {
        QStringList all;
        for (const WouldChange& w : *answer->changes)
            all << QString::fromStdString(words::change(w, answer->request, speaker));
        change_->setText(tr("It would change if %1.").arg(all.join(tr(" or "))));
    }
}

void ReadView::edit(const Line& line, const QString& what, int gesture) {
    BenchState next = bench_.state();
    next.read.line = line;
    bench_.edit(next, what, gesture);
}

void ReadView::take(const store::Situation& s, const QString& what) {
    BenchState next = bench_.state();
    next.read = {s.name, *s.conditions.line, s.lie};
    next.conditions.ball = s.conditions.ball;
    next.conditions.face = s.conditions.face;
    next.conditions.air = s.conditions.air;
    next.conditions.ground = groundOf(*s.conditions.line, next.conditions.ground);
    next.conditions.lie =
        s.lie == LieAnswers{} ? s.conditions.lie : readLie(s.lie).lie(s.conditions.lie.firmness);
    bench_.edit(next, what);
}

store::Situation ReadView::situation(const QString& name) const {
    const PlanRequest q = request();
    store::Situation s;
    s.name = name.toStdString();
    s.conditions = q.conditions;
    s.lie = bench_.state().read.lie;
    return s;
}

void ReadView::commit() {
    const auto& answer = planner_.answer();
    const int row = table_->chosen();
    if (!answer || !trouble_.isEmpty() || row < 0) return;
    const auto index = static_cast<std::size_t>(row);
    if (index >= answer->plan.shots.size()) return;
    const PlannedShot& shot = answer->plan.shots[index];
    const text::PlanSpeaker speaker(distances());
    const std::string name = words::shotName(shot, answer->request, speaker);
    BenchState next = bench_.state();
    Commitment c;
    c.shot = name;
    c.technique = text::spinOrRun(shot).toStdString();
    if (const std::string swing = words::swingSaid(shot, speaker); !swing.empty())
        c.technique = swing + ", " + c.technique;
    c.landing_m = shot.landing_m;
    c.rest_m = shot.landing_m + shot.run_m;
    next.commitment = c;
    if (shot.height != Height::Putter) {
        next.conditions.wedge = answer->request.clubs[shot.club].wedge;
        next.recipes[next.chosen].name = name;
        next.recipes[next.chosen].school =
            findSchool(shot.technique) ? shot.technique : std::string();
        next.recipe() = shot.recipe;
    }
    bench_.edit(next, tr("commit to %1").arg(QString::fromStdString(name)));
    desk_.link().setDeclares(true);
    emit said(
        tr("Declared: %1. The next shots are held against it.").arg(QString::fromStdString(name)),
        QStringLiteral("shape"));
    emit viewWanted(QStringLiteral("watch"));
}

void ReadView::compareHeights() {
    const auto& answer = planner_.answer();
    if (!answer || !trouble_.isEmpty() || answer->plan.all.empty()) return;
    // With the chosen shot's wedge, or the best one that has them.
    const int row = std::max(table_->chosen(), 0);
    std::size_t club = answer->plan.shots[static_cast<std::size_t>(row)].club;
    auto three = lowMiddleHigh(answer->plan, club);
    for (const PlannedShot& s : answer->plan.all) {
        if (three.size() == 3) break;
        if (auto other = lowMiddleHigh(answer->plan, s.club); other.size() > three.size())
            three = std::move(other);
    }
    if (three.empty()) return;
    const text::PlanSpeaker speaker(distances());
    BenchState next = bench_.state();
    next.conditions.wedge = answer->request.clubs[three.front().club].wedge;
    next.recipes.clear();
    for (const PlannedShot& s : three)
        next.recipes.push_back(
            {words::shotName(s, answer->request, speaker), std::string(), s.recipe});
    next.chosen = std::min<std::size_t>(1, three.size() - 1);
    next.same = SameDistance::Own;
    bench_.edit(next, tr("low, middle and high side by side"));
    emit viewWanted(QStringLiteral("shape"));
}

void ReadView::exportSituation() {
    const QString path =
        askForTarget(this, tr("Save the situation"), fileFilter(), QStringLiteral("json"),
                     text::fromUtf8(bench_.state().read.name));
    if (path.isEmpty()) return;
    try {
        store::writeSituation(path.toStdString(),
                              situation(text::fromUtf8(bench_.state().read.name)));
        emit said(tr("The situation is in %1.").arg(path), {});
    } catch (const std::exception& e) {
        emit failed(text::said(e));
    }
}

void ReadView::importSituation() {
    const QString path = askForFile(this, tr("Open a situation"), fileFilter());
    if (!path.isEmpty()) openSituation(path);
}

bool ReadView::opens(const QString& path) {
    if (!path.endsWith(QStringLiteral(".json"), Qt::CaseInsensitive)) return false;
    openSituation(path);
    return true;
}

void ReadView::openSituation(const QString& path) {
    try {
        const store::Situation s = store::readSituation(path.toStdString());
        take(s, tr("open the situation %1").arg(text::fromUtf8(s.name)));
        emit viewWanted(key());
    } catch (const std::exception& e) {
        emit failed(tr("%1 cannot be opened as a situation: %2").arg(path, text::said(e)));
    }
}

void ReadView::askForHoleOut() {
    auto* dialog = new HoleOutDialog(holeOut_, bench_.units(), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, dialog] {
        holeOut_ = dialog->table();
        ask();
    });
    dialog->open();
}

QString ReadView::asText() const {
    QStringList lines{headline_->asText(), drawing_->accessibleDescription()};
    const QAbstractItemModel* m = table_->model();
    for (int row = 0; row < m->rowCount(); ++row)
        lines << m->index(row, 0).data(Qt::AccessibleTextRole).toString();
    if (!change_->text().isEmpty()) lines << change_->text();
    if (const auto& a = planner_.answer(); a && trouble_.isEmpty())
        lines << text::rulesOfThumb(a->rules);
    return lines.join(QLatin1Char('\n'));
}

QVariantMap ReadView::state() const {
    return {{QStringLiteral("in"), static_cast<int>(distancesIn_)},
            {QStringLiteral("from"), static_cast<int>(distancesFrom_)},
            {QStringLiteral("holeOut"), holeOutNumbers(holeOut_)}};
}

void ReadView::restore(const QVariantMap& state) {
    const auto number = [&](const char* key, int most) {
        return std::clamp(state.value(QLatin1String(key)).toInt(), 0, most);
    };
    distancesIn_ = static_cast<Distances::In>(number("in", 2));
    distancesFrom_ = static_cast<Distances::From>(number("from", 1));
    if (const auto kept = holeOutOf(state.value(QStringLiteral("holeOut")).toList()))
        holeOut_ = *kept;
}

}  // namespace wedgeon
