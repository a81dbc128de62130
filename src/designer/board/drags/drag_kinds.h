// The kinds of drag, one file each in each/; see makeDrag() for which press begins which.
#pragma once

#include "designer/board/drags/board_drag.h"

namespace nabblet {

using DragMaker = std::unique_ptr<BoardDrag> (*)(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);

std::unique_ptr<BoardDrag> makeControlsDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeCaptionDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeResizeDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeRailDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeNewRailDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makePlacingDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeTracingDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeDividerDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeFormEdgeDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeBandEdgeDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeTabNumberDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeBoxDrag(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makePillPress(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);
std::unique_ptr<BoardDrag> makeSpinePress(BoardHost &, const Hit &, QPoint, Qt::KeyboardModifiers);

// What a file of a kind ends with.
template <typename Kind>
std::unique_ptr<BoardDrag> makeOne(BoardHost &board, const Hit &hit, QPoint inViewport, Qt::KeyboardModifiers modifiers)
{
    return std::make_unique<Kind>(board, hit, inViewport, modifiers);
}

} // namespace nabblet
