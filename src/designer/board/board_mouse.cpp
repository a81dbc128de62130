// The mouse on the board: to the mode or the drag at hand, else to what is under it.
#include "core/arrange/rows.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "designer/board/board.h"
#include "designer/board/commands/front_pages.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/board/drags/board_drag.h"
#include "designer/board/editing/board_clipboard.h"
#include "designer/board/editing/button_row_asking.h"
#include "designer/board/editing/drops.h"
#include "designer/board/editing/word_editing.h"
#include "designer/board/modes/tab_order_mode.h"
#include "designer/board/paint/board_painter.h"
#include "designer/board/scene/board_measures.h"
#include "designer/board/scene/board_mode.h"

#include <QApplication>
#include <QContextMenuEvent>
#include <QMouseEvent>
#include <QScrollBar>
#include <QTimerEvent>
#include <QToolTip>

namespace nabblet {

void Board::mousePressEvent(QMouseEvent *event)
{
    m_words->finish(true);
    m_buttonRows->end();
    endPreview();
    setTrialSize({});
    const Hit hit = hitAt(m_scene, event->pos());
    if (m_mode && m_mode->press(*event, hit)) {
        return;
    }
    if (event->button() == Qt::RightButton) {
        selectUnder(hit, event->pos());
        return;
    }
    if (event->button() != Qt::LeftButton) {
        return;
    }
    m_scene.clickedAt.reset();
    if (hit.kind == Hit::HoldSign) {
        holdNext(*this, hit.direction);
        return;
    }
    if (hit.kind == Hit::AddBand) {
        addBand(*this, hit.band);
        return;
    }
    const Form &form = document()->form();
    const Control *panes = form.controls.find(hit.control);
    if (panes && kindNamed(panes->kind).holds == Holds::Panes) {
        const QPoint inBand = m_scene.toForm(event->pos()) - QPoint(0, bandTop(form, panes->band));
        setFrontPage(*this, panes->id, pageAt(*panes, inBand, m_scene.fronts)); // what is put into it goes there
    }
    std::unique_ptr<BoardDrag> drag = makeDrag(*this, hit, event->pos(), event->modifiers());
    if (drag) {
        drag->press();
        m_drag = std::move(drag);
        m_scene.drag = &m_drag->marks();
    }
}

// The menu is about what is under the mouse.
void Board::selectUnder(const Hit &hit, QPoint inViewport)
{
    Selection wanted = m_scene.selection;
    const bool isOne = hit.kind == Hit::Control || hit.kind == Hit::Inside;
    if (isOne && !wanted.contains(hit.control)) {
        wanted.choose(hit.control);
    } else if (hit.kind == Hit::RailKnob) {
        wanted.setRail(hit.rail);
    } else if (hit.kind == Hit::Spine) {
        wanted.setBand(hit.band);
    } else if (const auto band = m_scene.bandAt(m_scene.toForm(inViewport)); hit.kind == Hit::Nothing && band) {
        wanted.setBand(*band);
    }
    setSelection(wanted);
}

void Board::mouseMoveEvent(QMouseEvent *event)
{
    if (m_drag && event->buttons().testFlag(Qt::LeftButton)) {
        followDrag(event->pos(), event->modifiers());
    } else if (!m_mode || !m_mode->hover(event->pos())) {
        viewport()->setCursor(cursorOver(m_scene, hitAt(m_scene, event->pos())));
    }
}

void Board::mouseReleaseEvent(QMouseEvent *event)
{
    m_autoScroll.stop();
    if (event->button() != Qt::LeftButton || !m_drag) {
        return;
    }
    followDrag(event->pos(), event->modifiers());
    if (m_drag->marks().isMoving) {
        finishDrag();
        return;
    }
    const std::unique_ptr<BoardDrag> drag = std::move(m_drag);
    m_scene.drag = nullptr;
    drag->click();
}

// A double click edits a caption where it stands, or goes into the form of a subform, and never does anything else.
void Board::mouseDoubleClickEvent(QMouseEvent *event)
{
    if (m_scene.use() == MouseUse::Placing) {
        return; // never two by accident
    }
    const Hit hit = hitAt(m_scene, event->pos());
    dropDrag();
    if (hit.kind == Hit::Control || hit.kind == Hit::Handle) {
        const Control *control = document()->form().controls.find(hit.control);
        if (control && control->inner && kindNamed(control->kind).editor == Editor::Rows) {
            Q_EMIT innerFormRequested(hit.control);
            return;
        }
        turnToTabAt(*this, hit.control, m_scene.toForm(event->pos()));
        m_words->edit(hit.control);
    } else if (hit.kind == Hit::TabBadge) {
        clickInTabOrder(*this, hit.control);
    }
}

void Board::wheelEvent(QWheelEvent *event)
{
    if (m_mode && m_mode->wheel(*event)) {
        event->accept();
        return;
    }
    if (!event->modifiers().testFlag(Qt::ControlModifier)) {
        QAbstractScrollArea::wheelEvent(event);
        return;
    }
    // The point under the mouse stays there.
    const QPoint at = event->position().toPoint();
    const QPoint stays = m_scene.toForm(at);
    setZoom(event->angleDelta().y() > 0 ? zoomAbove(m_scene.zoom) : zoomBelow(m_scene.zoom));
    const QPoint moved = m_scene.toViewport(stays) - at;
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + moved.x());
    verticalScrollBar()->setValue(verticalScrollBar()->value() + moved.y());
    event->accept();
}

void Board::contextMenuEvent(QContextMenuEvent *event)
{
    Q_EMIT menuRequested(event->globalPos());
}

bool Board::viewportEvent(QEvent *event)
{
    if (event->type() == QEvent::ToolTip) {
        const auto *help = static_cast<QHelpEvent *>(event);
        QToolTip::showText(help->globalPos(), wordsOver(m_scene, hitAt(m_scene, help->pos())), viewport());
        return true;
    }
    return QAbstractScrollArea::viewportEvent(event);
}

// ---------------------------------------------------------------- dragging

void Board::timerEvent(QTimerEvent *event)
{
    if (event->timerId() != m_autoScroll.timerId() || !m_drag) {
        QAbstractScrollArea::timerEvent(event);
        return;
    }
    const QPoint at = m_drag->marks().inViewport;
    const auto speed = [](int coordinate, int least, int most) {
        return coordinate < least ? (coordinate - least) / 2 : coordinate > most ? (coordinate - most) / 2 : 0;
    };
    const int x = speed(at.x(), LeftSide + ScrollZone / 2, viewport()->width() - ScrollZone);
    const int y = speed(at.y(), RulerHeight + ScrollZone / 2, viewport()->height() - ScrollZone);
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + x);
    verticalScrollBar()->setValue(verticalScrollBar()->value() + y);
    if (x != 0 || y != 0) {
        followDrag(at, m_drag->modifiers());
    }
}

void Board::followDrag(QPoint inViewport, Qt::KeyboardModifiers modifiers)
{
    const int distance = (inViewport - m_scene.toViewport(m_drag->marks().start)).manhattanLength();
    m_drag->follow(inViewport, modifiers);
    if (!m_drag->marks().isMoving) {
        if (distance < QApplication::startDragDistance() / 2) {
            return;
        }
        m_autoScroll.start(30, this);
        m_drag->begin();
    }
    const std::optional<Form> moved = m_drag->moved();
    if (!moved) {
        return;
    }
    const Form before = m_scene.shownForm();
    m_scene.dragged = moved;
    if (m_scene.selection.controls().size() <= 60) { // of more, the gaps take longer than a move may
        updatePills();
    }
    showForm(before, *m_scene.dragged);
}

void Board::finishDrag()
{
    const std::optional<Form> edited = m_scene.dragged;
    const std::unique_ptr<BoardDrag> drag = std::move(m_drag);
    dropDrag();
    drag->end(edited);
    updatePills();
    updateScrollBars();
}

// Nothing is dragged any more.
void Board::dropDrag()
{
    m_autoScroll.stop();
    m_drag.reset();
    m_scene.drag = nullptr;
    m_scene.dragged.reset();
    m_painter->forgetControls();
    viewport()->update();
}

void Board::giveUpDrag()
{
    dropDrag();
    updatePills();
}

// ---------------------------------------------------------------- drops from elsewhere

void Board::dragEnterEvent(QDragEnterEvent *event)
{
    if (canBeDropped(event->mimeData())) {
        event->acceptProposedAction();
    }
}

void Board::dragMoveEvent(QDragMoveEvent *event)
{
    showDrop(*this, event->mimeData(), event->position().toPoint(), false);
    event->acceptProposedAction();
}

void Board::dragLeaveEvent(QDragLeaveEvent *)
{
    endPreview();
}

void Board::dropEvent(QDropEvent *event)
{
    showDrop(*this, event->mimeData(), event->position().toPoint(), true);
    event->acceptProposedAction();
}

} // namespace nabblet
