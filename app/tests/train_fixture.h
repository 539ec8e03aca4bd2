// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Train in the real window, and the hands that work in it.
#pragma once

#include <QDialog>
#include <QTabBar>

#include "window_fixture.h"

namespace wedgeon::test {

class TrainTest : public WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        window_->showView(QStringLiteral("train"));
    }
    QString sentence() { return said("trainSentence"); }
    QString task() { return said("nextTask"); }
    void press(const QString& text) {
        for (auto* b : window_->findChildren<QPushButton*>()) {
            if (b->isVisible() && b->text() == text) return b->click();
        }
        ADD_FAILURE() << "no button " << text.toStdString();
    }
    /// Does \p act, which opens a dialog of this kind, and answers it.
    template <class Dialog>
    void inDialog(const std::function<void()>& act, const std::function<void(Dialog&)>& answer) {
        QTimer poll;
        bool answered = false;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* dialog = qobject_cast<Dialog*>(QApplication::activeModalWidget());
            if (!dialog || answered) return;
            answered = true;
            answer(*dialog);
            dialog->accept();
        });
        poll.start(20);
        act();
        EXPECT_TRUE(answered);
        settle();
        window_->activateWindow();  // the dialog had the focus
        ASSERT_TRUE(QTest::qWaitForWindowActive(window_.get()));
    }
    void seen(const QString& words) {
        auto* line = byName<QLineEdit>(QStringLiteral("What was seen"));
        ASSERT_TRUE(line);
        QTest::keyClicks(line, words);
        QTest::keyClick(line, Qt::Key_Return);
        settle();
    }
    TrainingRoom& room() { return window_->desk.training(); }
    /// "Today", "Over the weeks", "Notes and course".
    void showTab(const QString& name) {
        auto* tabs = byName<QTabBar>(QStringLiteral("What Train shows"));
        ASSERT_TRUE(tabs);
        for (int i = 0; i < tabs->count(); ++i) {
            if (tabs->tabText(i) == name) tabs->setCurrentIndex(i);
        }
        settle();
    }
};

}  // namespace wedgeon::test
