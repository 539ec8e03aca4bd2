// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The views as stops on a ball's hops, in the lesson's order. The place of a view that is not there
// stays empty.
#pragma once

#include <QAbstractButton>
#include <QMap>
#include <QWidget>

class QHBoxLayout;

namespace wedgeon {

class LineLabel;

class LessonStop : public QAbstractButton {
    Q_OBJECT

public:
    LessonStop(const QString& name, int key, QWidget* parent);
    QSize sizeHint() const override { return {118, 56}; }
    QPointF point() const { return {22.0, 24.0}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    int key_;
};

class LessonLine : public QWidget {
    Q_OBJECT

public:
    explicit LessonLine(QWidget* parent = nullptr);
    /// \p place: from 1, the digit that goes with Alt.
    void addStop(const QString& name, int place);
    void setCurrent(int place);
    /// A short line at the right end: what undo would take back, or a hint.
    void setNote(const QString& note);

signals:
    void chosen(int place);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QHBoxLayout* layout_;
    LineLabel* note_;
    QMap<int, LessonStop*> stops_;  ///< by place
};

}  // namespace wedgeon
