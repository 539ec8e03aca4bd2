// SPDX-FileCopyrightText: 2026 The Wedgeon developers
// SPDX-License-Identifier: GPL-3.0-or-later
// Shape: set-up and swing worked out in linked drawings, with a drawer for asking, comparing,
// recipes and the opened "why".
#pragma once

#include <QString>

#include "views/view.h"

class QHBoxLayout;
class QVBoxLayout;

namespace wedgeon {

class CautionLine;
class Drawer;
class DrawerPage;
class FlightDrawing;
class Headline;
class NumberRow;
class RecipeLine;
class RecipePage;
class SpinDrawing;

class ShapeView : public View {
    Q_OBJECT

public:
    explicit ShapeView(Desk& desk, QWidget* parent = nullptr);
    QString name() const override;
    QString asText() const override;
    /// Which page of the drawer is open.
    QVariantMap state() const override;
    bool opens(const QString& path) override;
    void restore(const QVariantMap& state) override;

protected:
    void refresh(Desk::Parts parts) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* makeResult();
    QWidget* makeDrawings();
    void makeDrawer();
    void makeCommands();
    void refreshResult();
    void refreshFlight();
    void refreshOwnShots();
    void fitDrawings();
    /// Opens the recipes with the cursor where a name is typed.
    void keepRecipe();
    void openRecipes();
    void importRecipes(const QString& path);
    void exportRecipes();
    void turnTo(double aim_rad, const QString& what);
    void aimIt();
    void startOnLine();
    void putHeights();
    void putLofts();
    void compareThree(std::vector<NamedRecipe> three, std::size_t chosen, const QString& what);

    Workbench& bench_;
    Headline* headline_;
    NumberRow* numbers_ = nullptr;
    RecipeLine* recipes_;
    CautionLine* caution_;
    FlightDrawing* flight_;
    SpinDrawing* spin_;
    QHBoxLayout* row_;
    QVBoxLayout* column_;
    QWidget *spinPanel_, *worthPanel_;
    Drawer* drawer_;
    RecipePage* recipePage_;
    /// A page of the drawer, the key that it is remembered by and the keys that open it.
    struct Page {
        DrawerPage* page;
        QString key, button, command;
        QKeySequence keys;
    };
    QVector<Page> pages_;
};

}  // namespace wedgeon
