#include "designer/board/scene/board_host.h"

#include "designer/board/scene/board_mode.h"

namespace nabblet {

BoardHost::BoardHost(FormDocument *document, const Appearance &appearance) : m_scene(document, appearance)
{
}

BoardHost::~BoardHost() = default;

void BoardHost::select(const QList<ControlId> &controls)
{
    Selection wanted;
    wanted.set(controls);
    setSelection(wanted);
}

BoardMode *BoardHost::mode() const
{
    return m_mode.get();
}

} // namespace nabblet
