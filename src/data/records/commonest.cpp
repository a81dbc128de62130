#include "data/records/commonest.h"

#include "data/records/statement.h"

namespace nabblet {

Result<QList<ValueCount>> commonestValues(const Connection &connection, const RecordSource &source,
                                          const QString &column, int most)
{
    const QString name = rowsColumn(connection, column);
    const Statement where = held(connection, source, {}, {});
    const QString all = QStringLiteral("SELECT %1, count(*) FROM %2%3 GROUP BY %1 ORDER BY 2 DESC, 1")
                            .arg(name, rowsFrom(connection, source), where.sql);
    Running running(connection, {connection.dialect().firstOf(all, most), where.values});
    if (!running.isGood) {
        return connection.explain(running.query.lastError());
    }
    QList<ValueCount> values;
    while (running.query.next()) {
        values.append(
            {running.query.isNull(0) ? QVariant() : running.query.value(0), running.query.value(1).toLongLong()});
    }
    return values;
}

} // namespace nabblet
