// Gives the look of the lead to what is clicked: once, or until Escape.
#pragma once

#include "designer/board/scene/board_mode.h"

namespace nabblet {

enum class LookCopies { Once, UntilEscape };

class CopyingLookMode : public BoardMode
{
public:
    CopyingLookMode(BoardHost &board, ControlId from, LookCopies copies)
        : BoardMode(board), m_from(from), m_copies(copies)
    {
    }

    MouseUse use() const override { return MouseUse::CopyingLook; }
    QString hint() const override;
    Qt::CursorShape cursor() const override { return Qt::PointingHandCursor; }
    bool press(const QMouseEvent &event, const Hit &hit) override;
    bool hover(QPoint) override { return true; }

private:
    ControlId m_from;
    LookCopies m_copies;
};

// Nothing happens where nothing leads.
void beginCopyLook(BoardHost &board, LookCopies copies);

} // namespace nabblet
