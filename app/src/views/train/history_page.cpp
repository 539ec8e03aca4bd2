// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing what is shown.
#include "views/train/history_page.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "desk/worth_in_metres.h"
#include "text/history_words.h"
#include "views/train/history_drawing.h"
#include "views/view.h"
#include "widgets/elided_combo.h"
#include "widgets/headline.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr std::size_t mostRows = 6, mostMarks = 9;
constexpr int linePoints = 24;
constexpr qsizetype mostFindings = 3;

/// Those that drift first, then what the club did for all shots, what the ball did for one wedge
/// and swing: no more than can be read.
std::vector<const MeasureCourse*> rowsOf(const std::vector<MeasureCourse>& all, bool ofOneSwing) {
    std::vector<const MeasureCourse*> out;
    out.reserve(all.size());
    for (const MeasureCourse& c : all)
        out.push_back(&c);
    const auto ofBall = [](const MeasureCourse* c) {
        return c->quantity && *c->quantity >= store::Quantity::LaunchAngle &&
               *c->quantity <= store::Quantity::Side;
    };
    std::stable_sort(out.begin(), out.end(), [&](const auto* a, const auto* b) {
        if (a->drifts != b->drifts) return a->drifts;
        return ofOneSwing && ofBall(a) && !ofBall(b);
    });
    if (out.size() > mostRows) out.resize(mostRows);
    return out;
}

}  // namespace

HistoryPage::HistoryPage(Desk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* head = new QVBoxLayout;
    head->setContentsMargins(16, 0, 16, 0);
    head->setSpacing(8);
    headline_ = new Headline(QStringLiteral("history"));
    head->addWidget(headline_);
    auto* choices = new QHBoxLayout;
    group_ = new ElidedCombo;
    group_->setAccessibleName(tr("Wedge and swing"));
    change_ = new ElidedCombo;
    change_->setAccessibleName(tr("Change that they are held against"));
    choices->addWidget(group_, 1);
    choices->addWidget(change_, 1);
    head->addLayout(choices);
    column->addLayout(head);
    drawing_ = new HistoryDrawing(tr("Measures over the weeks"));
    column->addWidget(drawing_, 1);
    auto* below = new QVBoxLayout;
    below->setContentsMargins(16, 0, 16, 0);
    marks_ = new SentenceLabel(SentenceLabel::Rank::Why);
    marks_->setObjectName(QStringLiteral("historyMarks"));
    below->addWidget(marks_);
    column->addLayout(below);
    connect(group_, &QComboBox::currentIndexChanged, this, &HistoryPage::show);
    connect(change_, &QComboBox::currentIndexChanged, this, &HistoryPage::show);
    connect(&desk_.history(), &HistoryMaker::made, this, &HistoryPage::take);
    take();
}

void HistoryPage::refresh() {
    desk_.askHistory();
    const auto& answer = desk_.history().answer();
    // Another player's are not his for a moment.
    if (!answer || answer->player != desk_.bench().state().player.name) {
        headline_->setTexts(tr("Reading the shots of all weeks…"), QString());
        drawing_->show({});
        marks_->setText(QString());
        return;
    }
    show();
}

void HistoryPage::take() {
    fill();
    show();
}

void HistoryPage::fill() {
    const auto& answer = desk_.history().answer();
    const QSignalBlocker quietGroup(group_), quietChange(change_);
    const QString formerGroup = group_->currentText(), formerChange = change_->currentText();
    group_->clear();
    change_->clear();
    change_->addItem(tr("Over all the weeks"));
    if (!answer) return;
    group_->addItem(text::groupName(answer->shots.all));
    for (const store::HistoryGroup& g : answer->shots.groups)
        group_->addItem(text::groupName(g));
    for (const store::HistoryChange& c : answer->shots.changes)
        change_->addItem(
            tr("Before and since %1: %2").arg(text::dayNumber(c.day), text::changeName(c)));
    group_->setCurrentIndex(std::max(0, group_->findText(formerGroup)));
    change_->setCurrentIndex(std::max(0, change_->findText(formerChange)));
}

const std::vector<MeasureCourse>* HistoryPage::chosen() const {
    const auto& answer = desk_.history().answer();
    const int at = group_->currentIndex();
    return answer && at >= 0 && static_cast<std::size_t>(at) < answer->courses.size()
               ? &answer->courses[static_cast<std::size_t>(at)]
               : nullptr;
}

int HistoryPage::chosenChange() const {
    return change_->currentIndex() - 1;
}

void HistoryPage::show() {
    const auto& answer = desk_.history().answer();
    const std::vector<MeasureCourse>* courses = chosen();
    if (!answer || !courses || answer->player != desk_.bench().state().player.name) return;
    const Units& units = desk_.bench().units();
    const QStringList findings = text::historyFindings(*answer, units);
    QString sentence = findings.mid(0, mostFindings).join(QLatin1Char(' '));
    if (sentence.isEmpty())
        sentence = answer->courses.front().empty()
                       ? tr("Nothing to tell yet: a measure needs three days.")
                       : tr("Nothing drifts that can be told from chance.");
    headline_->setTexts(sentence, text::historyWhy(*answer));

    HistoryDrawing::Content content;
    const int change = chosenChange();
    const auto& changes = answer->shots.changes;
    std::optional<double> since;
    if (change >= 0 && static_cast<std::size_t>(change) < changes.size())
        since = changes[static_cast<std::size_t>(change)].day;
    bool any = false;
    for (const MeasureCourse* c : rowsOf(*courses, group_->currentIndex() > 0)) {
        const text::QuantityForm form = text::courseForm(c->quantity, units);
        HistoryDrawing::Row row;
        row.name =
            form.unit.isEmpty() ? form.name : QStringLiteral("%1 [%2]").arg(form.name, form.unit);
        row.decimals = form.decimals;
        row.drifts = c->drifts && !since;
        const auto step = since ? findStep(c->days, *since) : std::nullopt;
        row.said = step    ? text::stepSaid(*c, *step, units)
                   : since ? tr("not on both sides of it")
                           : text::courseSaid(*c, units);
        const double f = form.factor;
        for (const DayMean& d : c->course.days)
            row.days << HistoryDrawing::Row::Day{d.day, d.mean * f, d.low * f, d.high * f};
        const double first = c->course.days.front().day, last = c->course.days.back().day;
        if (!any) {
            content.first = first;
            content.last = last;
        }
        any = true;
        content.first = std::min(content.first, first);
        content.last = std::max(content.last, last);
        if (step) {
            row.levels = HistoryDrawing::Row::Levels{*since, step->before * f, step->since * f};
        } else if (!since) {
            for (int i = 0; i <= linePoints; ++i) {
                const double day = first + (last - first) * i / linePoints;
                row.line << HistoryDrawing::Row::Point{day, c->course.at(day) * f,
                                                       c->course.halfAt(day) * f};
            }
        }
        content.rows << row;
    }
    content.firstName = text::dayNumber(content.first);
    content.lastName = text::dayNumber(content.last);
    // Letters for the changes within the days that are shown; the newest where they are many.
    QStringList legend;
    std::vector<std::size_t> within;
    for (std::size_t i = 0; i < changes.size(); ++i) {
        if (changes[i].day >= content.first && changes[i].day <= content.last) within.push_back(i);
    }
    if (within.size() > mostMarks)
        within.erase(within.begin(), within.end() - static_cast<std::ptrdiff_t>(mostMarks));
    for (std::size_t i = 0; i < within.size() && any; ++i) {
        const store::HistoryChange& its = changes[within[i]];
        const QString letter(QChar(static_cast<char16_t>(u'a' + i)));
        content.marks << HistoryDrawing::Mark{its.day, letter,
                                              static_cast<int>(within[i]) == change};
        legend << QStringLiteral("%1\u00A0%2: %3")
                      .arg(letter, text::dayNumber(its.day), text::changeName(its));
    }
    drawing_->show(content);
    marks_->setText(legend.join(QStringLiteral(" · ")));
    marks_->setVisible(!legend.isEmpty());
}

QVector<ReportPart> HistoryPage::reportParts() const {
    const auto& answer = desk_.history().answer();
    if (!answer || answer->player != desk_.bench().state().player.name) return {};
    const QStringList findings =
        text::historyFindings(*answer, desk_.bench().units()).mid(0, mostFindings);
    if (findings.isEmpty()) return {};
    ReportPart part;
    part.title = tr("Over the weeks");
    part.sentence = findings.join(QLatin1Char(' '));
    part.why = text::historyWhy(*answer);
    for (const MeasureCourse& c : answer->courses.front()) {
        if (!c.drifts || !c.quantity) continue;
        part.worth_m = std::max(
            part.worth_m,
            findWorth_m(desk_.bench().state(), *c.quantity, c.course.change).value_or(0.0));
    }
    part.pictures << View::reportPicture(*drawing_, 360);
    return {part};
}

QString HistoryPage::asText() const {
    QStringList out{headline_->asText(), group_->currentText(), change_->currentText(),
                    drawing_->accessibleDescription(), marks_->text()};
    out.removeAll(QString());
    return out.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
