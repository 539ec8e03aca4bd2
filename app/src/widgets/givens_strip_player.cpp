// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The strip's questions about who plays: swings, other names, and who is the same.
#include <QFormLayout>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <algorithm>

#include "text/order.h"
#include "text/sentences.h"
#include "wedgeon/store/kit.h"
#include "wedgeon/store/swing_sets.h"
#include "widgets/givens_strip.h"
#include "widgets/swings_dialog.h"

namespace wedgeon {

void GivensStrip::askForSwings() {
    const BenchState& s = bench_.state();
    SwingSet set = s.player.swings ? *s.player.swings : SwingSet::ordinary();
    if (!s.player.swings && !bench_.swings().isGuess()) {
        // Those that his shots name, at lengths that go with their speeds.
        std::vector<store::HitSwing> hit;
        for (const Rung& r : bench_.swings().rungs())
            hit.push_back({r.swing, r.speed_mps, r.shots});
        set = store::withHitSwings({}, std::move(hit));
    }
    // The pop-up that it was asked from goes when a dialog comes.
    auto* dialog = new SwingsDialog(text::playerName(s.player.name), set, bench_.swings(),
                                    bench_.units(), window());
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, dialog, player = s.player.name] {
        desk_.setSwings(player, std::make_shared<const SwingSet>(dialog->swings()));
    });
    dialog->open();
}

void GivensStrip::addOtherNames(QFormLayout& form) {
    const std::string player = bench_.state().player.name;
    const auto& players = log_.records().players;
    const bool hasOthers = std::any_of(players.begin(), players.end(),
                                       [&](const store::Player& p) { return p.name != player; });
    // Also one whom only shots name.
    if (hasOthers && !player.empty()) {
        auto* same = new QPushButton(tr("The same as another player…"));
        same->setToolTip(tr("Puts all that is kept of both under one name"));
        connect(same, &QPushButton::clicked, this, &GivensStrip::askForTheSame);
        form.addRow(QString(), same);
    }
    if (!log_.records().findPlayer(player)) return;  // who is not kept has no other names
    QStringList names;
    for (const std::string& name : log_.records().otherNamesOf(player))
        names << text::fromUtf8(name);
    auto* others = new QLineEdit(names.join(QStringLiteral("; ")));
    others->setAccessibleName(tr("Also called"));
    others->setPlaceholderText(tr("R. Vale; runa v"));
    others->setToolTip(
        tr("The names by which files and devices call this player, with a semicolon "
           "between them: those shots are this player's, too."));
    others->setMaxLength(500);
    connect(others, &QLineEdit::editingFinished, this, [this, others, player, names]() mutable {
        QStringList wanted;
        for (const QString& name : others->text().split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
            if (!name.trimmed().isEmpty()) wanted << name.trimmed();
        }
        wanted.removeDuplicates();
        if (wanted == names) return;
        names = wanted;
        std::vector<std::string> kept;
        for (const QString& name : std::as_const(wanted))
            kept.push_back(name.toStdString());
        log_.change(
            [player, kept](store::Logbook& book) { store::Kit(book).setOtherNames(player, kept); });
    });
    form.addRow(tr("Also called"), others);
}

void GivensStrip::askForTheSame() {
    const std::string player = bench_.state().player.name;
    QStringList names;
    std::vector<std::string> others;
    for (const store::Player& p : log_.records().players) {
        if (p.name == player) continue;
        names << text::fromUtf8(p.name);
        others.push_back(p.name);
    }
    // The pop-up that it was asked from goes when a dialog comes.
    QInputDialog dialog(window());
    dialog.setWindowTitle(tr("Two players that are one"));
    const QString who = text::playerName(player);
    if (names.isEmpty()) {
        dialog.setLabelText(tr("There is no other player than %1.").arg(who));
    } else {
        dialog.setLabelText(
            tr("%1 is the same person as the one below. All that is kept of %1, shots, clubs and "
               "tunings, becomes that player's, and \"%1\" another name. Hand, tuning in use and "
               "swings stay that player's own, and so does a club that both have.")
                .arg(who));
    }
    dialog.setComboBoxItems(text::inOrder(names));
    if (auto* label = dialog.findChild<QLabel*>()) {
        label->setTextFormat(Qt::PlainText);
        label->setWordWrap(true);
        label->setMinimumWidth(380);
    }
    if (dialog.exec() != QDialog::Accepted) return;
    const auto at = names.indexOf(dialog.textValue());
    if (at >= 0) desk_.mergePlayers(player, others[static_cast<std::size_t>(at)]);
}

}  // namespace wedgeon
