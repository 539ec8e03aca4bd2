// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Adding them to a document that the toolkit wrote, which knows no bookmarks.
#include "paper/pdf_data.h"

// The library's own pointers are the standard ones.
#define POINTERHOLDER_TRANSITION 4
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <qpdf/QPDFWriter.hh>
#include <string>
#include <vector>

namespace wedgeon {
namespace {

using Object = QPDFObjectHandle;

constexpr double points_per_mm = 72.0 / 25.4;

Object textOf(const QString& text) {
    return Object::newUnicodeString(text.toStdString());
}

/// An outline's item without its neighbours.
Object makeItem(QPDF& pdf, const PdfMark& mark, QPDFPageObjectHelper& page) {
    Object item = pdf.makeIndirectObject(Object::newDictionary());
    item.replaceKey("/Title", textOf(mark.text));
    const Object::Rectangle sheet = page.getMediaBox().getArrayAsRectangle();
    Object where = Object::newArray();
    where.appendItem(page.getObjectHandle());
    where.appendItem(Object::newName("/XYZ"));
    where.appendItem(Object::newNull());
    where.appendItem(Object::newReal(sheet.ury - mark.top_mm * points_per_mm, 2));
    where.appendItem(Object::newNull());
    item.replaceKey("/Dest", where);
    return item;
}

/// \p children of \p parent, each beside the next; all open.
void link(Object parent, std::vector<Object>& children) {
    if (children.empty()) return;
    for (std::size_t i = 0; i < children.size(); ++i) {
        children[i].replaceKey("/Parent", parent);
        if (i > 0) children[i].replaceKey("/Prev", children[i - 1]);
        if (i + 1 < children.size()) children[i].replaceKey("/Next", children[i + 1]);
    }
    parent.replaceKey("/First", children.front());
    parent.replaceKey("/Last", children.back());
    parent.replaceKey("/Count", Object::newInteger(static_cast<long long>(children.size())));
}

void addOutline(QPDF& pdf, const QVector<PdfMark>& marks) {
    std::vector<QPDFPageObjectHelper> pages = QPDFPageDocumentHelper(pdf).getAllPages();
    Object outline = pdf.makeIndirectObject(Object::newDictionary());
    outline.replaceKey("/Type", Object::newName("/Outlines"));
    std::vector<Object> chapters, below;
    for (const PdfMark& mark : marks) {
        if (mark.page < 0 || static_cast<std::size_t>(mark.page) >= pages.size()) continue;
        Object item = makeItem(pdf, mark, pages[static_cast<std::size_t>(mark.page)]);
        if (mark.isChapter || chapters.empty()) {
            if (!chapters.empty()) link(chapters.back(), below);
            below.clear();
            chapters.push_back(item);
        } else {
            below.push_back(item);
        }
    }
    if (chapters.empty()) return;
    link(chapters.back(), below);
    link(outline, chapters);
    pdf.getRoot().replaceKey("/Outlines", outline);
    pdf.getRoot().replaceKey("/PageMode", Object::newName("/UseOutlines"));
}

}  // namespace

QByteArray withPdfData(const QByteArray& pdf, const PdfData& data) {
    try {
        QPDF document;
        document.setSuppressWarnings(true);
        document.processMemoryFile("pages", pdf.constData(), static_cast<std::size_t>(pdf.size()));
        addOutline(document, data.marks);
        Object info = document.getTrailer().getKey("/Info");
        if (!info.isDictionary()) {
            info = document.makeIndirectObject(Object::newDictionary());
            document.getTrailer().replaceKey("/Info", info);
        }
        info.replaceKey("/Title", textOf(data.title));
        info.replaceKey("/Creator", textOf(QStringLiteral("Wedgeon " WEDGEON_VERSION)));
        if (!data.subject.isEmpty()) info.replaceKey("/Subject", textOf(data.subject));
        Object root = document.getRoot();
        if (!data.language.isEmpty())
            root.replaceKey("/Lang", Object::newString(data.language.toStdString()));
        Object shown = Object::newDictionary();
        shown.replaceKey("/DisplayDocTitle", Object::newBool(true));
        root.replaceKey("/ViewerPreferences", shown);
        QPDFWriter writer(document);
        writer.setOutputMemory();
        writer.write();
        const auto buffer = writer.getBufferSharedPointer();
        return QByteArray(reinterpret_cast<const char*>(buffer->getBuffer()),
                          static_cast<qsizetype>(buffer->getSize()));
    } catch (const std::exception&) {
        return pdf;
    }
}

}  // namespace wedgeon
