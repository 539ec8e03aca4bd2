// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Pages, parts and the search.
#include "widgets/guide_window.h"

#include <QFile>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QSplitter>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextDocument>
#include <QVBoxLayout>
#include <algorithm>

#include "style/style.h"
#include "text/language.h"
#include "text/quantity_help.h"

namespace wedgeon {
namespace {

constexpr int deepest = 3;  // headings that are parts
constexpr int pictureWidth_px = 600;

/// The pictures of a page, no wider than a column of text.
void fitPictures(QTextDocument& text) {
    for (QTextBlock b = text.begin(); b.isValid(); b = b.next()) {
        for (auto at = b.begin(); !at.atEnd(); ++at) {
            const QTextFragment piece = at.fragment();
            QTextImageFormat image = piece.charFormat().toImageFormat();
            if (!image.isValid()) continue;
            image.setWidth(pictureWidth_px);
            QTextCursor cursor(&text);
            cursor.setPosition(piece.position());
            cursor.setPosition(piece.position() + piece.length(), QTextCursor::KeepAnchor);
            cursor.setCharFormat(image);
            break;  // the fragments have moved
        }
    }
}

}  // namespace

GuideWindow::GuideWindow(const Units& units, QWidget* parent)
    : QDialog(parent), search_(new QLineEdit), list_(new QListWidget), text_(new QTextBrowser) {
    setWindowTitle(tr("Wedgeon: guide"));
    setWindowFlag(Qt::WindowMaximizeButtonHint);
    resize(980, 720);
    auto* column = new QVBoxLayout(this);
    search_->setPlaceholderText(tr("Search the guide, the quantities and the words"));
    search_->setAccessibleName(tr("Search the guide"));
    search_->setClearButtonEnabled(true);
    column->addWidget(search_);
    auto* halves = new QSplitter;
    list_->setAccessibleName(tr("Parts of the guide"));
    list_->setWordWrap(true);
    text_->setAccessibleName(tr("Text of the guide"));
    text_->setOpenLinks(false);
    text_->setFont(style::font(15));
    halves->addWidget(list_);
    halves->addWidget(text_);
    halves->setStretchFactor(1, 1);
    halves->setSizes({270, 700});
    column->addWidget(halves, 1);

    for (const char* name : {"guide", "glossary", "news"}) {
        auto* page = new QTextDocument(this);
        page->setMarkdown(markdown(QLatin1String(name)));
        if (qstrcmp(name, "glossary") == 0) {
            auto* about = new QTextDocument(this);
            about->setHtml(quantities(units));
            addPage(tr("Quantities"), about);
        }
        addPage(QLatin1String(name), page);
    }
    connect(search_, &QLineEdit::textChanged, this, &GuideWindow::search);
    connect(list_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row >= 0) turnTo(parts_[list_->item(row)->data(Qt::UserRole).toInt()]);
    });
    connect(text_, &QTextBrowser::anchorClicked, this,
            [this](const QUrl& url) { showPart(url.fragment()); });
    search({});
}

QString GuideWindow::markdown(const QString& name) const {
    for (const QString& language : {text::shownLanguage(), QString()}) {
        QFile file(language.isEmpty() ? QStringLiteral(":/guide/%1.md").arg(name)
                                      : QStringLiteral(":/guide/%1.%2.md").arg(name, language));
        if (file.open(QIODevice::ReadOnly)) {
            QString text = QString::fromUtf8(file.readAll());
            // As they lie beside the guide among the sources.
            return text.replace(QStringLiteral("](screenshots/"),
                                QStringLiteral("](:/guide/screenshots/"));
        }
    }
    return {};
}

QString GuideWindow::quantities(const Units& units) const {
    QString out = QStringLiteral("<h1>%1</h1><p>%2</p>")
                      .arg(tr("Quantities").toHtmlEscaped(),
                           tr("What is set, measured and predicted. Usual is between what nine in "
                              "ten wedge shots of ordinary set-ups fall, as the model plays them: "
                              "swings from 10 to 34 m/s, lofts from 46° to 60°.")
                               .toHtmlEscaped());
    for (const text::QuantityHelp& help : text::quantityHelp(units)) {
        out += QStringLiteral("<h2>%1</h2><p>%2</p><p><b>%3</b> %4</p>")
                   .arg(help.name.toHtmlEscaped(), help.what.toHtmlEscaped(),
                        tr("How it is measured:").toHtmlEscaped(), help.measured.toHtmlEscaped());
        if (!help.usual.isEmpty())
            out += QStringLiteral("<p><b>%1</b> %2</p>")
                       .arg(tr("Usual for wedges:").toHtmlEscaped(), help.usual.toHtmlEscaped());
        out += QStringLiteral("<p><b>%1</b> %2</p>")
                   .arg(tr("How far the model goes:").toHtmlEscaped(), help.valid.toHtmlEscaped());
    }
    return out;
}

void GuideWindow::addPage(const QString& name, QTextDocument* text) {
    text->setDefaultFont(style::font(15));
    fitPictures(*text);
    const int page = static_cast<int>(pages_.size());
    pages_.append(text);
    const bool quantities = name == tr("Quantities");
    const auto help = quantities ? text::quantityHelp(Units()) : QVector<text::QuantityHelp>();
    int of = -1;  // its quantity
    for (QTextBlock b = text->begin(); b.isValid(); b = b.next()) {
        const int level = b.blockFormat().headingLevel();
        if (level >= 1 && level <= deepest) {
            const bool one = quantities && level == 2 && ++of < help.size();
            parts_.append({page, b.text(), {}, b.position(), one ? help[of].key : QString()});
        } else if (!parts_.isEmpty() && parts_.back().page == page) {
            parts_.back().plain += b.text() + QLatin1Char(' ');
        }
    }
}

void GuideWindow::search(const QString& words) {
    const QStringList wanted = words.simplified().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    const QSignalBlocker quiet(list_);
    list_->clear();
    for (qsizetype i = 0; i < parts_.size(); ++i) {
        const QString all = parts_[i].title + QLatin1Char(' ') + parts_[i].plain;
        if (std::any_of(wanted.begin(), wanted.end(), [&](const QString& word) {
                return !all.contains(word, Qt::CaseInsensitive);
            }))
            continue;
        const bool chapter = i == 0 || parts_[i - 1].page != parts_[i].page;  // a page begins
        auto* item =
            new QListWidgetItem((chapter ? QString() : QStringLiteral("   ")) + parts_[i].title);
        item->setData(Qt::UserRole, static_cast<int>(i));
        QFont font = list_->font();
        font.setBold(chapter);
        item->setFont(font);
        list_->addItem(item);
    }
    if (list_->count() == 0) {
        auto* none = new QListWidgetItem(tr("Nothing has all of these words."));
        none->setFlags(Qt::NoItemFlags);
        list_->addItem(none);
    } else {
        list_->setCurrentRow(0);
        turnTo(parts_[list_->item(0)->data(Qt::UserRole).toInt()]);
    }
}

void GuideWindow::turnTo(const Part& part) {
    QTextDocument* page = pages_[part.page];
    if (text_->document() != page) text_->setDocument(page);
    QTextCursor cursor(page);
    // First to the end, so that the heading comes to the top.
    cursor.movePosition(QTextCursor::End);
    text_->setTextCursor(cursor);
    cursor.setPosition(part.position);
    text_->setTextCursor(cursor);
    const QString word = search_->text().section(QLatin1Char(' '), 0, 0);
    if (!word.isEmpty()) text_->find(word);
}

void GuideWindow::showPart(const QString& title) {
    search_->clear();
    for (qsizetype i = 0; i < parts_.size(); ++i) {
        if (parts_[i].title == title) return list_->setCurrentRow(static_cast<int>(i));
    }
    list_->setCurrentRow(0);
}

bool GuideWindow::showQuantity(const QString& key) {
    search_->clear();
    for (qsizetype i = 0; i < parts_.size() && !key.isEmpty(); ++i) {
        if (parts_[i].key != key) continue;
        list_->setCurrentRow(static_cast<int>(i));
        return true;
    }
    return false;
}

void GuideWindow::focusSearch() {
    search_->setFocus();
}

}  // namespace wedgeon
