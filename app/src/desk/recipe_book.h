// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The coach's own recipes, kept in the logbook. Those of the file in which they were kept before
// are taken over once.
#pragma once

#include <QObject>
#include <functional>
#include <vector>

#include "desk/bench_state.h"
#include "desk/shot_log.h"

namespace wedgeon {

class RecipeBook : public QObject {
    Q_OBJECT

public:
    /// \p formerFile: of recipes, need not exist.
    RecipeBook(ShotLog& log, const QString& formerFile, QObject* parent = nullptr);
    static QString formerPath();

    const std::vector<NamedRecipe>& recipes() const { return log_.records().recipes; }
    /// What went wrong with the former file; empty when all is well.
    const QString& error() const { return error_; }

    /// Keeps them, each in the place of one with the same name; \p then runs when they are kept.
    void keep(std::vector<NamedRecipe> recipes, std::function<void()> then = {});
    void remove(const std::string& name);

signals:
    void changed();

private:
    void takeFormer();

    ShotLog& log_;
    QString former_, error_;
};

}  // namespace wedgeon
