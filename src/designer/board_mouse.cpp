// What is under the mouse, and what dragging it does.
#include "core/arrange/grid.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/arrange/structure.h"
#include "core/edit/clipboard.h"
#include "core/text/tr.h"
#include "designer/board.h"
#include "designer/board_measures.h"

#include <QApplication>
#include <QContextMenuEvent>
#include <QMouseEvent>
#include <QScrollBar>
#include <QTimerEvent>

#include <algorithm>

namespace nabblet {

namespace {

bool isCaption(const nabblet::Control &control)
{
    return control.kind == QLatin1String("caption");
}

} // namespace

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
    if (m_showsTabOrder) {
        const QList<ControlId> stops = tabSequence(form);
        for (const ControlId id : stops) {
            if (tabBadge(id).contains(at) || viewportRectOf(id).contains(at)) {
                hit.kind = Hit::TabBadge;
                hit.control = id;
                return hit;
            }
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
    if (at.x() < SpineWidth) {
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
    hit.control = controlAt(form, point, slack);
    if (hit.control != 0) {
        // What is selected already is kept hold of where it lies under another.
        const QList<ControlId> pile = controlsAt(form, point, slack);
        for (const ControlId id : pile) {
            if (id == m_selection.lead()) {
                hit.control = id;
            }
        }
        hit.kind = Hit::Control;
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
    endPreview();
    setTrialWidth(0);
    const Hit hit = hitAt(event->pos());
    if (event->button() == Qt::RightButton) {
        // The menu is about what is under it.
        Selection wanted = m_selection;
        if (hit.kind == Hit::Control && !m_selection.contains(hit.control)) {
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
        break;
    case Hit::RailKnob:
        wanted.setRail(hit.rail);
        setSelection(wanted);
        break;
    case Hit::Spine:
        wanted.setBand(hit.band);
        setSelection(wanted);
        break;
    case Hit::Nothing:
        if (m_showsTabOrder) {
            return;
        }
        drag.isBox = true;
        if (!event->modifiers().testFlag(Qt::ControlModifier)) {
            drag.before.clear();
            wanted.clear();
            if (const auto band = bandAt(drag.start)) {
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
        const QList<ControlId> pile = controlsAt(form, drag.start, std::max(1, HitSlack * 100 / m_zoom));
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
    case Hit::FormEdge:
    case Hit::Ruler:
        shape = Qt::SplitHCursor;
        break;
    case Hit::BandEdge:
        shape = Qt::SplitVCursor;
        break;
    case Hit::GapPill:
    case Hit::TabBadge:
    case Hit::Spine:
        shape = Qt::PointingHandCursor;
        break;
    case Hit::CaptionHandle:
        shape = Qt::SizeAllCursor;
        break;
    case Hit::Control:
        shape = m_selection.contains(hit.control) ? Qt::SizeAllCursor : Qt::ArrowCursor;
        break;
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
    if (drag.hit.kind == Hit::Control) {
        clickControl(drag);
    } else if (drag.hit.kind == Hit::GapPill && drag.hit.pill < m_pills.size()) {
        const Gap gap = m_pills.at(drag.hit.pill);
        m_document->apply(tr("Set gaps to %1").arg(sizeInWords(gap.size, m_unit, m_document->form().grid.pitch)),
                          withGaps(m_document->form(), m_selection.controls(), gap.direction, gap.size));
    } else if (drag.hit.kind == Hit::TabBadge) {
        clickTabBadge(drag.hit.control);
    }
}

void Board::mouseDoubleClickEvent(QMouseEvent *event)
{
    // A double click edits a caption where it stands and never does anything else.
    const Hit hit = hitAt(event->pos());
    m_drag.reset();
    if (hit.kind == Hit::Control || hit.kind == Hit::Handle) {
        editCaption(hit.control);
    } else if (hit.kind == Hit::TabBadge) {
        clickTabBadge(hit.control);
    }
}

void Board::wheelEvent(QWheelEvent *event)
{
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

// ---------------------------------------------------------------- dragging

void Board::timerEvent(QTimerEvent *event)
{
    if (event->timerId() != m_autoScroll.timerId() || !m_drag) {
        QAbstractScrollArea::timerEvent(event);
        return;
    }
    const QPoint at = m_drag->inViewport;
    const auto speed = [](int coordinate, int least, int most) {
        return coordinate < least ? (coordinate - least) / 2 : coordinate > most ? (coordinate - most) / 2 : 0;
    };
    const int x = speed(at.x(), LeftSide + ScrollZone / 2, viewport()->width() - ScrollZone);
    const int y = speed(at.y(), RulerHeight + ScrollZone / 2, viewport()->height() - ScrollZone);
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + x);
    verticalScrollBar()->setValue(verticalScrollBar()->value() + y);
    if (x != 0 || y != 0) {
        followDrag(at, m_drag->modifiers);
    }
}

void Board::followDrag(QPoint inViewport, Qt::KeyboardModifiers modifiers)
{
    Drag &drag = *m_drag;
    const QRect oldBox = QRect(drag.start, drag.now).normalized();
    const int distance = (inViewport - toViewport(drag.start)).manhattanLength();
    drag.inViewport = inViewport;
    drag.now = toForm(inViewport);
    drag.modifiers = modifiers;
    if (!drag.isMoving && distance < QApplication::startDragDistance() / 2) {
        return;
    }
    if (drag.hit.kind == Hit::Nothing && !drag.isBox) {
        return;
    }
    if (!drag.isMoving) {
        drag.isMoving = true;
        m_autoScroll.start(30, this);
        drag.base = m_document->form();
        if (drag.hit.kind == Hit::Control && !m_selection.contains(drag.hit.control)) {
            Selection wanted = m_selection;
            if (modifiers.testFlag(Qt::ControlModifier)) {
                wanted.toggle(drag.hit.control);
            } else {
                wanted.choose(drag.hit.control);
            }
            setSelection(wanted);
        }
        drag.moving = drag.hit.kind == Hit::CaptionHandle ? QList<ControlId>{drag.hit.control} : m_selection.controls();
        drag.under = lyingUnder(drag.base, drag.moving);
    }
    if (drag.isBox) {
        const bool isRightwards = drag.now.x() >= drag.start.x();
        const QRect box = QRect(drag.start, drag.now).normalized();
        Selection wanted;
        wanted.set(drag.before);
        wanted.add(controlsInBox(m_document->form(), box, isRightwards ? Reach::WhollyInside : Reach::Touched));
        setSelection(wanted);
        viewport()->update(toViewport(oldBox.united(box)).adjusted(-2, -2, 2, 2));
        return;
    }
    if (drag.hit.kind == Hit::TabBadge || drag.hit.kind == Hit::GapPill || drag.hit.kind == Hit::Spine) {
        viewport()->update();
        return;
    }
    if (drag.hit.kind == Hit::Control) {
        startCopies(drag, modifiers.testFlag(Qt::ControlModifier));
    }
    const Form before = shownForm();
    m_dragged = draggedForm();
    if (m_pills.size() <= 60) {
        updatePills();
    }
    showForm(before, *m_dragged);
}

// With Ctrl held, copies are dragged and what they are made of stays.
void Board::startCopies(Drag &drag, bool wanted)
{
    if (drag.isCopy == wanted) {
        return;
    }
    drag.isCopy = wanted;
    drag.index.reset();
    drag.base = m_document->form();
    drag.moving = m_selection.controls();
    if (wanted) {
        const Pasted copies = pasted(drag.base, clipOf(drag.base, m_selection.controls()), QPoint(), m_namingPattern);
        drag.base = copies.form;
        drag.moving = boxesAmong(copies.form, copies.controls);
        if (drag.moving.isEmpty()) {
            drag.moving = copies.controls;
        }
        drag.under = lyingUnder(drag.base, drag.moving);
    }
}

// How far the selection moves: to where it snaps, or freely with Alt; along one axis with Shift.
QPoint Board::snappedMove(Drag &drag, const Form &base)
{
    QPoint raw = drag.now - drag.start;
    drag.guides.clear();
    // Copies have other ids; the one that stands where the one under the hand stands is meant.
    const nabblet::Control *held = base.controls.find(drag.hit.control);
    if (!held || drag.moving.isEmpty()) {
        return {};
    }
    if (drag.isCopy) {
        for (const ControlId id : std::as_const(drag.moving)) {
            const nabblet::Control *copy = base.controls.find(id);
            held = copy->place == held->place && copy->band == held->band ? copy : held;
        }
    }
    const bool isOneAxis = drag.modifiers.testFlag(Qt::ShiftModifier);
    const bool isAcross = !isOneAxis || std::abs(raw.x()) >= std::abs(raw.y());
    const bool isDown = !isOneAxis || !isAcross;
    raw = QPoint(isAcross ? raw.x() : 0, isDown ? raw.y() : 0);
    if (drag.modifiers.testFlag(Qt::AltModifier)) {
        return raw;
    }
    if (!drag.index) {
        drag.index.emplace(base, drag.moving, m_appearance);
    }
    QRect whole;
    for (const Arranged &item : arrangedOf(base, drag.moving)) {
        whole = whole.united(item.whole.translated(0, bandTop(base, item.band)));
    }
    if (isCaption(*held)) {
        whole = placeOnForm(base, *held);
    }
    Snapping snapping;
    snapping.place = placeOnForm(base, *held).translated(raw);
    snapping.whole = whole.translated(raw);
    snapping.baseline = textBaseline(*held, m_appearance);
    snapping.tolerance = std::max(1, SnapReach * 100 / m_zoom);
    const auto band = bandAt(drag.now);
    snapping.bandTop = bandTop(base, band.value_or(held->band));
    snapping.isAcross = isAcross;
    snapping.isDown = isDown;
    const Snap snap = drag.index->forMove(snapping);
    drag.guides = snap.guides;
    return raw + snap.by;
}

Form Board::draggedForm()
{
    Drag &drag = *m_drag;
    const Form &form = drag.base;
    const int pitch = std::max(1, form.grid.pitch);
    const QPoint raw = drag.now - drag.start;
    const bool isFree = drag.modifiers.testFlag(Qt::AltModifier);
    const auto snapped = [&](int value) { return isFree ? value : onGrid(value, pitch); };
    const int reach = std::max(1, SnapReach * 100 / m_zoom);
    switch (drag.hit.kind) {
    case Hit::Control: {
        const QPoint by = snappedMove(drag, form);
        const nabblet::Control *held = form.controls.find(drag.hit.control);
        const auto target = bandAt(drag.now);
        const bool isElsewhere = held && target && *target != held->band && !isTabular(form);
        const Form moved =
            isElsewhere ? moveControlsToBand(form, drag.moving, *target, by) : moveControls(form, drag.moving, by);
        return isFree ? moved : withWayMade(moved, drag.moving, drag.under);
    }
    case Hit::CaptionHandle: {
        const QPoint by = snappedMove(drag, form);
        return moveControls(form, {drag.hit.control}, by);
    }
    case Hit::Handle: {
        const nabblet::Control *control = form.controls.find(drag.hit.control);
        const bool isLeft = drag.hit.edges.testFlag(Edge::Left);
        const bool isTop = drag.hit.edges.testFlag(Edge::Top);
        QRect place = placeOnForm(form, *control);
        if (drag.hit.edges & (Edge::Left | Edge::Right)) {
            isLeft ? place.setLeft(place.left() + raw.x()) : place.setRight(place.right() + raw.x());
        }
        if (drag.hit.edges & (Edge::Top | Edge::Bottom)) {
            isTop ? place.setTop(place.top() + raw.y()) : place.setBottom(place.bottom() + raw.y());
        }
        QPoint by = raw;
        drag.guides.clear();
        if (!isFree) {
            if (!drag.index) {
                drag.index.emplace(form, QList<ControlId>{control->id}, m_appearance);
            }
            Snapping snapping;
            snapping.place = snapping.whole = place;
            snapping.tolerance = reach;
            snapping.bandTop = bandTop(form, control->band);
            const Snap snap = drag.index->forResize(snapping, drag.hit.edges);
            drag.guides = snap.guides;
            by += snap.by;
        }
        const RideRule rule = drag.modifiers.testFlag(Qt::ShiftModifier) ? RideRule::Kept : RideRule::ByPlace;
        Form sized = resizeControls(form, {control->id}, drag.hit.edges, by, rule);
        // The others of the selection get its new size along the direction that is dragged.
        const QSize size = sized.controls.find(control->id)->place.size();
        const bool isWidth = bool(drag.hit.edges & (Edge::Left | Edge::Right));
        const bool isHeight = bool(drag.hit.edges & (Edge::Top | Edge::Bottom));
        for (const ControlId id : m_selection.controls()) {
            const nabblet::Control *other = sized.controls.find(id);
            if (id == control->id || !other || isCaption(*other)) {
                continue;
            }
            const QPoint grow(isWidth ? size.width() - other->place.width() : 0,
                              isHeight ? size.height() - other->place.height() : 0);
            Edges edges;
            edges.setFlag(isLeft ? Edge::Left : Edge::Right, isWidth);
            edges.setFlag(isTop ? Edge::Top : Edge::Bottom, isHeight);
            sized = resizeControls(sized, {id}, edges,
                                   QPoint(isLeft ? -grow.x() : grow.x(), isTop ? -grow.y() : grow.y()), rule);
        }
        return sized;
    }
    case Hit::RailKnob: {
        const int wanted = railPosition(form, drag.hit.rail) + raw.x();
        return moveRail(form, drag.hit.rail, snapped(wanted));
    }
    case Hit::Ruler: {
        if (drag.inViewport.y() <= RulerHeight) {
            drag.guides.clear();
            return form; // not drawn out, or put back
        }
        if (!drag.index) {
            drag.index.emplace(form, QList<ControlId>(), m_appearance);
        }
        const Snap snap = isFree ? Snap() : drag.index->forLine(drag.now.x(), reach);
        drag.guides = snap.guides;
        return withRail(form, drag.now.x() + snap.by.x());
    }
    case Hit::FormEdge:
        return setFormWidth(form, snapped(form.width + raw.x()));
    case Hit::BandEdge:
        return setBandHeight(form, drag.hit.band, snapped(findBand(form, drag.hit.band)->height + raw.y()),
                             drag.modifiers.testFlag(Qt::ControlModifier) ? Crowding::Pushes : Crowding::StopsAt);
    default:
        break;
    }
    return form;
}

QString Board::dragName() const
{
    const qsizetype count = m_drag->moving.size();
    switch (m_drag->hit.kind) {
    case Hit::Control:
        return m_drag->isCopy ? counted(count, tr("Copy a control"), tr("Copy %1 controls"))
                              : counted(count, tr("Move a control"), tr("Move %1 controls"));
    case Hit::CaptionHandle:
        return tr("Shift a caption");
    case Hit::Handle:
        return counted(m_selection.controls().size(), tr("Resize a control"), tr("Resize %1 controls"));
    case Hit::RailKnob:
        return tr("Move a rail");
    case Hit::Ruler:
        return tr("Make a rail");
    case Hit::FormEdge:
        return tr("Change the form's width");
    case Hit::BandEdge:
        return tr("Change a band's height");
    default:
        break;
    }
    return {};
}

void Board::finishDrag()
{
    const bool isEdit = m_dragged.has_value();
    const Form edited = shownForm();
    const QString name = dragName();
    const Drag drag = *m_drag;
    m_drag.reset();
    m_dragged.reset();
    m_paintedControls.clear();
    viewport()->update();
    if (drag.hit.kind == Hit::TabBadge) {
        // A number dropped on another field: it comes just before it, or behind it when it was dragged backwards.
        for (const ControlId id : tabSequence(m_document->form())) {
            const bool isThere = tabBadge(id).contains(drag.inViewport) || viewportRectOf(id).contains(drag.inViewport);
            if (id != drag.hit.control && isThere) {
                QList<ControlId> order = tabSequence(m_document->form());
                const qsizetype from = order.indexOf(drag.hit.control);
                const qsizetype to = order.indexOf(id);
                order.move(from, to);
                m_document->apply(tr("Change the tab order"), withHandOrder(m_document->form(), order));
                return;
            }
        }
        return;
    }
    if (!isEdit) {
        return;
    }
    const RailId newRail = drag.hit.kind == Hit::Ruler && edited.rails.size() > m_document->form().rails.size()
                               ? edited.rails.last().id
                               : FixedRail::None;
    m_document->apply(name, edited);
    if (drag.isCopy) {
        select(drag.moving);
    }
    if (newRail != FixedRail::None) {
        Selection rail;
        rail.setRail(newRail);
        setSelection(rail);
    }
    updatePills();
    updateScrollBars();
}

void Board::giveUpDrag()
{
    m_autoScroll.stop();
    m_drag.reset();
    m_dragged.reset();
    m_paintedControls.clear();
    updatePills();
    viewport()->update();
}

// The fields clicked so far come first, in that order; the others follow as they did.
void Board::clickTabBadge(ControlId control)
{
    if (m_tabClicked.contains(control)) {
        m_tabClicked.clear(); // begins anew
    }
    m_tabClicked.append(control);
    QList<ControlId> order = m_tabClicked;
    for (const ControlId id : tabSequence(m_document->form())) {
        if (!order.contains(id)) {
            order.append(id);
        }
    }
    m_document->apply(tr("Change the tab order"), withHandOrder(m_document->form(), order));
    viewport()->update();
}

// ---------------------------------------------------------------- columns from the catalogue

void Board::showDropOf(const QMimeData *mime, QPoint inViewport, bool isDropped)
{
    const DraggedColumns dragged = columnsFrom(mime);
    if (dragged.columns.isEmpty() || !m_fieldMaker) {
        return;
    }
    const QPoint onForm = toForm(inViewport);
    FieldTarget target;
    target.band = bandAt(onForm).value_or(BandRole::Body);
    target.at = onForm - QPoint(0, bandTop(m_document->form(), target.band));
    const AddedFields added = m_fieldMaker(m_document->form(), dragged, target);
    if (!isDropped) {
        preview(added.form);
        return;
    }
    endPreview();
    if (added.fields.isEmpty()) {
        Q_EMIT said(tr("What was dropped is on the form already, or is not of its rows."));
        return;
    }
    m_document->apply(counted(added.fields.size(), tr("Add a field"), tr("Add %1 fields")), added.form);
    select(added.fields);
    setFocus();
}

void Board::dragEnterEvent(QDragEnterEvent *event)
{
    if (!columnsFrom(event->mimeData()).columns.isEmpty()) {
        event->acceptProposedAction();
    }
}

void Board::dragMoveEvent(QDragMoveEvent *event)
{
    showDropOf(event->mimeData(), event->position().toPoint(), false);
    event->acceptProposedAction();
}

void Board::dragLeaveEvent(QDragLeaveEvent *)
{
    endPreview();
}

void Board::dropEvent(QDropEvent *event)
{
    showDropOf(event->mimeData(), event->position().toPoint(), true);
    event->acceptProposedAction();
}

} // namespace nabblet
