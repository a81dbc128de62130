// A band's lower edge; with Ctrl, what is there is pushed along.
#include "core/edit/edits.h"
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class BandEdgeDrag : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    std::optional<Form> moved() override
    {
        const int height = snapped(findBand(m_base, m_hit.band)->height + distance().y());
        return setBandHeight(m_base, m_hit.band, height,
                             m_modifiers.testFlag(Qt::ControlModifier) ? Crowding::Pushes : Crowding::StopsAt);
    }

protected:
    QString name() const override { return Texts::tr("Change a band's height"); }
};

} // namespace

std::unique_ptr<BoardDrag> makeBandEdgeDrag(BoardHost &board, const Hit &hit, QPoint at,
                                            Qt::KeyboardModifiers modifiers)
{
    return makeOne<BandEdgeDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
