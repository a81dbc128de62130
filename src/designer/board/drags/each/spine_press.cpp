// A band's name on the spine: a press selects the band.
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class SpinePress : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    void press() override
    {
        Selection wanted;
        wanted.setBand(m_hit.band);
        m_board.setSelection(wanted);
    }
};

} // namespace

std::unique_ptr<BoardDrag> makeSpinePress(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
{
    return makeOne<SpinePress>(board, hit, at, modifiers);
}

} // namespace nabblet
