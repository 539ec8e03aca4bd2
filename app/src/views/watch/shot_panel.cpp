// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Filling the panel.
#include "views/watch/shot_panel.h"

#include <QGridLayout>
#include <QLabel>
#include <QVBoxLayout>
#include <cmath>

#include "drawings/flight_drawing.h"
#include "style/style.h"
#include "text/keys.h"
#include "text/quantities.h"
#include "text/quantity_help.h"
#include "text/said.h"
#include "text/seen_words.h"
#include "views/watch/shot_notes.h"
#include "wedgeon/error.h"
#include "wedgeon/store/recipe_file.h"
#include "wedgeon/units.h"
#include "widgets/attachment_strip.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

using store::Label;
using store::Quantity;

QString label(const store::ShotRecord& r, Label l) {
    return text::fromUtf8(r[l]);
}

/// A name from a file may be of any length; the panel's first line is one.
QString shortened(const QString& s) {
    constexpr qsizetype most = 40;
    return s.size() <= most ? s : s.left(most - 1) + QChar(0x2026);
}

QLabel* plain(QWidget* parent, int pixels, QFont::Weight weight = QFont::Normal) {
    auto* l = new QLabel(parent);
    l->setTextFormat(Qt::PlainText);
    l->setFont(style::font(pixels, weight));
    return l;
}

constexpr int clubNumbers = 7;
constexpr int mostSmallPictures = 4;

}  // namespace

ShotPanel::ShotPanel(Desk& desk, QWidget* parent)
    : Panel(parent), shots_(desk.shots()), bench_(desk.bench()), log_(desk.log()) {
    setFixedWidth(396);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 12, 16, 12);
    column->setSpacing(5);
    title_ = new SentenceLabel(SentenceLabel::Rank::Why, this);
    sentence_ = new SentenceLabel(SentenceLabel::Rank::Sentence, this);
    sentence_->setFont(style::font(18, QFont::DemiBold));
    sentence_->setObjectName(QStringLiteral("shotSentence"));
    why_ = new SentenceLabel(SentenceLabel::Rank::Why, this);
    why_->setFont(style::font(13));
    column->addWidget(title_);
    column->addWidget(sentence_);
    column->addWidget(why_);
    doubt_ = new SentenceLabel(SentenceLabel::Rank::Body, this);
    doubt_->setObjectName(QStringLiteral("shotDoubt"));
    doubt_->setFont(style::font(13));
    column->addWidget(doubt_);
    declared_ = new SentenceLabel(SentenceLabel::Rank::Body, this);
    declared_->setObjectName(QStringLiteral("shotDeclared"));
    declared_->setFont(style::font(13));
    column->addWidget(declared_);
    flight_ = new FlightDrawing(tr("Flight of the chosen shot"), this);
    flight_->setMinimumHeight(64);
    flight_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);  // takes what is left
    column->addWidget(flight_, 1);

    auto* grid = new QGridLayout;
    grid->setVerticalSpacing(1);
    grid->setColumnStretch(0, 2);
    grid->setColumnStretch(1, 2);
    grid->setColumnStretch(2, 3);
    readAs_ = plain(this, 12, QFont::DemiBold);
    expectedAs_ = new LineLabel(LineLabel::Rank::Body, LineLabel::WhenTight::Dots, this);
    expectedAs_->setFont(style::font(12, QFont::DemiBold));
    grid->addWidget(readAs_, 0, 1);
    grid->addWidget(expectedAs_, 0, 2);
    for (std::size_t t = 0; t < trackCount; ++t) {
        NumberRow& row = numbers_[t];
        row = {plain(this, 13), plain(this, 14, QFont::Medium), plain(this, 14)};
        row.name->setText(text::shortNameOf(quantityOf(static_cast<Track>(t))));
        const int line = static_cast<int>(t) + 1;
        grid->addWidget(row.name, line, 0);
        grid->addWidget(row.measured, line, 1);
        grid->addWidget(row.predicted, line, 2);
    }
    column->addLayout(grid);

    auto* club = new QGridLayout;
    club->setVerticalSpacing(0);
    constexpr int inARow = 4;
    for (int i = 0; i < clubNumbers; ++i) {
        // Long words of another language end in dots.
        for (QVector<QLabel*>* labels : {&clubNames_, &clubValues_})
            *labels << new LineLabel(LineLabel::Rank::Body, LineLabel::WhenTight::Dots, this);
        clubNames_.last()->setFont(style::font(12));
        clubValues_.last()->setFont(style::font(14, QFont::Medium));
        club->addWidget(clubNames_.last(), 2 * (i / inARow), i % inARow);
        club->addWidget(clubValues_.last(), 2 * (i / inARow) + 1, i % inARow);
        club->setColumnStretch(i % inARow, 1);
    }
    column->addLayout(club);
    notes_ = new ShotNotes(desk.log(), bench_, this);
    column->addWidget(notes_);
    attachments_ = new AttachmentStrip(desk.attacher(), mostSmallPictures, this);
    column->addWidget(attachments_);
    connect(attachments_, &AttachmentStrip::failed, this, &ShotPanel::failed);
    givens_ = new SentenceLabel(SentenceLabel::Rank::Why, this);
    givens_->setFont(style::font(12));
    column->addWidget(givens_);

    connect(&bench_, &Workbench::changed, this, [this] { show(row_); });
    connect(&bench_, &Workbench::unitsChanged, this, [this] {
        explainNumbers();
        show(row_);
    });
    explainNumbers();
    connect(&log_, &ShotLog::recordsChanged, this, &ShotPanel::showAttachments);
}

void ShotPanel::showAttachments() {
    attachments_->show(row_ < 0 ? std::vector<store::Attachment>{}
                                : log_.records().attachmentsOf(shots_.loggedAt(row_).id));
}

void ShotPanel::show(int row) {
    row_ = row < shots_.rowCount() ? row : -1;
    setVisible(row_ >= 0);
    notes_->show(row_ >= 0 ? std::optional(shots_.loggedAt(row_)) : std::nullopt);
    showAttachments();
    if (row_ < 0) return;
    const store::ShotRecord& record = shots_.recordAt(row_);
    const WatchedShot& shot = shots_.watchedAt(row_);
    QStringList title{tr("Shot %1").arg(shots_.numberAt(row_))};
    for (const Label l : {Label::Player, Label::Wedge, Label::Swing, Label::Tags}) {
        if (!label(record, l).isEmpty()) title << shortened(label(record, l));
    }
    const std::string& aside = shots_.loggedAt(row_).setAside;
    if (!aside.empty()) title << tr("set aside: %1").arg(shortened(text::asideReason(aside)));
    title_->setText(title.join(QStringLiteral(" · ")));
    sentence_->setText(text::measuredSentence(shot.measured, bench_.units()));
    const QString declared = declaredLine(record, shot);
    declared_->setText(declared);
    declared_->setVisible(!declared.isEmpty());
    if (shot.sighting && !(shot.prediction && !shot.seen)) {
        why_->setText(seenLine(record, shot));
    } else if (shot.prediction && !shot.fromLaunch) {
        why_->setText(text::comparison(shot.measured, shot.prediction->shot,
                                       shot.prediction->spread, bench_.units()));
    } else if (shot.prediction) {
        why_->setText(
            tr("The club was not measured: flight and run are predicted from the ball's launch."));
    } else {
        why_->setText(tr("No prediction: neither club nor launch was measured well enough."));
    }
    QStringList doubts;
    for (const store::QualityNote& n : shots_.doubtsAt(row_)) {
        doubts << (n.doubt == store::Doubt::Change
                       ? tr("? %1").arg(text::said(n.reason))
                       : tr("▲ %1 (%2\u00a0% sure)")
                             .arg(text::said(n.reason), text::number(100 * n.confidence, 0)));
    }
    doubt_->setText(doubts.mid(0, 2).join(QLatin1Char('\n')) +
                    (doubts.isEmpty() ? QString() : tr(" Delete sets it aside, K keeps it.")));
    doubt_->setVisible(!doubts.isEmpty());
    readAs_->setText(QStringLiteral("◆ ") + (shot.seen ? tr("seen") : tr("measured")));
    expectedAs_->setText(QStringLiteral("| ") +
                         (shot.seen ? tr("must have had, 80 in 100") : tr("predicted, 80 in 100")));
    fillNumbers(record, shot);
    draw(record, shot);
    givens_->setText(givensLine(shot));
}

QString ShotPanel::seenLine(const store::ShotRecord& record, const WatchedShot& shot) const {
    QString line = tr("By eye: %1.")
                       .arg(text::seenSaid(*shot.sighting, text::fromUtf8(record[Label::Strike]),
                                           bench_.units()));
    if (!shot.seen) return line + tr(" The set-up declared for it cannot be played.");
    if (shot.seen->strange)
        return line + tr(" ▲ This does not go together with the set-up declared for it.");
    const double fat = shot.seen->fat, thin = shot.seen->thin;
    if (std::max(fat, thin) > 0.5)
        line += (fat > thin ? tr(" Fat, at %1 %.") : tr(" Thin, at %1 %."))
                    .arg(text::number(100 * std::max(fat, thin), 0));
    return line;
}

QString ShotPanel::declaredLine(const store::ShotRecord& record, const WatchedShot& shot) const {
    const auto& commitment = bench_.state().commitment;
    if (!commitment) return {};
    const auto declared = store::findDeclared(record);
    if (!declared || declared->name != commitment->shot) return {};
    const Units& u = bench_.units();
    const auto off = [&](double got, double meant) {
        const double by = got - meant;
        if (std::abs(by) < 0.05) return tr("on it");
        return (by < 0 ? tr("%1 short") : tr("%1 past")).arg(u.length(std::abs(by), 1));
    };
    QString line =
        tr("Declared %1 (%2): ")
            .arg(text::fromUtf8(commitment->shot), text::fromUtf8(commitment->technique));
    if (shot.measured.carry_m) {
        line += tr("to land at %1, landed %2.")
                    .arg(u.length(commitment->landing_m, 1),
                         off(*shot.measured.carry_m, commitment->landing_m));
        if (shot.measured.release_m)
            line += tr(" To rest at %1, rests %2.")
                        .arg(u.length(commitment->rest_m, 1),
                             off(*shot.measured.carry_m + *shot.measured.release_m,
                                 commitment->rest_m));
    } else {
        line += tr("to land at %1; where it landed was not measured.")
                    .arg(u.length(commitment->landing_m, 1));
    }
    return line;
}

void ShotPanel::fillNumbers(const store::ShotRecord& record, const WatchedShot& shot) {
    for (std::size_t t = 0; t < trackCount; ++t) {
        const auto form = text::formOf(quantityOf(static_cast<Track>(t)), bench_.units());
        const auto say = [&](double si) { return text::number(si * form.factor, form.decimals); };
        numbers_[t].measured->setText(shot.read[t] ? text::withUnit(say(*shot.read[t]), form.unit)
                                      : shot.seen  ? QStringLiteral("–")
                                                   : tr("not read"));
        numbers_[t].measured->setEnabled(shot.read[t].has_value());
        const auto& e = shot.expected[t];
        QString predicted = QStringLiteral("–");
        if (e) {
            predicted = text::withSpread(e->value, e->below, e->above, form.factor, form.decimals,
                                         form.unit);
        }
        numbers_[t].predicted->setText(predicted);
    }
    const auto value = [&](Quantity q, auto format) {
        return record.has(q) ? format(record[q]) : QStringLiteral("–");
    };
    const auto degrees = [](double rad) { return text::degrees(rad); };
    // What nobody measured but a seen shot must have had.
    const auto about = [&](Quantity q, const Quantiles SeenShot::*had, auto format) {
        return shot.seen && !record.has(q) ? QStringLiteral("≈ ") + format(((*shot.seen).*had).p50)
                                           : value(q, format);
    };
    const std::array<std::pair<QString, QString>, clubNumbers> club{{
        {tr("speed"), about(Quantity::ClubSpeed, &SeenShot::clubSpeed_mps,
                            [&](double v) { return bench_.units().speed(v); })},
        {tr("attack"), about(Quantity::AttackAngle, &SeenShot::attack_rad, text::attackDegrees)},
        {tr("path"), value(Quantity::ClubPath, text::sideDegrees)},
        {tr("face"), value(Quantity::FaceAngle, text::sideDegrees)},
        {tr("face to path"), value(Quantity::FaceToPath, text::sideDegrees)},
        {tr("dynamic loft"), about(Quantity::DynamicLoft, &SeenShot::dynamicLoft_rad, degrees)},
        {tr("spin loft"), value(Quantity::SpinLoft, degrees)},
    }};
    for (std::size_t i = 0; i < club.size(); ++i) {
        clubNames_[static_cast<int>(i)]->setText(club[i].first);
        clubValues_[static_cast<int>(i)]->setText(club[i].second);
    }
}

void ShotPanel::explainNumbers() {
    const auto explain = [&](Quantity quantity, std::initializer_list<QLabel*> labels) {
        const text::QuantityHelp help = text::helpOf(quantity, bench_.units());
        for (QLabel* label : labels) {
            text::explains(*label, help.key);
            label->setToolTip(text::shortHelp(help));
        }
    };
    for (std::size_t t = 0; t < trackCount; ++t)
        explain(quantityOf(static_cast<Track>(t)),
                {numbers_[t].name, numbers_[t].measured, numbers_[t].predicted});
    constexpr std::array club{Quantity::ClubSpeed, Quantity::AttackAngle, Quantity::ClubPath,
                              Quantity::FaceAngle, Quantity::FaceToPath,  Quantity::DynamicLoft,
                              Quantity::SpinLoft};
    static_assert(club.size() == clubNumbers);
    for (int i = 0; i < clubNumbers; ++i)
        explain(club[static_cast<std::size_t>(i)], {clubNames_[i], clubValues_[i]});
}

void ShotPanel::draw(const store::ShotRecord& record, const WatchedShot& shot) {
    FlightScene scene;
    scene.units = bench_.units();
    scene.detailed = false;
    if (shot.prediction) {
        scene.predicted = flightPath(shot.prediction->trace, shot.prediction->shot);
        scene.shot = shot.prediction->shot;
        scene.band = bandOf(shot.prediction->spread);
    }
    scene.measuredCarry_m = shot.measured.carry_m;
    if (shot.measured.carry_m && shot.measured.release_m) {
        scene.measuredRest_m = *shot.measured.carry_m + *shot.measured.release_m;
    }
    // Its own launch flown by the model: the shape of the measured flight, as nobody filmed it.
    if (const auto launch = store::findLaunch(record); launch && !shot.fromLaunch) {
        try {
            ShotTrace trace;
            const ShotResult flown = shot.givens.predictor().shotFrom(*launch, &trace);
            trace.run.clear();
            scene.measured = flightPath(trace, flown);
        } catch (const RangeError&) {
            scene.measured.reset();
        }
    }
    flight_->show(scene);
}

QString ShotPanel::givensLine(const WatchedShot& shot) const {
    const Conditions& g = shot.givens.conditions;
    QStringList file, strip;
    (shot.givens.wedgeFromRecord ? file : strip)
        << text::degrees(g.wedge.loft_rad, 0) + tr(" of loft");
    (shot.givens.ballFromRecord || shot.givens.faceFromRecord ? file : strip)
        << text::ballAndFace(g.ball, g.face);
    (shot.givens.lieFromRecord ? file : strip) << text::lie(g.lie);
    strip << tr("ground") << tr("air");
    QString said;
    if (!file.isEmpty())
        said = (shot.sighting ? tr("Noted with it: %1. ") : tr("From the file: %1. "))
                   .arg(file.join(QStringLiteral("; ")));
    return said + tr("From the strip: %1.").arg(strip.join(QStringLiteral("; ")));
}

QString ShotPanel::asText() const {
    if (row_ < 0) return {};
    QStringList lines{title_->text(), sentence_->text(), why_->text()};
    for (const NumberRow& row : numbers_) {
        lines << row.name->text() + QStringLiteral("\t") + row.measured->text() +
                     QStringLiteral("\t") + row.predicted->text();
    }
    return lines.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
