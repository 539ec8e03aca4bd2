// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The strip on top: what every prediction depends on. Each cell is a sentence that opens its
// editor in place.
#pragma once

#include <QAbstractButton>
#include <QFrame>
#include <QVector>
#include <functional>

#include "desk/desk.h"
#include "wedgeon/store/kit.h"
#include "widgets/kept_line.h"

class QFormLayout;

namespace wedgeon {

class GivenCell : public QAbstractButton {
    Q_OBJECT

public:
    GivenCell(const QString& title, QWidget* parent);
    void setSentence(const QString& sentence);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {70, 58}; }

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QString title_;
};

class GivensStrip : public QWidget {
    Q_OBJECT

public:
    explicit GivensStrip(Desk& desk, QWidget* parent = nullptr);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    using Fill = std::function<void(QFormLayout&)>;
    GivenCell* addCell(const QString& title, const Fill& fill);
    void openEditor(GivenCell* cell, const QString& title, const Fill& fill);
    void refresh();

    void fillPlayer(QFormLayout& form);
    void fillWedge(QFormLayout& form);
    void fillBall(QFormLayout& form);
    void fillLie(QFormLayout& form);
    void fillLieNumbers(QFormLayout& form);
    void fillGround(QFormLayout& form);
    void fillGroundNumbers(QFormLayout& form);
    /// A place for what stands behind a question in numbers, one click away.
    QFormLayout& addNumbers(QFormLayout& form);
    void fillAir(QFormLayout& form);
    /// A number of the givens; \p member leads from the state to it.
    void addNumber(QFormLayout& form, const QString& name, const QString& unit, double factor,
                   double low, double high, double step, int decimals,
                   const std::function<double&(BenchState&)>& member);
    /// A choice; \p index reads the current one, \p apply changes the state.
    void addChoice(QFormLayout& form, const QString& name, const QStringList& texts, int index,
                   const std::function<void(BenchState&, int)>& apply);
    void addKept(QFormLayout& form, const QString& title, const QString& current,
                 const KeptLine::Acts& acts);
    template <class Kept>
    void addKeptPart(QFormLayout& form, const QString& title, store::Kit::Part part,
                     std::vector<Kept> store::Records::*all,
                     const std::function<void(BenchState&, const Kept&)>& put,
                     const std::function<Kept(const BenchState&)>& get);
    void addWedgeRecord(QFormLayout& form);
    void addOtherNames(QFormLayout& form);
    void askForSwings();
    void askForTheSame();
    void change(const QString& what, const std::function<void(BenchState&)>& apply);

    Desk& desk_;
    Workbench& bench_;
    ShotLog& log_;
    GivenCell *player_, *wedge_, *ball_, *lie_, *ground_, *air_;
    QAbstractButton* unitsButton_;
};

}  // namespace wedgeon
