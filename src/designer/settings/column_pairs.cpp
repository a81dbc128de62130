#include "designer/settings/column_pairs.h"

#include "core/text/tr.h"

namespace nabblet {

QString pairsInWords(const QStringList &first, const QStringList &second)
{
    QStringList pairs;
    for (qsizetype i = 0; i < first.size() && i < second.size(); ++i) {
        pairs.append(first.at(i) + QStringLiteral(" = ") + second.at(i));
    }
    return pairs.join(QStringLiteral(", "));
}

Result<ColumnPairs> readPairs(const QString &typed, const Table *firstTable, const Table *secondTable)
{
    ColumnPairs pairs;
    const QStringList parts = typed.split(u',', Qt::SkipEmptyParts);
    for (const QString &part : parts) {
        const qsizetype sign = part.indexOf(u'=');
        const QString first = part.left(sign < 0 ? part.size() : sign).trimmed();
        const QString second = sign < 0 ? first : part.mid(sign + 1).trimmed();
        for (const auto &[table, name] : {std::pair(firstTable, first), std::pair(secondTable, second)}) {
            if (name.isEmpty() || (table && !findColumn(*table, name))) {
                return Error{
                    table ? Texts::tr("“%1” has no column “%2”. Write it as in: buoy_id = id.").arg(table->name, name)
                          : Texts::tr("A column is missing beside “%1”. Write it as in: buoy_id = id.")
                                .arg(part.trimmed()),
                    {}};
            }
        }
        pairs.first.append(first);
        pairs.second.append(second);
    }
    return pairs;
}

} // namespace nabblet
