#include "core/check/checks.h"
#include "core/reconcile/what_changed.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// A table or view that the database does not have any more. All else would only say so box by box.
QList<Finding> find(const CheckContext &context)
{
    const Form &form = context.form;
    if (form.rowsFrom.isEmpty() || !form.select.isEmpty() || context.catalogue.tables.isEmpty() ||
        findTable(context.catalogue, form.rowsFrom) ||
        explainsGone(tableChanges(form, context.catalogue), form.rowsFrom, QString())) {
        return {};
    }
    return {{0,
             Texts::tr("There is no table “%1” in the database. Give the form other rows, or bring it into step.")
                 .arg(form.rowsFrom),
             form.rowsFrom}};
}

} // namespace

FormCheck goneTables()
{
    return {"gone tables", Texts::later("Tables that are gone"), Degree::ToFix, find};
}

} // namespace nabblet
