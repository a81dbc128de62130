#include "data/sqlite/file_archive.h"

#include "core/text/tr.h"

#include <QDateTime>
#include <QDir>
#include <QFile>

#include <sqlite3.h>

#include <memory>

namespace nabblet {

namespace {

constexpr int Patience = 5000;               // ms that others may be writing
constexpr qsizetype LargestFile = 256 << 20; // bytes; what claims to be larger is not unpacked
constexpr int RegularFile = 0100644;         // as stat() has it
constexpr qsizetype LengthAhead = 4;         // bytes that Qt puts before what it compressed

struct Close
{
    void operator()(sqlite3 *database) const { sqlite3_close(database); }
    void operator()(sqlite3_stmt *statement) const { sqlite3_finalize(statement); }
};
using Database = std::unique_ptr<sqlite3, Close>;
using Statement = std::unique_ptr<sqlite3_stmt, Close>;

Database opened(const QString &path, int flags)
{
    sqlite3 *database = nullptr;
    sqlite3_open_v2(path.toUtf8().constData(), &database, flags, nullptr);
    sqlite3_busy_timeout(database, Patience);
    return Database(database);
}

Statement prepared(const Database &database, const char *sql)
{
    sqlite3_stmt *statement = nullptr;
    sqlite3_prepare_v2(database.get(), sql, -1, &statement, nullptr);
    return Statement(statement);
}

QByteArray bytesOf(const Statement &statement, int column)
{
    const void *bytes = sqlite3_column_blob(statement.get(), column);
    return bytes ? QByteArray(static_cast<const char *>(bytes), sqlite3_column_bytes(statement.get(), column))
                 : QByteArray();
}

bool staysInside(const QString &name)
{
    return !name.isEmpty() && !name.contains(u'\\') && !name.contains(QChar(u'\0')) && QDir::isRelativePath(name) &&
           QDir::cleanPath(name) == name && name != QLatin1String("..") && !name.startsWith(QLatin1String("../"));
}

// What is stored, as it was: as it is where it got no smaller, else deflated.
std::optional<QByteArray> unpacked(const QByteArray &stored, qint64 size)
{
    if (size == stored.size()) {
        return stored;
    }
    if (size < 0 || size > LargestFile) {
        return {};
    }
    QByteArray ahead(LengthAhead, Qt::Uninitialized);
    for (qsizetype i = 0; i < LengthAhead; ++i) {
        ahead[i] = static_cast<char>((size >> (8 * (LengthAhead - 1 - i))) & 0xff);
    }
    const QByteArray bytes = qUncompress(ahead + stored);
    return bytes.size() == size ? std::optional(bytes) : std::nullopt;
}

Error unreadable(const QString &path, const QString &said)
{
    return Error{Texts::tr("%1 cannot be read: it is damaged, or no file that was handed over.").arg(path), said};
}

} // namespace

bool isFileArchive(const QString &path)
{
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly) || !file.read(16).startsWith("SQLite format 3")) {
        return false;
    }
    const Database database = opened(path, SQLITE_OPEN_READONLY);
    const Statement asked = prepared(database, "SELECT name, mode, mtime, sz, data FROM sqlar LIMIT 0");
    return asked != nullptr;
}

Result<ArchivedFiles> archivedFiles(const QString &path)
{
    const Database database = opened(path, SQLITE_OPEN_READONLY);
    const Statement asked = prepared(database, "SELECT name, sz, data FROM sqlar");
    if (!asked) {
        return unreadable(path, QString::fromUtf8(sqlite3_errmsg(database.get())));
    }
    ArchivedFiles files;
    int answer = SQLITE_OK;
    while ((answer = sqlite3_step(asked.get())) == SQLITE_ROW) {
        const QString name = QString::fromUtf8(bytesOf(asked, 0));
        const std::optional<QByteArray> bytes = unpacked(bytesOf(asked, 2), sqlite3_column_int64(asked.get(), 1));
        if (!bytes) {
            return unreadable(path, name);
        }
        if (staysInside(name)) {
            files.insert(name, *bytes);
        }
    }
    if (answer != SQLITE_DONE) {
        return unreadable(path, QString::fromUtf8(sqlite3_errmsg(database.get())));
    }
    return files;
}

Outcome replaceArchivedFiles(const QString &path, const ArchivedFiles &files)
{
    const Database database = opened(path, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE);
    const auto failed = [&] {
        const QString said = QString::fromUtf8(sqlite3_errmsg(database.get()));
        sqlite3_exec(database.get(), "ROLLBACK", nullptr, nullptr, nullptr);
        return Error{
            Texts::tr("%1 cannot be written. Nothing in it was changed: choose another place, make room there, "
                      "or wait until nobody writes in it.")
                .arg(path),
            said};
    };
    const auto done = [&](const char *sql) {
        return sqlite3_exec(database.get(), sql, nullptr, nullptr, nullptr) == SQLITE_OK;
    };
    if (!done("BEGIN IMMEDIATE") ||
        !done("CREATE TABLE IF NOT EXISTS sqlar (name TEXT PRIMARY KEY, mode INT, mtime INT, sz INT, data BLOB)") ||
        !done("DELETE FROM sqlar")) {
        return failed();
    }
    const Statement put =
        prepared(database, "INSERT INTO sqlar (name, mode, mtime, sz, data) VALUES (?1, ?2, ?3, ?4, ?5)");
    if (!put) {
        return failed();
    }
    const qint64 now = QDateTime::currentSecsSinceEpoch();
    for (auto each = files.begin(); each != files.end(); ++each) {
        const QByteArray name = each.key().toUtf8();
        const QByteArray deflated = qCompress(each.value()).mid(LengthAhead);
        const QByteArray &stored = deflated.size() < each.value().size() ? deflated : each.value();
        sqlite3_bind_text(put.get(), 1, name.constData(), static_cast<int>(name.size()), SQLITE_TRANSIENT);
        sqlite3_bind_int(put.get(), 2, RegularFile);
        sqlite3_bind_int64(put.get(), 3, now);
        sqlite3_bind_int64(put.get(), 4, each.value().size());
        sqlite3_bind_blob(put.get(), 5, stored.constData(), static_cast<int>(stored.size()), SQLITE_TRANSIENT);
        if (sqlite3_step(put.get()) != SQLITE_DONE) {
            return failed();
        }
        sqlite3_reset(put.get());
    }
    return done("COMMIT") ? Outcome(Done{}) : failed();
}

} // namespace nabblet
