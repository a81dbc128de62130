#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/typing.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Keys that number themselves and can be typed all the same.
QList<Finding> find(const CheckContext &context)
{
    const Table *table = findTable(context.catalogue, context.form.rowsFrom);
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        const Column *column = table ? findColumn(*table, control.column) : nullptr;
        const bool isTyped = takesValue(kindNamed(control.kind)) && !isLocked(control);
        if (column && column->numbersItself && isTyped) {
            found.append({control.id,
                          Texts::tr("“%1” numbers itself; nobody needs to type it.").arg(column->name),
                          column->name,
                          {sets(Texts::tr("Lock it"), {control.id},
                                [](ControlSettings &settings) { settings.set(setting::Locked, true); })}});
        }
    }
    return found;
}

} // namespace

FormCheck typedIdentities()
{
    return {"typed identities", Texts::later("Keys that number themselves and are typed"), Degree::ToWeigh, find};
}

} // namespace nabblet
