// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Cells and their editors.
#include "widgets/givens_strip.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPointer>
#include <QPushButton>
#include <QTimer>
#include <QToolButton>
#include <algorithm>
#include <cmath>
#include <utility>

#include "style/style.h"
#include "text/lie_words.h"
#include "text/sentences.h"
#include "wedgeon/store/swing_sets.h"
#include "wedgeon/units.h"
#include "widgets/lie_questions.h"
#include "widgets/quantity_field.h"
#include "widgets/swings_dialog.h"

namespace wedgeon {
namespace {

/// A longer text, such as a name of many words, does not push the others together.
constexpr int widest_px = 200;

template <class Named>
QStringList textsOf(std::span<const Named> all) {
    QStringList out;
    for (const Named& n : all)
        out << text::nameOf(n);
    return out;
}

}  // namespace

GivenCell::GivenCell(const QString& title, QWidget* parent)
    : QAbstractButton(parent), title_(title) {
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setToolTip(tr("Change: %1").arg(title));
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
}

void GivenCell::setSentence(const QString& sentence) {
    if (text() == sentence) return;
    setText(sentence);
    setAccessibleName(title_ + QStringLiteral(": ") + sentence);
    updateGeometry();
    update();
}

QSize GivenCell::sizeHint() const {
    const QFontMetrics m(style::font(15, QFont::Medium));
    return {std::min(m.horizontalAdvance(text()), widest_px) + 30, 58};
}

void GivenCell::paintEvent(QPaintEvent*) {
    const style::Colours& c = style::colours(palette());
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (underMouse() || isDown()) p.fillRect(rect().adjusted(1, 4, -1, -4), c.chosen);
    p.setFont(style::font(12));
    p.setPen(c.soft);
    p.drawText(QPointF(14, 21), title_);
    const QFont f = style::font(15, QFont::Medium);
    p.setFont(f);
    p.setPen(c.ink);
    p.drawText(QPointF(14, 42), QFontMetrics(f).elidedText(text(), Qt::ElideRight, width() - 20));
    p.setPen(QPen(c.edge, 1));
    p.drawLine(QPointF(width() - 0.5, 12), QPointF(width() - 0.5, 46));
    if (hasFocus()) {
        p.setPen(QPen(c.predicted, 1, Qt::DotLine));
        p.drawRoundedRect(QRectF(rect()).adjusted(2.5, 4.5, -3.5, -4.5), 4, 4);
    }
}

void GivenCell::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        click();
        return;
    }
    QAbstractButton::keyPressEvent(event);
}

GivensStrip::GivensStrip(Desk& desk, QWidget* parent)
    : QWidget(parent), desk_(desk), bench_(desk.bench()), log_(desk.log()) {
    setFixedHeight(59);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(4, 0, 12, 1);
    row->setSpacing(0);
    player_ = addCell(tr("Player"), [this](QFormLayout& f) { fillPlayer(f); });
    wedge_ = addCell(tr("Wedge"), [this](QFormLayout& f) { fillWedge(f); });
    ball_ = addCell(tr("Ball and face"), [this](QFormLayout& f) { fillBall(f); });
    lie_ = addCell(tr("Lie"), [this](QFormLayout& f) { fillLie(f); });
    ground_ = addCell(tr("Ground"), [this](QFormLayout& f) { fillGround(f); });
    air_ = addCell(tr("Air"), [this](QFormLayout& f) { fillAir(f); });
    row->addStretch(1);
    auto* units = new QToolButton(this);
    units->setAutoRaise(true);
    units->setFont(style::font(14));
    units->setToolTip(tr("Change between metres and yards (Ctrl+U)"));
    connect(units, &QToolButton::clicked, &desk_.preferences(), &Preferences::changeLengths);
    unitsButton_ = units;
    row->addWidget(units);
    connect(&bench_, &Workbench::changed, this, &GivensStrip::refresh);
    connect(&bench_, &Workbench::unitsChanged, this, &GivensStrip::refresh);
    refresh();
}

GivenCell* GivensStrip::addCell(const QString& title, const Fill& fill) {
    auto* cell = new GivenCell(title, this);
    connect(cell, &QAbstractButton::clicked, this, [=, this] { openEditor(cell, title, fill); });
    static_cast<QHBoxLayout*>(layout())->addWidget(cell);
    return cell;
}

void GivensStrip::paintEvent(QPaintEvent*) {
    const style::Colours& c = style::colours(palette());
    QPainter p(this);
    p.fillRect(rect(), c.panel);
    p.setPen(QPen(c.edge, 1));
    p.drawLine(QPointF(0, height() - 0.5), QPointF(width(), height() - 0.5));
}

void GivensStrip::refresh() {
    const BenchState& s = bench_.state();
    player_->setSentence(
        text::playerName(s.player.name) + QStringLiteral(", ") +
        (s.player.hand == Hand::Left ? tr("left") : tr("right")) +
        (s.player.tuning ? tr(", tuned %1").arg(text::day(s.player.tuning->made)) : QString()));
    wedge_->setSentence(text::wedge(s.conditions.wedge));
    ball_->setSentence(text::ballAndFace(s.conditions.ball, s.conditions.face));
    // In the words in which it was read, where it was.
    const QString seen = text::lieSeen(s.read.lie);
    lie_->setSentence(seen.isEmpty() ? text::lie(s.conditions.lie) : seen);
    ground_->setSentence(text::ground(s.conditions.ground));
    air_->setSentence(text::air(s.conditions.air, bench_.units()));
    unitsButton_->setText(bench_.units().name());
    unitsButton_->setAccessibleName(tr("Units: %1").arg(bench_.units().name()));
}

void GivensStrip::openEditor(GivenCell* cell, const QString& title, const Fill& fill) {
    auto* popup = new QFrame(this, Qt::Popup);
    popup->setAttribute(Qt::WA_DeleteOnClose);
    popup->setFrameShape(QFrame::StyledPanel);
    popup->setObjectName(QStringLiteral("givensEditor"));
    popup->setAccessibleName(title);
    auto* form = new QFormLayout(popup);
    form->setContentsMargins(14, 12, 14, 12);
    form->setVerticalSpacing(7);
    fill(*form);
    popup->adjustSize();
    popup->move(cell->mapToGlobal(QPoint(4, cell->height() - 4)));
    popup->show();
    for (int i = 0; i < form->rowCount(); ++i) {
        const QLayoutItem* item = form->itemAt(i, QFormLayout::FieldRole);
        if (item && item->widget()) {
            item->widget()->setFocus();
            break;
        }
    }
}

void GivensStrip::change(const QString& what, const std::function<void(BenchState&)>& apply) {
    BenchState next = bench_.state();
    apply(next);
    bench_.edit(next, what);
}

void GivensStrip::addNumber(QFormLayout& form, const QString& name, const QString& unit,
                            double factor, double low, double high, double step, int decimals,
                            const std::function<double&(BenchState&)>& member) {
    auto* field = new QuantityField({name, unit, factor, low, high, step, decimals});
    BenchState now = bench_.state();
    field->setSi(member(now));
    connect(field, &QuantityField::edited, this, [this, name, member](double si) {
        change(tr("change: %1").arg(name), [&](BenchState& s) { member(s) = si; });
    });
    form.addRow(name, field);
}

void GivensStrip::addChoice(QFormLayout& form, const QString& name, const QStringList& texts,
                            int index, const std::function<void(BenchState&, int)>& apply) {
    auto* box = new QComboBox;
    box->addItems(texts);
    box->setCurrentIndex(index);
    box->setAccessibleName(name);
    connect(box, &QComboBox::currentIndexChanged, this, [this, name, apply](int i) {
        change(tr("change: %1").arg(name), [&](BenchState& s) { apply(s, i); });
    });
    form.addRow(name, box);
}

void GivensStrip::addKept(QFormLayout& form, const QString& title, const QString& current,
                          const KeptLine::Acts& acts) {
    auto* line = new KeptLine(title, current, acts);
    connect(&log_, &ShotLog::recordsChanged, line, &KeptLine::refresh);
    form.addRow(title, line);
}

template <class Kept>
void GivensStrip::addKeptPart(QFormLayout& form, const QString& title, store::Kit::Part part,
                              std::vector<Kept> store::Records::*all,
                              const std::function<void(BenchState&, const Kept&)>& put,
                              const std::function<Kept(const BenchState&)>& get) {
    KeptLine::Acts acts;
    acts.names = [this, all] {
        QStringList out;
        for (const Kept& k : log_.records().*all)
            out << text::fromUtf8(k.name);
        return out;
    };
    acts.choose = [this, all, put, title](const QString& name) {
        for (const Kept& k : std::vector<Kept>(log_.records().*all)) {
            if (k.name != name.toStdString()) continue;
            change(GivensStrip::tr("take one of: %1").arg(title),
                   [&](BenchState& s) { put(s, k); });
        }
    };
    acts.keep = [this, get](const QString& name) {
        Kept kept = get(bench_.state());
        kept.name = name.toStdString();
        log_.change([kept](store::Logbook& book) { store::Kit(book).keep(kept); });
    };
    acts.remove = [this, part](const QString& name) {
        log_.change([part, name = name.toStdString()](store::Logbook& book) {
            store::Kit(book).remove(part, name);
        });
    };
    addKept(form, title, {}, acts);
}

void GivensStrip::fillPlayer(QFormLayout& form) {
    KeptLine::Acts acts;
    acts.names = [this] {
        QStringList out;
        for (const store::Player& p : log_.records().players)
            out << text::fromUtf8(p.name);
        return out;
    };
    acts.choose = [this](const QString& name) {
        const store::Records& records = log_.records();
        const store::Player* player = records.findPlayer(name.toStdString());
        if (!player) return;
        const auto bag = records.wedgesOf(player->name);
        change(tr("change player"), [&](BenchState& s) {
            s.player = records.modelOf(player->name);
            // The next shot is with one of this player's wedges: the nearest to the present.
            const auto nearest =
                std::min_element(bag.begin(), bag.end(), [&](const auto& a, const auto& b) {
                    const double loft = s.conditions.wedge.loft_rad;
                    return std::abs(a.wedge.loft_rad - loft) < std::abs(b.wedge.loft_rad - loft);
                });
            if (nearest != bag.end()) s.conditions.wedge = nearest->wedge;
        });
    };
    acts.keep = [this](const QString& name) {
        const store::Player player{0, name.toStdString(), bench_.state().player.hand, {}};
        log_.change([player](store::Logbook& book) { store::Kit(book).keepPlayer(player); });
        change(tr("change player"), [&](BenchState& s) {
            s.player = {player.name, player.hand, log_.records().modelOf(player.name).tuning};
        });
    };
    acts.remove = [this](const QString& name) {
        log_.change([name = name.toStdString()](store::Logbook& book) {
            store::Kit(book).removePlayer(name);
        });
    };
    addKept(form, tr("Kept players"), bench_.state().playerName(), acts);
    auto* name = new QLineEdit(bench_.state().playerName());
    name->setMaxLength(60);
    name->setPlaceholderText(text::playerName({}));
    name->setAccessibleName(tr("Name"));
    connect(name, &QLineEdit::editingFinished, this, [this, name] {
        if (name->text() == bench_.state().playerName()) return;
        // Somebody else has a hand and a tuning of his own, or none.
        change(tr("change player"), [&](BenchState& s) {
            s.player = log_.records().modelOf(name->text().toStdString());
        });
    });
    form.addRow(tr("Name"), name);
    addChoice(form, tr("Hand"), {tr("right"), tr("left")},
              bench_.state().player.hand == Hand::Left ? 1 : 0,
              [](BenchState& s, int i) { s.player.hand = i == 1 ? Hand::Left : Hand::Right; });
    addOtherNames(form);
    auto* swings = new QPushButton(tr("Swings…"));
    swings->setToolTip(tr("What the player's swings are called, how long they are, and how fast"));
    connect(swings, &QPushButton::clicked, this, &GivensStrip::askForSwings);
    form.addRow(tr("Swings"), swings);
}

void GivensStrip::fillWedge(QFormLayout& form) {
    const QString deg = QStringLiteral("°");
    const double k = degFromRad(1.0);
    addNumber(form, tr("Loft"), deg, k, 24, 66, 1, 1,
              [](BenchState& s) -> double& { return s.conditions.wedge.loft_rad; });
    addNumber(form, tr("Lie angle"), deg, k, 55, 72, 0.5, 1,
              [](BenchState& s) -> double& { return s.conditions.wedge.lie_rad; });
    addNumber(form, tr("Bounce"), deg, k, 0, 20, 1, 1,
              [](BenchState& s) -> double& { return s.conditions.wedge.bounce_rad; });
    addWedgeRecord(form);
}

void GivensStrip::addWedgeRecord(QFormLayout& form) {
    const std::string player = bench_.state().player.name;
    if (player.empty()) {
        auto* hint = new QLabel(tr("A bag is somebody's: name the player first."));
        hint->setFont(style::font(12));
        form.addRow(hint);
        return;
    }
    const auto line = [&](const QString& name, const QString& hint) {
        auto* edit = new QLineEdit;
        edit->setMaxLength(100);
        edit->setPlaceholderText(hint);
        edit->setAccessibleName(name);
        form.addRow(name, edit);
        return edit;
    };
    auto* sole = line(tr("Sole"), tr("wide, heel ground off"));
    auto* grooves = line(tr("Grooves"), tr("fresh, worn"));
    auto* note = line(tr("Note"), tr("bent 1° strong in May"));
    auto* length = new QuantityField({tr("Club's length"), tr("cm"), 100, 0, 120, 0.5, 1});
    length->setSpecialValueText(tr("not said"));
    form.addRow(tr("Club's length"), length);
    auto* history = new QLabel;
    history->setTextFormat(Qt::PlainText);
    history->setFont(style::font(12));
    history->setObjectName(QStringLiteral("wedgeHistory"));
    const auto tell = [this, player, history](const QString& name) {
        QStringList said;
        for (const store::KitWedge& w : log_.records().wedgesOf(player, true)) {
            if (w.name != name.toStdString()) continue;
            said << tr("%1, from %2 %3")
                        .arg(text::wedge(w.wedge), text::fromUtf8(w.since),
                             w.until.empty() ? tr("on") : tr("to %1").arg(text::fromUtf8(w.until)));
        }
        history->setText(said.join(QLatin1Char('\n')));
    };
    // The pop-up may be closed when a wedge is kept at last.
    const auto tellLater = [tell, alive = QPointer<QLabel>(history)](const QString& name) {
        return [tell, alive, name] {
            if (alive) tell(name);
        };
    };
    const auto today = [this] { return log_.clock().today(); };
    KeptLine::Acts acts;
    acts.names = [this, player] {
        QStringList out;
        for (const store::KitWedge& w : log_.records().wedgesOf(player))
            out << text::fromUtf8(w.name);
        return out;
    };
    acts.choose = [=, this](const QString& name) {
        for (const store::KitWedge& w : log_.records().wedgesOf(player)) {
            if (w.name != name.toStdString()) continue;
            change(tr("change wedge"), [&](BenchState& s) { s.conditions.wedge = w.wedge; });
            sole->setText(text::fromUtf8(w.sole));
            grooves->setText(text::fromUtf8(w.grooves));
            note->setText(text::fromUtf8(w.note));
            length->setSi(w.length_m.value_or(0.0));
        }
        tell(name);
    };
    acts.keep = [=, this](const QString& name) {
        store::KitWedge w;
        w.name = name.toStdString();
        w.wedge = bench_.state().conditions.wedge;
        w.sole = sole->text().toStdString();
        w.grooves = grooves->text().toStdString();
        w.note = note->text().toStdString();
        if (length->si() > 0) w.length_m = length->si();
        log_.change(
            [w, player, hand = bench_.state().player.hand, day = today()](store::Logbook& book) {
                store::Kit kit(book);
                // A wedge is somebody's: the strip's player is kept with it.
                if (!kit.findPlayer(player)) kit.keepPlayer({0, player, hand, {}});
                kit.keepWedge(player, w, day);
            },
            tellLater(name));
    };
    acts.remove = [=, this](const QString& name) {
        log_.change([player, its = name.toStdString(), day = today()](
                        store::Logbook& book) { store::Kit(book).retireWedge(player, its, day); },
                    tellLater(name));
    };
    addKept(form, tr("In the bag"), {}, acts);
    form.addRow(history);
}

void GivensStrip::fillBall(QFormLayout& form) {
    addChoice(form, tr("Ball"), textsOf(namedBalls()),
              static_cast<int>(bench_.state().conditions.ball), [](BenchState& s, int i) {
                  s.conditions.ball = namedBalls()[static_cast<std::size_t>(i)].ball;
              });
    addChoice(form, tr("Face"), textsOf(namedFaces()),
              static_cast<int>(bench_.state().conditions.face), [](BenchState& s, int i) {
                  s.conditions.face = namedFaces()[static_cast<std::size_t>(i)].face;
              });
    addKeptPart<store::KeptBall>(
        form, tr("Kept balls"), store::Kit::Part::Ball, &store::Records::balls,
        [](BenchState& s, const store::KeptBall& kept) { s.conditions.ball = kept.ball; },
        [](const BenchState& s) {
            return store::KeptBall{{}, s.conditions.ball};
        });
}

void GivensStrip::fillLie(QFormLayout& form) {
    auto* questions = new LieQuestions(bench_.state().read.lie);
    connect(questions, &LieQuestions::answered, this, [this](const LieAnswers& answers) {
        change(tr("read the lie"), [&](BenchState& s) {
            s.read.lie = answers;
            s.conditions.lie = readLie(answers).lie(s.conditions.lie.firmness);
        });
    });
    form.addRow(questions);
    const QString now = text::lie(bench_.state().conditions.lie);
    const QStringList names = textsOf(namedLies());
    addChoice(form, tr("Lie"), names, static_cast<int>(names.indexOf(now)),
              [](BenchState& s, int i) {
                  s.read.lie = {};
                  s.conditions.lie = namedLies()[static_cast<std::size_t>(i)].lie;
              });
    addKeptPart<store::KeptLie>(
        form, tr("Kept lies"), store::Kit::Part::Lie, &store::Records::lies,
        [](BenchState& s, const store::KeptLie& kept) {
            s.read.lie = {};
            s.conditions.lie = kept.lie;
        },
        [](const BenchState& s) {
            return store::KeptLie{{}, s.conditions.lie};
        });
    fillLieNumbers(addNumbers(form));
}

QFormLayout& GivensStrip::addNumbers(QFormLayout& form) {
    auto* more = new QToolButton;
    more->setText(tr("In numbers"));
    more->setCheckable(true);
    more->setAutoRaise(true);
    auto* box = new QWidget;
    auto* inner = new QFormLayout(box);
    inner->setContentsMargins(0, 0, 0, 0);
    inner->setVerticalSpacing(7);
    box->hide();
    connect(more, &QToolButton::toggled, box, [box](bool on) {
        box->setVisible(on);
        // The pop-up takes the room that it needs now.
        QTimer::singleShot(0, box, [box] { box->window()->adjustSize(); });
    });
    form.addRow(more);
    form.addRow(box);
    return *inner;
}

void GivensStrip::fillLieNumbers(QFormLayout& form) {
    addNumber(form, tr("Grass between"), tr("%"), 100, 0, 100, 5, 0, [](BenchState& s) -> double& {
        s.read.lie = {};  // given in numbers now
        return s.conditions.lie.cover;
    });
    addNumber(form, tr("Moisture"), tr("%"), 100, 0, 100, 5, 0, [](BenchState& s) -> double& {
        s.read.lie = {};
        return s.conditions.lie.moisture;
    });
    addNumber(form, tr("Grain"), QStringLiteral("°"), degFromRad(1.0), -180, 180, 15, 0,
              [](BenchState& s) -> double& {
                  s.read.lie = {};
                  return s.conditions.lie.grain_rad;
              });
    addNumber(form, tr("Sits up"), tr("mm"), 1000, 0, 60, 1, 0, [](BenchState& s) -> double& {
        s.read.lie = {};
        return s.conditions.lie.sit_m;
    });
    auto* hint = new QLabel(
        tr("Grain: 0° lies toward the target, 180° against,\n90° away from the player."));
    hint->setFont(style::font(12));
    form.addRow(hint);
}

void GivensStrip::fillGround(QFormLayout& form) {
    addChoice(form, tr("The ground is"), text::firmnessWords(),
              text::firmnessWordOf(bench_.state().conditions.ground.firmness),
              [](BenchState& s, int i) { s.conditions.ground.firmness = text::firmnessOfWord(i); });
    addChoice(form, tr("Grass on it"), {tr("dry"), tr("dewy")},
              bench_.state().conditions.ground.friction < 0.31 ? 1 : 0,
              [](BenchState& s, int i) { s.conditions.ground.friction = i == 1 ? 0.24 : 0.38; });
    addNumber(form, tr("Green speed"), tr("ft"), 1, 5, 15, 0.5, 1,
              [](BenchState& s) -> double& { return s.conditions.ground.stimp_ft; });
    addKeptPart<store::KeptGround>(
        form, tr("Kept grounds"), store::Kit::Part::Ground, &store::Records::grounds,
        [](BenchState& s, const store::KeptGround& kept) { s.conditions.ground = kept.ground; },
        [](const BenchState& s) {
            return store::KeptGround{{}, s.conditions.ground};
        });
    fillGroundNumbers(addNumbers(form));
}

void GivensStrip::fillGroundNumbers(QFormLayout& form) {
    addNumber(form, tr("Firmness"), QString(), 1, 0.6, 1.5, 0.05, 2,
              [](BenchState& s) -> double& { return s.conditions.ground.firmness; });
    addNumber(form, tr("Turf friction"), QString(), 1, 0.2, 0.6, 0.01, 2,
              [](BenchState& s) -> double& { return s.conditions.ground.friction; });
    addNumber(form, tr("Rises along"), tr("%"), 100, -8, 8, 1, 1,
              [](BenchState& s) -> double& { return s.conditions.ground.slopeAlong; });
    addNumber(form, tr("Rises to the right"), tr("%"), 100, -8, 8, 1, 1,
              [](BenchState& s) -> double& { return s.conditions.ground.slopeAcross; });
    auto* hint =
        new QLabel(tr("Firmness: 0.7 soft, 1 ordinary, 1.4 hard.\nFriction: 0.38 dry, 0.24 dewy."));
    hint->setFont(style::font(12));
    form.addRow(hint);
}

void GivensStrip::fillAir(QFormLayout& form) {
    const Units& u = bench_.units();
    addNumber(form, tr("Temperature"), tr("°C"), 1, -20, 45, 1, 0,
              [](BenchState& s) -> double& { return s.conditions.air.temperature_c; });
    addNumber(form, tr("Wind with (+) or against"), u.speedName(), u.speedFactor(),
              -15 * u.speedFactor(), 15 * u.speedFactor(), 1, 1,
              [](BenchState& s) -> double& { return s.conditions.air.windAhead_mps; });
    addNumber(form, tr("Wind to the right (+)"), u.speedName(), u.speedFactor(),
              -15 * u.speedFactor(), 15 * u.speedFactor(), 1, 1,
              [](BenchState& s) -> double& { return s.conditions.air.windRight_mps; });
    addNumber(form, tr("Altitude"), u.heightName(), u.heightFactor(), 0, 3000 * u.heightFactor(),
              50, 0, [](BenchState& s) -> double& { return s.conditions.air.altitude_m; });
}

}  // namespace wedgeon
