// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Files of shots on their way into the logbook as a person sees it: one or many, asked about where
// their columns are not known, with one report at the end.
#pragma once

#include <QObject>
#include <QStringList>

#include "desk/desk.h"

namespace wedgeon {

class NoticeBar;

class ImportFlow : public QObject {
    Q_OBJECT

public:
    ImportFlow(Desk& desk, NoticeBar& notice, QWidget* window);

    /// Folders stand for the files of shots in them. \p alwaysAsk: what the columns are, also when
    /// that is known of the shape.
    void start(const QStringList& paths, bool alwaysAsk);

signals:
    /// There is something to look at.
    void imported();

private:
    void next();
    void finished(const ImportJob::Result& result, const QString& path);
    void failed(const QString& message, bool cancelled);
    void confirmColumns(const std::shared_ptr<const ImportJob::Guess>& guess);
    void reportOne(const ImportJob::Result& result, const QString& name);
    void reportMany();
    void cancel();

    Desk& desk_;
    NoticeBar& notice_;
    QWidget* window_;
    QStringList waiting_;
    bool alwaysAsk_ = false;
    /// Of the files so far.
    qsizetype all_ = 0, done_ = 0, read_ = 0;
    std::size_t shots_ = 0, known_ = 0, refused_ = 0;
    std::int64_t session_ = 0;  ///< of the last one
    QStringList troubles_;      ///< with the file's name
    bool stopped_ = false;
};

}  // namespace wedgeon
