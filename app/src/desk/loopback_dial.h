// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One attempt to reach a port on this computer. The toolkit's own socket, met by a peer that resets
// at once, dials again by itself as fast as it can; this dials once and says what came of it.
#pragma once

#include <QObject>
#include <QSocketNotifier>
#include <QTimer>
#include <memory>

namespace wedgeon {

class LoopbackDial : public QObject {
    Q_OBJECT

public:
    explicit LoopbackDial(QObject* parent = nullptr);
    ~LoopbackDial() override;
    /// An attempt under way is given up. Answered by one of the signals, never from inside.
    void dial(quint16 port);
    void giveUp();

signals:
    /// The receiver owns the descriptor.
    void reached(int descriptor);
    void refused();

private:
    void look();

    int descriptor_ = -1;
    std::unique_ptr<QSocketNotifier> ready_;
    QTimer late_;
};

}  // namespace wedgeon
