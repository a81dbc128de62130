// A step of undo that changes the looks and styles of the project, not the form.
#pragma once

#include "core/looks/files/look_book.h"

#include <QUndoCommand>

#include <functional>

namespace nabblet {

class LookStep : public QUndoCommand
{
public:
    // now: the looks as they are; put: has them be others.
    LookStep(const QString &name, LookBook before, LookBook after, std::function<LookBook()> now,
             std::function<void(const LookBook &)> put);

    void undo() override;
    void redo() override;

private:
    LookBook m_before;
    LookBook m_after;
    std::function<LookBook()> m_now;
    std::function<void(const LookBook &)> m_put;
};

// What is now, with the looks and styles that differ between two states taken from the second: what others changed
// meanwhile stays.
LookBook withChangesOf(LookBook now, const LookBook &before, const LookBook &after);

} // namespace nabblet
