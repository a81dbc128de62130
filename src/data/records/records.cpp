#include "data/records/records.h"

#include "data/dialect/patience.h"
#include "data/records/statement.h"

#include <QSqlQuery>

#include <algorithm>

namespace nabblet {

namespace {

// The row number of a table is a word of the database, not a name to quote.
QString keyName(const Connection &connection, const RecordSource &source, const QString &column)
{
    return source.keyIsRowNumber ? connection.quoted(QStringLiteral("rows")) + u'.' + column
                                 : rowsColumn(connection, column);
}

QStringList keyNames(const Connection &connection, const RecordSource &source)
{
    QStringList names;
    for (const QString &column : source.keyColumns) {
        names.append(keyName(connection, source, column));
    }
    return names;
}

QString keyList(const Connection &connection, const RecordSource &source, const QString &ending = {})
{
    return keyNames(connection, source).join(ending + QLatin1String(", ")) + ending;
}

QString selectRows(const Connection &connection, const RecordSource &source)
{
    QStringList columns{keyList(connection, source)};
    for (const QString &column : source.columns) {
        columns.append(rowsColumn(connection, column));
    }
    return QStringLiteral("SELECT %1 FROM %2").arg(columns.join(QLatin1String(", ")), rowsFrom(connection, source));
}

QString keyCompared(const Connection &connection, const RecordSource &source, const char *sign, const RowKey &key)
{
    return connection.dialect().keyCompared(keyNames(connection, source), QLatin1String(sign), key);
}

// Who wrote the SQL that the rows come from.
Sql sqlOf(const RecordSource &source)
{
    return source.select.isEmpty() ? Sql::OurOwn : Sql::OfPeople;
}

// Values as they are read, where an empty one is not taken for a missing one.
QVariant asRead(const QSqlQuery &query, int column)
{
    const QVariant value = query.value(column);
    const bool isEmptyBytes = value.typeId() == QMetaType::QByteArray && value.toByteArray().isNull();
    return query.isNull(column) && !isEmptyBytes ? QVariant() : isEmptyBytes ? QVariant(QByteArray("")) : value;
}

Row rowOf(const QSqlQuery &query, const RecordSource &source)
{
    Row row;
    const int keys = static_cast<int>(source.keyColumns.size());
    for (int i = 0; i < keys; ++i) {
        row.key.append(asRead(query, i));
    }
    for (int i = 0; i < source.columns.size(); ++i) {
        row.values.append(asRead(query, keys + i));
    }
    return row;
}

// A text that holds signs for what could not be read is read once more as bytes; where those give another text, it is
// one in no known encoding.
Row withRawTexts(const Connection &connection, const RecordSource &source, Row row)
{
    for (int i = 0; i < row.values.size(); ++i) {
        const QVariant &value = row.values.at(i);
        if (value.typeId() != QMetaType::QString || !value.toString().contains(QChar::ReplacementCharacter)) {
            continue;
        }
        const QString bytes = connection.dialect().bytesOf(rowsColumn(connection, source.columns.at(i)));
        if (bytes.isEmpty()) {
            continue;
        }
        const Statement where = held(connection, source, keyCompared(connection, source, "=", row.key), row.key);
        Running running(
            connection,
            {QStringLiteral("SELECT %1 FROM %2").arg(bytes, rowsFrom(connection, source)) + where.sql, where.values});
        if (running.isGood && running.query.next()) {
            const QByteArray stored = running.query.value(0).toByteArray();
            if (value.toString().toUtf8() != stored) {
                row.values[i] = QVariant::fromValue(RawText{stored});
            }
        }
    }
    return row;
}

MaybeRow oneRow(const Connection &connection, const RecordSource &source, const QString &condition,
                const QVariantList &values, const char *direction)
{
    const Statement where = held(connection, source, condition, values);
    const QString sql =
        connection.dialect().firstOf(selectRows(connection, source) + where.sql + QLatin1String(" ORDER BY ") +
                                         keyList(connection, source, QLatin1String(direction)),
                                     1);
    const Patience patience(connection, sqlOf(source));
    Running running(connection, {sql, where.values});
    if (running.isGood && running.query.next()) {
        return std::optional(withRawTexts(connection, source, rowOf(running.query, source)));
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    return std::optional<Row>();
}

Result<QList<Row>> manyRows(const Connection &connection, const RecordSource &source, const char *sign,
                            const std::optional<RowKey> &key, const char *direction, int most)
{
    const Statement where = held(connection, source, key ? keyCompared(connection, source, sign, *key) : QString(),
                                 key ? *key : QVariantList());
    const QString sql =
        connection.dialect().firstOf(selectRows(connection, source) + where.sql + QLatin1String(" ORDER BY ") +
                                         keyList(connection, source, QLatin1String(direction)),
                                     most);
    const Patience patience(connection, sqlOf(source));
    Running running(connection, {sql, where.values});
    QList<Row> rows;
    while (running.isGood && running.query.next()) {
        rows.append(withRawTexts(connection, source, rowOf(running.query, source)));
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

} // namespace

QVariant valueOf(const RecordSource &source, const Row &row, const QString &column)
{
    const qsizetype index = source.columns.indexOf(column);
    return index < 0 || index >= row.values.size() ? QVariant() : row.values.at(index);
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
    return oneRow(connection, source, keyCompared(connection, source, ">", key), key, " ASC");
}

MaybeRow rowBefore(const Connection &connection, const RecordSource &source, const RowKey &key)
{
    return oneRow(connection, source, keyCompared(connection, source, "<", key), key, " DESC");
}

MaybeRow rowWithKey(const Connection &connection, const RecordSource &source, const RowKey &key)
{
    return oneRow(connection, source, keyCompared(connection, source, "=", key), key, " ASC");
}

Row readableRow(const Connection &connection, const RecordSource &source, const RowKey &key)
{
    if (const MaybeRow whole = rowWithKey(connection, source, key); whole && *whole) {
        return **whole;
    }
    Row row{key, {}};
    RecordSource one = source;
    for (const QString &column : source.columns) {
        one.columns = {column};
        const MaybeRow read = rowWithKey(connection, one, key);
        row.values.append(read && *read ? (*read)->values.value(0) : QVariant());
    }
    return row;
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
    const Result<qint64> span =
        oneNumber(connection, {connection.dialect().spanOf(key, connection.quoted(table.name)), {}});
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
    const Statement where = held(connection, source, keyCompared(connection, source, "<", key), key);
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
                key.append(asRead(running.query, i));
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
    const Statement where =
        held(connection, source, keyCompared(connection, source, ">=", map.keys.at(stone)), map.keys.at(stone));
    const Patience patience(connection, sqlOf(source));
    Running running(connection, {selectRows(connection, source) + where.sql + QLatin1String(" ORDER BY ") +
                                     keyList(connection, source),
                                 where.values});
    for (qint64 i = stone * RowMap::Stride; running.isGood && running.query.next(); ++i) {
        if (i == number) {
            return std::optional(withRawTexts(connection, source, rowOf(running.query, source)));
        }
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    return std::optional<Row>();
}

} // namespace nabblet
