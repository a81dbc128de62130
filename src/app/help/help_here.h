// What there is to know about the place that has the keyboard: what it is, what it takes, and the keys that work there.
#pragma once

#include "entry/view/key_list.h"

#include <QStringList>

class QMenuBar;
class QWidget;

namespace nabblet {

struct HelpHere
{
    QString about;         // what it is called
    QStringList sentences; // what is said of it, and of what it stands in
    QList<KeyGroup> keys;  // those of the menus that can be pressed now
};

HelpHere helpFor(const QWidget *place, const QMenuBar *menus);

// Shows it in a sheet over the window. chapter: of the guide, about where one is; opened from the sheet.
void showHelp(const HelpHere &help, const QString &chapter, QWidget *window);

} // namespace nabblet
