// The tracing sheet is moved under the form.
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class TracingDrag : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    std::optional<Form> moved() override
    {
        Form moved = m_base;
        moved.tracing.at += distance();
        return moved;
    }

protected:
    QString name() const override { return Texts::tr("Move the tracing sheet"); }
};

} // namespace

std::unique_ptr<BoardDrag> makeTracingDrag(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
{
    return makeOne<TracingDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
