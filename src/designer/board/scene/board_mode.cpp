#include "designer/board/scene/board_mode.h"

#include "designer/board/scene/board_host.h"

namespace nabblet {

const BoardScene &BoardMode::scene() const
{
    return m_board.scene();
}

} // namespace nabblet
