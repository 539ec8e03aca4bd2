// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The pictures and clips of a shot or a recipe as small pictures in a row; a click opens one in the
// desktop's own program. Takes no room when there are none.
#pragma once

#include <QImage>
#include <QVector>
#include <QWidget>
#include <map>

#include "desk/attacher.h"

class QHBoxLayout;
class QToolButton;

namespace wedgeon {

class AttachmentStrip : public QWidget {
    Q_OBJECT

public:
    /// \p most: small pictures side by side; the others are behind a button.
    AttachmentStrip(Attacher& attacher, int most, QWidget* parent = nullptr);
    /// \p word: before them, such as "A"; none where it is empty.
    void show(const std::vector<store::Attachment>& all, const QString& word = {});

signals:
    void failed(const QString& why);

protected:
    void changeEvent(QEvent* event) override;

private:
    struct Seen {
        std::string content;
        QString path;
        QImage small;  ///< null where it is no picture that can be shown
    };
    static std::vector<Seen> look(const std::vector<Seen>& wanted, const Task& task);
    void fill();
    QToolButton* makeButton(const store::Attachment& attachment);
    void open(const store::Attachment& attachment);
    void showMenu(QWidget* at, const QPoint& where, const store::Attachment& attachment);
    void saveCopy(const store::Attachment& attachment);

    Attacher& attacher_;
    const int most_;
    std::vector<store::Attachment> all_;
    QString word_;
    QHBoxLayout* row_;
    /// Of those that are shown, by content.
    std::map<std::string, QImage> small_;
    LatestWorker<std::vector<Seen>, std::vector<Seen>> looker_;
};

}  // namespace wedgeon
