#include "core/check/database_differences.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"

#include <QSet>

namespace nabblet {

NABBLET_TEXTS(Checks)

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

// Which columns of which table a form uses.
struct Uses
{
    QString table;
    QStringList columns;
};

QList<Uses> usesOf(const Form &form)
{
    QList<Uses> all;
    Uses own{form.select.isEmpty() ? form.rowsFrom : QString(), {}};
    for (const Control &control : form.controls) {
        for (const QString &column : columnsNeeded(control)) {
            if (!own.columns.contains(column)) {
                own.columns.append(column);
            }
        }
        if (const auto lookup = lookupOf(control); lookup && lookup->select.isEmpty()) {
            all.append({lookup->table, lookup->valueColumns + lookup->wordsColumns});
        }
        if (const Form *inner = control.inner.get()) {
            all.append(usesOf(*inner));
        }
    }
    if (form.rowForm) {
        all.append(usesOf(*form.rowForm.get()));
    }
    if (!own.table.isEmpty()) {
        all.prepend(own);
    }
    return all;
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
    for (const Uses &uses : usesOf(form)) {
        const Table *table = findTable(other, uses.table);
        const Table *own = findTable(now, uses.table);
        if (!table) {
            say(Texts::tr("There is no table “%1” there.").arg(uses.table));
            continue;
        }
        for (const QString &name : uses.columns) {
            const Column *column = findColumn(*table, name);
            const Column *known = own ? findColumn(*own, name) : nullptr;
            if (!column) {
                say(Texts::tr("“%1” has no column “%2” there.").arg(uses.table, name));
            } else if (known) {
                say(differenceOf(uses.table, *known, *column));
            }
        }
    }
    return found;
}

} // namespace nabblet
