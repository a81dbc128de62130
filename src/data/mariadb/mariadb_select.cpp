// What the server says of a SELECT, prepared and not run.
#include "data/mariadb/mariadb_driver.h"
#include "data/mariadb/mariadb_parts.h"

#include "core/text/tr.h"

#include <mysql.h>

#include <memory>

namespace nabblet {

namespace {

struct CloseStatement
{
    void operator()(MYSQL_STMT *statement) const { mysql_stmt_close(statement); }
};
using Prepared = std::unique_ptr<MYSQL_STMT, CloseStatement>;

struct FreeResult
{
    void operator()(MYSQL_RES *result) const { mysql_free_result(result); }
};
using Described = std::unique_ptr<MYSQL_RES, FreeResult>;

// The type as the catalogue words it, as far as its kind goes.
QString typeOf(const MYSQL_FIELD &field)
{
    constexpr unsigned BinarySet = 63;
    switch (field.type) {
    case MYSQL_TYPE_TINY:
        return field.length == 1 ? QStringLiteral("boolean") : QStringLiteral("tinyint");
    case MYSQL_TYPE_SHORT:
        return QStringLiteral("smallint");
    case MYSQL_TYPE_INT24:
    case MYSQL_TYPE_LONG:
    case MYSQL_TYPE_YEAR:
        return QStringLiteral("int");
    case MYSQL_TYPE_LONGLONG:
        return QStringLiteral("bigint");
    case MYSQL_TYPE_DECIMAL:
    case MYSQL_TYPE_NEWDECIMAL:
        return QStringLiteral("decimal(%1,%2)").arg(field.length).arg(field.decimals);
    case MYSQL_TYPE_FLOAT:
    case MYSQL_TYPE_DOUBLE:
        return QStringLiteral("double");
    case MYSQL_TYPE_DATE:
    case MYSQL_TYPE_NEWDATE:
        return QStringLiteral("date");
    case MYSQL_TYPE_TIME:
        return QStringLiteral("time");
    case MYSQL_TYPE_DATETIME:
    case MYSQL_TYPE_TIMESTAMP:
        return QStringLiteral("datetime");
    case MYSQL_TYPE_TINY_BLOB:
    case MYSQL_TYPE_BLOB:
    case MYSQL_TYPE_MEDIUM_BLOB:
    case MYSQL_TYPE_LONG_BLOB:
        return field.charsetnr == BinarySet ? QStringLiteral("blob") : QStringLiteral("text");
    default:
        return QStringLiteral("text");
    }
}

} // namespace

Result<QList<SelectColumn>> describeMariadbSelect(const QSqlDatabase &database, const QString &sql)
{
    auto *driver = qobject_cast<MariadbDriver *>(database.driver());
    QString alone = sql.trimmed();
    while (alone.endsWith(u';')) {
        alone = alone.chopped(1).trimmed();
    }
    if (alone.isEmpty()) {
        return Error{Texts::tr("Write a SELECT, such as SELECT * FROM a table."), {}};
    }
    if (!driver->makeReady(sql)) {
        return Error{Texts::tr("The database server does not answer any more."), driver->lastError().databaseText()};
    }
    const auto prepared = [&](const QByteArray &text) {
        Prepared statement(mysql_stmt_init(driver->connection()));
        const int failed = driver->waited<int>(
            [&](int *value) {
                return mysql_stmt_prepare_start(value, statement.get(), text.constData(),
                                                static_cast<unsigned long>(text.size()));
            },
            [&](int *value, int status) { return mysql_stmt_prepare_cont(value, statement.get(), status); });
        return std::pair(std::move(statement), failed == 0);
    };
    const auto [own, isUnderstood] = prepared(alone.toUtf8());
    if (!isUnderstood) {
        const QString said = driver->errorOf(own.get()).databaseText();
        return Error{Texts::tr("The SELECT is not understood: %1").arg(said), said};
    }
    if (mysql_stmt_param_count(own.get()) > 0) {
        return Error{Texts::tr("The SELECT asks for values (?) that nobody gives; write them out."), {}};
    }
    // As it is read later, in brackets: only a SELECT stands there, one alone, and nothing that writes.
    const auto [whole, isReadable] = prepared(QStringLiteral("SELECT * FROM (%1\n) AS `rows`").arg(alone).toUtf8());
    if (!isReadable) {
        const QString said = driver->errorOf(whole.get()).databaseText();
        return Error{Texts::tr("Rows cannot be read from this: %1").arg(said), said};
    }
    const Described described(mysql_stmt_result_metadata(own.get()));
    if (!described) {
        return Error{Texts::tr("Only a SELECT goes here; this one would change the database or gives no rows."), {}};
    }
    QList<SelectColumn> columns;
    for (unsigned i = 0; i < mysql_num_fields(described.get()); ++i) {
        const MYSQL_FIELD &field = *mysql_fetch_field_direct(described.get(), i);
        SelectColumn column;
        column.name = QString::fromUtf8(field.name);
        column.declaredType = typeOf(field);
        column.originTable = QString::fromUtf8(field.org_table);
        column.originColumn = QString::fromUtf8(field.org_name);
        columns.append(column);
    }
    return columns;
}

} // namespace nabblet
