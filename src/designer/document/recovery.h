// Keeps unsaved work on the disk, so that a crash or a power cut loses at most a few seconds of it.
#pragma once

#include "core/file/kept_apart.h"
#include "designer/document/form_document.h"

#include <QTimer>

#include <optional>

namespace nabblet {

// Where the unsaved state of a form is kept: beside its file, hidden; for a form that was never saved, in the program's
// own folder, by the database it was drafted from.
QString recoveryPath(const QString &formPath, const QString &database);

// Unsaved work and the file that it was left in.
struct LeftWork
{
    Form form;
    QString file;
};
// The unsaved work that earlier runs left at recoveryPath(), as far as it differs from what is saved; never what
// another program that still runs is doing. saved: the form as its file holds it, or nullptr. A file that cannot be
// read is left where it is and not offered.
QList<LeftWork> leftUnsaved(const QString &recoveryFile, const Form *saved);

// Writes the document's unsaved state a few seconds after a change. The file goes when the document is saved, undone to
// what is saved, or closed by the person; it stays when the program ends in any other way.
class Recovery : public QObject
{
    Q_OBJECT

public:
    Recovery(FormDocument *document, QString database, QObject *parent = nullptr);

    // The person saved or let the work go: nothing is to be recovered.
    void forget();
    // Goes on with the file in which work was left that was taken up.
    void goOnIn(const QString &file);
    // Writes at once what would be written in a few seconds.
    void keepNow();
    // Seconds between a change and its being written.
    static constexpr int Delay = 3;

Q_SIGNALS:
    void failed(const nabblet::Error &error); // told once, until writing works again

private:
    FormDocument *m_document;
    QString m_database;
    HeldFile m_held; // the file that holds unsaved work now
    QTimer m_timer;
    bool m_hasFailed = false;
};

} // namespace nabblet
