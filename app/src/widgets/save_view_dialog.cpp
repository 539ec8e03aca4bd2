// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing, looking, writing.
#include "widgets/save_view_dialog.h"

#include <QApplication>
#include <QBuffer>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QImage>
#include <QLabel>
#include <QLocale>
#include <QPainter>
#include <QPdfWriter>
#include <QPrintDialog>
#include <QPrintPreviewWidget>
#include <QPrinter>
#include <QPushButton>
#include <QSaveFile>
#include <QSpinBox>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "paper/page.h"
#include "paper/paper.h"
#include "paper/pdf_data.h"
#include "style/style.h"
#include "views/view.h"
#include "wedgeon/store/error.h"
#include "wedgeon/store/files.h"
#include "widgets/file_dialogs.h"

namespace wedgeon {
namespace {

constexpr int leastPicture_px = 320, mostPicture_px = 8000;
constexpr QSize previewSize{600, 460};
constexpr int dotsPerInch = 300;

struct Sheet {
    QPageSize::PageSizeId id;
    const char* name;
};
constexpr Sheet sheets[] = {
    {QPageSize::A4, QT_TRANSLATE_NOOP("wedgeon::SaveViewDialog", "A4")},
    {QPageSize::A3, QT_TRANSLATE_NOOP("wedgeon::SaveViewDialog", "A3")},
    {QPageSize::A5, QT_TRANSLATE_NOOP("wedgeon::SaveViewDialog", "A5")},
    {QPageSize::Letter, QT_TRANSLATE_NOOP("wedgeon::SaveViewDialog", "Letter")}};

/// Light while it lives: paper is white.
class OnWhite {
public:
    OnWhite() : before_(QApplication::palette()) { style::setTheme(style::Theme::Light); }
    ~OnWhite() {
        if (before_ != QApplication::palette()) QApplication::setPalette(before_);
    }
    OnWhite(const OnWhite&) = delete;
    OnWhite& operator=(const OnWhite&) = delete;

private:
    QPalette before_;
};

}  // namespace

SaveViewDialog::SaveViewDialog(View& view, const QString& foot, As as, QWidget* parent)
    : QDialog(parent),
      view_(view),
      foot_(foot),
      printer_(std::make_unique<QPrinter>(QPrinter::HighResolution)) {
    setWindowTitle(tr("Print or save: %1").arg(view.name()));
    printer_->setDocName(tr("Wedgeon: %1").arg(view.name()));
    auto* column = new QVBoxLayout(this);
    auto* row = new QHBoxLayout;
    column->addLayout(row, 1);

    preview_ = new QStackedWidget;
    preview_->setMinimumSize(previewSize);
    pages_ = new QPrintPreviewWidget(printer_.get());
    pages_->setAccessibleName(tr("The pages as they will be"));
    connect(pages_, &QPrintPreviewWidget::paintRequested, this, [this](QPrinter* device) {
        const OnWhite white;
        Paper paper(*device, foot_);
        if (paper.isGood()) view_.print(paper);
    });
    picture_ = new QLabel;
    picture_->setAlignment(Qt::AlignCenter);
    picture_->setAccessibleName(tr("The picture as it will be"));
    preview_->addWidget(pages_);
    preview_->addWidget(picture_);
    row->addWidget(preview_, 1);

    auto* form = new QFormLayout;
    row->addLayout(form);
    as_ = new QComboBox;
    as_->addItems({tr("Pages for a printer"), tr("Document (PDF)"), tr("Drawing (SVG)"),
                   tr("Picture (PNG)")});
    as_->setCurrentIndex(static_cast<int>(as));
    as_->setObjectName(QStringLiteral("saveAs"));
    form->addRow(tr("&As"), as_);
    paper_ = new QComboBox;
    for (const Sheet& sheet : sheets)
        paper_->addItem(tr(sheet.name), static_cast<int>(sheet.id));
    if (QLocale().measurementSystem() == QLocale::ImperialUSSystem)
        paper_->setCurrentIndex(paper_->findData(static_cast<int>(QPageSize::Letter)));
    form->addRow(tr("&Paper"), paper_);
    turned_ = new QComboBox;
    turned_->addItems({tr("Upright"), tr("Across")});
    form->addRow(tr("&Held"), turned_);
    width_ = new QSpinBox;
    width_->setRange(leastPicture_px, mostPicture_px);
    width_->setSingleStep(100);
    width_->setSuffix(tr(" px"));
    width_->setValue(std::clamp(2 * view.width(), leastPicture_px, mostPicture_px));
    width_->setObjectName(QStringLiteral("saveWidth"));
    form->addRow(tr("&Width"), width_);
    size_ = new QLabel;
    form->addRow(QString(), size_);

    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    buttons->button(QDialogButtonBox::Close)->setText(tr("Close"));
    act_ = buttons->addButton(QString(), QDialogButtonBox::ActionRole);
    act_->setObjectName(QStringLiteral("saveNow"));
    act_->setDefault(true);
    connect(act_, &QPushButton::clicked, this, &SaveViewDialog::act);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);

    for (QComboBox* box : {as_, paper_, turned_})
        connect(box, &QComboBox::currentIndexChanged, this, &SaveViewDialog::look);
    connect(width_, &QSpinBox::valueChanged, this, &SaveViewDialog::look);
    look();
}

SaveViewDialog::~SaveViewDialog() {
    delete pages_;  // before the printer that it looks at
}

SaveViewDialog::As SaveViewDialog::as() const {
    return static_cast<As>(as_->currentIndex());
}

int SaveViewDialog::height_px() const {
    return static_cast<int>(
        std::lround(width_->value() * static_cast<double>(view_.height()) / view_.width()));
}

QImage SaveViewDialog::picture(int width_px) const {
    const double scale = static_cast<double>(width_px) / view_.width();
    QImage image(width_px, static_cast<int>(std::lround(view_.height() * scale)),
                 QImage::Format_RGB32);
    image.setDevicePixelRatio(scale);
    image.fill(view_.palette().color(QPalette::Window));
    QPainter p(&image);
    view_.paintPicture(p, view_.size());
    return image;
}

void SaveViewDialog::look() {
    const bool paged = as() == As::Printer || as() == As::Pdf;
    for (QWidget* w : {static_cast<QWidget*>(paper_), static_cast<QWidget*>(turned_)})
        w->setEnabled(paged);
    width_->setEnabled(!paged);
    act_->setText(as() == As::Printer ? tr("Print…") : tr("Save…"));
    preview_->setCurrentIndex(paged ? 0 : 1);
    if (paged) {
        printer_->setPageSize(
            QPageSize(static_cast<QPageSize::PageSizeId>(paper_->currentData().toInt())));
        printer_->setPageOrientation(turned_->currentIndex() == 0 ? QPageLayout::Portrait
                                                                  : QPageLayout::Landscape);
        pages_->updatePreview();
        size_->setText(tr("%n page(s)", nullptr, pages_->pageCount()));
    } else {
        // As wide as there is room; the file has the width that was chosen.
        QImage shown = picture(
            std::min(previewSize.width(), previewSize.height() * view_.width() / view_.height()));
        shown.setDevicePixelRatio(1.0);
        picture_->setPixmap(QPixmap::fromImage(shown));
        size_->setText(tr("%1 × %2 px").arg(width_->value()).arg(height_px()));
    }
}

void SaveViewDialog::act() {
    if (as() == As::Printer) {
        print();
    } else {
        save();
    }
}

void SaveViewDialog::print() {
    QPrintDialog dialog(printer_.get(), this);
    dialog.setWindowTitle(tr("Print this view"));
    if (dialog.exec() != QDialog::Accepted) return;
    int count = 0;
    {
        const OnWhite white;
        Paper paper(*printer_, foot_);
        if (paper.isGood()) {
            view_.print(paper);
            count = paper.pages();
        }
    }
    if (count > 0) {
        emit said(tr("%n page(s) were printed.", nullptr, count));
        accept();
    } else {
        emit failed(tr("It could not be printed: the printer, or the file, takes nothing."));
    }
}

void SaveViewDialog::save() {
    const bool pdf = as() == As::Pdf, svg = as() == As::Svg;
    const QString ending = pdf   ? QStringLiteral("pdf")
                           : svg ? QStringLiteral("svg")
                                 : QStringLiteral("png");
    const QString path = askForTarget(this, tr("Save this view"),
                                      pdf   ? tr("Document (*.pdf)")
                                      : svg ? tr("Drawing (*.svg)")
                                            : tr("Picture (*.png)"),
                                      ending);
    if (path.isEmpty()) return;
    const QString name = QFileInfo(path).fileName();
    if (QFileInfo(path).suffix().toLower() == ending && (pdf ? savePdf(path) : savePicture(path))) {
        emit said(tr("Saved to %1.").arg(name));
        accept();
    } else {
        emit failed(tr("%1 could not be written.").arg(name));
    }
}

bool SaveViewDialog::savePdf(const QString& path) const {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    PdfData its{tr("Wedgeon: %1").arg(view_.name()), foot_, QLocale().bcp47Name(), {}};
    {
        const OnWhite white;
        QPdfWriter pdf(&buffer);
        pdf.setResolution(dotsPerInch);
        pdf.setPageLayout(printer_->pageLayout());
        Paper paper(pdf, foot_);
        if (!paper.isGood()) return false;
        view_.print(paper);
        its.marks = paper.marks();
    }
    try {
        store::requireTarget(path.toStdString());
    } catch (const store::StoreError&) {
        return false;
    }
    const QByteArray whole = withPdfData(bytes, its);
    QSaveFile file(path);
    return file.open(QIODevice::WriteOnly) && file.write(whole) == whole.size() && file.commit();
}

bool SaveViewDialog::savePicture(const QString& path) const {
    const double scale = static_cast<double>(width_->value()) / view_.width();
    PageForm form = PageForm::ofPixels(view_.size(), view_.palette().color(QPalette::Window));
    form.title = tr("Wedgeon: %1").arg(view_.name());
    if (as() == As::Png) {
        form.sharpness = scale;
        const auto paint = [this](QPainter& p, const QRectF&) {
            view_.paintPicture(p, view_.size());
        };
        return savePages(path, form, {paint});
    }
    form.size_mm *= scale;
    const auto paint = [this, scale](QPainter& p, const QRectF&) {
        p.scale(scale, scale);
        view_.paintPicture(p, view_.size());
    };
    return savePages(path, form, {paint});
}

}  // namespace wedgeon
