// The keyboard on the board. Commands with a place in the menus have their keys there.
#include "core/arrange/grid.h"
#include "core/arrange/operations.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/board_measures.h"

#include <QKeyEvent>

namespace nabblet {

bool Board::focusNextPrevChild(bool)
{
    return false; // Tab walks through the controls; see keyPressEvent
}

bool Board::event(QEvent *event)
{
    if (event->type() == QEvent::ShortcutOverride) {
        const auto *keys = static_cast<QKeyEvent *>(event);
        const int key = keys->key();
        const bool isArrow = key == Qt::Key_Left || key == Qt::Key_Right || key == Qt::Key_Up || key == Qt::Key_Down;
        const bool isOurs = key == Qt::Key_Escape || key == Qt::Key_Tab || key == Qt::Key_Backtab || key == Qt::Key_F2;
        if (isOurs || (isArrow && !(keys->modifiers().testFlag(Qt::AltModifier) &&
                                    keys->modifiers().testFlag(Qt::ControlModifier)))) {
            event->accept();
            return true;
        }
    }
    return QAbstractScrollArea::event(event);
}

void Board::keyPressEvent(QKeyEvent *event)
{
    const Qt::KeyboardModifiers modifiers = event->modifiers();
    endAskingForButtons();
    if (m_movesTracing && tracingKey(*event)) {
        return;
    }
    switch (event->key()) {
    case Qt::Key_Left:
    case Qt::Key_Right:
    case Qt::Key_Up:
    case Qt::Key_Down:
        if (modifiers.testFlag(Qt::AltModifier)) {
            return lineUpTowards(event->key());
        }
        return nudge(event->key() == Qt::Key_Left    ? QPoint(-1, 0)
                     : event->key() == Qt::Key_Right ? QPoint(1, 0)
                     : event->key() == Qt::Key_Up    ? QPoint(0, -1)
                                                     : QPoint(0, 1),
                     modifiers);
    case Qt::Key_Escape:
        if (m_drag) {
            giveUpDrag();
        } else if (m_showsTabOrder || m_movesTracing || !m_placing.isEmpty() || m_lookFrom != 0 || m_trial) {
            endModes();
        } else {
            selectOutwards();
        }
        return;
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        deleteSelection();
        return;
    case Qt::Key_F2:
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (m_selection.lead() != 0) {
            editCaption(m_selection.lead());
        }
        return;
    case Qt::Key_Tab:
        return selectNext(1, Walk::Alone);
    case Qt::Key_Backtab:
        return selectNext(-1, Walk::Alone);
    case Qt::Key_PageDown:
    case Qt::Key_PageUp:
        if (modifiers.testFlag(Qt::ShiftModifier)) {
            return selectNext(event->key() == Qt::Key_PageDown ? 1 : -1, Walk::Adding);
        }
        break;
    default:
        if (!m_placing.isEmpty() && event->key() >= Qt::Key_0 && event->key() <= Qt::Key_9) {
            return countToPlace(event->key() - Qt::Key_0);
        }
        if (typesWords(*event)) {
            return;
        }
        break;
    }
    QAbstractScrollArea::keyPressEvent(event);
}

// Fields in their tab order; captions are reached with their field.
void Board::selectNext(int step, Walk walk)
{
    const Form &form = m_document->form();
    const QList<ControlId> sequence = tabSequence(form);
    if (sequence.isEmpty()) {
        return;
    }
    const nabblet::Control *lead = form.controls.find(m_selection.lead());
    const ControlId stop = lead && lead->captionFor != 0 ? lead->captionFor : m_selection.lead();
    const qsizetype at = sequence.indexOf(stop);
    qsizetype next = 0;
    if (at >= 0) {
        next = (at + step + sequence.size()) % sequence.size();
    } else if (lead && holdsOthers(*lead)) {
        // From a container to the first or last in it.
        const QSet<ControlId> inside = membersOf(form, {lead->id});
        QList<qsizetype> within;
        for (qsizetype i = 0; i < sequence.size(); ++i) {
            if (inside.contains(sequence.at(i))) {
                within.append(i);
            }
        }
        next = within.isEmpty() ? 0 : step > 0 ? within.first() : within.last();
    } else if (m_selection.band()) {
        // From a band to its first or last control.
        QList<qsizetype> inBand;
        for (qsizetype i = 0; i < sequence.size(); ++i) {
            if (form.controls.find(sequence.at(i))->band == *m_selection.band()) {
                inBand.append(i);
            }
        }
        next = inBand.isEmpty() ? 0 : step > 0 ? inBand.first() : inBand.last();
    } else {
        next = step > 0 ? 0 : sequence.size() - 1;
    }
    Selection wanted = m_selection;
    if (walk == Walk::Adding) {
        wanted.add({sequence.at(next)});
    } else {
        wanted.set({sequence.at(next)});
    }
    setSelection(wanted);
    scrollTo(m_selection.lead());
}

void Board::lineUpTowards(int key)
{
    const char *id = key == Qt::Key_Left    ? "line-up-left"
                     : key == Qt::Key_Right ? "line-up-right"
                     : key == Qt::Key_Up    ? "line-up-top"
                                            : "line-up-bottom";
    const ArrangeOperation *operation = findArrangeOperation(QString::fromLatin1(id));
    const ArrangeContext context{m_document->form(), m_selection.controls(), m_appearance, {}};
    const QString why = operation->whyNot(context);
    if (why.isEmpty()) {
        m_document->apply(arrangeTitle(*operation), operation->apply(context));
    } else {
        Q_EMIT said(why);
    }
}

void Board::nudge(QPoint direction, Qt::KeyboardModifiers modifiers)
{
    const Form &form = m_document->form();
    const int pitch = std::max(1, form.grid.pitch);
    const bool isFine = modifiers.testFlag(Qt::ControlModifier);
    const bool isResize = modifiers.testFlag(Qt::ShiftModifier);
    if (m_selection.rail() != FixedRail::None) {
        const int at = railPosition(form, m_selection.rail());
        const int by = isLevelRail(form, m_selection.rail()) ? direction.y() : direction.x();
        m_document->apply(tr("Move a rail"),
                          moveRail(form, m_selection.rail(), isFine || by == 0 ? at + by : nextGridLine(at, pitch, by)),
                          QStringLiteral("rail %1").arg(m_selection.rail()));
        return;
    }
    if (m_selection.band() && direction.y() != 0) {
        // A band grows and shrinks by its lower edge.
        const Band *band = findBand(form, *m_selection.band());
        m_document->apply(
            tr("Change a band's height"),
            setBandHeight(form, band->role,
                          isFine ? band->height + direction.y() : nextGridLine(band->height, pitch, direction.y())),
            QStringLiteral("band %1").arg(static_cast<int>(band->role)));
        return;
    }
    const nabblet::Control *lead = form.controls.find(m_selection.lead());
    if (!lead) {
        return;
    }
    const QPoint corner = isResize ? QPoint(rightOf(lead->place), bottomOf(lead->place)) : lead->place.topLeft();
    QPoint distance = direction;
    if (!isFine) {
        distance.setX(direction.x() == 0 ? 0 : nextGridLine(corner.x(), pitch, direction.x()) - corner.x());
        distance.setY(direction.y() == 0 ? 0 : nextGridLine(corner.y(), pitch, direction.y()) - corner.y());
    }
    QStringList ids;
    for (const ControlId id : m_selection.controls()) {
        ids.append(QString::number(id));
    }
    const qsizetype count = m_selection.controls().size();
    if (isResize) {
        QList<ControlId> boxes;
        for (const ControlId id : m_selection.controls()) {
            if (form.controls.find(id)->kind != QLatin1String("caption")) {
                boxes.append(id);
            }
        }
        m_document->apply(counted(count, tr("Resize a control"), tr("Resize %1 controls")),
                          resizeControls(form, boxes, Edge::Right | Edge::Bottom, distance),
                          QStringLiteral("resize ") + ids.join(u' '));
    } else {
        m_document->apply(counted(count, tr("Move a control"), tr("Move %1 controls")),
                          moveControls(form, m_selection.controls(), distance),
                          QStringLiteral("move ") + ids.join(u' '));
    }
    scrollTo(m_selection.lead());
}

} // namespace nabblet
