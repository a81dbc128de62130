// A handle of the lead: it is sized, and the others of the selection with it.
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"
#include "designer/board/drags/drag_kinds.h"
#include "designer/board/scene/board_host.h"

namespace nabblet {

namespace {

class ResizeDrag : public BoardDrag
{
public:
    using BoardDrag::BoardDrag;

    std::optional<Form> moved() override
    {
        const Control *control = m_base.controls.find(m_hit.control);
        const bool isLeft = m_hit.edges.testFlag(Edge::Left);
        const bool isTop = m_hit.edges.testFlag(Edge::Top);
        const bool isWidth = bool(m_hit.edges & (Edge::Left | Edge::Right));
        const bool isHeight = bool(m_hit.edges & (Edge::Top | Edge::Bottom));
        QPoint by = distance();
        QRect place = placeOnForm(m_base, *control);
        if (isWidth) {
            isLeft ? place.setLeft(place.left() + by.x()) : place.setRight(place.right() + by.x());
        }
        if (isHeight) {
            isTop ? place.setTop(place.top() + by.y()) : place.setBottom(place.bottom() + by.y());
        }
        m_marks.guides.clear();
        if (!isFree()) {
            Snapping snapping;
            snapping.place = snapping.whole = place;
            snapping.tolerance = reach();
            snapping.bandTop = bandTop(m_base, control->band);
            const Snap snap = snapIndex({control->id}).forResize(snapping, m_hit.edges);
            m_marks.guides = snap.guides;
            by += snap.by;
        }
        const RideRule rule = m_modifiers.testFlag(Qt::ShiftModifier) ? RideRule::Kept : RideRule::ByPlace;
        Form sized = resizeControls(m_base, {control->id}, m_hit.edges, by, rule);
        // The others get its new size along the direction that is dragged.
        const QSize size = sized.controls.find(control->id)->place.size();
        Edges edges;
        edges.setFlag(isLeft ? Edge::Left : Edge::Right, isWidth);
        edges.setFlag(isTop ? Edge::Top : Edge::Bottom, isHeight);
        for (const ControlId id : scene().selection.controls()) {
            const Control *other = sized.controls.find(id);
            if (id == control->id || !other || isCaption(*other)) {
                continue;
            }
            const QPoint grow(isWidth ? size.width() - other->place.width() : 0,
                              isHeight ? size.height() - other->place.height() : 0);
            sized = resizeControls(sized, {id}, edges,
                                   QPoint(isLeft ? -grow.x() : grow.x(), isTop ? -grow.y() : grow.y()), rule);
        }
        return sized;
    }

protected:
    QString name() const override
    {
        return counted(scene().selection.controls().size(), Texts::tr("Resize a control"),
                       Texts::tr("Resize %1 controls"));
    }
};

} // namespace

std::unique_ptr<BoardDrag> makeResizeDrag(BoardHost &board, const Hit &hit, QPoint at, Qt::KeyboardModifiers modifiers)
{
    return makeOne<ResizeDrag>(board, hit, at, modifiers);
}

} // namespace nabblet
