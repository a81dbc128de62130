// A new control is drawn where it goes, or clicked down at its usual size.
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/modes/placing_mode.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class PlacingDrag : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    void click() override { placeTo(m_marks.start); }

    std::optional<Form> moved() override
    {
        m_marks.target = scene().areaAt(m_base, m_marks.start);
        const PlacingMode *mode = placingModeOf(m_board);
        return mode ? std::optional<Form>(mode->between(m_marks.start, m_marks.now).form) : std::nullopt;
    }

    void end(const std::optional<Form> &) override { placeTo(m_marks.now); }

private:
    void placeTo(QPoint to)
    {
        const PlacingMode *mode = placingModeOf(m_board);
        if (!mode) {
            return;
        }
        const QString kind = mode->kind();
        const PlacedControl placed = mode->between(m_marks.start, to);
        if (!m_modifiers.testFlag(Qt::ShiftModifier)) { // with it, another follows
            m_board.endMode();
        }
        putOnForm(m_board, kind, placed);
    }
};

} // namespace

std::unique_ptr<BoardDrag> makePlacingDrag(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
{
    return makeOne<PlacingDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
