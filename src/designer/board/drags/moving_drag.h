// What drags that move things share: how far they go – to where they snap, or freely with Alt; along one axis with
// Shift.
#pragma once

#include "designer/board/drags/board_drag.h"

namespace nabblet {

class MovingDrag : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

protected:
    QPoint snappedMove();
};

} // namespace nabblet
