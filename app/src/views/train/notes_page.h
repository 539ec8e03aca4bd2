// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Train, notes: what was noted of a player lesson by lesson, and what he needed on the course.
#pragma once

#include <QWidget>

#include "desk/desk.h"

class QCheckBox;
class QComboBox;
class QLineEdit;
class QListWidget;
class QPlainTextEdit;
class QPushButton;

namespace wedgeon {

class Headline;

class NotesPage : public QWidget {
    Q_OBJECT

public:
    explicit NotesPage(Desk& desk, QWidget* parent = nullptr);
    void refresh();
    void takeFocus();
    QString asText() const;

protected:
    void changeEvent(QEvent* event) override;

private:
    void tint();
    QWidget* makeLesson();
    QWidget* makeCourse();
    void keepNote();
    void countShot();
    void change();
    void remove();
    store::Note made(store::NoteKind kind) const;
    const store::Note* current() const;

    Desk& desk_;
    Headline* headline_;
    QListWidget* list_;
    QCheckBox* cautions_;
    QPlainTextEdit* text_;
    QComboBox *shot_, *result_;
    QLineEdit* situation_;
    QPushButton *keep_, *change_, *remove_;
};

}  // namespace wedgeon
