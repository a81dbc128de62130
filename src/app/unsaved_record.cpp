#include "app/unsaved_record.h"

#include "entry/ask.h"
#include "entry/entry_session.h"

namespace nabblet {

bool mayLeaveRecord(EntrySession *session, QWidget *parent)
{
    if (!session->hasUnsaved()) {
        return true;
    }
    const QStringList changed = session->changedCaptions();
    const int answer =
        ask({EntrySession::tr("Record not saved"),
             EntrySession::tr("Save the record “%1” first?").arg(session->recordWords()),
             changed.isEmpty() ? EntrySession::tr("Changed: rows that belong to it.")
                               : EntrySession::tr("Changed: %1.").arg(changed.join(QStringLiteral(", "))),
             {EntrySession::tr("Save"), EntrySession::tr("Let it go"), EntrySession::tr("Stay")},
             0,
             2},
            parent);
    return answer == 1 || (answer == 0 && session->save());
}

} // namespace nabblet
