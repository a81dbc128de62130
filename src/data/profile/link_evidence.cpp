#include "data/profile/link_evidence.h"

#include "data/records/statement.h"

#include <QSet>
#include <QSqlQuery>

namespace nabblet {

std::optional<LinkEvidence> evidenceOf(const Connection &connection, const Catalogue &catalogue, const TableLink &link)
{
    const Table *table = findTable(catalogue, link.table);
    const Table *parent = findTable(catalogue, link.link.parentTable);
    const Column *column =
        table && link.link.columns.size() == 1 ? findColumn(*table, link.link.columns.first()) : nullptr;
    if (!column || !parent || link.link.parentColumns.size() != 1) {
        return std::nullopt;
    }
    const Dialect &dialect = connection.dialect();
    const QString from = rowsColumn(connection, column->name);
    const QString value = connection.quoted(QStringLiteral("value"));
    const QString there = connection.quoted(QStringLiteral("there"));
    const QString key = connection.quoted(parent->name) + u'.' + connection.quoted(link.link.parentColumns.first());
    // 0 and a blank text are how many databases write that there is none.
    const QString isThere = column->type == ColumnType::Text ? QStringLiteral("%1 <> ''") : QStringLiteral("%1 <> 0");
    const QString picked =
        dialect.firstOf(QStringLiteral("SELECT %1 AS %2 FROM %3 WHERE %1 IS NOT NULL AND %4")
                            .arg(from, value, rowsFrom(connection, recordSourceOf(*table)), isThere.arg(from)),
                        LinkRows);
    const QString asked =
        QStringLiteral("SELECT %1, CASE WHEN EXISTS (SELECT 1 FROM %2 WHERE %3 = %1) THEN 1 ELSE 0 END "
                       "AS %4 FROM %5")
            .arg(value, connection.quoted(parent->name), key, there,
                 dialect.selectAs(picked, connection.quoted(QStringLiteral("picked"))));
    QSqlQuery query(connection.database());
    query.setForwardOnly(true);
    const QString sql = QStringLiteral("SELECT count(*), sum(%1), min(CASE WHEN %1 = 0 THEN %2 END) FROM %3")
                            .arg(there, value, dialect.selectAs(asked, connection.quoted(QStringLiteral("asked"))));
    if (!query.exec(sql) || !query.next()) {
        return std::nullopt;
    }
    LinkEvidence evidence;
    evidence.values = query.value(0).toLongLong();
    evidence.found = query.value(1).toLongLong();
    evidence.stranger = query.value(2).toString();
    evidence.isWhole = evidence.values < LinkRows;
    return evidence;
}

QList<FoundLink> findLinks(const Connection &connection, const Catalogue &catalogue,
                           const std::atomic<bool> &isCancelled)
{
    QList<FoundLink> found;
    QSet<QString> settled; // columns that have one
    for (const LikelyLink &link : linksByName(catalogue)) {
        if (isCancelled.load(std::memory_order_relaxed)) {
            break;
        }
        const QString column = link.link.table + u'\n' + link.link.link.columns.first();
        if (settled.contains(column)) {
            continue;
        }
        const std::optional<LinkEvidence> evidence = evidenceOf(connection, catalogue, link.link);
        if (evidence && isBorneOut(link, *evidence)) {
            settled.insert(column);
            found.append({link, *evidence});
        }
    }
    return found;
}

QList<FoundLink> findLinksBetween(const Connection &connection, const Catalogue &catalogue, const QString &table,
                                  const QString &parent, const std::atomic<bool> &isCancelled)
{
    QList<FoundLink> found;
    for (const LikelyLink &link : linksBetween(catalogue, table, parent)) {
        if (isCancelled.load(std::memory_order_relaxed)) {
            break;
        }
        const std::optional<LinkEvidence> evidence = evidenceOf(connection, catalogue, link.link);
        const bool isByName = evidence && link.points > 0 && isBorneOut(link, *evidence);
        if (isByName || (evidence && evidence->values > 0 && evidence->found == evidence->values)) {
            found.append({link, *evidence});
        }
    }
    // Of those that no name speaks for, the one with most values has the most evidence.
    std::stable_sort(found.begin(), found.end(), [](const FoundLink &a, const FoundLink &b) {
        return a.link.points != b.link.points ? a.link.points > b.link.points : a.evidence.values > b.evidence.values;
    });
    return found;
}

} // namespace nabblet
