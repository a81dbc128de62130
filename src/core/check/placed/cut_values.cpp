#include "core/arrange/grid.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/check/value_fit.h"
#include "core/draft/box_sizes.h"
#include "core/draft/fitted_width.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

constexpr double MayBeCut = 0.02; // of the values; a draft leaves out the longest few

// Boxes too narrow for what is stored: how many values they cut, and how much wider would do.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    const Table *table = findTable(context.catalogue, context.form.rowsFrom);
    const Profile *profile = profileOfRows(context);
    if (!table || !profile) {
        return found;
    }
    for (const Control &control : context.form.controls) {
        const ColumnProfile *values = shownValues(control, *profile);
        if (!values || control.place.width() >= MostFittedWidth) { // as wide as boxes are made; the rest is scrolled to
            continue;
        }
        const auto [there, fit] = fitOf(control, *values, context.measure);
        if (there - fit < 2 || static_cast<double>(there - fit) <= MayBeCut * static_cast<double>(there)) {
            continue;
        }
        const int width = onGridAtOrAfter(fittedWidth(context.catalogue, *table, *profile, control, 1, context.measure),
                                          std::max(1, context.form.grid.pitch));
        const int more = width - control.place.width();
        if (more <= 0) {
            continue;
        }
        found.append({control.id,
                      Texts::tr("“%1” cuts off %L2 of %L3 values; %4 px more would do.")
                          .arg(calledFor(context.form, control))
                          .arg(there - fit)
                          .arg(there)
                          .arg(more),
                      control.column,
                      {widens(Texts::tr("Make it %1 px wider").arg(more), control.id, more)}});
    }
    return found;
}

} // namespace

FormCheck cutValues()
{
    return {"cut values", Texts::later("Values cut by their boxes"), Degree::ToWeigh, find};
}

} // namespace nabblet
