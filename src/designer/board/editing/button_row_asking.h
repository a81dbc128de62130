// Asks which buttons a row that was just placed is to have, until something else is done.
#pragma once

#include "designer/board/scene/board_scene.h"

namespace nabblet {

class BoardHost;

class ButtonRowAsking
{
public:
    explicit ButtonRowAsking(BoardHost &board) : m_board(board) {}

    // row: its buttons. actions: those that it may have.
    void ask(const QList<ControlId> &row, const QStringList &actions);
    // The row stands elsewhere in the viewport now.
    void put();
    // The form is another; without the row, nothing is asked any more.
    void follow(const Form &form);
    void end();

private:
    const BoardScene &scene() const;

    BoardHost &m_board;
    QPointer<QWidget> m_choice;
    QList<ControlId> m_row;
};

} // namespace nabblet
