#include "data/records/statement.h"

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

QString rowsFrom(const Connection &connection, const RecordSource &source)
{
    const QString name = connection.quoted(QStringLiteral("rows"));
    return source.select.isEmpty() ? connection.dialect().tableAs(connection.quoted(source.table), name)
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
    if (!where.sql.isEmpty()) {
        where.sql.prepend(QLatin1String(" WHERE "));
    }
    return where;
}

} // namespace nabblet
