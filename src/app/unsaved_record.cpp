#include "app/unsaved_record.h"

#include "entry/ask.h"
#include "entry/entry_session.h"

namespace nabblet {

bool mayLeaveRecord(EntrySession *session, QWidget *parent)
{
    if (!session->isChanged()) {
        return true;
    }
    const int answer = ask({EntrySession::tr("Record not saved"),
                            EntrySession::tr("Save the record “%1” first?").arg(session->recordWords()),
                            EntrySession::tr("Changed: %1.").arg(session->changedCaptions().join(QStringLiteral(", "))),
                            {EntrySession::tr("Save"), EntrySession::tr("Let it go"), EntrySession::tr("Stay")},
                            0,
                            2},
                           parent);
    return answer == 1 || (answer == 0 && session->save());
}

} // namespace nabblet
