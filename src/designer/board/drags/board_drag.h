// One drag of the mouse on the board, from the press to the release. Every kind is an object of its own: it begins,
// says at every move what the form would be, and ends.
#pragma once

#include "designer/board/scene/board_scene.h"
#include "designer/board/scene/hit.h"

#include <memory>

namespace nabblet {

class BoardHost;

class BoardDrag
{
public:
    BoardDrag(BoardHost &board, const Hit &hit, QPoint inViewport, Qt::KeyboardModifiers modifiers);
    virtual ~BoardDrag() = default;

    const DragMarks &marks() const { return m_marks; }
    Qt::KeyboardModifiers modifiers() const { return m_modifiers; }
    // The mouse is here now, px in the viewport.
    void follow(QPoint inViewport, Qt::KeyboardModifiers modifiers);
    // Other things are in sight now than when it began.
    void forgetSight() { m_index.reset(); }

    // The button went down.
    virtual void press() {}
    // The button came up where it went down.
    virtual void click() {}
    // The mouse is far enough from where it went down: a drag begins.
    virtual void begin();
    // The form as it would be; nothing where the drag shows otherwise what it does.
    virtual std::optional<Form> moved() { return std::nullopt; }
    // The button came up; the drag is over. edited: what moved() gave last.
    virtual void end(const std::optional<Form> &edited);

protected:
    // What its step of undo is called.
    virtual QString name() const { return {}; }

    const BoardScene &scene() const;
    QPoint distance() const { return m_marks.now - m_marks.start; } // on the form
    // With Alt, nothing snaps and nothing makes way.
    bool isFree() const { return m_modifiers.testFlag(Qt::AltModifier); }
    int pitch() const;
    // To the grid, or as it is where the drag is free.
    int snapped(int value) const;
    // How near something must come to be snapped to, px on the form.
    int reach() const;
    // What can be snapped to; those named cannot.
    const SnapIndex &snapIndex(const QList<ControlId> &without = {});

    BoardHost &m_board;
    const Hit m_hit;
    DragMarks m_marks;
    Form m_base; // what the drag starts from
    Qt::KeyboardModifiers m_modifiers;

private:
    std::optional<SnapIndex> m_index;
};

// The drag that a press there begins; nullptr where it begins none.
std::unique_ptr<BoardDrag> makeDrag(BoardHost &board, const Hit &hit, QPoint inViewport,
                                    Qt::KeyboardModifiers modifiers);

} // namespace nabblet
