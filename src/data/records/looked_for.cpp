#include "data/records/looked_for.h"

#include "data/dialect/patience.h"
#include "data/records/statement.h"

namespace nabblet {

namespace {

// What rows are read from, under the name by which rowsColumn() calls them.
QString fromOf(const Connection &connection, const LookedFor &each)
{
    const QString name = connection.quoted(QStringLiteral("rows"));
    const Dialect &dialect = connection.dialect();
    if (each.followed) {
        return dialect.tableAs(connection.quotedTable(each.followed->table), name);
    }
    return each.lookup->select.isEmpty() ? dialect.tableAs(connection.quotedTable(each.lookup->table), name)
                                         : dialect.selectAs(withoutEnd(each.lookup->select), name);
}

// One column of the row that is looked for, as an expression; its values are appended.
QString columnOf(const Connection &connection, const LookedFor &each, const QString &column, QVariantList &values)
{
    QStringList conditions;
    const QStringList keys = each.followed ? each.followed->keyColumns : each.lookup->valueColumns;
    for (const QString &key : keys) {
        conditions.append(rowsColumn(connection, key) + QLatin1String(" = ?"));
    }
    values += each.values;
    return u'(' +
           connection.dialect().firstOf(QStringLiteral("SELECT %1 FROM %2 WHERE %3")
                                            .arg(rowsColumn(connection, column), fromOf(connection, each),
                                                 conditions.join(QLatin1String(" AND "))),
                                        1) +
           u')';
}

// How many rows have the words of the one that is looked for; two are enough.
QString othersOf(const Connection &connection, const LookedFor &each, QVariantList &values)
{
    QStringList conditions;
    for (const QString &column : each.lookup->wordsColumns) {
        const QString own = rowsColumn(connection, column);
        const QString same = own + QLatin1String(" = ") + columnOf(connection, each, column, values);
        conditions.append(QStringLiteral("(%1 OR (%2 IS NULL AND %3 IS NULL))")
                              .arg(same, own, columnOf(connection, each, column, values)));
    }
    const QString two =
        connection.dialect().firstOf(QStringLiteral("SELECT 1 FROM %1 WHERE %2")
                                         .arg(fromOf(connection, each), conditions.join(QLatin1String(" AND "))),
                                     2);
    return QStringLiteral("(SELECT count(*) FROM (%1) AS %2)").arg(two, connection.quoted(QStringLiteral("alike")));
}

} // namespace

Result<QList<LookedFound>> lookTogether(const Connection &connection, const QList<LookedFor> &wanted)
{
    QList<LookedFound> found;
    if (wanted.isEmpty()) {
        return found;
    }
    QStringList asked;
    QVariantList values;
    bool isOfPeople = false;
    for (const LookedFor &each : wanted) {
        const QStringList columns = each.followed ? QStringList{each.followed->column} : each.lookup->wordsColumns;
        for (const QString &column : columns) {
            asked.append(columnOf(connection, each, column, values));
        }
        if (each.tellsApart && each.lookup) {
            asked.append(othersOf(connection, each, values));
        }
        isOfPeople = isOfPeople || (each.lookup && !each.lookup->select.isEmpty());
    }
    const Patience patience(connection, isOfPeople ? Sql::OfPeople : Sql::OurOwn);
    Running running(connection, {QStringLiteral("SELECT ") + asked.join(QLatin1String(", ")), values});
    if (!running.isGood || !running.query.next()) {
        return connection.explain(running.query.lastError());
    }
    int at = 0;
    for (const LookedFor &each : wanted) {
        LookedFound one;
        if (each.followed) {
            one.value = running.query.value(at++);
        } else {
            QStringList words;
            for (int i = 0; i < each.lookup->wordsColumns.size(); ++i, ++at) {
                if (!running.query.isNull(at)) {
                    words.append(running.query.value(at).toString());
                }
            }
            one.words = words.join(u' ');
            one.areThereOthers = each.tellsApart && running.query.value(at++).toInt() > 1;
        }
        found.append(one);
    }
    return found;
}

} // namespace nabblet
