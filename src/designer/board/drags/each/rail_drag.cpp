// A rail's knob: the rail goes along, and all edges on it.
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class RailDrag : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    void press() override
    {
        Selection wanted;
        wanted.setRail(m_hit.rail);
        m_board.setSelection(wanted);
    }

    std::optional<Form> moved() override
    {
        const int by = isLevelRail(m_base, m_hit.rail) ? distance().y() : distance().x();
        return moveRail(m_base, m_hit.rail, snapped(railPosition(m_base, m_hit.rail) + by));
    }

protected:
    QString name() const override { return Texts::tr("Move a rail"); }
};

} // namespace

std::unique_ptr<BoardDrag> makeRailDrag(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
{
    return makeOne<RailDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
