// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The strip's records in the real window, and what another window writes.
#include <QComboBox>
#include <QDoubleSpinBox>

#include "wedgeon/store/kit.h"
#include "wedgeon/store/logbook.h"
#include "wedgeon/units.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class KitWindowTest : public WindowTest {
protected:
    /// Opens the editor of a cell of the strip and does \p work in it.
    void edit(const char* cell, const std::function<void(QWidget&)>& work) {
        for (auto* b : window_->findChildren<QAbstractButton*>()) {
            if (b->accessibleName().startsWith(QString::fromLatin1(cell) + QLatin1Char(':')))
                b->click();
        }
        auto* editor = window_->findChild<QWidget*>(QStringLiteral("givensEditor"));
        ASSERT_TRUE(editor) << cell;
        work(*editor);
        editor->close();
        QTest::qWait(10);  // it deletes itself
    }
    void keep(QWidget& editor, const char* box, const char* name) {
        byName<QComboBox>(QString::fromLatin1(box), &editor)
            ->setEditText(QString::fromLatin1(name));
        press(editor, "Keep");
        settle();
    }
    void choose(QWidget& editor, const char* box, const char* name) {
        auto* b = byName<QComboBox>(QString::fromLatin1(box), &editor);
        const int i = b->findText(QString::fromLatin1(name));
        ASSERT_GE(i, 0) << name;
        b->setCurrentIndex(i);
        emit b->activated(i);
    }
    static void press(QWidget& editor, const char* text) {
        for (auto* b : editor.findChildren<QPushButton*>()) {
            if (b->text() == QLatin1String(text)) return b->click();
        }
        ADD_FAILURE() << text;
    }
    QString cell(const char* name) {
        for (auto* b : window_->findChildren<QAbstractButton*>()) {
            if (b->accessibleName().startsWith(QString::fromLatin1(name) + QLatin1Char(':')))
                return b->text();
        }
        return {};
    }
    store::Logbook logged() {
        settle();
        return store::Logbook(logbookPath().toStdString());
    }
};

TEST_F(KitWindowTest, APlayerWithWedgesIsKeptAndTakenUpAgain) {
    edit("Player", [&](QWidget& editor) {
        byName<QComboBox>(QStringLiteral("Hand"), &editor)->setCurrentIndex(1);
        keep(editor, "Kept players", "Odo Ferrin");
    });
    edit("Wedge", [&](QWidget& editor) {
        byName<QDoubleSpinBox>(QStringLiteral("Loft"), &editor)->setValue(60);
        byName<QLineEdit>(QStringLiteral("Grooves"), &editor)->setText(QStringLiteral("worn"));
        keep(editor, "In the bag", "lob");
    });
    {
        store::Logbook book = logged();
        const store::Kit kit(book);
        ASSERT_EQ(kit.players().size(), 1u);
        EXPECT_EQ(kit.players()[0].hand, Hand::Left);
        const auto wedges = kit.wedges("Odo Ferrin");
        ASSERT_EQ(wedges.size(), 1u);
        EXPECT_NEAR(degFromRad(wedges[0].wedge.loft_rad), 60, 1e-9);
        EXPECT_EQ(wedges[0].grooves, "worn");
    }
    // Another player, then back: hand and wedge come along, as one step.
    edit("Player", [&](QWidget& editor) {
        byName<QComboBox>(QStringLiteral("Hand"), &editor)->setCurrentIndex(0);
        keep(editor, "Kept players", "Runa Vale");
    });
    edit("Wedge", [&](QWidget& editor) {
        byName<QDoubleSpinBox>(QStringLiteral("Loft"), &editor)->setValue(52);
        EXPECT_EQ(byName<QComboBox>(QStringLiteral("In the bag"), &editor)->count(), 0)
            << "the bag is the player's own";
    });
    edit("Player", [&](QWidget& editor) { choose(editor, "Kept players", "Odo Ferrin"); });
    EXPECT_EQ(cell("Player"), QStringLiteral("Odo Ferrin, left"));
    EXPECT_TRUE(cell("Wedge").startsWith(QStringLiteral("60°"))) << cell("Wedge").toStdString();
    action(QStringLiteral("Undo"))->trigger();
    EXPECT_EQ(cell("Player"), QStringLiteral("Runa Vale, right"));
    EXPECT_TRUE(cell("Wedge").startsWith(QStringLiteral("52°")));
}

TEST_F(KitWindowTest, ShotsUnderAnotherNameArePredictedForTheSamePlayer) {
    openShots(write(QStringLiteral("one.csv"),
                    "player,club speed (m/s),attack angle (deg),club path (deg),face angle (deg),"
                    "dynamic loft (deg),carry (m)\nR. Vale,20,-5,4,2,50,30\n"));
    edit("Player", [&](QWidget& editor) {
        byName<QComboBox>(QStringLiteral("Hand"), &editor)->setCurrentIndex(1);
        keep(editor, "Kept players", "Runa Vale");
    });
    edit("Player", [&](QWidget& editor) {
        auto* others = byName<QLineEdit>(QStringLiteral("Also called"), &editor);
        EXPECT_EQ(others->text(), QString());
        others->setText(QStringLiteral(" R. Vale ; runa;R. Vale"));
        emit others->editingFinished();
    });
    store::Logbook book = logged();
    EXPECT_EQ(store::Kit(book).otherNames("Runa Vale"),
              (std::vector<std::string>{"R. Vale", "runa"}));
    const store::Fallback fallback = window_->desk.bench().fallback();
    EXPECT_EQ(store::findShotGivens(book.shots()[0].record, fallback).player.hand, Hand::Left);
    // Another player's own name is refused, and said.
    edit("Player", [&](QWidget& editor) { keep(editor, "Kept players", "Odo Ferrin"); });
    edit("Player", [&](QWidget& editor) {
        auto* others = byName<QLineEdit>(QStringLiteral("Also called"), &editor);
        others->setText(QStringLiteral("Runa Vale"));
        emit others->editingFinished();
    });
    settle();
    EXPECT_TRUE(notice().contains(QStringLiteral("a player of his own"))) << notice().toStdString();
}

TEST_F(KitWindowTest, LiesAndGroundsAreKeptAndTaken) {
    edit("Lie", [&](QWidget& editor) {
        showNumbers(&editor);
        byName<QDoubleSpinBox>(QStringLiteral("Grass between"), &editor)->setValue(35);
        keep(editor, "Kept lies", "behind the shed");
        byName<QDoubleSpinBox>(QStringLiteral("Grass between"), &editor)->setValue(0);
    });
    const QString bare = cell("Lie");
    edit("Lie", [&](QWidget& editor) { choose(editor, "Kept lies", "behind the shed"); });
    EXPECT_NE(cell("Lie"), bare);
    edit("Ground", [&](QWidget& editor) {
        byName<QDoubleSpinBox>(QStringLiteral("Green speed"), &editor)->setValue(12);
        keep(editor, "Kept grounds", "upper green");
    });
    store::Logbook book = logged();
    store::Kit kit(book);
    ASSERT_EQ(kit.lies().size(), 1u);
    EXPECT_NEAR(kit.lies()[0].lie.cover, 0.35, 1e-12);
    ASSERT_EQ(kit.grounds().size(), 1u);
    EXPECT_EQ(kit.grounds()[0].ground.stimp_ft, 12);
    edit("Lie", [&](QWidget& editor) {
        choose(editor, "Kept lies", "behind the shed");
        press(editor, "Remove");
    });
    settle();
    EXPECT_TRUE(kit.lies().empty());
}

TEST_F(KitWindowTest, WhatAnotherWindowWritesShowsHere) {
    openShots(write(QStringLiteral("two.csv"), "player,carry [m]\nA,40\nA,41\n"));
    auto* list = byName<QAbstractItemView>(QStringLiteral("Shots"));
    list->setCurrentIndex(list->model()->index(1, 0));
    const auto id = logged().shots().front().id;
    {
        store::Logbook other = logged();
        other.setAside(id, "elsewhere", "");
        other.setLabel(id, store::Label::Note, "from the other window", "");
    }
    auto* note = byName<QLineEdit>(QStringLiteral("Note"));
    EXPECT_TRUE(QTest::qWaitFor(
        [&] { return note->text() == QStringLiteral("from the other window"); }, 5000))
        << "the chosen shot stays chosen and shows the other's words";
    EXPECT_TRUE(list->currentIndex()
                    .data(Qt::AccessibleTextRole)
                    .toString()
                    .contains(QStringLiteral("Set aside: elsewhere")));
}

}  // namespace
}  // namespace wedgeon::test
