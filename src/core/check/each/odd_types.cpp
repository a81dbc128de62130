#include "core/catalogue/column_type.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/draft/field_kinds.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Boxes of a kind that does not show what their column holds now, and those that take more letters than it does.
QList<Finding> find(const CheckContext &context)
{
    const Table *table = findTable(context.catalogue, context.form.rowsFrom);
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        const Column *column = table ? findColumn(*table, control.column) : nullptr;
        const Kind &kind = kindNamed(control.kind);
        if (!column || !takesValue(kind)) {
            continue;
        }
        const QString called = calledFor(context.form, control);
        if (!kind.binds.isEmpty() && !kind.binds.contains(column->type) && !lookupOf(control)) {
            const QString better = kindByType(*column);
            found.append(
                {control.id,
                 Texts::tr("“%1” is a %2, which does not suit “%3” (%4).")
                     .arg(called, withinSentence(kindTitle(kind)), column->name, column->declaredType),
                 column->name,
                 {redrafts(Texts::tr("Make it a %1").arg(withinSentence(kindTitle(kindNamed(better)))), control.id)}});
            continue;
        }
        const std::optional<int> limit = lengthLimit(control);
        if (limit && column->length && *limit > *column->length) {
            found.append(
                {control.id,
                 Texts::tr("“%1” takes %2 letters, and its column holds %3.")
                     .arg(called)
                     .arg(*limit)
                     .arg(*column->length),
                 column->name,
                 {sets(Texts::tr("Let it take %1 letters").arg(*column->length), {control.id},
                       [most = *column->length](ControlSettings &settings) { settings.set(setting::Length, most); })}});
        }
    }
    return found;
}

} // namespace

FormCheck oddTypes()
{
    return {"odd types", Texts::later("Boxes that do not suit their columns"), Degree::ToFix, find};
}

} // namespace nabblet
