// The records that a person worked with last, by project: kept on this computer, for them alone.
#pragma once

#include <QList>
#include <QString>
#include <QVariantList>

class QObject;

namespace nabblet {

struct UsedRecord
{
    QString form;     // its name in the project
    QString title;    // of the form, in words
    QVariantList key; // of the record
    QString words;    // of the record

    bool operator==(const UsedRecord &) const = default;
};

// The last one first.
QList<UsedRecord> recordsUsedLately(const QString &projectFolder);
void rememberUsed(const QString &projectFolder, const UsedRecord &record);

class EntrySession;
// Keeps what is worked with there: a record that stays in hand for a while. As long as the owner lives.
void rememberWhatIsUsed(EntrySession &session, QObject *owner);

} // namespace nabblet
