#include "data/profiler.h"

#include "core/text/tr.h"

#include <QSqlQuery>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Stretches = 200; // of a sample, spread evenly over the keys

// What is read of each column: of binary values only the beginning, which tells images.
QString columnList(const Connection &connection, const Table &table)
{
    QStringList columns;
    for (const Column &column : table.columns) {
        const QString name = connection.quoted(column.name);
        columns.append(column.type == ColumnType::Binary ? QStringLiteral("substr(%1, 1, 16)").arg(name) : name);
    }
    return columns.join(QLatin1String(", "));
}

// The whole-number key by which a sample can be spread, or an empty name.
QString numberKey(const Connection &connection, const Table &table)
{
    if (!table.rowNumberName.isEmpty()) {
        return table.rowNumberName;
    }
    if (table.primaryKey.size() == 1) {
        const Column *key = findColumn(table, table.primaryKey.first());
        return key && key->type == ColumnType::WholeNumber ? connection.quoted(key->name) : QString();
    }
    return {};
}

} // namespace

Result<std::optional<Profile>> profileTable(const Connection &connection, const Table &table,
                                            const std::atomic<bool> &isCancelled,
                                            const std::function<void(double)> &progress)
{
    Profile profile;
    profile.table = table.name;
    if (table.columns.isEmpty()) {
        return std::optional(profile);
    }
    QList<ColumnProfile> columns(table.columns.size());
    const QString from = connection.quoted(table.name);
    const auto fail = [&](const QSqlQuery &query) { return connection.explain(query.lastError()); };

    // Takes in the rows of one query; false when it was cancelled.
    const auto takeRows = [&](QSqlQuery &query) {
        while (query.next()) {
            if (isCancelled.load(std::memory_order_relaxed)) {
                return false;
            }
            for (qsizetype i = 0; i < columns.size(); ++i) {
                columns[i].add(query.value(static_cast<int>(i)));
            }
            ++profile.rows;
        }
        return true;
    };

    const QString key = numberKey(connection, table);
    qint64 first = 0;
    qint64 last = -1;
    if (!key.isEmpty()) {
        QSqlQuery ends(connection.database());
        if (!ends.exec(QStringLiteral("SELECT min(%1), max(%1) FROM %2").arg(key, from)) || !ends.next()) {
            return fail(ends);
        }
        first = ends.value(0).toLongLong();
        last = ends.value(1).toLongLong();
    }
    QSqlQuery query(connection.database());
    query.setForwardOnly(true);
    const bool isSpread = !key.isEmpty() && last - first + 1 > ExactProfileRows;
    if (isSpread) {
        // Stretches of neighbouring rows at even distances: each is one walk along the key.
        const qint64 each = ExactProfileRows / Stretches;
        bool hasCutStretch = false; // some rows of a stretch were left out
        const auto step = static_cast<double>(last - first + 1) / Stretches;
        query.prepare(QStringLiteral("SELECT %1 FROM %2 WHERE %3 >= ? AND %3 < ? ORDER BY %3 LIMIT %4")
                          .arg(columnList(connection, table), from, key, QString::number(each)));
        for (int i = 0; i < Stretches; ++i) {
            query.bindValue(0, first + static_cast<qint64>(step * i));
            query.bindValue(1, first + static_cast<qint64>(step * (i + 1)));
            if (!query.exec()) {
                return fail(query);
            }
            const qint64 before = profile.rows;
            if (!takeRows(query)) {
                return std::optional<Profile>();
            }
            hasCutStretch = hasCutStretch || profile.rows - before >= each;
            if (progress) {
                progress(static_cast<double>(i + 1) / Stretches);
            }
        }
        profile.isExact = !hasCutStretch;
    } else {
        const QString all = QStringLiteral("SELECT %1 FROM %2").arg(columnList(connection, table), from);
        // Rows without a number to spread by: every n-th of them, counted off by the database.
        QSqlQuery count(connection.database());
        if (!count.exec(QStringLiteral("SELECT count(*) FROM %1").arg(from)) || !count.next()) {
            return fail(count);
        }
        const qint64 rows = count.value(0).toLongLong();
        const qint64 every = rows > ExactProfileRows ? (rows + ExactProfileRows - 1) / ExactProfileRows : 1;
        profile.isExact = every == 1;
        const QString sampled = every == 1 ? all
                                           : QStringLiteral("SELECT %1 FROM (SELECT *, row_number() OVER () AS "
                                                            "\"nabblet row\" FROM %2) WHERE \"nabblet row\" % %3 = 0")
                                                 .arg(columnList(connection, table), from, QString::number(every));
        if (!query.exec(sampled)) {
            return fail(query);
        }
        if (!takeRows(query)) {
            return std::optional<Profile>();
        }
        if (progress) {
            progress(1);
        }
    }
    for (qsizetype i = 0; i < columns.size(); ++i) {
        profile.columns.insert(table.columns.at(i).name, columns.at(i));
    }
    return std::optional(profile);
}

} // namespace nabblet
