// Keeps what is typed into a record and not saved yet on the disk, so that a crash or a power cut loses at most a few
// seconds of it. Whatever the program keeps of it goes when it is saved or let go.
#pragma once

#include "core/file/kept_apart.h"

#include <QObject>
#include <QTimer>

class QWidget;

namespace nabblet {

class EntrySession;

class RecordRecovery : public QObject
{
    Q_OBJECT

public:
    // session must live as long. formPath: the form's file; empty for one that has none yet.
    RecordRecovery(EntrySession *session, const QString &formPath, QObject *parent = nullptr);
    ~RecordRecovery() override;

    // Writes at once what would be written in a moment.
    void keepNow();
    static constexpr int Delay = 2; // seconds between a key and its being written

private:
    EntrySession *m_session;
    QString m_wanted;
    HeldFile m_held;
    QTimer m_timer;
};

// Where what was typed with a form on a database is kept: in the program's own folder.
QString typedPath(const EntrySession &session, const QString &formPath);

// Offers what an earlier run left; true when it was taken up and stands in the boxes again, not saved.
bool offerTyped(EntrySession *session, const QString &formPath, QWidget *parent);

} // namespace nabblet
