#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/typing.h"
#include "core/text/tr.h"

#include <QHash>

namespace nabblet {

namespace {

// Columns that can be typed in two boxes of the form, of which the second only repeats what the first takes.
QList<Finding> find(const CheckContext &context)
{
    QHash<QString, QString> first; // the boxes, by their columns
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        if (control.column.isEmpty() || !takesValue(kindNamed(control.kind)) || isLocked(control)) {
            continue;
        }
        if (first.contains(control.column)) {
            found.append({control.id,
                          Texts::tr("“%1” can be typed in “%2” and in “%3”; let one of them only show it.")
                              .arg(control.column, first.value(control.column), control.name),
                          control.column,
                          {sets(Texts::tr("Let the second only show it"), {control.id},
                                [](ControlSettings &settings) { settings.set(setting::Locked, true); })}});
        } else {
            first.insert(control.column, control.name);
        }
    }
    return found;
}

} // namespace

FormCheck typedTwice()
{
    return {"typed twice", Texts::later("Columns typed twice"), Degree::ToWeigh, find};
}

} // namespace nabblet
