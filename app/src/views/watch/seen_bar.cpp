// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The line, what it is taken for, and its words.
#include "views/watch/seen_bar.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>

#include "style/style.h"
#include "text/swing_text.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr int longestLine = 200;

}  // namespace

SeenBar::SeenBar(Desk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    setObjectName(QStringLiteral("seenBar"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 8, 14, 6);
    column->setSpacing(4);
    auto* row = new QHBoxLayout;
    auto* title = new SentenceLabel(SentenceLabel::Rank::Title);
    title->setText(tr("By eye"));
    swing_ = new QComboBox;
    swing_->setAccessibleName(tr("Swing"));
    swing_->setMaximumWidth(200);
    swing_->setToolTip(tr("The swing; in the line, its number with s: 2s"));
    line_ = new QLineEdit;
    line_->setObjectName(QStringLiteral("seenLine"));
    line_->setAccessibleName(tr("What was seen"));
    line_->setMaxLength(longestLine);
    line_->setFont(style::font(15));
    line_->setToolTip(
        tr("First number: where it landed. Second: where it rests.\n"
           "+3 or −2: past or short of the spot. 2r, 1l: rests right, left.\n"
           "2b: the second bounce bit. 1.5f: flagsticks high. 2s: the second swing.\n"
           "Words may be shortened. Enter keeps the shot, Esc leaves."));
    line_->installEventFilter(this);
    keep_ = new QPushButton(tr("Keep"));
    auto* leave = new QToolButton;
    leave->setText(QStringLiteral("×"));
    leave->setAutoRaise(true);
    leave->setAccessibleName(tr("Leave shots by eye"));
    leave->setToolTip(tr("Leave (Esc)"));
    row->addWidget(title);
    row->addWidget(swing_);
    row->addWidget(line_, 1);
    row->addWidget(keep_);
    row->addWidget(leave);
    column->addLayout(row);
    echo_ = new LineLabel(SentenceLabel::Rank::Body);
    echo_->setObjectName(QStringLiteral("seenEcho"));
    echo_->setFont(style::font(13));
    column->addWidget(echo_);
    // What the ball did, and what the club did.
    constexpr qsizetype ofTheBall = 4;
    QHBoxLayout* words = nullptr;
    const auto groups = text::seenWords();
    for (qsizetype g = 0; g < groups.size(); ++g) {
        const text::SeenWords& group = groups[g];
        if (g == 0 || g == ofTheBall) {
            if (words) words->addStretch(1);
            words = new QHBoxLayout;
            words->setSpacing(1);
            column->addLayout(words);
        } else {
            words->addSpacing(12);
        }
        auto* about = new SentenceLabel(SentenceLabel::Rank::Why);
        about->setFont(style::font(12));
        about->setText(group.about);
        words->addWidget(about);
        for (const text::SeenWord& w : group.words) {
            auto* button = new QToolButton;
            button->setText(w.word);
            button->setToolTip(w.means);
            button->setAccessibleName(w.means);
            button->setCheckable(true);
            button->setFocusPolicy(Qt::NoFocus);  // the line keeps the keyboard
            button->setFont(style::font(12));
            connect(button, &QToolButton::clicked, this,
                    [this, word = w.word](bool on) { toggleWord(word, on); });
            words->addWidget(button);
            words_ << button;
        }
    }
    words->addStretch(1);
    connect(line_, &QLineEdit::textEdited, this, [this] {
        kept_.clear();
        read();
    });
    connect(line_, &QLineEdit::returnPressed, this, &SeenBar::keep);
    connect(keep_, &QPushButton::clicked, this, &SeenBar::keep);
    connect(leave, &QToolButton::clicked, this, &SeenBar::close);
    connect(swing_, &QComboBox::currentIndexChanged, this, &SeenBar::read);
    connect(&desk_, &Desk::changed, this, [this](Desk::Parts parts) {
        if (!isVisible()) return;
        if (parts & (Desk::Givens | Desk::Ladders)) fillSwings();
        if (parts & (Desk::Bench | Desk::UnitsShown)) read();
    });
    hide();
}

void SeenBar::open() {
    fillSwings();
    kept_.clear();
    show();
    line_->selectAll();
    line_->setFocus();
    read();
}

void SeenBar::close() {
    line_->clear();
    hide();
    emit done();
}

void SeenBar::changeEvent(QEvent* event) {
    if (event->type() == QEvent::PaletteChange && isVisible()) read();
    QWidget::changeEvent(event);
}

bool SeenBar::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::KeyPress &&
        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
        close();
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

void SeenBar::fillSwings() {
    const QString former = swing();
    const auto& rungs = desk_.bench().swings().rungs();
    const QSignalBlocker quiet(swing_);
    swing_->clear();
    for (std::size_t i = 0; i < rungs.size(); ++i)
        swing_->addItem(QStringLiteral("%1  %2").arg(i + 1).arg(text::swingName(rungs[i].swing)),
                        text::fromUtf8(rungs[i].swing));
    int at = former.isEmpty() ? -1 : swing_->findData(former);
    if (at < 0) {
        // The one that the bench's speed is nearest to.
        const double speed = desk_.bench().state().recipe().clubSpeed_mps;
        const auto nearest =
            std::min_element(rungs.begin(), rungs.end(), [&](const Rung& a, const Rung& b) {
                return std::abs(a.speed_mps - speed) < std::abs(b.speed_mps - speed);
            });
        at = static_cast<int>(nearest - rungs.begin());
    }
    swing_->setCurrentIndex(at);
}

QString SeenBar::swing() const {
    return swing_->currentData().toString();
}

double SeenBar::spot_m() const {
    const BenchState& s = desk_.bench().state();
    if (s.commitment) return s.commitment->landing_m;
    const auto& now = desk_.bench().prediction();
    return now ? now->shot.flight.carry_m : 0.0;
}

void SeenBar::read() {
    const Units& units = desk_.bench().units();
    seen_ = text::parseSeen(line_->text(), units, spot_m(), desk_.preferences().values().pace_m);
    if (seen_.swing && (*seen_.swing < 1 || *seen_.swing > swing_->count()))
        seen_.trouble = tr("there are %n swings", nullptr, swing_->count());
    if (seen_.swing && seen_.trouble.isEmpty()) {
        const QSignalBlocker quiet(swing_);
        swing_->setCurrentIndex(*seen_.swing - 1);
    }
    const bool wrong = !seen_.trouble.isEmpty();
    keep_->setEnabled(!wrong && !seen_.isEmpty());
    QString said = text::seenSaid(seen_.seen, seen_.strike, units);
    if (wrong) {
        echo_->setText(QStringLiteral("▲ ") + seen_.trouble);
    } else if (!said.isEmpty()) {
        said[0] = said[0].toUpper();
        echo_->setText(said + tr(". Enter keeps it."));
    } else if (!kept_.isEmpty()) {
        echo_->setText(kept_);
    } else {
        echo_->setText(tr("Where it landed and where it rests, in %1 (or 38p for paces), then "
                          "words: 34 41 2b head clean small. The spot is at %2.")
                           .arg(units.lengthName(), units.length(spot_m(), 0)));
    }
    for (QToolButton* b : words_) {
        const bool its = seen_.words.contains(b->text());
        b->setChecked(its);
        // The pressed look alone is hardly seen on dark.
        QPalette own;  // of this role only
        if (its) own.setColor(QPalette::Button, style::colours(palette()).chosen);
        b->setPalette(own);
    }
}

void SeenBar::toggleWord(const QString& word, bool on) {
    // Of one kind there is one word: the others of its group go, however they were shortened.
    QStringList gone{word};
    for (const text::SeenWords& group : text::seenWords()) {
        const auto its = [&](const text::SeenWord& w) { return w.word == word; };
        if (std::none_of(group.words.begin(), group.words.end(), its)) continue;
        for (const text::SeenWord& w : group.words)
            gone << w.word;
    }
    QStringList typed;
    for (const QString& one :
         line_->text().simplified().split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        const auto meant = text::parseSeen(one, desk_.bench().units(), 0.0, 1.0).words;
        if (meant.isEmpty() || !gone.contains(meant.front())) typed << one;
    }
    if (on) typed << word;
    line_->setText(typed.join(QLatin1Char(' ')) + QLatin1Char(' '));
    kept_.clear();
    line_->setFocus();
    read();
}

void SeenBar::keep() {
    read();
    if (!seen_.trouble.isEmpty() || seen_.isEmpty()) return;
    QString said = text::seenSaid(seen_.seen, seen_.strike, desk_.bench().units());
    desk_.addSeen(seen_.seen, seen_.strike, swing());
    kept_ = tr("Kept: %1.").arg(said);
    line_->clear();
    read();
}

}  // namespace wedgeon
