#include "data/mariadb/mariadb_codes.h"
#include "data/mariadb/mariadb_driver.h"
#include "data/mariadb/mariadb_parts.h"

#include "core/text/tr.h"
#include "data/dialect/server_dialect.h"

#include <QSqlQuery>

namespace nabblet {

namespace {

using namespace MariadbCode;

MariadbDriver *driverOf(const QSqlDatabase &database)
{
    return qobject_cast<MariadbDriver *>(database.driver());
}

class MariadbDialect final : public ServerDialect
{
public:
    QString name() const override { return QStringLiteral("mariadb"); }
    QSqlDriver *makeDriver() const override { return new MariadbDriver; }

    Outcome open(QSqlDatabase &database, const DatabaseAddress &address, bool *isReadOnly) const override
    {
        driverOf(database)->setAddress(address);
        if (!database.open()) {
            return mariadbNotOpened(database.lastError(), address);
        }
        *isReadOnly = availability(database, address) == Availability::ReadOnly;
        return Done{};
    }
    Result<Catalogue> readCatalogue(const QSqlDatabase &database, const DatabaseAddress &address) const override
    {
        return readMariadbCatalogue(database, address);
    }
    Result<QList<SelectColumn>> describeSelect(const QSqlDatabase &database, const QString &sql) const override
    {
        return describeMariadbSelect(database, sql);
    }
    // The server counts the rows that anybody writes; what tables are made of is summed up.
    DatabaseState state(const QSqlDatabase &database) const override
    {
        QSqlQuery query(database);
        DatabaseState now;
        now.isKnown =
            query.exec(QStringLiteral(
                "SELECT (SELECT CAST(sum(VARIABLE_VALUE) AS SIGNED) FROM information_schema.GLOBAL_STATUS "
                "WHERE VARIABLE_NAME IN ('HANDLER_WRITE', 'HANDLER_UPDATE', 'HANDLER_DELETE')), "
                "(SELECT CAST(coalesce(sum(crc32(concat_ws('/', TABLE_NAME, COLUMN_NAME, COLUMN_TYPE, IS_NULLABLE, "
                "ORDINAL_POSITION, COLUMN_DEFAULT))), 0) AS SIGNED) FROM information_schema.COLUMNS "
                "WHERE TABLE_SCHEMA = DATABASE())")) &&
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
        query.prepare(QStringLiteral("SELECT TABLE_ROWS FROM information_schema.TABLES "
                                     "WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = ?"));
        query.addBindValue(table);
        const bool isKnown = query.exec() && query.next() && query.value(0).toLongLong() > 0;
        return isKnown ? std::optional(query.value(0).toLongLong()) : std::nullopt;
    }
    Availability availability(const QSqlDatabase &database, const DatabaseAddress &) const override
    {
        QSqlQuery query(database);
        if (!query.exec(QStringLiteral("SELECT @@read_only")) || !query.next()) {
            return Availability::Gone;
        }
        return query.value(0).toBool() ? Availability::ReadOnly : Availability::Writable;
    }

    // Tables of engines without transactions keep what is written at once, also what triggers write.
    Outcome prepareTrial(const QSqlDatabase &database) const override
    {
        QSqlQuery query(database);
        query.setForwardOnly(true);
        QStringList keeping;
        bool isKnown = query.exec(QStringLiteral(
            "SELECT t.TABLE_NAME FROM information_schema.TABLES t JOIN information_schema.ENGINES e "
            "ON e.ENGINE = t.ENGINE WHERE t.TABLE_TYPE = 'BASE TABLE' AND coalesce(e.TRANSACTIONS, 'NO') <> 'YES' "
            "AND t.TABLE_SCHEMA = DATABASE() ORDER BY t.TABLE_NAME LIMIT 3"));
        while (isKnown && query.next()) {
            keeping.append(Texts::tr("“%1”").arg(query.value(0).toString()));
        }
        if (!keeping.isEmpty()) {
            return Error{
                Texts::tr("Nothing can be tried here: tables such as %1 keep at once what is written, and give "
                          "nothing back (their engine knows no transactions). Turn them into InnoDB tables, or "
                          "try the form on another database.")
                    .arg(keeping.join(QLatin1String(", "))),
                {}};
        }
        isKnown = isKnown && driverOf(database)->setTrial();
        const QString said = isKnown ? QString() : driverOf(database)->lastError().databaseText();
        return isKnown ? Outcome(Done{}) : Outcome(Error{Texts::tr("Nothing can be tried here: %1.").arg(said), said});
    }
    bool isTrialGoing(const QSqlDatabase &database) const override { return driverOf(database)->isTrialGoing(); }
    QString connectionNumber(const QSqlDatabase &database) const override
    {
        QSqlQuery query(database);
        return query.exec(QStringLiteral("SELECT connection_id()")) && query.next() ? query.value(0).toString()
                                                                                    : QString();
    }
    // Told only to people with the right PROCESS. For whom somebody waits who wants to change a table is not told; it
    // may well be for a transaction that goes on.
    std::optional<bool> holdsOthersUp(const QSqlDatabase &database, const QString &number) const override
    {
        QSqlQuery query(database);
        query.prepare(QStringLiteral(
            "SELECT EXISTS (SELECT 1 FROM information_schema.INNODB_LOCK_WAITS w "
            "JOIN information_schema.INNODB_TRX t ON t.trx_id = w.blocking_trx_id WHERE t.trx_mysql_thread_id = ?) "
            "OR EXISTS (SELECT 1 FROM information_schema.PROCESSLIST WHERE DB = DATABASE() "
            "AND STATE LIKE 'Waiting for table metadata lock%')"));
        query.addBindValue(number.toLongLong());
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
        const int code = error.nativeErrorCode().toInt();
        return code == Interrupted || code == StatementTimeout;
    }

    Refusal explainRefusal(const QSqlError &error, const RefusalContext &context) const override
    {
        return mariadbRefusal(error, context);
    }
    bool isContended(const QSqlError &error) const override
    {
        return error.nativeErrorCode() == QLatin1String("1213"); // in a cluster also: another computer of it was first
    }
    Error explainFailure(const QSqlError &error, const DatabaseAddress &address) const override
    {
        return mariadbFailure(error, address);
    }

    QString quoteName(const QString &name) const override
    {
        QString doubled = name;
        return u'`' + doubled.replace(u'`', QLatin1String("``")) + u'`';
    }
    QString typeName(ColumnType type) const override
    {
        return type == ColumnType::Binary     ? QStringLiteral("MEDIUMBLOB")
               : type == ColumnType::DateTime ? QStringLiteral("DATETIME")
                                              : Dialect::typeName(type);
    }
    QString literal(const QVariant &value) const override
    {
        return value.typeId() == QMetaType::QString
                   ? Dialect::literal(value.toString().replace(u'\\', QLatin1String("\\\\")))
                   : Dialect::literal(value);
    }
    QString beginWriting() const override { return QStringLiteral("START TRANSACTION"); }
    // <=> counts two NULLs as equal. Texts are compared by their signs, not by a collation, and with blanks at their
    // end.
    QString isStillAs(const QString &column, const QVariant &read) const override
    {
        if (read.typeId() == QMetaType::QString) {
            return QStringLiteral("CONVERT(%1 USING utf8mb4) COLLATE utf8mb4_nopad_bin <=> ?").arg(column);
        }
        return column + QLatin1String(" <=> ?");
    }
    QString asText(const QString &column) const override { return QStringLiteral("CAST(%1 AS CHAR)").arg(column); }
    QString joined(const QStringList &texts) const override
    {
        return QStringLiteral("concat_ws(' ', %1)").arg(texts.join(QLatin1String(", ")));
    }
    // Several parts as one are not looked up in an index there; written out they are.
    Condition keyCompared(const QStringList &columns, const QString &sign, const QVariantList &key) const override
    {
        if (columns.size() < 2) {
            return Dialect::keyCompared(columns, sign, key);
        }
        const QString strict = sign.left(1);
        const bool isStrict = sign == strict;
        QStringList ways;
        Condition written;
        for (qsizetype i = 0; i < columns.size(); ++i) {
            QStringList parts;
            for (qsizetype j = 0; j <= i; ++j) {
                const bool isLast = j == i;
                const QString how = !isLast || sign == QLatin1String("=")  ? QStringLiteral("=")
                                    : i + 1 == columns.size() && !isStrict ? strict + u'='
                                                                           : strict;
                parts.append(columns.at(j) + u' ' + how + u' ' + placeOf(key.value(j)));
                written.values.append(key.value(j));
            }
            ways.append(parts.join(QLatin1String(" AND ")));
            if (sign == QLatin1String("=") && i + 1 < columns.size()) { // only all of them together
                ways.clear();
                written.values.clear();
            }
        }
        written.sql = u'(' + ways.join(QLatin1String(" OR ")) + u')';
        return written;
    }
    QString insertGiving(const QString &table, const QString &columns, const QString &places,
                         const QString &given) const override
    {
        return QStringLiteral("INSERT INTO %1 (%2) VALUES (%3) RETURNING %4").arg(table, columns, places, given);
    }
    QString dropCopy(const QString &table) const override
    {
        return QStringLiteral("DROP TEMPORARY TABLE IF EXISTS ") + table;
    }
};

} // namespace

const Dialect &mariadbDialect()
{
    static const MariadbDialect dialect;
    return dialect;
}

} // namespace nabblet
