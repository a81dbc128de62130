// The lead's caption is shifted alone.
#include "core/arrange/moving.h"
#include "core/edit/edits.h"
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/drags/moving_drag.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class CaptionDrag : public MovingDrag
{
public:
    using MovingDrag::MovingDrag;

    void begin() override
    {
        MovingDrag::begin();
        m_marks.moving = {m_hit.control};
    }

    std::optional<Form> moved() override { return moveControls(m_base, {m_hit.control}, snappedMove()); }

protected:
    QString name() const override { return Texts::tr("Shift a caption"); }
};

} // namespace

std::unique_ptr<BoardDrag> makeCaptionDrag(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
{
    return makeOne<CaptionDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
