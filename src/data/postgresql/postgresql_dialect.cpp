// What PostgreSQL takes otherwise than most databases: opening, tables and columns, and what compares as stored.
#include "core/text/tr.h"
#include "data/dialect/dialect.h"

#include <QSqlQuery>

namespace nabblet {

NABBLET_TEXTS(Postgresql)

namespace {

class PostgresqlDialect final : public Dialect
{
public:
    QString name() const override { return QStringLiteral("postgresql"); }
    QString driver() const override { return QStringLiteral("QPSQL"); }

    Outcome open(QSqlDatabase &database, const DatabaseAddress &address, bool *isReadOnly) const override
    {
        database.setHostName(address.part("host"));
        database.setDatabaseName(address.part("database"));
        database.setUserName(address.part("user"));
        *isReadOnly = false;
        return database.open() ? Outcome(Done()) : Outcome(explainFailure(database.lastError(), address));
    }

    Result<Catalogue> readCatalogue(const QSqlDatabase &database, const DatabaseAddress &address) const override
    {
        QSqlQuery query(database);
        if (!query.exec(QStringLiteral("SELECT table_name, column_name, data_type FROM information_schema.columns "
                                       "WHERE table_schema = current_schema() ORDER BY 1, ordinal_position"))) {
            return explainFailure(query.lastError(), address);
        }
        Catalogue catalogue;
        while (query.next()) {
            if (catalogue.tables.isEmpty() || catalogue.tables.last().name != query.value(0).toString()) {
                catalogue.tables.append(Table());
                catalogue.tables.last().name = query.value(0).toString();
            }
            Column column;
            column.name = query.value(1).toString();
            takeDeclaredType(column, query.value(2).toString());
            catalogue.tables.last().columns.append(column);
        }
        return catalogue;
    }

    Result<QList<SelectColumn>> describeSelect(const QSqlDatabase &, const QString &) const override
    {
        return Error{Texts::tr("SELECTs of one's own cannot be read yet."), {}};
    }
    DatabaseState state(const QSqlDatabase &) const override { return {}; }
    Availability availability(const DatabaseAddress &) const override { return Availability::Writable; }
    void watch(const QSqlDatabase &, Interruption *) const override {}
    std::function<void()> interrupter(const QSqlDatabase &) const override
    {
        return [] {};
    }
    bool wasInterrupted(const QSqlError &error) const override { return error.nativeErrorCode() == u"57014"; }

    Refusal explainRefusal(const QSqlError &error, const RefusalContext &) const override
    {
        return {Texts::tr("The database did not take the record."), {}, error.databaseText()};
    }
    Error explainFailure(const QSqlError &error, const DatabaseAddress &) const override
    {
        return {Texts::tr("The database could not be read."), error.databaseText()};
    }

    QString isStillAs(const QString &column, const QVariant &read) const override
    {
        return column + QStringLiteral(" IS NOT DISTINCT FROM ") + placeOf(read);
    }
    QString copyInto(const QString &table, const QString &select) const override
    {
        return QStringLiteral("CREATE TEMPORARY TABLE %1 AS SELECT row_number() OVER () AS row_number, t.* FROM (%2) t")
            .arg(table, select);
    }
    QString rowNumberOfCopies() const override { return QStringLiteral("row_number"); }
};

} // namespace

const Dialect &postgresqlDialect()
{
    static const PostgresqlDialect dialect;
    return dialect;
}

} // namespace nabblet
