// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Limits, table, preview.
#include "views/train/plan_dialog.h"

#include <QCheckBox>
#include <QDateEdit>
#include <QDialogButtonBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLocale>
#include <QPushButton>
#include <QSpinBox>
#include <QTableWidget>
#include <QTextEdit>
#include <QTimeEdit>
#include <QVBoxLayout>
#include <algorithm>

#include "paper/report.h"
#include "style/style.h"
#include "text/said.h"
#include "text/train_words.h"
#include "text/units.h"
#include "wedgeon/error.h"
#include "wedgeon/store/calendar.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "widgets/file_dialogs.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr double minutesOfAShot = 0.9, minutesToBegin = 2.0;
constexpr std::size_t mostPlanned = 16;
constexpr double unknownMiss = 0.5;

}  // namespace

PlanDialog::PlanDialog(const QString& player, std::vector<Drill> drills,
                       const std::map<std::string, double>& missed, const Clock& clock,
                       QWidget* parent)
    : QDialog(parent), player_(player), drills_(std::move(drills)), clock_(clock) {
    setWindowTitle(tr("Plan the next sessions"));
    resize(920, 620);
    if (drills_.size() > mostPlanned) drills_.resize(mostPlanned);
    for (const Drill& d : drills_) {
        PlanChoice c;
        c.minutes = minutesToBegin + minutesOfAShot * static_cast<double>(d.shots());
        c.effort = static_cast<double>(d.shots());
        const auto at = missed.find(d.name);
        c.weakness = at == missed.end() ? unknownMiss : at->second;
        choices_.push_back(c);
    }
    auto* column = new QVBoxLayout(this);
    auto* row = new QHBoxLayout;
    auto* left = new QVBoxLayout;
    auto* what = new SentenceLabel(SentenceLabel::Rank::Why);
    what->setText(
        tr("What is missed most of what matters most, within the time and the strikes of a "
           "session. 0 leaves a drill out. One that was never hit counts as missed by half."));
    left->addWidget(what);
    makeTable(missed);
    left->addWidget(table_, 1);
    left->addWidget(makeLimits());
    row->addLayout(left, 3);
    preview_ = new QTextEdit;
    preview_->setAccessibleName(tr("The plan, to be edited"));
    preview_->setPalette(style::paper());
    preview_->document()->setDefaultFont(style::printed(style::font(14)));
    row->addWidget(preview_, 2);
    column->addLayout(row, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    buttons->button(QDialogButtonBox::Close)->setText(tr("Close"));
    auto* calendar = buttons->addButton(tr("Save as calendar…"), QDialogButtonBox::ActionRole);
    auto* sheet = buttons->addButton(tr("Save the sheet…"), QDialogButtonBox::ActionRole);
    connect(calendar, &QPushButton::clicked, this, &PlanDialog::saveCalendar);
    connect(sheet, &QPushButton::clicked, this, &PlanDialog::saveSheet);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    show();
}

void PlanDialog::makeTable(const std::map<std::string, double>& missed) {
    table_ = new QTableWidget(static_cast<int>(drills_.size()), 4);
    table_->setAccessibleName(tr("Drills to choose from"));
    table_->setHorizontalHeaderLabels({tr("Drill"), tr("Missed"), tr("Minutes"), tr("Matters")});
    table_->verticalHeader()->hide();
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    for (int i = 0; i < table_->rowCount(); ++i) {
        const Drill& d = drills_[static_cast<std::size_t>(i)];
        const PlanChoice& c = choices_[static_cast<std::size_t>(i)];
        table_->setItem(i, 0, new QTableWidgetItem(text::fromUtf8(d.name)));
        table_->setItem(
            i, 1,
            new QTableWidgetItem(missed.contains(d.name)
                                     ? text::number(100 * c.weakness, 0) + QStringLiteral(" %")
                                     : tr("not hit yet")));
        table_->setItem(i, 2, new QTableWidgetItem(text::number(c.minutes, 0)));
        auto* matters = new QSpinBox;
        matters->setRange(0, 3);
        matters->setValue(1);
        matters->setAccessibleName(tr("%1 matters").arg(text::fromUtf8(d.name)));
        connect(matters, &QSpinBox::valueChanged, this, &PlanDialog::show);
        table_->setCellWidget(i, 3, matters);
        matters_.push_back(matters);
    }
}

QWidget* PlanDialog::makeLimits() {
    auto* box = new QWidget;
    auto* form = new QFormLayout(box);
    form->setContentsMargins(0, 0, 0, 0);
    const auto number = [&](const QString& name, int low, int high, int value) {
        auto* spin = new QSpinBox;
        spin->setRange(low, high);
        spin->setValue(value);
        spin->setAccessibleName(name);
        connect(spin, &QSpinBox::valueChanged, this, &PlanDialog::show);
        return spin;
    };
    minutes_ = number(tr("Minutes of a session"), 10, 240, 40);
    effort_ = number(tr("Strikes of a session at most"), 5, 400, 60);
    sessions_ = number(tr("Sessions"), 1, 20, 3);
    auto* limits = new QHBoxLayout;
    limits->addWidget(minutes_);
    limits->addWidget(new QLabel(tr("minutes,")));
    limits->addWidget(effort_);
    limits->addWidget(new QLabel(tr("strikes at most,")));
    limits->addWidget(sessions_);
    limits->addWidget(new QLabel(tr("sessions")));
    limits->addStretch(1);
    form->addRow(limits);
    auto* days = new QHBoxLayout;
    const QLocale locale;
    const QDate today = clock_.local().date();
    for (int day = 1; day <= 7; ++day) {
        auto* check = new QCheckBox(locale.dayName(day, QLocale::ShortFormat));
        check->setChecked(day == 2 || day == 4 || day == 6);
        connect(check, &QCheckBox::toggled, this, &PlanDialog::show);
        days->addWidget(check);
        days_.push_back(check);
    }
    form->addRow(tr("On"), days);
    auto* when = new QHBoxLayout;
    from_ = new QDateEdit(today.addDays(1));
    from_->setCalendarPopup(true);
    from_->setAccessibleName(tr("From"));
    at_ = new QTimeEdit(QTime(17, 30));
    at_->setDisplayFormat(QStringLiteral("HH:mm"));
    at_->setAccessibleName(tr("At"));
    connect(from_, &QDateEdit::dateChanged, this, &PlanDialog::show);
    connect(at_, &QTimeEdit::timeChanged, this, &PlanDialog::show);
    when->addWidget(from_);
    when->addWidget(at_);
    when->addStretch(1);
    form->addRow(tr("From, at"), when);
    return box;
}

std::vector<PlanDialog::Session> PlanDialog::plan() const {
    const bool anyDay =
        std::any_of(days_.begin(), days_.end(), [](const QCheckBox* d) { return d->isChecked(); });
    if (!anyDay) return {};
    std::vector<PlanChoice> choices = choices_;
    for (std::size_t i = 0; i < choices.size(); ++i)
        choices[i].matters = matters_[i]->value();
    PlanLimits limits;
    limits.minutes = minutes_->value();
    limits.effort = effort_->value();
    limits.sessions = static_cast<std::size_t>(sessions_->value());
    std::vector<Session> out;
    QDate day = from_->date();
    for (std::vector<std::size_t>& drills : planSessions(choices, limits)) {
        while (!days_[static_cast<std::size_t>(day.dayOfWeek() - 1)]->isChecked())
            day = day.addDays(1);
        out.push_back({QDateTime(day, at_->time()), std::move(drills)});
        day = day.addDays(1);
    }
    return out;
}

QString PlanDialog::textOf(const Session& session) const {
    QStringList lines;
    for (const std::size_t i : session.drills) {
        lines << tr("%1 (%2, %3 min)")
                     .arg(text::fromUtf8(drills_[i].name),
                          text::shots(static_cast<qsizetype>(drills_[i].shots())),
                          text::number(choices_[i].minutes, 0));
        for (const DrillStation& s : drills_[i].stations) {
            if (drills_[i].stations.size() <= 4)
                lines << QStringLiteral("  – ") + text::fromUtf8(s.task);
        }
    }
    if (lines.isEmpty()) lines << tr("Nothing fits into the time and the strikes.");
    return lines.join(QLatin1Char('\n'));
}

void PlanDialog::show() {
    const auto sessions = plan();
    QVector<ReportPart> parts;
    const QLocale locale;
    for (const Session& s : sessions)
        parts << ReportPart{locale.toString(s.begin, QStringLiteral("ddd d MMM, HH:mm")),
                            QString(),
                            textOf(s),
                            {},
                            {}};
    if (parts.isEmpty()) parts << ReportPart{tr("No day is chosen."), QString(), QString(), {}, {}};
    parts << ReportPart{
        tr("Every time"),
        QString(),
        tr("Nobody ahead of or beside the swing; range rules and local rules first. Stop "
           "at pain: what hurts belongs to a licensed clinician."),
        {},
        {}};
    preview_->setHtml(formatReport(tr("Training of %1").arg(player_), QString(), parts));
}

void PlanDialog::saveCalendar() {
    const QString path = askForTarget(this, tr("Save the sessions as a calendar"),
                                      tr("Calendar (*.ics)"), QStringLiteral("ics"));
    if (path.isEmpty()) return;
    std::vector<store::CalendarEvent> events;
    for (const Session& s : plan()) {
        store::CalendarEvent e;
        e.begin = s.begin.toString(Qt::ISODate).toStdString();
        // The same session of the same player keeps its place when it is planned anew.
        e.uid = e.begin + "-" + std::to_string(qHash(player_, 0)) + "@wedgeon";
        e.minutes = minutes_->value();
        e.title = tr("Training: %1").arg(player_).toStdString();
        e.text = textOf(s).toStdString();
        events.push_back(std::move(e));
    }
    try {
        store::writeWhole(path.toStdString(), store::formatCalendar(events, clock_.utc()));
        emit said(tr("%n session(s) saved to %1.", nullptr, static_cast<int>(events.size()))
                      .arg(QFileInfo(path).fileName()));
    } catch (const store::StoreError& e) {
        emit failed(text::said(e));
    }
}

void PlanDialog::saveSheet() {
    const QString path =
        askForTarget(this, tr("Save the sheet"), tr("Document (*.pdf)"), QStringLiteral("pdf"));
    if (path.isEmpty()) return;
    if (saveReportPdf(*preview_->document(), path, tr("Training of %1").arg(player_))) {
        emit said(tr("Saved to %1.").arg(QFileInfo(path).fileName()));
    } else {
        emit failed(tr("%1 could not be written.").arg(QFileInfo(path).fileName()));
    }
}

}  // namespace wedgeon
