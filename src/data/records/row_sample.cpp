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
    QString sql = QStringLiteral("SELECT ") + quoted.join(QStringLiteral(", ")) + QStringLiteral(" FROM ") +
                  rowsFrom(connection, source);
    if (!words.isEmpty()) {
        // The words are bound once a column.
        QStringList conditions;
        for (const QString &column : std::as_const(quoted)) {
            conditions.append(connection.dialect().isLike(connection.dialect().asText(column)));
        }
        sql += QStringLiteral(" WHERE ") + conditions.join(QStringLiteral(" OR "));
    }
    if (!order.column.isEmpty()) {
        sql += QStringLiteral(" ORDER BY ") + rowsColumn(connection, order.column) +
               (order.direction == Qt::DescendingOrder ? QStringLiteral(" DESC") : QString());
    }
    sql = connection.dialect().firstOf(sql, most + 1);
    QSqlQuery query(connection.database());
    query.setForwardOnly(true);
    bool isDone = query.prepare(sql);
    if (isDone && !words.isEmpty()) {
        for (qsizetype i = 0; i < quoted.size(); ++i) {
            query.addBindValue(Dialect::patternHolding(words));
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
