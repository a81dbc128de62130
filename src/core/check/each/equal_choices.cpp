#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Of fewer rows, those of the same words are told apart at work by what differs, as the choices show it.
constexpr qint64 ManyRows = 50'000;

// Lookups in which different rows have the same words, so that nobody knows which to take.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    const Profile *profile = profileOfRows(context);
    if (!profile) {
        return found;
    }
    for (const Control &control : context.form.controls) {
        const std::optional<Lookup> lookup = lookupOf(control);
        if (!lookup || !lookup->also.isEmpty()) { // what differs stands beside them
            continue;
        }
        const ColumnProfile words = profile->lookupWords.value(control.column);
        QString repeated;
        for (auto each = words.distinct.begin(); each != words.distinct.end(); ++each) {
            if (words.values > ManyRows && each.value() > 1 && (repeated.isEmpty() || each.key() < repeated)) {
                repeated = each.key();
            }
        }
        if (!repeated.isEmpty()) {
            found.append({control.id,
                          Texts::tr("“%1” offers “%2” %3 times; let it show a further column of “%4”.")
                              .arg(calledFor(context.form, control), repeated)
                              .arg(words.distinct.value(repeated))
                              .arg(lookup->table),
                          control.column});
        }
    }
    return found;
}

} // namespace

FormCheck equalChoices()
{
    return {"equal choices", Texts::later("Choices of the same words"), Degree::ToWeigh, find};
}

} // namespace nabblet
