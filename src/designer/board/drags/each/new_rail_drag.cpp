// Out of a ruler comes a new rail: an upright one out of the upper, a level one out of the left one.
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/scene/board_host.h"
#include "designer/board/scene/board_measures.h"

namespace nabblet {

namespace {

class NewRailDrag : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    std::optional<Form> moved() override
    {
        const bool isLevel = m_hit.kind == Hit::SideRuler;
        const bool isBack = isLevel ? m_marks.inViewport.x() <= LeftSide : m_marks.inViewport.y() <= RulerHeight;
        m_marks.guides.clear();
        if (isBack) { // not drawn out, or put back
            return m_base;
        }
        const int body = bandTop(m_base, BandRole::Body);
        Snap snap;
        if (!isFree()) {
            snap = isLevel ? snapIndex().forLevelLine(m_marks.now.y(), body, reach())
                           : snapIndex().forLine(m_marks.now.x(), reach());
        }
        m_marks.guides = snap.guides;
        return isLevel ? withLevelRail(m_base, m_marks.now.y() + snap.by.y() - body)
                       : withRail(m_base, m_marks.now.x() + snap.by.x());
    }

    void end(const std::optional<Form> &edited) override
    {
        const RailId made = nextRailId(scene().form());
        BoardDrag::end(edited);
        if (edited && findRail(*edited, made)) {
            Selection wanted;
            wanted.setRail(made);
            m_board.setSelection(wanted);
        }
    }

protected:
    QString name() const override { return Texts::tr("Make a rail"); }
};

} // namespace

std::unique_ptr<BoardDrag> makeNewRailDrag(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
{
    return makeOne<NewRailDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
