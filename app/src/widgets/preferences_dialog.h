// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// All that a coach chooses once, in one place with a search. A choice is in force at once and is
// one undo step; the window behind stays usable.
#pragma once

#include <QDialog>
#include <QVector>
#include <functional>

#include "desk/desk.h"

class QComboBox;
class QDoubleSpinBox;
class QGroupBox;
class QLabel;
class QLineEdit;
class QScrollArea;
class QSpinBox;

namespace wedgeon {

class PreferencesDialog : public QDialog {
    Q_OBJECT

public:
    explicit PreferencesDialog(Desk& desk, QWidget* parent = nullptr);

    /// Where "pace", "window", "strikes", "text-size", ... stand; the beginning for another.
    void showPlace(const QString& place);
    void search(const QString& words);

signals:
    void restoreWanted();

private:
    using Values = PreferenceValues;
    struct Row {
        QGroupBox* group;
        QWidget* label;
        QWidget* field;
        QString words;  ///< that find it
        QString place;
    };
    void addGroup(const QString& title, const QString& about = {});
    /// \p words: more of them, by which it is found.
    void addRow(const QString& place, const QString& label, QWidget* field,
                const QString& words = {});
    QComboBox* addChoice(const QString& place, const QString& label, const QStringList& names,
                         int (*get)(const Values&), void (*set)(Values&, int),
                         const QString& words = {});
    QSpinBox* addWhole(const QString& place, const QString& label, int least, int most,
                       const QString& unit, int (*get)(const Values&), void (*set)(Values&, int),
                       const QString& words = {});
    void addShare(const QString& place, const QString& label, double SimulatedFaults::*share);
    void makeLanguageAndUnits();
    void makeLook();
    void makeWork();
    void makeBackups();
    void makeSimulated();
    void follow(std::function<void(const Values&)> show);
    void refresh();
    void change(const QString& what, const std::function<void(Values&)>& set);
    void chooseFolder();

    Desk& desk_;
    QLineEdit* search_;
    QScrollArea* area_;
    QWidget* all_;
    QLabel* nothing_;
    QGroupBox* group_ = nullptr;  ///< that rows are added to
    QVector<Row> rows_;
    QVector<std::function<void(const Values&)>> shows_;
    bool refreshing_ = false;
};

}  // namespace wedgeon
