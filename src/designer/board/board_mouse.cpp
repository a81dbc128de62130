// What is under the mouse, and what clicks do.
#include "core/arrange/grid.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/arrange/structure.h"
#include "core/edit/clipboard.h"
#include "core/edit/edits.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/board_measures.h"

#include <QApplication>
#include <QContextMenuEvent>
#include <QMouseEvent>
#include <QScrollBar>
#include <QTimerEvent>

#include <algorithm>

namespace nabblet {

// ---------------------------------------------------------------- what is where

// Handles stand where there is room for them, so that what is small can still be taken hold of to move it.
QList<Edges> Board::handlesOf(const QRect &shown) const
{
    QList<Edges> handles;
    if (shown.width() >= 24) {
        handles += {Edges(Edge::Left), Edges(Edge::Right)};
    } else if (shown.width() >= 12) {
        handles.append(Edge::Right);
    }
    if (shown.height() >= 40) {
        handles += {Edges(Edge::Top), Edges(Edge::Bottom)};
        if (shown.width() >= 40) {
            handles += {Edge::Right | Edge::Bottom, Edge::Left | Edge::Bottom};
        }
    }
    return handles;
}

QRect Board::handleRect(const QRect &shown, Edges edges) const
{
    int x = shown.x() + shown.width() / 2;
    int y = shown.y() + shown.height() / 2;
    if (edges & Edge::Left) {
        x = shown.x();
    } else if (edges & Edge::Right) {
        x = rightOf(shown) - 1;
    }
    if (edges & Edge::Top) {
        y = shown.y();
    } else if (edges & Edge::Bottom) {
        y = bottomOf(shown) - 1;
    }
    return {x - HandleSize / 2, y - HandleSize / 2, HandleSize, HandleSize};
}

std::optional<BandRole> Board::bandAt(QPoint onForm) const
{
    const Form &form = shownForm();
    if (onForm.x() < 0 || onForm.x() >= form.width) {
        return {};
    }
    for (const Band &band : form.bands) {
        const int top = bandTop(form, band.role);
        if (onForm.y() >= top && onForm.y() < top + band.height) {
            return band.role;
        }
    }
    return {};
}

Board::Hit Board::hitAt(QPoint at) const
{
    const Form &form = shownForm();
    Hit hit;
    if (at.y() < RulerHeight) {
        QList<RailId> rails{FixedRail::FormRight};
        for (const Rail &rail : form.rails) {
            rails.prepend(rail.id);
        }
        for (const RailId rail : rails) {
            if (std::abs(railKnob(rail).x() - at.x()) <= KnobRadius + 2) {
                hit.kind = rail == FixedRail::FormRight ? Hit::FormEdge : Hit::RailKnob;
                hit.rail = rail;
                return hit;
            }
        }
        if (toForm(at).x() >= 0 && toForm(at).x() <= form.width) {
            hit.kind = Hit::Ruler;
        }
        return hit;
    }
    const QPoint point = toForm(at);
    if (!m_placing.isEmpty()) {
        hit.kind = areaAt(m_document->form(), point) ? Hit::Placing : Hit::Nothing;
        return hit;
    }
    if (m_movesTracing) {
        hit.kind = Hit::Tracing;
        return hit;
    }
    if (m_showsTabOrder) {
        const Form inSight = seen(form);
        const QList<ControlId> stops = tabSequence(inSight);
        for (const ControlId id : stops) {
            if (tabBadge(id).contains(at) || viewportRectOf(id).contains(at)) {
                hit.kind = Hit::TabBadge;
                hit.control = id;
                return hit;
            }
        }
        // Tabs still turn their pages.
        const nabblet::Control *container = inSight.controls.find(containerAt(inSight, point));
        if (container && tabAt(*container, point - placeOnForm(inSight, *container).topLeft()) != 0) {
            hit.kind = Hit::Control;
            hit.control = container->id;
        }
        return hit;
    }
    for (int i = 0; i < m_pills.size(); ++i) {
        if (pillRect(m_pills.at(i)).contains(at)) {
            hit.kind = Hit::GapPill;
            hit.pill = i;
            return hit;
        }
    }
    if (const std::optional<Direction> direction = holdSignAt(at)) {
        hit.kind = Hit::HoldSign;
        hit.direction = *direction;
        return hit;
    }
    if (const nabblet::Control *lead = form.controls.find(m_selection.lead()); lead && !isCaption(*lead)) {
        const QRect shown = toViewport(placeOnForm(form, *lead));
        for (const Edges edges : handlesOf(shown)) {
            // Inside a small control, moving it matters more than sizing it.
            const int room = shown.width() < 40 || shown.height() < 20 ? 1 : 3;
            if (handleRect(shown, edges).adjusted(-room, -room, room, room).contains(at)) {
                hit.kind = Hit::Handle;
                hit.control = lead->id;
                hit.edges = edges;
                return hit;
            }
        }
        if (captionHandle().adjusted(-3, -3, 3, 3).contains(at)) {
            hit.kind = Hit::CaptionHandle;
            hit.control = captionOf(form, lead->id)->id;
            return hit;
        }
    }
    if (at.x() >= SpineWidth && at.x() < LeftSide - 2) {
        for (const Rail &rail : form.levelRails) {
            if (std::abs(railKnob(rail.id).y() - at.y()) <= KnobRadius + 1) {
                hit.kind = Hit::RailKnob;
                hit.rail = rail.id;
                return hit;
            }
        }
        const int body = bandTop(form, BandRole::Body);
        if (point.y() >= body && point.y() <= body + railPosition(form, FixedRail::BodyBottom)) {
            hit.kind = Hit::SideRuler;
            hit.band = BandRole::Body;
        }
        return hit;
    }
    if (at.x() < SpineWidth) {
        for (const BandRole role : {BandRole::Header, BandRole::Footer}) {
            if (bandAdder(role).adjusted(-2, -2, 2, 2).contains(at)) {
                hit.kind = Hit::AddBand;
                hit.band = role;
                return hit;
            }
        }
        for (const Band &band : form.bands) {
            const int top = bandTop(form, band.role);
            if (std::abs(toViewport(QPoint(0, top + band.height)).y() - at.y()) <= EdgeSlack) {
                hit.kind = Hit::BandEdge;
                hit.band = band.role;
                return hit;
            }
            if (point.y() >= top && point.y() < top + band.height) {
                hit.kind = Hit::Spine;
                hit.band = band.role;
                return hit;
            }
        }
        return hit;
    }
    const int slack = std::max(1, HitSlack * 100 / m_zoom);
    const Form inSight = seen(form);
    hit.control = controlAt(inSight, point, slack);
    if (hit.control != 0) {
        // What is selected already is kept hold of where it lies under another.
        const QList<ControlId> pile = controlsAt(inSight, point, slack);
        for (const ControlId id : pile) {
            if (id == m_selection.lead()) {
                hit.control = id;
            }
        }
        hit.kind = Hit::Control;
        return hit;
    }
    hit.control = containerAt(inSight, point);
    if (hit.control != 0) {
        const nabblet::Control &container = *inSight.controls.find(hit.control);
        const QPoint inside = point - placeOnForm(inSight, container).topLeft();
        const int off = (areStacked(container) ? inside.y() : inside.x()) - dividerOf(container);
        const bool isDivider = kindNamed(container.kind).holds == Holds::Panes && std::abs(off) <= slack;
        hit.kind = isDivider ? Hit::Divider : Hit::Inside;
        return hit;
    }
    const bool isAtEdge = std::abs(toViewport(QPoint(form.width, 0)).x() - at.x()) <= EdgeSlack;
    if (isAtEdge && point.y() >= 0 && point.y() < formHeight(form)) {
        hit.kind = Hit::FormEdge;
        return hit;
    }
    for (const Band &band : form.bands) {
        const int edge = toViewport(QPoint(0, bandTop(form, band.role) + band.height)).y();
        if (std::abs(edge - at.y()) <= EdgeSlack && point.x() <= form.width) {
            hit.kind = Hit::BandEdge;
            hit.band = band.role;
            return hit;
        }
    }
    return hit;
}

// ---------------------------------------------------------------- mouse

void Board::mousePressEvent(QMouseEvent *event)
{
    finishCaption(true);
    endAskingForButtons();
    endPreview();
    setTrialSize({});
    const Hit hit = hitAt(event->pos());
    if (!m_placing.isEmpty() && (event->button() == Qt::RightButton || hit.kind != Hit::Placing)) {
        endPlacing(); // a click beside the form puts the kind back
        return;
    }
    if (event->button() == Qt::RightButton) {
        // The menu is about what is under it.
        Selection wanted = m_selection;
        const bool isOne = hit.kind == Hit::Control || hit.kind == Hit::Inside;
        if (isOne && !m_selection.contains(hit.control)) {
            wanted.choose(hit.control);
        } else if (hit.kind == Hit::RailKnob) {
            wanted.setRail(hit.rail);
        } else if (hit.kind == Hit::Spine) {
            wanted.setBand(hit.band);
        } else if (const auto band = bandAt(toForm(event->pos())); hit.kind == Hit::Nothing && band) {
            wanted.setBand(*band);
        }
        setSelection(wanted);
        return;
    }
    if (event->button() != Qt::LeftButton) {
        return;
    }
    if (m_lookFrom != 0) {
        if (hit.kind != Hit::Control && hit.kind != Hit::Handle) {
            endModes();
            return;
        }
        m_document->apply(tr("Copy a look"), withLookOf(m_document->form(), m_lookFrom, {hit.control}));
        if (m_lookCopies == LookCopies::Once) {
            endModes();
        }
        return;
    }
    m_clickedAt.reset();
    if (hit.kind == Hit::HoldSign) {
        holdNext(hit.direction);
        return;
    }
    if (hit.kind == Hit::AddBand) {
        const Form &form = m_document->form();
        hit.band == BandRole::Header ? m_document->apply(tr("Add the header"), withTitledHeader(form, m_appearance))
                                     : m_document->apply(tr("Add the footer"), withBand(form, hit.band));
        Selection wanted;
        wanted.setBand(hit.band);
        setSelection(wanted);
        return;
    }
    if (const nabblet::Control *panes = m_document->form().controls.find(hit.control);
        panes && kindNamed(panes->kind).holds == Holds::Panes) {
        const QPoint inBand = toForm(event->pos()) - QPoint(0, bandTop(m_document->form(), panes->band));
        setFrontPage(panes->id, pageAt(*panes, inBand, m_fronts)); // what is put into it goes into that pane
    }
    Drag drag;
    drag.hit = hit;
    drag.inViewport = event->pos();
    drag.start = drag.now = toForm(event->pos());
    drag.modifiers = event->modifiers();
    drag.before = m_selection.controls();
    Selection wanted = m_selection;
    switch (hit.kind) {
    case Hit::Control:
        // With a key held, what a click means waits for the release: a drag means something else.
        if (!(event->modifiers() & (Qt::ControlModifier | Qt::ShiftModifier | Qt::AltModifier))) {
            wanted.choose(hit.control);
            setSelection(wanted);
        }
        turnToTabAt(hit.control, drag.start);
        break;
    case Hit::RailKnob:
        wanted.setRail(hit.rail);
        setSelection(wanted);
        break;
    case Hit::Spine:
        wanted.setBand(hit.band);
        setSelection(wanted);
        break;
    case Hit::Divider:
        wanted.choose(hit.control);
        setSelection(wanted);
        break;
    case Hit::Inside:
    case Hit::Nothing:
        if (m_showsTabOrder) {
            return;
        }
        drag.isBox = true;
        if (!event->modifiers().testFlag(Qt::ControlModifier)) {
            drag.before.clear();
            wanted.clear();
            if (hit.kind == Hit::Inside) {
                wanted.set({hit.control});
            } else if (const auto band = bandAt(drag.start)) {
                wanted.setBand(*band);
            }
            setSelection(wanted);
        }
        break;
    default:
        break;
    }
    m_drag = drag;
}

// A click with a key held: Ctrl adds or takes away, Shift takes all between in the tab order, Alt what lies under.
void Board::clickControl(const Drag &drag)
{
    Selection wanted = m_selection;
    const Form &form = m_document->form();
    if (drag.modifiers.testFlag(Qt::AltModifier)) {
        const QList<ControlId> pile = controlsAt(seen(form), drag.start, std::max(1, HitSlack * 100 / m_zoom));
        const qsizetype at = pile.indexOf(m_selection.lead());
        if (!pile.isEmpty()) {
            wanted.set({pile.at((at + 1) % pile.size())});
        }
    } else if (drag.modifiers.testFlag(Qt::ShiftModifier)) {
        const ControlId from = m_selection.lead() != 0 ? m_selection.lead() : drag.hit.control;
        wanted.add(controlsBetween(form, from, drag.hit.control));
    } else if (drag.modifiers.testFlag(Qt::ControlModifier)) {
        wanted.toggle(drag.hit.control);
    }
    setSelection(wanted);
}

void Board::mouseMoveEvent(QMouseEvent *event)
{
    if (m_drag && event->buttons().testFlag(Qt::LeftButton)) {
        followDrag(event->pos(), event->modifiers());
        return;
    }
    if (!m_placing.isEmpty()) {
        hoverPlacing(event->pos());
        return;
    }
    if (m_lookFrom != 0) {
        return;
    }
    const Hit hit = hitAt(event->pos());
    Qt::CursorShape shape = Qt::ArrowCursor;
    switch (hit.kind) {
    case Hit::Handle:
        shape = hit.edges == (Edge::Right | Edge::Bottom)  ? Qt::SizeFDiagCursor
                : hit.edges == (Edge::Left | Edge::Bottom) ? Qt::SizeBDiagCursor
                : hit.edges & (Edge::Top | Edge::Bottom)   ? Qt::SizeVerCursor
                                                           : Qt::SizeHorCursor;
        break;
    case Hit::RailKnob:
        shape = isLevelRail(m_document->form(), hit.rail) ? Qt::SplitVCursor : Qt::SplitHCursor;
        break;
    case Hit::FormEdge:
    case Hit::Ruler:
        shape = Qt::SplitHCursor;
        break;
    case Hit::SideRuler:
    case Hit::BandEdge:
        shape = Qt::SplitVCursor;
        break;
    case Hit::Divider:
        shape = areStacked(*m_document->form().controls.find(hit.control)) ? Qt::SplitVCursor : Qt::SplitHCursor;
        break;
    case Hit::GapPill:
    case Hit::HoldSign:
    case Hit::TabBadge:
    case Hit::AddBand:
    case Hit::Spine:
        shape = Qt::PointingHandCursor;
        break;
    case Hit::Placing:
        shape = Qt::CrossCursor;
        break;
    case Hit::Tracing:
        shape = Qt::OpenHandCursor;
        break;
    case Hit::CaptionHandle:
        shape = Qt::SizeAllCursor;
        break;
    case Hit::Control:
        shape = m_selection.contains(hit.control) ? Qt::SizeAllCursor : Qt::ArrowCursor;
        break;
    case Hit::Inside:
    case Hit::Nothing:
        break;
    }
    viewport()->setCursor(shape);
}

void Board::mouseReleaseEvent(QMouseEvent *event)
{
    m_autoScroll.stop();
    if (event->button() != Qt::LeftButton || !m_drag) {
        return;
    }
    followDrag(event->pos(), event->modifiers());
    if (m_drag->isMoving) {
        finishDrag();
        return;
    }
    const Drag drag = *m_drag;
    m_drag.reset();
    if (drag.hit.kind == Hit::Placing) {
        const QString kind = m_placing;
        const PlacedControl placed = placedBetween(kind, drag.start, drag.start);
        if (!drag.modifiers.testFlag(Qt::ShiftModifier)) {
            endPlacing();
        }
        place(kind, placed);
    } else if (drag.hit.kind == Hit::Control) {
        clickControl(drag);
    } else if (drag.hit.kind == Hit::GapPill && drag.hit.pill < m_pills.size()) {
        const Gap gap = m_pills.at(drag.hit.pill);
        m_document->apply(tr("Set gaps to %1").arg(sizeInWords(gap.size, m_unit, m_document->form().grid.pitch)),
                          withGaps(m_document->form(), m_selection.controls(), gap.direction, gap.size));
    } else if (drag.hit.kind == Hit::TabBadge) {
        clickTabBadge(drag.hit.control);
    } else if (drag.isBox && areaAt(m_document->form(), drag.start)) {
        m_clickedAt = drag.start;
    }
}

void Board::mouseDoubleClickEvent(QMouseEvent *event)
{
    // A double click edits a caption where it stands, or goes into the form of a subform, and never does anything else.
    if (!m_placing.isEmpty()) {
        return; // never two by accident
    }
    const Hit hit = hitAt(event->pos());
    m_drag.reset();
    if (hit.kind == Hit::Control || hit.kind == Hit::Handle) {
        const nabblet::Control *control = m_document->form().controls.find(hit.control);
        if (control && control->inner && kindNamed(control->kind).editor == Editor::Rows) {
            Q_EMIT innerFormRequested(hit.control);
            return;
        }
        turnToTabAt(hit.control, toForm(event->pos()));
        editCaption(hit.control);
    } else if (hit.kind == Hit::TabBadge) {
        clickTabBadge(hit.control);
    }
}

void Board::wheelEvent(QWheelEvent *event)
{
    if (m_movesTracing) {
        const int steps = event->angleDelta().y() > 0 ? 1 : -1;
        scaleTracing(event->modifiers().testFlag(Qt::ControlModifier) ? steps : steps * 5,
                     toForm(event->position().toPoint()));
        event->accept();
        return;
    }
    if (!event->modifiers().testFlag(Qt::ControlModifier)) {
        QAbstractScrollArea::wheelEvent(event);
        return;
    }
    // The point under the mouse stays there.
    const QPoint at = event->position().toPoint();
    const QPoint stays = toForm(at);
    event->angleDelta().y() > 0 ? zoomIn() : zoomOut();
    const QPoint moved = toViewport(stays) - at;
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + moved.x());
    verticalScrollBar()->setValue(verticalScrollBar()->value() + moved.y());
    event->accept();
}

void Board::contextMenuEvent(QContextMenuEvent *event)
{
    Q_EMIT menuRequested(event->globalPos());
}

} // namespace nabblet
