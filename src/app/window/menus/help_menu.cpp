// What the program is.
#include "app/help/guide_window.h"
#include "app/help/help_here.h"
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
    // At work, the same key has what is there for those who enter records.
    QAction *here = commands.add(
        help, Texts::later("&Help for this place"), QKeySequence(Qt::Key_F1),
        [&window, &commands] {
            const QString chapter = window.isRules() ? QStringLiteral("rules")
                                    : window.board() ? QStringLiteral("arranging")
                                                     : QStringLiteral("first-form");
            showHelp(helpFor(window.focusWidget(), commands.bar()), chapter, &window);
        },
        When::Always);
    commands.add(
        help, Texts::later("&Guide"), QKeySequence(), [&window] { showGuide(guideChapters().first(), &window); },
        When::Always);
    commands.follow([&window, here] { here->setEnabled(!window.isAtWork()); });
    help->addAction(Texts::tr("&About Nabblet"), &window, [&window] {
        QMessageBox::about(
            &window, Texts::tr("About Nabblet"),
            Texts::tr("Nabblet %1\n\nDrafts bound entry forms from database tables, lets you arrange them, and "
                      "puts them to work.")
                .arg(QStringLiteral(NABBLET_VERSION)));
    });
}

} // namespace nabblet
