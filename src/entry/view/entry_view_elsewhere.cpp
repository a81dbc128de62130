// Records of other forms, from a form that opens them.
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"
#include "entry/wanted/find_everywhere.h"

namespace nabblet {

bool EntryView::askAndOpen()
{
    const std::optional<FoundElsewhere> found = askForRecordAnywhere(*m_session, this);
    if (!found) {
        return false;
    }
    const Result<Form> form = m_session->formReader()(found->form);
    if (!form) {
        Q_EMIT m_session->said(form.error().sentence);
        return false;
    }
    std::unique_ptr<EntrySession> other = m_session->another(*form);
    if (const Outcome started = other->start(m_session->counting()); !started) {
        Q_EMIT m_session->said(started.error().sentence);
        return false;
    }
    const Appearance appearance(form->look, m_appearance.theme(), m_appearance.base(), m_appearance.book());
    EntrySession *opened = other.get();
    auto *window = new FormWindow(std::move(other), appearance, this->window());
    window->begin();
    return opened->moves().goToKey(found->key); // it says so itself when it cannot
}

} // namespace nabblet
