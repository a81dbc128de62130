#include "core/catalogue/catalogue.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/settings/child_link.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Subforms that show the same rows whatever the record, although their table has a link to that of the form; and those
// without rows.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        if (control.kind != QLatin1String("subform")) {
            continue;
        }
        const QString called = calledFor(context.form, control);
        if (!control.inner && projectFormOf(control).isEmpty()) {
            found.append({control.id,
                          Texts::tr("“%1” has no rows to show.").arg(called),
                          {},
                          {deletes(Texts::tr("Take it away"), {control.id})}});
            continue;
        }
        const ChildLink link = childLinkOf(control);
        if (!control.inner || !link.childColumns.isEmpty()) {
            continue;
        }
        const Table *table = findTable(context.catalogue, control.inner.get()->rowsFrom);
        for (const ForeignKey &key : table ? table->foreignKeys : QList<ForeignKey>()) {
            if (key.parentTable == context.form.rowsFrom && key.columns.size() == key.parentColumns.size()) {
                found.append(
                    {control.id,
                     Texts::tr("“%1” shows the same rows at every record: nothing links them to it.").arg(called),
                     table->name,
                     {{Texts::tr("Link them by “%1”").arg(key.columns.join(QLatin1String(", "))),
                       [id = control.id, key](const CheckContext &now) {
                           Form form = now.form;
                           Control changed = *form.controls.find(id);
                           setChildLink(changed, {key.columns, key.parentColumns});
                           form.controls.replace(form.controls.indexOf(id), changed);
                           return form;
                       }}}});
                break;
            }
        }
    }
    return found;
}

} // namespace

FormCheck looseSubforms()
{
    return {"loose subforms", Texts::later("Subforms linked to nothing"), Degree::ToFix, find};
}

} // namespace nabblet
