// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Keeping and taking over.
#include "desk/recipe_book.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QStandardPaths>

#include "text/said.h"
#include "wedgeon/store/error.h"

namespace wedgeon {

QString RecipeBook::formerPath() {
    const QDir folder(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    return folder.filePath(QStringLiteral("recipes.json"));
}

RecipeBook::RecipeBook(ShotLog& log, const QString& formerFile, QObject* parent)
    : QObject(parent), log_(log), former_(formerFile) {
    connect(&log_, &ShotLog::recordsChanged, this, &RecipeBook::changed);
    connect(&log_, &ShotLog::opened, this, &RecipeBook::takeFormer);
}

void RecipeBook::takeFormer() {
    if (log_.state() != ShotLog::State::Open || !QFileInfo::exists(former_)) return;
    auto read = std::make_shared<store::OldRecipes>();
    auto trouble = std::make_shared<QString>();
    log_.change(
        [read, trouble, path = former_](store::Logbook& book) {
            try {
                *read = store::readOldRecipes(path.toStdString());
                store::Recipes(book).keepNew(read->recipes);
            } catch (const store::StoreError& e) {
                if (e.fault() == store::Fault::Locked || e.fault() == store::Fault::Moved) throw;
                *trouble = text::said(e);
            }
        },
        [this, read, trouble] {
            if (!trouble->isEmpty()) {
                error_ = tr("Your former recipes could not be taken over: %1. The file is left as "
                            "it is (%2).")
                             .arg(*trouble, former_);
                emit changed();
                return;
            }
            // Whatever was not read may still be of worth to somebody: the file only gets a name
            // under which it is not looked for, one that nothing has yet.
            QString name = former_ + QStringLiteral(".kept-in-logbook");
            for (int i = 2; QFileInfo::exists(name); ++i)
                name = former_ + QStringLiteral(".kept-in-logbook-%1").arg(i);
            const bool renamed = QFile::rename(former_, name);
            if (read->unreadable > 0) {
                error_ = tr("%1 of your former recipes could not be read; they are still in %2.")
                             .arg(read->unreadable)
                             .arg(renamed ? name : former_);
            }
            emit changed();
        });
}

void RecipeBook::keep(std::vector<NamedRecipe> recipes, std::function<void()> then) {
    log_.change([recipes = std::move(recipes)](
                    store::Logbook& book) { store::Recipes(book).keep(recipes); },
                std::move(then));
}

void RecipeBook::remove(const std::string& name) {
    log_.change([name](store::Logbook& book) { store::Recipes(book).remove(name); });
}

}  // namespace wedgeon
