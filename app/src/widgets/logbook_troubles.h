// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// What state the logbook is in, said in the trouble bar as long as it lasts, with the ways out.
#pragma once

#include <QObject>

#include "desk/shot_log.h"

namespace wedgeon {

class TroubleBar;

class LogbookTroubles : public QObject {
    Q_OBJECT

public:
    LogbookTroubles(ShotLog& log, TroubleBar& bar, QObject* parent = nullptr);

signals:
    void restoreRequested();

private:
    void tell();
    void tellOpen(const QString& name);
    void tellMoved(const QString& name);
    void keepElsewhere();
    void tryAgain() { log_.openAt(log_.path()); }

    ShotLog& log_;
    TroubleBar& bar_;
};

}  // namespace wedgeon
