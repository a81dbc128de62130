// Where Tab stops: in every box that takes typing, every list and every button that is of use, in the order of the
// form, on whatever page and in whatever subform it stands; never in what is only shown.
#include "core/arrange/rows.h"
#include "core/kinds/control_names.h"
#include "core/kinds/each/jump_list.h"
#include "entry/editors/field_editor.h"
#include "entry/editors/line_parts.h"
#include "entry/editors/picture_window.h"
#include "entry/editors/text_window.h"
#include "entry/records/record_strip.h"
#include "entry/view/entry_view.h"
#include "entry/view/rows_band.h"

#include <algorithm>

namespace nabblet {

// The form at work inside a control of this one, or nullptr.
EntryView *EntryView::viewInside(ControlId control) const
{
    QWidget *frame = widgetFor(control);
    return frame ? frame->findChild<EntryView *>(QString(), Qt::FindDirectChildrenOnly) : nullptr;
}

// The form at work around this one, in the same window, or nullptr.
EntryView *EntryView::viewAround() const
{
    for (const QWidget *inside = this; !inside->isWindow() && inside->parentWidget(); inside = inside->parentWidget()) {
        if (auto *around = qobject_cast<EntryView *>(inside->parentWidget())) {
            return around;
        }
    }
    return nullptr;
}

bool EntryView::mayStop(const Control &control) const
{
    if (m_hidden.contains(control.id)) {
        return false;
    }
    switch (kindNamed(control.kind).editor) {
    case Editor::None:
        return false;
    case Editor::Rows:
        return control.inner && !control.inner.get()->controls.isEmpty();
    case Editor::Button:
    case Editor::Image: // a picture can be saved elsewhere though it may not be changed
        return true;
    default:
        // Rows that have none yet begin one when the keyboard comes.
        return m_session->values().mayType(control) ||
               (!m_session->state().hasRecord() && m_session->parentSession() && m_session->state().canAdd());
    }
}

// Puts the keyboard into a control, turning the page to it. step: 1 or -1, which end of rows inside it. False, with
// everything as it was, where it cannot be there.
bool EntryView::stopAt(ControlId id, int step)
{
    const Control *control = m_form.controls.find(id);
    if (!control || !mayStop(*control) || isHeadOfHiddenRows(*control)) {
        return false;
    }
    const FrontPages before = m_fronts;
    bringToSight(id);
    QWidget *widget = widgetFor(id);
    if (EntryView *inside = viewInside(id)) {
        if (inside->stopAtEnd(step)) {
            return true;
        }
    } else if (widget && widget->isVisibleTo(this) && widget->isEnabled() && (widget->focusPolicy() & Qt::TabFocus)) {
        widget->setFocus(step > 0 ? Qt::TabFocusReason : Qt::BacktabFocusReason);
        return true;
    }
    showPages(before);
    return false;
}

// The first stop of the form, or the last.
bool EntryView::stopAtEnd(int step)
{
    QList<ControlId> sequence = tabSequence(m_form);
    if (step < 0) {
        std::reverse(sequence.begin(), sequence.end());
    }
    return std::any_of(sequence.begin(), sequence.end(), [&](ControlId id) { return stopAt(id, step); });
}

void EntryView::tabOn(const QWidget *box, int step)
{
    const QList<ControlId> sequence = tabSequence(m_form);
    qsizetype at = 0;
    while (at < sequence.size() && widgetFor(sequence.at(at)) != box) {
        ++at;
    }
    for (qsizetype next = at + step; at < sequence.size() && next >= 0 && next < sequence.size(); next += step) {
        if (stopAt(sequence.at(next), step)) {
            return;
        }
    }
    // Out of a form inside another: on with what stands behind it there.
    for (QWidget *above = parentWidget(); above; above = above->parentWidget()) {
        auto *outer = qobject_cast<EntryView *>(above);
        if (!outer) {
            continue;
        }
        for (const auto &[id, editor] : outer->m_editors) {
            if (editor->widget()->isAncestorOf(this)) {
                outer->tabOn(editor->widget(), step);
                return;
            }
        }
        if (outer->m_rowView == this) { // one row in full, below the rows
            step > 0 ? static_cast<void>(outer->focusNextPrevChild(true)) : outer->focusFirst();
            return;
        }
    }
    if (step > 0 && goOnBehindLast()) {
        return;
    }
    if (step > 0 && m_strip->isVisible() && m_strip->takeKeyboard()) {
        return;
    }
    stopAtEnd(step); // round again
}

void EntryView::focusFirst()
{
    const QList<ControlId> sequence = tabSequence(m_form);
    const QSet<ControlId> behind = outOfSight();
    const auto isTypedInto = [&](ControlId id) {
        const Control &control = *m_form.controls.find(id);
        const Editor editor = kindNamed(control.kind).editor;
        return editor != Editor::Button && editor != Editor::Rows && editor != Editor::Image && !isJumpList(control) &&
               !behind.contains(id);
    };
    for (const ControlId id : sequence) {
        if (isTypedInto(id) && stopAt(id, 1)) {
            return;
        }
    }
    for (const ControlId id : sequence) {
        if (!behind.contains(id) && stopAt(id, 1)) {
            return;
        }
    }
    if (!stopAtEnd(1) && m_strip->isVisible()) {
        m_strip->takeKeyboard();
    }
}

// ---------------------------------------------------------------- keys of single boxes

bool EntryView::isLink(const QObject *box) const
{
    return std::any_of(m_editors.begin(), m_editors.end(), [&](const auto &each) {
        return each.second->widget() == box && each.second->control().kind == QLatin1String("link");
    });
}

bool EntryView::followLink(QObject *box) const
{
    auto *line = isLink(box) ? qobject_cast<BoxLine *>(box) : nullptr;
    if (line) {
        Q_EMIT line->openRequested();
    }
    return line;
}

// A long text in a window of its own.
bool EntryView::openText(const QObject *box)
{
    for (const auto &[id, editor] : m_editors) {
        const Editor sort = kindNamed(editor->control().kind).editor;
        if (editor->widget() != box || (sort != Editor::LongText && sort != Editor::Image)) {
            continue;
        }
        const Control control = editor->control();
        if (sort == Editor::Image) {
            showPicture(m_session->state().value(control.column).toByteArray(), calledFor(m_form, control), this);
            return true;
        }
        const std::optional<QString> text =
            textInWindow(this, calledFor(m_form, control), m_session->values().shown(control).words,
                         m_session->values().mayType(control));
        if (text) {
            m_session->typing().type(control, *text);
        }
        return true;
    }
    return false;
}

} // namespace nabblet
