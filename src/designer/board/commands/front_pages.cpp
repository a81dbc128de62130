#include "designer/board/commands/front_pages.h"

#include "core/arrange/containers.h"
#include "core/arrange/rows.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"
#include "designer/board/scene/board_host.h"

#include <algorithm>

namespace nabblet {

void setFrontPage(BoardHost &board, ControlId container, int page)
{
    FrontPages fronts = board.scene().fronts;
    fronts.insert(container, page);
    board.setFronts(fronts);
}

void turnPage(BoardHost &board, int steps)
{
    const Form &form = board.scene().form();
    QList<ControlId> candidates = containersAround(form, board.scene().selection.lead());
    candidates.prepend(board.scene().selection.lead());
    for (const ControlId id : std::as_const(candidates)) {
        const Control *control = form.controls.find(id);
        if (!control || kindNamed(control->kind).holds != Holds::Pages) {
            continue;
        }
        // What is selected goes out of sight with its page; the tab pages stay.
        const int wanted = pageFurtherOn(*control, board.scene().fronts, steps);
        board.select({id});
        setFrontPage(board, id, wanted);
        return;
    }
    board.say(Texts::tr("Select tab pages, or something on them."));
}

// Brings the page to the front whose tab is at a point of the form.
void turnToTabAt(BoardHost &board, ControlId id, QPoint onForm)
{
    const Control *control = board.scene().form().controls.find(id);
    const int page = control ? tabAt(*control, onForm - placeOnForm(board.scene().form(), *control).topLeft()) : 0;
    if (page != 0) {
        setFrontPage(board, id, page);
    }
}

// A page that was added comes to the front.
void followPages(BoardHost &board, const Form &before, const Form &after)
{
    if (!hasContainers(after)) {
        return;
    }
    for (const Control &control : after.controls) {
        const Control *old = before.controls.find(control.id);
        if (!old || old->settings == control.settings || kindNamed(control.kind).holds != Holds::Pages) {
            continue;
        }
        const QList<Page> pages = pagesOf(*old);
        for (const Page &page : pagesOf(control)) {
            const bool isOld =
                std::any_of(pages.begin(), pages.end(), [&](const Page &each) { return each.id == page.id; });
            if (!isOld) {
                setFrontPage(board, control.id, page.id);
            }
        }
    }
}

} // namespace nabblet
