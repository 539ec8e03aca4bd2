// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The real window, shown and active, and the hands that drive it.
#pragma once

#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QMenuBar>
#include <QMessageBox>
#include <QPushButton>
#include <QRegularExpression>
#include <QSettings>
#include <QSpinBox>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <functional>
#include <memory>
#include <sstream>

#include "drawings/drawing.h"
#include "program.h"
#include "views/watch/columns_dialog.h"
#include "wedgeon/store/shot_file.h"
#include "widgets/notice_bar.h"
#include "widgets/preferences_dialog.h"
#include "widgets/save_view_dialog.h"
#include "widgets/trouble_bar.h"

namespace wedgeon::test {

/// How long a test waits for something that takes \p ms at the most: longer where every access to
/// memory is checked.
constexpr int patience(int ms) {
#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__)
    return 15 * ms;
#else
    return ms;
#endif
}

class WindowTest : public testing::Test {
protected:
    void SetUp() override {
        QSettings().clear();
        // A coach who was here before, with this player.
        QSettings().setValue(QStringLiteral("bench/player"), QStringLiteral("Runa Vale"));
        window_ = std::make_unique<Program>(logbookPath());
        window_->resize(1280, 800);
        window_->show();
        ASSERT_TRUE(QTest::qWaitForWindowExposed(window_.get()));
        window_->activateWindow();
        ASSERT_TRUE(QTest::qWaitForWindowActive(window_.get()));
        settle();
    }

    /// Until the logbook is open and everything is written and shown.
    void settle() {
        ASSERT_TRUE(QTest::qWaitFor([this] { return window_->isSettled(); }, patience(20000)));
    }

    QString logbookPath() const { return folder_.filePath(QStringLiteral("test.wedgeon")); }

    /// The preferences, changed as by their dialog.
    void prefer(const std::function<void(PreferenceValues&)>& set) {
        PreferenceValues next = window_->desk.preferences().values();
        set(next);
        window_->desk.preferences().change(QStringLiteral("preferences"), next);
    }

    template <class T>
    T* byName(const QString& name, QWidget* root = nullptr) {
        for (T* w : (root ? root : window_.get())->template findChildren<T*>()) {
            if (w->accessibleName() == name && w->isVisible()) return w;
        }
        ADD_FAILURE() << "no visible widget is called " << name.toStdString();
        return nullptr;
    }

    QString said(const char* objectName) {
        for (auto* label : window_->findChildren<QLabel*>(QString::fromLatin1(objectName))) {
            if (label->isVisible()) return label->text();
        }
        return {};
    }

    /// What stands behind the questions of a pop-up of the strip.
    static void showNumbers(QWidget* editor) {
        for (auto* b : editor->findChildren<QAbstractButton*>()) {
            if (b->text() == QStringLiteral("In numbers") && !b->isChecked()) b->click();
        }
    }

    /// What stays on screen about the logbook.
    QString trouble() { return window_->findChild<TroubleBar*>()->text(); }
    QString notice() { return window_->findChild<NoticeBar*>()->text(); }

    QString write(const QString& name, const QByteArray& bytes) {
        const QString path = folder_.filePath(name);
        QFile file(path);
        EXPECT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(bytes);
        return path;
    }

    QAction* action(const QString& startsWith) {
        for (QAction* menu : window_->menuBar()->actions()) {
            for (QAction* a : menu->menu()->actions()) {
                if (a->text().remove(QLatin1Char('&')).startsWith(startsWith)) return a;
            }
        }
        ADD_FAILURE() << "no menu entry starts with " << startsWith.toStdString();
        return nullptr;
    }

    /// Does \p opening, which shows a file dialog, then types the name and accepts, as a person
    /// does it.
    static void inFileDialog(const QString& path, const std::function<void()>& opening) {
        QTimer poll;
        int attempts = 0;
        bool typed = false;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            QWidget* active = QApplication::activeModalWidget();
            if (auto* box = qobject_cast<QMessageBox*>(active)) {
                // The dialog's own listing may lag behind a file that was just written: once more.
                typed = false;
                box->accept();
                return;
            }
            auto* dialog = qobject_cast<QFileDialog*>(active);
            if (!dialog || typed) return;
            if (++attempts > 20) return dialog->reject();
            typed = true;
            dialog->findChild<QLineEdit*>(QStringLiteral("fileNameEdit"))->setText(path);
            auto* buttons = dialog->findChild<QDialogButtonBox*>(QStringLiteral("buttonBox"));
            const auto accept = dialog->acceptMode() == QFileDialog::AcceptSave
                                    ? QDialogButtonBox::Save
                                    : QDialogButtonBox::Open;
            // Queued: the click may open a box of its own, and this timer has to see it.
            QTimer::singleShot(0, dialog, [button = buttons->button(accept)] {
                QTest::mouseClick(button, Qt::LeftButton);
            });
        });
        poll.start(20);
        opening();
        ASSERT_TRUE(typed) << "the dialog took the name in " << attempts << " attempts";
    }

    /// Saves the shown view to \p path by the dialog, as its ending says; as a picture where it
    /// says nothing that is known.
    void saveView(const QString& path, int width_px = 0) {
        QTimer poll;
        bool pressed = false;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* dialog = qobject_cast<SaveViewDialog*>(QApplication::activeModalWidget());
            if (!dialog || pressed) return;
            pressed = true;
            const QString ending = QFileInfo(path).suffix();
            const auto as = ending == QStringLiteral("pdf")   ? SaveViewDialog::As::Pdf
                            : ending == QStringLiteral("svg") ? SaveViewDialog::As::Svg
                                                              : SaveViewDialog::As::Png;
            dialog->findChild<QComboBox*>(QStringLiteral("saveAs"))
                ->setCurrentIndex(static_cast<int>(as));
            if (width_px > 0)
                dialog->findChild<QSpinBox*>(QStringLiteral("saveWidth"))->setValue(width_px);
            inFileDialog(path, [&] {
                QTest::mouseClick(dialog->findChild<QPushButton*>(QStringLiteral("saveNow")),
                                  Qt::LeftButton);
            });
            if (dialog->isVisible()) dialog->reject();
        });
        poll.start(20);
        action(QStringLiteral("Save this view"))->trigger();
        EXPECT_TRUE(pressed);
    }

    void openByMenu(const QString& path) {
        inFileDialog(path, [this] { action(QStringLiteral("Open shots"))->trigger(); });
    }

    /// Opens a file of shots by the menu and waits until it is read or refused. Asked what the
    /// columns are, \p answer changes what it likes and the guess is taken.
    void openShots(const QString& path, const std::function<void(ColumnsDialog&)>& answer = {}) {
        openByMenu(path);
        const auto read = [this] { return !notice().startsWith(QStringLiteral("Reading")); };
        ASSERT_TRUE(QTest::qWaitFor(read, patience(10000)));
        if (auto* dialog = window_->findChild<ColumnsDialog*>()) {
            if (answer) answer(*dialog);
            for (auto* b : dialog->findChildren<QPushButton*>()) {
                if (b->text() == QStringLiteral("Read the shots"))
                    QTest::mouseClick(b, Qt::LeftButton);
            }
            ASSERT_TRUE(QTest::qWaitFor(read, patience(10000)));
        }
        settle();
        window_->activateWindow();  // the dialogs had the focus
        ASSERT_TRUE(QTest::qWaitForWindowActive(window_.get()));
    }

    /// The same of records, as a file of the product's own.
    void openRecords(const std::vector<store::ShotRecord>& shots) {
        std::ostringstream text;
        store::writeShotsCsv(text, shots);
        openShots(write(QStringLiteral("shots.csv"), QByteArray::fromStdString(text.str())));
    }

    static void drag(QWidget* widget, QPointF from, QPointF by) {
        QTest::mousePress(widget, Qt::LeftButton, {}, from.toPoint());
        for (int i = 1; i <= 6; ++i)
            QTest::mouseMove(widget, (from + by * i / 6.0).toPoint());
        QTest::mouseRelease(widget, Qt::LeftButton, {}, (from + by).toPoint());
    }

    /// The first number behind \p word in \p text, with a true minus sign read as one.
    static double numberAfter(const QString& text, const QString& word) {
        const QRegularExpression number(
            QStringLiteral("%1[^0-9\u2212-]*([\u2212-]?[0-9]+(?:\\.[0-9]+)?)")
                .arg(QRegularExpression::escape(word)));
        const auto match = number.match(text);
        EXPECT_TRUE(match.hasMatch()) << word.toStdString() << " in " << text.toStdString();
        return match.captured(1).replace(QChar(0x2212), QLatin1Char('-')).toDouble();
    }

    QTemporaryDir folder_;
    std::unique_ptr<Program> window_;
};

}  // namespace wedgeon::test
