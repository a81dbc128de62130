#include "designer/board/drags/board_drag.h"

#include "core/arrange/grid.h"
#include "core/edit/edits.h"
#include "designer/board/scene/board_host.h"
#include "designer/board/scene/board_measures.h"

#include <algorithm>

namespace nabblet {

BoardDrag::BoardDrag(BoardHost &board, const Hit &hit, QPoint inViewport, Qt::KeyboardModifiers modifiers)
    : m_board(board), m_hit(hit), m_modifiers(modifiers)
{
    m_marks.inViewport = inViewport;
    m_marks.start = m_marks.now = board.scene().toForm(inViewport);
}

const BoardScene &BoardDrag::scene() const
{
    return m_board.scene();
}

void BoardDrag::follow(QPoint inViewport, Qt::KeyboardModifiers modifiers)
{
    m_marks.inViewport = inViewport;
    m_marks.now = scene().toForm(inViewport);
    m_modifiers = modifiers;
}

void BoardDrag::begin()
{
    m_marks.isMoving = true;
    m_base = scene().form();
    m_marks.moving = scene().selection.controls();
}

void BoardDrag::end(const std::optional<Form> &edited)
{
    if (edited) {
        m_board.document()->apply(name(), withEmptiedBandsClosed(m_base, *edited));
    }
}

int BoardDrag::pitch() const
{
    return std::max(1, m_base.grid.pitch);
}

int BoardDrag::snapped(int value) const
{
    return isFree() ? value : onGrid(value, pitch());
}

int BoardDrag::reach() const
{
    return std::max(1, SnapReach * 100 / scene().zoom);
}

const SnapIndex &BoardDrag::snapIndex(const QList<ControlId> &without)
{
    if (!m_index) {
        m_index.emplace(scene().inSight(m_base), without, scene().appearance);
    }
    return *m_index;
}

} // namespace nabblet
