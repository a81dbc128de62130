// Every change of what a form at work knows, in one place.
#pragma once

#include "entry/state/entry_state.h"

#include <functional>

namespace nabblet {

class StateChanges
{
public:
    // messagesChanged: called when other sentences stand beside the boxes.
    StateChanges(EntryState atFirst, std::function<void()> messagesChanged);

    // The same one as long as this lives.
    const EntryState &state() const { return m_state; }

    void setForm(const Form &form)
    {
        m_state.form = form;
        ++m_state.formEdition;
    }
    void setCatalogue(const Catalogue &catalogue) { m_state.catalogue = catalogue; }
    void setLocale(const QLocale &locale) { m_state.locale = locale; }
    // From then on the form has rows.
    void setSource(const RecordSource &source);
    // Holds the rows to those that belong to a record.
    void holdTo(const HeldTo &heldTo);

    void setWanted(const Wanted &wanted, std::shared_ptr<const RecordSource> asThere = {})
    {
        m_state.wanted = wanted;
        m_state.asThere = std::move(asThere);
    }
    void setKeptForNext(const QStringList &columns) { m_state.keptForNext = columns; }

    // Another record, with all that is known of it.
    void setRecord(const RecordInHand &record) { m_state.record = record; }
    // The record's row as it is stored; what was typed stays.
    void setRow(const std::optional<Row> &row) { m_state.record.row = row; }
    void setTyped(const QString &column, const TypedValue &typed) { m_state.record.typed.insert(column, typed); }
    // False where nothing was typed there.
    bool dropTyped(const QString &column) { return m_state.record.typed.remove(column) > 0; }

    void setMessages(const QList<FieldMessage> &messages);
    // What is wrong with a control has been mended, and what was wrong with the record may be.
    void dropMessagesAt(ControlId control);
    // What concerns the record as a whole: nothing, or that sentence.
    void setRecordMessage(const QString &sentence);

private:
    EntryState m_state;
    std::function<void()> m_messagesChanged;
};

} // namespace nabblet
