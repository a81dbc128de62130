#include "data/sqlite/sqlite_script.h"

#include "core/text/tr.h"

#include <QFile>

#include <sqlite3.h>

namespace nabblet {

Outcome makeDatabase(const QString &path, const QByteArray &script)
{
    if (QFile::exists(path)) {
        return Error{Texts::tr("%1 is there already.").arg(path), {}};
    }
    sqlite3 *database = nullptr;
    int code = sqlite3_open(path.toUtf8().constData(), &database);
    if (code == SQLITE_OK) {
        code = sqlite3_exec(database, script.constData(), nullptr, nullptr, nullptr);
    }
    const QString why = database ? QString::fromUtf8(sqlite3_errmsg(database)) : QString();
    sqlite3_close(database);
    if (code != SQLITE_OK) {
        QFile::remove(path);
        return Error{
            Texts::tr("%1 could not be made. Look whether there is room and whether you may write there.").arg(path),
            why};
    }
    return Done{};
}

} // namespace nabblet
