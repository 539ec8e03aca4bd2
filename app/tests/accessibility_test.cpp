// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Who does not see the window, or has no mouse: every control of every view has a name, every
// drawing its sentence, shots that arrive are told, and the Tab key reaches everything. Who needs
// it large or has a small screen: no label lies on another, and nothing is out of reach.
#include <QAbstractButton>
#include <QAccessible>
#include <QButtonGroup>
#include <QScrollArea>
#include <QScrollBar>
#include <QSet>

#include "academy.h"
#include "hand_monitor.h"
#include "painted_text.h"
#include "views/view.h"
#include "views/watch/live_bar.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

const QStringList& viewKeys() {
    static const QStringList all{QStringLiteral("read"),    QStringLiteral("ladder"),
                                 QStringLiteral("shape"),   QStringLiteral("watch"),
                                 QStringLiteral("explain"), QStringLiteral("train"),
                                 QStringLiteral("tune")};
    return all;
}

class AccessibilityTest : public WindowTest {
protected:
    void openAcademy() { openRecords(demo::makeAcademy().shots); }
    void showView(const QString& key) {
        window_->showView(key);
        QTest::qWait(150);
        settle();
    }

    static bool isControl(QAccessible::Role role) {
        switch (role) {
            case QAccessible::PushButton:
            case QAccessible::CheckBox:
            case QAccessible::RadioButton:
            case QAccessible::ComboBox:
            case QAccessible::EditableText:
            case QAccessible::SpinBox:
            case QAccessible::Slider:
            case QAccessible::List:
            case QAccessible::Table:
            case QAccessible::Tree:
            case QAccessible::Graphic:
            case QAccessible::ButtonMenu:
                return true;
            default:
                return false;
        }
    }

    /// Every control below \p at that a person can meet; what has no name is told.
    void walk(QAccessibleInterface* at, const QString& where, int depth = 0) {
        if (!at || !at->isValid() || depth > 40 || at->state().invisible) return;
        const QString name = at->text(QAccessible::Name);
        auto* widget = qobject_cast<QWidget*>(at->object());
        if (widget && !widget->isVisible()) return;
        const auto role = at->role();
        // What a box or a number is made of is told by the whole.
        const bool inner = widget && widget->parentWidget() &&
                           (qobject_cast<QAbstractSpinBox*>(widget->parentWidget()) ||
                            qobject_cast<QComboBox*>(widget->parentWidget()) ||
                            widget->objectName().startsWith(QStringLiteral("qt_")));
        if (isControl(role) && !inner) {
            ++controls_;
            // A box's own name would be what is chosen in it.
            auto* box = qobject_cast<QComboBox*>(widget);
            const bool named = box ? !box->accessibleName().isEmpty() || name != box->currentText()
                                   : !name.isEmpty();
            if (!named)
                said_ << QStringLiteral("%1: a %2 (%3) without a name")
                             .arg(where)
                             .arg(static_cast<int>(role))
                             .arg(QLatin1String(at->object()->metaObject()->className()));
        }
        if (auto* drawing = qobject_cast<Drawing*>(widget)) {
            ++drawings_;
            if (role != QAccessible::Graphic)
                said_ << where + QStringLiteral(": no picture: ") + name;
            if (at->text(QAccessible::Description).size() < 10)
                said_ << where + QStringLiteral(": a drawing without its sentence: ") + name;
            if (!drawing->handles().isEmpty() && at->text(QAccessible::Value).isEmpty())
                said_ << where + QStringLiteral(": handles without a name: ") + name;
        }
        for (int i = 0; i < at->childCount(); ++i)
            walk(at->child(i), where, depth + 1);
    }

    void tell() {
        for (const QString& one : QSet<QString>(said_.begin(), said_.end()))
            ADD_FAILURE() << one.toStdString();
        said_.clear();
    }

    QStringList said_;
    int controls_ = 0, drawings_ = 0;
};

TEST_F(AccessibilityTest, EveryControlHasANameAndEveryDrawingItsSentence) {
    openAcademy();
    for (const QString& key : viewKeys()) {
        showView(key);
        walk(QAccessible::queryAccessibleInterface(window_.get()), key);
    }
    tell();
    EXPECT_GT(controls_, 150) << "the tree was walked";
    EXPECT_GE(drawings_, 10);
}

TEST_F(AccessibilityTest, EveryDrawerAndPageToo) {
    openAcademy();
    for (const char* page : {"Recipes and schools", "Compare", "Ask for a result",
                             "Why this result", "Beside a mid-iron", "Kit beside technique"}) {
        action(QString::fromLatin1(page))->trigger();
        QTest::qWait(100);
        walk(QAccessible::queryAccessibleInterface(window_.get()), QString::fromLatin1(page));
    }
    showView(QStringLiteral("watch"));
    action(QStringLiteral("Shots as chart"))->trigger();
    QTest::qWait(100);
    walk(QAccessible::queryAccessibleInterface(window_.get()), QStringLiteral("chart"));
    action(QStringLiteral("Look for the cause"))->trigger();
    QTest::qWait(300);
    walk(QAccessible::queryAccessibleInterface(window_.get()), QStringLiteral("cause"));
    action(QStringLiteral("Preferences"))->trigger();
    walk(QAccessible::queryAccessibleInterface(window_->findChild<PreferencesDialog*>()),
         QStringLiteral("preferences"));
    action(QStringLiteral("User guide"))->trigger();
    for (QWidget* top : QApplication::topLevelWidgets()) {
        if (top->isVisible() && top != window_.get())
            walk(QAccessible::queryAccessibleInterface(top), top->windowTitle());
    }
    tell();
}

TEST_F(AccessibilityTest, TheTabKeyReachesEverything) {
    openAcademy();
    for (const QString& key : viewKeys()) {
        showView(key);
        QSet<QWidget*> wanted;
        for (auto* w : window_->findChildren<QWidget*>()) {
            if (w->isVisible() && w->isEnabled() && (w->focusPolicy() & Qt::TabFocus) &&
                w->visibleRegion().boundingRect().isValid() && !w->focusProxy() &&
                !qobject_cast<QScrollArea*>(w) && !qobject_cast<QMenuBar*>(w) &&
                !w->objectName().startsWith(QStringLiteral("qt_")))
                wanted << w;
        }
        EXPECT_GE(wanted.size(), 5) << key.toStdString();
        QSet<QWidget*> reached;
        for (int i = 0; i < 400 && reached.size() < wanted.size() + 40; ++i) {
            QWidget* at = QApplication::focusWidget();
            ASSERT_TRUE(at) << key.toStdString();
            reached << at;
            QTest::keyClick(at, Qt::Key_Tab);
        }
        for (QWidget* w : wanted - reached) {
            // One of a group of buttons stands for all of it; the arrows go between them.
            auto* button = qobject_cast<QAbstractButton*>(w);
            if (button && (button->autoExclusive() || button->group())) continue;
            ADD_FAILURE() << key.toStdString() << ": Tab does not reach a "
                          << w->metaObject()->className() << " called "
                          << w->accessibleName().toStdString();
        }
    }
}

TEST_F(AccessibilityTest, AShotThatArrivesIsTold) {
    HandMonitor monitor;
    window_->listenTo(monitor.serverPort());
    ASSERT_TRUE(QTest::qWaitFor([&] { return monitor.heard("{"); }, patience(5000)));
    store::ShotRecord shot;
    shot[store::Quantity::Carry] = 43.0;
    shot[store::Quantity::LaunchAngle] = 0.5;
    monitor.hit("1", shot);
    // An alert of the line above the shots; where a reader runs, the toolkit hands it on.
    auto* bar = window_->findChild<LiveBar*>();
    ASSERT_TRUE(bar);
    EXPECT_TRUE(
        QTest::qWaitFor([&] { return bar->accessibleDescription().contains(QStringLiteral("43")); },
                        patience(8000)))
        << bar->accessibleDescription().toStdString();
    EXPECT_TRUE(bar->accessibleDescription().startsWith(QStringLiteral("Shot 1")));
}

TEST_F(AccessibilityTest, NoLabelOfADrawingLiesOnAnother) {
    openAcademy();
    for (const QSize size : {QSize(1280, 800), QSize(1024, 640)}) {
        window_->resize(size);
        for (const QString& key : viewKeys()) {
            showView(key);
            for (auto* drawing : window_->findChildren<Drawing*>()) {
                if (!drawing->isVisible()) continue;
                const auto texts = paintedTexts(*drawing);
                for (qsizetype i = 0; i < texts.size(); ++i) {
                    for (qsizetype j = i + 1; j < texts.size(); ++j) {
                        // Its own halo is the same text a little beside it.
                        if (texts[i].text == texts[j].text) continue;
                        const auto core = [](const QRectF& r) {
                            return r.adjusted(1.5, 0.3 * r.height(), -1.5, -0.3 * r.height());
                        };
                        EXPECT_FALSE(core(texts[i].at).intersects(core(texts[j].at)))
                            << key.toStdString() << " " << size.width() << ", "
                            << drawing->accessibleName().toStdString() << ": \""
                            << texts[i].text.toStdString() << "\" and \""
                            << texts[j].text.toStdString() << '"';
                    }
                }
            }
        }
    }
}

TEST_F(AccessibilityTest, ASmallerScreenScrollsAndCutsNothing) {
    window_->resize(640, 400);
    QTest::qWait(50);
    EXPECT_EQ(window_->size(), QSize(640, 400));
    auto* area = qobject_cast<QScrollArea*>(window_->centralWidget());
    ASSERT_TRUE(area);
    EXPECT_GE(area->widget()->width(), 1024) << "laid out as on a screen that is large enough";
    EXPECT_GT(area->horizontalScrollBar()->maximum(), 0);
    // What the keys reach comes into sight.
    window_->showView(QStringLiteral("shape"));
    for (int i = 0; i < 30; ++i) {
        QWidget* at = QApplication::focusWidget();
        QTest::keyClick(at, Qt::Key_Tab);
    }
    const QWidget* at = QApplication::focusWidget();
    ASSERT_TRUE(at);
    EXPECT_FALSE(at->visibleRegion().isEmpty()) << at->accessibleName().toStdString();
}

}  // namespace
}  // namespace wedgeon::test
