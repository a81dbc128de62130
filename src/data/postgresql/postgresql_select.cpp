// What the server says of a SELECT, prepared and not run.
#include "data/postgresql/postgresql_driver.h"
#include "data/postgresql/postgresql_parts.h"

#include "core/text/tr.h"

#include <QSqlQuery>

#include <libpq-fe.h>

#include <memory>

namespace nabblet {

namespace {

using Given = std::unique_ptr<PGresult, void (*)(PGresult *)>;

Given owned(PGresult *result)
{
    return {result, [](PGresult *each) { PQclear(each); }};
}

bool isGood(const Given &result)
{
    return PQresultStatus(result.get()) == PGRES_COMMAND_OK;
}

QString saidOf(const Given &result)
{
    const char *words = PQresultErrorField(result.get(), PG_DIAG_MESSAGE_PRIMARY);
    return QString::fromUtf8(words ? words : PQresultErrorMessage(result.get())).trimmed();
}

} // namespace

Result<QList<SelectColumn>> describePostgresqlSelect(const QSqlDatabase &database, const QString &sql)
{
    auto *driver = qobject_cast<PostgresqlDriver *>(database.driver());
    QString alone = sql.trimmed();
    while (alone.endsWith(u';')) {
        alone = alone.chopped(1).trimmed();
    }
    if (alone.isEmpty()) {
        return Error{Texts::tr("Write a SELECT, such as SELECT * FROM a table."), {}};
    }
    driver->finishUnderWay();
    if (!driver->connection()) {
        return Error{Texts::tr("The database server does not answer any more."), {}};
    }
    // As it is read later, in brackets: only a SELECT stands there, one alone, and nothing that writes.
    const QByteArray whole = QStringLiteral("SELECT * FROM (%1\n) AS rows").arg(alone).toUtf8();
    const Given prepared = owned(PQprepare(driver->connection(), "", whole.constData(), 0, nullptr));
    if (!isGood(prepared)) {
        const QString said = saidOf(prepared);
        return Error{Texts::tr("Rows cannot be read from this: %1").arg(said), said};
    }
    const Given described = owned(PQdescribePrepared(driver->connection(), ""));
    if (!isGood(described)) {
        const QString said = saidOf(described);
        return Error{Texts::tr("The SELECT is not understood: %1").arg(said), said};
    }
    if (PQnparams(described.get()) > 0) {
        return Error{Texts::tr("The SELECT asks for values ($1) that nobody gives; write them out."), {}};
    }
    QList<SelectColumn> columns;
    for (int i = 0; i < PQnfields(described.get()); ++i) {
        SelectColumn column;
        column.name = QString::fromUtf8(PQfname(described.get(), i));
        QSqlQuery query(database);
        query.prepare(
            QStringLiteral("SELECT format_type(?::oid, ?::int), "
                           "(SELECT CASE WHEN pg_table_is_visible(c.oid) THEN replace(c.relname, '.', '..') "
                           "ELSE replace(n.nspname, '.', '..') || '.' || replace(c.relname, '.', '..') END "
                           "FROM pg_class c JOIN pg_namespace n ON n.oid = c.relnamespace WHERE c.oid = ?::oid), "
                           "(SELECT attname FROM pg_attribute WHERE attrelid = ?::oid AND attnum = ?::int)"));
        query.addBindValue(static_cast<qlonglong>(PQftype(described.get(), i)));
        query.addBindValue(PQfmod(described.get(), i));
        query.addBindValue(static_cast<qlonglong>(PQftable(described.get(), i)));
        query.addBindValue(static_cast<qlonglong>(PQftable(described.get(), i)));
        query.addBindValue(PQftablecol(described.get(), i));
        if (query.exec() && query.next()) {
            column.declaredType = query.value(0).toString();
            column.originTable = query.value(1).toString();
            column.originColumn = query.value(2).toString();
        }
        columns.append(column);
    }
    return columns;
}

} // namespace nabblet
