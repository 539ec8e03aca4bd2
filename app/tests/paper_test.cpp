// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Every view goes out: as pages with bookmarks and data of the document, as a drawing, and as a
// picture of the size that was chosen.
#include <QImageReader>
#include <QProcess>

#include "academy.h"
#include "paper/pdf_data.h"
#include "views/view.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

QString outputOf(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.start(program, arguments);
    EXPECT_TRUE(process.waitForFinished(30'000)) << program.toStdString();
    EXPECT_EQ(process.exitCode(), 0) << process.readAllStandardError().constData();
    return QString::fromUtf8(process.readAllStandardOutput());
}

class PaperTest : public WindowTest {
protected:
    void SetUp() override {
        WindowTest::SetUp();
        openRecords(demo::makeAcademy().shots);
    }
};

TEST_F(PaperTest, EveryViewBecomesADocumentWithTextBookmarksAndData) {
    for (const char* key : {"read", "ladder", "shape", "watch", "explain", "train", "tune"}) {
        window_->showView(QString::fromLatin1(key));
        QTest::qWait(150);
        settle();
        const QString path = folder_.filePath(QString::fromLatin1(key) + QStringLiteral(".pdf"));
        saveView(path);
        ASSERT_TRUE(QFileInfo::exists(path)) << key << ": " << notice().toStdString();
        const QString name = window_->shownView()->name();
        const QString data = outputOf(QStringLiteral("pdfinfo"), {path});
        EXPECT_TRUE(data.contains(QStringLiteral("Wedgeon: ") + name)) << data.toStdString();
        EXPECT_TRUE(data.contains(QStringLiteral("Creator:         Wedgeon")))
            << data.toStdString();
        EXPECT_TRUE(data.contains(QStringLiteral("A4"))) << data.toStdString();
        const QString text = outputOf(QStringLiteral("pdftotext"), {path, QStringLiteral("-")});
        EXPECT_TRUE(text.contains(name)) << key;
        EXPECT_TRUE(text.contains(QStringLiteral("Nobody ahead of or beside the swing"))) << key;
        // As another program reads them.
        const QString marks =
            outputOf(QStringLiteral("python3"),
                     {QStringLiteral("-c"),
                      QStringLiteral("import sys,re\nd=open(sys.argv[1],'rb').read()\n"
                                     "print(d.count(b'/Outlines'), d.count(b'/XYZ'))"),
                      path});
        EXPECT_FALSE(marks.startsWith(QLatin1Char('0'))) << key << marks.toStdString();
    }
}

TEST_F(PaperTest, APictureHasTheSizeThatWasChosen) {
    window_->showView(QStringLiteral("shape"));
    const QString png = folder_.filePath(QStringLiteral("bench.png"));
    saveView(png, 3000);
    EXPECT_EQ(QImageReader(png).size().width(), 3000);
    const QString svg = folder_.filePath(QStringLiteral("bench.svg"));
    saveView(svg, 1500);
    QFile file(svg);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    const QByteArray text = file.readAll();
    EXPECT_TRUE(text.contains("viewBox=\"0 0 1500")) << text.left(400).constData();
}

TEST(PdfData, MarksOfPagesThatAreNotThereAreLeftOutAndNonsenseStaysAsItIs) {
    EXPECT_EQ(withPdfData("no document", {QStringLiteral("t"), {}, {}, {}}),
              QByteArray("no document"));
    EXPECT_EQ(withPdfData({}, {}), QByteArray());
}

}  // namespace
}  // namespace wedgeon::test
