// What dragging does on the board: the form as it would be, at every move of the mouse.
#include "core/arrange/grid.h"
#include "core/arrange/grouping.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/arrange/structure.h"
#include "core/arrange/windows/window_size.h"
#include "core/edit/clipboard.h"
#include "core/edit/edits.h"
#include "core/file/picture_file.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/board_measures.h"
#include "designer/board/kind_drag.h"

#include <QApplication>
#include <QContextMenuEvent>
#include <QImageReader>
#include <QMouseEvent>
#include <QScrollBar>
#include <QTimerEvent>

#include <algorithm>

namespace nabblet {

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
    if (!drag.isBox && (drag.hit.kind == Hit::Nothing || drag.hit.kind == Hit::Inside)) {
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
        QList<ControlId> boxed =
            controlsInBox(seen(m_document->form()), box, isRightwards ? Reach::WhollyInside : Reach::Touched);
        if (drag.hit.kind == Hit::Inside) { // a box drawn inside a container is about what stands there
            const QSet<ControlId> inside = membersOf(m_document->form(), {drag.hit.control});
            boxed.removeIf([&](ControlId id) { return !inside.contains(id); });
        }
        wanted.add(boxed);
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
        turnPageUnder(drag);
    }
    const Form before = shownForm();
    m_dragged = draggedForm();
    if (m_selection.controls().size() <= 60) { // of more, the gaps take longer than a move may
        updatePills();
    }
    showForm(before, *m_dragged);
}

// What is dragged over a tab goes on to that page.
void Board::turnPageUnder(const Drag &drag)
{
    const auto area = areaAt(drag.base, drag.now, drag.moving);
    if (area && area->container != 0) {
        turnToTabAt(area->container, drag.now);
    }
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
        const Pasted copies = pasted(drag.base, clipOf(drag.base, m_selection.controls()), QPoint(), m_namingPattern,
                                     areaOfSelection().value_or(Area()));
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
        drag.index.emplace(seen(base), drag.moving, m_appearance);
    }
    QRect whole;
    for (const Arranged &item : arrangedOf(base, drag.moving)) {
        whole = whole.united(item.whole.translated(0, bandTop(base, item.area.band)));
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
        drag.target = areaAt(form, drag.now, drag.moving);
        const bool isElsewhere = held && drag.target && *drag.target != areaOf(*held) && !isTabular(form);
        const Form moved =
            isElsewhere ? moveControlsInto(form, drag.moving, *drag.target, by) : moveControls(form, drag.moving, by);
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
                drag.index.emplace(seen(form), QList<ControlId>{control->id}, m_appearance);
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
        const int wanted = railPosition(form, drag.hit.rail) + (isLevelRail(form, drag.hit.rail) ? raw.y() : raw.x());
        return moveRail(form, drag.hit.rail, snapped(wanted));
    }
    case Hit::Ruler: {
        if (drag.inViewport.y() <= RulerHeight) {
            drag.guides.clear();
            return form; // not drawn out, or put back
        }
        if (!drag.index) {
            drag.index.emplace(seen(form), QList<ControlId>(), m_appearance);
        }
        const Snap snap = isFree ? Snap() : drag.index->forLine(drag.now.x(), reach);
        drag.guides = snap.guides;
        return withRail(form, drag.now.x() + snap.by.x());
    }
    case Hit::SideRuler: {
        if (drag.inViewport.x() <= LeftSide) {
            drag.guides.clear();
            return form; // not drawn out, or put back
        }
        if (!drag.index) {
            drag.index.emplace(seen(form), QList<ControlId>(), m_appearance);
        }
        const int body = bandTop(form, BandRole::Body);
        const Snap snap = isFree ? Snap() : drag.index->forLevelLine(drag.now.y(), body, reach);
        drag.guides = snap.guides;
        return withLevelRail(form, drag.now.y() + snap.by.y() - body);
    }
    case Hit::Placing:
        drag.target = areaAt(form, drag.start);
        return placedBetween(m_placing, drag.start, drag.now).form;
    case Hit::Tracing: {
        Form moved = form;
        moved.tracing.at += raw;
        return moved;
    }
    case Hit::Divider: {
        const nabblet::Control &panes = *form.controls.find(drag.hit.control);
        const int wanted = dividerOf(panes) + (areStacked(panes) ? raw.y() : raw.x());
        return withDivider(form, panes.id, snapped(wanted));
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
    case Hit::SideRuler:
        return tr("Make a rail");
    case Hit::Placing:
        return tr("Place a %1").arg(kindTitle(kindNamed(m_placing)).toLower());
    case Hit::Tracing:
        return tr("Move the tracing sheet");
    case Hit::Divider:
        return tr("Move a divider");
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
        const QSet<ControlId> behind = behindOtherPages(m_document->form(), m_fronts);
        for (const ControlId id : tabSequence(m_document->form())) {
            const bool isThere = !behind.contains(id) && (tabBadge(id).contains(drag.inViewport) ||
                                                          viewportRectOf(id).contains(drag.inViewport));
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
    const bool isDrawnOut = drag.hit.kind == Hit::Ruler || drag.hit.kind == Hit::SideRuler;
    const RailId next = nextRailId(m_document->form());
    const RailId newRail = isDrawnOut && findRail(edited, next) ? next : FixedRail::None;
    if (drag.hit.kind == Hit::Placing) {
        const QString kind = m_placing;
        const PlacedControl placed = placedBetween(kind, drag.start, drag.now);
        if (!drag.modifiers.testFlag(Qt::ShiftModifier)) {
            endPlacing();
        }
        place(kind, placed);
        return;
    }
    m_document->apply(name, withEmptiedBandsClosed(drag.base, edited));
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
    if (const QString kind = kindFrom(mime); !kind.isEmpty()) {
        showKindDrop(kind, inViewport, isDropped);
        return;
    }
    if (const QString file = pictureFrom(mime); !file.isEmpty()) {
        showPictureDrop(file, inViewport, isDropped);
        return;
    }
    const DraggedColumns dragged = columnsFrom(mime);
    if (!dragged.table.isEmpty() && dragged.columns.isEmpty()) {
        showTableDrop(dragged.table, inViewport, isDropped);
        return;
    }
    if (dragged.columns.isEmpty() || !m_fieldMaker) {
        return;
    }
    const QPoint onForm = toForm(inViewport);
    FieldTarget target;
    target.area = areaAt(m_document->form(), onForm).value_or(Area());
    target.at = onForm - QPoint(0, bandTop(m_document->form(), target.area.band));
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
    const int width = m_document->form().width;
    m_document->apply(counted(added.fields.size(), tr("Add a field"), tr("Add %1 fields")), added.form);
    select(added.fields);
    if (added.form.width > width) {
        Q_EMIT said(tr("There was no room: the form is wider now."));
    }
    setFocus();
}

// A picture file dropped on the form becomes part of it, such as a logo.
void Board::showPictureDrop(const QString &file, QPoint inViewport, bool isDropped)
{
    const QPoint onForm = toForm(inViewport);
    const Area area = areaAt(m_document->form(), onForm).value_or(Area());
    const QPoint at = onForm - QPoint(0, bandTop(m_document->form(), area.band));
    const QSize size = QImageReader(file).size();
    if (!isDropped) {
        preview(withNewPicture(m_document->form(), QByteArray(), size, area, at).form);
        return;
    }
    endPreview();
    const Result<QByteArray> read = readPictureForForm(file);
    if (!read) {
        Q_EMIT said(read.error().sentence);
        return;
    }
    const PlacedControl placed = withNewPicture(m_document->form(), *read, size, area, at);
    m_document->apply(tr("Place a picture"), placed.form);
    select({placed.control});
    setFocus();
}

// A table dropped on the form: its rows that belong to the record, as a subform.
void Board::showTableDrop(const QString &table, QPoint inViewport, bool isDropped)
{
    const Form &form = m_document->form();
    const QPoint onForm = toForm(inViewport);
    const PlacedControl placed = placedBetween(QStringLiteral("subform"), onForm, onForm);
    const Form filled = m_rowsFiller ? m_rowsFiller(placed.form, placed.control, table) : placed.form;
    const nabblet::Control *subform = filled.controls.find(placed.control);
    if (!subform || !subform->inner) {
        if (isDropped) {
            endPreview();
            Q_EMIT said(
                form.rowsFrom.isEmpty()
                    ? tr("Choose where the rows come from first; then tables can be dropped whose rows belong to them.")
                    : tr("No link leads from %1 to the rows of this form.").arg(table.simplified()));
        }
        return;
    }
    if (!isDropped) {
        preview(filled);
        return;
    }
    endPreview();
    m_document->apply(tr("Add the rows of %1").arg(table.simplified()), filled);
    select({placed.control});
    scrollTo(placed.control);
    setFocus();
}

void Board::dragEnterEvent(QDragEnterEvent *event)
{
    if (!columnsFrom(event->mimeData()).table.isEmpty() || !kindFrom(event->mimeData()).isEmpty() ||
        !pictureFrom(event->mimeData()).isEmpty()) {
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
