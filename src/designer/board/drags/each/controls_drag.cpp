// The selection is moved, or copied with Ctrl; into the area that it is dropped on. A press without a drag selects.
#include "core/arrange/grouping.h"
#include "core/arrange/rows.h"
#include "core/arrange/structure.h"
#include "core/edit/clipboard.h"
#include "core/edit/edits.h"
#include "core/text/tr.h"
#include "designer/board/commands/front_pages.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/drags/moving_drag.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class ControlsDrag : public MovingDrag
{
public:
    using MovingDrag::MovingDrag;

    // With a key held, what a click means waits for the release: a drag means something else.
    void press() override
    {
        if (!(m_modifiers & (Qt::ControlModifier | Qt::ShiftModifier | Qt::AltModifier))) {
            Selection wanted = scene().selection;
            wanted.choose(m_hit.control);
            m_board.setSelection(wanted);
        }
        turnToTabAt(m_board, m_hit.control, m_marks.start);
    }

    // Ctrl adds or takes away, Shift takes all between in the tab order, Alt what lies under.
    void click() override
    {
        Selection wanted = scene().selection;
        const Form &form = scene().form();
        if (m_modifiers.testFlag(Qt::AltModifier)) {
            const QList<ControlId> pile = controlsAt(scene().inSight(form), m_marks.start, hitSlack(scene()));
            const qsizetype at = pile.indexOf(wanted.lead());
            if (!pile.isEmpty()) {
                wanted.set({pile.at((at + 1) % pile.size())});
            }
        } else if (m_modifiers.testFlag(Qt::ShiftModifier)) {
            wanted.add(controlsBetween(form, wanted.lead() != 0 ? wanted.lead() : m_hit.control, m_hit.control));
        } else if (m_modifiers.testFlag(Qt::ControlModifier)) {
            wanted.toggle(m_hit.control);
        }
        m_board.setSelection(wanted);
    }

    void begin() override
    {
        if (!scene().selection.contains(m_hit.control)) {
            Selection wanted = scene().selection;
            m_modifiers.testFlag(Qt::ControlModifier) ? wanted.toggle(m_hit.control) : wanted.choose(m_hit.control);
            m_board.setSelection(wanted);
        }
        MovingDrag::begin();
        m_under = lyingUnder(m_base, m_marks.moving);
    }

    std::optional<Form> moved() override
    {
        copyInstead(m_modifiers.testFlag(Qt::ControlModifier));
        // What is dragged over a tab goes on to that page.
        if (const auto area = scene().areaAt(m_base, m_marks.now, m_marks.moving); area && area->container != 0) {
            turnToTabAt(m_board, area->container, m_marks.now);
        }
        const QPoint by = snappedMove();
        const Control *held = m_base.controls.find(m_hit.control);
        m_marks.target = scene().areaAt(m_base, m_marks.now, m_marks.moving);
        const bool isElsewhere = held && m_marks.target && *m_marks.target != areaOf(*held) && !isTabular(m_base);
        const Form moved = isElsewhere ? moveControlsInto(m_base, m_marks.moving, *m_marks.target, by)
                                       : moveControls(m_base, m_marks.moving, by);
        return isFree() ? moved : withWayMade(moved, m_marks.moving, m_under);
    }

    void end(const std::optional<Form> &edited) override
    {
        MovingDrag::end(edited);
        if (m_marks.isCopy) {
            m_board.select(m_marks.moving);
        }
    }

protected:
    QString name() const override
    {
        const qsizetype count = m_marks.moving.size();
        return m_marks.isCopy ? counted(count, Texts::tr("Copy a control"), Texts::tr("Copy %1 controls"))
                              : counted(count, Texts::tr("Move a control"), Texts::tr("Move %1 controls"));
    }

private:
    // With Ctrl held, copies are dragged and what they are made of stays.
    void copyInstead(bool wanted)
    {
        if (m_marks.isCopy == wanted) {
            return;
        }
        m_marks.isCopy = wanted;
        forgetSight();
        m_base = scene().form();
        m_marks.moving = scene().selection.controls();
        if (wanted) {
            const Pasted copies = pasted(m_base, clipOf(m_base, m_marks.moving), QPoint(),
                                         m_board.hooks().namingPattern, scene().areaOfSelection().value_or(Area()));
            m_base = copies.form;
            m_marks.moving = boxesAmong(copies.form, copies.controls);
            if (m_marks.moving.isEmpty()) {
                m_marks.moving = copies.controls;
            }
            m_under = lyingUnder(m_base, m_marks.moving);
        }
    }

    QSet<ControlId> m_under; // what it lay over from the start
};

} // namespace

std::unique_ptr<BoardDrag> makeControlsDrag(BoardHost &board, const Hit &hit, QPoint at,
                                            Qt::KeyboardModifiers modifiers)
{
    return makeOne<ControlsDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
