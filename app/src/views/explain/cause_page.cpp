// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Saying what was found.
#include "views/explain/cause_page.h"

#include <QAction>
#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "drawings/beliefs_drawing.h"
#include "drawings/flight_drawing.h"
#include "style/style.h"
#include "text/sentences.h"
#include "views/explain/cause_words.h"
#include "wedgeon/units.h"
#include "widgets/headline.h"
#include "widgets/panel.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

/// From here on the likeliest is said as the answer.
constexpr double tells = 0.45;
constexpr double worthSaying = 0.12;
constexpr int mostSigns = 7;

SentenceLabel* labelled(SentenceLabel::Rank rank, QVBoxLayout* column) {
    auto* label = new SentenceLabel(rank);
    label->setFont(rank == SentenceLabel::Rank::Title ? style::font(14, QFont::DemiBold)
                                                      : style::font(13));
    column->addWidget(label);
    return label;
}

QString capital(QString text) {
    if (!text.isEmpty()) text[0] = text[0].toUpper();
    return text;
}

/// A sign that a coach speaks of: what follows from others is left to them.
bool isSpoken(const Sign& sign) {
    return sign.of != Sign::Of::Read ||
           (sign.outcome != Outcome::Total && sign.outcome != Outcome::RestSide &&
            sign.outcome != Outcome::Side);
}

}  // namespace

CausePage::CausePage(Desk& desk, QWidget* pages, QWidget* parent)
    : QWidget(parent), desk_(desk), finder_(desk.causes()), bench_(desk.bench()) {
    connect(&finder_, &CauseFinder::failed, this, [this](const QString& why) {
        headline_->setTexts(tr("The cause could not be looked for."), why);
    });
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 12, 14, 12);
    column->setSpacing(12);
    column->addWidget(makeTop(pages), 9);
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    auto* left = new Panel;
    auto* its = new QVBoxLayout(left);
    its->setContentsMargins(1, 6, 1, 6);
    beliefs_ = new BeliefsDrawing(tr("What would make it"));
    its->addWidget(beliefs_);
    connect(beliefs_, &BeliefsDrawing::rowChosen, this, [this](int at) {
        row_ = at;
        showFlights();
        showChosen();
    });
    row->addWidget(left, 16);
    row->addWidget(makeRight(), 9);
    column->addLayout(row, 11);
}

QWidget* CausePage::makeTop(QWidget* pages) {
    auto* top = new Panel;
    auto* column = new QVBoxLayout(top);
    column->setContentsMargins(1, 10, 1, 1);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(20, 0, 16, 0);
    headline_ = new Headline(QStringLiteral("cause"));
    head->addWidget(headline_, 1);
    auto* side = new QVBoxLayout;
    side->setSpacing(4);
    side->addWidget(pages, 0, Qt::AlignRight);
    auto* asked = new QHBoxLayout;
    complaints_ = makeComplaints();
    clear_ = new QPushButton(tr("Begin again"));
    clear_->setToolTip(tr("Drop the shots and the complaint"));
    connect(clear_, &QPushButton::clicked, this, [this] { finder_.clear(); });
    asked->addStretch(1);
    asked->addWidget(complaints_);
    asked->addWidget(clear_);
    side->addLayout(asked);
    side->addStretch(1);
    head->addLayout(side);
    column->addLayout(head);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(0, 0, 20, 0);
    flight_ = new FlightDrawing(tr("Usual flight, and with the cause"));
    row->addWidget(flight_, 7);
    auto* list = new QVBoxLayout;
    list->setSpacing(2);
    auto* title = labelled(SentenceLabel::Rank::Title, list);
    title->setText(tr("The pattern"));
    hint_ = labelled(SentenceLabel::Rank::Why, list);
    hint_->setFont(style::font(12));
    auto* columns = new QHBoxLayout;
    columns->setSpacing(14);
    for (SentenceLabel** label : {&signs_, &offs_}) {
        *label = new SentenceLabel(SentenceLabel::Rank::Body);
        (*label)->setFont(style::font(13));
        (*label)->setAlignment(Qt::AlignTop | (label == &offs_ ? Qt::AlignRight : Qt::AlignLeft));
        columns->addWidget(*label);
    }
    signs_->setObjectName(QStringLiteral("causeSigns"));
    offs_->setObjectName(QStringLiteral("causeOffs"));
    columns->addStretch(1);
    list->addLayout(columns);
    list->addStretch(1);
    row->addLayout(list, 3);
    column->addLayout(row, 1);
    return top;
}

QToolButton* CausePage::makeComplaints() {
    auto* button = new QToolButton;
    button->setPopupMode(QToolButton::InstantPopup);
    button->setToolButtonStyle(Qt::ToolButtonTextOnly);
    button->setAccessibleName(tr("Complaint"));
    button->setToolTip(tr("What is complained of, beside what such shots do off short grass"));
    auto* menu = new QMenu(button);
    for (std::size_t i = 0; i < complaintCount; ++i) {
        const auto complaint = static_cast<Complaint>(i);
        QAction* a = menu->addAction(capital(text::complaint(complaint)));
        a->setCheckable(true);
        connect(a, &QAction::toggled, this,
                [this, complaint](bool there) { finder_.setComplaint(complaint, there); });
        complaintActions_.insert(static_cast<int>(i), a);
    }
    button->setMenu(menu);
    return button;
}

QWidget* CausePage::makeRight() {
    auto* content = new QWidget;
    auto* column = new QVBoxLayout(content);
    column->setContentsMargins(16, 10, 12, 6);
    column->setSpacing(3);
    const auto part = [&](SentenceLabel*& title, SentenceLabel*& body, const char* name) {
        title = labelled(SentenceLabel::Rank::Title, column);
        body = labelled(SentenceLabel::Rank::Body, column);
        body->setObjectName(QLatin1String(name));
        column->addSpacing(8);
    };
    part(apartTitle_, apart_, "causeApart");
    part(ifTitle_, if_, "causeIf");
    part(drillTitle_, drill_, "causeDrill");
    part(lieTitle_, lie_, "causeLie");
    apartTitle_->setText(tr("To tell them apart"));
    drillTitle_->setText(tr("Drill"));
    lieTitle_->setText(tr("No fault"));
    column->addStretch(1);
    auto* scroll = new QScrollArea;
    scroll->setWidget(content);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setAccessibleName(tr("What to do"));
    scroll->viewport()->setAutoFillBackground(false);
    content->setAutoFillBackground(false);
    auto* panel = new Panel;
    auto* all = new QVBoxLayout(panel);
    all->setContentsMargins(1, 1, 1, 8);
    all->addWidget(scroll, 1);
    auto* buttons = new QHBoxLayout;
    buttons->setContentsMargins(14, 0, 14, 0);
    beside_ = new QPushButton(tr("Try as B in Shape"));
    beside_->setToolTip(tr("Puts the set-up with this fault beside the one on the bench"));
    trial_ = new QPushButton(tr("Make it a trial"));
    trial_->setToolTip(tr("The usual way against the cure, in an order by chance"));
    buttons->addWidget(beside_);
    buttons->addWidget(trial_);
    buttons->addStretch(1);
    all->addLayout(buttons);
    connect(beside_, &QPushButton::clicked, this, &CausePage::tryBeside);
    connect(trial_, &QPushButton::clicked, this, &CausePage::makeTrial);
    return panel;
}

void CausePage::refresh() {
    if (found() != shown_) row_ = 0;
    shown_ = found();
    showComplaints();
    headline_->setTexts(sentence(), why());
    showFlights();
    showPattern();
    showBeliefs();
    showChosen();
}

const FaultBelief* CausePage::chosen() const {
    if (!found() || found()->answer.beliefs.empty()) return nullptr;
    const auto& all = found()->answer.beliefs;
    return &all[std::min(static_cast<std::size_t>(row_), all.size() - 1)];
}

void CausePage::showComplaints() {
    QStringList said;
    for (const Complaint c : finder_.complaints())
        said << text::complaint(c);
    complaints_->setText(said.isEmpty() ? tr("Complaint…")
                                        : capital(said.join(tr(", "))) + QStringLiteral(" ▾"));
    for (auto it = complaintActions_.cbegin(); it != complaintActions_.cend(); ++it) {
        const QSignalBlocker quiet(it.value());
        it.value()->setChecked(finder_.complaints().contains(static_cast<Complaint>(it.key())));
    }
    clear_->setEnabled(finder_.hasQuestion());
}

QString CausePage::sentence() const {
    if (!finder_.hasQuestion()) return tr("Which shots, or what complaint?");
    if (!found()) return tr("Looking for the cause…");
    const CauseAnswer& a = found()->answer;
    if (a.beliefs.empty()) return tr("The model has no answer for these shots.");
    QStringList said;
    for (const Complaint c : finder_.complaints())
        said << text::complaint(c);
    const QString complaint =
        said.isEmpty() ? QString() : capital(said.join(tr(" and "))) + tr(": ");
    const FaultBelief& first = a.beliefs.front();
    const QString odds = text::odds(first.likely);
    if (first.fault == Fault::None && first.likely >= tells) {
        const QString what = tr("%1 no fault: %2.").arg(odds, text::faultSays(Fault::None));
        return complaint.isEmpty() ? capital(what) : complaint + what;
    }
    if (first.likely >= tells) {
        const QString what = tr("%1, %2.").arg(odds, text::faultSays(first.fault));
        return complaint.isEmpty() ? capital(what) : complaint + what;
    }
    if (a.beliefs.size() < 2) return {};
    return complaint + tr("It cannot be told yet: %1 (%2), or %3 (%4).")
                           .arg(text::faultSays(first.fault), odds,
                                text::faultSays(a.beliefs[1].fault),
                                text::odds(a.beliefs[1].likely));
}

QString CausePage::why() const {
    if (!finder_.hasQuestion())
        return tr(
            "In Watch, show the shots of the complaint and press Ctrl+Shift+C; or choose a "
            "complaint here, to begin with what is usual.");
    if (!found()) return {};
    const CauseFound& f = *found();
    QString out;
    if (f.answer.shots == 0) {
        out =
            tr("From the complaint alone: what is usual, and what the set-up in Shape and the "
               "strip say.");
    } else {
        const QString shots = text::shots(static_cast<qsizetype>(f.answer.shots));
        out = f.answer.usual > 0
                  ? tr("From %1 against %2 of the player's own before.")
                        .arg(shots, text::number(static_cast<double>(f.answer.usual), 0))
                  : tr("From %1, with none of the player's own before: against what is usual of "
                       "players.")
                        .arg(shots);
    }
    if (f.shots.withoutReading + f.shots.ofOthers > 0)
        out += QLatin1Char(' ') +
               tr("%n shot(s) left out: nothing was read of them, or another player's.", nullptr,
                  static_cast<int>(f.shots.withoutReading + f.shots.ofOthers));
    const auto& all = f.answer.beliefs;
    if (all.size() > 1 && all[0].likely >= tells && all[1].likely >= worthSaying)
        out += QLatin1Char(' ') +
               tr("%1: %2.").arg(capital(text::odds(all[1].likely)), text::faultSays(all[1].fault));
    return out;
}

void CausePage::showFlights() {
    FlightScene scene;
    scene.units = bench_.units();
    if (found() && found()->usual) {
        const CauseFlight& usual = *found()->usual;
        scene.others.push_back({tr("usual"), flightPath(usual.trace, usual.shot)});
        const auto at = static_cast<std::size_t>(row_);
        const auto& its =
            at < found()->with.size() && found()->with[at] ? *found()->with[at] : usual;
        scene.predicted = flightPath(its.trace, its.shot);
        scene.shot = its.shot;
        scene.letter = tr("now");
        scene.detailed = false;
    }
    flight_->show(scene);
}

void CausePage::showPattern() {
    QStringList names, offs;
    QString hint;
    if (found()) {
        std::vector<const PatternSign*> signs;
        for (const PatternSign& s : found()->answer.signs) {
            if (s.hasNumber && isSpoken(s.sign)) signs.push_back(&s);
        }
        std::stable_sort(signs.begin(), signs.end(), [](const auto* a, const auto* b) {
            return std::abs(a->off) / a->half80 > std::abs(b->off) / b->half80;
        });
        for (const PatternSign* s : signs) {
            if (names.size() == mostSigns) break;
            names << text::signName(s->sign);
            offs << text::signOff(*s, bench_.units());
        }
        int fat = 0, thin = 0, noted = 0;
        for (const PatternShot& s : found()->shots.request.shots) {
            if (!s.seen.strike) continue;
            ++noted;
            fat += *s.seen.strike == SeenStrike::Fat ? 1 : 0;
            thin += *s.seen.strike == SeenStrike::Thin ? 1 : 0;
        }
        if (noted > 0) {
            names << tr("strike");
            offs << tr("fat %1, thin %2 of %3 noted").arg(fat).arg(thin).arg(noted);
        }
        hint = names.isEmpty()             ? tr("Nothing was read or seen yet.")
               : found()->answer.usual > 0 ? tr("beside the usual with this set-up")
                                           : tr("beside what the model gives for this set-up");
    }
    hint_->setText(hint);
    signs_->setText(names.join(QLatin1Char('\n')));
    offs_->setText(offs.join(QLatin1Char('\n')));
}

void CausePage::showBeliefs() {
    QVector<BeliefsDrawing::Row> rows;
    if (found()) {
        const CauseAnswer& a = found()->answer;
        for (const FaultBelief& b : a.beliefs) {
            BeliefsDrawing::Row row;
            row.name = text::faultName(b.fault);
            row.before = b.before;
            row.likely = b.likely;
            for (const Speaks& s : b.speaks) {
                const PatternSign& sign = a.signs[s.sign];
                if (!isSpoken(sign.sign)) continue;
                QStringList& list = s.bits > 0.0 ? row.speaksFor : row.against;
                if (list.size() == 2) continue;
                const QString off = text::signOff(sign, bench_.units());
                list << text::signName(sign.sign) +
                            (off.isEmpty() ? QString() : QLatin1Char(' ') + off);
            }
            rows.append(row);
        }
    }
    beliefs_->show(rows, row_);
}

void CausePage::showChosen() {
    const FaultBelief* b = chosen();
    const bool any = b != nullptr;
    const auto tell = [](SentenceLabel* title, SentenceLabel* body, const QString& text) {
        title->setVisible(!text.isEmpty());
        body->setVisible(!text.isEmpty());
        body->setText(text);
    };
    QString apart, cure, drill, lie;
    if (any) {
        const CauseAnswer& a = found()->answer;
        if (!a.checks.empty() && a.beliefs.size() > 1 && a.checks.front().bits > 0.02) {
            const CheckGain& g = a.checks.front();
            apart = text::check(g.check) + QLatin1Char('\n') +
                    text::checkTells(g, a.beliefs[0].fault, a.beliefs[1].fault, bench_.units());
        }
        QStringList sizes;
        for (const SizedChange& s : b->sizes) {
            if (std::abs(s.value) < s.half80 || sizes.size() == 2) continue;
            const QString one = text::change(s.change, s.value, bench_.units());
            if (!one.isEmpty()) sizes << one;
        }
        QStringList parts;
        if (!sizes.isEmpty()) parts << capital(sizes.join(tr(", "))) + QLatin1Char('.');
        parts << text::cure(b->fault);
        const QString brings = text::cureBrings(*b, bench_.units());
        if (!brings.isEmpty()) parts << brings;
        cure = parts.join(QLatin1Char(' '));
        drill = text::drillFor(b->fault);
        lie = text::lieDoes(a.ofTheLie, bench_.units());
        ifTitle_->setText(b->fault == Fault::None ? tr("If it is no fault")
                                                  : tr("If %1").arg(text::faultSays(b->fault)));
    }
    tell(apartTitle_, apart_, apart);
    tell(ifTitle_, if_, cure);
    tell(drillTitle_, drill_, drill);
    tell(lieTitle_, lie_, lie);
    const Recipe& usual =
        any ? found()->shots.request.kinds.front().declared : bench_.state().recipe();
    beside_->setEnabled(any && withChanges(usual, b->sizes) != usual);
    trial_->setEnabled(any && b->fault != Fault::None && !drill.isEmpty());
}

void CausePage::tryBeside() {
    const FaultBelief* b = chosen();
    if (!b) return;
    BenchState next = bench_.state();
    NamedRecipe its = next.recipes[next.chosen];
    its.name = text::faultName(b->fault).toStdString();
    its.recipe = withChanges(found()->shots.request.kinds.front().declared, b->sizes);
    if (next.recipes.size() < BenchState::mostRecipes) {
        next.recipes.push_back(its);
        next.chosen = next.recipes.size() - 1;
    } else {
        next.recipes.back() = its;
    }
    bench_.edit(next, tr("try %1").arg(text::faultName(b->fault)));
    emit viewWanted(QStringLiteral("shape"));
}

void CausePage::makeTrial() {
    const FaultBelief* b = chosen();
    if (!b) return;
    emit viewWanted(QStringLiteral("train"));
    desk_.wantTrial({tr("as until now"), text::cure(b->fault)});
}

QString CausePage::asText() const {
    if (!found()) return {};
    QStringList out{headline_->asText()};
    const QStringList names = signs_->text().split(QLatin1Char('\n'), Qt::SkipEmptyParts);
    const QStringList offs = offs_->text().split(QLatin1Char('\n'), Qt::SkipEmptyParts);
    for (qsizetype i = 0; i < std::min(names.size(), offs.size()); ++i)
        out << names[i] + QLatin1Char(' ') + offs[i];
    out << beliefs_->accessibleDescription();
    for (const SentenceLabel* l : {apart_, if_, drill_, lie_}) {
        if (!l->text().isEmpty()) out << l->text();
    }
    return out.join(QLatin1Char('\n'));
}

QVector<ReportPart> CausePage::reportParts() const {
    if (!found() || found()->answer.beliefs.empty()) return {};
    return {ReportPart{tr("What made it"), sentence(), why(), {}, {}}};
}

}  // namespace wedgeon
