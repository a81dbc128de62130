#include "data/records/record_source.h"

#include "core/formula/row_formulas.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/kind.h"
#include "core/rules/belonging.h"
#include "core/rules/rules.h"
#include "core/sorts/sort_table.h"
#include "core/text/tr.h"

#include <optional>

namespace nabblet {

namespace {

void setKey(RecordSource &source, const Table &table)
{
    source.table = table.kind == TableKind::Select ? table.writesTo : table.name;
    source.select = table.select;
    source.isWritable =
        table.kind == TableKind::Table || (table.kind == TableKind::Select && !table.writesTo.isEmpty());
    if (!table.rowNumberName.isEmpty()) {
        source.keyColumns = {table.rowNumberName};
        source.keyIsRowNumber = true;
    } else if (!table.primaryKey.isEmpty()) {
        source.keyColumns = table.primaryKey;
    } else {
        // A view names its rows by nothing; records.cpp numbers a copy of them.
        source.keyColumns.clear();
        source.isWritable = false;
    }
    for (const Column &column : table.columns) {
        if (column.isGenerated || !column.readOnlyReason.isEmpty()) {
            source.readOnly.append(column.name);
        }
        if (!column.origin.isEmpty() && column.origin != column.name) {
            source.originOf.insert(column.name, column.origin);
        }
    }
}

} // namespace

RecordSource recordSourceOf(const Table &table)
{
    RecordSource source;
    setKey(source, table);
    for (const Column &column : table.columns) {
        source.columns.append(column.name);
    }
    return source;
}

Result<RecordSource> recordSourceOf(const Form &form, const Catalogue &catalogue)
{
    if (form.rowsFrom.isEmpty()) {
        return Error{Texts::tr("The form “%1” has no rows yet, so it shows no records.").arg(form.title), {}};
    }
    const Table *table = findTable(catalogue, form.rowsFrom);
    if (!table) {
        return Error{
            Texts::tr(
                "The database has no table “%1” any more, so the form “%2” has no records. The form is kept as it is; "
                "bring the table back or give the form other rows.")
                .arg(form.rowsFrom, form.title),
            {}};
    }
    RecordSource source;
    setKey(source, *table);
    const auto take = [&](const QString &column) {
        const bool isThere = findColumn(*table, column);
        QStringList &names = isThere ? source.columns : source.missing;
        if (!names.contains(column)) {
            names.append(column);
        }
        return isThere;
    };
    std::optional<RowFormulas> formulas;
    const auto columnsOf = [&](const QString &expression) {
        if (!formulas) {
            formulas.emplace(columnNames(*table), belongingTo(form));
        }
        const Result<QStringList> read = formulas->columnsRead(expression);
        return read ? *read : QStringList();
    };
    for (const Control &control : form.controls) {
        QStringList needed = columnsNeeded(control);
        if (const QString formula = formulaOf(control); !formula.isEmpty()) {
            needed += columnsOf(formula);
        }
        for (const QString &column : std::as_const(needed)) {
            take(column);
        }
    }
    for (const Rule &rule : form.rules) {
        for (const QString &expression : expressionsOf(form, rule)) {
            for (const QString &column : columnsOf(expression)) {
                take(column);
            }
        }
    }
    for (const SortedBy &each : sortedBy(form)) {
        if (take(each.column)) {
            const QString &usual = usualSort(*findColumn(*table, each.column)).name;
            source.order.append({each.column, each.isDescending, each.sort.isEmpty() ? usual : each.sort});
        }
    }
    return source;
}

QString wordedName(const QString &column)
{
    return QChar(1) + column; // no table has such a one
}

RecordSource linkedTo(const RecordSource &source, const QStringList &columns, const QVariantList &values)
{
    RecordSource linked = source;
    linked.linkColumns = columns;
    linked.linkValues = values;
    return linked;
}

} // namespace nabblet
