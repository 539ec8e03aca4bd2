// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Small pictures, read in a thread.
#include "widgets/attachment_strip.h"

#include <QFile>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QImageReader>
#include <QLabel>
#include <QMenu>
#include <QPainter>
#include <QPointer>
#include <QToolButton>
#include <algorithm>

#include "style/style.h"
#include "text/units.h"
#include "widgets/file_dialogs.h"

namespace wedgeon {
namespace {

constexpr QSize smallSize{64, 44};
/// Pictures with more points are not decoded for a small one.
constexpr qint64 mostPoints = 100'000'000;

QString nameOf(const store::Attachment& a) {
    return text::fromUtf8(a.name);
}

/// A clip, or what cannot be shown small: a triangle as on a player's button, or a sheet.
QIcon signFor(bool missing, const QPalette& palette) {
    QPixmap sign(smallSize);
    const auto& colours = style::colours(palette);
    sign.fill(colours.surface);
    QPainter p(&sign);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(Qt::NoPen);
    p.setBrush(colours.soft);
    const QPointF c(smallSize.width() / 2.0, smallSize.height() / 2.0);
    if (missing) {
        p.setPen(QPen(colours.warning, 2));
        p.drawLine(c + QPointF(-9, -9), c + QPointF(9, 9));
        p.drawLine(c + QPointF(-9, 9), c + QPointF(9, -9));
    } else {
        p.drawPolygon(QPolygonF({c + QPointF(-7, -10), c + QPointF(-7, 10), c + QPointF(11, 0)}));
    }
    return sign;
}

}  // namespace

AttachmentStrip::AttachmentStrip(Attacher& attacher, int most, QWidget* parent)
    : QWidget(parent),
      attacher_(attacher),
      most_(most),
      looker_(&AttachmentStrip::look, [this](const std::vector<Seen>& seen) {
          for (const Seen& s : seen)
              small_[s.content] = s.small;
          fill();
      }) {
    setAccessibleName(tr("Pictures and clips"));
    row_ = new QHBoxLayout(this);
    row_->setContentsMargins(0, 0, 0, 0);
    row_->setSpacing(4);
    setVisible(false);
}

void AttachmentStrip::show(const std::vector<store::Attachment>& all, const QString& word) {
    if (all == all_ && word == word_) return;
    all_ = all;
    word_ = word;
    std::vector<Seen> wanted;
    const std::size_t shown = std::min(all_.size(), static_cast<std::size_t>(most_));
    std::map<std::string, QImage> kept;
    for (std::size_t i = 0; i < shown; ++i) {
        const auto known = small_.find(all_[i].content);
        if (known != small_.end()) {
            kept.insert(*known);
        } else {
            wanted.push_back({all_[i].content, attacher_.findFile(all_[i]), {}});
        }
    }
    small_ = std::move(kept);
    looker_.forget();
    fill();
    if (!wanted.empty()) looker_.ask(std::move(wanted));
}

std::vector<AttachmentStrip::Seen> AttachmentStrip::look(const std::vector<Seen>& wanted,
                                                         const Task& task) {
    std::vector<Seen> out;
    for (const Seen& w : wanted) {
        if (task.stop.stop_requested()) break;
        out.push_back(w);
        if (w.path.isEmpty()) continue;
        QImageReader reader(w.path);
        reader.setDecideFormatFromContent(true);
        reader.setAutoTransform(true);
        const QSize size = reader.size();
        if (!reader.canRead() || !size.isValid() ||
            static_cast<qint64>(size.width()) * size.height() > mostPoints)
            continue;
        // Twice as fine as it is shown, for fine screens; turned pictures fit either way.
        const QSize room = smallSize * 2;
        reader.setScaledSize(size.scaled(room, Qt::KeepAspectRatioByExpanding)
                                 .expandedTo(QSize(1, 1))
                                 .boundedTo(QSize(1024, 1024)));
        const QImage read = reader.read();
        if (!read.isNull()) out.back().small = read.scaled(room, Qt::KeepAspectRatio);
    }
    return out;
}

void AttachmentStrip::fill() {
    while (QLayoutItem* item = row_->takeAt(0)) {
        if (item->widget()) item->widget()->deleteLater();
        delete item;
    }
    setVisible(!all_.empty());
    if (all_.empty()) return;
    if (!word_.isEmpty()) {
        auto* word = new QLabel(word_);
        word->setTextFormat(Qt::PlainText);
        word->setFont(style::font(13, QFont::DemiBold));
        row_->addWidget(word);
    }
    const std::size_t shown = std::min(all_.size(), static_cast<std::size_t>(most_));
    for (std::size_t i = 0; i < shown; ++i)
        row_->addWidget(makeButton(all_[i]));
    if (shown < all_.size()) {
        auto* more = new QToolButton;
        more->setText(QStringLiteral("+%1").arg(all_.size() - shown));
        more->setAccessibleName(tr("%n more", nullptr, static_cast<int>(all_.size() - shown)));
        more->setToolTip(more->accessibleName());
        more->setPopupMode(QToolButton::InstantPopup);
        auto* menu = new QMenu(more);
        for (std::size_t i = shown; i < all_.size(); ++i) {
            menu->addAction(nameOf(all_[i]).replace(QLatin1Char('&'), QStringLiteral("&&")), this,
                            [this, a = all_[i]] { open(a); });
        }
        more->setMenu(menu);
        row_->addWidget(more);
    }
    row_->addStretch(1);
}

QToolButton* AttachmentStrip::makeButton(const store::Attachment& attachment) {
    auto* button = new QToolButton;
    button->setIconSize(smallSize);
    button->setAutoRaise(true);
    const auto at = small_.find(attachment.content);
    const bool missing = attacher_.findFile(attachment).isEmpty();
    button->setIcon(at != small_.end() && !at->second.isNull()
                        ? QIcon(QPixmap::fromImage(at->second))
                        : signFor(missing, palette()));
    button->setAccessibleName(missing ? tr("%1 (its file is missing)").arg(nameOf(attachment))
                                      : nameOf(attachment));
    button->setToolTip(text::tip(button->accessibleName()));
    button->setContextMenuPolicy(Qt::CustomContextMenu);
    connect(button, &QToolButton::clicked, this, [this, attachment] { open(attachment); });
    connect(
        button, &QWidget::customContextMenuRequested, this,
        [this, button, attachment](const QPoint& where) { showMenu(button, where, attachment); });
    return button;
}

void AttachmentStrip::showMenu(QWidget* at, const QPoint& where,
                               const store::Attachment& attachment) {
    auto* menu = new QMenu(at);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    menu->addAction(tr("&Open"), this, [this, attachment] { open(attachment); });
    menu->addAction(tr("&Save a copy…"), this, [this, attachment] { saveCopy(attachment); });
    menu->addAction(tr("&Remove"), this, [this, attachment] { attacher_.remove(attachment); });
    menu->popup(at->mapToGlobal(where));
}

void AttachmentStrip::open(const store::Attachment& attachment) {
    if (attacher_.findFile(attachment).isEmpty()) {
        emit failed(tr("%1 is not beside the logbook any more.").arg(nameOf(attachment)));
    } else if (!attacher_.open(attachment)) {
        emit failed(tr("No program of this desktop opens %1.").arg(nameOf(attachment)));
    }
}

void AttachmentStrip::saveCopy(const store::Attachment& attachment) {
    const QString from = attacher_.findFile(attachment);
    const QString ending = QFileInfo(from).suffix();
    if (from.isEmpty())
        return emit failed(tr("%1 is not beside the logbook any more.").arg(nameOf(attachment)));
    const QString to =
        askForTarget(window(), tr("Save a copy"), tr("The same kind (*.%1)").arg(ending), ending);
    if (to.isEmpty()) return;
    // The dialog has asked whether one that is there may go.
    QFile::remove(to);
    if (!QFile::copy(from, to))
        emit failed(tr("%1 could not be written.").arg(QFileInfo(to).fileName()));
}

void AttachmentStrip::changeEvent(QEvent* event) {
    if (event->type() == QEvent::PaletteChange) fill();
    QWidget::changeEvent(event);
}

}  // namespace wedgeon
