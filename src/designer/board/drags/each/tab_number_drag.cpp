// A number of the tab order dropped on another field: it comes just before it, or behind it when it was dragged
// backwards. A click sets the order one by one.
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/modes/tab_order_mode.h"
#include "designer/board/scene/board_host.h"
#include "designer/board/scene/mark_places.h"

namespace nabblet {

namespace {

class TabNumberDrag : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    void click() override { clickInTabOrder(m_board, m_hit.control); }

    void begin() override
    {
        BoardDrag::begin();
        m_marks.tabNumber = m_hit.control;
    }

    std::optional<Form> moved() override
    {
        m_board.showAgain();
        return std::nullopt;
    }

    void end(const std::optional<Form> &) override
    {
        const Form &form = scene().form();
        const QSet<ControlId> behind = behindOtherPages(form, scene().fronts);
        QList<ControlId> order = tabSequence(form);
        for (const ControlId id : std::as_const(order)) {
            const bool isThere = !behind.contains(id) && (tabBadge(scene(), id).contains(m_marks.inViewport) ||
                                                          scene().viewportRectOf(id).contains(m_marks.inViewport));
            if (id != m_hit.control && isThere) {
                order.move(order.indexOf(m_hit.control), order.indexOf(id));
                m_board.document()->apply(Texts::tr("Change the tab order"), withHandOrder(form, order));
                return;
            }
        }
    }
};

} // namespace

std::unique_ptr<BoardDrag> makeTabNumberDrag(BoardHost &board, const Hit &hit, QPoint at,
                                             Qt::KeyboardModifiers modifiers)
{
    return makeOne<TabNumberDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
