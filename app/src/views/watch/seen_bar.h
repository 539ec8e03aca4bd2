// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A shot by eye in one line: typed, or clicked together from the words under it.
#pragma once

#include <QVector>
#include <QWidget>

#include "desk/desk.h"
#include "text/seen_words.h"

class QComboBox;
class QLineEdit;
class QPushButton;
class QToolButton;

namespace wedgeon {

class SentenceLabel;

class SeenBar : public QWidget {
    Q_OBJECT

public:
    explicit SeenBar(Desk& desk, QWidget* parent = nullptr);
    /// Shows it and waits for what was seen.
    void open();

signals:
    /// It was put away.
    void done();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void changeEvent(QEvent* event) override;

private:
    void fillSwings();
    void read();
    void keep();
    void close();
    void toggleWord(const QString& word, bool on);
    double spot_m() const;
    QString swing() const;

    Desk& desk_;
    QComboBox* swing_;
    QLineEdit* line_;
    QPushButton* keep_;
    SentenceLabel* echo_;
    QVector<QToolButton*> words_;
    text::SeenLine seen_;
    QString kept_;  ///< what is said of the last one, until the next is begun
};

}  // namespace wedgeon
