#include "data/records/rows_below.h"

#include "core/kinds/settings/child_link.h"
#include "core/text/tr.h"

#include <utility>

namespace nabblet {

Result<RecordSource> sourceBelow(RecordSource source, QVariantList but, const QList<const Control *> &way,
                                 const Catalogue &catalogue)
{
    for (const Control *inside : way) {
        const Result<RecordSource> next = recordSourceOf(*inside->inner.get(), catalogue);
        if (!next) {
            return next.error();
        }
        const ChildLink link = childLinkOf(*inside);
        if (link.childColumns.isEmpty() || link.childColumns.size() != link.parentColumns.size()) {
            return Error{Texts::tr("The rows of “%1” belong to no row").arg(inside->inner.get()->title), {}};
        }
        auto between = std::make_shared<const RowsBetween>(
            RowsBetween{std::move(source), std::exchange(but, {}), link.parentColumns, link.childColumns});
        source = *next;
        source.between = std::move(between);
    }
    return source;
}

Result<QList<Row>> rowsUpTo(const Connection &connection, const RecordSource &source, int most)
{
    const Result<QList<Row>> rows = rowsAfter(connection, source, std::nullopt, most + 1);
    if (rows && rows->size() > most) {
        return Error{
            Texts::tr("More than %L1 rows belong to this record, which are too many to be summed up here").arg(most),
            {}};
    }
    return rows;
}

Result<QList<QVariantList>> rowsBelow(const Connection &connection, const RecordSource &source, const Row &row,
                                      const QList<const Control *> &way, const QStringList &columns,
                                      const Catalogue &catalogue, int most)
{
    const Result<RecordSource> below = sourceBelow(linkedTo(source, source.keyColumns, row.key), {}, way, catalogue);
    if (!below) {
        return below.error();
    }
    RecordSource wanted = *below;
    wanted.columns = columns;
    const Result<QList<Row>> rows = rowsUpTo(connection, wanted, most);
    if (!rows) {
        return rows.error();
    }
    QList<QVariantList> values;
    for (const Row &each : *rows) {
        values.append(each.values);
    }
    return values;
}

} // namespace nabblet
