// What the mouse and the keys do on the board instead of arranging, until it is ended: placing a kind, giving a look,
// setting the tab order, moving the tracing sheet.
#pragma once

#include "designer/board/scene/hit.h"

class QKeyEvent;
class QMouseEvent;
class QWheelEvent;

namespace nabblet {

class BoardHost;

class BoardMode
{
public:
    explicit BoardMode(BoardHost &board) : m_board(board) {}
    virtual ~BoardMode() = default;

    virtual MouseUse use() const = 0;
    // What can be done now and how it ends, in a sentence.
    virtual QString hint() const = 0;
    virtual Qt::CursorShape cursor() const { return Qt::ArrowCursor; }
    // Controls that it marks, in their order.
    virtual QList<ControlId> marked() const { return {}; }
    // Each gives whether that was for it, and the board does nothing more.
    virtual bool press(const QMouseEvent &, const Hit &) { return false; }
    virtual bool hover(QPoint) { return false; } // px in the viewport
    virtual bool wheel(const QWheelEvent &) { return false; }
    virtual bool key(const QKeyEvent &) { return false; }
    // It is over.
    virtual void end() {}

protected:
    const BoardScene &scene() const;

    BoardHost &m_board;
};

} // namespace nabblet
