#include "designer/board/modes/copying_look_mode.h"

#include "core/edit/edits.h"
#include "core/text/tr.h"
#include "designer/board/scene/board_host.h"
#include "designer/document/look_clipboard.h"

#include <QMouseEvent>

namespace nabblet {

QString CopyingLookMode::hint() const
{
    return m_copies == LookCopies::Once ? Texts::tr("Click a control to give it this look.")
                                        : Texts::tr("Click controls to give them this look. Escape ends.");
}

bool CopyingLookMode::press(const QMouseEvent &event, const Hit &hit)
{
    if (event.button() != Qt::LeftButton) {
        return false;
    }
    const bool isControl = hit.kind == Hit::Control || hit.kind == Hit::Handle;
    if (isControl) {
        m_board.document()->apply(Texts::tr("Copy a look"), withLookOf(scene().form(), m_from, {hit.control}));
    }
    if (!isControl || m_copies == LookCopies::Once) {
        m_board.endMode();
    }
    return true;
}

void beginCopyLook(BoardHost &board, LookCopies copies)
{
    if (const ControlId lead = board.selection().lead(); lead != 0) {
        copyLookToClipboard(*board.scene().form().controls.find(lead)); // for other forms and windows
        board.setMode(std::make_unique<CopyingLookMode>(board, lead, copies));
    }
}

} // namespace nabblet
