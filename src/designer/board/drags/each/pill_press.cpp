// A gap pill: a click gives all gaps of the selection its size.
#include "core/arrange/gaps.h"
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class PillPress : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    void click() override
    {
        if (m_hit.pill >= scene().pills.size()) {
            return;
        }
        const Gap gap = scene().pills.at(m_hit.pill);
        const Form &form = scene().form();
        m_board.document()->apply(Texts::tr("Set gaps to %1").arg(sizeInWords(gap.size, scene().unit, form.grid.pitch)),
                                  withGaps(form, scene().selection.controls(), gap.direction, gap.size));
    }
};

} // namespace

std::unique_ptr<BoardDrag> makePillPress(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
{
    return makeOne<PillPress>(board, hit, at, modifiers);
}

} // namespace nabblet
