// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Loading and saving.
#include "model/recipe_book.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QStandardPaths>
#include <algorithm>

#include "wedgeon/store/error.h"

namespace wedgeon {
namespace {

auto byName(const std::string& name) {
    return [&name](const NamedRecipe& r) { return r.name == name; };
}

}  // namespace

QString RecipeBook::ordinaryPath() {
    const QDir folder(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    return folder.filePath(QStringLiteral("recipes.json"));
}

RecipeBook::RecipeBook(const QString& path, QObject* parent) : QObject(parent), path_(path) {
    if (!QFileInfo::exists(path_)) return;
    try {
        recipes_ = store::readRecipes(path_.toStdString());
    } catch (const store::StoreError& e) {
        unreadable_ = true;
        error_ = tr("Your recipes in %1 could not be read: %2. The file is left as it is.")
                     .arg(path_, QString::fromUtf8(e.what()));
    }
}

void RecipeBook::keep(const NamedRecipe& recipe) {
    const auto at = std::find_if(recipes_.begin(), recipes_.end(), byName(recipe.name));
    if (at != recipes_.end()) {
        *at = recipe;
    } else {
        recipes_.push_back(recipe);
    }
    save();
}

void RecipeBook::remove(const std::string& name) {
    std::erase_if(recipes_, byName(name));
    save();
}

void RecipeBook::save() {
    error_.clear();
    QDir().mkpath(QFileInfo(path_).absolutePath());
    if (unreadable_) {
        // What could not be read may still be of worth to somebody.
        const QString aside = path_ + QStringLiteral(".unreadable");
        QFile::remove(aside);
        unreadable_ = !QFile::rename(path_, aside);
    }
    try {
        store::writeRecipes(path_.toStdString(), recipes_);
    } catch (const store::StoreError& e) {
        error_ = tr("Your recipes could not be saved to %1: %2.")
                     .arg(path_, QString::fromUtf8(e.what()));
    }
    emit changed();
}

}  // namespace wedgeon
