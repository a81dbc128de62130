// The menus of the main window, one file each. Every command of the program stands in one of them, so that "find a
// command" finds it.
#pragma once

#include "app/window/commands.h"

#include <QPoint>

namespace nabblet {

class MainWindow;

void makeFileMenu(Commands &commands, MainWindow &window);
void makeEditMenu(Commands &commands, MainWindow &window);
void makeSelectMenu(Commands &commands, MainWindow &window);
void makeArrangeMenu(Commands &commands, MainWindow &window);
void makeLookMenu(Commands &commands, MainWindow &window);
void makeRecordsMenu(Commands &commands, MainWindow &window);
void makeViewMenu(Commands &commands, MainWindow &window);
void makeHelpMenu(Commands &commands, MainWindow &window);

// In the order in which they stand in the bar.
using MenuMaker = void (*)(Commands &, MainWindow &);
constexpr MenuMaker Menus[] = {makeFileMenu, makeEditMenu,    makeSelectMenu, makeArrangeMenu,
                               makeLookMenu, makeRecordsMenu, makeViewMenu,   makeHelpMenu};

// global: where the mouse is, px on the screen.
void showBoardMenu(const Commands &commands, MainWindow &window, const QPoint &global);

} // namespace nabblet
