// The keyboard on the board. Commands with a place in the menus have their keys there.
#include "designer/board/board.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/board/drags/board_drag.h"
#include "designer/board/editing/button_row_asking.h"
#include "designer/board/editing/word_editing.h"
#include "designer/board/scene/board_mode.h"

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
    m_buttonRows->end();
    if (m_mode && m_mode->key(*event)) {
        return;
    }
    switch (event->key()) {
    case Qt::Key_Left:
    case Qt::Key_Right:
    case Qt::Key_Up:
    case Qt::Key_Down:
        if (modifiers.testFlag(Qt::AltModifier)) {
            return lineUpTowards(*this, event->key());
        }
        return nudge(*this,
                     event->key() == Qt::Key_Left    ? QPoint(-1, 0)
                     : event->key() == Qt::Key_Right ? QPoint(1, 0)
                     : event->key() == Qt::Key_Up    ? QPoint(0, -1)
                                                     : QPoint(0, 1),
                     modifiers);
    case Qt::Key_Escape:
        if (m_drag) {
            giveUpDrag();
        } else if (m_mode) {
            endMode();
        } else if (m_scene.trial) {
            setTrialSize({});
        } else {
            selectOutwards(*this);
        }
        return;
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        deleteSelection(*this);
        return;
    case Qt::Key_F2:
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (m_scene.selection.lead() != 0) {
            m_words->edit(m_scene.selection.lead());
        }
        return;
    case Qt::Key_Tab:
        return selectNext(*this, 1, Walk::Alone);
    case Qt::Key_Backtab:
        return selectNext(*this, -1, Walk::Alone);
    case Qt::Key_PageDown:
    case Qt::Key_PageUp:
        if (modifiers.testFlag(Qt::ShiftModifier)) {
            return selectNext(*this, event->key() == Qt::Key_PageDown ? 1 : -1, Walk::Adding);
        }
        break;
    default:
        if (m_words->begins(*event)) {
            return;
        }
        break;
    }
    QAbstractScrollArea::keyPressEvent(event);
}

} // namespace nabblet
