#include "data/postgresql/postgresql_driver.h"
#include "data/postgresql/postgresql_parts.h"
#include "data/postgresql/postgresql_places.h"

#include "core/text/tr.h"
#include "data/dialect/passwords.h"

#include "data/dialect/server_dialect.h"

#include <QSqlQuery>
#include <QTimeZone>

namespace nabblet {

namespace {

PostgresqlDriver *driverOf(const QSqlDatabase &database)
{
    return qobject_cast<PostgresqlDriver *>(database.driver());
}

// A value of a connection string.
QString worded(const QString &value)
{
    QString escaped = value;
    escaped.replace(u'\\', QLatin1String("\\\\")).replace(u'\'', QLatin1String("\\'"));
    return u'\'' + escaped + u'\'';
}

} // namespace

QString connectionWords(const DatabaseAddress &address, const QString &password)
{
    static const QMap<QString, QString> names{
        {QStringLiteral("host"), QStringLiteral("host")},
        {QStringLiteral("port"), QStringLiteral("port")},
        {QStringLiteral("database"), QStringLiteral("dbname")},
        {QStringLiteral("user"), QStringLiteral("user")},
        {QStringLiteral("tls"), QStringLiteral("sslmode")},
        {QStringLiteral("certificates"), QStringLiteral("sslrootcert")},
        {QStringLiteral("service"), QStringLiteral("service")},
    };
    QStringList words;
    for (auto part = address.parts.constBegin(); part != address.parts.constEnd(); ++part) {
        const QString name = names.value(part.key());
        if (!name.isEmpty() && !part.value().isEmpty()) {
            words.append(name + u'=' + worded(part.value()));
        }
    }
    if (!password.isEmpty()) {
        words.append(QLatin1String("password=") + worded(password));
    }
    // Of several servers the one that can be written to, where there is one.
    if (address.part("host").contains(u',')) {
        words.append(QStringLiteral("target_session_attrs=read-write"));
    }
    const QString zone = QString::fromLatin1(QTimeZone::systemTimeZoneId());
    const QString options =
        QStringLiteral(
            "-c datestyle=ISO,YMD -c intervalstyle=postgres -c bytea_output=hex -c extra_float_digits=1 -c jit=off "
            "-c standard_conforming_strings=on -c lock_timeout=3000 "
            "-c idle_in_transaction_session_timeout=60000 -c timezone=%1 %2")
            .arg(zone.isEmpty() ? QStringLiteral("UTC") : zone, address.part("options"))
            .trimmed();
    words.append(QLatin1String("options=") + worded(options));
    // A server that is gone is noticed within half a minute, also where nothing is sent.
    words.append(QStringLiteral("connect_timeout=8 keepalives=1 keepalives_idle=10 keepalives_interval=5 "
                                "keepalives_count=3 tcp_user_timeout=20000 application_name=nabblet "
                                "client_encoding=UTF8"));
    return words.join(u' ');
}

QString postgresqlTableName(const QString &schema, const QString &table, bool isInPath)
{
    const auto part = [](QString name) { return name.replace(u'.', QLatin1String("..")); };
    return isInPath ? part(table) : part(schema) + u'.' + part(table);
}

QStringList partsOfTableName(const QString &name)
{
    QStringList parts{QString()};
    for (qsizetype i = 0; i < name.size(); ++i) {
        if (name.at(i) != u'.') {
            parts.last().append(name.at(i));
        } else if (i + 1 < name.size() && name.at(i + 1) == u'.') {
            parts.last().append(u'.');
            ++i;
        } else {
            parts.append(QString());
        }
    }
    return parts;
}

namespace {

class PostgresqlDialect final : public ServerDialect
{
public:
    QString name() const override { return QStringLiteral("postgresql"); }
    QSqlDriver *makeDriver() const override { return new PostgresqlDriver; }

    Outcome open(QSqlDatabase &database, const DatabaseAddress &address, bool *isReadOnly) const override
    {
        database.setConnectOptions(connectionWords(address, passwordFor(address)));
        if (!database.open()) {
            return postgresqlNotOpened(database.lastError(), address);
        }
        *isReadOnly = availability(database, address) == Availability::ReadOnly;
        return Done{};
    }
    Result<Catalogue> readCatalogue(const QSqlDatabase &database, const DatabaseAddress &address) const override
    {
        return readPostgresqlCatalogue(database, address);
    }
    Result<QList<SelectColumn>> describeSelect(const QSqlDatabase &database, const QString &sql) const override
    {
        return describePostgresqlSelect(database, sql);
    }
    // The next number of a transaction counts everything that anybody writes; tables and columns are rows themselves,
    // and each of these tells by which transaction it was written.
    DatabaseState state(const QSqlDatabase &database) const override
    {
        QSqlQuery query(database);
        DatabaseState now;
        now.isKnown = query.exec(QStringLiteral(
                          "SELECT pg_snapshot_xmax(pg_current_snapshot())::text::bigint, "
                          "(SELECT coalesce(sum(hashtext(a.attrelid::text || a.attname || a.xmin::text)::bigint), 0) "
                          "FROM pg_attribute a JOIN pg_class c ON c.oid = a.attrelid "
                          "JOIN pg_namespace n ON n.oid = c.relnamespace WHERE c.relkind IN ('r', 'v', 'm', 'p', 'f') "
                          "AND a.attnum > 0 AND n.nspname NOT LIKE 'pg\\_%' AND n.nspname <> 'information_schema')")) &&
                      query.next();
        if (now.isKnown) {
            now.data = query.value(0).toLongLong();
            now.catalogue = query.value(1).toLongLong();
        }
        return now;
    }
    std::optional<qint64> rowsByStatistics(const QSqlDatabase &database, const QString &table) const override
    {
        QSqlQuery query(database);
        query.prepare(QStringLiteral("SELECT reltuples::bigint FROM pg_class WHERE oid = to_regclass(?)"));
        query.addBindValue(quoteTable(table));
        const bool isKnown = query.exec() && query.next() && query.value(0).toLongLong() > 0;
        return isKnown ? std::optional(query.value(0).toLongLong()) : std::nullopt;
    }
    Availability availability(const QSqlDatabase &database, const DatabaseAddress &) const override
    {
        QSqlQuery query(database);
        if (!query.exec(QStringLiteral("SELECT current_setting('transaction_read_only') = 'on'")) || !query.next()) {
            return Availability::Gone;
        }
        return query.value(0).toBool() ? Availability::ReadOnly : Availability::Writable;
    }

    // Others are not kept waiting for long (holdsOthersUp()), so that a person may think for a while.
    Outcome prepareTrial(const QSqlDatabase &database) const override
    {
        QSqlQuery query(database);
        if (!query.exec(QStringLiteral("SET idle_in_transaction_session_timeout = '15min'"))) {
            const QString said = query.lastError().databaseText();
            return Error{Texts::tr("Nothing can be tried here: %1.").arg(said), said};
        }
        driverOf(database)->setTrial();
        return Done{};
    }
    bool isTrialGoing(const QSqlDatabase &database) const override { return driverOf(database)->isTrialGoing(); }
    QString connectionNumber(const QSqlDatabase &database) const override
    {
        QSqlQuery query(database);
        return query.exec(QStringLiteral("SELECT pg_backend_pid()")) && query.next() ? query.value(0).toString()
                                                                                     : QString();
    }
    std::optional<bool> holdsOthersUp(const QSqlDatabase &database, const QString &number) const override
    {
        QSqlQuery query(database);
        query.prepare(QStringLiteral("SELECT EXISTS (SELECT 1 FROM pg_locks WHERE NOT granted "
                                     "AND CAST(? AS integer) = ANY (pg_blocking_pids(pid)))"));
        query.addBindValue(number);
        return query.exec() && query.next() ? std::optional(query.value(0).toBool()) : std::nullopt;
    }

    void watch(const QSqlDatabase &database, Interruption *interruption) const override
    {
        driverOf(database)->watch(interruption);
    }
    std::function<void()> interrupter(const QSqlDatabase &database) const override
    {
        return driverOf(database)->interrupter();
    }
    bool wasInterrupted(const QSqlError &error) const override
    {
        return error.nativeErrorCode() == QLatin1String("57014");
    }

    Refusal explainRefusal(const QSqlError &error, const RefusalContext &context) const override
    {
        return postgresqlRefusal(error, context);
    }
    bool isContended(const QSqlError &error) const override
    {
        return error.nativeErrorCode() == QLatin1String("40001") || error.nativeErrorCode() == QLatin1String("40P01");
    }
    Error explainFailure(const QSqlError &error, const DatabaseAddress &address) const override
    {
        return postgresqlFailure(error, address);
    }

    QString quoteTable(const QString &table) const override { return quoteName(partsOfTableName(table)); }
    QString typeName(ColumnType type) const override
    {
        return type == ColumnType::Binary ? QStringLiteral("BYTEA") : Dialect::typeName(type);
    }
    // Texts are compared as texts, whatever type they are of: of some types no two values can be compared.
    QString isStillAs(const QString &column, const QVariant &read) const override
    {
        if (read.isNull()) {
            return QStringLiteral("(%1 IS NULL AND CAST(? AS text) IS NULL)").arg(column);
        }
        if (read.typeId() == QMetaType::QString) {
            return QStringLiteral("CAST(%1 AS text) = ?").arg(column);
        }
        return column + QLatin1String(" = ?");
    }
    QString isLike(const QString &text) const override { return text + QLatin1String(" ILIKE ? ESCAPE '!'"); }
    QString asText(const QString &column) const override { return QStringLiteral("CAST(%1 AS text)").arg(column); }
    // Missing values stand last there; a key has none, and an index of it serves as it is.
    QString ordered(const QString &term, bool isDescending, bool mayBeNull) const override
    {
        return Dialect::ordered(term, isDescending, mayBeNull) + QLatin1String(!mayBeNull     ? ""
                                                                               : isDescending ? " NULLS LAST"
                                                                                              : " NULLS FIRST");
    }
    QString sampleOf(const QString &columns, const QString &table, double share, const QString &alias) const override
    {
        return QStringLiteral("SELECT %1 FROM %2 AS %3 TABLESAMPLE SYSTEM (%4)")
            .arg(columns, table, alias, QString::number(std::clamp(100 * share, 0.0001, 100.0), 'f', 6));
    }
    QString selectAs(const QString &select, const QString &alias) const override
    {
        return Dialect::selectAs(withPlainQuestionMarks(select), alias);
    }
};

} // namespace

const Dialect &postgresqlDialect()
{
    static const PostgresqlDialect dialect;
    return dialect;
}

} // namespace nabblet
