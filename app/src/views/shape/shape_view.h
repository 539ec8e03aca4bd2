// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shape: set-up and swing worked out in linked drawings, with a drawer for asking, comparing,
// recipes and the opened "why".
#pragma once

#include <QWidget>

#include "desk/recipe_book.h"
#include "desk/workbench.h"

namespace wedgeon {

class CautionLine;
class Drawer;
class DrawerPage;
class FlightDrawing;
class Headline;
class RecipeLine;
class RecipePage;
class SpinDrawing;
class WatchedShots;

class ShapeView : public QWidget {
    Q_OBJECT

public:
    ShapeView(Workbench& bench, RecipeBook& book, const WatchedShots& shots,
              QWidget* parent = nullptr);
    QString asText() const;

    enum class Page { Why, Ask, Compare, Recipes, Turn };
    void togglePage(Page page);
    /// Opens the recipes with the cursor where a name is typed.
    void keepRecipe();
    RecipeLine& recipeLine() { return *recipes_; }

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* makeResult();
    QWidget* makeDrawings();
    void makeDrawer();
    void refresh();
    void refreshFlight();
    void refreshOwnShots();
    void fitDrawings();

    Workbench& bench_;
    RecipeBook& book_;
    const WatchedShots& shots_;
    Headline* headline_;
    RecipeLine* recipes_;
    CautionLine* caution_;
    FlightDrawing* flight_;
    SpinDrawing* spin_;
    QWidget *spinPanel_, *worthPanel_;
    Drawer* drawer_;
    RecipePage* recipePage_;
    QVector<DrawerPage*> pages_;  ///< in the order of Page
};

}  // namespace wedgeon
