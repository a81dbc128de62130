#include "core/check/checks.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// A table without a key: what nothing names is gone through a copy, and can only be read.
QList<Finding> find(const CheckContext &context)
{
    const Table *table = findTable(context.catalogue, context.form.rowsFrom);
    if (!table || table->kind != TableKind::Table || !table->primaryKey.isEmpty() || !table->rowNumberName.isEmpty()) {
        return {};
    }
    for (const UniqueKey &key : table->uniqueKeys) {
        const bool isWhole = std::all_of(key.columns.begin(), key.columns.end(), [&](const QString &name) {
            const Column *column = findColumn(*table, name);
            return column && column->isRequired;
        });
        if (isWhole) {
            return {};
        }
    }
    return {
        {0,
         Texts::tr("“%1” has no key, so that its rows can only be looked at. Give it a primary key.").arg(table->name),
         table->name}};
}

} // namespace

FormCheck keylessRows()
{
    return {"keyless rows", Texts::later("Rows that nothing names"), Degree::ToWeigh, find};
}

} // namespace nabblet
