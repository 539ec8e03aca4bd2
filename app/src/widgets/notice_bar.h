// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// One line below the strip for what just happened: progress with cancel, an error, a result with
// a way to see more. Never a dialog for what needs no answer.
#pragma once

#include <QWidget>
#include <functional>

class QLabel;
class QProgressBar;
class QPushButton;

namespace wedgeon {

class NoticeBar : public QWidget {
    Q_OBJECT

public:
    explicit NoticeBar(QWidget* parent = nullptr);

    void showProgress(const QString& text, const std::function<void()>& cancel);
    void setProgress(double share);
    void showResult(const QString& text, const QString& action = {},
                    const std::function<void()>& act = {});
    void showError(const QString& text);
    QString text() const;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void show(const QString& text, bool error, const QString& action,
              const std::function<void()>& act);

    QLabel* label_;
    QProgressBar* bar_;
    QPushButton* action_;
    std::function<void()> act_;
    bool error_ = false;
};

}  // namespace wedgeon
