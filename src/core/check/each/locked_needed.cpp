#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/start_value.h"
#include "core/kinds/settings/typing.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Required columns whose every box is locked, and which nothing fills: no record can be added.
QList<Finding> find(const CheckContext &context)
{
    const Form &form = context.form;
    const Table *table = findTable(context.catalogue, form.rowsFrom);
    QList<Finding> found;
    if (!table || table->kind != TableKind::Table || !form.permissions.add) {
        return found;
    }
    for (const Column &column : table->columns) {
        if (!column.isRequired || column.hasDefault || column.isGenerated || column.numbersItself ||
            context.filled.contains(column.name)) {
            continue;
        }
        const Control *locked = nullptr;
        bool isFilled = false;
        for (const Control &control : form.controls) {
            const bool writes = takesValue(kindNamed(control.kind)) && columnsWritten(control).contains(column.name);
            isFilled = isFilled || (writes && (!isLocked(control) || startValueOf(control)));
            locked = writes && isLocked(control) ? &control : locked;
        }
        for (const Rule &rule : form.rules) {
            isFilled = isFilled ||
                       (locked && rule.effect == QLatin1String("value") && !rule.isOff && rule.on.contains(locked->id));
        }
        if (locked && !isFilled) {
            found.append({locked->id,
                          Texts::tr("No record can be added: “%1” has to be filled, and is locked.")
                              .arg(calledFor(form, *locked)),
                          column.name,
                          {sets(Texts::tr("Let it be typed"), {locked->id},
                                [](ControlSettings &settings) { settings.set(setting::Locked, false); })}});
        }
    }
    return found;
}

} // namespace

FormCheck lockedNeeded()
{
    return {"locked needed", Texts::later("Locked boxes that have to be filled"), Degree::ToFix, find};
}

} // namespace nabblet
