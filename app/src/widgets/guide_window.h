// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The guide in a window of its own: how the views work, what every quantity is, the words, what is
// new. Searched as one; comes with the program.
#pragma once

#include <QDialog>
#include <QVector>

#include "text/units.h"

class QLineEdit;
class QListWidget;
class QTextBrowser;
class QTextDocument;

namespace wedgeon {

class GuideWindow : public QDialog {
    Q_OBJECT

public:
    explicit GuideWindow(const Units& units, QWidget* parent = nullptr);

    /// The part with this title, as it is written there; the beginning where there is none.
    void showPart(const QString& title);
    /// What a quantity is, by its key; see text::quantityHelp. False where there is none of it.
    bool showQuantity(const QString& key);
    void focusSearch();

private:
    /// One heading with what stands below it.
    struct Part {
        int page;       ///< of pages_
        QString title;  ///< as it is read
        QString plain;  ///< for the search
        int position;   ///< of its heading in the page's text
        QString key;    ///< of a quantity; else empty
    };
    void addPage(const QString& name, QTextDocument* text);
    QString markdown(const QString& name) const;
    QString quantities(const Units& units) const;
    void search(const QString& words);
    void turnTo(const Part& part);

    QVector<QTextDocument*> pages_;
    QVector<Part> parts_;
    QLineEdit* search_;
    QListWidget* list_;
    QTextBrowser* text_;
};

}  // namespace wedgeon
