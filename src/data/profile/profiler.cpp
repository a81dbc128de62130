#include "data/profile/profiler.h"

#include "core/text/tr.h"

#include "data/records/statement.h"

#include <QSqlQuery>

#include <algorithm>
#include <limits>

namespace nabblet {

namespace {

constexpr int Stretches = 200; // of a sample, spread evenly over the keys

// What is read of each column: of binary values only the beginning, which tells images.
QString columnList(const Connection &connection, const QList<Column> &columns)
{
    QStringList list;
    for (const Column &column : columns) {
        const QString name = rowsColumn(connection, column.name);
        list.append(column.type == ColumnType::Binary ? QStringLiteral("substr(%1, 1, 16)").arg(name) : name);
    }
    return list.join(QLatin1String(", "));
}

QString rowsOf(const Connection &connection, const Table &table)
{
    return rowsFrom(connection, recordSourceOf(table));
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

// How a walk over a table's rows ended.
struct Walked
{
    bool isDone = false;  // it was not cancelled
    bool isExact = false; // every row was met
};

// Calls take(query) on every row of a table, or on a fair sample of a large one.
template <typename Take>
Result<Walked> walkRows(const Connection &connection, const Table &table, const QList<Column> &columns,
                        const std::atomic<bool> &isCancelled, const std::function<void(double)> &progress, Take take)
{
    const QString from = rowsOf(connection, table);
    const QString list = columnList(connection, columns);
    const auto fail = [&](const QSqlQuery &query) { return connection.explain(query.lastError()); };
    qint64 rows = 0;
    const auto takeRows = [&](QSqlQuery &query) {
        while (query.next()) {
            if (isCancelled.load(std::memory_order_relaxed)) {
                return false;
            }
            take(query);
            ++rows;
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
    const double span = static_cast<double>(last) - static_cast<double>(first) + 1;
    if (!key.isEmpty() && span > ExactProfileRows) {
        // Stretches of neighbouring rows at even distances: each is one walk along the key.
        const qint64 each = ExactProfileRows / Stretches;
        bool hasCutStretch = false; // some rows of a stretch were left out
        const double step = span / Stretches;
        // As fractions: keys may lie so far apart that whole numbers overflow between them.
        const auto begins = [&](int stretch) {
            const double at = static_cast<double>(first) + step * stretch;
            return stretch == 0                                                    ? first
                   : at >= static_cast<double>(std::numeric_limits<qint64>::max()) ? last
                                                                                   : static_cast<qint64>(at);
        };
        query.prepare(connection.dialect().firstOf(
            QStringLiteral("SELECT %1 FROM %2 WHERE %3 >= ? AND %3 <= ? ORDER BY %3").arg(list, from, key), each));
        for (int i = 0; i < Stretches; ++i) {
            query.bindValue(0, begins(i));
            query.bindValue(1, i == Stretches - 1 ? last : begins(i + 1) - 1);
            if (!query.exec()) {
                return fail(query);
            }
            const qint64 before = rows;
            if (!takeRows(query)) {
                return Walked{false, false};
            }
            hasCutStretch = hasCutStretch || rows - before >= each;
            if (progress) {
                progress(static_cast<double>(i + 1) / Stretches);
            }
        }
        return Walked{true, !hasCutStretch};
    }
    if (table.kind != TableKind::Table) {
        if (!query.exec(
                connection.dialect().firstOf(QStringLiteral("SELECT %1 FROM %2").arg(list, from), ExactProfileRows))) {
            return fail(query);
        }
        if (!takeRows(query)) {
            return Walked{false, false};
        }
        if (progress) {
            progress(1);
        }
        return Walked{true, rows < ExactProfileRows};
    }
    // Rows without a number to spread by, of a table that is known to be large: as many as the server picks.
    const auto about = connection.dialect().rowsByStatistics(connection.database(), table.name);
    if (about && *about > ExactProfileRows) {
        const QString picked =
            connection.dialect().sampleOf(list, connection.quotedTable(table.name),
                                          static_cast<double>(ExactProfileRows) / static_cast<double>(*about),
                                          connection.quoted(QStringLiteral("rows")));
        if (!picked.isEmpty() && query.exec(picked)) {
            const bool isDone = takeRows(query);
            if (isDone && progress) {
                progress(1);
            }
            return Walked{isDone, false};
        }
    }
    // Else every n-th of them, counted off by the database.
    QSqlQuery count(connection.database());
    if (!count.exec(QStringLiteral("SELECT count(*) FROM %1").arg(from)) || !count.next()) {
        return fail(count);
    }
    const qint64 all = count.value(0).toLongLong();
    const qint64 every = all > ExactProfileRows ? (all + ExactProfileRows - 1) / ExactProfileRows : 1;
    const QString sql =
        every == 1 ? QStringLiteral("SELECT %1 FROM %2").arg(list, from)
                   : connection.dialect().everyOf(list, from, every, connection.quoted(QStringLiteral("rows")));
    if (!query.exec(sql)) {
        return fail(query);
    }
    if (!takeRows(query)) {
        return Walked{false, false};
    }
    if (progress) {
        progress(1);
    }
    return Walked{true, every == 1};
}

QString childKey(const PlannedChild &child)
{
    return learnedKey(child.plan.table, child.link);
}

// The number of rows that nine in ten of the records that have any keep to.
Result<int> usualRowsOf(const Connection &connection, const Table &table, const QStringList &columns)
{
    QStringList names;
    QStringList read;
    for (const QString &column : columns) {
        names.append(connection.quoted(column));
        read.append(rowsColumn(connection, column));
    }
    QSqlQuery query(connection.database());
    query.setForwardOnly(true);
    const Dialect &dialect = connection.dialect();
    const QString picked =
        dialect.firstOf(QStringLiteral("SELECT %1 FROM %2")
                            .arg(read.join(QLatin1String(", ")), rowsFrom(connection, recordSourceOf(table))),
                        ExactProfileRows);
    if (!query.exec(QStringLiteral("SELECT count(*) FROM %1 GROUP BY %2")
                        .arg(dialect.selectAs(picked, connection.quoted(QStringLiteral("picked"))),
                             names.join(QLatin1String(", "))))) {
        return connection.explain(query.lastError());
    }
    QList<int> counts;
    while (query.next()) {
        counts.append(query.value(0).toInt());
    }
    std::sort(counts.begin(), counts.end());
    return counts.isEmpty() ? 0 : counts.at(counts.size() * 9 / 10);
}

} // namespace

Result<std::optional<Profile>> profileTable(const Connection &connection, const Catalogue &catalogue,
                                            const Table &table, const std::atomic<bool> &isCancelled,
                                            const std::function<void(double)> &progress,
                                            QHash<QString, ColumnProfile> *knownWords)
{
    Profile profile;
    profile.table = table.name;
    if (table.columns.isEmpty()) {
        return std::optional(profile);
    }
    QList<ColumnProfile> columns(table.columns.size());
    const Result<Walked> walked =
        walkRows(connection, table, table.columns, isCancelled, progress, [&](const QSqlQuery &query) {
            for (qsizetype i = 0; i < columns.size(); ++i) {
                columns[i].add(query.value(static_cast<int>(i)));
            }
            ++profile.rows;
        });
    if (!walked) {
        return walked.error();
    }
    if (!walked->isDone) {
        return std::optional<Profile>();
    }
    profile.isExact = walked->isExact;
    for (qsizetype i = 0; i < columns.size(); ++i) {
        profile.columns.insert(table.columns.at(i).name, columns.at(i));
    }
    // What lookups show: the words of the rows they choose from.
    for (const Column &column : table.columns) {
        const ForeignKey *link = ledLink(table, column.name);
        const Table *other = link ? findTable(catalogue, link->parentTable) : nullptr;
        if (!other) {
            continue;
        }
        QList<Column> shown;
        for (const QString &name : wordsOfRow(*other)) {
            if (const Column *word = findColumn(*other, name)) {
                shown.append(*word);
            }
        }
        if (shown.isEmpty()) {
            continue;
        }
        if (knownWords && knownWords->contains(other->name)) {
            profile.lookupWords.insert(column.name, knownWords->value(other->name));
            continue;
        }
        ColumnProfile words;
        const Result<Walked> looked = walkRows(connection, *other, shown, isCancelled, {}, [&](const QSqlQuery &query) {
            QStringList parts;
            for (int i = 0; i < shown.size(); ++i) {
                if (!query.isNull(i)) {
                    parts.append(query.value(i).toString());
                }
            }
            words.add(parts.join(u' '));
        });
        if (looked && !looked->isDone) {
            return std::optional<Profile>();
        }
        if (looked) {
            profile.lookupWords.insert(column.name, words);
            if (knownWords) {
                knownWords->insert(other->name, words);
            }
        }
    }
    return std::optional(profile);
}

Result<bool> learnChildren(const Connection &connection, const Catalogue &catalogue, const DraftPlan &plan,
                           Learned &learned, const std::atomic<bool> &isCancelled)
{
    // Columns of the rows that lookups point to.
    const Table *own = findTable(catalogue, plan.table);
    for (const PlannedColumn &column : plan.columns) {
        const ForeignKey *link =
            own && column.isTaken && !column.through.isEmpty() ? ledLink(*own, column.through) : nullptr;
        const Table *other = link ? findTable(catalogue, link->parentTable) : nullptr;
        if (!other || learned.profiles.contains(other->name)) {
            continue;
        }
        const auto profile = profileTable(connection, catalogue, *other, isCancelled, {}, &learned.words);
        if (!profile) {
            return profile.error();
        }
        if (!*profile) {
            return false;
        }
        learned.profiles.insert(other->name, **profile);
    }
    for (const PlannedChild &child : plan.children) {
        const Table *table = child.isTaken ? findTable(catalogue, child.plan.table) : nullptr;
        if (!table) {
            continue;
        }
        if (!learned.profiles.contains(table->name)) {
            const auto profile = profileTable(connection, catalogue, *table, isCancelled, {}, &learned.words);
            if (!profile) {
                return profile.error();
            }
            if (!*profile) {
                return false;
            }
            learned.profiles.insert(table->name, **profile);
        }
        if (!learned.usualRows.contains(childKey(child))) {
            const Result<int> rows = usualRowsOf(connection, *table, child.link.childColumns);
            learned.usualRows.insert(childKey(child), rows ? *rows : 0);
        }
        const Result<bool> deeper = learnChildren(connection, catalogue, child.plan, learned, isCancelled);
        if (!deeper || !*deeper) {
            return deeper;
        }
    }
    return true;
}

} // namespace nabblet
