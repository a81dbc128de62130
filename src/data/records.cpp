#include "data/records.h"

#include "core/text/tr.h"
#include "data/statement.h"

#include <QSqlQuery>

#include <algorithm>

namespace nabblet {

NABBLET_TEXTS(Records)

namespace {

// The row number of a table is a word of the database, not a name to quote.
QString keyName(const Connection &connection, const RecordSource &source, const QString &column)
{
    return source.keyIsRowNumber ? column : connection.quoted(column);
}

QString keyList(const Connection &connection, const RecordSource &source, const QString &ending = {})
{
    QStringList names;
    for (const QString &column : source.keyColumns) {
        names.append(keyName(connection, source, column) + ending);
    }
    return names.join(QLatin1String(", "));
}

QString places(qsizetype count)
{
    return QStringList(count, QStringLiteral("?")).join(QLatin1String(", "));
}

QString selectRows(const Connection &connection, const RecordSource &source)
{
    QStringList columns{keyList(connection, source)};
    for (const QString &column : source.columns) {
        columns.append(connection.quoted(column));
    }
    return QStringLiteral("SELECT %1 FROM %2").arg(columns.join(QLatin1String(", ")), rowsFrom(connection, source));
}

QString keyCompared(const Connection &connection, const RecordSource &source, const char *sign)
{
    return QStringLiteral("(%1) %2 (%3)")
        .arg(keyList(connection, source), QLatin1String(sign), places(source.keyColumns.size()));
}

Row rowOf(const QSqlQuery &query, const RecordSource &source)
{
    Row row;
    const int keys = static_cast<int>(source.keyColumns.size());
    for (int i = 0; i < keys; ++i) {
        row.key.append(query.value(i));
    }
    for (int i = 0; i < source.columns.size(); ++i) {
        row.values.append(query.value(keys + i));
    }
    return row;
}

MaybeRow oneRow(const Connection &connection, const RecordSource &source, const QString &condition,
                const QVariantList &values, const char *direction)
{
    const Statement where = held(connection, source, condition, values);
    const QString sql = selectRows(connection, source) + where.sql + QLatin1String(" ORDER BY ") +
                        keyList(connection, source, QLatin1String(direction)) + QLatin1String(" LIMIT 1");
    Running running(connection, {sql, where.values});
    if (running.isGood && running.query.next()) {
        return std::optional(rowOf(running.query, source));
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    return std::optional<Row>();
}

Result<QList<Row>> manyRows(const Connection &connection, const RecordSource &source, const char *sign,
                            const std::optional<RowKey> &key, const char *direction, int most)
{
    const Statement where =
        held(connection, source, key ? keyCompared(connection, source, sign) : QString(), key ? *key : QVariantList());
    const QString sql = selectRows(connection, source) + where.sql + QLatin1String(" ORDER BY ") +
                        keyList(connection, source, QLatin1String(direction)) + QLatin1String(" LIMIT ") +
                        QString::number(most);
    Running running(connection, {sql, where.values});
    QList<Row> rows;
    while (running.isGood && running.query.next()) {
        rows.append(rowOf(running.query, source));
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    return rows;
}

Result<qint64> oneNumber(const Connection &connection, const Statement &statement)
{
    Running running(connection, statement);
    if (!running.isGood || !running.query.next()) {
        return connection.explain(running.query.lastError());
    }
    return running.query.value(0).toLongLong();
}

// The key as it is called in the table that is written.
QString writtenKeyList(const Connection &connection, const RecordSource &source)
{
    QStringList names;
    for (const QString &column : source.keyColumns) {
        names.append(keyName(connection, source, source.writtenName(column)));
    }
    return names.join(QLatin1String(", "));
}

// The conditions that a row is still as it was read, with their values.
Statement stillAsRead(const Connection &connection, const RecordSource &source, const Row &asRead)
{
    QStringList conditions{
        QStringLiteral("(%1) = (%2)").arg(writtenKeyList(connection, source), places(source.keyColumns.size()))};
    QVariantList values = asRead.key;
    for (int i = 0; i < source.columns.size(); ++i) {
        const QString &column = source.columns.at(i);
        if (!source.readOnly.contains(column)) {
            conditions.append(QStringLiteral("%1 %2 ?").arg(connection.quoted(source.writtenName(column)),
                                                            connection.dialect().sameAs));
            values.append(asRead.values.at(i));
        }
    }
    return {conditions.join(QLatin1String(" AND ")), values};
}

// SQLite says only that some link is broken; this looks for the one: a value with no row in its parent.
Refusal explainLink(const Connection &connection, const RefusalContext &context, const ColumnValues &values,
                    Refusal refusal)
{
    for (const ForeignKey &link : context.table.foreignKeys) {
        QStringList conditions;
        QVariantList bound;
        QStringList captions;
        for (qsizetype i = 0; i < link.columns.size() && i < link.parentColumns.size(); ++i) {
            const QVariant value = values.value(link.columns.at(i));
            if (value.isNull()) {
                break;
            }
            conditions.append(connection.quoted(link.parentColumns.at(i)) + QLatin1String(" = ?"));
            bound.append(value);
            captions.append(context.captionFor(link.columns.at(i)));
        }
        if (conditions.size() != link.columns.size()) {
            continue;
        }
        const Result<qint64> found = oneNumber(
            connection, {QStringLiteral("SELECT count(*) FROM %1 WHERE %2")
                             .arg(connection.quoted(link.parentTable), conditions.join(QLatin1String(" AND "))),
                         bound});
        if (found && *found == 0) {
            refusal.columns = link.columns;
            refusal.sentence =
                Texts::tr("There is no such %1; choose one from the list").arg(captions.join(Texts::tr(" and ")));
            return refusal;
        }
    }
    refusal.sentence = Texts::tr("A value points to a record that does not exist");
    return refusal;
}

// Why a row cannot be deleted: which tables hold rows that belong to it.
Refusal explainStillUsed(const Connection &connection, const RefusalContext &context, const RecordSource &source,
                         const Row &row, Refusal refusal)
{
    QStringList users;
    for (const Table &table : context.catalogue.tables) {
        for (const ForeignKey &link : table.foreignKeys) {
            if (link.parentTable != context.table.name || link.columns.size() != link.parentColumns.size()) {
                continue;
            }
            QStringList pairs;
            for (qsizetype i = 0; i < link.columns.size(); ++i) {
                pairs.append(
                    QStringLiteral("c.%1 = p.%2")
                        .arg(connection.quoted(link.columns.at(i)), connection.quoted(link.parentColumns.at(i))));
            }
            QStringList keys;
            for (const QString &column : source.keyColumns) {
                keys.append(QLatin1String("p.") + keyName(connection, source, source.writtenName(column)) +
                            QLatin1String(" = ?"));
            }
            const Result<qint64> count =
                oneNumber(connection, {QStringLiteral("SELECT count(*) FROM %1 c JOIN %2 p ON %3 WHERE %4")
                                           .arg(connection.quoted(table.name), connection.quoted(source.table),
                                                pairs.join(QLatin1String(" AND ")), keys.join(QLatin1String(" AND "))),
                                       row.key});
            if (count && *count > 0) {
                users.append(Texts::tr("%1 in %2", "so many rows in a table").arg(*count).arg(table.name));
            }
        }
    }
    refusal.sentence =
        users.isEmpty() ? Texts::tr("Other records still point to this one, so it stays")
                        : Texts::tr("This record stays, because others point to it: %1. Delete or change those first.")
                              .arg(users.join(QLatin1String(", ")));
    return refusal;
}

Written refused(const Connection &connection, const QSqlError &error, const RefusalContext &context,
                const ColumnValues &values)
{
    Written written;
    written.refusal = connection.dialect().explainRefusal(error, context);
    if (written.refusal.sentence.isEmpty()) {
        written.refusal = explainLink(connection, context, values, written.refusal);
    }
    return written;
}

// What stands in the row's place when a guarded write found nothing to write to.
Written overtaken(const Connection &connection, const RecordSource &source, const RowKey &key, const RefusalContext &)
{
    const MaybeRow now = rowWithKey(connection, source, key);
    Written written;
    if (!now) {
        written.refusal = {now.error().sentence, {}, now.error().detail};
        return written;
    }
    written.kind = *now ? Written::Conflict : Written::Gone;
    written.row = *now;
    return written;
}

Written notWritable()
{
    Written written;
    written.refusal.sentence = Texts::tr("These rows can only be looked at: they come from a view");
    return written;
}

} // namespace

QVariant valueOf(const RecordSource &source, const Row &row, const QString &column)
{
    const qsizetype index = source.columns.indexOf(column);
    return index < 0 || index >= row.values.size() ? QVariant() : row.values.at(index);
}

Result<RecordSource> readable(const Connection &connection, const RecordSource &source, std::optional<int> mostRows)
{
    if (!source.keyColumns.isEmpty()) {
        return source;
    }
    RecordSource copy = source;
    copy.table = QStringLiteral("nabblet rows of ") + (source.select.isEmpty() ? source.table : source.select);
    copy.select.clear();
    if (mostRows) {
        copy.table += QStringLiteral(" (first rows)"); // beside a whole copy that someone else may be reading
    }
    copy.keyColumns = {QStringLiteral("rowid")};
    copy.keyIsRowNumber = true;
    copy.isWritable = false;
    for (const QString &sql : {QStringLiteral("DROP TABLE IF EXISTS temp.%1").arg(connection.quoted(copy.table)),
                               QStringLiteral("CREATE TEMP TABLE %1 AS SELECT * FROM %2%3")
                                   .arg(connection.quoted(copy.table), rowsFrom(connection, source),
                                        mostRows ? QStringLiteral(" LIMIT %1").arg(*mostRows) : QString())}) {
        Running running(connection, {sql, {}});
        if (!running.isGood) {
            return connection.explain(running.query.lastError());
        }
    }
    return copy;
}

MaybeRow firstRow(const Connection &connection, const RecordSource &source)
{
    return oneRow(connection, source, {}, {}, " ASC");
}

MaybeRow lastRow(const Connection &connection, const RecordSource &source)
{
    return oneRow(connection, source, {}, {}, " DESC");
}

MaybeRow rowAfter(const Connection &connection, const RecordSource &source, const RowKey &key)
{
    return oneRow(connection, source, keyCompared(connection, source, ">"), key, " ASC");
}

MaybeRow rowBefore(const Connection &connection, const RecordSource &source, const RowKey &key)
{
    return oneRow(connection, source, keyCompared(connection, source, "<"), key, " DESC");
}

MaybeRow rowWithKey(const Connection &connection, const RecordSource &source, const RowKey &key)
{
    return oneRow(connection, source, keyCompared(connection, source, "="), key, " ASC");
}

Result<QList<Row>> rowsAfter(const Connection &connection, const RecordSource &source, const std::optional<RowKey> &key,
                             int most)
{
    return manyRows(connection, source, ">", key, " ASC", most);
}

Result<QList<Row>> rowsBefore(const Connection &connection, const RecordSource &source,
                              const std::optional<RowKey> &key, int most)
{
    return manyRows(connection, source, "<", key, " DESC", most);
}

Result<std::optional<qint64>> estimatedRows(const Connection &connection, const Table &table)
{
    QString key = table.rowNumberName;
    if (key.isEmpty() && table.primaryKey.size() == 1) {
        const Column *column = findColumn(table, table.primaryKey.first());
        key = column && column->numbersItself ? connection.quoted(column->name) : QString();
    }
    if (key.isEmpty()) {
        return std::optional<qint64>();
    }
    const Result<qint64> span = oneNumber(
        connection,
        {QStringLiteral("SELECT CAST(min(9e15, (SELECT max(%1) FROM %2) - (SELECT min(%1) FROM %2) + 1) AS INTEGER)")
             .arg(key, connection.quoted(table.name)),
         {}});
    return span ? Result<std::optional<qint64>>(std::optional(*span)) : span.error();
}

Result<qint64> countRows(const Connection &connection, const RecordSource &source)
{
    const Statement where = held(connection, source, {}, {});
    return oneNumber(
        connection,
        {QStringLiteral("SELECT count(*) FROM %1%2").arg(rowsFrom(connection, source), where.sql), where.values});
}

Result<qint64> countRowsBefore(const Connection &connection, const RecordSource &source, const RowKey &key)
{
    const Statement where = held(connection, source, keyCompared(connection, source, "<"), key);
    return oneNumber(
        connection,
        {QStringLiteral("SELECT count(*) FROM %1%2").arg(rowsFrom(connection, source), where.sql), where.values});
}

Result<std::optional<RowMap>> mapRows(const Connection &connection, const RecordSource &source,
                                      const std::atomic<bool> &isCancelled)
{
    const QString keys = keyList(connection, source);
    const Statement where = held(connection, source, {}, {});
    Running running(
        connection,
        {QStringLiteral("SELECT %1 FROM %2%3 ORDER BY %1").arg(keys, rowsFrom(connection, source), where.sql),
         where.values});
    if (!running.isGood) {
        return connection.explain(running.query.lastError());
    }
    RowMap map;
    while (running.query.next()) {
        if (isCancelled.load(std::memory_order_relaxed)) {
            return std::optional<RowMap>();
        }
        if (map.count % RowMap::Stride == 0) {
            RowKey key;
            for (int i = 0; i < source.keyColumns.size(); ++i) {
                key.append(running.query.value(i));
            }
            map.keys.append(key);
        }
        ++map.count;
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    return std::optional(map);
}

MaybeRow rowAt(const Connection &connection, const RecordSource &source, const RowMap &map, qint64 number)
{
    if (number < 0 || map.keys.isEmpty()) {
        return std::optional<Row>();
    }
    const qsizetype stone = std::min<qsizetype>(number / RowMap::Stride, map.keys.size() - 1);
    const Statement where = held(connection, source, keyCompared(connection, source, ">="), map.keys.at(stone));
    Running running(connection, {selectRows(connection, source) + where.sql + QLatin1String(" ORDER BY ") +
                                     keyList(connection, source),
                                 where.values});
    for (qint64 i = stone * RowMap::Stride; running.isGood && running.query.next(); ++i) {
        if (i == number) {
            return std::optional(rowOf(running.query, source));
        }
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    return std::optional<Row>();
}

Written insertRow(const Connection &connection, const RecordSource &source, const ColumnValues &typed,
                  const RefusalContext &context)
{
    if (!source.isWritable) {
        return notWritable();
    }
    ColumnValues values = typed;
    for (qsizetype i = 0; i < source.linkColumns.size(); ++i) {
        values.insert(source.linkColumns.at(i), source.linkValues.value(i));
    }
    QStringList columns = values.keys();
    columns.sort();
    QStringList names;
    QVariantList bound;
    for (const QString &column : std::as_const(columns)) {
        names.append(connection.quoted(source.writtenName(column)));
        bound.append(values.value(column));
    }
    const QString filled =
        names.isEmpty() ? QStringLiteral("DEFAULT VALUES")
                        : QStringLiteral("(%1) VALUES (%2)").arg(names.join(QLatin1String(", ")), places(bound.size()));
    QSqlDatabase database = connection.database();
    if (!database.transaction()) {
        return refused(connection, database.lastError(), context, values);
    }
    RowKey key;
    {
        Running running(connection,
                        {QStringLiteral("INSERT INTO %1 %2 RETURNING %3")
                             .arg(connection.quoted(source.table), filled, writtenKeyList(connection, source)),
                         bound});
        if (!running.isGood || !running.query.next()) {
            const QSqlError error = running.query.lastError();
            running.query.finish();
            database.rollback();
            return refused(connection, error, context, values);
        }
        for (int i = 0; i < source.keyColumns.size(); ++i) {
            key.append(running.query.value(i));
        }
        while (running.query.next()) {
        }
    }
    if (!database.commit()) {
        const QSqlError error = database.lastError();
        database.rollback();
        return refused(connection, error, context, values);
    }
    const MaybeRow stored = rowWithKey(connection, source, key);
    Written written;
    written.kind = Written::Done;
    written.row = stored && *stored ? **stored : Row{key, QVariantList(source.columns.size())};
    return written;
}

Written updateRow(const Connection &connection, const RecordSource &source, const Row &asRead,
                  const ColumnValues &changes, const RefusalContext &context)
{
    if (!source.isWritable) {
        return notWritable();
    }
    Written written;
    written.kind = Written::Done;
    written.row = asRead;
    if (changes.isEmpty()) {
        return written;
    }
    ColumnValues all;
    for (const QString &column : source.columns) {
        all.insert(column, valueOf(source, asRead, column));
    }
    QStringList columns = changes.keys();
    columns.sort();
    QStringList assignments;
    QVariantList values;
    for (const QString &column : std::as_const(columns)) {
        assignments.append(connection.quoted(source.writtenName(column)) + QLatin1String(" = ?"));
        values.append(changes.value(column));
        all.insert(column, changes.value(column));
    }
    const Statement guard = stillAsRead(connection, source, asRead);
    QSqlDatabase database = connection.database();
    if (!database.transaction()) {
        return refused(connection, database.lastError(), context, all);
    }
    int rows = 0;
    {
        Running running(connection,
                        {QStringLiteral("UPDATE %1 SET %2 WHERE %3")
                             .arg(connection.quoted(source.table), assignments.join(QLatin1String(", ")), guard.sql),
                         values + guard.values});
        if (!running.isGood) {
            const QSqlError error = running.query.lastError();
            running.query.finish();
            database.rollback();
            return refused(connection, error, context, all);
        }
        rows = running.query.numRowsAffected();
    }
    if (rows == 0) {
        database.rollback();
        return overtaken(connection, source, asRead.key, context);
    }
    if (!database.commit()) {
        const QSqlError error = database.lastError();
        database.rollback();
        return refused(connection, error, context, all);
    }
    RowKey key = asRead.key;
    for (int i = 0; i < source.keyColumns.size(); ++i) {
        if (!source.keyIsRowNumber && changes.contains(source.keyColumns.at(i))) {
            key[i] = changes.value(source.keyColumns.at(i));
        }
    }
    const MaybeRow stored = rowWithKey(connection, source, key);
    if (stored && *stored) {
        written.row = **stored;
    }
    return written;
}

Written deleteRow(const Connection &connection, const RecordSource &source, const Row &asRead,
                  const RefusalContext &context)
{
    if (!source.isWritable) {
        return notWritable();
    }
    const Statement guard = stillAsRead(connection, source, asRead);
    QSqlDatabase database = connection.database();
    Written written;
    const auto explain = [&](const QSqlError &error) {
        written.refusal = connection.dialect().explainRefusal(error, context);
        if (written.refusal.sentence.isEmpty()) {
            written.refusal = explainStillUsed(connection, context, source, asRead, written.refusal);
        }
        return written;
    };
    if (!database.transaction()) {
        return explain(database.lastError());
    }
    int rows = 0;
    {
        Running running(
            connection,
            {QStringLiteral("DELETE FROM %1 WHERE %2").arg(connection.quoted(source.table), guard.sql), guard.values});
        if (!running.isGood) {
            const QSqlError error = running.query.lastError();
            running.query.finish();
            database.rollback();
            return explain(error);
        }
        rows = running.query.numRowsAffected();
    }
    if (rows == 0) {
        database.rollback();
        return overtaken(connection, source, asRead.key, context);
    }
    if (!database.commit()) {
        const QSqlError error = database.lastError();
        database.rollback();
        return explain(error);
    }
    written.kind = Written::Done;
    written.row = asRead;
    return written;
}

} // namespace nabblet
