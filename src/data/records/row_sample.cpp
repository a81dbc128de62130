#include "data/records/row_sample.h"

#include "data/dialect/patience.h"
#include "data/records/statement.h"

#include <QSqlQuery>

namespace nabblet {

Result<RowSample> sampleRows(const Connection &connection, const RecordSource &source, const RowOrder &order,
                             const QString &words, int most)
{
    QStringList quoted;
    for (const QString &column : source.columns) {
        quoted.append(rowsColumn(connection, column));
    }
    QString sql = QStringLiteral("SELECT ") + quoted.join(QStringLiteral(", ")) + QStringLiteral(" FROM ") + rowsFrom(connection, source);
    if (!words.isEmpty()) {
        // The words are bound once a column; what stands in them for LIKE is taken as it is typed.
        QStringList conditions;
        for (const QString &column : std::as_const(quoted)) {
            conditions.append(QStringLiteral("CAST(%1 AS VARCHAR(4000)) LIKE ? ESCAPE '!'").arg(column));
        }
        sql += QStringLiteral(" WHERE ") + conditions.join(QStringLiteral(" OR "));
    }
    if (!order.column.isEmpty()) {
        sql += QStringLiteral(" ORDER BY ") + rowsColumn(connection, order.column) +
               (order.direction == Qt::DescendingOrder ? QStringLiteral(" DESC") : QString());
    }
    sql += QStringLiteral(" LIMIT %1").arg(most + 1);
    QSqlQuery query(connection.database());
    query.setForwardOnly(true);
    bool isDone = query.prepare(sql);
    if (isDone && !words.isEmpty()) {
        QString pattern = words;
        for (const QChar sign : {u'!', u'%', u'_'}) {
            pattern.replace(sign, QStringLiteral("!") + sign);
        }
        for (qsizetype i = 0; i < quoted.size(); ++i) {
            query.addBindValue(u'%' + pattern + u'%');
        }
    }
    const Patience patience(connection);
    isDone = isDone && query.exec();
    RowSample sample;
    sample.columns = source.columns;
    while (isDone && query.next()) {
        if (sample.rows.size() == most) {
            sample.isWhole = false;
            break;
        }
        QVariantList row;
        for (int i = 0; i < source.columns.size(); ++i) {
            row.append(query.isNull(i) ? QVariant() : query.value(i));
        }
        sample.rows.append(row);
    }
    if (!isDone || query.lastError().isValid()) {
        return connection.explain(query.lastError());
    }
    return sample;
}

} // namespace nabblet
