// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Records under names: choose one, keep the present state under a name, remove one.
#pragma once

#include <QStringList>
#include <QWidget>
#include <functional>

class QComboBox;
class QPushButton;

namespace wedgeon {

class KeptLine : public QWidget {
    Q_OBJECT

public:
    struct Acts {
        std::function<QStringList()> names;
        std::function<void(const QString&)> choose, keep, remove;
    };
    /// \p name: what the records are, for a screen reader ("Kept lies"). \p current: the one that
    /// the present state is called, if any.
    KeptLine(const QString& name, const QString& current, const Acts& acts,
             QWidget* parent = nullptr);

    /// The records have changed: what is typed stays.
    void refresh();

private:
    void fill(const QString& current);
    void enable();

    Acts acts_;
    QComboBox* box_;
    QPushButton *keep_, *remove_;
};

}  // namespace wedgeon
