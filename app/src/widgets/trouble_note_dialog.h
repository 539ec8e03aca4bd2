// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What a helper needs to know, to be read before it is handed on. Nothing is sent by the program.
#pragma once

#include <QDialog>

class QPlainTextEdit;

namespace wedgeon {

class TroubleNoteDialog : public QDialog {
    Q_OBJECT

public:
    /// \p logbook: what it is about.
    explicit TroubleNoteDialog(const QString& logbook, QWidget* parent = nullptr);

private:
    void save();
    QPlainTextEdit* text_;
};

}  // namespace wedgeon
