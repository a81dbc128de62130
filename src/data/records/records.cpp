#include "data/records/records.h"

#include "core/sorts/sort_table.h"

#include "data/dialect/patience.h"
#include "data/records/statement.h"

#include <QSqlQuery>

#include <algorithm>

namespace nabblet {

namespace {

QStringList keyNames(const Connection &connection, const RecordSource &source)
{
    QStringList names;
    for (const QString &column : source.keyColumns) {
        names.append(keyName(connection, source, column));
    }
    return names;
}

QString keyList(const Connection &connection, const RecordSource &source)
{
    return keyNames(connection, source).join(QLatin1String(", "));
}

// One of those by which rows are ordered: what it is in SQL, of the row and of a value.
struct Term
{
    QString ofRow;
    QString (*expression)(const QString &) = nullptr;
    bool isDescending = false;
    bool mayBeNull = false; // of a key no part is
};

QList<Term> termsOf(const Connection &connection, const RecordSource &source)
{
    QList<Term> terms;
    for (const SortedBy &each : source.order) {
        const auto expression = sortNamed(each.sort)->expression;
        terms.append({expression(sourceColumn(connection, source, each.column)), expression, each.isDescending, true});
    }
    for (const QString &name : keyNames(connection, source)) {
        terms.append({name, [](const QString &value) { return value; }});
    }
    return terms;
}

enum class Way { Forward, Backward };

// What stands behind ORDER BY.
QString orderOf(const Connection &connection, const RecordSource &source, Way way)
{
    QStringList parts;
    for (const Term &term : termsOf(connection, source)) {
        parts.append(
            connection.dialect().ordered(term.ofRow, term.isDescending != (way == Way::Backward), term.mayBeNull));
    }
    return parts.join(QLatin1String(", "));
}

QString selectRows(const Connection &connection, const RecordSource &source)
{
    QStringList columns{keyList(connection, source)};
    for (const QString &column : source.columns) {
        columns.append(sourceColumn(connection, source, column));
    }
    return QStringLiteral("SELECT %1 FROM %2").arg(columns.join(QLatin1String(", ")), rowsFrom(connection, source));
}

Statement keyCompared(const Connection &connection, const RecordSource &source, const char *sign, const RowKey &key)
{
    const Condition is = connection.dialect().keyCompared(keyNames(connection, source), QLatin1String(sign), key);
    return {is.sql, is.values};
}

enum class Than { Before, After, AtOrAfter };

// Whether a row stands so to a place. By several values: it does by the first in which they differ. What is missing
// stands before everything.
Statement compared(const Connection &connection, const RecordSource &source, Than than, const RowPlace &place)
{
    if (source.order.isEmpty()) {
        const char *sign = than == Than::Before ? "<" : than == Than::After ? ">" : ">=";
        return keyCompared(connection, source, sign, place);
    }
    const QList<Term> terms = termsOf(connection, source);
    QStringList ways;
    QVariantList values;
    QString equal; // in all terms before
    QVariantList equalValues;
    for (qsizetype i = 0; i < terms.size(); ++i) {
        const Term &term = terms.at(i);
        const QVariant value = place.value(i);
        const QString at = term.expression(connection.dialect().placeOf(value));
        const bool isGreater = (than == Than::Before) == term.isDescending;
        QString differs;
        if (value.isNull()) {
            differs = isGreater ? term.ofRow + QLatin1String(" IS NOT NULL") : QString();
        } else if (isGreater || !term.mayBeNull) {
            differs = term.ofRow + QLatin1String(isGreater ? " > " : " < ") + at;
        } else {
            differs = QStringLiteral("(%1 < %2 OR %1 IS NULL)").arg(term.ofRow, at);
        }
        if (!differs.isEmpty()) {
            ways.append(u'(' + equal + differs + u')');
            values += equalValues;
            values += value.isNull() ? QVariantList() : QVariantList{value};
        }
        equal += term.ofRow + (value.isNull() ? QStringLiteral(" IS NULL") : QLatin1String(" = ") + at) +
                 (i + 1 < terms.size() ? QLatin1String(" AND ") : QLatin1String());
        equalValues += value.isNull() ? QVariantList() : QVariantList{value};
    }
    if (than == Than::AtOrAfter) {
        ways.append(u'(' + equal + u')');
        values += equalValues;
    }
    return {u'(' + ways.join(QLatin1String(" OR ")) + u')', values};
}

// Who wrote the SQL that the rows come from; an order that people chose may take as long.
Sql sqlOf(const RecordSource &source)
{
    return source.select.isEmpty() && source.order.isEmpty() && !source.filter ? Sql::OurOwn : Sql::OfPeople;
}

// Values as they are read, where an empty one is not taken for a missing one.
QVariant asRead(const QSqlQuery &query, int column)
{
    const QVariant value = query.value(column);
    const bool isEmptyBytes = value.typeId() == QMetaType::QByteArray && value.toByteArray().isNull();
    return query.isNull(column) && !isEmptyBytes ? QVariant() : isEmptyBytes ? QVariant(QByteArray("")) : value;
}

} // namespace

Row readRow(const QSqlQuery &query, const RecordSource &source)
{
    Row row;
    const int keys = static_cast<int>(source.keyColumns.size());
    row.key.reserve(keys);
    row.values.reserve(source.columns.size());
    for (int i = 0; i < keys; ++i) {
        row.key.append(asRead(query, i));
    }
    for (int i = 0; i < source.columns.size(); ++i) {
        row.values.append(asRead(query, keys + i));
    }
    return row;
}

Statement selectedRows(const Connection &connection, const RecordSource &source, const Statement &condition)
{
    const Statement where = held(connection, source, condition.sql, condition.values);
    return {selectRows(connection, source) + where.sql, where.values};
}

namespace {

// A text that holds signs for what could not be read is read once more as bytes; where those give another text, it is
// one in no known encoding.
Row withRawTexts(const Connection &connection, const RecordSource &source, Row row)
{
    for (int i = 0; i < row.values.size(); ++i) {
        const QVariant &value = row.values.at(i);
        if (value.typeId() != QMetaType::QString || !value.toString().contains(QChar::ReplacementCharacter)) {
            continue;
        }
        const QString bytes = source.worded.contains(source.columns.at(i))
                                  ? QString()
                                  : connection.dialect().bytesOf(rowsColumn(connection, source.columns.at(i)));
        if (bytes.isEmpty()) {
            continue;
        }
        const Statement is = keyCompared(connection, source, "=", row.key);
        const Statement where = held(connection, source, is.sql, is.values);
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

MaybeRow oneRow(const Connection &connection, const RecordSource &source, const Statement &condition, Way way)
{
    const Statement where = held(connection, source, condition.sql, condition.values);
    const QString sql = connection.dialect().firstOf(
        selectRows(connection, source) + where.sql + QLatin1String(" ORDER BY ") + orderOf(connection, source, way), 1);
    const Patience patience(connection, sqlOf(source));
    Running running(connection, {sql, where.values});
    if (running.isGood && running.query.next()) {
        return std::optional(withRawTexts(connection, source, readRow(running.query, source)));
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    return std::optional<Row>();
}

Result<QList<Row>> manyRows(const Connection &connection, const RecordSource &source, const Statement &condition,
                            Way way, int most)
{
    const Statement where = held(connection, source, condition.sql, condition.values);
    const QString sql = connection.dialect().firstOf(selectRows(connection, source) + where.sql +
                                                         QLatin1String(" ORDER BY ") + orderOf(connection, source, way),
                                                     most);
    const Patience patience(connection, sqlOf(source));
    Running running(connection, {sql, where.values});
    QList<Row> rows;
    while (running.isGood && running.query.next()) {
        rows.append(withRawTexts(connection, source, readRow(running.query, source)));
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

Result<bool> eachRow(const Connection &connection, const RecordSource &source, const std::atomic<bool> &isCancelled,
                     const std::function<bool(const Row &row)> &found)
{
    const Statement where = held(connection, source, {}, {});
    Running running(connection, {selectRows(connection, source) + where.sql + QLatin1String(" ORDER BY ") +
                                     orderOf(connection, source, Way::Forward),
                                 where.values});
    if (!running.isGood) {
        return connection.explain(running.query.lastError());
    }
    while (running.query.next()) {
        if (isCancelled.load(std::memory_order_relaxed) || !found(readRow(running.query, source))) {
            return false;
        }
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    return true;
}

QVariant valueOf(const RecordSource &source, const Row &row, const QString &column)
{
    const qsizetype index = source.columns.indexOf(column);
    return index < 0 || index >= row.values.size() ? QVariant() : row.values.at(index);
}

RowPlace placeOf(const RecordSource &source, const Row &row)
{
    RowPlace place;
    for (const SortedBy &each : source.order) {
        place.append(valueOf(source, row, each.column));
    }
    return place + row.key;
}

MaybeRow firstRow(const Connection &connection, const RecordSource &source)
{
    return oneRow(connection, source, {}, Way::Forward);
}

MaybeRow lastRow(const Connection &connection, const RecordSource &source)
{
    return oneRow(connection, source, {}, Way::Backward);
}

MaybeRow rowAfter(const Connection &connection, const RecordSource &source, const RowPlace &place)
{
    return oneRow(connection, source, compared(connection, source, Than::After, place), Way::Forward);
}

MaybeRow rowBefore(const Connection &connection, const RecordSource &source, const RowPlace &place)
{
    return oneRow(connection, source, compared(connection, source, Than::Before, place), Way::Backward);
}

MaybeRow rowWithKey(const Connection &connection, const RecordSource &source, const RowKey &key)
{
    RecordSource one = source; // which needs no order, and none of the columns that it is of
    one.order.clear();
    one.filter.reset(); // it may have been changed so that it does not meet it any more
    return oneRow(connection, one, keyCompared(connection, source, "=", key), Way::Forward);
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

Result<bool> isAmong(const Connection &connection, const RecordSource &source, const RowKey &key)
{
    RecordSource one = source;
    one.order.clear();
    one.columns.clear();
    const MaybeRow row = oneRow(connection, one, keyCompared(connection, one, "=", key), Way::Forward);
    return row ? Result<bool>(row->has_value()) : Result<bool>(row.error());
}

Result<QList<Row>> rowsAfter(const Connection &connection, const RecordSource &source,
                             const std::optional<RowPlace> &place, int most)
{
    const Statement after = place ? compared(connection, source, Than::After, *place) : Statement();
    return manyRows(connection, source, after, Way::Forward, most);
}

Result<QList<Row>> rowsBefore(const Connection &connection, const RecordSource &source,
                              const std::optional<RowPlace> &place, int most)
{
    const Statement before = place ? compared(connection, source, Than::Before, *place) : Statement();
    return manyRows(connection, source, before, Way::Backward, most);
}

Result<std::optional<qint64>> estimatedRows(const Connection &connection, const Table &table)
{
    if (const auto known = connection.dialect().rowsByStatistics(connection.database(), table.name)) {
        return std::optional(*known);
    }
    QString key = table.rowNumberName;
    if (key.isEmpty() && table.primaryKey.size() == 1) {
        const Column *column = findColumn(table, table.primaryKey.first());
        key = column && column->numbersItself ? connection.quoted(column->name) : QString();
    }
    if (key.isEmpty()) {
        return std::optional<qint64>();
    }
    const Result<qint64> span =
        oneNumber(connection, {connection.dialect().spanOf(key, connection.quotedTable(table.name)), {}});
    return span ? Result<std::optional<qint64>>(std::optional(*span)) : span.error();
}

Result<qint64> countRows(const Connection &connection, const RecordSource &source)
{
    const Statement where = held(connection, source, {}, {});
    return oneNumber(
        connection,
        {QStringLiteral("SELECT count(*) FROM %1%2").arg(rowsFrom(connection, source), where.sql), where.values});
}

Result<qint64> countRowsBefore(const Connection &connection, const RecordSource &source, const RowPlace &place)
{
    const Statement before = compared(connection, source, Than::Before, place);
    const Statement where = held(connection, source, before.sql, before.values);
    return oneNumber(
        connection,
        {QStringLiteral("SELECT count(*) FROM %1%2").arg(rowsFrom(connection, source), where.sql), where.values});
}

Result<std::optional<RowMap>> mapRows(const Connection &connection, const RecordSource &source,
                                      const std::atomic<bool> &isCancelled)
{
    QStringList placed;
    for (const SortedBy &each : source.order) {
        placed.append(sourceColumn(connection, source, each.column));
    }
    placed += keyNames(connection, source);
    const Statement where = held(connection, source, {}, {});
    Running running(connection, {QStringLiteral("SELECT %1 FROM %2%3 ORDER BY %4")
                                     .arg(placed.join(QLatin1String(", ")), rowsFrom(connection, source), where.sql,
                                          orderOf(connection, source, Way::Forward)),
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
            RowPlace place;
            for (int i = 0; i < placed.size(); ++i) {
                place.append(asRead(running.query, i));
            }
            map.places.append(place);
        }
        ++map.count;
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    // Texts in no known encoding are read anew, as bytes.
    for (RowPlace &place : map.places) {
        const bool isUnsure = std::any_of(place.begin(), place.end(), [](const QVariant &value) {
            return value.typeId() == QMetaType::QString && value.toString().contains(QChar::ReplacementCharacter);
        });
        const MaybeRow row = isUnsure && !source.order.isEmpty()
                                 ? rowWithKey(connection, source, place.mid(source.order.size()))
                                 : MaybeRow(std::nullopt);
        place = row && *row ? placeOf(source, **row) : place;
    }
    return std::optional(map);
}

MaybeRow rowAt(const Connection &connection, const RecordSource &source, const RowMap &map, qint64 number)
{
    if (number < 0 || map.places.isEmpty()) {
        return std::optional<Row>();
    }
    const qsizetype stone = std::min<qsizetype>(number / RowMap::Stride, map.places.size() - 1);
    const Statement from = compared(connection, source, Than::AtOrAfter, map.places.at(stone));
    const Statement where = held(connection, source, from.sql, from.values);
    const Patience patience(connection, sqlOf(source));
    Running running(connection, {selectRows(connection, source) + where.sql + QLatin1String(" ORDER BY ") +
                                     orderOf(connection, source, Way::Forward),
                                 where.values});
    for (qint64 i = stone * RowMap::Stride; running.isGood && running.query.next(); ++i) {
        if (i == number) {
            return std::optional(withRawTexts(connection, source, readRow(running.query, source)));
        }
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    return std::optional<Row>();
}

} // namespace nabblet
