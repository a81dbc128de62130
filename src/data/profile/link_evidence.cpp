#include "data/profile/link_evidence.h"

#include "data/records/statement.h"

#include <QSet>
#include <QSqlQuery>

namespace nabblet {

std::optional<LinkEvidence> evidenceOf(const Connection &connection, const Catalogue &catalogue, const TableLink &link)
{
    const Table *table = findTable(catalogue, link.table);
    const Table *parent = findTable(catalogue, link.link.parentTable);
    const qsizetype count = link.link.columns.size();
    if (!table || !parent || count == 0 || link.link.parentColumns.size() != count) {
        return std::nullopt;
    }
    const Dialect &dialect = connection.dialect();
    QStringList values; // what is asked of the rows that point
    QStringList names;
    QStringList areThere;
    QStringList keys;
    for (qsizetype i = 0; i < count; ++i) {
        const Column *column = findColumn(*table, link.link.columns.at(i));
        if (!column) {
            return std::nullopt;
        }
        const QString from = rowsColumn(connection, column->name);
        const QString name = connection.quoted(QStringLiteral("value_%1").arg(i));
        values.append(QStringLiteral("%1 AS %2").arg(from, name));
        names.append(name);
        areThere.append(from + QStringLiteral(" IS NOT NULL"));
        // 0 and a blank text are how many databases write that there is none; a line may have the number 0.
        if (column->type == ColumnType::Text || count == 1) {
            areThere.append(from +
                            (column->type == ColumnType::Text ? QStringLiteral(" <> ''") : QStringLiteral(" <> 0")));
        }
        keys.append(QStringLiteral("%1.%2 = %3")
                        .arg(connection.quoted(parent->name), connection.quoted(link.link.parentColumns.at(i)), name));
    }
    const QString all = QStringLiteral(" AND ");
    const QString there = connection.quoted(QStringLiteral("there"));
    const QString picked =
        dialect.firstOf(QStringLiteral("SELECT %1 FROM %2 WHERE %3")
                            .arg(values.join(u','), rowsFrom(connection, recordSourceOf(*table)), areThere.join(all)),
                        LinkRows);
    const QString asked =
        QStringLiteral("SELECT %1, CASE WHEN EXISTS (SELECT 1 FROM %2 WHERE %3) THEN 1 ELSE 0 END AS %4 FROM %5")
            .arg(names.join(u','), connection.quoted(parent->name), keys.join(all), there,
                 dialect.selectAs(picked, connection.quoted(QStringLiteral("picked"))));
    const QString rows = dialect.selectAs(asked, connection.quoted(QStringLiteral("asked")));
    QSqlQuery query(connection.database());
    query.setForwardOnly(true);
    const QString first = QStringLiteral("min(CASE WHEN %1 = 0 THEN %2 END)").arg(there, names.first());
    if (!query.exec(QStringLiteral("SELECT count(*), sum(%1), %2 FROM %3").arg(there, first, rows)) || !query.next()) {
        return std::nullopt;
    }
    LinkEvidence evidence;
    evidence.values = query.value(0).toLongLong();
    evidence.found = query.value(1).toLongLong();
    evidence.isWhole = evidence.values < LinkRows;
    evidence.stranger = query.value(2).toString();
    if (count > 1 && evidence.found < evidence.values) { // the least of each column need not stand in one row
        const QString stranger = dialect.firstOf(
            QStringLiteral("SELECT %1 FROM %2 WHERE %3 = 0 ORDER BY %1").arg(names.join(u','), rows, there), 1);
        if (!query.exec(stranger) || !query.next()) {
            return std::nullopt;
        }
        QStringList words;
        for (int i = 0; i < count; ++i) {
            words.append(query.value(i).toString());
        }
        evidence.stranger = words.join(QStringLiteral(", "));
    }
    return evidence;
}

QList<FoundLink> findLinks(const Connection &connection, const Catalogue &catalogue,
                           const std::atomic<bool> &isCancelled)
{
    QList<FoundLink> found;
    QSet<QString> settled; // columns, alone or together, that have one
    for (const LikelyLink &link : linksByName(catalogue)) {
        if (isCancelled.load(std::memory_order_relaxed)) {
            break;
        }
        const QString columns = link.link.table + u'\n' + link.link.link.columns.join(u'\n');
        if (settled.contains(columns)) {
            continue;
        }
        const std::optional<LinkEvidence> evidence = evidenceOf(connection, catalogue, link.link);
        if (evidence && isBorneOut(link, *evidence)) {
            settled.insert(columns);
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
