#include "data/statement.h"

namespace nabblet {

QString withoutEnd(const QString &select)
{
    QString text = select.trimmed();
    while (text.endsWith(u';')) {
        text = text.chopped(1).trimmed();
    }
    return text;
}

QString rowsFrom(const Connection &connection, const RecordSource &source)
{
    // The line break ends a comment that the SELECT may close with.
    return source.select.isEmpty() ? connection.quoted(source.table)
                                   : QStringLiteral("(%1\n) AS \"rows\"").arg(source.select);
}

Statement held(const Connection &connection, const RecordSource &source, const QString &condition,
               const QVariantList &values)
{
    Statement where{condition, values};
    for (qsizetype i = 0; i < source.linkColumns.size(); ++i) {
        where.sql += where.sql.isEmpty() ? QString() : QStringLiteral(" AND ");
        where.sql += connection.quoted(source.linkColumns.at(i)) + QLatin1String(" = ?");
        where.values.append(source.linkValues.value(i));
    }
    if (!where.sql.isEmpty()) {
        where.sql.prepend(QLatin1String(" WHERE "));
    }
    return where;
}

} // namespace nabblet
