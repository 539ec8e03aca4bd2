// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One shot of Watch: the sentence, measured beside predicted in numbers, the flight to scale.
#pragma once

#include <QVector>
#include <array>

#include "desk/desk.h"
#include "widgets/panel.h"

class QLabel;

namespace wedgeon {

class AttachmentStrip;
class FlightDrawing;
class SentenceLabel;
class ShotNotes;

class ShotPanel : public Panel {
    Q_OBJECT

public:
    explicit ShotPanel(Desk& desk, QWidget* parent = nullptr);
    /// \p row of the model; -1 for none.
    void show(int row);
    ShotNotes& notes() { return *notes_; }
    /// What Copy puts on the clipboard.
    QString asText() const;

signals:
    void failed(const QString& why);

private:
    void showAttachments();
    void explainNumbers();
    void fillNumbers(const store::ShotRecord& record, const WatchedShot& shot);
    void draw(const store::ShotRecord& record, const WatchedShot& shot);
    QString givensLine(const WatchedShot& shot) const;
    /// What was seen of a shot by eye, and what stands out in what it must have had.
    QString seenLine(const store::ShotRecord& record, const WatchedShot& shot) const;
    /// A shot that was committed to in Read, held against what was declared; empty for another.
    QString declaredLine(const store::ShotRecord& record, const WatchedShot& shot) const;

    const WatchedShots& shots_;
    Workbench& bench_;
    const ShotLog& log_;
    int row_ = -1;
    SentenceLabel *title_, *sentence_, *why_, *doubt_, *givens_, *declared_, *expectedAs_;
    QLabel* readAs_;
    FlightDrawing* flight_;
    ShotNotes* notes_;
    AttachmentStrip* attachments_;
    struct NumberRow {
        QLabel *name, *measured, *predicted;
    };
    std::array<NumberRow, trackCount> numbers_;
    QVector<QLabel*> clubNames_, clubValues_;
};

}  // namespace wedgeon
