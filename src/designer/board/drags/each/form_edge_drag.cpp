// The form's right edge.
#include "core/arrange/windows/window_size.h"
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class FormEdgeDrag : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    std::optional<Form> moved() override { return setFormWidth(m_base, snapped(m_base.width + distance().x())); }

protected:
    QString name() const override { return Texts::tr("Change the form's width"); }
};

} // namespace

std::unique_ptr<BoardDrag> makeFormEdgeDrag(BoardHost &board, const Hit &hit, QPoint at,
                                            Qt::KeyboardModifiers modifiers)
{
    return makeOne<FormEdgeDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
