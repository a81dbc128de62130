#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Lookups whose choices stand in the order of a column that the list does not show first: it looks like none at all.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        const std::optional<Lookup> lookup = lookupOf(control);
        if (!lookup || lookup->sort.isEmpty()) {
            continue;
        }
        const QString first = choiceOrder(lookup->sort.first()).name;
        const bool isShown = lookup->wordsColumns.contains(first, Qt::CaseInsensitive) ||
                             std::any_of(lookup->also.begin(), lookup->also.end(), [&](const LookupColumn &each) {
                                 return each.name.compare(first, Qt::CaseInsensitive) == 0;
                             });
        if (isShown || lookup->wordsColumns.isEmpty()) {
            continue;
        }
        Lookup byWords = *lookup;
        byWords.sort.clear();
        found.append({control.id,
                      Texts::tr("The choices of “%1” stand in the order of “%2”, which the list does not show.")
                          .arg(calledFor(context.form, control), first),
                      first,
                      {sets(Texts::tr("Put them in the order of their words"), {control.id},
                            [byWords](ControlSettings &settings) { settings.set(setting::Choosing, byWords); }),
                       sets(Texts::tr("Show “%1” in the list").arg(first), {control.id},
                            [shown = *lookup, first](ControlSettings &settings) {
                                Lookup with = shown;
                                with.also.append({first});
                                settings.set(setting::Choosing, with);
                            })}});
    }
    return found;
}

} // namespace

FormCheck unseenOrders()
{
    return {"unseen orders", Texts::later("Choices in no order that shows"), Degree::ToWeigh, find};
}

} // namespace nabblet
