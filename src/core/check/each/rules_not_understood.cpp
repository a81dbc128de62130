#include "core/check/checks.h"
#include "core/rules/belonging.h"
#include "core/text/tr.h"

NABBLET_TEXTS(Checks)

namespace nabblet {

namespace {

// Conditions of rules that cannot be worked out over the form's rows, such as after a column was renamed.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    const Table *table = findTable(context.catalogue, context.form.rowsFrom);
    if (!table || context.form.rules.isEmpty()) {
        return found;
    }
    RowFormulas formulas(columnNames(*table), belongingTo(context.form));
    for (const Rule &rule : context.form.rules) {
        const Result<QStringList> read = formulas.columnsRead(rule.when);
        if (!read && !rule.on.isEmpty()) {
            found.append({rule.on.first(),
                          Texts::tr("The condition “%1” does nothing: %2").arg(rule.when, read.error().sentence)});
        }
    }
    return found;
}

} // namespace

FormCheck rulesNotUnderstood()
{
    return {"rules not understood", find};
}

} // namespace nabblet
