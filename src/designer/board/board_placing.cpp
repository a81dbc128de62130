// New controls from the palette: a kind is taken up, then drawn where it goes, clicked down at its usual size, or
// dragged there. What would take it, and what would make way, is shown before.
#include "core/actions/button_rows.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/edit/placing.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/board_measures.h"
#include "designer/board/button_row_choice.h"
#include "designer/board/kind_drag.h"

namespace nabblet {

void Board::beginPlacing(const QString &kind)
{
    endModes();
    m_placing = kind;
    m_placingCount = 0; // nothing typed yet
    viewport()->setCursor(Qt::CrossCursor);
    setFocus();
    Q_EMIT said(tr("Draw where the %1 goes, or click for its usual size. A number places so many; with Shift another "
                   "follows; Escape ends.")
                    .arg(placeableTitle(kind).toLower()));
    Q_EMIT modesChanged();
}

// A figure typed while a kind is at hand: how many of it are placed.
void Board::countToPlace(int digit)
{
    const int typed = m_placingCount * 10 + digit;
    m_placingCount = typed <= MostAtOnce ? typed : digit; // begun anew
    Q_EMIT said(
        m_placingCount <= 1
            ? tr("One %1.").arg(placeableTitle(m_placing).toLower())
            : tr("%1 at once: a click puts them under one another, a drag fills what is drawn.").arg(m_placingCount));
}

void Board::endPlacing()
{
    if (m_placing.isEmpty()) {
        return;
    }
    m_placing.clear();
    endPreview();
    viewport()->setCursor(Qt::ArrowCursor);
    Q_EMIT said(QString());
    Q_EMIT modesChanged();
}

// The document's form with a new control between two points of the form; of its usual size where they are one.
PlacedControl Board::placedBetween(const QString &kind, QPoint from, QPoint to) const
{
    const Form &form = m_document->form();
    const int pitch = std::max(1, form.grid.pitch);
    const Area area = areaAt(form, from).value_or(Area());
    const int top = bandTop(form, area.band);
    const auto snapped = [&](QPoint point) { return QPoint(onGrid(point.x(), pitch), onGrid(point.y() - top, pitch)); };
    const QPoint first = snapped(from);
    const QPoint second = snapped(to);
    QRect place(QPoint(std::min(first.x(), second.x()), std::min(first.y(), second.y())),
                QSize(std::abs(first.x() - second.x()), std::abs(first.y() - second.y())));
    const bool isDrawn = place.width() >= pitch && place.height() >= pitch;
    if (!isDrawn) {
        place.setSize(QSize());
    }
    const int count = kind == m_placing ? m_placingCount : 1;
    return count > 1 ? withNewControls(form, kind, count, area, place, m_appearance)
                     : withNewControl(form, kind, area, place, m_appearance);
}

// While a kind is at hand, the form shows where it would go.
void Board::hoverPlacing(QPoint inViewport)
{
    const QPoint onForm = toForm(inViewport);
    if (areaAt(m_document->form(), onForm)) {
        preview(placedBetween(m_placing, onForm, onForm).form);
    } else {
        endPreview();
    }
}

void Board::place(const QString &kind, const PlacedControl &placed)
{
    const bool isFilled = m_rowsFiller && kindNamed(kind).editor == Editor::Rows;
    m_document->apply(tr("Place a %1").arg(placeableTitle(kind).toLower()),
                      isFilled ? m_rowsFiller(placed.form, placed.control, QString()) : placed.form);
    if (m_document->form().controls.find(placed.control)) {
        select(QList<ControlId>{placed.control} + placed.others);
        scrollTo(placed.control);
    }
    setFocus();
    if (const ButtonRow *row = buttonRowNamed(kind)) {
        askForButtons(QList<ControlId>{placed.control} + placed.others, row->actions);
    }
}

// Asks which buttons a row that was just placed is to have, until something else is done.
void Board::askForButtons(const QList<ControlId> &row, const QStringList &actions)
{
    endAskingForButtons();
    m_buttonRow = row;
    m_buttonRowChoice = new ButtonRowChoice(
        actions,
        [this](const QStringList &chosen) {
            const PlacedControl placed = withActionsOfRow(m_document->form(), m_buttonRow, chosen, m_appearance);
            m_buttonRow = QList<ControlId>{placed.control} + placed.others;
            m_document->apply(tr("Choose the buttons of a row"), placed.form);
            select(m_buttonRow);
            putButtonRowChoice();
        },
        viewport());
    putButtonRowChoice();
    m_buttonRowChoice->show();
}

// Below the row, or above it where there is no room.
void Board::putButtonRowChoice()
{
    if (!m_buttonRowChoice) {
        return;
    }
    constexpr int Away = 12; // px
    QRect row;
    for (const ControlId id : std::as_const(m_buttonRow)) {
        row = row.united(viewportRectOf(id));
    }
    m_buttonRowChoice->adjustSize();
    QRect place(QPoint(row.x(), bottomOf(row) + Away), m_buttonRowChoice->size());
    if (bottomOf(place) > viewport()->height()) {
        place.moveBottom(row.y() - Away);
    }
    place.moveLeft(std::max(0, std::min(place.x(), viewport()->width() - place.width())));
    m_buttonRowChoice->setGeometry(place);
}

// Something else is done.
void Board::endAskingForButtons()
{
    if (m_buttonRowChoice) {
        m_buttonRowChoice->hide();
        m_buttonRowChoice->deleteLater(); // it may be it that is asking
        m_buttonRowChoice.clear();
    }
}

void Board::placeInNextFreePlace(const QString &kind)
{
    endPlacing();
    const FieldTarget target = fieldTarget();
    const nabblet::Control *lead = m_document->form().controls.find(target.after);
    Area area = target.area;
    if (area.container == 0) {
        area.band = lead ? lead->band : m_selection.band().value_or(BandRole::Body);
    }
    place(kind, withNewControlBelow(m_document->form(), kind, area, m_appearance));
}

void Board::showKindDrop(const QString &kind, QPoint inViewport, bool isDropped)
{
    const QPoint onForm = toForm(inViewport);
    const PlacedControl placed = placedBetween(kind, onForm, onForm);
    if (isDropped) {
        endPreview();
        place(kind, placed);
    } else {
        preview(placed.form);
    }
}

} // namespace nabblet
