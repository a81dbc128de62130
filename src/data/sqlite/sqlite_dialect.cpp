#include "data/sqlite/sqlite_parts.h"

#include "core/text/tr.h"
#include "data/dialect/raw_text.h"
#include "data/dialect/refusal_words.h"

#include <QFileInfo>
#include <QSqlQuery>
#include <QUrl>

namespace nabblet {

namespace {

// SQLite's result codes (https://www.sqlite.org/rescode.html); Qt hands over the extended ones.
enum SqliteCode {
    Busy = 5,
    Locked = 6,
    ReadOnly = 8,
    Interrupted = 9,
    IoError = 10,
    Corrupt = 11,
    Full = 13,
    CantOpen = 14,
    NotADatabase = 26
};

int basicCode(const QSqlError &error)
{
    return error.nativeErrorCode().toInt() & 0xFF;
}

constexpr int BusyTimeout = 1500; // ms that another program's writing is waited for

// Both are counted up by SQLite (https://www.sqlite.org/pragma.html#pragma_schema_version, #pragma_data_version).
DatabaseState sqliteState(const QSqlDatabase &database)
{
    QSqlQuery query(database);
    const auto number = [&](const char *pragma, qint64 *into) {
        const bool isRead = query.exec(QLatin1String("PRAGMA ") + QLatin1String(pragma)) && query.next();
        *into = isRead ? query.value(0).toLongLong() : 0;
        query.finish();
        return isRead;
    };
    DatabaseState now;
    qint64 unused = 0;
    number("busy_timeout = 0", &unused);
    now.isKnown = number("schema_version", &now.catalogue) && number("data_version", &now.data);
    number(qPrintable(QStringLiteral("busy_timeout = %1").arg(BusyTimeout)), &unused);
    return now;
}

Availability sqliteAvailability(const DatabaseAddress &address)
{
    const QFileInfo file(address.part("file"));
    return !file.exists() ? Availability::Gone : file.isWritable() ? Availability::Writable : Availability::ReadOnly;
}

Error sqliteFailure(const QSqlError &error, const DatabaseAddress &address)
{
    const QString file = address.part("file");
    const QString said = error.databaseText();
    switch (basicCode(error)) {
    case Busy:
    case Locked:
        return {
            Texts::tr("The database %1 is being written by another program. Nothing was lost; try again in a moment.")
                .arg(file),
            said};
    case ReadOnly:
        return {Texts::tr("The database %1 can only be read. Ask for the right to write to the file and its folder.")
                    .arg(file),
                said};
    case Corrupt:
        return {
            Texts::tr("The database %1 is damaged. Work on with a backup copy, or let someone repair it.").arg(file),
            said};
    case NotADatabase:
        return {Texts::tr("%1 is not an SQLite database. Choose another file.").arg(file), said};
    case Full:
        return {Texts::tr("The disk with the database %1 is full. What you typed is kept; make room and save again.")
                    .arg(file),
                said};
    case CantOpen:
        return {Texts::tr("The database %1 cannot be opened. Check that the file is there and that you may read it.")
                    .arg(file),
                said};
    case IoError:
        return {Texts::tr("The disk with the database %1 does not answer as it should. Check the disk.").arg(file),
                said};
    default:
        return {Texts::tr("The database %1 did not do what was asked: %2.").arg(file, said), said};
    }
}

Outcome openSqlite(QSqlDatabase &database, const DatabaseAddress &address, bool *isReadOnly)
{
    const QFileInfo info(address.part("file"));
    // SQLite would make an empty database of a wrong name; a person wants to be told.
    if (!info.exists()) {
        return Error{Texts::tr("There is no database file %1. It may have been moved or renamed; choose it anew.")
                         .arg(address.part("file")),
                     {}};
    }
    if (info.isDir()) {
        return Error{Texts::tr("%1 is a folder. Choose a database file.").arg(address.part("file")), {}};
    }
    if (!info.isReadable()) {
        return Error{
            Texts::tr("The database %1 cannot be read. Ask for the right to read the file.").arg(address.part("file")),
            {}};
    }
    *isReadOnly = !info.isWritable();
    // As an address with a mode, so that a file which goes away this very moment is not made anew, empty.
    database.setDatabaseName(QStringLiteral("file:") +
                             QString::fromLatin1(QUrl::toPercentEncoding(address.part("file"), "/")) +
                             (*isReadOnly ? QStringLiteral("?mode=ro") : QStringLiteral("?mode=rw")));
    QString options = QStringLiteral("QSQLITE_OPEN_URI;") + QStringLiteral("QSQLITE_BUSY_TIMEOUT=%1").arg(BusyTimeout);
    database.setConnectOptions(options);
    if (!database.open()) {
        return sqliteFailure(database.lastError(), address);
    }
    QSqlQuery query(database);
    if (!query.exec(QStringLiteral("PRAGMA foreign_keys = ON")) ||
        !query.exec(QStringLiteral("SELECT count(*) FROM sqlite_schema")) || !query.next()) {
        return sqliteFailure(query.lastError(), address);
    }
    return Done{};
}

// The columns that a message such as "UNIQUE constraint failed: buoy.asset_no, buoy.name" names.
QStringList columnsNamed(const QString &list, const Table &table)
{
    QStringList named;
    for (const Column &column : table.columns) {
        const QString full = table.name + u'.' + column.name;
        if (list == full || list.startsWith(full + QLatin1String(", ")) || list.endsWith(QLatin1String(", ") + full) ||
            list.contains(QLatin1String(", ") + full + QLatin1String(", "))) {
            named.append(column.name);
        }
    }
    return named;
}

Refusal sqliteRefusal(const QSqlError &error, const RefusalContext &context)
{
    const QString said = error.databaseText();
    const auto behind = [&said](const char *start) -> std::optional<QString> {
        const QLatin1String text(start);
        return said.startsWith(text) ? std::optional(said.mid(text.size())) : std::nullopt;
    };
    if (const auto list = behind("NOT NULL constraint failed: ")) {
        const QStringList columns = columnsNamed(*list, context.table);
        return columns.isEmpty() ? Refusal{Texts::tr("%1 is needed").arg(*list), {}, said}
                                 : neededRefusal(columns, context, said);
    }
    if (const auto list = behind("UNIQUE constraint failed: ")) {
        const QStringList columns = columnsNamed(*list, context.table);
        return columns.isEmpty()
                   ? Refusal{Texts::tr("Another record has this value already; %1 must differ").arg(*list), {}, said}
                   : takenRefusal(columns, context, said);
    }
    if (const auto named = behind("CHECK constraint failed: ")) {
        return ruleRefusal(*named, context, said);
    }
    if (said.startsWith(QLatin1String("FOREIGN KEY constraint failed"))) {
        return {QString(), {}, said}; // SQLite does not say which; records.cpp finds out
    }
    if (said.startsWith(QLatin1String("cannot store "))) {
        for (const Column &column : context.table.columns) {
            if (said.endsWith(u' ' + context.table.name + u'.' + column.name)) {
                return {Texts::tr("%1 does not take this kind of value").arg(context.captionFor(column.name)),
                        {column.name},
                        said};
            }
        }
    }
    if (said == QLatin1String("datatype mismatch")) {
        return {Texts::tr("%1 does not take this kind of value").arg(captionsOf(context.table.primaryKey, context)),
                context.table.primaryKey, said};
    }
    const int code = basicCode(error);
    if (code == Busy || code == Locked) {
        return {
            Texts::tr(
                "Another program is writing to the database just now. What you typed is kept; save again in a moment."),
            {},
            said};
    }
    if (code == ReadOnly) {
        return {Texts::tr("The database can only be read. Ask for the right to write to its file and folder. What you "
                          "typed is kept."),
                {},
                said};
    }
    if (code == Full) {
        return {Texts::tr("The disk is full, so nothing was saved. What you typed is kept; make room and save again."),
                {},
                said};
    }
    return {Texts::tr("The database refuses this: %1").arg(said), {}, said};
}

class SqliteDialect final : public Dialect
{
public:
    QString name() const override { return QStringLiteral("sqlite"); }
    QString driver() const override { return QStringLiteral("QSQLITE"); }

    Outcome open(QSqlDatabase &database, const DatabaseAddress &address, bool *isReadOnly) const override
    {
        return openSqlite(database, address, isReadOnly);
    }
    Result<Catalogue> readCatalogue(const QSqlDatabase &database, const DatabaseAddress &address) const override
    {
        return readSqliteCatalogue(database, address);
    }
    Result<QList<SelectColumn>> describeSelect(const QSqlDatabase &database, const QString &sql) const override
    {
        return describeSqliteSelect(database, sql);
    }
    DatabaseState state(const QSqlDatabase &database) const override { return sqliteState(database); }
    std::optional<qint64> rowsWritten(const QSqlDatabase &database) const override
    {
        // https://www.sqlite.org/lang_corefunc.html#total_changes: what triggers and links did counts, too
        QSqlQuery query(database);
        const bool isTold = query.exec(QStringLiteral("SELECT total_changes()")) && query.next();
        return isTold ? std::optional(query.value(0).toLongLong()) : std::nullopt;
    }
    Availability availability(const QSqlDatabase &, const DatabaseAddress &address) const override
    {
        return sqliteAvailability(address);
    }
    Result<DatabaseAddress> copyWhole(const DatabaseAddress &address, const QString &folder,
                                      const std::function<bool(double)> &goesOn) const override
    {
        return copySqlite(address, folder, goesOn);
    }

    void watch(const QSqlDatabase &database, Interruption *interruption) const override
    {
        watchSqlite(database, interruption);
    }
    std::function<void()> interrupter(const QSqlDatabase &database) const override
    {
        return sqliteInterrupter(database);
    }
    bool wasInterrupted(const QSqlError &error) const override { return basicCode(error) == Interrupted; }

    Refusal explainRefusal(const QSqlError &error, const RefusalContext &context) const override
    {
        return sqliteRefusal(error, context);
    }
    Error explainFailure(const QSqlError &error, const DatabaseAddress &address) const override
    {
        return sqliteFailure(error, address);
    }

    QString beginWriting() const override { return QStringLiteral("BEGIN IMMEDIATE"); }
    QString placeOf(const QVariant &value) const override
    {
        return isRawText(value) ? QStringLiteral("CAST(? AS TEXT)") : QStringLiteral("?");
    }
    QString bytesOf(const QString &column) const override { return QStringLiteral("CAST(%1 AS BLOB)").arg(column); }
    // IS counts two NULLs as equal, but compares texts by the column's collation, where small and capital letters may
    // be the same; their bytes differ.
    QString isStillAs(const QString &column, const QVariant &read) const override
    {
        if (isRawText(read) || read.typeId() == QMetaType::QByteArray) {
            return QStringLiteral("CAST(%1 AS BLOB) IS ?").arg(column);
        }
        if (read.typeId() == QMetaType::QString) {
            return QStringLiteral("CAST(%1 AS BLOB) IS CAST(? AS BLOB)").arg(column);
        }
        return column + QLatin1String(" IS ?");
    }
    // Each end of the key by itself is one step down the tree; both in one SELECT walk it whole
    // (https://www.sqlite.org/optoverview.html#minmax).
    QString spanOf(const QString &key, const QString &table) const override
    {
        return QStringLiteral(
                   "SELECT CAST(min(9e15, (SELECT max(%1) FROM %2) - (SELECT min(%1) FROM %2) + 1) AS INTEGER)")
            .arg(key, table);
    }
    QString copyInto(const QString &table, const QString &select) const override
    {
        return QStringLiteral("CREATE TEMP TABLE %1 AS %2").arg(table, select);
    }
    // A column of that name hides the number (https://www.sqlite.org/lang_createtable.html#rowid).
    QString rowNumberOfCopies(const QStringList &columns) const override
    {
        for (const char *name : {"rowid", "_rowid_", "oid"}) {
            if (!columns.contains(QLatin1String(name), Qt::CaseInsensitive)) {
                return QLatin1String(name);
            }
        }
        return {};
    }
};

} // namespace

const Dialect &sqliteDialect()
{
    static const SqliteDialect dialect;
    return dialect;
}

} // namespace nabblet
