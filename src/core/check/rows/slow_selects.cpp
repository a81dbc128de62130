#include "core/check/checks.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// ms for its first rows: every step to another record waits for a part of it.
constexpr int Slow = 1000;

// A SELECT that repeats the key of its rows, so that none of them can be written, and one that takes long.
QList<Finding> find(const CheckContext &context)
{
    const Form &form = context.form;
    const Table *table = form.select.isEmpty() ? nullptr : findTable(context.catalogue, form.rowsFrom);
    QList<Finding> found;
    if (!table) {
        return found;
    }
    if (table->repeatsKey && (form.permissions.add || form.permissions.change)) {
        found.append({0,
                      Texts::tr("The SELECT shows the same row more than once, so that nothing can be entered. Join "
                                "only tables with one row for each, or do not let people add and change."),
                      QStringLiteral("repeats"),
                      {{Texts::tr("Only show the rows"), [](const CheckContext &now) {
                            Form shown = now.form;
                            shown.permissions.add = shown.permissions.change = shown.permissions.remove = false;
                            return shown;
                        }}}});
    }
    if (table->milliseconds >= Slow) {
        found.append({0,
                      Texts::tr("The SELECT took %L1 s to look through its first rows. An index on what it joins and "
                                "sorts by would make it quick.")
                          .arg(table->milliseconds / 1000.0, 0, 'f', 1),
                      QStringLiteral("slow")});
    }
    return found;
}

} // namespace

FormCheck slowSelects()
{
    return {"slow selects", Texts::later("SELECTs that repeat rows or take long"), Degree::ToWeigh, find};
}

} // namespace nabblet
