// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// A view on paper or in a file, looked at first: pages for a printer or a PDF, a drawing, a picture
// at a chosen size.
#pragma once

#include <QDialog>
#include <memory>

class QComboBox;
class QImage;
class QLabel;
class QPrinter;
class QPrintPreviewWidget;
class QPushButton;
class QSpinBox;
class QStackedWidget;

namespace wedgeon {

class Paper;
class View;

class SaveViewDialog : public QDialog {
    Q_OBJECT

public:
    enum class As { Printer, Pdf, Svg, Png };
    /// \p foot stands below every page. \p view outlives it.
    SaveViewDialog(View& view, const QString& foot, As as, QWidget* parent = nullptr);
    ~SaveViewDialog() override;

signals:
    void said(const QString& what);
    void failed(const QString& what);

private:
    As as() const;
    void look();
    void act();
    void print();
    void save();
    bool savePdf(const QString& path) const;
    bool savePicture(const QString& path) const;
    QImage picture(int width_px) const;
    int height_px() const;

    View& view_;
    QString foot_;
    std::unique_ptr<QPrinter> printer_;
    QStackedWidget* preview_;
    QPrintPreviewWidget* pages_;
    QLabel *picture_, *size_;
    QComboBox *as_, *paper_, *turned_;
    QSpinBox* width_;
    QPushButton* act_;
};

}  // namespace wedgeon
