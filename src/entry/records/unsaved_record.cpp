#include "entry/records/unsaved_record.h"

#include "entry/session/entry_session.h"
#include "entry/theme/ask.h"

namespace nabblet {

namespace {

// What was typed is put back everywhere, so that nothing of it is kept to be offered after a crash, or set aside.
void letGo(EntrySession *session)
{
    if (session->state().isChanged()) {
        session->takingBack().takeBack();
    }
    if (!session->hasUnsaved()) {
        return;
    }
    for (const Control &control : session->form().controls) {
        if (EntrySession *rows = session->children().of(control)) {
            letGo(rows);
        }
    }
    if (EntrySession *row = session->row()) {
        letGo(row);
    }
}

} // namespace

bool mayLeaveRecord(EntrySession *session, QWidget *parent)
{
    if (session->hasUnsaved()) {
        const QStringList changed = session->state().changedCaptions();
        const int answer =
            ask({EntrySession::tr("Record not saved"),
                 EntrySession::tr("Save the record “%1” first?").arg(session->values().recordWords()),
                 changed.isEmpty() ? EntrySession::tr("Changed: rows that belong to it.")
                                   : EntrySession::tr("Changed: %1.").arg(changed.join(QStringLiteral(", "))),
                 {EntrySession::tr("Save"), EntrySession::tr("Let it go"), EntrySession::tr("Stay")},
                 0,
                 2},
                parent);
        if (answer == 1) {
            letGo(session);
        }
        const bool isSettled = answer == 1 || (answer == 0 && session->saving().save());
        if (!isSettled) {
            return false;
        }
    }
    const QStringList aside = session->typing().rowsSetAside();
    return aside.isEmpty() ||
           ask({EntrySession::tr("Record not saved"),
                EntrySession::tr("Let go what was typed in “%1”?").arg(aside.join(QStringLiteral("”, “"))),
                EntrySession::tr(
                    "The form does not show these rows any more. Undo the change of its rows to go on with "
                    "the record."),
                {EntrySession::tr("Let it go"), EntrySession::tr("Stay")},
                1,
                1},
               parent) == 0;
}

} // namespace nabblet
