#include "designer/board/drags/moving_drag.h"

#include "core/arrange/moving.h"
#include "core/arrange/rows.h"
#include "core/kinds/kind.h"

#include <cstdlib>

namespace nabblet {

QPoint MovingDrag::snappedMove()
{
    QPoint raw = distance();
    m_marks.guides.clear();
    // Copies have other ids; the one that stands where the one under the hand stands is meant.
    const Control *held = m_base.controls.find(m_hit.control);
    if (!held || m_marks.moving.isEmpty()) {
        return {};
    }
    if (m_marks.isCopy) {
        for (const ControlId id : std::as_const(m_marks.moving)) {
            const Control *copy = m_base.controls.find(id);
            held = copy->place == held->place && copy->band == held->band ? copy : held;
        }
    }
    const bool isOneAxis = m_modifiers.testFlag(Qt::ShiftModifier);
    const bool isAcross = !isOneAxis || std::abs(raw.x()) >= std::abs(raw.y());
    const bool isDown = !isOneAxis || !isAcross;
    raw = QPoint(isAcross ? raw.x() : 0, isDown ? raw.y() : 0);
    if (isFree()) {
        return raw;
    }
    QRect whole;
    for (const Arranged &item : arrangedOf(m_base, m_marks.moving)) {
        whole = whole.united(item.whole.translated(0, bandTop(m_base, item.area.band)));
    }
    if (isCaption(*held)) {
        whole = placeOnForm(m_base, *held);
    }
    Snapping snapping;
    snapping.place = placeOnForm(m_base, *held).translated(raw);
    snapping.whole = whole.translated(raw);
    snapping.baseline = textBaseline(*held, scene().appearance);
    snapping.tolerance = reach();
    snapping.bandTop = bandTop(m_base, scene().bandAt(m_marks.now).value_or(held->band));
    snapping.isAcross = isAcross;
    snapping.isDown = isDown;
    const Snap snap = snapIndex(m_marks.moving).forMove(snapping);
    m_marks.guides = snap.guides;
    return raw + snap.by;
}

} // namespace nabblet
