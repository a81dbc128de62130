// Records in Entry.
#include "app/window/main_window.h"
#include "app/window/menus.h"
#include "core/text/tr.h"
#include "entry/view/entry_view.h"
#include "entry/view/record_commands.h"

#include <QAction>
#include <QMenu>
#include <QMenuBar>

namespace nabblet {

void makeRecordsMenu(Commands &commands, MainWindow &window)
{
    QMenu *records = commands.bar()->addMenu(Texts::tr("&Records"));
    for (const RecordCommand &each : recordCommands()) {
        if (each.beginsPart) {
            records->addSeparator();
        }
        const auto run = [&window, &each] { runRecordCommand(each, *window.entryView()); };
        QAction *action = each.isRepeated
                              ? commands.addRepeating(records, {recordCommandTitle(each), QLatin1String(each.name)},
                                                      recordCommandKeys(each), run, When::InEntry)
                              : commands.add(records, {recordCommandTitle(each), QLatin1String(each.name)},
                                             recordCommandKeys(each), run, When::InEntry);
        action->setObjectName(QLatin1String("record-") + QLatin1String(each.name));
    }
}

} // namespace nabblet
