// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The dialogs.
#include "widgets/file_dialogs.h"

#include <QApplication>
#include <QFileDialog>
#include <QFileIconProvider>
#include <QFileInfo>
#include <QSettings>
#include <QStyle>

namespace wedgeon {
namespace {

class IconsByName : public QFileIconProvider {
public:
    explicit IconsByName(const QStyle& style)
        : folder_(style.standardIcon(QStyle::SP_DirIcon)),
          file_(style.standardIcon(QStyle::SP_FileIcon)) {}
    QIcon icon(IconType type) const override {
        return type == Folder ? folder_ : QFileIconProvider::icon(type);
    }
    QIcon icon(const QFileInfo& info) const override { return info.isDir() ? folder_ : file_; }
    QString type(const QFileInfo& info) const override {
        return info.isDir() ? QFileDialog::tr("Folder")
                            : QFileDialog::tr("%1 file").arg(info.suffix());
    }

private:
    QIcon folder_, file_;
};

const QString lastFolder = QStringLiteral("lastFolder");

QStringList runForAll(QFileDialog& dialog, const QString& folder) {
    // The dialog's own thread asks it until the dialog has gone: it stays for good.
    static IconsByName* const icons = new IconsByName(*QApplication::style());
    dialog.setIconProvider(icons);
    dialog.setDirectory(folder.isEmpty() ? QSettings().value(lastFolder).toString() : folder);
    const bool accepted = dialog.exec() == QDialog::Accepted;
    return accepted ? dialog.selectedFiles() : QStringList();
}

QString run(QFileDialog& dialog, const QString& folder) {
    return runForAll(dialog, folder).value(0);
}

}  // namespace

QString askForFile(QWidget* parent, const QString& title, const QString& filter,
                   const QString& folder) {
    QFileDialog dialog(parent, title, {}, filter);
    dialog.setFileMode(QFileDialog::ExistingFile);
    return run(dialog, folder);
}

QStringList askForFiles(QWidget* parent, const QString& title, const QString& filter) {
    QFileDialog dialog(parent, title, {}, filter);
    dialog.setFileMode(QFileDialog::ExistingFiles);
    return runForAll(dialog, {});
}

QString askForTarget(QWidget* parent, const QString& title, const QString& filter,
                     const QString& ending, const QString& suggestion) {
    QFileDialog dialog(parent, title, {}, filter);
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    dialog.setFileMode(QFileDialog::AnyFile);
    if (!suggestion.isEmpty()) dialog.selectFile(QFileInfo(suggestion).fileName());
    QString path =
        run(dialog, suggestion.isEmpty() ? QString() : QFileInfo(suggestion).absolutePath());
    if (!path.isEmpty() && QFileInfo(path).suffix().isEmpty()) path += QLatin1Char('.') + ending;
    return path;
}

}  // namespace wedgeon
