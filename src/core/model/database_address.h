// Where a database is: a kind of database, and parts by name. A file is one part; a server's host, port, database and
// user are four. Never a password.
#pragma once

#include <QMap>
#include <QString>

namespace nabblet {

struct DatabaseAddress
{
    QString dialect = QStringLiteral("sqlite");
    QMap<QString, QString> parts; // "file": a path; others as their dialect names them

    QString part(const char *name) const { return parts.value(QLatin1String(name)); }
    bool isEmpty() const { return parts.isEmpty(); }
    bool operator==(const DatabaseAddress &) const = default;
};

// Of a database that is a file.
DatabaseAddress addressOfFile(const QString &path);

// What a person calls it, short (a file's own name, a server's database) …
QString addressTitle(const DatabaseAddress &address);
// … and in full, for sentences.
QString addressWords(const DatabaseAddress &address);
// One text that no other address has, to keep things apart by.
QString addressKey(const DatabaseAddress &address);

// A file by its way from a folder, as a project stores it, and by its whole path again; other parts stay.
DatabaseAddress relativeTo(const DatabaseAddress &address, const QString &folder);
DatabaseAddress absoluteFrom(const DatabaseAddress &address, const QString &folder);

} // namespace nabblet
