#include "data/records/search.h"

#include "data/records/statement.h"

namespace nabblet {

namespace {

Statement all(const Connection &connection, const QList<SearchedWord> &words)
{
    Statement condition;
    for (const SearchedWord &word : words) {
        Statement either;
        for (const RowTest &test : word) {
            const Statement one = conditionOf(connection, RowFilter{{{test}}});
            either.sql += (either.sql.isEmpty() ? QString() : QStringLiteral(" OR ")) + one.sql;
            either.values += one.values;
        }
        if (either.sql.isEmpty()) {
            either.sql = QStringLiteral("1 = 0"); // nothing can hold it
        }
        condition.sql += (condition.sql.isEmpty() ? QString() : QStringLiteral(" AND ")) + u'(' + either.sql + u')';
        condition.values += either.values;
    }
    return condition;
}

} // namespace

Result<bool> searchRows(const Connection &connection, const RecordSource &source, const QList<SearchedWord> &words,
                        const std::atomic<bool> &isCancelled, const std::function<bool(const Row &row)> &found)
{
    RecordSource asked = source;
    asked.order.clear(); // sorting would keep the first hits waiting for all
    const Statement condition = all(connection, words);
    Running running(connection, selectedRows(connection, asked, condition));
    if (!running.isGood) {
        return connection.explain(running.query.lastError());
    }
    while (!isCancelled.load(std::memory_order_relaxed) && running.query.next()) {
        if (!found(readRow(running.query, asked))) {
            return false;
        }
    }
    if (running.query.lastError().type() != QSqlError::NoError && !isCancelled) {
        return connection.explain(running.query.lastError());
    }
    return !isCancelled;
}

Result<QList<Row>> rowsBeginning(const Connection &connection, const RecordSource &source, const QString &column,
                                 const QString &words, int most)
{
    RecordSource asked = source;
    asked.order.clear();
    const QString name = rowsColumn(connection, column);
    const QString behind = words + QChar(0xFFFD);
    Statement statement = selectedRows(
        connection, asked, {name + QLatin1String(" >= ? AND ") + name + QLatin1String(" < ?"), {words, behind}});
    statement.sql = connection.dialect().firstOf(statement.sql, most);
    Running running(connection, statement);
    if (!running.isGood) {
        return connection.explain(running.query.lastError());
    }
    QList<Row> rows;
    while (running.query.next()) {
        rows.append(readRow(running.query, asked));
    }
    return rows;
}

} // namespace nabblet
