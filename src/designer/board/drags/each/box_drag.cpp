// A box is drawn that selects: rightwards what lies inside, leftwards what it touches. A press without a drag selects
// the container or the band there; what is pasted then goes where it was.
#include "core/arrange/containers.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class BoxDrag : public BoardDrag
{
public:
    BoxDrag(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
        : BoardDrag(board, hit, at, modifiers)
    {
        m_marks.isBox = true;
    }

    void press() override
    {
        if (m_modifiers.testFlag(Qt::ControlModifier)) { // adds to what is selected
            m_before = scene().selection.controls();
            return;
        }
        Selection wanted;
        if (m_hit.kind == Hit::Inside) {
            wanted.set({m_hit.control});
        } else if (const auto band = scene().bandAt(m_marks.start)) {
            wanted.setBand(*band);
        }
        m_board.setSelection(wanted);
    }

    void click() override
    {
        if (scene().areaAt(scene().form(), m_marks.start)) {
            m_board.setClickedAt(m_marks.start);
        }
    }

    std::optional<Form> moved() override
    {
        const Form &form = scene().form();
        const QRect box = QRect(m_marks.start, m_marks.now).normalized();
        const bool isRightwards = m_marks.now.x() >= m_marks.start.x();
        QList<ControlId> boxed =
            controlsInBox(scene().inSight(form), box, isRightwards ? Reach::WhollyInside : Reach::Touched);
        if (m_hit.kind == Hit::Inside) { // a box drawn inside a container is about what stands there
            const QSet<ControlId> inside = membersOf(form, {m_hit.control});
            boxed.removeIf([&](ControlId id) { return !inside.contains(id); });
        }
        Selection wanted;
        wanted.set(m_before);
        wanted.add(boxed);
        m_board.setSelection(wanted);
        m_board.showAgain(scene().toViewport(m_last.united(box)).adjusted(-2, -2, 2, 2));
        m_last = box;
        return std::nullopt;
    }

    void end(const std::optional<Form> &) override {}

private:
    QList<ControlId> m_before; // selected before the press, and kept
    QRect m_last;              // as it was drawn last, on the form
};

} // namespace

std::unique_ptr<BoardDrag> makeBoxDrag(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
{
    return makeOne<BoxDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
