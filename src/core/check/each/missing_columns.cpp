#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/draft/draft.h"
#include "core/kinds/kind.h"
#include "core/reconcile/what_changed.h"
#include "core/text/tr.h"

#include <QSet>

namespace nabblet {

namespace {

// Required columns that nothing fills, so that no record can be added.
QList<Finding> find(const CheckContext &context)
{
    const Table *table = findTable(context.catalogue, context.form.rowsFrom);
    if (!table || table->kind != TableKind::Table || !context.form.permissions.add) {
        return {};
    }
    QSet<QString> written(context.filled.begin(), context.filled.end());
    for (const Control &control : context.form.controls) {
        const QStringList columns = takesValue(kindNamed(control.kind)) ? columnsWritten(control) : QStringList();
        written.unite(QSet<QString>(columns.begin(), columns.end()));
    }
    QList<Finding> found;
    std::optional<QList<TableChange>> changes; // found where anything is missing
    const auto isExplained = [&](const QString &name) {
        if (!changes) {
            changes = tableChanges(context.form, context.catalogue);
        }
        return explainsNew(*changes, table->name, name);
    };
    for (const Column &column : table->columns) {
        const bool fillsItself = column.hasDefault || column.isGenerated || column.numbersItself;
        if (column.isRequired && !fillsItself && !written.contains(column.name) && !isExplained(column.name)) {
            found.append({0,
                          Texts::tr("No record can be added: “%1” is required and has no box.").arg(column.name),
                          column.name,
                          {{Texts::tr("Add its box"), [name = column.name](const CheckContext &now) {
                                const Table *rows = findTable(now.catalogue, now.form.rowsFrom);
                                return rows ? withFields(now.form, now.catalogue, *rows, {name}, {}, profileOfRows(now),
                                                         now.namingPattern, now.measure)
                                                  .form
                                            : now.form;
                            }}}});
        }
    }
    return found;
}

} // namespace

FormCheck missingColumns()
{
    return {"missing columns", Texts::later("Required columns without a box"), Degree::ToFix, find};
}

} // namespace nabblet
