// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A desktop with a decimal comma: what is shown and typed follows it, what is written does not.
#include <QComboBox>
#include <clocale>

#include "text/quantities.h"
#include "widgets/quantity_field.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class CommaTest : public WindowTest {
protected:
    void SetUp() override {
        std::setlocale(LC_NUMERIC, "");  // as the toolkit leaves it
        text::chooseLocale(QLocale(QLocale::German, QLocale::Germany));
        WindowTest::SetUp();
    }
    void TearDown() override {
        window_.reset();
        text::chooseLocale(QLocale::c());
    }
};

TEST_F(CommaTest, SentencesFieldsAndDrawingsAgree) {
    EXPECT_EQ(QLocale().decimalPoint(), QStringLiteral(","));
    const QString sentence = said("shapeSentence");
    EXPECT_TRUE(sentence.contains(QRegularExpression(QStringLiteral("[0-9],[0-9]"))))
        << sentence.toStdString();
    EXPECT_FALSE(sentence.contains(QRegularExpression(QStringLiteral("[0-9]\\.[0-9]"))))
        << sentence.toStdString();
    auto* speed = byName<QuantityField>(QStringLiteral("Club speed"));
    EXPECT_TRUE(speed->text().contains(QStringLiteral("(21,0"))) << speed->text().toStdString();
    speed->setFocus();
    speed->selectAll();
    QTest::keyClicks(speed, QStringLiteral("1234,5"));  // out of range: not taken as 12345
    QTest::keyClick(speed, Qt::Key_Return);
    EXPECT_LT(window_->desk.bench().state().recipe().clubSpeed_mps, 46);
    speed->selectAll();
    QTest::keyClicks(speed, QStringLiteral("22,5"));
    QTest::keyClick(speed, Qt::Key_Return);
    EXPECT_DOUBLE_EQ(window_->desk.bench().state().recipe().clubSpeed_mps, 22.5);
    for (auto* d : window_->findChildren<Drawing*>()) {
        if (!d->isVisible()) continue;
        EXPECT_FALSE(d->accessibleDescription().contains(
            QRegularExpression(QStringLiteral("[0-9]\\.[0-9]"))))
            << d->accessibleName().toStdString() << ": "
            << d->accessibleDescription().toStdString();
    }
}

TEST_F(CommaTest, FilesAreReadAndWrittenWithAPoint) {
    openShots(write(QStringLiteral("two.csv"),
                    "club_speed [m/s],launch_angle [deg],carry [m]\n21.5,30.5,40.25\n22,31,41\n"));
    const auto shots =
        store::Logbook(logbookPath().toStdString(), store::Logbook::Access::ReadOnly).shots();
    ASSERT_EQ(shots.size(), 2u);
    EXPECT_EQ(shots[0].record[store::Quantity::Carry], 40.25);
    std::ostringstream csv;
    store::writeShotsCsv(csv, std::vector{shots[0].record});
    EXPECT_NE(csv.str().find("21.5"), std::string::npos) << csv.str();
    EXPECT_NE(csv.str().find("40.25"), std::string::npos) << csv.str();
    BenchState next = window_->desk.bench().state();
    next.recipe().clubSpeed_mps = 21.25;
    window_->desk.bench().edit(next, QStringLiteral("try"));
    window_.reset();
    EXPECT_TRUE(QSettings()
                    .value(QStringLiteral("bench/recipes"))
                    .toString()
                    .contains(QStringLiteral("21.25")));
    // The range of a refused cell is told, and typed ranges are understood, both ways.
    ShotFilter filter;
    for (const char* typed : {"carry=40,2..40,3", "carry=40.2..40.3"}) {
        QString error;
        filter = ShotFilter::parse(QString::fromLatin1(typed), Units(), error);
        EXPECT_TRUE(error.isEmpty()) << error.toStdString();
    }
}

TEST_F(CommaTest, SignsStandBeforeWhatIsNotNothing) {
    EXPECT_EQ(text::signedNumber(1.52, 1), QStringLiteral("+1,5"));
    EXPECT_EQ(text::signedNumber(0.04, 1), QStringLiteral("0,0"));
    EXPECT_EQ(text::signedNumber(-1.5, 1), QStringLiteral("\u22121,5"));
    EXPECT_EQ(text::number(12345.6, 1), QStringLiteral("12345,6"));
}

}  // namespace
}  // namespace wedgeon::test
