// The menu under the mouse: what is done most with what is selected.
#include "app/window/main_window.h"
#include "app/window/menus.h"
#include "core/arrange/rail_edits.h"
#include "core/edit/edits.h"
#include "core/text/band_titles.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/board/editing/board_clipboard.h"
#include "designer/panels/arrange_actions.h"

#include <QMenu>

namespace nabblet {

void showBoardMenu(const Commands &commands, MainWindow &window, const QPoint &global)
{
    QMenu menu(&window);
    menu.setObjectName(QStringLiteral("boardMenu"));
    const Selection &selection = window.board()->selection();
    if (selection.rail() != FixedRail::None) {
        const RailId rail = selection.rail();
        const Rail *there = findRail(window.document()->form(), rail);
        const auto hold = [&](const QString &words, Hold wanted) {
            QAction *action = menu.addAction(words, &window, [&window, rail, wanted] {
                window.document()->apply(Texts::tr("Change a rail's hold"),
                                         withRailHold(window.document()->form(), rail, wanted));
            });
            action->setCheckable(true);
            action->setChecked(there->hold == wanted);
        };
        const bool isLevel = isLevelRail(window.document()->form(), rail);
        hold(isLevel ? Texts::tr("Holds to the top") : Texts::tr("Holds to the left"), Hold::Start);
        hold(isLevel ? Texts::tr("Holds to the bottom") : Texts::tr("Holds to the right"), Hold::End);
        hold(Texts::tr("Keeps its share"), Hold::Share);
        menu.addSeparator();
        if (!isLevel) {
            QAction *automatic = menu.addAction(Texts::tr("Stands clear of captions"), &window, [&window, rail, there] {
                window.document()->apply(
                    Texts::tr("Change a rail"),
                    withRailAutomatic(window.document()->form(), rail, !there->isAutomatic, window.appearance()));
            });
            automatic->setCheckable(true);
            automatic->setChecked(there->isAutomatic);
            menu.addSeparator();
        }
        menu.addAction(Texts::tr("Delete the rail"), &window, [&window] { deleteSelection(*window.board()); });
    } else if (!selection.isEmpty()) {
        for (const ArrangeGroup group :
             {ArrangeGroup::LineUp, ArrangeGroup::Match, ArrangeGroup::Gaps, ArrangeGroup::Fit, ArrangeGroup::Captions,
              ArrangeGroup::Rows, ArrangeGroup::Groups, ArrangeGroup::Holds, ArrangeGroup::Order}) {
            QMenu *part = menu.addMenu(arrangeGroupTitle(group));
            part->addActions(window.arrange()->actionsOf(group));
            QObject::connect(part, &QMenu::aboutToHide, window.arrange(), &ArrangeActions::endPreview);
        }
        menu.addSeparator();
        menu.addActions(commands.of(When::WithControl));
    } else {
        menu.addAction(window.arrange()->action(QStringLiteral("tidy")));
        menu.addAction(window.arrange()->action(QStringLiteral("close-up-rows")));
        menu.addAction(Texts::tr("Trim the form to its content"), &window, [&window] {
            window.document()->apply(Texts::tr("Trim the form"), trimmed(window.document()->form()));
        });
        menu.addSeparator();
        for (const BandRole role : AllBands) {
            if (role == BandRole::Body) {
                continue;
            }
            const bool isThere = findBand(window.document()->form(), role) != nullptr;
            const QString title = withinSentence(bandTitle(role));
            const QString words = isThere ? Texts::tr("Remove the %1").arg(title) : Texts::tr("Add the %1").arg(title);
            menu.addAction(words, &window, [&window, words, role, isThere] {
                if (isThere) {
                    window.document()->apply(words, withoutBand(window.document()->form(), role));
                } else {
                    addBand(*window.board(), role);
                }
            });
        }
        menu.addSeparator();
        if (!window.document()->form().rowsFrom.isEmpty()) {
            menu.addAction(Texts::tr("New column of the table…"), &window,
                           [&window] { window.tableChanging().addColumn(window.document()->form().rowsFrom); });
        }
        menu.addAction(Texts::tr("Paste"), &window,
                       [&window] { window.board()->clipboard().paste(BoardClipboard::Place::Beside); });
        menu.addAction(Texts::tr("Select all"), &window, [&window] { selectAll(*window.board()); });
    }
    menu.exec(global);
    window.arrange()->endPreview();
}

} // namespace nabblet
