#include "core/catalogue/row_names.h"
#include "core/check/checks.h"
#include "core/check/form_sense.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Lookups that show a code of the rows they choose from, where these have a name.
QList<Finding> find(const CheckContext &context)
{
    static const QHash<QString, Profile> none;
    const QHash<QString, Profile> &profiles = context.profiles ? *context.profiles : none;
    const SenseContext sense{context.catalogue, profiles, context.measure, {}};
    const QStringList codes = codesShownForNames(context.form, sense);
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        const std::optional<Lookup> lookup = lookupOf(control);
        if (!lookup || !codes.contains(context.form.rowsFrom + u'.' + control.column)) {
            continue;
        }
        const Table *table = findTable(context.catalogue, lookup->table);
        const bool hasName =
            table && std::any_of(lookup->wordsColumns.begin(), lookup->wordsColumns.end(), [&](const QString &name) {
                const Column *shown = findColumn(*table, name);
                return shown && calledAsName(*table, *shown) >= CalledName;
            });
        if (hasName) { // the code stands before it
            continue;
        }
        const QStringList words = table ? wordsOfRow(*table) : QStringList();
        QList<Mend> mends;
        if (!words.isEmpty() && words != lookup->wordsColumns) {
            mends.append({Texts::tr("Show “%1”").arg(words.join(QLatin1String(", "))),
                          [id = control.id, words](const CheckContext &now) {
                              Form form = now.form;
                              Control changed = *form.controls.find(id);
                              Lookup shown = *lookupOf(changed);
                              shown.wordsColumns = words;
                              setLookup(changed, shown);
                              form.controls.replace(form.controls.indexOf(id), changed);
                              return form;
                          }});
        }
        found.append(
            {control.id,
             Texts::tr("“%1” shows “%2” of “%3”, which has a name to show.")
                 .arg(calledFor(context.form, control), lookup->wordsColumns.join(QLatin1String(", ")), lookup->table),
             control.column, mends});
    }
    return found;
}

} // namespace

FormCheck codesForNames()
{
    return {"codes for names", Texts::later("Codes where there is a name"), Degree::ToWeigh, find};
}

} // namespace nabblet
