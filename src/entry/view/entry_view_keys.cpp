// The keyboard: where it goes, what comes into sight with it, and the keys that the form takes before its boxes.
#include "core/arrange/rows.h"
#include "core/arrange/windows/at_work.h"
#include "core/arrange/windows/giving_way.h"
#include "core/arrange/windows/stretching.h"
#include "core/arrange/windows/window_size.h"
#include "core/edit/scaled_form.h"
#include "core/kinds/control_names.h"
#include "core/text/caption_words.h"
#include "entry/cells/together.h"
#include "entry/editors/field_editor.h"
#include "entry/own_way/kept_own_way.h"
#include "entry/records/record_strip.h"
#include "entry/theme/ask.h"
#include "entry/view/band_view.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_question.h"
#include "entry/view/page_tabs_bar.h"
#include "entry/view/record_list.h"
#include "entry/view/rows_band.h"
#include "entry/wanted/find_record.h"
#include "entry/wanted/used_lately.h"
#include "entry/wanted/wanted_bar.h"
#include <QApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QScrollBar>
#include <QSplitter>
#include <QStyle>
#include <QVBoxLayout>
#include <algorithm>

namespace nabblet {

// Keys that the window has for its records mean the rows while the keyboard is among them.
bool EntryView::insideKey(const QKeyEvent &event)
{
    if (!event.modifiers().testFlag(Qt::ControlModifier)) {
        return event.key() == Qt::Key_PageDown || event.key() == Qt::Key_PageUp;
    }
    switch (event.key()) {
    case Qt::Key_N:
    case Qt::Key_Delete:
    case Qt::Key_Home:
    case Qt::Key_End:
    case Qt::Key_Backspace:
        return true;
    default:
        return false;
    }
}

// In all that scrolls around it, from the innermost outwards.
void EntryView::keepInSight(QWidget *widget)
{
    constexpr int Around = 16; // px
    for (QWidget *above = widget->parentWidget(); above && above != this; above = above->parentWidget()) {
        if (auto *scroll = qobject_cast<QScrollArea *>(above)) {
            scroll->ensureWidgetVisible(widget, Around, Around);
        }
    }
}

namespace {

// Whether a box has its list of choices open, which then takes Enter and Escape.
bool isChoosing(const QObject *box)
{
    const auto *list = box->findChild<QWidget *>(QStringLiteral("choices"), Qt::FindDirectChildrenOnly);
    return list && list->isVisible();
}

bool isEnter(const QKeyEvent &key)
{
    return (key.key() == Qt::Key_Return || key.key() == Qt::Key_Enter) && !(key.modifiers() & Qt::ControlModifier);
}

} // namespace

// Enter goes on from all boxes but those in which it means something itself.
bool EntryView::goesOnByEnter(const QObject *box) const
{
    for (const auto &[id, editor] : m_editors) {
        if (editor->widget() == box) {
            const Editor sort = kindNamed(editor->control().kind).editor;
            return sort != Editor::Button && sort != Editor::LongText;
        }
    }
    return false;
}

bool EntryView::eventFilter(QObject *watched, QEvent *event)
{
    if (watched == m_scroll->viewport()) {
        if (event->type() == QEvent::Resize) {
            layOut();
        }
        return false;
    }
    if (watched == m_ground) {
        if (event->type() == QEvent::Resize) {
            limitSheet();
        }
        return false;
    }
    if (event->type() == QEvent::FocusIn) {
        keepInSight(static_cast<QWidget *>(watched));
        // A new record is saved before one goes among its rows, since they need its key. What was typed in one that is
        // stored already waits, and is saved with the rows or not at all.
        if (EntrySession *parent = m_session->parentSession();
            parent && parent->state().isNew() && parent->state().isChanged() && !parent->saving().saveOwn()) {
            QMetaObject::invokeMethod(
                this, [this] { Q_EMIT parentRefused(); }, Qt::QueuedConnection);
        }
        if (m_session->parentSession() && !m_session->state().hasRecord() && m_session->state().canAdd()) {
            m_session->moves().add();
        }
    }
    const auto isPageKey = [](const QKeyEvent &key) {
        return key.key() == Qt::Key_PageDown || key.key() == Qt::Key_PageUp;
    };
    if (event->type() == QEvent::ShortcutOverride) {
        const auto &key = *static_cast<QKeyEvent *>(event);
        const bool isInside = m_session->parentSession() ? insideKey(key) : m_rows && isPageKey(key);
        const bool isFollowing = (key.key() == Qt::Key_Return || key.key() == Qt::Key_Enter) &&
                                 key.modifiers() == Qt::ControlModifier && isLink(watched);
        if (isInside || isFollowing) {
            event->accept();
            return true;
        }
    }
    if (event->type() == QEvent::FocusIn || event->type() == QEvent::FocusOut) {
        QMetaObject::invokeMethod(
            this,
            [this] {
                refreshLettersLeft();
                refreshNotice();
            },
            Qt::QueuedConnection);
        QMetaObject::invokeMethod(
            this, [this] { followRules(Jumps::Allowed); }, Qt::QueuedConnection);
    }
    if (event->type() == QEvent::FocusOut) {
        for (const auto &[id, editor] : m_editors) {
            if (editor->widget() == watched) {
                // Once the box itself knows: it may turn what was typed into a choice first.
                QMetaObject::invokeMethod(
                    this,
                    [this, control = id] {
                        const Control *left = m_form.controls.find(control);
                        const QWidget *box = widgetFor(control);
                        if (left && box && !box->hasFocus()) {
                            m_session->typing().boxLeft(*left);
                        }
                    },
                    Qt::QueuedConnection);
            }
        }
    }
    if (event->type() == QEvent::KeyPress && !isChoosing(watched)) {
        const auto *key = static_cast<QKeyEvent *>(event);
        // With Ctrl they turn the pages of this form, or of one around it, and never go to another record.
        if (key->modifiers().testFlag(Qt::ControlModifier) && isPageKey(*key)) {
            const int step = key->key() == Qt::Key_PageDown ? 1 : -1;
            EntryView *view = this;
            while (view && !view->turnPage(step)) {
                view = view->viewAround();
            }
            return true;
        }
        if (m_rows && rowKey(watched, key->key(), key->modifiers() & ~Qt::KeypadModifier)) {
            return true;
        }
        const bool hasControl = key->modifiers().testFlag(Qt::ControlModifier);
        if (m_session->parentSession() && hasControl && insideKey(*key)) {
            switch (key->key()) {
            case Qt::Key_N:
                addRecord();
                return true;
            case Qt::Key_Delete:
                askAndDelete();
                return true;
            case Qt::Key_Backspace:
                m_session->takingBack().takeBack();
                return true;
            default:
                break;
            }
        }
        if (key->matches(QKeySequence::Paste) && pasteCells(watched)) {
            return true;
        }
        if (key->key() == Qt::Key_F2 && openText(watched)) {
            return true;
        }
        if (hasControl && (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) && followLink(watched)) {
            return true;
        }
        if (hasControl && key->key() == Qt::Key_E) {
            if (m_isOfOneRow) {
                QMetaObject::invokeMethod(this, &EntryView::backToRowsRequested, Qt::QueuedConnection);
            } else if (m_rows) {
                setRowPanelOpen(true);
            }
            return m_isOfOneRow || m_rows;
        }
        // Enter goes on to the next box, as people who copy from paper expect; in long text it is a new line.
        const bool isBack = key->key() == Qt::Key_Backtab;
        const bool goesOn = key->key() == Qt::Key_Tab || (isEnter(*key) && goesOnByEnter(watched));
        if ((goesOn || isBack) && !hasControl) {
            tabOn(static_cast<QWidget *>(watched), isBack ? -1 : 1);
            return true;
        }
        switch (key->key()) {
        case Qt::Key_PageDown:
            m_session->moves().goNext();
            return true;
        case Qt::Key_PageUp:
            m_session->moves().goPrevious();
            return true;
        case Qt::Key_Home:
        case Qt::Key_End:
            // In a text of several lines they go to its own first and last line.
            if (hasControl && !qobject_cast<QPlainTextEdit *>(watched)) {
                key->key() == Qt::Key_Home ? m_session->moves().goFirst() : m_session->moves().goLast();
                return true;
            }
            break;
        case Qt::Key_Escape:
            if (!chosenRows().isEmpty()) {
                chooseNoRows();
                return true;
            }
            // Only this box; the whole record takes “Take back”. With nothing typed in it, the window may go back.
            for (const auto &[id, editor] : m_editors) {
                if (editor->widget() == watched) {
                    return m_session->typing().putBack(editor->control());
                }
            }
            break;
        default:
            break;
        }
    }
    return false;
}

} // namespace nabblet
