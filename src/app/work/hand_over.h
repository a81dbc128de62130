// A project given to those who work with its forms: a folder of its own, in which the forms open in Entry alone (as one
// file: hand_over_file.h). Handed over again, its forms are replaced and the data stay; what was handed over before can
// be taken back.
#pragma once

#include "app/work/workspace.h"

#include <QDateTime>

#include <functional>

namespace nabblet {

// The ending of the file in the folder that is opened by a double click.
inline const QString HandedOverEnding = QStringLiteral("nabhand");

struct HandedOver
{
    QString file;           // to be opened
    int version = 0;        // from 1, each time one more
    QStringList changes;    // since the one before, in sentences; empty the first time
    QStringList files;      // that were handed over, from the folder; all else there belongs to those who work with it
    bool holdsData = false; // the database went along; else the forms work where it is
};

// What stands in the way: findings that are to be fixed, undecided places, no form to start with. Sentences, with the
// form that each is about.
QStringList whyNotHandedOver(const Workspace &workspace);

// Hands a project over into a folder. withDatabase: an SQLite database goes along the first time, and is left alone
// later; else the forms work where the project does. The error says what could not be written; forms
// that were there before are put back then.
// goesOn: told how much of the database is copied, from 0 to 1; false gives up, and nothing is handed over.
using GoesOn = std::function<bool(double)>;
Result<HandedOver> handOver(const Workspace &workspace, const QString &folder, bool withDatabase,
                            const GoesOn &goesOn = {});

// What was handed over last, where there is anything.
std::optional<HandedOver> handedOverIn(const QString &folder);
// Puts the version before in the place of the last one. The error says that there is none.
Result<HandedOver> takenBack(const QString &folder);

// Whether a path is that of such a file.
inline bool isHandedOver(const QString &path)
{
    return path.endsWith(u'.' + HandedOverEnding, Qt::CaseInsensitive);
}
// The form that a handed-over project starts with, by the file that is opened: beside it, or unpacked from it.
Result<QString> startFormOf(const QString &file);

} // namespace nabblet
