// What only SQLite's own interface gives: ending a statement that is under way, and what the columns of a SELECT are
// and where they come from (https://www.sqlite.org/c3ref/column_database_name.html).
#include "core/formula/bounded_functions.h"
#include "core/text/tr.h"
#include "data/records/statement.h"
#include "data/sqlite/sqlite_parts.h"

#include <QSqlDriver>

#include <sqlite3.h>

#include <memory>

namespace nabblet {

namespace {

constexpr int StepsBetweenLooks = 4000;
// Of one value. Larger ones are not read; a form has no use for them, and a SELECT that makes one up would hold the
// window for seconds in a single step.
constexpr int LongestValue = 256 << 20; // bytes

int mustEnd(void *watched)
{
    auto *interruption = static_cast<Interruption *>(watched);
    if (interruption->isCancelled && interruption->isCancelled->load(std::memory_order_relaxed)) {
        return 1;
    }
    interruption->isOver =
        interruption->isOver || (interruption->hasLimit && interruption->clock.elapsed() > interruption->most);
    return interruption->hasLimit && interruption->isOver ? 1 : 0;
}

// SQLite's own handle of a connection, or nullptr.
sqlite3 *handleOf(const QSqlDatabase &database)
{
    const QVariant handed = database.driver()->handle();
    const bool isSqlite = handed.isValid() && qstrcmp(handed.typeName(), "sqlite3*") == 0;
    return isSqlite ? *static_cast<sqlite3 *const *>(handed.constData()) : nullptr;
}

struct Finalize
{
    void operator()(sqlite3_stmt *statement) const { sqlite3_finalize(statement); }
};
using Prepared = std::unique_ptr<sqlite3_stmt, Finalize>;

Prepared prepared(sqlite3 *handle, const QString &sql, QByteArray *rest)
{
    const QByteArray text = sql.toUtf8();
    sqlite3_stmt *statement = nullptr;
    const char *tail = nullptr;
    sqlite3_prepare_v2(handle, text.constData(), static_cast<int>(text.size()), &statement, &tail);
    *rest = tail ? QByteArray(tail) : QByteArray();
    return Prepared(statement);
}

QString textOf(const char *text)
{
    return text ? QString::fromUtf8(text) : QString();
}

// Only white space, semicolons and comments.
bool isEmptySql(sqlite3 *handle, const QByteArray &sql)
{
    QByteArray rest = sql;
    while (!rest.trimmed().isEmpty()) {
        QByteArray next;
        const Prepared statement = prepared(handle, QString::fromUtf8(rest), &next);
        if (statement || next.size() >= rest.size()) {
            return false;
        }
        rest = next;
    }
    return true;
}

} // namespace

void watchSqlite(const QSqlDatabase &database, Interruption *interruption)
{
    if (sqlite3 *handle = handleOf(database)) {
        sqlite3_progress_handler(handle, StepsBetweenLooks, mustEnd, interruption);
        sqlite3_limit(handle, SQLITE_LIMIT_LENGTH, LongestValue);
        boundFormatting(handle);
    }
}

std::function<void()> sqliteInterrupter(const QSqlDatabase &database)
{
    sqlite3 *handle = handleOf(database);
    return [handle] {
        if (handle) {
            sqlite3_interrupt(handle);
        }
    };
}

Result<QList<SelectColumn>> describeSqliteSelect(const QSqlDatabase &database, const QString &sql)
{
    sqlite3 *handle = handleOf(database);
    if (!handle) {
        return Error{Texts::tr("The database does not say what the SELECT gives."), {}};
    }
    if (sql.trimmed().isEmpty()) {
        return Error{Texts::tr("Write a SELECT, such as SELECT * FROM a table."), {}};
    }
    QByteArray rest;
    const Prepared alone = prepared(handle, sql, &rest);
    if (!alone) {
        const QString said = textOf(sqlite3_errmsg(handle));
        return Error{Texts::tr("The SELECT is not understood: %1").arg(said), said};
    }
    if (sqlite3_stmt_readonly(alone.get()) == 0 || sqlite3_column_count(alone.get()) == 0) {
        return Error{Texts::tr("Only a SELECT goes here; this one would change the database or gives no rows."), {}};
    }
    if (!isEmptySql(handle, rest)) {
        return Error{Texts::tr("One SELECT alone goes here; there is more behind it."), {}};
    }
    if (sqlite3_bind_parameter_count(alone.get()) > 0) {
        return Error{Texts::tr("The SELECT asks for values (%1) that nobody gives; write them out.")
                         .arg(textOf(sqlite3_bind_parameter_name(alone.get(), 1)).isEmpty()
                                  ? QStringLiteral("?")
                                  : textOf(sqlite3_bind_parameter_name(alone.get(), 1))),
                     {}};
    }
    // As it is read later, so that columns of the same name get the names they are read by.
    const Prepared whole = prepared(handle, QStringLiteral("SELECT * FROM (%1\n) LIMIT 1").arg(withoutEnd(sql)), &rest);
    if (!whole) {
        const QString said = textOf(sqlite3_errmsg(handle));
        return Error{Texts::tr("Rows cannot be read from this: %1").arg(said), said};
    }
    // A SELECT that is long in coming with its first row is described without it, when the caller's patience ends.
    const bool hasRow = sqlite3_step(whole.get()) == SQLITE_ROW;
    QList<SelectColumn> columns;
    for (int i = 0; i < sqlite3_column_count(whole.get()); ++i) {
        SelectColumn column;
        column.name = textOf(sqlite3_column_name(whole.get(), i));
        column.declaredType = textOf(sqlite3_column_decltype(whole.get(), i));
        column.originTable = textOf(sqlite3_column_table_name(whole.get(), i));
        column.originColumn = textOf(sqlite3_column_origin_name(whole.get(), i));
        if (column.declaredType.isEmpty() && hasRow) {
            // What is worked out has no declared type; the first row tells.
            const int type = sqlite3_column_type(whole.get(), i);
            column.declaredType = type == SQLITE_INTEGER ? QStringLiteral("INTEGER")
                                  : type == SQLITE_FLOAT ? QStringLiteral("REAL")
                                  : type == SQLITE_BLOB  ? QStringLiteral("BLOB")
                                                         : QString();
        }
        columns.append(column);
    }
    return columns;
}

} // namespace nabblet
