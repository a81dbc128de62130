#include "core/check/database_differences.h"

#include "core/reconcile/column_uses.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QString typeInWords(ColumnType type)
{
    switch (type) {
    case ColumnType::WholeNumber:
        return Texts::tr("whole numbers");
    case ColumnType::DecimalNumber:
        return Texts::tr("numbers with decimals");
    case ColumnType::YesNo:
        return Texts::tr("yes or no");
    case ColumnType::Date:
        return Texts::tr("dates");
    case ColumnType::Time:
        return Texts::tr("times");
    case ColumnType::DateTime:
        return Texts::tr("dates with times");
    case ColumnType::Binary:
        return Texts::tr("pictures or other bytes");
    case ColumnType::Text:
        break;
    }
    return Texts::tr("text");
}

QString differenceOf(const QString &table, const Column &now, const Column &other)
{
    const QString name = table + u'.' + now.name;
    if (now.type != other.type) {
        return Texts::tr("“%1” holds %2 there, and %3 now.").arg(name, typeInWords(other.type), typeInWords(now.type));
    }
    if (other.length && (!now.length || *now.length > *other.length)) {
        return now.length
                   ? Texts::tr("“%1” takes %2 letters there, and %3 now.").arg(name).arg(*other.length).arg(*now.length)
                   : Texts::tr("“%1” takes %2 letters there, and any number now.").arg(name).arg(*other.length);
    }
    if (other.isRequired && !other.hasDefault && !now.isRequired) {
        return Texts::tr("“%1” is needed there.").arg(name);
    }
    return {};
}

} // namespace

QStringList databaseDifferences(const Form &form, const Catalogue &now, const Catalogue &other)
{
    QStringList found;
    const auto say = [&](const QString &sentence) {
        if (!sentence.isEmpty() && !found.contains(sentence)) {
            found.append(sentence);
        }
    };
    for (const ColumnUse &use : columnUses(form)) {
        const Form *inner = innerAt(form, use.path);
        if (inner && !inner->select.isEmpty() && use.table == inner->rowsFrom) {
            continue; // rows of a SELECT are of no table
        }
        const Table *table = findTable(other, use.table);
        const Table *own = findTable(now, use.table);
        const Column *known = own ? findColumn(*own, use.column) : nullptr;
        const bool isInSql = use.kind == UseKind::Formula || use.kind == UseKind::Rule;
        if (isInSql && !known) {
            continue; // a word of SQL
        }
        if (!table) {
            say(Texts::tr("There is no table “%1” there.").arg(use.table));
        } else if (!use.column.isEmpty()) {
            const Column *column = findColumn(*table, use.column);
            say(!column ? Texts::tr("“%1” has no column “%2” there.").arg(use.table, use.column)
                : known ? differenceOf(use.table, *known, *column)
                        : QString());
        }
    }
    return found;
}

} // namespace nabblet
