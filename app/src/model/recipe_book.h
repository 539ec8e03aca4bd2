// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// The coach's own recipes, kept in one JSON file from one start to the next.
#pragma once

#include <QObject>
#include <vector>

#include "model/bench_state.h"

namespace wedgeon {

class RecipeBook : public QObject {
    Q_OBJECT

public:
    /// \p path need not exist yet.
    explicit RecipeBook(const QString& path, QObject* parent = nullptr);
    static QString ordinaryPath();

    const std::vector<NamedRecipe>& recipes() const { return recipes_; }
    /// Why the file could not be read or written; empty when all is well.
    const QString& error() const { return error_; }

    /// Keeps \p recipe, in the place of one with the same name.
    void keep(const NamedRecipe& recipe);
    void remove(const std::string& name);

signals:
    void changed();

private:
    void save();

    QString path_;
    std::vector<NamedRecipe> recipes_;
    QString error_;
    bool unreadable_ = false;
};

}  // namespace wedgeon
