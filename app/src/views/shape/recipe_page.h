// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Recipes: schools and the coach's own to start from, what a school claims and what follows of it
// here, the rest of the set-up, and keeping a recipe under a name.
#pragma once

#include "desk/desk.h"
#include "views/shape/drawer_page.h"
#include "wedgeon/school/school.h"

class QComboBox;
class QLineEdit;
class QPushButton;

namespace wedgeon {

class AttachmentStrip;

class RecipePage : public DrawerPage {
    Q_OBJECT

public:
    explicit RecipePage(Desk& desk, QWidget* parent = nullptr);
    QString asText() const override;
    /// Puts the cursor where a name for the present recipe is typed.
    void askName();

signals:
    void failed(const QString& why);

protected:
    void refresh() override;

private:
    void makeStart();
    void makeSchool();
    void makeSetUp();
    void makeKeep();
    void fillStarts();
    void showSchool();
    /// Which school suits this player, by what he does already.
    void showForPlayer(const School* shown);
    /// The name of the coach's own one that is selected; empty for a school.
    std::string ownRecipe() const;
    void showPictures();
    void attach();
    void take(bool beside);
    void keep();
    void forget();
    const NamedRecipe* selected() const;
    const School* shownSchool() const;

    Desk& desk_;
    RecipeBook& book_;
    std::vector<NamedRecipe> starts_;
    QComboBox* start_;
    QPushButton *take_, *beside_, *keep_, *forget_, *attach_;
    AttachmentStrip* pictures_;
    SentenceLabel *asks_, *claimsTitle_, *claims_, *unknown_, *bookError_;
    SentenceLabel *forPlayerTitle_, *forPlayer_;
    QLineEdit* name_;
};

}  // namespace wedgeon
