#include "data/records/statement.h"

#include "data/records/row_filter.h"

namespace nabblet {

QString withoutEnd(const QString &select)
{
    QString text = select.trimmed();
    while (text.endsWith(u';')) {
        text = text.chopped(1).trimmed();
    }
    return text;
}

QString rowsColumn(const Connection &connection, const QString &column)
{
    return connection.dialect().quoteName(QStringList{QStringLiteral("rows"), column});
}

QString sourceColumn(const Connection &connection, const RecordSource &source, const QString &column)
{
    const auto worded = source.worded.constFind(column);
    if (worded == source.worded.constEnd()) {
        return rowsColumn(connection, column);
    }
    const Dialect &dialect = connection.dialect();
    const QString other = QStringLiteral("looked");
    const auto theirs = [&](const QString &name) { return dialect.quoteName(QStringList{other, name}); };
    QStringList words;
    for (const QString &name : worded->wordsColumns) {
        words.append(worded->wordsColumns.size() == 1
                         ? theirs(name)
                         : QStringLiteral("coalesce(%1, '')").arg(dialect.asText(theirs(name))));
    }
    QStringList conditions;
    for (qsizetype i = 0; i < worded->valueColumns.size(); ++i) {
        conditions.append(theirs(worded->valueColumns.at(i)) + QLatin1String(" = ") +
                          rowsColumn(connection, worded->columns.value(i)));
    }
    const QString from = worded->select.isEmpty()
                             ? dialect.tableAs(connection.quotedTable(worded->table), connection.quoted(other))
                             : dialect.selectAs(withoutEnd(worded->select), connection.quoted(other));
    const QString select = QStringLiteral("SELECT %1 FROM %2 WHERE %3")
                               .arg(words.size() == 1 ? words.first() : dialect.joined(words), from,
                                    conditions.join(QLatin1String(" AND ")));
    return u'(' + dialect.firstOf(select, 1) + u')';
}

QString keyName(const Connection &connection, const RecordSource &source, const QString &column)
{
    return source.keyIsRowNumber ? connection.quoted(QStringLiteral("rows")) + u'.' + column
                                 : rowsColumn(connection, column);
}

QString rowsFrom(const Connection &connection, const RecordSource &source)
{
    const QString name = connection.quoted(QStringLiteral("rows"));
    return source.select.isEmpty() ? connection.dialect().tableAs(connection.quotedTable(source.table), name)
                                   : connection.dialect().selectAs(source.select, name);
}

QString placesOf(const Connection &connection, const QVariantList &values)
{
    QStringList places;
    for (const QVariant &value : values) {
        places.append(connection.dialect().placeOf(value));
    }
    return places.join(QLatin1String(", "));
}

namespace {

// The columns as one value, to be compared with those of another row.
QString together(const Connection &connection, const QStringList &columns)
{
    QStringList names;
    for (const QString &column : columns) {
        names.append(rowsColumn(connection, column));
    }
    return names.join(QLatin1String(", "));
}

// That rows belong to one of those in between. Theirs are called rows there, too; the name means theirs inside.
Statement belongsTo(const Connection &connection, const RowsBetween &between)
{
    Statement but;
    QStringList keys;
    for (qsizetype i = 0; i < between.but.size(); ++i) {
        keys.append(keyName(connection, between.rows, between.rows.keyColumns.value(i)) + QLatin1String(" = ") +
                    connection.dialect().placeOf(between.but.at(i)));
        but.values.append(between.but.at(i));
    }
    if (!keys.isEmpty()) {
        but.sql = QStringLiteral("NOT (%1)").arg(keys.join(QLatin1String(" AND ")));
    }
    Statement is = held(connection, between.rows, but.sql, but.values);
    is.sql = QStringLiteral("(%1) IN (SELECT %2 FROM %3%4)")
                 .arg(together(connection, between.belongs), together(connection, between.theirs),
                      rowsFrom(connection, between.rows), is.sql);
    return is;
}

} // namespace

Statement held(const Connection &connection, const RecordSource &source, const QString &condition,
               const QVariantList &values)
{
    Statement where{condition, values};
    for (qsizetype i = 0; i < source.linkColumns.size(); ++i) {
        where.sql += where.sql.isEmpty() ? QString() : QStringLiteral(" AND ");
        where.sql += rowsColumn(connection, source.linkColumns.at(i)) + QLatin1String(" = ") +
                     connection.dialect().placeOf(source.linkValues.value(i));
        where.values.append(source.linkValues.value(i));
    }
    if (source.between) {
        const Statement is = belongsTo(connection, *source.between);
        where.sql += (where.sql.isEmpty() ? QString() : QStringLiteral(" AND ")) + is.sql;
        where.values += is.values;
    }
    if (source.filter) {
        const Statement is = conditionOf(connection, *source.filter);
        if (!is.sql.isEmpty()) {
            where.sql += (where.sql.isEmpty() ? QString() : QStringLiteral(" AND ")) + is.sql;
            where.values += is.values;
        }
    }
    if (!where.sql.isEmpty()) {
        where.sql.prepend(QLatin1String(" WHERE "));
    }
    return where;
}

} // namespace nabblet
