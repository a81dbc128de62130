// Files kept in an SQLite database, in the table of SQLite's own archives (https://www.sqlite.org/sqlar.html), which
// the sqlite3 program and others read, too. The database may hold anything else besides.
#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QMap>
#include <QString>

namespace nabblet {

using ArchivedFiles = QMap<QString, QByteArray>; // by their names, with / between folders

// Whether a file is an SQLite database with such a table.
bool isFileArchive(const QString &path);
// All of them. Those whose names lead out of a folder that they are unpacked into are left out.
Result<ArchivedFiles> archivedFiles(const QString &path);
// Puts these in the place of all that were archived, at once or not at all. Makes the table, and the database where
// there is none.
Outcome replaceArchivedFiles(const QString &path, const ArchivedFiles &files);

} // namespace nabblet
