// A form at work as the person at it has it.
#include "core/arrange/edges.h"
#include "core/text/tr.h"
#include "entry/own_way/column_drag.h"
#include "entry/own_way/kept_own_way.h"
#include "entry/own_way/own_way_sheet.h"
#include "entry/view/band_view.h"
#include "entry/view/entry_view.h"
#include "entry/view/rows_band.h"

#include <cstdlib>

namespace nabblet {

void EntryView::setOwnWay(const OwnWay &way)
{
    if (!(way == m_ownWay)) {
        m_ownWay = way;
        rebuild(m_built);
    }
}

void EntryView::askForOwnWay()
{
    const EntryState &state = m_session->state();
    OwnWayAsked asked{m_built, m_ownWay, {}, [this](const OwnWay &way) { setOwnWay(way); }};
    asked.whyNotHidden = [&state](const Control &box) {
        const Column *column = state.table() ? findColumn(*state.table(), box.column) : nullptr;
        const bool fillsItself = column && column->hasDefault;
        const bool isNeeded = state.form.permissions.add && state.isNeeded(box) && !fillsItself;
        return isNeeded ? tr("needed") : QString();
    };
    const std::optional<OwnWay> wanted = nabblet::askForOwnWay(asked, this);
    if (!wanted) {
        return;
    }
    setOwnWay(*wanted);
    keepOwnWay(*m_session, *wanted);
    Q_EMIT m_session->said(wanted->isEmpty() ? tr("The form is shown as it was built.")
                                             : tr("The form is shown in your own way, on this computer."));
}

// The right edges of heads are dragged.
void EntryView::makeColumnDrag()
{
    if (!m_rows) {
        return;
    }
    constexpr int Near = 5; // px
    auto *drag = new ColumnDrag(bandView(BandRole::Header));
    drag->edgeAt = [this](QPoint at) -> std::optional<ColumnDrag::Edge> {
        const QList<ControlId> columns = columnsOfRows(m_whole);
        const BandView *heads = bandView(BandRole::Header);
        for (const ControlId id : columns) {
            const Control *cell = m_laidOut.controls.find(id);
            const Control *head = captionOf(m_laidOut, id);
            const bool isHead = cell && head && head->band == BandRole::Header && at.y() >= head->place.y() - Near &&
                                at.y() <= bottomOf(head->place) + Near;
            if (isHead && std::abs(at.x() + heads->shift() - rightOf(cell->place)) <= Near) {
                return ColumnDrag::Edge{id, cell->place.width() * 100 / zoom()};
            }
        }
        return {};
    };
    drag->widen = [this](ControlId column, int width) {
        OwnWay way = m_ownWay;
        // What the window stretched stays as wide as it is seen: only this one changes under the hand.
        const QList<ControlId> columns = m_laidOut.width == m_form.width ? QList<ControlId>() : columnsOfRows(m_whole);
        for (const ControlId id : columns) {
            const Control &other = *m_laidOut.controls.find(id);
            if (!way.widths.contains(other.name)) {
                way.widths.insert(other.name, other.place.width() * 100 / zoom());
            }
        }
        if (const Control *cell = m_built.controls.find(column)) {
            way.widths.insert(cell->name, width);
            setOwnWay(way);
        }
    };
    drag->done = [this] { keepOwnWay(*m_session, m_ownWay); };
}

} // namespace nabblet
