#include "data/record_source.h"

#include "core/text/tr.h"

namespace nabblet {

NABBLET_TEXTS(RecordSource)

namespace {

void setKey(RecordSource &source, const Table &table)
{
    source.table = table.name;
    source.isWritable = table.kind == TableKind::Table;
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
        if (column.isGenerated) {
            source.generated.append(column.name);
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
    if (form.rowSource.isEmpty()) {
        return Error{Texts::tr("The form “%1” has no row source yet, so it shows no records.").arg(form.title), {}};
    }
    const Table *table = findTable(catalogue, form.rowSource);
    if (!table) {
        return Error{
            Texts::tr(
                "The database has no table “%1” any more, so the form “%2” has no records. The form is kept as it is; "
                "bring the table back or give the form another row source.")
                .arg(form.rowSource, form.title),
            {}};
    }
    RecordSource source;
    setKey(source, *table);
    for (const Control &control : form.controls) {
        if (control.column.isEmpty() || source.columns.contains(control.column)) {
            continue;
        }
        if (findColumn(*table, control.column)) {
            source.columns.append(control.column);
        } else if (!source.missing.contains(control.column)) {
            source.missing.append(control.column);
        }
    }
    return source;
}

} // namespace nabblet
