// Databases for tests, made with SQLite's own client so that what the program reads was not written by the program.
#pragma once

#include "data/dialect/connection.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>

#include <cstdio>

namespace nabblet::samples {

// Runs SQL with the sqlite3 client and gives what it printed, without the last line break; what it printed on the error
// channel when it failed.
inline QString sqlite3(const QString &file, const QString &sql)
{
    const auto quoted = [](QString path) { return u'\'' + path.replace(u'\'', QLatin1String("'\\''")) + u'\''; };
    QTemporaryDir folder;
    QFile script(folder.filePath(QStringLiteral("sql")));
    if (!script.open(QIODevice::WriteOnly) || script.write(sql.toUtf8()) < 0) {
        qFatal("the SQL for sqlite3 could not be written");
    }
    script.close();
    QFile errors(folder.filePath(QStringLiteral("errors")));
    // Not by QProcess: clang's thread sanitizer does not outlive how that starts a program.
    const QString call =
        QStringLiteral("sqlite3 -bail -cmd '.timeout 10000' -cmd 'PRAGMA foreign_keys = ON' %1 < %2 2> %3")
            .arg(quoted(file), quoted(script.fileName()), quoted(errors.fileName()));
    FILE *printed = popen(call.toUtf8().constData(), "r");
    if (!printed) {
        qFatal("sqlite3 could not be started");
    }
    QFile pipe;
    pipe.open(printed, QIODevice::ReadOnly);
    const QByteArray said = pipe.readAll();
    pclose(printed);
    const bool hasErrors = errors.open(QIODevice::ReadOnly) && errors.size() > 0;
    return QString::fromUtf8(hasErrors ? errors.readAll() : said).trimmed();
}

// The demonstration's database in a new file of that folder.
inline QString fairwayDatabase(const QTemporaryDir &folder, const QString &name = QStringLiteral("fairway.db"))
{
    const QString path = folder.filePath(name);
    QFile script(QStringLiteral(NABBLET_ROOT "/demo/fairway.sql"));
    if (!script.open(QIODevice::ReadOnly)) {
        qFatal("demo/fairway.sql is not there");
    }
    const QString said = sqlite3(path, QString::fromUtf8(script.readAll()));
    if (!said.isEmpty()) {
        qFatal("%s", qPrintable(said));
    }
    return path;
}

// The demonstration's project in a folder of its own within that one, with the forms buoy and visit and its database.
inline QString depotProject(const QTemporaryDir &folder)
{
    static int made = 0;
    const QString project = folder.filePath(QStringLiteral("depot%1").arg(++made));
    const QString demo = QStringLiteral(NABBLET_ROOT "/demo/fairway-depot/");
    QDir().mkpath(project + QStringLiteral("/forms"));
    bool isThere = QFile::copy(demo + QStringLiteral("project.nabblet"), project + QStringLiteral("/project.nabblet"));
    for (const char *name : {"buoy", "visit"}) {
        const QString form = QStringLiteral("forms/%1.nabform").arg(QLatin1String(name));
        isThere = isThere && QFile::copy(demo + form, project + u'/' + form);
    }
    if (!isThere || !QFile::rename(fairwayDatabase(folder), project + QStringLiteral("/fairway.db"))) {
        qFatal("the demonstration's project could not be copied");
    }
    return project;
}

inline Connection opened(const QString &path)
{
    Result<Connection> connection = Connection::open(addressOfFile(path));
    if (!connection) {
        qFatal("%s", qPrintable(connection.error().sentence));
    }
    return *connection;
}

} // namespace nabblet::samples
