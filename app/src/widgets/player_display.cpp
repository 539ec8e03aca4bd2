// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Large words on the whole screen.
#include "widgets/player_display.h"

#include <QGuiApplication>
#include <QKeyEvent>
#include <QPainter>
#include <QScreen>
#include <QSettings>
#include <cmath>

#include "style/style.h"
#include "text/quantities.h"
#include "text/sentences.h"
#include "text/swing_text.h"
#include "text/train_words.h"
#include "wedgeon/error.h"
#include "wedgeon/store/recipe_file.h"

namespace wedgeon {
namespace {

constexpr std::array defaults{Track::Carry, Track::Landing, Track::Release};
/// Shares of the height.
constexpr double whoAt = 0.05, sentenceAt = 0.12, numbersAt = 0.40, besideAt = 0.83;

QString settingOf(std::size_t place) {
    return QStringLiteral("display/number%1").arg(place + 1);
}

/// The largest font up to \p most in which \p text fits the rectangle, over lines where it may.
QFont fitting(const QString& text, const QRect& room, int most, QFont::Weight weight, int flags) {
    for (int size = most; size > 12; size = size * 9 / 10) {
        const QFont font = style::font(size, weight);
        const QRect needed = QFontMetrics(font).boundingRect(room, flags, text);
        if (needed.width() <= room.width() && needed.height() <= room.height()) return font;
    }
    return style::font(12, weight);
}

}  // namespace

PlayerDisplay::PlayerDisplay(Desk& desk, QWidget* parent)
    : QWidget(parent, Qt::Window), desk_(desk), watched_(defaults) {
    setObjectName(QStringLiteral("playerDisplay"));
    setWindowTitle(tr("The shot, for the player"));
    setAccessibleName(windowTitle());
    setMinimumSize(480, 320);
    setToolTip(tr("1, 2, 3 or a click change a number; Esc or F11 closes"));
    const QSettings settings;
    for (std::size_t i = 0; i < numberCount; ++i) {
        const int kept = settings.value(settingOf(i), static_cast<int>(watched_[i])).toInt();
        if (kept >= 0 && kept < static_cast<int>(trackCount))
            watched_[i] = static_cast<Track>(kept);
    }
    connect(&desk_, &Desk::changed, this, [this](Desk::Parts parts) {
        if (isVisible() && (parts & (Desk::Shots | Desk::ShotNotes | Desk::UnitsShown |
                                     Desk::Bench | Desk::Givens | Desk::Trained)))
            refresh();
    });
}

void PlayerDisplay::open(const QWidget& window) {
    const QScreen* here = window.screen();
    for (QScreen* other : QGuiApplication::screens()) {
        if (other != here) setGeometry(other->geometry());
    }
    showFullScreen();
    raise();
    activateWindow();
    refresh();
}

void PlayerDisplay::refresh() {
    setAccessibleDescription(asText());
    update();
}

PlayerDisplay::Content PlayerDisplay::content() const {
    Content out;
    const WatchedShots& shots = desk_.shots();
    const Units& units = desk_.bench().units();
    for (std::size_t i = 0; i < numberCount; ++i)
        out.numbers[i].name = text::shortNameOf(quantityOf(watched_[i]));
    if (shots.rowCount() == 0) {
        out.sentence = tr("Waiting for the first shot.");
        for (Number& n : out.numbers)
            n.value = QStringLiteral("–");
        if (desk_.training().isRunning()) {
            out.who = trained();
            out.beside = nextTrained();
        }
        return out;
    }
    const store::ShotRecord& record = shots.recordAt(0);
    const WatchedShot& shot = shots.watchedAt(0);
    QStringList who{tr("Shot %1").arg(shots.numberAt(0))};
    for (const store::Label l : {store::Label::Player, store::Label::Wedge}) {
        if (!record[l].empty()) who << text::fromUtf8(record[l]);
    }
    if (!record[store::Label::Swing].empty()) who << text::swingName(record[store::Label::Swing]);
    out.who = who.join(QStringLiteral(" · "));
    out.sentence = text::measuredSentence(shot.measured, units);

    // What the declared set-up was meant to do, with this player.
    std::optional<ShotResult> meant;
    if (const auto declared = store::findDeclared(record)) {
        try {
            meant = shot.givens.predictor().shot(declared->recipe);
        } catch (const RangeError&) {
            meant.reset();
        }
    }
    const auto meantOf = [&](Track track) {
        switch (track) {
            case Track::Launch:
                return meant->strike.launch.angle_rad();
            case Track::Spin:
                return meant->strike.launch.spinRate_radps();
            case Track::Landing:
                return meant->flight.landingAngle_rad();
            case Track::Carry:
                return meant->flight.carry_m;
            case Track::Release:
                return meant->run.release_m;
        }
        return 0.0;
    };
    for (std::size_t i = 0; i < numberCount; ++i) {
        const auto t = static_cast<std::size_t>(watched_[i]);
        const auto form = text::formOf(quantityOf(watched_[i]), units);
        const auto say = [&](double si) { return text::number(si * form.factor, form.decimals); };
        Number& n = out.numbers[i];
        n.unit = form.unit;
        if (shot.read[t]) {
            n.value = say(*shot.read[t]);
        } else if (shot.seen && shot.expected[t]) {
            n.value = QStringLiteral("≈ ") + say(shot.expected[t]->value);
        } else {
            n.value = QStringLiteral("–");
            n.unit.clear();
        }
        if (meant)
            n.below = tr("meant %1").arg(text::withUnit(say(meantOf(watched_[i])), form.unit));
    }
    if (desk_.training().isRunning()) {
        // What is trained goes before what was declared.
        out.who = trained();
        // Where it is what was declared that counts, that is said.
        if (!desk_.training().needsDeclaration()) {
            out.beside = nextTrained();
            return out;
        }
    }
    const auto off = [&](double by) {
        if (std::abs(by) < 0.5) return tr("on it");
        return (by < 0 ? tr("%1 short") : tr("%1 past")).arg(units.length(std::abs(by), 0));
    };
    const auto& commitment = desk_.bench().state().commitment;
    const auto spot_m = commitment ? std::optional(commitment->landing_m)
                        : meant    ? std::optional(meant->flight.carry_m)
                                   : std::nullopt;
    if (spot_m && shot.measured.carry_m)
        out.beside = tr("Declared to land at %1: %2.")
                         .arg(units.length(*spot_m, 0), off(*shot.measured.carry_m - *spot_m));
    else if (!spot_m)
        out.beside = tr("No set-up was declared for it.");
    return out;
}

QString PlayerDisplay::trained() const {
    const TrainingRoom& room = desk_.training();
    const QString name = text::fromUtf8(room.current()->name());
    if (const auto* drill = std::get_if<Drill>(&room.current()->what))
        return QStringLiteral("%1 · %2").arg(name, text::drillSentence(*drill, room.score()));
    return QStringLiteral("%1 · %2").arg(
        name, text::shots(static_cast<qsizetype>(room.current()->shots.size())));
}

QString PlayerDisplay::nextTrained() const {
    const TrainingRoom& room = desk_.training();
    if (const auto* drill = std::get_if<Drill>(&room.current()->what)) {
        const DrillScore score = room.score();
        return score.ended ? QString()
                           : tr("Next: %1").arg(text::fromUtf8(drill->stations[score.next].task));
    }
    const auto& trial = std::get<store::Trial>(room.current()->what);
    const bool b = room.nextArm() == Arm::B;
    return tr("Next: %1, %2")
        .arg(b ? QStringLiteral("B") : QStringLiteral("A"), text::fromUtf8(trial.ways[b ? 1 : 0]));
}

QString PlayerDisplay::asText() const {
    const Content c = content();
    QStringList parts{c.who, c.sentence};
    for (const Number& n : c.numbers)
        parts << n.name + QLatin1Char(' ') + text::withUnit(n.value, n.unit) +
                     (n.below.isEmpty() ? QString() : QStringLiteral(", ") + n.below);
    parts << c.beside;
    parts.removeAll(QString());
    return parts.join(QLatin1Char('\n'));
}

QRect PlayerDisplay::placeOf(std::size_t number) const {
    const int edge = width() / 28;
    const int each = (width() - 2 * edge) / static_cast<int>(numberCount);
    return {edge + each * static_cast<int>(number), static_cast<int>(numbersAt * height()), each,
            static_cast<int>((besideAt - numbersAt - 0.03) * height())};
}

void PlayerDisplay::paintEvent(QPaintEvent*) {
    const style::Colours& colours = style::colours(palette());
    const Content c = content();
    QPainter p(this);
    p.fillRect(rect(), colours.surface);
    const int h = height(), edge = width() / 28, wide = width() - 2 * edge;
    const auto line = [&](const QString& text, double at, double share, double most,
                          QFont::Weight weight, const QColor& colour, bool wrap) {
        const QRect room(edge, static_cast<int>(at * h), wide, static_cast<int>(share * h));
        const int flags = Qt::AlignLeft | Qt::AlignVCenter | (wrap ? Qt::TextWordWrap : 0);
        p.setFont(fitting(text, room, static_cast<int>(most * h), weight, flags));
        p.setPen(colour);
        p.drawText(room, flags,
                   wrap ? text : p.fontMetrics().elidedText(text, Qt::ElideRight, wide));
    };
    line(c.who, whoAt, 0.06, 0.045, QFont::Normal, colours.soft, false);
    line(c.sentence, sentenceAt, 0.25, 0.11, QFont::DemiBold, colours.ink, true);
    for (std::size_t i = 0; i < numberCount; ++i) {
        const Number& n = c.numbers[i];
        const QRect room = placeOf(i).adjusted(0, 0, -edge / 2, 0);
        const int top = room.height() / 6, bottom = room.height() / 6;
        p.setPen(colours.soft);
        p.setFont(fitting(n.name, QRect(0, 0, room.width(), top), static_cast<int>(0.045 * h),
                          QFont::Normal, 0));
        p.drawText(QRect(room.left(), room.top(), room.width(), top),
                   Qt::AlignLeft | Qt::AlignVCenter, n.name);
        const QString value = text::withUnit(n.value, n.unit);
        const QRect middle(room.left(), room.top() + top, room.width(),
                           room.height() - top - bottom);
        p.setPen(colours.ink);
        p.setFont(fitting(value, middle, static_cast<int>(0.17 * h), QFont::DemiBold, 0));
        p.drawText(middle, Qt::AlignLeft | Qt::AlignVCenter, value);
        p.setPen(colours.soft);
        p.setFont(fitting(n.below, QRect(0, 0, room.width(), bottom), static_cast<int>(0.04 * h),
                          QFont::Normal, 0));
        p.drawText(QRect(room.left(), room.bottom() - bottom, room.width(), bottom),
                   Qt::AlignLeft | Qt::AlignVCenter, n.below);
    }
    line(c.beside, besideAt, 0.12, 0.07, QFont::Medium, colours.ink, true);
}

void PlayerDisplay::turn(std::size_t place) {
    watched_[place] =
        static_cast<Track>((static_cast<std::size_t>(watched_[place]) + 1) % trackCount);
    QSettings().setValue(settingOf(place), static_cast<int>(watched_[place]));
    refresh();
}

void PlayerDisplay::keyPressEvent(QKeyEvent* event) {
    const int key = event->key();
    if (key == Qt::Key_Escape || key == Qt::Key_F11) {
        close();
    } else if (key >= Qt::Key_1 && key < Qt::Key_1 + static_cast<int>(numberCount)) {
        turn(static_cast<std::size_t>(key - Qt::Key_1));
    } else {
        QWidget::keyPressEvent(event);
    }
}

void PlayerDisplay::mousePressEvent(QMouseEvent* event) {
    for (std::size_t i = 0; i < numberCount; ++i) {
        if (placeOf(i).contains(event->position().toPoint())) return turn(i);
    }
}

void PlayerDisplay::closeEvent(QCloseEvent* event) {
    QWidget::closeEvent(event);
    emit closed();
}

}  // namespace wedgeon
