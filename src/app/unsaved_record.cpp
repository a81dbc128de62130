#include "app/unsaved_record.h"

#include "entry/entry_session.h"

#include <QMessageBox>
#include <QPushButton>

namespace nabblet {

bool mayLeaveRecord(EntrySession *session, QWidget *parent)
{
    if (!session->isChanged()) {
        return true;
    }
    QMessageBox box(QMessageBox::Question, EntrySession::tr("Record not saved"),
                    EntrySession::tr("Save the record “%1” first?").arg(session->recordWords()), QMessageBox::NoButton, parent);
    box.setInformativeText(EntrySession::tr("Changed: %1.").arg(session->changedCaptions().join(QStringLiteral(", "))));
    QPushButton *keep = box.addButton(EntrySession::tr("Save"), QMessageBox::AcceptRole);
    QPushButton *letGo = box.addButton(EntrySession::tr("Let it go"), QMessageBox::DestructiveRole);
    QPushButton *stay = box.addButton(EntrySession::tr("Stay"), QMessageBox::RejectRole);
    box.setDefaultButton(keep);
    box.setEscapeButton(stay);
    box.exec();
    return box.clickedButton() == letGo || (box.clickedButton() == keep && session->save());
}

} // namespace nabblet
