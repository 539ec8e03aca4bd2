// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures and clips in the window; shots given to another player, players that are one.
#include <QClipboard>
#include <QComboBox>
#include <QDesktopServices>
#include <QDropEvent>
#include <QInputDialog>
#include <QMimeData>
#include <QToolButton>

#include "desk/attacher.h"
#include "wedgeon/store/attachments.h"
#include "widgets/attachment_strip.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

/// Takes what would be opened by the desktop.
class Desktop : public QObject {
    Q_OBJECT

public:
    Desktop() { QDesktopServices::setUrlHandler(QStringLiteral("file"), this, "open"); }
    ~Desktop() override { QDesktopServices::unsetUrlHandler(QStringLiteral("file")); }
    QList<QUrl> opened;

public slots:
    void open(const QUrl& url) { opened << url; }
};

class AttachmentsWindowTest : public WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        std::vector<store::ShotRecord> shots(3);
        for (std::size_t i = 0; i < shots.size(); ++i) {
            shots[i][store::Label::Player] = "R. Vale";
            shots[i][store::Label::Wedge] = "54 mid";
            shots[i][store::Quantity::Carry] = 30.0 + static_cast<double>(i);
            shots[i][store::Quantity::LaunchAngle] = 0.5;
        }
        openRecords(shots);
        window_->showView(QStringLiteral("watch"));
    }
    QString picture(const QString& name, int grey) {
        QImage image(120, 90, QImage::Format_RGB32);
        image.fill(QColor(grey, grey, grey));
        const QString path = folder_.filePath(name);
        EXPECT_TRUE(image.save(path));
        return path;
    }
    /// What the window shows of the chosen shot.
    QStringList strip() {
        QStringList out;
        QTest::qWait(20);  // the small pictures are laid out in a turn of their own
        for (auto* s : window_->findChildren<AttachmentStrip*>()) {
            if (!s->isVisible()) continue;
            for (auto* b : s->findChildren<QToolButton*>()) {
                if (b->isVisible()) out << b->accessibleName();
            }
        }
        return out;
    }
    bool waitFor(const QString& begins) {
        const bool came =
            QTest::qWaitFor([&] { return notice().startsWith(begins); }, patience(10000));
        settle();
        return came;
    }
    void attach(const QString& path) {
        inFileDialog(path, [this] { action(QStringLiteral("Attach a picture"))->trigger(); });
    }
    void drop(const QString& path) {
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(path)});
        QDropEvent event(QPointF(400, 400), Qt::CopyAction, &data, Qt::LeftButton, {});
        static_cast<QObject&>(*window_).event(&event);
    }
    QStringList files() const {
        return QDir(logbookPath() + QStringLiteral("-pictures")).entryList(QDir::Files);
    }
    void undo() {
        window_->desk.bench().undoStack().undo();
        settle();
    }
    void redo() {
        window_->desk.bench().undoStack().redo();
        settle();
    }
};

TEST_F(AttachmentsWindowTest, APictureIsAttachedShownOpenedAndTakenBack) {
    attach(picture(QStringLiteral("strike.png"), 90));
    ASSERT_TRUE(waitFor(QStringLiteral("1 picture or clip attached to shot 3")))
        << notice().toStdString();
    EXPECT_EQ(strip(), QStringList{QStringLiteral("strike.png")});
    EXPECT_EQ(files().size(), 1);
    // The same content a second time is there once; the original may go.
    attach(picture(QStringLiteral("again.png"), 90));
    ASSERT_TRUE(QTest::qWaitFor([&] { return strip().size() == 2; }, patience(10000)));
    EXPECT_EQ(files().size(), 1);
    QFile::remove(folder_.filePath(QStringLiteral("strike.png")));
    Desktop desktop;
    for (auto* b : window_->findChildren<QToolButton*>()) {
        if (b->isVisible() && b->accessibleName() == QStringLiteral("strike.png")) b->click();
    }
    ASSERT_EQ(desktop.opened.size(), 1);
    EXPECT_EQ(desktop.opened[0].toLocalFile(),
              logbookPath() + QStringLiteral("-pictures/") + files()[0]);
    undo();
    EXPECT_EQ(strip(), QStringList{QStringLiteral("strike.png")});
    undo();
    EXPECT_TRUE(strip().isEmpty());
    redo();
    EXPECT_EQ(strip(), QStringList{QStringLiteral("strike.png")});
    // Another shot has its own.
    QTest::keyClick(byName<QAbstractItemView>(QStringLiteral("Shots")), Qt::Key_Down);
    EXPECT_TRUE(strip().isEmpty());
    // One whose file is gone says so and opens nothing.
    QFile::remove(logbookPath() + QStringLiteral("-pictures/") + files()[0]);
    QTest::keyClick(byName<QAbstractItemView>(QStringLiteral("Shots")), Qt::Key_Up);
    EXPECT_EQ(strip(), QStringList{QStringLiteral("strike.png (its file is missing)")});
    for (auto* b : window_->findChildren<QToolButton*>()) {
        if (b->isVisible() && b->accessibleName().startsWith(QStringLiteral("strike.png")))
            b->click();
    }
    EXPECT_EQ(desktop.opened.size(), 1);
    EXPECT_TRUE(notice().contains(QStringLiteral("not beside the logbook any more")));
}

TEST_F(AttachmentsWindowTest, WhatIsNoPictureAndWhatIsTooLargeIsRefused) {
    attach(write(QStringLiteral("run.mp4"), "#!/bin/sh\necho not a clip\n"));
    ASSERT_TRUE(waitFor(QStringLiteral("Not attached: run.mp4: its content is neither")))
        << notice().toStdString();
    QFile clip(write(QStringLiteral("lesson.mp4"), QByteArray("\0\0\0\x18"
                                                              "ftypmp42\0\0\0\0mp42isom",
                                                              24)));
    ASSERT_TRUE(clip.open(QIODevice::ReadWrite));
    ASSERT_TRUE(clip.resize(2'000'000'000));  // a hole: it takes no room
    attach(clip.fileName());
    ASSERT_TRUE(
        waitFor(QStringLiteral("Not attached: lesson.mp4: 2.0\u00A0GB, and up to 500\u00A0MB")))
        << notice().toStdString();
    EXPECT_TRUE(strip().isEmpty());
    EXPECT_TRUE(files().isEmpty());
    // A limit of its own lets the same file in.
    ASSERT_TRUE(clip.resize(3'000'000));
    prefer([](PreferenceValues& v) { v.attachmentMost_MB = 2; });
    attach(clip.fileName());
    ASSERT_TRUE(waitFor(QStringLiteral("Not attached: lesson.mp4: 3\u00A0MB, and up to 2\u00A0MB")))
        << notice().toStdString();
    for (auto* b : window_->findChildren<QPushButton*>()) {
        if (b->isVisible() && b->text() == QStringLiteral("Change the limit…")) b->click();
    }
    auto* dialog = window_->findChild<PreferencesDialog*>();
    ASSERT_TRUE(dialog);
    byName<QSpinBox>(QStringLiteral("Pictures and clips are copied up to"), dialog)->setValue(4);
    ASSERT_TRUE(waitFor(QStringLiteral("1 picture or clip attached"))) << notice().toStdString();
    EXPECT_EQ(strip(), QStringList{QStringLiteral("lesson.mp4")});
}

TEST_F(AttachmentsWindowTest, ACopiedAndADroppedPictureComeToTheShot) {
    QImage image(60, 40, QImage::Format_RGB32);
    image.fill(Qt::red);
    QGuiApplication::clipboard()->setImage(image);
    action(QStringLiteral("Attach the copied"))->trigger();
    ASSERT_TRUE(waitFor(QStringLiteral("1 picture or clip attached"))) << notice().toStdString();
    EXPECT_EQ(strip(), QStringList{QStringLiteral("Picture.png")});
    QGuiApplication::clipboard()->setText(QStringLiteral("no picture"));
    action(QStringLiteral("Attach the copied"))->trigger();
    EXPECT_EQ(notice(), QStringLiteral("No picture was copied."));
    const QString dropped = picture(QStringLiteral("dropped.png"), 30);
    drop(dropped);
    ASSERT_TRUE(QTest::qWaitFor([&] { return strip().size() == 2; }, patience(10000)));
    window_->showView(QStringLiteral("shape"));
    drop(dropped);
    EXPECT_TRUE(notice().contains(QStringLiteral("choose one in Watch first")));
    // Under A and B.
    window_->showView(QStringLiteral("watch"));
    action(QStringLiteral("Take the shot as A"))->trigger();
    action(QStringLiteral("Take the shown shots as B"))->trigger();
    window_->showView(QStringLiteral("explain"));
    EXPECT_EQ(strip(), (QStringList{QStringLiteral("Picture.png"), QStringLiteral("dropped.png"),
                                    QStringLiteral("Picture.png"), QStringLiteral("dropped.png")}));
}

TEST_F(AttachmentsWindowTest, ACopyOfTheLogbookHasItsPictures) {
    attach(picture(QStringLiteral("strike.png"), 90));
    ASSERT_TRUE(waitFor(QStringLiteral("1 picture")));
    const QString copy = folder_.filePath(QStringLiteral("copy.wedgeon"));
    inFileDialog(copy, [this] { action(QStringLiteral("Save a copy of the logbook"))->trigger(); });
    ASSERT_TRUE(waitFor(QStringLiteral("The logbook was copied to copy.wedgeon")))
        << notice().toStdString();
    EXPECT_EQ(QDir(copy + QStringLiteral("-pictures")).entryList(QDir::Files), files());
}

TEST_F(AttachmentsWindowTest, ShotsGoToAnotherPlayerAndPlayersBecomeOne) {
    auto& log = window_->desk.log();
    log.change([](store::Logbook& book) {
        store::Kit(book).keepPlayer({0, "Runa Vale", Hand::Right, ""});
        store::Kit(book).keepPlayer({0, "Odo Fenn", Hand::Left, ""});
    });
    settle();
    const auto players = [&] {
        QStringList out;
        auto& shots = window_->desk.shots();
        for (int i = 0; i < shots.rowCount(); ++i)
            out << QString::fromStdString(shots.recordAt(i)[store::Label::Player]);
        return out;
    };
    QTimer poll;
    QString chosen = QStringLiteral("Odo Fenn");
    QObject::connect(&poll, &QTimer::timeout, [&] {
        if (auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget())) {
            dialog->setTextValue(chosen);
            dialog->accept();
        }
    });
    poll.start(20);
    byName<QLineEdit>(QStringLiteral("Show only shots with these words"))
        ->setText(QStringLiteral("carry>31"));
    action(QStringLiteral("Give the shown shots"))->trigger();
    settle();
    EXPECT_EQ(players(), (QStringList{QStringLiteral("Odo Fenn"), QStringLiteral("R. Vale"),
                                      QStringLiteral("R. Vale")}));
    undo();
    EXPECT_EQ(players().count(QStringLiteral("R. Vale")), 3);
    // "R. Vale", whom only the file names, is Runa Vale.
    window_->desk.mergePlayers("R. Vale", "Runa Vale");
    settle();
    EXPECT_EQ(log.records().otherNamesOf("Runa Vale"), std::vector<std::string>{"R. Vale"});
    EXPECT_EQ(log.records().sessions.back().player, log.records().findPlayer("Runa Vale")->id);
    // Odo is, too: from the strip, where he stands.
    BenchState next = window_->desk.bench().state();
    next.player = log.records().modelOf("Odo Fenn");
    window_->desk.bench().edit(next, QStringLiteral("player"));
    for (auto* b : window_->findChildren<QAbstractButton*>()) {
        if (b->isVisible() && b->accessibleName().startsWith(QStringLiteral("Player:"))) b->click();
    }
    chosen = QStringLiteral("Runa Vale");
    for (auto* b : window_->findChildren<QPushButton*>()) {
        if (b->text() == QStringLiteral("The same as another player…")) b->click();
    }
    settle();
    EXPECT_EQ(log.records().players.size(), 1u);
    EXPECT_EQ(window_->desk.bench().state().player.name, "Runa Vale");
    undo();
    EXPECT_EQ(log.records().players.size(), 2u);
    EXPECT_EQ(window_->desk.bench().state().player.name, "Odo Fenn");
}

}  // namespace
}  // namespace wedgeon::test

#include "attachments_window_test.moc"
