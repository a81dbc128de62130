// Records in Entry.
#include "app/window/main_window.h"
#include "app/window/menus.h"
#include "core/text/tr.h"
#include "entry/view/entry_view.h"

#include <QMenu>
#include <QMenuBar>

namespace nabblet {

NABBLET_TEXTS(MainWindow)

void makeRecordsMenu(Commands &commands, MainWindow &window)
{
    QMenu *records = commands.bar()->addMenu(Texts::tr("&Records"));
    commands.add(
        records, Texts::tr("&First"), keys("Ctrl+Home"), [&window] { window.session()->moves().goFirst(); },
        When::InEntry);
    commands.addRepeating(
        records, Texts::tr("&Previous"), keys("PgUp"), [&window] { window.session()->moves().goPrevious(); },
        When::InEntry);
    commands.addRepeating(
        records, Texts::tr("&Next"), keys("PgDown"), [&window] { window.session()->moves().goNext(); }, When::InEntry);
    commands.add(
        records, Texts::tr("&Last"), keys("Ctrl+End"), [&window] { window.session()->moves().goLast(); },
        When::InEntry);
    commands.add(
        records, Texts::tr("&Find…"), keys("Ctrl+F"), [&window] { window.entryView()->askAndFind(); }, When::InEntry);
    records->addSeparator();
    commands.add(
        records, Texts::tr("&Add"), keys("Ctrl+N"), [&window] { window.entryView()->addRecord(); }, When::InEntry);
    commands.add(
        records, Texts::tr("&Delete…"), keys("Ctrl+Del"), [&window] { window.entryView()->askAndDelete(); },
        When::InEntry);
    commands.add(
        records, Texts::tr("&Take back"), keys("Ctrl+Backspace"),
        [&window] { window.session()->takingBack().takeBack(); }, When::InEntry);
}

} // namespace nabblet
