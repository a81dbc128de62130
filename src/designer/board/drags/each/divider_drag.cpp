// The divider between two panes.
#include "core/arrange/grouping.h"
#include "core/kinds/holders/panes.h"
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class DividerDrag : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    void press() override
    {
        Selection wanted = scene().selection;
        wanted.choose(m_hit.control);
        m_board.setSelection(wanted);
    }

    std::optional<Form> moved() override
    {
        const Control &panes = *m_base.controls.find(m_hit.control);
        const int by = areStacked(panes) ? distance().y() : distance().x();
        return withDivider(m_base, panes.id, snapped(dividerOf(panes) + by));
    }

protected:
    QString name() const override { return Texts::tr("Move a divider"); }
};

} // namespace

std::unique_ptr<BoardDrag> makeDividerDrag(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
{
    return makeOne<DividerDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
