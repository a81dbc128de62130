#include "designer/board/modes/tab_order_mode.h"

#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/text/tr.h"
#include "designer/board/scene/board_host.h"

#include <QMouseEvent>

namespace nabblet {

QString TabOrderMode::hint() const
{
    return Texts::tr("Click the fields in the order in which Tab is to visit them, or drag a number to another place. "
                     "Escape ends.");
}

// There is nothing to select: a press beside the fields does nothing.
bool TabOrderMode::press(const QMouseEvent &event, const Hit &hit)
{
    return event.button() == Qt::LeftButton && (hit.kind == Hit::Inside || hit.kind == Hit::Nothing);
}

void TabOrderMode::click(ControlId control)
{
    if (m_clicked.contains(control)) {
        m_clicked.clear(); // begins anew
    }
    m_clicked.append(control);
    QList<ControlId> order = m_clicked;
    for (const ControlId id : tabSequence(scene().form())) {
        if (!order.contains(id)) {
            order.append(id);
        }
    }
    m_board.document()->apply(Texts::tr("Change the tab order"), withHandOrder(scene().form(), order));
    m_board.showAgain();
}

void setShowsTabOrder(BoardHost &board, bool shows)
{
    const bool isShown = board.scene().use() == MouseUse::OrderingTabs;
    if (shows && !isShown) {
        board.setMode(std::make_unique<TabOrderMode>(board));
    } else if (!shows && isShown) {
        board.endMode();
    }
}

void clickInTabOrder(BoardHost &board, ControlId control)
{
    if (auto *mode = dynamic_cast<TabOrderMode *>(board.mode())) {
        mode->click(control);
    }
}

void moveInTabOrder(BoardHost &board, int step)
{
    const Form &form = board.document()->form();
    QList<ControlId> order = tabSequence(form);
    const Control *lead = form.controls.find(board.selection().lead());
    const qsizetype at = lead ? order.indexOf(lead->captionFor != 0 ? lead->captionFor : lead->id) : -1;
    if (at < 0 || at + step < 0 || at + step >= order.size()) {
        board.say(at < 0 ? Texts::tr("Select a field that Tab visits first.")
                         : Texts::tr("It is the outermost of the tab order."));
        return;
    }
    order.move(at, at + step);
    board.document()->apply(Texts::tr("Change the tab order"), withHandOrder(form, order));
}

} // namespace nabblet
