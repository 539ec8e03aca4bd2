// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Choosing a backup: what each holds beside what the logbook holds now, before anything is done.
#pragma once

#include <QDialog>
#include <optional>
#include <vector>

#include "wedgeon/store/logbook.h"
#include "work/latest_worker.h"

class QLabel;
class QListWidget;
class QPushButton;

namespace wedgeon {

class RestoreDialog : public QDialog {
    Q_OBJECT

public:
    RestoreDialog(const QString& logbook, const store::BackupPlan& plan, QWidget* parent = nullptr);
    QString chosen() const;

signals:
    /// Its shots are to be shown, without restoring anything.
    void lookRequested(const QString& path);

private:
    struct Seen {
        QString path;
        std::optional<store::LogbookSummary> summary, now;
        QString error;
    };
    void show(const Seen& seen);
    void ask();

    std::vector<store::BackupInfo> backups_;
    QListWidget* list_;
    QLabel* words_;
    QPushButton *restore_, *look_;
    LatestWorker<QString, Seen> reader_;
};

}  // namespace wedgeon
