// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// How another thread has something done in the window's: what is posted is done there one by one,
// in order, each in a turn of the event loop. What is left when the mailbox goes is not done.
#pragma once

#include <QCoreApplication>
#include <QEvent>
#include <QObject>
#include <deque>
#include <functional>
#include <mutex>
#include <utility>

namespace wedgeon {

class Mailbox : public QObject {
public:
    using Act = std::function<void()>;

    /// From any thread.
    void post(Act act) {
        {
            const std::lock_guard lock(mutex_);
            acts_.push_back(std::move(act));
        }
        QCoreApplication::postEvent(this, new QEvent(QEvent::User));
    }

protected:
    bool event(QEvent* e) override {
        if (e->type() != QEvent::User) return QObject::event(e);
        Act act;
        {
            const std::lock_guard lock(mutex_);
            act = std::move(acts_.front());
            acts_.pop_front();
        }
        act();
        return true;
    }

private:
    std::mutex mutex_;
    std::deque<Act> acts_;
};

}  // namespace wedgeon
