// Cut, copy, paste and duplicate on the board. What is copied is JSON text that other programs can read, too.
#pragma once

#include "designer/board/scene/board_scene.h"

namespace nabblet {

class BoardHost;

class BoardClipboard
{
public:
    explicit BoardClipboard(BoardHost &board) : m_board(board) {}

    void copy() const;
    void cut();
    enum class Place { Beside, InPlace };
    // Nothing happens when the clipboard holds no controls; why is said.
    void paste(Place place);
    // A copy of the selection, as far from it as the last copy was moved from what it was made of.
    void duplicate();

private:
    void pasteRules();
    const BoardScene &scene() const;
    Area pasteArea(const Form &clip) const;
    void selectCopies(const QList<ControlId> &controls);
    QRect firstBoxOfSelection() const;

    BoardHost &m_board;
    QList<ControlId> m_duplicates; // the last copies made, to see how far they were moved
    QPoint m_duplicatesAt;
};

} // namespace nabblet
