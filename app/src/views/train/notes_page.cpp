// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The list, and what is added to it.
#include "views/train/notes_page.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>

#include "style/style.h"
#include "text/history_words.h"
#include "text/sentences.h"
#include "widgets/headline.h"
#include "widgets/sentence_label.h"

namespace wedgeon {
namespace {

constexpr int mostText = 1000, mostSituation = 200;  // characters; each has up to four bytes
constexpr int textHeight_px = 78;
constexpr qsizetype mostListed = 200;

}  // namespace

NotesPage::NotesPage(Desk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 0, 16, 8);
    column->setSpacing(8);
    headline_ = new Headline(QStringLiteral("notes"));
    column->addWidget(headline_);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("Notes of the player"));
    list_->setWordWrap(true);
    list_->setFrameShape(QFrame::NoFrame);
    list_->setSpacing(2);
    column->addWidget(list_, 1);
    auto* buttons = new QHBoxLayout;
    change_ = new QPushButton(tr("Change the note…"));
    remove_ = new QPushButton(tr("Remove the note"));
    cautions_ = new QCheckBox(tr("Cautions that were shown"));
    buttons->addWidget(cautions_);
    buttons->addStretch(1);
    buttons->addWidget(change_);
    buttons->addWidget(remove_);
    column->addLayout(buttons);
    column->addWidget(makeLesson());
    column->addWidget(makeCourse());
    connect(cautions_, &QCheckBox::toggled, this, &NotesPage::refresh);
    connect(change_, &QPushButton::clicked, this, &NotesPage::change);
    connect(remove_, &QPushButton::clicked, this, &NotesPage::remove);
    connect(list_, &QListWidget::currentRowChanged, this, [this] {
        const store::Note* note = current();
        change_->setEnabled(note && note->kind == store::NoteKind::Lesson);
        remove_->setEnabled(note);
    });
    connect(list_, &QListWidget::itemActivated, this, &NotesPage::change);
    tint();
}

void NotesPage::tint() {
    const style::Colours& c = style::colours(palette());
    QPalette chosen = palette();
    chosen.setColor(QPalette::Highlight, c.chosen);
    chosen.setColor(QPalette::HighlightedText, c.ink);
    list_->setPalette(chosen);
}

void NotesPage::changeEvent(QEvent* event) {
    if (event->type() == QEvent::PaletteChange) tint();
    QWidget::changeEvent(event);
}

QWidget* NotesPage::makeLesson() {
    auto* all = new QWidget;
    auto* row = new QHBoxLayout(all);
    row->setContentsMargins(0, 0, 0, 0);
    text_ = new QPlainTextEdit;
    text_->setAccessibleName(tr("Note of the lesson"));
    text_->setPlaceholderText(
        tr("What was worked on, what it changed, what comes next: read again when the player "
           "comes back."));
    text_->setFixedHeight(textHeight_px);
    text_->setTabChangesFocus(true);
    keep_ = new QPushButton(tr("Keep the note"));
    keep_->setEnabled(false);
    row->addWidget(text_, 1);
    row->addWidget(keep_, 0, Qt::AlignBottom);
    connect(text_, &QPlainTextEdit::textChanged, this,
            [this] { keep_->setEnabled(!text_->toPlainText().trimmed().isEmpty()); });
    connect(keep_, &QPushButton::clicked, this, &NotesPage::keepNote);
    return all;
}

QWidget* NotesPage::makeCourse() {
    auto* all = new QWidget;
    auto* row = new QHBoxLayout(all);
    row->setContentsMargins(0, 0, 0, 0);
    auto* name = new SentenceLabel(SentenceLabel::Rank::Title);
    name->setText(tr("From the course"));
    name->setWordWrap(false);
    shot_ = new QComboBox;
    shot_->setAccessibleName(tr("Shot that was needed"));
    for (const QString& key : text::courseShots())
        shot_->addItem(text::courseShotName(key), key);
    situation_ = new QLineEdit;
    situation_->setAccessibleName(tr("Situation"));
    situation_->setPlaceholderText(tr("situation: bunker between, no green"));
    situation_->setMaxLength(mostSituation);
    result_ = new QComboBox;
    result_->setAccessibleName(tr("How it came out"));
    for (const QString& key : text::courseResults())
        result_->addItem(text::courseResultName(key), key);
    auto* count = new QPushButton(tr("Count it"));
    row->addWidget(name);
    row->addWidget(shot_);
    row->addWidget(situation_, 1);
    row->addWidget(result_);
    row->addWidget(count);
    connect(count, &QPushButton::clicked, this, &NotesPage::countShot);
    connect(situation_, &QLineEdit::returnPressed, this, &NotesPage::countShot);
    return all;
}

void NotesPage::takeFocus() {
    text_->setFocus();
}

void NotesPage::refresh() {
    const std::string& player = desk_.bench().state().player.name;
    const auto& notes = desk_.log().records().notes;
    const QSignalBlocker quiet(list_);
    const store::Note* was = current();
    const std::int64_t former = was ? was->id : 0;
    list_->clear();
    for (auto note = notes.rbegin(); note != notes.rend() && list_->count() < mostListed; ++note) {
        if (note->player != player) continue;
        if (note->kind == store::NoteKind::Caution && !cautions_->isChecked()) continue;
        auto* item = new QListWidgetItem(QStringLiteral("%1 · %2").arg(
            text::day(std::string_view(note->at).substr(0, 10)), text::noteLine(*note)));
        item->setData(Qt::UserRole, QVariant::fromValue<qlonglong>(note->id));
        list_->addItem(item);
        if (note->id == former) list_->setCurrentItem(item);
    }
    const store::Note* now = current();
    change_->setEnabled(now && now->kind == store::NoteKind::Lesson);
    remove_->setEnabled(now);
    const auto last = std::find_if(notes.rbegin(), notes.rend(), [&](const store::Note& n) {
        return n.player == player && n.kind == store::NoteKind::Lesson;
    });
    constexpr qsizetype mostHead = 150;
    QString lesson = last == notes.rend() ? QString() : text::noteLine(*last);
    if (lesson.size() > mostHead) lesson = lesson.left(mostHead).trimmed() + QStringLiteral("…");
    const QStringList counts = text::courseCounts(notes, player);
    headline_->setTexts(
        last == notes.rend()
            ? tr("No lesson noted yet.")
            : tr("Last lesson, %1: %2")
                  .arg(text::day(std::string_view(last->at).substr(0, 10)), lesson),
        counts.isEmpty()
            ? tr("Nothing counted on the course yet: what was needed there says what to "
                 "train.")
            : counts.join(QLatin1Char(' ')));
}

store::Note NotesPage::made(store::NoteKind kind) const {
    store::Note note;
    note.player = desk_.bench().state().player.name;
    note.at = desk_.clock().local().toString(Qt::ISODate).toStdString();
    note.kind = kind;
    return note;
}

void NotesPage::keepNote() {
    store::Note note = made(store::NoteKind::Lesson);
    note.text = text_->toPlainText().trimmed().left(mostText).toStdString();
    if (note.text.empty()) return;
    desk_.log().addNote(note);
    text_->clear();
}

void NotesPage::countShot() {
    store::Note note = made(store::NoteKind::Course);
    note.about = shot_->currentData().toString().toStdString();
    note.result = result_->currentData().toString().toStdString();
    note.text = situation_->text().trimmed().toStdString();
    desk_.log().addNote(note);
    situation_->clear();
}

const store::Note* NotesPage::current() const {
    const QListWidgetItem* item = list_->currentItem();
    if (!item) return nullptr;
    const auto id = item->data(Qt::UserRole).toLongLong();
    const auto& notes = desk_.log().records().notes;
    const auto at =
        std::find_if(notes.begin(), notes.end(), [&](const store::Note& n) { return n.id == id; });
    return at == notes.end() ? nullptr : &*at;
}

void NotesPage::change() {
    const store::Note* note = current();
    if (!note || note->kind != store::NoteKind::Lesson) return;
    const store::Note was = *note;
    bool kept = false;
    const QString now =
        QInputDialog::getMultiLineText(this, tr("Change the note"), tr("Note of the lesson"),
                                       text::fromUtf8(was.text), &kept)
            .trimmed()
            .left(mostText);
    if (kept && !now.isEmpty() && now.toStdString() != was.text) desk_.log().changeNote(was, now);
}

void NotesPage::remove() {
    if (const store::Note* note = current()) desk_.log().removeNote(store::Note(*note));
}

QString NotesPage::asText() const {
    QStringList out{headline_->asText()};
    for (int i = 0; i < list_->count(); ++i)
        out << list_->item(i)->text();
    return out.join(QLatin1Char('\n'));
}

}  // namespace wedgeon
