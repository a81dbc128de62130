#include "entry/view/rows_band.h"

#include "entry/paint/form_painter.h"
#include "entry/paint/picture_painter.h"

#include <QMouseEvent>
#include <QPaintEvent>
#include <QPainter>

#include <algorithm>
#include <cstdlib>

namespace nabblet {

namespace {

constexpr int RowsAStep = 3; // of the wheel

} // namespace

RowsBand::RowsBand(EntrySession *session, const Appearance *appearance, QWidget *parent)
    : BandView(BandRole::Body, appearance, parent), m_session(session)
{
    setAttribute(Qt::WA_OpaquePaintEvent); // its ground covers all of it
}

void RowsBand::setRow(const QList<Control> &controls, int rowHeight)
{
    m_controls = controls;
    m_rowHeight = rowHeight;
    m_readFrom = m_readEnd = 0;
    update();
}

void RowsBand::setTop(int top)
{
    const int held = std::clamp(top, 0, std::max(0, rowsInAll() - rowsInSight()));
    if (held != m_top) {
        // What stays in sight is moved, and only what comes into sight is painted. Rows that are others ask for more.
        const int by = (m_top - held) * m_rowHeight;
        m_top = held;
        if (std::abs(by) < height()) {
            scroll(0, by, rect()); // with a part named, widgets over it stay: the view moves them
        } else {
            update();
        }
        Q_EMIT topChanged();
    }
}

void RowsBand::rowsAdded(int movedBy)
{
    if (m_top + rowsInSight() + 1 >= m_rowsPainted) {
        update(); // the end was in sight
    }
    m_top += movedBy;
    m_readFrom += movedBy;
    m_readEnd += movedBy;
}

void RowsBand::setChosen(const ChosenRows &chosen)
{
    m_chosen = chosen;
    update();
}

int RowsBand::rowsInAll() const
{
    const bool endsHere = m_session->rows().window().hasLast() || m_session->rows().window().rows().isEmpty();
    const bool hasBlank = m_session->state().isNew() || (endsHere && m_session->state().canAdd());
    return static_cast<int>(m_session->rows().window().rows().size()) + (hasBlank ? 1 : 0);
}

int RowsBand::rowInHand() const
{
    return m_session->state().isNew() ? rowsInAll() - 1 : m_session->rows().indexInHand();
}

void RowsBand::showRowInHand()
{
    const int row = rowInHand();
    if (row < 0) {
        return;
    }
    if (row < m_top) {
        setTop(row);
    } else if (row >= m_top + rowsInSight()) {
        setTop(row - rowsInSight() + 1);
    }
}

void RowsBand::readShown()
{
    const QList<Row> &rows = m_session->rows().window().rows();
    const int end = std::min<int>(static_cast<int>(rows.size()), m_top + rowsInSight() + 1);
    for (int row = std::max(0, m_top); row < end; ++row) {
        if (row >= m_readFrom && row < m_readEnd) {
            continue;
        }
        for (const Control &control : std::as_const(m_controls)) {
            m_session->values().shownIn(control, rows.at(row));
        }
    }
    m_readFrom = std::max(0, m_top);
    m_readEnd = end;
}

void RowsBand::showAnew()
{
    m_readFrom = m_readEnd = 0;
    readShown();
    update();
}

void RowsBand::paintEvent(QPaintEvent *event)
{
    const ControlValues::Painting painting(m_session ? &m_session->values() : nullptr);
    QPainter painter(this);
    paintGround(painter);
    if (m_rowHeight <= 0) {
        return;
    }
    const QList<Row> &rows = m_session->rows().window().rows();
    const int inHand = rowInHand();
    m_rowsPainted = rowsInAll();
    const int end = std::min(m_rowsPainted, m_top + height() / m_rowHeight + 1);
    for (int row = m_top; row < end; ++row) {
        const QRect place(0, yOf(row), width(), m_rowHeight);
        if (!place.intersects(event->rect())) {
            continue;
        }
        const Ground ofRow = groundOfRow(m_session->form(), ground(), row, appearance().look());
        if (!(ofRow == ground()) && !hasPicture()) {
            painter.fillRect(place, colourOf(ofRow, appearance()));
        }
        // Where nobody types, the row in hand is what was picked.
        const bool isPicked =
            row == inHand && !m_session->form().permissions.change && !m_session->form().permissions.add;
        if (isPicked || (row < rows.size() && m_chosen.contains(rows.at(row).key))) {
            painter.fillRect(place, appearance().colour(Ink::ChosenFill));
        }
        for (const Control &control : std::as_const(m_controls)) {
            // The row in hand has widgets for everything else.
            if (row == inHand && hasWidget(control)) {
                continue;
            }
            const Shown contents =
                row < rows.size() ? m_session->values().shownIn(control, rows.at(row)) : shownBlank(control);
            paintControl(painter, control, contents, place.topLeft(), appearance(), ofRow);
        }
        const bool isBlank = row >= rows.size() && !(row == inHand && m_session->state().isChanged());
        if (row == inHand && !isBlank) {
            paintRowMark(painter, place, m_session->state().isChanged(), appearance());
        } else if (isBlank) {
            paintNewRowMark(painter, place, appearance());
        }
    }
}

void RowsBand::mousePressEvent(QMouseEvent *event)
{
    if (m_rowHeight <= 0 || event->button() != Qt::LeftButton) {
        return;
    }
    const int row = m_top + event->pos().y() / m_rowHeight;
    if (row < rowsInAll()) {
        Q_EMIT rowPressed(row, event->pos() - QPoint(0, yOf(row)), event->modifiers());
    }
}

void RowsBand::wheelEvent(QWheelEvent *event)
{
    const int by = event->angleDelta().y();
    if (by != 0) {
        setTop(m_top - (by > 0 ? RowsAStep : -RowsAStep));
        event->accept();
    }
}

} // namespace nabblet
