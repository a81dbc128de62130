// A whole database file copied while others go on working with it (https://www.sqlite.org/backup.html).
#include "core/text/tr.h"
#include "data/sqlite/sqlite_parts.h"

#include <QDir>
#include <QElapsedTimer>
#include <QFileInfo>

#include <sqlite3.h>

#include <memory>

namespace nabblet {

namespace {

constexpr int PagesAtOnce = 2000;
constexpr int Pause = 50;             // ms that a step waits for whoever writes
constexpr qint64 MostWaited = 10'000; // ms without getting on

struct Close
{
    void operator()(sqlite3 *database) const { sqlite3_close(database); }
};
using Database = std::unique_ptr<sqlite3, Close>;

Database opened(const QString &file, int flags)
{
    sqlite3 *database = nullptr;
    sqlite3_open_v2(file.toUtf8().constData(), &database, flags, nullptr);
    sqlite3_busy_timeout(database, Pause);
    return Database(database);
}

} // namespace

Result<DatabaseAddress> copySqlite(const DatabaseAddress &address, const QString &folder,
                                   const std::function<bool(double)> &goesOn)
{
    const QString file = address.part("file");
    const QString path = QDir(folder).filePath(QFileInfo(file).fileName());
    const auto failed = [&](const QString &said) {
        return Error{Texts::tr("The database could not be copied: %1. Nothing was changed.").arg(said),
                     said};
    };
    const Database from = opened(file, SQLITE_OPEN_READONLY);
    const Database to = opened(path, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE);
    sqlite3_backup *backup = sqlite3_backup_init(to.get(), "main", from.get(), "main");
    if (!backup) {
        return failed(QString::fromUtf8(sqlite3_errmsg(to.get())));
    }
    QElapsedTimer waited; // since it last got on
    waited.start();
    int answer = SQLITE_OK;
    bool isGivenUp = false;
    while ((answer == SQLITE_OK || answer == SQLITE_BUSY || answer == SQLITE_LOCKED) && !isGivenUp &&
           waited.elapsed() < MostWaited) {
        answer = sqlite3_backup_step(backup, PagesAtOnce);
        if (answer == SQLITE_OK) {
            waited.restart();
        }
        const int all = sqlite3_backup_pagecount(backup);
        const double share = all > 0 ? 1.0 - 1.0 * sqlite3_backup_remaining(backup) / all : 0;
        isGivenUp = answer != SQLITE_DONE && goesOn && !goesOn(share);
    }
    sqlite3_backup_finish(backup);
    if (isGivenUp) {
        return Error{Texts::tr("Copying the database was given up. Nothing was changed."), {}};
    }
    if (answer != SQLITE_DONE) {
        return failed(QString::fromUtf8(sqlite3_errstr(answer)));
    }
    DatabaseAddress copied = address;
    copied.parts.insert(QStringLiteral("file"), path);
    return copied;
}

} // namespace nabblet
