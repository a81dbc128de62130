#include "data/records/deletion.h"

#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "data/dialect/transaction.h"
#include "data/records/statement.h"

#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostKept = 20'000; // rows that are held to be brought back

// The key of a row in words, to tell whether it was met before.
QString met(const QString &table, const RowKey &key)
{
    QStringList parts{table};
    for (const QVariant &part : key) {
        parts.append(QString::fromLatin1(part.typeName()) + u':' + part.toString());
    }
    return parts.join(u'\n');
}

void count(QList<RowsAlong> &along, const QString &table, LinkRule rule, qint64 rows)
{
    for (RowsAlong &each : along) {
        if (each.table == table && each.rule == rule) {
            each.count += rows;
            return;
        }
    }
    along.append({table, rows, rule});
}

// Walks from a row to all that points to it, as far as the database would on deleting it. meet(table, link, source,
// row) is called for each row that is deleted along, let go of, or stands in the way; false ends the walk.
template <typename Meet>
Outcome walk(const Connection &connection, const Catalogue &catalogue, const QString &startTable, const Row &start,
             Meet meet)
{
    struct At
    {
        QString table;
        Row row;
    };
    QList<At> waiting{{startTable, start}};
    QSet<QString> seen{met(startTable, start.key)};
    while (!waiting.isEmpty()) {
        const At at = waiting.takeFirst();
        const Table *table = findTable(catalogue, at.table);
        if (!table) {
            continue;
        }
        const RecordSource whole = recordSourceOf(*table);
        const QList<ChildRows> children = childrenOf(catalogue, at.table);
        for (const ChildRows &child : children) {
            QVariantList pointed;
            for (const QString &column : child.link.parentColumns) {
                pointed.append(valueOf(whole, at.row, column));
            }
            const bool isPointedTo =
                std::none_of(pointed.begin(), pointed.end(), [](const QVariant &value) { return value.isNull(); });
            const Table *childTable = findTable(catalogue, child.table);
            if (!isPointedTo || !childTable || childTable->kind != TableKind::Table) {
                continue;
            }
            const RecordSource rows = linkedTo(recordSourceOf(*childTable), child.link.columns, pointed);
            if (rows.keyColumns.isEmpty()) {
                continue;
            }
            const Result<QList<Row>> found = rowsAfter(connection, rows, {}, MostKept + 1);
            if (!found) {
                return found.error();
            }
            for (const Row &row : *found) {
                const bool isNew = !seen.contains(met(child.table, row.key));
                if (child.link.onDelete == LinkRule::Deletes) {
                    seen.insert(met(child.table, row.key));
                }
                if (!isNew) {
                    continue;
                }
                if (!meet(child, rows, row)) {
                    return Done{};
                }
                if (child.link.onDelete == LinkRule::Deletes) {
                    waiting.append({child.table, row});
                }
            }
        }
    }
    return Done{};
}

// The row that is deleted, with every column of its table.
MaybeRow wholeRow(const Connection &connection, const Catalogue &catalogue, const RecordSource &source,
                  const RowKey &key)
{
    const Table *table = findTable(catalogue, source.table);
    if (!table) {
        return std::optional<Row>();
    }
    RecordSource whole = recordSourceOf(*table);
    if (!source.keyIsRowNumber) { // of a SELECT, by the key that its rows have
        whole.keyColumns.clear();
        for (const QString &column : source.keyColumns) {
            whole.keyColumns.append(source.writtenName(column));
        }
        whole.keyIsRowNumber = false;
    }
    return rowWithKey(connection, whole, key);
}

} // namespace

Result<Deletion> deletionOf(const Connection &connection, const Catalogue &catalogue, const RecordSource &source,
                            const RowKey &key)
{
    Deletion deletion;
    const MaybeRow start = wholeRow(connection, catalogue, source, key);
    if (!start) {
        return start.error();
    }
    if (!*start) {
        return deletion;
    }
    const auto notes = [&](const QString &name) {
        const Table *table = findTable(catalogue, name);
        deletion.hasTriggers = deletion.hasTriggers || (table && table->actsOnDelete);
    };
    deletion.rows.append({source.table, **start});
    notes(source.table);
    QList<std::pair<QString, RowKey>> keepers;
    const Outcome walked = walk(connection, catalogue, source.table, **start,
                                [&](const ChildRows &child, const RecordSource &rows, const Row &row) {
                                    if (child.link.onDelete == LinkRule::Keeps) {
                                        keepers.append({child.table, row.key});
                                        return true; // the database will refuse, and say so
                                    }
                                    count(deletion.along, child.table, child.link.onDelete, 1);
                                    if (child.link.onDelete == LinkRule::Nothing) {
                                        return true; // they go on pointing to what is not there
                                    }
                                    if (child.link.onDelete == LinkRule::Deletes) {
                                        notes(child.table);
                                        deletion.rows.append({child.table, row});
                                    } else {
                                        ColumnValues link;
                                        for (const QString &column : child.link.columns) {
                                            link.insert(column, valueOf(rows, row, column));
                                        }
                                        deletion.links.append({child.table, row.key, link});
                                    }
                                    deletion.isComplete = deletion.rows.size() + deletion.links.size() <= MostKept;
                                    return deletion.isComplete;
                                });
    if (!walked) {
        return walked.error();
    }
    // What goes along by another link keeps nothing.
    QSet<QString> gone;
    for (const Deletion::Taken &taken : std::as_const(deletion.rows)) {
        gone.insert(met(taken.table, taken.row.key));
    }
    for (const auto &[table, rowKey] : std::as_const(keepers)) {
        if (!gone.contains(met(table, rowKey))) {
            count(deletion.along, table, LinkRule::Keeps, 1);
        }
    }
    if (!deletion.isComplete) {
        deletion.rows.clear();
        deletion.links.clear();
    }
    return deletion;
}

Written bringBack(const Connection &connection, const Catalogue &catalogue, const Deletion &deletion,
                  const RefusalContext &context)
{
    Written written;
    Transaction transaction(connection);
    if (!transaction.hasBegun()) {
        written.refusal = connection.dialect().explainRefusal(transaction.error(), context);
        return written;
    }
    std::optional<Row> first;
    for (const Deletion::Taken &taken : deletion.rows) {
        const Table *table = findTable(catalogue, taken.table);
        if (!table) {
            written.refusal.sentence = Texts::tr("The table “%1” is gone, so its rows cannot be brought back")
                                           .arg(titleFromTable(taken.table));
            return written;
        }
        const RecordSource whole = recordSourceOf(*table);
        ColumnValues values;
        for (int i = 0; i < whole.columns.size(); ++i) {
            if (!whole.readOnly.contains(whole.columns.at(i))) {
                values.insert(whole.columns.at(i), taken.row.values.value(i));
            }
        }
        const RefusalContext own{catalogue, *table, context.captionFor};
        const Written back = insertRow(connection, whole, values, own);
        if (back.kind != Written::Done) {
            return back;
        }
        first = first ? first : back.row;
    }
    for (const Deletion::Loosened &loose : deletion.links) {
        const Table *table = findTable(catalogue, loose.table);
        const RecordSource whole = table ? recordSourceOf(*table) : RecordSource();
        const MaybeRow now = table ? rowWithKey(connection, whole, loose.key) : MaybeRow(std::optional<Row>());
        if (!now || !*now) {
            continue; // deleted by someone else since: nothing to tie again
        }
        const Written back = updateRow(connection, whole, **now, loose.link, {catalogue, *table, context.captionFor});
        if (back.kind != Written::Done) {
            return back;
        }
    }
    if (!transaction.commit()) {
        written.refusal = connection.dialect().explainRefusal(transaction.error(), context);
        if (written.refusal.sentence.isEmpty()) {
            written.refusal.sentence = Texts::tr("What the rows point to is gone, so they cannot be brought back");
        }
        return written;
    }
    written.kind = Written::Done;
    written.row = first;
    return written;
}

QString whyItStays(const Connection &connection, const Catalogue &catalogue, const RecordSource &source,
                   const RowKey &key)
{
    const QString unknown = Texts::tr("Other records still point to this one, so it stays");
    const MaybeRow start = wholeRow(connection, catalogue, source, key);
    if (!start || !*start) {
        return unknown;
    }
    QList<RowsAlong> keepers;
    const Outcome walked = walk(connection, catalogue, source.table, **start,
                                [&](const ChildRows &child, const RecordSource &, const Row &) {
                                    if (child.link.onDelete == LinkRule::Keeps) {
                                        count(keepers, child.table, LinkRule::Keeps, 1);
                                    }
                                    return true;
                                });
    if (!walked || keepers.isEmpty()) {
        return unknown;
    }
    QStringList users;
    for (const RowsAlong &each : std::as_const(keepers)) {
        users.append(
            Texts::tr("%L1 in “%2”", "so many rows in a table").arg(each.count).arg(titleFromTable(each.table)));
    }
    return Texts::tr("This record stays, because others point to it or to what belongs to it: %1. Delete or change "
                     "those first.")
        .arg(users.join(QLatin1String(", ")));
}

} // namespace nabblet
