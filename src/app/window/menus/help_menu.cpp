// What the program is.
#include "app/window/main_window.h"
#include "app/window/menus.h"
#include "core/text/tr.h"

#include <QMenu>
#include <QMenuBar>
#include <QMessageBox>

namespace nabblet {

void makeHelpMenu(Commands &commands, MainWindow &window)
{
    QMenu *help = commands.bar()->addMenu(Texts::tr("&Help"));
    help->addAction(Texts::tr("&About Nabblet"), &window, [&window] {
        QMessageBox::about(
            &window, Texts::tr("About Nabblet"),
            Texts::tr("Nabblet %1\n\nDrafts bound entry forms from database tables, lets you arrange them, and "
                      "puts them to work.")
                .arg(QStringLiteral(NABBLET_VERSION)));
    });
}

} // namespace nabblet
