#include "entry/state/state_changes.h"

namespace nabblet {

StateChanges::StateChanges(EntryState atFirst, std::function<void()> messagesChanged)
    : m_state(std::move(atFirst)), m_messagesChanged(std::move(messagesChanged))
{
}

void StateChanges::setSource(const RecordSource &source)
{
    m_state.source = source;
    m_state.isStarted = true;
}

void StateChanges::holdTo(const HeldTo &heldTo)
{
    m_state.heldTo = heldTo;
    if (m_state.isStarted) {
        m_state.source = linkedTo(m_state.source, heldTo.columns, heldTo.values);
    }
}

void StateChanges::setMessages(const QList<FieldMessage> &messages)
{
    m_state.messages = messages;
    m_messagesChanged();
}

void StateChanges::dropMessagesAt(ControlId control)
{
    QList<FieldMessage> messages = m_state.messages;
    const auto isMended = [&](const FieldMessage &message) {
        return message.control == control || message.control == 0;
    };
    if (messages.removeIf(isMended) > 0) { // at every letter, so nothing is told where nothing changed
        setMessages(messages);
    }
}

void StateChanges::setRecordMessage(const QString &sentence)
{
    QList<FieldMessage> messages = m_state.messages;
    messages.removeIf([](const FieldMessage &message) { return message.control == 0; });
    if (!sentence.isEmpty()) {
        messages.append({0, sentence});
    }
    setMessages(messages);
}

} // namespace nabblet
