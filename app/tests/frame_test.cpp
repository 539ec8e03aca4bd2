// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The frame: views by key, dark and light, remembered state, names for a screen reader.
#include <QGlyphRun>
#include <QPixmap>
#include <QRawFont>
#include <QTextLayout>

#include "style/style.h"
#include "window_fixture.h"

namespace wedgeon::test {
namespace {

class FrameTest : public WindowTest {};

TEST_F(FrameTest, ViewsChangeByKeyAndByTheLessonLine) {
    QTest::keyClick(window_.get(), Qt::Key_4, Qt::AltModifier);
    EXPECT_TRUE(said("shapeSentence").isEmpty());
    QTest::keyClick(window_.get(), Qt::Key_3, Qt::AltModifier);
    EXPECT_FALSE(said("shapeSentence").isEmpty());
    QTest::mouseClick(byName<QAbstractButton>(QStringLiteral("Watch")), Qt::LeftButton, {},
                      QPoint(22, 24));
    EXPECT_TRUE(said("shapeSentence").isEmpty());
}

TEST_F(FrameTest, DarkIsDarkAndComesBack) {
    const auto middle = [&] { return window_->grab().toImage().pixelColor(400, 90).lightness(); };
    const int light = middle();
    action(QStringLiteral("Dark"))->trigger();
    EXPECT_TRUE(QTest::qWaitFor([&] { return middle() < 80; }, 2000)) << middle();
    action(QStringLiteral("Dark"))->trigger();
    EXPECT_TRUE(QTest::qWaitFor([&] { return middle() == light; }, 2000)) << middle();
}

TEST_F(FrameTest, RemembersViewAndUnits) {
    action(QStringLiteral("Change between"))->trigger();
    window_->showView(QStringLiteral("watch"));
    window_->close();
    window_ = std::make_unique<Program>(logbookPath());
    window_->show();
    settle();
    EXPECT_TRUE(said("shapeSentence").isEmpty()) << "Watch again";
    window_->showView(QStringLiteral("shape"));
    EXPECT_TRUE(said("shapeSentence").contains(QStringLiteral("yd")));
}

TEST_F(FrameTest, EverythingThatTakesTheFocusHasAName) {
    for (const auto& view : {QStringLiteral("shape"), QStringLiteral("watch"),
                             QStringLiteral("explain"), QStringLiteral("tune")}) {
        window_->showView(view);
        for (auto* w : window_->findChildren<QWidget*>()) {
            if (!w->isVisible() || !(w->focusPolicy() & Qt::TabFocus)) continue;
            const auto* button = qobject_cast<QAbstractButton*>(w);
            EXPECT_TRUE(!w->accessibleName().isEmpty() || (button && !button->text().isEmpty()))
                << w->metaObject()->className();
        }
    }
}

TEST_F(FrameTest, TheShippedFontIsInUse) {
    EXPECT_EQ(QFontInfo(style::font(14)).family(), QStringLiteral("Hanken Grotesk"));
}

TEST_F(FrameTest, TextContrastIsAtLeastFourAndAHalf) {
    const auto luminance = [](const QColor& c) {
        const auto part = [](double v) {
            return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
        };
        return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
    };
    const auto contrast = [&](const QColor& a, const QColor& b) {
        const double x = luminance(a) + 0.05;
        const double y = luminance(b) + 0.05;
        return x > y ? x / y : y / x;
    };
    using style::Theme;
    for (const Theme theme :
         {Theme::Light, Theme::Dark, Theme::LightContrast, Theme::DarkContrast}) {
        const bool high = theme == Theme::LightContrast || theme == Theme::DarkContrast;
        const double least = high ? 7.0 : 4.5;
        const style::Colours& c = style::colours(style::palette(theme));
        for (const QColor& ground : {c.panel, c.surface, c.chosen}) {
            for (const QColor& ink : {c.ink, c.soft, c.predicted, c.warning}) {
                EXPECT_GE(contrast(ink, ground), least)
                    << ink.name().toStdString() << " on " << ground.name().toStdString();
            }
        }
        EXPECT_GE(contrast(c.ink, c.turfFill), least);
    }
}

TEST_F(FrameTest, NamesInLatinGreekAndCyrillicAreInTheShippedFonts) {
    for (const char* name : {"Runa Vale ÄÖÜß", "Łukasz Żółć Őri Čeněk Şule", "Ελένη Αθανασίου",
                             "Юлія Ждановська Ёлкин"}) {
        QTextLayout layout(QString::fromUtf8(name), style::font(14));
        layout.beginLayout();
        layout.createLine();
        layout.endLayout();
        for (const QGlyphRun& run : layout.glyphRuns()) {
            const QString family = run.rawFont().familyName();
            EXPECT_TRUE(family.startsWith(QStringLiteral("Hanken Grotesk")) ||
                        family.startsWith(QStringLiteral("Noto Sans")))
                << name << ": " << family.toStdString();
            for (const quint32 glyph : run.glyphIndexes())
                EXPECT_NE(glyph, 0u) << name << ": a box instead of a letter";
        }
    }
}

}  // namespace
}  // namespace wedgeon::test
